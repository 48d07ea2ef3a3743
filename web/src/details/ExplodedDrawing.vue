<script setup lang="ts">
/** The detail from slantwise above: the ground, and the pieces of the first ply lifted off it in laying order. */
import { computed } from 'vue';
import type { DetailRules } from '@lentum/core/buildup';
import { explodedView, type DetailWork, type Piece } from '@lentum/core/details';
import { worded } from '../app/wording.ts';

const props = defineProps<{ work: DetailWork; rules: DetailRules; labelOf: (piece: Piece) => string }>();
/** Strips of one section and of different lengths are drawn once. */
const pieces = computed(() =>
  props.work.pieces.filter(
    (p, i, all) => p.ply === 0 && all.findIndex((q) => q.name === p.name && q.ply === 0) === i,
  ),
);
const drawing = computed(() => explodedView(props.work.detail, props.rules, pieces.value, props.work.pocket));
const labelAt = (i: number): string => {
  const piece = pieces.value[i];
  return piece ? props.labelOf(piece) : '';
};
const WIDTH = 460;
const MARGIN = 12;
/** Room at the right for the labels. */
const LABEL = 76;
const MOST_HEIGHT = 520;

const view = computed(() => {
  const all = drawing.value.faces.flatMap((f) => f.rings.flat());
  const [xs, ys] = [all.map((p) => p[0]), all.map((p) => p[1])];
  const [left, top] = [Math.min(...xs), Math.max(...ys)];
  const [w, h] = [Math.max(...xs) - left || 1, top - Math.min(...ys) || 1];
  const scale = Math.min((WIDTH - 2 * MARGIN - LABEL) / w, (MOST_HEIGHT - 2 * MARGIN) / h);
  const at = ([x, y]: readonly [number, number]): readonly [number, number] => [
    MARGIN + (x - left) * scale,
    MARGIN + (top - y) * scale,
  ];
  return { at, height: h * scale + 2 * MARGIN };
});
/** Labels from the top down, none closer to the one above than a line of text. */
const LINE = 18;
const labels = computed(() => {
  let last = -Infinity;
  return drawing.value.labels
    .map((l) => ({ piece: l.piece, at: view.value.at(l.at) }))
    .sort((a, b) => a.at[1] - b.at[1])
    .map((l) => {
      last = Math.max(l.at[1], last + LINE);
      return { ...l, y: last };
    });
});
const path = (rings: readonly (readonly (readonly [number, number])[])[]): string =>
  rings
    .map(
      (r) =>
        `M${r
          .map((p) =>
            view.value
              .at(p)
              .map((v) => v.toFixed(1))
              .join(' '),
          )
          .join('L')}Z`,
    )
    .join('');
</script>

<template>
  <svg
    v-if="drawing.faces.length > 0"
    :viewBox="`0 0 ${WIDTH} ${view.height}`"
    class="exploded"
    role="img"
    :aria-label="`${worded(work.detail.where)}: ${worded(pieces.map((p) => p.name).join(', ')) || 'no pieces'}, lifted off the ground in the order of laying`"
  >
    <path
      v-for="(f, i) in drawing.faces"
      :key="i"
      :d="path(f.rings)"
      fill-rule="evenodd"
      :class="f.piece < 0 ? 'ground' : 'piece'"
      :style="{ '--light': f.light }"
    />
    <g v-for="l in labels" :key="l.piece" class="label">
      <line :x1="l.at[0]" :y1="l.at[1]" :x2="WIDTH - LABEL + 4" :y2="l.y" />
      <text :x="WIDTH - LABEL + 8" :y="l.y + 5">{{ labelAt(l.piece) }}</text>
    </g>
  </svg>
</template>

<style scoped>
.exploded {
  display: block;
  width: 100%;
  max-width: 460px;
}
path {
  stroke: var(--ink);
  stroke-width: 1;
  stroke-linejoin: round;
}
.ground {
  fill: color-mix(in srgb, var(--well) calc(var(--light) * 100%), var(--line-2));
  stroke: var(--ink-3);
}
.piece {
  fill: color-mix(in srgb, var(--sea-soft) calc(var(--light) * 100%), var(--sea));
  fill-opacity: 0.92;
}
.label line {
  stroke: var(--ink-2);
}
.label text {
  font-size: 15px;
  font-weight: 700;
  fill: var(--ink);
}
</style>
