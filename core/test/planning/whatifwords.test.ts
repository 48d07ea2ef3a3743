/** What a change would bring, in sentences. */
import { describe, expect, it } from 'vitest';
import { given, verdictText, type Part } from '@lentum/core/figures';
import type { PlanAnswer } from '@lentum/core/planning';
import { comparedVerdicts } from '@lentum/core/words';

const DAY = 86_400_000;
const START = Date.parse('2026-05-12T06:00:00Z');
interface Made {
  readonly days?: number | undefined;
  readonly hours?: number;
  readonly remedies?: number;
  /** When the terrace is ready, in days; its date is on day 7. */
  readonly ready?: number | undefined;
  readonly holds?: number | undefined;
}
const plan = ({ days = 10, hours = 200, remedies = 0, ready = 6, holds = 0.9 }: Made = {}): PlanAnswer =>
  ({
    zones: [{ id: 't', name: 'Terrace' }],
    finishMs: days === Infinity ? undefined : START + days * DAY,
    personHours: given('hours', hours, 'hours', 'assumed'),
    remedies,
    ways: 50,
    deadlines: [
      {
        ...{ id: 'd', zone: 0, what: 'feet', byMs: START + 7 * DAY, costPerDay: 0 },
        readyMs: ready === Infinity ? undefined : START + ready * DAY,
        chance: { holds, ready: {} },
      },
    ],
  }) as unknown as PlanAnswer;
const text = (says: readonly Part[]): string =>
  verdictText(says, 'metric', (ms) => `day ${((ms - START) / DAY).toFixed(1)}`).replaceAll('\u00a0', ' ');
const said = (other: Made, costs: readonly [(number | undefined)?, (number | undefined)?] = []) =>
  comparedVerdicts(
    'A day is lost',
    { plan: plan(), cost: costs[0] },
    { plan: plan(other), cost: costs[1] },
  ).map((v) => `${v.outcome}: ${v.subject} ${text(v.says)}`);

describe('what a change would bring', () => {
  it.each<[string, Made, readonly [(number | undefined)?, (number | undefined)?], string]>([
    ['as it is', {}, [], 'go: A day is lost: the work ends as before, day 10.0; 0.0 h of persons more.'],
    [
      'later, dearer, with works to put right',
      { days: 11.5, hours: 212, remedies: 2 },
      [90_000, 90_650],
      'hold: A day is lost: the work ends day 11.5, 1.5 days later; 12.0 h of persons more, 2 works more to put right, 650.00 ¤ more.',
    ],
    [
      'earlier and cheaper',
      { days: 9, hours: 190 },
      [90_000, 89_000],
      'go: A day is lost: the work ends day 9.0, 1.0 days earlier; 10.0 h of persons fewer, 1 000.00 ¤ less.',
    ],
    [
      'at the same price',
      {},
      [100, 100.2],
      'go: A day is lost: the work ends as before, day 10.0; 0.0 h of persons more, at the same price.',
    ],
    [
      'without an end',
      { days: Infinity },
      [100, undefined],
      'hold: A day is lost: the work does not end within the days looked at; 0.0 h of persons more.',
    ],
  ])('%s', (_, other, costs, wanted) => {
    const [first] = said(other, costs);
    expect(first?.replaceAll(/[\u202f\u2009]/g, ' ')).toBe(wanted);
  });

  it.each<[string, Made, string | undefined]>([
    ['a date that is as sure as before is not told', { holds: 0.88 }, undefined],
    [
      'less sure',
      { holds: 0.6 },
      'hold: Terrace: its date is day 7.0. It is kept in 60 % of the ways, in 90 % without it.',
    ],
    [
      'surer',
      { holds: 0.98 },
      'go: Terrace: its date is day 7.0. It is kept in 98 % of the ways, in 90 % without it.',
    ],
    [
      'missed as planned',
      { ready: 8, holds: 0.1 },
      'stop: Terrace: its date, day 7.0, is missed: it ends day 8.0, 2.0 days later. It is kept in 10 % of the ways, in 90 % without it.',
    ],
  ])('%s', (_, other, wanted) => expect(said(other)[1]).toBe(wanted));
});
