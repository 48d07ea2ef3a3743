/**
 * One sheet of the substances of a job: what is on site, how much, what it can do, how to protect oneself, where it goes
 * afterwards. Made from the hazards of what is ordered. Common practice; the safety sheets and local rules decide.
 */
import { isCoat, type Coat, type Hazard, type Layer } from '../buildup/index.ts';
import type { Figure } from '../figures/index.ts';
import { picksWords, type Carriage, type OrderLine } from '../order/index.ts';
import { curesInBucket } from '../site/index.ts';
import { hazardWords, protectionOf, sprayProtection } from './protection.ts';

export interface Substance {
  readonly key: string;
  readonly name: string;
  readonly zoneNames: readonly string[];
  /** What the job takes of it, with its allowances. */
  readonly amount: Figure;
  readonly hazards: readonly Hazard[];
  readonly protect: readonly string[];
  readonly carriage: Carriage | undefined;
  readonly cleaner: string | undefined;
  readonly waste: readonly string[];
}

/** What is left of a coat, and where it goes. */
function wasteOf(coat: Coat, empties: string): string[] {
  const hazards = coat.product?.hazards ?? [];
  const waterBased = coat.product?.cleaner === 'water';
  return [
    ...(coat.kettle
      ? [
          'Wrappings of blocks go into the melt only where the data sheet says so, else as packaging.',
          'Cold melt is let go hard in its bucket and goes as bitumen waste; never back into the kettle once it is dirty.',
        ]
      : []),
    ...(curesInBucket(coat)
      ? [
          'What is mixed and left over is spread shallow outdoors to cure, and goes as cured resin; parts that are not mixed go as hazardous waste.',
        ]
      : []),
    ...(coat.catalyst
      ? [
          'Peroxide that is left goes back to the supplier or to a licensed carrier, in its own container; never with rags, sawdust or resin.',
        ]
      : []),
    ...(!coat.kettle && !curesInBucket(coat)
      ? [
          waterBased
            ? 'What is left dries in its pail and goes as dry paint waste.'
            : 'What is left stays in its closed container and goes as hazardous waste.',
        ]
      : []),
    waterBased
      ? 'Wash water of tools is collected and settled: none into drains, gutters or soil.'
      : 'Cleaner and rags go as hazardous waste, in a closed metal bin: they may catch fire by themselves.',
    ...(coat.kettle ? [] : [emptied(hazards, empties)]),
  ];
}

const emptied = (hazards: readonly Hazard[], empties: string): string =>
  hazards.includes('harms water')
    ? `${empties} scraped out, lids on, out of the rain; a spill is taken up with sand and goes as hazardous waste.`
    : `${empties} scraped out and dry.`;

/** What is left of a thing that belongs to no layer. */
function wasteOfSupply(hazards: readonly Hazard[]): string[] {
  if (hazards.includes('oxidising'))
    return [
      'Peroxide that is left goes back to the supplier or to a licensed carrier, in its own container; never with rags, sawdust or resin.',
    ];
  if (hazards.includes('open flame')) return ['Empty bottles go back with their valves closed and capped.'];
  if (hazards.includes('dust'))
    return ['What is left in bags is kept dry or let go hard, and goes as mineral waste.'];
  return ['What is left stays in its closed container and goes as hazardous waste.'];
}

const unique = <T>(list: readonly T[]): T[] => [...new Set(list)];

function substanceOf({
  key,
  item,
  zoneNames,
  layers,
  gross,
  carriage,
  buy,
}: OrderLine): Substance | undefined {
  const of = layers.map(({ layer }) => layer).filter((l: Layer) => (l.product?.hazards.length ?? 0) > 0);
  if (of.length === 0)
    return item.kind === 'sundry' && item.hazards.length > 0
      ? {
          key,
          name: item.name,
          zoneNames,
          amount: gross,
          hazards: item.hazards,
          protect: hazardWords(item.hazards),
          carriage,
          cleaner: undefined,
          waste: wasteOfSupply(item.hazards),
        }
      : undefined;
  const bought = picksWords(buy.picks);
  const empties = bought === '' ? 'Empties' : `Empties (${bought})`;
  return {
    key,
    name: item.name,
    zoneNames,
    amount: gross,
    hazards: unique(of.flatMap((l) => l.product?.hazards ?? [])),
    protect: unique(
      of.flatMap((l) => [...protectionOf(l), ...sprayProtection(l), ...(l.product?.cautions ?? [])]),
    ),
    carriage,
    cleaner: of.find((l) => l.product?.cleaner)?.product?.cleaner,
    waste: unique(of.filter(isCoat).flatMap((coat) => wasteOf(coat, empties))),
  };
}

/** @param lines of the job's order; what carries no hazard is left out */
export const substancesOf = (lines: readonly OrderLine[]): Substance[] =>
  lines.flatMap((line) => substanceOf(line) ?? []);
