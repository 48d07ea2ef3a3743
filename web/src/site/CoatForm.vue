<script setup lang="ts">
/**
 * A coat over one bay, or over several that shared its containers: start and finish, tins opened and left, batches, readings
 * bay by bay. The verdicts move as it is entered, one for each bay.
 */
import { wetFilm } from '@lentum/core/buildup';
import { isProbe } from '@lentum/core/film';
import { teethUsed, type BayStatus, type BookEntryOf } from '@lentum/core/record';
import { worded } from '../app/wording.ts';
import BayPicker from '../shared/BayPicker.vue';
import { vButtonRow } from '../shared/buttonrow.ts';
import PickList from '../shared/PickList.vue';
import VerdictLine from '../shared/VerdictLine.vue';
import AgainstField from './AgainstField.vue';
import CoatHow from './CoatHow.vue';
import CoatSplit from './CoatSplit.vue';
import CoatTimes from './CoatTimes.vue';
import { useCoatWork } from './coatwork.ts';
import ContainersOpened from './ContainersOpened.vue';
import GaugeTeeth from './GaugeTeeth.vue';
import PhotoPicker from '../shared/pictures/PhotoPicker.vue';
import { useNarrow } from '../shared/narrow.ts';
import PlacePad from '../shared/PlacePad.vue';

const props = defineProps<{
  /** Bays to begin with, of one zone. */
  bays: readonly BayStatus[];
  /** The coat that is put right. */
  correcting?: string | undefined;
}>();
const open = defineModel<boolean>({ required: true });
const narrow = useNarrow();
// What it is about is settled when it opens: the form is made anew for another coat.
const {
  draft,
  coat,
  pictures,
  coats,
  old,
  zoneBays,
  waiting,
  gauges,
  ownTeeth,
  readingOn,
  taken,
  readBay,
  readFrame,
  readPlace,
  chosen,
  read,
  verdicts,
  flags,
  need,
  mixed,
  isLeftSaid,
  lastBatch,
  problems,
  trouble,
  saving,
  keep,
  zoneWord,
  labels,
  title,
} = useCoatWork({ bays: props.bays, correcting: props.correcting }, () => (open.value = false));
const { photos, marks } = pictures;
</script>

<template>
  <el-drawer v-model="open" :title="title" size="min(560px, 100vw)" class="coat">
    <div v-if="!old" class="choice">
      <span class="name">Layer</span
      ><PickList
        v-model="draft.layerId"
        size="large"
        label="Layer"
        own
        :options="coats.map((c) => ({ value: c.id, label: c.name }))"
      />
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
    <ContainersOpened
      v-model="draft.containers"
      v-model:left-over="draft.leftOver"
      v-model:counted="draft.counted"
      :coat="coat"
      :need="need"
      :mixed="mixed"
      :last-batch="lastBatch(draft.layerId)"
    />
    <CoatTimes
      v-model:started="draft.started"
      v-model:finished="draft.finished"
      :zone-word="zoneWord"
      :chips="!correcting"
    />
    <CoatSplit
      v-if="chosen.length > 1"
      v-model:split="draft.split"
      v-model:by-hand="draft.byHand"
      :bays="chosen"
      :coat="coat"
      :entry="isLeftSaid && read?.kind === 'coat' ? (read as BookEntryOf<'coat'>) : undefined"
    />
    <div v-if="chosen.length > 1" v-button-row class="bays" role="group" aria-label="Readings on which bay">
      <button
        v-for="b in chosen"
        :key="b.id"
        type="button"
        class="tile"
        :aria-pressed="b.id === readingOn"
        :aria-label="`Readings on ${b.label}, ${(draft.readings[b.id] ?? []).length} taken`"
        @click="readingOn = b.id"
      >
        {{ b.label }} <span class="quiet">{{ (draft.readings[b.id] ?? []).length }}</span>
      </button>
    </div>
    <details v-if="readBay && readFrame" :key="readingOn" :open="!narrow || readPlace !== null" class="where">
      <summary v-if="narrow">Say where it is read</summary>
      <PlacePad
        v-model="readPlace"
        :parts="readBay.parts"
        :frame="readFrame"
        title="Where it is read"
        none="Somewhere on the bay"
        :label="`Place of the next reading on ${readBay.label}`"
        :dots="taken.flatMap((t) => (t.place ? [t.place] : []))"
      />
    </details>
    <div class="choice">
      <span class="name">Gauge</span
      ><PickList v-model="draft.gauge" size="large" label="Gauge" :options="gauges" />
    </div>
    <GaugeTeeth
      :key="readingOn + draft.gauge"
      v-model="taken"
      :place="readPlace"
      :teeth="teethUsed({ gauge: draft.gauge, ...(ownTeeth ? { teethMm: [...ownTeeth] } : {}) })"
      :probe="isProbe(draft.gauge)"
      :design-mm="wetFilm(coat).value"
    />
    <CoatHow :model-value="draft" :coat="coat" />
    <PhotoPicker v-model="photos" v-model:marks="marks" :at-ms="undefined" />
    <AgainstField v-model="draft.against" :flags="flags" />
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
        <p v-for="f in flags" :key="f.rule + f.says" class="flag">{{ worded(f.says) }}</p>
        <p v-if="!isLeftSaid && problems.length === 0" class="quiet">
          Say what was left over, then it is judged.
        </p>
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
.choice {
  display: grid;
  grid-template-columns: 4rem minmax(0, 1fr);
  align-items: center;
  margin-bottom: var(--s3);
}
.kept {
  margin-bottom: var(--s3);
}
.name {
  display: block;
  font-weight: 600;
  margin-bottom: 2px;
}
.where summary {
  cursor: pointer;
  min-height: 36px;
  color: var(--sea);
  font-weight: 600;
}
.bays {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin-bottom: var(--s2);
}
.bays button {
  min-width: 64px;
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
</style>
