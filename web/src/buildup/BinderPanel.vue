<script setup lang="ts">
/** The binder: data sheets, application instructions and safety sheets, each with title and date, by product. */
import { useObjectUrl } from '@vueuse/core';
import { computed, reactive, ref, shallowRef } from 'vue';
import { PAPER_KINDS, withoutPaper, type BuildUp, type Paper } from '@lentum/core/buildup';
import { paperPath, sentenceOf } from '../app/api.ts';
import { keepFile } from '../app/files.ts';
import { seenPaper, type PaperFile } from './paperfile.ts';
import NamedField from '../shared/NamedField.vue';
import PickList from '../shared/PickList.vue';
import PaperLink from '../shared/PaperLink.vue';

const props = defineProps<{ buildUp: BuildUp; edit: (change: (b: BuildUp) => void) => void }>();
const missing = computed(() => withoutPaper(props.buildUp));
const draft = reactive({
  title: '',
  date: '',
  kind: 'data sheet' as Paper['kind'],
  layerIds: [] as string[],
});
const adding = ref(false);
const file = shallowRef<PaperFile>();
const trouble = ref('');
const busy = ref(false);
const nameOf = (id: string): string => props.buildUp.layers.find((l) => l.id === id)?.name ?? id;

/** Told of the file before it is filed. */
const doubts = ref<readonly string[]>([]);
/** The chosen file, to be looked at before it is filed. */
const shown = useObjectUrl(computed(() => file.value?.content));

async function pick(event: Event): Promise<void> {
  const chosen = (event.target as HTMLInputElement).files?.[0];
  trouble.value = '';
  doubts.value = [];
  file.value = undefined;
  if (!chosen) return;
  try {
    const seen = await seenPaper(chosen, props.buildUp.papers);
    doubts.value = seen.doubts;
    file.value = seen.file;
    if (draft.title === '') draft.title = chosen.name.replace(/\.[^.]+$/, '').slice(0, 120);
  } catch (error) {
    trouble.value = sentenceOf(error);
  }
}

async function keep(): Promise<void> {
  if (draft.title.trim() === '' || !/^\d{4}-\d{2}-\d{2}$/.test(draft.date)) {
    trouble.value = 'The paper: a title and the date printed on it are needed.';
    return;
  }
  busy.value = true;
  trouble.value = '';
  try {
    let held: Paper['file'];
    if (file.value) {
      const { content, ...said } = file.value;
      await keepFile(paperPath(said.sha256), content);
      held = said;
    }
    const paper: Paper = {
      id: `paper-${crypto.randomUUID().slice(0, 8)}`,
      kind: draft.kind,
      title: draft.title.trim(),
      date: draft.date,
      layerIds: [...draft.layerIds],
      ...(held ? { file: held } : {}),
    };
    props.edit((b) => b.papers.push(paper));
    Object.assign(draft, { title: '', date: '', layerIds: [] });
    leave();
  } catch (error) {
    trouble.value = sentenceOf(error);
  } finally {
    busy.value = false;
  }
}

function leave(): void {
  file.value = undefined;
  doubts.value = [];
  trouble.value = '';
  adding.value = false;
}

/** A paper that goes takes its citations along: the numbers stay, from a data sheet that is not in the binder. */
function takeOut(id: string): void {
  const strip = (node: unknown): void => {
    if (node === null || typeof node !== 'object') return;
    if ((node as { cites?: unknown }).cites === id) delete (node as { cites?: unknown }).cites;
    Object.values(node).forEach(strip);
  };
  props.edit((b) => {
    b.papers = b.papers.filter((p) => p.id !== id);
    strip(b.layers);
    strip(b.leastDryFilmMm);
    strip(b.upkeep);
  });
}
</script>

<template>
  <section class="binder" aria-label="Binder">
    <div class="head">
      <h2>Binder</h2>
      <span class="quiet"
        >{{ buildUp.papers.length }} papers; {{ missing.length }} of {{ buildUp.layers.length }} layers
        without a data sheet on file</span
      >
    </div>
    <table v-if="buildUp.papers.length > 0" class="dense">
      <thead>
        <tr>
          <th scope="col">Paper</th>
          <th scope="col">About</th>
          <th scope="col"><span class="visually-hidden">Take out</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="p in buildUp.papers" :key="p.id">
          <td><PaperLink :paper="p" /></td>
          <td class="quiet">{{ p.layerIds.length > 0 ? p.layerIds.map(nameOf).join(', ') : 'the whole' }}</td>
          <td><el-button text @click="takeOut(p.id)">Take out</el-button></td>
        </tr>
      </tbody>
    </table>
    <p v-if="missing.length > 0" class="quiet">
      Without a data sheet: {{ missing.map((l) => l.name.toLowerCase()).join(', ') }}. Their figures are taken
      on trust until one is filed.
    </p>
    <el-button v-if="!adding" @click="adding = true">File a paper</el-button>
    <form v-else class="form" @submit.prevent="keep">
      <NamedField name="Kind"
        ><PickList
          v-model="draft.kind"
          label="Kind of paper"
          :options="PAPER_KINDS.map((k) => ({ value: k, label: k }))"
      /></NamedField>
      <NamedField name="Title"
        ><el-input v-model="draft.title" maxlength="120" aria-label="Title of the paper"
      /></NamedField>
      <NamedField name="Date printed on it"
        ><input v-model="draft.date" type="date" class="plain" aria-label="Date of the paper"
      /></NamedField>
      <NamedField wide name="File: PDF, PNG or JPEG, at most 12 MB"
        ><input type="file" accept=".pdf,.png,.jpg,.jpeg" aria-label="File of the paper" @change="pick"
      /></NamedField>
      <div v-if="file && shown" class="wide seen">
        <img v-if="file.mime !== 'application/pdf'" :src="shown" :alt="file.name" />
        <a v-else :href="shown" target="_blank" rel="noopener">Look at {{ file.name }}</a>
        <p v-for="d in doubts" :key="d" class="doubt" role="status">{{ d }}</p>
      </div>
      <fieldset class="wide about">
        <legend>About</legend>
        <el-checkbox-group v-model="draft.layerIds">
          <el-checkbox v-for="l in buildUp.layers" :key="l.id" :value="l.id">{{ l.name }}</el-checkbox>
        </el-checkbox-group>
      </fieldset>
      <p v-if="trouble" class="problem wide" role="alert">{{ trouble }}</p>
      <div class="bar wide">
        <el-button type="primary" native-type="submit" :loading="busy">File it</el-button>
        <el-button @click="leave">Cancel</el-button>
      </div>
    </form>
  </section>
</template>

<style scoped>
.binder {
  margin-top: var(--s6);
}
.binder > p,
.binder > .el-button {
  margin-top: var(--s2);
}
.form {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
  gap: var(--s2) var(--s4);
  margin-top: var(--s3);
}
.wide {
  grid-column: 1 / -1;
}
.about legend {
  font-size: var(--t-s);
  color: var(--ink-2);
  padding: 0;
}
.about {
  border: 0;
  padding: 0;
  margin: 0;
}
.seen img {
  max-width: 240px;
  max-height: 240px;
  border: var(--stroke) solid var(--line-2);
}
.doubt {
  color: var(--amber);
}
</style>
