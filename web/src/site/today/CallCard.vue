<script setup lang="ts">
/** The chosen bay: what the hands do next, and what follows if they begin at some hour. */
import { computed, ref } from 'vue';
import { RouterLink } from 'vue-router';
import { amountFor, isCoat, wetFilm } from '@lentum/core/buildup';
import type { Call } from '@lentum/core/call';
import type { Figure } from '@lentum/core/figures';
import { cureFigure } from '@lentum/core/programme';
import { workArea } from '@lentum/core/site';
import type { Verdict } from '@lentum/core/words';
import { useJob } from '../../app/job.ts';
import FigureText from '../../shared/FigureText.vue';
import { provideOneStop } from '../../shared/onestop.ts';
import VerdictLine from '../../shared/VerdictLine.vue';
import ConditionsPanel from '../ConditionsPanel.vue';
import GatesPanel from '../GatesPanel.vue';
import type { Values } from '../log/fields.ts';
import type { LoggedKind } from '../log/form.ts';
import RemedyPanel from '../RemedyPanel.vue';
import CrewLine from './CrewLine.vue';
import FilmPanel from './FilmPanel.vue';
import type { useChances } from './chances.ts';
import type { WhatIf } from './start.ts';

provideOneStop();
const props = defineProps<{
  call: Call;
  verdict: Verdict;
  start: WhatIf | undefined;
  spreads: ReturnType<typeof useChances>['filmSpreads'];
}>();
const emit = defineEmits<{ now: []; log: [kind?: LoggedKind, known?: Values]; coat: [] }>();
const conditions = ref<InstanceType<typeof ConditionsPanel>>();
const job = useJob();
const bay = computed(() => props.call.status.bay);
const zone = computed(() => job.zones.find((z) => z.zone.id === bay.value.zoneId)?.zone);
const area = computed(() =>
  workArea(bay.value, props.call.layer, { zone: zone.value, buildUp: props.call.status.buildUp }),
);
const amount = computed(() =>
  props.call.layer && isCoat(props.call.layer) ? amountFor(props.call.layer, area.value) : undefined,
);
const started = computed(() => {
  const { work } = job.weather;
  return props.start && work && props.call.layer
    ? work.startVerdict('If you start', props.start, props.start.odds)
    : undefined;
});
const STAGE_ROWS = [
  ['Rain-safe', 'rainSafe', 'rainSafeMs'],
  ['Overcoat from', 'overcoatFrom', 'overcoatFromMs'],
  ['Overcoat until', 'overcoatUntil', 'overcoatUntilMs'],
  ['Foot traffic', 'foot', 'footMs'],
  ['Wheels', 'wheels', 'wheelsMs'],
  ['Flood test', 'flood', 'floodMs'],
] as const;
interface Row {
  readonly name: string;
  readonly atMs: number | undefined;
  readonly working: Figure | undefined;
}
const rows = computed<Row[]>(() => {
  const s = props.start;
  const { layer } = props.call;
  if (!s) return [];
  const stages =
    layer && isCoat(layer)
      ? STAGE_ROWS.map(([name, stage, key]) => ({
          name,
          atMs: s[key],
          working:
            s[key] === undefined
              ? undefined
              : cureFigure(layer, stage, s.laidMs, s[key], wetFilm(layer).value, s.climate),
        })).filter((r) => r.atMs !== undefined || r.name === 'Rain-safe' || r.name === 'Overcoat from')
      : [];
  const [safe, ...later] = stages;
  return [
    { name: 'Laid by', atMs: s.laidMs, working: props.call.laying },
    ...(safe ? [safe] : []),
    ...(s.dewMs === undefined ? [] : [{ name: 'Dew on the surface', atMs: s.dewMs, working: s.dew }]),
    ...later,
  ];
});
</script>

<template>
  <h2>
    Bay {{ bay.label }}
    <span class="quiet where">{{ zone?.name }} · {{ job.say(area.value, 'area') }}</span>
  </h2>
  <p v-if="amount && call.layer" class="large">
    <FigureText :figure="amount" /> <span class="quiet">{{ call.layer.name }}</span>
  </p>
  <VerdictLine :verdict="verdict" />
  <RemedyPanel
    v-for="m in call.status.misses"
    :key="`${m.entryId}${m.limit}${m.atMs}`"
    :status="call.status"
    :miss="m"
  />
  <GatesPanel
    :call="call"
    @log="(kind, known) => emit('log', kind, known)"
    @coat="emit('coat')"
    @reading="conditions?.begin()"
  />
  <template v-if="start && started">
    <div class="head">
      <h3 class="minor">If you start at {{ job.time(start.startMs) }}</h3>
      <el-button class="end" text @click="emit('now')">Now</el-button>
    </div>
    <VerdictLine :verdict="started" />
    <dl>
      <template v-for="{ name, atMs, working } in rows" :key="name">
        <dt>{{ name }}</dt>
        <dd v-if="atMs === undefined">not within the hours known</dd>
        <dd v-else>
          <FigureText v-if="working" :figure="working" :says="job.time(atMs)" /><template v-else>{{
            job.time(atMs)
          }}</template
          ><span v-if="name === 'Overcoat from' && start.spread" class="quiet">
            ({{ job.clock(start.spread.earlyMs) }} to {{ job.clock(start.spread.lateMs) }}, 8 in 10)</span
          >
        </dd>
      </template>
      <template v-if="call.laying">
        <dt>Laying</dt>
        <dd><FigureText :figure="call.laying" /></dd>
      </template>
    </dl>
    <CrewLine />
  </template>
  <FilmPanel :key="bay.id" :status="call.status" :spreads="spreads" />
  <div class="bar links">
    <RouterLink class="el-button tap" :to="{ query: { part: 'bays', zone: bay.zoneId, bay: bay.id } }"
      >Open the bay</RouterLink
    >
    <el-button class="tap" @click="emit('log')">Log</el-button>
  </div>
  <ConditionsPanel
    v-if="call.status.buildUp"
    :key="bay.zoneId"
    ref="conditions"
    :zone-id="bay.zoneId"
    :build-up="call.status.buildUp"
  />
</template>

<style scoped>
h2 {
  margin: 0;
}
.where {
  font-size: var(--t-m);
  font-weight: 400;
}
.large {
  font-size: var(--t-xl);
  font-weight: 700;
  margin: var(--s1) 0;
}
.large .quiet {
  font-size: var(--t-m);
  font-weight: 400;
}
dl {
  display: grid;
  grid-template-columns: 9rem minmax(0, 1fr);
  gap: var(--s1) var(--s3);
  margin: var(--s2) 0;
}
dt {
  color: var(--ink-2);
}
dd {
  margin: 0;
  font-weight: 600;
}
dd .quiet {
  font-weight: 400;
}
.links {
  margin: var(--s3) 0;
}
</style>
