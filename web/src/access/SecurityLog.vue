<script setup lang="ts">
/** Who came in, who did not, and what was changed about who may do what. */
import { onMounted, ref } from 'vue';
import { get, sentenceOf } from '../app/api.ts';
import { when } from '../app/time.ts';
import { eventWords, type LoggedEvent } from './eventwords.ts';

const PAGE = 100;
const events = ref<LoggedEvent[]>([]);
const more = ref(false);
const trouble = ref('');
async function load(): Promise<void> {
  trouble.value = '';
  try {
    const last = events.value.at(-1);
    const before = last ? `&before=${last.n}` : '';
    const { body } = await get<{ events: LoggedEvent[] }>(`/security-log?limit=${PAGE}${before}`);
    events.value = [...events.value, ...body.events];
    more.value = body.events.length === PAGE;
  } catch (error) {
    trouble.value = sentenceOf(error);
  }
}
onMounted(load);
</script>

<template>
  <p class="quiet">It can be added to and not changed, newest first. Times are those of this device.</p>
  <el-table :data="events" row-key="n" size="small" max-height="420px">
    <el-table-column label="When" width="170">
      <template #default="{ row }">{{ when((row as LoggedEvent).at) }}</template>
    </el-table-column>
    <el-table-column label="What" min-width="260">
      <template #default="{ row }">{{ eventWords(row as LoggedEvent) }}</template>
    </el-table-column>
    <el-table-column label="From" width="140">
      <template #default="{ row }">{{ (row as LoggedEvent).address ?? '' }}</template>
    </el-table-column>
  </el-table>
  <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
  <el-button v-if="more" @click="load">Earlier ones</el-button>
</template>
