<script setup lang="ts">
/** By which clock a table of hours goes, how its dates are written, and which hour its rain is of. */
import { computed } from 'vue';
import type { DayOrder } from '@lentum/core/weather';
import PickList from '../PickList.vue';

const props = withDefaults(
  defineProps<{
    /** The clock that is most likely, with its name for people. */
    own: { readonly value: string; readonly label: string };
    /** Whether times are written as clocks and dates; seconds have no zone. */
    written?: boolean;
    /** Whether a column of rain is matched. */
    rain: boolean;
  }>(),
  { written: true },
);
const zone = defineModel<string>('zone', { required: true });
const order = defineModel<DayOrder>('order', { required: true });
const rainOf = defineModel<'hour after' | 'hour before'>('rainOf', { required: true });

/** Fixed hours from UTC, for loggers that know no summer time. Their names count the other way round. */
const FIXED = new Map(
  Array.from({ length: 25 }, (_, i) => i - 12)
    .filter((h) => h !== 0)
    .map((h) => [
      `Etc/GMT${h > 0 ? '-' : '+'}${Math.abs(h)}`,
      `UTC${h > 0 ? '+' : '−'}${Math.abs(h)} all year`,
    ]),
);
const zones = computed(() => [
  props.own,
  ...[...new Set(['UTC', ...FIXED.keys(), ...Intl.supportedValuesOf('timeZone')])]
    .filter((z) => z !== props.own.value)
    .map((z) => ({ value: z, label: FIXED.get(z) ?? z })),
]);
const ORDERS = [
  { value: 'day first', label: 'day first: 12.05.' },
  { value: 'month first', label: 'month first: 5/12' },
] as const;
const RAIN = [
  { value: 'hour after', label: 'rain at 09:00 fell from 9 to 10' },
  { value: 'hour before', label: 'rain at 09:00 fell from 8 to 9' },
] as const;
</script>

<template>
  <div class="bar choices">
    <span v-if="written">Its clock ran in</span>
    <PickList v-if="written" v-model="zone" label="Zone of its clock" filterable :options="zones" />
    <PickList
      v-if="written"
      label="Order of the date"
      :options="ORDERS"
      :model-value="order"
      @update:model-value="(o: string) => (order = o as DayOrder)"
    />
    <PickList
      v-if="rain"
      label="Which hour its rain is of"
      :options="RAIN"
      :model-value="rainOf"
      @update:model-value="(of: string) => (rainOf = of as typeof rainOf)"
    />
  </div>
</template>

<style scoped>
.choices :deep(.el-select) {
  width: 17rem;
}
.choices {
  flex-wrap: wrap;
  gap: var(--s3);
}
</style>
