/** The open job: its documents, its record, and everything that follows from them, computed by the core. */
import { useNow } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, ref, toRaw, toRef, watch } from 'vue';
import { buildUpDocProblems, buildUpOfZone, EMPTY_BUILD_UPS, type BuildUpDoc } from '@lentum/core/buildup';
import { detailSchedule } from '@lentum/core/details';
import { rulesOf, type JobHead } from '@lentum/core/job';
import { DEFAULT_ORDER, type OrderDoc } from '@lentum/core/order';
import { DEFAULT_PROGRAMME, programmeProblems, type ProgrammeDoc } from '@lentum/core/planning';
import { DEFAULT_PROVING, provingProblems, type ProvingDoc } from '@lentum/core/proving';
import { bayStatus, clockShiftMs, readEntry, zonesAsTested, type Say } from '@lentum/core/record';
import { EMPTY_SITE, siteProblems, type SiteDoc } from '@lentum/core/site';
import { EMPTY_SURVEY, surveyProblems, zoneQuantities, type Survey } from '@lentum/core/survey';
import { format, notationOf, type Quantity, type System } from '@lentum/core/units';
import { call, get } from './api.ts';
import { useCourses } from './courses.ts';
import { clockOffsetMs, rightNowMs } from './righttime.ts';
import type { Heard } from './live.ts';
import { nobodyTypes } from './typing.ts';
import { seenMs } from './device/copies.ts';
import { useDocument } from './document.ts';
import { useEntering } from './entering.ts';
import { saidJustNow, useKeptHere } from './kepthere.ts';
import { useJudging } from './judging.ts';
import { openOddFields } from './oddfields.ts';
import { openJob } from './openjob.ts';
import { may, whyNot } from './session.ts';
import { sendWaiting, useOutbox } from './outbox.ts';
import { usePreferences } from './preferences.ts';
import { useRecord } from './record.ts';
import { useTakingOff } from './takingoff.ts';
import { HERE } from './locale.ts';
import { sayClock, sayHour, sayTime } from './time.ts';
import { useWeather } from './weather.ts';
import { worded } from './wording.ts';

interface JobAnswer {
  readonly id: string;
  readonly version: number;
  readonly job: JobHead;
}

const TICK_MS = 15_000;

export const useJob = defineStore('job', () => {
  const id = ref('');
  const head = ref<JobHead>();
  const headVersion = ref(0);
  const survey = useDocument<Survey>(id, {
    path: (j) => `/jobs/${j}/survey`,
    held: (j) => whyNot('change survey', j),
    empty: EMPTY_SURVEY,
    problems: (draft) => surveyProblems(draft, rightNowMs()),
    alone: true,
  });
  const buildUps = useDocument<BuildUpDoc>(id, {
    path: (j) => `/jobs/${j}/build-up`,
    held: (j) => whyNot('change build-up', j),
    empty: EMPTY_BUILD_UPS,
    problems: buildUpDocProblems,
    alone: true,
  });
  const order = useDocument<OrderDoc>(id, {
    path: (j) => `/jobs/${j}/order`,
    held: (j) => whyNot('change order', j),
    empty: DEFAULT_ORDER,
    problems: () => [],
  });
  const programme = useDocument<ProgrammeDoc>(id, {
    path: (j) => `/jobs/${j}/programme`,
    held: (j) => whyNot('change programme', j),
    empty: DEFAULT_PROGRAMME,
    problems: programmeProblems,
    alone: true,
  });
  const proving = useDocument<ProvingDoc>(id, {
    path: (j) => `/jobs/${j}/proving`,
    held: (j) => whyNot('change handover', j),
    empty: DEFAULT_PROVING,
    problems: provingProblems,
    alone: true,
  });
  const site = useDocument<SiteDoc>(id, {
    path: (j) => `/jobs/${j}/site`,
    held: (j) => whyNot('change site', j),
    empty: EMPTY_SITE,
    problems: (draft) => siteProblems(draft, survey.content.value),
  });
  const record = useRecord(id);
  const { names } = record;
  const now = useNow({ interval: TICK_MS });
  const nowMs = computed(() => now.value.getTime() + clockShiftMs(clockOffsetMs.value));

  const outbox = useOutbox(
    id,
    (stored) => {
      now.value = new Date();
      record.take([stored]);
    },
    (ids) => {
      // Another tab sent it: what it became is read; without a signal it comes with the next look.
      if (ids.some((one) => !record.book.value.seen.has(one))) void record.load().catch(() => undefined);
    },
  );

  /** What waits here counts here; the rest of the application makes no difference, but for saying so. */
  const here = useKeptHere({ book: record.book, waiting: outbox.waiting, names });
  const { book } = here;
  // What is kept here counts at once, not from the next tick on.
  watch(here.entries, () => (now.value = new Date()), { flush: 'sync' });
  const entries = computed(() =>
    here.entries.value.length === 0 ? record.entries.value : [...record.entries.value, ...here.entries.value],
  );

  async function open(jobId: string): Promise<void> {
    if (id.value !== jobId) {
      id.value = jobId;
      head.value = undefined;
      record.clear();
      courses.clear();
      ordering.clear();
      weather.clear();
      judging.clear();
      void openOddFields(jobId);
    }
    const { body } = await get<JobAnswer>(`/jobs/${jobId}`);
    await Promise.all([
      survey.load(),
      buildUps.load(),
      order.load(),
      programme.load(),
      proving.load(),
      site.load(),
      weather.doc.load(),
      record.load(),
    ]);
    if (id.value !== jobId) return;
    head.value = body.job;
    headVersion.value = body.version;
    void sendWaiting();
    await weather.load();
  }

  /** What others entered, and after a time without a signal what they changed. */
  async function lookAgain(): Promise<void> {
    // An answer of the record ends the time without a signal.
    const wasAway = seenMs.value !== undefined;
    await record.load();
    await Promise.all(
      [survey, buildUps, order, programme, proving, site, weather.doc].map((d) => d.refresh()),
    );
    if (wasAway) await Promise.all([readHead(), weather.readSeries()]);
  }

  async function readHead(): Promise<void> {
    const jobId = id.value;
    const { body } = await get<JobAnswer>(`/jobs/${jobId}`);
    if (id.value !== jobId || body.version <= headVersion.value) return;
    head.value = body.job;
    headVersion.value = body.version;
  }

  /** Somebody else changed something, or may have. */
  async function hear(heard: Heard): Promise<void> {
    if (heard === 'look') return lookAgain();
    const { jobId, what, version } = heard;
    if (jobId !== id.value) return;
    if (what === 'record') {
      if (version > (record.entries.value.at(-1)?.seq ?? 0)) await record.load();
    } else if (what === 'weather-series') await weather.readSeries();
    else if (what === 'job') {
      if (version > headVersion.value) await readHead();
    } else {
      const parts = { survey, 'build-up': buildUps, order, programme, proving, site, weather: weather.doc };
      await nobodyTypes();
      await parts[what].refresh(version);
    }
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
  /** What the job sets for itself: numbers of practice, and what is accepted before it is covered. */
  const jobRules = computed(() => rulesOf(toRaw(head.value)));
  const system = computed<System>(() => preferences.units || head.value?.units || 'metric');
  /** How figures are written on screen: numbers as this browser's place does, feet as the job does. */
  const written = computed(() => ({
    ...notationOf({ units: system.value, inches: head.value?.inches }),
    numbers: HERE.numbers,
  }));
  const currency = computed(() => head.value?.currency ?? preferences.currency);
  const timeZone = computed(() => head.value?.timeZone ?? 'UTC');
  const zones = computed(() => {
    const plain = survey.content.value.zones;
    return survey.draft.value.zones.map((zone, i) => {
      let quantities: ReturnType<typeof zoneQuantities> | undefined;
      return {
        zone,
        buildUp: buildUpOfZone(buildUps.draft.value, zone.id),
        /** Measured when it is asked for: most pages are about one zone. */
        get quantities() {
          return (quantities ??= zoneQuantities(plain[i] ?? zone));
        },
      };
    });
  });
  const details = computed(() => detailSchedule(survey.content.value, buildUps.content.value));
  const courses = useCourses(() => ({
    survey: survey.content.value,
    buildUps: buildUps.content.value,
    order: order.content.value,
  }));
  const ordering = useTakingOff(
    () =>
      head.value && {
        survey: survey.content.value,
        buildUps: buildUps.content.value,
        order: order.content.value,
        courses: courses.plan.value,
        system: head.value.units,
      },
  );
  const hours = useWeather(id, timeZone, nowMs);
  /** Every bay as it is judged, once the functions that judge are here: the one answer for all pages. */
  const judging = useJudging({
    inputs: () =>
      head.value && {
        survey: survey.content.value,
        buildUps: buildUps.content.value,
        site: site.content.value,
        weather: hours.doc.content.value,
        series: hours.series.value,
        book: book.value,
        rules: jobRules.value,
        nowMs: nowMs.value,
      },
    entries: () => entries.value,
    people: () => record.everybody.value,
    work: hours.work,
  });
  const { state } = judging;
  const weather = { ...hours, view: computed(() => state.value?.weather) };
  /** The state of each bay; until it can be judged, as the record alone tells it. */
  const statuses = computed(
    () =>
      state.value?.calls.map((c) => c.status) ??
      site.content.value.bays.map((bay) => bayStatus(bay, buildUps.content.value, book.value, nowMs.value)),
  );

  /** Revisions that something in the record refers to. */
  const usedRevisions = computed(
    () =>
      new Set(
        [...book.value.seen.values()].flatMap(({ body }) =>
          'buildUpId' in body ? [`${body.buildUpId}/${body.revision}`] : [],
        ),
      ),
  );
  const usedBays = computed(
    () => new Set([...book.value.seen.values()].flatMap((e) => e.bays.map((b) => b.bayId))),
  );
  /** The survey with what was tested on the roof since: the record's tests in place of its own. */
  const tested = computed(() => zonesAsTested(survey.content.value, book.value));

  /** Figures and instants in the units and the clock of the job. */
  const sayer: Say = {
    time: (instant) => sayTime(Date.parse(instant), timeZone.value, nowMs.value),
    value: (value, quantity) => format(value, quantity, written.value),
    word: worded,
  };
  /** Whoever holds the device sees prices in this job. */
  const seesPrices = computed(() => may('read prices', id.value));
  const entering = useEntering(
    toRef(preferences, 'who'),
    id,
    outbox.send,
    (entry) => saidJustNow(book.value, readEntry(entry, names.value)),
    (ms) => sayTime(ms, timeZone.value, nowMs.value),
  );

  const documents = { survey, buildUps, order, programme, proving, site, weather: weather.doc };
  const byStage = { survey, 'build-up': buildUps, order, programme, handover: proving, site };
  openJob.value = {
    get head() {
      return head.value;
    },
    get system() {
      return system.value;
    },
    documents: byStage,
  };
  return {
    seesPrices,
    id,
    head,
    documents,
    /** By the stage whose page they are edited on. */
    byStage,
    entries,
    /** Those that the server has. */
    stored: record.entries,
    book,
    names,
    /** Entries that wait on this device, by id. */
    keptHere: here.ids,
    now,
    nowMs,
    system,
    written,
    currency,
    timeZone,
    zones,
    details,
    courses,
    weather,
    takenOff: ordering.takenOff,
    isCounted: ordering.isCounted,
    workFacts: ordering.facts,
    state,
    jobRules,
    statuses,
    usedRevisions,
    usedBays,
    tested,
    outbox,
    open,
    lookAgain,
    hear,
    changeHead,
    say: (value: number, quantity: Quantity): string => format(value, quantity, written.value),
    time: (ms: number): string => sayTime(ms, timeZone.value, nowMs.value),
    hour: (ms: number): string => sayHour(ms, timeZone.value),
    clock: (ms: number): string => sayClock(ms, timeZone.value, nowMs.value),
    sayer,
    /** What an entry is checked against, before it is sent. */
    rules: () => ({
      survey: survey.content.value,
      buildUps: buildUps.content.value,
      site: site.content.value,
      refers: (entryId: string) => book.value.seen.get(entryId),
      nowMs: Date.now() + (clockOffsetMs.value ?? 0),
      say: sayer,
    }),
    enter: entering.enter,
    tap: entering.tap,
    offer: entering.offer,
    takeBack: entering.takeBack,
    just: entering.just,
  };
});
