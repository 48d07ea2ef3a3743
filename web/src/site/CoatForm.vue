<script setup lang="ts">
/** A coat on a bay: start and finish, tins opened and left, batches, readings. The verdict moves as it is entered. */
import { computed, ref, watch } from 'vue';
import { isCoat, laidRate, wetFilm } from '@lentum/core/buildup';
import { GAUGES } from '@lentum/core/film';
import { check, sentence } from '@lentum/core/problems';
import {
  coatEntrySchema,
  earlierFilms,
  entryProblems,
  judgeCoat,
  type BayStatus,
  type CoatEntry,
} from '@lentum/core/record';
import { bayAreaFigure } from '@lentum/core/site';
import { coatVerdict } from '@lentum/core/words';
import { sentenceOf } from '../app/api.ts';
import { useJob } from '../app/job.ts';
import { usePreferences } from '../app/preferences.ts';
import { toField, zoneName } from '../app/time.ts';
import MeasureInput from '../shared/MeasureInput.vue';
import PickList from '../shared/PickList.vue';
import VerdictLine from '../shared/VerdictLine.vue';
import { bodyOf, draftOf, gaugeFor, newDraft } from './coatdraft.ts';
import ContainersOpened from './ContainersOpened.vue';
import GaugeTeeth from './GaugeTeeth.vue';
import { askWho } from './who.ts';

const props = defineProps<{ status: BayStatus; correcting?: CoatEntry | undefined }>();
const open = defineModel<boolean>({ required: true });
const job = useJob();
const preferences = usePreferences();
const trouble = ref('');
const saving = ref(false);

/** A coat that was begun and not finished is gone on with: the new entry takes its place. */
const begun = computed(() => props.status.laid.find((l) => l.entry.finishedAt === undefined)?.entry);
const old = props.correcting ?? begun.value;
/** As it stands on the zone: options taken, rates as the zone asks for them. */
const buildUp = computed(() =>
  old ? props.status.laid.find((l) => l.entry.id === old.id)?.buildUp : props.status.buildUp,
);
const coats = computed(() => buildUp.value?.layers.filter(isCoat) ?? []);
/** When all coats are laid, the last one is what a further coat makes up for. */
const { next } = props.status;
const first = (next && isCoat(next) ? next : undefined) ?? props.status.laid.at(-1)?.coat ?? coats.value[0];
if (!first) throw new Error('a coat is logged on a bay whose zone has a build-up');
const draft = old ? draftOf(old, job.timeZone) : newDraft(first, job.timeZone, job.nowMs);
const coat = computed(() => coats.value.find((c) => c.id === draft.layerId) ?? first);
watch(
  () => draft.layerId,
  () => {
    draft.gauge = gaugeFor(coat.value);
    draft.lastWetMm = [];
    draft.containers = [{ containerId: coat.value.containers[0]?.id ?? '', opened: 1, batch: '' }];
  },
);
watch(
  () => draft.gauge,
  () => (draft.lastWetMm = []),
);

const body = computed(
  () => buildUp.value && bodyOf(draft, props.status.bay.id, buildUp.value, job.timeZone, old),
);
const entry = computed(() => ({
  ...body.value,
  id: 'draft',
  madeAt: new Date(job.nowMs).toISOString(),
  who: preferences.who || 'somebody',
  ...(old ? { supersedes: old.id } : {}),
}));
const checked = computed(() => check(coatEntrySchema, entry.value, 'The coat'));
const problems = computed(() => {
  if (!checked.value.ok) return checked.value.problems;
  const { survey, buildUps, site } = job.documents;
  return entryProblems(checked.value.value, {
    survey: survey.draft,
    buildUps: buildUps.draft,
    site: site.draft,
    target: old && { entry: old, alreadySuperseded: false },
    nowMs: job.nowMs,
  });
});
const verdict = computed(() => {
  if (!checked.value.ok || !buildUp.value || problems.value.length > 0) return undefined;
  const made = checked.value.value;
  const judgement = judgeCoat(
    buildUp.value,
    coat.value,
    made,
    bayAreaFigure(props.status.bay),
    earlierFilms(props.status.laid, made),
  );
  const wetUntil =
    made.finishedAt === undefined
      ? undefined
      : old === undefined
        ? undefined
        : (props.status.workableUntilMs ?? 0);
  return coatVerdict(
    `${props.status.bay.label} · ${coat.value.name.toLowerCase()}.`,
    { entry: made, buildUp: buildUp.value, coat: coat.value, judgement },
    wetUntil,
    job.nowMs,
  );
});

async function keep(finish: boolean): Promise<void> {
  trouble.value = '';
  if (finish && draft.finished === '') draft.finished = toField(Date.now(), job.timeZone);
  if (problems.value.length > 0) {
    trouble.value = problems.value.map(sentence).join(' ');
    return;
  }
  if (!body.value || !(await askWho(preferences))) return;
  saving.value = true;
  try {
    await job.enter({ ...body.value, ...(old ? { supersedes: old.id } : {}) });
    open.value = false;
  } catch (error) {
    trouble.value = sentenceOf(error);
  } finally {
    saving.value = false;
  }
}
const zoneWord = computed(() => zoneName(job.timeZone, job.nowMs));
</script>

<template>
  <el-drawer
    v-model="open"
    :title="`${correcting ? 'Correct' : begun ? 'Go on with' : 'Log'} a coat on bay ${status.bay.label}`"
    size="min(560px, 100vw)"
    class="coat"
  >
    <div class="fields">
      <div v-if="!old" class="wide">
        <span class="name">Layer</span
        ><PickList
          v-model="draft.layerId"
          size="large"
          label="Layer"
          :options="coats.map((c) => ({ value: c.id, label: c.name }))"
        />
      </div>
      <p v-else class="wide">
        <strong>{{ coat.name }}</strong>
        <span class="quiet">{{
          correcting ? 'the entry stays in the record; this one takes its place' : 'begun, not finished yet'
        }}</span>
      </p>
      <div>
        <label class="name" for="coat-start">Started, {{ zoneWord }}</label
        ><input id="coat-start" v-model="draft.started" type="datetime-local" class="when" />
      </div>
      <div>
        <label class="name" for="coat-end">Finished, {{ zoneWord }}</label
        ><input id="coat-end" v-model="draft.finished" type="datetime-local" class="when" />
      </div>
    </div>
    <ContainersOpened v-model="draft.containers" :coat="coat" />
    <div class="fields">
      <div class="left">
        <span class="name">Left over in them</span
        ><MeasureInput
          v-model="draft.leftOver"
          size="large"
          :quantity="laidRate(coat).basis"
          label="Left over"
          :min="0"
          :digits="2"
        />
      </div>
      <div>
        <span class="name">Gauge</span
        ><PickList
          v-model="draft.gauge"
          size="large"
          label="Gauge"
          :options="GAUGES.map((g) => ({ value: g.id, label: g.name }))"
        />
      </div>
    </div>
    <GaugeTeeth v-model="draft.lastWetMm" :gauge="draft.gauge" :design-mm="wetFilm(coat).value" />
    <div class="note">
      <label class="name" for="coat-note">Note</label
      ><el-input
        id="coat-note"
        v-model="draft.note"
        type="textarea"
        :autosize="{ minRows: 1 }"
        maxlength="2000"
      />
    </div>
    <div class="verdict" aria-live="polite">
      <VerdictLine v-if="verdict" :verdict="verdict" />
      <p v-else class="wrong">{{ problems.map(sentence).join(' ') }}</p>
    </div>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <template #footer>
      <div class="acts">
        <el-button
          v-if="!correcting && draft.finished === ''"
          class="tap"
          :loading="saving"
          @click="keep(false)"
          >Keep, still laying</el-button
        >
        <el-button class="tap" type="primary" :loading="saving" @click="keep(!correcting)">{{
          correcting ? 'Keep the correction' : draft.finished === '' ? 'Finished now' : 'Keep the coat'
        }}</el-button>
      </div>
    </template>
  </el-drawer>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--s3);
  margin-bottom: var(--s3);
}
.wide {
  grid-column: 1 / -1;
}
.name {
  display: block;
  font-weight: 600;
  margin-bottom: 2px;
}
.when {
  width: 100%;
  min-height: var(--tap);
  border: max(1px, var(--stroke)) solid var(--line-2);
  border-radius: var(--r);
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  padding: 0 var(--s2);
}
.note {
  margin-top: var(--s3);
}
.verdict {
  border-top: var(--stroke) solid var(--line);
  margin-top: var(--s3);
  padding-top: var(--s2);
}
.wrong {
  color: var(--red);
}
.acts {
  display: flex;
  gap: var(--s2);
}
.acts .el-button {
  flex: 1;
}
@media (max-width: 480px) {
  .fields {
    grid-template-columns: 1fr;
  }
}
</style>
