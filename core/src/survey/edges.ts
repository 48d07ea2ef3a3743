/** What happens at a side of a zone, or round an opening. */
import { z } from 'zod';
import type { System } from '../units/index.ts';
import { coordinate } from './common.ts';
import { usualSizeMm, usualUpstandMm } from './usualsize.ts';

const mm = (least: number, most: number) => z.number().min(least).max(most);

/** How the top of an upstand ends. */
export const TERMINATIONS = ['bar', 'chase', 'coping', 'cladding', 'open'] as const;
export type Termination = (typeof TERMINATIONS)[number];

export const edgeSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('upstand'),
    heightMm: mm(10, 5000),
    termination: z.enum(TERMINATIONS),
  }),
  z.strictObject({ kind: z.literal('parapet'), heightMm: mm(10, 5000), topWidthMm: mm(20, 2000) }),
  z.strictObject({ kind: z.literal('drip') }),
  z.strictObject({ kind: z.literal('gutter'), widthMm: mm(20, 2000) }),
  z.strictObject({ kind: z.literal('threshold'), heightMm: mm(0, 1000) }),
  z.strictObject({ kind: z.literal('joint'), widthMm: mm(2, 500) }),
  z.strictObject({ kind: z.literal('tie-in') }),
  z.strictObject({ kind: z.literal('free') }),
  /** The top of a wall that is sealed: how its membrane ends there. */
  z.strictObject({ kind: z.literal('wall-top'), termination: z.enum(TERMINATIONS) }),
  /** The foot of a wall: over a fillet, and on to the footing. */
  z.strictObject({ kind: z.literal('footing'), widthMm: mm(20, 2000) }),
  /** Nobody has said yet what is there. */
  z.strictObject({ kind: z.literal('unsaid') }),
]);
export type Edge = z.infer<typeof edgeSchema>;
export type EdgeKind = Edge['kind'];
export const EDGE_KINDS: readonly EdgeKind[] = edgeSchema.options.map((o) => o.shape.kind.value);
/** Kinds that say something. */
export type SaidEdgeKind = Exclude<EdgeKind, 'unsaid'>;
export const SAID_EDGE_KINDS: readonly SaidEdgeKind[] = EDGE_KINDS.filter((k) => k !== 'unsaid');

export const sideSchema = z.strictObject({
  edge: edgeSchema,
  /** An arc: its greatest distance from the chord, outward positive, metres. 0 is straight. */
  riseM: coordinate,
});
export type Side = z.infer<typeof sideSchema>;

export const EDGE_NAMES: Readonly<Record<EdgeKind, string>> = {
  upstand: 'Upstand',
  parapet: 'Parapet',
  drip: 'Drip edge',
  gutter: 'Gutter',
  threshold: 'Door threshold',
  joint: 'Movement joint',
  'tie-in': 'Tie-in to existing',
  free: 'Free or day joint',
  'wall-top': 'Top of the wall',
  footing: 'Foot, on a footing',
  unsaid: 'Not described yet',
};

export const TERMINATION_NAMES: Readonly<Record<Termination, string>> = {
  bar: 'termination bar',
  chase: 'into a chase',
  coping: 'under the coping',
  cladding: 'behind cladding',
  open: 'ends open',
};

/** Sizes that an edge of each kind starts with: typical, to be measured. */
const TYPICAL: Readonly<Record<EdgeKind, Edge>> = {
  upstand: { kind: 'upstand', heightMm: usualUpstandMm('metric'), termination: 'bar' },
  parapet: { kind: 'parapet', heightMm: 300, topWidthMm: 250 },
  drip: { kind: 'drip' },
  gutter: { kind: 'gutter', widthMm: 200 },
  threshold: { kind: 'threshold', heightMm: 50 },
  joint: { kind: 'joint', widthMm: 20 },
  'tie-in': { kind: 'tie-in' },
  free: { kind: 'free' },
  'wall-top': { kind: 'wall-top', termination: 'bar' },
  footing: { kind: 'footing', widthMm: 150 },
  unsaid: { kind: 'unsaid' },
};

/**
 * An edge of a kind, keeping the sizes of the one it replaces where both have them.
 * @param system of the job: usual sizes are round figures in it
 */
export function edgeOf(kind: EdgeKind, from?: Edge, system: System = 'metric'): Edge {
  const fresh: Record<string, unknown> = Object.fromEntries(
    Object.entries(TYPICAL[kind]).map(([key, value]) => [
      key,
      typeof value === 'number' ? usualSizeMm(value, system) : value,
    ]),
  );
  if (kind === 'upstand') fresh['heightMm'] = usualUpstandMm(system);
  for (const [key, value] of Object.entries(from ?? {}))
    if (key !== 'kind' && key in fresh) fresh[key] = value;
  return fresh as Edge;
}

/** How far the membrane goes up at an edge; 0 where it does not. */
export const upstandMm = (edge: Edge): number =>
  edge.kind === 'upstand' || edge.kind === 'parapet' || edge.kind === 'threshold' ? edge.heightMm : 0;

/** What water does at an edge: runs off the roof, runs on to the next zone, or is held; also where nobody has said. */
export function waterAt(edge: Edge): 'off' | 'on' | 'held' {
  if (edge.kind === 'drip' || edge.kind === 'gutter') return 'off';
  return edge.kind === 'unsaid' || upstandMm(edge) > 0 ? 'held' : 'on';
}

export const STRAIGHT_FREE: Side = { edge: { kind: 'free' }, riseM: 0 };
export const STRAIGHT_UNSAID: Side = { edge: { kind: 'unsaid' }, riseM: 0 };

/** The side of a number; what has not been said yet is straight. */
export const sideAt = (sides: readonly Side[], i: number): Side => sides[i] ?? STRAIGHT_UNSAID;

/** Changes one side, filling the ones before it that were not said. */
export function withSide(sides: readonly Side[], i: number, change: Partial<Side>): Side[] {
  const next = [...sides];
  while (next.length <= i) next.push(STRAIGHT_UNSAID);
  next[i] = { ...sideAt(next, i), ...change };
  return next;
}

/** Numbers of the sides that nobody has described, from 0. */
export const undescribed = (sides: readonly { readonly edge: Edge }[]): number[] =>
  sides.flatMap((s, i) => (s.edge.kind === 'unsaid' ? [i] : []));
