<script setup lang="ts">
import { computed, nextTick, ref } from 'vue';
import { traverse, type Ring } from '@lentum/core/geometry';
import { sentence } from '@lentum/core/problems';
import type { ImportedOutline, Zone } from '@lentum/core/survey';
import { useChosenZone } from '../app/chosenzone.ts';
import { useJob } from '../app/job.ts';
import FigureText from '../shared/FigureText.vue';
import RoofPlan from '../shared/RoofPlan.vue';
import UndoBar from '../shared/UndoBar.vue';
import ZoneTabs from '../shared/ZoneTabs.vue';
import ClosingError from './ClosingError.vue';
import ImportDialog from './ImportDialog.vue';
import OpeningList from './OpeningList.vue';
import WalkTable from './WalkTable.vue';
import { newZone, zoneFromOutline } from './newzone.ts';

const job = useJob();
const { chosenId, chosen, choose } = useChosenZone();
const importing = ref(false);

/** The zone being edited: the draft's own object. */
const zone = computed<Zone | undefined>(() =>
  job.documents.survey.draft.zones.find((z) => z.id === chosenId.value),
);
const shape = computed(() => (chosen.value?.quantities.ok ? chosen.value.quantities.value : undefined));
const problems = computed(() =>
  chosen.value && !chosen.value.quantities.ok ? chosen.value.quantities.problems : [],
);
const walked = computed(() =>
  zone.value?.outline.kind === 'walk' ? traverse(zone.value.outline.legs) : undefined,
);
/** What can be drawn: the closed shape, or the walk as far as it goes. */
const drawn = computed<Ring | undefined>(
  () =>
    shape.value?.ring ??
    (walked.value
      ? walked.value.path.slice(0, -1)
      : zone.value?.outline.kind === 'points'
        ? zone.value.outline.points
        : undefined),
);
const taped = computed(() => (walked.value && !walked.value.closed ? walked.value.path : undefined));

async function add(zones: readonly Zone[]): Promise<void> {
  job.documents.survey.draft.zones.push(...zones);
  await nextTick();
  const last = zones[zones.length - 1];
  if (last) choose(last.id);
}
const addWalk = (): Promise<void> => add([newZone(job.documents.survey.draft.zones)]);

function addOutlines(outlines: readonly ImportedOutline[], origin: 'GeoJSON' | 'CSV'): void {
  const made: Zone[] = [];
  for (const o of outlines)
    made.push(zoneFromOutline(o, origin, [...job.documents.survey.draft.zones, ...made]));
  void add(made);
}

function remove(): void {
  const zones = job.documents.survey.draft.zones;
  const i = zones.findIndex((z) => z.id === chosenId.value);
  if (i >= 0) zones.splice(i, 1);
}
const hasBays = computed(() => job.documents.site.draft.bays.some((b) => b.zoneId === chosenId.value));

function setCode(text: string): void {
  if (!zone.value) return;
  const code = text
    .toUpperCase()
    .replace(/[^A-Z]/g, '')
    .slice(0, 3);
  if (code !== '') zone.value.code = code;
}

/** Corners into sides: an imported outline that is to be walked again keeps its place in the job. */
function walkAgain(): void {
  if (!zone.value) return;
  const fresh = newZone([]);
  zone.value.outline = fresh.outline;
}
</script>

<template>
  <main class="page">
    <div class="bar top">
      <ZoneTabs :chosen="chosenId" @choose="choose" />
      <el-button :type="job.zones.length === 0 ? 'primary' : 'default'" @click="addWalk"
        >Walk a new zone</el-button
      >
      <el-button @click="importing = true">Import an outline</el-button>
      <UndoBar :document="job.documents.survey" />
    </div>
    <p v-if="!zone" class="empty">
      Nothing is measured yet. Walk the edge of the first zone with a tape, side by side, or import an
      outline: every quantity after this follows from it.
    </p>

    <div v-else class="columns survey">
      <section class="entry" aria-label="Zone as measured">
        <div class="names">
          <label for="zone-name">Zone</label>
          <el-input id="zone-name" v-model="zone.name" maxlength="120" />
          <label for="zone-code">Code</label>
          <el-input id="zone-code" :model-value="zone.code" class="code" @change="setCode" />
        </div>
        <template v-if="zone.outline.kind === 'walk'">
          <WalkTable
            :key="zone.id"
            v-model="zone.outline.legs"
            @changed="zone.outline.kind === 'walk' && (zone.outline.adjustmentAccepted = false)"
          />
        </template>
        <template v-else>
          <div class="head">
            <h2>Corners</h2>
            <span class="quiet"
              >from {{ zone.outline.origin }}, {{ zone.outline.points.length }} corners</span
            >
          </div>
          <p class="quiet">The outline came from a file. Its sides are listed beside the plan.</p>
          <el-button text @click="walkAgain">Measure it again by walking</el-button>
        </template>
        <OpeningList :key="`o${zone.id}`" v-model="zone.openings" />
        <label class="note" for="zone-note">Notes</label>
        <el-input
          id="zone-note"
          v-model="zone.note"
          type="textarea"
          :autosize="{ minRows: 2 }"
          maxlength="2000"
        />
        <el-popconfirm
          v-if="!hasBays"
          title="Remove this zone? Undo brings it back."
          confirm-button-text="Remove"
          cancel-button-text="Keep"
          @confirm="remove"
        >
          <template #reference><el-button text class="remove">Remove this zone</el-button></template>
        </el-popconfirm>
        <p v-else class="quiet">This zone has bays; it stays while they are there.</p>
      </section>

      <section class="drawing" aria-label="Plan to scale">
        <RoofPlan
          v-if="drawn"
          :zone="zone"
          :ring="drawn"
          :polygon="shape?.polygon"
          :open="taped"
          corners
          :most-height="520"
        />
      </section>

      <section class="figures" aria-label="Quantities">
        <div class="head"><h2>Quantities</h2></div>
        <template v-if="shape">
          <p class="large"><FigureText :figure="shape.area" /></p>
          <p class="quiet">plan area, openings taken off</p>
          <dl>
            <dt>Perimeter</dt>
            <dd><FigureText :figure="shape.perimeter" /></dd>
            <dt>Within the outline</dt>
            <dd><FigureText v-if="shape.area.inputs['outline']" :figure="shape.area.inputs['outline']" /></dd>
            <template v-for="(o, i) in zone.openings" :key="o.id">
              <dt>{{ o.name }}</dt>
              <dd>
                <FigureText
                  v-if="shape.area.inputs[`opening${i + 1}`]"
                  :figure="shape.area.inputs[`opening${i + 1}`]!"
                />
              </dd>
            </template>
          </dl>
          <h3>Sides</h3>
          <table class="dense sides">
            <tbody>
              <tr v-for="(s, i) in shape.sidesM" :key="i">
                <th scope="row">{{ i + 1 }} to {{ ((i + 1) % shape.sidesM.length) + 1 }}</th>
                <td class="num">{{ job.say(s, 'length') }}</td>
              </tr>
            </tbody>
          </table>
        </template>
        <p v-else class="quiet none">
          No area and no quantities until the outline closes without crossing itself.
        </p>
        <p
          v-for="(p, i) in problems.filter((x) => x.kind !== 'notClosed')"
          :key="i"
          class="problem"
          role="alert"
        >
          {{ sentence(p) }}
        </p>
        <ClosingError
          v-if="walked && zone.outline.kind === 'walk'"
          v-model="zone.outline.adjustmentAccepted"
          :walked="walked"
        />
      </section>
    </div>
    <ImportDialog v-if="importing" v-model="importing" @done="addOutlines" />
  </main>
</template>

<style scoped>
.top {
  margin-bottom: var(--s4);
}
.empty {
  max-width: 46rem;
}
.survey {
  grid-template-columns: minmax(330px, 400px) minmax(300px, 1fr) minmax(220px, 280px);
}
@media (max-width: 1150px) {
  .survey {
    grid-template-columns: minmax(320px, 400px) minmax(280px, 1fr);
  }
  .figures {
    grid-column: 1 / -1;
  }
}
@media (max-width: 820px) {
  .survey {
    grid-template-columns: minmax(0, 1fr);
  }
}
.names {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto 4.5rem;
  gap: var(--s2);
  align-items: center;
  margin-bottom: var(--s3);
}
.names label,
.note {
  font-weight: 600;
}
.note {
  display: block;
  margin: var(--s3) 0 var(--s1);
}
.remove {
  margin-top: var(--s2);
}
.large {
  font-size: var(--t-xxl);
  font-weight: 700;
  line-height: 1.2;
  margin-top: var(--s2);
}
dl {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: var(--s1) var(--s3);
  margin: var(--s3) 0;
}
dd {
  margin: 0;
  text-align: right;
}
.sides th {
  font-weight: 400;
}
.none {
  margin-top: var(--s2);
}
.problem {
  color: var(--red);
  margin: var(--s2) 0;
}
</style>
