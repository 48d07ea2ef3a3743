/** The roofs of the Velmora ferry terminal: a made-up place. Three zones so far. */
import { CATALOGUE, isCoat, type BuildUpDoc, type Coat } from '@lentum/core/buildup';
import type { BayBasis, SiteDoc } from '@lentum/core/site';
import { splitZone } from '@lentum/core/site';
import type { Survey, Zone } from '@lentum/core/survey';

const leg = (lengthM: number, turn: 'left' | 'right' = 'left', turnDeg = 90) => ({ lengthM, turnDeg, turn });

const hall: Zone = {
  id: 'hall',
  code: 'H',
  name: 'Booking hall roof',
  outline: {
    kind: 'walk',
    adjustmentAccepted: false,
    legs: [leg(10.4), leg(4.6, 'right'), leg(3.7), leg(7.6), leg(14.1), leg(12.2)],
  },
  openings: [
    {
      id: 'rooflight-1',
      name: 'Roof light',
      shape: { kind: 'rectangle', alongM: 4.4, acrossM: 2.2, lengthM: 1.6, widthM: 1.2 },
    },
  ],
  note: 'Concrete deck, two outlets on the north side. Access ladder at the south-east step.',
};

const terrace: Zone = {
  id: 'terrace',
  code: 'T',
  name: 'Upper passenger terrace',
  outline: {
    kind: 'walk',
    // Taped on a windy day: 18 mm short on the last side, seen and accepted.
    adjustmentAccepted: true,
    legs: [leg(9.6), leg(6.2), leg(9.6), leg(6.182)],
  },
  openings: [
    {
      id: 'stair',
      name: 'Stair head',
      shape: { kind: 'rectangle', alongM: 6.9, acrossM: 2.4, lengthM: 1.5, widthM: 2.1 },
    },
  ],
  note: 'Two door thresholds on the inner side.',
};

const canopy: Zone = {
  id: 'canopy',
  code: 'C',
  name: 'Landing canopy',
  outline: {
    kind: 'points',
    origin: 'GeoJSON',
    points: [
      [0, 0],
      [24, 0],
      [24, 4.2],
      [21.6, 6],
      [2.4, 6],
      [0, 4.2],
    ],
  },
  openings: [],
  note: 'Metal sheet under an old coating that held under the pressure washer.',
};

export const survey: Survey = { zones: [hall, terrace, canopy] };

const CHOSEN: readonly [zoneId: string, buildUpId: string][] = [
  ['hall', 'reinforced-polyurethane'],
  ['terrace', 'methacrylate-terrace'],
  ['canopy', 'two-coat-silicone'],
];

export const buildUps: BuildUpDoc = {
  buildUps: [...CATALOGUE],
  zones: CHOSEN.map(([zoneId, buildUpId]) => ({ zoneId, buildUpId, revision: 1 })),
};

export function coatOf(zoneId: string, layerId: string): Coat {
  const buildUpId = CHOSEN.find(([zone]) => zone === zoneId)?.[1];
  const layer = CATALOGUE.find((b) => b.id === buildUpId)?.layers.find((l) => l.id === layerId);
  if (!layer || !isCoat(layer)) throw new Error(`the demo names ${zoneId} ${layerId}, which is no coat`);
  return layer;
}

const CUTS: readonly { zone: Zone; layerId: string; basis: BayBasis }[] = [
  { zone: hall, layerId: 'first', basis: { kind: 'container', containerId: 'pail-25' } },
  { zone: terrace, layerId: 'membrane', basis: { kind: 'mix' } },
  { zone: canopy, layerId: 'base', basis: { kind: 'container', containerId: 'pail-20' } },
];

/** The bays, with ids that are the same each time. */
export function cutBays(): SiteDoc {
  const site: SiteDoc = { bays: [], cuts: [] };
  for (const { zone, layerId, basis } of CUTS) {
    let n = 0;
    const split = splitZone(zone, coatOf(zone.id, layerId), basis, () => `${zone.id}-${(n += 1)}`);
    if (!split.ok) throw new Error(`the demo zone ${zone.id} can not be cut`);
    site.bays.push(...split.value.bays);
    site.cuts.push({ zoneId: zone.id, layerId, by: split.value.by, coversM2: split.value.covers.value });
  }
  return site;
}
