<script setup lang="ts">
import { ref } from 'vue';
import { useJob } from '../app/job.ts';
import { useSending } from '../site/sending.ts';

const props = defineProps<{ entryId: string }>();
const emit = defineEmits<{ close: [] }>();
const job = useJob();
const reason = ref('');

const { saving, trouble, send } = useSending(
  () => reason.value,
  () => emit('close'),
);
const withdraw = (): Promise<void> =>
  send(() => job.enter('withdrawal', { supersedes: props.entryId }, { reason: reason.value.trim() }));
</script>

<template>
  <el-dialog :model-value="true" title="Withdraw an entry" @update:model-value="emit('close')">
    <p>The entry stays in the record, struck through, with your reason; it no longer counts.</p>
    <label for="why">Reason</label>
    <el-input id="why" v-model="reason" size="large" maxlength="2000" />
    <p v-for="t in trouble" :key="t" class="problem" role="alert">{{ t }}</p>
    <template #footer>
      <el-button class="tap" @click="emit('close')">Cancel</el-button>
      <el-button
        class="tap"
        type="primary"
        :loading="saving"
        :disabled="reason.trim() === ''"
        @click="withdraw"
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
