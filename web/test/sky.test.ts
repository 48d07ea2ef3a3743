/** The sky strip as shapes, its handle, the scales to tap, and the columns of a weather file. */
import { mount } from '@vue/test-utils';
import fc from 'fast-check';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it } from 'vitest';
import { roofSurface } from '@lentum/core/programme';
import { guessMap, roofClimate, type RoofClimate, type TableMap } from '@lentum/core/weather';
import { lineOf, MIDNIGHT, PLACE, simulatedLine, steady } from '../../core/test/support/weather.ts';
import { usePreferences } from '../src/app/preferences.ts';
import ChoiceButtons from '../src/shared/ChoiceButtons.vue';
import { curve, gaps, rangeOf, spans, stripOf } from '../src/shared/skystrip.ts';
import SkyStrip from '../src/shared/SkyStrip.vue';
import StartHandle from '../src/shared/StartHandle.vue';
import TapScale from '../src/site/TapScale.vue';
import ColumnsMatch from '../src/site/weather/ColumnsMatch.vue';

const HOUR = 3_600_000;
const BOX = { width: 900, top: 40, bottom: 150 } as const;

beforeEach(() => {
  localStorage.clear();
  setActivePinia(createPinia());
});

/** A climate whose columns are what a test says. */
function climateOf(columns: { surface: (number | null)[]; dew: (number | null)[] }): RoofClimate {
  const hours = columns.surface.length;
  const line = lineOf({ airC: steady(hours, 10), humidityPct: steady(hours, 50) });
  const model = roofClimate(line, new Float64Array(hours), roofSurface(undefined));
  const filled = (values: (number | null)[]) => Float64Array.from(values, (v) => v ?? NaN);
  return { ...model, surfaceC: filled(columns.surface), dewC: filled(columns.dew) };
}
const { line, sun } = simulatedLine(3, 96);
const climate = roofClimate(line, sun, roofSurface({ kind: 'bitumen-smooth' }));

describe('the sky strip as shapes', () => {
  it('shows the hours asked for, cut to those that there are', () => {
    expect(rangeOf(climate, MIDNIGHT + 5 * HOUR, 10)).toEqual({ from: 5, to: 15 });
    expect(rangeOf(climate, MIDNIGHT - 4 * HOUR, 10)).toEqual({ from: 0, to: 6 });
    expect(rangeOf(climate, MIDNIGHT + 90 * HOUR, 10)).toEqual({ from: 90, to: 96 });
  });
  it('a place along it and its instant turn into each other; warmer is higher, and all of it lies in its band', () => {
    const range = rangeOf(climate, MIDNIGHT + 5 * HOUR, 48);
    const strip = stripOf(climate, range, BOX);
    fc.assert(
      fc.property(fc.integer({ min: strip.startMs, max: strip.endMs }), (ms) => {
        expect(strip.msAt(strip.x(ms))).toBeCloseTo(ms, 3);
        expect(strip.x(ms)).toBeGreaterThanOrEqual(0);
        expect(strip.x(ms)).toBeLessThanOrEqual(BOX.width);
      }),
    );
    expect(strip.y(12)).toBeLessThan(strip.y(11));
    for (let h = range.from; h < range.to; h += 1)
      for (const v of [climate.surfaceC[h]!, climate.dewC[h]!, line.values.airC[h]!]) {
        expect(strip.y(v)).toBeGreaterThanOrEqual(BOX.top);
        expect(strip.y(v)).toBeLessThanOrEqual(BOX.bottom);
      }
  });
  it('a line is broken where nothing is known, and nowhere else', () => {
    const range = { from: 0, to: 8 };
    const holes = climateOf({ surface: [1, 2, null, 3, 4, null, null, 5], dew: steady(8, 0) });
    const path = curve(holes.surfaceC, range, stripOf(holes, range, BOX));
    expect(path.match(/M/g)).toHaveLength(3);
    expect(path.match(/[ML]/g)).toHaveLength(5);
    expect(path).not.toContain('NaN');
    const nothing = climateOf({ surface: steady(8, 1).map(() => null), dew: steady(8, 1).map(() => null) });
    expect(curve(nothing.surfaceC, range, stripOf(nothing, range, BOX))).toBe('');
  });
  it.each([
    [4, 'enough'],
    [3, 'enough'],
    [2.9, 'little'],
    [0, 'little'],
    [-0.1, 'wet'],
  ] as const)('a gap of %d K over the dew point, where 3 are needed, is %s', (margin, kind) => {
    const two = climateOf({ surface: [8 + margin, 8 + margin], dew: [8, 8] });
    const range = { from: 0, to: 2 };
    expect(gaps(two, range, stripOf(two, range, BOX), 3).map((g) => g.kind)).toEqual([kind]);
  });
  it('spans are the runs in which something is so, end to end', () => {
    const range = { from: 2, to: 20 };
    fc.assert(
      fc.property(fc.array(fc.boolean(), { minLength: 20, maxLength: 20 }), (so) => {
        const found = spans(climate, range, (h) => so[h] ?? false);
        const covered = found.reduce((sum, s) => sum + (s.toMs - s.fromMs) / HOUR, 0);
        expect(covered).toBe(so.slice(2, 20).filter(Boolean).length);
        found.forEach((s, i) => {
          expect(s.toMs).toBeGreaterThan(s.fromMs);
          if (i > 0) expect(s.fromMs).toBeGreaterThan(found[i - 1]!.toMs);
        });
      }),
    );
  });
});

describe('the strip on the page', () => {
  const show = (mask?: Uint32Array) =>
    mount(SkyStrip, {
      props: {
        title: 'H5 · second coat',
        climate,
        place: PLACE,
        nowMs: MIDNIGHT + 7 * HOUR,
        neededK: 3,
        mask,
        start: MIDNIGHT + 8 * HOUR,
        marks: [{ atMs: MIDNIGHT + 10 * HOUR, label: 'rain-safe' }],
        layingHours: 2,
      },
    });
  it('draws open hours, the mark of a stage and now; without a layer no hours are open or shut', () => {
    const open = Uint32Array.from({ length: 96 }, (_, h) => (h >= 8 && h < 16 ? 0 : 1));
    const w = show(open);
    expect(w.findAll('rect.open')).toHaveLength(1);
    expect(w.text()).toMatch(/open (11 May )?08:00–(11 May )?16:00/);
    expect(w.text()).toContain('rain-safe');
    expect(w.text()).toContain('now');
    expect(show().findAll('rect.open, line.shut')).toHaveLength(0);
  });
  it('no shape is drawn at a place that is no number', () => {
    expect(show(new Uint32Array(96)).html()).not.toContain('NaN');
  });
});

describe('the handle of the start', () => {
  const nowMs = MIDNIGHT + 7 * HOUR + 13 * 60_000;
  const strip = stripOf(climate, { from: 4, to: 55 }, BOX);
  const handle = (startMs: number) =>
    mount(StartHandle, {
      props: { modelValue: startMs, strip, nowMs, layingHours: 1, top: 24, bottom: 150, height: 178 },
    });
  const pressed = async (startMs: number, key: string): Promise<number | undefined> => {
    const w = handle(startMs);
    await w.get('[role=slider]').trigger('keydown', { key });
    return w.emitted<[number]>('update:modelValue')?.at(-1)?.[0];
  };
  const at = (hours: number): number => MIDNIGHT + hours * HOUR;
  it.each([
    ['ArrowRight', at(10), at(10.25)],
    ['ArrowLeft', at(10), at(9.75)],
    ['PageUp', at(10), at(13)],
    ['PageDown', at(12), at(9)],
    // Never before now, and an hour of it stays on the strip.
    ['PageDown', at(9), nowMs],
    ['PageUp', at(53.5), strip.endMs - HOUR],
    ['Home', at(20), nowMs],
    ['a', at(10), undefined],
  ] as const)('%s', async (key, from, to) => expect(await pressed(from, key)).toBe(to));
  it('says its time in words', () =>
    expect(handle(at(10)).get('[role=slider]').attributes('aria-valuetext')).toMatch(/\d\d:\d\d$/));
});

describe('a scale to tap', () => {
  const scale = (props: Partial<InstanceType<typeof TapScale>['$props']> = {}) =>
    mount(TapScale, {
      props: {
        quantity: 'temperature',
        label: 'Surface temperature',
        around: 14.3,
        step: 1,
        min: -40,
        max: 90,
        modelValue: undefined,
        ...props,
      },
    });
  const names = (w: ReturnType<typeof scale>): string[] => w.findAll('button').map((b) => b.text());
  it('stands round what is expected, and a tap is a reading', async () => {
    const w = scale();
    expect(names(w)).toEqual(['11', '12', '13', '14', '15', '16', '17']);
    await w.findAll('button')[4]!.trigger('click');
    expect(w.emitted('update:modelValue')).toEqual([[15]]);
  });
  it('what was read elsewhere shows on it at the nearest mark', () => {
    const on = scale({ modelValue: 16.4 }).findAll('[aria-pressed=true]');
    expect(on.map((b) => b.text())).toEqual(['16']);
    expect(scale({ modelValue: 40 }).findAll('[aria-pressed=true]')).toHaveLength(0);
  });
  it('ends where the quantity ends', () =>
    expect(names(scale({ quantity: 'percent', around: 93, step: 5, min: 1, max: 100 }))).toEqual([
      '80',
      '85',
      '90',
      '95',
      '100',
    ]));
  it('in US units it counts in °F and gives °C', async () => {
    usePreferences().units = 'us';
    const w = scale({ step: 2 });
    // 14.3 °C are 57.74 °F.
    expect(names(w)[3]).toBe('58');
    await w.findAll('button')[3]!.trigger('click');
    expect(w.emitted<[number]>('update:modelValue')![0]![0]).toBeCloseTo((58 - 32) / 1.8, 9);
  });
});

describe('the columns of a weather file', () => {
  const head = ['Zeit', 'T', 'rh', 'clock'];
  const match = (map: TableMap = guessMap(head, 'UTC')) =>
    mount(ColumnsMatch, {
      props: { modelValue: map, head, example: ['2026-01-05', '4', '80', '09:00'] },
      global: { stubs: { PickList: true } },
    });
  const set = async (w: ReturnType<typeof match>, label: string, value: string): Promise<TableMap> => {
    const pick = w.findAllComponents({ name: 'PickList' }).find((p) => p.props('label') === label)!;
    pick.vm.$emit('update:modelValue', value);
    await w.vm.$nextTick();
    const map = w.emitted<[TableMap]>('update:modelValue')!.at(-1)![0];
    await w.setProps({ modelValue: map });
    return map;
  };
  it('any column can be made the time, the clock or a value in one of its units', async () => {
    const w = match();
    await set(w, 'What Zeit is', 'time');
    await set(w, 'What clock is', 'clock');
    await set(w, 'What T is', 'airC');
    const map = await set(w, 'Unit of T', '°F');
    expect(map).toMatchObject({ time: 0, clock: 3 });
    expect(map.columns.find((c) => c.index === 1)).toEqual({ index: 1, as: 'airC', unit: '°F' });
  });
  it('a share of 1 is a unit of humidity too, and a column is only one thing', async () => {
    const w = match();
    await set(w, 'What rh is', 'humidityPct');
    expect((await set(w, 'Unit of rh', 'share')).columns.find((c) => c.as === 'humidityPct')!.unit).toBe('');
    const moved = await set(w, 'What T is', 'humidityPct');
    expect(moved.columns.filter((c) => c.as === 'humidityPct').map((c) => c.index)).toEqual([1]);
  });
  it('the only time stays until another column is it', async () => {
    const w = match({ ...guessMap(head, 'UTC'), time: 0 });
    const picks = w.findAllComponents({ name: 'PickList' });
    picks.find((p) => p.props('label') === 'What Zeit is')!.vm.$emit('update:modelValue', 'not used');
    await w.vm.$nextTick();
    expect(w.emitted('update:modelValue')).toBe(undefined);
    expect((await set(w, 'What T is', 'time')).time).toBe(1);
  });
  it('offers clocks that know no summer time by their hours from UTC', () => {
    const zones = match()
      .findAllComponents({ name: 'PickList' })
      .find((p) => p.props('label') === 'Zone of its clock')!
      .props('options') as { value: string; label: string }[];
    expect(zones.find((z) => z.value === 'Etc/GMT-2')!.label).toBe('UTC+2 all year');
    expect(zones.some((z) => z.value === 'Europe/Lisbon')).toBe(true);
  });
});

describe('one of a few', () => {
  it('shows which one, and gives what is pressed', async () => {
    const options = [
      { value: 1, name: '1', label: '1 person' },
      { value: 2, name: '2', label: '2 people' },
    ];
    const w = mount(ChoiceButtons, {
      props: { modelValue: 2, options },
      global: {
        stubs: {
          ElButtonGroup: { template: '<div><slot /></div>' },
          ElButton: { template: '<button><slot /></button>' },
        },
      },
    } as never);
    const [one, two] = w.findAll('button');
    expect(two!.attributes('aria-pressed')).toBe('true');
    await one!.trigger('click');
    expect(w.emitted('update:modelValue')).toEqual([[1]]);
  });
});
