/** The first measures of a zone, and which zone a page is about. */
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { defineComponent, h } from 'vue';
import { useAllRoofs, useChosenZone } from '../src/app/chosenzone.ts';
import ZonePicker from '../src/frame/ZonePicker.vue';
import NewEstimate from '../src/survey/NewEstimate.vue';
import NewWalk from '../src/survey/NewWalk.vue';
import { openDemo, type OpenDemo } from './openjob.ts';
import { leaveStandIns, plain, type } from './support.ts';

let at: OpenDemo;
beforeEach(async () => {
  at = await openDemo('/jobs/demo/survey?zone=terrace');
});
afterEach(leaveStandIns);

type Shown = ReturnType<OpenDemo['show']>;
const button = (w: Shown, text: string) => w.findAll('button').find((b) => plain(b.text()) === text)!;
const isOff = (w: Shown, text: string): boolean => button(w, text).attributes('disabled') !== undefined;

describe('a zone that is walked', () => {
  const walk = async (...lengths: string[]): Promise<Shown> => {
    const w = at.show(NewWalk, { modelValue: true });
    await at.wait(50);
    for (const [i, length] of lengths.entries()) await type(w, `Side ${i + 1}, length`, length);
    return w;
  };
  it('begins with one empty side: nothing stands that was not measured', async () => {
    const w = await walk();
    const fields = w.findAll<HTMLInputElement>('input[aria-label$="length"]').map((i) => i.element.value);
    expect(fields).toEqual(['']);
    expect(isOff(w, 'Make the zone')).toBe(true);
  });
  it('asks for the next side once one is typed, and is made from three on', async () => {
    const w = await walk('8', '6');
    expect(w.findAll('input[aria-label$="length"]')).toHaveLength(3);
    expect(isOff(w, 'Make the zone')).toBe(true);
    await type(w, 'Side 3, length', '8');
    expect(plain(w.get('[role=status]').text())).toBe('3 sides; it ends 6.00 m from its start.');
    await type(w, 'Side 4, length', '6');
    expect(plain(w.get('[role=status]').text())).toBe('4 sides; the walk closes.');
    await button(w, 'Make the zone').trigger('click');
    const [[legs]] = w.emitted('done') as [[{ lengthM: number; turn: string }[]]];
    expect(legs.map((l) => [l.lengthM, l.turn])).toEqual([
      [8, 'left'],
      [6, 'left'],
      [8, 'left'],
      [6, 'left'],
    ]);
  });
  it('keeps no side that cannot be read', async () => {
    const w = await walk('eight');
    expect(plain(w.get('[role=alert]').text())).toContain('“eight” is not a number');
    expect(w.findAll('input[aria-label$="length"]')).toHaveLength(1);
  });
});

describe('a zone by its area', () => {
  it('is made once an area is there', async () => {
    const w = at.show(NewEstimate, { modelValue: true });
    await at.wait(50);
    await w.get('form').trigger('submit');
    expect(w.emitted('done')).toBe(undefined);
    expect(w.get('[role=alert]').text()).toContain('Area: it is missing');
    await type(w, 'Area', '780');
    await w.get('form').trigger('submit');
    expect(w.emitted('done')).toEqual([[780]]);
  });
});

describe('the zone of a page', () => {
  const chosen = () => at.within(useChosenZone).chosenId.value;
  it('is the one of the address, and kept for the next page', async () => {
    at.show(ZonePicker);
    expect(chosen()).toBe('terrace');
    await at.router.push('/jobs/demo/details');
    expect(chosen()).toBe('terrace');
    await at.router.push('/jobs/demo/details?zone=canopy');
    await at.wait(1);
    await at.router.push('/jobs/demo/record');
    expect(chosen()).toBe('canopy');
  });
  it.each([
    [']', 'canopy'],
    ['[', 'hall'],
  ])('%s goes to its neighbour', async (key, zone) => {
    at.show(ZonePicker);
    window.dispatchEvent(new KeyboardEvent('keydown', { key }));
    await at.wait(10);
    expect(at.router.currentRoute.value.query['zone']).toBe(zone);
  });
  it('comes after the last one to the first again', async () => {
    await at.router.push('/jobs/demo/survey?zone=office');
    at.show(ZonePicker);
    window.dispatchEvent(new KeyboardEvent('keydown', { key: ']' }));
    await at.wait(10);
    expect(at.router.currentRoute.value.query['zone']).toBe('hall');
  });
  it('is not asked where the page is about all roofs, and its keys do nothing there', async () => {
    const page = at.show(defineComponent(() => (useAllRoofs(), () => h('p'))));
    const w = at.show(ZonePicker);
    expect(plain(w.text())).toBe('All roofs');
    window.dispatchEvent(new KeyboardEvent('keydown', { key: ']' }));
    await at.wait(10);
    expect(at.router.currentRoute.value.query['zone']).toBe('terrace');
    page.unmount();
    await at.wait(1);
    expect(plain(w.text())).not.toBe('All roofs');
  });
});
