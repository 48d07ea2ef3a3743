<script setup lang="ts">
/** The build-up as a section: films as laid wet, as designed dry, and beside them the film achieved. */
import { computed, useId } from 'vue';
import { totals, type BuildUp } from '@lentum/core/buildup';
import type { AchievedFilm } from '@lentum/core/record';
import FigureText from './FigureText.vue';
import { isThin, layerColumn, THINNEST } from './layercolumn.ts';
import { useUnits } from './units.ts';

const props = defineProps<{
  buildUp: BuildUp;
  achieved?: readonly AchievedFilm[];
  /** The layer that is looked at. */
  chosen?: string | undefined;
}>();
const { say } = useUnits();
const id = useId();
const SUBSTRATE = 40;
const column = computed(() => layerColumn(props.buildUp, props.achieved ?? []));
const sums = computed(() => totals(props.buildUp));
const height = computed(() => Math.max(column.value.bottom + SUBSTRATE + 30, column.value.textEnd + 44));
const anyAchieved = computed(() => (props.achieved?.length ?? 0) > 0);
const leaderFrom = (achieved: boolean): number => (achieved ? 164 : anyAchieved.value ? 124 : 120);
</script>

<template>
  <figure class="column">
    <figcaption>
      <h2>Section</h2>
      <span class="quiet"
        >to scale; films under {{ THINNEST }} points drawn thicker{{
          column.anyShortened ? ', thick courses shortened at the wave' : ''
        }}</span
      >
    </figcaption>
    <svg
      :viewBox="`0 0 400 ${height}`"
      width="400"
      :height="height"
      role="img"
      :aria-label="`Section of ${buildUp.name}`"
    >
      <defs>
        <pattern :id="`${id}-grain`" width="14" height="12" patternUnits="userSpaceOnUse">
          <circle cx="4" cy="4" r="2.6" class="grain" />
          <circle cx="11" cy="9" r="2.6" class="grain" />
        </pattern>
        <pattern :id="`${id}-stone`" width="26" height="22" patternUnits="userSpaceOnUse">
          <circle cx="6" cy="6" r="2.4" class="stone" />
          <circle cx="18" cy="14" r="3.2" class="stone" />
          <circle cx="12" cy="19" r="1.3" class="stone" />
        </pattern>
        <pattern :id="`${id}-weave`" width="8" height="8" patternUnits="userSpaceOnUse">
          <path d="M0 8L8 0" class="weave" />
        </pattern>
      </defs>
      <g v-for="s in column.slabs" :key="s.id">
        <rect v-if="s.wetMm !== undefined" x="4" :y="s.wetY" width="28" :height="s.wetHeight" class="wet" />
        <rect
          x="38"
          :y="s.y"
          width="80"
          :height="s.height"
          class="slab"
          :class="[s.kind, { on: s.id === chosen }]"
        />
        <rect
          v-if="s.kind === 'broadcast'"
          x="38"
          :y="s.y"
          width="80"
          :height="s.height"
          :fill="`url(#${id}-grain)`"
        />
        <rect
          v-if="s.kind === 'protection'"
          x="38"
          :y="s.y"
          width="80"
          :height="s.height"
          :fill="`url(#${id}-weave)`"
        />
        <path
          v-if="s.kind === 'fabric'"
          :d="`M38 ${s.y + 4.5}q4 -5 8 0t8 0t8 0t8 0t8 0t8 0t8 0t8 0t8 0t8 0`"
          class="threads"
        />
        <path
          v-if="s.shortened"
          :d="`M34 ${s.y + s.height / 2 + 3}q11 -12 22 0t22 0t22 0t22 0`"
          class="break"
        />
        <rect
          v-if="s.achievedMm !== undefined"
          x="124"
          :y="s.achievedY"
          width="38"
          :height="s.achievedHeight"
          class="achieved"
          :class="{ thin: isThin(s) }"
        />
        <path
          :d="`M${leaderFrom(s.achievedMm !== undefined)} ${s.y + s.height / 2}L${anyAchieved ? 172 : 132} ${s.textY - 4}`"
          class="leader"
        />
        <text :x="anyAchieved ? 176 : 136" :y="s.textY" class="name">
          {{ s.dryMm === undefined ? '' : `${say(s.dryMm, 'film')} ` }}{{ s.name }}
        </text>
        <text
          v-if="s.achievedMm !== undefined"
          x="176"
          :y="s.textY + 15"
          class="got"
          :class="{ thin: isThin(s) }"
        >
          achieved {{ say(s.achievedMm, 'film') }}{{ isThin(s) ? ', thin' : '' }}
        </text>
        <text v-else-if="s.wetMm !== undefined" :x="anyAchieved ? 176 : 136" :y="s.textY + 15" class="got">
          {{ say(s.wetMm, 'film') }} wet
        </text>
      </g>
      <rect x="4" :y="column.bottom" width="114" :height="SUBSTRATE" class="substrate" />
      <rect x="4" :y="column.bottom" width="114" :height="SUBSTRATE" :fill="`url(#${id}-stone)`" />
      <text x="4" :y="column.bottom + SUBSTRATE + 18" class="foot">wet</text>
      <text x="38" :y="column.bottom + SUBSTRATE + 18" class="foot">designed dry</text>
      <text v-if="anyAchieved" x="124" :y="column.bottom + SUBSTRATE + 18" class="foot">achieved</text>
    </svg>
    <p class="total">
      Together <FigureText :figure="sums.thickness" /> dry, of it <FigureText :figure="sums.membraneDry" /> of
      membrane; <FigureText :figure="sums.weight" /> laid.
    </p>
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
  fill: #8a8f92;
  stroke: var(--paper);
  stroke-width: 1.5;
}
.slab.on {
  stroke: var(--ink);
  stroke-width: 2.5;
}
.slab.primer,
.slab.preparation {
  fill: #cdb58a;
}
.slab.levelling {
  fill: #b3aa97;
}
.slab.membrane {
  fill: var(--sea);
}
.slab.wear {
  fill: #8a8f92;
}
.slab.decorative {
  fill: var(--violet-soft, #b9b0dd);
}
.slab.finish {
  fill: var(--sky);
}
.slab.reflective {
  fill: #ece8da;
  stroke: #8a8f92;
}
.slab.sheet {
  fill: #4d5a60;
}
.slab.protection {
  fill: #a89f8d;
}
.slab.pieces {
  fill: none;
}
.slab.fabric {
  fill: var(--ink-2);
}
.slab.broadcast {
  fill: #cdb58a;
}
.wet {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 1.2;
  stroke-dasharray: 3 2;
}
.threads {
  stroke: var(--paper);
  stroke-width: 2;
  fill: none;
}
.weave {
  stroke: #7d7464;
  stroke-width: 1;
}
.break {
  stroke: var(--paper);
  stroke-width: 5;
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
.total {
  margin-top: var(--s2);
}
</style>
