<script setup lang="ts">
/** "What if": a day lost, a crew ill, a crew more, a Saturday worked, each beside the plan without it. */
import { DateTime } from 'luxon';
import { computed, ref } from 'vue';
import { given, words, type Part, type Verdict } from '@lentum/core/figures';
import type { OrderDoc } from '@lentum/core/order';
import type { PlanAnswer, ProgrammeDoc } from '@lentum/core/planning';
import { useJob } from '../app/job.ts';
import PickList from '../shared/PickList.vue';
import VerdictLine from '../shared/VerdictLine.vue';
import type { Compared } from '../workers/programme.worker.ts';
import { whatIfs, type WhatIf } from './whatif.ts';

const props = defineProps<{
  answer: PlanAnswer;
  date: string;
  compare: (doc: ProgrammeDoc, deliveries?: OrderDoc['deliveries']) => Promise<Compared | undefined>;
}>();
const job = useJob();
const asks = computed(() =>
  whatIfs(
    job.documents.programme.draft,
    props.answer,
    props.date,
    (d) => DateTime.fromISO(d).toFormat('ccc d'),
    job.documents.order.draft.deliveries,
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
    const compared = await props.compare(one.doc, one.deliveries);
    found.value = compared && { ask: one, compared };
  } finally {
    busy.value = false;
  }
}

const MS_PER_DAY = 86_400_000;
const LEAST_DAYS = 0.05;
const later = (from: number | undefined, to: number | undefined): Part[] => {
  if (to === undefined) return ['does not end within the days looked at'];
  if (from === undefined) return words`ends ${{ atMs: to }}`;
  const days = (to - from) / MS_PER_DAY;
  if (Math.abs(days) < LEAST_DAYS) return words`ends as before, ${{ atMs: to }}`;
  return [
    ...words`ends ${{ atMs: to }}, `,
    `${Math.abs(days).toFixed(1)} days ${days > 0 ? 'later' : 'earlier'}`,
  ];
};
/** "4.0 h of persons more", "2 works fewer to put right". */
function differences(more: number, remedies: number): Part[] {
  const hours = given('difference', Math.abs(more), 'hours', 'assumed', 'hours of persons at work');
  const works = `${Math.abs(remedies)} ${Math.abs(remedies) === 1 ? 'work' : 'works'}`;
  return [
    ...words`; ${hours} of persons `,
    more < 0 ? 'fewer' : 'more',
    remedies === 0 ? '' : `, ${works} ${remedies < 0 ? 'fewer' : 'more'} to put right`,
    '.',
  ];
}
const verdicts = computed<Verdict[]>(() => {
  if (!found.value) return [];
  const { ask: one, compared } = found.value;
  const { without, with: other } = compared;
  const lines: Verdict[] = [
    {
      outcome: (other.finishMs ?? Infinity) > (without.finishMs ?? Infinity) ? 'hold' : 'go',
      subject: `${one.says}:`,
      says: [
        'the work ',
        ...later(without.finishMs, other.finishMs),
        ...differences(
          other.personHours.value - without.personHours.value,
          other.remedies - without.remedies,
        ),
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
