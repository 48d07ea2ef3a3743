/**
 * How a mix is made, step by step: liquids stirred and put together, dry powder into liquid and never stirred alone, hardener
 * or catalyst last, sides scraped, stirred again, rested where its sheet says so. Common practice, no source.
 */
import { cited, type Coat, type MixedPart, type PART_KINDS } from '../buildup/index.ts';
import { words, type Given, type Figure, type Part } from '../figures/index.ts';

export interface MixStep {
  readonly says: readonly Part[];
  readonly minutes?: Given;
}

type PartKind = (typeof PART_KINDS)[number];
/** In the sequence in which kinds go into the bucket. */
const SEQUENCE: readonly PartKind[] = [
  ...(['water', 'liquid', 'resin', 'sealer', 'pigment'] as const),
  ...(['powder', 'filler', 'thickener', 'hardener'] as const),
];
const DRY: readonly PartKind[] = ['powder', 'filler', 'thickener'];

const kindOf = (coat: Coat, part: MixedPart): PartKind =>
  coat.mix?.parts.find((p) => p.id === part.id)?.kind ?? 'liquid';

/** Parts in the order in which they are put together. */
export const inMixingOrder = (coat: Coat, parts: readonly MixedPart[]): MixedPart[] =>
  [...parts].sort((a, b) => SEQUENCE.indexOf(kindOf(coat, a)) - SEQUENCE.indexOf(kindOf(coat, b)));

const listed = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1) ?? ''}`;

export interface Mixed {
  readonly parts: readonly MixedPart[];
  readonly catalyst: { readonly mass: Figure } | undefined;
  readonly thickener: { readonly mass: Figure; readonly trial: Given } | undefined;
}

/** Whether it cures by itself once it is mixed: in the bucket too, and faster there. */
export const curesInBucket = (coat: Coat): boolean =>
  coat.catalyst !== undefined || (coat.mix?.parts.some((p) => p.kind === 'hardener') ?? false);

export function mixSteps(coat: Coat, { parts, catalyst, thickener }: Mixed): MixStep[] {
  const minutes = coat.stirring && cited('stirring', coat.stirring.minutes, 'minutes');
  const stirred = minutes ? { minutes } : {};
  const rest = coat.stirring?.restMinutes && cited('rest', coat.stirring.restMinutes, 'minutes');
  const speed: readonly Part[] = coat.stirring?.rpm
    ? words` at about ${cited('paddle', coat.stirring.rpm, 'count')} rpm`
    : [];
  const names = (of: (kind: PartKind) => boolean): string[] =>
    inMixingOrder(coat, parts)
      .filter((p) => of(kindOf(coat, p)))
      .map((p) => p.name.toLowerCase());
  const hardeners = names((k) => k === 'hardener');
  const dry = names((k) => DRY.includes(k));
  const wet = names((k) => k !== 'hardener' && !DRY.includes(k));
  const steps: MixStep[] = [];

  if (parts.length === 0)
    steps.push({
      says: [
        'Stir the container',
        ...speed,
        ' until it is uniform and nothing is left at the bottom. Scrape sides and bottom; draw in no air.',
      ],
      ...stirred,
    });
  else {
    const settles = [...wet, ...(dry.length === 0 ? hardeners : [])];
    steps.push({
      says: [
        `Stir the ${listed(settles)} first, ${settles.length > 1 ? 'each in its own container' : 'in its container'}: what has settled comes up.`,
      ],
    });
    if (wet.length > 1)
      steps.push({ says: [`Into a clean bucket: ${wet.join(', then ')}. Stir until uniform.`], ...stirred });
  }
  if (dry.length > 0) {
    steps.push({
      says: [
        `Sprinkle the ${listed(dry)} into the liquid while stirring`,
        ...speed,
        ', until there are no lumps. Never stir it dry: dust.',
      ],
      ...stirred,
    });
    steps.push({ says: ['Scrape sides and bottom, and stir again.'] });
  }
  if (rest) steps.push({ says: ['Let it rest, then stir once more. Add no water.'], minutes: rest });
  if (thickener)
    steps.push({
      says: ['Thickener a little at a time; a small patch on the slope first, and wait: it must not sag.'],
      minutes: thickener.trial,
    });
  if (hardeners.length > 0)
    steps.push(
      {
        says: [
          `All of the ${listed(hardeners)} last, while stirring`,
          ...speed,
          '. The pot life runs from here.',
        ],
        ...stirred,
      },
      { says: ['Scrape sides and bottom, pour over into a clean bucket and stir again.'] },
    );
  if (catalyst)
    steps.push({
      says: [
        ...words`Catalyst last: ${catalyst.mass}, sprinkled in while stirring`,
        ...speed,
        '. Scrape sides and bottom. The pot life runs from here.',
      ],
      ...stirred,
    });
  if (curesInBucket(coat))
    steps.push(
      { says: ['Pour it out at once and spread it: it cures faster in the bucket.'] },
      {
        says: [
          'If it thickens or warms before it is laid: take it outdoors, spread it shallow, away from anything that burns, and keep clear of its smoke, as the safety sheet says. Never leave it to harden in a full bucket: it heats, smokes and may ignite.',
        ],
      },
    );
  else if (dry.length > 0)
    steps.push({ says: ['Lay it within its pot life. What has stiffened is thrown away: add no water.'] });
  else
    steps.push({ says: ['Take out what is laid now and close the container: what stands open skins over.'] });
  return steps;
}
