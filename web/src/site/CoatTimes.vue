<script setup lang="ts">
/** When it was laid: to now, to some minutes ago, or as typed. */
import { rightNowMs } from '../app/righttime.ts';
import { useJob } from '../app/job.ts';
import { toField } from '../app/time.ts';
import { MS_PER_MINUTE } from '@lentum/core/units';

defineProps<{ zoneWord: string; chips: boolean }>();
const started = defineModel<string>('started', { required: true });
const finished = defineModel<string>('finished', { required: true });
const job = useJob();
const AGO = [0, 15, 30, 60] as const;
const at = (minutes: number): string => toField(rightNowMs() - minutes * MS_PER_MINUTE, job.timeZone);
</script>

<template>
  <div class="times">
    <label class="name"
      >Started, {{ zoneWord
      }}<input id="coat-start" v-model="started" type="datetime-local" class="plain when"
    /></label>
    <label class="name"
      >Finished, {{ zoneWord
      }}<input id="coat-end" v-model="finished" type="datetime-local" class="plain when"
    /></label>
    <div v-if="chips" class="bar wide" role="group" aria-label="Finished">
      <el-button v-for="m in AGO" :key="m" class="tap" round @click="finished = at(m)">{{
        m === 0 ? 'to now' : `to ${m} min ago`
      }}</el-button>
      <el-button v-if="finished !== ''" text @click="finished = ''">still laying</el-button>
    </div>
  </div>
</template>

<style scoped>
.times {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--s2) var(--s3);
  margin-bottom: var(--s3);
}
.name {
  font-weight: 600;
}
.wide {
  grid-column: 1 / -1;
}
.when {
  min-height: var(--tap);
}
@media (max-width: 480px) {
  .times {
    grid-template-columns: 1fr;
  }
}
</style>
