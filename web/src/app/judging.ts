/**
 * The open job as it is judged: one with a few bays at once and in place; any other in a worker, which gives what changed
 * in pieces, so that the page never waits for it. The answer is the same.
 */
import { wrap } from 'comlink';
import { computed, shallowRef, watch, type ShallowRef } from 'vue';
import type { Call } from '@lentum/core/call';
import type { Person, StoredEntry } from '@lentum/core/record';
import type { JobBasis, JobInputs, JobState } from '@lentum/core/state';
import type { Judge, JudgedDocuments } from '../workers/judge.ts';
import type * as Weatherwork from './weatherwork.ts';

/** From so many bays on it is judged beside the page: sooner the page waits for the worker, later for the judging. */
const FAR_FROM_BAYS = 12;

/** The judge, wherever it sits. */
export interface Bench {
  readonly judge: {
    readonly [K in 'know' | 'read' | 'add' | 'judge' | 'piece']: (
      ...asked: Parameters<Judge[K]>
    ) => Promise<ReturnType<Judge[K]>>;
  };
  readonly end: () => void;
}

function openBench(): Bench {
  const worker = new Worker(new URL('../workers/judge.worker.ts', import.meta.url), { type: 'module' });
  return { judge: wrap<Judge>(worker), end: () => worker.terminate() };
}

const DOCUMENTS = ['survey', 'buildUps', 'site', 'weather', 'series', 'rules'] as const;

/** What the judge has been told: the rest follows. */
interface Told {
  readonly documents: Partial<JudgedDocuments>;
  readonly entries: ReadonlySet<StoredEntry>;
  readonly people: readonly Person[] | undefined;
}
const NOTHING: Told = { documents: {}, entries: new Set(), people: undefined };

interface Asked {
  /** Undefined until the job is here, and the functions that judge it. */
  readonly inputs: () => JobInputs | undefined;
  readonly entries: () => readonly StoredEntry[];
  readonly people: () => readonly Person[];
  readonly work: ShallowRef<typeof Weatherwork | undefined>;
}

export function useJudging(
  { inputs, entries, people, work }: Asked,
  open: (() => Bench) | undefined = typeof Worker === 'undefined' ? undefined : openBench,
  farFromBays = FAR_FROM_BAYS,
) {
  /** Calls from the worker, by bay. */
  const far = shallowRef<ReadonlyMap<string, Call>>();
  let bench: Bench | undefined;
  let told = NOTHING;
  let busy = false;
  let again = false;
  /** Counts the jobs: what is under way for an earlier one has no end, for its worker is gone. */
  let round = 0;

  const isFar = ({ site }: JobInputs): boolean => open !== undefined && site.bays.length >= farFromBays;
  let lastState: JobState | undefined;
  let lastBasis: JobBasis | undefined;

  const state = computed<JobState | undefined>(() => {
    const asked = inputs();
    if (!work.value || !asked) return undefined;
    if (!isFar(asked)) return (lastState = work.value.jobState(asked, lastState));
    if (!far.value) return undefined;
    const basis = (lastBasis = work.value.jobBasis(asked, lastBasis));
    const known = far.value;
    return { ...basis, calls: asked.site.bays.flatMap((b) => known.get(b.id) ?? []) };
  });

  async function tell({ judge }: Bench, asked: JobInputs): Promise<void> {
    const fresh = DOCUMENTS.filter((key) => told.documents[key] !== asked[key]);
    const documents = Object.fromEntries(fresh.map((key) => [key, asked[key]]));
    const all = entries();
    const who = people();
    const before = told;
    told = {
      documents: Object.fromEntries(DOCUMENTS.map((key) => [key, asked[key]])),
      entries: new Set(all),
      people: who,
    };
    // Told in this order, and heard in it.
    if (fresh.length > 0) await judge.know(documents);
    // What waited here has got its own number since: the record is read anew.
    const gone = before.entries.size > 0 && [...before.entries].some((e) => !told.entries.has(e));
    if (before.people !== who || gone) await judge.read(all, who);
    else await judge.add(all.filter((e) => !before.entries.has(e)));
  }

  async function judgeFar(asked: JobInputs, mine: number): Promise<void> {
    if (!open) return;
    bench ??= open();
    const { judge } = bench;
    await tell(bench, asked);
    const pieces = await judge.judge(asked.nowMs);
    const calls = new Map(far.value);
    for (let i = 0; i < pieces; i += 1)
      for (const call of await judge.piece(i)) calls.set(call.status.bay.id, call);
    if (round === mine && (pieces > 0 || !far.value)) far.value = calls;
  }

  function stop(): void {
    bench?.end();
    bench = undefined;
    told = NOTHING;
  }

  /** Never without an answer: when the worker breaks it is judged in place, and the next time by a new one. */
  function judgeHere(asked: JobInputs): void {
    stop();
    lastState = work.value?.jobState(asked, lastState);
    const calls = lastState?.calls ?? [];
    far.value = new Map(calls.map((c) => [c.status.bay.id, c]));
  }

  async function look(): Promise<void> {
    again = true;
    if (busy) return;
    busy = true;
    const mine = round;
    try {
      for (let asked = inputs(); again && asked && isFar(asked) && round === mine; asked = inputs()) {
        again = false;
        await judgeFar(asked, mine).catch(() => {
          if (round === mine) judgeHere(asked);
        });
      }
    } finally {
      if (round === mine) busy = false;
    }
  }

  watch([inputs, work], () => {
    const asked = inputs();
    if (work.value && asked && isFar(asked)) void look();
  });

  return {
    state,
    /** Another job: nothing of this one is shown. */
    clear(): void {
      stop();
      round += 1;
      busy = false;
      far.value = undefined;
      lastState = undefined;
      lastBasis = undefined;
    },
  };
}
