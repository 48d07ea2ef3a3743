<script setup lang="ts">
/** A batch of a mixed coat: what goes in, what it yields, what it covers at the rate. */
import { computed } from 'vue';
import { areaCovered, batchOf, cited, mixedFrom, type Coat } from '@lentum/core/buildup';
import FigureText from '../shared/FigureText.vue';

const props = defineProps<{ coat: Coat }>();
/** The largest mix, else the first container that is sold by mass. */
const batchKg = computed(() => {
  const { largestMixKg, containers } = props.coat;
  if (largestMixKg) return cited('largest mix', largestMixKg, 'mass');
  const kit = containers.find((c) => c.basis === 'mass');
  return kit && mixedFrom(props.coat, kit);
});
const batch = computed(() => batchKg.value && batchOf(props.coat, batchKg.value));
const covers = computed(
  () => batchKg.value && areaCovered(props.coat, batchKg.value, 'mass', 'One batch covers'),
);
</script>

<template>
  <template v-if="batch && batchKg">
    <h3>A batch of <FigureText :figure="batchKg" /></h3>
    <dl>
      <template v-for="p in batch.parts" :key="p.id">
        <dt>{{ p.name }}</dt>
        <dd><FigureText :figure="p.mass" /></dd>
      </template>
      <dt>Yield</dt>
      <dd><FigureText :figure="batch.volume" /></dd>
      <dt>Density of the mix</dt>
      <dd><FigureText :figure="batch.density" /></dd>
      <template v-if="covers">
        <dt>Covers at the rate</dt>
        <dd><FigureText :figure="covers" /></dd>
      </template>
    </dl>
  </template>
</template>

<style scoped>
h3 {
  margin: var(--s3) 0 var(--s1);
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px var(--s3);
  margin: 0;
}
dd {
  margin: 0;
  text-align: right;
}
</style>
