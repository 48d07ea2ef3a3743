<script setup lang="ts">
/** How the courses of a sheet are put down, by its bonding; with what is minded where it is laid hot. */
import { computed } from 'vue';
import type { Layer, Sheet } from '@lentum/core/buildup';
import { courseSteps } from '@lentum/core/details';
import { hotCare, type HotTerms } from '@lentum/core/site';
import SayParts from '../shared/SayParts.vue';
import HotCarePanel from './HotCarePanel.vue';

const props = defineProps<{ sheet: Sheet; layers: readonly Layer[]; terms: HotTerms }>();
const care = computed(() => hotCare(props.sheet, props.terms));
const steps = computed(() => courseSteps(props.sheet, props.layers));
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
