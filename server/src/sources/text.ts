/** Bytes of an answer as text, and the cells of a table that is text. */
import Papa from 'papaparse';
import { settledCells } from '@lentum/core/units';

/** In the encoding that the answer says; UTF-8 where it says none, or one that nobody knows. */
export function textOf(bytes: Uint8Array, contentType = ''): string {
  const charset = /charset="?([\w-]+)/i.exec(contentType)?.[1] ?? 'utf-8';
  try {
    return new TextDecoder(charset).decode(bytes);
  } catch {
    return new TextDecoder().decode(bytes);
  }
}

export function cellsOf(text: string): string[][] {
  const { data, meta } = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' });
  return settledCells(data, meta.delimiter).map((row) => [...row]);
}
