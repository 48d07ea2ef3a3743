/**
 * npm run limits: every number of a layer and of the register of practice is changed, and some named case of the tests has
 * to notice. Writes down which one does; the tests look at those.
 */
import { writeFileSync } from 'node:fs';
import { PRACTICE_KEYS } from '@lentum/core/practice';
import { practiceWalkOne } from '../core/test/limits/practicewalk.ts';
import { nameOf, walk } from '../core/test/limits/walk.ts';

const unnoticed: string[] = [];

function keep(file: string, found: Iterable<readonly [string, { readonly case: string } | undefined]>): void {
  const noticed: Record<string, unknown> = {};
  for (const [name, by] of found) {
    if (by) noticed[name] = by;
    else unnoticed.push(name);
    process.stdout.write(`${name.padEnd(52)} ${by?.case ?? 'NOTHING NOTICES IT'}\n`);
  }
  writeFileSync(
    new URL(`../core/test/limits/${file}`, import.meta.url),
    `${JSON.stringify(noticed, null, 2)}\n`,
  );
}

keep(
  'practicenoticed.json',
  PRACTICE_KEYS.map((key) => [key, practiceWalkOne(key)] as const),
);
function* layers() {
  for (const { of, by } of walk()) yield [nameOf(of), by] as const;
}
keep('noticed.json', layers());
process.stdout.write(`\n${unnoticed.length} numbers that nothing notices.\n`);
if (unnoticed.length > 0) process.exitCode = 1;
