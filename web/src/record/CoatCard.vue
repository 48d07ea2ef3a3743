<script setup lang="ts">
/** One coat: film from consumption beside film from readings, each reading an interval between two teeth. */
import { computed } from 'vue';
import { acceptanceRuleWords, bayRuns, coatVerdict } from '@lentum/core/words';
import { meanAtLeast, SAMPLING } from '@lentum/core/film';
import type { BayStatus, LaidCoat } from '@lentum/core/record';
import { useJob } from '../app/job.ts';
import { mayReplace } from '../app/session.ts';
import { worded } from '../app/wording.ts';
import FigureText from '../shared/FigureText.vue';
import VerdictLine from '../shared/VerdictLine.vue';
import ReadingBars from './ReadingBars.vue';

const props = defineProps<{ status: BayStatus; laid: LaidCoat }>();
const emit = defineEmits<{ correct: []; withdraw: [] }>();
const job = useJob();
const j = computed(() => props.laid.judgement);
const e = computed(() => props.laid.entry);
const isLast = computed(() => props.status.laid.at(-1)?.entry.id === e.value.id);
const verdict = computed(() =>
  coatVerdict(
    `${props.status.bay.label} · ${props.laid.coat.name.toLowerCase()}.`,
    props.laid,
    isLast.value ? props.status.workableUntilMs : 0,
    job.nowMs,
  ),
);
/** What the readings say of the film and not only of themselves. */
const atLeast = computed(() =>
  j.value.readings.length < 3 ? undefined : meanAtLeast(j.value.readings.map((r) => r.lowMm)),
);
const times = computed(
  () =>
    `${job.time(Date.parse(e.value.startedAt))} to ${e.value.finishedAt === undefined ? 'still being laid' : job.time(Date.parse(e.value.finishedAt))}`,
);
/** The other bays that shared its containers. */
const shared = computed(() => {
  const entry = job.book.seen.get(e.value.id);
  const others = (entry?.bays ?? []).filter((b) => b.bayId !== e.value.bayId).map((b) => b.bayId);
  return job.documents.site.content.bays.filter((b) => others.includes(b.id)).map((b) => b.label);
});
const how = computed(() =>
  [
    e.value.method,
    e.value.tip === undefined ? undefined : `tip ${e.value.tip}`,
    e.value.pressureBar === undefined ? undefined : job.say(e.value.pressureBar, 'pressure'),
    e.value.passes === undefined ? undefined : `${e.value.passes} passes`,
    e.value.dilutionPct === undefined ? undefined : `thinned ${e.value.dilutionPct} %`,
    e.value.shade,
  ]
    .filter((x) => x !== undefined)
    .join(', '),
);
const containers = computed(() =>
  e.value.containers
    .map(
      (c) =>
        `${c.opened} × ${props.laid.coat.containers.find((k) => k.id === c.containerId)?.name ?? c.containerId}${c.batch ? `, batch ${c.batch}` : ''}`,
    )
    .join('; '),
);
</script>

<template>
  <article class="coat">
    <VerdictLine :verdict="verdict" />
    <div class="films">
      <dl>
        <dt>consumption</dt>
        <dd v-if="j.bySpots">tells nothing: it keeps to {{ laid.coat.treats }}</dd>
        <dd v-else><FigureText :figure="j.fromConsumption" /></dd>
        <dt>readings</dt>
        <dd v-if="j.fromReadings">
          <FigureText :figure="j.fromReadings.figure" />
        </dd>
        <dd v-else>none taken</dd>
        <dt>they differ by</dt>
        <dd v-if="j.gap"><FigureText :figure="j.gap" />{{ j.agrees ? '' : ', too much' }}</dd>
        <dd v-else>–</dd>
        <dt>design, wet</dt>
        <dd><FigureText :figure="j.design" /></dd>
      </dl>
      <p v-if="j.readings.length === 0" class="quiet">no readings</p>
      <ReadingBars
        v-else
        :readings="j.readings"
        :design-mm="j.design.value"
        :consumption-mm="j.bySpots ? undefined : j.fromConsumption.value"
      />
      <dl>
        <dt>laid</dt>
        <dd>{{ times }}</dd>
        <dt>by</dt>
        <dd>{{ e.who }}</dd>
        <dt>used</dt>
        <dd><FigureText :figure="j.used" /></dd>
        <dt>opened</dt>
        <dd>{{ containers || 'nothing entered' }}</dd>
        <template v-if="shared.length > 0">
          <dt>shared with</dt>
          <dd>{{ bayRuns(shared) }}</dd>
        </template>
        <template v-if="how">
          <dt>how</dt>
          <dd>{{ worded(how) }}</dd>
        </template>
      </dl>
    </div>
    <p v-if="atLeast" class="quiet">
      With {{ job.say(SAMPLING.confidence.value, 'share') }} confidence the mean is at least
      <FigureText :figure="atLeast" />.
    </p>
    <p class="quiet">
      Rule: {{ acceptanceRuleWords[laid.buildUp.acceptance] }}. {{ laid.buildUp.name }}, revision
      {{ laid.buildUp.revision }}.<template v-if="e.note"> Note: {{ e.note }}</template>
    </p>
    <div v-if="mayReplace(job.book.seen.get(e.id)?.personId, job.id)" class="bar">
      <el-button text @click="emit('correct')">Correct</el-button>
      <el-button text @click="emit('withdraw')">Withdraw</el-button>
    </div>
  </article>
</template>

<style scoped>
.coat {
  border-bottom: var(--stroke) solid var(--line-2);
  padding: var(--s2) 0;
}
.films {
  display: grid;
  grid-template-columns: minmax(190px, 1fr) minmax(170px, 1.2fr) minmax(220px, 1.4fr);
  gap: var(--s2) var(--s6);
  padding-left: 30px;
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: var(--s1) var(--s3);
  margin: 0;
  align-content: start;
}
dt {
  color: var(--ink-2);
}
dd {
  margin: 0;
  text-align: right;
}
.coat > .quiet,
.coat > .bar {
  padding-left: 30px;
}
.coat > .bar {
  margin-left: calc(-1 * var(--s2));
}
@media (max-width: 720px) {
  .films {
    grid-template-columns: 1fr;
    padding-left: 0;
  }
  .coat > .quiet,
  .coat > .bar {
    padding-left: 0;
  }
}
</style>
