/** Sheets of paper, mm, upright. */
import { convert } from '../units/index.ts';

export const PAPER_SIZES = ['A4', 'Letter', 'A3'] as const;
export type PaperSize = (typeof PAPER_SIZES)[number];

const inch = (n: number): number => convert(n, 'in', 'mm');

/** ISO 216; Letter by ANSI/ASME Y14.1. */
const SIZES_MM: Readonly<Record<PaperSize, readonly [width: number, height: number]>> = {
  A4: [210, 297],
  Letter: [inch(8.5), inch(11)],
  A3: [297, 420],
};

export interface Sheet {
  readonly size: PaperSize;
  readonly landscape: boolean;
}

/** White round what is printed, mm: what office printers cannot reach, and room for the lines above and below. */
export const MARGINS_MM = { top: 18, bottom: 16, left: 14, right: 14 } as const;

/** Longest side of a page, mm: a PDF has no more than 14,400 points of 1/72 in (ISO 32000-1, annex C). */
export const LONGEST_PAGE_MM = 5000;

/** What is left between the margins of a page, mm. */
export const insidePage = (page: { readonly widthMm: number; readonly heightMm: number }): typeof page => ({
  widthMm: page.widthMm - MARGINS_MM.left - MARGINS_MM.right,
  heightMm: page.heightMm - MARGINS_MM.top - MARGINS_MM.bottom,
});

/** A sheet as it lies, mm. */
export function sheetMm(sheet: Sheet): { readonly widthMm: number; readonly heightMm: number } {
  const [short, long] = SIZES_MM[sheet.size];
  return sheet.landscape ? { widthMm: long, heightMm: short } : { widthMm: short, heightMm: long };
}

/** What is left between the margins, mm. */
export function insideMm(sheet: Sheet): { readonly widthMm: number; readonly heightMm: number } {
  return insidePage(sheetMm(sheet));
}

/** The sheet that is usual where a job is. */
export const usualSheet = (units: 'metric' | 'us'): Sheet => ({
  size: units === 'us' ? 'Letter' : 'A4',
  landscape: false,
});
