<script setup lang="ts">
/** Entries that waited for a signal and were then not accepted: none is lost, somebody decides about each. */
import { computed } from 'vue';
import type { SetAside, Waiting } from '../app/outbox.ts';
import { dropFile, fileHere, useWaitingFiles, type WaitingFile } from '../app/files.ts';
import { useJob } from '../app/job.ts';
import { useUnread } from '../app/device/unread.ts';
import { useEntryWords } from '../record/entrywords.ts';
import { readEntry } from '@lentum/core/record';
import { sure } from '../app/asking.ts';
import { saveFile } from '../shared/savefile.ts';

const job = useJob();
const { lineOf: words } = useEntryWords();

/** Nobody enters in another’s name: they wait for whoever made them. */
const ofOthers = computed(() => {
  const made = job.outbox.ofOthers.map((w) => readEntry(w.entry, job.names).who);
  const names = [...new Set(made)].join(', ');
  return `${made.length === 1 ? 'An entry waits' : `${made.length} entries wait`} here that ${names} made. ${made.length === 1 ? 'It goes' : 'They go'} out when ${names} ${new Set(made).size === 1 ? 'signs' : 'sign'} in on this device.`;
});
const keep = ({ entry }: Waiting): void =>
  saveFile(JSON.stringify(entry, null, 2), `entry-${entry.madeAt.slice(0, 10)}.json`, 'application/json');

async function discard({ entry }: SetAside): Promise<void> {
  const gone = `${words(entry)}. It is then nowhere any more.`;
  if (await sure('Discard this entry?', gone, 'Discard', 'Keep it')) await job.outbox.drop(entry.id);
}

const files = useWaitingFiles();
async function saveRefused({ path }: WaitingFile): Promise<void> {
  const here = await fileHere(path);
  if (here) saveFile(here, path.split('/').at(-1) ?? 'file', here.type);
}
async function discardFile({ path }: WaitingFile): Promise<void> {
  const gone = 'On this device it is then nowhere any more.';
  if (await sure('Discard this file?', gone, 'Discard', 'Keep it')) await dropFile(path);
}

const { unread, letGo } = useUnread();
async function forget(): Promise<void> {
  saveFile(unread.value.join('\n'), 'entries-not-read.txt', 'text/plain');
  const gone = 'They were handed over as a file. On this device they are then nowhere any more.';
  if (await sure('Take them off this device?', gone, 'Take them off', 'Keep them')) letGo();
}
</script>

<template>
  <section
    v-if="unread.length > 0"
    class="aside no-print"
    role="alert"
    aria-label="Entries that cannot be read"
  >
    <p>
      <strong
        >Some of what waited on this device cannot be read. It is kept as it was, and holds up
        nothing.</strong
      >
    </p>
    <el-button class="tap" @click="forget">Save it as a file</el-button>
  </section>
  <section
    v-if="files.aside.value.length > 0"
    class="aside no-print"
    role="alert"
    aria-label="Files that were not accepted"
  >
    <strong>Pictures or papers that were not accepted. Kept on this device.</strong>
    <ul>
      <li v-for="f in files.aside.value" :key="f.path">
        <p>
          <strong>{{ job.time(f.atMs) }}</strong> <span class="why">{{ f.why }}</span>
        </p>
        <div class="bar">
          <el-button class="tap" @click="saveRefused(f)">Save as a file</el-button>
          <el-button class="tap" @click="discardFile(f)">Discard</el-button>
        </div>
      </li>
    </ul>
  </section>
  <section
    v-if="job.outbox.ofOthers.length > 0"
    class="aside no-print"
    role="status"
    aria-label="Entries of somebody else"
  >
    <strong>{{ ofOthers }}</strong>
    <ul>
      <li v-for="w in job.outbox.ofOthers" :key="w.entry.id">
        <p>
          <strong>{{ job.time(Date.parse(readEntry(w.entry, job.names).madeAt)) }}</strong>
          {{ words(w.entry) }}.
        </p>
        <div class="bar">
          <el-button class="tap" @click="keep(w)">Save as a file</el-button>
        </div>
      </li>
    </ul>
  </section>
  <section
    v-if="job.outbox.aside.length > 0"
    class="aside no-print"
    role="alert"
    aria-label="Entries that were not accepted"
  >
    <strong>Made without a signal, and not accepted since. Kept on this device.</strong>
    <ul>
      <li v-for="a in job.outbox.aside" :key="a.entry.id">
        <p>
          <strong>{{ job.time(Date.parse(readEntry(a.entry, job.names).madeAt)) }}</strong>
          {{ words(a.entry) }}.
          <span class="why">{{ a.why }}</span>
        </p>
        <div class="bar">
          <el-button class="tap" @click="job.outbox.again(a)">Send it again</el-button>
          <el-button class="tap" @click="keep(a)">Save as a file</el-button>
          <el-button class="tap" @click="discard(a)">Discard</el-button>
        </div>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.aside {
  padding: var(--s3) var(--s6);
  border-left: 4px solid var(--red);
  background: var(--sheet);
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  padding: var(--s2) 0;
}
p {
  margin: 0 0 var(--s2);
}
.why {
  color: var(--red);
}
@media (max-width: 820px) {
  .aside {
    padding: var(--s3) var(--s4);
  }
  .tap {
    min-height: var(--tap);
  }
}
</style>
