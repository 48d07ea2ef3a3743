<script setup lang="ts">
/** Roof lights and other openings, set out from the first corner along the first side, and the kerb round each. */
import { Delete } from '@element-plus/icons-vue';
import { computed, ref } from 'vue';
import { OPENING_KINDS, OPENING_NAMES, upstandMm, type Opening } from '@lentum/core/survey';
import { worded } from '../app/wording.ts';
import MeasureInput from '../shared/MeasureInput.vue';
import PickList from '../shared/PickList.vue';
import NewOpening from './NewOpening.vue';
import { edgeOfKerb, OPENING_FIELDS, type OpeningKey } from './openingfields.ts';

const openings = defineModel<Opening[]>({ required: true });
const kinds = OPENING_KINDS.map((value) => ({ value, label: OPENING_NAMES[value] }));

/** It is there once it is measured. */
const wanted = ref<'square' | 'round'>();
const ways = ref<HTMLElement>();
/** The keyboard goes on where the form was asked for. */
function close(): void {
  const way = wanted.value === 'round' ? 1 : 0;
  wanted.value = undefined;
  ways.value?.querySelectorAll('button')[way]?.focus();
}
const title = computed(
  () => `${OPENING_NAMES['roof-light']} ${openings.value.filter((o) => o.kind === 'roof-light').length + 1}`,
);
function add(made: Pick<Opening, 'shape' | 'edge'>): void {
  openings.value.push({ id: crypto.randomUUID(), name: worded(title.value), kind: 'roof-light', ...made });
  close();
}

function fields(o: Opening): readonly { key: OpeningKey; word: string; isSize: boolean; value: number }[] {
  const { shape } = o;
  if (shape.kind === 'points') return [];
  const values: Partial<Record<OpeningKey, number>> = shape;
  return OPENING_FIELDS[shape.kind].map((f) => ({ ...f, value: values[f.key] ?? 0 }));
}
function set(opening: Opening, key: string, value: number | undefined): void {
  if (value !== undefined && opening.shape.kind !== 'points')
    opening.shape = { ...opening.shape, [key]: value } as Opening['shape'];
}
</script>

<template>
  <div class="head openings">
    <h2>Openings</h2>
    <span class="quiet">{{ openings.length }}</span>
    <span ref="ways" class="end">
      <el-button text @click="wanted = 'square'">{{ worded('Add a roof light') }}</el-button>
      <el-button text @click="wanted = 'round'">Add a round one</el-button>
    </span>
  </div>
  <NewOpening
    v-if="wanted"
    :key="wanted"
    :title="title"
    :round="wanted === 'round'"
    @done="add"
    @cancel="close"
  />
  <div v-for="(o, i) in openings" :key="o.id" class="opening">
    <el-input v-model="o.name" :aria-label="`Opening ${i + 1}, name`" maxlength="120" />
    <PickList v-model="o.kind" :label="`${o.name}, kind`" :options="kinds" />
    <el-button text :icon="Delete" :aria-label="`Remove ${o.name}`" @click="openings.splice(i, 1)" />
    <div class="sizes">
      <div v-for="{ key, word, isSize, value } in fields(o)" :key="key">
        <span class="quiet">{{ word }}</span>
        <MeasureInput
          hide-unit
          quantity="length"
          :label="`${o.name}, ${word}`"
          :max="2000"
          :model-value="value"
          v-bind="isSize ? { above: 0 } : { min: -2000 }"
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
          @update:model-value="(v) => (o.edge = edgeOfKerb(v))"
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
