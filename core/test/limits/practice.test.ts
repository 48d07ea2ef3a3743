/** No number of practice stands in the register for nothing: set to another, it changes a verdict, an order or a time. */
import { expect, it } from 'vitest';
import { PRACTICE_KEYS } from '@lentum/core/practice';
import noticed from './practicenoticed.json' with { type: 'json' };
import { PRACTICE_CASES } from './practicecases.ts';
import { practiceNotices, type PracticeNoticed } from './practicewalk.ts';

it.each(PRACTICE_CASES.map((c) => [c.name, c] as const))('asked twice it answers the same: %s', (_, c) =>
  expect(c.of()).toBe(c.of()),
);

const BY = noticed as Readonly<Record<string, PracticeNoticed>>;
it('every number of the register is walked', () =>
  expect(Object.keys(BY).sort()).toEqual([...PRACTICE_KEYS].sort()));
it.each(PRACTICE_KEYS.map((key) => [key, BY[key]?.case ?? 'nothing'] as const))('%s changes: %s', (key) => {
  const by = BY[key];
  expect(by && practiceNotices(key, by), 'run npm run limits').toBe(true);
});
