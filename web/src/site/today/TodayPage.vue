<script setup lang="ts">
/** The morning: every bay by what can be done now, and what follows if it is begun at some hour. */
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { allOf } from '@lentum/core/record';
import { deadlinesOf } from '@lentum/core/words';
import { useAllRoofs } from '../../app/chosenzone.ts';
import { useJob } from '../../app/job.ts';
import BayList from '../BayList.vue';
import LogForms from '../LogForms.vue';
import type { Group } from '../groups.ts';
import CallCard from './CallCard.vue';
import DayStrip from './DayStrip.vue';
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
  return calls.value.map((call) => ({
    call,
    status: call.status,
    verdict: work.callVerdict(
      call,
      job.nowMs,
      oddsAt(chances.of(call), Math.max(job.nowMs, call.fromMs ?? job.nowMs)),
    ),
  }));
});
const groups = computed<Group[]>(() =>
  GROUPS.map(({ name, kinds }) => ({
    name,
    rows: rows.value.filter((r) => kinds.includes(r.call.kind)),
  })).filter((g) => g.rows.length > 0),
);
const deadlines = computed(() =>
  deadlinesOf(rows.value, job.nowMs, { system: job.system, time: (ms) => job.time(ms) }),
);
const done = computed(() => calls.value.filter((c) => c.kind === 'done').length);
const bayId = computed(() => {
  const asked = route.query['bay'];
  const first = calls.value.find((c) => c.ask && c.kind !== 'missed') ?? calls.value[0];
  return calls.value.find((c) => c.status.bay.id === asked)?.status.bay.id ?? first?.status.bay.id;
});
const row = computed(() => rows.value.find((r) => r.status.bay.id === bayId.value));
const card = ref<HTMLElement>();
const PHONE_PX = 820;
async function choose(id: string): Promise<void> {
  await router.replace({ query: { ...route.query, part: 'today', bay: id } });
  // On a phone the card lies below the list.
  if (window.innerWidth <= PHONE_PX) card.value?.scrollIntoView({ block: 'start', behavior: 'smooth' });
}

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
      <ReadingBar :zone-id="row.status.bay.zoneId" />
      <PlannedToday />
      <BayList :groups="groups" :chosen="bayId" @choose="choose" @act="(act, ids) => forms?.act(act, ids)" />
      <p v-if="deadlines.length > 0">
        <el-button class="tap" @click="saveCalendar(job.head?.name ?? '', deadlines, job.nowMs)"
          >Openings and closings, calendar file</el-button
        >
      </p>
      <p v-if="done > 0" class="quiet">{{ done }} {{ done === 1 ? 'bay is' : 'bays are' }} accepted.</p>
    </section>
    <section ref="card" class="card" aria-label="Chosen bay">
      <CallCard
        :call="row.call"
        :verdict="row.verdict"
        :start="start"
        :spreads="chances.filmSpreads"
        @now="startMs = job.nowMs"
        @log="(kind, known) => forms?.log(row!.status.bay.zoneId, [row!.status.bay.id], kind, known)"
        @coat="forms?.fix(row.status)"
      />
    </section>
    <section class="strip" aria-label="The hours ahead">
      <DayStrip v-model:start="startMs" :call="row.call" :what="start" :chance="chances.of(row.call)" />
    </section>
    <LogForms ref="forms" />
  </div>
</template>

<style scoped>
.today {
  grid-template-columns: minmax(0, 1fr) minmax(300px, 380px);
  grid-template-rows: auto auto;
}
.strip {
  grid-column: 1 / -1;
  position: sticky;
  bottom: 0;
  background: var(--paper);
  border-top: 1px solid var(--line);
  padding: var(--s2) 0;
  min-width: 0;
}
.list {
  min-width: 0;
}
.card {
  align-self: start;
  position: sticky;
  top: var(--s4);
  max-height: calc(100dvh - var(--strip) - var(--s4));
  overflow-y: auto;
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
  .card {
    position: static;
    order: 2;
    max-height: none;
  }
  .strip {
    position: static;
    order: 3;
  }
}
</style>
