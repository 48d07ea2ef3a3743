<script setup lang="ts">
/** Which bays an entry is about: a tap a bay, or all of them at once. */
import { computed } from 'vue';
import { bayAreaM2, type Bay } from '@lentum/core/site';
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
    <div class="grid">
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
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(72px, 1fr));
  gap: 4px;
  max-height: 232px;
  overflow-y: auto;
  padding: 3px;
}
</style>
