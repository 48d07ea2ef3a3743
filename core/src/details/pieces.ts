/**
 * The pieces of each detail: what is cut beforehand, how many, which edge laps over which. A piece is known by its
 * measures, so that those alike are cut together.
 */
import type { DetailRules } from '../buildup/index.ts';
import { fail, ok, type Problem, type Result } from '../problems/index.ts';
import type { Detail } from './find.ts';
import { patternBox, type Pattern } from './folding.ts';
import {
  crossCutPlate,
  externalCorner,
  flatStrip,
  gusset,
  internalCorner,
  postSide,
  scupperApron,
  squareSleeve,
  strip,
  upstandBands,
  type Band,
} from './patterns.ts';
import { cap, loopStrip, sleeve, sleeveFrame, starPlate } from './roundpatterns.ts';
import { detailFacts } from './kinds.ts';

export interface Piece {
  readonly name: string;
  /** Measures that tell it from others, mm and degrees. */
  readonly measures: Readonly<Record<string, number>>;
  readonly pattern: Pattern;
  /** For one detail of its kind. */
  readonly count: number;
  readonly ply: number;
  /** What it laps over, and by how much. */
  readonly laps: string;
  /** Widths of a strip from the roof outward. */
  readonly bands?: readonly Band[];
  /** A shorter one of the same section, where the piece is a long strip: for the drawing. */
  readonly sample?: Pattern;
}

/** Two pieces are alike when they are cut alike: to the millimetre, and to a tenth of a degree. */
export const pieceKey = (piece: Pick<Piece, 'name' | 'measures' | 'ply'>): string =>
  `${piece.name}/${piece.ply}/${Object.entries(piece.measures)
    .map(([k, v]) => `${k}${k === 'deg' ? v.toFixed(1) : Math.round(v)}`)
    .join('/')}`;

export interface Roll {
  readonly name: string;
  readonly widthMm: number;
  readonly lengthMm: number;
}

/** How long a strip is drawn. */
const SAMPLE_MM = 450;

/** A run cut into strips of equal length, as few as can be handled, each lapping on the next. */
export function cutRun(runMm: number, longestMm: number, lapMm: number): { count: number; eachMm: number } {
  if (runMm <= longestMm) return { count: 1, eachMm: runMm };
  const count = Math.ceil((runMm - lapMm) / (longestMm - lapMm));
  return { count, eachMm: (runMm + (count - 1) * lapMm) / count };
}

interface Making {
  readonly detail: Detail;
  readonly rules: DetailRules;
  readonly roll: Roll;
}

const size = (detail: Detail, key: string): number => detail.sizes[key] ?? 0;

/** Strips along a run: one for each straight piece and ply. */
function runStrips(
  { detail, rules, roll }: Making,
  name: string,
  bandsOf: (extraMm: number) => readonly Band[],
  laps: string,
  plies: number,
): Piece[] {
  const lap = rules.lapMm.value;
  return Array.from({ length: plies }, (_, ply) => ply).flatMap((ply) => {
    const bands = bandsOf(ply * rules.plyStepMm.value).filter((b) => b.mm > 0);
    const sum = bands.reduce((total, b) => total + b.mm, 0);
    // What is wider than the roll is cut across it: then a strip is no longer than the roll is wide.
    const most = sum > roll.widthMm ? roll.widthMm : roll.lengthMm;
    const longest = Math.min(rules.longestM.value * 1000, most);
    const byLength = new Map<number, Piece>();
    for (const straight of detail.straightsM) {
      const { count, eachMm } = cutRun(straight * 1000, longest, lap);
      const key = Math.round(eachMm);
      const there = byLength.get(key);
      byLength.set(key, {
        name,
        measures: { length: eachMm, width: sum },
        bands,
        pattern: there?.pattern ?? strip(eachMm, bands),
        sample: strip(Math.min(eachMm, SAMPLE_MM), bands),
        count: (there?.count ?? 0) + count,
        ply,
        laps,
      });
    }
    return [...byLength.values()];
  });
}

const flat = (mm: number): Band[] => [{ use: 'base', mm, turnDeg: 0 }];

const pliesOf = (rules: DetailRules, ...kinds: (DetailRules['doubled'][number] | undefined)[]): number =>
  rules.plies + (kinds.some((k) => k !== undefined && rules.doubled.includes(k)) ? 1 : 0);

const plies = <T>(count: number, make: (ply: number) => T[]): T[] =>
  Array.from({ length: count }, (_, ply) => make(ply)).flat();

function corners(make: Making): Piece[] {
  const { detail, rules } = make;
  const [deg, height] = [size(detail, 'deg'), size(detail, 'heightMm')];
  const lap = rules.lapMm.value;
  const internal = detail.kind === 'internal-corner';
  return plies(pliesOf(rules, 'corner'), (ply): Piece[] => {
    const wing = rules.wingMm.value + ply * rules.plyStepMm.value;
    const foot = rules.footMm.value + ply * rules.plyStepMm.value;
    if (internal) {
      return [
        {
          name: 'Internal corner, folded',
          measures: { deg, wing, height, lap },
          pattern: internalCorner(deg, wing, height, lap),
          count: 1,
          ply,
          laps: `over the ends of both strips; its flap round the corner by ${lap} mm`,
        },
      ];
    }
    return [...externalPieces(deg, wing, height, foot, lap, 0, ply, 1)];
  });
}

function externalPieces(
  deg: number,
  wing: number,
  height: number,
  foot: number,
  lap: number,
  over: number,
  ply: number,
  count: number,
): Piece[] {
  return [
    {
      name: 'Gusset of an external corner',
      measures: { deg, foot, lap },
      pattern: gusset(deg, foot, lap),
      count,
      ply,
      laps: `under both feet by ${lap} mm, so that water runs over the lap`,
    },
    {
      name: 'External corner, wrapped',
      measures: { deg, wing, height, foot, ...(over > 0 ? { over } : {}) },
      pattern: externalCorner(deg, wing, height, foot, over),
      count,
      ply,
      laps: 'over the ends of both strips and over the gusset',
    },
  ];
}

function kerb(make: Making): Piece[] {
  const { detail, rules } = make;
  const height = size(detail, 'heightMm');
  const over = rules.lapMm.value;
  const strips = runStrips(
    make,
    'Kerb strip',
    (extra) => [
      ...upstandBands(rules.footMm.value + extra, height, legOf(rules)),
      { use: 'top', mm: over, turnDeg: -90 },
    ],
    'end to end at the corners, over the top of the kerb',
    rules.plies,
  ).map((p) => alongKerb(p, legOf(rules)));
  const count = size(detail, 'corners');
  if (count === 0) return strips;
  const pieces = plies(rules.plies, (ply) => {
    const step = ply * rules.plyStepMm.value;
    return externalPieces(
      90,
      rules.wingMm.value + step,
      height,
      rules.footMm.value + step,
      rules.lapMm.value,
      over,
      ply,
      count,
    );
  });
  return [...strips, ...pieces];
}

/** Drawn where it goes: along the first wall, up to the corner. */
function alongKerb(piece: Piece, legMm: number): Piece {
  const { sample } = piece;
  if (!sample) return piece;
  const { widthMm } = patternBox(sample);
  return { ...piece, sample: { ...sample, frame: { ...sample.frame, origin: [-widthMm, -legMm, 0] } } };
}

const legOf = (rules: DetailRules): number => (rules.fillet === 'none' ? 0 : rules.filletLegMm.value);

function pipe({ detail, rules }: Making): Piece[] {
  const diameter = size(detail, 'diameterMm');
  const { footMm, upMm, lapMm, plyStepMm } = rules;
  return plies(pliesOf(rules, 'pipe'), (ply): Piece[] => {
    const step = ply * plyStepMm.value;
    const side = diameter + 2 * (footMm.value + step);
    const up = Math.min(upMm.value, lapMm.value);
    return [
      {
        name: 'Pipe collar, star cut',
        measures: { side, diameter, up },
        pattern: starPlate(side, diameter, up, 'up'),
        count: 1,
        ply,
        laps: 'on to the field; the fingers up the pipe',
      },
      {
        name: 'Pipe wrap',
        measures: { girth: Math.PI * diameter + lapMm.value, height: upMm.value },
        pattern: sleeve(diameter, upMm.value, lapMm.value, sleeveFrame(diameter, 0)),
        count: 1,
        ply,
        laps: `over the fingers of the collar, on itself by ${lapMm.value} mm, the lap away from the weather`,
      },
    ];
  });
}

function outlet({ detail, rules }: Making): Piece[] {
  const diameter = size(detail, 'diameterMm');
  const down = rules.outletDownMm.value;
  return plies(pliesOf(rules, 'outlet'), (ply): Piece[] => {
    const side =
      Math.max(rules.outletSquareMm.value, diameter + 2 * rules.footMm.value) +
      2 * ply * rules.plyStepMm.value;
    return [
      {
        name: 'Outlet sleeve',
        measures: { girth: Math.PI * diameter + rules.lapMm.value, height: down },
        pattern: sleeve(diameter, down, rules.lapMm.value, sleeveFrame(diameter, -down)),
        count: 1,
        ply,
        laps: 'first, down into the outlet; the square goes over its rim',
      },
      {
        name: 'Outlet square, star cut',
        measures: { side, diameter, down },
        pattern: starPlate(side, diameter, down, 'down'),
        count: 1,
        ply,
        laps: 'over the rim and down over the sleeve; the field laps over its edges',
      },
    ];
  });
}

function post({ detail, rules }: Making): Piece[] {
  const [l, w] = [size(detail, 'lengthMm'), size(detail, 'widthMm')];
  const up = Math.min(size(detail, 'heightMm') || rules.upMm.value, rules.upMm.value);
  const wrap = rules.lapMm.value;
  return plies(pliesOf(rules, 'post'), (ply): Piece[] => {
    const foot = rules.footMm.value + ply * rules.plyStepMm.value;
    const flap = Math.min(wrap, up);
    const pieces: Piece[] = [
      {
        name: 'Post plate, cut crosswise',
        measures: { length: l + 2 * foot, width: w + 2 * foot, postLength: l, postWidth: w, up: flap },
        pattern: crossCutPlate(l, w, foot, flap),
        count: 1,
        ply,
        laps: 'on to the field; its flaps up the post',
      },
    ];
    if (up <= 0) return pieces;
    return [
      ...pieces,
      {
        name: 'Post side, wrapping',
        measures: { width: l, height: up, wrap },
        pattern: postSide(l, up, wrap, { origin: [-l / 2, -w / 2, 0], x: [1, 0, 0], y: [0, 0, 1] }),
        count: 2,
        ply,
        laps: `over the flaps of the plate and ${wrap} mm round both edges`,
      },
      {
        name: 'Post side, plain',
        measures: { width: w, height: up },
        pattern: postSide(w, up, 0, { origin: [l / 2, -w / 2, 0], x: [0, 1, 0], y: [0, 0, 1] }),
        count: 2,
        ply,
        laps: 'over what was wrapped round the edges',
      },
    ];
  });
}

function scupper({ detail, rules }: Making): Piece[] {
  const [open, high] = [size(detail, 'widthMm'), size(detail, 'heightMm')];
  return plies(pliesOf(rules, 'outlet'), (ply): Piece[] => [
    {
      name: 'Scupper sleeve',
      measures: { width: open, height: high, depth: rules.upMm.value },
      pattern: squareSleeve(open, high, rules.upMm.value, rules.lapMm.value),
      count: 1,
      ply,
      laps: 'first, through the wall; its lap on the roof of the opening',
    },
    {
      name: 'Scupper apron',
      measures: { width: open + 2 * rules.footMm.value, opening: open, height: high },
      pattern: scupperApron(open, high, rules.footMm.value + ply * rules.plyStepMm.value, rules.lapMm.value),
      count: 1,
      ply,
      laps: 'over the edge of the sleeve, on to roof and wall',
    },
  ]);
}

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

/** From this width a crack that does not move is bridged with a strip; below, a stripe of resin does. */
export const STRIP_FROM_CRACK_MM = 1.5;
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
        (extra) => upstandBands(foot + extra, height, legOf(rules)),
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
        'slid under the unit, which only those lift who may',
      );
    case 'blister': {
      const side = size(detail, 'diameterMm') + 2 * rules.stripeMm.value;
      return cover(make, 'Blister patch', side, side, 'second of three courses: sealer, fabric, sealer');
    }
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
      if (size(detail, 'widthMm') < STRIP_FROM_CRACK_MM) return [];
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

/** The pieces of one detail, or why it can not be cut so. */
export function piecesOf(detail: Detail, rules: DetailRules, roll: Roll): Result<Piece[]> {
  const bad = noWidth(detail);
  if (bad) return fail(bad);
  if (rules.made === 'coats') return ok([]);
  const make = { detail, rules, roll };
  const pieces = made(make);
  const wide = tooWide(pieces, make);
  return wide ? fail(wide) : ok(pieces);
}
