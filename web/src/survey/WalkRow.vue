<script setup lang="ts">
/** One side of a walk: its length, and the turn at its end. */
import type { Leg } from '@lentum/core/geometry';
import MeasureInput from '../shared/MeasureInput.vue';
import TurnButton from './TurnButton.vue';

/** `lengthM` is left out until it is measured. */
defineProps<{ side: number; leg: Omit<Leg, 'lengthM'> & { readonly lengthM?: number | undefined } }>();
const emit = defineEmits<{ change: [part: Partial<Leg>]; enter: [] }>();
</script>

<template>
  <tr>
    <th scope="row">{{ side }}</th>
    <td @keydown.enter.prevent="emit('enter')">
      <MeasureInput
        hide-unit
        quantity="length"
        :label="`Side ${side}, length`"
        :above="0"
        :max="2000"
        :optional="leg.lengthM === undefined"
        :model-value="leg.lengthM"
        @update:model-value="(v) => v !== undefined && emit('change', { lengthM: v })"
      />
    </td>
    <td>
      <div class="turn">
        <TurnButton
          :side="side"
          :model-value="leg.turn"
          @update:model-value="(turn) => emit('change', { turn })"
        />
        <MeasureInput
          hide-unit
          quantity="angle"
          class="angle"
          :label="`Side ${side}, turn in degrees`"
          :above="0"
          :max="179.99"
          :digits="2"
          :model-value="leg.turnDeg"
          @update:model-value="(v) => v !== undefined && emit('change', { turnDeg: v })"
        />°
      </div>
    </td>
    <slot />
  </tr>
</template>

<style scoped>
th {
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
