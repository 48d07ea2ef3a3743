/**
 * What a crew takes along for the zones of a day, besides what is ordered: tools with their settings, what is measured
 * with, what is worn. From the layers and their products; common practice where they say nothing.
 */
import { isCoat, isSheet, type BuildUp, type Hazard, type Layer } from '../buildup/index.ts';
import { SUBSTRATES } from '../family/index.ts';
import type { Zone } from '../survey/index.ts';
import type { Written } from '../units/index.ts';
import { toolWords } from './toolwords.ts';

export const KIT_GROUPS = ['laying', 'mixing', 'heat', 'measuring', 'worn', 'first aid'] as const;
export type KitGroup = (typeof KIT_GROUPS)[number];

export const KIT_GROUP_NAMES: Readonly<Record<KitGroup, string>> = {
  laying: 'To lay with',
  mixing: 'To mix with',
  heat: 'Heat',
  measuring: 'To measure with',
  worn: 'To wear',
  'first aid': 'First aid and fire',
};

export interface KitLine {
  readonly group: KitGroup;
  readonly what: string;
  /** Layers that ask for it; empty for what always goes along. */
  readonly layers: readonly string[];
  readonly zones: readonly string[];
}

type Need = readonly [KitGroup, string];

const WORN: Readonly<Partial<Record<Hazard, readonly Need[]>>> = {
  sensitising: [['worn', 'chemical gloves, several pairs, and long sleeves']],
  irritant: [['worn', 'goggles and gloves']],
  'eye damage': [
    ['worn', 'tight goggles'],
    ['first aid', 'eye wash, enough for 15 minutes'],
  ],
  corrosive: [
    ['worn', 'face shield and chemical gloves'],
    ['first aid', 'eye wash, enough for 15 minutes'],
  ],
  toxic: [['worn', 'respirators as the safety sheet says']],
  flammable: [['first aid', 'extinguisher at the mixing place']],
  oxidising: [['mixing', 'a box of its own for the catalyst, with a lid']],
  dust: [['worn', 'dust respirators']],
  hot: [
    ['worn', 'heat-resistant gloves, face shields, closed boots'],
    ['first aid', 'water to cool burns'],
  ],
  'open flame': [['first aid', 'two extinguishers beside the flame, and who watches afterwards']],
  heavy: [['laying', 'lifting aid for what is heavy']],
};

function needsOf(layer: Layer, written: Written): Need[] {
  const found: Need[] = [];
  if ('tools' in layer) for (const t of layer.tools) found.push(['laying', toolWords(t, written)]);
  if (isCoat(layer)) {
    if (layer.kettle)
      found.push(
        ['heat', 'kettle with its own thermometer, hose and bottles'],
        ['measuring', 'probe thermometer for the melt'],
      );
    else found.push(['measuring', 'wet film gauge']);
    if (layer.mix || layer.catalyst || layer.stirring)
      found.push(['mixing', 'slow mixing drill with paddle']);
    if (layer.mix) found.push(['mixing', 'scale, and buckets that are marked']);
    if (layer.catalyst) found.push(['mixing', 'scale that reads to a gram']);
    if (layer.thinning) found.push(['mixing', 'measuring cup']);
    if (layer.role !== 'primer' && layer.role !== 'preparation')
      found.push(['laying', 'knife and straight edge for the masking']);
  }
  if (layer.kind === 'fabric') found.push(['laying', 'scissors, and a roller to press fabric in']);
  if (layer.kind === 'broadcast')
    found.push(
      ['laying', 'buckets to throw from, spiked shoes'],
      ['laying', 'broom or blower for what does not hold'],
    );
  if (isSheet(layer)) {
    found.push(['laying', 'knife with hook blades, chalk line, tape']);
    if (layer.bonding === 'torched')
      found.push(['heat', 'torch, hose, regulator and bottles'], ['heat', 'trowel to seal laps']);
    if (layer.bonding === 'mechanically fixed') found.push(['laying', 'screwdriver with depth stop']);
    if (layer.seam?.kind === 'hot-air weld')
      found.push(['heat', 'hot-air welder with spare nozzle'], ['measuring', 'test hook for seams']);
  }
  for (const h of layer.product?.hazards ?? []) found.push(...(WORN[h] ?? []));
  return found;
}

/** What every roof takes, and what its ground asks for. */
function always(zone: Zone): Need[] {
  const ground = zone.substrate && SUBSTRATES[zone.substrate.kind];
  return [
    ['measuring', 'thermometers and hygrometer: air, surface, dew point'],
    ['measuring', 'tape, and the plan of the bays'],
    ...(ground?.family === 'mineral'
      ? ([['measuring', 'moisture meter, chips for the profile']] as const)
      : []),
    ...(ground?.family === 'metal' ? ([['measuring', 'dry film gauge with zero plate']] as const) : []),
    ['first aid', 'first-aid box, water, and who is called'],
    ['worn', 'fall protection as the access asks for'],
  ];
}

/** @param zones those of the day, each under its build-up as it is laid there */
export function kitOf(
  zones: readonly { readonly zone: Zone; readonly buildUp: BuildUp }[],
  written: Written,
): KitLine[] {
  const found = new Map<string, { group: KitGroup; what: string; layers: Set<string>; zones: Set<string> }>();
  const put = ([group, what]: Need, zone: Zone, layer?: Layer): void => {
    const key = `${group}/${what}`;
    const line = found.get(key) ?? { group, what, layers: new Set<string>(), zones: new Set<string>() };
    if (layer) line.layers.add(layer.product?.name ?? layer.name);
    line.zones.add(zone.name);
    found.set(key, line);
  };
  for (const { zone, buildUp } of zones) {
    for (const need of always(zone)) put(need, zone);
    for (const layer of buildUp.layers) for (const need of needsOf(layer, written)) put(need, zone, layer);
  }
  return [...found.values()]
    .map((l): KitLine => ({ ...l, layers: [...l.layers], zones: [...l.zones] }))
    .sort((a, b) => KIT_GROUPS.indexOf(a.group) - KIT_GROUPS.indexOf(b.group));
}
