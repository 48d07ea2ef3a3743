/** What each coat was laid in and how it cured: against tables read by hand at a steady surface, and the hours round it. */
import { describe, expect, it } from 'vitest';
import { cureHistory } from '@lentum/core/state';
import {
  coated,
  coatsOf,
  detailsMade,
  HOUR,
  hours,
  NOW,
  polyurethane,
  prepared,
  reading,
  stateFor,
  type GateJob,
} from './support/gatejob.ts';

/** Three coats: the primer ended 60 h ago, the first coat 36 h, the second 2 h; each took half an hour. */
const entries = [
  prepared(70),
  reading(61, { airC: 15, humidityPct: 60, surfaceC: 17 }),
  coated(polyurethane, 'primer', 60),
  detailsMade(50),
  reading(37, { airC: 12, humidityPct: 70, surfaceC: 13 }),
  coated(polyurethane, 'first', 36),
  coated(polyurethane, 'second', 2),
];
const of = (job: GateJob) => {
  const state = stateFor(job);
  return cureHistory(state, state.calls[0]!.status);
};
/** Hours of a stage at a temperature that its table names. */
const tabled = (id: string, stage: 'overcoatFrom' | 'foot', atC: number): number =>
  coatsOf(polyurethane)
    .find((c) => c.id === id)!
    .cure[stage].points.find((p) => p.atC === atC)!.hours;
const endedAgo = (h: number): number => NOW - h * HOUR;

describe('the cure of each coat', () => {
  const [primer, first, second] = of({ entries });
  it('is by the table of its layer where the surface stays at one row of it', () => {
    expect(primer!.opensMs).toBeCloseTo(endedAgo(60) + tabled('primer', 'overcoatFrom', 20) * HOUR, -3);
    // A little thicker than the film of its table: by up to a tenth longer.
    const firstH = (first!.opensMs! - endedAgo(36)) / HOUR / tabled('first', 'overcoatFrom', 20);
    expect(firstH).toBeGreaterThanOrEqual(1);
    expect(firstH).toBeLessThan(1.1);
    expect([second!.isLast, first!.isLast]).toEqual([true, false]);
    expect(second!.opensMs).toBeCloseTo(endedAgo(2) + tabled('second', 'foot', 20) * HOUR, -3);
  });
  it('tells when the next layer was begun on it, and nothing where none was', () =>
    expect([primer, first, second].map((c) => c!.coveredMs)).toEqual([
      endedAgo(36.5),
      endedAgo(2.5),
      undefined,
    ]));
  it('names the last reading before it was begun, not one after', () => {
    expect([primer, first, second].map((c) => c!.reading?.airC)).toEqual([15, 12, 12]);
    expect(of({ entries: entries.filter((e) => e.kind !== 'conditions') })[0]!.reading).toBeUndefined();
  });
  it('tells the coldest and the warmest surface while it cured, and not what came after', () => {
    // Surfaces as they are made up: warm for three hours in the cure of the primer, cold long after.
    const series = [
      hours((h) => (h >= -58 && h < -55 ? { surfaceC: 26 } : h >= -45 && h < -40 ? { surfaceC: 4 } : {})),
    ];
    expect(of({ entries, series })[0]!.surfaceC).toEqual({ coldest: 20, warmest: 26 });
  });
  it('is not told where no temperature is known, but by the coldest row at most', () => {
    const bare = of({ entries: entries.filter((e) => e.kind !== 'conditions'), series: [] });
    expect(bare[0]).toMatchObject({ basis: 'assumed', unknown: 'no temperature', surfaceC: undefined });
  });
  it('goes by what was read where no weather is known', () => {
    const read = of({ entries, series: [] });
    expect(read[0]).toMatchObject({ basis: 'readings', surfaceC: { coldest: 17, warmest: 17 } });
  });
});
