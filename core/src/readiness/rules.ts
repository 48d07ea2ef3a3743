/**
 * The rules that turn what was found into reasons. Each is about one thing and says its number, its limit, where the
 * limit comes from, and what would change it. Common practice, no source, where the limit names none.
 */
import { fitOf } from '../family/index.ts';
import { given, words, type Part } from '../figures/index.ts';
import { FEATURE_KINDS, featureFacts, upstandMm } from '../survey/index.ts';
import { inspectionFor } from './inspection.ts';
import { LIMITS } from './limits.ts';
import { worst, worstWord } from './tests.ts';
import type { Case, Reason, Weight } from './types.ts';

const MS_PER_DAY = 86_400_000;

const reason = (
  rule: string,
  weight: Weight,
  subject: string,
  says: readonly Part[],
  change: readonly Part[] = [],
): Reason => ({ rule, weight, subject, says, change });

const mineral = (c: Case): boolean => c.substrate.family === 'mineral';
const trafficked = (c: Case): boolean => c.family.trafficked !== 'no';

type Rule = (c: Case) => Reason | readonly Reason[] | undefined;

/** Chemistry: what sticks to what. */
const fit: Rule = (c) => {
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
    case 'blocker':
      return reason(
        'bleed',
        'steps',
        'Bleeding:',
        words`oils of ${on} stain and soften a light coat; ${name} goes on it only over its bleed-blocking primer (common practice).`,
        ['A family that is not light in colour.'],
      );
    case 'trial': {
      const pulled = worstWord(c.zone, 'strip-pull');
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
      );
    }
    case 'primer':
      return reason('fit', 'note', 'Substrate:', words`${name} goes on ${on} over its primer.`);
    default:
      return reason('fit', 'fine', 'Substrate:', words`${name} goes on ${on}.`);
  }
};

const flame: Rule = (c) =>
  c.family.heat === 'flame' && c.substrate.burns
    ? reason(
        'flame',
        'hold',
        'Flame:',
        words`${c.substrate.name.toLowerCase()} takes fire under a torch; nothing is torched to it directly.`,
        [
          'A nailed or self-adhered base sheet below, a permit and a fire watch; or a family without a flame.',
        ],
      )
    : undefined;

const age: Rule = (c) => {
  const laidOn = c.zone.substrate?.laidOn;
  if (c.substrate.key !== 'concrete-new' && !(c.substrate.key === 'screed' && laidOn)) return undefined;
  if (!laidOn)
    return reason(
      'age',
      'hold',
      'Age:',
      words`the day on which it was laid is not known; ${LIMITS.concreteAgeDays} days are usual.`,
      ['Fill in the day.'],
    );
  const laidMs = Date.parse(laidOn);
  const days = given('age in days', Math.floor((c.nowMs - laidMs) / MS_PER_DAY), 'count', 'measured');
  if (days.value >= LIMITS.concreteAgeDays.value)
    return reason('age', 'fine', 'Age:', words`${days} days old, ${LIMITS.concreteAgeDays} are usual.`);
  const ready = { atMs: laidMs + LIMITS.concreteAgeDays.value * MS_PER_DAY };
  return reason(
    'age',
    'hold',
    'Age:',
    words`${days} days old; ${LIMITS.concreteAgeDays} are usual (common practice).`,
    words`Opens ${ready}.`,
  );
};

const moisture: Rule = (c) => {
  if (!c.substrate.porous || !c.family.bonded || c.substrate.key === 'foam') return undefined;
  const wettest = worst(c.zone, 'moisture', 'high');
  const timber = c.substrate.family === 'timber';
  if (!wettest)
    return reason(
      'moisture',
      'hold',
      'Moisture:',
      ['no meter reading has been taken.'],
      ['Take readings over the zone, the low places and the edges first.'],
    );
  if (timber) {
    return wettest.number <= LIMITS.moistureTimber.value
      ? reason('moisture', 'fine', 'Moisture:', words`${wettest.reading}, at most ${LIMITS.moistureTimber}.`)
      : reason(
          'moisture',
          'hold',
          'Moisture:',
          words`${wettest.reading} is above ${LIMITS.moistureTimber} for timber (common practice).`,
          ['Dry it, cover it, and measure again.'],
        );
  }
  if (wettest.number > LIMITS.moisturePrimed.value)
    return reason(
      'moisture',
      'hold',
      'Moisture:',
      words`${wettest.reading} is above ${LIMITS.moisturePrimed} (common practice).`,
      words`Dry it and measure again: with primer from ${LIMITS.moisturePrimed} down, unprimed below ${LIMITS.moistureUnprimed}.`,
    );
  if (wettest.number >= LIMITS.moistureUnprimed.value)
    return reason(
      'moisture',
      'steps',
      'Moisture:',
      words`${wettest.reading}: from ${LIMITS.moistureUnprimed} to ${LIMITS.moisturePrimed} only with primer (common practice).`,
      words`Below ${LIMITS.moistureUnprimed} it may go unprimed.`,
    );
  return reason(
    'moisture',
    'fine',
    'Moisture:',
    words`${wettest.reading}, below ${LIMITS.moistureUnprimed}.`,
  );
};

const humidity: Rule = (c) => {
  const wettest = worst(c.zone, 'humidity', 'high');
  if (!wettest || !mineral(c)) return undefined;
  return wettest.number > LIMITS.humidityInSlab.value
    ? reason(
        'humidity',
        'hold',
        'In-slab humidity:',
        words`${wettest.reading} is above ${LIMITS.humidityInSlab} (common practice, test as in ASTM F2170).`,
        ['Let it dry, or a primer that is sold as a moisture barrier for this reading.'],
      )
    : reason(
        'humidity',
        'fine',
        'In-slab humidity:',
        words`${wettest.reading}, at most ${LIMITS.humidityInSlab}.`,
      );
};

const sheet: Rule = (c) => {
  const found = worstWord(c.zone, 'sheet');
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

const profile: Rule = (c) => {
  if (!mineral(c) || c.substrate.key === 'tiles') return undefined;
  const [least, most] = c.family.profile;
  const asks = words`CSP ${given('least profile', least, 'count', 'typical')} to ${given('most profile', most, 'count', 'typical')}`;
  const low = worst(c.zone, 'profile', 'low');
  const high = worst(c.zone, 'profile', 'high');
  if (!low || !high)
    return trafficked(c)
      ? reason(
          'profile',
          'hold',
          'Surface profile:',
          ['has not been compared with the chips; ', ...asks, ' is wanted.'],
          ['Compare in three places.'],
        )
      : undefined;
  if (low.number < least)
    return reason(
      'profile',
      'steps',
      'Surface profile:',
      words`CSP ${low.reading} is too smooth: `.concat(asks, ' is wanted (scale of ICRI 310.2R).'),
      ['Grind or shot-blast, and compare again.'],
    );
  if (high.number > most)
    return reason(
      'profile',
      'steps',
      'Surface profile:',
      words`CSP ${high.reading} is too rough: `.concat(
        asks,
        ' is wanted; it eats material and shows through.',
      ),
      ['A scrape coat first, or allow for its volume.'],
    );
  return reason(
    'profile',
    'fine',
    'Surface profile:',
    words`CSP ${low.reading} to ${high.reading}; `.concat(asks, ' is wanted.'),
  );
};

const strength: Rule = (c) => {
  if (c.family.trafficked !== 'wheels') return undefined;
  const weakest = worst(c.zone, 'strength', 'low');
  if (!weakest)
    return reason(
      'strength',
      'hold',
      'Strength:',
      words`has not been tested; ${LIMITS.strengthTraffic} is wanted under wheels.`,
      ['Rebound hammer in ten places, or cores.'],
    );
  return weakest.number < LIMITS.strengthTraffic.value
    ? reason(
        'strength',
        'refused',
        'Strength:',
        words`${weakest.reading} is below ${LIMITS.strengthTraffic} (common practice): wheels break the surface away under the coat.`,
        ['A structural repair of the surface, tested again; or no wheels on it.'],
      )
    : reason('strength', 'fine', 'Strength:', words`${weakest.reading}, at least ${LIMITS.strengthTraffic}.`);
};

const pullOff: Rule = (c) => {
  if (!mineral(c)) return undefined;
  const limit = trafficked(c) ? LIMITS.pullOffTraffic : LIMITS.pullOff;
  const weakest = worst(c.zone, 'pull-off', 'low');
  if (!weakest)
    return trafficked(c)
      ? reason('pull-off', 'hold', 'Pull-off:', words`has not been tested; ${limit} is wanted.`, [
          'Pull three dollies.',
        ])
      : undefined;
  return weakest.number < limit.value
    ? reason(
        'pull-off',
        'hold',
        'Pull-off:',
        words`${weakest.reading} is below ${limit} (common practice, test as in EN 1542).`,
        ['Take off the weak layer and pull again.'],
      )
    : reason('pull-off', 'fine', 'Pull-off:', words`${weakest.reading}, at least ${limit}.`);
};

const core: Rule = (c) => {
  if (!c.substrate.covering || c.substrate.family === 'mineral') return undefined;
  const found = worstWord(c.zone, 'core');
  if (found === undefined)
    return reason(
      'core',
      'hold',
      'Core sample:',
      ['none has been cut: whether water is trapped below the covering is not known.'],
      ['Cut one at the lowest place and one where it sounds hollow; close them the same day.'],
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

const tack: Rule = (c) =>
  worstWord(c.zone, 'tack') === 'tacky'
    ? reason('tack', 'hold', 'Primer:', ['still tacky under a fingertip.'], ['Wait, and touch again.'])
    : undefined;

const standing: Rule = (c) => {
  if (!c.falls) return undefined;
  const reasons: Reason[] = [];
  const deep = c.falls.ponds.filter((p) => p.deepestM * 1000 >= LIMITS.pondDepth.value);
  const deepest = deep.reduce((most, p) => Math.max(most, p.deepestM), 0);
  if (deep.length > 0) {
    const says = words`${given('ponds', deep.length, 'count', 'measured')} of up to ${given('depth', deepest * 1000, 'gap', 'measured', 'from the levels')} over ${c.falls.pondArea}`;
    if (c.family.ponding === 'refused')
      reasons.push(
        reason(
          'ponding',
          'steps',
          'Ponding:',
          says.concat(`: ${c.family.name} must not stand under water (common practice).`),
          ['Level the ponds first, or a family that stands ponding.'],
        ),
      );
    else if (c.family.ponding === 'short')
      reasons.push(
        reason(
          'ponding',
          'steps',
          'Ponding:',
          says.concat(`: ${c.family.name} stands water for two days, not for good (common practice).`),
          ['Level them, or bring the outlets down.'],
        ),
      );
    else reasons.push(reason('ponding', 'note', 'Ponding:', says.concat(`; ${c.family.name} stands it.`)));
  }
  const { meanFall } = c.falls;
  const least = given('least fall', c.family.minFallPct, 'fall', 'typical', 'common practice');
  if (c.family.minFallPct > 0 && meanFall.value < c.family.minFallPct)
    reasons.push(
      reason(
        'fall',
        'steps',
        'Fall:',
        words`${meanFall} on the mean is below ${least} for ${c.family.name} (common practice).`,
        ['Level to a fall, or a family that may lie flat.'],
      ),
    );
  for (const o of c.falls.outlets) {
    if (o.proudM === undefined || o.proudM * 1000 <= LIMITS.outletProud.value) continue;
    const by = given(`${o.name}, rim over the surface`, o.proudM * 1000, 'gap', 'measured');
    reasons.push(
      reason(
        'proud-outlet',
        'steps',
        'Outlet:',
        words`${o.name} stands ${by} proud of the surface; it belongs below it.`,
        ['Set it lower, or raise the surface around it.'],
      ),
    );
  }
  if (!c.falls.hasDrain)
    reasons.push(
      reason(
        'no-drain',
        'hold',
        'Drainage:',
        ['no outlet and no edge lets the water go.'],
        ['Enter the outlets, or the edge over which it drains.'],
      ),
    );
  return reasons;
};

const noLevels: Rule = (c) =>
  c.falls || c.family.ponding === 'stands' || (c.zone.fallPct ?? 0) >= Math.max(c.family.minFallPct, 1)
    ? undefined
    : reason(
        'no-levels',
        'hold',
        'Falls:',
        words`no levels were taken, and ${c.family.name} does not stand under water.`,
        ['Take levels on a grid, at the outlets and at the edges.'],
      );

const inspection: Rule = (c) =>
  inspectionFor(c.substrate).flatMap((item): Reason[] => {
    const found = c.zone.findings.find((f) => f.item === item.key);
    const subject = 'Inspection:';
    if (!found || found.answer === 'not looked at')
      return [
        reason(
          `look-${item.key}`,
          'hold',
          subject,
          [`not yet looked at: ${item.question}`],
          ['Look, and answer.'],
        ),
      ];
    if (found.answer === item.good) return [];
    const note = found.note.trim() === '' ? '' : ` (${found.note.trim()})`;
    return [
      reason(
        item.key,
        item.bad.weight,
        subject,
        [`${item.bad.says}${note}.`],
        [`${item.bad.change.charAt(0).toUpperCase()}${item.bad.change.slice(1)}.`],
      ),
    ];
  });

const defects: Rule = (c) =>
  FEATURE_KINDS.filter((kind) => featureFacts(kind).defect).flatMap((kind): Reason[] => {
    const found = c.quantities.features.find((f) => f.kind === kind);
    if (!found) return [];
    const name = featureFacts(kind).name.toLowerCase();
    const says = found.length ? words`${name}, ${found.length}.` : words`${name}, ${found.count} of them.`;
    return [reason(`defect-${kind}`, 'steps', 'Defect:', says, ['Repaired as listed in the preparation.'])];
  });

const movementJoints: Rule = (c) => {
  const joint = c.quantities.edges.find((e) => e.kind === 'joint');
  return joint
    ? reason(
        'joint',
        'steps',
        'Movement joint:',
        words`${joint.length}: sealed with its own profile before the coat, never bridged blind.`,
        ['The joint is built first.'],
      )
    : undefined;
};

const lowUpstands: Rule = (c) => {
  const low = c.quantities.sides.filter(
    ({ edge }) => edge.kind === 'upstand' && upstandMm(edge) < LIMITS.upstandHeight.value,
  );
  const lowest = Math.min(...low.map((s) => upstandMm(s.edge)));
  return low.length > 0
    ? reason(
        'upstand',
        'note',
        'Upstands:',
        words`${given('lowest upstand', lowest, 'lap', 'measured')} at the lowest; ${LIMITS.upstandHeight} above the finished surface is usual (common practice).`,
        ['Raised, or agreed with whoever signs for it.'],
      )
    : undefined;
};

export const RULES: readonly Rule[] = [
  fit,
  flame,
  age,
  moisture,
  humidity,
  sheet,
  core,
  profile,
  strength,
  pullOff,
  tack,
  standing,
  noLevels,
  inspection,
  defects,
  movementJoints,
  lowUpstands,
];
