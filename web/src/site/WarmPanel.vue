<script setup lang="ts">
/** How long a container stands in a room until its resin is at the temperature that is wanted, and when that is. */
import { computed, ref } from 'vue';
import { inBasis, type Coat } from '@lentum/core/buildup';
import { given } from '@lentum/core/figures';
import { sentence } from '@lentum/core/problems';
import { warming } from '@lentum/core/site';
import { MS_PER_HOUR } from '@lentum/core/units';
import { useJob } from '../app/job.ts';
import FigureText from '../shared/FigureText.vue';
import MeasureInput from '../shared/MeasureInput.vue';
import PickList from '../shared/PickList.vue';

const props = defineProps<{ coat: Coat; resinC: number | undefined }>();
const job = useJob();
const containerId = ref(props.coat.containers[0]?.id ?? '');
const container = computed(() => props.coat.containers.find((c) => c.id === containerId.value));
const nowC = ref<number | undefined>(props.resinC);
const roomC = ref<number>();
const wantedC = ref<number>();
const found = computed(() => {
  const [c, now, room, wanted] = [container.value, nowC.value, roomC.value, wantedC.value];
  if (!c || now === undefined || room === undefined || wanted === undefined) return undefined;
  return warming({
    massKg: given(c.name, inBasis(props.coat, c.net, c.basis, 'mass'), 'mass', 'data sheet'),
    densityKgPerL: given(
      'density',
      props.coat.densityKgPerL.value,
      'density',
      props.coat.densityKgPerL.source,
    ),
    fromC: given('resin now', now, 'temperature', 'measured'),
    roomC: given('room', room, 'temperature', 'measured'),
    wantedC: given('resin wanted', wanted, 'temperature', 'chosen'),
  });
});
const thereMs = computed(() =>
  found.value?.ok ? job.nowMs + found.value.value.hours.value * MS_PER_HOUR : undefined,
);
</script>

<template>
  <details class="warm">
    <summary>Bring the resin to its temperature</summary>
    <div class="ask">
      <label v-if="coat.containers.length > 1"
        >Container
        <PickList
          v-model="containerId"
          own
          size="large"
          label="Container to warm"
          :options="coat.containers.map((c) => ({ value: c.id, label: c.name }))"
      /></label>
      <label
        >Resin now
        <MeasureInput
          v-model="nowC"
          size="large"
          quantity="temperature"
          optional
          label="Resin now"
          :min="-30"
          :max="80"
      /></label>
      <label
        >Room
        <MeasureInput
          v-model="roomC"
          size="large"
          quantity="temperature"
          optional
          label="Room"
          :min="-30"
          :max="80"
      /></label>
      <label
        >Wanted, by the data sheet
        <MeasureInput
          v-model="wantedC"
          size="large"
          quantity="temperature"
          optional
          label="Resin wanted"
          :min="-30"
          :max="80"
      /></label>
    </div>
    <template v-if="found?.ok">
      <p>
        <strong><FigureText :figure="found.value.hours" /></strong> in the room, one by itself, not stirred:
        there about <strong>{{ job.time(thereMs!) }}</strong> if it goes in now.
      </p>
      <p class="quiet">
        Pallets and wrapped drums take far longer. No flame, nothing hot against it. Stir it, then read it:
        the thermometer decides.
      </p>
    </template>
    <p v-else-if="found" class="stop" role="alert">{{ found.problems.map(sentence).join(' ') }}</p>
  </details>
</template>

<style scoped src="./layingcard.css"></style>
<style scoped>
summary {
  cursor: pointer;
  min-height: 48px;
  padding-block: var(--s3);
  font-weight: 600;
}
</style>
