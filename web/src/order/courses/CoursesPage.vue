<script setup lang="ts">
/** Courses of a zone's layers on its plan, and what is cut for them: roll by roll and course by course. */
import { computed, ref, watch } from 'vue';
import { coursesFigures, interrupted } from '@lentum/core/courses';
import { sentence } from '@lentum/core/problems';
import { useJob } from '../../app/job.ts';
import BoardsPanel from './BoardsPanel.vue';
import { useChosenLayer } from './chosen.ts';
import CourseHand from './CourseHand.vue';
import CourseRules from './CourseRules.vue';
import CoursesDrawing from './CoursesDrawing.vue';
import CutPanel from './CutPanel.vue';
import HowGood from './HowGood.vue';
import LayList from './LayList.vue';
import HeldFields from '../../shared/HeldFields.vue';

const job = useJob();
const { chosenId, layers, all, chosen, pieceLabel, chooseLayer, choosePiece } = useChosenLayer();
const zone = computed(() => job.zones.find((z) => z.zone.id === chosenId.value));
const laid = computed(() => (chosen.value?.kind === 'rolled' ? chosen.value : undefined));
const figures = computed(() => laid.value && coursesFigures(laid.value.plan));
const said = computed(() => (laid.value ? laid.value.plan.problems.map(sentence) : []));
const ended = computed(() => (laid.value ? interrupted(laid.value.layout) : []));
const pieces = computed(() =>
  laid.value
    ? laid.value.plan.pieces.filter((p) => p.zoneId === chosenId.value && p.layerId === laid.value?.layerId)
    : [],
);
/** How many pieces are laid, of a walk through the laying order; undefined shows all. */
const step = ref<number>();
watch([chosenId, chosen], () => (step.value = undefined));
const now = computed(() => (step.value === undefined ? undefined : pieces.value[step.value - 1]));
</script>

<template>
  <div>
    <p v-if="!zone">
      Measure a zone first: courses are laid over it from its low edge up.
      <RouterLink :to="{ name: 'survey' }">Go to the survey</RouterLink>.
    </p>
    <p v-else-if="!job.courses.plan" role="status">Courses are being laid out …</p>
    <p v-else-if="layers.length === 0">
      Nothing on this zone comes on rolls or as boards:
      {{ zone.buildUp ? `${zone.buildUp.name} is laid wet throughout.` : 'it has no build-up yet.' }}
      <RouterLink :to="{ name: 'build-up', query: { zone: zone.zone.id } }">Build-up</RouterLink>
    </p>
    <template v-else-if="chosen">
      <div class="bar layers no-print" role="group" aria-label="Layer">
        <button
          v-for="l in layers"
          :key="l.layerId"
          type="button"
          :aria-pressed="!all && l.layerId === chosen.layerId"
          @click="chooseLayer(l.layerId)"
        >
          <strong>{{ l.code }}</strong> {{ l.name }}
        </button>
        <button v-if="layers.length > 1" type="button" :aria-pressed="all" @click="chooseLayer('all')">
          All layers
        </button>
        <span v-if="job.courses.share !== undefined" class="bar search" role="status">
          <el-progress
            :percentage="Math.round(job.courses.share * 100)"
            :stroke-width="8"
            class="progress"
            aria-label="Search"
          />
          <el-button size="small" @click="job.courses.stop()">Stop the search</el-button>
        </span>
        <span v-else-if="job.courses.stopped" class="quiet"
          >The search was stopped: this is the best so far.</span
        >
      </div>
      <div class="columns main">
        <section :aria-label="`Plan of ${zone.zone.name}`">
          <CoursesDrawing
            v-if="zone.quantities.ok"
            :zone="zone.zone"
            :quantities="zone.quantities.value"
            :layers="layers"
            :chosen="chosen"
            :all="all"
            :piece="now?.label ?? pieceLabel"
            :step="step"
            @choose="choosePiece"
          />
          <div v-if="laid && !all && pieces.length > 0" class="bar walk no-print">
            <el-button :disabled="step === 1" @click="step = Math.max(1, (step ?? 1) - (step ? 1 : 0))">{{
              step === undefined ? 'Walk through the laying' : 'Back'
            }}</el-button>
            <template v-if="step !== undefined">
              <el-button :disabled="step >= pieces.length" @click="step = (step ?? 0) + 1"
                >Next piece</el-button
              >
              <el-slider
                v-model="step"
                :min="1"
                :max="pieces.length"
                :show-tooltip="false"
                class="slider"
                aria-label="Pieces laid"
              />
              <span role="status">{{ step }} of {{ pieces.length }}: {{ now?.label }}</span>
              <el-button text @click="step = undefined">Show all</el-button>
            </template>
          </div>
        </section>
        <section v-if="all" aria-label="All layers" class="facts">
          <h1>{{ zone.zone.name }}, all layers</h1>
          <template v-for="l in layers" :key="l.layerId">
            <HowGood v-if="l.kind === 'rolled'" brief :laid="l" :figures="coursesFigures(l.plan)" />
            <p v-else>
              <strong>{{ l.code }} {{ l.name }}</strong
              >: {{ l.boards.boards }} boards.
            </p>
          </template>
        </section>
        <section v-else-if="laid" :aria-label="laid.name" class="facts">
          <HowGood :laid="laid" :figures="figures" />
          <p v-for="e in ended" :key="e.name" class="quiet">
            {{ e.name }} is wider than a course: {{ e.courses }}
            {{ e.courses === 1 ? 'course ends' : 'courses end' }} at it on both sides.
          </p>
          <div v-if="said.length > 0" class="said" role="status">
            <p v-for="(s, i) in said.slice(0, 8)" :key="i" class="problem">{{ s }}</p>
            <p v-if="said.length > 8" class="problem">And {{ said.length - 8 }} more like these.</p>
          </div>
          <HeldFields>
            <CourseHand class="no-print" :laid="laid" :piece="pieceLabel" @choose="choosePiece" />
          </HeldFields>
        </section>
        <BoardsPanel v-else-if="chosen.kind === 'boards'" :boards="chosen.boards" />
      </div>
      <template v-if="laid && !all">
        <CutPanel :laid="laid" :piece="pieceLabel" @choose="choosePiece" />
        <LayList :laid="laid" :piece="pieceLabel" @choose="choosePiece" />
      </template>
      <HeldFields><CourseRules class="no-print" /></HeldFields>
    </template>
  </div>
</template>

<style scoped>
.top {
  justify-content: space-between;
  margin-bottom: var(--s3);
}
.layers {
  gap: var(--s2);
  flex-wrap: wrap;
  margin-bottom: var(--s3);
}
.layers > button {
  border: max(1px, var(--stroke)) solid var(--line-2);
  border-radius: 4px;
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  padding: var(--s1) var(--s3);
  min-height: 36px;
  cursor: pointer;
}
.layers > button[aria-pressed='true'] {
  border-color: var(--sea);
  box-shadow: inset 0 0 0 1px var(--sea);
  background: var(--sea-soft);
}
.search {
  gap: var(--s2);
}
.progress {
  width: 9rem;
}
.main {
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
  align-items: start;
}
.main > * {
  min-width: 0;
}
.walk {
  gap: var(--s3);
  flex-wrap: wrap;
}
.slider {
  width: min(16rem, 100%);
}
.said {
  border-left: 3px solid var(--amber);
  padding-left: var(--s3);
  margin-block: var(--s3);
}
.facts h1 {
  font-size: var(--t-l);
}
@media (max-width: 1000px) {
  .main {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
