/**
 * npm run limits: every number of a layer and of the register of practice is changed, and some named case of the tests has
 * to notice. Writes down which one does; the tests look at those. What notices a number still is kept; `-- --all` looks for all
 * of them anew, which takes ten minutes.
 */
import { writeFileSync } from 'node:fs';
import noticed from '../core/test/limits/noticed.json' with { type: 'json' };
import practiceNoticed from '../core/test/limits/practicenoticed.json' with { type: 'json' };
import { PRACTICE_KEYS } from '@lentum/core/practice';
import { practiceNotices, practiceWalkOne, type PracticeNoticed } from '../core/test/limits/practicewalk.ts';
import { nameOf, walk, type Noticed } from '../core/test/limits/walk.ts';

const unnoticed: string[] = [];
const anew = process.argv.includes('--all');
const known: Readonly<Record<string, Noticed>> = anew ? {} : noticed;
const knownPractice: Readonly<Record<string, PracticeNoticed>> = anew ? {} : practiceNoticed;

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
  PRACTICE_KEYS.map((key) => {
    const by = knownPractice[key];
    return [key, by && practiceNotices(key, by) ? by : practiceWalkOne(key)] as const;
  }),
);
function* layers() {
  for (const { of, by } of walk(known)) yield [nameOf(of), by] as const;
}
keep('noticed.json', layers());
process.stdout.write(`\n${unnoticed.length} numbers that nothing notices.\n`);
if (unnoticed.length > 0) process.exitCode = 1;
