<script setup lang="ts">
/** What each column of a file says, in which unit, and in which zone its clock ran: matched by a person, once. */
import { computed } from 'vue';
import { TABLE_UNITS, tableColumnName, type TableColumn, type TableMap } from '@lentum/core/weather';
import { useJob } from '../../app/job.ts';
import PickList from '../../shared/PickList.vue';

defineProps<{ head: readonly string[]; example: readonly string[] }>();
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
const unitName = (unit: string): string => (unit === '' ? '0 to 1' : unit);
/** A list knows no empty value. */
const SHARE = 'share';
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
    columns: map.value.columns.map((c) =>
      c.index === index ? { ...c, unit: unit === SHARE ? '' : unit } : c,
    ),
  };
}
const unitsOf = (index: number): { value: string; label: string }[] => {
  const column = columnAt(index);
  return column
    ? TABLE_UNITS[column.as].map((u) => ({ value: u === '' ? SHARE : u, label: unitName(u) }))
    : [];
};

/** Fixed hours from UTC, for loggers that know no summer time. Their names count the other way round. */
const FIXED = new Map(
  Array.from({ length: 25 }, (_, i) => i - 12)
    .filter((h) => h !== 0)
    .map((h) => [
      `Etc/GMT${h > 0 ? '-' : '+'}${Math.abs(h)}`,
      `UTC${h > 0 ? '+' : '−'}${Math.abs(h)} all year`,
    ]),
);
const zones = computed(() =>
  [...new Set([job.timeZone, 'UTC', ...FIXED.keys(), ...Intl.supportedValuesOf('timeZone')])].map((z) => ({
    value: z,
    label: z === job.timeZone ? `the job’s clock, ${z}` : (FIXED.get(z) ?? z),
  })),
);
const ORDERS = [
  { value: 'day first', label: 'day first: 12.05.' },
  { value: 'month first', label: 'month first: 5/12' },
] as const;
</script>

<template>
  <table class="columns-of">
    <thead>
      <tr>
        <th scope="col">Column</th>
        <th scope="col">First value</th>
        <th scope="col">Is</th>
        <th scope="col">In</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="(title, i) in head" :key="i">
        <td>{{ title }}</td>
        <td class="quiet">{{ example[i] }}</td>
        <td>
          <PickList
            :label="`What ${title} is`"
            :options="AS"
            :model-value="asOf(i)"
            @update:model-value="(as: string) => setAs(i, as)"
          />
        </td>
        <td>
          <PickList
            v-if="columnAt(i)"
            :label="`Unit of ${title}`"
            :options="unitsOf(i)"
            :model-value="columnAt(i)?.unit || SHARE"
            @update:model-value="(u: string) => setUnit(i, u)"
          />
        </td>
      </tr>
    </tbody>
  </table>
  <div class="bar choices">
    <span>Its clock ran in</span>
    <PickList
      label="Zone of its clock"
      filterable
      :options="zones"
      :model-value="map.zone"
      @update:model-value="(zone: string) => (map = { ...map, zone })"
    />
    <PickList
      label="Order of the date"
      :options="ORDERS"
      :model-value="map.order"
      @update:model-value="(order: string) => (map = { ...map, order: order as TableMap['order'] })"
    />
  </div>
</template>

<style scoped>
.columns-of {
  width: 100%;
  margin: var(--s3) 0;
}
th {
  text-align: left;
}
.columns-of :deep(.el-select) {
  min-width: 7rem;
}
.columns-of td:nth-child(3) :deep(.el-select) {
  min-width: 13rem;
}
.columns-of td:nth-child(2) {
  overflow-wrap: anywhere;
}
.choices :deep(.el-select) {
  width: 16rem;
}
.choices {
  flex-wrap: wrap;
  gap: var(--s3);
}
/* On a phone a column is two lines: its name and first value, then what it is. */
@media (max-width: 640px) {
  thead {
    display: none;
  }
  tr {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 7.5rem;
    padding-bottom: var(--s2);
  }
  td:nth-child(3) :deep(.el-select) {
    min-width: 0;
  }
}
</style>
