/** What is chosen in the short tables of a layer reads as words, never as a key of the program. */
import { expect, it } from 'vitest';
import { LAYER_TABLES } from '../src/buildup/layertables.ts';

const choices = LAYER_TABLES.flatMap((t) =>
  t.columns.flatMap((c) => (c.options ?? []).map((o) => [t.title, c.name, c.words?.[o] ?? o] as const)),
);

it.each(choices)('%s, %s: %s', (_table, _column, says) => {
  expect(says).not.toMatch(/[a-z][A-Z]|_/);
});
