/** The panels of the survey: what they say of a zone, and what they give back when it is changed. */
import { beforeEach, describe, expect, it } from 'vitest';
import { fallsReport } from '@lentum/core/falls';
import { readiness } from '@lentum/core/readiness';
import type { Feature, Side, TapedOutline, Test, Zone } from '@lentum/core/survey';
import { surveyTotals, zoneQuantities } from '@lentum/core/survey';
import { edgeOf } from '@lentum/core/survey';
import { corners, pointsZone, rect } from '../../core/test/support/zones.ts';
import EdgeTable from '../src/survey/EdgeTable.vue';
import FallsResult from '../src/survey/FallsResult.vue';
import FeatureTable from '../src/survey/FeatureTable.vue';
import OutlinePreview from '../src/survey/OutlinePreview.vue';
import PlaceInputs from '../src/survey/PlaceInputs.vue';
import PointsTable from '../src/survey/PointsTable.vue';
import QuantityPanel from '../src/survey/QuantityPanel.vue';
import TapedTable from '../src/survey/TapedTable.vue';
import TurnButton from '../src/survey/TurnButton.vue';
import { plain, prepareStore, show, type } from './support.ts';

beforeEach(prepareStore);
/** What a component gave back last. */
const last = <T>(w: ReturnType<typeof show>, event: string): T => w.emitted(event)!.at(-1)![0] as T;

describe('tape measures', () => {
  const outline = (change: Partial<TapedOutline> = {}): TapedOutline => ({
    kind: 'taped',
    corners: ['left', 'left', 'left', 'left'].map((turn) => ({ turn: turn as 'left', square: false })),
    sidesM: [8, 6, 8, 6],
    diagonals: [],
    adjustmentAccepted: false,
    ...change,
  });
  const advice = (o: TapedOutline): string =>
    plain(
      show(TapedTable, { props: { modelValue: o } })
        .get('.advice')
        .text(),
    );
  it.each<[string, Partial<TapedOutline>, string]>([
    ['too few', {}, 'Not fixed yet: 1 more measure is needed. Tape the diagonal from corner'],
    [
      'just enough',
      { diagonals: [{ from: 0, to: 2, lengthM: 10 }] },
      'The shape is fixed. No measure checks another',
    ],
    [
      'one to spare',
      {
        diagonals: [
          { from: 0, to: 2, lengthM: 10 },
          { from: 1, to: 3, lengthM: 10.002 },
        ],
      },
      '1 measure to spare, and all agree.',
    ],
    [
      'contradicting',
      {
        diagonals: [
          { from: 0, to: 2, lengthM: 10 },
          { from: 1, to: 3, lengthM: 10.6 },
        ],
      },
      'The measures disagree. Most likely wrong:',
    ],
    [
      'a diagonal between neighbours',
      { diagonals: [{ from: 0, to: 1, lengthM: 8 }] },
      'choose two corners that are not',
    ],
  ])('%s', (_, change, words) => expect(advice(outline(change))).toContain(words));
  it('gives back a typed side, an emptied one, and a diagonal where it helps', async () => {
    const w = show(TapedTable, { props: { modelValue: outline() } });
    await type(w, 'Side 2, length', '20\' 0"');
    expect(last<TapedOutline>(w, 'update:modelValue').sidesM[1]).toBeCloseTo(6.096, 9);
    await type(w, 'Side 3, length', '');
    expect(last<TapedOutline>(w, 'update:modelValue').sidesM[2]).toBeNull();
    await w
      .findAll('button')
      .find((b) => b.text() === 'Add a diagonal')!
      .trigger('click');
    const [d] = last<TapedOutline>(w, 'update:modelValue').diagonals;
    expect(Math.abs(d!.from - d!.to)).toBe(2);
  });
  it('a side put in or taken out keeps the diagonals at their corners', async () => {
    const o = outline({ diagonals: [{ from: 1, to: 3, lengthM: 10 }] });
    const w = show(TapedTable, { props: { modelValue: o } });
    await w.get('button[aria-label="Insert a side after side 1"]').trigger('click');
    const more = last<TapedOutline>(w, 'update:modelValue');
    expect(last(w, 'inserted')).toBe(0);
    expect(more.sidesM).toEqual([8, null, 6, 8, 6]);
    expect(more.diagonals).toEqual([{ from: 1, to: 4, lengthM: 10 }]);
    await w.get('button[aria-label="Remove side 1"]').trigger('click');
    // Of the five sides there were now; the diagonal stays between its two corners.
    expect(last<TapedOutline>(w, 'update:modelValue').diagonals).toEqual([{ from: 0, to: 3, lengthM: 10 }]);
  });
});

it('a turn is pressed, or given with the arrow keys', async () => {
  const w = show(TurnButton, { props: { modelValue: 'left', side: 3 } });
  await w.get('button').trigger('click');
  expect(last(w, 'update:modelValue')).toBe('right');
  await w.get('button').trigger('keydown', { key: 'ArrowLeft' });
  expect(last(w, 'update:modelValue')).toBe('left');
});

describe('edges and fittings', () => {
  const zone: Zone = pointsZone(corners(6, 4), { sides: [{ edge: edgeOf('upstand'), riseM: 0 }] });
  it('a height goes to its side; all like side 1 goes to all', async () => {
    const props = { zone, lengthsM: [6, 4, 6, 4], shared: [], names: new Map(), side: undefined };
    const w = show(EdgeTable, { props });
    await type(w, 'Side 1, height', '220');
    expect(last<Side[]>(w, 'change')[0]!.edge).toEqual({
      kind: 'upstand',
      heightMm: 220,
      termination: 'bar',
    });
    await type(w, 'Side 3, rise of its arc, outward', '0.8');
    expect(last<Side[]>(w, 'change').map((s) => s.riseM)).toEqual([0, 0, 0.8]);
    await w
      .findAll('button')
      .find((b) => b.text() === 'All like side 1')!
      .trigger('click');
    expect(last<Side[]>(w, 'change').map((s) => s.edge.kind)).toEqual(Array(4).fill('upstand'));
  });
  it('shared sides are named with their length', () => {
    const shared = [{ a: { zoneId: 'z', side: 1 }, b: { zoneId: 'y', side: 0 }, lengthM: 3.5 }];
    const props = { zone, lengthsM: [6, 4, 6, 4], shared, names: new Map([['y', 'Terrace']]), side: 1 };
    expect(plain(show(EdgeTable, { props }).text())).toContain('3.50 m shared with Terrace');
  });
  it('a fitting is added with typical sizes and waits for its place; sizes out of range are refused', async () => {
    const w = show(FeatureTable, { props: { modelValue: [], placing: undefined, rims: true } });
    await w
      .findAll('button')
      .find((b) => b.text() === 'Add')!
      .trigger('click');
    // Nothing is there before its place is said, and nothing is made up.
    expect(last(w, 'place')).toBe('new');
    expect(w.emitted('update:modelValue')).toBe(undefined);
    await w.setProps({ placing: 'new' });
    expect(w.get<HTMLInputElement>('input[aria-label="Outlet 1, along side 1"]').element.value).toBe('');
    await type(w, 'Outlet 1, along side 1', '2');
    await type(w, 'Outlet 1, into the zone', '1.5');
    await w.get('form').trigger('submit');
    const [added] = last<Feature[]>(w, 'update:modelValue');
    expect(added).toMatchObject({
      kind: 'outlet',
      at: { alongM: 2, acrossM: 1.5 },
      sizes: { diameterMm: 100 },
      count: 1,
    });
    await w.setProps({ modelValue: [added], placing: undefined });
    expect(w.find('form').exists()).toBe(false);
    await type(w, 'Outlet 1, diameter', '5');
    expect(plain(w.text())).toContain('Outlet 1, diameter: 5 is out of range; expected at least 30 mm');
    await type(w, 'Outlet 1, level of its rim', '0.012');
    expect(last<Feature[]>(w, 'update:modelValue')[0]!.rimM).toBe(0.012);
    await type(w, 'Outlet 1, level of its rim', '');
    expect('rimM' in last<Feature[]>(w, 'update:modelValue')[0]!).toBe(false);
  });
  it('a line is there once both its ends were tapped on the plan', async () => {
    const w = show(FeatureTable, {
      props: { modelValue: [], placing: undefined, tapped: undefined, rims: false },
    });
    w.getComponent({ name: 'PickList' }).vm.$emit('update:modelValue', 'static-crack');
    await w
      .findAll('button')
      .find((b) => b.text() === 'Add')!
      .trigger('click');
    await w.setProps({ placing: 'new', tapped: { alongM: 1, acrossM: 1 } });
    expect(w.emitted('update:modelValue')).toBe(undefined);
    await w.setProps({ tapped: { alongM: 4, acrossM: 1 } });
    expect(last<Feature[]>(w, 'update:modelValue')).toMatchObject([
      { kind: 'static-crack', at: { alongM: 1, acrossM: 1 }, to: { alongM: 4, acrossM: 1 } },
    ]);
  });
  it('a place takes both of its measures', async () => {
    const w = show(PlaceInputs, { props: { modelValue: { alongM: 1, acrossM: 2 }, label: 'Pipe 1' } });
    await type(w, 'Pipe 1, into the zone', '350 cm');
    expect(last(w, 'update:modelValue')).toEqual({ alongM: 1, acrossM: 3.5 });
  });
});

it('drawn corners: a new length keeps a rectangle one, a corner goes in at the middle', async () => {
  const w = show(PointsTable, { props: { zone: pointsZone(corners(6, 4)), side: undefined } });
  await type(w, 'Side 1, length', '9');
  const wide = zoneQuantities(last<Zone>(w, 'change'));
  expect(wide.ok && wide.value.area.value).toBeCloseTo(36, 9);
  await w.get('button[aria-label="Put a corner into side 2"]').trigger('click');
  const more = last<Zone>(w, 'change').outline;
  expect(more.kind === 'points' && more.points[2]).toEqual([6, 2]);
});

it('falls in words: the pond, the proud outlet, the odd level, the mix', () => {
  const up: Side = { edge: edgeOf('upstand'), riseM: 0 };
  const zone = pointsZone(corners(8, 6), {
    sides: [up, up, up, up],
    features: [
      {
        id: 'o',
        kind: 'outlet',
        count: 1,
        at: { alongM: 4, acrossM: 3 },
        sizes: { diameterMm: 100 },
        note: 'Middle',
        rimM: 0.02,
      },
    ],
  });
  const points = [0, 2, 4, 6, 8].flatMap((x) =>
    [0, 2, 4, 6].map((y) => ({
      id: `l${x}-${y}`,
      at: { alongM: x, acrossM: y },
      valueM: x === 8 && y === 6 ? 0.5 : 0,
    })),
  );
  const leveled = { ...zone, levels: { ...zone.levels, points } };
  const falls = fallsReport(leveled);
  if (!falls.ok) throw new Error('no falls');
  const text = plain(show(FallsResult, { props: { zone: leveled, falls: falls.value } }).text());
  expect(text).toContain('Middle stands 20.0 mm proud of the surface');
  expect(text).toContain('Level 20 stands out: 0.500 m where those around it say 0.000 m. It is kept');
  expect(text).toContain('Pond 1');
  expect(text).toContain('To a fall of 1.50 % all over');
  expect(text).toContain('Have the structure’s load checked first.');
});

it('quantities of the zone beside those of all zones, as figures that open', () => {
  const zone = pointsZone(corners(6, 4), { openings: [rect('Light', 1, 1, 1, 1)] });
  const q = zoneQuantities(zone);
  const w = show(QuantityPanel, {
    props: { zone, quantities: q.ok ? q.value : undefined, slopeAreas: new Map() },
  });
  expect(plain(w.text())).toMatch(/Plan area ?23\.00 m²/);
  expect(w.findAll('button.figure').length).toBeGreaterThan(6);
  expect(surveyTotals({ zones: [] }).area.value).toBe(0);
});

it('what a file holds is drawn before it is taken, arcs and openings too', () => {
  const outer = corners(10, 8);
  const w = show(OutlinePreview, {
    props: { outlines: [{ name: 'Roof', outer, holes: [corners(1, 1)], risesM: [0, 1, 0, 0] }] },
  });
  const path = w.get('path').attributes('d')!;
  expect(path.match(/M/g)!.length).toBe(2);
  expect(path.match(/L/g)!.length).toBeGreaterThan(8);
  expect(path).not.toContain('NaN');
});

it('a zone without tests is held, whatever else is right', () => {
  const zone = pointsZone(corners(6, 4), { substrate: { kind: 'concrete-old' }, tests: [] as Test[] });
  const judged = readiness({ zone, family: 'TRAFFIC', falls: undefined, school: 'always', nowMs: 0 });
  expect(judged.ok && judged.value.weight).toBe('hold');
});
