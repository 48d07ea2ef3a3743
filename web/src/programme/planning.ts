/** The plan of the open job, from a worker: one at once, then better ones; again after each change of what it goes by. */
import { proxy, wrap, type Remote } from 'comlink';
import { computed, onScopeDispose, ref, shallowRef, toRaw, watch } from 'vue';
import type { Part } from '@lentum/core/figures';
import type { OrderDoc } from '@lentum/core/order';
import type { Pin, PlanAnswer, ProgrammeDoc } from '@lentum/core/planning';
import { useJob } from '../app/job.ts';
import type { Asked, Compared, ProgrammeWork, Since, Step } from '../workers/programme.worker.ts';

const WAIT_MS = 500;

export function usePlanning() {
  const job = useJob();
  const answer = shallowRef<PlanAnswer>();
  const cannot = shallowRef<readonly Part[]>();
  /** 0 to 1 while it is searched; undefined when the search is over. */
  const share = ref<number>();
  const since = shallowRef<Since>();
  const stage = ref<'first' | 'better' | 'judging' | 'done'>();
  let worker: Worker | undefined;
  let remote: Remote<ProgrammeWork> | undefined;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let round = 0;

  function end(): void {
    worker?.terminate();
    worker = undefined;
    remote = undefined;
    share.value = undefined;
  }
  function open(): Remote<ProgrammeWork> {
    worker ??= new Worker(new URL('../workers/programme.worker.ts', import.meta.url), { type: 'module' });
    remote ??= wrap<ProgrammeWork>(worker);
    return remote;
  }

  const asked = (doc: ProgrammeDoc): Asked => ({
    inputs: {
      survey: toRaw(job.documents.survey.content),
      buildUps: toRaw(job.documents.buildUps.content),
      site: toRaw(job.documents.site.content),
      weather: toRaw(job.weather.doc.content),
      series: job.weather.series,
      book: job.book,
      rules: toRaw(job.jobRules),
      nowMs: job.nowMs,
    },
    doc,
    order: { deliveries: toRaw(job.documents.order.content).deliveries },
    timeZone: job.timeZone,
    kept: toRaw(job.documents.programme.draft.kept),
  });
  const plain = (doc: ProgrammeDoc): ProgrammeDoc => JSON.parse(JSON.stringify(doc)) as ProgrammeDoc;
  /** The document as it stands on screen, but for plans that were kept: they change nothing. */
  const doc = computed(() => {
    const { kept: _kept, baseline: _baseline, ...rest } = job.documents.programme.draft;
    return JSON.stringify(rest);
  });
  const asDoc = (): ProgrammeDoc => JSON.parse(doc.value) as ProgrammeDoc;

  async function plan(): Promise<void> {
    clearTimeout(timer);
    if (share.value !== undefined) end();
    round += 1;
    const mine = round;
    share.value = 0;
    await open().plan(
      asked(asDoc()),
      proxy((step: Step) => {
        if (mine !== round) return;
        if ('cannot' in step) {
          cannot.value = step.cannot;
          answer.value = undefined;
          share.value = undefined;
          return;
        }
        cannot.value = undefined;
        if (step.answer) {
          answer.value = step.answer;
          since.value = step.since;
        }
        stage.value = step.stage;
        share.value = step.stage === 'done' ? undefined : step.share;
      }),
    );
  }

  // What a plan goes by: the tick of the clock is not among it, a person asks for a new one.
  watch(
    [
      doc,
      () => job.weather.series,
      () => job.weather.doc.content,
      () => job.book,
      () => job.documents.survey.content,
      () => job.documents.buildUps.content,
      () => job.documents.site.content,
      () => job.documents.order.content.deliveries,
    ],
    () => {
      clearTimeout(timer);
      timer = setTimeout(() => void plan(), WAIT_MS);
    },
    { immediate: true },
  );
  // What was told beside one kept plan says nothing of another.
  watch(
    () => job.documents.programme.draft.kept?.plannedAt,
    () => (since.value = undefined),
  );
  onScopeDispose(() => {
    clearTimeout(timer);
    round += 1;
    end();
  });

  return {
    answer,
    since,
    cannot,
    share,
    stage,
    plan,
    /** What another set of crews, hours, days or deliveries would bring, beside the plan that is shown. */
    compare: async (
      other: ProgrammeDoc,
      deliveries?: OrderDoc['deliveries'],
    ): Promise<Compared | undefined> => {
      if (!remote || share.value !== undefined) return undefined;
      const all = asked(plain(other));
      const order = deliveries && { deliveries: deliveries.map((d) => ({ ...d, zoneIds: [...d.zoneIds] })) };
      return remote.compare(order ? { ...all, order } : all);
    },
    /** What was fixed by hand is shown at once; the better plan comes after it by itself. */
    repin: async (pins: readonly Pin[]): Promise<void> => {
      if (!remote || share.value !== undefined) return;
      const mine = round;
      const found = await remote.repin(JSON.parse(JSON.stringify(pins)) as Pin[]);
      if (!found || mine !== round) return;
      answer.value = found;
      since.value = undefined;
    },
    /** Stops the search: what was found so far stays. */
    stop: (): void => {
      round += 1;
      end();
    },
  };
}
