<script setup lang="ts">
/** The walk round the edge: length of each side, turn at its end. Enter goes on to the next side. */
import { Delete, Plus } from '@element-plus/icons-vue';
import { nextTick, ref } from 'vue';
import type { Leg } from '@lentum/core/geometry';
import MeasureInput from '../shared/MeasureInput.vue';
import { useUnits } from '../shared/units.ts';
import TurnButton from './TurnButton.vue';

const legs = defineModel<Leg[]>({ required: true });
const emit = defineEmits<{ changed: []; inserted: [after: number]; removed: [side: number] }>();
const { unit } = useUnits();
const body = ref<HTMLElement>();

function change(i: number, part: Partial<Leg>): void {
  const old = legs.value[i];
  if (!old) return;
  legs.value[i] = { ...old, ...part };
  emit('changed');
}

async function focusRow(i: number): Promise<void> {
  await nextTick();
  const input = body.value?.querySelectorAll<HTMLInputElement>('tr input.el-input__inner')[i * 2];
  input?.focus();
  input?.select();
}

async function insertAfter(i: number): Promise<void> {
  legs.value.splice(i + 1, 0, { lengthM: 1, turnDeg: 90, turn: 'left' });
  emit('inserted', i);
  emit('changed');
  await focusRow(i + 1);
}

function remove(i: number): void {
  legs.value.splice(i, 1);
  emit('removed', i);
  emit('changed');
}

/** Enter in a length: on to the next side. */
const onEnter = (i: number): Promise<void> => focusRow(Math.min(i + 1, legs.value.length - 1));
</script>

<template>
  <div class="head">
    <h2>Walk round the edge</h2>
    <span class="quiet">{{ legs.length }} sides</span>
  </div>
  <p class="quiet">
    Start at a corner. For each side: its length, then the turn at its end. Arrow keys turn left or right.
  </p>
  <table class="dense typed walk">
    <thead>
      <tr>
        <th scope="col">Side</th>
        <th scope="col" class="num">Length, {{ unit('length') }}</th>
        <th scope="col">Turn at its end</th>
        <th scope="col"><span class="visually-hidden">Add or remove</span></th>
      </tr>
    </thead>
    <tbody ref="body">
      <tr v-for="(leg, i) in legs" :key="i">
        <th scope="row">{{ i + 1 }}</th>
        <td @keydown.enter.prevent="onEnter(i)">
          <MeasureInput
            hide-unit
            quantity="length"
            :label="`Side ${i + 1}, length`"
            :above="0"
            :max="2000"
            :model-value="leg.lengthM"
            @update:model-value="(v) => v !== undefined && change(i, { lengthM: v })"
          />
        </td>
        <td>
          <div class="turn">
            <TurnButton
              :side="i + 1"
              :model-value="leg.turn"
              @update:model-value="(turn) => change(i, { turn })"
            />
            <MeasureInput
              hide-unit
              quantity="angle"
              class="angle"
              :label="`Side ${i + 1}, turn in degrees`"
              :above="0"
              :max="179.99"
              :digits="2"
              :model-value="leg.turnDeg"
              @update:model-value="(v) => v !== undefined && change(i, { turnDeg: v })"
            />°
          </div>
        </td>
        <td class="acts">
          <el-button
            text
            :icon="Plus"
            :aria-label="`Insert a side after side ${i + 1}`"
            @click="insertAfter(i)"
          />
          <el-button
            text
            :icon="Delete"
            :disabled="legs.length <= 3"
            :aria-label="`Remove side ${i + 1}`"
            @click="remove(i)"
          />
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.walk {
  margin-top: var(--s2);
}
.walk th[scope='row'] {
  width: 2rem;
  vertical-align: middle;
}
.turn {
  display: flex;
  align-items: center;
  gap: var(--s1);
}
.angle {
  width: 4.2rem;
}
@media (max-width: 420px) {
  .angle {
    width: 3.2rem;
  }
}
</style>
