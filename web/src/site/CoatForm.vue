<script setup lang="ts">
/**
 * A coat over one bay, or over several that shared its containers: start and finish, tins opened and left, batches, readings
 * bay by bay. The verdicts move as it is entered, one for each bay.
 */
import { computed, ref, watch } from 'vue';
import { isCoat, laidRate, wetFilm } from '@lentum/core/buildup';
import { GAUGES } from '@lentum/core/film';
import { check, sentence } from '@lentum/core/problems';
import {
  allOf,
  coatOn,
  earlierFilms,
  entryProblems,
  judgeCoat,
  readEntry,
  secondFormSchema,
  teethUsed,
  type BayStatus,
  type Body,
  type BookEntryOf,
} from '@lentum/core/record';
import { bayAreaFigure } from '@lentum/core/site';
import { bayRuns, coatVerdict } from '@lentum/core/words';
import { sentenceOf } from '../app/api.ts';
import { makeEntry } from '../app/entering.ts';
import { useJob } from '../app/job.ts';
import { usePreferences } from '../app/preferences.ts';
import { toField, zoneName } from '../app/time.ts';
import { useEntryWords } from '../record/entrywords.ts';
import BayPicker from '../shared/BayPicker.vue';
import MeasureInput from '../shared/MeasureInput.vue';
import PickList from '../shared/PickList.vue';
import VerdictLine from '../shared/VerdictLine.vue';
import { bodyOf, draftOf, freshContainers, gaugeFor, newDraft, sharesOf } from './coatdraft.ts';
import CoatHow from './CoatHow.vue';
import CoatSplit from './CoatSplit.vue';
import CoatTimes from './CoatTimes.vue';
import ContainersOpened from './ContainersOpened.vue';
import GaugeTeeth from './GaugeTeeth.vue';
import { inForm } from './log/saying.ts';
import { askWho } from './who.ts';

const props = defineProps<{
  /** Bays to begin with, of one zone. */
  bays: readonly BayStatus[];
  /** The coat that is put right. */
  correcting?: string | undefined;
}>();
const open = defineModel<boolean>({ required: true });
const job = useJob();
const preferences = usePreferences();
const words = useEntryWords();
const IN_FORM = {
  names: { startedAt: 'Started', finishedAt: 'Finished', leftOver: 'Left over', gauge: 'Gauge' },
  times: ['startedAt', 'finishedAt'],
};
const trouble = ref<string[]>([]);
const saving = ref(false);

const first = props.bays[0];
if (!first) throw new Error('a coat is logged on at least one bay');
/** A coat that was begun and not finished is gone on with: the new entry takes its place. */
const begun = computed(() => first.laid.find((l) => l.entry.finishedAt === undefined)?.entry.id);
const oldId = props.correcting ?? begun.value;
const found = oldId === undefined ? undefined : job.book.seen.get(oldId);
const old = found?.kind === 'coat' ? (found as BookEntryOf<'coat'>) : undefined;

const zoneBays = computed(() => job.documents.site.content.bays.filter((b) => b.zoneId === first.bay.zoneId));
const statuses = computed(() => new Map(job.statuses.map((s) => [s.bay.id, s])));
/** As it stands on the zone: options taken, rates as the zone asks for them. */
const buildUp = computed(() =>
  old ? first.laid.find((l) => l.entry.id === old.id)?.buildUp : first.buildUp,
);
const coats = computed(() => buildUp.value?.layers.filter(isCoat) ?? []);
/** When all coats are laid, the last one is what a further coat makes up for. */
const { next } = first;
const firstCoat = (next && isCoat(next) ? next : undefined) ?? first.laid.at(-1)?.coat ?? coats.value[0];
if (!firstCoat) throw new Error('a coat is logged on a bay whose zone has a build-up');
/** The batch that was opened last for a layer. */
const lastBatch = (layerId: string): string =>
  allOf(job.book, 'coat')
    .filter((e) => e.body.layerId === layerId && e.zoneId === first.bay.zoneId)
    .at(-1)
    ?.body.containers.at(-1)?.batch ?? '';
const draft = old
  ? draftOf(old, zoneBays.value, job.timeZone)
  : newDraft(
      firstCoat,
      props.bays.map((s) => s.bay.id),
      job.timeZone,
      job.nowMs,
      lastBatch(firstCoat.id),
    );
const coat = computed(() => coats.value.find((c) => c.id === draft.layerId) ?? firstCoat);
const waiting = computed(() => ({
  name: 'That wait for it',
  ids: [...statuses.value.values()]
    .filter((s) => s.bay.zoneId === first.bay.zoneId && s.next?.id === draft.layerId && !s.hold)
    .map((s) => s.bay.id),
}));
watch(
  () => draft.layerId,
  () => {
    draft.gauge = gaugeFor(coat.value);
    draft.containers = freshContainers(coat.value, lastBatch(draft.layerId));
  },
);
watch(
  () => draft.gauge,
  () => (draft.readings = {}),
);

const ownGauges = computed(() => allOf(job.book, 'gauge'));
const ownTeeth = computed(
  () =>
    ownGauges.value.find((g) => g.id === draft.gauge)?.body.teethMm ??
    (old?.body.gauge === draft.gauge ? old.body.teethMm : undefined),
);
const gauges = computed(() => [
  ...GAUGES.map((g) => ({ value: g.id as string, label: g.name })),
  ...ownGauges.value.map((g) => ({ value: g.id, label: `${g.body.name} (own, ${g.body.marked})` })),
]);
/** The bay whose readings are being taken. */
const readingOn = ref(draft.bayIds[0] ?? '');
watch(
  () => draft.bayIds,
  (ids) => {
    if (!ids.includes(readingOn.value)) readingOn.value = ids[0] ?? '';
  },
);
const chosen = computed(() => zoneBays.value.filter((b) => draft.bayIds.includes(b.id)));
const taken = computed({
  get: () => draft.readings[readingOn.value] ?? [],
  set: (list: number[]) => (draft.readings[readingOn.value] = list),
});

const body = computed(
  () => buildUp.value && bodyOf(draft, buildUp.value, job.timeZone, ownTeeth.value, old?.body),
);
const where = computed(() => ({
  zoneId: first.bay.zoneId,
  bays: sharesOf(draft, zoneBays.value),
  supersedes: old?.id,
}));
const checked = computed(() =>
  check(
    secondFormSchema,
    makeEntry(preferences.who.trim() || 'somebody', 'coat', where.value, body.value as Body<'coat'>),
    'The coat',
  ),
);
const target = computed(() => (old ? job.entries.find((s) => s.entry.id === old.id)?.entry : undefined));
const problems = computed(() => {
  if (draft.split === 'by hand' && where.value.bays.some((b) => b.share <= 0))
    return ['Split by hand: each bay needs its part, in the unit of the rate.'];
  if (!checked.value.ok) return inForm(checked.value.problems, 'Coat', IN_FORM);
  return entryProblems(checked.value.value, {
    ...job.rules(),
    target: target.value && { entry: target.value, alreadySuperseded: false },
  }).map(sentence);
});
const read = computed(() =>
  checked.value.ok && problems.value.length === 0 ? readEntry(checked.value.value, job.names) : undefined,
);
const verdicts = computed(() => {
  const made = read.value;
  if (made?.kind !== 'coat' || !buildUp.value) return [];
  return chosen.value.flatMap((bay) => {
    const status = statuses.value.get(bay.id);
    if (!status || !buildUp.value) return [];
    const entry = coatOn(made as BookEntryOf<'coat'>, bay.id);
    const judgement = judgeCoat(
      buildUp.value,
      coat.value,
      entry,
      bayAreaFigure(bay),
      earlierFilms(status.laid, entry),
    );
    const wetUntil =
      entry.finishedAt === undefined || old === undefined ? undefined : (status.workableUntilMs ?? 0);
    return [
      coatVerdict(
        `${bay.label} · ${coat.value.name.toLowerCase()}.`,
        { entry, buildUp: buildUp.value, coat: coat.value, judgement },
        wetUntil,
        job.nowMs,
      ),
    ];
  });
});
const flags = computed(() => (read.value ? words.flags(read.value) : []));

async function keep(finish: boolean): Promise<void> {
  if (finish && draft.finished === '') draft.finished = toField(Date.now(), job.timeZone);
  trouble.value = [...problems.value];
  if (trouble.value.length > 0 || !body.value || !(await askWho(preferences))) return;
  saving.value = true;
  try {
    await job.tap(
      `${bayRuns(chosen.value.map((b) => b.label))}: ${coat.value.name.toLowerCase()}`,
      'coat',
      where.value,
      body.value as Body<'coat'>,
    );
    open.value = false;
  } catch (error) {
    trouble.value = [sentenceOf(error)];
  } finally {
    saving.value = false;
  }
}
const zoneWord = computed(() => zoneName(job.timeZone, job.nowMs));
const labels = computed(() => bayRuns(chosen.value.map((b) => b.label)));
const title = computed(() => {
  const what = props.correcting ? 'Correct' : old ? 'Go on with' : 'Log';
  return `${what} a coat on ${labels.value === '' ? '…' : labels.value}`;
});
</script>

<template>
  <el-drawer v-model="open" :title="title" size="min(560px, 100vw)" class="coat">
    <div v-if="!old" class="fields">
      <div class="wide">
        <span class="name">Layer</span
        ><PickList
          v-model="draft.layerId"
          size="large"
          label="Layer"
          :options="coats.map((c) => ({ value: c.id, label: c.name }))"
        />
      </div>
    </div>
    <p v-else class="kept">
      <strong>{{ coat.name }}</strong>
      <span class="quiet">{{
        correcting
          ? ' the entry stays in the record; this one takes its place, for all its bays'
          : ' begun, not finished yet'
      }}</span>
    </p>
    <BayPicker v-if="zoneBays.length > 1" v-model="draft.bayIds" :bays="zoneBays" :offer="waiting" />
    <CoatTimes
      v-model:started="draft.started"
      v-model:finished="draft.finished"
      :zone-word="zoneWord"
      :chips="!correcting"
    />
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
        ><PickList v-model="draft.gauge" size="large" label="Gauge" :options="gauges" />
      </div>
    </div>
    <CoatSplit
      v-if="chosen.length > 1"
      v-model:split="draft.split"
      v-model:by-hand="draft.byHand"
      :bays="chosen"
      :coat="coat"
      :entry="read?.kind === 'coat' ? (read as BookEntryOf<'coat'>) : undefined"
    />
    <div v-if="chosen.length > 1" class="bays" role="group" aria-label="Readings on which bay">
      <button
        v-for="b in chosen"
        :key="b.id"
        type="button"
        :aria-pressed="b.id === readingOn"
        :aria-label="`Readings on ${b.label}, ${(draft.readings[b.id] ?? []).length} taken`"
        @click="readingOn = b.id"
      >
        {{ b.label }} <span class="quiet">{{ (draft.readings[b.id] ?? []).length }}</span>
      </button>
    </div>
    <GaugeTeeth
      :key="readingOn + draft.gauge"
      v-model="taken"
      :teeth="teethUsed({ gauge: draft.gauge, ...(ownTeeth ? { teethMm: [...ownTeeth] } : {}) })"
      :probe="draft.gauge === 'probe'"
      :design-mm="wetFilm(coat).value"
    />
    <CoatHow :model-value="draft" :coat="coat" />
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
    <template #footer>
      <div class="verdict" aria-live="polite">
        <VerdictLine v-for="(v, i) in verdicts" :key="i" :verdict="v" />
        <p v-for="f in flags" :key="f.rule + f.says" class="flag">{{ f.says }}</p>
        <p v-for="p in trouble.length > 0 ? [] : problems" :key="p" class="quiet">{{ p }}</p>
      </div>
      <p v-for="t in trouble" :key="t" class="problem said" role="alert">{{ t }}</p>
      <div class="acts">
        <el-button
          v-if="!correcting && draft.finished === ''"
          class="tap"
          :loading="saving"
          @click="keep(false)"
          >Keep, still laying</el-button
        >
        <el-button class="tap" type="primary" :loading="saving" @click="keep(!correcting)">{{
          correcting ? 'Keep the correction' : draft.finished === '' ? 'Finished now' : `Keep for ${labels}`
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
.kept {
  margin-bottom: var(--s3);
}
.name {
  display: block;
  font-weight: 600;
  margin-bottom: 2px;
}
.bays {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin-bottom: var(--s2);
}
.bays button {
  min-height: var(--tap);
  min-width: 64px;
  border: max(1px, var(--stroke)) solid var(--line-2);
  border-radius: 4px;
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  font-weight: 600;
  cursor: pointer;
}
.bays button[aria-pressed='true'] {
  border-color: var(--violet);
  box-shadow: inset 0 0 0 2px var(--violet);
}
.note {
  margin-top: var(--s3);
}
.verdict {
  text-align: left;
  max-height: 24vh;
  overflow-y: auto;
  margin-bottom: var(--s2);
}
.flag {
  color: var(--amber);
  padding-left: 30px;
}
.said {
  text-align: left;
  margin-bottom: var(--s2);
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
