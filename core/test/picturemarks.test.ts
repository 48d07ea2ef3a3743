/** What is drawn on pictures: lengths beside one that is known, what is refused, and how it is said. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { check } from '../src/problems/index.ts';
import { entryProblems, readLength, secondFormSchema, type PictureMark } from '../src/record/index.ts';
import { markShapes, markWords } from '../src/words/index.ts';
import { DEMO_ANCHOR } from '@lentum/demo';
import { job, make, now } from './support/entries.ts';

const SHA = 'a'.repeat(64);
const OTHER = 'b'.repeat(64);
const length = (from: [number, number], to: [number, number], knownMm?: number): PictureMark => ({
  ...{ picture: SHA, shape: 'length', from, to },
  ...(knownMm === undefined ? {} : { knownMm }),
});
const RULE = length([0.1, 0.9], [0.6, 0.9], 250);

describe('lengths on a picture', () => {
  it.each([
    // By hand: 250 mm over 0.5 widths are 500 mm a width.
    [length([0.2, 0.2], [0.5, 0.2]), 150, 500 * 0.012 + 150 * 0.024],
    [length([0.2, 0.2], [0.5, 0.6]), 250, 500 * 0.012 + 250 * 0.024],
    [length([0.2, 0.2], [0.2, 0.21]), 5, 500 * 0.012 + 5 * 0.024],
  ])('%# are read by the one that is known', (mark, mm, offMm) => {
    const read = readLength(mark, [mark, RULE]);
    expect(read?.mm).toBeCloseTo(mm, 9);
    expect(read?.offMm).toBeCloseTo(offMm, 9);
  });
  it('say nothing where none is known, or it is on another picture, or has no length', () => {
    const mark = length([0, 0], [1, 0]);
    expect(readLength(mark, [mark])).toBeUndefined();
    expect(readLength(mark, [mark, { ...RULE, picture: OTHER }])).toBeUndefined();
    expect(readLength(mark, [mark, { ...RULE, to: RULE.from }])).toBeUndefined();
  });
  it('do not change when the whole picture is seen smaller', () => {
    const spot = fc.tuple(
      fc.double({ min: 0, max: 1, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }),
    );
    fc.assert(
      fc.property(spot, spot, fc.double({ min: 0.2, max: 1, noNaN: true }), (from, to, k) => {
        const shrunk = (m: PictureMark): PictureMark => ({
          ...m,
          from: [m.from[0] * k, m.from[1] * k],
          to: [m.to[0] * k, m.to[1] * k],
        });
        const mark = length(from, to);
        const [a, b] = [readLength(mark, [RULE]), readLength(shrunk(mark), [shrunk(RULE)])];
        expect(b?.mm ?? NaN).toBeCloseTo(a?.mm ?? NaN, 6);
        // Placing ends on a smaller one is less sure.
        expect(b?.offMm ?? NaN).toBeGreaterThanOrEqual((a?.offMm ?? NaN) - 1e-9);
      }),
    );
  });
});

describe('marks of an entry', () => {
  const snag = make('snag', { step: 'found', at: DEMO_ANCHOR, what: 'a blister' }, { zoneId: 'hall' });
  const context = { survey: job.survey, buildUps: job.buildUp, site: job.site, nowMs: now };
  const refused = (marks: PictureMark[]): string[] => {
    const entry = check(secondFormSchema, { ...snag, attachments: [SHA], marks }, 'The entry');
    return entry.ok
      ? entryProblems(entry.value, context).map((p) => p.field)
      : entry.problems.map((p) => p.field);
  };
  it.each<[string, PictureMark[], string[]]>([
    ['arrows and lengths beside one that is known', [RULE, length([0, 0], [1, 0])], []],
    ['a picture that is not of the entry', [{ ...RULE, picture: OTHER }], ['marks/0/picture']],
    ['both ends on one spot', [length([0.5, 0.5], [0.5, 0.5])], ['marks/0/to']],
    ['a known length of an arrow', [{ ...RULE, shape: 'arrow' }], ['marks/0/knownMm']],
    ['two known lengths', [RULE, { ...RULE, from: [0, 0] }], ['marks/1/knownMm']],
    ['beside the picture', [length([0, 0], [1.2, 0])], ['marks/0/to/0']],
    ['a known length of nothing', [{ ...RULE, knownMm: 0 }], ['marks/0/knownMm']],
  ])('%s', (_, marks, fields) => expect(refused(marks)).toEqual(fields));
});

describe('what is said and drawn', () => {
  const t = { mm: (mm: number) => `${Math.round(mm)} mm`, w: (text: string) => text.toUpperCase() };
  it('names a mark in the words that were typed, and its length with how far it may be off', () => {
    const arrow: PictureMark = { picture: SHA, shape: 'arrow', from: [0, 0], to: [1, 1], says: 'soft' };
    expect(markWords(arrow, [arrow, RULE], t)).toBe('soft');
    expect(markWords(RULE, [RULE], t)).toBe('250 mm (KNOWN)');
    expect(markWords(length([0.2, 0.2], [0.5, 0.2]), [RULE], t)).toBe('150 mm ± 10 mm');
    expect(markWords(length([0, 0], [1, 0]), [], t)).toBe('');
  });
  it('draws the marks of one picture only, with their words', () => {
    const marks: PictureMark[] = [RULE, { ...RULE, picture: OTHER, says: 'elsewhere' }];
    const texts = markShapes(SHA, marks, t).flatMap((s) => (s.kind === 'text' ? [s.text] : []));
    expect(texts).toEqual(['250 mm (KNOWN)']);
    expect(markShapes('c'.repeat(64), marks, t)).toEqual([]);
  });
});
