/** The page on how it is built, held to the code: its drawing, its rooms and the places that it names. */
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { draw, DRAWING } from '../architecture/drawing.ts';
import { readImports, reduced, type Arrow } from '../architecture/imports.ts';

const ROOT = path.resolve(import.meta.dirname, '../..');
const page = readFileSync(path.join(ROOT, 'docs/architecture.md'), 'utf8');
const folders = readdirSync(path.join(ROOT, 'core/src'));
const { rooms, arrows } = readImports();
const inCore = arrows.filter(([from, to]) => from.startsWith('core/') && to.startsWith('core/'));

describe('the drawing', () => {
  it('is that of the imports as they are now', { timeout: 60_000 }, async () => {
    expect(readFileSync(DRAWING, 'utf8')).toBe(await draw());
  });
  it('leaves out what a longer way says, and nothing else', () => {
    const few: Arrow[] = [
      ['a', 'b'],
      ['b', 'c'],
      ['a', 'c'],
      ['c', 'd'],
      ['a', 'd'],
      ['a', 'e'],
    ];
    expect(reduced(few)).toEqual([
      ['a', 'b'],
      ['b', 'c'],
      ['c', 'd'],
      ['a', 'e'],
    ]);
    const reach = (list: readonly Arrow[], room: string): string[] => {
      const found = new Set([room]);
      for (const at of found) for (const [from, to] of list) if (from === at) found.add(to);
      return [...found].sort();
    };
    for (const room of rooms) expect(reach(reduced(inCore), room)).toEqual(reach(inCore, room));
  });
});

describe('the rooms', () => {
  const listed = [...page.matchAll(/^\| `(\w+)`\s+\|/gm)].map((m) => m[1]);
  it('stand on the page, each once, in the order in which they may import', () => {
    const rules = createRequire(import.meta.url)('../../.dependency-cruiser.cjs') as {
      forbidden: { name: string }[];
    };
    const order = rules.forbidden.flatMap(({ name }) => /^core-(\w+)-looks-back-only$/.exec(name)?.[1] ?? []);
    expect(listed).toEqual(order);
    expect([...folders].sort()).toEqual([...order].sort());
  });
  it('stand on those before them: every arrow goes down', () => {
    const at = (room: string): number => listed.indexOf(room.slice('core/'.length));
    expect(inCore.length).toBeGreaterThan(200);
    expect(inCore.filter(([from, to]) => at(from) <= at(to))).toEqual([]);
  });
});

it('every place that the page names is there', () => {
  const places = [...page.matchAll(/`((?:core|server|web|demo|docs|scripts)\/[\w./-]+)`/g)].map(
    (m) => m[1] ?? '',
  );
  expect(places.length).toBeGreaterThan(25);
  expect(places.filter((place) => !existsSync(path.join(ROOT, place)))).toEqual([]);
});

it('every word of the glossary is a name in the room that it names', () => {
  const glossary = readFileSync(path.join(ROOT, 'docs/glossary.md'), 'utf8');
  const words = [...glossary.matchAll(/^\| `(\w+)`.*\| `(core\/src\/\w+)`\s*\|$/gm)].map((m) => [
    m[1] ?? '',
    m[2] ?? '',
  ]);
  expect(words.length).toBeGreaterThan(50);
  const codeOf = (room: string): string =>
    readdirSync(path.join(ROOT, room), { recursive: true, encoding: 'utf8' })
      .filter((name) => name.endsWith('.ts'))
      .map((name) => readFileSync(path.join(ROOT, room, name), 'utf8'))
      .join('\n');
  const missing = words.filter(
    ([name, room]) =>
      !new RegExp(`^export (interface|type|class|const) ${name}\\b`, 'm').test(codeOf(room ?? '')),
  );
  expect(missing).toEqual([]);
});
