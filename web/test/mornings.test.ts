/** The list of jobs in the morning: in order of cost once all have answered, in words, and copies told apart. */
import { flushPromises, mount } from '@vue/test-utils';
import fc from 'fast-check';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { createMemoryHistory, createRouter } from 'vue-router';
import { nextTick, ref } from 'vue';
import JobMorning from '../src/jobs/JobMorning.vue';
import { inMorningOrder, useMornings, type MorningTold } from '../src/jobs/mornings.ts';
import { plain } from './support.ts';

afterEach(() => vi.unstubAllGlobals());

const AT = '2026-05-12T09:30:00.000Z';
const told = (more: Partial<MorningTold> = {}): MorningTold => ({
  ...{
    at: AT,
    timeZone: 'Etc/GMT-2',
    bays: { all: 10, done: 2 },
    urgent: [],
    now: [],
    waits: [],
    order: [4, 0],
  },
  ...more,
});
const line = (says: string, by?: string) => ({
  ...{ says, bays: 1, bayId: 'a', zoneId: 'z' },
  ...(by === undefined ? {} : { by }),
});

describe('the order of the jobs', () => {
  it('is by what missing costs; those that did not answer come last, as they stood', () => {
    const rows = ['a', 'b', 'c', 'd'].map((id) => ({ id }));
    const known = new Map([
      ['a', { order: [8, 0] as const }],
      ['c', { order: [1, 50] as const }],
      ['d', { order: [1, 20] as const }],
    ]);
    expect(inMorningOrder(rows, known).map((r) => r.id)).toEqual(['d', 'c', 'a', 'b']);
    expect(inMorningOrder(rows, new Map()).map((r) => r.id)).toEqual(['a', 'b', 'c', 'd']);
  });
  it('loses no job and doubles none', () => {
    const ids = fc.uniqueArray(fc.string(), { maxLength: 12 });
    fc.assert(
      fc.property(ids, fc.func(fc.option(fc.tuple(fc.nat(14), fc.nat()))), (list, orderOf) => {
        const known = new Map(
          list.flatMap((id) => {
            const order = orderOf(id);
            return order ? [[id, { order }] as const] : [];
          }),
        );
        const sorted = inMorningOrder(
          list.map((id) => ({ id })),
          known,
        ).map((r) => r.id);
        expect([...sorted].sort()).toEqual([...list].sort());
      }),
    );
  });
});

describe('asking the jobs', () => {
  it('asks two at once, keeps what the others say where one fails, and settles when all have answered', async () => {
    let under = 0;
    let most = 0;
    const open: (() => void)[] = [];
    vi.stubGlobal('fetch', async (url: string) => {
      under += 1;
      most = Math.max(most, under);
      await new Promise<void>((done) => open.push(done));
      under -= 1;
      return url.includes('/bad/')
        ? new Response('{"detail":"no"}', { status: 500, headers: { 'content-type': 'application/json' } })
        : Response.json(told());
    });
    let used: ReturnType<typeof useMornings> | undefined;
    const w = mount({ setup: () => ((used = useMornings(ref(['a', 'bad', 'c']))), () => undefined) });
    for (let i = 0; i < 3; i += 1) {
      await flushPromises();
      expect(used?.settled.value.size).toBe(0);
      open.shift()?.();
    }
    await flushPromises();
    await flushPromises();
    expect(most).toBe(2);
    expect([...(used?.told.value.keys() ?? [])].sort()).toEqual(['a', 'c']);
    expect(used?.settled.value.size).toBe(2);
    w.unmount();
  });
});

describe('a job in the morning', () => {
  const show = async (morning: MorningTold, units: 'metric' | 'us' = 'metric') => {
    const router = createRouter({
      history: createMemoryHistory(),
      routes: [
        { path: '/jobs/:jobId/site', name: 'site', component: { render: () => undefined } },
        { path: '/', component: { render: () => undefined } },
      ],
    });
    const head = { name: 'Quay', place: '', timeZone: 'Etc/GMT-2', units, currency: 'EUR' } as never;
    const w = mount(JobMorning, {
      props: { jobId: 'j', head, told: morning },
      global: { plugins: [router] },
    });
    await nextTick();
    return plain(w.text());
  };
  it('says what cannot wait first, then what can be done and until when, in the clock and units of the job', async () => {
    const text = await show(
      told({
        urgent: [line('H4 second coat: thin while wet')],
        now: [line('C1–C3 stripe coat', '2026-05-12T12:00:00.000Z')],
        waits: ['one', 'two', 'three', 'four', 'five'].map((s) => line(s)),
        closes: { at: '2026-05-12T12:00:00.000Z', says: 'window closes: C1–C3', bayId: 'a' },
        weather: { airC: 15.5, rainMm: 8.4, rainFrom: '2026-05-13T05:00:00.000Z' },
        delivery: { on: '2026-05-15', name: 'Deck and sheets' },
      }),
      'us',
    );
    expect(text).toMatch(/H4 second coat: thin while wet.*C1–C3 stripe coat, start by 14:00/);
    expect(text).toMatch(/Next to close\s?14:00 window closes: C1–C3/);
    expect(text).toMatch(/one; two; three and 2 more/);
    expect(text).toContain('59.9 °F, rain from tomorrow 07:00, 0.33 in in a day');
    expect(text).toContain('15 May 2026, Deck and sheets');
  });
  it.each([
    [{ all: 0, done: 0 }, 'No bays yet.'],
    [{ all: 4, done: 4 }, 'Every bay is accepted.'],
    [{ all: 4, done: 1 }, 'Nothing can be done now.'],
  ])('of %o bays it says %s', async (bays, says) => expect(await show(told({ bays }))).toContain(says));
});
