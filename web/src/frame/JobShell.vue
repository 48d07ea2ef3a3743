<script setup lang="ts">
import { useEventListener, useIntervalFn } from '@vueuse/core';
import { computed, defineAsyncComponent, nextTick, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import type { JobHead, JobRules } from '@lentum/core/job';
import { Offline, sentenceOf } from '../app/api.ts';
import { draftsNotKept } from '../app/device/drafts.ts';
import { isOfAllRoofs, useChosenZone } from '../app/chosenzone.ts';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import { finding } from '../app/finding.ts';
import { may, signsIn } from '../app/session.ts';
import { followJob } from '../app/live.ts';
import { zoneName } from '../app/time.ts';
import HeldPage from '../shared/HeldPage.vue';
import TakeBack from '../shared/TakeBack.vue';
import UndoBar from '../shared/UndoBar.vue';
import ConflictDialog from '../shared/ConflictDialog.vue';
import JobDialog from '../jobs/JobDialog.vue';
import type { LoggedKind } from '../site/log/form.ts';
import PhoneBar from './PhoneBar.vue';
import { heldAt } from './heldstage.ts';
import RefusedEntries from './RefusedEntries.vue';
import SaveState from './SaveState.vue';
import NextStep from './NextStep.vue';
import StageStrip from './StageStrip.vue';
import ZonePicker from './ZonePicker.vue';

const LogForms = defineAsyncComponent(() => import('../site/LogForms.vue'));
const MoreSheet = defineAsyncComponent(() => import('./MoreSheet.vue'));
/** What verifies signatures is fetched once the job stands. */
const ReceiptAlarm = defineAsyncComponent(() => import('./ReceiptAlarm.vue'));
const LinksDialog = defineAsyncComponent(() => import('../access/LinksDialog.vue'));
const RulesDialog = defineAsyncComponent(() => import('../jobs/RulesDialog.vue'));

/** Fetched once the job stands; without a signal it is fetched when there is one again. */
const ClosingBanner = defineAsyncComponent({
  loader: () => import('../site/today/ClosingBanner.vue'),
  onError: (_error, retry) => setTimeout(retry, LOOK_AGAIN_MS),
});

const props = defineProps<{ jobId: string }>();
const job = useJob();
const trouble = ref('');

async function open(): Promise<void> {
  trouble.value = '';
  try {
    await job.open(props.jobId);
  } catch (error) {
    trouble.value = sentenceOf(error);
  }
}
watch(() => props.jobId, open, { immediate: true });

/** What others enter arrives at this pace; a round that fails is followed by the next one. */
const LOOK_AGAIN_MS = 20_000;
async function lookAgain(): Promise<void> {
  if (document.hidden || !job.head) return;
  try {
    await job.lookAgain();
  } catch (error) {
    if (!(error instanceof Offline)) trouble.value = sentenceOf(error);
  }
}
useIntervalFn(lookAgain, LOOK_AGAIN_MS);
useEventListener(window, 'online', lookAgain);
/** And at once, where the line allows it. */
watch(
  () => (job.head && job.id === props.jobId ? props.jobId : undefined),
  (jobId, _before, onCleanup) => {
    if (jobId === undefined) return;
    onCleanup(followJob(jobId, (heard) => void job.hear(heard).catch(() => undefined)));
  },
  { immediate: true },
);

const { chosenId } = useChosenZone();
const editing = ref(false);
const sharing = ref(false);
const more = ref(false);
const route = useRoute();
/** Where one is, in a word: parts of Site have their own. */
const place = computed(() => {
  if (route.name !== 'site') return String(route.meta['title'] ?? '');
  if (route.query['part'] === 'weather') return 'Weather';
  return isOfAllRoofs.value ? 'Today' : 'Roof';
});
/** What is undone on the page that stands. */
const undoable = computed(() => {
  const found = Object.entries(job.byStage).find(([stage]) => stage === route.name);
  return found?.[1];
});
/** The log of the zone that is looked at: its forms are fetched when they are first asked for. */
const logging = ref(false);
const forms = ref<{ log: (zoneId: string, bays: readonly string[], kind?: LoggedKind) => void }>();
/** @param kind undefined: it is chosen first. A snag is kept from any page. */
function logOn(kind?: LoggedKind): void {
  logging.value = true;
  const stop = watch(
    forms,
    (there) => {
      if (!there || chosenId.value === undefined) return;
      there.log(chosenId.value, [], kind);
      void nextTick(() => stop());
    },
    { immediate: true },
  );
}
const refused = ref('');
async function change(head: JobHead): Promise<void> {
  refused.value = '';
  try {
    await job.changeHead(head);
    editing.value = false;
  } catch (error) {
    refused.value = sentenceOf(error);
  }
}

const ruling = ref(false);
async function changeRules(rules: JobRules): Promise<void> {
  if (!job.head) return;
  await change({ ...job.head, rules });
  if (refused.value === '') ruling.value = false;
}

/** Why whoever holds the device may not change this stage. */
const held = computed(() => heldAt(String(route.name), props.jobId));

const NAMES = {
  survey: 'survey',
  buildUps: 'build-up',
  order: 'order',
  programme: 'programme',
  proving: 'what is to be proven',
  site: 'bays',
  weather: 'settings of the weather',
} as const;
const documents = computed(() => Object.values(job.documents));
// What is unsaved is kept on the device, and there on return; only where it cannot be kept is asked before leaving.
useEventListener(window, 'beforeunload', (event) => {
  if (draftsNotKept.value !== undefined && documents.value.some((d) => d.state !== 'saved'))
    event.preventDefault();
});
const clock = computed(() => `${job.time(job.nowMs)} ${zoneName(job.timeZone, job.nowMs)}`);
</script>

<template>
  <div v-if="job.head && job.id === jobId" class="job">
    <section class="top" aria-label="Job">
      <h1 :title="job.head.place">{{ job.head.name }}</h1>
      <span class="where quiet" aria-hidden="true">{{ worded(place) }}</span>
      <ZonePicker />
      <UndoBar
        v-if="undoable && !held && (route.name !== 'site' || may('change site', jobId))"
        class="undo no-print"
        :class="{ idle: !undoable.canUndo && !undoable.canRedo }"
        :document="undoable"
      />
      <span class="desk no-print">
        <template v-if="may('change job', jobId)">
          <el-button text size="small" @click="editing = true">Change</el-button>
          <el-button text size="small" @click="ruling = true">Rules</el-button>
        </template>
        <el-button v-if="signsIn && may('share job', jobId)" text size="small" @click="sharing = true"
          >Share</el-button
        >
        <el-button v-if="chosenId && may('enter', jobId)" text size="small" @click="logOn('snag')">{{
          worded('Snag')
        }}</el-button>
      </span>
      <span class="end quiet desk">{{ clock }}</span>
      <SaveState />
    </section>
    <StageStrip />
    <aside v-if="held" class="reads no-print" aria-label="Who may change this page">
      You read this page. {{ held }}
    </aside>
    <NextStep v-if="may('change job', jobId)" />
    <ReceiptAlarm />
    <RefusedEntries />
    <ClosingBanner v-if="job.weather.work" />
    <HeldPage :held="held !== undefined"><RouterView /></HeldPage>
    <TakeBack />
    <PhoneBar :can-log="chosenId !== undefined && may('enter', jobId)" @log="logOn()" @more="more = true" />
    <LogForms v-if="logging" ref="forms" />
    <MoreSheet
      v-if="more"
      v-model="more"
      @change="editing = true"
      @rules="ruling = true"
      @share="sharing = true"
      @snag="logOn('snag')"
      @find="finding = true"
    />
    <JobDialog
      v-if="editing"
      v-model="editing"
      title="Change the job"
      action="Save"
      :head="job.head"
      :trouble="refused"
      @done="change"
    />
    <LinksDialog v-if="sharing" :job-id="jobId" @close="sharing = false" />
    <RulesDialog
      v-if="ruling"
      v-model="ruling"
      :rules="job.jobRules"
      :trouble="refused"
      @done="changeRules"
    />
    <ConflictDialog v-for="(d, key) in job.documents" :key="key" :document="d" :name="NAMES[key]" />
  </div>
  <main v-else class="page">
    <template v-if="trouble">
      <h1>This job cannot be opened</h1>
      <p>{{ trouble }}</p>
      <p>
        <el-button @click="open">Try again</el-button> or <RouterLink to="/jobs">go to the jobs</RouterLink>.
      </p>
    </template>
    <p v-else role="status">Opening the job …</p>
  </main>
</template>

<style scoped>
.top {
  display: flex;
  align-items: center;
  gap: 0 var(--s3);
  flex-wrap: wrap;
  min-height: 44px;
  padding: 0 var(--s6);
  background: var(--sheet);
}
h1 {
  font-size: 17px;
  flex: 0 1 auto;
  min-width: 0;
  max-width: 26ch;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.desk {
  display: flex;
  align-items: center;
}
.where {
  display: none;
}
.undo {
  gap: 0;
  flex-wrap: nowrap;
}
.desk :deep(.el-button),
.undo :deep(.el-button) {
  margin: 0;
  padding: 0 var(--s2);
}
.end {
  margin-left: auto;
}
.end + :deep(.state) {
  margin-left: 0;
}
.reads {
  margin: 0;
  padding: var(--s2) var(--s6);
  background: var(--well);
  border-bottom: var(--stroke) solid var(--line);
}
@media (max-width: 720px) {
  .reads {
    padding: var(--s2) var(--s3);
  }
  .top {
    padding: 0 var(--s3);
    position: sticky;
    top: 0;
    z-index: 5;
    border-bottom: var(--stroke) solid var(--line-2);
  }
  h1 {
    flex: 0 1 auto;
    max-width: 46vw;
    line-height: 44px;
    font-size: var(--t-m);
  }
  .desk {
    display: none;
  }
  /* One line for the place and the signal; what is worked on comes below it. */
  .undo {
    order: 2;
  }
  .undo.idle {
    display: none;
  }
  .where {
    display: inline;
  }
  .end + :deep(.state) {
    margin-left: auto;
  }
  .top :deep(.picker) {
    order: 1;
  }
  .job {
    padding-bottom: 60px;
  }
}
</style>
