<script setup lang="ts">
/** How far a walk misses its start, in what ratio, and the adjustment that the person may accept. */
import { computed } from 'vue';
import type { Traverse } from '@lentum/core/geometry';
import { useJob } from '../app/job.ts';
import VerdictMark from '../shared/VerdictMark.vue';

const props = defineProps<{ walked: Traverse }>();
const accepted = defineModel<boolean>({ required: true });
const job = useJob();
const ratio = computed(() =>
  props.walked.ratio === undefined ? '' : `1 in ${Math.round(props.walked.ratio)}`,
);
const gap = computed(() => job.say(props.walked.gapM * 1000, 'lap'));
const angleOut = computed(() => Math.abs(props.walked.turnGapDeg) > 0.05);
</script>

<template>
  <div class="closing">
    <div class="head"><h2>Closing error</h2></div>
    <div class="line">
      <VerdictMark :outcome="walked.closed ? 'done' : accepted ? 'done' : 'hold'" />
      <p v-if="walked.closed">The walk closes: it ends {{ gap }} from its start.</p>
      <p v-else-if="accepted">
        <strong>Adjusted.</strong> The walk ended {{ gap }} from its start ({{ ratio }}); the gap is spread
        over the sides by length (compass rule).
      </p>
      <p v-else>
        <strong>Open:</strong> the walk ends {{ gap }} from its start, {{ ratio }} of
        {{ job.say(walked.lengthM, 'length') }} walked. Look for a wrong side or turn; or accept the
        adjustment, which spreads the gap over the sides by length (compass rule).
      </p>
    </div>
    <p v-if="angleOut && !walked.closed" class="quiet">
      The turns add up to {{ job.say(360 + walked.turnGapDeg, 'angle') }}° instead of 360°: a turn is wrong,
      or one is missing.
    </p>
    <el-button v-if="!walked.closed && !accepted" type="primary" @click="accepted = true"
      >Accept the adjustment</el-button
    >
    <el-button v-else-if="!walked.closed" text @click="accepted = false">Take the adjustment back</el-button>
  </div>
</template>

<style scoped>
.closing {
  margin-top: var(--s4);
}
.line {
  display: grid;
  grid-template-columns: 18px minmax(0, 1fr);
  gap: var(--s3);
  padding: var(--s2) 0;
}
</style>
