<script setup lang="ts">
/** The sides of a drawn outline: lengths that can be typed over, corners that can be put in and taken out. */
import { Delete, Plus } from '@element-plus/icons-vue';
import { computed } from 'vue';
import { corner, distance } from '@lentum/core/geometry';
import { insertCorner, removeCorner, setSideLength, turnAtDeg, type Zone } from '@lentum/core/survey';
import MeasureInput from '../shared/MeasureInput.vue';
import { useUnits } from '../shared/units.ts';
import { offWhere } from '../shared/heldpage.ts';

const props = defineProps<{ zone: Zone; side: number | undefined }>();
const emit = defineEmits<{ change: [zone: Zone]; chooseSide: [side: number]; chooseCorner: [k: number] }>();
const { say, unit } = useUnits();

const points = computed(() => (props.zone.outline.kind === 'points' ? props.zone.outline.points : []));
const origin = computed(() => (props.zone.outline.kind === 'points' ? props.zone.outline.origin : ''));
const WORDS: Record<string, string> = {
  drawn: 'drawn on the plan',
  split: 'from a zone that was split',
  joined: 'from zones that were joined',
  typed: 'typed',
};
const rows = computed(() =>
  points.value.map((p, i) => ({
    lengthM: distance(p, corner(points.value, i + 1)),
    turnDeg: turnAtDeg(points.value, i + 1),
  })),
);
function middle(i: number): readonly [number, number] {
  const [a, b] = [corner(points.value, i), corner(points.value, i + 1)];
  return [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
}
const turnWords = (deg: number): string =>
  `${deg < 0 ? '↱ right' : '↰ left'} ${say(Math.abs(deg), 'angle')}°`;
</script>

<template>
  <div class="head">
    <h2>Corners</h2>
    <span class="quiet">{{ WORDS[origin] ?? `from ${origin}` }}, {{ points.length }} corners</span>
  </div>
  <p class="quiet">
    A new length moves the corners after it, up to the first side that runs against it. Corners are dragged on
    the plan, or moved with the arrow keys once chosen.
  </p>
  <div class="scroll-x">
    <table class="dense typed points">
      <thead>
        <tr>
          <th scope="col">Side</th>
          <th scope="col" class="num">Length, {{ unit('length') }}</th>
          <th scope="col">Turn at its end</th>
          <th scope="col"><span class="visually-hidden">Add or remove</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(r, i) in rows" :key="i" :class="{ chosen: side === i }" @focusin="emit('chooseSide', i)">
          <th scope="row">{{ i + 1 }}</th>
          <td>
            <MeasureInput
              hide-unit
              quantity="length"
              :label="`Side ${i + 1}, length`"
              :above="0"
              :max="2000"
              :model-value="r.lengthM"
              @update:model-value="(v) => v !== undefined && emit('change', setSideLength(zone, i, v))"
            />
          </td>
          <td>
            <el-button text @click="emit('chooseCorner', (i + 1) % points.length)"
              >corner {{ ((i + 1) % points.length) + 1 }}: {{ turnWords(r.turnDeg) }}</el-button
            >
          </td>
          <td class="acts">
            <el-button
              text
              :icon="Plus"
              :aria-label="`Put a corner into side ${i + 1}`"
              @click="emit('change', insertCorner(zone, i, middle(i)))"
            />
            <el-button
              text
              :icon="Delete"
              v-bind="offWhere(points.length <= 3)"
              :aria-label="`Take out corner ${i + 1}`"
              @click="emit('change', removeCorner(zone, i))"
            />
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.chosen th {
  color: var(--sea);
}
@media (max-width: 480px) {
  td:nth-child(2) {
    width: 5rem;
  }
}
</style>
