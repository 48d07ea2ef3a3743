<script setup lang="ts">
/** The survey of a job: zones on one plan, and for the chosen zone its shape, edges, levels, readiness, quantities. */
import { computed, nextTick, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { toGlobe, type Point } from '@lentum/core/geometry';
import { sentence, type Problem } from '@lentum/core/problems';
import {
  freePlot,
  isUnfinished,
  joinZones,
  moveCorner,
  placing,
  planCorners,
  setOut,
  sharedSides,
  sketchOf,
  splitZoneAlong,
  type Underlay,
  type Zone,
} from '@lentum/core/survey';
import { useChosenZone } from '../app/chosenzone.ts';
import { useJob } from '../app/job.ts';
import FigureText from '../shared/FigureText.vue';
import MeasureInput from '../shared/MeasureInput.vue';
import UndoBar from '../shared/UndoBar.vue';
import ZoneTabs from '../shared/ZoneTabs.vue';
import EdgeTable from './EdgeTable.vue';
import { useFalls } from './falls.ts';
import FeatureTable from './FeatureTable.vue';
import { EXPORTS, exportSurvey, type ExportKind } from './exports.ts';
import ImportDialog, { type Imported } from './ImportDialog.vue';
import LevelsPanel from './LevelsPanel.vue';
import {
  freeCode,
  newDrawn,
  newTaped,
  newZone,
  TAPED_FORMS,
  zonesFromOutlines,
  type TapedForm,
} from './newzone.ts';
import DrawBar from './plan/DrawBar.vue';
import { useDraft } from './plan/drawingdraft.ts';
import PlanStage, { type PlanMode } from './plan/PlanStage.vue';
import PlanTools from './plan/PlanTools.vue';
import QuantityPanel from './QuantityPanel.vue';
import ReadinessPanel from './ReadinessPanel.vue';
import ShapePanel from './ShapePanel.vue';
import { useUnderlayImage } from './underlay.ts';
import UnderlayBar from './UnderlayBar.vue';

const PARTS = [
  ['shape', 'Shape'],
  ['edges', 'Edges'],
  ['levels', 'Levels'],
  ['readiness', 'Readiness'],
  ['quantities', 'Quantities'],
] as const;
type Part = (typeof PARTS)[number][0];

const job = useJob();
const route = useRoute();
const router = useRouter();
const { chosenId, chosen, choose } = useChosenZone();
const importing = ref(false);
const stage = ref<InstanceType<typeof PlanStage>>();
const survey = computed(() => job.documents.survey.draft);

const part = computed<Part>(() => PARTS.find(([key]) => key === route.query['part'])?.[0] ?? 'shape');
const show = (key: Part): void => void router.replace({ query: { ...route.query, part: key } });

const zone = computed<Zone | undefined>(() => survey.value.zones.find((z) => z.id === chosenId.value));
const quantities = computed(() => (chosen.value?.quantities.ok ? chosen.value.quantities.value : undefined));
const problems = computed(() =>
  chosen.value && !chosen.value.quantities.ok ? chosen.value.quantities.problems : [],
);
const { byZone, busy } = useFalls(
  () => survey.value.zones,
  () => chosenId.value,
);
const falls = computed(() => byZone.value.get(chosenId.value ?? ''));
const shared = computed(() => sharedSides(survey.value));
const names = computed(() => new Map(survey.value.zones.map((z) => [z.id, z.name])));
const lengths = computed(
  () =>
    quantities.value?.sides.map((s) => s.lengthM) ?? (zone.value ? planCorners(zone.value).map(() => 0) : []),
);
const hasBays = computed(() => job.documents.site.draft.bays.some((b) => b.zoneId === chosenId.value));

function setZone(next: Zone): void {
  const i = survey.value.zones.findIndex((z) => z.id === next.id);
  if (i >= 0) survey.value.zones[i] = next;
}
async function add(zones: readonly Zone[]): Promise<void> {
  survey.value.zones.push(...zones);
  await nextTick();
  const last = zones[zones.length - 1];
  if (last) choose(last.id);
}
const addWalk = (): Promise<void> => add([newZone(survey.value.zones)]);
const addTaped = (form: TapedForm): Promise<void> => add([newTaped(survey.value.zones, form)]);
function addOutlines({ outlines, origin, onGlobe }: Imported): void {
  const made = zonesFromOutlines(outlines, origin, survey.value.zones);
  const first = made[0];
  if (onGlobe && first && !survey.value.origin) {
    // Where the plan's 0, 0 lies on the globe follows from the first corner and its place on the plan.
    const [at] = toGlobe([[-first.plot.xM, -first.plot.yM]], onGlobe);
    if (at) survey.value.origin = { lonDeg: at[0], latDeg: at[1] };
  }
  void add(made);
}
function remove(): void {
  const i = survey.value.zones.findIndex((z) => z.id === chosenId.value);
  if (i >= 0) survey.value.zones.splice(i, 1);
}

// On the plan.
const mode = ref<PlanMode>('look');
const snapping = ref(true);
const dimensions = ref(true);
const fittings = ref(true);
const levelsShown = ref(true);
const near = ref(true);
const draft = useDraft();
const side = ref<number>();
const cornerChosen = ref<number>();
const placingId = ref<string>();
const trouble = ref<readonly Problem[]>([]);
const stageMode = computed<PlanMode>(() => (placingId.value === undefined ? mode.value : 'place'));

function setMode(next: PlanMode): void {
  if (next !== 'draw') draft.clear();
  mode.value = next;
  scalePoints.value = [];
  trouble.value = [];
}
function closeDraft(): void {
  if (!draft.closable.value) return;
  const made = newDrawn(survey.value.zones, draft.points.value);
  setMode('look');
  void add([made]);
}
function applyMove(k: number, to: Point): void {
  if (chosenId.value === undefined) return;
  for (const changed of moveCorner(survey.value.zones, chosenId.value, k, to)) setZone(changed);
}
async function cut(from: Point, to: Point): Promise<void> {
  if (!zone.value) return;
  const second = {
    id: crypto.randomUUID(),
    code: freeCode(survey.value.zones),
    name: `${zone.value.name}, part 2`,
  };
  const parts = splitZoneAlong(zone.value, from, to, second);
  trouble.value = parts.ok ? [] : parts.problems;
  if (!parts.ok) return;
  setMode('look');
  setZone(parts.value[0]);
  survey.value.zones.push(parts.value[1]);
  await nextTick();
}
function join(otherId: string): void {
  const other = survey.value.zones.find((z) => z.id === otherId);
  if (!zone.value || !other) return;
  const joined = joinZones(zone.value, other);
  trouble.value = joined.ok ? [] : joined.problems;
  if (!joined.ok) return;
  setZone(joined.value);
  survey.value.zones.splice(survey.value.zones.indexOf(other), 1);
}
/** A click gives the level or fitting that waits for its place a place, to the centimetre. */
function place(at: Point): void {
  const z = zone.value;
  if (!z || placingId.value === undefined) return;
  const local = placing(z.plot).fromPlan(at);
  const { alongM, acrossM } = setOut(sketchOf(z.outline)).toPlace(local);
  const to = { alongM: Math.round(alongM * 100) / 100, acrossM: Math.round(acrossM * 100) / 100 };
  const feature = z.features.find((f) => f.id === placingId.value);
  const level = z.levels.points.find((l) => l.id === placingId.value);
  if (feature?.to) {
    const by = {
      alongM: feature.to.alongM - feature.at.alongM,
      acrossM: feature.to.acrossM - feature.at.acrossM,
    };
    feature.to = { alongM: to.alongM + by.alongM, acrossM: to.acrossM + by.acrossM };
  }
  if (feature) feature.at = to;
  if (level) level.at = to;
  placingId.value = undefined;
}
// A picture to trace.
const tracing = ref(false);
const scalePoints = ref<Point[]>([]);
const { image, problem: pictureProblem } = useUnderlayImage(
  computed(() => job.id),
  () => survey.value.underlay,
);
const underlay = computed(() => {
  const facts = survey.value.underlay;
  return facts && image.value ? { facts, image: image.value } : undefined;
});
const pictureAt = computed<Point>(() => {
  const { xM, yM } = freePlot(survey.value);
  return [xM, yM];
});
function setUnderlay(next: Underlay | undefined): void {
  if (next) survey.value.underlay = next;
  else delete survey.value.underlay;
  near.value = false;
}
function scalePoint(at: Point): void {
  scalePoints.value = scalePoints.value.length >= 2 ? [at] : [...scalePoints.value, at];
}

function chooseZone(id: string): void {
  side.value = undefined;
  cornerChosen.value = undefined;
  placingId.value = undefined;
  choose(id);
}
const inTheWay = computed(() => problems.value.filter((p) => part.value !== 'shape' || !isUnfinished(p)));
</script>

<template>
  <main class="page">
    <div class="bar top">
      <ZoneTabs :chosen="chosenId" @choose="chooseZone" />
      <el-button :type="job.zones.length === 0 ? 'primary' : 'default'" @click="addWalk"
        >Walk a new zone</el-button
      >
      <el-dropdown trigger="click" @command="(form: TapedForm) => void addTaped(form)">
        <el-button>Tape a new zone</el-button>
        <template #dropdown>
          <el-dropdown-menu>
            <el-dropdown-item v-for="(form, key) in TAPED_FORMS" :key="key" :command="key">{{
              form.name
            }}</el-dropdown-item>
          </el-dropdown-menu>
        </template>
      </el-dropdown>
      <el-button @click="importing = true">Import an outline</el-button>
      <el-dropdown
        v-if="survey.zones.length > 0"
        trigger="click"
        @command="(kind: ExportKind) => void exportSurvey(kind, survey, job.head?.name ?? '')"
      >
        <el-button>Export</el-button>
        <template #dropdown>
          <el-dropdown-menu>
            <el-dropdown-item v-for="(words, kind) in EXPORTS" :key="kind" :command="kind">{{
              words
            }}</el-dropdown-item>
          </el-dropdown-menu>
        </template>
      </el-dropdown>
      <UndoBar :document="job.documents.survey" />
    </div>
    <p v-if="!zone && mode !== 'draw'" class="empty">
      Nothing is measured yet. Walk the edge of the first zone with a tape, side by side; tape its sides and
      diagonals; draw it on the plan; or import an outline: every quantity after this follows from it.
    </p>

    <div class="survey">
      <section v-if="zone" class="entry" :aria-label="`${zone.name}, as measured`">
        <nav class="parts" aria-label="Part of the survey">
          <button
            v-for="[key, name] in PARTS"
            :key="key"
            type="button"
            :aria-current="part === key ? 'true' : undefined"
            @click="show(key)"
          >
            {{ name }}
          </button>
        </nav>
        <ShapePanel
          v-if="part === 'shape'"
          :model-value="zone"
          :has-bays="hasBays"
          :shared="shared"
          :names="names"
          :side="side"
          @update:model-value="setZone"
          @remove="remove"
          @join="join"
          @choose-side="(s) => (side = s)"
          @choose-corner="(k) => (cornerChosen = k)"
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
              @update:model-value="
                (v) => {
                  if (!zone) return;
                  const { fallPct: _old, ...rest } = zone;
                  setZone(v === undefined ? rest : { ...rest, fallPct: v });
                }
              "
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
        <QuantityPanel
          v-else
          :zone="zone"
          :quantities="quantities"
          :slope-area="falls?.report?.surfaceArea"
        />
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
          @fit="stage?.fit()"
          :tracing="tracing"
          @zoom="(f) => stage?.zoomMiddle(f)"
          @trace="tracing = !tracing"
        />
        <UnderlayBar
          v-if="tracing || survey.underlay"
          :job-id="job.id"
          :at="pictureAt"
          :points="scalePoints"
          :scaling="mode === 'scale'"
          :model-value="survey.underlay"
          @update:model-value="setUnderlay"
          @scaling="(on) => setMode(on ? 'scale' : 'look')"
        />
        <p v-if="pictureProblem" class="problem" role="alert">{{ pictureProblem }}</p>
        <DrawBar v-if="mode === 'draw'" :draft="draft" @close="closeDraft" @cancel="setMode('look')" />
        <p v-else-if="mode === 'split'" class="quiet">
          Two clicks give the line along which the zone is cut.
        </p>
        <p v-else-if="placingId" class="quiet">Click the place on the plan, or type it in the table.</p>
        <p v-for="(p, i) in trouble" :key="i" class="problem" role="alert">{{ sentence(p) }}</p>
        <div class="sheet">
          <PlanStage
            ref="stage"
            :zones="survey.zones"
            :chosen-id="chosenId"
            :mode="stageMode"
            :draft="draft"
            :falls="falls?.report"
            :levels="levelsShown && (part === 'levels' || part === 'readiness')"
            :fittings="fittings"
            :dimensions="dimensions"
            :snapping="snapping"
            :near="near"
            :side="side"
            :corner="cornerChosen"
            :underlay="underlay"
            :marks="scalePoints"
            @choose-zone="chooseZone"
            @choose-side="(s) => (side = s)"
            @choose-corner="(k) => (cornerChosen = k)"
            @move-corner="applyMove"
            @cut="cut"
            @place="(at) => (mode === 'scale' ? scalePoint(at) : place(at))"
            @close-draft="closeDraft"
          />
        </div>
        <section v-if="zone" class="figures" aria-label="Quantities in short">
          <template v-if="quantities">
            <p class="large"><FigureText :figure="quantities.area" /></p>
            <dl>
              <div>
                <dt>Perimeter</dt>
                <dd><FigureText :figure="quantities.perimeter" /></dd>
              </div>
              <div>
                <dt>Upstands</dt>
                <dd>
                  <FigureText :figure="quantities.upstandGirth" />,
                  <FigureText :figure="quantities.upstandArea" />
                </dd>
              </div>
              <div>
                <dt>Corners, internal and external</dt>
                <dd>
                  <FigureText :figure="quantities.internalCorners" /> and
                  <FigureText :figure="quantities.externalCorners" />
                </dd>
              </div>
            </dl>
          </template>
          <p v-else class="quiet">
            No area and no quantities until the outline closes without crossing itself.
          </p>
          <p v-for="(p, i) in inTheWay" :key="i" class="problem" role="alert">{{ sentence(p) }}</p>
        </section>
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
  margin-bottom: var(--s4);
}
.survey {
  display: grid;
  grid-template-columns: minmax(380px, 460px) minmax(0, 1fr);
  gap: var(--s6) var(--s8);
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
  height: clamp(300px, 100vh - 440px, 720px);
  margin: var(--s2) 0;
  border: var(--stroke) solid var(--line);
}
.parts {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--s4);
  margin-bottom: var(--s4);
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
.figures {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s1) var(--s6);
  align-items: baseline;
}
.large {
  font-size: var(--t-xxl);
  font-weight: 700;
  line-height: 1.2;
}
dl {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s1) var(--s6);
  margin: 0;
}
dt {
  font-size: var(--t-s);
  color: var(--ink-2);
}
dd {
  margin: 0;
}
.problem {
  color: var(--red);
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
