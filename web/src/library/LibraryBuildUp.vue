<script setup lang="ts">
/** One build-up of the library: its draft, saved by itself; its revisions, which stay; its file. */
import { useEventListener } from '@vueuse/core';
import { ElMessage } from 'element-plus';
import { DateTime } from 'luxon';
import { clockWords, dayText } from '../app/time.ts';
import { computed, onScopeDispose, reactive, ref, watch, watchEffect } from 'vue';
import { useRouter } from 'vue-router';
import { blankBuildUp, buildUpProblems, type BuildUp, type Terms } from '@lentum/core/buildup';
import { FAMILIES, SUBSTRATES, SUBSTRATE_KEYS, type SubstrateKey } from '@lentum/core/family';
import { differences, type Difference } from '@lentum/core/library';
import { sentence } from '@lentum/core/problems';
import { api, call, get, sentenceOf } from '../app/api.ts';
import { copy } from '../app/copy.ts';
import { useDocument } from '../app/document.ts';
import { libraryPapers } from '../app/working.ts';
import { usePreferences } from '../app/preferences.ts';
import BinderPanel from '../buildup/BinderPanel.vue';
import BuildUpEditor from '../buildup/BuildUpEditor.vue';
import CautionCard from '../buildup/CautionCard.vue';
import DifferenceList from '../buildup/DifferenceList.vue';
import HeadEditor from '../buildup/HeadEditor.vue';
import SourceBar from '../buildup/SourceBar.vue';
import ConflictDialog from '../shared/ConflictDialog.vue';
import { sure } from '../app/asking.ts';
import PickList from '../shared/PickList.vue';
import UndoBar from '../shared/UndoBar.vue';
import { account, whyNot } from '../app/session.ts';
import { askWho } from '../site/who.ts';
import type { Revision } from './library.ts';

const props = defineProps<{ buildUpId: string }>();
const router = useRouter();
const preferences = usePreferences();
const id = computed(() => props.buildUpId);
const document_ = reactive(
  useDocument<BuildUp>(id, {
    path: (b) => `/library/${b}`,
    held: () => whyNot('change library'),
    empty: blankBuildUp('none', 'none'),
    problems: (draft) => buildUpProblems(draft, ''),
  }),
);
const loaded = ref('');
const trouble = ref('');
const revisions = ref<readonly Revision[]>([]);
const newest = ref<BuildUp>();

async function loadRevisions(): Promise<void> {
  const { body } = await get<{ revisions: Revision[] }>(`/library/${props.buildUpId}/revisions`);
  revisions.value = body.revisions;
  const last = body.revisions[0];
  newest.value = last && (await get<BuildUp>(`/library/${props.buildUpId}/revisions/${last.revision}`)).body;
}
async function open(): Promise<void> {
  trouble.value = '';
  try {
    await document_.load();
    await loadRevisions();
    loaded.value = props.buildUpId;
  } catch (error) {
    trouble.value = sentenceOf(error);
  }
}
watch(id, open, { immediate: true });
useEventListener(window, 'beforeunload', (event) => {
  if (document_.state !== 'saved') event.preventDefault();
});
useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  const field = event.target instanceof HTMLElement && /^(INPUT|TEXTAREA)$/.test(event.target.tagName);
  if (field || !(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
  event.preventDefault();
  if (event.shiftKey) document_.redo();
  else document_.undo();
});

watchEffect(() => (libraryPapers.value = document_.draft.papers));
onScopeDispose(() => (libraryPapers.value = []));
const edit = (change: (b: BuildUp) => void): void => change(document_.draft);
const terms: Terms = { conditions: [], choices: {} };
/** A hundred square metres at 20 °C by two people: what the figures of the whole are told for, outside of a job. */
const PACE = { areaM2: 100, tempC: 20, humidityPct: 60, crews: 1, hoursPerDay: 8 };
const setOption = (choiceId: string, optionId: string): void =>
  edit((b) => {
    const choice = b.choices.find((c) => c.id === choiceId);
    if (choice) choice.chosen = optionId;
  });
const substrate = ref('');
const ground = computed(() => (substrate.value ? { substrate: substrate.value as SubstrateKey } : {}));
const substrates = [
  { value: '', label: 'any ground' },
  ...SUBSTRATE_KEYS.map((value) => ({ value: value as string, label: SUBSTRATES[value].name })),
];

const changed = computed<readonly Difference[]>(() =>
  newest.value ? differences(newest.value, document_.draft) : [],
);
const canRelease = computed(
  () => document_.state === 'saved' && (newest.value === undefined || changed.value.length > 0),
);
const note = ref('');
const releasing = ref(false);
async function release(): Promise<void> {
  if (!(await askWho(preferences))) return;
  trouble.value = '';
  try {
    const { body } = await call<{ revision: number }>('POST', `/library/${props.buildUpId}/revisions`, {
      body: { who: account.value?.name ?? preferences.who, note: note.value.trim() },
      ifMatch: document_.version,
    });
    note.value = '';
    releasing.value = false;
    await open();
    ElMessage({
      message: `Revision ${body.revision} is released. Jobs take it when somebody moves them to it.`,
    });
  } catch (error) {
    trouble.value = sentenceOf(error);
  }
}
async function duplicate(): Promise<void> {
  const made = copy(document_.draft);
  made.id = `${props.buildUpId.slice(0, 50)}-${crypto.randomUUID().slice(0, 6)}`;
  made.name = `${made.name.slice(0, 100)}, copy`;
  made.revision = 1;
  try {
    await call('PUT', `/library/${made.id}`, { body: made, ifMatch: 0 });
    await router.push({ name: 'library-build-up', params: { buildUpId: made.id } });
  } catch (error) {
    trouble.value = sentenceOf(error);
  }
}
async function putAway(): Promise<void> {
  const away =
    'It is no longer offered. Jobs that have it keep it, and “Put away” in the library brings it back.';
  if (!(await sure(`Put ${document_.draft.name} away?`, away, 'Put it away'))) return;
  try {
    const path = { buildUpId: props.buildUpId };
    await api.POST('/library/{buildUpId}/away', { params: { path }, body: { away: true } });
    await router.push({ name: 'library' });
  } catch (error) {
    trouble.value = sentenceOf(error);
  }
}
async function backTo(revision: number): Promise<void> {
  try {
    const { body } = await get<BuildUp>(`/library/${props.buildUpId}/revisions/${revision}`);
    document_.draft = body;
  } catch (error) {
    trouble.value = sentenceOf(error);
  }
}
const when = (iso: string): string => {
  const at = DateTime.fromISO(iso);
  return `${dayText(at, 'short')}, ${clockWords(at)}`;
};
</script>

<template>
  <main class="page">
    <template v-if="loaded === buildUpId">
      <div class="head">
        <h1>{{ document_.draft.name }}</h1>
        <span class="quiet">{{ FAMILIES[document_.draft.family].name }}</span>
        <span class="tag">{{
          newest
            ? `revision ${newest.revision}${changed.length > 0 ? ', changed since' : ''}`
            : 'not released yet'
        }}</span>
        <span class="quiet" role="status">{{
          document_.state === 'saved'
            ? 'saved'
            : document_.state === 'refused'
              ? ''
              : document_.state === 'offline'
                ? 'no signal'
                : 'saving …'
        }}</span>
        <div class="bar end">
          <UndoBar :document="document_" />
          <el-button v-if="!releasing" type="primary" :disabled="!canRelease" @click="releasing = true"
            >Release revision {{ (newest?.revision ?? 0) + 1 }}</el-button
          >
          <el-button tag="a" :href="`/api/v1/library/${buildUpId}/file`" download>Export</el-button>
          <el-button @click="duplicate">Copy</el-button>
          <el-button @click="putAway">Put away</el-button>
        </div>
      </div>
      <p v-if="document_.state === 'refused'" class="problem" role="alert">
        <strong>Not saved.</strong> {{ document_.refusal || document_.problems.map(sentence).join(' ') }} The
        last good version is kept.
      </p>
      <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
      <form v-if="releasing" class="release" @submit.prevent="release">
        <label for="release-note">What changed, for those who use it</label>
        <el-input id="release-note" v-model="note" maxlength="400" />
        <DifferenceList v-if="changed.length > 0" :differences="changed" />
        <div class="bar">
          <el-button type="primary" native-type="submit">Release it</el-button>
          <el-button @click="releasing = false">Cancel</el-button>
        </div>
      </form>
      <p><SourceBar :of="document_.draft" /></p>
      <BuildUpEditor
        :build-up="document_.draft"
        :terms="terms"
        :ground="ground"
        :pace="PACE"
        :edit="edit"
        source="assumed"
        :open="!newest || changed.length > 0"
        @option="setOption"
      >
        <template #head><HeadEditor :build-up="document_.draft" :edit="edit" /></template>
        <template #verdicts>
          <label class="ground"
            ><span class="quiet">Held against</span>
            <PickList v-model="substrate" label="Ground" none="any ground" filterable :options="substrates"
          /></label>
        </template>
        <BinderPanel :build-up="document_.draft" :edit="edit" />
        <CautionCard :build-up="document_.draft" />
        <section v-if="revisions.length > 0" class="revisions" aria-label="Revisions">
          <h2>Revisions</h2>
          <table class="dense">
            <tbody>
              <tr v-for="r in revisions" :key="r.revision">
                <th scope="row">{{ r.revision }}</th>
                <td>{{ r.releasedAt ? when(r.releasedAt) : '' }}</td>
                <td>{{ r.who }}</td>
                <td>{{ r.note }}</td>
                <td><el-button text @click="backTo(r.revision)">Take as the draft</el-button></td>
              </tr>
            </tbody>
          </table>
          <p class="quiet">A released revision never changes. Taking one as the draft can be undone.</p>
        </section>
      </BuildUpEditor>
      <ConflictDialog :document="document_" name="build-up" />
    </template>
    <template v-else-if="trouble">
      <h1>This build-up cannot be opened</h1>
      <p>{{ trouble }}</p>
      <p><RouterLink to="/build-ups">Go to the build-ups</RouterLink></p>
    </template>
    <p v-else role="status">Opening the build-up …</p>
  </main>
</template>

<style scoped>
.tag {
  border: max(1px, var(--stroke)) solid var(--line-2);
  border-radius: 999px;
  padding: 1px var(--s3);
  font-size: var(--t-s);
  color: var(--ink-2);
}
.release {
  display: grid;
  gap: var(--s2);
  max-width: 48rem;
  padding: var(--s3) 0;
}
.ground {
  display: flex;
  align-items: center;
  gap: var(--s2);
  max-width: 26rem;
}
.ground > span {
  white-space: nowrap;
}
.revisions {
  margin-top: var(--s6);
}
</style>
