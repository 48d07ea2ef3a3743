/**
 * The order of the open job, from a worker: counted again after each change of what it goes by. Until the next answer is
 * here the last one stands, and `isCounted` says that it is older than what it goes by. Every page gets the facts that
 * its head tells; the order itself comes once a page reads it.
 */
import { wrap } from 'comlink';
import { computed, ref, shallowRef, watch } from 'vue';
import type { Takeoff } from '@lentum/core/order';
import { WorkCounter, type Counted, type OrderAsked } from '../workers/orderwork.ts';

/** Whoever counts, wherever it sits. */
export interface Counter {
  readonly count: (asked: OrderAsked, isWhole: boolean) => Promise<Counted>;
  /** The order that was counted last. */
  readonly whole: () => Promise<Takeoff | undefined>;
  readonly end: () => void;
}

const NOTHING: Takeoff = { groups: [], lines: [], missing: [], unsaid: [], undelivered: [], idle: [] };

function countHere(): Counter {
  const here = new WorkCounter();
  return {
    count: (asked, isWhole) => Promise.resolve(here.count(asked, isWhole)),
    whole: () => Promise.resolve(here.whole()),
    end: () => undefined,
  };
}

function openCounter(): Counter {
  if (typeof Worker === 'undefined') return countHere();
  const worker = new Worker(new URL('../workers/order.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap<WorkCounter>(worker);
  return {
    count: (asked, isWhole) => remote.count(asked, isWhole),
    whole: () => remote.whole(),
    end: () => worker.terminate(),
  };
}

/** Made anew each time that it is asked for, out of the same documents. */
const isSame = (a: OrderAsked, b: OrderAsked | undefined): boolean =>
  b !== undefined && (Object.keys(a) as (keyof OrderAsked)[]).every((key) => a[key] === b[key]);

/** @param asked undefined while no job is open; another after each change */
export function useTakingOff(asked: () => OrderAsked | undefined, open: () => Counter = openCounter) {
  const counted = shallowRef<Counted>();
  const isNeeded = ref(false);
  const need = (): void => void (isNeeded.value = true);
  const isCounted = ref(false);
  let counter: Counter | undefined;
  /** Is there while the answer is not. */
  let wanted: { readonly of: OrderAsked; readonly isWhole: boolean } | undefined;
  let last: { readonly of: OrderAsked; readonly counted: Counted } | undefined;
  let busy = false;
  /** Counts the jobs: what is under way for an earlier one may come late, or never. */
  let round = 0;

  function giveUp(): void {
    counter?.end();
    counter = undefined;
    last = undefined;
  }

  /** Never without an answer: when the worker breaks it is counted in place, and the next time by a new one. */
  async function count({ of, isWhole }: NonNullable<typeof wanted>): Promise<Counted> {
    counter ??= open();
    try {
      // What is counted is only fetched.
      const takenOff = isWhole && last && isSame(of, last.of) ? await counter.whole() : undefined;
      return takenOff && last ? { ...last.counted, takenOff } : await counter.count(of, isWhole);
    } catch {
      giveUp();
      return countHere().count(of, isWhole);
    }
  }

  /** One after the other: of what was asked meanwhile only the last is counted. */
  async function look(): Promise<void> {
    if (busy) return;
    busy = true;
    const mine = round;
    try {
      while (wanted) {
        const one: NonNullable<typeof wanted> = wanted;
        const found = await count(one);
        if (round !== mine) return;
        last = counter && { of: one.of, counted: found };
        if (wanted !== one) continue;
        wanted = undefined;
        counted.value = found;
        isCounted.value = true;
      }
    } finally {
      if (round === mine) busy = false;
    }
  }

  watch(
    [asked, isNeeded],
    ([next, isWhole]) => {
      wanted = next && { of: next, isWhole };
      // What is counted stays so where all of it is asked for.
      if (!next || !isSame(next, last?.of)) isCounted.value = false;
      if (next) void look();
    },
    { immediate: true },
  );

  return {
    /** Whoever reads it makes it come with each count from then on; nothing until it is here. */
    takenOff: computed(() => {
      need();
      return counted.value?.takenOff ?? NOTHING;
    }),
    /** Whether the order is the answer to what stands now. */
    isCounted: computed(() => {
      need();
      return isCounted.value && counted.value?.takenOff !== undefined;
    }),
    /** What the head tells of the work; undefined while it is being counted. */
    facts: computed(() => (isCounted.value ? counted.value?.facts : undefined)),
    /** Another job: nothing of this one is shown. */
    clear(): void {
      giveUp();
      round += 1;
      busy = false;
      wanted = undefined;
      counted.value = undefined;
      isCounted.value = false;
    },
  };
}
