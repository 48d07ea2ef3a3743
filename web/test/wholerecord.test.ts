/** Of the record nothing is passed over: whoever enters something, in whatever order it arrives here. */
import fc from 'fast-check';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import type { StoredEntry } from '@lentum/core/record';
import { makeEntry } from '../src/app/entering.ts';
import { useRecord } from '../src/app/record.ts';
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

  enter(job: string): StoredEntry {
    const record = this.records.get(job)!;
    const at = new Date().toISOString();
    const entry = makeEntry('somebody', 'decision', {}, { what: 'held', at, reason: `${record.length + 1}` });
    const stored = { seq: record.length + 1, receivedAt: at, hash: '', prev: '', entry } as unknown;
    record.push(stored as StoredEntry);
    return stored as StoredEntry;
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

function working() {
  const server = new Server();
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

  it('is whole after the last reading, whatever came before', async () => {
    const step = fc.constantFrom('other', 'own', 'read', 'cut', 'mend', 'a', 'b', 'slow', 'arrive');
    await fc.assert(
      fc.asyncProperty(fc.array(step, { maxLength: 40 }), async (steps) => {
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
          await Promise.resolve();
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
