<script setup lang="ts">
/** An outline from a file: read, shown, its units confirmed, and only then added. */
import { computed, ref } from 'vue';
import { DRAWING_UNITS, type DrawingUnit } from '@lentum/core/drawings';
import { areaOf } from '@lentum/core/geometry';
import { sentence, type Problem } from '@lentum/core/problems';
import {
  guessCoordinates,
  readCsvPoints,
  readGeoJson,
  toMetres,
  type CoordinateKind,
  type ImportedOutline,
} from '@lentum/core/outlinefiles';
import { metresPer } from '@lentum/core/units';
import { useJob } from '../app/job.ts';
import { readText, rowsOf } from '../shared/tables/tablefile.ts';
import { useDxf } from './dxf.ts';
import { readDrawing } from './drawingtext.ts';
import OutlinePreview from './OutlinePreview.vue';

type Kind = 'GeoJSON' | 'CSV' | 'DXF';
export interface Imported {
  readonly outlines: readonly ImportedOutline[];
  readonly origin: Kind;
  /** Longitude and latitude of the first corner, where the file told them. */
  readonly onGlobe?: readonly [number, number];
}

const open = defineModel<boolean>({ required: true });
const emit = defineEmits<{ done: [imported: Imported] }>();
const job = useJob();

const name = ref('');
const text = ref('');
const kind = ref<Kind>('GeoJSON');
const coordinates = ref<CoordinateKind>('metres');
const csvUnit = ref<DrawingUnit>('m');
/** Units of a drawing are confirmed by hand, as a wrong one is a thousandfold. */
const confirmed = ref(false);
const dxf = useDxf();

async function pick(event: Event): Promise<void> {
  const file = (event.target as HTMLInputElement).files?.[0];
  if (!file) return;
  name.value = file.name;
  kind.value = /\.dxf$/i.test(file.name) ? 'DXF' : /\.(csv|txt)$/i.test(file.name) ? 'CSV' : 'GeoJSON';
  text.value = kind.value === 'DXF' ? await readDrawing(file) : await readText(file);
  confirmed.value = false;
  if (kind.value === 'DXF') {
    await dxf.read(text.value);
    if (dxf.facts.value?.unit) confirmed.value = true;
    return;
  }
  dxf.stop();
  const read = readGeoJson(text.value);
  if (kind.value === 'GeoJSON' && read.ok) coordinates.value = read.value.guess;
}

interface Reading {
  readonly outlines: readonly ImportedOutline[];
  readonly problems: readonly Problem[];
  readonly onGlobe?: readonly [number, number];
  /** Frame that the file names, and what of it was left out. */
  readonly frame?: string | undefined;
  readonly skipped?: readonly { readonly what: string; readonly count: number }[];
}
const reading = computed<Reading | undefined>(() => {
  if (text.value === '') return undefined;
  if (kind.value === 'DXF') {
    return { outlines: dxf.found.value?.outlines ?? [], problems: dxf.problems.value };
  }
  if (kind.value === 'CSV') {
    const rows = rowsOf(text.value);
    const outline = readCsvPoints(rows, metresPer(csvUnit.value));
    return outline.ok
      ? { outlines: [outline.value], problems: [] }
      : { outlines: [], problems: outline.problems };
  }
  const geo = readGeoJson(text.value);
  if (!geo.ok) return { outlines: [], problems: geo.problems };
  const first = geo.value.outlines[0]?.outer[0];
  const numbers = geo.value.frame === undefined ? coordinates.value : 'degrees';
  return {
    outlines: toMetres(geo.value.outlines, numbers),
    problems: [],
    frame: geo.value.frame,
    skipped: geo.value.skipped,
    ...(numbers === 'degrees' && first && guessCoordinates([first]) === 'degrees' ? { onGlobe: first } : {}),
  };
});
const outlines = computed(() => reading.value?.outlines ?? []);
const ready = computed(() => outlines.value.length > 0 && (kind.value !== 'DXF' || confirmed.value));

const dxfUnits = computed(() => [
  ...new Set([...DRAWING_UNITS, ...(dxf.facts.value?.unit ? [dxf.facts.value.unit] : [])]),
]);
const unitSays = computed(() => {
  const { unit, oddUnit } = dxf.facts.value ?? {};
  if (unit) return `${name.value} says that it is drawn in`;
  return oddUnit === undefined
    ? `${name.value} does not say its unit. It is drawn in`
    : `${name.value} names ${oddUnit}, which no roof is drawn in. It is drawn in`;
});

async function choose(unit: DrawingUnit): Promise<void> {
  dxf.unit.value = unit;
  confirmed.value = true;
  await dxf.look();
}
async function chooseLayers(layers: string[]): Promise<void> {
  dxf.layers.value = layers;
  await dxf.look();
}
function cancelReading(): void {
  dxf.stop();
  text.value = '';
  name.value = '';
}

function add(): void {
  if (!reading.value) return;
  const { outlines: read, onGlobe } = reading.value;
  emit('done', { outlines: read, origin: kind.value, ...(onGlobe ? { onGlobe } : {}) });
  open.value = false;
}
</script>

<template>
  <el-dialog v-model="open" title="Import an outline">
    <p class="quiet">
      A GeoJSON polygon; a DXF drawing, of which you choose layers; or a CSV with two columns x and y, one
      corner a line in order round the edge.
    </p>
    <input
      type="file"
      class="file"
      accept=".json,.geojson,.csv,.txt,.dxf,application/geo+json,text/csv"
      aria-label="File with the outline"
      @change="pick"
    />
    <div v-if="dxf.progress.value !== undefined" class="reading" role="status">
      <p>Reading {{ name }} …</p>
      <el-progress :percentage="Math.round(dxf.progress.value * 100)" />
      <el-button @click="cancelReading">Stop reading</el-button>
    </div>
    <template v-else-if="reading">
      <div class="choice">
        <span v-if="kind === 'GeoJSON' && reading.frame"
          >{{ name }} names its frame: {{ reading.frame }}.</span
        >
        <template v-else-if="kind === 'GeoJSON'">
          <span id="coords">The numbers in {{ name }} are</span>
          <el-radio-group v-model="coordinates" aria-labelledby="coords">
            <el-radio-button value="degrees">longitude and latitude</el-radio-button>
            <el-radio-button value="metres">metres</el-radio-button>
          </el-radio-group>
        </template>
        <template v-else-if="kind === 'CSV'">
          <span id="csvunit">The numbers in {{ name }} are in</span>
          <el-radio-group v-model="csvUnit" aria-labelledby="csvunit">
            <el-radio-button v-for="u in DRAWING_UNITS" :key="u" :value="u">{{ u }}</el-radio-button>
          </el-radio-group>
        </template>
        <template v-else-if="dxf.facts.value">
          <span id="dxfunit">{{ unitSays }}</span>
          <el-radio-group
            :model-value="confirmed ? dxf.unit.value : ''"
            aria-labelledby="dxfunit"
            @update:model-value="(u) => choose(u as DrawingUnit)"
          >
            <el-radio-button v-for="u in dxfUnits" :key="u" :value="u">{{ u }}</el-radio-button>
          </el-radio-group>
        </template>
      </div>
      <template v-if="kind === 'DXF' && dxf.facts.value">
        <p class="layers">Layers with the outline</p>
        <el-checkbox-group
          :model-value="dxf.layers.value"
          @update:model-value="(v: unknown) => chooseLayers(v as string[])"
        >
          <el-checkbox v-for="l in dxf.facts.value.layers.slice(0, 40)" :key="l.name" :value="l.name"
            >{{ l.name }} ({{ l.paths
            }}<template v-if="l.hidden">, {{ l.hidden }} in the file</template>)</el-checkbox
          >
        </el-checkbox-group>
        <p v-if="dxf.facts.value.leftOut.length > 0" class="quiet">
          Not outlines, left out: {{ dxf.facts.value.leftOut.join(', ') }}.
        </p>
      </template>
      <ul v-if="outlines.length > 0">
        <li v-for="(o, i) in outlines" :key="i">
          {{ o.name }}: {{ o.outer.length }} corners<template v-if="o.holes.length > 0"
            >, {{ o.holes.length }} openings</template
          ><template v-if="o.risesM?.some((r) => r !== 0)">, with arcs</template>,
          <strong>{{ job.say(areaOf([{ outer: o.outer, holes: o.holes }]), 'area') }}</strong><span
            v-if="o.risesM?.some((r) => r !== 0)"
            class="quiet"
          >
            between its corners</span
          >
        </li>
      </ul>
      <p v-if="reading.skipped && reading.skipped.length > 0" class="quiet">
        Not outlines, left out: {{ reading.skipped.map((s) => `${s.count} × ${s.what}`).join(', ') }}.
      </p>
      <OutlinePreview v-if="outlines.length > 0" :outlines="outlines" />
      <p v-for="(p, i) in reading.problems.slice(0, 4)" :key="i" class="problem" role="alert">
        {{ sentence(p) }}
      </p>
      <p v-if="reading.problems.length > 0" class="quiet">Nothing was added; what is there stays as it is.</p>
      <template v-if="kind === 'DXF' && dxf.found.value">
        <p v-for="(l, i) in dxf.found.value.loose.slice(0, 6)" :key="i" class="problem">
          Not taken: {{ l.says }}.
        </p>
        <p v-if="dxf.found.value.loose.length > 6" class="quiet">
          And {{ dxf.found.value.loose.length - 6 }} more that do not close.
        </p>
        <p v-if="dxf.found.value.tooMany" class="problem">
          More than 200 outlines: choose fewer layers; the largest are listed.
        </p>
        <p v-if="outlines.length === 0 && dxf.layers.value.length > 0" class="quiet">
          No closed outline on these layers.
        </p>
      </template>
    </template>
    <template #footer>
      <el-button @click="open = false">Cancel</el-button>
      <el-button type="primary" :disabled="!ready" @click="add"
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
.layers {
  margin-top: var(--s3);
  font-weight: 600;
}
.reading {
  display: grid;
  gap: var(--s2);
  justify-items: start;
}
.reading .el-progress {
  width: 100%;
}
.problem {
  margin: var(--s2) 0;
}
</style>
