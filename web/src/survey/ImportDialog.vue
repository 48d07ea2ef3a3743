<script setup lang="ts">
/** An outline from a file: read, shown, its units confirmed, and only then added. */
import { computed } from 'vue';
import { DRAWING_UNITS, type DrawingUnit } from '@lentum/core/drawings';
import { areaOf } from '@lentum/core/geometry';
import { useJob } from '../app/job.ts';
import ReadingShare from '../shared/ReadingShare.vue';
import { useOutlineFile, type Imported } from './outlinefile.ts';
import OutlinePreview from './OutlinePreview.vue';

const open = defineModel<boolean>({ required: true });
const emit = defineEmits<{ done: [imported: Imported] }>();
const job = useJob();
const {
  name,
  kind,
  problems,
  facts,
  layers,
  found,
  confirmed,
  unit,
  geo,
  coordinates,
  outlines,
  imported,
  share,
  pick,
  close,
} = useOutlineFile();

const dxfUnits = computed(() => [
  ...new Set([...DRAWING_UNITS, ...(facts.value?.unit ? [facts.value.unit] : [])]),
]);
const unitSays = computed(() => {
  const { unit: own, oddUnit } = facts.value ?? {};
  if (own) return `${name.value} says that it is drawn in`;
  return oddUnit === undefined
    ? `${name.value} does not say its unit. It is drawn in`
    : `${name.value} names ${oddUnit}, which no roof is drawn in. It is drawn in`;
});
function confirm(chosen: DrawingUnit): void {
  unit.value = chosen;
  confirmed.value = true;
}

function add(): void {
  if (!imported.value) return;
  emit('done', imported.value);
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
    <ReadingShare v-if="share !== undefined" :says="`Reading ${name}`" :share="share" @stop="close" />
    <template v-else>
      <div class="choice">
        <span v-if="geo?.frame">{{ name }} names its frame: {{ geo.frame }}.</span>
        <template v-else-if="geo">
          <span id="coords">The numbers in {{ name }} are</span>
          <el-radio-group v-model="coordinates" aria-labelledby="coords">
            <el-radio-button value="degrees">longitude and latitude</el-radio-button>
            <el-radio-button value="metres">metres</el-radio-button>
          </el-radio-group>
        </template>
        <template v-else-if="kind === 'CSV'">
          <span id="csvunit">The numbers in {{ name }} are in</span>
          <el-radio-group v-model="unit" aria-labelledby="csvunit">
            <el-radio-button v-for="u in DRAWING_UNITS" :key="u" :value="u">{{ u }}</el-radio-button>
          </el-radio-group>
        </template>
        <template v-else-if="facts">
          <span id="dxfunit">{{ unitSays }}</span>
          <el-radio-group
            :model-value="confirmed ? unit : ''"
            aria-labelledby="dxfunit"
            @update:model-value="(u) => confirm(u as DrawingUnit)"
          >
            <el-radio-button v-for="u in dxfUnits" :key="u" :value="u">{{ u }}</el-radio-button>
          </el-radio-group>
        </template>
      </div>
      <template v-if="facts">
        <p class="layers">Layers with the outline</p>
        <el-checkbox-group v-model="layers">
          <el-checkbox v-for="l in facts.layers.slice(0, 40)" :key="l.name" :value="l.name"
            >{{ l.name }} ({{ l.paths
            }}<template v-if="l.hidden">, {{ l.hidden }} in the file</template>)</el-checkbox
          >
        </el-checkbox-group>
        <p v-if="facts.leftOut.length > 0" class="quiet">
          Not outlines, left out: {{ facts.leftOut.join(', ') }}.
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
      <p v-if="geo && geo.skipped.length > 0" class="quiet">
        Not outlines, left out: {{ geo.skipped.map((s) => `${s.count} × ${s.what}`).join(', ') }}.
      </p>
      <OutlinePreview v-if="outlines.length > 0" :outlines="outlines" />
      <p v-for="p in problems" :key="p" class="problem" role="alert">{{ p }}</p>
      <p v-if="problems.length > 0" class="quiet">Nothing was added; what is there stays as it is.</p>
      <template v-if="found">
        <p v-for="(l, i) in found.loose.slice(0, 6)" :key="i" class="problem">Not taken: {{ l.says }}.</p>
        <p v-if="found.loose.length > 6" class="quiet">
          And {{ found.loose.length - 6 }} more that do not close.
        </p>
        <p v-if="found.tooMany" class="problem">
          More than 200 outlines: choose fewer layers; the largest are listed.
        </p>
        <p v-if="outlines.length === 0 && layers.length > 0" class="quiet">
          No closed outline on these layers.
        </p>
      </template>
    </template>
    <template #footer>
      <el-button @click="open = false">Cancel</el-button>
      <el-button type="primary" :disabled="!imported" @click="add"
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
.problem {
  margin: var(--s2) 0;
}
</style>
