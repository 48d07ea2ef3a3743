/** The roof of one bay, finished, and what is looked after on it. */
import { zoneQuantities } from '@lentum/core/survey';
import { knownRoofLevelsOf } from '@lentum/core/falls';
import { upkeepOf, type UpkeepPlan } from '@lentum/core/upkeep';
import type { Body } from '@lentum/core/record';
import {
  at,
  coated,
  NOW,
  polyurethane,
  prepared,
  stateFor,
  told,
  type GateJob,
  type Told,
} from './gatejob.ts';

export const YEAR_H = 8765.82;
/** Hours from now of a day. */
export const on = (day: string): number => (Date.parse(`${day}T12:00:00Z`) - NOW) / 3_600_000;

/** Every coat and the fabric, the last of them on 10 May; times are as many designs of the last coat as were laid. */
export const finished = (times = 1.02): Told[] => [
  prepared(200),
  ...polyurethane.layers.flatMap((layer, i): Told[] => {
    const h = 190 - i * 30;
    if (layer.kind === 'coat') {
      const last = polyurethane.upkeep?.recoatLayers.includes(layer.id) ?? false;
      return [coated(polyurethane, layer.id, h, last ? times : 1.02)];
    }
    return [
      told('ply', -h, {
        ...{ buildUpId: polyurethane.id, revision: polyurethane.revision, layerId: layer.id },
        ...{ startedAt: at(-h), finishedAt: at(-h + 0.5), looked: true },
      } as Body<'ply'>),
    ];
  }),
];

export const handedOver = (hoursFromNow: number, unproven: string[] = []): Told =>
  told('upkeep', hoursFromNow, {
    step: 'handed over',
    at: at(hoursFromNow),
    to: 'the port office',
    unproven,
  });
export const visit = (
  hoursFromNow: number,
  more: Partial<Extract<Body<'upkeep'>, { step: 'visit' }>> = {},
): Told =>
  told('upkeep', hoursFromNow, {
    ...{ step: 'visit', at: at(hoursFromNow), done: ['looked at'], details: [], topUm: [], ...more },
  });

export function planFor(
  job: GateJob,
  more: { latitudeDeg?: number | undefined; nowMs?: number } = {},
): UpkeepPlan {
  const state = stateFor({ ...job, ...(more.nowMs === undefined ? {} : { nowMs: more.nowMs }) });
  const { survey, book, series } = state.kept.inputs;
  const zone = survey.zones[0]!;
  const quantities = zoneQuantities(zone);
  if (!quantities.ok) throw new Error('no zone');
  const plan = upkeepOf({
    ...{ zoneId: 'hall', areaM2: quantities.value.slopeArea, buildUp: job.buildUp ?? polyurethane },
    ...{ statuses: state.calls.map((c) => c.status), book, surface: knownRoofLevelsOf(zone), series },
    ...{ latitudeDeg: 'latitudeDeg' in more ? more.latitudeDeg : 40, practice: state.practice },
    ...{ timeZone: 'Europe/Lisbon', nowMs: more.nowMs ?? NOW },
  });
  if (!plan) throw new Error('nothing said of upkeep');
  return plan;
}
