<script setup lang="ts">
/** Where a batch is, over all jobs: bays and dates, and what may be the same batch written wrong. */
import { ref } from 'vue';
import { bayRunsInOrder } from '@lentum/core/words';
import { DateTime } from 'luxon';
import { dayText } from '../app/time.ts';
import { get, sentenceOf } from '../app/api.ts';
import { saveCsvFile } from '../shared/csv.ts';

interface Use {
  readonly jobId: string;
  readonly job: string;
  readonly seq: number;
  readonly entryId: string;
  readonly kind: string;
  readonly at: string;
  readonly who: string;
  readonly zoneId?: string;
  readonly zone: string;
  readonly bays: readonly string[];
  readonly says: string;
}
interface Found {
  readonly written: readonly string[];
  readonly like: readonly string[];
  readonly uses: readonly Use[];
  readonly more: boolean;
}

const open = defineModel<boolean>({ required: true });
const batch = ref('');
const asked = ref('');
const found = ref<Found>();
const busy = ref(false);
const trouble = ref('');

async function look(text = batch.value.trim()): Promise<void> {
  if (text === '') return;
  batch.value = text;
  busy.value = true;
  trouble.value = '';
  try {
    const { body } = await get<Found>(`/batches?batch=${encodeURIComponent(text)}`);
    found.value = body;
    asked.value = text;
  } catch (error) {
    found.value = undefined;
    trouble.value = sentenceOf(error);
  } finally {
    busy.value = false;
  }
}
const when = (iso: string): string => dayText(DateTime.fromISO(iso), 'short');
const csv = (): void =>
  saveCsvFile(
    [
      ['job', 'zone', 'bays', 'at', 'who', 'entry', 'says'],
      ...(found.value?.uses ?? []).map((u) => [u.job, u.zone, u.bays.join(' '), u.at, u.who, u.seq, u.says]),
    ],
    `batch ${asked.value}.csv`,
  );
</script>

<template>
  <el-dialog v-model="open" title="Where a batch is" width="min(980px, 96vw)">
    <form class="bar" @submit.prevent="look()">
      <el-input
        v-model="batch"
        class="batch"
        maxlength="60"
        aria-label="Batch"
        placeholder="as on the label"
      />
      <el-button type="primary" native-type="submit" :loading="busy">Look</el-button>
      <el-button v-if="found && found.uses.length > 0" @click="csv">CSV</el-button>
    </form>
    <p v-if="trouble" role="alert" class="problem">{{ trouble }}</p>
    <template v-if="found">
      <p role="status">
        <template v-if="found.uses.length === 0"
          >No entry in force of any job here names batch {{ asked }}. What was laid and not entered is not
          known.</template
        >
        <template v-else
          >{{ found.uses.length }} {{ found.uses.length === 1 ? 'entry names' : 'entries name' }} it{{
            found.more ? ', and more than are shown' : ''
          }}.</template
        >
      </p>
      <p v-if="found.like.length > 0">
        Written nearly like it, perhaps the same:
        <el-button v-for="l in found.like" :key="l" text size="small" @click="look(l)">{{ l }}</el-button>
      </p>
      <div v-if="found.uses.length > 0" class="scroll-x">
        <table class="dense">
          <thead>
            <tr>
              <th scope="col">Job</th>
              <th scope="col">Where</th>
              <th scope="col">When</th>
              <th scope="col">Who</th>
              <th scope="col">What</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="u in found.uses" :key="`${u.jobId}/${u.entryId}`">
              <td>
                <RouterLink
                  :to="{
                    name: 'record',
                    params: { jobId: u.jobId },
                    query: { zone: u.zoneId, entry: u.entryId },
                  }"
                  >{{ u.job }}</RouterLink
                >
              </td>
              <td>{{ [u.zone, bayRunsInOrder(u.bays)].filter(Boolean).join(', ') }}</td>
              <td class="when">{{ when(u.at) }}</td>
              <td>{{ u.who }}</td>
              <td>{{ u.says }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </template>
  </el-dialog>
</template>

<style scoped>
.batch {
  max-width: 260px;
}
.when {
  white-space: nowrap;
}
p {
  margin: var(--s3) 0;
}
</style>
