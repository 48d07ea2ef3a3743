<script setup lang="ts">
/** How the server does: who is at work, what waits or failed, how much is kept. For whoever looks after it. */
import { useIntervalFn } from '@vueuse/core';
import { onMounted, ref } from 'vue';
import { call, get, sentenceOf } from '../app/api.ts';
import { may } from '../app/session.ts';
import { when } from '../app/time.ts';
import {
  bytesWords,
  kindWords,
  serverWords,
  taskWords,
  type ServerProcess,
  type ServerState,
  type ServerTask,
} from './serverwords.ts';
import { useAttempt } from '../shared/attempt.ts';

/** As often as this it is looked again. */
const AGAIN_MS = 5000;
const state = ref<ServerState>();
const { trouble, attempt } = useAttempt();
const look = async (): Promise<void> => {
  state.value = (await get<ServerState>('/server')).body;
};
/** What went wrong stays to be read until a look goes well. */
const lookAgain = (): Promise<void> =>
  look().then(
    () => void (trouble.value = ''),
    (error: unknown) => void (trouble.value = sentenceOf(error)),
  );
const here = may('look after server');
onMounted(() => {
  if (here) void lookAgain();
});
useIntervalFn(() => {
  if (here && !document.hidden) void lookAgain();
}, AGAIN_MS);
const act = (task: ServerTask, what: 'again' | 'cancel'): Promise<void> =>
  attempt(async () => {
    await call('POST', `/tasks/${task.id}/${what}`);
    await look();
  });
</script>

<template>
  <main class="page">
    <div class="head"><h1>Server</h1></div>
    <p v-if="!here">Only an owner sees how the server does.</p>
    <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
    <template v-if="state">
      <dl class="pairs">
        <template v-if="state.databaseBytes !== null">
          <dt>Database</dt>
          <dd>{{ bytesWords(state.databaseBytes) }}</dd>
        </template>
        <dt>Jobs</dt>
        <dd>{{ state.jobs }}</dd>
        <dt>Entries on record</dt>
        <dd>{{ state.entries }}</dd>
        <dt>A record was last signed</dt>
        <dd>{{ state.signedAt === null ? 'not yet' : when(state.signedAt) }}</dd>
      </dl>
      <section v-if="state.servers" aria-labelledby="servers">
        <h2 id="servers">At work on this database</h2>
        <el-table :data="[...state.servers]" row-key="pid" empty-text="No server says that it is there.">
          <el-table-column label="Machine" min-width="140">
            <template #default="{ row }">{{ row.host }}, process {{ row.pid }}</template>
          </el-table-column>
          <el-table-column label="How it stands" min-width="220">
            <template #default="{ row }">{{ serverWords(row as ServerProcess, when) }}</template>
          </el-table-column>
          <el-table-column label="Since" min-width="150">
            <template #default="{ row }">{{ when(row.begunAt) }}</template>
          </el-table-column>
          <el-table-column label="Streams" align="right" width="90" prop="streams" />
          <el-table-column label="Tasks" align="right" width="80" prop="tasks" />
        </el-table>
      </section>
      <section aria-labelledby="tasks">
        <h2 id="tasks">What takes long</h2>
        <p class="quiet">
          Papers and files that are made apart. What is done is not listed; all go after a day.
        </p>
        <el-table :data="[...state.tasks]" row-key="id" empty-text="Nothing waits, and nothing failed.">
          <el-table-column label="What" min-width="160">
            <template #default="{ row }">
              {{ kindWords(row.kind) }}<span v-if="row.job" class="quiet"> · {{ row.job }}</span>
            </template>
          </el-table-column>
          <el-table-column label="How it stands" min-width="260">
            <template #default="{ row }">{{ taskWords(row as ServerTask) }}</template>
          </el-table-column>
          <el-table-column label="Asked for" min-width="150">
            <template #default="{ row }">{{ when(row.askedAt) }}</template>
          </el-table-column>
          <el-table-column label="What to do" width="140">
            <template #default="{ row }">
              <el-button
                v-if="row.state === 'failed'"
                size="small"
                :aria-label="`Try again: ${kindWords(row.kind)}`"
                @click="act(row as ServerTask, 'again')"
                >Try again</el-button
              >
              <el-button
                v-else
                size="small"
                :aria-label="`Take it back: ${kindWords(row.kind)}`"
                @click="act(row as ServerTask, 'cancel')"
                >Take it back</el-button
              >
            </template>
          </el-table-column>
        </el-table>
      </section>
    </template>
  </main>
</template>

<style scoped>
.pairs {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: var(--s1) var(--s4);
  margin: var(--s3) 0 0;
}
dt {
  color: var(--ink-2);
}
dd {
  margin: 0;
}
section {
  margin-top: var(--s6);
}
h2 {
  margin-bottom: var(--s2);
}
</style>
