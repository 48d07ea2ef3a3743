<script setup lang="ts">
/** Columns of a table that came from elsewhere, each with its first value: what it says and in which unit is chosen. */
import PickList from '../PickList.vue';

export interface MatchRow {
  readonly key: string;
  readonly title: string;
  readonly example: string;
  readonly as: string;
  /** What it may be, where that is not the same for all. */
  readonly kinds: readonly { value: string; label: string }[];
  readonly unit: string;
  /** None where it is not used. */
  readonly units: readonly string[];
}
defineProps<{ rows: readonly MatchRow[] }>();
const emit = defineEmits<{ as: [key: string, as: string]; unit: [key: string, unit: string] }>();

/** A list knows no empty value: shares of one have no unit. */
const SHARE = 'share';
const unitOptions = (units: readonly string[]) =>
  units.map((u) => ({ value: u === '' ? SHARE : u, label: u === '' ? '0 to 1' : u }));
</script>

<template>
  <table class="match">
    <thead>
      <tr>
        <th scope="col">Column</th>
        <th scope="col">First value</th>
        <th scope="col">Is</th>
        <th scope="col">In</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="r in rows" :key="r.key">
        <td>{{ r.title }}</td>
        <td class="quiet">{{ r.example }}</td>
        <td>
          <PickList
            :label="`What ${r.title} is`"
            :options="r.kinds"
            :model-value="r.as"
            @update:model-value="(as: string) => emit('as', r.key, as)"
          />
        </td>
        <td>
          <PickList
            v-if="r.units.length > 0"
            :label="`Unit of ${r.title}`"
            :options="unitOptions(r.units)"
            :model-value="r.unit || SHARE"
            @update:model-value="(u: string) => emit('unit', r.key, u === SHARE ? '' : u)"
          />
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.match {
  width: 100%;
  margin: var(--s3) 0;
}
th {
  text-align: left;
}
td:nth-child(-n + 2) {
  overflow-wrap: anywhere;
}
.match :deep(.el-select) {
  min-width: 7rem;
}
td:nth-child(3) :deep(.el-select) {
  min-width: 13rem;
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
