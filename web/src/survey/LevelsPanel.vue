<script setup lang="ts">
/** Spot levels as read on site, and what follows: falls, ponds, outlets, the mix to level it. */
import { Delete, Location } from '@element-plus/icons-vue';
import { computed, ref } from 'vue';
import { sentence } from '@lentum/core/problems';
import {
  readLevels,
  type Level,
  type Levels,
  type Place,
  type TableRow,
  type Zone,
} from '@lentum/core/survey';
import { worded } from '../app/wording.ts';
import MeasureInput from '../shared/MeasureInput.vue';
import { useUnits } from '../shared/units.ts';
import type { ZoneFalls } from './falls.ts';
import FallsResult from './FallsResult.vue';
import NewPlace from './NewPlace.vue';
import PlacedFile from './PlacedFile.vue';
import { NEW_PLACE } from './openplace.ts';
import { offWhere } from '../shared/heldpage.ts';

const props = defineProps<{
  zone: Zone;
  falls: ZoneFalls | undefined;
  busy: boolean;
  placing: string | undefined;
  tapped: Place | undefined;
}>();
const levels = defineModel<Levels>({ required: true });
const emit = defineEmits<{ place: [id: string | undefined] }>();
const { say, unit } = useUnits();

const PAGE = 12;
const page = ref(1);
const shown = computed(() =>
  levels.value.points.slice((page.value - 1) * PAGE, page.value * PAGE).map((level, k) => ({
    level,
    index: (page.value - 1) * PAGE + k,
  })),
);
const read = computed(() => readLevels(levels.value).length);
const word = computed(() => (levels.value.given === 'staff' ? worded('staff reading') : 'height'));

const change = (part: Partial<Levels>): void => {
  levels.value = { ...levels.value, ...part };
};
/** Water over the rim of an outlet that a flat roof usually bears. Common practice, no source. */
const USUAL_HEAD_MM = 35;
const setRain = (mmPerH: number | undefined): void =>
  change({
    rain: mmPerH === undefined ? undefined : { mmPerH, headMm: levels.value.rain?.headMm ?? USUAL_HEAD_MM },
  });
const setHead = (headMm: number): void => {
  if (levels.value.rain) change({ rain: { ...levels.value.rain, headMm } });
};
/** It is there once its place is said; one after the other, as they are read. */
function add(at: Place): void {
  change({ points: [...levels.value.points, { id: crypto.randomUUID(), at }] });
  page.value = Math.ceil(levels.value.points.length / PAGE);
}
const setLevel = (id: string, part: Partial<Level>): void =>
  change({ points: levels.value.points.map((l) => (l.id === id ? { ...l, ...part } : l)) });
function remove(id: string): void {
  change({
    points: levels.value.points.filter((l) => l.id !== id),
    breakLines: levels.value.breakLines.map((b) => b.filter((x) => x !== id)).filter((b) => b.length > 1),
  });
}

const CSV_UNITS = ['m', 'mm', 'cm', 'ft', 'in'] as const;
function take(rows: readonly TableRow[]): Promise<readonly string[]> {
  const fresh = rows.map((r) => ({ id: crypto.randomUUID(), at: r.at, valueM: r.value }));
  change({ points: [...levels.value.points, ...fresh] });
  return Promise.resolve([]);
}

const breakText = ref('');
const breakProblem = ref('');
/** "3 7 12": the numbers of the levels along a ridge or valley. */
function addBreak(): void {
  const numbers = breakText.value.split(/[\s,;–-]+/).filter((t) => t !== '');
  const ids = numbers.map((t) => levels.value.points[Number(t) - 1]?.id);
  if (ids.length < 2 || ids.some((id) => id === undefined)) {
    breakProblem.value = `Break line: “${breakText.value}” does not fit; expected two or more level numbers from 1 to ${levels.value.points.length}, such as 3 7 12.`;
    return;
  }
  breakProblem.value = '';
  breakText.value = '';
  change({ breakLines: [...levels.value.breakLines, ids.filter((id) => id !== undefined)] });
}
const breakWords = (line: readonly string[]): string =>
  line.map((id) => levels.value.points.findIndex((l) => l.id === id) + 1).join(' – ');
</script>

<template>
  <div v-if="falls?.report" class="result">
    <FallsResult :zone="props.zone" :falls="falls.report" />
  </div>
  <div class="head">
    <h2>Levels</h2>
    <span class="quiet"
      >{{ read }} read<template v-if="read < levels.points.length"
        >, {{ levels.points.length - read }} to read</template
      ></span
    >
    <span v-if="busy" class="quiet" role="status">computing…</span>
  </div>
  <div class="bar kind">
    <el-radio-group
      :model-value="levels.given"
      aria-label="What was read"
      @update:model-value="(v) => change({ given: v as Levels['given'] })"
    >
      <el-radio-button value="height">heights</el-radio-button>
      <el-radio-button value="staff">{{ worded('staff readings') }}</el-radio-button>
    </el-radio-group>
    <el-button v-bind="offWhere(placing === NEW_PLACE)" @click="emit('place', NEW_PLACE)"
      >Add levels</el-button
    >
  </div>
  <p class="quiet">
    {{
      levels.given === 'staff'
        ? worded('More on the staff is lower. Keep the instrument on one stand for the whole zone.')
        : 'Heights above any fixed mark, the same for the whole zone.'
    }}
  </p>
  <NewPlace
    v-if="placing === NEW_PLACE"
    :title="`Level ${levels.points.length + 1}`"
    :tapped="tapped"
    stop="No more levels"
    @done="add"
    @cancel="emit('place', undefined)"
  />
  <table v-if="levels.points.length > 0" class="dense typed levels">
    <thead>
      <tr>
        <th scope="col">No.</th>
        <th scope="col" class="num">Along, {{ unit('length') }}</th>
        <th scope="col" class="num">In, {{ unit('length') }}</th>
        <th scope="col" class="num">{{ word }}, {{ unit('level') }}</th>
        <th scope="col"><span class="visually-hidden">Place or remove</span></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="{ level, index } in shown" :key="level.id" :class="{ placing: placing === level.id }">
        <th scope="row">{{ index + 1 }}</th>
        <td v-for="key in ['alongM', 'acrossM'] as const" :key="key">
          <MeasureInput
            hide-unit
            quantity="length"
            :label="`Level ${index + 1}, ${key === 'alongM' ? 'along side 1' : 'into the zone'}`"
            :min="-2000"
            :max="2000"
            :model-value="level.at[key]"
            @update:model-value="
              (v) => v !== undefined && setLevel(level.id, { at: { ...level.at, [key]: v } })
            "
          />
        </td>
        <td>
          <MeasureInput
            hide-unit
            quantity="level"
            :label="`Level ${index + 1}, ${word}`"
            :min="-1000"
            :max="10000"
            :model-value="level.valueM"
            @update:model-value="(v) => setLevel(level.id, { valueM: v })"
          />
        </td>
        <td class="acts">
          <el-button
            text
            :icon="Location"
            :aria-pressed="placing === level.id"
            :type="placing === level.id ? 'primary' : 'default'"
            :aria-label="`Place level ${index + 1} on the plan`"
            @click="emit('place', placing === level.id ? undefined : level.id)"
          />
          <el-button
            text
            :icon="Delete"
            :aria-label="`Remove level ${index + 1}`"
            @click="remove(level.id)"
          />
        </td>
      </tr>
    </tbody>
  </table>
  <el-pagination
    v-if="levels.points.length > PAGE"
    v-model:current-page="page"
    layout="prev, pager, next"
    :page-size="PAGE"
    :total="levels.points.length"
  />
  <details class="more">
    <summary>From a file</summary>
    <p class="quiet">A table with a column for each: along side 1, into the zone, {{ word }}.</p>
    <PlacedFile
      label="File with levels"
      :word="word"
      :value-units="CSV_UNITS"
      :say-value="(v) => say(v, 'level')"
      :take="take"
    />
  </details>
  <details class="more">
    <summary>Ridges and valleys ({{ levels.breakLines.length }})</summary>
    <p class="quiet">Numbers of the levels along a line at which the fall bends.</p>
    <div class="bar">
      <el-input
        v-model="breakText"
        aria-label="Levels of a break line"
        placeholder="3 7 12"
        class="short"
        @keydown.enter="addBreak"
      />
      <el-button @click="addBreak">Add</el-button>
    </div>
    <p v-if="breakProblem" class="problem" role="alert">{{ breakProblem }}</p>
    <ul class="breaks">
      <li v-for="(line, i) in levels.breakLines" :key="i">
        levels {{ breakWords(line) }}
        <el-button
          text
          :icon="Delete"
          :aria-label="`Remove break line ${i + 1}`"
          @click="change({ breakLines: levels.breakLines.filter((_, k) => k !== i) })"
        />
      </li>
    </ul>
  </details>
  <div class="asked">
    <label
      >least fall, %
      <MeasureInput
        hide-unit
        quantity="fall"
        label="Least fall"
        :min="0"
        :max="20"
        :model-value="levels.leastFallPct"
        @update:model-value="(v) => v !== undefined && change({ leastFallPct: v })"
    /></label>
    <label
      >level to a fall of, %
      <MeasureInput
        hide-unit
        quantity="fall"
        label="Fall to level to"
        :min="0.1"
        :max="20"
        :model-value="levels.designFallPct"
        @update:model-value="(v) => v !== undefined && change({ designFallPct: v })"
    /></label>
    <label
      >mix, {{ unit('density') }}
      <MeasureInput
        hide-unit
        quantity="density"
        label="Density of the levelling mix"
        :min="0.1"
        :max="4"
        :model-value="levels.mixKgPerL"
        @update:model-value="(v) => v !== undefined && change({ mixKgPerL: v })"
    /></label>
    <label
      >contours every, {{ unit('lap') }}
      <MeasureInput
        hide-unit
        quantity="lap"
        label="Contours every"
        :min="1"
        :max="1000"
        :model-value="levels.contourMm"
        @update:model-value="(v) => v !== undefined && change({ contourMm: v })"
    /></label>
    <label
      >{{ worded('rain to check outlets for') }}, {{ unit('rainRate') }}
      <MeasureInput
        hide-unit
        quantity="rainRate"
        :label="worded('Rain to check the outlets for')"
        :min="1"
        :max="1000"
        :model-value="levels.rain?.mmPerH"
        @update:model-value="setRain"
    /></label>
    <label v-if="levels.rain"
      >water over their rims, {{ unit('lap') }}
      <MeasureInput
        hide-unit
        quantity="lap"
        :label="worded('Water over the rims of the outlets')"
        :min="5"
        :max="200"
        :model-value="levels.rain.headMm"
        @update:model-value="(v) => v !== undefined && setHead(v)"
    /></label>
    <label
      >fall without levels, %
      <slot name="fall" />
    </label>
  </div>
  <p v-for="(p, i) in falls?.problems ?? []" :key="i" class="quiet">{{ sentence(p) }}</p>
  <p v-if="levels.points.length === 0" class="quiet">
    {{
      worded(
        'Three levels give a fall; a grid of them, with the outlets and the edges, gives ponds and the mix to level them.',
      )
    }}
  </p>
</template>

<style scoped>
.result {
  margin-bottom: var(--s6);
}
.kind {
  padding: var(--s2) 0;
}
.placing th {
  color: var(--sea);
}
.more {
  padding: var(--s2) 0;
}
.more summary {
  cursor: pointer;
  font-weight: 600;
}
.file {
  margin: var(--s2) 0;
  font: inherit;
  max-width: 100%;
}
.breaks {
  margin: 0;
  padding-left: var(--s4);
}
.short {
  width: 10rem;
}
.asked {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: var(--s2);
  align-items: end;
  padding: var(--s3) 0;
  border-top: var(--stroke) solid var(--line);
}
.asked label {
  font-size: var(--t-s);
  color: var(--ink-2);
}
</style>
