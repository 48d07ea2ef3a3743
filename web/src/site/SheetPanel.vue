<script setup lang="ts">
/** How the courses of a sheet are put down, by its bonding; with what is minded where it is laid hot. */
import { computed, watch } from 'vue';
import type { Layer, Sheet } from '@lentum/core/buildup';
import { courseSteps } from '@lentum/core/details';
import { hotCare, type HotTerms } from '@lentum/core/site';
import { sheetBlocks } from '@lentum/core/words';
import SayParts from '../shared/SayParts.vue';
import HotCarePanel from './HotCarePanel.vue';
import type { LayingCard } from './layingcard.ts';

const props = defineProps<{ sheet: Sheet; layers: readonly Layer[]; terms: HotTerms }>();
const emit = defineEmits<{ ready: [card: LayingCard] }>();
const care = computed(() => hotCare(props.sheet, props.terms));
const steps = computed(() => courseSteps(props.sheet, props.layers));
const card = computed((): LayingCard => ({
  known: undefined,
  blocks: (t) => sheetBlocks(steps.value, care.value, t),
}));
watch(card, (now) => emit('ready', now), { immediate: true });
</script>

<template>
  <HotCarePanel v-if="care" :care="care" part="before" />
  <h3>Steps</h3>
  <ol>
    <li v-for="(says, i) in steps" :key="i"><SayParts :parts="says" /></li>
  </ol>
  <HotCarePanel v-if="care" :care="care" part="after" />
</template>

<style scoped src="./layingcard.css"></style>
