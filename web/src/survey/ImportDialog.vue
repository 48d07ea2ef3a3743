<script setup lang="ts">
/** An outline from a file: read, shown, its units confirmed, and only then added. */
import Papa from 'papaparse';
import { computed, ref } from 'vue';
import { sentence, type Result } from '@lentum/core/problems';
import {
  placeOutline,
  readCsvPoints,
  readGeoJson,
  type CoordinateKind,
  type ImportedOutline,
} from '@lentum/core/survey';
import { areaOf } from '@lentum/core/geometry';
import { parse } from '@lentum/core/units';
import { useJob } from '../app/job.ts';

const open = defineModel<boolean>({ required: true });
const emit = defineEmits<{ done: [outlines: readonly ImportedOutline[], origin: 'GeoJSON' | 'CSV'] }>();
const job = useJob();

const name = ref('');
const text = ref('');
const kind = ref<'GeoJSON' | 'CSV'>('GeoJSON');
const coordinates = ref<CoordinateKind>('metres');
const CSV_UNITS = ['m', 'mm', 'cm', 'ft', 'in'] as const;
const csvUnit = ref<(typeof CSV_UNITS)[number]>('m');

async function pick(event: Event): Promise<void> {
  const file = (event.target as HTMLInputElement).files?.[0];
  if (!file) return;
  name.value = file.name;
  text.value = await file.text();
  kind.value = /\.(csv|txt)$/i.test(file.name) ? 'CSV' : 'GeoJSON';
  const read = readGeoJson(text.value);
  if (kind.value === 'GeoJSON' && read.ok) coordinates.value = read.value.guess;
}

function metresPer(unit: string): number {
  const one = parse(`1 ${unit}`, 'length', { system: 'metric' });
  return one.ok ? one.value : 1;
}

const read = computed<Result<readonly ImportedOutline[]> | undefined>(() => {
  if (text.value === '') return undefined;
  if (kind.value === 'CSV') {
    const rows = Papa.parse<string[]>(text.value, { skipEmptyLines: 'greedy' }).data;
    const outline = readCsvPoints(rows, metresPer(csvUnit.value));
    return outline.ok ? { ok: true, value: [placeOutline(outline.value, 'metres')] } : outline;
  }
  const geo = readGeoJson(text.value);
  return geo.ok
    ? { ok: true, value: geo.value.outlines.map((o) => placeOutline(o, coordinates.value)) }
    : geo;
});
const outlines = computed(() => (read.value?.ok ? read.value.value : []));

function add(): void {
  emit('done', outlines.value, kind.value);
  open.value = false;
}
</script>

<template>
  <el-dialog v-model="open" title="Import an outline">
    <p class="quiet">
      A GeoJSON polygon, or a CSV with two columns x and y, one corner a line in order round the edge.
    </p>
    <input
      type="file"
      class="file"
      accept=".json,.geojson,.csv,.txt,application/geo+json,text/csv"
      aria-label="File with the outline"
      @change="pick"
    />
    <template v-if="read">
      <div class="choice">
        <template v-if="kind === 'GeoJSON'">
          <span id="coords">The numbers in {{ name }} are</span>
          <el-radio-group v-model="coordinates" aria-labelledby="coords">
            <el-radio-button value="degrees">longitude and latitude</el-radio-button>
            <el-radio-button value="metres">metres</el-radio-button>
          </el-radio-group>
        </template>
        <template v-else>
          <span id="csvunit">The numbers in {{ name }} are in</span>
          <el-radio-group v-model="csvUnit" aria-labelledby="csvunit">
            <el-radio-button v-for="u in CSV_UNITS" :key="u" :value="u">{{ u }}</el-radio-button>
          </el-radio-group>
        </template>
      </div>
      <ul v-if="read.ok">
        <li v-for="(o, i) in outlines" :key="i">
          {{ o.name }}: {{ o.outer.length }} corners<template v-if="o.holes.length > 0"
            >, {{ o.holes.length }} openings</template
          >,
          <strong>{{ job.say(areaOf([{ outer: o.outer, holes: o.holes }]), 'area') }}</strong>
        </li>
      </ul>
      <template v-else>
        <p v-for="(p, i) in read.problems.slice(0, 4)" :key="i" class="problem" role="alert">
          {{ sentence(p) }}
        </p>
        <p class="quiet">Nothing was added; what is there stays as it is.</p>
      </template>
    </template>
    <template #footer>
      <el-button @click="open = false">Cancel</el-button>
      <el-button type="primary" :disabled="outlines.length === 0" @click="add"
        >Add {{ outlines.length > 1 ? `${outlines.length} zones` : 'the zone' }}</el-button
      >
    </template>
  </el-dialog>
</template>

<style scoped>
.file {
  margin: var(--s3) 0;
  font: inherit;
  max-width: 100%;
}
.choice {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s2);
  align-items: center;
}
.problem {
  color: var(--red);
  margin: var(--s2) 0;
}
</style>
