<script setup lang="ts">
/** The papers of a roof: made by the server while the page goes on, looked at, or taken along as open files. */
import { ref, watch } from 'vue';
import type { Printout } from '@lentum/core/printout';
import { call, get, sentenceOf } from '../app/api.ts';
import { useJob } from '../app/job.ts';
import PrintDialog from '../shared/printout/PrintDialog.vue';
import { offerPrintout } from '../shared/printout/printlayer.ts';
import { useSheet } from '../shared/printout/sheetchoice.ts';
import { fetchTaskFile, useTask } from '../shared/tasks/task.ts';
import TaskLine from '../shared/tasks/TaskLine.vue';

const props = defineProps<{ zoneId: string; isWhole: boolean }>();
const job = useJob();
const sheet = useSheet();
const printout = ref<Printout>();
const looking = ref(false);
const trouble = ref('');
const making = ref<'pdf' | 'zip'>('pdf');
const task = useTask(fetchTaskFile);
const { busy, told, trouble: failed } = task;
watch(
  () => props.zoneId,
  () => {
    trouble.value = '';
    printout.value = undefined;
  },
);
offerPrintout(
  () => printout.value,
  () => sheet.value,
);
function make(what: 'pdf' | 'zip'): Promise<void> {
  making.value = what;
  return task.begin(async () => {
    const { size, landscape } = sheet.value;
    const body = { make: what, zone: props.zoneId, size, landscape: String(landscape) };
    return (await call<{ task: string }>('POST', `/jobs/${job.id}/handover/tasks`, { body })).body.task;
  });
}
async function look(): Promise<void> {
  looking.value = true;
  trouble.value = '';
  try {
    const zone = encodeURIComponent(props.zoneId);
    printout.value = (await get<Printout>(`/jobs/${job.id}/handover?zone=${zone}`)).body;
  } catch (error) {
    trouble.value = sentenceOf(error);
  }
  looking.value = false;
}
</script>

<template>
  <h2>Handover of this roof</h2>
  <p>
    Plan with bays, build-up, each coat with its film and batches, what was missed and mended, details,
    readings of the weather, pictures, and every entry with what was corrected.
    <template v-if="!isWhole">While something is not proven, each page says that it is a draft.</template>
  </p>
  <div class="bar buttons">
    <el-button type="primary" :loading="busy && making === 'pdf'" :disabled="busy" @click="make('pdf')"
      >PDF of this roof</el-button
    >
    <el-button :loading="looking" @click="look">Look and print</el-button>
    <el-button :loading="busy && making === 'zip'" :disabled="busy" @click="make('zip')">All files</el-button>
  </div>
  <TaskLine
    :told="told"
    :busy="busy"
    :trouble="failed"
    :what="making === 'pdf' ? 'PDF of this roof' : 'All files of this roof'"
    @cancel="task.cancel()"
    @again="task.again()"
  />
  <p v-if="trouble" role="alert" class="trouble">{{ trouble }}</p>
  <PrintDialog v-if="printout" :printout="printout" @close="printout = undefined" />
</template>

<style scoped>
h2 {
  font-size: var(--t-m);
}
p,
.buttons {
  margin-bottom: var(--s3);
}
.trouble {
  color: var(--red);
}
</style>
