/** Three whole roofs of our own, made up: a deck with its defects, an office by area alone, a gabled store in two plies. */
import {
  blankZone,
  edgeOf,
  typicalSizes,
  withEstimate,
  type EdgeKind,
  type Edge,
  type Feature,
  type FeatureKind,
  type Zone,
} from '@lentum/core/survey';
import { corners, pointsZone } from './zones.ts';

const at = (
  id: string,
  kind: FeatureKind,
  from: readonly [number, number],
  to: readonly [number, number] | undefined,
  sizes: Record<string, number>,
  count = 1,
): Feature => ({
  ...{ id, kind, count, note: '', sizes: { ...typicalSizes(kind), ...sizes } },
  at: { alongM: from[0], acrossM: from[1] },
  ...(to ? { to: { alongM: to[0], acrossM: to[1] } } : {}),
});
const sides = (...kinds: (EdgeKind | Edge)[]): Zone['sides'] =>
  kinds.map((k) => ({ edge: typeof k === 'string' ? edgeOf(k) : k, riseM: 0 }));
const upstand = (heightMm: number): Edge => ({ kind: 'upstand', heightMm, termination: 'open' });

/** 24 × 15 m of old concrete, level; a gutter along 24 m, upstands of 200 mm round the rest. */
export const DECK: Zone = {
  ...pointsZone(corners(24, 15), {
    sides: sides('gutter', upstand(200), upstand(200), upstand(200)),
    substrate: { kind: 'concrete-old' },
    findings: [{ item: 'voids', answer: 'yes', amount: 30, note: '' }],
    features: [
      at('crack', 'static-crack', [3, 5], [9, 5], { widthMm: 0.4 }),
      at('wide', 'static-crack', [3, 8], [5, 8], { widthMm: 3 }),
      at('moves', 'moving-crack', [12, 4], [16, 4], { widthMm: 1 }),
      at('spall', 'spall', [18, 6], undefined, { lengthMm: 500, widthMm: 400, depthMm: 30 }, 3),
    ],
  }),
  id: 'deck',
  name: 'Deck',
};

const OUTLINE = { kind: 'estimated' as const, areaM2: 96, perimeterM: 40, risingM: 40 };
/** 96 m² of gravelled felt, 40 m round it, all of it an upstand of 150 mm; two outlets. Nobody has drawn it. */
export const OFFICE: Zone = {
  ...withEstimate(blankZone({ id: 'office', code: 'O', name: 'Office', outline: OUTLINE }), OUTLINE, 150, {
    outlet: 2,
    pipe: 0,
  }),
  substrate: { kind: 'gravelled-felt' },
};

/** 12 × 8 m, a ridge along its middle, gutters at both eaves, drips at the verges; a pipe. */
export const STORE: Zone = {
  ...pointsZone(corners(12, 8), {
    sides: sides('gutter', 'drip', 'gutter', 'drip'),
    substrate: { kind: 'concrete-old' },
    features: [
      at('ridge', 'ridge', [0, 4], [12, 4], {}),
      at('pipe', 'pipe', [6, 2], undefined, { diameterMm: 110 }),
    ],
  }),
  id: 'store',
  name: 'Store',
};
