<script setup lang="ts">
/** The days: a plan of all roofs by crews and weather, how sure it is, and the sheet of the chosen day. */
import { useMediaQuery } from '@vueuse/core';
import { DateTime } from 'luxon';
import { dayText } from '../app/time.ts';
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { blocksOf, keptFrom, type Block } from '@lentum/core/planning';
import type { Printout } from '@lentum/core/printout';
import {
  boundWords,
  DAY_COLUMNS,
  dayRows,
  daySheet,
  daySheetBlocks,
  deliveryVerdicts,
  finishWords,
  kitOf,
  leftOutVerdicts,
  noticeBlocks,
  openedVerdicts,
  planVerdicts,
  stockVerdicts,
} from '@lentum/core/words';
import { sentenceOf } from '../app/api.ts';
import { useAllRoofs } from '../app/chosenzone.ts';
import { useJob } from '../app/job.ts';
import PrintButton from '../shared/printout/PrintButton.vue';
import { usePrinted } from '../shared/printout/telling.ts';
import SayParts from '../shared/SayParts.vue';
import { saveCsvFile } from '../shared/csv.ts';
import { useInTurn } from '../shared/inturn.ts';
import VerdictLine from '../shared/VerdictLine.vue';
import BlockCard from './BlockCard.vue';
import DayBoard from './DayBoard.vue';
import DaySheetPanel from './DaySheetPanel.vue';
import { saveDays } from './calendar.ts';
import { freed, pinned } from './pins.ts';
import { usePlanning } from './planning.ts';
import KeptPanel from './KeptPanel.vue';
import PricePanel from './PricePanel.vue';
import SetupDrawer from './SetupDrawer.vue';
import WhatIf from './WhatIf.vue';
import HeldFields from '../shared/HeldFields.vue';
import { useHeld } from '../shared/heldpage.ts';

const held = useHeld();

const job = useJob();
useAllRoofs();
const route = useRoute();
const router = useRouter();
const { answer, since, cannot, share, stage, plan, compare, repin, stop } = usePlanning();
const document = computed(() => job.documents.programme);
const trouble = ref('');
job.weather.keepFresh().catch((error: unknown) => (trouble.value = sentenceOf(error)));

const setting = computed({
  get: () => route.query['set'] !== undefined,
  set: (open: boolean) => void router.replace({ query: { ...route.query, set: open ? 'crews' : undefined } }),
});

const date = ref('');
watch(
  answer,
  (a) => {
    if (!a || a.days.some((d) => d.date === date.value)) return;
    date.value = a.days.find((d) => d.usedMin > 0)?.date ?? a.days[0]?.date ?? '';
  },
  { immediate: true },
);
const day = computed(() => answer.value?.days.find((d) => d.date === date.value));
const at = computed(() => answer.value?.days.findIndex((d) => d.date === date.value) ?? -1);
const before = computed(() => answer.value?.days[at.value - 1]?.date);
const after = computed(() => (at.value < 0 ? undefined : answer.value?.days[at.value + 1]?.date));
const chosen = ref<string>();
const blocks = computed(() => (answer.value ? blocksOf(answer.value) : []));
const block = computed(() => blocks.value.find((b) => b.key === chosen.value));

const codes = computed(() => new Map(job.zones.map((z) => [z.zone.id, z.zone.code])));
/** What comes on which day. */
const deliveries = computed(
  () => new Map(job.documents.order.draft.deliveries.map((d) => [d.on, d.name] as const)),
);
/** The board first, then the sheet of the day, what is said, what it costs. */
const [onBoard, onSheet, inWords, inMoney] = useInTurn(answer, 4);
const verdicts = computed(() => {
  const told = inWords?.value;
  return told
    ? [
        ...planVerdicts(told),
        ...deliveryVerdicts(told, job.timeZone),
        ...stockVerdicts(told, job.takenOff.lines, job.timeZone),
        ...openedVerdicts(told, job.takenOff.lines),
      ]
    : [];
});
const leftOut = computed(() => (inWords?.value ? leftOutVerdicts(inWords.value) : []));
const finish = computed(() =>
  answer.value?.finishMs === undefined
    ? undefined
    : dayText(DateTime.fromMillis(answer.value.finishMs, { zone: job.timeZone }), 'weekday'),
);
const busySays = computed(() =>
  stage.value === 'judging' ? 'Being played in every way the weather may go' : 'Looking for a better plan',
);

function setPins(pins: ReturnType<typeof pinned>): void {
  job.documents.programme.draft = { ...job.documents.programme.draft, pins };
  void repin(pins);
}
const pins = computed(() => job.documents.programme.draft.pins);
function move(b: Block, toMs: number): void {
  if (answer.value) setPins(pinned(pins.value, b, answer.value, { toMs }));
}
function keepThere(b: Block, crewId: string | undefined): void {
  if (answer.value) setPins(pinned(pins.value, b, answer.value, { crewId }));
}

/** The first crew has no stroke on its works, the second one, and so on. */
const crewLegend = computed(() =>
  (answer.value?.crews ?? [])
    .slice(0, 5)
    .map((c, i) => `${'|'.repeat(i) || 'no stroke'} ${c.name}`)
    .join(', '),
);

const kept = computed(() => document.value.draft.kept);
function keep(): void {
  if (!answer.value) return;
  const next = keptFrom(answer.value, job.nowMs);
  const { draft } = document.value;
  job.documents.programme.draft = { ...draft, kept: next, baseline: draft.baseline ?? next };
}
const { printed } = usePrinted();
const dayZones = computed(() => {
  const own = new Set(
    blocks.value.filter((b) => b.date === date.value).map((b) => answer.value?.zones[b.zone]?.id),
  );
  return job.zones.flatMap(({ zone, buildUp }) => (buildUp && own.has(zone.id) ? [{ zone, buildUp }] : []));
});
const printout = (): Printout =>
  printed(`Day sheet, ${day.value ? dayText(DateTime.fromISO(day.value.date), 'full') : ''}`, (t) => {
    const sheet = answer.value && daySheet(answer.value, date.value);
    return sheet
      ? daySheetBlocks(
          sheet,
          {
            kit: kitOf(dayZones.value, job.written).map((k) => k.what),
            contacts: job.documents.programme.draft.contacts,
          },
          t,
        )
      : [];
  });
const notice = (): Printout =>
  printed('Notice', (t) => (answer.value ? noticeBlocks(answer.value, job.timeZone, t) : []));
/** The works as a table that any spreadsheet reads. */
const saveTable = (): void => {
  const time = (ms: number): string =>
    DateTime.fromMillis(ms, { zone: job.timeZone }).toFormat('yyyy-LL-dd HH:mm');
  if (answer.value) saveCsvFile([DAY_COLUMNS, ...dayRows(answer.value, time)], 'days.csv');
};
const saveCalendar = (): void => {
  const { id, head, nowMs, time } = job;
  if (answer.value)
    void saveDays(answer.value, {
      ...{ jobId: id, name: head?.name ?? '', version: document.value.version, nowMs, time },
    });
};
const isWide = useMediaQuery('(min-width: 1000px)');
</script>

<template>
  <main class="page">
    <div class="top bar">
      <h1 class="finish">{{ finish ?? 'No plan yet' }}</h1>
      <p v-if="answer" class="said">
        last work.
        <template v-if="answer.finish"><SayParts :parts="finishWords(answer)" />&nbsp; </template>
        <span class="quiet"><SayParts :parts="boundWords(answer)" /></span>
      </p>
      <span class="acts bar no-print">
        <el-button @click="setting = true">Crews and dates</el-button>
        <el-button v-if="share === undefined" @click="plan">Plan again</el-button>
        <el-button v-else @click="stop">Stop the search</el-button>
        <el-button v-if="!held" type="primary" :disabled="!answer || share !== undefined" @click="keep"
          >Keep this plan</el-button
        >
      </span>
    </div>
    <el-progress
      v-if="share !== undefined && answer"
      class="search"
      :percentage="Math.round(share * 100)"
      :show-text="false"
      :stroke-width="3"
      :aria-label="busySays"
    />
    <p v-if="share !== undefined" class="quiet" role="status">{{ busySays }}…</p>
    <p v-if="trouble" role="alert" class="trouble">The weather could not be fetched: {{ trouble }}</p>
    <p v-if="job.statuses.length === 0">
      Nothing to plan yet: it takes bays.
      <RouterLink :to="{ name: 'site', query: { part: 'bays' } }">Bays</RouterLink>
    </p>
    <p v-else-if="cannot" role="alert">
      <SayParts :parts="cannot" />
      <RouterLink :to="{ name: 'site', query: { part: 'weather' } }">Weather</RouterLink>
    </p>
    <p v-else-if="!answer" class="quiet" role="status">The first plan is being made…</p>
    <div v-if="answer && job.statuses.length > 0" class="days" :class="{ wide: isWide }">
      <div class="left">
        <DayBoard
          v-if="onBoard"
          v-model:date="date"
          v-model:chosen="chosen"
          :answer="onBoard"
          :codes="codes"
          :deliveries="deliveries"
          @move="move"
        />
        <p class="legend quiet">
          <span>number of the layer · bays</span><span><i class="tail" />cures until it may be laid over</span
          ><span><i class="close" />overcoat time ends</span
          ><span v-if="answer.deadlines.length > 0"><i class="ready" />ready as planned, to its date</span
          ><span><i class="pin" />kept there by hand</span
          ><span v-if="answer.tasks.some((t) => t.asked)"
            ><i class="asked" />fixed for that hour, cannot stand there</span
          ><span><i class="seam" />night, folded</span
          ><span>p preparation, d details, t swept or rubbed down, w water test</span
          ><span v-if="answer.crews.length > 1">{{ crewLegend }}</span>
        </p>
        <KeptPanel
          v-if="kept && inWords"
          :answer="inWords"
          :kept="kept"
          :since="since"
          :settled="share === undefined"
        />
        <section v-if="inWords" aria-label="What the plan says">
          <div class="head"><h2>What the plan says</h2></div>
          <VerdictLine v-for="(v, i) in verdicts" :key="`v${i}`" :verdict="v" />
          <VerdictLine v-for="(v, i) in leftOut" :key="`l${i}`" :verdict="v" />
          <p v-if="inWords.noAccess.length > 0" class="quiet">
            {{ inWords.noAccess.join(', ') }}: the access is not set, so no dry way out is planned there. It
            is set on Site, Bays.
          </p>
        </section>
        <PricePanel v-if="inMoney && job.seesPrices" :answer="inMoney" @costs="setting = true" />
        <WhatIf v-if="inMoney" :answer="answer" :date="date" :compare="compare" />
      </div>
      <aside>
        <nav class="bar no-print" aria-label="Day">
          <el-button :disabled="!before" @click="date = before ?? date">‹ Day before</el-button>
          <el-button :disabled="!after" @click="date = after ?? date">Day after ›</el-button>
        </nav>
        <BlockCard
          v-if="block"
          :answer="answer"
          :block="block"
          @pin="keepThere"
          @free="(b) => setPins(freed(pins, b))"
          @close="chosen = undefined"
        />
        <div class="bar no-print">
          <el-button @click="saveTable">Table</el-button>
          <PrintButton :printout="notice" label="Notice" />
          <PrintButton :printout="printout" />
          <el-button @click="saveCalendar">Calendar</el-button>
        </div>
        <DaySheetPanel v-if="day && onSheet" :answer="onSheet" :day="day" @choose="(key) => (chosen = key)" />
      </aside>
    </div>
    <HeldFields><SetupDrawer v-model="setting" /></HeldFields>
  </main>
</template>

<style scoped>
.top {
  align-items: baseline;
  margin-bottom: var(--s2);
}
.finish {
  font-size: var(--t-xxl);
}
.said {
  flex: 1 1 300px;
}
.acts {
  margin-left: auto;
}
.days {
  display: grid;
  gap: var(--s4);
  grid-template-columns: minmax(0, 1fr);
}
.days.wide {
  grid-template-columns: minmax(0, 1fr) 300px;
}
aside {
  min-width: 0;
}
aside > .bar {
  margin-bottom: var(--s3);
}
.wide aside {
  border-left: var(--stroke) solid var(--line);
  padding-left: var(--s4);
}
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s1) var(--s4);
  padding: var(--s2) 0;
  border-bottom: var(--stroke) solid var(--line);
}
.legend i {
  display: inline-block;
  margin-right: 6px;
  vertical-align: middle;
}
.tail {
  width: 22px;
  height: 2px;
  background: var(--violet);
}
.close {
  border: 4px solid transparent;
  border-top: 7px solid var(--amber);
}
.pin {
  width: 8px;
  height: 8px;
  border-radius: 50%;
  background: var(--ink);
}
.ready {
  width: 9px;
  height: 9px;
  border: 1.5px solid var(--sea);
  border-radius: 50%;
}
.asked {
  width: 20px;
  height: 10px;
  border: 1.6px dashed var(--amber);
  border-radius: 3px;
}
.seam {
  width: 8px;
  height: 12px;
  background: var(--well);
  border: var(--stroke) solid var(--line);
}
.trouble {
  color: var(--red);
}
@media (max-width: 999px) {
  /* On the phone the day comes before the board. */
  aside {
    order: -1;
  }
}
@media (max-width: 700px) {
  .finish {
    font-size: var(--t-xl);
  }
}
</style>
