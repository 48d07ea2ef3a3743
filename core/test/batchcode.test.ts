/** Codes on containers: made by the rules of GS1 here, and read back; what is none is said to be none. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { batchOfCode } from '@lentum/core/record';

const GS = '\u001d';
/** A number of goods with its check digit. Example of the GS1 General Specifications, from memory. */
const GTIN = '09506000134352';

describe('a string of elements', () => {
  it.each([
    ['batch last', `01${GTIN}17281231` + '10F-2240', { batch: 'F-2240', until: '2028-12-31' }],
    ['batch between', `01${GTIN}10F-2240${GS}17280200`, { batch: 'F-2240', until: '2028-02-29' }],
    ['day 00 is the last of the month', `1727040010A1`, { batch: 'A1', until: '2027-04-30' }],
    ['best before where no expiry is said', `15270630` + '10A1', { batch: 'A1', until: '2027-06-30' }],
    ['expiry before best before', `15270630` + '17270731' + '10A1', { batch: 'A1', until: '2027-07-31' }],
    ['a net weight beside it', `3103002500` + '10A1', { batch: 'A1' }],
    ['a serial number before it', `21XYZ10${GS}10A1`, { batch: 'A1' }],
    ['a leading separator', `${GS}10A1`, { batch: 'A1' }],
    ['a day that is none', `17271340` + '10A1', { batch: 'A1' }],
    ['the 30th of February', `17270230` + '10A1', { batch: 'A1' }],
    ['no batch', `01${GTIN}`, undefined],
    ['an empty batch', `10${GS}17280200`, undefined],
    ['a batch longer than one may be', `10${'A'.repeat(21)}`, undefined],
    ['cut off', `01${GTIN.slice(3)}`, undefined],
    ['no elements', 'F-2240', undefined],
  ])('%s', (_, text, expected) => expect(batchOfCode(text, true, 2026)).toEqual(expected));

  // GS1 General Specifications, determination of century in dates: 51 to 99 years ahead is the century before.
  it.each([
    ['170101', 2026, '2017-01-01'],
    ['760101', 2026, '2076-01-01'],
    ['770101', 2026, '1977-01-01'],
    ['000101', 2096, '2100-01-01'],
  ])('year of two figures in %s, seen from %i', (day, year, until) =>
    expect(batchOfCode(`17${day}10A`, true, year)?.until).toBe(until),
  );

  it('gives back any batch, wherever it stands among elements of set and of free length', () => {
    const value = fc.stringMatching(/^[A-Za-z0-9/._-]{1,20}$/);
    const element = fc.oneof(
      fc.constant({ text: `01${GTIN}`, free: false }),
      fc.constant({ text: '3103001250', free: false }),
      value.map((v) => ({ text: `21${v}`, free: true })),
      value.map((v) => ({ text: `240${v}`, free: true })),
    );
    fc.assert(
      fc.property(fc.array(element, { maxLength: 3 }), value, fc.nat(3), (others, batch, at) => {
        const all = [...others];
        all.splice(Math.min(at, all.length), 0, { text: `10${batch}`, free: true });
        const text = all.map((e, i) => e.text + (e.free && i < all.length - 1 ? GS : '')).join('');
        expect(batchOfCode(text, true, 2026)?.batch).toBe(batch);
      }),
    );
  });
  it('never throws, whatever stands in the code', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 80, unit: 'binary' }), fc.boolean(), (text, isGs1) => {
        const read = batchOfCode(text, isGs1, 2026);
        if (read) expect(read.batch).not.toBe('');
      }),
    );
  });
});

describe('other codes', () => {
  it.each([
    ['the batch alone', 'F-2240', { batch: 'F-2240' }],
    ['with blanks about it', '  F 2240 ', { batch: 'F 2240' }],
    ['a link', `https://example.test/01/${GTIN}/10/F%2F22?17=281231`, { batch: 'F/22', until: '2028-12-31' }],
    ['a link without a batch', `https://example.test/01/${GTIN}`, undefined],
    ['some other address', 'https://example.test/shop', undefined],
    ['a link with a broken escape', `https://example.test/01/${GTIN}/10/F%E0`, { batch: 'F%E0' }],
    ['a letter', 'x'.repeat(61), undefined],
    ['lines', 'a\nb', undefined],
    ['nothing', ' ', undefined],
  ])('%s', (_, text, expected) => expect(batchOfCode(text, false, 2026)).toEqual(expected));
});
