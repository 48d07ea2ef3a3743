<script setup lang="ts">
/** What is asked to be proven of a roof besides what every roof has to show, and who asks for it. */
import { LEAK_DEMANDS, type LeakDemand } from '@lentum/core/proving';
import MeasureInput from '../shared/MeasureInput.vue';
import NamedField from '../shared/NamedField.vue';
import PickList from '../shared/PickList.vue';
import TextInput from '../shared/TextInput.vue';
import { useOwnPart } from './ownpart.ts';

const props = defineProps<{ zoneId: string }>();
const NOT_SAID = 'not said';
const LEAK_WORDS: Readonly<Record<LeakDemand, string>> = {
  none: 'none',
  flood: 'flood test',
  detector: 'pass with a detector',
  either: 'flood test or detector',
};
const options = [
  { value: NOT_SAID, label: 'nobody has said' },
  ...LEAK_DEMANDS.map((value) => ({ value: value as string, label: LEAK_WORDS[value] })),
];
const { own, put, change } = useOwnPart('demands', () => props.zoneId);
const setLeak = (value: string): void =>
  put(
    value === NOT_SAID
      ? undefined
      : {
          ...(own.value ?? { zoneId: props.zoneId, dryFilm: false, pictures: false, says: '' }),
          leak: value as LeakDemand,
        },
  );
const setBond = (value: number | undefined): void =>
  change('bondMPa', value === undefined ? undefined : { value, source: 'chosen' });
const setSlip = (value: number | undefined): void =>
  change('slip', value === undefined ? undefined : { value, source: 'chosen' });
</script>

<template>
  <section aria-label="What is asked for" class="asked">
    <h2>Asked for</h2>
    <NamedField name="Leak test" group>
      <PickList
        label="Leak test asked for"
        :model-value="own?.leak ?? NOT_SAID"
        :options="options"
        @update:model-value="setLeak"
      />
    </NamedField>
    <template v-if="own">
      <NamedField name="Pull-off of the finished work, at least" group>
        <MeasureInput
          :model-value="own.bondMPa?.value"
          quantity="stress"
          label="Pull-off asked for"
          :above="0"
          :max="20"
          optional
          @update:model-value="setBond"
        />
      </NamedField>
      <NamedField name="Grip by pendulum, at least" group>
        <MeasureInput
          :model-value="own.slip?.value"
          quantity="number"
          label="Grip asked for"
          :above="0"
          :max="150"
          optional
          @update:model-value="setSlip"
        />
      </NamedField>
      <el-checkbox :model-value="own.dryFilm" @update:model-value="change('dryFilm', $event === true)"
        >Film read dry</el-checkbox
      >
      <el-checkbox :model-value="own.pictures" @update:model-value="change('pictures', $event === true)"
        >A picture of each detail</el-checkbox
      >
      <NamedField name="Who asks for it">
        <TextInput
          :model-value="own.says"
          label="Who asks for it"
          @update:model-value="(v: string) => own && put({ ...own, says: v.trim() })"
        />
      </NamedField>
    </template>
  </section>
</template>

<style scoped>
.asked {
  display: grid;
  gap: var(--s2);
  margin: var(--s4) 0;
}
</style>
