/** JavaScript that the first load fetches: the entry script, what it imports, and what the jobs page adds. */
import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import type { Row } from './table.ts';

const DIST = new URL('../../web/dist/', import.meta.url);
const AIM = 400_000;

/** Static imports of a built script, and of the pages named. */
function reach(start: readonly string[]): Set<string> {
  const seen = new Set<string>();
  const queue = [...start];
  for (let file = queue.pop(); file !== undefined; file = queue.pop()) {
    if (seen.has(file)) continue;
    seen.add(file);
    const code = readFileSync(new URL(`assets/${file}`, DIST), 'utf8');
    for (const [, found] of code.matchAll(/(?:from|import)\s*["']\.\/([\w.-]+\.js)["']/g))
      if (found) queue.push(found);
  }
  return seen;
}

const weight = (files: Iterable<string>): number =>
  [...files].reduce((sum, f) => sum + gzipSync(readFileSync(new URL(`assets/${f}`, DIST))).length, 0);

export function benchSize(): Row[] {
  const html = readFileSync(new URL('index.html', DIST), 'utf8');
  const entry = [...html.matchAll(/assets\/([\w.-]+\.js)/g)].map((m) => m[1] ?? '');
  const main = readFileSync(new URL(`assets/${entry[0] ?? ''}`, DIST), 'utf8');
  const page = (name: string): string[] => [
    ...new Set([...main.matchAll(new RegExp(`(${name}-[\\w-]+\\.js)`, 'g'))].map((m) => m[1] ?? '')),
  ];
  const say = (bytes: number): string => `${(bytes / 1000).toFixed(0)} kB`;
  const first = weight(reach([...entry, ...page('JobsPage')]));
  const rows: Row[] = [
    {
      what: 'first load, JavaScript gzipped (entry and jobs page)',
      measured: say(first),
      aim: '≤ 400 kB',
      held: first <= AIM,
    },
  ];
  for (const name of ['SurveyPage', 'SitePage', 'RecordPage']) {
    const opened = weight(reach([...entry, ...page('JobShell'), ...page(name)]));
    rows.push({
      what: `a job opened at its ${name.replace('Page', '').toLowerCase()}`,
      measured: say(opened),
      aim: '',
    });
  }
  return rows;
}
