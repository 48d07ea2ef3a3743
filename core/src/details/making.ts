/** The pieces of each kind of detail, or why it cannot be cut so. */
import { detailFacts, type DetailRules } from '../buildup/index.ts';
import { COMMON } from '../practice/index.ts';
import { fail, ok, type Problem, type Result } from '../problems/index.ts';
import type { Detail } from './find.ts';
import { patternBox } from './folding.ts';
import { flatStrip, upstandBands } from './patterns.ts';
import {
  cutRun,
  flat,
  plies,
  pliesOf,
  runStrips,
  SAMPLE_MM,
  size,
  type Making,
  type Piece,
  type Roll,
} from './pieces.ts';
import { cap, loopStrip } from './roundpatterns.ts';
import { corners, kerb, legOf, outlet, pipe, post, scupper } from './spotpieces.ts';
import { flangedVent, stairs } from './strippieces.ts';

/** A flat cover of a length and a width, of as many widths of the roll as it takes. */
function cover({ rules, roll }: Making, name: string, longMm: number, wideMm: number, laps: string): Piece[] {
  const { count, eachMm } = cutRun(wideMm, roll.widthMm, rules.lapMm.value);
  return plies(rules.plies, (ply) => [
    {
      name,
      measures: { length: longMm, width: eachMm },
      pattern: flatStrip(longMm, eachMm),
      count,
      ply,
      laps: count > 1 ? `${laps}; ${count} widths, lapped ${rules.lapMm.value} mm` : laps,
    },
  ]);
}

/** Widths of what is only laid flat over a line. */
const FLAT_RUNS: Readonly<
  Partial<Record<Detail['kind'], { name: string; laps: string; width: (r: DetailRules) => number }>>
> = {
  'tie-in': {
    name: 'Tie-in strip',
    laps: 'half on the old roof, half on the new, over cleaned and primed ground',
    width: (r) => 2 * r.footMm.value,
  },
  ridge: {
    name: 'Ridge strip',
    laps: 'over the courses of both sides, folded over the ridge',
    width: (r) => 2 * r.ridgeMm.value,
  },
  drip: {
    name: 'Drip edge strip',
    laps: 'from the flange of the metal on to the roof, half on each',
    width: (r) => 2 * r.ontoMm.value,
  },
  'board-joint': {
    name: 'Board joint strip',
    laps: 'on to each board',
    width: (r) => 2 * r.ontoMm.value,
  },
  'sheet-lap': {
    name: 'Sheet lap strip',
    laps: 'over the step of the lap, on to each sheet',
    width: (r) => 2 * r.ontoMm.value,
  },
  'moving-crack': {
    name: 'Crack strip',
    laps: 'bedded on both sides of the crack, free over the bond breaker',
    width: (r) => r.stripeMm.value,
  },
  'static-crack': {
    name: 'Crack strip',
    laps: 'centred on the crack',
    width: (r) => r.stripeMm.value,
  },
  split: {
    name: 'Split strip',
    laps: 'centred on the split, over the first of three courses',
    width: (r) => r.stripeMm.value,
  },
};

const FASTENER_CAP_MM = 60;
/** A gutter's depth, where only its width was measured, as a share of the width; assumed. */
const GUTTER_DEPTH = 0.5;

function made(make: Making): Piece[] {
  const { detail, rules } = make;
  const height = size(detail, 'heightMm');
  const foot = rules.footMm.value;
  switch (detail.kind) {
    case 'upstand':
      return runStrips(
        make,
        'Upstand strip',
        (extra) =>
          upstandBands(foot + extra, height, legOf(rules), [
            { use: 'top', mm: size(detail, 'overMm'), turnDeg: -90 },
          ]),
        'foot on the field, end over end; corner pieces over its ends',
        rules.plies,
      );
    case 'parapet':
      return runStrips(
        make,
        'Parapet strip',
        (extra) => [
          ...upstandBands(foot + extra, height, legOf(rules)),
          { use: 'top', mm: size(detail, 'topMm'), turnDeg: -90 },
          { use: 'down', mm: rules.lapMm.value, turnDeg: -90 },
        ],
        'from the field up, over the top and down the outside',
        pliesOf(rules, 'parapet'),
      );
    case 'threshold':
      return runStrips(
        make,
        'Threshold strip',
        (extra) => [
          ...upstandBands(foot + extra, Math.max(height, 1), 0),
          { use: 'top', mm: rules.lapMm.value, turnDeg: -90 },
        ],
        'from the field up and back under the sill',
        rules.plies,
      );
    case 'wall-end':
      return runStrips(
        make,
        'Top strip',
        (extra) => [
          { use: 'base', mm: 2 * rules.ontoMm.value + 2 * extra, turnDeg: 0 },
          { use: 'top', mm: size(detail, 'overMm'), turnDeg: -90 },
        ],
        'over the end of the membrane, half on it and half on the wall',
        rules.plies,
      );
    case 'wall-foot':
      return runStrips(
        make,
        'Foot strip',
        (extra) => upstandBands(size(detail, 'widthMm') + extra, foot + extra + legOf(rules), legOf(rules)),
        'from the footing over the fillet and up the wall, below the membrane of the wall',
        rules.plies,
      );
    case 'gutter': {
      const width = size(detail, 'widthMm');
      const depth = width * GUTTER_DEPTH;
      return runStrips(
        make,
        'Gutter lining',
        (extra) => [
          { use: 'base', mm: foot + extra, turnDeg: 0 },
          { use: 'down', mm: depth, turnDeg: -90 },
          { use: 'base', mm: width, turnDeg: 90 },
          { use: 'wall', mm: depth, turnDeg: 90 },
        ],
        'in the gutter first, up both sides and on to the roof; laps with the flow',
        rules.plies,
      );
    }
    case 'movement-joint': {
      const joint = size(detail, 'widthMm');
      const onto = foot;
      const long = runStrips(make, 'Joint loop strip', () => flat(joint), '', 1);
      return plies(rules.plies, (ply) =>
        long.map((s): Piece => {
          const reach = onto + ply * rules.plyStepMm.value;
          const lengthMm = s.measures['length'] ?? 0;
          return {
            ...s,
            ply,
            measures: { length: lengthMm, width: 2 * reach + (Math.PI * joint) / 2 },
            pattern: loopStrip(lengthMm, joint, reach),
            sample: loopStrip(Math.min(lengthMm, SAMPLE_MM), joint, reach),
            laps: `${reach} mm on to each side, the loop loose in the joint`,
          };
        }),
      );
    }
    case 'internal-corner':
    case 'external-corner':
      return corners(make);
    case 'kerb':
      return kerb(make);
    case 'pipe':
      return pipe(make);
    case 'outlet':
      return outlet(make);
    case 'post':
      return post(make);
    case 'scupper':
      return scupper(make);
    case 'support':
      return cover(
        make,
        'Support pad',
        size(detail, 'lengthMm') + 2 * foot,
        size(detail, 'widthMm') + 2 * foot,
        'slid under the unit, lifted by licensed people only',
      );
    case 'blister': {
      const side = size(detail, 'diameterMm') + 2 * rules.stripeMm.value;
      return cover(make, 'Blister patch', side, side, 'second of three courses: sealer, fabric, sealer');
    }
    case 'patch':
      return cover(
        make,
        'Patch',
        size(detail, 'lengthMm') + 2 * foot,
        size(detail, 'widthMm') + 2 * foot,
        'on to sound old membrane on every side',
      );
    case 'flanged-vent':
      return flangedVent(make);
    case 'stairs':
      return stairs(make);
    case 'fasteners':
      return [
        {
          name: 'Fastener cap',
          measures: { diameter: FASTENER_CAP_MM },
          pattern: cap(FASTENER_CAP_MM),
          count: 1,
          ply: 0,
          laps: 'over head and washer, bedded in the spot coat',
        },
      ];
    case 'static-crack':
      // From where it is cut out it is bridged with a strip; below, a stripe of resin does.
      if (size(detail, 'widthMm') < COMMON.crackCutOut.value) return [];
      break;
    default:
      break;
  }
  const run = FLAT_RUNS[detail.kind];
  if (!run) return [];
  return runStrips(make, run.name, (extra) => flat(run.width(rules) + 2 * extra), run.laps, rules.plies);
}

/** A piece that no roll of this width and length gives. */
function tooWide(pieces: readonly Piece[], { detail, roll }: Making): Problem | undefined {
  for (const piece of pieces) {
    const { widthMm, heightMm } = patternBox(piece.pattern);
    const [short, long] = [Math.min(widthMm, heightMm), Math.max(widthMm, heightMm)];
    if (short <= roll.widthMm && long <= roll.lengthMm) continue;
    const over = short > roll.widthMm;
    return {
      kind: 'outOfRange',
      field: `details/${detail.id}`,
      label: `${detail.zoneName}, ${detail.where}, ${piece.name.toLowerCase()}`,
      actual: `${Math.round(widthMm)} × ${Math.round(heightMm)} mm`,
      expected: over
        ? `no more than the ${Math.round(roll.widthMm)} mm of ${roll.name}: a wider roll, or a shorter foot in the build-up’s details`
        : `no longer than ${roll.name}, ${Math.round(roll.lengthMm)} mm`,
    };
  }
  return undefined;
}

/** A joint without a width can be neither filled nor bridged. */
function noWidth(detail: Detail): Problem | undefined {
  if (detail.kind !== 'movement-joint' || size(detail, 'widthMm') > 0) return undefined;
  return {
    kind: 'outOfRange',
    field: `details/${detail.id}`,
    label: `${detail.zoneName}, ${detail.where}, ${detailFacts(detail.kind).name.toLowerCase()}, width`,
    actual: `${size(detail, 'widthMm')} mm`,
    expected: 'the width of the joint as measured in the survey',
  };
}

/** The pieces of one detail, or why it cannot be cut so. */
export function piecesOf(detail: Detail, rules: DetailRules, roll: Roll): Result<Piece[]> {
  const bad = noWidth(detail);
  if (bad) return fail(bad);
  if (rules.made === 'coats') return ok([]);
  const make = { detail, rules, roll };
  const pieces = made(make);
  const wide = tooWide(pieces, make);
  return wide ? fail(wide) : ok(pieces);
}
