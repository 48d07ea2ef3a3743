<script setup lang="ts">
import type { FormInstance } from 'element-plus';
import { computed, reactive, useTemplateRef } from 'vue';
import { jobHeadSchema, type JobHead } from '@lentum/core/job';
import { wordingOf, type Wording } from '@lentum/core/wording';
import { check } from '@lentum/core/problems';
import { INCHES, notationOf, NUMBER_STYLES, type Inches } from '@lentum/core/units';
import { usePreferences } from '../app/preferences.ts';
import { sayClock } from '../app/time.ts';
import { useNarrow } from '../shared/narrow.ts';
import PickList from '../shared/PickList.vue';
import { zodRules } from '../shared/zodrules.ts';

const props = defineProps<{ title: string; action: string; head?: JobHead; trouble?: string }>();
const emit = defineEmits<{ done: [head: JobHead] }>();
const open = defineModel<boolean>({ required: true });

const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
const zones = Intl.supportedValuesOf('timeZone').map((z) => ({ value: z, label: z }));
const narrow = useNarrow();
const LENGTHS: Readonly<Record<Inches, string>> = {
  decimal: '12.54 ft',
  eighths: `12' 6 1/2"`,
  sixteenths: `12' 6 7/16"`,
};
/** What goes with the units, until somebody says otherwise. */
const USUAL = 'usual';
const form = reactive({
  name: props.head?.name ?? '',
  place: props.head?.place ?? '',
  timeZone: props.head?.timeZone ?? here,
  units: props.head?.units ?? ('metric' as 'metric' | 'us'),
  words: props.head?.wording ?? ('units' as Wording | 'units'),
  inches: props.head?.inches ?? notationOf({ units: 'us' }).inches,
  numbers: props.head?.numbers ?? (USUAL as string),
  currency: props.head?.currency ?? (USUAL as string),
});
const numberStyles = computed(() => [
  { value: USUAL, label: `As goes with the units, ${notationOf({ units: form.units }).numbers}` },
  ...NUMBER_STYLES.map((value) => ({ value: value as string, label: value })),
]);
const codes = new Intl.DisplayNames('en', { type: 'currency' });
const currencies = [
  { value: USUAL, label: `As on each device, here ${usePreferences().currency}` },
  ...Intl.supportedValuesOf('currency').map((value) => ({
    value,
    label: `${value}, ${codes.of(value) ?? ''}`,
  })),
];
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
const data = (): unknown => ({
  name: form.name,
  place: form.place,
  timeZone: form.timeZone,
  units: form.units,
  ...(form.words === 'units' ? {} : { wording: form.words }),
  ...(form.units === 'us' ? { inches: form.inches } : {}),
  ...(form.numbers === USUAL ? {} : { numbers: form.numbers }),
  ...(form.currency === USUAL ? {} : { currency: form.currency }),
  ...(props.head?.demo ? { demo: true } : {}),
  ...(props.head?.rules ? { rules: props.head.rules } : {}),
});
const rules = zodRules(jobHeadSchema, data, { name: 'Name', place: 'Place', timeZone: 'Time zone' });
const fields = useTemplateRef<FormInstance>('fields');

async function done(): Promise<void> {
  const isRight = await fields.value?.validate().catch(() => false);
  const read = check(jobHeadSchema, data(), 'The job');
  if (isRight === true && read.ok) emit('done', read.value);
}
</script>

<template>
  <el-dialog v-model="open" :title="title">
    <el-form
      id="job-form"
      ref="fields"
      :model="form"
      :rules="rules"
      label-width="10rem"
      :label-position="narrow ? 'top' : 'left'"
      @submit.prevent="done"
    >
      <el-form-item label="Name" prop="name">
        <el-input
          v-model="form.name"
          maxlength="120"
          placeholder="such as Harbour office, roof and balconies"
        />
      </el-form-item>
      <el-form-item label="Place" prop="place">
        <el-input v-model="form.place" maxlength="200" placeholder="address or site" />
      </el-form-item>
      <el-form-item label="Time zone" prop="timeZone">
        <PickList v-model="form.timeZone" filterable :options="zones" own label="Time zone" />
      </el-form-item>
      <el-form-item label="Units">
        <el-radio-group v-model="form.units" aria-label="Units">
          <el-radio-button value="metric">Metric</el-radio-button>
          <el-radio-button value="us">US customary</el-radio-button>
        </el-radio-group>
      </el-form-item>
      <el-form-item v-if="form.units === 'us'" label="Lengths">
        <el-radio-group v-model="form.inches" aria-label="Lengths">
          <el-radio-button v-for="i in INCHES" :key="i" :value="i">{{ LENGTHS[i] }}</el-radio-button>
        </el-radio-group>
      </el-form-item>
      <el-form-item label="Words">
        <div>
          <el-radio-group v-model="form.words" aria-label="Words">
            <el-radio-button value="units">With the units</el-radio-button>
            <el-radio-button value="uk">British</el-radio-button>
            <el-radio-button value="us">American</el-radio-button>
          </el-radio-group>
          <p class="quiet spoken">{{ spoken }}</p>
        </div>
      </el-form-item>
      <el-form-item label="Numbers on paper">
        <PickList v-model="form.numbers" :options="numberStyles" own label="Numbers on paper" />
      </el-form-item>
      <el-form-item label="Currency">
        <PickList v-model="form.currency" filterable :options="currencies" own label="Currency" />
      </el-form-item>
    </el-form>
    <p v-if="moved" class="quiet" role="status">{{ moved }}</p>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <template #footer>
      <el-button @click="open = false">Cancel</el-button>
      <el-button type="primary" native-type="submit" form="job-form">{{ action }}</el-button>
    </template>
  </el-dialog>
</template>

<style scoped>
.spoken {
  margin: 0;
}
.wrong {
  color: var(--red);
  margin-top: var(--s3);
}
</style>
