<script setup lang="ts">
/** Roof lights and other openings, set out from the first corner along the first side. */
import { Delete } from '@element-plus/icons-vue';
import type { Opening } from '@lentum/core/survey';
import MeasureInput from '../shared/MeasureInput.vue';

const openings = defineModel<Opening[]>({ required: true });

function add(): void {
  const n = openings.value.length + 1;
  openings.value.push({
    id: crypto.randomUUID(),
    name: `Roof light ${n}`,
    shape: { kind: 'rectangle', alongM: 1, acrossM: 1, lengthM: 1, widthM: 1 },
  });
}

const FIELDS = [
  ['alongM', 'along side 1'],
  ['acrossM', 'into the zone'],
  ['lengthM', 'length'],
  ['widthM', 'width'],
] as const;

function set(opening: Opening, key: (typeof FIELDS)[number][0], value: number | undefined): void {
  if (value !== undefined && opening.shape.kind === 'rectangle') opening.shape[key] = value;
}
</script>

<template>
  <div class="head openings">
    <h2>Openings</h2>
    <span class="quiet">{{ openings.length }}</span>
    <el-button text class="end" @click="add">Add a roof light</el-button>
  </div>
  <div v-for="(o, i) in openings" :key="o.id" class="opening">
    <el-input v-model="o.name" :aria-label="`Opening ${i + 1}, name`" maxlength="120" />
    <el-button text :icon="Delete" :aria-label="`Remove ${o.name}`" @click="openings.splice(i, 1)" />
    <div v-if="o.shape.kind === 'rectangle'" class="sizes">
      <div v-for="[key, word] in FIELDS" :key="key">
        <span class="quiet">{{ word }}</span>
        <MeasureInput
          hide-unit
          quantity="length"
          :label="`${o.name}, ${word}`"
          :max="2000"
          :model-value="o.shape[key]"
          v-bind="key === 'lengthM' || key === 'widthM' ? { above: 0 } : { min: -2000 }"
          @update:model-value="(v) => set(o, key, v)"
        />
      </div>
    </div>
    <p v-else class="quiet sizes">{{ o.shape.points.length }} corners, from the file</p>
  </div>
</template>

<style scoped>
.openings {
  margin-top: var(--s4);
}
.opening {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: var(--s1);
  padding: var(--s2) 0;
  border-bottom: var(--stroke) solid var(--line);
}
.sizes {
  grid-column: 1 / -1;
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: var(--s2);
}
</style>
