/** The open job: its documents, its record, and everything that follows from them, computed by the core. */
import { useNow } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { buildUpDocProblems, buildUpOfZone, EMPTY_BUILD_UPS, type BuildUpDoc } from '@lentum/core/buildup';
import { detailSchedule } from '@lentum/core/details';
import type { JobHead } from '@lentum/core/job';
import { DEFAULT_ORDER, takeoff, type OrderDoc } from '@lentum/core/order';
import { bayStatus, EMPTY_BOOK, foldRecord, type Entry, type StoredEntry } from '@lentum/core/record';
import { EMPTY_SITE, siteProblems, type SiteDoc } from '@lentum/core/site';
import { EMPTY_SURVEY, surveyProblems, zoneQuantities, type Survey } from '@lentum/core/survey';
import { format, type Quantity, type System } from '@lentum/core/units';
import { call, get } from './api.ts';
import { useCourses } from './courses.ts';
import { useDocument } from './document.ts';
import { openJob } from './openjob.ts';
import { useOutbox } from './outbox.ts';
import { usePreferences } from './preferences.ts';
import { sayClock, sayTime } from './time.ts';
import { useWeather } from './weather.ts';

interface JobAnswer {
  readonly id: string;
  readonly version: number;
  readonly job: JobHead;
}

/** Entries asked for at a time. */
const PAGE = 2000;
const TICK_MS = 15_000;

export const useJob = defineStore('job', () => {
  const id = ref('');
  const head = ref<JobHead>();
  const headVersion = ref(0);
  const survey = useDocument<Survey>(id, {
    path: (j) => `/jobs/${j}/survey`,
    empty: EMPTY_SURVEY,
    problems: (draft) => surveyProblems(draft, Date.now()),
  });
  const buildUps = useDocument<BuildUpDoc>(id, {
    path: (j) => `/jobs/${j}/build-up`,
    empty: EMPTY_BUILD_UPS,
    problems: buildUpDocProblems,
  });
  const order = useDocument<OrderDoc>(id, {
    path: (j) => `/jobs/${j}/order`,
    empty: DEFAULT_ORDER,
    problems: () => [],
  });
  const site = useDocument<SiteDoc>(id, {
    path: (j) => `/jobs/${j}/site`,
    empty: EMPTY_SITE,
    problems: (draft) => siteProblems(draft, survey.content.value),
  });
  const entries = shallowRef<readonly StoredEntry[]>([]);
  const book = shallowRef(EMPTY_BOOK);
  const now = useNow({ interval: TICK_MS });
  const nowMs = computed(() => now.value.getTime());

  function take(stored: readonly StoredEntry[]): void {
    const fresh = stored.filter((s) => !book.value.seen.has(s.entry.id));
    if (fresh.length === 0) return;
    entries.value = [...entries.value, ...fresh].sort((a, b) => a.seq - b.seq);
    book.value = foldRecord(book.value, fresh);
  }

  const outbox = useOutbox(id, (stored) => {
    now.value = new Date();
    take([stored]);
  });

  async function loadRecord(): Promise<void> {
    let after = book.value.lastSeq;
    for (;;) {
      const { body } = await get<{ entries: StoredEntry[]; next?: number }>(
        `/jobs/${id.value}/record?after=${after}&limit=${PAGE}`,
      );
      take(body.entries);
      if (body.next === undefined) return;
      after = body.next;
    }
  }

  async function open(jobId: string): Promise<void> {
    if (id.value !== jobId) {
      id.value = jobId;
      head.value = undefined;
      entries.value = [];
      book.value = EMPTY_BOOK;
      courses.clear();
      weather.clear();
    }
    const { body } = await get<JobAnswer>(`/jobs/${jobId}`);
    await Promise.all([
      survey.load(),
      buildUps.load(),
      order.load(),
      site.load(),
      weather.doc.load(),
      loadRecord(),
    ]);
    head.value = body.job;
    headVersion.value = body.version;
    void outbox.flush();
    await weather.load();
  }

  async function changeHead(next: JobHead): Promise<void> {
    const { body } = await call<JobAnswer>('PUT', `/jobs/${id.value}`, {
      body: next,
      ifMatch: headVersion.value,
    });
    head.value = body.job;
    headVersion.value = body.version;
  }

  const preferences = usePreferences();
  const system = computed<System>(() => preferences.units || head.value?.units || 'metric');
  const timeZone = computed(() => head.value?.timeZone ?? 'UTC');
  const zones = computed(() =>
    survey.draft.value.zones.map((zone, i) => ({
      zone,
      quantities: zoneQuantities(survey.content.value.zones[i] ?? zone),
      buildUp: buildUpOfZone(buildUps.draft.value, zone.id),
    })),
  );
  const details = computed(() => detailSchedule(survey.content.value, buildUps.content.value));
  const courses = useCourses(() => ({
    survey: survey.content.value,
    buildUps: buildUps.content.value,
    order: order.content.value,
  }));
  /** Field fabric and sheets by area until their courses are laid out. */
  const takenOff = computed(() =>
    takeoff(survey.content.value, buildUps.content.value, order.content.value, {
      details: details.value,
      courses: courses.plan.value ?? 'by area',
    }),
  );
  const weather = useWeather(id, timeZone, () => ({
    survey: survey.content.value,
    book: book.value,
    nowMs: nowMs.value,
  }));
  /** The state of each bay, with the surface that it really has where the weather is known. */
  const statuses = computed(() => {
    const [view, work] = [weather.view.value, weather.work.value];
    return site.content.value.bays.map((bay) => {
      const plain = bayStatus(bay, buildUps.content.value, book.value, nowMs.value);
      if (!view || !work) return plain;
      const { shade, coated } = work.topOf(plain);
      const known = view.bayWeather(view.climate(bay.zoneId, shade, coated));
      return known ? bayStatus(bay, buildUps.content.value, book.value, nowMs.value, known) : plain;
    });
  });

  /** Revisions that a coat in the record refers to. */
  const usedRevisions = computed(
    () =>
      new Set(
        entries.value.flatMap(({ entry }) =>
          entry.kind === 'coat' || entry.kind === 'laid' ? [`${entry.buildUpId}/${entry.revision}`] : [],
        ),
      ),
  );
  const usedBays = computed(
    () =>
      new Set(
        entries.value.flatMap(({ entry }) =>
          'bayId' in entry && entry.bayId !== undefined ? [entry.bayId] : [],
        ),
      ),
  );

  const documents = { survey, buildUps, order, site, weather: weather.doc };
  openJob.value = {
    get system() {
      return system.value;
    },
    documents: { survey, 'build-up': buildUps, order, site },
  };
  return {
    id,
    head,
    documents,
    entries,
    book,
    now,
    nowMs,
    system,
    timeZone,
    zones,
    details,
    courses,
    weather,
    takenOff,
    statuses,
    usedRevisions,
    usedBays,
    outbox,
    open,
    loadRecord,
    changeHead,
    say: (value: number, quantity: Quantity): string => format(value, quantity, system.value),
    time: (ms: number): string => sayTime(ms, timeZone.value, nowMs.value),
    clock: (ms: number): string => sayClock(ms, timeZone.value, nowMs.value),
    /** Adds an entry made here and now. */
    enter: (entry: Omit<Entry, 'id' | 'madeAt' | 'who'> & Record<string, unknown>): Promise<void> =>
      outbox.send({
        ...entry,
        id: crypto.randomUUID(),
        madeAt: new Date().toISOString(),
        who: preferences.who,
      } as Entry),
  };
});
