import { beforeEach, describe, expect, it } from 'vitest';
import { defineComponent, h, nextTick, reactive } from 'vue';
import {
  blankBuildUp,
  blankLayer,
  buildUpProblems,
  catalogue,
  inField,
  leastOf,
  resolve,
  whenMissed,
  type BuildUp,
  type BuildUpDoc,
  type Coat,
  type Layer,
} from '@lentum/core/buildup';
import { judgeBuildUp, readinessByFamily, type Situation } from '@lentum/core/choosing';
import { sentence } from '@lentum/core/problems';
import { blankZone } from '@lentum/core/survey';
import BinderPanel from '../src/buildup/BinderPanel.vue';
import CautionCard from '../src/buildup/CautionCard.vue';
import ComparePanel from '../src/buildup/ComparePanel.vue';
import CureMatrix from '../src/buildup/CureMatrix.vue';
import { sayDifference } from '../src/buildup/difference.ts';
import { provideEditing } from '../src/buildup/editing.ts';
import LayerDetail from '../src/buildup/LayerDetail.vue';
import { LAYER_TABLES } from '../src/buildup/layertables.ts';
import LayerTable from '../src/buildup/LayerTable.vue';
import MixFacts from '../src/buildup/MixFacts.vue';
import MovesStrip from '../src/buildup/MovesStrip.vue';
import { choose } from '../src/buildup/revise.ts';
import RemedyEditor from '../src/buildup/RemedyEditor.vue';
import RowsEditor from '../src/buildup/RowsEditor.vue';
import PickList from '../src/shared/PickList.vue';
import { askedOf } from '../src/buildup/situation.ts';
import SourceBar from '../src/buildup/SourceBar.vue';
import ZoneRates from '../src/buildup/ZoneRates.vue';
import { layerColumn } from '../src/shared/layercolumn.ts';
import TextInput from '../src/shared/TextInput.vue';
import { gaugeFor } from '../src/site/coatdraft.ts';
import { NOW, plain, prepareStore, show } from './support.ts';

beforeEach(prepareStore);
const copy = <T>(v: T): T => JSON.parse(JSON.stringify(v)) as T;
const page = (id: string): BuildUp => copy(catalogue().find((b) => b.id === id)!);
const coat = (b: BuildUp, id: string): Coat => b.layers.find((l) => l.id === id) as Coat;
const PACE = { areaM2: 100, tempC: 20, humidityPct: 60, crews: 1, hoursPerDay: 8 };
const NO_TERMS = { conditions: [], choices: {} };

/** A component inside an editor of a build-up that can be looked at afterwards. */
function inEditor(b: BuildUp, child: object, props: () => Record<string, unknown>) {
  const draft = reactive(b) as BuildUp;
  const Holder = defineComponent({
    setup() {
      provideEditing(
        (change) => change(draft),
        () => draft.papers,
        'data sheet',
      );
      return () => h(child, props());
    },
  });
  return { draft, w: show(Holder, {}) };
}
const type = async (w: ReturnType<typeof show>, label: string, text: string): Promise<void> => {
  const field = w.get<HTMLInputElement>(`input[aria-label="${label}"]`);
  field.element.value = text;
  await field.trigger('input');
  await field.trigger('change');
};

describe('the table of layers', () => {
  const mounted = (b: BuildUp) => {
    const draft = reactive(b) as BuildUp;
    return inEditor(draft, LayerTable, () => ({
      resolved: resolve(draft),
      all: draft.layers,
      chosen: undefined,
    }));
  };
  const names = (w: ReturnType<typeof show>): string[] => w.findAll('.pick').map((n) => plain(n.text()));
  it('an arrow key on a grip moves a layer with what is laid into it, and says where it is', async () => {
    const { w } = mounted(page('reinforced-polyurethane'));
    expect(names(w)).toEqual(['Primer', 'First coat', 'Fleece', 'Second coat']);
    await w.get('[data-grip=first]').trigger('keydown', { key: 'ArrowDown' });
    await nextTick();
    expect(names(w)).toEqual(['Primer', 'Second coat', 'First coat', 'Fleece']);
    expect(plain(w.get('[role=status]').text())).toBe('First coat is now layer 3 of 4.');
  });
  it('a rate typed as a film is kept as a film, with the source that is set', async () => {
    const { w, draft } = mounted(page('reinforced-polyurethane'));
    await type(w, 'First coat, rate in kg/m²', '1.5 mm');
    expect(coat(draft, 'first').rate).toMatchObject({ basis: 'wetFilm', value: 1.5, source: 'data sheet' });
    await type(w, 'First coat, rate in mm', '1.2 mm dry');
    expect(coat(draft, 'first').rate).toMatchObject({ basis: 'dryFilm', value: 1.2 });
  });
  it('an absolute least stays what it is when the rate takes another form', async () => {
    const { w, draft } = mounted(page('vehicular-deck'));
    const primer = coat(draft, 'primer');
    expect(primer.rate.least?.value).toBe(0.4);
    const before = leastOf(primer)!.value;
    await type(w, 'Primer, rate in kg/m²', '0.5 L/m2');
    expect(coat(draft, 'primer').rate.basis).toBe('volume');
    expect(leastOf(coat(draft, 'primer'))!.value).toBeCloseTo(before, 12);
  });
  it('a range is kept with the thicker end as its design, or with the one that is written before it', async () => {
    const { w, draft } = mounted(page('reinforced-polyurethane'));
    await type(w, 'First coat, rate in kg/m²', '1.4–1.9 kg/m2');
    expect(coat(draft, 'first').rate).toMatchObject({ value: 1.9, range: { from: 1.4, to: 1.9 } });
    await nextTick();
    const field = () =>
      w.get<HTMLInputElement>('input[aria-label="First coat, rate in kg/m²"]').element.value;
    expect(field()).toBe('1.4–1.9');
    await type(w, 'First coat, rate in kg/m²', '1.7 of 1.4–1.9');
    expect(coat(draft, 'first').rate).toMatchObject({ value: 1.7, range: { from: 1.4, to: 1.9 } });
    await nextTick();
    expect(field()).toBe('1.7 of 1.4–1.9');
    await type(w, 'First coat, rate in kg/m²', '2.4 of 1.4–1.9');
    expect(plain(w.get('[role=alert]').text())).toContain('expected a figure inside its range');
    expect(coat(draft, 'first').rate.value).toBe(1.7);
    await type(w, 'First coat, rate in kg/m²', '1.8');
    expect(coat(draft, 'first').rate.range).toBe(undefined);
  });
  it.each(catalogue().map((b) => [b.id, b] as const))('every layer of %s has its row', (_, b) => {
    const { w } = mounted(copy(b));
    expect(names(w)).toEqual(resolve(b).layers.map((l) => l.name));
    expect(w.text()).not.toMatch(/NaN|undefined|Infinity/);
  });
});

describe('one layer in words', () => {
  it.each(catalogue().flatMap((b) => b.layers.map((l) => [`${b.id} ${l.id}`, b, l] as const)))(
    '%s',
    (_, b, layer: Layer) => {
      const text = plain(show(LayerDetail, { props: { layer, buildUp: b } }).text());
      expect(text).toContain(layer.name);
      expect(text).toContain('No data sheet in the binder for it.');
      expect(text).not.toMatch(/NaN|undefined|Infinity|\[object/);
      if (layer.kind === 'coat' && layer.kettle) expect(text).toMatch(/Never above ?200 °C/);
    },
  );
  it('a batch says what goes in, what it yields and covers', () => {
    const text = plain(
      show(MixFacts, { props: { coat: coat(page('methacrylate-terrace'), 'wear') } }).text(),
    );
    // 33 kg of 1 : 2; 11 / 1 + 22 / 2.65 = 19.3 L; 33 / 3.8 = 8.68 m².
    expect(text).toContain('A batch of 33.0 kg');
    expect(text).toContain('Resin11.0 kgFiller22.0 kgYield19.3 L');
    expect(text).toContain('8.68 m²');
  });
});

describe('stages of cure', () => {
  const mounted = () => {
    const b = page('reinforced-polyurethane');
    return inEditor(b, CureMatrix, () => ({ coat: b.layers.find((l) => l.id === 'second') as Coat }));
  };
  it('a cell is set in hours, minutes or days and says where it is from', async () => {
    const { w, draft } = mounted();
    await type(w, 'wheels at 20\u00a0°C, hours', '2 d');
    expect(coat(draft, 'second').cure.wheels).toEqual({
      source: 'data sheet',
      points: [{ atC: 20, hours: 48 }],
    });
  });
  it('of a range the safe end counts', async () => {
    const { w, draft } = mounted();
    await type(w, 'overcoat from at 20\u00a0°C, hours', '2–5 h');
    await type(w, 'overcoat until at 20\u00a0°C, hours', '48 to 72');
    const point = (stage: 'overcoatFrom' | 'overcoatUntil') =>
      coat(draft, 'second').cure[stage]?.points.find((p) => p.atC === 20);
    expect(point('overcoatFrom')).toEqual({ atC: 20, hours: 5, range: { from: 2, to: 5 } });
    expect(point('overcoatUntil')).toEqual({ atC: 20, hours: 48, range: { from: 48, to: 72 } });
  });
  it('an emptied stage goes where it may, and stays where every coat has it', async () => {
    const { w, draft } = mounted();
    for (const t of [5, 20]) await type(w, `full cure at ${t}\u00a0°C, hours`, '');
    await type(w, 'full cure at 30\u00a0°C, hours', '');
    expect(coat(draft, 'second').cure.full).toBe(undefined);
    for (const t of [5, 10, 20, 30]) await type(w, `touch-dry at ${t}\u00a0°C, hours`, '');
    expect(coat(draft, 'second').cure.touch.points.length).toBe(1);
  });
});

describe('short tables', () => {
  it.each(LAYER_TABLES.map((t) => [t.key, t] as const))(
    '%s: a new row keeps the layer whole, and its source',
    (_, t) => {
      const layers: Layer[] = [...catalogue().flatMap((b) => b.layers), blankLayer('pieces', 'x')].map(copy);
      const layer =
        layers.find((l) => (t.rows(l)?.length ?? 0) > 0) ?? layers.find((l) => t.rows(l) !== undefined)!;
      const before = t.rows(layer)!;
      const row = t.fresh(layer, { source: 'measured' });
      t.set(layer, [...(before as Record<string, unknown>[]), row], { source: 'measured' });
      expect(t.rows(layer)!.length).toBe(before.length + 1);
      expect(JSON.stringify(row)).not.toMatch(/null|NaN/);
      for (const c of t.columns) if (!c.optional) expect(row, c.key).toHaveProperty(c.key);
    },
  );
  it('a choice reads as words, and its key is what is kept', () => {
    const table = LAYER_TABLES.find((t) => t.key === 'variants')!;
    const { w } = inEditor(blankBuildUp('b', 'B'), RowsEditor, () => ({
      label: table.title,
      rows: [{ when: 'detail', basis: 'timesField', value: 1.2, note: '' }],
      columns: table.columns,
      fresh: () => ({}),
      least: 0,
    }));
    const list = w.findAllComponents(PickList).find((p) => p.props('label').endsWith('As'))!;
    expect(list.props('options')).toContainEqual({ value: 'timesField', label: 'times the field' });
    expect(list.props('modelValue')).toBe('timesField');
  });
  it('a row is taken out, but not the last that is needed', async () => {
    const rows = [
      { at: 1, factor: 1 },
      { at: 2, factor: 2 },
    ];
    const columns = [{ key: 'at', name: 'At', form: 'number' as const }];
    const made: unknown[] = [];
    const { w } = inEditor(blankBuildUp('b', 'B'), RowsEditor, () => ({
      label: 'Rows',
      rows,
      columns,
      fresh: () => ({ at: 3, factor: 1 }),
      least: 1,
      onChange: (r: unknown) => made.push(r),
    }));
    await w.get('[aria-label="Rows: take out row 1"]').trigger('click');
    expect(made).toEqual([[{ at: 2, factor: 2 }]]);
    await type(w, 'Rows, row 2, At', '5');
    expect(made.at(-1)).toEqual([
      { at: 1, factor: 1 },
      { at: 5, factor: 2 },
    ]);
  });
});

describe('what a change moves', () => {
  it('is said with the figures before and after, and what is settled', () => {
    const before = page('reinforced-polyurethane');
    const after = page('reinforced-polyurethane');
    coat(after, 'second').rate.value = 0.5;
    const text = plain(show(MovesStrip, { props: { before, after, pace: PACE, terms: NO_TERMS } }).text());
    expect(text).toContain('Second coat, rate: 1.10 kg/m² → 0.50 kg/m²');
    expect(text).toContain('dry membrane 2.00 mm → 1.59 mm');
    expect(text).toContain('New: As a whole: 1.59 mm of dry membrane is less than the least of 1.80 mm');
    const back = plain(
      show(MovesStrip, { props: { before: after, after: before, pace: PACE, terms: NO_TERMS } }).text(),
    );
    expect(back).toContain('Settled: As a whole:');
  });
  it('nothing is said where nothing changed', () =>
    expect(
      show(MovesStrip, {
        props: { before: page('cold-bitumen'), after: page('cold-bitumen'), pace: PACE, terms: NO_TERMS },
      }).text(),
    ).toBe(''));
  it.each([
    [
      { layer: 'Primer', what: 'Layer', before: undefined, after: 'put in', quantity: undefined },
      'Primer put in',
    ],
    [{ layer: undefined, what: 'Name', before: 'A', after: 'B', quantity: undefined }, 'name: A → B'],
    [
      { layer: 'Top', what: 'Density', before: undefined, after: 1.2, quantity: 'density' as const },
      'Top, density: nothing → 1.2!',
    ],
    [
      {
        layer: 'Base',
        what: 'Rate',
        before: { value: 0.7, range: { from: 0.6, to: 0.8 }, quantity: 'rateMass' as const, film: '' },
        after: { value: 1.2, range: undefined, quantity: 'film' as const, film: 'wet' },
        quantity: undefined,
      },
      'Base, rate: 0.7! (0.6! to 0.8!) → 1.2! wet',
    ],
  ])('%s', (d, words) => expect(sayDifference(d, (v) => `${v}!`)).toBe(words));
});

describe('at a glance', () => {
  it('where the numbers are from', () => {
    const b = page('two-coat-silicone');
    coat(b, 'base').densityKgPerL.source = 'measured';
    const text = plain(show(SourceBar, { props: { of: b } }).text());
    expect(text).toContain('116 of 117 numbers to be confirmed');
    expect(text).toContain('1 measured, 116 typical');
  });
  it('the caution card begins with what is lit, or mixed, and defers to others', () => {
    const head = (id: string): string => plain(show(CautionCard, { props: { buildUp: page(id) } }).text());
    expect(head('hot-rubberised')).toMatch(/^Before lighting the kettle/);
    expect(head('torched-two-ply')).toMatch(/^Before lighting a flame/);
    const resin = head('methacrylate-terrace');
    expect(resin).toMatch(/^Before opening or mixing anything/);
    expect(resin).toContain('resin cleaner');
    expect(resin).toContain(
      'local rules and the people licensed for flame, structure, electrics and gas decide',
    );
  });
  it('papers that are missing are named', () => {
    const text = plain(
      show(BinderPanel, { props: { buildUp: page('two-coat-silicone'), edit: () => undefined } }).text(),
    );
    expect(text).toContain('0 papers; 4 of 4 layers without a data sheet on file');
    expect(text).toContain(
      'Without a data sheet: bleed-blocking primer, base coat, grey, top coat, white, silicone detail sealant.',
    );
  });
});

describe('rates of a zone', () => {
  const found = [{ condition: 'rough' as const, says: ['gravelled felt has more surface than its plan'] }];
  it('what the survey found and is not taken is said', () => {
    const w = show(ZoneRates, { props: { buildUp: page('gravel-restoration'), set: [], found } });
    expect(plain(w.text())).toContain(
      'rough: gravelled felt has more surface than its plan, but its rates are not taken',
    );
  });
  it('a condition is set and taken back', async () => {
    const w = show(ZoneRates, { props: { buildUp: page('gravel-restoration'), set: ['rough'], found: [] } });
    expect(plain(w.text())).toContain('rough: set by hand');
    await w.get('button').trigger('click');
    expect(w.emitted('set')).toEqual([[[]]]);
  });
  it('nothing is offered where no layer has another rate', () =>
    expect(
      show(ZoneRates, { props: { buildUp: blankBuildUp('b', 'B'), set: [], found } })
        .find('button')
        .exists(),
    ).toBe(false));
});

describe('side by side', () => {
  const zone = {
    ...blankZone({
      id: 'z',
      code: 'Z',
      name: 'Zone',
      outline: {
        kind: 'points',
        origin: 'typed',
        points: [
          [0, 0],
          [10, 0],
          [10, 10],
          [0, 10],
        ],
      },
    }),
    substrate: { kind: 'concrete-old' as const },
    fallPct: 2,
  };
  const asked = askedOf(zone, 100, undefined, page('methacrylate-terrace'));
  const situation: Situation = {
    ...asked,
    substrate: 'concrete-old',
    readiness: readinessByFamily(zone, undefined, 'always', NOW),
    zoneConditions: [],
  };
  it('what is asked begins with what the survey and the build-up say', () =>
    expect(asked).toMatchObject({
      traffic: 'feet',
      exposure: 'exposed',
      slopePct: 2,
      ponds: false,
      pace: { areaM2: 100 },
    }));
  it('the best of a row is marked in words, never by colour alone', () => {
    const ranked = ['methacrylate-terrace', 'two-coat-silicone'].map((id) =>
      judgeBuildUp(page(id), situation),
    );
    const w = show(ComparePanel, { props: { ranked } });
    const row = w.findAll('tr').find((r) => r.text().includes('Cost of material'))!;
    const [, dear, cheap] = [row.get('th'), ...row.findAll('td')];
    expect(plain(cheap!.text())).toContain('best');
    expect(plain(dear!.text())).not.toContain('best');
    expect(w.text()).not.toMatch(/NaN|undefined/);
  });
});

describe('a revision in a job', () => {
  const doc = (): BuildUpDoc => ({ buildUps: [], zones: [] });
  it('notes the library’s revision, is used again where it is the same, and goes when nothing has it', () => {
    const d = doc();
    const three = { ...page('two-coat-silicone'), revision: 3 };
    choose(d, 'a', three, {});
    choose(d, 'b', three, { conditions: ['rough'] });
    expect(d.buildUps.map((b) => [b.revision, b.taken?.revision])).toEqual([[1, 3]]);
    const four = { ...page('two-coat-silicone'), revision: 4, summary: 'newer' };
    choose(d, 'a', four, {});
    choose(d, 'b', four, {});
    expect(d.buildUps.map((b) => [b.revision, b.taken?.revision])).toEqual([[2, 4]]);
  });
  it('what the record refers to stays', () => {
    const d = doc();
    choose(d, 'a', page('two-coat-silicone'), {});
    choose(d, 'a', page('cold-bitumen'), {}, new Set(['two-coat-silicone/1']));
    expect(d.buildUps.map((b) => b.id)).toEqual(['two-coat-silicone', 'cold-bitumen']);
  });
});

describe('the section, worked out', () => {
  it.each(catalogue().map((b) => [b.id, b] as const))(
    '%s stands on the ground, no slab over another',
    (_, b) => {
      const laid = resolve(b);
      const { slabs, bottom } = layerColumn(laid, []);
      // Products that only details are made with are in no section of the field.
      expect(slabs.map((s) => s.id).sort()).toEqual(
        laid.layers
          .filter(inField)
          .map((l) => l.id)
          .sort(),
      );
      const up = [...slabs].reverse();
      up.forEach((s, i) => {
        const floor = i === 0 ? bottom : up[i - 1]!.y;
        expect(s.y + s.height).toBeCloseTo(floor, 6);
        expect(Number.isFinite(s.wetHeight)).toBe(true);
      });
      // Names keep their distance.
      slabs.forEach(
        (s, i) => i > 0 && expect(s.textY - slabs[i - 1]!.textY).toBeGreaterThanOrEqual(38 - 1e-9),
      );
    },
  );
  it('films are as tall as they are thick, to one scale', () => {
    const { slabs } = layerColumn(resolve(page('reinforced-polyurethane')), []);
    const of = (id: string) => slabs.find((s) => s.id === id)!;
    expect(of('first').height / of('second').height).toBeCloseTo(1.85 / 1.1, 6);
    expect(of('first').wetHeight / of('first').height).toBeCloseTo(1 / 0.88, 6);
  });
});

it('words are taken when the field is left, and follow the model', async () => {
  const w = show(TextInput, { props: { label: 'Name', modelValue: 'one' } });
  const field = w.get('input');
  field.element.value = 'two';
  await field.trigger('input');
  expect(field.element.value).toBe('two');
  expect(w.emitted('update:modelValue')).toBe(undefined);
  await field.trigger('change');
  expect(w.emitted('update:modelValue')).toEqual([['two']]);
  await w.setProps({ modelValue: 'three' });
  expect(field.element.value).toBe('three');
});

it('hot layers are probed, cold coats are gauged', () => {
  expect(gaugeFor(coat(page('hot-rubberised'), 'first'))).toBe('probe');
  for (const b of catalogue())
    for (const l of b.layers)
      if (l.kind === 'coat' && !l.kettle) expect(gaugeFor(l), `${b.id} ${l.id}`).not.toBe('probe');
});

describe('what to do when a limit was missed, in steps', () => {
  const open = () => {
    const draft = reactive(page('reinforced-polyurethane')) as BuildUp;
    const { w } = inEditor(draft, RemedyEditor, () => ({ layer: coat(draft, 'first'), buildUp: draft }));
    return { w, first: () => coat(draft, 'first'), draft };
  };
  it('a typed time carries the source that is set; a product takes its rate as it was typed', async () => {
    const { w, first, draft } = open();
    const row = 'Overcoat window closed, steps, row 1';
    await type(w, `${row}, Dries`, '6');
    await type(w, `${row}, Or a product`, 'Repair resin');
    await type(w, `${row}, kg/m² of it`, '0.4');
    expect(first().remedies!.overcoatUntil![0]).toMatchObject({
      dryH: { value: 6, source: 'data sheet' },
      product: 'Repair resin',
      rate: { basis: 'mass', value: 0.4, source: 'data sheet' },
    });
    expect(buildUpProblems(copy(draft))).toEqual([]);
  });
  it('may be said in words again', async () => {
    const { w, first } = open();
    await w
      .findAll('button')
      .find((b) => plain(b.text()) === 'In words again')!
      .trigger('click');
    expect(first().remedies).toBe(undefined);
    expect(whenMissed(first(), 'overcoatUntil').says).toBe(first().ifMissed);
  });
  it('a step that lays what is not there is refused in a sentence', () => {
    const draft = page('reinforced-polyurethane');
    coat(draft, 'first').remedies!.overcoatUntil![2]!.layerId = 'gone';
    expect(buildUpProblems(draft).map(sentence).join(' ')).toContain(
      'First coat, remedy, step 3: “gone” is not known here',
    );
  });
});
