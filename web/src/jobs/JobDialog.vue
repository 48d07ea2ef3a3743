<script setup lang="ts">
import { computed, reactive, ref } from 'vue';
import { jobHeadSchema, type JobHead } from '@lentum/core/job';
import { wordingOf, type Wording } from '@lentum/core/wording';
import { check, sentence } from '@lentum/core/problems';
import { sayClock } from '../app/time.ts';
import PickList from '../shared/PickList.vue';

const props = defineProps<{ title: string; action: string; head?: JobHead; trouble?: string }>();
const emit = defineEmits<{ done: [head: JobHead] }>();
const open = defineModel<boolean>({ required: true });

const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
const zones = Intl.supportedValuesOf('timeZone').map((z) => ({ value: z, label: z }));
const form = reactive({
  name: props.head?.name ?? '',
  place: props.head?.place ?? '',
  timeZone: props.head?.timeZone ?? here,
  units: props.head?.units ?? ('metric' as 'metric' | 'us'),
  words: props.head?.wording ?? ('units' as Wording | 'units'),
});
/** Instants stay when the clock changes: what that means, with the time that it is now. */
const moved = computed(() => {
  const before = props.head?.timeZone;
  if (before === undefined || before === form.timeZone) return undefined;
  const now = Date.now();
  const said = (zone: string): string => `${sayClock(now, zone, now)} in ${zone}`;
  return `What was logged, and the weather, keep their moments: ${said(before)} is ${said(form.timeZone)}, and every time is shown on the new clock. A place that lies elsewhere is set under Site, Weather.`;
});
const spoken = computed(() =>
  (form.words === 'units' ? wordingOf({ units: form.units }) : form.words) === 'us'
    ? 'Roof drain, curb, cant strip, tie-off.'
    : 'Outlet, kerb, fillet, day joint.',
);
const tried = ref(false);
const checked = computed(() =>
  check(
    jobHeadSchema,
    {
      name: form.name,
      place: form.place,
      timeZone: form.timeZone,
      units: form.units,
      ...(form.words === 'units' ? {} : { wording: form.words }),
      ...(props.head?.demo ? { demo: true } : {}),
      ...(props.head?.rules ? { rules: props.head.rules } : {}),
    },
    'The job',
  ),
);

function done(): void {
  tried.value = true;
  if (checked.value.ok) emit('done', checked.value.value);
}
</script>

<template>
  <el-dialog v-model="open" :title="title">
    <form id="job-form" class="form" @submit.prevent="done">
      <label for="job-name">Name</label>
      <el-input
        id="job-name"
        v-model="form.name"
        maxlength="120"
        placeholder="such as Harbour office, roof and balconies"
      />
      <label for="job-place">Place</label>
      <el-input id="job-place" v-model="form.place" maxlength="200" placeholder="address or site" />
      <label for="job-zone">Time zone</label>
      <PickList id="job-zone" v-model="form.timeZone" filterable :options="zones" own label="Time zone" />
      <span id="job-units">Units</span>
      <el-radio-group v-model="form.units" aria-labelledby="job-units">
        <el-radio-button value="metric">Metric</el-radio-button>
        <el-radio-button value="us">US customary</el-radio-button>
      </el-radio-group>
      <span id="job-words">Words</span>
      <el-radio-group v-model="form.words" aria-labelledby="job-words">
        <el-radio-button value="units">With the units</el-radio-button>
        <el-radio-button value="uk">British</el-radio-button>
        <el-radio-button value="us">American</el-radio-button>
      </el-radio-group>
      <p class="quiet spoken">{{ spoken }}</p>
    </form>
    <p v-if="moved" class="quiet" role="status">{{ moved }}</p>
    <p v-if="tried && !checked.ok" class="wrong" role="alert">
      {{ checked.problems.map(sentence).join(' ') }}
    </p>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <template #footer>
      <el-button @click="open = false">Cancel</el-button>
      <el-button type="primary" native-type="submit" form="job-form">{{ action }}</el-button>
    </template>
  </el-dialog>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: 7rem minmax(0, 1fr);
  gap: var(--s3);
  align-items: center;
}
.spoken {
  grid-column: 2;
  margin: 0;
}
.wrong {
  color: var(--red);
  margin-top: var(--s3);
}
@media (max-width: 520px) {
  .form {
    grid-template-columns: 1fr;
    gap: var(--s1);
  }
  .spoken {
    grid-column: 1;
  }
}
</style>
