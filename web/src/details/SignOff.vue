<script setup lang="ts">
/** A detail is made by one person and looked at by another: both go into the record. */
import { computed, ref } from 'vue';
import type { Detail } from '@lentum/core/details';
import type { DetailEntry, EntryOf } from '@lentum/core/record';
import { useJob } from '../app/job.ts';
import PhotoPicker from '../shared/pictures/PhotoPicker.vue';
import { usePictures } from '../shared/pictures/pictures.ts';
import { useSending, useTapping } from '../site/sending.ts';
import { useSigning } from './signing.ts';
import { whyNotEnter } from '../app/session.ts';

const props = defineProps<{ detail: Detail }>();
const job = useJob();
const { stateOf, sign } = useSigning();
const note = ref('');
const refusing = ref(false);
const state = computed(() => stateOf(props.detail));
const words = computed(() => {
  const s = state.value;
  if (!s) return 'Not made yet.';
  return `${s.step === 'made' ? 'Made' : s.step === 'accepted' ? 'Accepted' : 'Refused'} by ${s.who}, ${job.time(Date.parse(s.at))}${s.note ? `: ${s.note}` : '.'}`;
});
const { photos, marks, attached } = usePictures();
function empty(): void {
  photos.value = [];
  marks.value = [];
}
const mayStep = (step: DetailEntry['step']): boolean =>
  whyNotEnter({ kind: 'detail', body: { step } as EntryOf<'detail'>['body'] }, job.id) === undefined;
const mayAny = computed(() => mayStep('made') || mayStep('accepted'));
const tapping = useTapping();
const enter = (step: DetailEntry['step']): Promise<void> =>
  tapping(async () => {
    await sign(props.detail, step, '', attached());
    empty();
  });
const { saving, trouble, send } = useSending(
  () => note.value,
  () => {
    note.value = '';
    refusing.value = false;
    empty();
  },
);
const refuse = (): Promise<void> => send(() => sign(props.detail, 'refused', note.value.trim(), attached()));
</script>

<template>
  <div class="sign no-print">
    <p role="status">{{ words }}</p>
    <PhotoPicker v-if="mayAny" v-model="photos" v-model:marks="marks" :at-ms="undefined" />
    <div v-if="mayAny" class="bar">
      <el-button
        v-if="(!state || state.step === 'refused') && mayStep('made')"
        class="tap"
        type="primary"
        @click="enter('made')"
        >It is made</el-button
      >
      <el-button
        v-if="state?.step === 'made' && mayStep('accepted')"
        class="tap"
        type="primary"
        @click="enter('accepted')"
        >Accept it</el-button
      >
      <el-button
        v-if="state && state.step !== 'refused' && !refusing && mayStep('refused')"
        class="tap"
        @click="refusing = true"
        >Refuse it</el-button
      >
    </div>
    <form v-if="refusing" class="bar" @submit.prevent="refuse">
      <el-input v-model="note" size="large" maxlength="400" aria-label="Why is it refused?" class="why" />
      <el-button class="tap" native-type="submit" :loading="saving" :disabled="note.trim() === ''"
        >Refuse it, with this reason</el-button
      >
      <el-button class="tap" @click="refusing = false">Cancel</el-button>
      <p v-for="t in trouble" :key="t" class="problem" role="alert">{{ t }}</p>
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
