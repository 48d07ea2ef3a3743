<script setup lang="ts">
import { ElMessage } from 'element-plus';
import { watchDebounced } from '@vueuse/core';
import { DateTime } from 'luxon';
import { clockWords, dayText } from '../app/time.ts';
import { computed, defineAsyncComponent, onMounted, ref } from 'vue';
import { useRouter } from 'vue-router';
import type { JobHead } from '@lentum/core/job';
import { api, call, get, sentenceOf } from '../app/api.ts';
import { may } from '../app/session.ts';
import TaskLine from '../shared/tasks/TaskLine.vue';
import { useBringing } from './bringing.ts';
import JobDialog from './JobDialog.vue';
import JobMorning from './JobMorning.vue';
import { inMorningOrder, useMornings } from './mornings.ts';

/** It takes the core, which the list of jobs does without. */
const JobStandingLine = defineAsyncComponent(() => import('./JobStandingLine.vue'));
const RecallDialog = defineAsyncComponent(() => import('./RecallDialog.vue'));

interface Row {
  readonly id: string;
  readonly createdAt: string;
  readonly archived: boolean;
  readonly job: JobHead;
  readonly entries: number;
  readonly handedOver: boolean;
}

const router = useRouter();
const rows = ref<Row[]>();
const next = ref<string>();
const showArchived = ref(false);
const starting = ref(false);
const recalling = ref(false);
const trouble = ref('');
const picker = ref<HTMLInputElement>();
const importing = ref(false);

/** Jobs that sleep stand below those that do not; these in order of what missing them costs. */
const asleep = ref<ReadonlySet<string>>(new Set());
const { told, settled } = useMornings(
  computed(() => (rows.value ?? []).filter((r) => !r.archived).map((r) => r.id)),
);
const ordered = computed(() => {
  const all = inMorningOrder(rows.value ?? [], settled.value);
  return [...all.filter((r) => !asleep.value.has(r.id)), ...all.filter((r) => asleep.value.has(r.id))];
});
const listed = computed(() => ordered.value.map((row) => ({ row, morning: told.value.get(row.id) })));
/** Jobs of one name and place are told apart by their number, in the order in which they were started. */
const copies = computed(() => {
  const groups = new Map<string, Row[]>();
  for (const row of rows.value ?? []) {
    const key = `${row.job.name}/${row.job.place}`;
    groups.set(key, [...(groups.get(key) ?? []), row]);
  }
  return new Map(
    [...groups.values()].flatMap((list) =>
      list.length < 2
        ? []
        : list.reverse().map((row, i) => [row.id, `${i + 1} of ${list.length} of this name`] as const),
    ),
  );
});
const sought = ref('');
watchDebounced(sought, () => load(), { debounce: 250 });

async function load(more = false): Promise<void> {
  trouble.value = '';
  try {
    const after = more && next.value ? `&after=${encodeURIComponent(next.value)}` : '';
    const asked = sought.value.trim();
    const { body } = await get<{ jobs: Row[]; next?: string }>(
      `/jobs?archived=${showArchived.value}${after}&q=${encodeURIComponent(asked)}`,
    );
    // Something else was asked for since.
    if (asked !== sought.value.trim()) return;
    rows.value = more ? [...(rows.value ?? []), ...body.jobs] : body.jobs;
    next.value = body.next;
  } catch (error) {
    trouble.value = sentenceOf(error);
  }
}
onMounted(load);

const open = (id: string, stage = 'survey'): void => void router.push({ name: stage, params: { jobId: id } });

async function attempt(work: () => Promise<void>): Promise<void> {
  trouble.value = '';
  try {
    await work();
  } catch (error) {
    trouble.value = sentenceOf(error);
  }
}

const start = (head: JobHead): Promise<void> =>
  attempt(async () => {
    const id = crypto.randomUUID();
    await call('PUT', `/jobs/${id}`, { body: head });
    starting.value = false;
    open(id);
  });

const restartDemo = (): Promise<void> =>
  attempt(async () => {
    const id = crypto.randomUUID();
    await api.PUT('/demo/{jobId}', { params: { path: { jobId: id } } });
    open(id, 'site');
  });

const archive = (row: Row, archived: boolean): Promise<void> =>
  attempt(async () => {
    await api.PUT('/jobs/{jobId}/archived', { params: { path: { jobId: row.id } }, body: { archived } });
    await load();
    ElMessage({
      message: archived
        ? `${row.job.name} is put away; “Put away” brings it back.`
        : `${row.job.name} is back.`,
    });
  });

const { task, bring } = useBringing(open);
const { busy: storing, told: stored, trouble: notStored } = task;

async function importFile(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = '';
  if (!file) return;
  importing.value = true;
  await attempt(() => bring(file));
  importing.value = false;
}

const when = (iso: string): string => dayText(DateTime.fromISO(iso), 'short');
const whenToTheMinute = (iso: string): string => `${when(iso)} at ${clockWords(DateTime.fromISO(iso))}`;
/** Where there is work the day comes first. */
const stageOf = (row: Row): string => ((told.value.get(row.id)?.bays.all ?? 0) > 0 ? 'site' : 'survey');
</script>

<template>
  <main class="page">
    <div class="head">
      <h1>Jobs</h1>
      <span v-if="rows" class="quiet"
        >{{ rows.length }}{{ next ? '+' : '' }} {{ showArchived ? 'put away' : 'open' }}</span
      >
      <div class="bar end">
        <template v-if="may('change job')">
          <el-button type="primary" @click="starting = true">Start a job</el-button>
          <el-button :loading="importing" @click="picker?.click()">Import a job file</el-button>
        </template>
        <input
          ref="picker"
          class="visually-hidden"
          type="file"
          accept=".json,application/json"
          aria-label="Job file"
          tabindex="-1"
          @change="importFile"
        />
        <el-button v-if="may('trace batches')" @click="recalling = true">Where a batch is</el-button>
        <el-button v-if="may('change job')" @click="restartDemo">Start the demo afresh</el-button>
      </div>
    </div>
    <el-input
      v-if="rows && (rows.length > 1 || sought !== '')"
      v-model="sought"
      class="search"
      clearable
      maxlength="120"
      placeholder="Find by name or place"
      aria-label="Find a job by name or place"
    />
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <TaskLine
      what="Import of the job file"
      :told="stored"
      :busy="storing"
      :trouble="notStored"
      @cancel="task.cancel()"
      @again="task.again()"
    />

    <ul v-if="rows && rows.length > 0" class="jobs">
      <li v-for="{ row, morning } in listed" :key="row.id">
        <RouterLink :to="{ name: stageOf(row), params: { jobId: row.id } }" class="name">{{
          row.job.name
        }}</RouterLink>
        <span class="quiet place"
          >{{ row.job.place }}<template v-if="row.job.demo"> · demo, made-up data</template></span
        >
        <span class="quiet">{{ row.entries }} {{ row.entries === 1 ? 'entry' : 'entries' }} on record</span>
        <span v-if="copies.has(row.id)" class="copy"
          >{{ copies.get(row.id) }}, started {{ whenToTheMinute(row.createdAt) }}</span
        >
        <span v-else class="quiet">started {{ when(row.createdAt) }}</span>
        <el-button v-if="may('change job', row.id)" text @click="archive(row, !row.archived)">{{
          row.archived ? 'Bring back' : 'Put away'
        }}</el-button>
        <JobMorning v-if="morning && !asleep.has(row.id)" :job-id="row.id" :head="row.job" :told="morning" />
        <JobStandingLine
          v-if="row.handedOver && !row.archived"
          :job-id="row.id"
          @sleeps="
            (is) => (asleep = new Set(is ? [...asleep, row.id] : [...asleep].filter((x) => x !== row.id)))
          "
        />
      </li>
    </ul>
    <p v-else-if="rows && sought.trim() !== ''" class="empty">
      No {{ showArchived ? 'job that is put away' : 'open job' }} has “{{ sought.trim() }}” in its name or its
      place.
    </p>
    <p v-else-if="rows && !showArchived" class="empty">
      {{
        may('change job')
          ? 'No job yet. Start one with its name and place, then walk its first roof; or look at the demo first.'
          : 'No job that concerns you yet. An owner of the firm lets you see one.'
      }}
    </p>
    <p v-else-if="rows" class="empty">Nothing is put away.</p>

    <div class="bar below">
      <el-button v-if="next" @click="load(true)">More</el-button>
      <el-checkbox v-model="showArchived" @change="load()">Show what is put away</el-checkbox>
    </div>
    <JobDialog
      v-if="starting"
      v-model="starting"
      title="Start a job"
      action="Start"
      :trouble="trouble"
      @done="start"
    />
    <RecallDialog v-if="recalling" v-model="recalling" />
  </main>
</template>

<style scoped>
.jobs {
  list-style: none;
  margin: 0;
  padding: 0;
}
.jobs li {
  display: grid;
  grid-template-columns: minmax(14rem, 2fr) minmax(10rem, 2fr) auto auto auto;
  gap: var(--s2) var(--s4);
  align-items: center;
  border-bottom: var(--stroke) solid var(--line);
}
.jobs li {
  padding: var(--s3) 0;
}
.copy {
  color: var(--amber);
}
.search {
  max-width: 28rem;
  margin-top: var(--s3);
}
.name {
  min-width: 0;
  overflow-wrap: anywhere;
  font-weight: 700;
  font-size: var(--t-l);
}
.trouble {
  color: var(--red);
  margin-top: var(--s3);
}
.empty,
.below {
  margin-top: var(--s4);
}
@media (max-width: 900px) {
  .jobs li {
    display: flex;
    flex-wrap: wrap;
  }
  .jobs .name,
  .jobs .place {
    flex: 1 1 100%;
  }
  .jobs .copy {
    flex: 1;
  }
}
</style>
