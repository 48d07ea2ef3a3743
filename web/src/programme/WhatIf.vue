<script setup lang="ts">
/** "What if": a day lost, a crew ill, a crew more, a Saturday worked, each beside the plan without it. */
import { DateTime } from 'luxon';
import { computed, ref } from 'vue';
import type { Verdict } from '@lentum/core/figures';
import type { OrderDoc } from '@lentum/core/order';
import { offerOf, type PlanAnswer, type ProgrammeDoc } from '@lentum/core/planning';
import { comparedVerdicts, type Costed } from '@lentum/core/words';
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

/** Both plans at what people entered; the material is the same. */
const costed = (plan: PlanAnswer): Costed => ({
  plan,
  cost:
    job.isCounted && job.seesPrices
      ? offerOf(plan, job.documents.programme.draft, job.takenOff.groups).total.value
      : undefined,
});
const verdicts = computed<Verdict[]>(() => {
  if (!found.value) return [];
  const { ask: one, compared } = found.value;
  return comparedVerdicts(one.says, costed(compared.without), costed(compared.with));
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
