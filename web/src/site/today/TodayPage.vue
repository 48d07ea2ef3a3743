<script setup lang="ts">
/** The morning: every bay by what can be done now, and what follows if it is begun at some hour. */
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { allOf } from '@lentum/core/record';
import { deadlinesOf } from '@lentum/core/words';
import { useActKeys } from '../../app/actkeys.ts';
import { useAllRoofs } from '../../app/chosenzone.ts';
import { useJob } from '../../app/job.ts';
import LaterPart from '../../shared/LaterPart.vue';
import { useNarrow } from '../../shared/narrow.ts';
import BayList from '../BayList.vue';
import LogForms from '../LogForms.vue';
import type { Group } from '../groups.ts';
import type { Values } from '../log/fields.ts';
import type { LoggedKind } from '../log/form.ts';
import DayCard from './DayCard.vue';
import { GROUPS, useCalls } from './calls.ts';
import { oddsAt, useChances } from './chances.ts';
import { saveCalendar } from './calendar.ts';
import PlannedToday from './PlannedToday.vue';
import ReadingBar from './ReadingBar.vue';
import { useStart } from './start.ts';

const UpkeepDue = defineAsyncComponent(() => import('./UpkeepDue.vue'));

const job = useJob();
useAllRoofs();
const route = useRoute();
const router = useRouter();
const calls = useCalls();
const forms = ref<InstanceType<typeof LogForms>>();
const chances = useChances(() => calls.value);

const rows = computed(() => {
  const { work } = job.weather;
  if (!work) return [];
  return calls.value.map((call) => {
    const verdict = work.callVerdict(
      call,
      job.nowMs,
      oddsAt(chances.of(call), Math.max(job.nowMs, call.fromMs ?? job.nowMs)),
    );
    return { call, status: call.status, verdict, brief: work.briefVerdict(call, verdict, job.nowMs) };
  });
});
const groups = computed<Group[]>(() =>
  GROUPS.map(({ name, kinds }) => ({
    name,
    rows: rows.value.filter((r) => kinds.includes(r.call.kind)),
  })).filter((g) => g.rows.length > 0),
);
const calendar = (): Promise<void> =>
  saveCalendar(
    { id: job.id, name: job.head?.name ?? '', entries: job.entries.length },
    deadlines.value,
    job.nowMs,
  );
const deadlines = computed(() =>
  deadlinesOf(rows.value, job.nowMs, { written: job.written, time: (ms) => job.time(ms) }),
);
const done = computed(() => calls.value.filter((c) => c.kind === 'done').length);
const bayId = computed(() => {
  const asked = route.query['bay'];
  const first = calls.value.find((c) => c.ask && c.kind !== 'missed') ?? calls.value[0];
  return calls.value.find((c) => c.status.bay.id === asked)?.status.bay.id ?? first?.status.bay.id;
});
const row = computed(() => rows.value.find((r) => r.status.bay.id === bayId.value));
/** On a phone the card lies over the list, with the bays of its line side by side. */
const narrow = useNarrow();
const isLooking = ref(route.query['bay'] !== undefined);
const line = ref<readonly string[]>([]);
async function choose(id: string, ids: readonly string[] = [id]): Promise<void> {
  await router.replace({ query: { ...route.query, part: 'today', bay: id } });
  line.value = ids;
  isLooking.value = true;
}
watch(
  () => route.query['bay'],
  (asked) => asked !== undefined && (isLooking.value = true),
);
const closed = (): Promise<unknown> => router.replace({ query: { ...route.query, bay: undefined } });
const zoneName = computed(
  () => job.zones.find((z) => z.zone.id === row.value?.status.bay.zoneId)?.zone.name ?? '',
);
const beside = computed(() => rows.value.filter((r) => line.value.includes(r.status.bay.id)));
const reading = ref<InstanceType<typeof ReadingBar>>();
useActKeys([
  { key: 'r', what: 'take a reading on the roof of the chosen bay', run: () => reading.value?.read() },
  {
    key: 'c',
    what: 'log what comes next on the chosen bay',
    run: () => {
      const { bay, next } = row.value?.status ?? {};
      if (bay && next) void forms.value?.act(next.kind === 'coat' ? 'coat' : 'ply', [bay.id]);
    },
  },
  {
    key: 'l',
    what: 'log anything else',
    run: () => {
      const { bay } = row.value?.status ?? {};
      if (bay) forms.value?.log(bay.zoneId, [bay.id]);
    },
  },
]);
const dayCard = computed(
  () =>
    row.value && {
      call: row.value.call,
      verdict: row.value.verdict,
      what: start.value,
      chances,
      onNow: () => (startMs.value = job.nowMs),
      onLog: (kind?: LoggedKind, known?: Values) => {
        const { bay } = row.value?.status ?? {};
        if (bay) forms.value?.log(bay.zoneId, [bay.id], kind, known);
      },
      onCoat: () => row.value && forms.value?.fix(row.value.status),
    },
);

/** Some roof is handed over: what is due on it is looked for. */
const isKept = computed(() => allOf(job.book, 'upkeep').length > 0);
const startMs = ref(job.nowMs);
/** A bay is looked at from the moment in which it may be begun. */
watch(
  bayId,
  () => {
    startMs.value = Math.max(job.nowMs, row.value?.call.fromMs ?? job.nowMs);
  },
  { immediate: true },
);
const start = useStart(() => row.value?.call, startMs, chances);
</script>

<template>
  <p v-if="!job.state" class="quiet">Working it out …</p>
  <p v-else-if="!job.weather.view" class="hint">
    No weather is known for this job yet: the calls below go by readings alone. Say where it lies, and who
    tells the weather, under
    <RouterLink :to="{ query: { part: 'weather' } }">Weather</RouterLink>.
  </p>
  <p v-for="w in job.weather.view ? job.weather.warnings : []" :key="w" class="hint" role="status">{{ w }}</p>
  <UpkeepDue v-if="isKept" />
  <div v-if="row" class="columns today">
    <section class="list" aria-label="Bays by what missing them costs">
      <ReadingBar ref="reading" :zone-id="row.status.bay.zoneId" />
      <LaterPart><PlannedToday /></LaterPart>
      <BayList :groups="groups" :chosen="bayId" @choose="choose" @act="(act, ids) => forms?.act(act, ids)" />
      <p v-if="deadlines.length > 0">
        <el-button class="tap" @click="calendar()">Openings and closings, calendar file</el-button>
      </p>
      <p v-if="done > 0" class="quiet">{{ done }} {{ done === 1 ? 'bay is' : 'bays are' }} accepted.</p>
    </section>
    <LaterPart v-if="dayCard && !narrow"><DayCard v-bind="dayCard" v-model:start="startMs" /></LaterPart>
    <el-drawer
      v-else-if="dayCard"
      v-model="isLooking"
      direction="btt"
      size="92%"
      :title="zoneName"
      destroy-on-close
      class="look"
      @closed="closed"
    >
      <div v-if="beside.length > 1" class="bar beside" role="group" aria-label="Bays of this line">
        <button
          v-for="b in beside"
          :key="b.status.bay.id"
          type="button"
          class="tile"
          :aria-pressed="b.status.bay.id === bayId"
          @click="choose(b.status.bay.id, line)"
        >
          {{ b.status.bay.label }}
        </button>
      </div>
      <DayCard v-bind="dayCard" v-model:start="startMs" />
    </el-drawer>
    <LogForms ref="forms" />
  </div>
</template>

<style scoped>
.today {
  grid-template-columns: minmax(0, 1fr) minmax(300px, 380px);
  grid-template-rows: auto auto;
}
.list {
  min-width: 0;
}
.beside .tile {
  min-width: 56px;
}
/* What is scrolled to stops above the strip. */
:global(html:has(.today)) {
  --strip: 286px;
  scroll-padding-bottom: var(--strip);
}
.hint {
  color: var(--amber);
}
@media (max-width: 820px) {
  .today {
    grid-template-columns: minmax(0, 1fr);
  }
  :global(html:has(.today)) {
    scroll-padding-bottom: 0;
  }
}
</style>
