import type { Point } from '@lentum/core/geometry';
import { blankOpening, blankZone, freePlot, type ImportedOutline, type Zone } from '@lentum/core/survey';

const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ';

/** The first code that no zone has: A … Z, then AA … */
export function freeCode(zones: readonly Zone[]): string {
  const taken = new Set(zones.map((z) => z.code));
  for (let n = 0; ; n += 1) {
    const head = n < LETTERS.length ? '' : (LETTERS[Math.floor(n / LETTERS.length) - 1] ?? '');
    const code = head + (LETTERS[n % LETTERS.length] ?? '');
    if (!taken.has(code)) return code;
  }
}

const named = (zones: readonly Zone[]) => ({
  id: crypto.randomUUID(),
  code: freeCode(zones),
  name: `Zone ${zones.length + 1}`,
});

/** A square to begin with: its lengths are typed over. */
export function newZone(zones: readonly Zone[]): Zone {
  const leg = { lengthM: 5, turnDeg: 90, turn: 'left' as const };
  return {
    ...blankZone({
      ...named(zones),
      outline: {
        kind: 'walk',
        adjustmentAccepted: false,
        legs: [{ ...leg }, { ...leg }, { ...leg }, { ...leg }],
      },
    }),
    plot: freePlot({ zones }),
  };
}

/** Usual forms of a roof, by the turns at corners 1, 2, 3 …; r is an inner corner. */
export const TAPED_FORMS = {
  rectangle: { name: 'Four sides', turns: 'llll' },
  l: { name: 'L', turns: 'lllrll' },
  u: { name: 'U', turns: 'llllrrll' },
  t: { name: 'T', turns: 'llrllllr' },
  step: { name: 'Z', turns: 'lllrlllr' },
  triangle: { name: 'Three sides', turns: 'lll' },
  five: { name: 'Five sides', turns: 'lllll' },
} as const;
export type TapedForm = keyof typeof TAPED_FORMS;

/** An outline to be taped: no length is known yet. */
export function newTaped(zones: readonly Zone[], form: TapedForm): Zone {
  const turns = [...TAPED_FORMS[form].turns];
  return {
    ...blankZone({
      ...named(zones),
      outline: {
        kind: 'taped',
        corners: turns.map((t) => ({ turn: t === 'l' ? 'left' : 'right', square: false })),
        sidesM: turns.map(() => null),
        diagonals: [],
        adjustmentAccepted: false,
      },
    }),
    plot: freePlot({ zones }),
  };
}

/** An outline drawn on the plan: its first corner is the zone's own 0, 0. */
export function newDrawn(zones: readonly Zone[], points: readonly Point[]): Zone {
  const [x, y] = points[0] ?? [0, 0];
  return {
    ...blankZone({
      ...named(zones),
      outline: { kind: 'points', origin: 'drawn', points: points.map((p) => [p[0] - x, p[1] - y]) },
    }),
    plot: { xM: x, yM: y, turnDeg: 0 },
  };
}

export function zoneFromOutline(
  outline: ImportedOutline,
  origin: 'GeoJSON' | 'CSV',
  zones: readonly Zone[],
): Zone {
  return {
    ...blankZone({
      id: crypto.randomUUID(),
      code: freeCode(zones),
      name: outline.name,
      outline: { kind: 'points', origin, points: outline.outer.map(([x, y]) => [x, y]) },
    }),
    plot: freePlot({ zones }),
    openings: outline.holes.map((hole, i) =>
      blankOpening({
        id: crypto.randomUUID(),
        name: `Opening ${i + 1}`,
        shape: { kind: 'points', points: hole.map(([x, y]): [number, number] => [x, y]) },
      }),
    ),
  };
}
