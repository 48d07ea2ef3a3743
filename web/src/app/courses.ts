/** Courses of the open job, from a worker: an answer at once, then a better one, again after each change. */
import { proxy, wrap, type Remote } from 'comlink';
import { computed, ref, shallowRef, watch } from 'vue';
import type { BuildUpDoc } from '@lentum/core/buildup';
import type { CoursesPlan } from '@lentum/core/courses';
import type { OrderDoc } from '@lentum/core/order';
import type { Survey } from '@lentum/core/survey';
import type { CoursesWork } from '../workers/courses.worker.ts';

const WAIT_MS = 150;

interface Asked {
  readonly survey: Survey;
  readonly buildUps: BuildUpDoc;
  readonly order: OrderDoc;
}

/** What courses depend on. */
const keyOf = ({ survey, buildUps, order }: Asked): string =>
  JSON.stringify([
    survey.zones.map(({ tests: _t, findings: _f, note: _n, ...zone }) => zone),
    buildUps,
    order.courses,
    order.stock,
  ]);

/** @param asked what is laid out, as plain data that is another after each change; it is looked at once `want` was called */
export function useCourses(asked: () => Asked) {
  const plan = shallowRef<CoursesPlan>();
  /** 0 to 1 while it is searched; undefined when the search is over. */
  const share = ref<number>();
  const stopped = ref(false);
  const wanted = ref(false);
  let worker: Worker | undefined;
  let remote: Remote<CoursesWork> | undefined;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let last = '';

  function end(): void {
    worker?.terminate();
    worker = undefined;
    remote = undefined;
    share.value = undefined;
  }

  async function run(question: Asked, key: string): Promise<void> {
    // A search that is under way is of no use any more.
    if (share.value !== undefined) end();
    last = key;
    stopped.value = false;
    share.value = 0;
    worker ??= new Worker(new URL('../workers/courses.worker.ts', import.meta.url), { type: 'module' });
    remote ??= wrap<CoursesWork>(worker);
    const mine = remote;
    const { survey, buildUps, order } = question;
    const quick = await mine.quick(survey, buildUps, order);
    if (last !== key || remote !== mine) return;
    plan.value = quick;
    // Progress comes by a way of its own: some may arrive when the search was stopped, or after its answer.
    let under = true;
    const best = await mine.plan(
      survey,
      buildUps,
      order,
      proxy((s: number) => {
        if (under && last === key && remote === mine) share.value = s;
      }),
    );
    under = false;
    if (last !== key || remote !== mine) return;
    plan.value = best;
    share.value = undefined;
  }

  function look(): void {
    if (!wanted.value) return;
    const question = asked();
    const key = keyOf(question);
    if (key === last) return;
    void run(question, key);
  }

  watch(
    () => (wanted.value ? asked() : undefined),
    () => {
      clearTimeout(timer);
      timer = setTimeout(look, WAIT_MS);
    },
  );

  return {
    plan,
    share,
    stopped,
    /** Whether what is shown is the answer to what stands now. */
    settled: computed(() => plan.value !== undefined && share.value === undefined),
    want: (): void => {
      wanted.value = true;
    },
    /** Stops the search: what was found so far stays. */
    stop: (): void => {
      end();
      stopped.value = true;
    },
    /** Another job: nothing of this one is shown. */
    clear: (): void => {
      end();
      last = '';
      plan.value = undefined;
    },
  };
}
