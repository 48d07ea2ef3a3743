/** Gates as they are shown and settled: the one tap, the word of a person, the rules of the job. */
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { check } from '@lentum/core/problems';
import { secondFormSchema, type Entry } from '@lentum/core/record';
import RulesDialog from '../src/jobs/RulesDialog.vue';
import FirmPractice from '../src/settings/FirmPractice.vue';
import GatesPanel from '../src/site/GatesPanel.vue';
import { openDemo, type OpenDemo } from './openjob.ts';
import { leaveStandIns, plain } from './support.ts';

let at: OpenDemo;
beforeEach(async () => {
  at = await openDemo();
});
afterEach(leaveStandIns);

const callOf = (label: string) => at.job.state!.calls.find((c) => c.status.bay.label === label)!;
const open = (label: string) => at.show(GatesPanel, { call: callOf(label) });
const line = (w: ReturnType<typeof open>, key: string) => w.get(`li[data-gate="${key}"]`);
const buttonIn = (
  w: { findAll: (s: string) => ReturnType<ReturnType<typeof open>['findAll']> },
  name: string,
) => w.findAll('button').find((b) => plain(b.text()) === name);
const sent = (): Entry => {
  const parsed = check(secondFormSchema, at.server.entered.at(-1), 'It');
  expect(parsed.ok).toBe(true);
  return at.server.entered.at(-1)!;
};

describe('the gates of a bay', () => {
  it('what stands against it comes first, what holds is folded away and counted', () => {
    const w = open('G1');
    const keys = w.findAll('li').map((l) => l.attributes('data-gate'));
    expect(keys[0]).toBe('hot/permit');
    expect(plain(w.get('summary').text())).toMatch(/^\d+ gates hold$/);
  });
  it('one tap settles it', async () => {
    const w = open('T7');
    await buttonIn(line(w, 'below/fibres-membrane'), 'Done')!.trigger('click');
    await at.wait(50);
    expect(sent()).toMatchObject({
      kind: 'preparation',
      bays: [{ bayId: 'terrace-7' }],
      body: { steps: ['fibres'], complete: false },
    });
    expect(callOf('T7').gates.find((g) => g.key === 'below/fibres-membrane')?.answer).toBe('holds');
  });
  it('a permit opens its form, and nobody answers for it', async () => {
    const w = open('G1');
    expect(buttonIn(line(w, 'hot/permit'), 'Answer for it')).toBeUndefined();
    await buttonIn(line(w, 'hot/permit'), 'Open a permit')!.trigger('click');
    expect(w.emitted('log')).toEqual([['permit', { step: 'opened' }]]);
  });
  it('a person answers for another by name and reason, and it is said', async () => {
    const w = open('T7');
    await buttonIn(line(w, 'below/fibres-membrane'), 'Answer for it')!.trigger('click');
    const take = () => buttonIn(w, 'Answer for it by name')!;
    expect(take().attributes('disabled')).toBeDefined();
    await line(w, 'below/fibres-membrane').get('input').setValue('felt it all over');
    await w.get('form').trigger('submit');
    await at.wait(50);
    expect(sent()).toMatchObject({
      kind: 'decision',
      body: {
        what: 'gate taken over',
        about: { gate: 'below/fibres-membrane', layerId: 'wear' },
        reason: 'felt it all over',
      },
    });
    const gate = callOf('T7').gates.find((g) => g.key === 'below/fibres-membrane');
    expect(gate?.taken).toMatchObject({ who: 'Ines', reason: 'felt it all over' });
  });
  it('a finished bay is opened to feet by one tap', async () => {
    const w = open('H1');
    expect(w.get('section').attributes('aria-label')).toBe('What it is open to');
    expect(plain(line(w, 'opening/feet').text())).toContain('nobody has opened it');
    await buttonIn(line(w, 'opening/feet'), 'Open it')!.trigger('click');
    await at.wait(50);
    expect(sent()).toMatchObject({
      kind: 'opening',
      bays: [{ bayId: 'hall-1' }],
      body: { to: 'feet', step: 'opened' },
    });
    expect(callOf('H1').gates.find((g) => g.key === 'opening/feet')?.answer).toBe('holds');
    expect(buttonIn(line(w, 'opening/water'), 'Answer for it')).toBeUndefined();
  });
  it('what was taken over before says on whose word', () => {
    expect(plain(line(open('H7'), 'details/refused').text())).toContain('On Marek’s word');
  });
});

describe('the rules of a job', () => {
  const dialog = () =>
    at.show(RulesDialog, { modelValue: true, rules: { practice: [], holdPoints: ['coats'] } });
  it('a number without its source is not taken', async () => {
    const w = dialog();
    await at.wait(200);
    const field = w.get('input[aria-label="This job: moisture, with primer"]');
    await field.setValue('5');
    await field.trigger('change');
    await buttonIn(w, 'Save')!.trigger('click');
    expect(plain(w.text())).toContain('moisture, with primer: say who asks for it.');
    expect(w.emitted('done')).toBeUndefined();
    await w.get('input[aria-label="Who says so: moisture, with primer"]').setValue('the engineer');
    await buttonIn(w, 'Save')!.trigger('click');
    expect(w.emitted('done')).toEqual([
      [{ holdPoints: ['coats'], practice: [{ key: 'moisturePrimed', value: 5, says: 'the engineer' }] }],
    ]);
  });
  it('the firm’s numbers are named where the job holds others, and taken by one tap', async () => {
    const w = dialog();
    await at.wait(200);
    expect(plain(w.text())).toContain('The firm says otherwise: pull-off.');
    await buttonIn(w, 'Take the firm’s numbers')!.trigger('click');
    expect(plain(w.text())).not.toContain('The firm says otherwise');
    await buttonIn(w, 'Save')!.trigger('click');
    expect(w.emitted('done')).toEqual([
      [{ holdPoints: ['coats'], practice: [{ key: 'pullOff', value: 1.2, says: 'firm: our rule' }] }],
    ]);
  });
});

describe('the numbers of the firm', () => {
  it('are saved with their source, and not without', async () => {
    const w = at.show(FirmPractice, {});
    await at.wait(200);
    const set = async (label: string, value: string): Promise<void> => {
      const field = w.get(`input[aria-label="${label}"]`);
      await field.setValue(value);
      await field.trigger('change');
    };
    expect(buttonIn(w, 'Save the firm’s numbers')!.attributes('disabled')).toBeDefined();
    await set('The firm: moisture, with primer', '5');
    await buttonIn(w, 'Save the firm’s numbers')!.trigger('click');
    expect(plain(w.text())).toContain('moisture, with primer: say who asks for it.');
    await w.get('input[aria-label="Who says so: moisture, with primer"]').setValue('our rule of 2024');
    await buttonIn(w, 'Save the firm’s numbers')!.trigger('click');
    await at.wait(50);
    expect(plain(w.text())).toContain('Saved.');
  });
});
