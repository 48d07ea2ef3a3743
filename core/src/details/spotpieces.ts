/** Pieces of corners, kerbs, pipes, outlets, posts and scuppers. */
import type { DetailRules } from '../buildup/index.ts';
import { patternBox } from './folding.ts';
import {
  crossCutPlate,
  externalCorner,
  gusset,
  internalCorner,
  postSide,
  scupperApron,
  squareSleeve,
  upstandBands,
} from './patterns.ts';
import { plies, pliesOf, runStrips, size, type Making, type Piece } from './pieces.ts';
import { sleeve, sleeveFrame, starPlate } from './roundpatterns.ts';

export function corners(make: Making): Piece[] {
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

export function kerb(make: Making): Piece[] {
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

export const legOf = (rules: DetailRules): number => (rules.fillet === 'none' ? 0 : rules.filletLegMm.value);

export function pipe({ detail, rules }: Making): Piece[] {
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

export function outlet({ detail, rules }: Making): Piece[] {
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

export function post({ detail, rules }: Making): Piece[] {
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

export function scupper({ detail, rules }: Making): Piece[] {
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
