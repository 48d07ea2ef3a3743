<script setup lang="ts">
/** The sky strip of the chosen bay and its next layer, with what is pointed at in words. */
import { computed, ref } from 'vue';
import type { Call } from '@lentum/core/call';
import { words } from '@lentum/core/figures';
import { failingWords, unsaidWords } from '@lentum/core/words';
import { failingAt, windowsOf } from '@lentum/core/programme';
import { MS_PER_HOUR } from '@lentum/core/units';
import { useJob } from '../../app/job.ts';
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
  const hour = Math.floor((ms - c.line.startMs) / MS_PER_HOUR);
  const failing = failingAt(props.call.ask, c, windows.value, hour);
  const at = { atMs: c.line.startMs + hour * MS_PER_HOUR };
  const [first, ...more] = failing;
  if (!first) return words`${at}: every condition holds.`;
  return [...words`${at}: `, ...failingWords(first), more.length > 0 ? `, and ${more.length} more.` : '.'];
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
