<script setup lang="ts">
/** Cutting a zone into bays that one container, or one mix, covers; shown before it is done. */
import { computed, ref, watch } from 'vue';
import { isCoat, type BuildUp } from '@lentum/core/buildup';
import { sentence } from '@lentum/core/problems';
import { splitZone, type BayBasis } from '@lentum/core/site';
import type { Zone } from '@lentum/core/survey';
import { useJob } from '../app/job.ts';
import FigureText from '../shared/FigureText.vue';
import PickList from '../shared/PickList.vue';

const props = defineProps<{ zone: Zone; buildUp: BuildUp }>();
const open = defineModel<boolean>({ required: true });
const job = useJob();

const coats = computed(() => props.buildUp.layers.filter(isCoat));
const layerId = ref(coats.value.find((c) => c.role === 'membrane')?.id ?? coats.value[0]?.id ?? '');
const coat = computed(() => coats.value.find((c) => c.id === layerId.value));
const choices = computed(() => {
  if (!coat.value) return [];
  const tins = coat.value.containers.map((c) => ({ value: c.id, label: `one ${c.name}` }));
  return coat.value.largestMixKg
    ? [{ value: 'mix', label: `one mix of ${coat.value.largestMixKg.value} kg` }, ...tins]
    : tins;
});
const choice = ref(choices.value[0]?.value ?? '');
watch(choices, (list) => {
  if (!list.some((c) => c.value === choice.value)) choice.value = list[0]?.value ?? '';
});
const basis = computed<BayBasis>(() =>
  choice.value === 'mix' ? { kind: 'mix' } : { kind: 'container', containerId: choice.value },
);
const split = computed(
  () => coat.value && splitZone(props.zone, coat.value, basis.value, () => crypto.randomUUID()),
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
        :options="coats.map((c) => ({ value: c.id, label: c.name }))"
      />
      <span>Each bay for</span>
      <PickList v-model="choice" label="Each bay for" size="large" :options="choices" />
    </div>
    <p v-if="split?.ok" class="says">
      <strong>{{ split.value.bays.length }} bays.</strong> One {{ split.value.by }} covers
      <FigureText :figure="split.value.covers" /> at the rate; the bays are of equal size and no larger.
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
