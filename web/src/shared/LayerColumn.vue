<script setup lang="ts">
/** The build-up as a section: designed dry film of each layer, and beside it the film achieved. */
import { computed } from 'vue';
import { dryFilm, isCoat, type BuildUp } from '@lentum/core/buildup';
import type { AchievedFilm } from '@lentum/core/record';
import { useUnits } from './units.ts';

const props = defineProps<{ buildUp: BuildUp; achieved: readonly AchievedFilm[] }>();
const { say } = useUnits();

const TALL = 300;
const THINNEST = 16;

interface Slab {
  readonly id: string;
  readonly name: string;
  readonly kind: string;
  readonly designMm: number | undefined;
  readonly achievedMm: number | undefined;
  readonly height: number;
  readonly achievedHeight: number;
}

const slabs = computed<Slab[]>(() => {
  const coats = props.buildUp.layers.filter(isCoat).map((c) => ({ coat: c, dry: dryFilm(c).value }));
  const total = coats.reduce((sum, c) => sum + c.dry, 0);
  const scale = (mm: number): number => (mm / total) * TALL;
  return props.buildUp.layers.map((layer) => {
    if (layer.kind === 'fabric')
      return {
        id: layer.id,
        name: layer.name,
        kind: 'fabric',
        designMm: undefined,
        achievedMm: undefined,
        height: 10,
        achievedHeight: 0,
      };
    if (layer.kind === 'broadcast')
      return {
        id: layer.id,
        name: layer.name,
        kind: 'broadcast',
        designMm: undefined,
        achievedMm: undefined,
        height: 26,
        achievedHeight: 0,
      };
    const design = coats.find((c) => c.coat.id === layer.id)?.dry ?? 0;
    const got = props.achieved.find((a) => a.layerId === layer.id)?.dry.value;
    return {
      id: layer.id,
      name: layer.name,
      kind: layer.role,
      designMm: design,
      achievedMm: got,
      height: Math.max(THINNEST, scale(design)),
      achievedHeight: got === undefined ? 0 : Math.max(THINNEST, scale(design)) * (got / design),
    };
  });
});

interface Placed extends Slab {
  readonly y: number;
  readonly achievedY: number;
  readonly textY: number;
}
const LINE = 38;
const TOP = 12;
const stackOf = (height: (s: Slab) => number): number => slabs.value.reduce((sum, s) => sum + height(s), 0);
/** Both stacks stand on the substrate; fabric and aggregate take the same room in both. */
const gotHeight = (s: Slab): number => (s.designMm === undefined ? s.height : s.achievedHeight);
const bottom = computed(
  () =>
    TOP +
    Math.max(
      stackOf((s) => s.height),
      stackOf(gotHeight),
    ),
);
const placed = computed<Placed[]>(() => {
  let y = bottom.value;
  let achievedY = bottom.value;
  const fromTop = slabs.value
    .map((s) => {
      y -= s.height;
      achievedY -= gotHeight(s);
      return { ...s, y, achievedY, textY: y + s.height / 2 };
    })
    .reverse();
  // Names keep a line's distance from each other.
  let last = -Infinity;
  return fromTop.map((s) => {
    last = Math.max(s.textY, last + LINE);
    return { ...s, textY: last };
  });
});
const SUBSTRATE = 46;
const height = computed(() =>
  Math.max(bottom.value + SUBSTRATE + 34, (placed.value.at(-1)?.textY ?? 0) + 60),
);
const isThin = (s: Slab): boolean =>
  s.designMm !== undefined && s.achievedMm !== undefined && s.achievedMm < s.designMm;
</script>

<template>
  <figure class="column">
    <figcaption>
      <h2>Section, dry film</h2>
      <span class="quiet">to scale; films under {{ THINNEST }} points are drawn thicker</span>
    </figcaption>
    <svg
      :viewBox="`0 0 400 ${height}`"
      width="400"
      :height="height"
      role="img"
      :aria-label="`Section of ${buildUp.name}`"
    >
      <defs>
        <pattern id="column-broadcast" width="14" height="12" patternUnits="userSpaceOnUse">
          <circle cx="4" cy="4" r="2.6" class="grain" />
          <circle cx="11" cy="9" r="2.6" class="grain" />
        </pattern>
        <pattern id="column-substrate" width="26" height="22" patternUnits="userSpaceOnUse">
          <circle cx="6" cy="6" r="2.4" class="stone" />
          <circle cx="18" cy="14" r="3.2" class="stone" />
          <circle cx="12" cy="19" r="1.3" class="stone" />
        </pattern>
      </defs>
      <g v-for="s in placed" :key="s.id">
        <rect x="8" :y="s.y" width="130" :height="s.height" class="slab" :class="s.kind" />
        <rect
          v-if="s.kind === 'broadcast'"
          x="8"
          :y="s.y"
          width="130"
          :height="s.height"
          fill="url(#column-broadcast)"
        />
        <path
          v-if="s.kind === 'fabric'"
          :d="`M8 ${s.y + 5}q6.5 -6 13 0t13 0t13 0t13 0t13 0t13 0t13 0t13 0t13 0t13 0`"
          class="threads"
        />
        <rect
          v-if="s.achievedMm !== undefined"
          x="148"
          :y="s.achievedY"
          width="46"
          :height="s.achievedHeight"
          class="achieved"
          :class="{ thin: isThin(s) }"
        />
        <path
          :d="`M${s.achievedMm === undefined ? 140 : 196} ${s.y + s.height / 2}L204 ${s.textY - 4}`"
          class="leader"
        />
        <text x="208" :y="s.textY" class="name">
          {{ s.designMm === undefined ? '' : `${say(s.designMm, 'film')} ` }}{{ s.name }}
        </text>
        <text
          v-if="s.achievedMm !== undefined"
          x="208"
          :y="s.textY + 15"
          class="got"
          :class="{ thin: isThin(s) }"
        >
          achieved {{ say(s.achievedMm, 'film') }}{{ isThin(s) ? ', thin' : '' }}
        </text>
      </g>
      <rect x="8" :y="bottom" width="130" :height="SUBSTRATE" class="substrate" />
      <rect x="8" :y="bottom" width="130" :height="SUBSTRATE" fill="url(#column-substrate)" />
      <text x="8" :y="bottom + SUBSTRATE + 18" class="foot">designed</text>
      <text v-if="achieved.length > 0" x="148" :y="bottom + SUBSTRATE + 18" class="foot">achieved</text>
    </svg>
  </figure>
</template>

<style scoped>
.column {
  margin: 0;
}
svg {
  max-width: 100%;
  height: auto;
  display: block;
}
.slab {
  stroke: var(--paper);
  stroke-width: 1.5;
}
.slab.primer {
  fill: #cdb58a;
}
.slab.membrane {
  fill: var(--sea);
}
.slab.wear {
  fill: #8a8f92;
}
.slab.finish {
  fill: var(--sky);
}
.slab.fabric {
  fill: var(--ink-2);
}
.slab.broadcast {
  fill: #cdb58a;
}
.threads {
  stroke: var(--paper);
  stroke-width: 2;
  fill: none;
}
.grain {
  fill: #8d6f4d;
}
.stone {
  fill: #a3a08f;
}
.substrate {
  fill: #d9d6cc;
}
.achieved {
  fill: var(--sea-soft);
  stroke: var(--sea);
  stroke-width: 1.5;
}
.achieved.thin {
  fill: var(--amber-soft);
  stroke: var(--amber);
  stroke-dasharray: 4 2;
}
.leader {
  stroke: var(--line-2);
  fill: none;
}
.name {
  font-size: 13px;
  font-weight: 700;
  fill: var(--ink);
}
.got,
.foot {
  font-size: 12.5px;
  fill: var(--ink-2);
}
.got.thin {
  fill: var(--amber);
}
</style>
