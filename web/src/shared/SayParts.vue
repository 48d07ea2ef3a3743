<script setup lang="ts">
/** A sentence in parts: words, figures that open to their working, times. */
import { computed } from 'vue';
import type { Part } from '@lentum/core/figures';
import { useJob } from '../app/job.ts';
import { dayWords } from '../app/time.ts';
import { worded } from '../app/wording.ts';
import FigureText from './FigureText.vue';

/** `fine`: small amounts in grams and millilitres. */
const props = defineProps<{ parts: readonly Part[]; fine?: boolean }>();
const job = useJob();
/** A mark behind a figure or a time stays on its line. */
const MARK = /^[.,;:)]+/;
const pieces = computed(() =>
  props.parts.map((part, i) => {
    const [next, before] = [props.parts[i + 1], props.parts[i - 1]];
    const behind = typeof next === 'string' && typeof part !== 'string' ? (MARK.exec(next)?.[0] ?? '') : '';
    const isBehind = typeof part === 'string' && before !== undefined && typeof before !== 'string';
    return { part: isBehind ? part.replace(MARK, '') : part, behind };
  }),
);
const isText = (p: Part): p is string => typeof p === 'string';
const isTime = (p: Part): p is { atMs: number } => typeof p !== 'string' && 'atMs' in p;
const isDay = (p: Part): p is { day: string } => typeof p !== 'string' && 'day' in p;
const isFig = (p: Part): p is Extract<Part, { figure: unknown }> => typeof p !== 'string' && 'figure' in p;
</script>

<template>
  <template v-for="({ part: p, behind }, i) in pieces" :key="i"
    ><template v-if="isText(p)">{{ worded(p) }}</template
    ><span v-else class="whole"
      ><strong v-if="isTime(p)">{{ job.time(p.atMs) }}</strong
      ><template v-else-if="isDay(p)">{{ dayWords(p.day) }}</template
      ><FigureText v-else-if="isFig(p)" :fine="fine" :figure="p.figure" />{{ behind }}</span
    ></template
  >
</template>

<style scoped>
.whole {
  white-space: nowrap;
}
</style>
