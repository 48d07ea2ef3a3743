/** Where a ground is damp: a planted damp spot is found, a dry ground has none, and old readings are left aside. */
import { describe, expect, it } from 'vitest';
import { COMMON } from '@lentum/core/practice';
import { moistureMap } from '@lentum/core/proving';
import { setOut, zoneQuantities, type Test } from '@lentum/core/survey';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';

const job = velmora(new Date(DEMO_ANCHOR));
const zone = job.survey.zones.find((z) => z.id === 'garden')!;
const measured = zoneQuantities(zone);
if (!measured.ok) throw new Error('the garden is measured');
const q = measured.value;
const { toPlace } = setOut(q.shape.corners);
const NOW = Date.parse(DEMO_ANCHOR);
const DAY = 86_400_000;

let id = 0;
const read = (
  alongM: number,
  acrossM: number,
  value: number,
  daysAgo = 0,
  more: Partial<Test> = {},
): Test => ({
  ...{ id: `t${(id += 1)}`, kind: 'moisture', instrument: 'meter', unprimed: false, note: '' },
  ...{ takenAt: new Date(NOW - daysAgo * DAY).toISOString(), value, at: { alongM, acrossM } },
  ...more,
});
/** Every metre and a half, damp about one place: higher the nearer to it. */
function field(peak: number, dry = 3.5): Test[] {
  const tests: Test[] = [];
  for (let x = 1; x <= 10; x += 1.5)
    for (let y = 1; y <= 7; y += 1.5)
      tests.push(read(x, y, dry + peak * Math.exp(-((x - 4) ** 2 + (y - 4) ** 2) / 4)));
  return tests;
}
const map = (tests: readonly Test[]) => moistureMap(q, tests, COMMON);

describe('a map of moisture', () => {
  it('finds a planted damp spot where it is, and says how well it is known', () => {
    const m = map(field(6))!;
    expect(m.patches).toHaveLength(1);
    const { alongM, acrossM } = toPlace(m.patches[0]!.middle);
    expect(Math.hypot(alongM - 4, acrossM - 4)).toBeLessThan(0.8);
    // By the bump that was planted, above 6 %: (x² + y²) < 4 ln(6 / 2.5), a disc of 11 m².
    expect(m.patches[0]!.area.value).toBeGreaterThan(7);
    expect(m.patches[0]!.area.value).toBeLessThan(15);
    expect(m.leftOut!.surface).toBeLessThan(m.leftOut!.mean);
    expect([m.unprimed.value, m.most.value]).toEqual([4.5, 6]);
  });
  it('finds none on a dry ground', () => {
    expect(map(field(0))).toMatchObject({ patches: [] });
    expect(map(field(2))!.highest.value).toBeLessThan(6);
    expect(map(field(2))!.patches).toEqual([]);
  });
  it('goes by the newest reading of a place: what has dried is dry', () => {
    const wet = field(6).map((t) => ({ ...t, takenAt: new Date(NOW - 3 * DAY).toISOString() }));
    const m = map([...wet, ...field(0)])!;
    expect(m.patches).toEqual([]);
    expect(m.leftAside).toBe(wet.length);
  });
  it('leaves aside what is older than a week beside the newest, is on another scale, or has no place', () => {
    const old = read(9, 1, 9, 8);
    const carbide = read(9, 3, 5, 0, { scale: 'carbide test, % by mass' });
    const { at: _, ...nowhere } = read(0, 0, 9);
    const m = map([...field(0), old, carbide, nowhere as Test])!;
    expect(m.highest.value).toBeCloseTo(3.5, 9);
    expect(m.leftAside).toBe(2);
  });
  it('says nothing between too few readings, and nothing at all without one', () => {
    expect(map([read(2, 2, 7), read(5, 5, 3)])).toMatchObject({
      grid: undefined,
      patches: [],
      leftOut: undefined,
    });
    expect(map([])).toBeUndefined();
  });
});
