/** The build-ups and the bays of the Velmora ferry terminal: six of its eight zones are in work, the deck and the balcony are held by what the survey found. */
import { catalogue, isCoat, type BuildUpDoc, type Coat, type ZoneBuildUp } from '@lentum/core/buildup';
import type { BayBasis, SiteDoc } from '@lentum/core/site';
import { splitZone } from '@lentum/core/site';
import type { Survey } from '@lentum/core/survey';

const CHOSEN: readonly [zoneId: string, buildUpId: string][] = [
  ['hall', 'reinforced-polyurethane'],
  ['terrace', 'methacrylate-terrace'],
  ['canopy', 'metal-elastomeric'],
  ['deck', 'vehicular-deck'],
  ['workshop', 'self-adhered-two-ply'],
  ['balcony', 'pedestrian-deck'],
  ['garden', 'hot-rubberised'],
  ['office', 'gravel-restoration'],
];

/** What the survey found on a zone that asks for another rate. */
const CONDITIONS: Readonly<Record<string, ZoneBuildUp['conditions']>> = {
  balcony: ['absorbent'],
  office: ['rough'],
};

/** Options that are not the build-up's own. */
const OPTIONS: Readonly<Record<string, Record<string, string>>> = {
  office: { fabrics: 'crossed' },
  garden: { insulation: 'boards' },
};

export const buildUps: BuildUpDoc = {
  buildUps: catalogue()
    .filter((b) => b.family === 'POCKET' || CHOSEN.some(([, id]) => id === b.id))
    .map((b) => ({
      ...b,
      taken: { revision: b.revision },
    })),
  zones: CHOSEN.map(([zoneId, buildUpId]) => ({
    zoneId,
    buildUpId,
    revision: 1,
    conditions: CONDITIONS[zoneId] ?? [],
    choices: OPTIONS[zoneId] ?? {},
  })),
};

export function coatOf(zoneId: string, layerId: string): Coat {
  const buildUpId = CHOSEN.find(([zone]) => zone === zoneId)?.[1];
  const layer = catalogue()
    .find((b) => b.id === buildUpId)
    ?.layers.find((l) => l.id === layerId);
  if (!layer || !isCoat(layer)) throw new Error(`the demo names ${zoneId} ${layerId}, which is no coat`);
  return layer;
}

const CUTS: readonly { zoneId: string; layerId: string; basis: BayBasis }[] = [
  { zoneId: 'hall', layerId: 'first', basis: { kind: 'container', containerId: 'pail-25' } },
  { zoneId: 'terrace', layerId: 'membrane', basis: { kind: 'mix' } },
  { zoneId: 'workshop', layerId: 'primer', basis: { kind: 'container', containerId: 'can-10' } },
  { zoneId: 'canopy', layerId: 'base', basis: { kind: 'container', containerId: 'pail-10' } },
  { zoneId: 'garden', layerId: 'first', basis: { kind: 'charge' } },
  { zoneId: 'deck', layerId: 'primer', basis: { kind: 'container', containerId: 'drum-25' } },
  { zoneId: 'balcony', layerId: 'base', basis: { kind: 'container', containerId: 'pail-19' } },
  { zoneId: 'office', layerId: 'fill', basis: { kind: 'container', containerId: 'drum-200' } },
];

/** Ladders and doors: where people come on to each zone. */
const ACCESS: SiteDoc['access'] = [
  { zoneId: 'hall', at: { alongM: 0.4, acrossM: 0.2 } },
  { zoneId: 'terrace', at: { alongM: 4.8, acrossM: 5.6 } },
  { zoneId: 'canopy', at: { alongM: 0.3, acrossM: 0.2 } },
  { zoneId: 'workshop', at: { alongM: 0.5, acrossM: 0.2 } },
  { zoneId: 'garden', at: { alongM: 17.5, acrossM: 6.5 } },
  { zoneId: 'deck', at: { alongM: 25.5, acrossM: 0.5 } },
  { zoneId: 'balcony', at: { alongM: 2.7, acrossM: 1.6 } },
  { zoneId: 'office', at: { alongM: 10.5, acrossM: 0.3 } },
];

/** The bays, with ids that are the same each time. */
export function cutBays(survey: Survey): SiteDoc {
  const site: SiteDoc = { bays: [], cuts: [], access: [...ACCESS] };
  for (const { zoneId, layerId, basis } of CUTS) {
    const zone = survey.zones.find((z) => z.id === zoneId);
    if (!zone) throw new Error(`the demo has no zone ${zoneId}`);
    let n = 0;
    const split = splitZone(zone, coatOf(zone.id, layerId), basis, () => `${zone.id}-${(n += 1)}`);
    if (!split.ok) throw new Error(`the demo zone ${zone.id} cannot be cut`);
    site.bays.push(...split.value.bays);
    site.cuts.push({ zoneId: zone.id, layerId, by: split.value.by, coversM2: split.value.covers.value });
  }
  return site;
}
