/** Rules of the ground: what sticks to it, how old, how damp, what lies below it. Common practice, no source. */
import { fitOf } from '../family/index.ts';
import { given, words } from '../figures/index.ts';
import { MS_PER_DAY } from '../units/index.ts';
import { by, reason, untested, type Rule } from './rule.ts';
import { worst, worstWord } from './tests.ts';
import type { ReasonFacts } from './types.ts';

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
