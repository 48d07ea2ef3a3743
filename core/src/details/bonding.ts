/**
 * How pieces and courses are put down: bedded in resin or in hot melt, or bonded as sheets, each bonding in its own way.
 * Common practice, no source; the data sheet of the product goes before it.
 */
import {
  cited,
  isCoat,
  isSheet,
  isWorkLayer,
  type BONDING,
  type BuildUp,
  type DetailRules,
  type Layer,
  type Sheet,
  type DetailKind,
} from '../buildup/index.ts';
import { words, type Given, type Part } from '../figures/index.ts';

type Bonding = (typeof BONDING)[number];

/** What holds a detail down. `coats`: no pieces, only coats. */
export type Way = 'resin' | 'melt' | 'coats' | Bonding;

/** The way in which a build-up makes its details. */
export function wayOf(buildUp: Pick<BuildUp, 'layers'>, rules: DetailRules): Way {
  const { layers } = buildUp;
  if (rules.made === 'sheet')
    return (
      (layers.filter(isSheet).find((s) => s.id === rules.cutFrom) ?? layers.find(isSheet))?.bonding ??
      'cold adhesive'
    );
  if (layers.some((l) => isCoat(l) && l.kettle !== undefined)) return 'melt';
  return rules.made === 'coats' ? 'coats' : 'resin';
}

export const isSheetWay = (way: Way): way is Bonding => way !== 'resin' && way !== 'melt' && way !== 'coats';
const needsHeat = (way: Way): boolean => way === 'torched' || way === 'hot bonded' || way === 'melt';

/** Where hot melt is reinforced by a strip of elastomer: corners, and whatever may open below it. */
export const STRIPPED: ReadonlySet<DetailKind> = new Set<DetailKind>([
  'internal-corner',
  'external-corner',
  'movement-joint',
  'board-joint',
  'static-crack',
  'moving-crack',
]);

/** When it may be looked at, clamped on or walked up to. */
export const onceSet = (way: Way): string =>
  isSheetWay(way)
    ? needsHeat(way)
      ? 'once it has cooled'
      : 'once it is rolled'
    : way === 'melt'
      ? 'once it has cooled'
      : 'once cured';
/** What lies there then. */
export const finished = (way: Way): string =>
  isSheetWay(way) ? 'sheet' : way === 'melt' ? 'cooled membrane' : 'cured film';

/** How the ground is primed for it, and how it is put down, rolled and proved. */
interface Bond {
  /** How what lies below has to be: primed ground, or the ply before. */
  readonly onPrimer: string;
  readonly onPly: string;
  readonly lay: readonly string[];
  readonly prove: string;
}
const BOND: Readonly<Record<Bonding, Bond>> = {
  'self-adhered': {
    onPrimer:
      'The primer is tacky-dry: a finger sticks to it and comes away clean. What is still wet keeps the sheet off; what has gone dusty is primed again.',
    onPly: 'The ply below is clean and dry, its laps closed; dust is wiped off.',
    lay: [
      'Set it dry to its line, fold half of it back, draw the release film off low and slowly while it is pressed down; then the other half.',
      'Roll from the middle outward, the laps by hand roller, corners and feet with its edge. When cold, warm it with hot air, never a flame.',
    ],
    prove: 'Run a finger and a probe along every edge; seal T-joints and laps over granules.',
  },
  torched: {
    onPrimer: 'The primer is dry, its smell is gone, its tins are away.',
    onPly: 'The ply below is cool, clean and dry, its laps closed and probed.',
    lay: [
      'Set it dry to its line, then roll or fold it back.',
      'Heat the face of the sheet and the ground before it, evenly, until the film has gone and the bitumen shines. Keep the flame moving: what smokes is burnt.',
      'Set it into the molten bitumen and press it down; a bead of 5 to 10 mm bleeds out along every lap. Over granules: heat and sink them until bitumen shows.',
    ],
    prove:
      'Once cool, probe every lap with the point of a trowel. What opens is dried, heated and pressed again.',
  },
  'cold adhesive': {
    onPrimer: 'The ground is dry and primed as the data sheet asks.',
    onPly: 'The ply below is clean and dry, its adhesive set.',
    lay: [
      'Set it dry to its line, then roll or fold it back.',
      'Spread the adhesive at its rate with the notched trowel, out to the edges; leave it open as long as its data sheet says.',
      'Lay it in, press it from the middle outward, roll it; laps are closed as the data sheet says, and weighed down until they hold.',
    ],
    prove:
      'Once the adhesive has set, run a probe along every edge; what is open is bonded and weighed down again.',
  },
  'hot bonded': {
    onPrimer: 'The primer is dry, its smell is gone, its tins are away.',
    onPly: 'The ply below is cool, clean and dry, its laps closed.',
    lay: [
      'Set it dry to its line, then roll it back.',
      'Pour the melt before the roll, within its band, and roll the sheet into it while it runs; a bead comes out along every lap.',
      'Press it down from the middle outward; work from the side, never over the pour.',
    ],
    prove: 'Once cool, probe every lap; what is open is warmed and pressed again.',
  },
  'mechanically fixed': {
    onPrimer: 'The ground is clean and dry, nothing sharp stands up.',
    onPly: 'The layer below is clean and dry, nothing sharp stands up.',
    lay: [
      'Set it to its line without tension.',
      'Fix it along the lap, plates flat and clear of the edge, as many as the fixing plan says: field, edge and corner each their own. A licensed person designs the plan.',
      'Lap the next course over the plates and close the lap over its whole width.',
    ],
    prove: 'Run a probe along every lap, once it is cool or has set.',
  },
};

/** Steps of a sheet's bonding, after it is cut and before it is looked at. */
export function bondSteps(bonding: Bonding): { lay: readonly string[]; prove: string } {
  const { onPrimer, lay, prove } = BOND[bonding];
  return { lay: [onPrimer, ...lay], prove };
}

/** Laps that are closed apart from the bond: by hot air, tape or adhesive. */
function seamSteps({ seam }: Sheet): readonly (readonly Part[])[] {
  if (!seam) return [];
  const width = cited('seam', seam.widthMm, 'lap');
  switch (seam.kind) {
    case 'hot-air weld':
      return [
        words`A trial weld at the start, after each pause and when the weather turns: cooled, then peeled; it must tear in the sheet, not in the seam.`,
        words`Laps clean and dry; weld ${width} wide, pressed at once with the hand roller.`,
        words`Cold, run a probe along every seam; a strip is cut out and peeled where the job asks for it, and the place patched.`,
      ];
    case 'tape':
      return [
        words`Both faces of the lap cleaned and primed, dry to the touch; tape ${width} wide, the sheet laid on it without tension, rolled across and along.`,
        words`T-joints and cut edges get a patch or sealant; probe once it has set.`,
      ];
    case 'adhesive':
      return [
        words`Both faces of the lap cleaned, adhesive ${width} wide on each, left open as its data sheet says, closed once and rolled.`,
        words`Sealant along the edge; probe once it has set.`,
      ];
  }
}

/**
 * Courses in the field: relaxed, set out, bonded, proved.
 * @param layers of the build-up: what lies on another ply is not laid on a primer
 */
export function courseSteps(sheet: Sheet, layers: readonly Layer[] = [sheet]): readonly (readonly Part[])[] {
  const { onPrimer, onPly, lay, prove } = BOND[sheet.bonding];
  const below = layers
    .slice(
      0,
      Math.max(
        0,
        layers.findIndex((l) => l.id === sheet.id),
      ),
    )
    .filter(isWorkLayer);
  const lowest = below.at(-1);
  const ready = lowest && !isCoat(lowest) ? onPly : onPrimer;
  const relax: Given | undefined =
    sheet.relaxMinutes && cited('unrolled before', sheet.relaxMinutes, 'minutes');
  const nails = sheet.temporaryNails && cited('temporary nails a length', sheet.temporaryNails, 'count');
  const side = cited('side lap', sheet.sideLapMm, 'lap');
  const end = cited('end lap', sheet.endLapMm, 'lap');
  return [
    relax
      ? words`Unroll, cut to length and leave it flat for ${relax}.`
      : words`Unroll and cut to length; leave it flat until it no longer curls.`,
    words`Begin at the low edge; side laps ${side}, end laps ${end}, so that water runs off them.`,
    [ready],
    ...(nails
      ? [
          words`Hold each length at its head with ${nails} temporary nails, where the next lap covers their holes, while the film is drawn. Pull them once it sticks.`,
        ]
      : []),
    ...lay.map((says) => [says]),
    ...seamSteps(sheet),
    ...(sheet.granuleLaps === '' ? [] : [[`Laps over granules: ${sheet.granuleLaps}.`]]),
    [prove],
  ];
}
