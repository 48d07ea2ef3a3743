/** Nothing that was entered is lost: entries that wait for a signal, over tabs, cuts and refusals. */
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it, onTestFinished, vi } from 'vitest';
import { ref, type Ref } from 'vue';
import type { EntryForm, StoredEntry } from '@lentum/core/record';
import { freshDevice, openTab, pass, settle, TIMERS } from './device.ts';
import { Server } from './miniature.ts';
import { leaveStandIns } from './support.ts';

let server: Server;
beforeEach(() => {
  freshDevice();
  vi.useFakeTimers(TIMERS);
  server = new Server();
  vi.stubGlobal('fetch', server.answer);
});
afterEach(leaveStandIns);

describe('entries on their way', () => {
  const JOB = 'job';
  const entry = (id: string): EntryForm =>
    ({
      kind: 'step',
      id,
      bayId: 'b',
      step: 'prepared',
      at: '2026-05-04T08:00:00.000Z',
      madeAt: '2026-05-04T08:00:00.000Z',
      who: 'Ines',
      note: '',
    }) as EntryForm;
  const stored: StoredEntry[] = [];
  /** The outbox of a tab that was opened just now. */
  const open = async (id: Ref<string> = ref(JOB)) => {
    const { useOutbox } = await openTab();
    const box = useOutbox(id, (s) => stored.push(s));
    await settle();
    return box;
  };
  const ids = (list: readonly { readonly entry: EntryForm }[]): string[] => list.map((w) => w.entry.id);
  const unreadOf = async () => (await import('../src/app/device/unread.ts')).useUnread();
  beforeEach(() => (stored.length = 0));

  it('are stored in the order in which they were made, also after a time without a signal', async () => {
    const box = await open();
    server.cut = true;
    for (const id of ['1', '2', '3']) await box.send(entry(id));
    expect(ids(box.waiting.value)).toEqual(['1', '2', '3']);
    server.cut = false;
    await pass(5000);
    expect(server.entries.map((e) => e.id)).toEqual(['1', '2', '3']);
    expect(ids(stored)).toEqual(['1', '2', '3']);
    expect(box.waiting.value).toEqual([]);
  });

  it('that are refused are told to the form that sent them, and not kept', async () => {
    const box = await open();
    server.refuse = () => true;
    await expect(box.send(entry('1'))).rejects.toThrow('1 is refused.');
    expect(box.waiting.value).toEqual([]);
    expect(box.aside.value).toEqual([]);
  });

  it('that waited and were then refused are set aside, and hold up no other', async () => {
    const box = await open();
    server.cut = true;
    await box.send(entry('1'));
    server.cut = false;
    server.refuse = (id) => id === '1';
    // The form of the second hears nothing of the first.
    await box.send(entry('2'));
    expect(server.entries.map((e) => e.id)).toEqual(['2']);
    expect(box.aside.value).toMatchObject([{ jobId: JOB, entry: entry('1'), why: '1 is refused.' }]);
    // Still there when the page is opened again.
    const again = await open();
    expect(ids(again.aside.value)).toEqual(['1']);
    server.refuse = () => false;
    await again.again(again.aside.value[0]!);
    expect(server.entries.map((e) => e.id)).toEqual(['2', '1']);
    expect(again.aside.value).toEqual([]);
  });

  it.each([
    ['no JSON', '[{"jobId":"job","ent'],
    ['no list', '{"jobId":"job"}'],
    ['of another form', '[{"job":"job","entry":{"id":"x"}},null,7]'],
  ])('stored as %s hold up nothing, and are kept as they were', async (_, text) => {
    localStorage.setItem('lentum.outbox', text);
    const box = await open();
    expect(box.waiting.value).toEqual([]);
    await box.send(entry('1'));
    await pass(1000);
    expect(server.entries.map((e) => e.id)).toEqual(['1']);
    const { unread, letGo } = await unreadOf();
    expect(unread.value).toEqual([text]);
    letGo();
    expect((await unreadOf()).unread.value).toEqual([]);
  });
  it('of which one cannot be read: the others go on', async () => {
    const whole = { jobId: JOB, entry: entry('1') };
    const text = JSON.stringify([{ half: true }, whole]);
    localStorage.setItem('lentum.outbox', text);
    const box = await open();
    expect(ids(box.waiting.value)).toEqual(['1']);
    await box.flush();
    expect(server.entries.map((e) => e.id)).toEqual(['1']);
    expect((await unreadOf()).unread.value).toEqual([text]);
  });
  it.each([
    [{ half: true }],
    [{ jobId: JOB }],
    [{ jobId: 7, entry: { id: 'x' } }],
    [{ jobId: JOB, entry: 'x' }],
  ])(
    'among which the device has something else, %j: the others go on, and it is kept as it was',
    async (odd) => {
      vi.resetModules();
      const { device } = await import('../src/app/device/store.ts');
      const db = await device();
      await db.add('waiting', odd as never);
      await db.add('waiting', { jobId: JOB, entry: entry('1') });
      db.close();
      const box = await open();
      expect(ids(box.waiting.value)).toEqual(['1']);
      await box.send(entry('2'));
      await pass(1000);
      expect(server.entries.map((e) => e.id)).toEqual(['1', '2']);
      expect(box.waiting.value).toEqual([]);
      expect((await unreadOf()).unread.value.map((t) => JSON.parse(t) as object)).toMatchObject([odd]);
    },
  );
  it('on which the server itself fails step aside after the third time, and the rest goes on', async () => {
    const box = await open();
    server.fails = (id) => (id === '1' ? 500 : undefined);
    for (const id of ['1', '2', '3']) await box.send(entry(id));
    expect(ids(box.waiting.value)).toEqual(['1', '2', '3']);
    await pass(20_000);
    expect(server.entries.map((e) => e.id)).toEqual(['2', '3']);
    expect(box.aside.value).toMatchObject([{ entry: { id: '1' }, why: 'It fails with 500.' }]);
  });
  it.each([401, 408, 425, 429, 502, 503, 504])('%d means later: nothing is set aside', async (status) => {
    const box = await open();
    server.fails = () => status;
    for (const id of ['1', '2']) await box.send(entry(id));
    await pass(60_000);
    expect(ids(box.waiting.value)).toEqual(['1', '2']);
    expect(box.aside.value).toEqual([]);
    server.fails = () => undefined;
    await pass(10_000);
    expect(server.entries.map((e) => e.id)).toEqual(['1', '2']);
  });

  it('of another job wait for it, and are not shown in this one', async () => {
    const id = ref('other');
    const box = await open(id);
    server.cut = true;
    await box.send(entry('1'));
    id.value = JOB;
    expect(box.waiting.value).toEqual([]);
    server.cut = false;
    await pass(5000);
    expect(server.entries).toHaveLength(1);
    expect(stored).toEqual([]);
  });

  it('are each in one place, whatever happens to the line and the server', async () => {
    const happening = fc.oneof(
      fc.constant('cut' as const),
      fc.constant('mend' as const),
      fc.record({ refused: fc.boolean() }),
      fc.integer({ min: 100, max: 6000 }),
    );
    await fc.assert(
      fc.asyncProperty(fc.array(happening, { maxLength: 25 }), async (story) => {
        freshDevice();
        server.entries = [];
        server.cut = false;
        const bad = new Set<string>();
        server.refuse = (id) => bad.has(id);
        const box = await open();
        const made: string[] = [];
        const told: string[] = [];
        for (const next of story) {
          if (next === 'cut') server.cut = true;
          else if (next === 'mend') server.cut = false;
          else if (typeof next === 'number') await pass(next);
          else {
            const id = `e${made.length}`;
            made.push(id);
            if (next.refused) bad.add(id);
            await box.send(entry(id)).catch(() => told.push(id));
          }
        }
        server.cut = false;
        await pass(10_000);
        const there = server.entries.map((e) => e.id);
        expect(box.waiting.value).toEqual([]);
        expect(there).toEqual(made.filter((id) => !bad.has(id)));
        expect([...there, ...told, ...ids(box.aside.value)].sort()).toEqual([...made].sort());
      }),
      { numRuns: 60 },
    );
  });

  it('of two tabs are all stored, once, and each tab’s in its order', async () => {
    const [a, b] = [await open(), await open()];
    server.cut = true;
    const sends: Promise<void>[] = [];
    for (let i = 0; i < 50; i += 1) sends.push((i % 2 ? a : b).send(entry(`${i % 2 ? 'a' : 'b'}${i}`)));
    await Promise.all(sends);
    expect(a.waiting.value).toHaveLength(50);
    await pass(500);
    expect(ids(b.waiting.value)).toEqual(ids(a.waiting.value));
    server.cut = false;
    await pass(10_000);
    const there = server.entries.map((e) => e.id);
    expect(there).toHaveLength(50);
    for (const tab of ['a', 'b']) {
      const mine = there.filter((id) => id.startsWith(tab)).map((id) => Number(id.slice(1)));
      expect(mine).toEqual([...mine].sort((x, y) => x - y));
    }
    expect(a.waiting.value).toEqual([]);
    expect(b.waiting.value).toEqual([]);
  });

  it('sent by another tab and refused are told to the form that is still open', async () => {
    const [a, b] = [await open(), await open()];
    server.refuse = (id) => id === '2';
    let go = (): void => undefined;
    server.hold = new Promise<void>((free) => (go = free));
    const first = a.send(entry('1'));
    await settle();
    const second = b.send(entry('2'));
    const told = expect(second).rejects.toThrow('2 is refused.');
    await settle();
    go();
    await first;
    await told;
    await settle();
    expect([...a.aside.value, ...b.aside.value, ...a.waiting.value, ...b.waiting.value]).toEqual([]);
  });

  describe('on a device that cannot keep them', () => {
    /** As a browser refuses when its room is used up. */
    const fill = (): void => {
      const full = vi.spyOn(IDBObjectStore.prototype, 'add').mockImplementation(() => {
        throw new DOMException('the room is used up', 'QuotaExceededError');
      });
      onTestFinished(() => full.mockRestore());
    };
    it('go to the server at once', async () => {
      const box = await open();
      fill();
      await box.send(entry('1'));
      expect(server.entries.map((e) => e.id)).toEqual(['1']);
      expect(ids(stored)).toEqual(['1']);
    });
    it('stay with whoever typed them while there is no signal, and that is said', async () => {
      const box = await open();
      fill();
      server.cut = true;
      await expect(box.send(entry('1'))).rejects.toThrow(
        /^No signal, and this device cannot keep it \(the room is used up\)\. It is not entered:/,
      );
      server.cut = false;
      await box.send(entry('1'));
      expect(server.entries.map((e) => e.id)).toEqual(['1']);
    });
    it('of which nothing at all can be opened: the same', async () => {
      vi.stubGlobal('indexedDB', {
        open: () => {
          throw new DOMException('not allowed here', 'SecurityError');
        },
      });
      const box = await open();
      await box.send(entry('1'));
      expect(server.entries.map((e) => e.id)).toEqual(['1']);
      server.cut = true;
      await expect(box.send(entry('2'))).rejects.toThrow(/cannot keep it \(not allowed here\)/);
    });
  });
});
