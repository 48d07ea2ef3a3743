<script setup lang="ts">
/** The plan that was kept beside the one that is shown, and beside the record. */
import { computed } from 'vue';
import { changesSince, slipsOf, type KeptPlan, type PlanAnswer } from '@lentum/core/planning';
import { useJob } from '../app/job.ts';
import { useKeptWorks } from '../app/keptworks.ts';
import { worded } from '../app/wording.ts';
import VerdictLine from '../shared/VerdictLine.vue';

const props = defineProps<{ answer: PlanAnswer; kept: KeptPlan; settled: boolean }>();
const job = useJob();
const changes = computed(() => (props.settled ? changesSince(props.kept, props.answer) : undefined));
/** Planned by now and not on record, with what holds the bay. */
const works = useKeptWorks();
const slips = computed(() => {
  const { work } = job.weather;
  if (!work || !job.state) return [];
  return slipsOf(works.value, job.state.calls, job.nowMs).map((s) => ({
    ...s,
    verdict: s.call && work.callVerdict(s.call, job.nowMs),
  }));
});
/** The plan that was kept first, where another was kept since. */
const first = computed(() => {
  const { baseline } = job.documents.programme.draft;
  return baseline?.finishAt !== undefined && baseline.plannedAt !== props.kept.plannedAt
    ? { plannedAt: baseline.plannedAt, finishAt: baseline.finishAt }
    : undefined;
});
const MOST_SLIPS = 6;

const DAY_MS = 86_400_000;
const days = (ms: number): string => (Math.abs(ms) / DAY_MS).toFixed(1);
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
      <details v-if="changes.moved.length > 0">
        <summary>What is moved</summary>
        <ul>
          <li v-for="m in changes.moved.slice(0, 40)" :key="m.task.id">
            {{ m.task.bay }} {{ worded(m.task.name).toLowerCase() }}: {{ job.time(m.fromMs) }} →
            {{ job.time(m.task.startMs)
            }}<template v-if="m.crewId !== answer.crews[m.task.crew]?.id"
              >, {{ answer.crews[m.task.crew]?.name }}</template
            >
          </li>
        </ul>
      </details>
    </section>
    <section v-if="slips.length > 0" aria-label="Planned by now and not on record" class="changes">
      <div class="head">
        <h2>Planned by now and not on record</h2>
        <span class="quiet end">{{ slips.length }}</span>
      </div>
      <div v-for="s in slips.slice(0, MOST_SLIPS)" :key="s.work.taskId">
        <p>
          <strong>{{ s.work.bay }} {{ worded(s.work.name).toLowerCase() }}</strong
          >, by {{ job.time(s.work.endMs) }}.
        </p>
        <VerdictLine v-if="s.verdict" :verdict="s.verdict" />
      </div>
      <p v-if="slips.length > MOST_SLIPS" class="quiet">
        And {{ slips.length - MOST_SLIPS }} bays more. <strong>Plan again</strong> takes all of it in.
      </p>
    </section>
  </div>
</template>

<style scoped>
.changes {
  padding: var(--s2) 0;
  border-bottom: var(--stroke) solid var(--line);
}
</style>
