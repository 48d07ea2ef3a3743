<script setup lang="ts">
/** When it was laid: begun and finished by a tap each, or as typed. */
import { computed } from 'vue';
import { MS_PER_MINUTE } from '@lentum/core/units';
import { useJob } from '../app/job.ts';
import { rightNowMs } from '../app/righttime.ts';
import { fromField, toField } from '../app/time.ts';
import { vButtonRow } from '../shared/buttonrow.ts';
import { useNarrow } from '../shared/narrow.ts';

const props = defineProps<{ zoneWord: string; chips: boolean }>();
const started = defineModel<string>('started', { required: true });
const finished = defineModel<string>('finished', { required: true });
const job = useJob();
const narrow = useNarrow();
const ROWS = [
  {
    ...{ name: 'Begun', word: 'begun', begins: 'begun', minutes: [15, 30, 60, 120] },
    set: (field: string) => (started.value = field),
  },
  {
    ...{ name: 'Finished', word: 'done', begins: 'to', minutes: [0, 15, 30, 60] },
    set: (field: string) => (finished.value = field),
  },
];
const MINUTES_PER_HOUR = 60;
const at = (minutes: number): string => toField(rightNowMs() - minutes * MS_PER_MINUTE, job.timeZone);
const ago = (m: number): string => (m < MINUTES_PER_HOUR ? `${m} min` : `${m / MINUTES_PER_HOUR} h`);
const says = (field: string): string => {
  const instant = fromField(field, job.timeZone);
  return instant === undefined ? '…' : job.time(Date.parse(instant));
};
const span = computed(
  () => `${says(started.value)} to ${finished.value === '' ? '…' : says(finished.value)}, ${props.zoneWord}`,
);
</script>

<template>
  <div class="times">
    <p class="line">
      <strong>Laid</strong> <span class="quiet" role="status">{{ span }}</span>
    </p>
    <template v-if="chips">
      <div v-for="row in ROWS" :key="row.name" v-button-row class="chips" role="group" :aria-label="row.name">
        <span class="quiet">{{ row.word }}</span>
        <el-button
          v-for="m in row.minutes"
          :key="m"
          class="tap"
          round
          :aria-label="m === 0 ? 'to now' : `${row.begins} ${ago(m)} ago`"
          @click="row.set(at(m))"
          >{{ m === 0 ? 'to now' : ago(m) }}</el-button
        >
        <span class="quiet end" aria-hidden="true">ago</span>
      </div>
      <el-button v-if="finished !== ''" text @click="finished = ''">still laying</el-button>
    </template>
    <details :open="!narrow || !chips">
      <summary v-if="narrow && chips">Other times</summary>
      <div class="fields">
        <label class="name"
          >Started, {{ zoneWord
          }}<input id="coat-start" v-model="started" type="datetime-local" class="plain when"
        /></label>
        <label class="name"
          >Finished, {{ zoneWord
          }}<input id="coat-end" v-model="finished" type="datetime-local" class="plain when"
        /></label>
      </div>
    </details>
  </div>
</template>

<style scoped>
.times {
  margin-bottom: var(--s3);
}
.line {
  display: flex;
  justify-content: space-between;
}
.chips {
  display: flex;
  align-items: center;
  gap: 4px;
  margin-top: var(--s1);
}
.chips > .quiet {
  flex: none;
  width: 2.8rem;
}
.chips > .end {
  width: auto;
}
.chips .el-button {
  flex: 1;
  margin: 0;
  padding: 0 var(--s1);
  min-width: 0;
}
summary {
  cursor: pointer;
  min-height: 36px;
  padding-top: var(--s2);
  color: var(--sea);
  font-weight: 600;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--s2) var(--s3);
  margin-top: var(--s2);
}
.name {
  font-weight: 600;
}
.when {
  min-height: var(--tap);
}
@media (max-width: 480px) {
  .fields {
    grid-template-columns: 1fr;
  }
}
</style>
