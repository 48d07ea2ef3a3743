/**
 * npm run limits: every number of a layer is changed, and some named case of the tests has to notice. Writes down which
 * one does; the tests look at those.
 */
import { writeFileSync } from 'node:fs';
import { nameOf, walk, type Noticed } from '../core/test/limits/walk.ts';

const file = new URL('../core/test/limits/noticed.json', import.meta.url);
const found: Record<string, Noticed> = {};
const unnoticed: string[] = [];
for (const { of, by } of walk()) {
  const name = nameOf(of);
  if (by) found[name] = by;
  else unnoticed.push(name);
  process.stdout.write(`${name.padEnd(52)} ${by?.case ?? 'NOTHING NOTICES IT'}\n`);
}
writeFileSync(file, `${JSON.stringify(found, null, 2)}\n`);
process.stdout.write(`\n${Object.keys(found).length} noticed, ${unnoticed.length} not.\n`);
if (unnoticed.length > 0) process.exitCode = 1;
