/** Where pieces a little lower would lie one more abreast, and what that saves. */
import type { Cut } from './cuts.ts';
import { nest, type Nest } from './nesting.ts';

export interface CutHint {
  /** How much lower, mm, and how many then lie side by side. */
  readonly lowerMm: number;
  readonly abreast: number;
  /** Pieces that would be cut lower. */
  readonly pieces: number;
  /** Less of the roll, mm. */
  readonly savesMm: number;
}

/** Nobody cuts a piece lower by more than this, and a smaller saving is not worth a word. */
const MOST_LOWER_MM = 25;
const LEAST_SAVED_MM = 1000;
const LEAST_SAVED_SHARE = 0.03;
const MOST_ABREAST = 6;

/**
 * The change of the pieces' width that saves most; undefined where none does.
 * @param now the cutting as it is
 */
export function cutHint(
  cuts: readonly Cut[],
  widthMm: number,
  lengthMm: number,
  mayTurn: boolean,
  now: Nest,
): CutHint | undefined {
  let best: CutHint | undefined;
  for (let abreast = 2; abreast <= MOST_ABREAST; abreast += 1) {
    // Whole millimetres are cut: the strip is as wide as they allow.
    const strip = Math.floor(widthMm / abreast);
    const over = (mm: number): boolean => mm > strip && mm <= strip + MOST_LOWER_MM;
    const narrow = (c: Cut): boolean => over(Math.min(c.widthMm, c.heightMm));
    const lower = cuts.filter(narrow);
    if (lower.length === 0) continue;
    const changed = cuts.map((c) =>
      !narrow(c) ? c : c.widthMm <= c.heightMm ? { ...c, widthMm: strip } : { ...c, heightMm: strip },
    );
    const savesMm = now.totalMm - nest(changed, widthMm, lengthMm, mayTurn).totalMm;
    if (savesMm < Math.max(LEAST_SAVED_MM, LEAST_SAVED_SHARE * now.totalMm)) continue;
    if (best && savesMm <= best.savesMm) continue;
    best = {
      abreast,
      lowerMm: Math.round(Math.max(...lower.map((c) => Math.min(c.widthMm, c.heightMm))) - strip),
      pieces: lower.reduce((sum, c) => sum + c.count, 0),
      savesMm,
    };
  }
  return best;
}
