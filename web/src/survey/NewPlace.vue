<script setup lang="ts">
/** Where something new is: tapped on the plan, or typed. Nothing stands before its place was said. */
import { computed, onMounted, ref, watch } from 'vue';
import type { Place } from '@lentum/core/survey';
import { keepNoOddTexts } from '../shared/oddtext.ts';
import { isPlace, type OpenPlace } from './openplace.ts';
import PlaceInputs from './PlaceInputs.vue';

const props = withDefaults(
  defineProps<{
    /** What is new, such as "Outlet 3". */
    title: string;
    /** It has two ends. */
    line?: boolean;
    /** The place that was tapped on the plan last. */
    tapped: Place | undefined;
    /** The word for no more. */
    stop?: string;
  }>(),
  { stop: 'Cancel' },
);
const emit = defineEmits<{ done: [at: Place, to: Place | undefined]; cancel: [] }>();
keepNoOddTexts();

const at = ref<OpenPlace>({});
const to = ref<OpenPlace>({});
const isWhole = computed(() => isPlace(at.value) && (!props.line || isPlace(to.value)));
const form = ref<HTMLFormElement>();
const trouble = ref('');
onMounted(() => form.value?.scrollIntoView({ block: 'nearest' }));
function done(): void {
  if (!isPlace(at.value)) return;
  emit('done', at.value, isPlace(to.value) ? to.value : undefined);
  [at.value, to.value] = [{}, {}];
}
/** Typed: the next one begins in the first field. */
function enter(): void {
  trouble.value = isWhole.value
    ? ''
    : `${props.title}: ${props.line ? 'an end' : 'its place'} is missing; expected how far along side 1, and how far into the zone.`;
  if (!isWhole.value) return;
  done();
  form.value?.querySelector('input')?.focus();
}
watch(
  () => props.tapped,
  (tapped) => {
    if (!tapped) return;
    if (props.line && isPlace(at.value)) to.value = tapped;
    else at.value = tapped;
    if (isWhole.value) done();
  },
);
</script>

<template>
  <form ref="form" class="new-place" :aria-label="title" @submit.prevent="enter">
    <p>
      <strong>{{ title }}:</strong>
      {{
        line
          ? 'tap both ends on the plan, one after the other, or type them.'
          : 'tap its place on the plan, or type it.'
      }}
    </p>
    <div class="places">
      <PlaceInputs v-model="at" optional :label="title" />
      <PlaceInputs v-if="line" v-model="to" optional end="its end" :label="title" />
    </div>
    <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
    <div class="bar">
      <el-button type="primary" native-type="submit">Add it</el-button>
      <el-button @click="emit('cancel')">{{ stop }}</el-button>
    </div>
  </form>
</template>

<style scoped>
.new-place {
  display: grid;
  gap: var(--s2);
  padding: var(--s2) 0;
}
.places {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: var(--s2);
}
</style>
