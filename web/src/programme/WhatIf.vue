<script setup lang="ts">
/** "What if": a day lost, a crew ill, a crew more, a Saturday worked, each beside the plan without it. */
import { DateTime } from 'luxon';
import { computed, ref } from 'vue';
import { given, words, type Part, type Verdict } from '@lentum/core/figures';
import type { PlanAnswer, ProgrammeDoc } from '@lentum/core/planning';
import { useJob } from '../app/job.ts';
import PickList from '../shared/PickList.vue';
import VerdictLine from '../shared/VerdictLine.vue';
import type { Compared } from '../workers/programme.worker.ts';
import { whatIfs, type WhatIf } from './whatif.ts';

const props = defineProps<{
  answer: PlanAnswer;
  date: string;
  compare: (doc: ProgrammeDoc) => Promise<Compared | undefined>;
}>();
const job = useJob();
const asks = computed(() =>
  whatIfs(job.documents.programme.draft, props.answer, props.date, (d) =>
    DateTime.fromISO(d).toFormat('ccc d'),
  ),
);
const asked = ref('');
const busy = ref(false);
const found = ref<{ readonly ask: WhatIf; readonly compared: Compared }>();

async function ask(key: string): Promise<void> {
  asked.value = key;
  const one = asks.value.find((a) => a.key === key);
  if (!one) return;
  busy.value = true;
  try {
    const compared = await props.compare(one.doc);
    found.value = compared && { ask: one, compared };
  } finally {
    busy.value = false;
  }
}

const H_PER_MS = 1 / 3_600_000;
const later = (from: number | undefined, to: number | undefined): Part[] => {
  if (to === undefined) return ['does not end within the days looked at'];
  if (from === undefined) return words`ends ${{ atMs: to }}`;
  const hours = (to - from) * H_PER_MS;
  if (Math.abs(hours) < 0.5) return words`ends as before, ${{ atMs: to }}`;
  const by = given('difference', Math.abs(hours) / 24, 'number', 'assumed', 'days');
  return [
    ...words`ends ${{ atMs: to }}, ${{ ...by, value: Number((Math.abs(hours) / 24).toFixed(1)) }}`,
    hours > 0 ? ' days later' : ' days earlier',
  ];
};
const verdicts = computed<Verdict[]>(() => {
  if (!found.value) return [];
  const { ask: one, compared } = found.value;
  const { without, with: other } = compared;
  const crew = given(
    'difference',
    Number((other.crewHours.value - without.crewHours.value).toFixed(1)),
    'number',
    'assumed',
    'hours',
  );
  const lines: Verdict[] = [
    {
      outcome: (other.finishMs ?? Infinity) > (without.finishMs ?? Infinity) ? 'hold' : 'go',
      subject: `${one.says}:`,
      says: [
        'the work ',
        ...later(without.finishMs, other.finishMs),
        ...words`; ${crew} hours of crews more, ${given('put right', other.remedies - without.remedies, 'count', 'assumed')} works more to put right.`,
      ],
      quiet: ['Both plans are made anew with the same short search, on the forecast as it stands.'],
    },
  ];
  other.deadlines.forEach((d, i) => {
    const was = without.deadlines[i];
    const kept = d.readyMs !== undefined && d.readyMs <= d.byMs;
    const before = was?.readyMs !== undefined && was.readyMs <= d.byMs;
    if (kept === before) return;
    lines.push({
      outcome: kept ? 'go' : 'stop',
      subject: `${other.zones[d.zone]?.name ?? ''}:`,
      says: kept
        ? words`its date, ${{ atMs: d.byMs }}, is kept then.`
        : [...words`its date, ${{ atMs: d.byMs }}, is missed: it `, ...later(was?.readyMs, d.readyMs), '.'],
    });
  });
  return lines;
});
</script>

<template>
  <section aria-label="What if">
    <div class="bar">
      <h2>What if</h2>
      <PickList
        class="ask"
        own
        label="What if"
        none="a day is lost, a crew is ill …"
        :options="asks.map((a) => ({ value: a.key, label: a.says }))"
        :model-value="asked"
        @update:model-value="ask"
      />
      <span v-if="busy" class="quiet" role="status">Being planned…</span>
    </div>
    <VerdictLine v-for="v in verdicts" :key="v.subject" :verdict="v" />
  </section>
</template>

<style scoped>
.ask {
  width: 260px;
}
</style>
