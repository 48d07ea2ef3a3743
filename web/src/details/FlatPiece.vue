<script setup lang="ts">
/** A piece as it is cut: outline, cuts, folds, and its two outer measures. To scale within its own picture. */
import { computed } from 'vue';
import { drawnFolds, flatOutline, patternBox, type Piece } from '@lentum/core/details';
import { worded } from '../app/wording.ts';
import { useUnits } from '../shared/units.ts';

const props = defineProps<{ piece: Piece; label: string }>();
const { say } = useUnits();
const SIZE = 190;
const EDGE = 26;

const pattern = computed(() => props.piece.pattern);
const box = computed(() => patternBox(pattern.value));
/** Long strips are drawn shorter: a third of their length stands for it, and the drawing says its true length. */
const squeeze = computed(() => {
  const { widthMm, heightMm } = box.value;
  return widthMm > 4 * heightMm ? (4 * heightMm) / widthMm : 1;
});
const scale = computed(() => SIZE / Math.max(box.value.widthMm * squeeze.value, box.value.heightMm, 1));
const width = computed(() => box.value.widthMm * squeeze.value * scale.value);
const height = computed(() => box.value.heightMm * scale.value);
const at = ([x, y]: readonly [number, number]): string =>
  `${(EDGE + (x - box.value.minX) * squeeze.value * scale.value).toFixed(1)} ${(
    4 +
    (box.value.minY + box.value.heightMm - y) * scale.value
  ).toFixed(1)}`;
const outline = computed(() =>
  flatOutline(pattern.value)
    .flatMap((p) => [p.outer, ...p.holes])
    .map((r) => `M${r.map(at).join('L')}Z`)
    .join(''),
);
const folds = computed(() => drawnFolds(pattern.value));
const USES = {
  base: 'on the roof',
  wall: 'up',
  top: 'over the top',
  down: 'down',
  cant: 'cant',
  loop: 'loop',
  flap: 'flap',
  finger: 'finger',
} as const;
const NAMES: Readonly<Record<string, string>> = {
  wing: 'arms',
  height: 'height',
  foot: 'foot',
  lap: 'lap',
  diameter: 'round',
  up: 'fingers up',
  down: 'fingers down',
  wrap: 'round each edge',
  opening: 'opening',
  depth: 'deep',
  over: 'over the top',
};
/** What a person measures on the piece: bands of a strip, else what made it. */
const sizes = computed(() => {
  const { bands, measures } = props.piece;
  if (bands && bands.length > 1) return bands.map((b) => `${USES[b.use]} ${say(b.mm, 'lap')}`).join(', ');
  return Object.entries(measures)
    .flatMap(([key, v]) => (NAMES[key] === undefined ? [] : [`${NAMES[key]} ${say(v, 'lap')}`]))
    .concat(measures['deg'] === undefined ? [] : [`${measures['deg'].toFixed(0)}°`])
    .join(', ');
});
const squeezed = computed(() => squeeze.value < 1);
</script>

<template>
  <figure>
    <svg
      :viewBox="`0 0 ${width + EDGE + 8} ${height + 30}`"
      :width="width + EDGE + 8"
      :height="height + 30"
      role="img"
      :aria-label="`${label}, ${worded(piece.name)}: ${say(box.widthMm, 'lap')} by ${say(box.heightMm, 'lap')}`"
    >
      <path :d="outline" fill-rule="evenodd" class="out" />
      <path v-for="(c, i) in pattern.cuts" :key="`c${i}`" :d="`M${at(c[0])}L${at(c[1])}`" class="cut" />
      <path v-for="(f, i) in folds" :key="`f${i}`" :d="`M${at(f.a)}L${at(f.b)}`" class="fold" />
      <text :x="EDGE + width / 2" :y="height + 22" text-anchor="middle">
        {{ say(box.widthMm, 'lap') }}{{ squeezed ? ' (drawn shorter)' : '' }}
      </text>
      <text :x="16" :y="4 + height / 2" text-anchor="middle" :transform="`rotate(-90 16 ${4 + height / 2})`">
        {{ say(box.heightMm, 'lap') }}
      </text>
    </svg>
    <figcaption>
      <strong>{{ label }}</strong> × {{ piece.count }} {{ worded(piece.name)
      }}<template v-if="piece.ply > 0">, ply {{ piece.ply + 1 }}</template>
      <span class="quiet">{{ sizes }}</span>
      <span class="quiet">{{ worded(piece.laps) }}</span>
    </figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
  max-width: 240px;
}
svg {
  max-width: 100%;
  height: auto;
}
.out {
  fill: var(--sea-soft);
  stroke: var(--ink);
  stroke-width: 1.5;
}
.cut {
  stroke: var(--red);
  stroke-width: 1.5;
  fill: none;
}
.fold {
  stroke: var(--ink);
  stroke-dasharray: 5 3;
  fill: none;
}
text {
  font-size: 13px;
  fill: var(--ink-2);
}
figcaption .quiet {
  display: block;
}
</style>
