/** An L of twelve metres with every kind of edge, an opening of each sort and every fitting; and its details. */
import { catalogue, type BuildUp } from '@lentum/core/buildup';
import { detailSchedule, type DetailKind, type DetailWork } from '@lentum/core/details';
import {
  edgeOf,
  FEATURE_KINDS,
  featureFacts,
  typicalSizes,
  type Edge,
  type Feature,
  type FeatureKind,
  type Zone,
} from '@lentum/core/survey';
import { pointsZone, rect } from './zones.ts';

export const edge = (kind: Edge['kind']): Edge => edgeOf(kind);
export const side = (e: Edge) => ({ edge: e, riseM: 0 });
export const upstand = (heightMm: number, termination: 'bar' | 'open' = 'bar'): Edge => ({
  kind: 'upstand',
  heightMm,
  termination,
});

export const feature = (kind: FeatureKind, i: number, more: Partial<Feature> = {}): Feature => ({
  id: `f-${kind}`,
  kind,
  count: 1,
  at: { alongM: 1 + i * 0.5, acrossM: 1 },
  ...(featureFacts(kind).form === 'line' ? { to: { alongM: 1 + i * 0.5, acrossM: 4 } } : {}),
  sizes: typicalSizes(kind),
  note: '',
  ...more,
});

export const everything = (): Zone =>
  pointsZone(
    [
      [0, 0],
      [12, 0],
      [12, 5],
      [6, 5],
      [6, 9],
      [0, 9],
      [0, 6],
      [0, 3],
    ],
    {
      sides: [
        side(upstand(300)),
        side(upstand(300)),
        side(upstand(200)),
        side({ kind: 'parapet', heightMm: 400, topWidthMm: 250 }),
        side(edge('drip')),
        side(edge('gutter')),
        side(edge('joint')),
        side(edge('threshold')),
      ],
      openings: [rect('Light', 2, 2, 1.2, 0.9), { ...rect('Base', 8, 1.5, 1, 1), kind: 'machine' }],
      features: FEATURE_KINDS.map((k, i) => feature(k, i)),
    },
  );

export const scheduleOf = (zone: Zone, buildUp: BuildUp) =>
  detailSchedule(
    { zones: [zone] },
    {
      buildUps: [buildUp],
      zones: [
        { zoneId: zone.id, buildUpId: buildUp.id, revision: buildUp.revision, conditions: [], choices: {} },
      ],
    },
  );
export const first = (zone: Zone, buildUp = catalogue()[0]!) => scheduleOf(zone, buildUp).zones[0]!;
export const work = (zone: Zone, where: string | DetailKind, buildUp = catalogue()[0]!): DetailWork =>
  first(zone, buildUp).work.find((w) => w.detail.where === where || w.detail.kind === where)!;
