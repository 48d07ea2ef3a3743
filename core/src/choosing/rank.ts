/**
 * Which build-ups of a library suit a zone. The rules are a list: what each asks, and what it answers. Whether a family
 * goes on the substrate, its moisture, falls and ponds is judged by the survey's readiness; the rest is asked here.
 * Common practice, no source, where no other source is named.
 */
import { buildUpFindings, cited, resolve, type BuildUp, type Terms } from '../buildup/index.ts';
import type { FamilyKey, SubstrateKey } from '../family/index.ts';
import { FAMILIES } from '../family/index.ts';
import { given, words, type Part } from '../figures/index.ts';
import type { Readiness } from '../readiness/index.ts';
import { measure, type Measures } from './compare.ts';
import type { Pace } from './schedule.ts';

export interface Situation {
  readonly pace: Pace;
  readonly substrate: SubstrateKey | undefined;
  /** Judged from the survey, where it can be. */
  readonly readiness: ReadonlyMap<FamilyKey, Readiness>;
  readonly traffic: 'no' | 'feet' | 'wheels';
  readonly exposure: 'exposed' | 'covered';
  readonly ponds: boolean;
  readonly slopePct: number;
  /** Surface temperatures to be met on working days of the season. */
  readonly coldestC: number;
  readonly warmestC: number;
  /** Hours without rain that can be counted on. */
  readonly dryHours: number;
  /** Days allowed until it is open to its traffic; undefined: as long as it takes. */
  readonly daysAllowed: number | undefined;
  readonly zoneConditions: Terms['conditions'];
}

export type Suits = 'suitable' | 'conditional' | 'unsuitable';

export interface Ground {
  readonly rule: string;
  readonly suits: Suits;
  readonly says: readonly Part[];
}

export interface Ranked {
  readonly buildUp: BuildUp;
  readonly suits: Suits;
  readonly reasons: readonly Ground[];
  readonly measures: Measures;
}

export interface RankRule {
  readonly id: string;
  readonly asks: string;
  readonly judge: (
    m: Measures,
    s: Situation,
  ) => Omit<Ground, 'rule'> | readonly Omit<Ground, 'rule'>[] | undefined;
}

const no = (says: readonly Part[]): Omit<Ground, 'rule'> => ({ suits: 'unsuitable', says });
const when = (says: readonly Part[]): Omit<Ground, 'rule'> => ({ suits: 'conditional', says });
const yes = (says: readonly Part[]): Omit<Ground, 'rule'> => ({ suits: 'suitable', says });

const TRAFFIC = ['no', 'feet', 'wheels'] as const;
const TRAFFIC_WORDS = { no: 'upkeep', feet: 'foot traffic', wheels: 'wheels' } as const;

export const RANK_RULES: readonly RankRule[] = [
  {
    id: 'field',
    asks: 'Is it a membrane for an area?',
    judge: (m) =>
      m.buildUp.family === 'POCKET'
        ? no(['It closes penetrations one by one; it is no membrane for an area.'])
        : undefined,
  },
  {
    id: 'readiness',
    asks: 'Does its family go on this roof, as surveyed?',
    judge: (m, s) => {
      const judged = s.readiness.get(m.buildUp.family);
      if (!judged) return when(['The survey does not say yet what there is to coat.']);
      const first = judged.reasons.filter((r) => r.weight !== 'note' && r.weight !== 'fine');
      if (judged.weight === 'refused')
        return first.filter((r) => r.weight === 'refused').map((r) => no([`${r.subject} `, ...r.says]));
      if (judged.weight === 'fine') return yes(['The survey shows nothing against its family.']);
      return first.map((r) =>
        when([`${r.subject} `, ...r.says, ...(r.change.length > 0 ? [' ', ...r.change] : [])]),
      );
    },
  },
  {
    id: 'traffic',
    asks: 'Does it carry what goes on it?',
    judge: (m, s) => {
      const [has, asked] = [m.buildUp.traffic, s.traffic];
      if (TRAFFIC.indexOf(has) < TRAFFIC.indexOf(asked) && m.buildUp.exposure === 'exposed')
        return no([`It carries ${TRAFFIC_WORDS[has]} only, not ${TRAFFIC_WORDS[asked]}.`]);
      return asked === 'no' ? undefined : yes([`It carries ${TRAFFIC_WORDS[asked]}.`]);
    },
  },
  {
    id: 'exposure',
    asks: 'May it stay open, or covered, as here?',
    judge: (m, s) => {
      if (m.buildUp.exposure === 'covered' && s.exposure === 'exposed')
        return no(['It must be covered; here it stays open to the sun.']);
      if (m.buildUp.exposure === 'exposed' && s.exposure === 'covered')
        return when([
          'It is made to be seen and looked after; under a cover it needs protection, and the manufacturer’s confirmation.',
        ]);
      return undefined;
    },
  },
  {
    id: 'ponding',
    asks: 'Does it stand the water that stays?',
    judge: (m, s) => {
      if (!s.ponds) return undefined;
      const { ponding, name } = FAMILIES[m.buildUp.family];
      if (ponding === 'stands') return yes([`${name} stands ponding.`]);
      if (ponding === 'short')
        return when([`${name} stands water for two days, not for good: level the ponds.`]);
      return no([`${name} must not stand under water, and water stays here.`]);
    },
  },
  {
    id: 'slope',
    asks: 'Does it hold on the slope, and does water run off?',
    judge: (m, s) => {
      const slope = given('slope', s.slopePct, 'fall', 'measured');
      const most = m.buildUp.slopeMaxPct && cited('steepest it is laid on', m.buildUp.slopeMaxPct, 'fall');
      if (most && slope.value > most.value)
        return no(words`${slope} is steeper than ${most}, the most for it.`);
      const least = FAMILIES[m.buildUp.family].minFallPct;
      return least > slope.value
        ? when(
            words`${slope} is flatter than the ${given('least fall', least, 'fall', 'typical', 'common practice')} its family wants: increase the fall first.`,
          )
        : undefined;
    },
  },
  {
    id: 'season',
    asks: 'Can every layer be laid at this season’s temperatures?',
    judge: (m, s) => {
      const [cold, warm] = [
        given('coldest working day', s.coldestC, 'temperature', 'assumed'),
        given('warmest working day', s.warmestC, 'temperature', 'assumed'),
      ];
      if (!m.leastC || !m.mostC) return undefined;
      if (m.leastC.value > s.warmestC)
        return no(words`It needs ${m.leastC}; the season’s warmest is ${warm}.`);
      if (m.mostC.value < s.coldestC)
        return no(words`It may be laid up to ${m.mostC}; the season’s coldest is ${cold}.`);
      if (m.leastC.value > s.coldestC) return when(words`It needs ${m.leastC}; days at ${cold} are lost.`);
      if (m.mostC.value < s.warmestC)
        return when(words`It may be laid up to ${m.mostC}; middays at ${warm} are lost.`);
      return yes(words`It can be laid from ${m.leastC} to ${m.mostC}, as warm and cold as it gets here.`);
    },
  },
  {
    id: 'rain',
    asks: 'Is it rain-safe in the dry hours there are?',
    judge: (m, s) => {
      const has = given('dry hours that can be counted on', s.dryHours, 'hours', 'assumed');
      return m.rainSafeH && m.rainSafeH.value > s.dryHours
        ? when(words`It must stay dry for ${m.rainSafeH}; ${has} can be counted on.`)
        : undefined;
    },
  },
  {
    id: 'time',
    asks: 'Is it open to its traffic in time?',
    judge: (m, s) => {
      if (m.noSchedule !== undefined) return no([m.noSchedule]);
      if (s.daysAllowed === undefined || !m.schedule) return undefined;
      const open = s.traffic === 'wheels' ? (m.schedule.toWheels ?? m.schedule.toFeet) : m.schedule.toFeet;
      if (!open) return undefined;
      const allowed = given('days allowed', s.daysAllowed, 'count', 'assumed');
      if (open.value <= s.daysAllowed)
        return yes(words`Open after ${open} days of ${allowed} allowed, if the weather holds.`);
      return open.value <= s.daysAllowed * 1.5
        ? when(words`Open after ${open} days, ${allowed} are allowed: more hands, or smaller parts.`)
        : no(words`Open after ${open} days; ${allowed} are allowed.`);
    },
  },
  {
    id: 'layers',
    asks: 'Do its layers agree with each other and with the ground?',
    judge: (m, s) =>
      buildUpFindings(m.buildUp, { substrate: s.substrate, ponds: s.ponds }).map((f) => ({
        suits: f.outcome === 'stop' ? ('unsuitable' as const) : ('conditional' as const),
        says: [`${f.subject} `, ...f.says],
      })),
  },
];

const ORDER: readonly Suits[] = ['unsuitable', 'conditional', 'suitable'];

/** Judges one build-up, its options as the zone would take them. */
export function judgeBuildUp(buildUp: BuildUp, situation: Situation, choices: Terms['choices'] = {}): Ranked {
  const resolved = resolve(buildUp, { conditions: situation.zoneConditions, choices });
  const measures = measure(resolved, situation.pace);
  const reasons = RANK_RULES.flatMap((rule) => {
    const answers = rule.judge(measures, situation);
    if (answers === undefined) return [];
    return (
      Array.isArray(answers) ? (answers as Omit<Ground, 'rule'>[]) : [answers as Omit<Ground, 'rule'>]
    ).map((a) => ({ ...a, rule: rule.id }));
  }).sort((a, b) => ORDER.indexOf(a.suits) - ORDER.indexOf(b.suits));
  return { buildUp, suits: reasons[0]?.suits ?? 'suitable', reasons, measures };
}

/**
 * The library in order: suitable first, then conditional with the fewest conditions, then unsuitable; among equals
 * what costs least, material and upkeep together.
 */
export function rank(library: readonly BuildUp[], situation: Situation): Ranked[] {
  const conditions = (r: Ranked): number => r.reasons.filter((x) => x.suits !== 'suitable').length;
  const cost = (r: Ranked): number => r.measures.costPerM2.value + (r.measures.upkeep?.costPerM2.value ?? 0);
  return library
    .map((b) => judgeBuildUp(b, situation))
    .sort(
      (a, b) =>
        ORDER.indexOf(b.suits) - ORDER.indexOf(a.suits) || conditions(a) - conditions(b) || cost(a) - cost(b),
    );
}
