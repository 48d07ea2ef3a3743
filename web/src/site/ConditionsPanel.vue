<script setup lang="ts">
/** Air, humidity and surface of the moment: dew point, margin and the call for each coat still to be laid. */
import { computed, nextTick, reactive, ref, watch } from 'vue';
import { isWorkLayer, type BuildUp } from '@lentum/core/buildup';
import { sentence } from '@lentum/core/problems';
import { latestConditions } from '@lentum/core/record';
import { dewOf } from '@lentum/core/site';
import { MS_PER_MINUTE, type Quantity } from '@lentum/core/units';
import { hourOf } from '@lentum/core/weather';
import { conditionsVerdict, verdictText, type Verdict } from '@lentum/core/words';
import { rightNow, rightNowMs } from '../app/righttime.ts';
import { useJob } from '../app/job.ts';
import { mayEnterSome } from '../app/session.ts';
import FigureText from '../shared/FigureText.vue';
import MeasureInput from '../shared/MeasureInput.vue';
import { useHasKeyboard } from '../shared/narrow.ts';
import VerdictLine from '../shared/VerdictLine.vue';
import { useInstruments } from './instruments.ts';
import TapScale from './TapScale.vue';
import { useSending } from './sending.ts';

const props = defineProps<{ zoneId: string; buildUp: BuildUp }>();
const job = useJob();
const taking = ref(false);
const form = ref<HTMLFormElement>();
const hasKeyboard = useHasKeyboard();

const last = computed(() => latestConditions(job.book, props.zoneId, job.nowMs));
type Key = 'airC' | 'humidityPct' | 'surfaceC';
const TEMPERATURE = { quantity: 'temperature', digits: 1, step: { metric: 1, us: 2 } } as const;
const FIELDS = [
  { key: 'airC', name: 'Air', label: 'Air temperature', min: -40, max: 60, ...TEMPERATURE },
  {
    key: 'humidityPct',
    name: 'Humidity',
    label: 'Humidity',
    quantity: 'percent',
    min: 1,
    max: 100,
    digits: 0,
    step: { metric: 5, us: 5 },
  },
  { key: 'surfaceC', name: 'Surface', label: 'Surface temperature', min: -40, max: 90, ...TEMPERATURE },
] as const;
const taken = reactive<Record<Key, number | undefined>>({
  airC: undefined,
  humidityPct: undefined,
  surfaceC: undefined,
});
const MILD = { airC: 15, humidityPct: 60, surfaceC: 15 } as const;
/** By the weather, else as it was read last. */
const expected = computed<Record<Key, number>>(() => {
  const { view } = job.weather;
  const climate = view?.climate(props.zoneId, undefined);
  const hour = climate ? hourOf(climate.line, job.nowMs) : -1;
  const known = (column: Float64Array | undefined, key: Key): number => {
    const value = column?.[hour];
    return value === undefined || Number.isNaN(value) ? (last.value?.[key] ?? MILD[key]) : value;
  };
  return {
    airC: known(climate?.line.values.airC, 'airC'),
    humidityPct: known(climate?.line.values.humidityPct, 'humidityPct'),
    surfaceC: known(climate?.surfaceC, 'surfaceC'),
  };
});

function begin(): void {
  for (const { key } of FIELDS) taken[key] = undefined;
  taking.value = true;
  if (hasKeyboard.value) void nextTick(() => form.value?.querySelector('input')?.focus());
}

defineExpose({ begin, isTaking: taking });

const typed = computed(() => {
  const { airC, humidityPct, surfaceC } = taken;
  return airC !== undefined && humidityPct !== undefined && surfaceC !== undefined
    ? { airC, humidityPct, surfaceC }
    : undefined;
});
const reading = computed(() => (taking.value ? typed.value : last.value));
const dew = computed(() => reading.value && dewOf(reading.value));
/** One line for each coat that some bay of the zone waits for. */
const calls = computed(() => {
  if (!reading.value) return [];
  const atMs = taking.value || !last.value ? job.nowMs : Date.parse(last.value.at);
  const wanted = new Set(
    job.statuses.filter((s) => s.bay.zoneId === props.zoneId && s.next).map((s) => s.next?.id),
  );
  const now = reading.value;
  const all = props.buildUp.layers
    .filter(isWorkLayer)
    .filter((c) => c.kind !== 'protection' && wanted.has(c.id))
    .map((c) => conditionsVerdict(c.name, c, { ...now, atMs }, job.nowMs, job.state?.practice));
  return joined(all);
});

/** Coats under the same call share a line. */
function joined(verdicts: readonly Verdict[]): Verdict[] {
  const text = (v: Verdict): string =>
    v.outcome === 'go' ? 'go' : verdictText([...v.says, ...(v.quiet ?? [])], 'metric', String);
  const groups = new Map<string, Verdict[]>();
  for (const v of verdicts) groups.set(text(v), [...(groups.get(text(v)) ?? []), v]);
  return [...groups.values()].flatMap((g) =>
    g[0] ? [{ ...g[0], subject: `${g.map((v) => v.subject).join(', ')}.` }] : [],
  );
}

const instruments = useInstruments(() => props.zoneId);
watch(taking, (on) => {
  if (on && instruments.there.value) instruments.open();
  else instruments.close();
});
/** What was read longer ago is no reading of now. */
const AS_NOW_MS = 10 * MS_PER_MINUTE;
const live = computed(() => {
  const now = instruments.reading.value;
  if (!now) return undefined;
  const readMs = Date.parse(now.at);
  const said = (name: string, value: number | undefined, quantity: Quantity): string[] =>
    value === undefined ? [] : [`${name} ${job.say(value, quantity)}`];
  const says = [
    ...said('air', now.airC, 'temperature'),
    ...said('humidity', now.humidityPct, 'percent'),
    ...said('surface', now.surfaceC, 'temperature'),
    ...said('wind', now.windMPerS, 'speed'),
  ].join(', ');
  const fresh = rightNowMs() - readMs <= AS_NOW_MS;
  const when = fresh ? 'now' : `${job.time(readMs)}, too long ago to stand for now`;
  return { fresh, says: `${now.instrument} ${when}: ${says}.`, problem: now.problem };
});
/** What they read; what they do not read stays as it was typed. */
function fromInstruments(): void {
  const now = instruments.reading.value;
  for (const { key } of FIELDS) taken[key] = now?.[key] ?? taken[key];
}

const { saving, trouble, send } = useSending(
  () => taken,
  () => (taking.value = false),
);
async function keep(): Promise<void> {
  const read = typed.value;
  if (read) await send(() => job.enter('conditions', { zoneId: props.zoneId }, { at: rightNow(), ...read }));
}
</script>

<template>
  <div class="head">
    <h2 class="minor">Conditions</h2>
    <span v-if="last && !taking" class="quiet">read {{ job.time(Date.parse(last.at)) }}</span>
    <el-button v-if="!taking && mayEnterSome('conditions', job.id)" class="end tap" @click="begin"
      >Take a reading</el-button
    >
  </div>
  <form v-if="taking" ref="form" class="fields" @submit.prevent="keep">
    <div v-for="f in FIELDS" :key="f.key">
      <span class="name">{{ f.name }}</span>
      <MeasureInput
        v-model="taken[f.key]"
        size="large"
        optional
        :quantity="f.quantity"
        :label="f.label"
        :min="f.min"
        :max="f.max"
        :digits="f.digits"
      />
      <TapScale
        v-model="taken[f.key]"
        class="taps"
        :quantity="f.quantity"
        :label="f.label"
        :around="expected[f.key]"
        :step="f.step[job.system]"
        :min="f.min"
        :max="f.max"
      />
    </div>
    <p class="quiet">The scales stand round what is expected now. Nothing is kept but what was read.</p>
    <template v-if="live">
      <p class="quiet">{{ live.says }}</p>
      <p v-if="live.problem" class="trouble">{{ live.problem }}</p>
    </template>
  </form>
  <dl v-if="reading">
    <template v-if="!taking">
      <dt>air</dt>
      <dd>{{ job.say(reading.airC, 'temperature') }}</dd>
      <dt>humidity</dt>
      <dd>{{ job.say(reading.humidityPct, 'percent') }}</dd>
      <dt>surface</dt>
      <dd>{{ job.say(reading.surfaceC, 'temperature') }}</dd>
    </template>
    <template v-if="dew?.ok">
      <dt>dew point</dt>
      <dd><FigureText :figure="dew.value.dewPoint" /></dd>
      <dt>margin</dt>
      <dd><FigureText :figure="dew.value.margin" /></dd>
    </template>
  </dl>
  <p v-else-if="!taking" class="quiet empty">
    No reading yet. Air, humidity and surface tell the dew point, and whether to go or hold.
  </p>
  <p v-if="dew && !dew.ok" class="trouble">{{ dew.problems.map(sentence).join(' ') }}</p>
  <VerdictLine v-for="(v, i) in calls" :key="i" :verdict="v" />
  <p v-for="t in trouble" :key="t" class="trouble" role="alert">{{ t }}</p>
  <div v-if="taking" class="bar">
    <el-button type="primary" class="tap" :disabled="!typed" :loading="saving" @click="keep"
      >Keep the reading</el-button
    >
    <el-button v-if="instruments.there.value" class="tap" :disabled="!live?.fresh" @click="fromInstruments"
      >From the instruments</el-button
    >
    <el-button class="tap" @click="taking = false">Cancel</el-button>
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  gap: var(--s3);
  margin-top: var(--s2);
}
.fields > div {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 9rem;
  align-items: center;
  gap: var(--s1) var(--s2);
}
.name {
  font-weight: 600;
}
.taps {
  grid-column: 1 / -1;
}
dl {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--s2);
  margin: var(--s2) 0 0;
}
dt {
  color: var(--ink-2);
}
dd {
  margin: 0 var(--s2) 0 0;
  font-weight: 700;
}
.empty {
  margin-top: var(--s2);
}
.trouble {
  color: var(--red);
}
</style>
