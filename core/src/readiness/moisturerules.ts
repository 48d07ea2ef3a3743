/** Rules of damp: by the meter, by mass, in the slab, under a plastic sheet. Common practice, no source. */
import { given, words, type Given, type Part } from '../figures/index.ts';
import type { MoistureScale } from '../survey/index.ts';
import { against, by, isMineral, reason, untested, type Rule } from './rule.ts';
import { newest, worst, worstWord } from './tests.ts';
import type { Case, Reason, ReasonFacts, Weight } from './types.ts';

/** The scales on which a limit for this ground is said. */
const scalesOf = (c: Case): readonly MoistureScale[] =>
  c.substrate.family === 'timber' ? ['scale of the meter', 'timber, % by mass'] : ['scale of the meter'];

/** The limit of the layer itself, else of practice for a primer or for what goes on bare. */
const moistureLimit = (c: Case): Given =>
  c.layer?.moistureMax ??
  (c.substrate.family === 'timber'
    ? c.practice.moistureTimber
    : c.layer && !c.layer.primes
      ? c.practice.moistureUnprimed
      : c.practice.moisturePrimed);

/** Readings by mass have limits of their own; a layer’s own limit, and going unprimed, are on the scale of the meter. */
function massMoisture(c: Case): Reason | undefined {
  if (!isMineral(c)) return undefined;
  for (const [scale, limit] of [
    ['carbide test, % by mass', c.practice.moistureCarbide],
    ['oven-dried, % by mass', c.practice.moistureOven],
  ] as const) {
    const wettest = worst(c, 'moisture', 'high', (t) => t.scale === scale);
    if (!wettest) continue;
    const facts = against(wettest, limit);
    if (wettest.number > limit.value)
      return reason(
        'moisture',
        'hold',
        'Moisture:',
        words`${wettest.reading} (${scale}) is above ${limit} ${by(limit)}.`,
        ['Dry it and measure again.'],
        facts,
      );
    return c.layer && !c.layer.primes
      ? reason(
          'moisture',
          'hold',
          'Moisture:',
          words`${wettest.reading} (${scale}), at most ${limit} with primer; whether it may go unprimed is read with the meter.`,
          ['Take readings with the meter, or prime.'],
          untested('moisture', c.practice.moistureUnprimed),
        )
      : reason(
          'moisture',
          'steps',
          'Moisture:',
          words`${wettest.reading} (${scale}), at most ${limit}: with primer ${by(limit)}.`,
          ['Below what the meter allows it may go unprimed.'],
          facts,
        );
  }
  return undefined;
}

export const moisture: Rule = (c) => {
  if (!c.substrate.porous || !c.family.bonded || c.substrate.key === 'foam') return undefined;
  const say = (
    weight: Weight,
    says: readonly Part[],
    change: readonly Part[] = [],
    facts: ReasonFacts = {},
  ) => reason('moisture', weight, 'Moisture:', says, change, facts);
  if (c.family.dampGround && isMineral(c))
    return say(
      'note',
      words`${c.family.name} wants damp ground: wetted until it drinks no more, matt, no water standing (common practice).`,
    );
  const scales = scalesOf(c);
  const wettest = worst(c, 'moisture', 'high', (t) => scales.includes(t.scale ?? 'scale of the meter'));
  const limit = moistureLimit(c);
  if (!wettest) {
    const byMass = massMoisture(c);
    if (byMass) return byMass;
    const other = newest(c, 'moisture')[0];
    return other
      ? say(
          'hold',
          words`${given('moisture', Number(other.value), 'moisture', 'measured')} was read on another scale (${other.scale ?? ''}); the limit of ${limit} is on the scale of the meter.`,
          ['Take readings with the meter, or find the limit for that scale in the data sheet.'],
          untested('moisture', limit),
        )
      : say(
          'hold',
          ['no meter reading has been taken.'],
          ['Take readings over the zone, the low places and the edges first.'],
          untested('moisture', limit),
        );
  }
  const facts = against(wettest, limit);
  if (c.substrate.family === 'timber' && !c.layer?.moistureMax)
    return wettest.number <= limit.value
      ? say('fine', words`${wettest.reading}, at most ${limit}.`, [], facts)
      : say(
          'hold',
          words`${wettest.reading} is above ${limit} for timber ${by(limit)}.`,
          ['Dry it, cover it, and measure again.'],
          facts,
        );
  // What goes on bare has to be below its limit, not at it.
  const bare = c.layer !== undefined && !c.layer.primes && !c.layer.moistureMax;
  if (wettest.number > limit.value || (bare && wettest.number === limit.value))
    return say(
      'hold',
      c.layer?.moistureMax
        ? words`${wettest.reading} is above ${limit}, the ${c.layer.name.toLowerCase()}’s own limit (${limit.source}).`
        : words`${wettest.reading} is above ${limit} ${by(limit)}.`,
      c.layer?.moistureMax
        ? ['Dry it and measure again, or a primer that is sold for this reading.']
        : words`Dry it and measure again: with primer from ${c.practice.moisturePrimed} down, unprimed below ${c.practice.moistureUnprimed}.`,
      facts,
    );
  if (wettest.number >= c.practice.moistureUnprimed.value && !c.layer?.moistureMax)
    return say(
      'steps',
      words`${wettest.reading}: from ${c.practice.moistureUnprimed} to ${c.practice.moisturePrimed} only with primer ${by(limit)}.`,
      words`Below ${c.practice.moistureUnprimed} it may go unprimed.`,
      facts,
    );
  return say(
    'fine',
    c.layer?.moistureMax
      ? words`${wettest.reading}, at most ${limit} for ${c.layer.name.toLowerCase()}.`
      : words`${wettest.reading}, below ${c.practice.moistureUnprimed}.`,
    [],
    facts,
  );
};

export const humidity: Rule = (c) => {
  const wettest = worst(c, 'humidity', 'high');
  if (!wettest || !isMineral(c)) return undefined;
  return wettest.number > c.practice.humidityInSlab.value
    ? reason(
        'humidity',
        'hold',
        'In-slab humidity:',
        words`${wettest.reading} is above ${c.practice.humidityInSlab} (common practice, test as in ASTM F2170).`,
        ['Let it dry, or a primer that is sold as a moisture barrier for this reading.'],
        against(wettest, c.practice.humidityInSlab),
      )
    : reason(
        'humidity',
        'fine',
        'In-slab humidity:',
        words`${wettest.reading}, at most ${c.practice.humidityInSlab}.`,
      );
};

export const sheet: Rule = (c) => {
  const found = worstWord(c, 'sheet');
  if (!found) return undefined;
  return found === 'damp'
    ? reason(
        'sheet',
        'hold',
        'Plastic sheet:',
        ['damp stood below the sheet in the morning: water is rising.'],
        ['Dry it, and tape a sheet again overnight.'],
      )
    : reason('sheet', 'fine', 'Plastic sheet:', ['dry below it in the morning.']);
};
