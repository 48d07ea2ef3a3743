<script setup lang="ts">
/** The plan that was kept beside the one that is shown, and beside the record. */
import { computed } from 'vue';
import { changesSince, type KeptPlan, type PlanAnswer } from '@lentum/core/planning';
import { moveWords, SLIP_WORDS, slipCounts, whyLines } from '@lentum/core/words';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import SayParts from '../shared/SayParts.vue';
import { useUnits } from '../shared/units.ts';
import type { Since } from '../workers/programme.worker.ts';

const props = defineProps<{
  answer: PlanAnswer;
  kept: KeptPlan;
  /** Told with the plan, once it is found; undefined after a change by hand. */
  since: Since | undefined;
  settled: boolean;
}>();
const job = useJob();
const { number } = useUnits();
const changes = computed(() =>
  props.settled ? (props.since?.changes ?? changesSince(props.kept, props.answer)) : undefined,
);
const whys = computed(() => (changes.value ? whyLines(changes.value) : []));
const slips = computed(() => props.since?.slips ?? []);
/** The plan that was kept first, where another was kept since. */
const first = computed(() => {
  const { baseline } = job.documents.programme.draft;
  return baseline?.finishAt !== undefined && baseline.plannedAt !== props.kept.plannedAt
    ? { plannedAt: baseline.plannedAt, finishAt: baseline.finishAt }
    : undefined;
});
const MOST_SLIPS = 6;

const DAY_MS = 86_400_000;
const days = (ms: number): string => number(Math.abs(ms) / DAY_MS, 1);
</script>

<template>
  <div>
    <section v-if="changes" aria-label="Since the plan that was kept" class="changes">
      <p>
        Kept <strong>{{ job.time(Date.parse(kept?.plannedAt ?? '')) }}</strong>: since then
        {{ changes.gone.length }} works are done or gone, {{ changes.moved.length }} are moved,
        {{ changes.fresh.length }} are new<template
          v-if="changes.laterMs !== undefined && Math.abs(changes.laterMs) > 3_600_000"
          >; the end is {{ days(changes.laterMs) }} days
          {{ changes.laterMs > 0 ? 'later' : 'earlier' }}</template
        >.
        <span v-if="first" class="quiet"
          >The first plan, kept {{ job.time(Date.parse(first.plannedAt)) }}, was to end
          {{ job.time(Date.parse(first.finishAt)) }}.</span
        >
      </p>
      <ul v-if="whys.length > 0" class="whys">
        <li v-for="w in whys" :key="w.says">
          {{ w.count }} {{ w.count === 1 ? 'work' : 'works' }}: {{ worded(w.says) }}
          <span class="quiet">({{ w.bays }})</span>
        </li>
      </ul>
      <details v-if="changes.moved.length > 0">
        <summary>What is moved</summary>
        <ul>
          <li v-for="m in changes.moved.slice(0, 40)" :key="m.task.id">
            {{ m.task.bay }} {{ worded(m.task.name).toLowerCase() }}: {{ job.time(m.fromMs) }} →
            {{ job.time(m.task.startMs)
            }}<template v-if="m.crewId !== answer.crews[m.task.crew]?.id"
              >, {{ answer.crews[m.task.crew]?.name }}</template
            ><span v-if="m.why" class="quiet">: {{ worded(moveWords(m.why)) }}</span>
          </li>
        </ul>
      </details>
    </section>
    <section v-if="slips.length > 0" aria-label="Planned by now and not on record" class="changes">
      <div class="head">
        <h2>Planned by now and not on record</h2>
        <span class="quiet end">{{ worded(slipCounts(slips)) }}</span>
      </div>
      <div v-for="s in slips.slice(0, MOST_SLIPS)" :key="s.work.taskId">
        <p>
          <strong>{{ s.work.bay }} {{ worded(s.work.name).toLowerCase() }}</strong
          >, by {{ job.time(s.work.endMs) }}.
        </p>
        <ul class="whys">
          <li v-for="(c, i) in s.causes" :key="i">
            {{ worded(SLIP_WORDS[c.kind]) }}: <SayParts :parts="c.says" />
          </li>
        </ul>
      </div>
      <p v-if="slips.length > MOST_SLIPS" class="quiet">
        And {{ slips.length - MOST_SLIPS }} bays more. <strong>Plan again</strong> takes all of it in.
      </p>
    </section>
  </div>
</template>

<style scoped>
.whys {
  padding: var(--s1) 0 var(--s1) var(--s4);
}
.changes {
  padding: var(--s2) 0;
  border-bottom: var(--stroke) solid var(--line);
}
</style>
