/** Tests with water of whole roofs, after all of their layers: filled when the films allow it, read so many hours later. */
import { isCoat, isWorkLayer } from '../buildup/index.ts';
import type { Part } from '../figures/index.ts';
import { floodLoad, openingGates } from '../gates/index.ts';
import { onBayOf } from '../record/index.ts';
import type { Bay } from '../site/index.ts';
import type { JobState } from '../state/index.ts';
import type { ProgrammeDoc } from './schema.ts';
import type { LeftOut, Work } from './work.ts';
import { FLOOD_FILL_MIN, FLOOD_READ_MIN } from './worktimes.ts';

/** Two works on a roof, the second so many minutes after the first. */
export interface Flood {
  readonly fill: Omit<Work, 'after'>;
  readonly read: Omit<Work, 'after'>;
  readonly lagMin: number;
}

export interface FloodTerms {
  readonly state: JobState;
  readonly doc: ProgrammeDoc;
  readonly nowMs: number;
  readonly leftOut: readonly LeftOut[];
}

/** @returns why it is not planned; undefined: it is filled already */
export function floodOn(
  { zoneId, hours }: ProgrammeDoc['floods'][number],
  bays: readonly Bay[],
  { state, nowMs, leftOut }: FloodTerms,
): Flood | { readonly why: readonly Part[] } | undefined {
  const own = state.calls.filter((c) => c.status.bay.zoneId === zoneId);
  const [first] = own;
  const [at] = bays;
  const buildUp = first?.status.buildUp;
  if (!first || !at || !buildUp) return { why: ['it has no bays, or no build-up.'] };
  const { book } = state.kept.inputs;
  const isFilled = own.every((c) =>
    [
      ...onBayOf(book, c.status.bay, 'opening').filter(
        (o) => o.body.to === 'water' && o.body.step === 'opened',
      ),
      ...onBayOf(book, c.status.bay, 'flood').filter((f) => f.body.step === 'filled'),
    ].some((e) => Date.parse(e.body.at) <= nowMs),
  );
  if (isFilled) return undefined;
  const shut = leftOut.find((l) => l.bay.zoneId === zoneId);
  if (shut) return { why: [`${shut.bay.label} is not planned.`] };
  const load = floodLoad(state.kept.zone(zoneId), state.practice.floodDepth);
  if (load.answer !== 'holds') return { why: load.says };
  // Bays that are finished wait for the cure of what lies there.
  let opensMs = 0;
  for (const { status } of own) {
    if (status.next) continue;
    const gates = openingGates(status, book, nowMs, {
      zone: state.kept.zone(zoneId),
      practice: state.practice,
    });
    const water = gates.find((g) => g.key === 'opening/water');
    if (water?.answer === 'broken' && water.opensAtMs === undefined)
      return { why: [`${status.bay.label}: `, ...water.says] };
    opensMs = Math.max(opensMs, water?.opensAtMs ?? 0);
  }
  const top = buildUp.layers.filter(isWorkLayer).at(-1);
  if (top && isCoat(top) && !top.cure.flood)
    return { why: [`${top.name} says no time for standing water: its data sheet is asked.`] };
  const work: Omit<Work, 'after' | 'id' | 'name' | 'minutes' | 'steps'> = {
    ...{ kind: 'flood', bay: at, buildUp, layer: undefined, skills: [], parted: false, exposed: undefined },
    ...{
      earliestMs: undefined,
      latestMs: undefined,
      remedyMin: 0,
      machine: undefined,
      headMin: 0,
      tailMin: 0,
    },
  };
  const by = (minutes: number) => (people: number) => minutes / Math.max(1, people);
  return {
    fill: {
      ...work,
      earliestMs: opensMs > 0 ? opensMs : undefined,
      ...{ id: `${at.id}/flood`, name: FLOOD_NAMES.fill, minutes: by(FLOOD_FILL_MIN) },
      steps: ['Outlets plugged, overflow free; somebody stays while it fills'],
    },
    read: {
      ...work,
      ...{ id: `${at.id}/flood/read`, name: FLOOD_NAMES.read, minutes: by(FLOOD_READ_MIN) },
      steps: ['Read the depth, look below, let it off slowly'],
    },
    lagMin: hours.value * 60,
  };
}

export const FLOOD_NAMES = { fill: 'Flood test, filled', read: 'Flood test, read' } as const;
