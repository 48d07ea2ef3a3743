/** Tables from files of any spreadsheet: their encoding, their separator and their decimal mark are found out. */
import Papa from 'papaparse';
import { settledCells } from '@lentum/core/units';

/** By its mark of order; else UTF-8 where it is that, else the old code page of Western Europe. */
export function textOfBytes(bytes: Uint8Array): string {
  const [a, b] = bytes;
  if (a === 0xff && b === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
  if (a === 0xfe && b === 0xff) return new TextDecoder('utf-16be').decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}

export const readText = async (file: Blob): Promise<string> =>
  textOfBytes(new Uint8Array(await file.arrayBuffer()));

/** A first line that some spreadsheets write to say what parts the cells. */
const SAYS = /^sep=(.)\r?\n/i;

/** Rows that say something. */
export function rowsOf(text: string): string[][] {
  const said = SAYS.exec(text);
  const { data, meta } = Papa.parse<string[]>(said ? text.slice(said[0].length) : text, {
    skipEmptyLines: 'greedy',
    ...(said?.[1] === undefined ? {} : { delimiter: said[1] }),
  });
  return settledCells(data, meta.delimiter).map((row) => [...row]);
}

export const readTable = async (file: Blob): Promise<string[][]> => rowsOf(await readText(file));
