<script setup lang="ts">
/** Cutting a zone into bays that one container, or one mix, covers; shown before it is done. */
import { computed, ref, watch } from 'vue';
import { isFieldCoat, type BuildUp } from '@lentum/core/buildup';
import { sentence } from '@lentum/core/problems';
import { fallDirectionRad } from '@lentum/core/falls';
import { practiceOf } from '@lentum/core/practice';
import { LIES, splitZone, type BayBasis, type Lie } from '@lentum/core/site';
import type { Zone } from '@lentum/core/survey';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import FigureText from '../shared/FigureText.vue';
import PickList from '../shared/PickList.vue';
import { useFalls } from '../survey/falls.ts';

const props = defineProps<{ zone: Zone; buildUp: BuildUp }>();
const open = defineModel<boolean>({ required: true });
const job = useJob();

/** Of the job, else as is common. */
const practice = computed(() => job.state?.practice ?? practiceOf());
const coats = computed(() => props.buildUp.layers.filter(isFieldCoat));
const layerId = ref(coats.value.find((c) => c.role === 'membrane')?.id ?? coats.value[0]?.id ?? '');
const coat = computed(() => coats.value.find((c) => c.id === layerId.value));
const choices = computed(() => {
  if (!coat.value) return [];
  const tins = coat.value.containers.map((c) => ({ value: c.id, label: `one ${c.name}` }));
  return coat.value.largestMixKg
    ? [{ value: 'mix', label: `one mix of ${job.say(coat.value.largestMixKg.value, 'mass')}` }, ...tins]
    : tins;
});
const choice = ref(choices.value[0]?.value ?? '');
watch(choices, (list) => {
  if (!list.some((c) => c.value === choice.value)) choice.value = list[0]?.value ?? '';
});
const basis = computed<BayBasis>(() =>
  choice.value === 'mix' ? { kind: 'mix' } : { kind: 'container', containerId: choice.value },
);
const { byZone } = useFalls(
  () => [props.zone],
  () => props.zone.id,
);
const fallRad = computed(() => {
  const report = byZone.value.get(props.zone.id)?.report;
  return report && fallDirectionRad(report.facets);
});
/** What one course of the fabric covers; undefined without one that runs in courses. */
const courseM = computed(() => {
  const fabric = props.buildUp.layers.find((l) => l.kind === 'fabric' && l.where !== 'details');
  return fabric?.kind === 'fabric' ? fabric.rollWidthM.value - fabric.sideLapMm.value / 1000 : undefined;
});
const LIE_NAMES: Record<Lie, string> = {
  'longest side': 'along the longest side',
  'with the fall': 'with the fall',
  'across the fall': 'across the fall',
  'fabric courses': 'on the courses of the fabric',
};
const lies = computed(() =>
  LIES.filter(
    (l) => l === 'longest side' || (l === 'fabric courses' ? courseM.value : fallRad.value) !== undefined,
  ).map((value) => ({ value, label: LIE_NAMES[value] })),
);
const lie = ref<Lie>('longest side');
const split = computed(
  () =>
    coat.value &&
    splitZone(props.zone, coat.value, basis.value, () => crypto.randomUUID(), {
      lie: lie.value,
      fallRad: fallRad.value,
      courseM: courseM.value,
      practice: practice.value,
    }),
);

function done(): void {
  if (!split.value?.ok || !coat.value) return;
  const site = job.documents.site.draft;
  const { bays, covers, by } = split.value.value;
  site.bays = [...site.bays.filter((b) => b.zoneId !== props.zone.id), ...bays];
  site.cuts = [
    ...site.cuts.filter((c) => c.zoneId !== props.zone.id),
    { zoneId: props.zone.id, layerId: coat.value.id, by, coversM2: covers.value },
  ];
  open.value = false;
}
</script>

<template>
  <el-dialog v-model="open" :title="`Cut ${zone.name} into bays`">
    <div class="form">
      <span>For the layer</span>
      <PickList
        v-model="layerId"
        label="Layer"
        size="large"
        own
        :options="coats.map((c) => ({ value: c.id, label: c.name }))"
      />
      <span>Each bay for</span>
      <PickList v-model="choice" label="Each bay for" size="large" :options="choices" />
      <span>They lie</span>
      <PickList
        label="They lie"
        size="large"
        :options="lies"
        :model-value="lie"
        @update:model-value="(v) => (lie = v as Lie)"
      />
    </div>
    <p v-if="split?.ok" class="says">
      <strong>{{ split.value.bays.length }} bays.</strong> One {{ split.value.by }} covers
      <FigureText :figure="split.value.covers" /> at the rate; the bays are
      {{
        lie === 'fabric courses'
          ? 'no larger, their joints where courses meet'
          : 'of equal size and no larger'
      }}.
      <template v-if="split.value.nearLow > 0">
        A joint comes near
        {{ worded(split.value.nearLow === 1 ? 'an outlet' : `${split.value.nearLow} outlets`) }} all the same:
        try another way to lie.
      </template>
      <template v-else>{{
        worded(` No joint comes within ${job.say(practice.clearOfLow.value, 'length')} of an outlet.`)
      }}</template>
    </p>
    <p v-else-if="split" class="wrong" role="alert">{{ split.problems.map(sentence).join(' ') }}</p>
    <template #footer>
      <el-button class="tap" @click="open = false">Cancel</el-button>
      <el-button class="tap" type="primary" :disabled="!split?.ok" @click="done">Cut into bays</el-button>
    </template>
  </el-dialog>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: var(--s3);
  align-items: center;
}
.says,
.wrong {
  margin-top: var(--s4);
}
.wrong {
  color: var(--red);
}
</style>
