<script setup lang="ts">
/** The survey of a job: zones on one plan, and for the chosen zone its shape, edges, levels, readiness, quantities. */
import { computed, defineAsyncComponent, onMounted, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { sentence } from '@lentum/core/problems';
import { isUnfinished, planCorners, sharedSides } from '@lentum/core/survey';
import LaterPart from '../shared/LaterPart.vue';
import MeasureInput from '../shared/MeasureInput.vue';
import ShortFigures from './ShortFigures.vue';
import { usePartKeys } from '../shared/partkeys.ts';
import { keepOddTexts } from '../shared/oddtext.ts';
import { exportSurvey, type ExportKind } from './exports.ts';
import { useFalls } from './falls.ts';
import FirstZone from './FirstZone.vue';
import NewZoneMenu from './NewZoneMenu.vue';
import DrawBar from './plan/DrawBar.vue';
import PlanStage from './plan/PlanStage.vue';
import PlanTools from './plan/PlanTools.vue';
import PlanZoom from './plan/PlanZoom.vue';
import NorthArrow from './plan/NorthArrow.vue';
import { usePlanWork } from './planwork.ts';
import ShapePanel from './ShapePanel.vue';
import { useZoneWork } from './zonework.ts';
import HeldFields from '../shared/HeldFields.vue';
import { useHeld } from '../shared/heldpage.ts';

const held = useHeld();

const PARTS = [
  ['shape', 'Shape'],
  ['edges', 'Edges'],
  ['levels', 'Levels'],
  ['readiness', 'Readiness'],
  ['quantities', 'Quantities'],
] as const;
type Part = (typeof PARTS)[number][0];

const route = useRoute();
const router = useRouter();
const work = useZoneWork();
const { job, survey, chosenId, chosen, zone, trouble, setZone } = work;
/** What is no roof has no falls to be levelled. */
const parts = computed(() => PARTS.filter(([key]) => key !== 'levels' || !zone.value?.use));
const part = computed<Part>(() => parts.value.find(([key]) => key === route.query['part'])?.[0] ?? 'shape');
keepOddTexts(() => chosenId.value);
const plan = usePlanWork(work, () => part.value);
const { mode, draft, side, corner, placingId, tapped, scalePoints, near, setMode } = plan;
const importing = ref(false);
/** A zone that is only put in once what it takes was measured. */
const beginning = ref<'walk' | 'estimate'>();
const isBeginning = computed({
  get: () => beginning.value !== undefined,
  set: (on) => {
    if (!on) beginning.value = undefined;
  },
});
const stage = ref<InstanceType<typeof PlanStage>>();

const show = (key: Part): void => void router.replace({ query: { ...route.query, part: key } });
usePartKeys(
  () => parts.value,
  () => part.value,
  (key) => show(key as Part),
);

const quantities = computed(() => (chosen.value?.quantities.ok ? chosen.value.quantities.value : undefined));
const problems = computed(() =>
  chosen.value && !chosen.value.quantities.ok ? chosen.value.quantities.problems : [],
);
const { byZone, busy } = useFalls(
  () => survey.value.zones,
  () => chosenId.value,
);
const falls = computed(() => byZone.value.get(chosenId.value ?? ''));
const slopeAreas = computed(
  () =>
    new Map([...byZone.value].flatMap(([id, f]) => (f.report ? [[id, f.report.surfaceArea] as const] : []))),
);
const shared = computed(() => sharedSides(survey.value));
const names = computed(() => new Map(survey.value.zones.map((z) => [z.id, z.name])));
const lengths = computed(
  () =>
    quantities.value?.sides.map((s) => s.lengthM) ?? (zone.value ? planCorners(zone.value).map(() => 0) : []),
);
const hasBays = computed(() => work.hasBays(chosenId.value));
/** Zones beside this one that it can be joined with: bays would lose their zone. */
const joinable = computed(() =>
  hasBays.value
    ? []
    : [
        ...new Set(
          shared.value.flatMap(({ a, b }) =>
            a.zoneId === chosenId.value ? [b.zoneId] : b.zoneId === chosenId.value ? [a.zoneId] : [],
          ),
        ),
      ].filter((id) => !work.hasBays(id)),
);
const snapping = ref(true);
const dimensions = ref(true);
const fittings = ref(true);
const levelsShown = ref(true);
const tracing = ref(false);

function setFall(v: number | undefined): void {
  if (!zone.value) return;
  const { fallPct: _old, ...rest } = zone.value;
  setZone(v === undefined ? rest : { ...rest, fallPct: v });
}
const inTheWay = computed(() => problems.value.filter((p) => part.value !== 'shape' || !isUnfinished(p)));

/** The other parts come once the plan stands, so that they are here when there is no signal. */
const later = {
  EdgeTable: () => import('./EdgeTable.vue'),
  FeatureTable: () => import('./FeatureTable.vue'),
  LevelsPanel: () => import('./LevelsPanel.vue'),
  QuantityPanel: () => import('./QuantityPanel.vue'),
  ReadinessPanel: () => import('./ReadinessPanel.vue'),
};
const EdgeTable = defineAsyncComponent(later.EdgeTable);
const FeatureTable = defineAsyncComponent(later.FeatureTable);
const LevelsPanel = defineAsyncComponent(later.LevelsPanel);
const QuantityPanel = defineAsyncComponent(later.QuantityPanel);
const ReadinessPanel = defineAsyncComponent(later.ReadinessPanel);
const STANDS_MS = 2000;
onMounted(() => {
  setTimeout(() => void Promise.allSettled(Object.values(later).map((load) => load())), STANDS_MS);
});
const ImportDialog = defineAsyncComponent(() => import('./ImportDialog.vue'));
const UnderlayBar = defineAsyncComponent(() => import('./UnderlayBar.vue'));
const NewEstimate = defineAsyncComponent(() => import('./NewEstimate.vue'));
const NewWalk = defineAsyncComponent(() => import('./NewWalk.vue'));
const PlaceDialog = defineAsyncComponent(() => import('./PlaceDialog.vue'));
/** Why the place of the plan is asked. */
const placing = ref<ExportKind>();
async function takeOut(kind: ExportKind): Promise<void> {
  if (kind === 'place') placing.value = kind;
  else if (!(await exportSurvey(kind, job.documents.survey.draft, job.head?.name ?? '')))
    placing.value = kind;
}
</script>

<template>
  <main class="page">
    <PlaceDialog
      v-if="placing"
      @close="placing = undefined"
      @placed="placing === 'GeoJSON' && takeOut('GeoJSON')"
    />
    <FirstZone
      v-if="!held && !zone && mode !== 'draw' && !tracing && !survey.underlay"
      @estimate="beginning = 'estimate'"
      @walk="beginning = 'walk'"
      @tape="work.addTaped"
      @draw="setMode('draw')"
      @import="importing = true"
      @trace="tracing = true"
    />

    <div v-else class="survey">
      <section v-if="zone" class="entry" :aria-label="`${zone.name}, as measured`">
        <nav class="parts" aria-label="Part of the survey">
          <button
            v-for="[key, name] in parts"
            :key="key"
            type="button"
            :aria-current="part === key ? 'true' : undefined"
            @click="show(key)"
          >
            {{ name }}
          </button>
        </nav>
        <LaterPart>
          <HeldFields>
            <ShapePanel
              v-if="part === 'shape'"
              :model-value="zone"
              :has-bays="hasBays"
              :joinable="joinable"
              :names="names"
              :side="side"
              @update:model-value="setZone"
              @remove="work.remove"
              @split="plan.cutCorners"
              @join="work.join"
              @choose-side="(s) => (side = s)"
              @choose-corner="(k) => (corner = k)"
            />
            <template v-else-if="part === 'edges'">
              <EdgeTable
                :zone="zone"
                :lengths-m="lengths"
                :shared="shared"
                :names="names"
                :side="side"
                @change="(sides) => zone && setZone({ ...zone, sides })"
                @choose-side="(s) => (side = s)"
              />
              <FeatureTable
                :model-value="zone.features"
                :placing="placingId"
                :tapped="tapped"
                :rims="zone.levels.points.length > 0"
                @update:model-value="(features) => zone && setZone({ ...zone, features })"
                @place="(id) => (placingId = id)"
              />
            </template>
            <LevelsPanel
              v-else-if="part === 'levels'"
              :key="zone.id"
              :model-value="zone.levels"
              :zone="zone"
              :falls="falls"
              :busy="busy > 0"
              :placing="placingId"
              :tapped="tapped"
              @update:model-value="(levels) => zone && setZone({ ...zone, levels })"
              @place="(id) => (placingId = id)"
            >
              <template #fall>
                <MeasureInput
                  hide-unit
                  optional
                  quantity="fall"
                  label="Fall without levels"
                  :min="0"
                  :max="300"
                  :model-value="zone.fallPct"
                  @update:model-value="setFall"
                />
              </template>
            </LevelsPanel>
            <ReadinessPanel
              v-else-if="part === 'readiness'"
              :model-value="zone"
              :falls="falls?.report"
              :school="survey.primerSchool"
              :build-up-family="chosen?.buildUp?.family"
              @update:model-value="setZone"
              @school="(s) => (survey.primerSchool = s)"
            />
            <QuantityPanel v-else :zone="zone" :quantities="quantities" :slope-areas="slopeAreas" />
          </HeldFields>
        </LaterPart>
      </section>

      <section class="drawing" aria-label="Plan to scale">
        <PlanTools
          v-model:snapping="snapping"
          v-model:levels="levelsShown"
          v-model:fittings="fittings"
          v-model:dimensions="dimensions"
          v-model:near="near"
          :mode="mode"
          :movable="zone?.outline.kind === 'points'"
          :splittable="quantities !== undefined && !hasBays"
          @mode="setMode"
        >
          <NewZoneMenu
            :can-export="survey.zones.length > 0"
            @walk="beginning = 'walk'"
            @tape="work.addTaped"
            @estimate="beginning = 'estimate'"
            @import="importing = true"
            @trace="tracing = !tracing"
            @export="takeOut"
          />
        </PlanTools>
        <UnderlayBar
          v-if="!held && (tracing || survey.underlay)"
          :job-id="job.id"
          :at="plan.pictureAt.value"
          :points="scalePoints"
          :scaling="mode === 'scale'"
          :model-value="survey.underlay"
          @update:model-value="plan.setUnderlay"
          @scaling="(on) => setMode(on ? 'scale' : 'look')"
        />
        <p v-if="plan.pictureProblem.value" class="problem" role="alert">{{ plan.pictureProblem.value }}</p>
        <DrawBar v-if="mode === 'draw'" :draft="draft" @close="plan.closeDraft" @cancel="setMode('look')" />
        <p v-else-if="mode === 'split'" class="quiet">
          Two clicks give the line along which the zone is cut.
        </p>
        <p v-else-if="placingId" class="quiet">Click the place on the plan, or type it.</p>
        <p v-for="(p, i) in trouble" :key="i" class="problem" role="alert">{{ sentence(p) }}</p>
        <div class="sheet">
          <PlanStage
            ref="stage"
            :zones="survey.zones"
            :chosen-id="chosenId"
            :mode="plan.stageMode.value"
            :draft="draft"
            :falls="falls?.report"
            :levels="levelsShown && (part === 'levels' || part === 'readiness')"
            :fittings="fittings"
            :dimensions="dimensions"
            :snapping="snapping"
            :near="near"
            :side="side"
            :corner="corner"
            :underlay="plan.underlay.value"
            :marks="scalePoints"
            @choose-zone="plan.chooseZone"
            @choose-side="(s) => (side = s)"
            @choose-corner="(k) => (corner = k)"
            @move-corner="work.moveCornerTo"
            @cut="plan.cutAlong"
            @place="plan.clickPlace"
            @close-draft="plan.closeDraft"
          />
          <PlanZoom @fit="stage?.fit()" @zoom="(f) => stage?.zoomMiddle(f)" />
          <NorthArrow v-if="survey.origin" class="north" :bearing-deg="survey.origin.bearingDeg ?? 0" />
        </div>
        <ShortFigures v-if="zone" :quantities="quantities" :problems="inTheWay" />
      </section>
    </div>
    <NewWalk v-if="beginning === 'walk'" v-model="isBeginning" @done="work.addWalk" />
    <NewEstimate v-if="beginning === 'estimate'" v-model="isBeginning" @done="work.addEstimated" />
    <ImportDialog v-if="importing" v-model="importing" @done="work.addOutlines" />
  </main>
</template>

<style scoped>
.survey {
  display: grid;
  grid-template-columns: minmax(380px, 460px) minmax(0, 1fr);
  gap: var(--s4) var(--s6);
  align-items: start;
}
.survey > .drawing:only-child {
  grid-column: 1 / -1;
}
.drawing {
  position: sticky;
  top: var(--s4);
  min-width: 0;
}
.sheet {
  position: relative;
  /* Three quarters of a screen of 800 px; the figures below it stand on it as well. */
  height: clamp(300px, 100vh - 200px, 900px);
  margin: var(--s1) 0;
  border: var(--stroke) solid var(--line);
}
.north {
  position: absolute;
  left: var(--s2);
  top: var(--s2);
}
.parts {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--s4);
  margin-bottom: var(--s3);
  border-bottom: var(--stroke) solid var(--line);
}
.parts button {
  border: 0;
  background: none;
  font: inherit;
  color: var(--ink-2);
  padding: var(--s2) 0;
  min-height: 40px;
  cursor: pointer;
  border-bottom: 3px solid transparent;
}
.parts button[aria-current] {
  color: var(--ink);
  font-weight: 700;
  border-bottom-color: var(--sea);
}
.problem {
  margin: var(--s2) 0;
}
@media (max-width: 980px) {
  .survey {
    grid-template-columns: minmax(0, 1fr);
  }
  .drawing {
    position: static;
    order: -1;
  }
  .sheet {
    height: 46vh;
  }
}
</style>
