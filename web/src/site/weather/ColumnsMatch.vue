<script setup lang="ts">
/** What each column of a file says, in which unit, and in which zone its clock ran: matched by a person, once. */
import { computed } from 'vue';
import { TABLE_UNITS, tableColumnName, type TableColumn, type TableMap } from '@lentum/core/weather';
import { useJob } from '../../app/job.ts';
import MatchClock from '../../shared/tables/MatchClock.vue';
import MatchTable from '../../shared/tables/MatchTable.vue';

const props = defineProps<{ head: readonly string[]; example: readonly string[] }>();
const map = defineModel<TableMap>({ required: true });
const job = useJob();

const NOT_USED = 'not used';
const TIME = 'time';
const CLOCK = 'clock';
const AS = [
  { value: NOT_USED, label: NOT_USED },
  { value: TIME, label: 'date, or date and time' },
  { value: CLOCK, label: 'clock, where it stands apart' },
  ...(Object.keys(TABLE_UNITS) as TableColumn[]).map((k) => ({ value: k, label: tableColumnName(k) })),
];
const columnAt = (index: number) => map.value.columns.find((c) => c.index === index);
const asOf = (index: number): string =>
  map.value.time === index ? TIME : map.value.clock === index ? CLOCK : (columnAt(index)?.as ?? NOT_USED);

function setAs(index: number, as: string): void {
  const { time, clock, columns } = map.value;
  const others = columns.filter((c) => c.index !== index && c.as !== as);
  const rest = { ...map.value, clock: clock === index ? undefined : clock, columns: others };
  if (as === TIME) map.value = { ...rest, time: index };
  else if (time === index)
    return; // A table without any time cannot be read: another column is made it first.
  else if (as === CLOCK) map.value = { ...rest, clock: index };
  else if (as === NOT_USED) map.value = rest;
  else {
    const column = as as TableColumn;
    map.value = { ...rest, columns: [...others, { index, as: column, unit: TABLE_UNITS[column][0] }] };
  }
}
function setUnit(index: number, unit: string): void {
  map.value = {
    ...map.value,
    columns: map.value.columns.map((c) => (c.index === index ? { ...c, unit } : c)),
  };
}
const rows = computed(() =>
  props.head.map((title, i) => {
    const column = columnAt(i);
    return {
      ...{ key: String(i), title, example: props.example[i] ?? '', kinds: AS, as: asOf(i) },
      ...{ unit: column?.unit ?? '', units: column ? TABLE_UNITS[column.as] : [] },
    };
  }),
);
const own = computed(() => ({ value: job.timeZone, label: `the job’s clock, ${job.timeZone}` }));
const rain = computed(() => map.value.columns.some((c) => c.as === 'rainMm' || c.as === 'rainChancePct'));
</script>

<template>
  <MatchTable
    :rows="rows"
    @as="(key, as) => setAs(Number(key), as)"
    @unit="(key, unit) => setUnit(Number(key), unit)"
  />
  <MatchClock
    :own="own"
    :rain="rain"
    :zone="map.zone"
    :order="map.order"
    :rain-of="map.rainOf ?? 'hour after'"
    @update:zone="(zone) => (map = { ...map, zone })"
    @update:order="(order) => (map = { ...map, order })"
    @update:rain-of="(rainOf) => (map = { ...map, rainOf })"
  />
</template>
