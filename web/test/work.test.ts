/** Components of details, order, mixing and the bench: what they show, and what they give back. */
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { catalogue } from '@lentum/core/buildup';
import { CALCULATORS, type Values } from '@lentum/core/bench';
import { cutLists } from '@lentum/core/details';
import { given } from '@lentum/core/figures';
import { DEFAULT_ORDER, takeoff, type Delivery, type StockItem } from '@lentum/core/order';
import { everything, first, scheduleOf, work } from '../../core/test/support/roof.ts';
import CalculatorForm from '../src/bench/CalculatorForm.vue';
import { cautionsOf } from '../src/details/cautions.ts';
import DetailTable from '../src/details/DetailTable.vue';
import ExplodedDrawing from '../src/details/ExplodedDrawing.vue';
import FlatPiece from '../src/details/FlatPiece.vue';
import RollDrawing from '../src/details/RollDrawing.vue';
import DeliveryPanel from '../src/order/DeliveryPanel.vue';
import OrderTable from '../src/order/OrderTable.vue';
import SheetPanel from '../src/order/SheetPanel.vue';
import StockPanel from '../src/order/StockPanel.vue';
import FigureText from '../src/shared/FigureText.vue';
import SayParts from '../src/shared/SayParts.vue';
import StepTimer from '../src/site/StepTimer.vue';
import { plain, prepareStore, show } from './support.ts';

beforeEach(prepareStore);
const last = <T>(w: ReturnType<typeof show>, event: string): T => w.emitted(event)!.at(-1)![0] as T;
const zone = first(everything());
const schedule = scheduleOf(everything(), catalogue()[0]!);
const order = takeoff(
  { zones: [everything()] },
  {
    buildUps: [...catalogue()],
    zones: [{ zoneId: 'z', buildUpId: catalogue()[0]!.id, revision: 1, conditions: [], choices: {} }],
  },
  DEFAULT_ORDER,
);

describe('details', () => {
  it('the schedule groups by kind with its counts, and gives back the one that is chosen', async () => {
    const w = show(DetailTable, { props: { zone, chosen: 'side-1-upstand' } });
    const text = plain(w.text());
    expect(text).toContain('Upstand');
    expect(text).toContain('27.00 m');
    expect(w.findAll('tr.chosen').length).toBe(1);
    await w
      .findAll('button.pick')
      .find((b) => b.text() === 'Outlet 1')!
      .trigger('click');
    expect(last(w, 'choose')).toBe('f-outlet');
  });

  it('a flat piece says its outer measures, its bands and how it laps', () => {
    const piece = work(everything(), 'side 1').pieces[0]!;
    const text = plain(show(FlatPiece, { props: { piece, label: 'Z-01' } }).text());
    expect(text).toContain('2,440 mm (drawn shorter)');
    expect(text).toContain('on the roof 150 mm, cant 21 mm, up 285 mm');
    expect(text).toContain('foot on the field');
  });

  it('a folded piece draws its cut and its folds', () => {
    const piece = work(everything(), 'corner 2').pieces[0]!;
    const w = show(FlatPiece, { props: { piece, label: 'Z-02' } });
    expect(w.findAll('path.cut').length).toBe(1);
    expect(w.findAll('path.fold').length).toBe(3);
    expect(plain(w.text())).toContain('arms 150 mm, height 300 mm, lap 50 mm, 90°');
  });

  it.each(['corner 2', 'corner 4', 'Light', 'Pipe 1', 'Pipe cluster 1'])(
    '%s is drawn with its ground, each piece named once',
    (where) => {
      const w = show(ExplodedDrawing, {
        props: {
          work: work(everything(), where),
          rules: zone.rules,
          labelOf: (p: { name: string }) => p.name,
        },
      });
      expect(w.findAll('path.ground').length).toBeGreaterThan(0);
      const names = w.findAll('g.label text').map((t) => t.text());
      expect(new Set(names).size).toBe(names.length);
      const ys = w.findAll('g.label text').map((t) => Number(t.attributes('y')));
      ys.slice(1).forEach((y, i) => expect(y - ys[i]!).toBeGreaterThanOrEqual(17.9));
    },
  );

  it('cautions of the kind come before those of the build-up', () => {
    expect(cautionsOf(catalogue()[0]!, 'kerb')[0]).toMatch(/does not carry a person/);
    expect(cautionsOf(catalogue()[0]!, 'bar')).toEqual(catalogue()[0]!.cautions);
  });

  it('a roll is drawn in lengths of six metres', () => {
    const [list] = cutLists(schedule);
    const placed = list!.nest.placed.filter((p) => p.roll === 0);
    const w = show(RollDrawing, { props: { placed, usedMm: list!.nest.usedMm[0], widthMm: 1050 } });
    expect(w.findAll('svg').length).toBe(Math.ceil(list!.nest.usedMm[0]! / 6000));
  });
});

describe('the order', () => {
  const [group] = order.groups;
  it('a line says product, layers, tins, what is left, the next best', () => {
    const w = show(OrderTable, { props: { group, aim: 'least left over' } });
    const row = plain(
      w
        .findAll('tbody tr')
        .find((r) => r.text().includes('Polyurethane resin'))!
        .text(),
    );
    expect(row).toContain('First coat, Second coat');
    expect(row).toContain('flammable liquid');
    expect(row).toMatch(/\d+ × 25 kg pail/);
    expect(row).toMatch(/left/);
    expect(plain(w.find('tfoot').text())).toContain('pallet');
  });
  it('a line says by what it was chosen where that is not the aim of the order', () => {
    const cheap = { ...group!, lines: group!.lines.map((l) => ({ ...l, chosenBy: 'least cost' as const })) };
    const says = (aim: string) => plain(show(OrderTable, { props: { group: cheap, aim } }).text());
    expect(says('least left over')).toContain('by cost');
    expect(says('least cost')).not.toContain('by cost');
  });
  it('its stock is asked for from the line', async () => {
    const w = show(OrderTable, { props: { group, aim: 'least left over' } });
    await w.get('button[aria-label="Stock of Polyurethane resin"]').trigger('click');
    expect(last<{ item: { name: string } }>(w, 'stock').item.name).toBe('Polyurethane resin');
  });
  it('stock is added with what it is, and taken out again', async () => {
    const line = order.lines.find((l) => l.item.name === 'Polyurethane resin')!;
    const w = show(StockPanel, { props: { idle: [], lines: order.lines, adding: line, modelValue: [] } });
    const input = w.get('input[aria-label="Amount of Polyurethane resin"]');
    await input.setValue('12,5');
    await input.trigger('change');
    await w
      .findAll('button')
      .find((b) => b.text() === 'Add to the stock')!
      .trigger('click');
    const [item] = last<StockItem[]>(w, 'update:modelValue');
    expect(item).toMatchObject({ item: line.item.key, amount: 12.5, opened: false });
    const filled = show(StockPanel, {
      props: { idle: [item!], lines: order.lines, adding: undefined, modelValue: [item!] },
    });
    expect(plain(filled.text())).toContain('Polyurethane resin, 12.5 kg');
    expect(plain(filled.text())).toContain('nothing in this order takes it');
    await filled.get('button').trigger('click');
    expect(last(filled, 'update:modelValue')).toEqual([]);
  });
  it('a delivery brings what no other one brings, and is used up no earlier than it comes', async () => {
    const zones = [everything()];
    const w = show(DeliveryPanel, { props: { zones, today: '2026-05-12', modelValue: [] } });
    await w.findAll('button').at(-1)!.trigger('click');
    const [made] = last<Delivery[]>(w, 'update:modelValue');
    expect(made).toMatchObject({
      name: 'Delivery 1',
      on: '2026-05-12',
      usedBy: '2026-05-12',
      zoneIds: ['z'],
    });
    const filled = show(DeliveryPanel, { props: { zones, today: '2026-05-12', modelValue: [made!] } });
    await filled.get('input[aria-label="Delivery 1, on"]').setValue('2026-06-01');
    await filled.get('input[aria-label="Delivery 1, on"]').trigger('change');
    expect(last<Delivery[]>(filled, 'update:modelValue')[0]).toMatchObject({
      on: '2026-06-01',
      usedBy: '2026-06-01',
    });
  });
  it('a sheet from the bench is computed again; one that no longer fits says so', async () => {
    const sheets = [
      { id: 'a', calculator: 'joint', name: 'At the ramp', values: { width: 25 } },
      { id: 'b', calculator: 'rolls', name: 'Too narrow', values: { width: 0.1, side: 100 } },
    ];
    const w = show(SheetPanel, { props: { modelValue: sheets } });
    expect(plain(w.text())).toContain('Depth of the sealant 12.5 mm');
    expect(plain(w.text())).toContain('expected a lap narrower than the roll');
    await w
      .findAll('button')
      .find((b) => b.attributes('aria-label') === 'Take out At the ramp')!
      .trigger('click');
    expect(last<unknown[]>(w, 'update:modelValue').length).toBe(1);
  });
});

describe('the bench', () => {
  it.each(CALCULATORS.map((c) => [c.key, c] as const))('%s answers at once', (_, calculator) => {
    const w = show(CalculatorForm, { props: { calculator, modelValue: {} } });
    expect(w.findAll('dl.answers dd').length).toBeGreaterThan(0);
    expect(w.find('.problem').exists()).toBe(false);
  });
  it('shows only the form of the rate that is known', () => {
    const calculator = CALCULATORS.find((c) => c.key === 'coverage')!;
    const labels = (values: Values): string[] =>
      show(CalculatorForm, { props: { calculator, modelValue: values } })
        .findAll('.field label')
        .map((l) => l.text());
    expect(labels({})).toContain('Rate by volume');
    expect(labels({ known: 'dry' })).toEqual([
      'What is known',
      'Dry film',
      'Density',
      'Volume solids',
      'Area',
    ]);
  });
});

describe('small amounts and clocks', () => {
  it('grams and millilitres where a figure is asked to be fine', () => {
    const figure = {
      label: 'x',
      value: 0.187,
      quantity: 'mass' as const,
      formula: '{a}',
      inputs: { a: given('a', 0.187, 'mass', 'measured') },
      from: '',
    };
    expect(plain(show(FigureText, { props: { figure, fine: true } }).text())).toBe('187 g');
    expect(plain(show(FigureText, { props: { figure } }).text())).toBe('0.2 kg');
    const parts = ['Take ', { figure }, '.'];
    expect(plain(show(SayParts, { props: { parts, fine: true } }).text())).toMatch(/^Take ?187 g\.$/);
  });
  it('a timer starts, runs down, and says when it is over', async () => {
    vi.useFakeTimers({ now: 0 });
    const w = show(StepTimer, { props: { minutes: 2, what: 'step 1' } });
    await w.get('button').trigger('click');
    await vi.advanceTimersByTimeAsync(60_000);
    expect(w.get('[role=timer]').text()).toMatch(/^(1:00|0:59)$/);
    await vi.advanceTimersByTimeAsync(65_000);
    expect(w.get('[role=timer]').text()).toMatch(/^−0:0/);
    expect(w.classes()).toContain('over');
    vi.useRealTimers();
  });
});
