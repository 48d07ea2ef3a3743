/** Letters of the PDF: those of the screen, and a second face for alphabets and signs that the first does not have. */
import { createRequire } from 'node:module';
import { create, type Font } from 'fontkit';
import { readFileSync } from 'node:fs';

const { resolve } = createRequire(import.meta.url);
const screen = (file: string): string => resolve(`@fontsource/atkinson-hyperlegible-next/files/${file}`);
const second = (file: string): string => resolve(`dejavu-fonts-ttf/ttf/${file}`);

export const FACES = {
  Body: {
    normal: screen('atkinson-hyperlegible-next-latin-400-normal.woff'),
    bold: screen('atkinson-hyperlegible-next-latin-700-normal.woff'),
  },
  Second: { normal: second('DejaVuSans.ttf'), bold: second('DejaVuSans-Bold.ttf') },
} as const;
export type Face = keyof typeof FACES;

export const FONT_FILES: ReadonlySet<string> = new Set(
  Object.values(FACES).flatMap((f) => [f.normal, f.bold]),
);

const opened = new Map<Face, Font>();
function fontOf(face: Face): Font {
  const known = opened.get(face);
  if (known) return known;
  const font = create(readFileSync(FACES[face].normal)) as Font;
  opened.set(face, font);
  return font;
}

/** Signs without a letter of their own in any face are shown so. */
const UNKNOWN = '\u25a1';

const NARROW = /[\u202f\u2009]/g;

/** The face that has every letter of a text; the second one, with a box for what it lacks, where none has. */
export function faceFor(said: string): { readonly face: Face; readonly text: string } {
  // Narrow blanks between thousands are not in every face: a plain one that does not break does as well.
  const text = said.replaceAll(NARROW, '\u00a0');
  const signs = [...text].filter((c) => c !== '\n');
  const has = (face: Face, c: string): boolean => fontOf(face).hasGlyphForCodePoint(c.codePointAt(0) ?? 0);
  if (signs.every((c) => has('Body', c))) return { face: 'Body', text };
  return {
    face: 'Second',
    text: [...text].map((c) => (c === '\n' || has('Second', c) ? c : UNKNOWN)).join(''),
  };
}

/** How wide a text is in one line, points. */
export function textWidthPt(said: string, sizePt: number): number {
  const { face, text } = faceFor(said);
  const font = fontOf(face);
  return Math.max(
    ...text.split('\n').map((line) => (font.layout(line).advanceWidth / font.unitsPerEm) * sizePt),
  );
}
