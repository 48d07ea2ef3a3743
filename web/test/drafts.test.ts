/** What is typed into a document is kept as typed: over a closed tab, a bad value, a lost answer and a full device. */
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it, onTestFinished, vi } from 'vitest';
import { nextTick, ref } from 'vue';
import type { Problem } from '@lentum/core/problems';
import { savable } from '../src/app/savable.ts';
import { freshDevice, pass, TIMERS } from './device.ts';
import { EMPTY, Server, type Roof } from './miniature.ts';
import { leaveStandIns } from './support.ts';

let server: Server;
beforeEach(() => {
  freshDevice();
  vi.useFakeTimers(TIMERS);
  server = new Server();
  server.body = {
    name: 'Quay',
    zones: [
      { id: 'a', areaM2: 10 },
      { id: 'b', areaM2: 20 },
    ],
  };
  vi.stubGlobal('fetch', server.answer);
});
afterEach(leaveStandIns);

const wrong = (field: string): Problem => ({
  ...{ kind: 'outOfRange', field, label: field, actual: 'it', expected: 'more than nothing' },
});
const problems = (draft: Roof): Problem[] => [
  ...(draft.name === '' ? [wrong('name')] : []),
  ...draft.zones.flatMap((z, i) => (z.areaM2 > 0 ? [] : [wrong(`zones/${i}/areaM2`)])),
];

/** The document in a tab that was opened just now. */
async function openTab() {
  vi.resetModules();
  const [{ useDocument }, { draftsNotKept }] = await Promise.all([
    import('../src/app/document.ts'),
    import('../src/app/device/drafts.ts'),
  ]);
  const doc = useDocument<Roof>(ref('job'), { path: (j) => `/jobs/${j}/survey`, empty: EMPTY, problems });
  await doc.load();
  await nextTick();
  return { ...doc, draftsNotKept };
}

describe('a draft', () => {
  it('that an earlier version kept has what came since, as an empty document has it', async () => {
    vi.resetModules();
    const { device } = await import('../src/app/device/store.ts');
    const db = await device();
    const text = JSON.stringify({ name: 'Quay, typed' });
    await db.put('drafts', { path: '/jobs/job/survey', text, version: 1, atMs: 0 });
    db.close();
    const doc = await openTab();
    expect(doc.draft.value.name).toBe('Quay, typed');
    expect(doc.draft.value.zones).toEqual(EMPTY.zones);
  });
  it.each(['no JSON at all', '7', undefined])(
    'that is stored as %s is set apart, and the document opens',
    async (text) => {
      vi.resetModules();
      const { device } = await import('../src/app/device/store.ts');
      const db = await device();
      await db.put('drafts', { path: '/jobs/job/survey', text: text as string, version: 1, atMs: 0 });
      db.close();
      const doc = await openTab();
      expect(doc.draft.value.name).toBe('Quay');
      expect(doc.state.value).toBe('saved');
      const { useUnread } = await import('../src/app/device/unread.ts');
      expect(useUnread().unread.value).toHaveLength(1);
    },
  );
  it('made without a signal is there when the tab was closed and is opened again, and is saved then', async () => {
    const first = await openTab();
    server.cut = true;
    first.draft.value.name = 'Pier';
    await pass(1000);
    expect(first.state.value).toBe('offline');
    server.cut = false;
    const again = await openTab();
    expect(again.draft.value.name).toBe('Pier');
    await pass(2000);
    expect(server.body.name).toBe('Pier');
    expect(again.state.value).toBe('saved');
    const third = await openTab();
    expect([third.draft.value.name, third.state.value]).toEqual(['Pier', 'saved']);
  });
  it('typed within the moment before it is saved is kept too', async () => {
    const first = await openTab();
    first.draft.value.name = 'P';
    await pass(0);
    expect(server.puts).toBe(0);
    expect((await openTab()).draft.value.name).toBe('P');
  });
  it('with a bad value: the rest is saved, and it is there as it was typed on return', async () => {
    const first = await openTab();
    first.draft.value.zones[0]!.areaM2 = -3;
    first.draft.value.zones[1]!.areaM2 = 25;
    first.draft.value.zones.push({ id: 'c', areaM2: 7 });
    await pass(2000);
    expect(server.body.zones).toEqual([
      { id: 'a', areaM2: 10 },
      { id: 'b', areaM2: 25 },
      { id: 'c', areaM2: 7 },
    ]);
    expect(first.state.value).toBe('refused');
    expect(first.refusal.value).toContain('zones/0/areaM2');
    const again = await openTab();
    expect(again.draft.value.zones[0]!.areaM2).toBe(-3);
    again.draft.value.zones[0]!.areaM2 = 3;
    await pass(2000);
    expect(server.body.zones[0]!.areaM2).toBe(3);
    expect(again.state.value).toBe('saved');
  });
  it('that somebody else overtook while the tab was closed: both are shown, nothing is overwritten', async () => {
    const first = await openTab();
    server.cut = true;
    first.draft.value.name = 'Ours';
    await pass(1000);
    server.cut = false;
    server.version = 9;
    server.body = { ...server.body, name: 'Theirs' };
    const again = await openTab();
    expect(again.state.value).toBe('conflict');
    expect(again.draft.value.name).toBe('Ours');
    await pass(20_000);
    expect(server.body.name).toBe('Theirs');
  });
  it('of a document that was opened before goes on without a signal; what others saved comes when there is one', async () => {
    await openTab();
    await pass(0);
    server.cut = true;
    const away = await openTab();
    expect(away.draft.value.name).toBe('Quay');
    server.version = 4;
    server.body = { ...server.body, name: 'Theirs' };
    server.cut = false;
    await away.refresh();
    expect([away.draft.value.name, away.version.value]).toEqual(['Theirs', 4]);
    // Nobody is asked again once the server answers.
    server.body = { ...server.body, name: 'Later' };
    await away.refresh();
    expect(away.draft.value.name).toBe('Theirs');
  });
  it('changed without a signal on what was last seen meets what others saved, and overwrites nothing', async () => {
    await openTab();
    await pass(0);
    server.cut = true;
    const away = await openTab();
    away.draft.value.name = 'Ours';
    await pass(1000);
    server.version = 4;
    server.body = { ...server.body, name: 'Theirs' };
    server.cut = false;
    await away.refresh();
    await pass(10_000);
    expect([server.body.name, away.state.value, away.draft.value.name]).toEqual([
      'Theirs',
      'conflict',
      'Ours',
    ]);
  });
  it('that had arrived when its answer was lost is no conflict with itself', async () => {
    const { draft, state, save } = await openTab();
    server.loses = true;
    draft.value.name = 'Pier';
    await pass(1000);
    expect([server.body.name, state.value]).toEqual(['Pier', 'offline']);
    server.loses = false;
    await save();
    expect(state.value).toBe('saved');
    expect(server.version).toBe(2);
  });
  it('that the device cannot keep is said at once, and no longer when it can', async () => {
    const { draft, draftsNotKept } = await openTab();
    server.cut = true;
    const full = vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('the room is used up', 'QuotaExceededError');
    });
    onTestFinished(() => full.mockRestore());
    draft.value.name = 'Pier';
    await pass(0);
    expect(draftsNotKept.value).toBe('the room is used up');
    full.mockRestore();
    draft.value.name = 'Pier 2';
    await pass(0);
    expect(draftsNotKept.value).toBeUndefined();
  });
});

describe('a document of which only itself tells what is wrong', () => {
  it('is looked at once it is changed, and not as the server has it', async () => {
    vi.resetModules();
    const { useDocument } = await import('../src/app/document.ts');
    const looked = vi.fn(problems);
    const doc = useDocument<Roof>(ref('job'), {
      ...{ path: (j) => `/jobs/${j}/survey`, empty: EMPTY, problems: looked },
      alone: true,
    });
    await doc.load();
    looked.mockClear();
    expect(doc.problems.value).toEqual([]);
    expect(looked).not.toHaveBeenCalled();
    doc.draft.value.name = '';
    expect(doc.problems.value.map((p) => p.field)).toEqual(['name']);
    // What was right of it has gone; what is wrong stays said.
    doc.draft.value.zones[0]!.areaM2 = 12;
    await pass(5000);
    expect(server.body).toMatchObject({ name: 'Quay', zones: [{ areaM2: 12 }, { areaM2: 20 }] });
    expect(doc.problems.value.map((p) => p.field)).toEqual(['name']);
    doc.draft.value.name = 'Pier';
    await pass(5000);
    expect(doc.state.value).toBe('saved');
    looked.mockClear();
    expect(doc.problems.value).toEqual([]);
    expect(looked).not.toHaveBeenCalled();
  });
});

describe('what can be saved of a draft', () => {
  it('has nothing wrong in it, and everything that was right', () => {
    const zone = fc.record({
      id: fc.constantFrom('a', 'b', 'c', 'd', 'e'),
      areaM2: fc.integer({ min: -3, max: 3 }),
    });
    const zones = fc.uniqueArray(zone, { selector: (z) => z.id, maxLength: 5 });
    const good = zones.map((list) => list.filter((z) => z.areaM2 > 0));
    fc.assert(
      fc.property(fc.constantFrom('', 'Quay'), zones, good, (name, now, before) => {
        const saved = { name: 'Pier', zones: before };
        const rest = savable({ name, zones: now }, saved, problems)!;
        expect(problems(rest)).toEqual([]);
        expect(rest.name).toBe(name || 'Pier');
        const kept = now.flatMap((z) => (z.areaM2 > 0 ? [z] : before.filter((b) => b.id === z.id)));
        expect(rest.zones).toEqual(kept);
      }),
    );
  });
  it('is nothing where putting back does not help', () => {
    expect(savable({ a: 1 }, { a: 1 }, () => [wrong('a')])).toBeUndefined();
    expect(savable({ a: 1 }, { a: 1 }, () => [wrong('')])).toBeUndefined();
  });
});
