<script setup lang="ts">
/** Dates to keep, and ground that is counted on. */
import { DEADLINES, type Deadline } from '@lentum/core/planning';
import { DEADLINE_WORDS } from '@lentum/core/words';
import { useJob } from '../../app/job.ts';
import PickList from '../../shared/PickList.vue';
import TextInput from '../../shared/TextInput.vue';
import CountField from './CountField.vue';
import { useProgrammeDoc } from './programmedoc.ts';
import RoofRow from './RoofRow.vue';
import TimeField from './TimeField.vue';
import { offWhere } from '../../shared/heldpage.ts';

const job = useJob();
const { draft, change, zones, localAt, instantOf, today, isPast } = useProgrammeDoc();
const WEEK_MS = 7 * 86_400_000;
const what = DEADLINES.map((d) => ({ value: d, label: DEADLINE_WORDS[d] }));

function addDate(): void {
  const zoneId = zones.value[0]?.value;
  const at = instantOf(`${today.value}T17:00`);
  if (zoneId === undefined || at === undefined) return;
  const by = new Date(Date.parse(at) + WEEK_MS).toISOString();
  const date: Deadline = { id: crypto.randomUUID(), zoneId, what: 'done', by, costPerDay: 0 };
  change({ deadlines: [...draft.value.deadlines, date] });
}
const setDate = (id: string, next: Partial<Deadline>): void =>
  change({ deadlines: draft.value.deadlines.map((d) => (d.id === id ? { ...d, ...next } : d)) });

type Expected = (typeof draft.value.expects)[number];
function addGround(): void {
  const there = new Set(draft.value.expects.map((e) => e.zoneId));
  const zoneId = zones.value.find((z) => !there.has(z.value))?.value;
  const fitAt = instantOf(`${today.value}T07:00`);
  if (zoneId !== undefined && fitAt !== undefined)
    change({ expects: [...draft.value.expects, { zoneId, fitAt, says: '' }] });
}
const setGround = (one: Expected, next: Partial<Expected>): void =>
  change({ expects: draft.value.expects.map((e) => (e === one ? { ...e, ...next } : e)) });
</script>

<template>
  <section aria-label="Dates to keep">
    <div class="head">
      <h2>Dates to keep</h2>
      <el-button class="end" size="small" v-bind="offWhere(zones.length === 0)" @click="addDate"
        >Add a date</el-button
      >
    </div>
    <RoofRow
      v-for="d in draft.deadlines"
      :key="d.id"
      label="Roof"
      :zones="zones"
      :model-value="d.zoneId"
      @update:model-value="(zoneId) => setDate(d.id, { zoneId })"
      @remove="change({ deadlines: draft.deadlines.filter((x) => x !== d) })"
    >
      <PickList
        class="what"
        label="What it asks for"
        :options="what"
        :model-value="d.what"
        @update:model-value="(v: string) => setDate(d.id, { what: v as Deadline['what'] })"
      />
      <TimeField
        name="by"
        type="datetime-local"
        :model-value="localAt(d.by)"
        @update:model-value="(v) => setDate(d.id, { by: instantOf(v) ?? d.by })"
      />
      <CountField
        v-if="job.seesPrices"
        name="a day late costs"
        plain
        :most="1000000"
        :model-value="d.costPerDay"
        @update:model-value="(v) => setDate(d.id, { costPerDay: v ?? 0 })"
      />
      <template #below>
        <p v-if="isPast(d.by)" class="trouble">This date is past: no plan can keep it.</p>
      </template>
    </RoofRow>
  </section>
  <section aria-label="Ground that is counted on">
    <div class="head">
      <h2>Ground that is counted on</h2>
      <el-button class="end" size="small" :disabled="draft.expects.length >= zones.length" @click="addGround"
        >Add a roof</el-button
      >
    </div>
    <p class="quiet">
      A roof whose ground is not fit yet is planned as if it were from then on. On the day the readings
      decide.
    </p>
    <RoofRow
      v-for="e in draft.expects"
      :key="e.zoneId"
      label="Roof that is counted on"
      :zones="zones"
      :model-value="e.zoneId"
      @update:model-value="(zoneId) => setGround(e, { zoneId })"
      @remove="change({ expects: draft.expects.filter((x) => x !== e) })"
    >
      <TimeField
        name="fit from"
        type="datetime-local"
        :model-value="localAt(e.fitAt)"
        @update:model-value="(v) => setGround(e, { fitAt: instantOf(v) ?? e.fitAt })"
      />
      <TextInput
        class="says"
        :model-value="e.says"
        label="Why"
        :most="200"
        @update:model-value="(says: string) => setGround(e, { says })"
      />
    </RoofRow>
  </section>
</template>

<style scoped>
.what {
  width: 150px;
}
.says {
  flex: 1 1 160px;
}
</style>
