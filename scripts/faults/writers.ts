/** Writers that enter into jobs of their own, each entry again until it is acknowledged, and what is there afterwards. */
import { randomUUID } from 'node:crypto';
import { setTimeout as wait } from 'node:timers/promises';
import type { StoredEntry } from '@lentum/core/record';
import type { Caller } from './caller.ts';

const AGAIN_MS = 20;

/** An entry of the job as a whole, which needs no zone. */
export function delivery(deviceId: string): { id: string } & Record<string, unknown> {
  const at = new Date().toISOString();
  return {
    ...{ form: 2, id: randomUUID(), kind: 'stock', version: 1, personId: deviceId, deviceId, madeAt: at },
    ...{
      bays: [],
      attachments: [],
      body: { at, step: 'came', item: 'x', name: 'Primer', count: 1, batch: 'A' },
    },
  };
}

export interface Found {
  readonly acknowledged: number;
  readonly lost: number;
  /** Jobs of which the chain is broken. */
  readonly broken: number;
  readonly twice: number;
}

export class Writers {
  private writing = true;
  private readonly ids = new Map<string, string[]>();
  private readonly times = new Map<Caller, number[]>();
  private readonly work: Promise<void>[];

  private constructor(
    private readonly person: string,
    jobs: readonly { readonly job: string; readonly caller: Caller }[],
  ) {
    this.work = jobs.map(({ job, caller }) => this.write(job, caller));
  }

  /** @param callers one for each writer; several writers may share one */
  static async begin(callers: readonly Caller[]): Promise<Writers> {
    const jobs: { job: string; caller: Caller }[] = [];
    for (const caller of callers) jobs.push({ job: await caller.job(), caller });
    const person = randomUUID();
    for (let status: number | undefined; status === undefined || status >= 500;)
      status = await callers[0]?.ask('PUT', `/people/${person}`, { name: 'Ines' });
    return new Writers(person, jobs);
  }

  private async write(job: string, caller: Caller): Promise<void> {
    const ids: string[] = [];
    this.ids.set(job, ids);
    const times = this.times.get(caller) ?? [];
    this.times.set(caller, times);
    while (this.writing) {
      const entry = delivery(this.person);
      // As a device does it: the same entry again until it is acknowledged.
      for (let status: number | undefined; this.writing; await wait(AGAIN_MS)) {
        status = await caller.ask('PUT', `/jobs/${job}/record/${entry.id}`, entry);
        if (status === 200 || status === 201) {
          ids.push(entry.id);
          times.push(performance.now());
          break;
        }
        if (status !== undefined && status < 500)
          throw new Error(`an entry was answered with ${status}: ${caller.lastDetail}`);
      }
    }
  }

  /** How long nothing was acknowledged at most to the writers of one caller, after an instant; endless where nothing was. */
  longestPauseMs(caller: Caller, afterMs: number): number {
    const times = this.times.get(caller) ?? [];
    let longest = 0;
    let before: number | undefined;
    for (const at of times) {
      if (at > afterMs) longest = Math.max(longest, at - (before ?? afterMs));
      before = at;
    }
    return before !== undefined && before > afterMs ? longest : Infinity;
  }
  /** Entries acknowledged since an instant to the writers of one caller. */
  since(caller: Caller, afterMs: number): number {
    return (this.times.get(caller) ?? []).filter((at) => at > afterMs).length;
  }

  /** They stop; what each had under way is waited for. */
  async end(): Promise<void> {
    this.writing = false;
    await Promise.all(this.work);
  }

  /** What is there of all that was acknowledged. @param caller of the server that is asked */
  async found(caller: Caller): Promise<Found> {
    let [lost, broken, twice] = [0, 0, 0];
    for (const [job, ids] of this.ids) {
      const there: string[] = [];
      for (let after = 0, more = true; more;) {
        const page = await caller.read<{ entries: StoredEntry[]; next?: number }>(
          `/jobs/${job}/record?after=${after}&limit=2000`,
        );
        there.push(...page.entries.map((s) => s.entry.id));
        more = page.next !== undefined;
        after = page.next ?? after;
      }
      const known = new Set(there);
      lost += ids.filter((id) => !known.has(id)).length;
      twice += there.length - known.size;
      if (!(await caller.read<{ whole: boolean }>(`/jobs/${job}/record-check`)).whole) broken += 1;
    }
    const acknowledged = [...this.ids.values()].reduce((n, ids) => n + ids.length, 0);
    return { acknowledged, lost, broken, twice };
  }
}
