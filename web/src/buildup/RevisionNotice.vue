<script setup lang="ts">
/** The library has a newer revision than the job: what differs, what it moves, and moving to it. */
import { computed, ref, watch } from 'vue';
import type { BuildUp, Terms } from '@lentum/core/buildup';
import type { Pace } from '@lentum/core/choosing';
import { differences, inUsPacks, inWords, moves, sameContent } from '@lentum/core/library';
import { get, sentenceOf } from '../app/api.ts';
import { spoken } from '../app/wording.ts';
import { useLibrary } from '../library/library.ts';
import FigureText from '../shared/FigureText.vue';
import { useUnits } from '../shared/units.ts';
import DifferenceList from './DifferenceList.vue';

const props = defineProps<{ buildUp: BuildUp; terms: Terms; pace: Pace }>();
const emit = defineEmits<{ move: [to: BuildUp] }>();
const library = useLibrary();
const { say } = useUnits();
const newest = computed(() => library.rows?.find((r) => r.id === props.buildUp.id && r.revision > 0));
const newer = computed(() => {
  const row = newest.value;
  const taken = props.buildUp.taken;
  return row && taken && row.revision > taken.revision && !sameContent(row.buildUp, props.buildUp)
    ? row
    : undefined;
});
/** The library's revision that the job took: what was changed for the job is distinguished by it. */
const original = ref<BuildUp>();
const trouble = ref('');
watch(
  () => [props.buildUp.id, props.buildUp.taken?.revision] as const,
  async ([id, revision]) => {
    original.value = undefined;
    if (revision === undefined) return;
    try {
      original.value = (await get<BuildUp>(`/library/${id}/revisions/${revision}`)).body;
    } catch (error) {
      trouble.value = sentenceOf(error);
    }
  },
  { immediate: true },
);
/** A job in American words, or in US units, took what ships with Lentum in those: that is no change of its own. */
const own = computed(() =>
  original.value
    ? [original.value, inWords(original.value, 'us', spoken.value.units)]
        .flatMap((was) => [was, inUsPacks(was)])
        .map((was) => differences(was, props.buildUp))
        .reduce((a, b) => (b.length < a.length ? b : a))
    : [],
);
const shown = ref(false);
const showOwn = ref(false);
</script>

<template>
  <p v-if="own.length > 0" class="quiet">
    Changed for this job since library revision {{ buildUp.taken?.revision }}: {{ own.length }}
    {{ own.length === 1 ? 'figure' : 'figures' }}.
    <el-button text :disabled="false" @click="showOwn = !showOwn">{{
      showOwn ? 'Hide them' : 'Show them'
    }}</el-button>
  </p>
  <DifferenceList v-if="showOwn && own.length > 0" :differences="own" />
  <div v-if="newer" class="newer">
    <p>
      <strong>The library has revision {{ newer.revision }}.</strong> This job keeps revision
      {{ buildUp.taken?.revision }} until somebody moves it.
      <el-button text :disabled="false" @click="shown = !shown">{{
        shown ? 'Hide what differs' : 'Show what differs'
      }}</el-button>
    </p>
    <template v-if="shown">
      <DifferenceList :differences="differences(buildUp, newer.buildUp)" />
      <p class="moved">
        <span v-for="m in moves(buildUp, newer.buildUp, pace, terms)" :key="m.label"
          >{{ m.label }} {{ m.before ? say(m.before.value, m.before.quantity) : '–' }} →
          <FigureText v-if="m.after" :figure="m.after" /><template v-else>–</template></span
        >
      </p>
      <p v-if="own.length > 0" class="quiet">
        What was changed for this job goes with it; it stays in the job’s history, and undo brings it back.
      </p>
      <el-button type="primary" @click="emit('move', newer.buildUp)"
        >Move this job to revision {{ newer.revision }}</el-button
      >
    </template>
  </div>
</template>

<style scoped>
.newer {
  border-left: 4px solid var(--amber);
  padding: var(--s1) var(--s3);
  margin: var(--s2) 0;
}
.moved {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--s4);
  margin: var(--s2) 0;
}
</style>
