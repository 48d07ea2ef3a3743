<script setup lang="ts">
/**
 * A field for a figure with a unit. Takes either system ("12' 6", "90 ft2/gal"); a bare number is in the unit shown.
 * Emits only what could be read; what could not is kept on screen with one sentence under it.
 */
import { useHeld } from './heldpage.ts';
import { computed, ref, useId, watch } from 'vue';
import { sentence } from '@lentum/core/problems';
import { parse, type Quantity } from '@lentum/core/units';
import { worded } from '../app/wording.ts';
import { useOddText } from './oddtext.ts';
import { useUnits } from './units.ts';

const props = withDefaults(
  defineProps<{
    quantity: Quantity;
    label: string;
    min?: number;
    max?: number | undefined;
    above?: number | undefined;
    digits?: number;
    size?: 'default' | 'large';
    hideUnit?: boolean;
    disabled?: boolean;
    /** May be left empty. */
    optional?: boolean;
  }>(),
  { size: 'default' },
);
const model = defineModel<number | undefined>();
const { system, unit, typed, reading, written } = useUnits();
const id = useId();
const text = ref('');
const problem = ref('');

/** As it was written here last: other text was typed since, and is not taken yet. */
let shown = '';
function show(): void {
  shown = inField();
  text.value = shown;
}
/** The figure as it stands in the field while nobody types. */
const inField = (): string =>
  model.value === undefined ? '' : typed(model.value, props.quantity, props.digits ?? 3);
watch(model, () => {
  if (problem.value === '') show();
});
/** What is being typed stays: the head of the job may come anew from the server at any moment. */
watch(written, () => {
  if (problem.value === '' && text.value === shown) show();
});
show();
const told = useOddText(() => props.label, text, problem, show);

/** The keys that a phone offers: figures, but all of them where feet and inches are written. */
const typedAs = computed(() =>
  system.value === 'us' && ['length', 'gap', 'lap', 'film', 'fall'].includes(props.quantity)
    ? 'text'
    : 'decimal',
);
const context = computed(() => ({
  ...reading.value,
  label: props.label,
  ...(props.min === undefined ? {} : { min: props.min }),
  ...(props.max === undefined ? {} : { max: props.max }),
  ...(props.above === undefined ? {} : { above: props.above }),
}));

function take(): void {
  read();
  told();
}
function read(): void {
  if (props.optional && text.value.trim() === '') {
    problem.value = '';
    model.value = undefined;
    return;
  }
  const parsed = parse(text.value, props.quantity, context.value);
  problem.value = parsed.ok ? '' : parsed.problems.map(sentence).join(' ');
  if (!parsed.ok) return;
  // Leaving a field untouched must not replace a figure by its rounded picture.
  if (model.value === undefined || inField() !== text.value) model.value = parsed.value;
  show();
}
defineExpose({ problem });
const held = useHeld();
</script>

<template>
  <div class="measure">
    <el-input
      v-model="text"
      class="num-input"
      :class="{ 'is-wrong': problem }"
      :size="size"
      :disabled="disabled"
      :readonly="held"
      :aria-label="worded(label)"
      :aria-invalid="problem ? 'true' : undefined"
      :aria-describedby="problem ? id : undefined"
      autocomplete="off"
      :inputmode="typedAs"
      @change="take"
    >
      <template v-if="!hideUnit && unit(quantity)" #append>{{ unit(quantity) }}</template>
    </el-input>
    <p v-if="problem" :id="id" class="problem" role="alert">{{ problem }}</p>
  </div>
</template>

<style scoped>
.problem {
  font-size: var(--t-s);
  margin-top: 2px;
}
</style>
