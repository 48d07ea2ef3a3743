import fc from 'fast-check';
import Qty from 'js-quantities';
import { describe, expect, it } from 'vitest';
import { sentence } from '@lentum/core/problems';
import {
  format,
  formatNumber,
  parse,
  parseRate,
  QUANTITIES,
  readNumber,
  fromShown,
  toShown,
  TOLERANCE,
  type Quantity,
  type System,
} from '@lentum/core/units';

const metric = { system: 'metric' } as const;
const us = { system: 'us' } as const;

function value(text: string, quantity: Quantity, system: System = 'metric'): number {
  const r = parse(text, quantity, { system });
  if (!r.ok) throw new Error(r.problems.map(sentence).join(' '));
  return r.value;
}

describe('conversions against an independent unit library (js-quantities)', () => {
  const cases: [string, Quantity, string, string][] = [
    ['1 ft', 'length', '1 ft', 'm'],
    ['7 in', 'length', '7 in', 'm'],
    ['3 yd', 'length', '3 yd', 'm'],
    ['250 ft2', 'area', '250 ft2', 'm2'],
    ['5 gal', 'volume', '5 gal', 'l'],
    ['3 qt', 'volume', '3 qt', 'l'],
    ['55 lb', 'mass', '55 lb', 'kg'],
    ['12 oz', 'mass', '12 oz', 'kg'],
    ['10.8 lb/gal', 'density', '10.8 lb/gal', 'kg/l'],
    ['38 lb/100 ft2', 'rateMass', '0.38 lb/ft2', 'kg/m2'],
    ['2 gal/100 ft2', 'rateVolume', '0.02 gal/ft2', 'l/m2'],
    ['54 °F', 'temperature', '54 tempF', 'tempC'],
    ['-40 F', 'temperature', '-40 tempF', 'tempC'],
  ];
  it.each(cases)('%s as %s', (text, quantity, other, unit) => {
    const expected = new Qty(other).to(unit).scalar;
    // The library rounds its gallon and ounce to eight digits; ours is exact and is checked against the definitions below.
    expect(Math.abs(value(text, quantity) / expected - 1)).toBeLessThan(
      text.match(/gal|qt|oz/) ? 5e-9 : TOLERANCE.relative,
    );
  });
});

describe('exact definitions (NIST SP 811, from memory)', () => {
  it.each([
    ['1 in', 'lap', 25.4],
    ['1 ft', 'length', 0.3048],
    ['1 lb', 'mass', 0.45359237],
    ['1 gal', 'volume', 3.785411784],
    ['1 sq', 'area', 9.290304],
    ['1 mil', 'film', 0.0254],
    ['32 °F', 'temperature', 0],
    ['212 °F', 'temperature', 100],
    ['1 L/m2', 'rateVolume', 1],
    ['1 mm', 'rateVolume', 1],
  ] as const)('%s is %s %d', (text, quantity, expected) => {
    expect(value(text, quantity)).toBeCloseTo(expected, 12);
  });

  it('one US gallon a square foot is 231/144 inch: 1604.17 wet mils (from the definitions)', () => {
    expect(toShown(value('1 ft2/gal', 'rateVolume'), 'film', 'us')).toBeCloseTo((231 / 144) * 1000, 9);
  });
});

describe('coverage to film in the field (common practice, no source)', () => {
  it.each([
    ['90 ft2/gal', 18],
    ['50 ft²/gal', 32],
    ['25 sq ft per gal', 64],
    ['20 sf/gal', 80],
  ])('%s is about %d mils', (text, mils) => {
    expect(Math.round(toShown(value(text, 'rateVolume'), 'film', 'us'))).toBe(mils);
  });
});

describe('what people type', () => {
  it.each([
    ['4.2', 'length', 'metric', 4.2],
    ['4,2', 'length', 'metric', 4.2],
    ['4,25 m', 'length', 'metric', 4.25],
    ['0,125 m', 'length', 'metric', 0.125],
    ['12 500 mm', 'length', 'metric', 12.5],
    ['1,234.5 mm', 'length', 'metric', 1.2345],
    [`12' 6"`, 'length', 'us', 3.81],
    ['250 ft2', 'area', 'us', 23.22576],
    ["12'6", 'length', 'us', 3.81],
    ['12 ft 6 in', 'length', 'metric', 3.81],
    [`12' 6 1/2"`, 'length', 'metric', 3.8227],
    ['3/4 in', 'lap', 'metric', 19.05],
    ['10', 'length', 'us', 3.048],
    [`12'`, 'length', 'metric', 3.6576],
    [`6 1/2"`, 'length', 'metric', 0.1651],
    [`-6' 3"`, 'length', 'us', -1.905],
    [`1234' 6"`, 'length', 'us', 376.2756],
    ['3 m 20', 'length', 'metric', 3.2],
    ['3 m 05', 'length', 'us', 3.05],
    ['3 m 205', 'length', 'metric', 3.205],
    ['3 m 5 cm', 'length', 'metric', 3.05],
    ['3 m 5 mm', 'length', 'metric', 3.005],
    ['-3 m 20', 'length', 'metric', -3.2],
    ['1:48', 'fall', 'us', 100 / 48],
    ['1/4:12', 'fall', 'us', 100 / 48],
    ['1/4 in 12', 'fall', 'metric', 100 / 48],
    ['1/4 in/ft', 'fall', 'us', 100 / 48],
    ['1/4" per ft', 'fall', 'us', 100 / 48],
    ['1 : 80', 'fall', 'metric', 1.25],
    ['2,5:100', 'fall', 'metric', 2.5],
    ['2 cm/m', 'fall', 'metric', 2],
    ['2', 'fall', 'us', 2],
    ['1.234,5 mm', 'length', 'metric', 1.2345],
    ['1.234.500 mm', 'length', 'metric', 1234.5],
    ['54', 'temperature', 'us', 12.2222222222],
    ['3', 'temperatureDifference', 'metric', 3],
    ['5.4 °F', 'temperatureDifference', 'metric', 3],
    ['1.85 kg/m²', 'rateMass', 'metric', 1.85],
    ['13.5 m2 / 25 kg', 'rateMass', 'metric', 25 / 13.5],
    ['-5', 'temperature', 'metric', -5],
    ['−5 °C', 'temperature', 'metric', -5],
  ] as const)('%s as %s (%s)', (text, quantity, system, expected) => {
    expect(value(text, quantity, system)).toBeCloseTo(expected, 9);
  });

  it.each([
    ['abc', 'length', 'notANumber'],
    ['', 'length', 'missing'],
    ['4.2 kg', 'length', 'wrongUnit'],
    ['4.2 florins', 'length', 'wrongUnit'],
    ['1,500', 'length', 'ambiguousNumber'],
    ['1.5.2', 'length', 'notANumber'],
    ['3 m 5', 'length', 'wrongUnit'],
    ['1:0', 'fall', 'notANumber'],
    ['1:48', 'length', 'wrongUnit'],
    ['1,500:48', 'fall', 'ambiguousNumber'],
    ['1/0 in', 'length', 'notANumber'],
    ['0 ft2/gal', 'rateVolume', 'wrongUnit'],
    ['NaN', 'length', 'notANumber'],
    ['1e999', 'length', 'wrongUnit'],
  ] as const)('%s as %s is refused: %s', (text, quantity, kind) => {
    const r = parse(text, quantity, metric);
    expect(r.ok ? 'read' : r.problems[0]?.kind).toBe(kind);
  });

  it.each([
    ['1.500', 'ambiguousNumber'],
    ['1,500', 'ambiguousNumber'],
    ['1.5000', 1.5],
    ['1,5000', 1.5],
    ['1,5', 1.5],
    ['1.5', 1.5],
    ['0,125', 0.125],
    ['0.125', 0.125],
    ['1.234,5', 1234.5],
    ['1500', 1500],
  ] as const)('where decimals have a comma, %s is %s', (text, expected) => {
    const r = parse(text, 'length', { system: 'metric', decimalComma: true });
    expect(r.ok ? r.value : r.problems[0]?.kind).toBe(expected);
  });

  it('bounds are said in the units on screen', () => {
    const r = parse('0', 'length', { system: 'us', above: 0, label: 'Side 3' });
    expect(r.ok ? '' : sentence(r.problems[0]!)).toBe(
      'Side 3: 0 is out of range; expected more than 0 ft, such as 4.20 m or 13 ft 9 in.',
    );
  });

  it('a rate is understood in either basis, a length of paint is not', () => {
    expect(parseRate('90 ft2/gal', 'mass', metric)).toMatchObject({ ok: true, value: { basis: 'volume' } });
    expect(parseRate('1.9', 'mass', metric)).toMatchObject({
      ok: true,
      value: { basis: 'mass', value: 1.9 },
    });
    const bad = parseRate('5 °C', 'mass', { ...metric, label: 'First coat, rate' });
    expect(bad.ok ? '' : sentence(bad.problems[0]!)).toContain(
      'First coat, rate: “5 °C” is in a unit that does not fit',
    );
    const negative = parseRate('-1 L/m2', 'mass', { ...metric, above: 0 });
    expect(negative.ok ? '' : negative.problems[0]?.kind).toBe('outOfRange');
  });
});

describe('properties', () => {
  const quantities = Object.keys(QUANTITIES) as Quantity[];
  it('every quantity shown in either system and typed back is the same figure', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...quantities),
        fc.constantFrom<System>('metric', 'us'),
        fc.double({ min: 0.01, max: 1e5, noNaN: true }),
        (quantity, system, v) => {
          const shown = toShown(v, quantity, system);
          const back = parse(String(shown.toFixed(20)), quantity, { system });
          expect(back.ok).toBe(true);
          if (back.ok) expect(Math.abs(back.value - v) / v).toBeLessThan(1e-9);
          expect(Math.abs(fromShown(shown, quantity, system) - v) / v).toBeLessThan(1e-9);
        },
      ),
    );
  });

  it('no text makes a NaN', () => {
    fc.assert(
      fc.property(fc.string(), fc.constantFrom(...quantities), (text, quantity) => {
        const r = parse(text, quantity, us);
        expect(r.ok ? Number.isFinite(r.value) : r.problems.length > 0).toBe(true);
      }),
    );
  });
});

describe('format', () => {
  it.each([
    [2735, 'mass', 'metric', '2\u202f735.0\u00a0kg'],
    [1.44, 'film', 'metric', '1.44\u00a0mm'],
    [1.44, 'film', 'us', '57\u00a0mil'],
    [-2.34, 'temperature', 'metric', '−2.3\u00a0°C'],
    [-0.04, 'temperature', 'metric', '0.0\u00a0°C'],
    [3, 'temperatureDifference', 'us', '5.4\u00a0°F'],
  ] as const)('%d %s in %s', (v, quantity, system, text) => {
    expect(format(v, quantity, system)).toBe(text);
  });
  it('has a dash for no answer', () => {
    expect(formatNumber(NaN, 1)).toBe('–');
    expect(readNumber('–')).toEqual({ ok: false, kind: 'notANumber' });
  });
});

describe('every quantity as it is shown in both systems (worked from the exact definitions)', () => {
  const cases: [Quantity, number, string, string][] = [
    ['length', 3.048, '3.05 m', '10.00 ft'],
    ['lap', 76.2, '76 mm', '3.0 in'],
    ['film', 0.762, '0.76 mm', '30 mil'],
    ['area', 9.290304, '9.29 m²', '100.0 ft²'],
    ['volume', 37.85411784, '37.9 L', '10.00 gal'],
    ['mass', 45.359237, '45.4 kg', '100.0 lb'],
    ['density', 1.2, '1.20 kg/L', '10.01 lb/gal'],
    ['rateMass', 1.85, '1.85 kg/m²', '37.9 lb/100 ft²'],
    ['load', 150, '150.0 kg/m²', '30.7 lb/ft²'],
    ['rateVolume', 0.75, '0.75 L/m²', '1.84 gal/100 ft²'],
    ['weightPerArea', 110, '110 g/m²', '3.2 oz/yd²'],
    ['temperature', -5, '−5.0 °C', '23.0 °F'],
    ['temperatureDifference', -2, '−2.0 °C', '−3.6 °F'],
    ['hours', 1.5, '1.5 h', '1.5 h'],
    ['minutes', 40, '40 min', '40 min'],
    ['percent', 42.4, '42 %', '42 %'],
    ['fraction', 0.88, '0.88', '0.88'],
    ['count', 12, '12', '12'],
  ];
  it.each(cases)('%s %d', (quantity, v, metricText, usText) => {
    const plain = (text: string): string => text.replaceAll('\u00a0', ' ');
    expect(plain(format(v, quantity, 'metric'))).toBe(metricText);
    expect(plain(format(v, quantity, 'us'))).toBe(usText);
  });

  it('what is shown can be typed back with its unit, in a field of the other system', () => {
    for (const [quantity, v] of cases) {
      for (const [shownIn, typedIn] of [
        ['metric', 'us'],
        ['us', 'metric'],
      ] as const) {
        const shown = format(v, quantity, shownIn, { digits: 6 });
        const back = parse(shown, quantity, { system: typedIn });
        // A difference is shown in °C or °F and read as one, never shifted by the zero of the scale.
        expect(back.ok, shown).toBe(true);
        if (back.ok) expect(back.value, shown).toBeCloseTo(v, 4);
      }
    }
  });
});

describe('a temperature', () => {
  it.each([
    ['11.1', 'metric', 11.1],
    ['11,2 °C', 'metric', 11.2],
    ['-0.3', 'metric', -0.3],
    ['11.1 °C', 'us', 11.1],
    ['54', 'us', 12.222222222222],
    ['54 °F', 'metric', 12.222222222222],
    ['32', 'us', 0],
  ] as const)('typed as %s (%s) is %d, with no digit that nobody typed', (text, system, celsius) => {
    expect(parse(text, 'temperature', { system })).toEqual({ ok: true, value: celsius });
  });
  it('to a tenth of a degree is kept as it was typed', () => {
    fc.assert(
      fc.property(fc.integer({ min: -400, max: 900 }), (tenths) => {
        const value = tenths / 10;
        expect(parse(String(value), 'temperature', { system: 'metric' })).toEqual({ ok: true, value });
      }),
    );
  });
});
