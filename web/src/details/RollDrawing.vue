<script setup lang="ts">
/** One roll with its pieces, in lengths below each other as it is unrolled. */
import { computed } from 'vue';
import type { PlacedCut } from '@lentum/core/details';
import { useUnits } from '../shared/units.ts';

const props = defineProps<{ placed: readonly PlacedCut[]; usedMm: number; widthMm: number }>();
const { say } = useUnits();
const WIDTH = 640;
/** So much of the roll in one row. */
const ROW_MM = 6000;
const scale = WIDTH / ROW_MM;
const rows = computed(() => {
  const count = Math.max(1, Math.ceil(props.usedMm / ROW_MM));
  return Array.from({ length: count }, (_, i) => ({
    from: i * ROW_MM,
    placed: props.placed.filter((p) => p.alongMm < (i + 1) * ROW_MM && p.alongMm + p.longMm > i * ROW_MM),
  }));
});
const rowHeight = computed(() => props.widthMm * scale);
</script>

<template>
  <svg
    v-for="(r, i) in rows"
    :key="i"
    :viewBox="`0 -2 ${WIDTH} ${rowHeight + 22}`"
    class="roll"
    role="img"
    :aria-label="`Roll from ${say(r.from / 1000, 'length')} on: ${r.placed.map((p) => p.label).join(', ')}`"
  >
    <rect :width="WIDTH" :height="rowHeight" class="bed" />
    <g v-for="(p, k) in r.placed" :key="k">
      <rect
        :x="(p.alongMm - r.from) * scale"
        :y="p.acrossMm * scale"
        :width="p.longMm * scale"
        :height="p.wideMm * scale"
        class="piece"
      />
      <text
        v-if="p.longMm * scale > 34 && p.wideMm * scale > 12"
        :x="Math.max(0, (p.alongMm - r.from) * scale) + 4"
        :y="(p.acrossMm + p.wideMm / 2) * scale + 4"
      >
        {{ p.label }}
      </text>
    </g>
    <text x="0" :y="rowHeight + 16" class="mark">{{ say(r.from / 1000, 'length') }}</text>
    <text :x="WIDTH" :y="rowHeight + 16" class="mark" text-anchor="end">
      {{ say((r.from + ROW_MM) / 1000, 'length') }}
    </text>
  </svg>
</template>

<style scoped>
.roll {
  display: block;
  width: 100%;
  max-width: 760px;
  overflow: hidden;
}
.bed {
  fill: var(--well);
  stroke: var(--line-2);
}
.piece {
  fill: var(--sea-soft);
  stroke: var(--ink);
}
text {
  font-size: 12px;
  font-weight: 600;
  fill: var(--ink);
}
.mark {
  font-weight: 400;
  fill: var(--ink-2);
}
</style>
