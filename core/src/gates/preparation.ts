/** Gates of the preparation: every step that this ground asks for was done, and has dried. */
import { given, words } from '../figures/index.ts';
import type { PrepStep, StepKey } from '../readiness/index.ts';
import { onBayOf, type BookEntryOf, type SiteBook } from '../record/index.ts';
import type { Bay } from '../site/index.ts';
import { MS_PER_HOUR } from '../units/index.ts';
import type { Gate } from './gate.ts';

/** Steps that are made as details over the primer, or are the primer itself; tests have gates of their own. */
const LATER: readonly StepKey[] = [
  ...(['test', 'prime', 'joints', 'stripe-cracks'] as const),
  ...(['boards', 'laps', 'fasteners'] as const),
];
export const stepsBefore = (steps: readonly PrepStep[]): PrepStep[] =>
  steps.filter((s) => !LATER.includes(s.key));

/** What was prepared on a bay up to an instant. */
export const preparationsOn = (book: SiteBook, bay: Bay, nowMs: number): BookEntryOf<'preparation'>[] =>
  onBayOf(book, bay, 'preparation').filter((p) => Date.parse(p.body.at) <= nowMs);

export function preparationGates(
  steps: readonly PrepStep[],
  done: readonly BookEntryOf<'preparation'>[],
  nowMs: number,
): Gate[] {
  const complete = done.findLast((p) => p.body.complete);
  return stepsBefore(steps).map((step): Gate => {
    const by = done.findLast((p) => p.body.steps.includes(step.key)) ?? complete;
    const head = { key: `preparation/${step.key}`, group: 'preparation', name: step.what } as const;
    if (by)
      return {
        ...head,
        answer: 'holds',
        says: words`done ${{ atMs: Date.parse(by.body.at) }}, ${by.who}.`,
        opens: [],
        readAtMs: Date.parse(by.body.at),
      };
    const settle = {
      by: 'entry',
      kind: 'preparation',
      known: { steps: [step.key], complete: false },
    } as const;
    const wet = step.key === 'dry' ? done.findLast((p) => p.body.dryingFrom !== undefined) : undefined;
    const dries = step.quantity;
    if (wet?.body.dryingFrom && dries) {
      const from = Date.parse(wet.body.dryingFrom);
      const since = given('drying for', (nowMs - from) / MS_PER_HOUR, 'hours', 'measured');
      return {
        ...head,
        answer: since.value >= dries.value ? 'holds' : 'broken',
        says: words`drying for ${since}; ${dries} are usual.`,
        opens: words`About ${{ atMs: from + dries.value * MS_PER_HOUR }}, or once it is measured dry.`,
        actual: since,
        limit: dries,
        readAtMs: from,
        opensAtMs: from + dries.value * MS_PER_HOUR,
        settle,
      };
    }
    return {
      ...head,
      answer: 'broken',
      says: [`not done yet: ${step.how}.`],
      opens: ['Do it, and log it.'],
      settle,
    };
  });
}

/** Something was laid, and nothing says that the ground below it was got ready. */
export const unpreparedBelow = (done: readonly BookEntryOf<'preparation'>[], firstLaidMs: number): Gate[] =>
  done.some((p) => Date.parse(p.body.startedAt ?? p.body.at) <= firstLaidMs)
    ? []
    : [
        {
          key: 'preparation/none',
          group: 'preparation',
          name: 'Preparation',
          answer: 'broken',
          says: words`nothing says that the ground was got ready before ${{ atMs: firstLaidMs }}.`,
          opens: ['Log what was done and when, or have somebody answer for it.'],
          settle: { by: 'entry', kind: 'preparation', known: { complete: true } },
        },
      ];
