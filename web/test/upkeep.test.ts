/** The page of the years after: what it says as entries and a guarantee come. */
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { Body } from '@lentum/core/record';
import UpkeepPage from '../src/handover/upkeep/UpkeepPage.vue';
import { leaveStandIns } from './support.ts';
import { openDemo, type OpenDemo } from './openjob.ts';

let at: OpenDemo;
afterEach(leaveStandIns);
beforeEach(async () => {
  at = await openDemo('/jobs/demo/upkeep?zone=hall');
});
const enter = (body: Body<'upkeep'>): Promise<unknown> => at.job.enter('upkeep', { zoneId: 'hall' }, body);
const hoursAgo = (h: number): string => new Date(Date.now() - h * 3_600_000).toISOString();

describe('the years after', () => {
  it('counts from today, then from the handing over, and says what was not proven', async () => {
    const w = at.show(UpkeepPage);
    await at.wait(2000);
    expect(w.text()).toContain('as if it were handed over today');
    expect(w.text()).toContain('None is on record.');
    await enter({ step: 'handed over', at: hoursAgo(1), to: 'the port office', unproven: ['No leak'] });
    await at.wait(2000);
    expect(w.text()).toContain('Counted from when it was handed over to the port office');
    expect(w.text()).toContain('Handed over with 1 not proven: no leak.');
    expect(w.findAll('button').some((b) => b.text() === 'Hand over')).toBe(false);
    await enter({
      ...{ step: 'visit', at: hoursAgo(0.5), done: ['looked at'], details: [], topUm: [] },
      note: 'a lap lifts',
    });
    await at.wait(2000);
    expect(w.text()).toContain('looked at. a lap lifts');
  });
  it('a guarantee is entered, changed and taken out; what has to stand there stays when it is emptied', async () => {
    const w = at.show(UpkeepPage);
    await at.wait(2000);
    const own = () => at.job.documents.proving.draft.guarantees.find((g) => g.zoneId === 'hall');
    const field = (label: string) => w.get(`[aria-label="${label}"] input, input[aria-label="${label}"]`);
    await field('Who gives it').setValue('the maker');
    await field('Who gives it').trigger('change');
    expect(own()?.by).toBe('the maker');
    await field('Who gives it').setValue(' ');
    await field('Who gives it').trigger('change');
    expect(own()?.by).toBe('the maker');
    await field('Sent in on').setValue('2026-05-20');
    await field('Sent in on').trigger('change');
    expect(own()?.sentOn).toBe('2026-05-20');
    await field('Sent in on').setValue('');
    await field('Sent in on').trigger('change');
    expect(own() && 'sentOn' in own()!).toBe(false);
    await w
      .findAll('button')
      .find((b) => b.text() === 'Take out')!
      .trigger('click');
    expect(own()).toBeUndefined();
    await w
      .findAll('button')
      .find((b) => b.text() === 'Enter a guarantee')!
      .trigger('click');
    expect(own()).toMatchObject({ by: 'the applicator', years: 10, demands: [] });
  });
});
