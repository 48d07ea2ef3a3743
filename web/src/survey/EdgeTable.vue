<script setup lang="ts">
/** What each side of the zone is: kind, height, how its top ends, and the rise of an arc. */
import { computed } from 'vue';
import {
  EDGE_KINDS,
  EDGE_NAMES,
  EDGES_OF_USE,
  edgeOf,
  sideAt,
  TERMINATION_NAMES,
  TERMINATIONS,
  withSide,
  zoneUse,
  type Edge,
  type EdgeKind,
  type SharedSide,
  type Side,
  type Termination,
  type Zone,
} from '@lentum/core/survey';
import MeasureInput from '../shared/MeasureInput.vue';
import PickList from '../shared/PickList.vue';
import { useUnits } from '../shared/units.ts';

const props = defineProps<{
  zone: Zone;
  lengthsM: readonly number[];
  shared: readonly SharedSide[];
  names: ReadonlyMap<string, string>;
  side: number | undefined;
}>();
const emit = defineEmits<{ change: [sides: Side[]]; chooseSide: [side: number] }>();
const { say, system, unit } = useUnits();

/** What the zone may have, and what it has. */
const kindsFor = (has: EdgeKind) => {
  const may = EDGES_OF_USE[zoneUse(props.zone)];
  return EDGE_KINDS.filter((k) => k === 'unsaid' || k === has || may.includes(k)).map((value) => ({
    value,
    label: EDGE_NAMES[value],
  }));
};
const terminations = TERMINATIONS.map((value) => ({ value, label: TERMINATION_NAMES[value] }));

const open = computed(() => props.lengthsM.filter((_, i) => edgeAt(i).kind === 'unsaid').length);
const edgeAt = (i: number): Edge => sideAt(props.zone.sides, i).edge;
function setEdge(i: number, edge: Edge): void {
  emit('change', withSide(props.zone.sides, i, { edge }));
}
const setKind = (i: number, kind: string): void =>
  setEdge(i, edgeOf(kind as EdgeKind, edgeAt(i), system.value));
function setSize(i: number, key: 'heightMm' | 'topWidthMm' | 'widthMm', value: number | undefined): void {
  if (value !== undefined) setEdge(i, { ...edgeAt(i), [key]: value } as Edge);
}
function allLike(i: number): void {
  let sides = [...props.zone.sides];
  props.lengthsM.forEach((_, k) => (sides = withSide(sides, k, { edge: { ...edgeAt(i) } })));
  emit('change', sides);
}
function neighbours(i: number): string {
  const mine = props.shared.flatMap(({ a, b, lengthM }) => {
    if (a.zoneId === props.zone.id && a.side === i) return [{ other: b, lengthM }];
    if (b.zoneId === props.zone.id && b.side === i) return [{ other: a, lengthM }];
    return [];
  });
  return mine
    .map(
      ({ other, lengthM }) => `${say(lengthM, 'length')} shared with ${props.names.get(other.zoneId) ?? ''}`,
    )
    .join(', ');
}
</script>

<template>
  <div class="head">
    <h2>Edges</h2>
    <span class="quiet">{{ lengthsM.length }} sides</span>
  </div>
  <p v-if="open > 0" class="quiet">
    {{ open === 1 ? 'One side is' : `${open} sides are` }} not described yet: water is taken to be held there,
    and nothing is cut or ordered for {{ open === 1 ? 'it' : 'them' }}.
  </p>
  <div
    v-for="(length, i) in lengthsM"
    :key="i"
    class="edge"
    :class="{ chosen: side === i }"
    @focusin="emit('chooseSide', i)"
  >
    <strong>{{ i + 1 }}</strong>
    <span class="num quiet">{{ say(length, 'length') }}</span>
    <PickList
      :label="`Side ${i + 1}, kind of edge`"
      :options="kindsFor(edgeAt(i).kind)"
      :model-value="edgeAt(i).kind"
      @update:model-value="(v) => setKind(i, v)"
    />
    <el-button v-if="i === 0" text @click="allLike(0)">All like side 1</el-button>
    <span v-else />
    <div class="sizes">
      <template v-if="'heightMm' in edgeAt(i)">
        <label
          >height, {{ unit('lap') }}
          <MeasureInput
            hide-unit
            quantity="lap"
            :label="`Side ${i + 1}, height`"
            :min="edgeAt(i).kind === 'threshold' ? 0 : 10"
            :max="5000"
            :model-value="(edgeAt(i) as { heightMm: number }).heightMm"
            @update:model-value="(v) => setSize(i, 'heightMm', v)"
        /></label>
      </template>
      <label v-if="'termination' in edgeAt(i)"
        >{{ edgeAt(i).kind === 'wall-top' ? 'it ends' : 'its top' }}
        <PickList
          :label="`Side ${i + 1}, termination`"
          :options="terminations"
          :model-value="(edgeAt(i) as { termination: Termination }).termination"
          @update:model-value="(v) => setEdge(i, { ...edgeAt(i), termination: v as Termination } as Edge)"
      /></label>
      <label v-if="'topWidthMm' in edgeAt(i)"
        >width of its top, {{ unit('lap') }}
        <MeasureInput
          hide-unit
          quantity="lap"
          :label="`Side ${i + 1}, width of its top`"
          :min="20"
          :max="2000"
          :model-value="(edgeAt(i) as { topWidthMm: number }).topWidthMm"
          @update:model-value="(v) => setSize(i, 'topWidthMm', v)"
      /></label>
      <label v-if="'widthMm' in edgeAt(i)"
        >{{ edgeAt(i).kind === 'footing' ? 'on to the footing' : 'width' }}, {{ unit('lap') }}
        <MeasureInput
          hide-unit
          quantity="lap"
          :label="`Side ${i + 1}, width`"
          :min="edgeAt(i).kind === 'joint' ? 2 : 20"
          :max="2000"
          :model-value="(edgeAt(i) as { widthMm: number }).widthMm"
          @update:model-value="(v) => setSize(i, 'widthMm', v)"
      /></label>
      <label
        >rise of an arc, {{ unit('length') }}
        <MeasureInput
          hide-unit
          quantity="length"
          :label="`Side ${i + 1}, rise of its arc, outward`"
          :min="-1000"
          :max="1000"
          :model-value="sideAt(zone.sides, i).riseM"
          @update:model-value="
            (v) => v !== undefined && emit('change', withSide(zone.sides, i, { riseM: v }))
          "
      /></label>
    </div>
    <p v-if="neighbours(i)" class="quiet shared">{{ neighbours(i) }}</p>
  </div>
</template>

<style scoped>
.edge {
  display: grid;
  grid-template-columns: 1.4rem 5rem minmax(0, 1fr) auto;
  gap: var(--s1) var(--s2);
  align-items: center;
  padding: var(--s2) 0;
  border-bottom: var(--stroke) solid var(--line);
}
.chosen {
  box-shadow: inset 3px 0 0 var(--sea);
  padding-left: var(--s2);
}
.sizes {
  grid-column: 2 / -1;
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: var(--s2);
}
.sizes label {
  font-size: var(--t-s);
  color: var(--ink-2);
  display: flex;
  flex-direction: column;
  justify-content: flex-end;
}
.shared {
  grid-column: 2 / -1;
}
</style>
