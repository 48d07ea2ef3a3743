<script setup lang="ts">
/** Boards in their rows; what is cut is hatched, what comes from an offcut has its corner marked. */
import { computed } from 'vue';
import { toZone, type BoardLayout } from '@lentum/core/courses';
import { intersect, type Area, type Point } from '@lentum/core/geometry';
import { areaPath, type PlanView } from '../../shared/planview.ts';

const props = defineProps<{ boards: BoardLayout; view: PlanView }>();
const drawn = computed(() =>
  props.boards.planes.flatMap((plane) =>
    plane.pieces.map((p) => {
      const ring = (
        [
          [p.fromM, p.lowM],
          [p.toM, p.lowM],
          [p.toM, p.lowM + p.widthM],
          [p.fromM, p.lowM + p.widthM],
        ] as const
      ).map((q): Point => toZone(plane.frame, q));
      const shape: Area = intersect(plane.area, [{ outer: ring, holes: [] }]);
      return { piece: p, path: areaPath(shape, props.view) };
    }),
  ),
);
</script>

<template>
  <g>
    <g v-for="(d, i) in drawn" :key="i">
      <path :d="d.path" class="board" fill-rule="evenodd" />
      <path v-if="d.piece.cut" :d="d.path" fill="url(#lap-side)" fill-rule="evenodd" />
    </g>
  </g>
</template>

<style scoped>
.board {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1;
}
</style>
