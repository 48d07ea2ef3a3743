<script setup lang="ts">
/** A limit that was missed on a bay: what to do, step by step, what it takes, and who judged it. Doing the steps clears it. */
import { computed, ref } from 'vue';
import type { RemedyStep } from '@lentum/core/buildup';
import { sharesByArea, type BayStatus, type Miss } from '@lentum/core/record';
import { missLine, missWords } from '@lentum/core/words';
import { rightNow } from '../app/righttime.ts';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import FigureText from '../shared/FigureText.vue';
import SayParts from '../shared/SayParts.vue';
import { useSending } from './sending.ts';

const props = defineProps<{ status: BayStatus; miss: Miss }>();
const job = useJob();
const ticked = ref<number[]>([]);
const judging = ref(false);
const reason = ref('');

const bay = computed(() => props.status.bay);
const where = computed(() => ({ zoneId: bay.value.zoneId, bays: sharesByArea([bay.value]) }));
const takes = computed(() => {
  const { work } = job.weather;
  return props.status.buildUp && work
    ? work.remedyFor(
        props.status.buildUp,
        props.miss.coat,
        bay.value,
        props.miss.limit,
        job.documents.survey.content.zones.find((z) => z.id === bay.value.zoneId),
      ).takes
    : [];
});
/** With what, and how long it stands and dries. */
const asides = (s: RemedyStep): string =>
  [
    s.tool,
    s.dwellMin && `stands ${job.say(s.dwellMin.value, 'minutes')}`,
    s.dryH && `dries ${job.say(s.dryH.value, 'hours')}`,
  ]
    .filter((x) => x !== undefined && x !== '')
    .join('; ');
const left = computed(() => props.miss.steps.map((_, i) => i).filter((i) => !props.miss.done.has(i)));

const steps = useSending();
const done = (): Promise<void> =>
  steps.send(async () => {
    const sent = [...ticked.value].sort((a, b) => a - b);
    await job.tap(`${bay.value.label}: remedy`, 'remedy', where.value, {
      at: rightNow(),
      entryId: props.miss.entryId,
      limit: props.miss.limit,
      steps: sent.map((n) => ({ n, says: props.miss.steps[n]?.says ?? '' })),
    });
    // What was ticked while it was on its way stays.
    ticked.value = ticked.value.filter((n) => !sent.includes(n));
  });
const judgement = useSending(
  () => reason.value,
  () => {
    judging.value = false;
    reason.value = '';
  },
);
const judge = (what: 'accepted' | 'refused'): Promise<void> =>
  judgement.send(() =>
    job.tap(`${bay.value.label}: remedy ${what}`, 'decision', where.value, {
      at: rightNow(),
      what,
      about: { entryId: props.miss.entryId, limit: props.miss.limit },
      reason: reason.value.trim(),
    }),
  );
</script>

<template>
  <section class="miss" :aria-label="`Missed on ${bay.label}`">
    <template v-if="miss.clearedMs === undefined">
      <h3><SayParts :parts="missWords(miss)" /></h3>
      <el-checkbox-group v-model="ticked" size="large" class="steps" aria-label="Steps of the remedy">
        <template v-for="(s, i) in miss.steps" :key="i">
          <p v-if="miss.done.has(i)" class="quiet">
            ✓ {{ worded(s.says) }} {{ miss.done.get(i)?.who }},
            {{ job.time(Date.parse(miss.done.get(i)?.body.at ?? '')) }}
          </p>
          <el-checkbox v-else :value="i"
            >{{ worded(s.says) }} <span class="quiet">{{ worded(asides(s)) }}</span></el-checkbox
          >
        </template>
      </el-checkbox-group>
      <p v-if="takes.length > 0" class="quiet">
        It takes about
        <template v-for="(t, i) in takes" :key="t.name"
          >{{ i > 0 ? ', ' : '' }}<FigureText :figure="t.amount" /> of {{ t.name.toLowerCase() }}</template
        >; the data sheet decides.
      </p>
      <div class="bar">
        <el-button class="tap" :disabled="ticked.length === 0" :loading="steps.saving.value" @click="done"
          >Log what is done</el-button
        >
        <el-button v-if="ticked.length < left.length" text @click="ticked = left">All steps</el-button>
      </div>
      <p v-for="t in steps.trouble.value" :key="t" class="problem" role="alert">{{ t }}</p>
    </template>
    <template v-else>
      <p class="quiet"><SayParts :parts="missLine(miss)" /></p>
      <el-button v-if="!miss.judged && !judging" text @click="judging = true">Judge it</el-button>
      <form v-if="judging" class="judge" @submit.prevent="judge('accepted')">
        <el-input
          v-model="reason"
          size="large"
          maxlength="400"
          aria-label="What was found"
          placeholder="what was found"
        />
        <div class="bar">
          <el-button class="tap" native-type="submit" :loading="judgement.saving.value">It is good</el-button>
          <el-button
            class="tap"
            :disabled="reason.trim() === ''"
            :loading="judgement.saving.value"
            @click="judge('refused')"
            >Refuse it</el-button
          >
          <el-button class="tap" @click="judging = false">Cancel</el-button>
        </div>
        <p v-for="t in judgement.trouble.value" :key="t" class="problem" role="alert">{{ t }}</p>
      </form>
    </template>
  </section>
</template>

<style scoped>
.miss {
  border-left: 4px solid var(--amber);
  padding-left: var(--s3);
  margin: var(--s3) 0;
  display: grid;
  gap: var(--s2);
}
h3 {
  font-weight: 600;
}
.steps {
  display: grid;
}
.steps :deep(.el-checkbox) {
  height: auto;
  min-height: 40px;
  white-space: normal;
  margin-right: 0;
}
.judge {
  display: grid;
  gap: var(--s2);
}
</style>
