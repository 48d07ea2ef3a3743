/** How figures are written: digits marked as the place does, feet and inches as on a tape, falls in twelve. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  convert,
  fieldText,
  format,
  formatNumber,
  marksOf,
  notationOf,
  NUMBER_STYLES,
  parse,
  styleOf,
  type Inches,
  type Notation,
  type Quantity,
} from '@lentum/core/units';

const plain = (text: string): string => text.replace(/[\u00a0\u202f]/g, ' ');
const us = (inches: Inches = 'eighths'): Notation => ({ system: 'us', numbers: '1,234.5', inches });
const tape = (feet: number, inches: number): number => convert(feet * 12 + inches, 'in', 'm');

describe('numbers', () => {
  it.each(NUMBER_STYLES)('are marked as in %s', (style) => {
    expect(plain(formatNumber(1234.5, 1, style))).toBe(style);
    expect(formatNumber(-0.04, 1, style)).toBe(formatNumber(0, 1, style));
    expect(formatNumber(-1, 0, style)).toBe('−1');
  });
  it.each([
    [',', '.', '1,234.5'],
    ['.', ',', '1.234,5'],
    ['\u202f', ',', '1 234,5'],
    ['\u00a0', ',', '1 234,5'],
    ['’', '.', '1’234.5'],
    ['', '.', '1 234.5'],
    ['٬', '٫', '1 234.5'],
  ])('of a place that parts by “%s” and “%s” are %s', (group, decimal, style) => {
    expect(styleOf(group, decimal)).toBe(style);
  });
  it('of a job go with its units until it says otherwise', () => {
    expect(notationOf({ units: 'us' })).toEqual({ system: 'us', numbers: '1,234.5', inches: 'eighths' });
    expect(notationOf({ units: 'metric' }).numbers).toBe('1 234.5');
    expect(notationOf({ units: 'metric', numbers: '1.234,5' }).numbers).toBe('1.234,5');
  });
});

describe('lengths in US units (worked by hand)', () => {
  it.each([
    [tape(12, 6.5), 'eighths', `12' 6 1/2"`],
    [tape(12, 0), 'eighths', `12'`],
    [tape(40, 0.375), 'eighths', `40' 0 3/8"`],
    [tape(0, 6.5), 'eighths', `6 1/2"`],
    [tape(0, 0.25), 'eighths', `1/4"`],
    [0, 'eighths', `0"`],
    [tape(11, 11.97), 'eighths', `12'`],
    [tape(11, 11.97), 'sixteenths', `12'`],
    [tape(11, 11.93), 'sixteenths', `11' 11 15/16"`],
    [tape(1234, 3), 'eighths', `1,234' 3"`],
    [-tape(2, 3), 'eighths', `−2' 3"`],
    [tape(12, 6.5), 'decimal', '12.54 ft'],
  ] as const)('%d m to %s is %s', (m, inches, text) => {
    expect(plain(format(m, 'length', us(inches)))).toBe(text);
  });
  it('said shortly are to the inch', () => {
    expect(plain(format(tape(12, 6.5), 'length', us(), { digits: 1 }))).toBe(`12' 7"`);
  });
  it.each([
    [76.2, '3 in'],
    [158.75, '6 1/4 in'],
    [0.5, '0.0 in'],
  ])('a lap of %d mm is %s', (mm, text) => {
    expect(plain(format(mm, 'lap', us()))).toBe(text);
  });
});

describe('falls in US units', () => {
  it.each([
    [100 / 48, '2.08 % (1/4:12)'],
    [1, '1.00 % (about 1/8:12)'],
    [25, '25.00 % (3:12)'],
    [37.5, '37.50 % (4 1/2:12)'],
    [0, '0.00 %'],
    [0.1, '0.10 %'],
  ])('of %d %% are %s', (pct, text) => {
    expect(plain(format(pct, 'fall', us()))).toBe(text);
  });
  it('are parts of a hundred alone in metric', () => {
    expect(plain(format(100 / 48, 'fall', 'metric'))).toBe('2.08 %');
  });
});

describe('the text of a field', () => {
  const notations = fc.record({
    system: fc.constantFrom<'metric' | 'us'>('metric', 'us'),
    numbers: fc.constantFrom(...NUMBER_STYLES),
    inches: fc.constantFrom<Inches>('decimal', 'eighths', 'sixteenths'),
  });
  it('is read back as what it shows, whatever the notation', () => {
    fc.assert(
      fc.property(
        notations,
        fc.constantFrom<Quantity>('length', 'lap', 'area', 'mass', 'fall', 'level', 'temperature'),
        fc.double({ min: 0, max: 5000, noNaN: true }),
        (way, quantity, value) => {
          const text = fieldText(value, quantity, way, 3);
          const read = parse(text, quantity, {
            system: way.system,
            decimalComma: marksOf(way.numbers).decimal === ',',
          });
          expect(read, text).toMatchObject({ ok: true });
          if (!read.ok) return;
          // To half of what is shown: a sixteenth of an inch at most, or the third decimal of the unit.
          const near = quantity === 'length' ? 0.0016 : quantity === 'lap' ? 1.6 : 0.006;
          expect(Math.abs(read.value - value), text).toBeLessThan(near);
          expect(fieldText(read.value, quantity, way, 3)).toBe(text);
        },
      ),
      { numRuns: 500 },
    );
  });
  it('has no number that would be asked about', () => {
    const comma: Notation = { system: 'metric', numbers: '1.234,5', inches: 'decimal' };
    expect(fieldText(1.234, 'level', comma, 3)).toBe('1,2340');
    expect(fieldText(0.125, 'level', comma, 3)).toBe('0,125');
    expect(fieldText(1234.5, 'area', comma, 3)).toBe('1234,5');
  });
});
