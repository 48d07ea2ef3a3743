<script setup lang="ts">
/** An opening as it is measured: it is there once its place, its size and its kerb are said. */
import { computed, onMounted, ref } from 'vue';
import type { Opening } from '@lentum/core/survey';
import { worded } from '../app/wording.ts';
import MeasureInput from '../shared/MeasureInput.vue';
import { keepNoOddTexts } from '../shared/oddtext.ts';
import { useUnits } from '../shared/units.ts';
import { edgeOfKerb, OPENING_FIELDS, type OpeningKey } from './openingfields.ts';

const props = defineProps<{
  /** Such as "Roof light 2". */
  title: string;
  round: boolean;
}>();
const emit = defineEmits<{ done: [made: Pick<Opening, 'shape' | 'edge'>]; cancel: [] }>();
keepNoOddTexts();
const { unit } = useUnits();

const fields = computed(() => OPENING_FIELDS[props.round ? 'circle' : 'rectangle']);
const typed = ref<Partial<Record<OpeningKey, number | undefined>>>({});
const kerbMm = ref<number>();
const shape = computed((): Opening['shape'] | undefined => {
  const { alongM, acrossM, lengthM, widthM, diameterM } = typed.value;
  if (alongM === undefined || acrossM === undefined) return undefined;
  if (props.round)
    return diameterM === undefined ? undefined : { kind: 'circle', alongM, acrossM, diameterM };
  return lengthM === undefined || widthM === undefined
    ? undefined
    : { kind: 'rectangle', alongM, acrossM, lengthM, widthM };
});
const form = ref<HTMLFormElement>();
onMounted(() => {
  form.value?.scrollIntoView({ block: 'nearest' });
  form.value?.querySelector('input')?.focus({ preventScroll: true });
});
const trouble = ref('');
function enter(): void {
  const open = fields.value.find((f) => typed.value[f.key] === undefined)?.word ?? 'kerb height';
  trouble.value =
    shape.value && kerbMm.value !== undefined
      ? ''
      : `${props.title}, ${open}: it is missing; expected as it was measured.`;
  if (shape.value && kerbMm.value !== undefined)
    emit('done', { shape: shape.value, edge: edgeOfKerb(kerbMm.value) });
}
</script>

<template>
  <form ref="form" class="new" :aria-label="worded(title)" @submit.prevent="enter">
    <p>
      <strong>{{ worded(title) }}:</strong> {{ worded('as it was measured; 0 where it has no kerb.') }}
    </p>
    <div class="sizes">
      <label v-for="f in fields" :key="f.key"
        >{{ f.word }}, {{ unit('length') }}
        <MeasureInput
          v-model="typed[f.key]"
          optional
          hide-unit
          quantity="length"
          :label="`${title}, ${f.word}`"
          :max="2000"
          v-bind="f.isSize ? { above: 0 } : { min: -2000 }"
        />
      </label>
      <label
        >{{ worded('kerb height') }}, {{ unit('lap') }}
        <MeasureInput
          v-model="kerbMm"
          optional
          hide-unit
          quantity="lap"
          :label="`${title}, kerb height`"
          :min="0"
          :max="5000"
        />
      </label>
    </div>
    <p v-if="trouble" class="problem" role="alert">{{ worded(trouble) }}</p>
    <div class="bar">
      <el-button type="primary" native-type="submit">Add it</el-button>
      <el-button @click="emit('cancel')">Cancel</el-button>
    </div>
  </form>
</template>

<style scoped>
.new {
  display: grid;
  gap: var(--s2);
  padding: var(--s2) 0;
}
.sizes {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: var(--s2);
  align-items: end;
}
label {
  font-size: var(--t-s);
  color: var(--ink-2);
}
</style>
