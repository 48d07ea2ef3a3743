/** The log: what is tapped, typed and taken back, each as the record takes it. */
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { check, sentence } from '@lentum/core/problems';
import {
  entryProblems,
  readEntry,
  secondFormSchema,
  type Body,
  type Entry,
  type Kind,
} from '@lentum/core/record';
import { MS_PER_DAY, MS_PER_MINUTE } from '@lentum/core/units';
import { compared, noteClock } from '../src/app/clock.ts';
import { clockOffsetMs, rightNowMs } from '../src/app/righttime.ts';
import { makeEntry, TAKE_BACK_MS, tidied } from '../src/app/entering.ts';
import { personNamed } from '../src/app/signing.ts';
import BayPicker from '../src/shared/BayPicker.vue';
import TakeBack from '../src/shared/TakeBack.vue';
import BayCard from '../src/site/BayCard.vue';
import BayList from '../src/site/BayList.vue';
import CoatForm from '../src/site/CoatForm.vue';
import LogForms from '../src/site/LogForms.vue';
import PlyForm from '../src/site/PlyForm.vue';
import RemedyPanel from '../src/site/RemedyPanel.vue';
import { groupsByState } from '../src/site/groups.ts';
import { useLogContext } from '../src/site/log/context.ts';
import { numbersOf, type Values } from '../src/site/log/fields.ts';
import type { LoggedKind } from '../src/site/log/form.ts';
import { KIND_FORMS } from '../src/site/log/kinds.ts';
import LogSheet from '../src/site/log/LogSheet.vue';
import { tapStep } from '../src/site/steps.ts';
import TestTable from '../src/survey/TestTable.vue';
import { openDemo, type OpenDemo } from './openjob.ts';
import { leaveStandIns, plain, type } from './support.ts';

let at: OpenDemo;
beforeEach(async () => {
  at = await openDemo();
});
afterEach(() => {
  compared.value = null;
  leaveStandIns();
});
const statusOf = (label: string) => at.job.statuses.find((s) => s.bay.label === label)!;
const bayOf = (label: string) => statusOf(label).bay;
const buttonOf = (w: ReturnType<OpenDemo['show']>, name: string | RegExp) =>
  w.findAll('button').find((b) => {
    const text = plain(b.text());
    return typeof name === 'string' ? text === name : name.test(text);
  })!;
const sent = (): Entry => {
  const parsed = check(secondFormSchema, at.server.entered.at(-1), 'It');
  if (!parsed.ok) throw new Error(parsed.problems.map(sentence).join(' '));
  expect(parsed.value).toEqual(at.server.entered.at(-1));
  return parsed.value;
};

describe('an entry as it is made', () => {
  it('names person, device, clock and offset, and holds only clean text', () => {
    compared.value = { offsetMs: 90_000, atMs: Date.now() };
    const body = {
      at: new Date().toISOString(),
      what: 'rain',
      note: '  a\u0000 de\u0301luge \r\n',
    } as Body<'event'>;
    const entry = makeEntry(personNamed('Ines').id, 'event', { zoneId: 'hall' }, body);
    expect(entry).toMatchObject({ form: 2, offsetMs: 90_000, personId: personNamed('Ines').id, bays: [] });
    expect(entry.body).toMatchObject({ note: 'a déluge' });
    expect(secondFormSchema.parse(entry)).toEqual(entry);
    expect(makeEntry(personNamed('Ines').id, 'event', { zoneId: 'hall' }, body)).toMatchObject({
      deviceId: entry.deviceId,
    });
  });
  it('one name on a device is one person, another name another', () => {
    expect(personNamed(' Ines ').id).toBe(personNamed('Ines').id);
    expect(personNamed('Marek').id).not.toBe(personNamed('Ines').id);
  });
  it('what was not typed is not there', () => {
    expect(tidied({ a: undefined, b: [' x '], c: { d: 1 } })).toEqual({ b: ['x'], c: { d: 1 } });
  });
  it('the clock is measured by the answers, and a second is no difference', () => {
    const sentMs = Math.floor(Date.now() / 1000) * 1000;
    const told = (minutes: number): string => new Date(sentMs + minutes * MS_PER_MINUTE).toUTCString();
    noteClock(told(0), sentMs, sentMs + 100);
    expect(clockOffsetMs.value).toBe(0);
    noteClock(told(10), sentMs, sentMs + 100);
    expect(clockOffsetMs.value).toBe(600_450);
    // A slow answer and one without a time change nothing.
    noteClock(told(130), sentMs, sentMs + 9000);
    noteClock(null, sentMs, sentMs);
    expect(clockOffsetMs.value).toBe(600_450);
  });
  it('the difference is kept for a day without a signal, and not for a week', async () => {
    compared.value = { offsetMs: 600_000, atMs: Date.now() - MS_PER_DAY };
    expect(clockOffsetMs.value).toBe(600_000);
    await nextTick();
    expect(localStorage.getItem('lentum.clock')).toContain('600000');
    compared.value = { offsetMs: 600_000, atMs: Date.now() - 7 * MS_PER_DAY };
    expect(clockOffsetMs.value).toBe(undefined);
  });
  it('what was typed in the right time goes in as the device shows it, and is read as it was typed', () => {
    compared.value = { offsetMs: 600_000, atMs: Date.now() };
    expect(rightNowMs() - Date.now()).toBeGreaterThan(599_000);
    const typed = new Date(rightNowMs() - MS_PER_MINUTE).toISOString();
    const entry = makeEntry(
      ...([personNamed('Ines').id, 'event', { zoneId: 'hall' }] as const),
      ...[{ at: typed, what: 'rain', note: 'Rain.' } as Body<'event'>],
    );
    expect(entry.body).toMatchObject({ at: new Date(Date.parse(typed) - 600_000).toISOString() });
    expect(readEntry(entry, new Map()).body).toMatchObject({ at: typed });
    expect(at.job.nowMs - Date.now()).toBeGreaterThan(590_000);
  });
  it('numbers are parted by blanks, with either decimal sign', () => {
    expect(numbersOf('400 412,5; 390.1\n7')).toEqual([400, 412.5, 390.1, 7]);
    expect(numbersOf('')).toEqual([]);
    expect(numbersOf('4 x')).toBe(undefined);
  });
});

describe('a tap', () => {
  it('prepares six bays by one entry, shared by area, and is seen at once', async () => {
    const labels = ['T13', 'T14', 'T15'];
    await tapStep(at.job, labels.map(bayOf), 'prepared');
    expect(at.server.entered).toHaveLength(1);
    expect(sent()).toMatchObject({ kind: 'preparation', zoneId: 'terrace', body: { complete: true } });
    expect(labels.map((l) => statusOf(l).state)).toEqual(['prepared', 'prepared', 'prepared']);
  });
  it('is taken back for ten seconds where it was made, by a withdrawal that says so', async () => {
    const w = at.show(TakeBack);
    await tapStep(at.job, [bayOf('H12')], 'prepared');
    await at.wait(10);
    expect(plain(w.text())).toContain('H12: prepared');
    await buttonOf(w, 'Take it back').trigger('click');
    await at.wait(50);
    expect(sent()).toMatchObject({ kind: 'withdrawal', body: { undone: true } });
    expect(statusOf('H12').state).toBe('bare');
    expect(w.find('button').exists()).toBe(false);
    await tapStep(at.job, [bayOf('H12')], 'prepared');
    await at.wait(TAKE_BACK_MS + 10);
    expect(w.find('button').exists()).toBe(false);
  });
  it('a line of bays that wait for the same hand has one button', async () => {
    const rows = at.job.statuses
      .filter((s) => s.bay.zoneId === 'terrace' && s.state === 'bare')
      .map((status) => ({
        status,
        verdict: { outcome: 'hold' as const, subject: `${status.bay.label} · primer.`, says: ['Bare.'] },
      }));
    const w = at.show(BayList, { groups: groupsByState(rows), chosen: undefined });
    await buttonOf(w, /^Prepared, 3 bays$/).trigger('click');
    expect(w.emitted('act')).toEqual([['prepared', rows.map((r) => r.status.bay.id)]]);
  });
  it('of a whole roof makes an entry for each zone, and all of them are taken back', async () => {
    const w = at.show(LogForms);
    await (w.vm as unknown as { act: (a: string, ids: string[]) => Promise<void> }).act('prepared', [
      bayOf('H12').id,
      bayOf('T13').id,
      bayOf('T14').id,
    ]);
    expect(at.server.entered.map((e) => e.zoneId)).toEqual(['hall', 'terrace']);
    await at.job.takeBack();
    expect(at.server.entered.map((e) => e.kind)).toEqual([
      'preparation',
      'preparation',
      'withdrawal',
      'withdrawal',
    ]);
    expect(statusOf('T13').state).toBe('bare');
  });
});

describe('a coat over several bays', () => {
  const open = async (labels: string[]) => {
    const w = at.show(CoatForm, { bays: labels.map(statusOf), modelValue: true });
    await at.wait(500);
    return w;
  };
  it('is one entry with the pails that they shared; readings go to their bay', async () => {
    const w = await open(['T9']);
    for (const label of ['T10', 'T11']) await w.get(`button[aria-label="Bay ${label}"]`).trigger('click');
    expect(plain(w.text())).toContain('Log a coat on T9–T11');
    await w.get('button[aria-label^="Last wet tooth 2.00"]').trigger('click');
    await w.get('button[aria-label^="Readings on T11"]').trigger('click');
    await w.get('button[aria-label^="Last wet tooth 2.50"]').trigger('click');
    await at.wait(600_000);
    await buttonOf(w, 'to now').trigger('click');
    await buttonOf(w, 'Empty').trigger('click');
    await buttonOf(w, 'Keep for T9–T11').trigger('click');
    await at.wait(50);
    const entry = sent();
    if (entry.kind !== 'coat') throw new Error('a coat was kept');
    expect(entry.bays.map((b) => b.bayId)).toEqual(['terrace-9', 'terrace-10', 'terrace-11']);
    expect(entry.body.readings).toEqual([
      { bayId: 'terrace-9', lastWetMm: [2] },
      { bayId: 'terrace-10', lastWetMm: [] },
      { bayId: 'terrace-11', lastWetMm: [2.5] },
    ]);
    // Each bay has its own verdict, from its part.
    const films = ['T9', 'T10', 'T11'].map((l) => statusOf(l).laid.at(-1)!.judgement);
    expect(films.map((j) => j.readings.length)).toEqual([1, 0, 1]);
    const used = films.reduce((sum, j) => sum + j.used.value, 0);
    expect(used).toBeCloseTo(films[0]!.used.value / statusOf('T9').laid.at(-1)!.entry.part, 6);
  });
  it('begins with the batch that was opened last', async () => {
    const w = await open(['T9']);
    expect((w.get('input[aria-label="Batch of container 1"]').element as HTMLInputElement).value).toBe(
      'M-0902',
    );
  });
  it('is split by hand where that is better known', async () => {
    const w = await open(['T9', 'T10']);
    await buttonOf(w, 'Empty').trigger('click');
    await buttonOf(w, 'Split by hand').trigger('click');
    await type(w, 'Used on T9', '15');
    await type(w, 'Used on T10', '10');
    await at.wait(600_000);
    await buttonOf(w, 'Finished now').trigger('click');
    await at.wait(50);
    expect(sent().bays).toEqual([
      { bayId: 'terrace-9', share: 15 },
      { bayId: 'terrace-10', share: 10 },
    ]);
  });
  it('is corrected for all its bays at once', async () => {
    const rust = statusOf('C2').laid.at(-1)!.entry.id;
    const w = at.show(CoatForm, {
      bays: ['C1', 'C2', 'C3'].map(statusOf),
      correcting: rust,
      modelValue: true,
    });
    await at.wait(500);
    await type(w, 'Left over', '1');
    await buttonOf(w, 'Keep the correction').trigger('click');
    await at.wait(50);
    expect(sent()).toMatchObject({ supersedes: rust, body: { leftOver: { value: 1 } } });
    expect(sent().bays).toHaveLength(3);
    expect(['C1', 'C2', 'C3'].map((l) => statusOf(l).laid.at(-1)!.entry.leftOver.value)).toEqual([1, 1, 1]);
  });
  it('says before it is kept that its containers cover too little', async () => {
    const w = await open(['T9', 'T10', 'T11', 'T12', 'T13', 'T14', 'T15'].slice(0, 4));
    await type(w, 'Left over', '45');
    await at.wait(600_000);
    await buttonOf(w, 'to now').trigger('click');
    expect(plain(w.text())).toContain('a container is missing, or a bay too many is named.');
  });
  it('a ply over two bays is one entry too', async () => {
    const w = at.show(PlyForm, { bays: [statusOf('W2')], modelValue: true });
    await at.wait(500);
    await w.findAll('input[type="datetime-local"]')[0]!.setValue('2026-05-11T08:00');
    await type(w, 'Rolls used', '3');
    await buttonOf(w, 'Keep for W2').trigger('click');
    await at.wait(50);
    expect(sent()).toMatchObject({
      kind: 'ply',
      bays: [{ bayId: 'workshop-2' }],
      body: { used: 3, looked: false },
    });
  });
});

describe('bays are picked by taps', () => {
  it('one by one, all at once, those on offer, none', async () => {
    const bays = at.job.documents.site.content.bays.filter((b) => b.zoneId === 'canopy');
    const w = at.show(BayPicker, {
      bays,
      modelValue: [],
      offer: { name: 'Waiting', ids: [bays[1]!.id] },
      optional: true,
    });
    const picked = () => w.emitted('update:modelValue')!.at(-1)![0] as string[];
    expect(plain(w.text())).toContain('the zone as a whole');
    await w.get('button[aria-label="Bay C3"]').trigger('click');
    expect(picked()).toEqual([bays[2]!.id]);
    await w.setProps({ modelValue: picked() });
    await w.get('button[aria-label="Bay C1"]').trigger('click');
    expect(picked()).toEqual([bays[0]!.id, bays[2]!.id]);
    await buttonOf(w, /^All 7$/).trigger('click');
    expect(picked()).toHaveLength(7);
    await buttonOf(w, 'Waiting: 1').trigger('click');
    expect(picked()).toEqual([bays[1]!.id]);
    await buttonOf(w, 'None').trigger('click');
    expect(picked()).toEqual([]);
  });
});

/** What a person types for each kind beyond what the form begins with. */
const TYPED: { [K in LoggedKind]: { zone: string; bays?: string[]; typed: Values } } = {
  preparation: { zone: 'hall', bays: ['H12'], typed: { steps: ['wash'], litres: 4, note: 'rinsed' } },
  test: { zone: 'hall', typed: { number: 4.2 } },
  trial: { zone: 'hall', typed: { about: 'fill rate', areaM2: 1, litres: 1.4, result: 'good' } },
  broadcast: { zone: 'terrace', bays: ['T5'], typed: { bags: 4, thrownKg: 100, batch: 'Q-5521' } },
  mix: { zone: 'terrace', typed: { parts: [{ name: 'Resin', kg: 10 }], catalystPct: 3 } },
  'dry film': { zone: 'canopy', typed: { readings: '400 412', shims: [{ nominalMm: 0.25, readMm: 0.251 }] } },
  gauge: { zone: 'hall', typed: { name: 'Comb', marked: 'mil', teeth: '2 4 6 8' } },
  permit: { zone: 'garden', typed: { number: '33', work: 'kettle', issuedBy: 'Marek' } },
  watch: { zone: 'garden', typed: { extinguisher: true } },
  melt: { zone: 'garden', typed: { chargedKg: 288, drawnKg: 200, temperatures: [] } },
  flood: { zone: 'garden', typed: { step: 'filled', deepestMm: 50, plugged: 2, levelMm: 40 } },
  'leak test': { zone: 'hall', bays: ['H1'], typed: { finds: 'corner by the stair\noutlet 2' } },
  snag: { zone: 'hall', bays: ['H5'], typed: { what: 'a pinhole', by: '2027-05-01' } },
  upkeep: { zone: 'hall', typed: { step: 'handed over', to: 'the port office' } },
  event: { zone: 'hall', bays: ['H6'], typed: { rainMm: 2 } },
  opening: { zone: 'terrace', bays: ['T1', 'T2'], typed: {} },
  decision: { zone: 'hall', bays: ['H5'], typed: { reason: 'a blister' } },
  stock: { zone: 'hall', typed: { count: 4, batch: 'F-2250' } },
};

describe('the log, kind by kind', () => {
  it.each(KIND_FORMS.map((f) => [f.kind, f] as const))(
    '%s: what the form asks for makes an entry',
    async (kind, form) => {
      const { zone, bays = [], typed } = TYPED[kind];
      const { context } = at.within(() => useLogContext(() => zone));
      // What may not be logged yet is not, until the order is counted.
      form.unless?.(context.value);
      await at.wait(10);
      const values = { ...form.start(context.value), ...typed };
      expect(form.unless?.(context.value)).toBe(undefined);
      // Every field has a name of its own and something to choose from.
      const fields = form.fields(context.value, values);
      expect(new Set(fields.map((f) => f.key)).size).toBe(fields.length);
      for (const f of fields) if (f.form === 'choice') expect(f.options.length).toBeGreaterThan(0);
      const where =
        form.takes === 'job'
          ? {}
          : { zoneId: zone, bays: bays.map((l) => ({ bayId: bayOf(l).id, share: 1 })) };
      const entry = makeEntry(
        personNamed('Ines').id,
        kind as Kind,
        where,
        form.body(values, context.value) as never,
      );
      const parsed = check(secondFormSchema, entry, kind);
      expect(parsed.ok ? [] : parsed.problems.map(sentence)).toEqual([]);
      expect(entryProblems(entry, at.job.rules()).map(sentence)).toEqual([]);
      expect(readEntry(entry, at.job.names).who).toBe('Ines');
    },
  );
  it('teeth in mils are kept in mm, exactly', () => {
    const form = KIND_FORMS.find((f) => f.kind === 'gauge')!;
    const { context } = at.within(() => useLogContext(() => 'hall'));
    const body = form.body({ name: 'Comb', marked: 'mil', teeth: '1 2 80' }, context.value) as Body<'gauge'>;
    expect(body.teethMm).toEqual([0.0254, 0.0508, 2.032]);
  });
  it('what the zone cannot have is said instead of offered', () => {
    const unless = (kind: string, zone: string) =>
      KIND_FORMS.find((f) => f.kind === kind)!.unless!(
        at.within(() => useLogContext(() => zone)).context.value,
      );
    expect(unless('broadcast', 'hall')).toBe('The build-up of this zone has no aggregate.');
    expect(unless('melt', 'hall')).toContain('not melted in a kettle');
    expect(unless('mix', 'garden')).toBe(undefined);
  });
  it('an open permit is closed, an ended watch is not offered', async () => {
    await at.job.enter('permit', { zoneId: 'garden' }, {
      ...{ step: 'opened', at: new Date().toISOString(), number: '9', issuedBy: 'Marek', work: 'kettle' },
      until: new Date(Date.now() + 3_600_000).toISOString(),
    } as Body<'permit'>);
    const { context } = at.within(() => useLogContext(() => 'garden'));
    expect(context.value.permits).toHaveLength(1);
    expect(context.value.watches).toHaveLength(0);
    await at.wait(60_000);
    const form = KIND_FORMS.find((f) => f.kind === 'permit')!;
    const values = { ...form.start(context.value), step: 'closed' };
    const entry = makeEntry(
      'Ines',
      'permit',
      { zoneId: 'garden' },
      form.body(values, context.value) as never,
    );
    expect(entryProblems(secondFormSchema.parse(entry), at.job.rules()).map(sentence)).toEqual([]);
  });
});

describe('the sheet of the log', () => {
  const open = async (props: Record<string, unknown>) => {
    const w = at.show(LogSheet, { modelValue: true, ...props });
    await at.wait(500);
    return w;
  };
  it('asks what happened, tells it, and keeps it for the bays that were picked', async () => {
    const w = await open({ zoneId: 'hall', bays: [bayOf('H4').id] });
    await buttonOf(w, /^Event/).trigger('click');
    await w.get('textarea').setValue('a shower');
    await buttonOf(w, 'Keep for H4').trigger('click');
    await at.wait(50);
    expect(sent()).toMatchObject({
      kind: 'event',
      bays: [{ bayId: 'hall-4' }],
      body: { what: 'rain', note: 'a shower' },
    });
    expect(statusOf('H4').misses).toHaveLength(1);
    expect(w.emitted('update:modelValue')).toEqual([[false]]);
  });
  it('says once, beside its button, what is wrong', async () => {
    const w = await open({ zoneId: 'hall', bays: [bayOf('H6').id], kind: 'decision' });
    expect(w.findAll('[role=alert]')).toHaveLength(0);
    await buttonOf(w, 'Keep for H6').trigger('click');
    await at.wait(10);
    expect(w.findAll('[role=alert]').map((a) => plain(a.text()))).toEqual([
      'Decision, reason is missing; expected a reason in a few words.',
    ]);
    expect(at.server.entered).toEqual([]);
  });
  it('says before it is kept what it will be flagged for, and keeps it all the same', async () => {
    const w = await open({
      ...{ zoneId: 'garden', bays: [], kind: 'melt' },
      known: { chargedKg: 288, temperatures: [{ at: '2026-05-11T23:00', kettleC: 230 }] },
    });
    expect(plain(w.text())).toContain('above the safe maximum of 200.0 °C: the charge is lost.');
    await buttonOf(w, 'Keep it').trigger('click');
    await at.wait(50);
    expect(sent()).toMatchObject({ kind: 'melt', body: { chargedKg: 288 } });
  });
  it('says what is missing in the words of the form', async () => {
    const w = await open({ zoneId: 'hall', bays: [], kind: 'permit' });
    await w.findAll('input[type="datetime-local"]')[1]!.setValue('');
    await buttonOf(w, 'Keep it').trigger('click');
    await at.wait(10);
    expect(w.findAll('[role=alert]').map((a) => plain(a.text()))).toEqual([
      'Permit for hot works, number is missing; expected a few words.',
      'Permit for hot works, issued by is missing; expected a few words.',
      'Permit for hot works, work is missing; expected a few words.',
      'Permit for hot works, until is missing; expected a time.',
    ]);
  });
  it('goes on to the form of coats', async () => {
    const w = await open({ zoneId: 'hall', bays: [bayOf('H6').id] });
    await buttonOf(w, /^Coat/).trigger('click');
    expect(w.emitted('coat')).toEqual([[[bayOf('H6').id]]]);
  });
});

describe('a missed window', () => {
  it('is worked off step by step, and what was found is said of it', async () => {
    const miss = () => statusOf('H8').misses[0]!;
    const w = at.show(RemedyPanel, { status: statusOf('H8'), miss: miss() });
    expect(plain(w.text())).toContain('Overcoat window of the primer closed');
    await buttonOf(w, 'All steps').trigger('click');
    await buttonOf(w, 'Log what is done').trigger('click');
    await at.wait(50);
    expect(sent()).toMatchObject({ kind: 'remedy', body: { limit: 'overcoatUntil' } });
    expect(miss().clearedMs).toBeDefined();
    expect(statusOf('H8').state).not.toBe('missed');
    const cleared = at.show(RemedyPanel, { status: statusOf('H8'), miss: miss() });
    await buttonOf(cleared, 'Judge it').trigger('click');
    await cleared.get('input[aria-label="What was found"]').setValue('matt all over');
    await cleared.get('form').trigger('submit');
    await at.wait(50);
    expect(sent()).toMatchObject({ kind: 'decision', body: { what: 'accepted', reason: 'matt all over' } });
    expect(miss().judged?.who).toBe('Ines');
  });
  it('stands on the card of its bay', () => {
    const verdict = { outcome: 'stop' as const, subject: 'H8.', says: [] };
    const w = at.show(BayCard, { status: statusOf('H8'), verdict });
    expect(w.find('[aria-label="Missed on H8"]').exists()).toBe(true);
    expect(
      at
        .show(BayCard, { status: statusOf('H1'), verdict })
        .find('.miss')
        .exists(),
    ).toBe(false);
  });
});

describe('tests of the survey', () => {
  it('go into the record, with their scale; withdrawing one needs a reason', async () => {
    const zone = at.job.documents.survey.content.zones.find((z) => z.id === 'hall')!;
    const before = at.job.book.zones.get('hall')!.entries.filter((e) => e.kind === 'test').length;
    const w = at.show(TestTable, { zone });
    await at.wait(50);
    await type(w, 'Value of the test', '4.4');
    // No place is made up.
    await buttonOf(w, 'Enter the test').trigger('click');
    expect(plain(w.get('[role=alert]').text())).toContain('Moisture by meter: its place is missing');
    await type(w, 'Test, along side 1', '12.8');
    await type(w, 'Test, into the zone', '3');
    await buttonOf(w, 'Enter the test').trigger('click');
    await at.wait(50);
    expect(sent()).toMatchObject({
      kind: 'test',
      zoneId: 'hall',
      place: { alongM: 12.8, acrossM: 3 },
      body: { value: 4.4, scale: 'scale of the meter' },
    });
    expect(w.findAll('tbody tr')).toHaveLength(before + 1);
    await w.get('tbody tr button').trigger('click');
    expect(plain(w.text())).toContain('Withdraw an entry');
  });
  it('one outside its instrument is not sent', async () => {
    const zone = at.job.documents.survey.content.zones.find((z) => z.id === 'hall')!;
    const w = at.show(TestTable, { zone });
    await buttonOf(w, 'Enter the test').trigger('click');
    expect(plain(w.get('[role=alert]').text())).toContain('Moisture by meter: the value is missing');
    expect(at.server.entered).toEqual([]);
    vi.clearAllMocks();
  });
});
