<script setup lang="ts">
/** What a file holds, drawn small before it is taken. */
import { computed } from 'vue';
import { arcPoints, corner, signedArea, type Ring } from '@lentum/core/geometry';
import type { ImportedOutline } from '@lentum/core/outlinefiles';
import { areaPath, planView } from '../shared/planview.ts';

const props = defineProps<{ outlines: readonly ImportedOutline[] }>();
const WIDTH = 420;
const HEIGHT = 180;
const MARGIN = 8;
const FINE_M = 0.01;

const bent = (o: ImportedOutline): Ring => {
  const hand = signedArea(o.outer) < 0 ? -1 : 1;
  return o.outer.flatMap((p, i) => arcPoints(p, corner(o.outer, i + 1), (o.risesM?.[i] ?? 0) * hand, FINE_M));
};
const areas = computed(() => props.outlines.map((o) => ({ outer: bent(o), holes: o.holes })));
const view = computed(() =>
  planView(
    areas.value.map((a) => a.outer),
    WIDTH,
    HEIGHT,
    MARGIN,
  ),
);
</script>

<template>
  <svg :viewBox="`0 0 ${view.width} ${view.height}`" role="img" aria-label="Outlines in the file">
    <path :d="areaPath(areas, view)" fill-rule="evenodd" />
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-height: 200px;
}
path {
  fill: var(--well);
  stroke: var(--ink);
  stroke-width: 1.5;
}
</style>
