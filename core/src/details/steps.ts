/** How each detail is made: the steps in order, where somebody has to look before it goes on, how long it takes. */
import { cited, type DetailKind, type OwnWay } from '../buildup/index.ts';
import { given, words, type Figure } from '../figures/index.ts';
import { bondSteps, finished, isSheetWay, onceSet, STRIPPED, type Way } from './bonding.ts';
import type { Detail } from './find.ts';
import type { Made } from './own.ts';
import { ownMaking } from './ownsteps.ts';
import { lap, PARTICULAR, say, type Step, type Terms } from './particular.ts';
import type { Piece } from './pieces.ts';

/** Work of two people at one detail, or for a metre of it, in one ply. Typical, our own. */
const MINUTES: Readonly<Record<DetailKind, { each?: number; perM?: number; perStep?: number }>> = {
  upstand: { perM: 9 },
  fillet: { perM: 3 },
  'internal-corner': { each: 12 },
  'external-corner': { each: 14 },
  parapet: { perM: 12 },
  bar: { perM: 4 },
  kerb: { each: 30, perM: 9 },
  threshold: { perM: 20 },
  drip: { perM: 6 },
  gutter: { perM: 12 },
  'movement-joint': { perM: 18 },
  'tie-in': { perM: 12 },
  'day-joint': { perM: 2 },
  'wall-end': { perM: 5 },
  'wall-foot': { perM: 9 },
  ridge: { perM: 6 },
  outlet: { each: 35 },
  scupper: { each: 45 },
  pipe: { each: 25 },
  'pipe-cluster': { each: 60 },
  post: { each: 40 },
  support: { each: 30 },
  'board-joint': { perM: 5 },
  'static-crack': { perM: 4 },
  'moving-crack': { perM: 15 },
  'sheet-lap': { perM: 4 },
  fasteners: { each: 1 },
  blister: { each: 25 },
  split: { perM: 12 },
  patch: { each: 30 },
  'flanged-vent': { each: 30 },
  stairs: { each: 20, perStep: 14 },
};

/** Each further ply takes this share of the first one's time. */
const FURTHER_PLY = 0.6;

export function minutesFor(detail: Detail, pieces: readonly Piece[]): Figure {
  const { each = 0, perM = 0, perStep = 0 } = MINUTES[detail.kind];
  const plies = new Set(pieces.map((p) => p.ply)).size || 1;
  const one = given('for each', each, 'minutes', 'typical');
  const metre = given('for a metre', perM, 'minutes', 'typical');
  const riser = given('for a step', perStep, 'minutes', 'typical');
  const risers = given('steps of a flight', detail.sizes['steps'] ?? 0, 'count', 'measured');
  const count = given('details alike', detail.count, 'count', 'measured');
  const length = detail.length ?? given('length', 0, 'length', 'measured');
  const further = given('share for a further ply', FURTHER_PLY, 'fraction', 'typical');
  const layers = given('plies', plies, 'count', 'chosen');
  const stepped = perStep > 0;
  return {
    label: 'Time for two people',
    value:
      ((one.value + riser.value * risers.value) * detail.count + metre.value * length.value) *
      (1 + further.value * (plies - 1)),
    quantity: 'minutes',
    formula: `(${stepped ? '({each} + {riser} × {risers})' : '{each}'} × {count} + {metre} × {length}) × (1 + {further} × ({plies} − 1))`,
    inputs: {
      ...{ each: one, count, metre, length, further, plies: layers },
      ...(stepped ? { riser, risers } : {}),
    },
    from: 'typical times, preparation apart; without waiting',
  };
}

/** The ground, before anything else is put on it. */
function ground(t: Terms): Step[] {
  const rubbed = isSheetWay(t.way) ? 'sharp edges taken off' : 'sharp edges and fibres rubbed down';
  return [
    say(words`Clean, dry and sound; ${rubbed}.`, { hold: 'ground accepted' }),
    ...(t.detail.metal ? [say(words`Metal wiped or abraded to bright and primed.`)] : []),
  ];
}

/** Pieces are cut before anything is laid or mixed. */
function cutting(t: Terms): Step[] {
  if (t.pieces.length === 0) return [];
  return [
    isSheetWay(t.way)
      ? say(words`Cut all the pieces, try them where they go, and let them lie flat.`)
      : say(words`Cut all the pieces dry and try them where they go.`),
  ];
}

/** How much of the resin goes under the pieces, as one says it by the bucket. */
const SAID: readonly (readonly [share: number, words: string])[] = [
  [1 / 3, 'about a third'],
  [0.5, 'about half'],
  [2 / 3, 'about two thirds'],
  [0.75, 'about three quarters'],
  [1, 'all'],
];
const shareWords = (share: number): string =>
  SAID.reduce((best, said) => (Math.abs(said[0] - share) < Math.abs(best[0] - share) ? said : best))[1];

/** Bedding pieces in resin. */
function bed(t: Terms): Step[] {
  const past = cited('past the piece', t.rules.pastSeamMm, 'lap');
  return [
    say(words`Apply ${shareWords(t.rules.underShare.value)} of the resin to the substrate.`),
    say(
      words`Lay the pieces in, ply by ply, laps of ${lap(t)}; press them out from the middle, no folds, no air.`,
    ),
    say(
      words`The rest of the resin on top, wet on wet, until saturated: no white fibre, no pinholes; ${past} past every edge.`,
      { hold: 'saturated, no pinholes' },
    ),
  ];
}

/** Bedding pieces in hot melt, in passes. */
function melt(t: Terms): Step[] {
  const past = cited('past the piece', t.rules.pastSeamMm, 'lap');
  return [
    say(
      words`The primer is dry, its smell is gone, its tins are away; the melt is within its band where it is laid.`,
    ),
    say(
      words`A first pass of melt, squeegeed or brushed out; on what rises in thin passes, so that it does not run.`,
    ),
    ...(STRIPPED.has(t.detail.kind)
      ? [
          say(
            words`A strip of elastomer into it first, over the corner or the joint, pressed until melt comes out along its edges.`,
          ),
        ]
      : []),
    say(
      words`Press the pieces in at once, dry, while it is hot, laps of ${lap(t)}, until melt comes through.`,
    ),
    say(
      words`A second pass over them, ${past} past every edge, in passes until the probe reads the thickness asked for.`,
      {
        hold: 'thickness probed hot',
      },
    ),
  ];
}

/** Bonding pieces of sheet, ply by ply. */
function bond(t: Terms): Step[] {
  if (!isSheetWay(t.way)) return [];
  const { lay, prove } = bondSteps(t.way);
  const further = cited('further out', t.rules.plyStepMm, 'lap');
  return [
    ...lay.map((says) => say([says])),
    ...(t.rules.plies > 1
      ? [
          say(
            words`Ply by ply: the foot of each laps ${lap(t)} or more on to the field ply of its own layer, each ${further} further out than the one below; joints never one over the other.`,
          ),
        ]
      : []),
    say([prove], { hold: 'every edge tight' }),
  ];
}

function make(t: Terms, own: OwnWay | undefined): Step[] {
  if (own) return ownMaking(t, own);
  if (isSheetWay(t.way)) return bond(t);
  if (t.way === 'melt') return melt(t);
  if (t.pieces.length > 0) return bed(t);
  const past = cited('past the place', t.rules.pastSeamMm, 'lap');
  return [
    say(words`Work the bedding coat in by brush from all sides, ${past} past the place.`, {
      hold: 'no miss',
    }),
  ];
}

/** Runs that are made without pieces and have steps of their own. */
function wholeSteps(t: Terms): Step[] | undefined {
  if (t.detail.kind === 'fillet') {
    const leg = cited('leg', t.rules.filletLegMm, 'gap');
    return [
      ...ground(t),
      say(words`Press the fillet in at 45°, ${leg} a leg, without a gap behind it; smooth it.`),
      say(words`Let it set before it is covered.`, { hold: 'fillets firm' }),
    ];
  }
  if (t.detail.kind === 'bar') {
    const spacing = cited('spacing', t.rules.barSpacingMm, 'lap');
    return [
      say(
        words`The bar goes on the top edge of the ${finished(t.way)}, a gap of a few millimetres at each end.`,
      ),
      say(words`Fixed every ${spacing}, first and last near its ends, tight and not buckled.`),
      say(words`Sealant along the top, tooled so that it sheds water.`, { hold: 'bar tight and sealed' }),
    ];
  }
  return undefined;
}

/**
 * Steps of one detail, in order.
 * @param field the way in which the build-up puts its pieces down; a product of its own is laid as resin
 */
export function stepsFor(detail: Detail, { rules, own }: Made, pieces: readonly Piece[], field: Way): Step[] {
  const t: Terms = { detail, rules, pieces, way: own ? 'resin' : field, field };
  const whole = wholeSteps(t);
  if (whole) return whole;
  const { first = [], before = [], after = [] } = PARTICULAR[detail.kind]?.(t) ?? {};
  const seal = detail.kind === 'day-joint';
  return [
    ...first,
    ...ground(t),
    ...(seal ? [] : cutting(t)),
    ...before,
    ...(seal ? [] : make(t, own)),
    ...after,
    say(words`Inspect it ${onceSet(t.way)}.`, { hold: 'detail accepted' }),
  ];
}
