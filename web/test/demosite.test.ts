/** Work on a bay of the demo: a coat entered, a mix, a coat of the record; and courses, by hand and as they are drawn. */
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { isCoat } from '@lentum/core/buildup';
import { heightIn, type CoursesPlan } from '@lentum/core/courses';
import { quickCourses } from '@lentum/core/order';
import { entrySchema, type Entry } from '@lentum/core/record';
import { mixCard } from '@lentum/core/site';
import { format } from '@lentum/core/units';
import { unview } from '../src/order/courses/drawn.ts';
import { useHand } from '../src/order/courses/hand.ts';
import CoatCard from '../src/record/CoatCard.vue';
import { planView } from '../src/shared/planview.ts';
import CoatForm from '../src/site/CoatForm.vue';
import LayingDrawer from '../src/site/LayingDrawer.vue';
import { openDemo, type OpenDemo } from './openjob.ts';
import { leaveStandIns, plain, type } from './support.ts';

const HALF_HOUR = 30 * 60_000;
let at: OpenDemo;
beforeEach(async () => {
  at = await openDemo();
});
afterEach(leaveStandIns);
const statusOf = (label: string) => {
  const found = at.job.statuses.find((s) => s.bay.label === label);
  if (!found) throw new Error(`no bay ${label}`);
  return found;
};
const zoneOf = (id: string) => at.job.documents.survey.content.zones.find((z) => z.id === id)!;

describe('a coat on a bay', () => {
  const open = async (label: string) => {
    const w = at.show(CoatForm, { bays: [statusOf(label)], modelValue: true });
    await at.wait(500);
    const button = (name: string) => w.findAll('button').find((b) => plain(b.text()) === name)!;
    return { w, button };
  };

  it('is sent as the record takes it, when it is finished', async () => {
    const { w, button } = await open('H7');
    expect(plain(w.text())).toContain('Log a coat on H7');
    await type(w, 'Left over', '3');
    // The surface is too near the dew point: that is said, and a reason asked for.
    expect(plain(w.text())).toContain('H7 laid against: above the dew point');
    await w.get('.against textarea').setValue('the sun is out');
    await w.get('textarea#coat-note').setValue('windy');
    await at.wait(HALF_HOUR);
    await button('Finished now').trigger('click');
    await at.wait(50);
    expect(at.server.entered).toHaveLength(1);
    const sent = entrySchema.parse(at.server.entered[0]);
    expect(sent).toMatchObject({
      kind: 'coat',
      zoneId: 'hall',
      bays: [{ bayId: 'hall-7' }],
      body: {
        layerId: 'first',
        note: 'windy',
        against: 'the sun is out',
        leftOver: { basis: 'mass', value: 3 },
      },
    });
    // Who it was is sent apart, before the entry that names the person.
    expect(Object.values(at.server.named)).toEqual(['Ines']);
    expect(at.server.named[(sent as Entry).personId]).toBe('Ines');
    expect(w.emitted('update:modelValue')).toEqual([[false]]);
    // It is on the bay at once.
    expect(statusOf('H7').laid.at(-1)?.entry.id).toBe(sent.id);
  });

  it('that is not finished is kept, and gone on with', async () => {
    const { button } = await open('H7');
    await button('Keep, still laying').trigger('click');
    await at.wait(50);
    expect(at.server.entered[0]!.body).not.toHaveProperty('finishedAt');
    await at.wait(HALF_HOUR);
    const again = await open('H7');
    expect(plain(again.w.text())).toContain('Go on with a coat on H7');
    await again.button('Empty').trigger('click');
    await again.button('Finished now').trigger('click');
    await at.wait(50);
    expect(at.server.entered[1]).toMatchObject({ supersedes: at.server.entered[0]!.id });
  });

  it('that the server refuses is said, and stays as it was typed', async () => {
    const { w, button } = await open('H7');
    await at.wait(HALF_HOUR);
    at.server.refusal = 'Bay: “hall-7” is not on the plan.';
    await w.get('textarea').setValue('windy');
    await button('Empty').trigger('click');
    await button('Finished now').trigger('click');
    await at.wait(50);
    expect(plain(w.get('[role=alert]').text())).toBe(at.server.refusal);
    expect(w.emitted('update:modelValue')).toBeUndefined();
    expect(w.get('textarea').element.value).toBe('windy');
    at.server.refusal = '';
    await button('Keep for H7').trigger('click');
    await at.wait(50);
    expect(at.server.entered).toHaveLength(1);
  });

  it('that ends before it began is not sent', async () => {
    const { w, button } = await open('H7');
    await w.get('#coat-start').setValue('2026-05-12T06:00');
    await w.get('#coat-end').setValue('2026-05-12T05:00');
    await button('Keep for H7').trigger('click');
    await at.wait(50);
    expect(at.server.entered).toEqual([]);
    expect(plain(w.get('[role=alert]').text())).toMatch(/^Coat, finish: .* is not after the start/);
  });
});

describe('what was opened for a coat', () => {
  const open = async (labels: string[]) => {
    const w = at.show(CoatForm, { bays: labels.map(statusOf), modelValue: true });
    await at.wait(500);
    const button = (name: string) => w.findAll('button').find((b) => plain(b.text()) === name)!;
    const count = (): string => w.get('output').text();
    return { w, button, count };
  };

  it('is proposed by what the coat takes on its bays, until somebody counts', async () => {
    const { w, count } = await open(['T9']);
    // 3.75 m² at 2.6 kg/m² are 9.8 kg of a 25 kg drum; four bays are 39 kg, two drums.
    expect(plain(w.text())).toContain('takes 9.8 kg');
    expect(count()).toBe('1');
    for (const label of ['T10', 'T11', 'T12'])
      await w.get(`button[aria-label="Bay ${label}"]`).trigger('click');
    expect(count()).toBe('2');
    await w.get('button[aria-label="One more of container 1"]').trigger('click');
    expect(count()).toBe('3');
    await w.get('button[aria-label="Bay T12"]').trigger('click');
    expect(count()).toBe('3');
  });

  it('is not taken for used before somebody says what was left', async () => {
    const { w, button } = await open(['H7']);
    await at.wait(HALF_HOUR);
    expect(plain(w.text())).toContain('Say what was left over, then it is judged.');
    expect(plain(w.text())).not.toMatch(/Enough:|Thin:|Check:/);
    await button('Finished now').trigger('click');
    await at.wait(50);
    expect(plain(w.get('[role=alert]').text())).toBe(
      'Left over: say what was left in what was opened, 0 where it is empty.',
    );
    expect(at.server.entered).toEqual([]);
    await button('Empty').trigger('click');
    expect(plain(w.text())).toMatch(/H7 · first coat\. (Enough|Thin|Too thick|Check):/);
    await button('Keep for H7').trigger('click');
    await at.wait(50);
    expect(at.server.entered[0]).toMatchObject({ body: { leftOver: { value: 0 } } });
  });

  it('is what was mixed, where that is on record and all of it went on', async () => {
    const mix = { at: new Date(at.job.nowMs).toISOString(), parts: [{ name: 'Resin', kg: 10, batch: '' }] };
    const { buildUp } = statusOf('T9');
    await at.job.enter(
      'mix',
      { zoneId: 'terrace', bays: [{ bayId: 'terrace-9', share: 1 }] },
      { buildUpId: buildUp!.id, revision: buildUp!.revision, layerId: 'membrane', ...mix },
    );
    const { w, button } = await open(['T9']);
    expect(plain(w.text())).toContain('Mixed for these bays: 10.0 kg.');
    await button('All of that went on: 15.0 kg left').trigger('click');
    expect((w.get('input[aria-label^="Left over"]').element as HTMLInputElement).value).toBe('15');
  });
});

describe('the mix for a bay', () => {
  it('is the one of the core for what is asked, and changes with it', async () => {
    const status = statusOf('T9');
    const coat = status.next!;
    if (!isCoat(coat)) throw new Error('a coat comes next');
    const w = at.show(LayingDrawer, { status, zone: zoneOf('terrace'), modelValue: true });
    await at.wait(500);
    const asked = (tempC: number) =>
      mixCard(coat, {
        ...{ surface: { tempC, atMs: 0 }, resin: { tempC, atMs: 0 }, nowMs: 0 },
        areaLeftM2: 20,
        people: 2,
        slopePct: zoneOf('terrace').fallPct ?? 0,
        outputM2PerH: undefined,
      });
    await type(w, 'Area left', '20');
    const read = async (tempC: string): Promise<void> => {
      await type(w, 'Temperature of the resin', tempC);
      await type(w, 'Temperature of the surface', tempC);
    };
    // Nothing is dosed before both were read.
    expect(w.find('.large').exists()).toBe(false);
    expect(plain(w.text())).toContain('Temperature of the resin');
    await read('12');
    const cool = asked(12);
    if (!cool.ok) throw new Error('it can be mixed at 12 °C');
    expect(plain(w.get('.large').text())).toBe(
      plain(format(cool.value.batch.value, cool.value.batch.quantity, 'metric')),
    );
    for (const part of cool.value.parts) expect(plain(w.text())).toContain(part.name);
    // Far too hot: nothing is mixed, and it is said.
    await read('80');
    expect(asked(80).ok).toBe(false);
    expect(w.find('.large').exists()).toBe(false);
    expect(w.get('[role=alert]').text()).not.toBe('');
  });
});

describe('coats on record', () => {
  it('each shows its film from consumption, its readings and what was opened', () => {
    const laid = at.job.statuses.flatMap((status) => status.laid.map((l) => ({ status, laid: l })));
    expect(laid.length).toBeGreaterThan(10);
    for (const one of laid) {
      const text = plain(at.show(CoatCard, one).text());
      const { fromConsumption, readings, bySpots } = one.laid.judgement;
      // Where a coat keeps to rust or edges, what was used tells no film, and none is shown.
      expect(text).toContain(
        bySpots ? 'tells nothing' : plain(format(fromConsumption.value, fromConsumption.quantity, 'metric')),
      );
      expect(text).toContain(one.laid.entry.who);
      if (readings.length === 0) expect(text).toContain('no readings');
      for (const c of one.laid.entry.containers) if (c.batch) expect(text).toContain(`batch ${c.batch}`);
      expect(text).not.toMatch(/undefined|NaN/);
    }
  });
});

describe('courses', () => {
  const planned = (): CoursesPlan => {
    const { survey, buildUps, order } = at.job.documents;
    return quickCourses(survey.content, buildUps.content, order.content);
  };
  const layouts = (plan: CoursesPlan) =>
    plan.materials.flatMap((m) => m.material.layouts.map((layout) => ({ plan: m, layout })));

  it('a point of the picture is the point of the roof that was drawn there', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -50, max: 50, noNaN: true }),
        fc.double({ min: -50, max: 50, noNaN: true }),
        (x, y) => {
          const view = planView(
            [
              [
                [0, 0],
                [20, 0],
                [20, 12],
              ],
            ],
            300,
            400,
            10,
          );
          const [bx, by] = unview(view, view.at([x, y]));
          expect(bx).toBeCloseTo(x, 6);
          expect(by).toBeCloseTo(y, 6);
        },
      ),
    );
  });

  it('by hand: a start line, a piece that stays, a place without joints; all gone again', () => {
    const one = layouts(planned()).find(({ layout }) => layout.zone.id === 'hall')!;
    const { layer, code } = one.layout.rolled;
    const laid = { kind: 'rolled', layerId: layer.id, name: layer.name, code, ...one } as const;
    const hand = at.within(() => useHand(() => laid));
    const plans = () => at.job.documents.order.draft.courses.plans;
    const before = JSON.stringify(plans());
    hand.setFirst(0.123_456);
    expect(hand.plan.value).toMatchObject({ zoneId: 'hall', layerId: layer.id, firstM: 0.123 });
    const piece = one.plan.pieces.find((p) => p.zoneId === 'hall' && p.course === 1)!;
    hand.fix(piece);
    expect(hand.plan.value!.fixed).toMatchObject([{ plane: piece.plane, course: 1 }]);
    expect(hand.plan.value!.firstM).toBe(0.123);
    hand.keepOffJoint(piece);
    expect(hand.plan.value!.keepOff).toMatchObject([{ name: 'No joint 1', lengthM: 1, widthM: 1 }]);
    // What was measured in one direction means nothing in another.
    hand.setWay('along a side');
    expect(hand.plan.value).toMatchObject({ way: 'along a side', side: 0, fixed: [] });
    expect(hand.plan.value).not.toHaveProperty('firstM');
    expect(hand.plan.value!.keepOff).toHaveLength(1);
    hand.clear();
    expect(JSON.stringify(plans())).toBe(before);
    expect(heightIn(one.layout, piece.plane, [0, 0])).toEqual(expect.any(Number));
  });
});
