<script setup lang="ts">
/** How a zone was measured: walked, taped, drawn or not yet; its openings, its place on the plan, its notes. */
import { computed, ref } from 'vue';
import { traverse } from '@lentum/core/geometry';
import {
  asDrawn,
  sketchOf,
  withUse,
  ZONE_USE_NAMES,
  ZONE_USES,
  zoneUse,
  type Opening,
  type TapedOutline,
  type Zone,
  type ZoneUse,
} from '@lentum/core/survey';
import MeasureInput from '../shared/MeasureInput.vue';
import PickList from '../shared/PickList.vue';
import TextInput from '../shared/TextInput.vue';
import ClosingError from './ClosingError.vue';
import EstimatePanel from './EstimatePanel.vue';
import OpeningList from './OpeningList.vue';
import PointsTable from './PointsTable.vue';
import TapedTable from './TapedTable.vue';
import WalkTable from './WalkTable.vue';
import { newTaped, newWalked } from './newzone.ts';
import NewWalk from './NewWalk.vue';

defineProps<{
  hasBays: boolean;
  /** Zones beside it that it can be joined with. */
  joinable: readonly string[];
  names: ReadonlyMap<string, string>;
  side: number | undefined;
}>();
/** The zone being edited: the draft's own object. */
const zone = defineModel<Zone>({ required: true });
/** It is walked again; what is there stays until that is done. */
const walking = ref(false);
const emit = defineEmits<{
  remove: [];
  split: [from: number, to: number];
  join: [otherId: string];
  chooseSide: [side: number];
  chooseCorner: [k: number];
}>();

const walked = computed(() =>
  zone.value.outline.kind === 'walk' ? traverse(zone.value.outline.legs) : undefined,
);
const taped = computed({
  get: () => zone.value.outline as TapedOutline,
  set: (outline) => {
    zone.value.outline = outline;
  },
});
/** Splitting by keyboard: from one corner to another. */
const cornerOptions = computed(() =>
  sketchOf(zone.value.outline).map((_, i) => ({ value: String(i), label: `corner ${i + 1}` })),
);
const splitFrom = ref('0');
const splitTo = ref('2');

const uses = ZONE_USES.map((value) => ({ value, label: ZONE_USE_NAMES[value] }));
const HOW_DRAWN: Readonly<Record<Exclude<ZoneUse, 'roof'>, string>> = {
  wall: 'Measured as one looks at it, its foot below. It has no falls; courses run up it.',
  stairs: 'Measured as it would lie unfolded, treads and risers one after the other. It has no falls.',
};

function setCode(text: string): void {
  const code = text
    .toUpperCase()
    .replace(/[^A-Z]/g, '')
    .slice(0, 3);
  if (code !== '') zone.value.code = code;
}

/** The edges go along with the walk: a side put in or taken out moves those after it. */
function legsChanged(): void {
  if (zone.value.outline.kind === 'walk') zone.value.outline.adjustmentAccepted = false;
}
/** A new side is of the kind of the one before it, and straight. */
function sideInserted(after: number): void {
  const before = zone.value.sides[after];
  if (before) zone.value.sides.splice(after + 1, 0, { ...before, riseM: 0 });
}
function sideRemoved(side: number): void {
  zone.value.sides.splice(side, 1);
}
</script>

<template>
  <div class="names">
    <label for="zone-name">Zone</label>
    <el-input id="zone-name" v-model="zone.name" maxlength="120" />
    <label for="zone-code">Code</label>
    <TextInput
      id="zone-code"
      label="Code"
      class="code"
      :model-value="zone.code"
      @update:model-value="setCode"
    />
    <label for="zone-use">It is</label>
    <PickList
      id="zone-use"
      label="It is"
      class="use"
      :options="uses"
      :model-value="zoneUse(zone)"
      @update:model-value="(v) => (zone = withUse(zone, v as ZoneUse))"
    />
  </div>
  <p v-if="zone.use" class="quiet">{{ HOW_DRAWN[zone.use] }}</p>
  <template v-if="zone.outline.kind === 'walk'">
    <WalkTable
      :key="zone.id"
      v-model="zone.outline.legs"
      @changed="legsChanged"
      @inserted="sideInserted"
      @removed="sideRemoved"
    />
    <ClosingError v-if="walked" v-model="zone.outline.adjustmentAccepted" :walked="walked" />
  </template>
  <TapedTable
    v-else-if="zone.outline.kind === 'taped'"
    :key="zone.id"
    v-model="taped"
    @inserted="sideInserted"
    @removed="sideRemoved"
  />
  <EstimatePanel
    v-else-if="zone.outline.kind === 'estimated'"
    :zone="zone"
    :outline="zone.outline"
    @change="(z) => (zone = z)"
  />
  <PointsTable
    v-else
    :zone="zone"
    :side="side"
    @change="(z) => (zone = z)"
    @choose-side="(s) => emit('chooseSide', s)"
    @choose-corner="(k) => emit('chooseCorner', k)"
  />
  <details class="more">
    <summary>Measured in another way</summary>
    <div class="bar ways">
      <el-button v-if="zone.outline.kind !== 'walk'" text @click="walking = true"
        >Measure it again by walking</el-button
      >
      <el-button
        v-if="zone.outline.kind !== 'taped'"
        text
        @click="zone.outline = newTaped([], 'rectangle').outline"
        >Measure it again by tape alone</el-button
      >
      <el-button v-if="zone.outline.kind !== 'points'" text @click="zone = asDrawn(zone)"
        >Keep its corners as drawn ones</el-button
      >
    </div>
  </details>
  <NewWalk v-if="walking" v-model="walking" @done="(legs) => (zone.outline = newWalked([], legs).outline)" />
  <OpeningList
    :key="`o${zone.id}`"
    :model-value="zone.openings"
    @update:model-value="(v: Opening[]) => (zone.openings = v)"
  />
  <div class="head plot"><h2>On the plan of all zones</h2></div>
  <div class="sizes">
    <label
      v-for="[key, word] in [
        ['xM', 'corner 1 to the right'],
        ['yM', 'corner 1 up'],
      ] as const"
      :key="key"
      >{{ word }}
      <MeasureInput
        hide-unit
        quantity="length"
        :label="`${zone.name}, ${word}`"
        :min="-2000"
        :max="2000"
        :model-value="zone.plot[key]"
        @update:model-value="(v) => v !== undefined && (zone.plot[key] = v)"
    /></label>
    <label
      >turned left by, °
      <MeasureInput
        hide-unit
        quantity="angle"
        :label="`${zone.name}, turned left by`"
        :min="-360"
        :max="360"
        :model-value="zone.plot.turnDeg"
        @update:model-value="(v) => v !== undefined && (zone.plot.turnDeg = v)"
    /></label>
  </div>
  <div v-if="!hasBays && cornerOptions.length > 3" class="split">
    <span>Split from</span>
    <PickList v-model="splitFrom" label="Split from corner" :options="cornerOptions" />
    <span>to</span>
    <PickList v-model="splitTo" label="Split to corner" :options="cornerOptions" />
    <el-button @click="emit('split', Number(splitFrom), Number(splitTo))">Split</el-button>
  </div>
  <div v-if="joinable.length > 0" class="bar">
    <el-button v-for="id in joinable" :key="id" text @click="emit('join', id)"
      >Join with {{ names.get(id) }}</el-button
    >
  </div>
  <label class="note" for="zone-note">Notes</label>
  <el-input id="zone-note" v-model="zone.note" type="textarea" :autosize="{ minRows: 2 }" maxlength="2000" />
  <el-popconfirm
    v-if="!hasBays"
    title="Remove this zone? Undo brings it back."
    confirm-button-text="Remove"
    cancel-button-text="Keep"
    @confirm="emit('remove')"
  >
    <template #reference><el-button text class="remove">Remove this zone</el-button></template>
  </el-popconfirm>
  <p v-else class="quiet">This zone has bays; it stays while they are there.</p>
</template>

<style scoped>
.split {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto minmax(0, 1fr) auto;
  gap: var(--s2);
  align-items: center;
  padding: var(--s2) 0;
}
.names {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto 4.5rem;
  gap: var(--s2);
  align-items: center;
  margin-bottom: var(--s3);
}
.use {
  grid-column: 2 / -1;
}
.names label,
.note {
  font-weight: 600;
}
.note {
  display: block;
  margin: var(--s3) 0 var(--s1);
}
.remove {
  margin-top: var(--s2);
}
.plot {
  margin-top: var(--s4);
}
.sizes {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: var(--s2);
  padding: var(--s2) 0;
}
.sizes label {
  font-size: var(--t-s);
  color: var(--ink-2);
}
.more {
  padding: var(--s2) 0;
}
.more summary {
  cursor: pointer;
}
.ways {
  flex-direction: column;
  align-items: flex-start;
}
body .ways .el-button {
  margin: 0;
}
</style>
