<script setup lang="ts">
/**
 * Levels or readings with their places out of a table: its columns are matched once for files of one kind, what would be
 * read is seen first, and nothing is taken before that.
 */
import { computed, ref } from 'vue';
import {
  guessPlaced,
  NO_COLUMN,
  PLACE_UNITS,
  PLACED_KINDS,
  type PlacedKind,
  type PlacedMap,
  type TableRow,
} from '@lentum/core/survey';
import MatchTable from '../shared/tables/MatchTable.vue';
import TableDialog from '../shared/tables/TableDialog.vue';
import { useTableFile } from '../shared/tables/usetablefile.ts';
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
const trouble = ref<readonly string[]>([]);
const taking = ref(false);

const missingOf = (map: PlacedMap): PlacedKind[] => PLACED_KINDS.filter((kind) => map[kind].index < 0);
const file = useTableFile<PlacedMap, readonly TableRow[]>(
  'lentum.placed-columns',
  {
    key: ({ placed }) => `${props.word} ${placed.key}`,
    guess: ({ placed }) => guessPlaced(placed.heads, props.valueUnits),
  },
  (ask, map) =>
    missingOf(map).length > 0 ? undefined : ask.placed(props.word, map, props.valueUnits.length > 1),
);
const { map, found, name, share } = file;
function close(): void {
  trouble.value = [];
  file.close();
}
async function pick(event: Event): Promise<void> {
  trouble.value = [];
  await file.pick(event);
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
  (file.seen.value?.placed.heads ?? []).map((title, i) => {
    const kind = kindAt(i);
    return {
      ...{ key: String(i), title, example: file.seen.value?.placed.example[i] ?? '', kinds: KINDS.value },
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

const missing = computed(() =>
  (map.value ? missingOf(map.value) : []).map(
    (kind) => KINDS.value.find((k) => k.value === kind)?.label ?? kind,
  ),
);
const problems = computed(() => [
  ...(missing.value.length > 0
    ? [`No column is ${missing.value.join(', none ')}; expected one of each.`]
    : file.problems.value),
  ...trouble.value,
]);
const span = (of: (r: TableRow) => number): readonly [number, number] =>
  (found.value ?? []).reduce<readonly [number, number]>(
    ([least, most], r) => [Math.min(least, of(r)), Math.max(most, of(r))],
    [Infinity, -Infinity],
  );
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
  file.remember();
  close();
}
</script>

<template>
  <input type="file" class="file" accept=".csv,.txt,text/csv" :aria-label="label" @change="pick" />
  <TableDialog
    :open="map !== undefined || share !== undefined || problems.length > 0"
    :title="`Out of ${name}`"
    :name="name"
    :share="share"
    :problems="problems"
    :takes="found ? `Take ${found.length}` : 'Take them'"
    :ready="found !== undefined"
    :taking="taking"
    @close="close"
    @take="add"
  >
    <MatchTable :rows="columns" @as="setAs" @unit="setUnit" />
    <template #found>
      <ul v-if="found" role="status">
        <li v-for="s in says" :key="s">{{ s }}</li>
      </ul>
      <p v-else class="quiet">Nothing is taken unless all of it can be read.</p>
    </template>
  </TableDialog>
</template>

<style scoped>
ul {
  margin: 0;
  padding-left: var(--s4);
}
</style>
