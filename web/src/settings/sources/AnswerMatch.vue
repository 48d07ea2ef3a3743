<script setup lang="ts">
/** An answer that was tried: which of its lists is meant, what its columns say, and what would be read of it. */
import { computed, ref } from 'vue';
import {
  guessAnswerMap,
  JOB_ZONE,
  type AnswerMap,
  type AnswerTable,
  type SourceKind,
} from '@lentum/core/sources';
import MatchClock from '../../shared/tables/MatchClock.vue';
import MatchTable from '../../shared/tables/MatchTable.vue';
import PickList from '../../shared/PickList.vue';
import { formatOf, matchedAs, matchRows, tableKey, tableName, type Seen } from './sourcework.ts';

const props = defineProps<{
  text: string;
  tables: readonly AnswerTable[];
  kind: SourceKind;
  seen: Seen | undefined;
  problems: readonly string[];
}>();
const map = defineModel<AnswerMap>({ required: true });

const table = computed(() => props.tables.find((t) => tableKey(t) === tableKey(map.value)));
const options = computed(() => props.tables.map((t) => ({ value: tableKey(t), label: tableName(t) })));
function choose(key: string): void {
  const chosen = props.tables.find((t) => tableKey(t) === key);
  if (chosen) map.value = guessAnswerMap(chosen, formatOf(props.text), props.kind);
}

/** More columns than this are looked through by a part of their name. */
const FEW = 24;
const part = ref('');
const all = computed(() => (table.value ? matchRows(table.value, map.value, props.kind) : []));
const found = computed(() => {
  const wanted = part.value.trim().toLowerCase();
  const used = all.value.filter((r) => r.as !== 'not used');
  const others = all.value.filter(
    (r) => r.as === 'not used' && (wanted === '' || r.title.toLowerCase().includes(wanted)),
  );
  return [...used, ...others];
});
const rows = computed(() => (all.value.length <= FEW ? all.value : found.value.slice(0, FEW)));
const hidden = computed(() => (all.value.length <= FEW ? 0 : found.value.length - rows.value.length));

function setAs(name: string, as: string): void {
  if (table.value) map.value = matchedAs(map.value, table.value, name, as);
}
const setUnit = (name: string, unit: string): void => {
  map.value = { ...map.value, columns: map.value.columns.map((c) => (c.name === name ? { ...c, unit } : c)) };
};
const TIMES = [
  { value: 'text', label: 'dates and clocks as text' },
  { value: 'seconds', label: 'seconds since 1970' },
  { value: 'milliseconds', label: 'milliseconds since 1970' },
] as const;
const own = { value: JOB_ZONE, label: 'the clock of the job' };
const rain = computed(() => map.value.columns.some((c) => c.as === 'rainMm' || c.as === 'rainChancePct'));
</script>

<template>
  <div class="answer">
    <label v-if="tables.length > 1" class="list"
      >The list that is meant
      <PickList
        label="The list that is meant"
        own
        :options="options"
        :model-value="tableKey(map)"
        @update:model-value="choose"
      />
    </label>
    <el-input
      v-if="all.length > FEW"
      v-model="part"
      clearable
      placeholder="a part of the name of a column"
      aria-label="Find a column"
    />
    <MatchTable :rows="rows" @as="setAs" @unit="setUnit" />
    <p v-if="hidden > 0" class="quiet">{{ hidden }} more columns: find them by a part of their name.</p>
    <template v-if="map.time !== undefined">
      <PickList
        class="times"
        label="How its times are written"
        :options="TIMES"
        :model-value="map.timeIs"
        @update:model-value="(is: string) => (map = { ...map, timeIs: is as AnswerMap['timeIs'] })"
      />
      <MatchClock
        v-if="map.timeIs === 'text' || rain"
        :written="map.timeIs === 'text'"
        :own="own"
        :rain="rain"
        :zone="map.zone"
        :order="map.order"
        :rain-of="map.rainOf"
        @update:zone="(zone) => (map = { ...map, zone })"
        @update:order="(order) => (map = { ...map, order })"
        @update:rain-of="(rainOf) => (map = { ...map, rainOf })"
      />
    </template>
    <p v-for="p in problems" :key="p" class="problem" role="alert">{{ p }}</p>
    <div v-if="seen" role="status">
      <h3>What is read of it</h3>
      <ul>
        <li v-for="s in seen.says" :key="s">{{ s }}</li>
      </ul>
      <p v-for="n in seen.notes" :key="n" class="quiet">{{ n }}</p>
    </div>
  </div>
</template>

<style scoped>
.answer {
  margin-top: var(--s3);
}
.list {
  display: grid;
  gap: var(--s1);
}
.times {
  width: 17rem;
  margin-bottom: var(--s3);
}
h3 {
  margin-top: var(--s3);
}
ul {
  margin: 0;
  padding-left: var(--s4);
}
</style>
