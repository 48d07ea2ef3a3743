<script setup lang="ts">
/** A ply, a protection course or curb pieces on a bay: when, how many, which batch, and that it was looked at. */
import { computed, reactive, ref } from 'vue';
import { check, sentence } from '@lentum/core/problems';
import { entryProblems, laidEntrySchema, type BayStatus } from '@lentum/core/record';
import { sentenceOf } from '../app/api.ts';
import { useJob } from '../app/job.ts';
import { usePreferences } from '../app/preferences.ts';
import { fromField, toField, zoneName } from '../app/time.ts';
import MeasureInput from '../shared/MeasureInput.vue';
import { askWho } from './who.ts';

const props = defineProps<{ status: BayStatus }>();
const open = defineModel<boolean>({ required: true });
const job = useJob();
const preferences = usePreferences();
const layer = computed(() => props.status.next);
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
  started: '',
  finished: toField(job.nowMs, job.timeZone),
  used: undefined as number | undefined,
  batch: '',
  looked: false,
  note: '',
});
const trouble = ref('');
const saving = ref(false);
const zoneWord = computed(() => zoneName(job.timeZone, job.nowMs));

function body() {
  const startedAt = fromField(draft.started, job.timeZone);
  const finishedAt = fromField(draft.finished, job.timeZone);
  return {
    kind: 'laid' as const,
    bayId: props.status.bay.id,
    buildUpId: props.status.buildUp?.id ?? '',
    revision: props.status.buildUp?.revision ?? 0,
    layerId: layer.value?.id ?? '',
    ...(startedAt === undefined ? {} : { startedAt }),
    ...(finishedAt === undefined ? {} : { finishedAt }),
    ...(draft.used === undefined ? {} : { used: draft.used }),
    batch: draft.batch.trim(),
    looked: draft.looked,
    note: draft.note.trim(),
  };
}

async function keep(): Promise<void> {
  const made = body();
  const entry = check(
    laidEntrySchema,
    { ...made, id: 'draft', madeAt: new Date(job.nowMs).toISOString(), who: preferences.who || 'somebody' },
    layer.value?.name ?? 'The layer',
  );
  const { survey, buildUps, site } = job.documents;
  const problems = entry.ok
    ? entryProblems(entry.value, {
        survey: survey.draft,
        buildUps: buildUps.draft,
        site: site.draft,
        nowMs: job.nowMs,
      })
    : entry.problems;
  trouble.value = problems.map(sentence).join(' ');
  if (problems.length > 0 || !(await askWho(preferences))) return;
  saving.value = true;
  try {
    await job.enter(made);
    open.value = false;
  } catch (error) {
    trouble.value = sentenceOf(error);
  } finally {
    saving.value = false;
  }
}
</script>

<template>
  <el-drawer
    v-model="open"
    :title="`Log the ${layer?.name.toLowerCase() ?? 'layer'} on bay ${status.bay.label}`"
    size="min(560px, 100vw)"
  >
    <template v-if="layer">
      <p class="quiet">{{ layer.note }}</p>
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
        <label class="name"
          >Batch<el-input v-model="draft.batch" size="large" maxlength="60" aria-label="Batch"
        /></label>
      </div>
      <el-checkbox v-model="draft.looked" size="large">{{ LOOKED[layer.kind] }}</el-checkbox>
      <label class="name"
        >Note<el-input v-model="draft.note" type="textarea" maxlength="2000" aria-label="Note"
      /></label>
    </template>
    <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
    <template #footer>
      <el-button class="tap" type="primary" :loading="saving" @click="keep">Keep it</el-button>
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
</style>
