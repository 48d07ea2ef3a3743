<script setup lang="ts">
/** Shapes of a drawing, inside an SVG. */
import { INK_COLOURS, type Ink, type Shape } from '@lentum/core/printout';

defineProps<{ shapes: readonly Shape[] }>();
const colour = (ink: Ink | undefined): string => (ink ? INK_COLOURS[ink] : 'none');
</script>

<template>
  <template v-for="(s, i) in shapes" :key="i">
    <component
      :is="s.closed ? 'polygon' : 'polyline'"
      v-if="s.kind === 'path'"
      :points="s.points.map((p) => p.join(',')).join(' ')"
      :fill="colour(s.fill)"
      :stroke="colour(s.stroke)"
      :stroke-width="s.width"
      :stroke-dasharray="s.dash?.join(' ')"
      stroke-linejoin="round"
    />
    <circle v-else-if="s.kind === 'dot'" :cx="s.at[0]" :cy="s.at[1]" :r="s.radius" :fill="colour(s.fill)" />
    <text
      v-else
      :x="s.at[0]"
      :y="s.at[1]"
      :font-size="s.size"
      :text-anchor="s.align"
      :fill="colour(s.fill)"
      :font-weight="s.bold ? 700 : 400"
      :transform="s.turnDeg ? `rotate(${s.turnDeg} ${s.at[0]} ${s.at[1]})` : undefined"
    >
      {{ s.text }}
    </text>
  </template>
</template>
