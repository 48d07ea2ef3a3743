/** Chances of the bays' next layers, from the worker; asked again when the weather or a layer changes. */
import { wrap, type Remote } from 'comlink';
import { onScopeDispose, shallowRef, watch } from 'vue';
import type { Call } from '@lentum/core/call';
import { chanceFigure } from '@lentum/core/programme';
import { hourOf } from '@lentum/core/weather';
import type { Odds } from '@lentum/core/words';
import { useJob } from '../../app/job.ts';
import type {
  ChanceAnswer,
  FilmQuestion,
  Question,
  StartQuestion,
  WeatherWork,
} from '../../workers/weather.worker.ts';

const WAIT_MS = 300;
const TEN_MINUTES_MS = 600_000;

/** Bays with the same layer, surface and pace share an answer. */
function chanceKey(call: Call, top: { shade: string | undefined; coated: boolean }): string {
  const { layer, ask, status } = call;
  return [
    status.bay.zoneId,
    layer?.id,
    status.buildUp?.id,
    status.buildUp?.revision,
    ask?.method,
    Math.max(1, Math.ceil(ask?.layingHours ?? 1)),
    top.shade,
    top.coated,
  ].join('/');
}

export function useChances(calls: () => readonly Call[]) {
  const job = useJob();
  const answers = shallowRef<ReadonlyMap<string, ChanceAnswer>>(new Map());
  const busy = shallowRef(false);
  /** Settled when the worker knows the weather. */
  const ready = shallowRef<Promise<unknown>>(Promise.resolve());
  let worker: Worker | undefined;
  let remote: Remote<WeatherWork> | undefined;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let round = 0;

  function questions(): Question[] {
    const { work } = job.weather;
    if (!work) return [];
    const found = new Map<string, Question>();
    for (const call of calls()) {
      if (!call.ask) continue;
      const top = work.topOf(call.status);
      const key = chanceKey(call, top);
      if (!found.has(key)) found.set(key, { key, zoneId: call.status.bay.zoneId, ...top, ask: call.ask });
    }
    return [...found.values()];
  }

  async function look(): Promise<void> {
    const asked = questions();
    if (asked.length === 0 || job.weather.series.length === 0) return;
    round += 1;
    const mine = round;
    busy.value = true;
    worker ??= new Worker(new URL('../../workers/weather.worker.ts', import.meta.url), { type: 'module' });
    remote ??= wrap<WeatherWork>(worker);
    ready.value = remote.know({
      doc: job.weather.doc.content,
      series: job.weather.series,
      survey: job.documents.survey.content,
      book: job.book,
      nowMs: job.nowMs,
    });
    await ready.value;
    const found = await remote.chances(asked);
    if (mine !== round) return;
    answers.value = found;
    busy.value = false;
  }

  watch(
    [
      () =>
        questions()
          .map((q) => q.key)
          .join(),
      () => job.weather.series,
      () => job.book,
      () => job.weather.doc.content,
      () => job.documents.survey.content,
      () => Math.floor(job.nowMs / TEN_MINUTES_MS),
    ],
    () => {
      clearTimeout(timer);
      timer = setTimeout(() => void look(), WAIT_MS);
    },
    { immediate: true },
  );
  onScopeDispose(() => {
    clearTimeout(timer);
    worker?.terminate();
  });

  return {
    busy,
    of: (call: Call): ChanceAnswer | undefined =>
      job.weather.work ? answers.value.get(chanceKey(call, job.weather.work.topOf(call.status))) : undefined,
    filmSpreads: async (q: FilmQuestion) => {
      await ready.value;
      return remote ? remote.filmSpreads(q) : undefined;
    },
    overcoatSpread: async (q: StartQuestion) => (remote ? remote.overcoatSpread(q) : undefined),
  };
}

/** The chance of the hour that an instant lies in. */
export const chanceAt = (answer: ChanceAnswer | undefined, ms: number): number | undefined =>
  answer?.open[hourOf(answer, ms)];

/** The same with its working, and with what goes wrong most. */
export function oddsAt(answer: ChanceAnswer | undefined, ms: number): Odds | undefined {
  const share = chanceAt(answer, ms);
  if (!answer || share === undefined) return undefined;
  return { holds: chanceFigure(share, answer.members), trouble: answer.trouble[hourOf(answer, ms)] };
}
