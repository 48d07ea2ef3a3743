<script setup lang="ts">
/** A limit that was missed on a bay: what to do, step by step, what it takes, and who judged it. Doing the steps clears it. */
import { ElMessage } from 'element-plus';
import { computed, ref } from 'vue';
import type { RemedyStep } from '@lentum/core/buildup';
import { sharesByArea, type BayStatus, type Miss } from '@lentum/core/record';
import { missLine, missWords } from '@lentum/core/words';
import { sentenceOf } from '../app/api.ts';
import { useJob } from '../app/job.ts';
import { usePreferences } from '../app/preferences.ts';
import FigureText from '../shared/FigureText.vue';
import SayParts from '../shared/SayParts.vue';
import { askWho } from './who.ts';

const props = defineProps<{ status: BayStatus; miss: Miss }>();
const job = useJob();
const preferences = usePreferences();
const ticked = ref<number[]>([]);
const judging = ref(false);
const reason = ref('');
const saving = ref(false);

const bay = computed(() => props.status.bay);
const where = computed(() => ({ zoneId: bay.value.zoneId, bays: sharesByArea([bay.value]) }));
const takes = computed(() => {
  const { work } = job.weather;
  return props.status.buildUp && work
    ? work.remedyFor(props.status.buildUp, props.miss.coat, bay.value, props.miss.limit).takes
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

async function enter(work: () => Promise<unknown>): Promise<void> {
  if (!(await askWho(preferences))) return;
  saving.value = true;
  try {
    await work();
  } catch (error) {
    ElMessage({ message: sentenceOf(error), type: 'error', duration: 8000, showClose: true });
  } finally {
    saving.value = false;
  }
}
const done = (): Promise<void> =>
  enter(async () => {
    const sent = [...ticked.value].sort((a, b) => a - b);
    await job.tap(`${bay.value.label}: remedy`, 'remedy', where.value, {
      at: new Date().toISOString(),
      entryId: props.miss.entryId,
      limit: props.miss.limit,
      steps: sent.map((n) => ({ n, says: props.miss.steps[n]?.says ?? '' })),
    });
    // What was ticked while it was on its way stays.
    ticked.value = ticked.value.filter((n) => !sent.includes(n));
  });
const judge = (what: 'accepted' | 'refused'): Promise<void> =>
  enter(async () => {
    await job.tap(`${bay.value.label}: remedy ${what}`, 'decision', where.value, {
      at: new Date().toISOString(),
      what,
      about: { entryId: props.miss.entryId, limit: props.miss.limit },
      reason: reason.value.trim(),
    });
    judging.value = false;
    reason.value = '';
  });
</script>

<template>
  <section class="miss" :aria-label="`Missed on ${bay.label}`">
    <template v-if="miss.clearedMs === undefined">
      <h3><SayParts :parts="missWords(miss)" /></h3>
      <el-checkbox-group v-model="ticked" size="large" class="steps" aria-label="Steps of the remedy">
        <template v-for="(s, i) in miss.steps" :key="i">
          <p v-if="miss.done.has(i)" class="quiet">
            ✓ {{ s.says }} {{ miss.done.get(i)?.who }},
            {{ job.time(Date.parse(miss.done.get(i)?.body.at ?? '')) }}
          </p>
          <el-checkbox v-else :value="i"
            >{{ s.says }} <span class="quiet">{{ asides(s) }}</span></el-checkbox
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
        <el-button class="tap" :disabled="ticked.length === 0" :loading="saving" @click="done"
          >Log what is done</el-button
        >
        <el-button v-if="ticked.length < left.length" text @click="ticked = left">All steps</el-button>
      </div>
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
          <el-button class="tap" native-type="submit" :loading="saving">It is good</el-button>
          <el-button class="tap" :disabled="reason.trim() === ''" :loading="saving" @click="judge('refused')"
            >Refuse it</el-button
          >
          <el-button class="tap" @click="judging = false">Cancel</el-button>
        </div>
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
