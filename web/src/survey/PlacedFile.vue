<script setup lang="ts">
/**
 * Levels or readings with their places out of a table: its columns are matched once for files of one kind, what would be
 * read is seen first, and nothing is taken before that.
 */
import { useLocalStorage } from '@vueuse/core';
import { computed, ref, shallowRef } from 'vue';
import { sentence } from '@lentum/core/problems';
import {
  guessPlaced,
  NO_COLUMN,
  PLACE_UNITS,
  PLACED_KINDS,
  placedTable,
  readPlacedRows,
  type PlacedKind,
  type PlacedMap,
  type TableRow,
} from '@lentum/core/survey';
import { metresPer } from '@lentum/core/units';
import MatchTable from '../shared/MatchTable.vue';
import { readTable } from '../shared/tablefile.ts';
import { useUnits } from '../shared/units.ts';

const props = defineProps<{
  /** Of the field for the file. */
  label: string;
  /** What the value is, in words. */
  word: string;
  /** Units that it may come in, the one it is kept in first. */
  valueUnits: readonly string[];
  /** A value as it is kept, in words. */
  sayValue: (value: number) => string;
  /** Takes them; what speaks against them, in sentences. */
  take: (rows: readonly TableRow[]) => Promise<readonly string[]>;
}>();
const { say } = useUnits();
/** How files of a kind were matched the last time. */
const matched = useLocalStorage<Record<string, PlacedMap>>('lentum.placed-columns', {});
const rows = shallowRef<string[][]>([]);
const map = shallowRef<PlacedMap>();
const name = ref('');
const trouble = ref<readonly string[]>([]);
const taking = ref(false);

const table = computed(() => placedTable(rows.value));
const key = computed(() => `${props.word} ${table.value.key}`);
async function pick(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  if (!file) return;
  rows.value = await readTable(file);
  input.value = '';
  name.value = file.name;
  trouble.value = [];
  map.value = matched.value[key.value] ?? guessPlaced(table.value.heads, props.valueUnits);
}

const NOT_USED = 'not used';
const KINDS = computed(() => [
  { value: NOT_USED, label: NOT_USED },
  { value: 'along', label: 'along side 1' },
  { value: 'across', label: 'into the zone' },
  { value: 'value', label: props.word },
]);
const kindAt = (index: number): PlacedKind | undefined =>
  PLACED_KINDS.find((kind) => map.value?.[kind].index === index);
const unitsOf = (kind: PlacedKind): readonly string[] => (kind === 'value' ? props.valueUnits : PLACE_UNITS);
const columns = computed(() =>
  table.value.heads.map((title, i) => {
    const kind = kindAt(i);
    return {
      ...{ key: String(i), title, example: table.value.body[0]?.[i] ?? '', kinds: KINDS.value },
      as: kind ?? NOT_USED,
      unit: (kind && map.value?.[kind].unit) ?? '',
      units: kind && unitsOf(kind).length > 1 ? unitsOf(kind) : [],
    };
  }),
);
function setAs(at: string, as: string): void {
  if (!map.value) return;
  const [index, before] = [Number(at), kindAt(Number(at))];
  const freed = before ? { ...map.value, [before]: { ...map.value[before], index: NO_COLUMN } } : map.value;
  map.value = as === NOT_USED ? freed : { ...freed, [as]: { ...freed[as as PlacedKind], index } };
}
function setUnit(at: string, unit: string): void {
  const kind = kindAt(Number(at));
  if (map.value && kind) map.value = { ...map.value, [kind]: { ...map.value[kind], unit } };
}

const perUnit = (unit: string, kind: PlacedKind): number =>
  kind === 'value' && props.valueUnits.length === 1 ? 1 : metresPer(unit);
const missing = computed(() =>
  PLACED_KINDS.filter((kind) => (map.value?.[kind].index ?? NO_COLUMN) < 0).map(
    (kind) => KINDS.value.find((k) => k.value === kind)?.label ?? kind,
  ),
);
const read = computed(() =>
  map.value && missing.value.length === 0
    ? readPlacedRows(rows.value, props.word, map.value, perUnit)
    : undefined,
);
const found = computed(() => (read.value?.ok ? read.value.value : undefined));
const problems = computed(() =>
  missing.value.length > 0
    ? [`No column is ${missing.value.join(', none ')}; expected one of each.`]
    : read.value && !read.value.ok
      ? read.value.problems.map(sentence)
      : [],
);
const span = (of: (r: TableRow) => number): readonly [number, number] => {
  const values = (found.value ?? []).map(of);
  return [Math.min(...values), Math.max(...values)];
};
const says = computed(() => {
  const { value: list } = found;
  if (!list) return [];
  const lengths = (of: (r: TableRow) => number): string => {
    const [least, most] = span(of);
    return `${say(least, 'length')} to ${say(most, 'length')}`;
  };
  const [least, most] = span((r) => r.value);
  return [
    `${list.length} of them, ${props.sayValue(least)} to ${props.sayValue(most)}`,
    `along side 1: ${lengths((r) => r.at.alongM)}; into the zone: ${lengths((r) => r.at.acrossM)}`,
  ];
});

async function add(): Promise<void> {
  if (!found.value || !map.value) return;
  taking.value = true;
  try {
    trouble.value = await props.take(found.value);
  } finally {
    taking.value = false;
  }
  if (trouble.value.length > 0) return;
  matched.value = { ...matched.value, [key.value]: map.value };
  map.value = undefined;
}
</script>

<template>
  <input type="file" class="file" accept=".csv,.txt,text/csv" :aria-label="label" @change="pick" />
  <el-dialog
    :model-value="map !== undefined"
    :title="`Out of ${name}`"
    width="min(720px, 96vw)"
    append-to-body
    @close="map = undefined"
  >
    <template v-if="map">
      <MatchTable :rows="columns" @as="setAs" @unit="setUnit" />
      <p v-for="p in [...problems, ...trouble]" :key="p" class="problem" role="alert">{{ p }}</p>
      <ul v-if="found" role="status">
        <li v-for="s in says" :key="s">{{ s }}</li>
      </ul>
      <p v-else class="quiet">Nothing is taken unless all of it can be read.</p>
    </template>
    <template #footer>
      <el-button @click="map = undefined">Cancel</el-button>
      <el-button type="primary" :disabled="!found" :loading="taking" @click="add">{{
        found ? `Take ${found.length}` : 'Take them'
      }}</el-button>
    </template>
  </el-dialog>
</template>

<style scoped>
ul {
  margin: 0;
  padding-left: var(--s4);
}
</style>
