<script setup lang="ts">
/** The mix for a bay at the temperature of now: how much, of what, how, for how long. */
import { computed, ref, watch } from 'vue';
import type { Coat } from '@lentum/core/buildup';
import { knownSlopeOf } from '@lentum/core/choosing';
import { COMMON } from '@lentum/core/practice';
import { sentence } from '@lentum/core/problems';
import type { BayStatus } from '@lentum/core/record';
import { mixCard, readingProblems, workArea, type ReadTemperature } from '@lentum/core/site';
import type { Zone } from '@lentum/core/survey';
import { MS_PER_MINUTE } from '@lentum/core/units';
import { warmedBetween } from '@lentum/core/weather';
import { mixBlocks } from '@lentum/core/words';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import FigureText from '../shared/FigureText.vue';
import MeasureInput from '../shared/MeasureInput.vue';
import SayParts from '../shared/SayParts.vue';
import type { LayingCard } from './layingcard.ts';
import StepTimer from './StepTimer.vue';
import WarmPanel from './WarmPanel.vue';

const props = defineProps<{ status: BayStatus; zone: Zone; coat: Coat }>();
const emit = defineEmits<{ ready: [card: LayingCard | undefined] }>();
const job = useJob();
/** What the last reading of the zone says of the surface; how old it is is said, and judged by the core. */
const { conditions } = props.status;
const surface = ref<ReadTemperature | undefined>(
  conditions && { tempC: conditions.surfaceC, atMs: Date.parse(conditions.at) },
);
const resin = ref<ReadTemperature>();
const readNow = (tempC: number | undefined): ReadTemperature | undefined =>
  tempC === undefined ? undefined : { tempC, atMs: job.nowMs };
const whenRead = (reading: ReadTemperature | undefined): string =>
  reading === undefined
    ? 'not read yet'
    : `read ${job.time(reading.atMs)}, ${Math.max(0, Math.ceil((job.nowMs - reading.atMs) / MS_PER_MINUTE))} min ago`;
const areaM2 = ref<number | undefined>(
  workArea(props.status.bay, props.coat, { zone: props.zone, buildUp: props.status.buildUp }).value,
);
const people = ref<number | undefined>(2);
/** What two people lay with the tool at hand; nothing typed: as the layer says. */
const outputM2PerH = ref<number | undefined>(props.coat.outputM2PerH?.value);
const slopePct = ref<number | undefined>(knownSlopeOf(props.zone) ?? 0);

/** By the weather, since the surface was read. */
const warmedK = computed(() => {
  const climate = job.weather.view?.climate(props.zone.id, undefined);
  return climate && surface.value ? warmedBetween(climate, surface.value.atMs, job.nowMs) : undefined;
});
const readings = computed(() => ({
  surface: surface.value,
  resin: resin.value,
  nowMs: job.nowMs,
  warmedK: warmedK.value,
}));
/** Asked for before anything is dosed; not an error. */
const unread = computed(() => readingProblems(props.coat, readings.value, job.state?.practice ?? COMMON));
const mix = computed(() =>
  mixCard(props.coat, {
    ...readings.value,
    practice: job.state?.practice,
    areaLeftM2: areaM2.value ?? 0,
    people: people.value ?? 2,
    slopePct: slopePct.value ?? 0,
    outputM2PerH: outputM2PerH.value === props.coat.outputM2PerH?.value ? undefined : outputM2PerH.value,
  }),
);
/** What the card says goes into the log as it stands; it is looked through before it is kept. */
const card = computed((): LayingCard | undefined => {
  if (!mix.value.ok) return undefined;
  const made = mix.value.value;
  const { parts, catalyst } = made;
  const read = { surfaceC: surface.value?.tempC, resinC: resin.value?.tempC };
  const known = {
    layerId: props.coat.id,
    parts: [
      ...parts.map((p) => ({ name: p.name, kg: Number(p.mass.value.toFixed(3)) })),
      ...(catalyst ? [{ name: 'Catalyst', kg: Number(catalyst.mass.value.toFixed(3)) }] : []),
    ],
    ...(catalyst ? { catalystPct: Number(catalyst.percent.value.toFixed(2)) } : {}),
    ...(surface.value ? { surfaceC: surface.value.tempC } : {}),
    ...(resin.value ? { resinC: resin.value.tempC } : {}),
  };
  return { known, blocks: (t) => mixBlocks(props.coat, made, read, t) };
});
watch(card, (now) => emit('ready', now), { immediate: true });
const READ = [
  { name: 'Surface', label: 'Temperature of the surface', of: surface },
  { name: 'Resin, in its container', label: 'Temperature of the resin', of: resin },
];
</script>

<template>
  <div class="ask">
    <label v-for="r in READ" :key="r.label"
      >{{ r.name }}
      <MeasureInput
        size="large"
        quantity="temperature"
        optional
        :label="r.label"
        :min="-40"
        :max="90"
        :model-value="r.of.value?.tempC"
        @update:model-value="(v) => (r.of.value = readNow(v))"
      />
      <span class="when"
        >{{ whenRead(r.of.value) }}
        <el-button
          v-if="r.of.value"
          text
          size="small"
          :aria-label="`${r.label}, read again and still so`"
          @click.prevent="r.of.value = readNow(r.of.value?.tempC)"
          >Still so now</el-button
        ></span
      >
    </label>
    <label
      >Area left
      <MeasureInput
        v-model="areaM2"
        size="large"
        quantity="area"
        label="Area left"
        :min="0"
        :max="100000"
        :digits="2"
      />
    </label>
    <label
      >People
      <MeasureInput
        v-model="people"
        size="large"
        hide-unit
        quantity="count"
        label="People"
        :min="1"
        :max="20"
      />
    </label>
    <label
      >Two people lay
      <MeasureInput
        v-model="outputM2PerH"
        size="large"
        quantity="output"
        label="Two people lay"
        :above="0"
        :max="2000"
        optional
      />
    </label>
    <label
      >Slope
      <MeasureInput v-model="slopePct" size="large" quantity="fall" label="Slope" :min="0" :max="10000" />
    </label>
  </div>
  <template v-if="mix.ok">
    <p class="large"><FigureText :figure="mix.value.batch" /></p>
    <p>
      covers <FigureText :figure="mix.value.covers" /> at <FigureText :figure="mix.value.film" /> wet; pot
      life <strong><FigureText :figure="mix.value.potLife" /></strong>.
      <template v-if="mix.value.kit">
        That is <FigureText :figure="mix.value.kit.share" /> of a {{ mix.value.kit.name }}.
      </template>
    </p>
    <StepTimer :key="mix.value.potLife.value" :minutes="mix.value.potLife.value" what="pot life" />
    <table class="dense">
      <tbody>
        <tr v-for="p in mix.value.parts" :key="p.id">
          <th scope="row">{{ p.name }}</th>
          <td class="num"><FigureText fine :figure="p.mass" /></td>
          <td class="num"><FigureText fine :figure="p.volume" /></td>
        </tr>
        <tr v-if="mix.value.thickener">
          <th scope="row">{{ coat.thickener!.name }}, up to</th>
          <td class="num"><FigureText fine :figure="mix.value.thickener.mass" /></td>
          <td class="num"><FigureText :figure="mix.value.thickener.percent" /></td>
        </tr>
        <tr v-if="mix.value.catalyst">
          <th scope="row">Catalyst, last</th>
          <td class="num"><FigureText fine :figure="mix.value.catalyst.mass" /></td>
          <td class="num"><FigureText :figure="mix.value.catalyst.percent" /></td>
        </tr>
        <tr>
          <th scope="row">Volume</th>
          <td />
          <td class="num"><FigureText fine :figure="mix.value.volume" /></td>
        </tr>
      </tbody>
    </table>
    <p v-if="mix.value.thinner" class="quiet">
      Thinned with {{ mix.value.thinner.name }} at most
      <FigureText fine :figure="mix.value.thinner.volume" />:
      {{ coat.thinning!.note }}
    </p>
    <h3>No more than</h3>
    <ul class="limits">
      <li v-for="l in mix.value.limits" :key="l.name"><FigureText :figure="l.mass" /> by the {{ l.name }}</li>
    </ul>
    <h3>Steps</h3>
    <ol>
      <li v-for="(s, i) in mix.value.steps" :key="i">
        <SayParts fine :parts="s.says" />
        <StepTimer v-if="s.minutes" :minutes="s.minutes.value" :what="`step ${i + 1}`" />
      </li>
    </ol>
  </template>
  <div v-else-if="unread.length > 0" class="unread" role="status">
    <p v-for="p in unread" :key="p.field">{{ worded(sentence(p)) }}</p>
    <p>Nothing is dosed or timed before.</p>
  </div>
  <p v-else class="stop" role="alert">{{ mix.problems.map(sentence).join(' ') }}</p>
  <WarmPanel :coat="coat" :resin-c="resin?.tempC" />
</template>

<style scoped src="./layingcard.css"></style>
<style scoped>
.when {
  display: block;
  font-weight: 400;
}
li .timer {
  display: flex;
}
.unread {
  color: var(--amber);
  margin: var(--s4) 0;
}
</style>
