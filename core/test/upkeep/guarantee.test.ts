/** What a guarantee hangs on, and whether it is kept. */
import { describe, expect, it } from 'vitest';
import { verdictText } from '@lentum/core/figures';
import { guaranteeOf, proofOf, type GuaranteeStand } from '@lentum/core/handover';
import { provingProblems, provingSchema, type Guarantee } from '@lentum/core/proving';
import { keptOf } from '@lentum/core/upkeep';
import { stateFor, type Told } from '../support/gatejob.ts';
import { finished, handedOver, on, visit } from '../support/upkeepjob.ts';

const base = { zoneId: 'hall', by: 'the maker', covers: 'no water comes through', years: 10, visitsBy: '' };
const given = (more: Partial<Guarantee> = {}): Guarantee =>
  provingSchema.parse({ guarantees: [{ ...base, ...more }] }).guarantees[0]!;
function stand(guarantee: Guarantee, entries: readonly Told[] = [], day = '2026-05-12'): GuaranteeStand {
  const nowMs = Date.parse(`${day}T10:00:00Z`);
  const state = stateFor({ entries: [...finished(), ...entries], nowMs });
  const { handedOver: over, visits } = keptOf(state.kept.inputs.book, 'hall');
  return guaranteeOf(guarantee, {
    ...{ proof: proofOf(state, 'hall', undefined), visits, handedOverMs: over?.atMs, nowMs },
    timeZone: 'Europe/Lisbon',
  });
}
const line = (s: GuaranteeStand, what: string): string[] =>
  s.lines.filter((l) => l.what === what).map((l) => `${l.answer}: ${verdictText(l.says, 'metric', String)}`);

describe('from when to when', () => {
  it.each([
    ['2026-03-01', 10, '2036-02-29'],
    ['2026-01-01', 1, '2026-12-31'],
    ['2024-02-29', 5, '2029-02-28'],
    ['2024-02-29', 4, '2028-02-28'],
  ])('begun on %s for %d years it ends on %s', (startsOn, years, endsOn) => {
    expect(stand(given({ startsOn, years }))).toMatchObject({ startsOn, endsOn });
  });
  it('from the handing over where no day is said; not begun before', () => {
    expect(stand(given())).toMatchObject({ startsOn: undefined, endsOn: undefined });
    expect(stand(given(), [handedOver(-2)])).toMatchObject({ startsOn: '2026-05-12', endsOn: '2036-05-11' });
  });
});

describe('what it demands', () => {
  it('is taken from what is proven; nothing on record is missing', () => {
    const s = stand(given({ demands: ['layers', 'film', 'leak', 'bond', 'accepted'] }));
    expect(line(s, 'Every layer on record')).toEqual(['kept: 1 of 1 bays.']);
    expect(line(s, 'No leak')[0]).toMatch(/^missing: 0 of 1 bays/);
    expect(line(s, 'Bond of the finished work')[0]).toMatch(
      /^missing: nothing of it is asked for or on record/,
    );
    expect(line(s, 'Accepted')[0]).toMatch(/^missing/);
  });
  it('of what there was none nothing is left to show, but only on a roof that is laid', () => {
    const g = given({ demands: ['missed', 'snags', 'hot'] });
    expect(stand(g).lines.map((l) => l.answer)).toEqual(['kept', 'kept', 'kept']);
    const nothing = guaranteeOf(g, {
      ...{ proof: [], visits: [], handedOverMs: undefined, nowMs: 0, timeZone: 'Etc/GMT' },
    });
    expect(nothing.lines.map((l) => l.answer)).toEqual(['missing', 'missing', 'missing']);
  });
  it('visits, year by year: made, missed, and still to come', () => {
    const g = given({ visitsPerYear: 1, visitsBy: 'the applicator' });
    const s = stand(g, [handedOver(-2), visit(on('2026-10-10'))], '2028-07-01');
    expect(line(s, 'Visits of year 1')).toEqual([
      'kept: 1 of 1 until 11 May 2027, made by Ines. To be made by the applicator.',
    ]);
    expect(line(s, 'Visits of year 2')).toEqual([
      'broken: 0 of 1 until 11 May 2028. To be made by the applicator.',
    ]);
    expect(line(s, 'Visits of year 3')[0]).toMatch(/^to come: 0 of 1 until 11 May 2029/);
    expect(line(s, 'Visits of year 4')).toEqual([]);
  });
  it('clearing the outlets alone is no visit', () => {
    const s = stand(
      given({ visitsPerYear: 1 }),
      [handedOver(-2), visit(on('2026-10-10'), { done: ['outlets cleared'] })],
      '2027-06-01',
    );
    expect(line(s, 'Visits of year 1')[0]).toMatch(/^broken/);
  });
  it.each([
    [{}, '2026-06-10', 'to come: not sent yet; asked for by 11 Jun 2026.'],
    [{}, '2026-06-12', 'broken: not sent yet; asked for by 11 Jun 2026.'],
    [{ sentOn: '2026-06-11' }, '2026-08-01', 'kept: sent 11 Jun 2026, asked for by 11 Jun 2026.'],
    [{ sentOn: '2026-06-12' }, '2026-08-01', 'broken: sent 12 Jun 2026, asked for by 11 Jun 2026.'],
  ])('sent in: %o on %s: %s', (more, day, says) => {
    expect(line(stand(given({ sentWithinDays: 30, ...more }), [handedOver(-2)], day), 'Sent in')).toEqual([
      says,
    ]);
  });
});

it('one guarantee for a roof', () => {
  const twice = provingSchema.parse({ guarantees: [base, base] });
  expect(provingProblems(twice)).toMatchObject([{ kind: 'duplicate', field: 'guarantees/1/zoneId' }]);
});
