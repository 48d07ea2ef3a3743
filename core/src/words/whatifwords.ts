/** What a change would bring, in sentences: days, hours, works to put right, money, and how sure each date is then. */
import { given, words, type Part, type Verdict } from '../figures/index.ts';
import type { PlanAnswer } from '../planning/index.ts';
import { MS_PER_DAY } from '../units/index.ts';
import { shareFigure } from './planwords.ts';

/** A plan with what it costs in all; undefined where that is not known. */
export interface Costed {
  readonly plan: PlanAnswer;
  readonly cost: number | undefined;
}

/** Smaller differences are none. */
const LEAST_DAYS = 0.05;
const LEAST_SHARE = 0.05;
const LEAST_COST = 0.5;

function later(from: number | undefined, to: number | undefined): Part[] {
  if (to === undefined) return ['does not end within the days looked at'];
  if (from === undefined) return words`ends ${{ atMs: to }}`;
  const days = (to - from) / MS_PER_DAY;
  if (Math.abs(days) < LEAST_DAYS) return words`ends as before, ${{ atMs: to }}`;
  return [
    ...words`ends ${{ atMs: to }}, `,
    ...words`${given('by so much', Math.abs(days), 'days', 'assumed', 'from one end to the other')} days ${days > 0 ? 'later' : 'earlier'}`,
  ];
}

/** "; 4.0 h of persons more, 2 works fewer to put right, 310.00 EUR more." */
function differences(without: Costed, other: Costed): Part[] {
  const more = other.plan.personHours.value - without.plan.personHours.value;
  const remedies = other.plan.remedies - without.plan.remedies;
  const hours = given('difference', Math.abs(more), 'hours', 'assumed', 'hours of persons at work');
  const works = `${Math.abs(remedies)} ${Math.abs(remedies) === 1 ? 'work' : 'works'}`;
  const cost = without.cost === undefined || other.cost === undefined ? undefined : other.cost - without.cost;
  return [
    ...words`; ${hours} of persons `,
    more < 0 ? 'fewer' : 'more',
    remedies === 0 ? '' : `, ${works} ${remedies < 0 ? 'fewer' : 'more'} to put right`,
    ...(cost === undefined
      ? []
      : Math.abs(cost) < LEAST_COST
        ? [', at the same price']
        : words`, ${given('difference of the price', Math.abs(cost), 'price', 'assumed', 'both plans at what people entered')} ${cost < 0 ? 'less' : 'more'}`),
    '.',
  ];
}

function dateVerdicts(without: PlanAnswer, other: PlanAnswer): Verdict[] {
  return other.deadlines.flatMap((d, i): Verdict[] => {
    const was = without.deadlines[i];
    const kept = d.readyMs !== undefined && d.readyMs <= d.byMs;
    const before = was?.readyMs !== undefined && was.readyMs <= d.byMs;
    const [now, then] = [d.chance?.holds, was?.chance?.holds];
    const moved = now !== undefined && then !== undefined && Math.abs(now - then) >= LEAST_SHARE;
    if (kept === before && !moved) return [];
    const chance: Part[] =
      now === undefined || then === undefined
        ? []
        : words` It is kept in ${shareFigure('kept with the change', now, other.ways)} of the ways, in ${shareFigure('kept without it', then, without.ways)} without it.`;
    const says =
      kept === before
        ? words`its date is ${{ atMs: d.byMs }}.`
        : kept
          ? words`its date, ${{ atMs: d.byMs }}, is kept then.`
          : [...words`its date, ${{ atMs: d.byMs }}, is missed: it `, ...later(was?.readyMs, d.readyMs), '.'];
    const isWorse = kept === before ? (now ?? 0) < (then ?? 0) : !kept;
    return [
      {
        outcome: !isWorse ? 'go' : kept === before ? 'hold' : 'stop',
        subject: `${other.zones[d.zone]?.name ?? ''}:`,
        says: [...says, ...chance],
      },
    ];
  });
}

/** @param asked what was asked, such as "Tue 12 is lost" */
export function comparedVerdicts(asked: string, without: Costed, other: Costed): Verdict[] {
  const [as, then] = [without.plan, other.plan];
  return [
    {
      outcome: (then.finishMs ?? Infinity) > (as.finishMs ?? Infinity) ? 'hold' : 'go',
      subject: `${asked}:`,
      says: ['the work ', ...later(as.finishMs, then.finishMs), ...differences(without, other)],
      quiet: [
        then.ways > 0 && as.ways > 0
          ? 'Both plans are made anew with the same short search, and played in the ways that the forecast may go.'
          : 'Both plans are made anew with the same short search, on the forecast as it stands.',
      ],
    },
    ...dateVerdicts(as, then),
  ];
}
