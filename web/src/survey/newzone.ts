import { boxOf, type Leg, type Point } from '@lentum/core/geometry';
import type { ImportedOutline } from '@lentum/core/outlinefiles';
import {
  blankOpening,
  blankZone,
  freePlot,
  usualCount,
  usualUpstandMm,
  withEstimate,
  type Zone,
} from '@lentum/core/survey';
import type { System } from '@lentum/core/units';

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

/** A zone as it was walked. */
export function newWalked(zones: readonly Zone[], legs: readonly Leg[]): Zone {
  return {
    ...blankZone({
      ...named(zones),
      outline: { kind: 'walk', adjustmentAccepted: false, legs: legs.map((leg) => ({ ...leg })) },
    }),
    plot: freePlot({ zones }),
  };
}

/** A zone by its area alone, with what such a roof usually has; it is drawn or taped later. */
export function newEstimated(zones: readonly Zone[], areaM2: number, system: System): Zone {
  const blank = blankZone({ ...named(zones), outline: { kind: 'estimated', areaM2 } });
  return {
    ...withEstimate(
      blank,
      { kind: 'estimated', areaM2 },
      usualUpstandMm(system),
      {
        outlet: usualCount('outlet', areaM2),
        pipe: usualCount('pipe', areaM2),
      },
      system,
    ),
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

/** Zones from a file: each at its own first corner, and on the plan as they lay to each other, beside what is there. */
export function zonesFromOutlines(
  outlines: readonly ImportedOutline[],
  origin: 'GeoJSON' | 'CSV' | 'DXF',
  zones: readonly Zone[],
): Zone[] {
  const box = boxOf(outlines.map((o) => o.outer));
  const free = freePlot({ zones });
  const made: Zone[] = [];
  for (const o of outlines) {
    const [x, y] = o.outer[0] ?? [0, 0];
    const own = (ring: readonly Point[]): [number, number][] => ring.map((p) => [p[0] - x, p[1] - y]);
    made.push({
      ...blankZone({
        id: crypto.randomUUID(),
        code: freeCode([...zones, ...made]),
        name: o.name.slice(0, 120),
        outline: { kind: 'points', origin, points: own(o.outer) },
      }),
      plot: { xM: free.xM + x - box.minX, yM: free.yM + y - box.minY, turnDeg: 0 },
      sides: (o.risesM ?? []).map((riseM) => ({ edge: { kind: 'unsaid' }, riseM })),
      openings: o.holes.map((hole, i) =>
        blankOpening({
          id: crypto.randomUUID(),
          name: `Opening ${i + 1}`,
          shape: { kind: 'points', points: own(hole) },
        }),
      ),
    });
  }
  return made;
}
