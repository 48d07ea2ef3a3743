<script setup lang="ts">
/** The record that the server shows is not the one that this device holds a receipt of. */
import { useTimeoutFn } from '@vueuse/core';
import { computed, watch } from 'vue';
import { useJob } from '../app/job.ts';
import { heldReceipt, letGoOf, minded, receiptTrouble } from '../app/receipts.ts';
import { sure } from '../app/asking.ts';
import { saveFile } from '../shared/savefile.ts';

const job = useJob();
/** Once the page stands; and again some time after entries came. */
const AFTER_MS = 4000;
const { start } = useTimeoutFn(
  () => {
    // As the device has it while there is no signal it is not looked at: there is nothing new to compare.
    void minded(job.id, job.stored, job.time).catch(() => undefined);
  },
  AFTER_MS,
  { immediate: false },
);
watch(() => [job.id, job.stored.length], start, { immediate: true });
const trouble = computed(() => receiptTrouble.value[job.id]);

function save(): void {
  const receipt = heldReceipt(job.id);
  if (receipt) saveFile(JSON.stringify(receipt, null, 2), 'receipt.json', 'application/json');
}
async function forget(): Promise<void> {
  const gone =
    'The receipt is handed over as a file. On this device the record as it is now counts from then on.';
  if (!(await sure('Go on with this record?', gone, 'Save the receipt and go on', 'Not now'))) return;
  save();
  letGoOf(job.id);
}
</script>

<template>
  <section v-if="trouble" class="alarm" role="alert" aria-label="The record is another one">
    <p>
      <strong>This is not the record that this device has seen.</strong> {{ trouble }} Nothing is lost here:
      copies on devices and papers that were handed over have what is missing. Ask whoever runs the server.
    </p>
    <div class="bar">
      <el-button class="tap" @click="save">Save the receipt</el-button>
      <el-button class="tap" @click="forget">It is known, go on</el-button>
    </div>
  </section>
</template>

<style scoped>
.alarm {
  padding: var(--s3) var(--s6);
  border-left: 4px solid var(--red);
  background: var(--red-soft);
  color: var(--ink);
}
</style>
