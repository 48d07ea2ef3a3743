import { describe, expect, it } from 'vitest';
import { drawingText } from '../src/shared/drawingtext.ts';

const head = (version: string, page: string): string =>
  `0\r\nSECTION\r\n2\r\nHEADER\r\n9\r\n$ACADVER\r\n1\r\n${version}\r\n9\r\n$DWGCODEPAGE\r\n3\r\n${page}\r\n`;
const bytes = (text: string, ...rest: number[]): Uint8Array =>
  new Uint8Array([...new TextEncoder().encode(text), ...rest]);

describe('the text of a drawing', () => {
  it.each([
    // One byte of each page (published tables of the code pages).
    ['ANSI_1250', 0xa3, 'Ł'],
    ['ANSI_1251', 0xc4, 'Д'],
    ['ANSI_1252', 0xc4, 'Ä'],
    ['ANSI_1253', 0xc4, 'Δ'],
    ['ansi_1252', 0xe9, 'é'],
  ])('before 2007 is in the page that its header names: %s', (page, byte, letter) => {
    expect(drawingText(bytes(head('AC1015', page), byte)).at(-1)).toBe(letter);
  });
  it('in two bytes a letter, too', () => {
    expect(drawingText(bytes(head('AC1018', 'ANSI_932'), 0x89, 0xae, 0x8d, 0xaa)).slice(-2)).toBe('屋根');
  });
  it('from 2007 on is UTF-8, whatever page is named', () => {
    const text = head('AC1021', 'ANSI_1251') + 'Dächer';
    expect(drawingText(bytes(text))).toBe(text);
  });
  it.each(['', 'ANSI_99999', 'DOS850'])('with the page “%s” it is found out', (page) => {
    expect(drawingText(bytes(head('AC1015', page), 0xc4)).at(-1)).toBe('Ä');
    const utf = head('AC1015', page) + 'Ä';
    expect(drawingText(bytes(utf))).toBe(utf);
  });
  it('without a header', () => {
    expect(drawingText(bytes('0\nSECTION'))).toBe('0\nSECTION');
  });
});
