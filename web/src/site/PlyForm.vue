<script setup lang="ts">
/** A ply, a protection course or curb pieces on one bay or several: when, how many, which batch, and that it was looked at. */
import { computed, reactive } from 'vue';
import { check, sentence } from '@lentum/core/problems';
import {
  entryProblems,
  readEntry,
  secondFormSchema,
  sharesByArea,
  type BayStatus,
  type Body,
} from '@lentum/core/record';
import { bayRuns } from '@lentum/core/words';
import { makeEntry, NOBODY_YET } from '../app/entering.ts';
import { useJob } from '../app/job.ts';
import { fromField, noSuchTime, toField, zoneName } from '../app/time.ts';
import { worded } from '../app/wording.ts';
import { useEntryWords } from '../record/entrywords.ts';
import BatchInput from '../shared/BatchInput.vue';
import BayPicker from '../shared/BayPicker.vue';
import MeasureInput from '../shared/MeasureInput.vue';
import PhotoPicker from '../shared/pictures/PhotoPicker.vue';
import { usePictures } from '../shared/pictures/pictures.ts';
import AgainstField from './AgainstField.vue';
import { inForm } from './log/saying.ts';
import { useSending } from './sending.ts';

const props = defineProps<{ bays: readonly BayStatus[] }>();
const open = defineModel<boolean>({ required: true });
const job = useJob();
const words = useEntryWords();
const first = props.bays[0];
if (!first) throw new Error('a ply is logged on at least one bay');
const layer = computed(() => first.next);
const UNITS = {
  sheet: 'Rolls used',
  protection: 'Pieces used',
  pieces: 'Pieces used',
  coat: 'Used',
} as const;
const LOOKED = {
  sheet: 'Laps rolled, edges and bond looked at',
  protection: 'Laps and edges looked at',
  pieces: 'Joints sealed and looked at',
  coat: 'Looked at',
} as const;
const draft = reactive({
  bayIds: props.bays.map((s) => s.bay.id),
  started: '',
  finished: toField(job.nowMs, job.timeZone),
  used: undefined as number | undefined,
  batch: '',
  looked: false,
  note: '',
  against: '',
});
const zoneBays = computed(() => job.documents.site.content.bays.filter((b) => b.zoneId === first.bay.zoneId));
const waiting = computed(() => ({
  name: 'That wait for it',
  ids: job.statuses
    .filter((s) => s.bay.zoneId === first.bay.zoneId && s.next?.id === layer.value?.id)
    .map((s) => s.bay.id),
}));
const chosen = computed(() => zoneBays.value.filter((b) => draft.bayIds.includes(b.id)));
const labels = computed(() => bayRuns(chosen.value.map((b) => b.label)));
const { photos, marks, attached } = usePictures();
const { saving, trouble, send } = useSending(undefined, () => (open.value = false));
const zoneWord = computed(() => zoneName(job.timeZone, job.nowMs));
const where = computed(() => ({ zoneId: first.bay.zoneId, bays: sharesByArea(chosen.value) }));

const body = computed(() => {
  const startedAt = fromField(draft.started, job.timeZone);
  const finishedAt = fromField(draft.finished, job.timeZone);
  return {
    buildUpId: first.buildUp?.id ?? '',
    revision: first.buildUp?.revision ?? 0,
    layerId: layer.value?.id ?? '',
    ...(startedAt === undefined ? {} : { startedAt }),
    ...(finishedAt === undefined ? {} : { finishedAt }),
    ...(draft.used === undefined ? {} : { used: draft.used }),
    batch: draft.batch.trim(),
    looked: draft.looked,
    ...(draft.note.trim() === '' ? {} : { note: draft.note.trim() }),
    ...(draft.against.trim() === '' ? {} : { against: draft.against.trim() }),
  } as Body<'ply'>;
});
const checked = computed(() =>
  check(
    secondFormSchema,
    makeEntry(NOBODY_YET, 'ply', { ...where.value, ...attached() }, body.value),
    layer.value?.name ?? 'The layer',
  ),
);
const missing = computed(() =>
  [
    noSuchTime('Started', draft.started, job.timeZone),
    noSuchTime('Finished', draft.finished, job.timeZone),
  ].filter((says) => says !== undefined),
);
const problems = computed(() =>
  missing.value.length > 0
    ? missing.value
    : checked.value.ok
      ? entryProblems(checked.value.value, job.rules()).map(sentence)
      : inForm(checked.value.problems, layer.value?.name ?? 'The layer', {
          names: {
            startedAt: 'Started',
            finishedAt: 'Finished',
            used: layer.value ? UNITS[layer.value.kind] : 'Used',
          },
          times: ['startedAt', 'finishedAt'],
        }),
);
const flags = computed(() =>
  checked.value.ok && problems.value.length === 0
    ? words.flags(readEntry(checked.value.value, job.names))
    : [],
);

async function keep(): Promise<void> {
  trouble.value = [...problems.value];
  if (trouble.value.length > 0) return;
  const says = `${labels.value}: ${layer.value?.name.toLowerCase() ?? ''}`;
  await send(() => job.tap(says, 'ply', where.value, body.value));
}
</script>

<template>
  <el-drawer
    v-model="open"
    :title="`Log the ${layer?.name.toLowerCase() ?? 'layer'} on ${labels}`"
    size="min(560px, 100vw)"
  >
    <template v-if="layer">
      <p class="quiet">{{ layer.note }}</p>
      <BayPicker v-if="zoneBays.length > 1" v-model="draft.bayIds" :bays="zoneBays" :offer="waiting" />
      <div class="fields">
        <label class="name"
          >Started, {{ zoneWord }}<input v-model="draft.started" type="datetime-local" class="plain when"
        /></label>
        <label class="name"
          >Finished, {{ zoneWord }}<input v-model="draft.finished" type="datetime-local" class="plain when"
        /></label>
        <div>
          <span class="name">{{ UNITS[layer.kind] }}</span><MeasureInput
            v-model="draft.used"
            size="large"
            quantity="number"
            :label="UNITS[layer.kind]"
            :min="0"
            :max="10000"
          />
        </div>
        <div>
          <span class="name">Batch</span><BatchInput v-model="draft.batch" label="Batch" on="the roll" />
        </div>
      </div>
      <el-checkbox v-model="draft.looked" size="large">{{ LOOKED[layer.kind] }}</el-checkbox>
      <label class="name"
        >Note<el-input v-model="draft.note" type="textarea" maxlength="2000" aria-label="Note"
      /></label>
      <PhotoPicker v-model="photos" v-model:marks="marks" :at-ms="undefined" />
      <AgainstField v-model="draft.against" :flags="flags" />
    </template>
    <p v-for="f in flags" :key="f.rule + f.says" class="flag" role="status">{{ worded(f.says) }}</p>
    <template #footer>
      <p v-for="t in trouble" :key="t" class="problem said" role="alert">{{ t }}</p>
      <el-button class="tap" type="primary" :loading="saving" @click="keep">Keep for {{ labels }}</el-button>
    </template>
  </el-drawer>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--s3);
  margin: var(--s3) 0;
}
.name {
  display: block;
  font-weight: 600;
}
.when {
  min-height: var(--tap);
}
.flag {
  color: var(--amber);
}
.said {
  text-align: left;
  margin-bottom: var(--s2);
}
</style>
