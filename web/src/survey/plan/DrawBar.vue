<script setup lang="ts">
/** Drawing by lengths and directions: arrows give a direction, the length is typed, Enter draws the side. */
import { computed, ref } from 'vue';
import MeasureInput from '../../shared/MeasureInput.vue';
import { useUnits } from '../../shared/units.ts';
import type { Draft } from './drawingdraft.ts';

const props = defineProps<{ draft: Draft }>();
const emit = defineEmits<{ close: []; cancel: [] }>();
const { say, unit } = useUnits();
const length = ref<number>();
const field = ref<HTMLElement>();

const ARROWS: Record<string, number> = { ArrowRight: 0, ArrowUp: 90, ArrowLeft: 180, ArrowDown: 270 };
const heading = computed({
  get: () => props.draft.headingDeg.value,
  set: (v: number | undefined) => {
    if (v !== undefined) props.draft.turnTo(v);
  },
});

function key(e: KeyboardEvent): void {
  const to = ARROWS[e.key];
  if (to !== undefined) {
    e.preventDefault();
    heading.value = to;
  } else if (e.key === 'Enter') {
    e.preventDefault();
    // The field takes its text when it is left; Enter is leaving it for a moment.
    const input = e.target as HTMLInputElement;
    input.blur();
    input.focus();
    if (length.value !== undefined && length.value > 0) {
      props.draft.addSide(length.value);
      length.value = undefined;
    } else if (props.draft.closable.value) emit('close');
  } else if (e.key === 'Escape') emit('cancel');
}
const problem = computed(() => {
  const c = props.draft.crossing.value;
  return c ? `Sides ${c[0] + 1} and ${c[1] + 1} cross: take the last corner back.` : '';
});
const focus = (): void => field.value?.querySelector('input')?.focus();
defineExpose({ focus });
</script>

<template>
  <div class="draw">
    <div ref="field" class="length" @keydown="key">
      <label
        >length, {{ unit('length') }}
        <MeasureInput
          v-model="length"
          hide-unit
          optional
          quantity="length"
          label="Length of the next side"
          :above="0"
          :max="2000"
      /></label>
    </div>
    <div class="heading" role="group" aria-label="Direction of the next side">
      <button
        v-for="[name, deg, mark] in [
          ['right', 0, '→'],
          ['up', 90, '↑'],
          ['left', 180, '←'],
          ['down', 270, '↓'],
        ] as const"
        :key="deg"
        type="button"
        :aria-label="name"
        :aria-pressed="heading === deg"
        @click="heading = deg"
      >
        {{ mark }}
      </button>
      <MeasureInput
        v-model="heading"
        hide-unit
        quantity="angle"
        label="Direction in degrees"
        :min="-360"
        :max="360"
        class="deg"
      />°
    </div>
    <div class="bar">
      <el-button :disabled="draft.points.value.length === 0" @click="draft.back()"
        >Take the last corner back</el-button
      >
      <el-button type="primary" :disabled="!draft.closable.value" @click="emit('close')"
        >Close the outline</el-button
      >
      <el-button text @click="emit('cancel')">Cancel</el-button>
    </div>
    <p class="quiet">
      {{
        draft.points.value.length === 0
          ? 'Click the first corner, or type a length: the first side starts at 0, 0.'
          : `${draft.points.value.length} corners; ${say(heading ?? 0, 'angle', { digits: 0 })}° next. Arrow keys in the length field give the direction, Enter draws it.`
      }}
    </p>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
  </div>
</template>

<style scoped>
.draw {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s2) var(--s4);
  align-items: end;
  padding: var(--s2) 0;
}
.length {
  width: 8rem;
}
.length label {
  font-size: var(--t-s);
  color: var(--ink-2);
}
.heading {
  display: flex;
  gap: var(--s1);
  align-items: center;
}
.heading button {
  min-width: 36px;
  height: 36px;
  border: max(1px, var(--stroke)) solid var(--line-2);
  border-radius: var(--r);
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}
.heading button[aria-pressed='true'] {
  border-color: var(--sea);
  box-shadow: inset 0 0 0 1px var(--sea);
}
.deg {
  width: 4.5rem;
}
</style>
