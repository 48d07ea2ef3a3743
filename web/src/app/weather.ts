/** Weather of the open job: its hours, and what its roofs make of them. */
import { computed, shallowRef, watch, type Ref } from 'vue';
import { MS_PER_HOUR } from '@lentum/core/units';
import { DEFAULT_WEATHER, type WeatherDoc, type WeatherSeries } from '@lentum/core/weather';
import { call, get, Offline } from './api.ts';
import { useDocument } from './document.ts';
import { whyNot } from './session.ts';
import type * as Weatherwork from './weatherwork.ts';

type Work = typeof Weatherwork;

export function useWeather(id: Ref<string>, timeZone: Ref<string>, nowMs: Ref<number>) {
  const doc = useDocument<WeatherDoc>(id, {
    path: (j) => `/jobs/${j}/weather`,
    held: (j) => whyNot('change weather', j),
    empty: DEFAULT_WEATHER,
    problems: () => [],
  });
  const series = shallowRef<readonly WeatherSeries[]>([]);
  const work = shallowRef<Work>();
  /** When the hours were last asked for. */
  const askedMs = shallowRef(0);
  /** Where, and whom, it was asked last. */
  let asked = '';
  const askKey = (): string => {
    const { place, service, sourceIds } = doc.draft.value;
    return JSON.stringify([id.value, place, service, sourceIds]);
  };

  async function readSeries(): Promise<void> {
    const jobId = id.value;
    const { body } = await get<{ series: WeatherSeries[] }>(`/jobs/${jobId}/weather/series`);
    if (id.value === jobId) series.value = body.series;
  }

  /** Asks the job's service for what is new, where it has one, and reads the hours again. */
  async function refresh(): Promise<void> {
    askedMs.value = Date.now();
    asked = askKey();
    if (doc.draft.value.service !== 'none' && doc.draft.value.place)
      await call('POST', `/jobs/${id.value}/weather/fetch`, { body: {} });
    await readSeries();
  }

  async function load(): Promise<void> {
    asked = askKey();
    const [loaded] = await Promise.all([import('./weatherwork.ts'), readSeries()]);
    work.value = loaded;
  }

  /** The same by itself: without a signal what is there stays. */
  async function refreshIfThere(): Promise<void> {
    try {
      await refresh();
    } catch (error) {
      if (!(error instanceof Offline)) throw error;
    }
  }

  /** Once an hour, and when a page asks for it. */
  async function keepFresh(): Promise<void> {
    if (Math.floor(Date.now() / MS_PER_HOUR) !== Math.floor(askedMs.value / MS_PER_HOUR))
      await refreshIfThere();
  }

  /** What to mind about the hours that are known, in sentences. */
  const warnings = computed(
    () =>
      work.value?.weatherWarnings({
        doc: doc.content.value,
        series: series.value,
        timeZone: timeZone.value,
        nowMs: nowMs.value,
      }) ?? [],
  );

  // Elsewhere, or told by another, is another weather: it is asked for once that is kept.
  watch(doc.state, (state) => {
    if (state === 'saved' && asked !== askKey()) void refreshIfThere();
  });

  return {
    doc,
    series,
    warnings,
    /** Functions of the core for the weather, once they are here. */
    work,
    load,
    readSeries,
    refresh,
    keepFresh,
    clear: (): void => {
      series.value = [];
      askedMs.value = 0;
    },
  };
}
