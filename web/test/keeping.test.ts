/** Nothing that was entered is lost: documents that save themselves, entries that wait for a signal. */
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick, ref } from 'vue';
import type { EntryForm, StoredEntry } from '@lentum/core/record';
import { useDocument } from '../src/app/document.ts';
import { useOutbox } from '../src/app/outbox.ts';
import { useUnread } from '../src/app/waitinglist.ts';
import { leaveStandIns } from './support.ts';

interface Roof {
  name: string;
  zones: { id: string; areaM2: number }[];
}
const EMPTY: Roof = { name: '', zones: [] };

/** The server as far as it matters here: versions by If-Match, entries by their ids, a line that can be cut. */
class Server {
  version = 1;
  body: Roof = { name: 'Quay', zones: [{ id: 'a', areaM2: 10 }] };
  entries: EntryForm[] = [];
  cut = false;
  refuse: (id: string) => boolean = () => false;
  /** With what it answers instead, where it fails. */
  fails: (id: string | undefined) => number | undefined = () => undefined;
  puts = 0;
  /** What happens while a write is on its way. */
  onTheWay: () => void = () => undefined;

  answer = async (path: string, init: RequestInit): Promise<Response> => {
    await Promise.resolve();
    if (this.cut) throw new TypeError('Failed to fetch');
    const id = /\/record\/(.+)$/.exec(path)?.[1];
    if (init.method === 'GET') return this.json(200, this.body);
    this.puts += 1;
    this.onTheWay();
    const failing = this.fails(id);
    if (failing !== undefined) return this.problem(failing, { detail: `It fails with ${failing}.` });
    const body = JSON.parse(String(init.body)) as unknown;
    if (id !== undefined) {
      if (this.refuse(id)) return this.problem(422, { detail: `${id} is refused.` });
      if (!this.entries.some((e) => e.id === id)) this.entries.push(body as EntryForm);
      return this.json(201, { seq: this.entries.length, entry: body });
    }
    const match = new Headers(init.headers).get('If-Match');
    if (match !== `"${this.version}"`)
      return this.problem(412, {
        detail: 'Somebody saved first.',
        newest: { version: this.version, body: this.body },
      });
    this.version += 1;
    this.body = body as Roof;
    return this.json(200, { version: this.version });
  };

  private json = (status: number, body: unknown): Response =>
    new Response(JSON.stringify(body), { status, headers: { ETag: `"${this.version}"` } });
  private problem = (status: number, body: object): Response =>
    new Response(JSON.stringify({ status, ...body }), {
      status,
      headers: { 'Content-Type': 'application/problem+json' },
    });
}

let server: Server;
beforeEach(() => {
  localStorage.clear();
  vi.useFakeTimers();
  server = new Server();
  vi.stubGlobal('fetch', server.answer);
});
afterEach(leaveStandIns);
const pass = (ms: number): Promise<unknown> => vi.advanceTimersByTimeAsync(ms);

describe('a document that saves itself', () => {
  const open = async () => {
    const doc = useDocument<Roof>(ref('job'), {
      path: (j) => `/jobs/${j}/survey`,
      empty: EMPTY,
      problems: (draft) =>
        draft.name === ''
          ? [{ kind: 'missing', field: 'name', label: 'Name', actual: 'nothing', expected: 'a name' }]
          : [],
    });
    await doc.load();
    return doc;
  };

  it('is saved a moment after the last of several changes, once, under the version it came from', async () => {
    const doc = await open();
    doc.draft.value.name = 'Quay roof';
    await nextTick();
    doc.draft.value.zones[0]!.areaM2 = 12;
    await nextTick();
    expect(doc.state.value).toBe('waiting');
    await pass(1000);
    expect(server).toMatchObject({
      puts: 1,
      version: 2,
      body: { name: 'Quay roof', zones: [{ areaM2: 12 }] },
    });
    expect(doc.state.value).toBe('saved');
    expect(doc.version.value).toBe(2);
  });

  it('that the server cannot take just now is sent again by itself', async () => {
    const doc = await open();
    server.fails = () => 503;
    doc.draft.value.name = 'Quay roof';
    await pass(1000);
    expect([doc.state.value, doc.refusal.value]).toEqual(['offline', 'It fails with 503.']);
    server.fails = () => undefined;
    await pass(5000);
    expect(server.body.name).toBe('Quay roof');
    expect(doc.state.value).toBe('saved');
  });
  it('is not sent when nothing is other than before', async () => {
    const doc = await open();
    doc.draft.value.name = 'Quay roof';
    await nextTick();
    doc.draft.value.name = 'Quay';
    await pass(1000);
    expect(server.puts).toBe(0);
    expect(doc.state.value).toBe('saved');
  });

  it('has a plain copy to reckon with, which follows each change at once', async () => {
    const doc = await open();
    const before = doc.content.value;
    doc.draft.value.zones.push({ id: 'b', areaM2: 7 });
    expect(doc.content.value).toEqual({ name: 'Quay', zones: [...before.zones, { id: 'b', areaM2: 7 }] });
    expect(before.zones).toHaveLength(1);
    doc.content.value.zones.pop();
    expect(doc.draft.value.zones).toHaveLength(2);
  });

  it('is kept back with its reason while something is wrong; the last good version stays', async () => {
    const doc = await open();
    doc.draft.value.name = '';
    await pass(1000);
    expect(doc.state.value).toBe('refused');
    expect(doc.refusal.value).toBe('Name is missing; expected a name.');
    expect(server).toMatchObject({ puts: 0, body: { name: 'Quay' } });
    doc.draft.value.name = 'Pier';
    await pass(1000);
    expect(doc.state.value).toBe('saved');
    expect(server.body.name).toBe('Pier');
  });

  it('is saved again after a change that was made while it was being saved', async () => {
    const doc = await open();
    server.onTheWay = () => {
      server.onTheWay = () => undefined;
      doc.draft.value.name = 'Third';
    };
    doc.draft.value.name = 'Second';
    await pass(2000);
    expect(server).toMatchObject({ puts: 2, version: 3, body: { name: 'Third' } });
    expect(doc.state.value).toBe('saved');
  });

  it('waits for a signal and is then sent by itself', async () => {
    const doc = await open();
    server.cut = true;
    doc.draft.value.name = 'Pier';
    await pass(1000);
    expect(doc.state.value).toBe('offline');
    await pass(9000);
    expect(server.body.name).toBe('Quay');
    server.cut = false;
    await pass(5000);
    expect(doc.state.value).toBe('saved');
    expect(server.body.name).toBe('Pier');
  });

  describe('when somebody else saved first', () => {
    const meet = async () => {
      const doc = await open();
      server.body = { name: 'Theirs', zones: [] };
      server.version = 5;
      doc.draft.value.name = 'Ours';
      await pass(1000);
      expect(doc.state.value).toBe('conflict');
      expect(server.body.name).toBe('Theirs');
      // Whatever is typed meanwhile is not sent over theirs.
      doc.draft.value.name = 'Ours, longer';
      await pass(1000);
      expect(server.body.name).toBe('Theirs');
      return doc;
    };
    it('theirs can be taken, and ours is one undo away', async () => {
      const doc = await meet();
      doc.takeTheirs();
      await pass(1000);
      expect(doc.draft.value.name).toBe('Theirs');
      expect(server).toMatchObject({ version: 5, body: { name: 'Theirs' } });
      doc.undo();
      await pass(1000);
      expect(doc.draft.value.name).toBe('Ours, longer');
      expect(server).toMatchObject({ version: 6, body: { name: 'Ours, longer' } });
    });
    it('or ours becomes the version after theirs', async () => {
      const doc = await meet();
      await doc.keepOurs();
      expect(server).toMatchObject({ version: 6, body: { name: 'Ours, longer' } });
      expect(doc.state.value).toBe('saved');
    });
  });

  it('goes back through any changes to what was loaded, and forward again', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.record({ name: fc.string({ minLength: 1 }), areaM2: fc.integer({ min: 1, max: 99 }) }), {
          minLength: 1,
          maxLength: 12,
        }),
        async (changes) => {
          const doc = await open();
          const first = JSON.stringify(doc.draft.value);
          for (const { name, areaM2 } of changes) {
            doc.draft.value.name = name;
            doc.draft.value.zones[0]!.areaM2 = areaM2;
            await nextTick();
          }
          const last = JSON.stringify(doc.draft.value);
          while (doc.canUndo.value) doc.undo();
          expect(JSON.stringify(doc.draft.value)).toBe(first);
          while (doc.canRedo.value) doc.redo();
          expect(JSON.stringify(doc.draft.value)).toBe(last);
          await nextTick();
          expect(doc.canRedo.value).toBe(false);
        },
      ),
      { numRuns: 40 },
    );
  });
});

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
  const open = () => useOutbox(ref(JOB), (s) => stored.push(s));
  const ids = (list: readonly { readonly entry: EntryForm }[]): string[] => list.map((w) => w.entry.id);
  beforeEach(() => (stored.length = 0));

  it('are stored in the order in which they were made, also after a time without a signal', async () => {
    const box = open();
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
    const box = open();
    server.refuse = () => true;
    await expect(box.send(entry('1'))).rejects.toThrow('1 is refused.');
    expect(box.waiting.value).toEqual([]);
    expect(box.aside.value).toEqual([]);
  });

  it('that waited and were then refused are set aside, and hold up no other', async () => {
    const box = open();
    server.cut = true;
    await box.send(entry('1'));
    server.cut = false;
    server.refuse = (id) => id === '1';
    // The form of the second hears nothing of the first.
    await box.send(entry('2'));
    expect(server.entries.map((e) => e.id)).toEqual(['2']);
    expect(box.aside.value).toMatchObject([{ jobId: JOB, entry: entry('1'), why: '1 is refused.' }]);
    // Still there when the page is opened again.
    await nextTick();
    const again = open();
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
    const box = open();
    expect(box.waiting.value).toEqual([]);
    await box.send(entry('1'));
    await pass(1000);
    expect(server.entries.map((e) => e.id)).toEqual(['1']);
    const { unread, letGo } = useUnread();
    expect(unread.value).toEqual([text]);
    letGo();
    expect(useUnread().unread.value).toEqual([]);
  });
  it('of which one cannot be read: the others go on', async () => {
    const whole = { jobId: JOB, entry: entry('1') };
    const text = JSON.stringify([{ half: true }, whole]);
    localStorage.setItem('lentum.outbox', text);
    const box = open();
    expect(ids(box.waiting.value)).toEqual(['1']);
    await box.flush();
    expect(server.entries.map((e) => e.id)).toEqual(['1']);
    expect(useUnread().unread.value).toEqual([text]);
  });
  it('on which the server itself fails step aside after the third time, and the rest goes on', async () => {
    const box = open();
    server.fails = (id) => (id === '1' ? 500 : undefined);
    for (const id of ['1', '2', '3']) await box.send(entry(id));
    expect(ids(box.waiting.value)).toEqual(['1', '2', '3']);
    await pass(20_000);
    expect(server.entries.map((e) => e.id)).toEqual(['2', '3']);
    expect(box.aside.value).toMatchObject([{ entry: { id: '1' }, why: 'It fails with 500.' }]);
  });
  it.each([401, 408, 425, 429, 502, 503, 504])('%d means later: nothing is set aside', async (status) => {
    const box = open();
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
    const box = useOutbox(id, (s) => stored.push(s));
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
        localStorage.clear();
        await nextTick();
        server.entries = [];
        server.cut = false;
        const bad = new Set<string>();
        server.refuse = (id) => bad.has(id);
        const box = open();
        for (const w of [...box.waiting.value, ...box.aside.value]) box.drop(w.entry.id);
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
});
