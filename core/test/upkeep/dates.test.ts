/** What comes when: by months counted out by hand, and kept by visits. */
import { describe, expect, it } from 'vitest';
import { monthOf, monthText } from '@lentum/core/upkeep';
import { finished, handedOver, on, planFor, visit } from '../support/upkeepjob.ts';
import { NOW, polyurethane, type Told } from '../support/gatejob.ts';

const later = (day: string): number => Date.parse(`${day}T12:00:00Z`);
const plan = (entries: readonly Told[], day?: string, latitudeDeg: number | undefined = 40) =>
  planFor(
    { entries: [...finished(), ...entries] },
    { latitudeDeg, ...(day === undefined ? {} : { nowMs: later(day) }) },
  );
const dates = (p: ReturnType<typeof plan>, key: string): string[] =>
  p.dates.filter((d) => d.key === key).map((d) => `${monthText(d.from)} ${d.state}`);

describe('from when it counts', () => {
  it('from the handing over, else from the last layer, else from today', () => {
    expect(plan([]).startBy).toBe('finished');
    expect(plan([handedOver(-2)])).toMatchObject({ startBy: 'handed over', startMs: NOW - 2 * 3_600_000 });
    expect(planFor({ entries: finished().slice(0, -1) })).toMatchObject({ startBy: 'today', startMs: NOW });
  });
  it('a second handing over counts, the newest', () => {
    expect(plan([handedOver(-4), handedOver(-1)]).startMs).toBe(NOW - 3_600_000);
  });
});

describe('visits', () => {
  it('come each October in the north, outlets in April too; for twenty years', () => {
    const p = plan([handedOver(-2)]);
    expect(dates(p, 'visit').slice(0, 3)).toEqual([
      'Oct 2026 to come',
      'Oct 2027 to come',
      'Oct 2028 to come',
    ]);
    expect(dates(p, 'visit')).toHaveLength(20);
    expect(dates(p, 'outlets').slice(0, 2)).toEqual(['Apr 2027 to come', 'Apr 2028 to come']);
  });
  it('each April in the south, and in the month of its finishing where the roof stands nowhere', () => {
    expect(dates(plan([handedOver(-2)], undefined, -33), 'visit')[0]).toBe('Apr 2027 to come');
    expect(
      dates(planFor({ entries: [...finished(), handedOver(-2)] }, { latitudeDeg: undefined }), 'visit')[0],
    ).toBe('May 2027 to come');
  });
  it('a roof finished a month before is visited the year after', () => {
    const p = planFor(
      { entries: [...finished(), handedOver(on('2026-09-01'))] },
      { latitudeDeg: 40, nowMs: later('2026-09-02') },
    );
    expect(dates(p, 'visit')[0]).toBe('Oct 2027 to come');
  });
  it.each([
    // Two months before its month at the soonest, and up to two months before the next.
    ['2026-07-30', 'Oct 2026 late'],
    ['2026-08-02', 'Oct 2026 done'],
    ['2026-10-20', 'Oct 2026 done'],
    ['2027-07-30', 'Oct 2026 done'],
    ['2027-08-02', 'Oct 2026 late'],
  ])('a visit on %s: %s', (day, first) => {
    const p = plan([handedOver(-2), visit(on(day))], '2027-09-01');
    expect(dates(p, 'visit')[0]).toBe(first);
  });
  it('late once the month is over, due in it; what stands is the newest', () => {
    expect(dates(plan([handedOver(-2)], '2026-10-31'), 'visit')[0]).toBe('Oct 2026 due');
    const late = plan([handedOver(-2)], '2028-12-01');
    expect(dates(late, 'visit').slice(0, 4)).toEqual([
      'Oct 2026 late',
      'Oct 2027 late',
      'Oct 2028 late',
      'Oct 2029 to come',
    ]);
    expect(late.standing.map((d) => `${d.key} ${monthText(d.from)}`)).toEqual([
      'visit Oct 2028',
      'outlets Apr 2028',
    ]);
  });
  it('clearing outlets is no looking', () => {
    const p = plan([handedOver(-2), visit(on('2026-10-05'), { done: ['outlets cleared'] })], '2026-11-05');
    expect(dates(p, 'visit')[0]).toBe('Oct 2026 late');
  });
});

describe('recoat and renewal', () => {
  it('in the months of its years, and again after the middle of it', () => {
    const p = plan([handedOver(-2)]);
    const [first, second] = p.dates.filter((d) => d.key === 'recoat');
    const start = monthOf(NOW, 'Europe/Lisbon');
    expect(first!.from).toBe(start + Math.round(p.recoat!.soonest.value * 12));
    expect(first!.to).toBe(start + Math.round(p.recoat!.latest.value * 12));
    // Renewed before the second would come.
    expect(second).toBeUndefined();
    const [renewal] = p.dates.filter((d) => d.key === 'renewal');
    expect(renewal!.from).toBe(start + Math.round(polyurethane.upkeep!.lifeYears.value * 0.7 * 12));
  });
  it('counts anew once it was coated again', () => {
    const p = plan([handedOver(-2), visit(on('2034-06-10'), { done: ['coated again'] })], '2034-07-01');
    const [next] = p.dates.filter((d) => d.key === 'recoat');
    expect(next!.from).toBe(monthOf(later('2034-06-10'), 'UTC') + Math.round(p.recoat!.soonest.value * 12));
    expect(JSON.stringify(p.says)).toContain('recoat is not on record: it counts as designed');
  });
  it('a film read before the recoat says nothing of what lies there now', () => {
    const read = visit(on('2033-06-10'), { topUm: [300, 320] });
    const again = visit(on('2034-06-10'), { done: ['coated again'] });
    expect(plan([handedOver(-2), read], '2033-07-01').recoat!.by).toBe('read');
    expect(plan([handedOver(-2), read, again], '2034-07-01').recoat!.by).toBe('said');
  });
});
