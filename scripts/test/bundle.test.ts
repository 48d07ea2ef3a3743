/** The bundled server: made once for the same sources, and its threads come out of it. */
import { spawnSync } from 'node:child_process';
import { readdirSync, readFileSync, statSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { ensureServer } from '../lib/bundle.mjs';

describe('the bundled server', () => {
  it('is made once, also where two ask for it at the same time', async () => {
    const [one, two] = await Promise.all([ensureServer(), ensureServer()]);
    expect(two).toBe(one);
    const made = statSync(one).mtimeMs;
    expect(await ensureServer()).toBe(one);
    expect(statSync(one).mtimeMs).toBe(made);
    // What was begun is put away: nothing but whole ones stands there.
    const kept = readdirSync(path.dirname(path.dirname(one)));
    expect(kept.filter((name) => !/^[0-9a-f]{16}$/.test(name))).toEqual([]);
  });

  it('has its threads beside it, and names no file of TypeScript as one', async () => {
    const folder = path.dirname(await ensureServer());
    const names = readdirSync(folder);
    expect(names).toEqual(expect.arrayContaining(['main.js', 'thread.js', 'importthread.js']));
    const code = names.map((name) => readFileSync(path.join(folder, name), 'utf8')).join('\n');
    const asked = [...code.matchAll(/ownThread\("(?:\w+\/)?(\w+)\.ts"\)/g)].map(([, name]) => `${name}.js`);
    expect(asked.length).toBeGreaterThan(1);
    for (const name of asked) expect(names).toContain(name);
  });

  it('is started by itself, and says what it lacks', () => {
    const { DATABASE_URL: _, ...env } = process.env;
    const started = spawnSync(process.execPath, ['scripts/serve.mjs'], {
      cwd: path.resolve(import.meta.dirname, '../..'),
      env,
      encoding: 'utf8',
    });
    expect(started.status).toBe(78);
    expect(started.stderr).toMatch(/DATABASE_URL/);
  });
});
