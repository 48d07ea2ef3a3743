/**
 * The order of the open job, from a worker: counted again after each change of what it goes by. Until the next answer is
 * here the last one stands, and `isCounted` says that it is older than what it goes by.
 */
import { wrap } from 'comlink';
import { computed, ref, shallowRef, watch } from 'vue';
import type { BuildUpDoc } from '@lentum/core/buildup';
import type { CoursesPlan } from '@lentum/core/courses';
import { takeoff, type OrderDoc, type Takeoff } from '@lentum/core/order';
import type { Survey } from '@lentum/core/survey';
import type { System } from '@lentum/core/units';
import type { OrderWork } from '../workers/order.worker.ts';

export interface OrderAsked {
  readonly survey: Survey;
  readonly buildUps: BuildUpDoc;
  readonly order: OrderDoc;
  /** Field fabric and sheets go by area until their courses are laid out. */
  readonly courses: CoursesPlan | undefined;
  readonly system: System;
}

/** Whoever counts, wherever it sits. */
export interface Counter {
  readonly count: (asked: OrderAsked) => Promise<Takeoff>;
  readonly end: () => void;
}

const NOTHING: Takeoff = { groups: [], lines: [], missing: [], unsaid: [], undelivered: [], idle: [] };
const termsOf = ({ courses, system }: OrderAsked) => ({ courses: courses ?? ('by area' as const), system });

const countHere: Counter = {
  count: (asked) => Promise.resolve(takeoff(asked.survey, asked.buildUps, asked.order, termsOf(asked))),
  end: () => undefined,
};

function openCounter(): Counter {
  if (typeof Worker === 'undefined') return countHere;
  const worker = new Worker(new URL('../workers/order.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap<OrderWork>(worker);
  return {
    count: (asked) => remote.takeoff(asked.survey, asked.buildUps, asked.order, termsOf(asked)),
    end: () => worker.terminate(),
  };
}

/** @param asked undefined while no job is open; another after each change */
export function useTakingOff(asked: () => OrderAsked | undefined, open: () => Counter = openCounter) {
  const counted = shallowRef<Takeoff>();
  const isCounted = ref(false);
  let counter: Counter | undefined;
  let wanted: OrderAsked | undefined;
  let busy = false;
  /** Counts the jobs: what is under way for an earlier one may come late, or never. */
  let round = 0;

  function giveUp(): void {
    counter?.end();
    counter = undefined;
  }

  /** Never without an answer: when the worker breaks it is counted in place, and the next time by a new one. */
  async function count(one: OrderAsked): Promise<Takeoff> {
    counter ??= open();
    try {
      return await counter.count(one);
    } catch {
      giveUp();
      return countHere.count(one);
    }
  }

  /** One after the other: of what was asked meanwhile only the last is counted. */
  async function look(): Promise<void> {
    if (busy) return;
    busy = true;
    const mine = round;
    try {
      while (wanted) {
        const one: OrderAsked = wanted;
        const found = await count(one);
        if (round !== mine) return;
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
    asked,
    (next) => {
      wanted = next;
      isCounted.value = false;
      if (next) void look();
    },
    { immediate: true },
  );

  return {
    takenOff: computed(() => counted.value ?? NOTHING),
    /** Whether that is the answer to what stands now. */
    isCounted,
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
