<script setup lang="ts">
/** Roof lights and other openings, set out from the first corner along the first side, and the kerb round each. */
import { Delete } from '@element-plus/icons-vue';
import { blankOpening, OPENING_KINDS, OPENING_NAMES, upstandMm, type Opening } from '@lentum/core/survey';
import { worded } from '../app/wording.ts';
import MeasureInput from '../shared/MeasureInput.vue';
import PickList from '../shared/PickList.vue';

const openings = defineModel<Opening[]>({ required: true });
const kinds = OPENING_KINDS.map((value) => ({ value, label: OPENING_NAMES[value] }));

function add(kind: Opening['kind'], round: boolean): void {
  const n = openings.value.filter((o) => o.kind === kind).length + 1;
  openings.value.push({
    ...blankOpening({
      id: crypto.randomUUID(),
      name: worded(`${OPENING_NAMES[kind]} ${n}`),
      shape: round
        ? { kind: 'circle', alongM: 1.5, acrossM: 1.5, diameterM: 1 }
        : { kind: 'rectangle', alongM: 1, acrossM: 1, lengthM: 1, widthM: 1 },
    }),
    kind,
  });
}

const RECTANGLE = [
  ['alongM', 'along side 1'],
  ['acrossM', 'into the zone'],
  ['lengthM', 'length'],
  ['widthM', 'width'],
] as const;
const CIRCLE = [
  ['alongM', 'middle along side 1'],
  ['acrossM', 'middle into the zone'],
  ['diameterM', 'diameter'],
] as const;
const SIZES = new Set(['lengthM', 'widthM', 'diameterM']);

function fields(o: Opening): readonly (readonly [string, string, number])[] {
  const { shape } = o;
  if (shape.kind === 'rectangle') return RECTANGLE.map(([key, word]) => [key, word, shape[key]]);
  if (shape.kind === 'circle') return CIRCLE.map(([key, word]) => [key, word, shape[key]]);
  return [];
}
function set(opening: Opening, key: string, value: number | undefined): void {
  if (value !== undefined && opening.shape.kind !== 'points')
    opening.shape = { ...opening.shape, [key]: value } as Opening['shape'];
}
function setKerb(opening: Opening, heightMm: number | undefined): void {
  opening.edge =
    heightMm === undefined || heightMm < 10
      ? { kind: 'free' }
      : { kind: 'upstand', heightMm, termination: 'open' };
}
</script>

<template>
  <div class="head openings">
    <h2>Openings</h2>
    <span class="quiet">{{ openings.length }}</span>
    <span class="end">
      <el-button text @click="add('roof-light', false)">{{ worded('Add a roof light') }}</el-button>
      <el-button text @click="add('roof-light', true)">Add a round one</el-button>
    </span>
  </div>
  <div v-for="(o, i) in openings" :key="o.id" class="opening">
    <el-input v-model="o.name" :aria-label="`Opening ${i + 1}, name`" maxlength="120" />
    <PickList v-model="o.kind" :label="`${o.name}, kind`" :options="kinds" />
    <el-button text :icon="Delete" :aria-label="`Remove ${o.name}`" @click="openings.splice(i, 1)" />
    <div class="sizes">
      <div v-for="[key, word, value] in fields(o)" :key="key">
        <span class="quiet">{{ word }}</span>
        <MeasureInput
          hide-unit
          quantity="length"
          :label="`${o.name}, ${word}`"
          :max="2000"
          :model-value="value"
          v-bind="SIZES.has(key) ? { above: 0 } : { min: -2000 }"
          @update:model-value="(v) => set(o, key, v)"
        />
      </div>
      <div>
        <span class="quiet">{{ worded('kerb height') }}</span>
        <MeasureInput
          optional
          hide-unit
          quantity="lap"
          :label="`${o.name}, kerb height`"
          :min="0"
          :max="5000"
          :model-value="upstandMm(o.edge)"
          @update:model-value="(v) => setKerb(o, v)"
        />
      </div>
      <p v-if="o.shape.kind === 'points'" class="quiet">{{ o.shape.points.length }} corners, from the file</p>
    </div>
  </div>
</template>

<style scoped>
.openings {
  margin-top: var(--s4);
}
.opening {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 9rem auto;
  gap: var(--s1);
  padding: var(--s2) 0;
  border-bottom: var(--stroke) solid var(--line);
}
.sizes {
  grid-column: 1 / -1;
  display: grid;
  grid-template-columns: repeat(5, minmax(0, 1fr));
  gap: var(--s2);
  align-items: end;
}
@media (max-width: 480px) {
  .opening {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .sizes {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
}
</style>
