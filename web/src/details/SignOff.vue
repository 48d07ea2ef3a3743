<script setup lang="ts">
/** A detail is made by one person and looked at by another: both go into the record. */
import { ElMessage } from 'element-plus';
import { computed, ref } from 'vue';
import type { Detail } from '@lentum/core/details';
import type { DetailEntry } from '@lentum/core/record';
import { sentenceOf } from '../app/api.ts';
import { useJob } from '../app/job.ts';
import { usePreferences } from '../app/preferences.ts';
import { askWho } from '../site/who.ts';
import { useSigning } from './signing.ts';

const props = defineProps<{ detail: Detail }>();
const job = useJob();
const preferences = usePreferences();
const { stateOf, sign } = useSigning();
const note = ref('');
const refusing = ref(false);
const state = computed(() => stateOf(props.detail));
const words = computed(() => {
  const s = state.value;
  if (!s) return 'Not made yet.';
  return `${s.step === 'made' ? 'Made' : s.step === 'accepted' ? 'Accepted' : 'Refused'} by ${s.who}, ${job.time(Date.parse(s.at))}${s.note ? `: ${s.note}` : '.'}`;
});
async function enter(step: DetailEntry['step']): Promise<void> {
  if (!(await askWho(preferences))) return;
  try {
    await sign(props.detail, step, note.value.trim());
    note.value = '';
    refusing.value = false;
  } catch (error) {
    ElMessage({ message: sentenceOf(error), type: 'error', duration: 8000, showClose: true });
  }
}
</script>

<template>
  <div class="sign no-print">
    <p role="status">{{ words }}</p>
    <div class="bar">
      <el-button v-if="!state || state.step === 'refused'" class="tap" type="primary" @click="enter('made')"
        >It is made</el-button
      >
      <el-button v-if="state?.step === 'made'" class="tap" type="primary" @click="enter('accepted')"
        >Accept it</el-button
      >
      <el-button v-if="state && state.step !== 'refused' && !refusing" class="tap" @click="refusing = true"
        >Refuse it</el-button
      >
    </div>
    <form v-if="refusing" class="bar" @submit.prevent="enter('refused')">
      <el-input v-model="note" size="large" maxlength="400" aria-label="Why is it refused?" class="why" />
      <el-button class="tap" native-type="submit" :disabled="note.trim() === ''"
        >Refuse it, with this reason</el-button
      >
      <el-button class="tap" @click="refusing = false">Cancel</el-button>
    </form>
  </div>
</template>

<style scoped>
.why {
  max-width: 20rem;
}
.sign {
  display: grid;
  gap: var(--s2);
  padding: var(--s3) 0;
}
</style>
