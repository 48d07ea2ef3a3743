<script setup lang="ts">
/** Tests with place, time, instrument and value: typed, from a file, or from the moisture meter; they go into the record. */
import { computed, ref } from 'vue';
import { check, sentence } from '@lentum/core/problems';
import {
  entryProblems,
  secondFormSchema,
  type Body,
  type BookEntry,
  type BookEntryOf,
} from '@lentum/core/record';
import {
  gridPlaces,
  MOISTURE_SCALES,
  TEST_KINDS,
  testFacts,
  zoneShape,
  type Place,
  type TableRow,
  type TestKind,
  type Zone,
} from '@lentum/core/survey';
import { rightNowMs } from '../app/righttime.ts';
import { sentenceOf } from '../app/api.ts';
import { makeEntry, NOBODY_YET } from '../app/entering.ts';
import { useJob } from '../app/job.ts';
import { fromField, noSuchTime, toField } from '../app/time.ts';
import { worded } from '../app/wording.ts';
import { useEntryWords } from '../record/entrywords.ts';
import WithdrawDialog from '../record/WithdrawDialog.vue';
import MeasureInput from '../shared/MeasureInput.vue';
import PickList from '../shared/PickList.vue';
import { useUnits } from '../shared/units.ts';
import { useSending } from '../site/sending.ts';
import { useInstruments, type Instrument } from './instruments.ts';
import { isPlace, type OpenPlace } from './openplace.ts';
import PlacedFile from './PlacedFile.vue';
import PlaceInputs from './PlaceInputs.vue';

const props = defineProps<{ zone: Zone }>();
const job = useJob();
const { say, unit } = useUnits();
const words = useEntryWords();

/** One reading for about 25 m². */
const METER_GRID_M = 5;
const kinds = TEST_KINDS.map((value) => ({ value, label: testFacts(value).name }));
const scales = MOISTURE_SCALES.map((value) => ({ value, label: value }));
const kind = ref<string>('moisture');
const scale = ref<string>(MOISTURE_SCALES[0]);
const facts = computed(() => testFacts(kind.value as TestKind));
const number = ref<number>();
const answer = ref('');
const placed = ref(true);
const at = ref<OpenPlace>({});
const instrument = ref('');
const unprimed = ref(false);
const takenAt = ref('');
const {
  saving,
  trouble: problem,
  send,
} = useSending(
  () => number.value,
  () => (number.value = undefined),
);

const tests = computed(() =>
  (job.book.zones.get(props.zone.id)?.entries ?? []).filter((e) => e.kind === 'test').reverse(),
);
const local = (ms: number): string => toField(ms, job.timeZone);

function bodyOf(value: number | string, takenMs: number, by?: string): Body<'test'> {
  return {
    at: new Date(takenMs).toISOString(),
    test: kind.value as TestKind,
    instrument: (by ?? instrument.value.trim()) || facts.value.instrument,
    value,
    ...(kind.value === 'moisture' ? { scale: scale.value as Body<'test'>['scale'] } : {}),
    unprimed: unprimed.value,
  };
}

/** What a meter or a file gives is sent by itself: a reading typed just before may still be on its way. */
const many = useSending();
/** Enters readings one after the other; the first sentence that speaks against one ends it. */
async function keep(
  readings: readonly { body: Body<'test'>; place: Place | undefined }[],
  by: ReturnType<typeof useSending>['send'] = many.send,
): Promise<void> {
  problem.value = [];
  const made = readings.map((r) =>
    makeEntry(NOBODY_YET, 'test', { zoneId: props.zone.id, place: r.place }, r.body),
  );
  for (const entry of made) {
    const form = check(secondFormSchema, entry, facts.value.name);
    const wrong = form.ok ? entryProblems(form.value, job.rules()) : form.problems;
    if (wrong.length > 0) {
      problem.value = [...wrong.map(sentence), ...(made.length > 1 ? ['Nothing was entered.'] : [])];
      return;
    }
  }
  await by(async () => {
    for (const { body, place } of readings)
      await job.tap(`${facts.value.name} entered`, 'test', { zoneId: props.zone.id, place }, body);
  });
}

/** Where it was tested, or nothing where it counts for the whole zone; a sentence where the place is missing. */
function placeSaid(): Place | undefined | 'missing' {
  if (!placed.value) return undefined;
  if (isPlace(at.value)) return { ...at.value };
  problem.value = [
    `${facts.value.name}: its place is missing; expected how far along side 1 and into the zone, or no tick at “at one place”.`,
  ];
  return 'missing';
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
  const place = placeSaid();
  if (place === 'missing') return;
  const instant = takenAt.value === '' ? undefined : fromField(takenAt.value, job.timeZone);
  if (takenAt.value !== '' && instant === undefined) {
    problem.value = [`${f.name}, time: “${takenAt.value}” does not fit; expected a time.`];
    return;
  }
  const gone = noSuchTime(f.name, takenAt.value, job.timeZone);
  if (gone !== undefined) {
    problem.value = [gone];
    return;
  }
  const ms = instant === undefined ? rightNowMs() : Date.parse(instant);
  void keep([{ body: bodyOf(value, ms), place }], send);
}

/** Readings out of a file, entered as they were seen. */
async function take(rows: readonly TableRow[]): Promise<readonly string[]> {
  await keep(rows.map((r) => ({ body: bodyOf(r.value, rightNowMs()), place: r.at })));
  const against = [...problem.value, ...many.trouble.value];
  problem.value = [];
  return against;
}
function sayRead(value: number): string {
  const f = facts.value;
  if (f.form !== 'number') return String(value);
  return f.quantity === 'count' ? `${f.unit} ${value}` : say(value, f.quantity);
}

const { instruments, read } = useInstruments();
const readers = computed(() => instruments.value.filter((i) => i.measures === kind.value));
const reading = ref(false);
/** Where a meter is set down when no place was given: a grid over the zone, clear of its openings. */
function meterPlaces(): readonly Place[] {
  const shape = zoneShape(props.zone);
  return shape.ok ? gridPlaces(shape.value, METER_GRID_M) : [];
}
async function readNow(from: Instrument): Promise<void> {
  problem.value = [];
  const one = placeSaid();
  if (one === 'missing') return;
  if (!one && from.onePlace) {
    problem.value = [`${from.name} reads at one place; expected where it is set down.`];
    return;
  }
  reading.value = true;
  try {
    const places = one ? [one] : meterPlaces();
    if (places.length === 0) problem.value = ['The outline has to be closed before it can be read all over.'];
    else {
      const found = await read(from, props.zone.id, places);
      await keep(
        found.map((r) => ({ body: bodyOf(r.value, Date.parse(r.takenAt), r.instrument), place: r.at })),
      );
    }
  } catch (error) {
    problem.value = [sentenceOf(error)];
  } finally {
    reading.value = false;
  }
}

const withdrawing = ref<string>();
const row = (entry: BookEntryOf<'test'>) => {
  const f = testFacts(entry.body.test);
  const { value } = entry.body;
  const shown =
    f.form === 'word' || typeof value === 'string'
      ? String(value)
      : f.quantity === 'count'
        ? `${f.unit} ${value}`
        : say(value, f.quantity);
  return { name: f.name, shown, flags: words.flags(entry as BookEntry) };
};
</script>

<template>
  <div class="head tests">
    <h2>Tests</h2>
    <span class="quiet">{{ tests.length }} on record</span>
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
    <label v-if="kind === 'moisture'"
      >scale
      <PickList v-model="scale" label="Scale of the moisture reading" :options="scales" />
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
    <PlaceInputs v-if="placed" v-model="at" optional label="Test" />
    <el-checkbox v-model="placed">{{
      readers.some((r) => !r.onePlace)
        ? 'at one place; else the meter reads over the whole zone'
        : 'at one place'
    }}</el-checkbox>
    <el-checkbox v-if="kind === 'pull-off' || kind === 'strip-pull'" v-model="unprimed"
      >laid without primer</el-checkbox
    >
  </div>
  <p v-for="(p, i) in [...problem, ...many.trouble.value]" :key="i" class="problem" role="alert">{{ p }}</p>
  <div class="bar">
    <el-button :loading="saving" @click="add">Enter the test</el-button>
    <el-button v-for="i in readers" :key="i.id" :loading="reading" @click="readNow(i)"
      >Read with {{ i.name }}</el-button
    >
  </div>
  <details v-if="facts.form === 'number'">
    <summary>From a file</summary>
    <p class="quiet">
      {{
        worded(`A table with a column for each: along side 1, into the zone, ${facts.name.toLowerCase()}.`)
      }}
    </p>
    <PlacedFile
      label="File with readings"
      :word="facts.name.toLowerCase()"
      :value-units="[facts.unit]"
      :say-value="sayRead"
      :take="take"
    />
  </details>
  <div v-if="tests.length > 0" class="scroll-x">
    <table class="dense">
      <thead>
        <tr>
          <th scope="col">Test</th>
          <th scope="col" class="num">Value</th>
          <th scope="col">When, by whom, with what, where</th>
          <th scope="col"><span class="visually-hidden">Withdraw</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="t in tests" :key="t.id">
          <th scope="row">{{ row(t).name }}</th>
          <td class="num">{{ row(t).shown }}</td>
          <td class="quiet">
            {{ job.time(Date.parse(t.body.at)) }}, {{ t.who }}, {{ t.body.instrument
            }}<template v-if="t.body.scale">, {{ t.body.scale }}</template
            ><template v-if="t.place"
              >, {{ say(t.place.alongM, 'length') }} along, {{ say(t.place.acrossM, 'length') }} in</template
            ><template v-if="t.body.unprimed">, without primer</template
            ><template v-if="t.body.note">. {{ t.body.note }}</template>
          </td>
          <td>
            <el-button
              text
              :aria-label="`Withdraw ${row(t).name.toLowerCase()} ${row(t).shown}`"
              @click="withdrawing = t.id"
              >Withdraw</el-button
            >
          </td>
        </tr>
      </tbody>
    </table>
  </div>
  <WithdrawDialog v-if="withdrawing" :entry-id="withdrawing" @close="withdrawing = undefined" />
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
.new .el-checkbox {
  grid-column: 1 / -1;
  white-space: normal;
  height: auto;
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
