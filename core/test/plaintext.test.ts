/** Text that can be stored: one way to write what reads the same. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { notPlainText, plainText, plainValue } from '@lentum/core/job';
import { cleanText } from '@lentum/core/record';

describe('text', () => {
  it.each([
    ['an A with a ring of its own', 'A\u030a', '\u00c5', 'form'],
    ['a ring sign of another name', '\u212b', '\u00c5', 'form'],
    ['a NUL', 'a\u0000b', 'ab', 'control'],
    ['a bell', '\u0007', '', 'control'],
    ['half a character', 'x\ud83dy', 'xy', 'half'],
    ['a line end and a tab', 'a\n\tb\r\n', 'a\n\tb\r\n', undefined],
    ['a whole character beyond the first plane', '\u{1f3d7}', '\u{1f3d7}', undefined],
  ])('%s', (_, raw, plain, why) => {
    expect(notPlainText(raw)).toBe(why);
    expect(plainText(raw)).toBe(plain);
  });
  it('made plain is plain, and stays so', () => {
    fc.assert(
      fc.property(fc.string({ unit: fc.nat(0xffff).map((n) => String.fromCharCode(n)) }), (s) => {
        const once = plainText(s);
        expect(notPlainText(once)).toBe(undefined);
        expect(plainText(once)).toBe(once);
        expect(cleanText(s)).toBe(cleanText(once));
      }),
    );
  });
  it('in a value is made plain wherever it stands', () => {
    expect(JSON.stringify({ a: ['A\u030a', 1, null], b: { c: '\u0000' } }, plainValue)).toBe(
      '{"a":["\u00c5",1,null],"b":{"c":""}}',
    );
  });
});
