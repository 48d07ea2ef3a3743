<script setup lang="ts">
/** A zone before anybody has measured it: its area, and what is known or usual of its edge and fittings. */
import { computed } from 'vue';
import { sentence } from '@lentum/core/problems';
import {
  estimatedCount,
  estimatedHeight,
  ESTIMATED_FITTINGS,
  featureFacts,
  isUnfinished,
  perimeterOf,
  risingOf,
  usualCount,
  withEstimate,
  zoneQuantities,
  type EstimatedFitting,
  type EstimatedOutline,
  type Zone,
} from '@lentum/core/survey';
import { worded } from '../app/wording.ts';
import MeasureInput from '../shared/MeasureInput.vue';
import { useUnits } from '../shared/units.ts';

const props = defineProps<{ zone: Zone; outline: EstimatedOutline }>();
const emit = defineEmits<{ change: [zone: Zone] }>();
const { say, system } = useUnits();

const FITTINGS = Object.keys(ESTIMATED_FITTINGS) as EstimatedFitting[];
/** A length that no rectangle of the area has. */
const problems = computed(() => {
  const q = zoneQuantities(props.zone);
  return q.ok ? [] : q.problems.filter(isUnfinished);
});
const height = computed(() => estimatedHeight(props.zone));
const counts = computed(
  () =>
    Object.fromEntries(FITTINGS.map((k) => [k, estimatedCount(props.zone, k)])) as Record<
      EstimatedFitting,
      number
    >,
);
const isUsual = (kind: EstimatedFitting): boolean =>
  counts.value[kind] === usualCount(kind, props.outline.areaM2);

function put(
  outline: EstimatedOutline,
  heightMm = height.value,
  fittings: Readonly<Record<EstimatedFitting, number>> = counts.value,
): void {
  emit('change', withEstimate(props.zone, outline, heightMm, fittings, system.value));
}
/** What was usual for the old area is usual for the new one. */
function setArea(areaM2: number | undefined): void {
  if (areaM2 === undefined) return;
  const next = Object.fromEntries(
    FITTINGS.map((k) => [k, isUsual(k) ? usualCount(k, areaM2) : counts.value[k]]),
  ) as Record<EstimatedFitting, number>;
  put({ ...props.outline, areaM2 }, height.value, next);
}
function setLength(key: 'perimeterM' | 'risingM', value: number | undefined): void {
  const { [key]: _, ...rest } = props.outline;
  put(value === undefined ? rest : { ...rest, [key]: value });
}
const setCount = (kind: EstimatedFitting, value: number | undefined): void =>
  put(props.outline, height.value, { ...counts.value, [kind]: Math.round(value ?? 0) });
</script>

<template>
  <div class="head"><h2>By area, not measured</h2></div>
  <p class="quiet">
    {{
      worded(
        'A first estimate: until it is measured the zone is a rectangle of this area. Everything counted from it is marked as assumed; pieces and courses are those of the rectangle.',
      )
    }}
  </p>
  <p v-for="(p, i) in problems" :key="i" class="problem" role="alert">{{ sentence(p) }}</p>
  <div class="fields">
    <label
      ><span>Area</span>
      <MeasureInput
        quantity="area"
        label="Area"
        :min="0.5"
        :max="1000000"
        :model-value="outline.areaM2"
        @update:model-value="setArea"
    /></label>
    <label
      ><span>Length round it</span>
      <MeasureInput
        quantity="length"
        label="Length round it"
        :min="1"
        :max="2000"
        :model-value="outline.perimeterM"
        @update:model-value="(v) => setLength('perimeterM', v)"
      />
      <span v-if="outline.perimeterM === undefined" class="quiet"
        >empty: {{ say(perimeterOf(outline), 'length') }}, as is usual</span
      ></label
    >
    <label
      ><span>Of it goes up</span>
      <MeasureInput
        quantity="length"
        label="Of it goes up"
        :min="0"
        :max="2000"
        :model-value="outline.risingM"
        @update:model-value="(v) => setLength('risingM', v)"
      />
      <span v-if="outline.risingM === undefined" class="quiet"
        >empty: all of it, {{ say(risingOf(outline), 'length') }}</span
      ></label
    >
    <label
      ><span>{{ worded('Height of the upstand') }}</span>
      <MeasureInput
        quantity="lap"
        :label="worded('Height of the upstand')"
        :min="0"
        :max="5000"
        :model-value="height"
        @update:model-value="(v) => v !== undefined && put(outline, v)"
    /></label>
    <label v-for="kind in FITTINGS" :key="kind"
      ><span>{{ worded(`${featureFacts(kind).name}s`) }}</span>
      <MeasureInput
        quantity="count"
        :label="worded(`Number of ${kind}s`)"
        :min="0"
        :max="999"
        :model-value="counts[kind]"
        @update:model-value="(v) => setCount(kind, v)"
      />
      <span v-if="isUsual(kind)" class="quiet">as is usual for the area</span></label
    >
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(11rem, 1fr));
  gap: var(--s3);
  padding: var(--s3) 0;
}
label {
  display: grid;
  align-content: start;
  gap: var(--s1);
}
label > span:first-child {
  font-weight: 600;
  font-size: var(--t-s);
}
label .quiet {
  font-size: var(--t-s);
}
</style>
