/** A form and its answer: what is typed meanwhile stays, and a refusal reaches somebody. */
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import SignOff from '../src/details/SignOff.vue';
import BayCard from '../src/site/BayCard.vue';
import { openDemo, type OpenDemo } from './openjob.ts';
import { leaveStandIns, plain } from './support.ts';

let at: OpenDemo;
let answer: () => void;
beforeEach(async () => {
  at = await openDemo();
  at.server.slow = new Promise((resolve) => (answer = resolve));
});
afterEach(leaveStandIns);

const pipe = () => at.job.details.zones.flatMap((z) => z.work).find((w) => w.detail.id === 'hall-f5')!.detail;
type Shown = ReturnType<OpenDemo['show']>;
const press = (form: Shown, words: string) =>
  form
    .findAll('button')
    .find((b) => plain(b.text()) === words)!
    .trigger('click');

/** A bay that is about to be held, with its reason typed. */
async function holding(): Promise<Shown> {
  const status = at.job.statuses.find((s) => s.bay.label === 'T13')!;
  const card = at.show(BayCard, { status, verdict: { outcome: 'open', subject: 'T13.', says: [] } });
  await press(card, 'Hold');
  await card.find('#hold-note').setValue('wet');
  return card;
}

describe('on a slow line', () => {
  it('the reason that is typed before the first answer comes is still there after it', async () => {
    const form = at.show(SignOff, { detail: pipe() });
    await press(form, 'It is made');
    await at.wait(10);
    expect(form.text()).toContain('Made by Ines');
    await press(form, 'Refuse it');
    await form.find('form input').setValue('pinholes at the foot');
    answer();
    await at.wait(10);
    expect(at.server.entered).toHaveLength(1);
    expect((form.find('form input').element as HTMLInputElement).value).toBe('pinholes at the foot');
    await form.find('form').trigger('submit');
    await at.wait(10);
    expect(at.server.entered.at(-1)).toMatchObject({
      body: { step: 'refused', note: 'pinholes at the foot' },
    });
    expect(form.find('form').exists()).toBe(false);
  });

  it('one sending at a time, and more words typed while it is on its way stay', async () => {
    const card = await holding();
    await card.find('form').trigger('submit');
    await at.wait(10);
    await card.find('form').trigger('submit');
    await card.find('#hold-note').setValue('wet, and the drain is blocked');
    answer();
    await at.wait(10);
    expect(at.server.entered.map((e) => (e.body as { reason: string }).reason)).toEqual(['wet']);
    expect((card.find('#hold-note').element as HTMLInputElement).value).toBe('wet, and the drain is blocked');
  });
});

describe('a refusal', () => {
  it('is said in the form while it is open', async () => {
    const card = await holding();
    at.server.refusal = 'Reason: too short.';
    answer();
    await card.find('form').trigger('submit');
    await at.wait(10);
    expect(card.find('form .problem').text()).toBe('Reason: too short.');
    expect((card.find('#hold-note').element as HTMLInputElement).value).toBe('wet');
    expect(at.job.outbox.aside).toEqual([]);
  });

  it('is set aside with its entry once the form has gone', async () => {
    const card = await holding();
    await card.find('form').trigger('submit');
    await at.wait(10);
    card.unmount();
    at.server.refusal = 'Reason: too short.';
    answer();
    await at.wait(10);
    expect(at.job.outbox.aside).toMatchObject([
      { entry: { body: { reason: 'wet' } }, why: 'Reason: too short.' },
    ]);
  });
});
