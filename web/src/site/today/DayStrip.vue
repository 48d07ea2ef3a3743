<script setup lang="ts">
/** The sky strip of the chosen bay and its next layer, with what is pointed at in words. */
import { computed, ref } from 'vue';
import type { Call } from '@lentum/core/call';
import { words } from '@lentum/core/figures';
import { eachWords, unsaidWords } from '@lentum/core/words';
import { failingAt, marginFigure, surfaceOf, windowsOf } from '@lentum/core/programme';
import { at, hourOf, msOf, wetnessOf } from '@lentum/core/weather';
import { useJob } from '../../app/job.ts';
import FigureText from '../../shared/FigureText.vue';
import SayParts from '../../shared/SayParts.vue';
import SkyStrip, { type StripMark } from '../../shared/SkyStrip.vue';
import type { ChanceAnswer } from '../../workers/weather.worker.ts';
import { chanceAt } from './chances.ts';
import type { WhatIf } from './start.ts';

const props = defineProps<{ call: Call; what: WhatIf | undefined; chance: ChanceAnswer | undefined }>();
const start = defineModel<number>('start', { required: true });
const looked = ref<number>();
const job = useJob();

const climate = computed(() => {
  const { view, work } = job.weather;
  if (!view || !work) return undefined;
  const { shade, coated } = work.topOf(props.call.status);
  return view.climate(props.call.status.bay.zoneId, shade, coated);
});
const place = computed(() => job.weather.doc.draft.place);
const windows = computed(() =>
  props.call.ask && climate.value ? windowsOf(props.call.ask, climate.value) : undefined,
);
const title = computed(
  () =>
    `${props.call.status.bay.label}${props.call.layer ? ` · ${props.call.layer.name.toLowerCase()}` : ''}`,
);
const marks = computed<StripMark[]>(() => {
  const w = props.what;
  if (!w) return [];
  return (
    [
      ['rain-safe', w.rainSafeMs],
      ['dew', w.dewMs],
      ['overcoat from', w.overcoatFromMs],
      ['overcoat until', w.overcoatUntilMs],
      ['foot', w.footMs],
      ['wheels', w.wheelsMs],
    ] as const
  ).flatMap(([label, atMs]) => (atMs === undefined ? [] : [{ label, atMs }]));
});
/** What is pointed at, else the chosen start. */
const said = computed(() => {
  const c = climate.value;
  const ms = looked.value ?? start.value;
  if (!c || !windows.value || !props.call.ask) return undefined;
  const h = hourOf(c.line, ms);
  const failing = failingAt(props.call.ask, c, windows.value, h);
  const when = { atMs: msOf(c.line, h) };
  return failing.length === 0
    ? words`${when}: every condition holds.`
    : [...words`${when}: `, ...eachWords(failing)];
});
/** The hour that is pointed at, else that of the start: its weather, who says so and since when. */
const hour = computed(() => {
  const c = climate.value;
  if (!c) return undefined;
  const h = hourOf(c.line, looked.value ?? start.value);
  const air = at(c.line, 'airC', h);
  if (air === undefined) return undefined;
  const source = c.line.sources[c.line.from[h] ?? -1];
  const humidity = at(c.line, 'humidityPct', h);
  const wind = at(c.line, 'windMPerS', h);
  const rain = at(c.line, 'rainMm', h);
  const likely = at(c.line, 'rainChancePct', h);
  const facts = [
    `air ${job.say(air, 'temperature')}`,
    ...(humidity === undefined ? [] : [`humidity ${job.say(humidity, 'percent')}`]),
    ...(wind === undefined ? [] : [`wind ${job.say(wind, 'speed')}`]),
    ...(rain === undefined ? [] : [rain > 0 ? `rain ${job.say(rain, 'rain')}` : 'no rain']),
    ...(likely === undefined || likely === 0 ? [] : [`chance of rain ${job.say(likely, 'percent')}`]),
    ...(wetnessOf(c, h) === 'dry' ? [] : [wetnessOf(c, h) ?? '']),
  ].filter((f) => f !== '');
  return {
    facts,
    surface: surfaceOf(c, h),
    margin: marginFigure(c, h),
    source:
      source &&
      `${source.kind === 'observed' ? 'seen' : 'forecast'} by ${source.source}, ${job.time(Date.parse(source.issuedAt))}`,
  };
});
const chance = computed(() => {
  const answer = props.chance;
  return answer ? (ms: number): number | undefined => chanceAt(answer, ms) : undefined;
});
</script>

<template>
  <template v-if="climate && place">
    <p class="line">
      <strong>{{ title }}</strong>
      <span v-if="said" class="said"><SayParts :parts="said" /></span>
    </p>
    <p v-if="hour" class="hour quiet">
      <span>Surface <FigureText :figure="hour.surface" /></span>
      <span v-if="hour.margin"><FigureText :figure="hour.margin" /> above the dew point</span>
      <span v-for="f in hour.facts" :key="f">{{ f }}</span>
      <span v-if="hour.source" class="from">{{ hour.source }}</span>
    </p>
    <SkyStrip
      v-model:start="start"
      v-model:looked="looked"
      :title="title"
      :climate="climate"
      :place="place"
      :now-ms="job.nowMs"
      :needed-k="call.ask?.limits.dewMarginK.value ?? 3"
      :mask="windows?.mask"
      :chance="chance"
      :marks="marks"
      :laying-hours="call.laying?.value"
    />
    <p class="legend quiet">
      <span><i class="surface"></i>surface</span><span><i class="air"></i>air</span
      ><span><i class="dewline"></i>dew point</span><span><i class="enough"></i>gap wide enough</span
      ><span><i class="little"></i>too narrow</span><span><i class="wet"></i>dew</span
      ><span><i class="rain"></i>rain</span>
      <span v-if="chance">outlined: chance that a start holds</span>
      <span v-if="windows && windows.unsaid.length > 0">{{ unsaidWords(windows.unsaid) }}</span>
    </p>
  </template>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--s3);
  margin: 0 0 var(--s1);
  min-height: 1.5em;
}
.hour {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--s4);
  margin: 0 0 var(--s1);
  font-size: var(--t-s);
  min-height: 1.5em;
}
.from {
  margin-left: auto;
}
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--s4);
  margin: 0;
  font-size: var(--t-s);
}
.legend span {
  display: inline-flex;
  align-items: center;
  gap: var(--s2);
}
i {
  display: inline-block;
  width: 18px;
  height: 10px;
}
i.surface {
  height: 0;
  border-top: 2.5px solid var(--ink);
}
i.air {
  height: 0;
  border-top: 1px solid var(--ink-3);
}
i.dewline {
  height: 0;
  border-top: 2px dashed var(--sky);
}
i.enough {
  background: var(--sea-soft);
}
i.little {
  background: var(--amber-soft);
}
i.wet {
  background: var(--sky-soft);
}
i.rain {
  background: var(--sky);
}
</style>
