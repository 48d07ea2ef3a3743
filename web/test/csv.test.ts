import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it } from 'vitest';
import { usePreferences } from '../src/app/preferences.ts';
import { csvText } from '../src/shared/csv.ts';
import { rowsOf } from '../src/shared/tables/tablefile.ts';

const ROWS = [
  ['product', 'net', 'note'],
  ['Resin, clear', 1234.5, 'a; b'],
  ['=1+2', -0.25, '-3,5 is a text'],
  ['Fleece', 1e-7, ''],
] as const;

describe('tables as CSV', () => {
  beforeEach(() => setActivePinia(createPinia()));
  it('for programs: a point, commas, no mark; what looks like a formula is a text', () => {
    expect(csvText(ROWS).split('\r\n')).toEqual([
      'product,net,note',
      '"Resin, clear",1234.5,a; b',
      `"'=1+2",-0.25,"'-3,5 is a text"`,
      'Fleece,1e-7,',
      '',
    ]);
  });
  it('for a spreadsheet with a decimal comma: its mark, semicolons, and numbers that stay numbers', () => {
    expect(csvText(ROWS, 'comma')).toBe(
      [
        '\uFEFFproduct;net;note',
        'Resin, clear;1234,5;"a; b"',
        `"'=1+2";-0,25;"'-3,5 is a text"`,
        'Fleece;1e-7;',
        '',
      ].join('\r\n'),
    );
  });
  it('what goes out in either form comes in again', () => {
    for (const form of ['point', 'comma'] as const) {
      const read = rowsOf(csvText(ROWS, form).replace(/^\uFEFF/, ''));
      expect(read[1]).toEqual(['Resin, clear', '1234.5', 'a; b']);
    }
  });
  it('this device begins with a point', () => {
    expect(usePreferences().csv).toBe('point');
  });
});
