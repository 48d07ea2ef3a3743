<script setup lang="ts">
/** The least and the most of a rate, in its own form, and why: below and above it a coat fails, whatever else is said. */
import type { Coat } from '@lentum/core/buildup';
import { worded } from '../app/wording.ts';
import MeasureInput from '../shared/MeasureInput.vue';
import TextInput from '../shared/TextInput.vue';
import { typedNumber, type Editing } from './editing.ts';

const props = defineProps<{ coat: Coat; editing: Editing; change: (make: (coat: Coat) => void) => void }>();

const BOUNDS = [
  {
    key: 'least',
    name: 'Absolute least, in the form of the rate',
    label: 'Absolute least',
    why: 'Why the least',
    usual: 'below this it does not cure',
  },
  {
    key: 'most',
    name: 'Most, in the form of the rate',
    label: 'Most',
    why: 'Why the most',
    usual: 'above this it stays soft',
  },
] as const;
type Bound = (typeof BOUNDS)[number];

const set = ({ key, usual }: Bound, value: number | undefined): void =>
  props.change((c) => {
    if (value === undefined) Reflect.deleteProperty(c.rate, key);
    else c.rate[key] = { ...typedNumber(props.editing, value), why: c.rate[key]?.why ?? usual };
  });
const setWhy = ({ key }: Bound, why: string): void =>
  props.change((c) => {
    if (c.rate[key]) c.rate[key].why = why;
  });
</script>

<template>
  <template v-for="b in BOUNDS" :key="b.key">
    <div>
      <span class="name">{{ worded(b.name) }}</span>
      <MeasureInput
        :model-value="coat.rate[b.key]?.value"
        quantity="number"
        :label="b.label"
        optional
        :above="0"
        @update:model-value="set(b, $event)"
      />
    </div>
    <div v-if="coat.rate[b.key]">
      <span class="name">Because</span>
      <TextInput
        :model-value="coat.rate[b.key]!.why"
        :most="200"
        :label="b.why"
        @update:model-value="setWhy(b, $event)"
      />
    </div>
  </template>
</template>

<style scoped>
.name {
  display: block;
  font-size: var(--t-s);
  color: var(--ink-2);
}
</style>
