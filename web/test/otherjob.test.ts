/** What was changed in one job never lands in another, however the line is cut and however jobs are opened. */
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick, ref } from 'vue';
import { useDocument } from '../src/app/document.ts';
import { emptyDevice, pass, TIMERS } from './device.ts';
import { leaveStandIns } from './support.ts';

interface Roof {
  name: string;
  note: string;
}
const JOBS = ['a', 'b', 'c'] as const;
type Job = (typeof JOBS)[number];

/** A server with several jobs, each with its own survey; a line that can be cut. */
class Server {
  readonly jobs = new Map<Job, { version: number; body: Roof }>(
    JOBS.map((j) => [j, { version: 1, body: { name: j, note: '' } }]),
  );
  cut = false;

  answer = async (path: string, init: RequestInit): Promise<Response> => {
    await Promise.resolve();
    if (this.cut) throw new TypeError('Failed to fetch');
    const job = this.jobs.get(/\/jobs\/(\w)\//.exec(path)?.[1] as Job)!;
    const json = (status: number, body: unknown): Response =>
      new Response(JSON.stringify(body), {
        status,
        headers: {
          ETag: `"${job.version}"`,
          'Content-Type': status === 412 ? 'application/problem+json' : 'application/json',
        },
      });
    if (init.method === 'GET') return json(200, job.body);
    if (new Headers(init.headers).get('If-Match') !== `"${job.version}"`)
      return json(412, { status: 412, detail: 'Somebody saved first.', newest: { ...job } });
    job.version += 1;
    job.body = JSON.parse(String(init.body)) as Roof;
    return json(200, { version: job.version });
  };
  note = (job: Job): string => this.jobs.get(job)!.body.note;
}

let server: Server;
beforeEach(async () => {
  await emptyDevice();
  vi.useFakeTimers(TIMERS);
  server = new Server();
  vi.stubGlobal('fetch', server.answer);
});
afterEach(leaveStandIns);

function working() {
  const id = ref<string>('a');
  const doc = useDocument<Roof>(id, {
    path: (j) => `/jobs/${j}/survey`,
    empty: { name: '', note: '' },
    problems: () => [],
  });
  /** As the job opens: the id first, then its documents. */
  const open = async (job: Job): Promise<boolean> => {
    id.value = job;
    try {
      await doc.load();
      return true;
    } catch {
      return false;
    }
  };
  const write = async (note: string): Promise<void> => {
    doc.draft.value.note = note;
    await nextTick();
  };
  return { doc, open, write };
}

describe('a change that was not saved when another job is opened', () => {
  it('without a signal: it is saved into its own job once there is one again', async () => {
    const { doc, open, write } = working();
    await open('a');
    server.cut = true;
    await write('of a');
    await pass(1000);
    expect(doc.state.value).toBe('offline');
    server.cut = false;
    await open('b');
    await pass(20_000);
    expect([server.note('a'), server.note('b')]).toEqual(['of a', '']);
    expect(doc.draft.value).toEqual({ name: 'b', note: '' });
  });
  it('within the moment before it is saved', async () => {
    const { open, write } = working();
    await open('a');
    await write('of a');
    await open('b');
    await write('of b');
    await pass(20_000);
    expect([server.note('a'), server.note('b')]).toEqual(['of a', 'of b']);
  });
  it('is there when the job is opened again before the line is back', async () => {
    const { doc, open, write } = working();
    await open('a');
    await write('half');
    server.cut = true;
    await pass(1000);
    server.cut = false;
    await open('b');
    server.cut = true;
    await pass(100);
    server.cut = false;
    await open('a');
    expect(doc.draft.value.note).toBe('half');
    await pass(20_000);
    expect(server.note('a')).toBe('half');
    expect(doc.state.value).toBe('saved');
  });
  /** Something was changed without a signal in a job that somebody else saved meanwhile. */
  async function meet() {
    const at = working();
    await at.open('a');
    server.cut = true;
    await at.write('mine');
    await pass(1000);
    server.jobs.set('a', { version: 5, body: { name: 'a', note: 'theirs' } });
    server.cut = false;
    return at;
  }
  it('and somebody else saved that job meanwhile: both are shown, nothing is overwritten', async () => {
    const { doc, open } = await meet();
    await open('b');
    await pass(20_000);
    expect(server.note('a')).toBe('theirs');
    await open('a');
    expect(doc.state.value).toBe('conflict');
    expect(doc.draft.value.note).toBe('mine');
    await doc.settleAs(doc.newest.value!.body);
    expect(doc.draft.value.note).toBe('theirs');
  });
  it('a choice that was not made yet is still to be made after the job was left, however often', async () => {
    const { doc, open } = await meet();
    for (let i = 0; i < 3; i += 1) {
      await open('b');
      await pass(20_000);
      await open('a');
      await pass(20_000);
      expect(doc.state.value).toBe('conflict');
      expect(doc.newest.value).toMatchObject({ version: 5, body: { note: 'theirs' } });
      expect(doc.newest.value!.from).toBeLessThan(5);
      expect(JSON.parse(doc.newest.value!.base!)).not.toMatchObject({ note: 'theirs' });
      expect(server.note('a')).toBe('theirs');
    }
  });
  it('in any order of writing, cutting, waiting and opening: each job ends with its own last change', async () => {
    type Step = { do: 'write' | 'cut' | 'join' } | { do: 'wait'; ms: number } | { do: 'open'; job: Job };
    const steps = fc.array(
      fc.oneof(
        fc.constantFrom<Step>({ do: 'write' }, { do: 'cut' }, { do: 'join' }),
        fc.integer({ min: 0, max: 5000 }).map((ms): Step => ({ do: 'wait', ms })),
        fc.constantFrom(...JOBS).map((job): Step => ({ do: 'open', job })),
      ),
      { minLength: 3, maxLength: 25 },
    );
    await fc.assert(
      fc.asyncProperty(steps, async (list) => {
        await emptyDevice();
        server = new Server();
        vi.stubGlobal('fetch', server.answer);
        const { open, write } = working();
        let at: Job | undefined = (await open('a')) ? 'a' : undefined;
        const last = new Map<Job, string>();
        let n = 0;
        for (const step of list) {
          if (step.do === 'cut') server.cut = true;
          else if (step.do === 'join') server.cut = false;
          else if (step.do === 'wait') await pass(step.ms);
          else if (step.do === 'open') at = (await open(step.job)) ? step.job : undefined;
          else if (at) {
            const note = `${at}${(n += 1)}`;
            await write(note);
            last.set(at, note);
          }
        }
        server.cut = false;
        await pass(60_000);
        for (const job of JOBS) expect(server.note(job)).toBe(last.get(job) ?? '');
      }),
      {
        numRuns: 60,
        examples: [
          // Opened again while its change is on its way, changed once more, and left.
          [
            [
              { do: 'open', job: 'b' },
              { do: 'write' },
              { do: 'open', job: 'b' },
              { do: 'write' },
              { do: 'write' },
              { do: 'open', job: 'a' },
            ],
          ],
        ],
      },
    );
  });
});
