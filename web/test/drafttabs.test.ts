/** Two tabs of one device, one document: what each changes is in both, kept together, and saved without a question. */
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick, ref } from 'vue';
import { closeTabs as endTelling, freshDevice, pass, settle, TIMERS } from './device.ts';
import { EMPTY, Server, type Roof } from './miniature.ts';
import { leaveStandIns } from './support.ts';

let server: Server;
function begin(): void {
  freshDevice();
  server = new Server();
  server.body = {
    name: 'Quay',
    zones: [
      { id: 'a', areaM2: 10 },
      { id: 'b', areaM2: 20 },
    ],
  };
  vi.stubGlobal('fetch', server.answer);
}
beforeEach(() => {
  vi.useFakeTimers(TIMERS);
  begin();
});
afterEach(leaveStandIns);

/** Closed tabs hear nothing, and nothing of what they meant to do comes to pass. */
function closeTabs(): void {
  endTelling();
  vi.clearAllTimers();
}
async function openTab() {
  vi.resetModules();
  const { useDocument } = await import('../src/app/document.ts');
  const doc = useDocument<Roof>(ref('job'), {
    path: (j) => `/jobs/${j}/survey`,
    empty: EMPTY,
    problems: () => [],
  });
  await doc.load();
  await nextTick();
  return doc;
}
type Tab = Awaited<ReturnType<typeof openTab>>;
const areas = (tab: Tab): number[] => tab.draft.value.zones.map((z) => z.areaM2);
const saved = (): number[] => server.body.zones.map((z) => z.areaM2);

describe('two tabs with one document', () => {
  it('show what each changes at once, without a signal', async () => {
    const [one, two] = [await openTab(), await openTab()];
    server.cut = true;
    one.draft.value.zones[0]!.areaM2 = 11;
    await settle();
    expect(areas(two)).toEqual([11, 20]);
    two.draft.value.zones[1]!.areaM2 = 21;
    await settle();
    expect(areas(one)).toEqual([11, 21]);
    server.cut = false;
    await pass(10_000);
    expect(saved()).toEqual([11, 21]);
    expect([one.state.value, two.state.value]).toEqual(['saved', 'saved']);
  });
  it('have what both changed when both were closed without a signal', async () => {
    const [one, two] = [await openTab(), await openTab()];
    server.cut = true;
    // At one moment: neither knows of the other's.
    one.draft.value.zones[0]!.areaM2 = 11;
    two.draft.value.zones[1]!.areaM2 = 21;
    await settle();
    closeTabs();
    const again = await openTab();
    expect(areas(again)).toEqual([11, 21]);
    server.cut = false;
    await pass(10_000);
    expect(saved()).toEqual([11, 21]);
  });
  it('take each other’s step back', async () => {
    const [one, two] = [await openTab(), await openTab()];
    one.draft.value.name = 'Pier';
    await pass(1000);
    expect(two.draft.value.name).toBe('Pier');
    one.undo();
    await settle();
    expect(two.draft.value.name).toBe('Quay');
    two.undo();
    await settle();
    expect([one.draft.value.name, two.draft.value.name]).toEqual(['Pier', 'Pier']);
    await pass(1000);
    expect(server.body.name).toBe('Pier');
  });
  it('keep both where they changed one part at one moment: the later to be saved is asked', async () => {
    const [one, two] = [await openTab(), await openTab()];
    one.draft.value.zones[0]!.areaM2 = 11;
    two.draft.value.zones[0]!.areaM2 = 12;
    await pass(10_000);
    const [first, asked] = one.state.value === 'conflict' ? [two, one] : [one, two];
    expect([first.state.value, asked.state.value]).toEqual(['saved', 'conflict']);
    expect(asked.newest.value?.body.zones[0]?.areaM2).toBe(saved()[0]);
    expect(areas(asked)[0]).toBe(saved()[0] === 11 ? 12 : 11);
  });
  it('closed after it was sent, before its answer, and changed in between: no conflict with itself', async () => {
    const one = await openTab();
    server.loses = true;
    one.draft.value.name = 'Pier';
    await pass(500);
    expect(server.body.name).toBe('Pier');
    server.cut = true;
    one.draft.value.name = 'Pier 2';
    await settle();
    closeTabs();
    server.cut = server.loses = false;
    const again = await openTab();
    expect([again.state.value, again.draft.value.name]).toEqual(['waiting', 'Pier 2']);
    await pass(1000);
    expect([again.state.value, server.body.name]).toEqual(['saved', 'Pier 2']);
  });
  it('wait while somebody types in a field', async () => {
    const [one, two] = [await openTab(), await openTab()];
    const field = document.body.appendChild(document.createElement('input'));
    field.focus();
    one.draft.value.name = 'Pier';
    await settle();
    expect(two.draft.value.name).toBe('Quay');
    field.blur();
    await pass(1000);
    expect(two.draft.value.name).toBe('Pier');
    field.remove();
  });
  it('lose nothing and ask nothing, in any order of changing, cutting, waiting, closing and opening', async () => {
    const step = fc.record({
      what: fc.constantFrom('change', 'change', 'change', 'cut', 'lose', 'signal', 'wait', 'close'),
      tab: fc.constantFrom(0, 1),
      ms: fc.constantFrom(1, 50, 399, 401, 5000),
    });
    await fc.assert(
      fc.asyncProperty(fc.array(step, { minLength: 4, maxLength: 14 }), async (steps) => {
        closeTabs();
        begin();
        const tabs = [await openTab(), await openTab()];
        const last = [10, 20];
        let n = 100;
        for (const { what, tab, ms } of steps) {
          // Each tab changes a zone of its own: one person, one thing at a time.
          if (what === 'change') tabs[tab]!.draft.value.zones[tab]!.areaM2 = last[tab] = n += 1;
          else if (what === 'wait') await pass(ms);
          else if (what === 'close') {
            // Closed before what it was told was heard, and after what it changed was kept.
            await settle();
            closeTabs();
            tabs[0] = await openTab();
            tabs[1] = await openTab();
          } else {
            server.cut = what === 'cut';
            // What is sent arrives, and no answer comes back.
            server.loses = what === 'lose';
          }
          await settle(tab * 3);
        }
        server.cut = server.loses = false;
        await pass(15_000);
        expect(saved()).toEqual(last);
        expect(tabs.map((t) => [t.state.value, ...areas(t)])).toEqual([
          ['saved', ...last],
          ['saved', ...last],
        ]);
      }),
      { numRuns: 25 },
    );
  }, 120_000);
});
