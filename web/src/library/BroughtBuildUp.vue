<script setup lang="ts">
/** A build-up out of a file: a table of layers, or a whole one with its papers. Read, looked at, and only then taken. */
import { computed, ref } from 'vue';
import { blankBuildUp, isCoat, type BuildUp, type Layer } from '@lentum/core/buildup';
import { rateQuantity } from '@lentum/core/units';
import { call, paperPath, sendFile, sentenceOf } from '../app/api.ts';
import { useFileRead } from '../shared/fileread.ts';
import TableDialog from '../shared/tables/TableDialog.vue';
import { useUnits } from '../shared/units.ts';
import type { BroughtBuildUp } from '../workers/librarytasks.ts';
import { openLibraryFile } from '../workers/librarywork.ts';
import { freshId } from './library.ts';

const props = defineProps<{
  /** Ids that the library has. */
  taken: readonly string[];
}>();
const emit = defineEmits<{ taken: [id: string] }>();
const { say, system } = useUnits();
const field = ref<HTMLInputElement>();
const title = ref('');
const trouble = ref('');
const taking = ref(false);
/** Papers that are sent, of all. */
const sent = ref(0);

const file = useFileRead<BroughtBuildUp>(() => {
  const work = openLibraryFile();
  return { read: (f, progress) => work.ask.read(f, f.name, system.value, progress), end: work.end };
});
const { name, found, share } = file;
defineExpose({ choose: () => field.value?.click() });

async function pick(event: Event): Promise<void> {
  trouble.value = '';
  await file.pick(event);
  title.value =
    found.value?.kind === 'file'
      ? found.value.buildUp.name
      : name.value.replace(/\.[^.]+$/, '').slice(0, 120);
}

const layers = computed<readonly Layer[]>(() =>
  found.value?.kind === 'file' ? found.value.buildUp.layers : (found.value?.layers ?? []),
);
const rateOf = (layer: Layer): string =>
  isCoat(layer) ? say(layer.rate.value, rateQuantity(layer.rate.basis)) : '';
const isThere = computed(() => found.value?.kind === 'file' && props.taken.includes(found.value.buildUp.id));
const papers = computed(() => (found.value?.kind === 'file' ? found.value.papers : []));
const problems = computed(() => [
  ...file.problems.value.slice(0, 5),
  ...(trouble.value ? [trouble.value] : []),
]);

function made(): BuildUp | undefined {
  const own = title.value.trim() || 'New build-up';
  if (found.value?.kind === 'file') {
    const { buildUp } = found.value;
    return { ...buildUp, name: own, id: isThere.value ? freshId(own) : buildUp.id };
  }
  if (!found.value) return undefined;
  const { ignored } = found.value;
  const blank = { ...blankBuildUp(freshId(own), own), layers: [...found.value.layers] };
  return ignored.length === 0
    ? blank
    : { ...blank, summary: `From a table; columns left out: ${ignored.join(', ')}.`.slice(0, 400) };
}

async function take(): Promise<void> {
  const buildUp = made();
  if (!buildUp) return;
  taking.value = true;
  trouble.value = '';
  sent.value = 0;
  try {
    // Papers first: what names them is sent after them.
    for (const { sha256, content } of papers.value) {
      await sendFile(paperPath(sha256), content);
      sent.value += 1;
    }
    await call('PUT', `/library/${buildUp.id}`, { body: buildUp, ifMatch: 0 });
    file.close();
    emit('taken', buildUp.id);
  } catch (error) {
    trouble.value = sentenceOf(error);
  } finally {
    taking.value = false;
  }
}
</script>

<template>
  <input
    ref="field"
    class="visually-hidden"
    type="file"
    accept=".json,.csv,.txt,application/json,text/csv"
    aria-label="Build-up file or table of layers"
    tabindex="-1"
    @change="pick"
  />
  <TableDialog
    :open="found !== undefined || share !== undefined || problems.length > 0"
    :title="`A build-up out of ${name}`"
    :name="name"
    :share="share"
    :problems="problems"
    takes="Add it to the library"
    :ready="found !== undefined && layers.length > 0"
    :taking="taking"
    @close="file.close()"
    @take="take"
  >
    <template v-if="found">
      <label class="name"><span>Its name</span><el-input v-model="title" maxlength="120" /></label>
      <p v-if="isThere" class="quiet">
        The library has this build-up: what is in the file comes in beside it, as one of its own.
      </p>
      <table class="dense" aria-label="Layers in the file">
        <thead>
          <tr>
            <th scope="col">Layer</th>
            <th scope="col">Kind</th>
            <th scope="col" class="num">Rate</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="l in layers" :key="l.id">
            <td>{{ l.name }}</td>
            <td class="quiet">{{ isCoat(l) ? l.role : l.kind }}</td>
            <td class="num">{{ rateOf(l) }}</td>
          </tr>
        </tbody>
      </table>
      <p v-if="found.kind === 'table' && found.ignored.length > 0" class="quiet">
        Not understood, and left out: {{ found.ignored.length === 1 ? 'the column' : 'the columns' }}
        {{ found.ignored.join(', ') }}.
      </p>
      <p v-if="papers.length > 0" class="quiet">
        {{ papers.length }} {{ papers.length === 1 ? 'paper comes' : 'papers come' }} with it<template
          v-if="taking"
          >; {{ sent }} sent</template
        >.
      </p>
    </template>
    <template v-if="file.problems.value.length > 0" #found>
      <p class="quiet">Nothing was taken; the library is as it was.</p>
    </template>
  </TableDialog>
</template>

<style scoped>
.name {
  display: grid;
  gap: var(--s1);
  margin-bottom: var(--s3);
}
table {
  width: 100%;
}
</style>
