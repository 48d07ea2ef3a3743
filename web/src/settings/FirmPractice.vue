<script setup lang="ts">
/** The firm's own numbers of practice: new jobs begin with them and keep them as they were then. */
import { computed, onMounted, ref } from 'vue';
import { practiceSettingsSchema, type PracticeSettings } from '@lentum/core/practice';
import { check, sentence } from '@lentum/core/problems';
import { call, get, sentenceOf } from '../app/api.ts';
import PracticeTable from '../shared/PracticeTable.vue';
import { practiceRows, settingsOf, unsourced, type PracticeRow } from '../shared/practicerows.ts';

interface Answer {
  readonly version: number;
  readonly settings: PracticeSettings;
}
const rows = ref<PracticeRow[]>();
const version = ref(0);
const kept = ref('[]');
const trouble = ref('');
const saved = ref(false);
const tried = ref(false);
const settings = computed(() => settingsOf(rows.value ?? []));
const changed = computed(() => JSON.stringify(settings.value) !== kept.value);
const problems = computed(() => {
  const missing = unsourced(rows.value ?? []);
  if (missing.length > 0) return missing;
  const read = check(practiceSettingsSchema, settings.value, 'The firm’s numbers');
  return read.ok ? [] : read.problems.map(sentence);
});

function take(answer: Answer): void {
  version.value = answer.version;
  rows.value = practiceRows(answer.settings);
  kept.value = JSON.stringify(settings.value);
}
async function load(): Promise<void> {
  trouble.value = '';
  try {
    take((await get<Answer>('/firm/practice')).body);
  } catch (error) {
    trouble.value = sentenceOf(error);
  }
}
async function save(): Promise<void> {
  tried.value = true;
  saved.value = false;
  if (problems.value.length > 0) return;
  trouble.value = '';
  try {
    take(
      (await call<Answer>('PUT', '/firm/practice', { body: settings.value, ifMatch: version.value })).body,
    );
    saved.value = true;
    tried.value = false;
  } catch (error) {
    trouble.value = sentenceOf(error);
  }
}
onMounted(load);
</script>

<template>
  <section aria-labelledby="practice">
    <h2 id="practice">The firm’s numbers of practice</h2>
    <p class="quiet">
      What no data sheet gives. New jobs begin with the firm’s numbers and keep them; a job sets its own over
      them, and a layer’s data sheet takes precedence over both.
    </p>
    <PracticeTable v-if="rows" :rows="rows" whose="The firm" max-height="420px" />
    <template v-if="tried">
      <p v-for="p in problems" :key="p" class="problem" role="alert">{{ p }}</p>
    </template>
    <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
    <div class="bar">
      <el-button v-if="rows" type="primary" :disabled="!changed" @click="save"
        >Save the firm’s numbers</el-button
      >
      <el-button v-else-if="trouble" @click="load">Try again</el-button>
      <span v-if="saved && !changed" class="quiet" role="status">Saved.</span>
    </div>
  </section>
</template>

<style scoped>
section {
  padding: var(--s4) 0;
  border-bottom: var(--stroke) solid var(--line);
}
.bar {
  margin-top: var(--s3);
}
</style>
