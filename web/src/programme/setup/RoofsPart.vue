<script setup lang="ts">
/** What roofs ask for: closed by night, one open at a time, taken by others, tested with water. */
import type { ProgrammeDoc } from '@lentum/core/planning';
import TextInput from '../../shared/TextInput.vue';
import CountField from './CountField.vue';
import ManyRoofs from './ManyRoofs.vue';
import RoofRow from './RoofRow.vue';
import { useProgrammeDoc } from './programmedoc.ts';
import TimeField from './TimeField.vue';
import { offWhere } from '../../shared/heldpage.ts';

const { draft, change, zones, localAt, instantOf, today } = useProgrammeDoc();

type Taken = ProgrammeDoc['taken'][number];
function addTaken(): void {
  const zoneId = zones.value[0]?.value;
  const [from, to] = [instantOf(`${today.value}T07:00`), instantOf(`${today.value}T17:00`)];
  if (zoneId !== undefined && from !== undefined && to !== undefined)
    change({ taken: [...draft.value.taken, { zoneId, from, to, says: '' }] });
}
const setTaken = (one: Taken, next: Partial<Taken>): void =>
  change({ taken: draft.value.taken.map((t) => (t === one ? { ...t, ...next } : t)) });

type Flood = ProgrammeDoc['floods'][number];
/** Common practice: a day to two. */
const FLOOD_HOURS = 24;
function addFlood(): void {
  const there = new Set(draft.value.floods.map((f) => f.zoneId));
  const zoneId = zones.value.find((z) => !there.has(z.value))?.value;
  if (zoneId !== undefined)
    change({
      floods: [...draft.value.floods, { zoneId, hours: { value: FLOOD_HOURS, source: 'typical' } }],
    });
}
const setFlood = (one: Flood, next: Partial<Flood>): void =>
  change({ floods: draft.value.floods.map((f) => (f === one ? { ...f, ...next } : f)) });

/** The first two roofs, until somebody says which; fewer make no group. */
function addApart(): void {
  const [a, b] = zones.value;
  if (a && b) change({ apart: [...draft.value.apart, { zoneIds: [a.value, b.value] }] });
}
const setApart = (at: number, zoneIds: readonly string[]): void => {
  if (zoneIds.length > 1)
    change({ apart: draft.value.apart.map((g, i) => (i === at ? { zoneIds: [...zoneIds] } : g)) });
};
</script>

<template>
  <section aria-label="Roofs that are opened">
    <h2>Closed by night</h2>
    <p class="quiet">
      Where the old covering is opened: a bay is begun only on a day on which it is closed again, with film
      that is rain-safe before rain and before night.
    </p>
    <ManyRoofs
      label="Roofs whose old covering is opened"
      none="no roof is opened"
      :options="zones"
      :model-value="draft.opened"
      @update:model-value="(v) => change({ opened: [...v] })"
    />
  </section>
  <section aria-label="Roofs of which one stays open">
    <div class="head">
      <h2>Not shut together</h2>
      <el-button class="end" size="small" v-bind="offWhere(zones.length < 2)" @click="addApart"
        >Add a group</el-button
      >
    </div>
    <p v-if="draft.apart.length > 0" class="quiet">
      Work on one begins when the other is finished and open for feet again.
    </p>
    <div v-for="(g, i) in draft.apart" :key="i" class="bar row">
      <ManyRoofs
        :label="`Not shut together, group ${i + 1}`"
        none="choose two or more"
        :options="zones"
        :model-value="g.zoneIds"
        @update:model-value="(v) => setApart(i, v)"
      />
      <el-button text size="small" @click="change({ apart: draft.apart.filter((x) => x !== g) })"
        >Remove</el-button
      >
    </div>
  </section>
  <section aria-label="When a roof is taken">
    <div class="head">
      <h2>Taken by others</h2>
      <el-button class="end" size="small" v-bind="offWhere(zones.length === 0)" @click="addTaken"
        >Add a time</el-button
      >
    </div>
    <RoofRow
      v-for="(t, i) in draft.taken"
      :key="i"
      label="Roof that is taken"
      :zones="zones"
      :model-value="t.zoneId"
      @update:model-value="(zoneId) => setTaken(t, { zoneId })"
      @remove="change({ taken: draft.taken.filter((x) => x !== t) })"
    >
      <TimeField
        name="from"
        label="Taken from"
        type="datetime-local"
        :model-value="localAt(t.from)"
        @update:model-value="(v) => setTaken(t, { from: instantOf(v) ?? t.from })"
      />
      <TimeField
        name="to"
        label="Taken to"
        type="datetime-local"
        :model-value="localAt(t.to)"
        @update:model-value="(v) => setTaken(t, { to: instantOf(v) ?? t.to })"
      />
      <TextInput
        class="says"
        :model-value="t.says"
        label="By whom"
        :most="200"
        @update:model-value="(says: string) => setTaken(t, { says })"
      />
      <template #below>
        <p v-if="Date.parse(t.from) >= Date.parse(t.to)" class="trouble">It ends before it begins.</p>
      </template>
    </RoofRow>
  </section>
  <section aria-label="Flood tests">
    <div class="head">
      <h2>Flood tests</h2>
      <el-button class="end" size="small" :disabled="draft.floods.length >= zones.length" @click="addFlood"
        >Add a roof</el-button
      >
    </div>
    <p v-if="draft.floods.length > 0" class="quiet">
      Filled when all is laid and the films allow standing water, read so many hours later. Only where a
      structural engineer has said what the deck carries.
    </p>
    <RoofRow
      v-for="f in draft.floods"
      :key="f.zoneId"
      label="Roof that is tested"
      :zones="zones"
      :model-value="f.zoneId"
      @update:model-value="(zoneId) => setFlood(f, { zoneId })"
      @remove="change({ floods: draft.floods.filter((x) => x !== f) })"
    >
      <CountField
        name="stands for"
        label="Flood test, hours"
        unit="h"
        :least="1"
        :most="240"
        :model-value="f.hours.value"
        @update:model-value="(v) => setFlood(f, { hours: { value: v ?? FLOOD_HOURS, source: 'chosen' } })"
      />
    </RoofRow>
  </section>
</template>

<style scoped>
.row {
  padding: var(--s2) 0;
  border-bottom: var(--stroke) solid var(--line);
}
.says {
  flex: 1 1 140px;
}
</style>
