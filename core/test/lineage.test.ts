/** A record in a file, held against what was signed of it. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compareLineage, lineageWords, type Linked } from '../src/sealed/index.ts';

/** A chain over ids: each hash is of all before it. */
const chain = (ids: readonly string[]): Linked[] =>
  ids.map((id, i) => ({ id, hash: ids.slice(0, i + 1).join('>') }));
/** Said otherwise under the same id, and all behind it chained anew. */
const forged = (ids: readonly string[], at: number): Linked[] =>
  chain(ids.map((id, i) => (i === at ? `${id}*` : id))).map((e) => ({ ...e, id: e.id.replace('*', '') }));

const anyIds = fc.uniqueArray(fc.uuid(), { minLength: 2, maxLength: 12 });

describe('a record that is held against what was signed', () => {
  it.each([
    ['abc', 'abc', 'holds'],
    ['abcd', 'abc', 'holds'],
    ['ab', 'abc', 'ends before'],
    ['abx', 'abc', 'another way'],
    ['abxyz', 'abc', 'another way'],
    // One left out, and what stood behind it chained anew.
    ['ac', 'abc', 'changed'],
    // One put in between.
    ['abxc', 'abc', 'changed'],
    ['acb', 'abc', 'changed'],
  ])('%s beside the signed %s: %s', (given, signed, outcome) => {
    expect(compareLineage(chain([...given]), chain([...signed])).outcome).toBe(outcome);
  });

  it('holds with anything behind it', () => {
    fc.assert(
      fc.property(anyIds, fc.nat(12), (ids, n) => {
        expect(compareLineage(chain(ids), chain(ids.slice(0, n)))).toEqual({ outcome: 'holds' });
      }),
    );
  });
  it('that was changed in any signed place but the last, or of which one was left out, is named by that place', () => {
    fc.assert(
      fc.property(anyIds, fc.nat(), (ids, n) => {
        const at = n % ids.length;
        expect(compareLineage(forged(ids, at), chain(ids))).toMatchObject({ outcome: 'changed', at: at + 1 });
        const without = ids.filter((_, i) => i !== at);
        const last = at === ids.length - 1;
        expect(compareLineage(chain(without), chain(ids))).toMatchObject(
          last ? { outcome: 'ends before', has: at } : { outcome: 'changed', at: at + 1 },
        );
      }),
    );
  });
  it('says what is to be known in a sentence, and nothing where all holds', () => {
    expect(lineageWords({ outcome: 'holds' }, 'at noon')).toBe(undefined);
    for (const found of [
      { outcome: 'ends before', has: 1, had: 2 },
      { outcome: 'another way', from: 2, had: 2 },
      { outcome: 'changed', at: 2, had: 3 },
    ] as const)
      expect(lineageWords(found, 'at noon')).toMatch(/^[A-Z].* signed here at noon.*\.$/);
  });
});
