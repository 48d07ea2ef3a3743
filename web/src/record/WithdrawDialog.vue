<script setup lang="ts">
import { ref } from 'vue';
import { sentenceOf } from '../app/api.ts';
import { useJob } from '../app/job.ts';
import { usePreferences } from '../app/preferences.ts';
import { askWho } from '../site/who.ts';

const props = defineProps<{ entryId: string }>();
const emit = defineEmits<{ close: [] }>();
const job = useJob();
const preferences = usePreferences();
const reason = ref('');
const trouble = ref('');

async function withdraw(): Promise<void> {
  if (!(await askWho(preferences))) return;
  try {
    await job.enter('withdrawal', { supersedes: props.entryId }, { reason: reason.value.trim() });
    emit('close');
  } catch (error) {
    trouble.value = sentenceOf(error);
  }
}
</script>

<template>
  <el-dialog :model-value="true" title="Withdraw an entry" @update:model-value="emit('close')">
    <p>The entry stays in the record, struck through, with your reason; it no longer counts.</p>
    <label for="why">Reason</label>
    <el-input id="why" v-model="reason" size="large" maxlength="2000" />
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <template #footer>
      <el-button class="tap" @click="emit('close')">Cancel</el-button>
      <el-button class="tap" type="primary" :disabled="reason.trim() === ''" @click="withdraw"
        >Withdraw</el-button
      >
    </template>
  </el-dialog>
</template>

<style scoped>
label {
  display: block;
  font-weight: 600;
  margin-top: var(--s3);
}
.wrong {
  color: var(--red);
}
</style>
