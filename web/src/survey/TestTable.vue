<script setup lang="ts">
/** Tests with place, time, instrument and value: typed, from a file, or from the moisture meter. */
import { Delete } from '@element-plus/icons-vue';
import { DateTime } from 'luxon';
import Papa from 'papaparse';
import { computed, ref } from 'vue';
import { sentence } from '@lentum/core/problems';
import {
  gridPlaces,
  readPlacedRows,
  TEST_KINDS,
  testFacts,
  testSchema,
  zoneShape,
  type Place,
  type Test,
  type TestKind,
  type Zone,
} from '@lentum/core/survey';
import { sentenceOf } from '../app/api.ts';
import { useJob } from '../app/job.ts';
import MeasureInput from '../shared/MeasureInput.vue';
import PickList from '../shared/PickList.vue';
import { useUnits } from '../shared/units.ts';
import { useInstruments, type Instrument } from './instruments.ts';
import PlaceInputs from './PlaceInputs.vue';

const props = defineProps<{ zone: Zone }>();
const tests = defineModel<Test[]>({ required: true });
const job = useJob();
const { say, unit } = useUnits();

/** One reading for about 25 m². */
const METER_GRID_M = 5;
const kinds = TEST_KINDS.map((value) => ({ value, label: testFacts(value).name }));
const kind = ref<string>('moisture');
const facts = computed(() => testFacts(kind.value as TestKind));
const number = ref<number>();
const answer = ref('');
const placed = ref(true);
const at = ref({ alongM: 1, acrossM: 1 });
const instrument = ref('');
const unprimed = ref(false);
const takenAt = ref('');
const problem = ref<string[]>([]);

const local = (ms: number): string =>
  DateTime.fromMillis(ms, { zone: job.timeZone }).toFormat("yyyy-MM-dd'T'HH:mm");

function makeTest(value: number | string, place: Test['at'], ms: number): Test {
  return {
    id: crypto.randomUUID(),
    kind: kind.value as TestKind,
    ...(place ? { at: place } : {}),
    takenAt: new Date(ms).toISOString(),
    instrument: instrument.value.trim() || facts.value.instrument,
    value,
    unprimed: unprimed.value,
    note: '',
  };
}

function add(): void {
  const f = facts.value;
  const value = f.form === 'number' ? number.value : answer.value;
  if (value === undefined || value === '') {
    problem.value = [
      `${f.name}: the value is missing; expected ${f.form === 'number' ? `a number from ${f.least} to ${f.most} ${f.unit}` : `one of ${f.answers.join(', ')}`}.`,
    ];
    return;
  }
  const now = Date.now();
  const ms = takenAt.value === '' ? now : DateTime.fromISO(takenAt.value, { zone: job.timeZone }).toMillis();
  if (!Number.isFinite(ms) || ms > now) {
    problem.value = [`${f.name}, time: “${takenAt.value}” does not fit; expected a time that has been.`];
    return;
  }
  const test = makeTest(value, placed.value ? { ...at.value } : undefined, ms);
  const checked = testSchema.safeParse(test);
  if (!checked.success) {
    problem.value = [
      `${f.name}: “${String(value)}” does not fit; expected ${checked.error.issues[0]?.message ?? 'another value'}.`,
    ];
    return;
  }
  problem.value = [];
  tests.value = [...tests.value, test];
  number.value = undefined;
}

async function importCsv(event: Event): Promise<void> {
  const file = (event.target as HTMLInputElement).files?.[0];
  if (!file || facts.value.form !== 'number') return;
  const rows = Papa.parse<string[]>(await file.text(), { skipEmptyLines: 'greedy' }).data;
  const read = readPlacedRows(rows, facts.value.name.toLowerCase(), 1, 1);
  (event.target as HTMLInputElement).value = '';
  if (!read.ok) {
    problem.value = read.problems.map(sentence);
    return;
  }
  const fresh = read.value.map((r) => makeTest(r.value, r.at, Date.now()));
  const bad = fresh.find((t) => !testSchema.safeParse(t).success);
  if (bad) {
    const f = facts.value;
    problem.value = [
      `${f.name} in the file: “${String(bad.value)}” does not fit; expected ${f.least} to ${f.most} ${f.unit}. Nothing was added.`,
    ];
    return;
  }
  problem.value = [];
  tests.value = [...tests.value, ...fresh];
}

const { instruments, read } = useInstruments();
const readers = computed(() => instruments.value.filter((i) => i.measures === kind.value));
const reading = ref(false);
/** Where a meter is set down when no place was given: a grid over the zone, clear of its openings. */
function meterPlaces(): readonly Place[] {
  const shape = zoneShape(props.zone);
  return shape.ok ? gridPlaces(shape.value, METER_GRID_M) : [];
}
async function readNow(instrument: Instrument): Promise<void> {
  reading.value = true;
  problem.value = [];
  try {
    const places = placed.value ? [{ ...at.value }] : meterPlaces();
    if (places.length === 0) problem.value = ['The outline has to be closed before it can be read all over.'];
    else tests.value = [...tests.value, ...(await read(instrument, props.zone.id, places))];
  } catch (error) {
    problem.value = [sentenceOf(error)];
  } finally {
    reading.value = false;
  }
}

const newestFirst = computed(() =>
  [...tests.value].sort((a, b) => Date.parse(b.takenAt) - Date.parse(a.takenAt)),
);
function valueWords(t: Test): string {
  const f = testFacts(t.kind);
  if (f.form === 'word' || typeof t.value === 'string') return String(t.value);
  return f.quantity === 'count' ? `${f.unit} ${t.value}` : say(t.value, f.quantity);
}
</script>

<template>
  <div class="head tests">
    <h2>Tests</h2>
    <span class="quiet">{{ tests.length }}</span>
  </div>
  <div class="new">
    <label
      >test
      <PickList v-model="kind" label="Kind of test" :options="kinds" />
    </label>
    <label v-if="facts.form === 'number'"
      >value<template v-if="unit(facts.quantity)">, {{ unit(facts.quantity) }}</template>
      <MeasureInput
        v-model="number"
        hide-unit
        optional
        :quantity="facts.quantity"
        label="Value of the test"
        :min="facts.least"
        :max="facts.most"
      />
    </label>
    <label v-else
      >result
      <PickList
        v-model="answer"
        label="Result of the test"
        :options="facts.answers.map((a) => ({ value: a, label: a }))"
      />
    </label>
    <label
      >instrument
      <el-input
        v-model="instrument"
        :placeholder="facts.instrument"
        aria-label="Instrument"
        maxlength="120"
      />
    </label>
    <label for="taken-at"
      >time, now if empty
      <input id="taken-at" v-model="takenAt" type="datetime-local" class="plain" :max="local(job.nowMs)" />
    </label>
    <PlaceInputs v-if="placed" v-model="at" label="Test" />
    <el-checkbox v-model="placed">{{
      readers.length > 0 ? 'with its place; without, the meter reads all over' : 'with its place'
    }}</el-checkbox>
    <el-checkbox v-if="kind === 'pull-off' || kind === 'strip-pull'" v-model="unprimed"
      >laid without primer</el-checkbox
    >
  </div>
  <p v-for="(p, i) in problem" :key="i" class="problem" role="alert">{{ p }}</p>
  <div class="bar">
    <el-button @click="add">Add the test</el-button>
    <el-button v-for="i in readers" :key="i.id" :loading="reading" @click="readNow(i)"
      >Read with {{ i.name }}</el-button
    >
  </div>
  <details v-if="facts.form === 'number'">
    <summary>From a file</summary>
    <p class="quiet">
      A CSV with three columns: along side 1 and into the zone in metres, {{ facts.name.toLowerCase() }}.
    </p>
    <input
      type="file"
      class="file"
      accept=".csv,.txt,text/csv"
      aria-label="File with readings"
      @change="importCsv"
    />
  </details>
  <table v-if="tests.length > 0" class="dense">
    <thead>
      <tr>
        <th scope="col">Test</th>
        <th scope="col" class="num">Value</th>
        <th scope="col">When, with what, where</th>
        <th scope="col"><span class="visually-hidden">Remove</span></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="t in newestFirst" :key="t.id">
        <th scope="row">{{ testFacts(t.kind).name }}</th>
        <td class="num">{{ valueWords(t) }}</td>
        <td class="quiet">
          {{ job.time(Date.parse(t.takenAt)) }}, {{ t.instrument
          }}<template v-if="t.at"
            >, {{ say(t.at.alongM, 'length') }} along, {{ say(t.at.acrossM, 'length') }} in</template
          ><template v-if="t.unprimed">, without primer</template>
        </td>
        <td>
          <el-button
            text
            :icon="Delete"
            :aria-label="`Remove ${testFacts(t.kind).name.toLowerCase()} ${valueWords(t)}`"
            @click="tests = tests.filter((x) => x.id !== t.id)"
          />
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.tests {
  margin-top: var(--s6);
}
.new {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: var(--s2);
  align-items: end;
  padding: var(--s2) 0;
}
.new label {
  font-size: var(--t-s);
  color: var(--ink-2);
}
summary {
  cursor: pointer;
  font-weight: 600;
  padding: var(--s2) 0;
}
th[scope='row'] {
  font-weight: 400;
}
</style>
