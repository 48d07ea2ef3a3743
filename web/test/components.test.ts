import { teethOf } from '@lentum/core/film';
import { beforeEach, describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { isFigure, type Figure } from '@lentum/core/figures';
import { traverse } from '@lentum/core/geometry';
import { resolve, wetFilm } from '@lentum/core/buildup';
import { bayVerdict } from '@lentum/core/words';
import { openWorking } from '../src/app/working.ts';
import BayShape from '../src/shared/BayShape.vue';
import FigureText from '../src/shared/FigureText.vue';
import LayerColumn from '../src/shared/LayerColumn.vue';
import { planView } from '../src/shared/planview.ts';
import VerdictLine from '../src/shared/VerdictLine.vue';
import WorkingTree from '../src/shared/WorkingTree.vue';
import ReadingBars from '../src/record/ReadingBars.vue';
import BayList from '../src/site/BayList.vue';
import { groupsByState } from '../src/site/groups.ts';
import ContainersOpened from '../src/site/ContainersOpened.vue';
import GaugeTeeth from '../src/site/GaugeTeeth.vue';
import type { Taken } from '../src/site/coatdraft.ts';
import ClosingError from '../src/survey/ClosingError.vue';
import WalkTable from '../src/survey/WalkTable.vue';
import {
  coat,
  coats,
  NOW,
  plain,
  polyurethane,
  prepareStore,
  reading,
  show,
  statusOf,
  step,
} from './support.ts';

beforeEach(prepareStore);

describe('figures and their working', () => {
  const film = wetFilm(coats[1]!);
  it('a figure opens its working', async () => {
    const w = show(FigureText, { props: { figure: film } });
    expect(plain(w.text())).toBe('1.42 mm');
    await w.get('button').trigger('click');
    expect(openWorking.value).toEqual(film);
  });
  it('the working shows the formula in words, with values, and its result', () => {
    const w = show(WorkingTree, { props: { figure: film } });
    const text = plain(w.text());
    expect(text).toContain('First coat, rate / First coat, density');
    expect(text).toContain('= 1.8500 / 1.3000');
    expect(text).toContain('= 1.4231 mm');
    expect(text).toContain('typical');
  });
  it('an input that was computed opens in turn', async () => {
    const outer: Figure = {
      label: 'Double',
      value: film.value * 2,
      quantity: 'film',
      formula: '2 × {film}',
      inputs: { film },
      from: 'twice',
    };
    const w = show(WorkingTree, { props: { figure: outer } });
    expect(isFigure(film)).toBe(true);
    expect(plain(w.text())).not.toContain('First coat, density');
    await w.get('button.open').trigger('click');
    expect(plain(w.text())).toContain('First coat, rate / First coat, density');
    expect(w.get('button.open').attributes('aria-expanded')).toBe('true');
  });
});

describe('a verdict line', () => {
  it('says the sentence, names its mark, and its figures are buttons', () => {
    const verdict = bayVerdict(statusOf(step('prepared', -1), reading(-0.5)), NOW);
    const w = show(VerdictLine, { props: { verdict } });
    expect(plain(w.text())).toContain(
      'H1 · primer. The limits that a reading tells hold: surface 20.0 °C is 12.6 °C above the dew point 7.4 °C.',
    );
    expect(w.get('svg').attributes('aria-label')).toBe('check first');
    expect(w.findAll('button').length).toBe(3);
  });
});

describe('a bay on the plan', () => {
  const view = planView(
    [
      [
        [0, 0],
        [5, 0],
        [5, 2],
        [0, 2],
      ],
    ],
    640,
    400,
    40,
  );
  const shape = (...entries: Parameters<typeof statusOf>) =>
    show(BayShape, { props: { status: statusOf(...entries), view, chosen: false } });
  it.each([
    ['bare', [], 'Bay H1 bare', ''],
    ['prepared', [step('prepared', -1)], 'Bay H1 prepared', 'url(#bay-prepared)'],
    ['wet', [reading(-3), coat(-0.2, [1.5, 1.5])], 'Bay H1 wet', 'url(#bay-wet)'],
    ['curing', [reading(-6), coat(-5, [1.5, 1.5])], 'Bay H1 43 %, curing', ''],
    ['held', [step('held', -1)], 'Bay H1 held', ''],
  ])('%s has its pattern and its label', (state, entries, label, pattern) => {
    const w = shape(...entries);
    expect(w.get('g.bay').attributes('aria-label')).toBe(label);
    expect(w.get('g.bay').classes()).toContain(state);
    expect(w.html().includes(pattern)).toBe(true);
  });
  it('fills up as it cures', () => {
    const half = shape(reading(-6), coat(-5, [1.5, 1.5])).get('rect.cured');
    // The bay is 2 m high. 10 h at 20 °C, longer for a film of 1.6 mm, shorter in air more humid than 50 %: 5 h are 43 %.
    expect(Math.round((Number(half.attributes('height')) / (2 * view.pointsPerM)) * 100)).toBe(43);
  });
  it('is chosen with the keyboard', async () => {
    const w = shape();
    await w.get('g.bay').trigger('keydown', { key: 'Enter' });
    await w.get('g.bay').trigger('keydown', { key: ' ' });
    expect(w.emitted('choose')?.length).toBe(2);
  });
  it('a film in doubt is marked and said', () => {
    const w = shape(reading(-3), coat(-0.2, [1.1, 1.1]));
    expect(w.get('g.bay').attributes('aria-label')).toBe('Bay H1 film?, wet, film in doubt');
    expect(w.find('path.doubt').exists()).toBe(true);
  });
});

describe('the list of bays', () => {
  it('bays that wait for the same thing share a line, each with a button of its own', async () => {
    const row = (label: string, ...entries: Parameters<typeof statusOf>) => {
      const status = statusOf(...entries);
      const named = { ...status, bay: { ...status.bay, id: label, label } };
      return { status: named, verdict: bayVerdict(named, NOW) };
    };
    const w = show(BayList, {
      props: {
        groups: groupsByState([
          row('H1', step('prepared', -1), reading(-0.5)),
          row('H2', step('prepared', -1), reading(-0.5)),
          row('H3', step('held', -1)),
        ]),
        chosen: 'H2',
      },
    });
    const lines = w.findAll('.row').map((r) => plain(r.text()));
    expect(lines.length).toBe(2);
    expect(lines[0]).toContain('H3 · primer. Held by Ines');
    expect(lines[1]).toContain('H1, H2 · primer. The limits that a reading tells hold:');
    await w.get('button[aria-label="Choose bay H1"]').trigger('click');
    expect(w.emitted('choose')?.at(-1)).toEqual(['H1', ['H1', 'H2']]);
  });
});

describe('the gauge', () => {
  it('a tapped tooth is a reading, a tapped reading is taken back', async () => {
    const w = show(GaugeTeeth, {
      props: { teeth: teethOf('deep'), probe: false, designMm: 1.42, place: null, modelValue: [] },
    });
    const readings = () => (w.emitted('update:modelValue')?.at(-1)?.[0] ?? []) as Taken[];
    const tooth = (name: string) =>
      w.findAll('button').find((b) => b.attributes('aria-label')?.includes(name))!;
    await tooth('1.40').trigger('click');
    await w.setProps({ modelValue: readings() } as never);
    await tooth('1.30').trigger('click');
    await w.setProps({ modelValue: readings() } as never);
    await w.setProps({ place: { alongM: 2, acrossM: 1 } } as never);
    await tooth('1.30').trigger('click');
    expect(readings()).toEqual([
      { mm: 1.4, place: null },
      { mm: 1.3, place: null },
      { mm: 1.3, place: { alongM: 2, acrossM: 1 } },
    ]);
    await w.setProps({ modelValue: readings() } as never);
    expect(plain(w.text())).toContain('Film lies between 1.30 and 1.40 mm.');
    expect(w.findAll('.taken .low').length).toBe(2);
    await w.get('.taken button').trigger('click');
    // Of two alike the one that was tapped goes, with its place.
    expect(readings()).toEqual([
      { mm: 1.3, place: null },
      { mm: 1.3, place: { alongM: 2, acrossM: 1 } },
    ]);
    await w.setProps({ modelValue: [{ mm: 0, place: null }] } as never);
    expect(plain(w.text())).toContain('Film lies between 0.00 and 0.80 mm.');
  });
  it('readings are drawn as intervals, those surely below the design apart', () => {
    const w = show(ReadingBars, {
      props: {
        readings: [
          { lowMm: 1.1, highMm: 1.2 },
          { lowMm: 1.4, highMm: 1.5 },
          { lowMm: 3, highMm: undefined },
        ],
        designMm: 1.42,
        consumptionMm: 1.4,
      },
    });
    expect(w.findAll('rect.bar').length).toBe(3);
    expect(w.findAll('rect.low').length).toBe(1);
    expect(plain(w.get('svg').attributes('aria-label') ?? '')).toBe(
      'Readings: 1.10 mm to 1.20 mm; 1.40 mm to 1.50 mm; 3.00 mm to more',
    );
  });
});

describe('containers opened', () => {
  it('are counted by taps and never below none', async () => {
    const rows = [{ containerId: 'pail-25', opened: 1, batch: '' }];
    const w = show(ContainersOpened, { props: { coat: coats[1]!, modelValue: rows } });
    const press = (name: string) => w.get(`button[aria-label="${name}"]`).trigger('click');
    await press('One less of container 1');
    await press('One less of container 1');
    await w.setProps({ modelValue: [...rows] } as never);
    expect(w.get('output').text()).toBe('0');
    await press('One more of container 1');
    expect(rows[0]!.opened).toBe(1);
  });
});

describe('walking', () => {
  const legs = (...lengths: number[]) =>
    lengths.map((lengthM) => ({ lengthM, turnDeg: 90, turn: 'left' as const }));
  it('arrow keys turn left and right, and every change asks for the adjustment to be accepted anew', async () => {
    const model = legs(4, 3, 4, 3);
    const w = show(WalkTable, { props: { modelValue: model } });
    const hand = w.findAll('button.hand')[1]!;
    await hand.trigger('keydown', { key: 'ArrowRight' });
    expect(model[1]!.turn).toBe('right');
    await hand.trigger('keydown', { key: 'ArrowLeft' });
    expect(model[1]!.turn).toBe('left');
    expect(w.emitted('changed')?.length).toBe(2);
  });
  it('a side is put in after another, and three sides are the least', async () => {
    const model = legs(4, 3, 5);
    const w = show(WalkTable, { props: { modelValue: model } });
    expect(
      w.findAll('button[aria-label^="Remove side"]').every((b) => b.attributes('disabled') !== undefined),
    ).toBe(true);
    await w.get('button[aria-label="Insert a side after side 1"]').trigger('click');
    await nextTick();
    expect(model.map((l) => l.lengthM)).toEqual([4, 1, 3, 5]);
  });
  it.each([
    [[4, 3, 4, 3], false, 'The walk closes: it ends 0 mm from its start.'],
    [[4, 3, 3.9, 3], false, 'Open: the walk ends 100 mm from its start, 1 in 139 of 13.90 m walked.'],
    [[4, 3, 3.9, 3], true, 'Adjusted. The walk ended 100 mm from its start (1 in 139)'],
  ])('closing error of %j, accepted %s', (lengths, accepted, words) => {
    const w = show(ClosingError, { props: { walked: traverse(legs(...lengths)), modelValue: accepted } });
    expect(plain(w.text())).toContain(words);
  });
  it('turns that do not make a full turn are named', () => {
    const w = show(ClosingError, {
      props: {
        walked: traverse([
          ...legs(4, 3, 4),
          { lengthM: 3, turnDeg: 60, turn: 'left' },
          { lengthM: 2, turnDeg: 40, turn: 'left' },
        ]),
        modelValue: false,
      },
    });
    expect(plain(w.text())).toContain('The turns add up to 370.0° instead of 360°');
  });
});

describe('the layer column', () => {
  it('draws each layer, the designed film and beside it the achieved one', () => {
    const wet = { ...wetFilm(coats[2]!), value: 0.7 };
    const achieved = [{ layerId: 'second', bays: 2, wet, dry: { ...wet, value: 0.7 * 0.88 } }];
    const w = show(LayerColumn, { props: { buildUp: resolve(polyurethane), achieved } });
    expect(w.findAll('rect.slab').length).toBe(4);
    expect(plain(w.text())).toContain('0.74 mm Second coat');
    expect(plain(w.text())).toContain('achieved 0.62 mm, thin');
    const [designed, got] = [w.get('rect.finish, rect.slab.membrane'), w.get('rect.achieved')];
    expect(Number(got.attributes('height')) / Number(designed.attributes('height'))).toBeCloseTo(
      0.7 / (1.1 / 1.3),
      6,
    );
  });
});
