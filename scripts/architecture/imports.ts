/** Which rooms of the project import which: read from the code itself. */
import { readFileSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';
import { files } from '../lib/sources.mjs';

const ROOT = path.resolve(import.meta.dirname, '../..');
/** A part of the project whose folders are rooms. */
const ROOMED = ['core/src', 'web/src', 'server/src'] as const;
const PARTS = ['core', 'server', 'web', 'demo', 'scripts', 'e2e'] as const;

/** An arrow from who imports to what is imported: `core/survey`, `web/site`, or a part without rooms, `demo`. */
export type Arrow = readonly [from: string, to: string];

const isCode = (file: string): boolean => /\.(ts|mts|mjs|vue)$/.test(file);

/** The code of a file; of a component what stands in its scripts. */
function codeOf(file: string): string {
  const text = readFileSync(file, 'utf8');
  if (!file.endsWith('.vue')) return text;
  return [...text.matchAll(/<script[^>]*>([\s\S]*?)<\/script>/g)].map((m) => m[1]).join('\n');
}

/** The room in which a file lies. */
function roomOf(file: string): string | undefined {
  const at = path.relative(ROOT, file).split(path.sep).join('/');
  const roomed = ROOMED.find((folder) => at.startsWith(`${folder}/`));
  if (!roomed) return PARTS.find((part) => at.startsWith(`${part}/`));
  const [first = '', rest] = at.slice(roomed.length + 1).split('/');
  const part = roomed.split('/')[0] ?? '';
  return rest === undefined ? `${part}/(start)` : `${part}/${first}`;
}

const inProject = (file: string, name: string): string | undefined => {
  if (name.startsWith('.')) return path.resolve(path.dirname(file), name);
  const named = /^@lentum\/(\w+)(?:\/(\w+))?/.exec(name);
  return named ? path.join(ROOT, named[1] ?? '', 'src', named[2] ?? '', 'index.ts') : undefined;
};

/** Every room and every arrow between two of them, each once, in the order of their names. */
export function readImports(): { readonly rooms: readonly string[]; readonly arrows: readonly Arrow[] } {
  const rooms = new Set<string>();
  const arrows = new Map<string, Arrow>();
  for (const part of PARTS)
    for (const file of [...files(path.join(ROOT, part))].filter(isCode)) {
      const from = roomOf(file);
      if (from === undefined) continue;
      rooms.add(from);
      for (const { fileName } of ts.preProcessFile(codeOf(file), true, true).importedFiles) {
        const target = inProject(file, fileName);
        const to = target && roomOf(target);
        if (to !== undefined && to !== from) arrows.set(`${from} ${to}`, [from, to]);
      }
    }
  const inOrder = (a: Arrow, b: Arrow): number => a.join(' ').localeCompare(b.join(' '), 'en');
  return { rooms: [...rooms].sort(), arrows: [...arrows.values()].sort(inOrder) };
}

/** The arrows without those that a way over other rooms says already. Needs a graph without circles. */
export function reduced(arrows: readonly Arrow[]): Arrow[] {
  const next = new Map<string, string[]>();
  for (const [from, to] of arrows) next.set(from, [...(next.get(from) ?? []), to]);
  const reach = new Map<string, ReadonlySet<string>>();
  const reachOf = (room: string): ReadonlySet<string> => {
    const known = reach.get(room);
    if (known) return known;
    const found = new Set<string>();
    for (const to of next.get(room) ?? []) {
      found.add(to);
      for (const further of reachOf(to)) found.add(further);
    }
    reach.set(room, found);
    return found;
  };
  return arrows.filter(
    ([from, to]) => !(next.get(from) ?? []).some((over) => over !== to && reachOf(over).has(to)),
  );
}
