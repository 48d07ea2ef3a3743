/** What is asked to be proven, batches as people write them, snags by their last word. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { provingProblems, provingSchema } from '@lentum/core/proving';
import { sentence } from '@lentum/core/problems';
import { batchKey, isLikeBatch, isSameBatch } from '@lentum/core/record';

describe('what is asked for', () => {
  const of = (...zones: string[]) =>
    provingSchema.parse({ demands: zones.map((zoneId) => ({ zoneId, leak: 'flood' })) });
  it('is said once of a zone', () => {
    expect(provingProblems(of('a', 'b'))).toEqual([]);
    expect(provingProblems(of('a', 'b', 'a')).map(sentence)).toEqual([
      expect.stringMatching(/What is to be proven, zone.*each zone once/),
    ]);
  });
  it('is nothing where nothing was said', () => expect(provingSchema.parse({}).demands).toEqual([]));
});

describe('batches', () => {
  it.each([
    ['F-2240', 'f 2240', true, false],
    ['F-2240', 'F2240', true, false],
    // A slip of the pen: two neighbours, or one letter.
    ['F-2240', 'F-2204', false, true],
    ['F-2240', 'F-2241', false, true],
    ['F-2240', 'F-2231', false, false],
    ['F-2240', 'F-22401', false, false],
    ['12', '13', false, false],
    ['-', ' ', false, false],
  ])('%s and %s', (a, b, same, like) => {
    expect([isSameBatch(a, b), isLikeBatch(a, b)]).toEqual([same, like]);
    expect([isSameBatch(b, a), isLikeBatch(b, a)]).toEqual([same, like]);
  });
  it('are never the same and alike at once', () =>
    fc.assert(
      fc.property(fc.string(), fc.string(), (a, b) => {
        expect(isSameBatch(a, b) && isLikeBatch(a, b)).toBe(false);
        expect(isSameBatch(a, a)).toBe(batchKey(a) !== '');
      }),
      { numRuns: 200 },
    ));
});
