/** Rules of the ground: what sticks to it, how old, how damp, what lies below it. Common practice, no source. */
import { fitOf } from '../family/index.ts';
import { given, words, type Given, type Part } from '../figures/index.ts';
import type { MoistureScale } from '../survey/index.ts';
import { MS_PER_DAY } from '../units/index.ts';
import { against, by, isMineral, reason, untested, type Rule } from './rule.ts';
import { newest, worst, worstWord } from './tests.ts';
import type { Case, ReasonFacts, Weight } from './types.ts';

/** Chemistry: what sticks to what. */
export const fit: Rule = (c) => {
  const { name } = c.family;
  const on = c.substrate.name.toLowerCase();
  const terms = fitOf(c.family.key, c.substrate.key);
  switch (terms.kind) {
    case 'no':
      return reason(
        'fit',
        'refused',
        'Substrate:',
        words`${name} does not go on ${on}: ${terms.why} (common practice).`,
        [
          c.substrate.key === 'silicone'
            ? 'A silicone system, or taking the silicone off to the substrate below.'
            : 'Another family, or another surface to lay it on.',
        ],
      );
    case 'blocker': {
      const says = words`oils of ${on} stain and soften a light coat; ${name} goes on it only over its bleed-blocking primer (common practice).`;
      const change = ['A family that is not light in colour.'];
      return c.layer && !c.layer.blocksBleed
        ? reason('bleed', 'hold', 'Bleeding:', says.concat(` ${c.layer.name} does not block it.`), change)
        : reason('bleed', 'steps', 'Bleeding:', says, change);
    }
    case 'trial': {
      const pulled = worstWord(c, 'strip-pull');
      if (pulled === 'tears itself')
        return reason(
          'trial',
          'fine',
          'Trial patch:',
          words`the strip tore itself before it let go of ${on}.`,
        );
      if (pulled === 'peels off')
        return reason(
          'trial',
          'refused',
          'Trial patch:',
          words`the strip peeled off ${on}: ${name} does not hold on it.`,
          ['Another primer and a new trial patch, or another family.'],
        );
      return reason(
        'trial',
        'hold',
        'Trial patch:',
        words`whether ${name} holds on ${on} is known only from a trial patch; none has been pulled.`,
        ['Lay a patch with mesh, let it cure, pull it.'],
        untested('strip-pull'),
      );
    }
    case 'primer':
      return reason('fit', 'note', 'Substrate:', words`${name} goes on ${on} over its primer.`);
    default:
      return reason('fit', 'fine', 'Substrate:', words`${name} goes on ${on}.`);
  }
};

export const age: Rule = (c) => {
  const laidOn = c.zone.substrate?.laidOn;
  if (c.substrate.key !== 'concrete-new' && !(c.substrate.key === 'screed' && laidOn)) return undefined;
  const limit = c.practice.concreteAgeDays;
  if (!laidOn)
    return reason(
      'age',
      'hold',
      'Age:',
      words`the day on which it was laid is not known; ${limit} days are usual.`,
      ['Fill in the day.'],
      { unknown: true, limit },
    );
  const laidMs = Date.parse(laidOn);
  const days = given('age in days', Math.floor((c.nowMs - laidMs) / MS_PER_DAY), 'count', 'measured');
  const facts: ReasonFacts = { actual: days, limit };
  if (days.value >= limit.value)
    return reason('age', 'fine', 'Age:', words`${days} days old, ${limit} are usual.`, [], facts);
  // What drove on it needs the strength of its age; what only lies on it needs it dry.
  const dry = worst(c, 'moisture', 'high', (t) => (t.scale ?? 'scale of the meter') === 'scale of the meter');
  if (c.family.trafficked !== 'wheels' && dry && dry.number < c.practice.moistureUnprimed.value)
    return reason(
      'age',
      'fine',
      'Age:',
      words`${days} days old where ${limit} are usual, but measured dry at ${dry.reading}, below ${c.practice.moistureUnprimed} ${by(limit)}.`,
      [],
      facts,
    );
  const ready = { atMs: laidMs + limit.value * MS_PER_DAY };
  return reason(
    'age',
    'hold',
    'Age:',
    words`${days} days old; ${limit} are usual ${by(limit)}.`,
    words`Opens ${ready}${c.family.trafficked === 'wheels' ? '.' : ', or once it is measured dry.'}`,
    facts,
  );
};

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

export const moisture: Rule = (c) => {
  if (!c.substrate.porous || !c.family.bonded || c.substrate.key === 'foam') return undefined;
  const say = (
    weight: Weight,
    says: readonly Part[],
    change: readonly Part[] = [],
    facts: ReasonFacts = {},
  ) => reason('moisture', weight, 'Moisture:', says, change, facts);
  const scales = scalesOf(c);
  const wettest = worst(c, 'moisture', 'high', (t) => scales.includes(t.scale ?? 'scale of the meter'));
  const limit = moistureLimit(c);
  if (!wettest) {
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

export const core: Rule = (c) => {
  if (!c.substrate.covering || c.substrate.family === 'mineral') return undefined;
  const found = worstWord(c, 'core');
  if (found === undefined)
    return reason(
      'core',
      'hold',
      'Core sample:',
      ['none has been cut: whether water is trapped below the covering is not known.'],
      ['Cut one at the lowest place and one where it sounds hollow; close them the same day.'],
      untested('core'),
    );
  if (found === 'dry') return reason('core', 'fine', 'Core sample:', ['dry down to the deck.']);
  return found === 'wet'
    ? reason(
        'core',
        'refused',
        'Core sample:',
        ['wet: water is trapped below the covering, and would be sealed in.'],
        ['Strip the wet part and what it soaked, dry, make good, and cut again.'],
      )
    : reason(
        'core',
        'hold',
        'Core sample:',
        ['damp below the covering.'],
        ['Find how far it goes; vent or strip it, and cut again.'],
      );
};

export const tack: Rule = (c) =>
  worstWord(c, 'tack') === 'tacky'
    ? reason('tack', 'hold', 'Primer:', ['still tacky under a fingertip.'], ['Wait, and touch again.'])
    : undefined;
