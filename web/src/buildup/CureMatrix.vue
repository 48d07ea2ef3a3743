<script setup lang="ts">
/** Stages of cure over temperature: a row a stage, a column a temperature; an empty cell says nothing. */
import { computed, ref } from 'vue';
import { safeEnd, STAGES, type Coat, type Stage } from '@lentum/core/buildup';
import { STAGE_WORDS } from '@lentum/core/words';
import { type Ranged } from '@lentum/core/units';
import { worded } from '../app/wording.ts';
import MeasureInput from '../shared/MeasureInput.vue';
import PickList from '../shared/PickList.vue';
import RangedInput from '../shared/RangedInput.vue';
import { useUnits } from '../shared/units.ts';
import { editLayer, useEditing, type Provenance } from './editing.ts';
import RowsEditor, { type RowColumn } from './RowsEditor.vue';
import SourcePick from './SourcePick.vue';

const props = defineProps<{ coat: Coat }>();
const editing = useEditing();
const { say } = useUnits();
/** Stages that every coat has. */
const NEEDED: readonly Stage[] = ['touch', 'rainSafe', 'overcoatFrom', 'foot'];

const extra = ref<number[]>([]);
const temperatures = computed(() => {
  const all = STAGES.flatMap((s) => props.coat.cure[s]?.points.map((p) => p.atC) ?? []);
  return [...new Set([...all, ...extra.value])].sort((a, b) => a - b);
});
function hoursAt(stage: Stage, atC: number): Ranged | undefined {
  const point = props.coat.cure[stage]?.points.find((p) => p.atC === atC);
  return point && { value: point.hours, ...(point.range ? { range: point.range } : {}) };
}

function setHours(stage: Stage, atC: number, hours: Ranged | undefined): void {
  editLayer(editing, props.coat.id, (layer) => {
    if (layer.kind !== 'coat') return;
    const table = layer.cure[stage];
    const others = (table?.points ?? []).filter((p) => p.atC !== atC);
    const points =
      hours === undefined
        ? others
        : [...others, { atC, hours: hours.value, ...(hours.range ? { range: { ...hours.range } } : {}) }];
    points.sort((a, b) => a.atC - b.atC);
    if (points.length === 0) {
      if (!NEEDED.includes(stage)) Reflect.deleteProperty(layer.cure, stage);
      return;
    }
    const { source, cites } = editing.typed;
    const from =
      hours === undefined && table ? { source: table.source, cites: table.cites } : { source, cites };
    const next = { ...table, source: from.source, points };
    if (from.cites === undefined) Reflect.deleteProperty(next, 'cites');
    else next.cites = from.cites;
    layer.cure = { ...layer.cure, [stage]: next };
    // What is given a last time is no longer open.
    if (stage === 'overcoatUntil') delete layer.overcoatOpen;
  });
}
function setSource(stage: Stage, from: Provenance): void {
  editLayer(editing, props.coat.id, (layer) => {
    const table = layer.kind === 'coat' ? layer.cure[stage] : undefined;
    if (!table) return;
    table.source = from.source;
    if (from.cites === undefined) delete table.cites;
    else table.cites = from.cites;
  });
}
const adding = ref<number>();
function addTemperature(atC: number | undefined): void {
  if (atC === undefined) return;
  extra.value = [...extra.value, atC];
  adding.value = undefined;
}

const factorStage = ref<Stage>('overcoatFrom');
const stagesThere = computed(() => STAGES.filter((s) => props.coat.cure[s]));
const factorKinds = [
  { key: 'byHumidityPct', name: 'Hours times, by humidity', unit: 'percent', fresh: { at: 50, factor: 1 } },
  { key: 'byWetFilmMm', name: 'Hours times, by wet film', unit: 'film', fresh: { at: 1, factor: 1 } },
] as const;
const factorColumns = (unit: 'percent' | 'film'): RowColumn[] => [
  { key: 'at', name: unit === 'film' ? 'Wet film' : 'Humidity', form: 'number', quantity: unit },
  { key: 'factor', name: 'Times', form: 'number', quantity: 'number' },
];
function setFactors(key: (typeof factorKinds)[number]['key'], rows: readonly object[]): void {
  editLayer(editing, props.coat.id, (layer) => {
    const table = layer.kind === 'coat' ? layer.cure[factorStage.value] : undefined;
    if (!table) return;
    if (rows.length < 2) Reflect.deleteProperty(table, key);
    else table[key] = rows as { at: number; factor: number }[];
  });
}
function beginFactors(kind: (typeof factorKinds)[number]): void {
  const first = kind.fresh;
  setFactors(kind.key, [first, { at: first.at * 1.5, factor: kind.key === 'byWetFilmMm' ? 2.25 : 0.8 }]);
}
</script>

<template>
  <div class="scroll-x">
    <table class="dense typed">
      <caption class="visually-hidden">
        {{
          coat.name
        }}, stages of cure over the temperature of the surface
      </caption>
      <thead>
        <tr>
          <th scope="col">At</th>
          <th v-for="t in temperatures" :key="t" scope="col" class="num">
            {{ say(t, 'temperature', { digits: 0 }) }}
          </th>
          <th scope="col"><span class="visually-hidden">Source</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="s in STAGES" :key="s">
          <th scope="row" class="stage">{{ STAGE_WORDS[s] }}</th>
          <td v-for="t in temperatures" :key="t">
            <RangedInput
              :model-value="hoursAt(s, t)"
              quantity="hours"
              :end="safeEnd(s)"
              :max="10000"
              optional
              :label="`${STAGE_WORDS[s]} at ${say(t, 'temperature', { digits: 0 })}, hours`"
              @update:model-value="(v) => setHours(s, t, v)"
            />
          </td>
          <td>
            <SourcePick
              v-if="coat.cure[s]"
              :from="coat.cure[s]!"
              :label="STAGE_WORDS[s]"
              @change="(from) => setSource(s, from)"
            />
          </td>
        </tr>
      </tbody>
    </table>
  </div>
  <div class="below">
    <span class="quiet"
      >Hours; “45 min” and “3 d” are understood too. Of a range such as “2–5” the safe end counts: the later
      one, for “until” the earlier one. Another is written before it: “4 of 2–5”.</span
    >
    <label class="add"
      >another temperature
      <MeasureInput
        :model-value="adding"
        quantity="temperature"
        label="Another temperature"
        optional
        @update:model-value="addTemperature"
    /></label>
  </div>
  <details>
    <summary>What else the hours depend on</summary>
    <PickList
      v-model="factorStage"
      label="Stage"
      :options="stagesThere.map((s) => ({ value: s, label: STAGE_WORDS[s] }))"
    />
    <div v-for="k in factorKinds" :key="k.key" class="factor">
      <h3>{{ worded(k.name) }}</h3>
      <RowsEditor
        v-if="coat.cure[factorStage]?.[k.key]"
        :label="`${STAGE_WORDS[factorStage]}, ${k.name}`"
        :rows="coat.cure[factorStage]?.[k.key] ?? []"
        :columns="factorColumns(k.unit)"
        :fresh="() => ({ ...k.fresh, at: (coat.cure[factorStage]?.[k.key]?.at(-1)?.at ?? 1) * 1.2 })"
        :least="0"
        @change="(rows) => setFactors(k.key, rows)"
      />
      <el-button v-else text @click="beginFactors(k)">It depends on that</el-button>
    </div>
  </details>
</template>

<style scoped>
.stage {
  white-space: nowrap;
  font-weight: 600;
}
td {
  min-width: 4.2rem;
}
.below {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s2) var(--s4);
  align-items: center;
  margin: var(--s2) 0;
}
.add {
  display: flex;
  gap: var(--s2);
  align-items: center;
  font-size: var(--t-s);
  color: var(--ink-2);
}
.add > :deep(*) {
  width: 7rem;
}
.factor {
  margin-top: var(--s2);
}
</style>
