<script setup lang="ts">
/** What stands on, goes through or is wrong with the roof. Added by kind, placed by tape or on the plan. */
import { Delete, Location } from '@element-plus/icons-vue';
import { computed, ref, watch } from 'vue';
import {
  FEATURE_KINDS,
  featureFacts,
  featureLengthM,
  featureNumber,
  typicalSizes,
  type Feature,
  type FeatureKind,
  type Place,
} from '@lentum/core/survey';
import { worded } from '../app/wording.ts';
import MeasureInput from '../shared/MeasureInput.vue';
import PickList from '../shared/PickList.vue';
import TextInput from '../shared/TextInput.vue';
import { useUnits } from '../shared/units.ts';
import NewPlace from './NewPlace.vue';
import { NEW_PLACE } from './openplace.ts';
import PlaceInputs from './PlaceInputs.vue';

const features = defineModel<Feature[]>({ required: true });
const props = defineProps<{ placing: string | undefined; tapped: Place | undefined; rims: boolean }>();
const emit = defineEmits<{ place: [id: string | undefined] }>();
const { say, system, unit } = useUnits();

const kinds = FEATURE_KINDS.map((value) => ({ value, label: featureFacts(value).name }));
const kind = ref<string>('outlet');
const counts = computed(() =>
  FEATURE_KINDS.flatMap((k) => {
    const mine = features.value.filter((f) => f.kind === k);
    if (mine.length === 0) return [];
    const { name, form } = featureFacts(k);
    const count = mine.reduce((sum, f) => sum + featureNumber(f), 0);
    const length = mine.reduce((sum, f) => sum + featureLengthM(f), 0);
    return [`${worded(name)} ${form === 'line' ? say(length, 'length') : count}`];
  }),
);

/** It is there once its place is said. */
const wanted = ref<FeatureKind>();
const title = computed(() =>
  wanted.value ? `${worded(featureFacts(wanted.value).name)} ${features.value.length + 1}` : '',
);
function begin(): void {
  wanted.value = kind.value as FeatureKind;
  emit('place', NEW_PLACE);
}
// Something else waits for its place, or nothing does any more.
watch(
  () => props.placing,
  (now) => now !== NEW_PLACE && (wanted.value = undefined),
);
function add(at: Place, to: Place | undefined): void {
  const chosen = wanted.value;
  if (!chosen) return;
  features.value = [
    ...features.value,
    {
      id: crypto.randomUUID(),
      kind: chosen,
      count: 1,
      at,
      ...(to ? { to } : {}),
      sizes: typicalSizes(chosen, system.value),
      note: '',
    },
  ];
  close();
}
/** The keyboard goes on where it was asked for. */
function close(): void {
  emit('place', undefined);
  adding.value?.querySelector('button')?.focus();
}
const adding = ref<HTMLElement>();
function change(id: string, part: Partial<Feature>): void {
  features.value = features.value.map((f) => (f.id === id ? { ...f, ...part } : f));
}
function setRim(f: Feature, rimM: number | undefined): void {
  const { rimM: _old, ...rest } = f;
  const next: Feature = rimM === undefined ? rest : { ...rest, rimM };
  features.value = features.value.map((x) => (x.id === f.id ? next : x));
}
function remove(id: string): void {
  features.value = features.value.filter((f) => f.id !== id);
  if (props.placing === id) emit('place', undefined);
}
</script>

<template>
  <div class="head fittings">
    <h2>Fittings and defects</h2>
    <span class="quiet">{{ counts.join(' · ') || 'none yet' }}</span>
  </div>
  <div ref="adding" class="bar add">
    <PickList v-model="kind" label="Kind to add" :options="kinds" filterable />
    <el-button @click="begin">Add</el-button>
  </div>
  <NewPlace
    v-if="wanted"
    :title="title"
    :line="featureFacts(wanted).form === 'line'"
    :tapped="tapped"
    @done="add"
    @cancel="close"
  />
  <div v-for="(f, i) in features" :key="f.id" class="feature" :class="{ placing: placing === f.id }">
    <strong>{{ worded(featureFacts(f.kind).name) }}</strong>
    <div class="acts">
      <el-button
        text
        :icon="Location"
        :type="placing === f.id ? 'primary' : 'default'"
        :aria-pressed="placing === f.id"
        :aria-label="`Place ${worded(featureFacts(f.kind).name.toLowerCase())} ${i + 1} on the plan`"
        @click="emit('place', placing === f.id ? undefined : f.id)"
      />
      <el-button
        text
        :icon="Delete"
        :aria-label="`Remove ${worded(featureFacts(f.kind).name.toLowerCase())} ${i + 1}`"
        @click="remove(f.id)"
      />
    </div>
    <div class="sizes">
      <PlaceInputs
        :label="`${worded(featureFacts(f.kind).name)} ${i + 1}`"
        :model-value="f.at"
        @update:model-value="(at) => change(f.id, { at })"
      />
      <PlaceInputs
        v-if="f.to"
        end="its end"
        :label="`${worded(featureFacts(f.kind).name)} ${i + 1}`"
        :model-value="f.to"
        @update:model-value="(to) => change(f.id, { to })"
      />
      <label v-for="(field, key) in featureFacts(f.kind).sizes" :key="key"
        >{{ worded(field.label)
        }}<template v-if="unit(field.quantity)">, {{ unit(field.quantity) }}</template>
        <MeasureInput
          hide-unit
          :quantity="field.quantity"
          :label="`${worded(featureFacts(f.kind).name)} ${i + 1}, ${field.label}`"
          :min="field.least"
          :max="field.most"
          :model-value="f.sizes[key]"
          @update:model-value="(v) => v !== undefined && change(f.id, { sizes: { ...f.sizes, [key]: v } })"
      /></label>
      <label
        >alike
        <MeasureInput
          hide-unit
          quantity="count"
          :digits="0"
          :label="`${worded(featureFacts(f.kind).name)} ${i + 1}, how many alike`"
          :min="1"
          :max="10000"
          :model-value="f.count"
          @update:model-value="(v) => v !== undefined && change(f.id, { count: Math.round(v) })"
      /></label>
      <label v-if="rims && (f.kind === 'outlet' || f.kind === 'scupper')"
        >level of its rim, {{ unit('level') }}
        <MeasureInput
          hide-unit
          optional
          quantity="level"
          :label="`${worded(featureFacts(f.kind).name)} ${i + 1}, level of its rim`"
          :min="-1000"
          :max="10000"
          :model-value="f.rimM"
          @update:model-value="(v) => setRim(f, v)"
      /></label>
      <label class="note"
        >name or note
        <TextInput
          :model-value="f.note"
          :label="`${worded(featureFacts(f.kind).name)} ${i + 1}, name or note`"
          @update:model-value="(v) => change(f.id, { note: v })"
      /></label>
    </div>
  </div>
</template>

<style scoped>
.fittings {
  margin-top: var(--s6);
}
.add {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  padding: var(--s2) 0;
}
.feature {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 var(--s2);
  align-items: center;
  padding: var(--s2) 0;
  border-bottom: var(--stroke) solid var(--line);
}
.placing {
  box-shadow: inset 3px 0 0 var(--sea);
  padding-left: var(--s2);
}
body .acts .el-button {
  padding: 0 var(--s1);
  min-width: 32px;
}
.sizes {
  grid-column: 1 / -1;
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: var(--s1) var(--s2);
  align-items: end;
}
.sizes label {
  font-size: var(--t-s);
  color: var(--ink-2);
}
.note {
  grid-column: span 2;
}
@media (max-width: 480px) {
  .sizes {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
</style>
