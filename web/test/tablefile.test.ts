/** Tables from files of any spreadsheet: encoding, separator, decimal mark. */
import { describe, expect, it } from 'vitest';
import { readText, rowsOf } from '../src/shared/tables/tablefile.ts';

const readTable = async (file: Blob): Promise<string[][]> => rowsOf(await readText(file));

const utf16 = (text: string, little: boolean): Uint8Array => {
  const bytes = new Uint8Array(2 + 2 * text.length);
  const view = new DataView(bytes.buffer);
  view.setUint16(0, 0xfeff, little);
  [...text].forEach((c, i) => view.setUint16(2 + 2 * i, c.charCodeAt(0), little));
  return bytes;
};
const latin = (text: string): Uint8Array => Uint8Array.from([...text].map((c) => c.charCodeAt(0)));

describe('a table from a file', () => {
  it.each([
    ['UTF-8', new TextEncoder().encode('Höhe;x\n1,234;2,5\n')],
    ['UTF-8 with a mark', new TextEncoder().encode('\ufeffHöhe;x\r\n1,234;2,5\r\n')],
    ['UTF-16, little end first', utf16('Höhe;x\n1,234;2,5\n', true)],
    ['UTF-16, big end first', utf16('Höhe;x\n1,234;2,5\n', false)],
    ['the old code page', latin('Höhe;x\n1,234;2,5\n')],
    ['a line that says the separator', new TextEncoder().encode('sep=;\r\nHöhe;x\r\n1,234;2,5\r\n')],
  ])('%s', async (_name, bytes) => {
    expect(await readTable(new Blob([bytes as BlobPart]))).toEqual([
      ['Höhe', 'x'],
      ['1.234', '2.5'],
    ]);
  });
  it('with a separator that nobody would guess, said in its first line', async () => {
    expect(await readTable(new Blob(['sep=|\na|b\n1,5|2\n']))).toEqual([
      ['a', 'b'],
      ['1.5', '2'],
    ]);
  });
  it('parted by commas keeps its commas inside quotes', async () => {
    expect(await readTable(new Blob(['x,y\n"1,234",2\n']))).toEqual([
      ['x', 'y'],
      ['1,234', '2'],
    ]);
  });
});
