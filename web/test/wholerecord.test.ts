/** Of the record nothing is passed over: whoever enters something, in whatever order it arrives here. */
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import type { StoredEntry } from '@lentum/core/record';
import { makeEntry } from '../src/app/entering.ts';
import { device } from '../src/app/device/store.ts';
import { useRecord } from '../src/app/record.ts';
import { emptyDevice, settle } from './device.ts';
import { leaveStandIns } from './support.ts';

/** As many entries as the server gives at a time, to have several pages. */
const AT_A_TIME = 3;

/** A server with two jobs' records, which gives a page at a time over a line that can be cut or slow. */
class Server {
  readonly records = new Map<string, StoredEntry[]>([
    ['a', []],
    ['b', []],
  ]);
  cut = false;
  /** Answers that are under way; the oldest first. */
  readonly underWay: (() => void)[] = [];
  slow = false;
  /** It was set up anew so many times. */
  build = 0;

  enter(job: string): StoredEntry {
    const record = this.records.get(job)!;
    const at = new Date().toISOString();
    const entry = makeEntry('somebody', 'decision', {}, { what: 'held', at, reason: `${record.length + 1}` });
    const stored: StoredEntry = {
      ...{ seq: record.length + 1, receivedAt: at, entry },
      ...{ previousHash: record.at(-1)?.hash ?? '', hash: `${job}/${this.build}/${record.length + 1}` },
    };
    record.push(stored);
    return stored;
  }

  answer = async (path: string): Promise<Response> => {
    if (this.cut) throw new TypeError('Failed to fetch');
    const asked = /\/jobs\/(\w)\/record\?after=(\d+)/.exec(path)!;
    const rest = this.records.get(asked[1]!)!.filter((s) => s.seq > Number(asked[2]));
    const entries = rest.slice(0, AT_A_TIME);
    const body = { entries, people: [], ...(rest.length > AT_A_TIME ? { next: entries.at(-1)!.seq } : {}) };
    if (this.slow) await new Promise<void>((go) => this.underWay.push(go));
    return new Response(JSON.stringify(body), { headers: { 'Content-Type': 'application/json' } });
  };
}

function working(server = new Server()) {
  vi.stubGlobal('fetch', server.answer);
  const id = ref('a');
  const record = useRecord(id);
  const open = (job: string): Promise<void> => {
    if (id.value !== job) {
      id.value = job;
      record.clear();
    }
    return record.load();
  };
  const shown = (): number[] => record.entries.value.map((s) => s.seq);
  const there = (): number[] => server.records.get(id.value)!.map((s) => s.seq);
  return { server, record, open, shown, there };
}
beforeEach(() => emptyDevice());
afterEach(leaveStandIns);

describe('the record as it is read', () => {
  it('has what somebody else entered just before an entry of one’s own was stored', async () => {
    const { server, record, open, shown } = working();
    server.enter('a');
    await open('a');
    server.enter('a');
    record.take([server.enter('a')]);
    expect(shown()).toEqual([1, 3]);
    await record.load();
    expect(shown()).toEqual([1, 2, 3]);
  });

  it('has everything when an entry that waited was stored before the record was read', async () => {
    const { server, record, open, shown } = working();
    for (let i = 0; i < 7; i += 1) server.enter('a');
    record.take([server.enter('a')]);
    await open('a');
    expect(shown()).toEqual([1, 2, 3, 4, 5, 6, 7, 8]);
  });

  it('takes nothing into a job that was asked for another', async () => {
    const { server, open, shown } = working();
    for (let i = 0; i < 7; i += 1) server.enter('a');
    server.slow = true;
    const first = open('a');
    await vi.waitFor(() => expect(server.underWay).toHaveLength(1));
    server.slow = false;
    await open('b');
    server.enter('b');
    server.underWay.forEach((go) => go());
    await first;
    expect(shown()).toEqual([]);
    await open('b');
    expect(shown()).toEqual([1]);
  });

  it('is there without a signal, as far as it was read on this device', async () => {
    const first = working();
    for (let i = 0; i < 7; i += 1) first.server.enter('a');
    await first.open('a');
    await settle();
    first.server.enter('a');
    first.server.cut = true;
    const again = working(first.server);
    await again.open('a');
    expect(again.shown()).toEqual([1, 2, 3, 4, 5, 6, 7]);
    first.server.cut = false;
    await again.record.load();
    expect(again.shown()).toEqual([1, 2, 3, 4, 5, 6, 7, 8]);
    // What was never opened here is not there.
    first.server.cut = true;
    await expect(working(first.server).open('b')).rejects.toThrow(/does not answer/);
  });

  it('of a server that was set up anew takes the place of what was read before', async () => {
    const first = working();
    for (let i = 0; i < 7; i += 1) first.server.enter('a');
    await first.open('a');
    await settle();
    const anew = new Server();
    anew.build = 1;
    for (let i = 0; i < 5; i += 1) anew.enter('a');
    for (let round = 0; round < 2; round += 1) {
      const again = working(anew);
      await again.open('a');
      await settle();
      expect(again.record.entries.value.map((e) => e.hash)).toEqual(
        anew.records.get('a')!.map((e) => e.hash),
      );
    }
  });

  it('with a gap on the device is taken from before the gap, and read on from there', async () => {
    const first = working();
    for (let i = 0; i < 7; i += 1) first.server.enter('a');
    await first.open('a');
    await settle();
    await (await device()).delete('record', ['a', 4]);
    first.server.cut = true;
    const again = working(first.server);
    await again.open('a');
    expect(again.shown()).toEqual([1, 2, 3]);
    first.server.cut = false;
    await again.record.load();
    expect(again.shown()).toEqual([1, 2, 3, 4, 5, 6, 7]);
  });

  it('is whole after the last reading, whatever came before', async () => {
    const step = fc.constantFrom('other', 'own', 'read', 'cut', 'mend', 'a', 'b', 'slow', 'arrive');
    await fc.assert(
      fc.asyncProperty(fc.array(step, { maxLength: 40 }), async (steps) => {
        await emptyDevice();
        const { server, record, open, shown, there } = working();
        let job = 'a';
        const going: Promise<unknown>[] = [];
        const go = (p: Promise<unknown>): void => void going.push(p.catch(() => undefined));
        const arrive = (): void => server.underWay.splice(0).forEach((one) => one());
        for (const s of steps) {
          if (s === 'other') server.enter(job);
          else if (s === 'own') record.take([server.enter(job)]);
          else if (s === 'read') go(record.load());
          else if (s === 'cut' || s === 'mend') server.cut = s === 'cut';
          else if (s === 'slow') server.slow = true;
          else if (s === 'arrive') {
            server.slow = false;
            arrive();
          } else go(open((job = s)));
          await settle(3);
        }
        server.cut = false;
        server.slow = false;
        arrive();
        await Promise.all(going);
        await record.load();
        expect(shown()).toEqual(there());
        expect(record.book.value.seen.size).toBe(there().length);
      }),
    );
  });
});

it('what the device has of a record and is none is read from the server again', async () => {
  const server = new Server();
  vi.stubGlobal('fetch', server.answer);
  for (let i = 0; i < 5; i += 1) server.enter('a');
  const db = await device();
  await db.put('record', { jobId: 'a', seq: 1, stored: { seq: 1, hash: 'x' } as never });
  const record = useRecord(ref('a'));
  await record.load();
  expect(record.entries.value.map((s) => s.seq)).toEqual([1, 2, 3, 4, 5]);
  expect(record.book.value.seen.size).toBe(5);
});
