<script setup lang="ts">
/** Which bays an entry is about: a tap a bay, or all of them at once. */
import { useElementSize } from '@vueuse/core';
import { computed, ref } from 'vue';
import { boxOf } from '@lentum/core/geometry';
import { bayAreaM2, type Bay } from '@lentum/core/site';
import BayPlanPick from './BayPlanPick.vue';
import { planView } from './planview.ts';
import { useUnits } from './units.ts';

const props = defineProps<{
  bays: readonly Bay[];
  /** Bays that are offered at one tap, and what they have in common. */
  offer?: { readonly name: string; readonly ids: readonly string[] } | undefined;
  /** May be none: what it is about then. */
  optional?: boolean;
  none?: string;
  /** What is asked. */
  ask?: string;
}>();
const chosen = defineModel<string[]>({ required: true });
const { say } = useUnits();
const picked = computed(() => props.bays.filter((b) => chosen.value.includes(b.id)));
const area = computed(() => picked.value.reduce((sum, b) => sum + bayAreaM2(b), 0));
const heading = computed(() =>
  picked.value.length === 0
    ? props.optional
      ? (props.none ?? 'the zone as a whole')
      : 'none yet'
    : `${picked.value.length} ${picked.value.length === 1 ? 'bay' : 'bays'} · ${say(area.value, 'area')}`,
);
/** To scale where a gloved finger meets every bay, else as tiles. */
const box = ref<HTMLElement>();
const { width } = useElementSize(box, { width: 0, height: 0 });
const MARGIN = 3;
const MOST_HEIGHT = 250;
const LEAST_PX = 48;
const view = computed(() => {
  const rings = props.bays.flatMap((b) => b.parts.map((p) => p.outer));
  if (rings.length === 0 || width.value === 0) return undefined;
  const drawn = planView(rings, width.value, MOST_HEIGHT, MARGIN);
  const isRoomy = props.bays.every((b) => {
    const { minX, maxX, minY, maxY } = boxOf(b.parts.map((p) => p.outer));
    return Math.min(maxX - minX, maxY - minY) * drawn.pointsPerM >= LEAST_PX;
  });
  return isRoomy ? drawn : undefined;
});
const inOrder = (ids: ReadonlySet<string>): string[] =>
  props.bays.filter((b) => ids.has(b.id)).map((b) => b.id);
function turn(id: string): void {
  const next = new Set(chosen.value);
  if (!next.delete(id)) next.add(id);
  chosen.value = inOrder(next);
}
</script>

<template>
  <fieldset>
    <legend>
      {{ ask ?? 'Which bays' }} <span class="quiet" role="status">{{ heading }}</span>
    </legend>
    <div ref="box" class="box">
      <BayPlanPick v-if="view" :bays="bays" :chosen="chosen" :view="view" @turn="turn" />
    </div>
    <div v-if="!view" class="grid">
      <button
        v-for="b in bays"
        :key="b.id"
        type="button"
        class="tile"
        :aria-pressed="chosen.includes(b.id)"
        :aria-label="`Bay ${b.label}`"
        @click="turn(b.id)"
      >
        <span v-if="chosen.includes(b.id)" aria-hidden="true">✓ </span>{{ b.label }}
      </button>
    </div>
    <div class="bar">
      <el-button text @click="chosen = bays.map((b) => b.id)">All {{ bays.length }}</el-button>
      <el-button v-if="offer && offer.ids.length > 0" text @click="chosen = inOrder(new Set(offer.ids))"
        >{{ offer.name }}: {{ offer.ids.length }}</el-button
      >
      <el-button v-if="chosen.length > 0" text @click="chosen = []">None</el-button>
    </div>
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
  margin: 0 0 var(--s3);
  min-width: 0;
}
legend {
  font-weight: 600;
  padding: 0;
  width: 100%;
  display: flex;
  justify-content: space-between;
  align-items: baseline;
}
.box {
  min-width: 0;
}
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(72px, 1fr));
  gap: 4px;
  max-height: 232px;
  overflow-y: auto;
  padding: 3px;
}
</style>
