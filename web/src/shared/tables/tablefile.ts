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

/** @param progress is told the share of the bytes that are there, 0 to 1 */
export async function readBytes(file: Blob, progress?: (share: number) => void): Promise<Uint8Array> {
  if (!progress) return new Uint8Array(await file.arrayBuffer());
  const bytes = new Uint8Array(file.size);
  for (let at = 0; at < file.size; at += PIECE_BYTES) {
    bytes.set(new Uint8Array(await file.slice(at, at + PIECE_BYTES).arrayBuffer()), at);
    progress(Math.min(1, (at + PIECE_BYTES) / file.size));
  }
  return bytes;
}
export const readText = async (file: Blob, progress?: (share: number) => void): Promise<string> =>
  textOfBytes(await readBytes(file, progress));
/** After so much of a file it is said how far it is. */
const PIECE_BYTES = 1 << 20;

/** A first line that some spreadsheets write to say what parts the cells. */
const SAYS = /^sep=(.)\r?\n/i;

/**
 * Rows that say something.
 * @param progress is told the share of the text that is read, 0 to 1
 */
export function rowsOf(text: string, progress?: (share: number) => void): string[][] {
  const said = SAYS.exec(text);
  const body = said ? text.slice(said[0].length) : text;
  const options = {
    skipEmptyLines: 'greedy',
    ...(said?.[1] === undefined ? {} : { delimiter: said[1] }),
  } as const;
  if (!progress || body.length <= PIECE_BYTES) return settled(Papa.parse<string[]>(body, options));
  const data: string[][] = [];
  let delimiter = '';
  Papa.parse<string[]>(body, {
    ...options,
    chunkSize: PIECE_BYTES,
    chunk: ({ data: some, meta }: Papa.ParseResult<string[]>) => {
      for (const row of some) data.push(row);
      delimiter = meta.delimiter;
      progress(meta.cursor / body.length);
    },
    complete: () => undefined,
  });
  return settled({ data, meta: { delimiter } });
}
const settled = ({
  data,
  meta,
}: {
  readonly data: string[][];
  readonly meta: { readonly delimiter: string };
}): string[][] => settledCells(data, meta.delimiter).map((row) => [...row]);
