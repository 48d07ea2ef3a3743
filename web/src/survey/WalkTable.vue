<script setup lang="ts">
/** The walk round the edge: length of each side, turn at its end. Enter goes on to the next side. */
import { Delete, Plus } from '@element-plus/icons-vue';
import { nextTick, ref } from 'vue';
import type { Leg } from '@lentum/core/geometry';
import { useUnits } from '../shared/units.ts';
import WalkRow from './WalkRow.vue';
import { offWhere } from '../shared/heldpage.ts';

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
      <WalkRow
        v-for="(leg, i) in legs"
        :key="i"
        :side="i + 1"
        :leg="leg"
        @change="(part) => change(i, part)"
        @enter="onEnter(i)"
      >
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
            v-bind="offWhere(legs.length <= 3)"
            :aria-label="`Remove side ${i + 1}`"
            @click="remove(i)"
          />
        </td>
      </WalkRow>
    </tbody>
  </table>
</template>

<style scoped>
.walk {
  margin-top: var(--s2);
}
</style>
