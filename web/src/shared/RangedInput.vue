<script setup lang="ts">
/**
 * A field for a figure or for a range as a sheet prints it ("2–5 h"). The safe end counts, or the figure that is written
 * before it ("4 of 2–5"). Emits only what could be read; what could not is kept on screen with one sentence under it.
 */
import { useHeld } from './heldpage.ts';
import { computed, nextTick, ref, useId, watch } from 'vue';
import { sentence } from '@lentum/core/problems';
import { parseRanged, showRanged, type End, type Quantity, type Ranged } from '@lentum/core/units';
import { useOddText } from './oddtext.ts';
import { useUnits } from './units.ts';

const props = defineProps<{
  modelValue: Ranged | undefined;
  quantity: Quantity;
  /** Which end counts where nobody chose. */
  end: End;
  label: string;
  max: number;
  optional?: boolean;
}>();
const emit = defineEmits<{ 'update:modelValue': [value: Ranged | undefined] }>();
const { reading, written } = useUnits();
const id = useId();
const DIGITS = 3;
const shown = computed(() =>
  props.modelValue ? showRanged(props.modelValue, props.quantity, props.end, written.value, DIGITS) : '',
);
const text = ref(shown.value);
const problem = ref('');
watch(shown, (now) => {
  if (problem.value === '') text.value = now;
});
const told = useOddText(
  () => props.label,
  text,
  problem,
  () => (text.value = shown.value),
);

/** What is not taken, or looks the same as before, is written in the field's own way again. */
function give(value: Ranged | undefined): void {
  emit('update:modelValue', value);
  void nextTick(() => (text.value = shown.value));
}
function take(): void {
  read();
  told();
}
function read(): void {
  if (text.value === shown.value) {
    problem.value = '';
    return;
  }
  if (props.optional && text.value.trim() === '') {
    problem.value = '';
    give(undefined);
    return;
  }
  const parsed = parseRanged(text.value, props.quantity, props.end, {
    ...{ ...reading.value, label: props.label },
    ...{ above: 0, max: props.max },
  });
  problem.value = parsed.ok ? '' : parsed.problems.map(sentence).join(' ');
  if (parsed.ok) give(parsed.value);
}
const held = useHeld();
</script>

<template>
  <div>
    <el-input
      v-model="text"
      :readonly="held"
      class="num-input"
      :class="{ 'is-wrong': problem }"
      :aria-label="label"
      :aria-invalid="problem ? 'true' : undefined"
      :aria-describedby="problem ? id : undefined"
      autocomplete="off"
      @change="take"
    />
    <p v-if="problem" :id="id" class="problem" role="alert">{{ problem }}</p>
  </div>
</template>

<style scoped>
.problem {
  font-size: var(--t-s);
  margin-top: 2px;
}
</style>
