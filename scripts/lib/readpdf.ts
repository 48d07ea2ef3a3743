/** Reads a PDF back with a reader that has nothing to do with its writer. */
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

export interface ReadPage {
  /** Points. */
  readonly widthPt: number;
  readonly heightPt: number;
  /** Runs of text in reading order, with where they begin, from the upper left corner. */
  readonly runs: readonly {
    readonly text: string;
    readonly x: number;
    readonly y: number;
    readonly width: number;
  }[];
}

export async function readPdf(bytes: Uint8Array): Promise<ReadPage[]> {
  const pdf = await getDocument({ data: new Uint8Array(bytes), useSystemFonts: false, verbosity: 0 }).promise;
  const pages: ReadPage[] = [];
  for (let i = 1; i <= pdf.numPages; i += 1) {
    const page = await pdf.getPage(i);
    const { width, height } = page.getViewport({ scale: 1 });
    const { items } = await page.getTextContent();
    pages.push({
      widthPt: width,
      heightPt: height,
      runs: items.flatMap((t) =>
        'str' in t && t.str.trim() !== ''
          ? [
              {
                text: t.str,
                x: Number(t.transform[4]),
                y: height - Number(t.transform[5]),
                width: t.width,
              },
            ]
          : [],
      ),
    });
  }
  await pdf.destroy();
  return pages;
}

/** Text without blanks: lines are broken where the writer likes. */
export const bare = (text: string): string => text.replaceAll(/\s+/g, '');
export const textOf = (pages: readonly ReadPage[]): string =>
  bare(pages.flatMap((p) => p.runs.map((r) => r.text)).join(''));
