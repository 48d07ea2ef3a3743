/** Pieces that are straight strips: round the flange of a vent, and up each step of a flight. */
import type { DetailRules } from '../buildup/index.ts';
import { flatStrip, strip, upstandBands } from './patterns.ts';
import { cutRun, plies, SAMPLE_MM, size, type Making, type Piece } from './pieces.ts';
import { legOf } from './spotpieces.ts';

/** From the flange on to the field: over the edge of the flange by the lap on to each material, out by the foot. */
const flangeReach = (rules: DetailRules, ply: number): number =>
  rules.ontoMm.value + rules.footMm.value + ply * rules.plyStepMm.value;

/**
 * Four strips round a flange. Each is as long as its side and a foot more at both ends, so that flanks lie over the
 * ends of the lower strip and the upper one over theirs.
 */
export function flangedVent({ detail, rules }: Making): Piece[] {
  const [along, across] = [size(detail, 'lengthMm'), size(detail, 'widthMm')];
  return plies(rules.plies, (ply): Piece[] => {
    const out = rules.footMm.value + ply * rules.plyStepMm.value;
    const wide = flangeReach(rules, ply);
    const of = (name: string, sideMm: number, count: number, laps: string): Piece => ({
      name,
      measures: { length: sideMm + 2 * out, width: wide },
      pattern: flatStrip(sideMm + 2 * out, wide),
      count,
      ply,
      laps,
    });
    return [
      of('Vent strip, lower side', across, 1, 'first, under the flanks'),
      of('Vent strip, flank', along, 2, 'over the ends of the lower strip'),
      of('Vent strip, upper side', across, 1, 'last, over the flanks'),
    ];
  });
}

/** A strip for each riser: foot on the tread below, no more than half of it, up, and over the nose by the lap. */
export function stairs({ detail, rules, roll }: Making): Piece[] {
  const [riser, tread, width] = [size(detail, 'riserMm'), size(detail, 'treadMm'), size(detail, 'widthMm')];
  const most = Math.min(roll.lengthMm, rules.longestM.value * 1000);
  const lap = rules.lapMm.value;
  const { count: each, eachMm: length } = cutRun(width, most, lap);
  return plies(rules.plies, (ply): Piece[] => {
    const foot = Math.min(rules.footMm.value, tread / 2) + ply * rules.plyStepMm.value;
    const bands = [
      ...upstandBands(Math.min(foot, tread), riser, legOf(rules)),
      { use: 'top' as const, mm: Math.min(Math.max(lap, rules.ontoMm.value), tread / 2), turnDeg: -90 },
    ];
    return [
      {
        name: 'Step strip',
        measures: { length, width: bands.reduce((sum, b) => sum + b.mm, 0), riser },
        bands,
        pattern: strip(length, bands),
        sample: strip(Math.min(length, SAMPLE_MM), bands),
        count: each * size(detail, 'steps'),
        ply,
        laps: 'from the tread below, up the riser, over the nose',
      },
    ];
  });
}
