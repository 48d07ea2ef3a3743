/** What lies on the last coat and how it is used: aggregate, its grip, and when the bay was opened. */
import { given, words } from '../figures/index.ts';
import { bayAreaFigure } from '../site/index.ts';
import { onBayOf, partOf, type BayStatus, type SiteBook } from '../record/index.ts';
import type { Demand } from '../proving/index.ts';
import type { Gate } from '../gates/index.ts';
import { asPast, gatesWhenOpened, type JobState } from '../state/index.ts';
import { readSince, type FinishedPoint } from './finished.ts';

/**
 * Aggregate of each broadcast layer of a bay: what was thrown, less what was swept off, against what should stay. Where it is not
 * swept yet, what was thrown against what should be.
 */
export function aggregatePoints(status: BayStatus, book: SiteBook): FinishedPoint[] {
  const { buildUp, bay } = status;
  const entries = onBayOf(book, bay, 'broadcast');
  const area = bayAreaFigure(bay);
  return (buildUp?.layers ?? []).flatMap((layer): FinishedPoint[] => {
    if (layer.kind !== 'broadcast') return [];
    const what = layer.name;
    const own = entries.filter((e) => e.body.layerId === layer.id);
    const sum = (kgOf: (e: (typeof own)[number]) => number): number =>
      own.reduce((kg, e) => kg + kgOf(e) * partOf(e.bays, bay.id), 0);
    const thrown = sum((e) => (e.body.step === 'thrown' ? e.body.thrownKg : 0)) / area.value;
    if (thrown === 0) return [{ what, answer: 'not shown', says: ['nothing is on record as thrown.'] }];
    const isSwept = own.some((e) => e.body.step === 'swept');
    const swept = sum((e) => (e.body.step === 'swept' ? e.body.sweptKg : 0)) / area.value;
    const asked = given('should stay', layer.retainedKgPerM2.value, 'rateMass', 'data sheet');
    const stays = given('stays', thrown - swept, 'rateMass', 'measured', 'thrown less swept off');
    if (isSwept)
      return [
        {
          what,
          answer: stays.value >= asked.value ? 'proven' : 'failed',
          says: words`${stays} lie on it, by what was thrown and swept off; ${asked} should stay.`,
        },
      ];
    const threw = given('thrown', thrown, 'rateMass', 'measured');
    return [
      {
        what,
        answer: threw.value < asked.value ? 'failed' : 'not shown',
        says: words`${threw} were thrown and it is not swept; ${asked} should stay.`,
      },
    ];
  });
}

/** Slip read on the finished bay, against what is asked for. */
export function slipPoint(
  status: BayStatus,
  book: SiteBook,
  asked: NonNullable<Demand['slip']>,
): FinishedPoint {
  const what = 'Grip of the finished surface';
  const limit = given('grip asked for', asked.value, 'number', asked.source);
  const values = readSince(status, book, 'slip').map((r) => r.value);
  if (values.length === 0)
    return {
      what,
      answer: 'not shown',
      says: words`at least ${limit} is asked for; none was read since its last coat.`,
    };
  const lowest = given('lowest read', Math.min(...values), 'number', 'measured');
  return {
    what,
    answer: lowest.value >= limit.value ? 'proven' : 'failed',
    says: words`${String(values.length)} read with the pendulum, lowest ${lowest}; at least ${limit} is asked for.`,
  };
}

/** Whether the cure says nothing of a use: its layer has no such time, or no temperature is known. */
const isUntold = ({ answer, limit, settle }: Gate): boolean =>
  answer === 'unknown' && (limit === undefined || (settle?.by === 'entry' && settle.kind === 'conditions'));

/** Each time a bay was opened, judged as it stood then, by the gates of its cure. */
export function openingPoints(state: JobState, { bay }: BayStatus): FinishedPoint[] {
  return onBayOf(state.kept.inputs.book, bay, 'opening')
    .filter((e) => e.body.step === 'opened')
    .map((e): FinishedPoint => {
      const what = `Opened to ${e.body.to}`;
      const head = words`opened ${{ atMs: Date.parse(e.body.at) }}`;
      const gates = gatesWhenOpened(state, bay, e.body.to, e.body.at);
      const against = gates.find((g) => g.answer === 'broken');
      if (against) return { what, answer: 'failed', says: [...head, ': ', ...asPast(against.says)] };
      const untold = gates.find(isUntold);
      if (untold || gates.length === 0)
        return {
          what,
          answer: 'not shown',
          says: [...head, ': ', ...(untold ? asPast(untold.says) : ['nothing tells of its cure.'])],
        };
      return { what, answer: 'proven', says: [...head, ', when it could take it.'] };
    });
}
