/** The text of a drawing: newer ones are UTF-8, older ones are in the code page that their header names. */
import { readBytes, textOfBytes } from './tables/tablefile.ts';

/** How far into a file its header names its code page. */
const HEAD = 20_000;
/** The first version whose text is UTF-8. */
const UTF8_FROM = 1021;

/** Code pages by the names that drawings have for them. */
const PAGES: Readonly<Record<string, string>> = {
  ...{ '874': 'windows-874', '932': 'shift_jis', '936': 'gbk', '949': 'euc-kr', '950': 'big5' },
  ...Object.fromEntries(
    Array.from({ length: 9 }, (_, i) => [String(1250 + i), `windows-${String(1250 + i)}`]),
  ),
};

const said = (head: string, name: string): string | undefined =>
  new RegExp(`\\${name}\\s+\\d+\\s+(\\S+)`).exec(head)?.[1];

/** @returns the text of the bytes, by what their header says of it */
export function drawingText(bytes: Uint8Array): string {
  const head = new TextDecoder('latin1').decode(bytes.subarray(0, HEAD));
  const version = Number(/^AC(\d{4})$/.exec(said(head, '$ACADVER') ?? '')?.[1] ?? UTF8_FROM);
  const page = PAGES[/^ANSI_(\d+)$/i.exec(said(head, '$DWGCODEPAGE') ?? '')?.[1] ?? ''];
  if (version >= UTF8_FROM || page === undefined) return textOfBytes(bytes);
  return new TextDecoder(page).decode(bytes);
}

/** @param progress is told the share of the bytes that are there, 0 to 1 */
export const readDrawing = async (file: Blob, progress?: (share: number) => void): Promise<string> =>
  drawingText(await readBytes(file, progress));
