<script setup lang="ts">
/** One field of a layer, by its description in the core. */
import { computed, useId } from 'vue';
import { setAt, valueAt, type Field, type Layer } from '@lentum/core/buildup';
import { worded } from '../app/wording.ts';
import MeasureInput from '../shared/MeasureInput.vue';
import PickList from '../shared/PickList.vue';
import TextInput from '../shared/TextInput.vue';
import { editLayer, useEditing, type SourcedNumber } from './editing.ts';
import SourcedInput from './SourcedInput.vue';

const props = defineProps<{ layer: Layer; field: Field }>();
const editing = useEditing();
const id = useId();
const value = computed(() => valueAt(props.layer, props.field.path));
const withSource = computed(() => value.value as SourcedNumber | undefined);
const text = computed(() => (typeof value.value === 'string' ? value.value : ''));
const label = computed(() => `${props.layer.name}, ${props.field.name.toLowerCase()}`);

const set = (next: unknown): void =>
  editLayer(editing, props.layer.id, (layer) => setAt(layer, props.field, next));

function setText(next: string): void {
  const plain = next.trim();
  set(plain === '' && props.field.optional ? undefined : plain);
}
const long = computed(() => props.field.form === 'text' && props.field.long);
const options = computed(() =>
  props.field.form === 'choice'
    ? [
        ...(props.field.optional ? [{ value: '', label: 'not said' }] : []),
        ...props.field.options.map((o) => ({ value: o, label: o })),
      ]
    : [],
);
</script>

<template>
  <div class="field" :class="{ wide: long }">
    <label :for="field.form === 'text' || field.form === 'flag' ? id : undefined" class="name">{{
      worded(field.name)
    }}</label>
    <SourcedInput
      v-if="field.form === 'sourced'"
      :model-value="withSource"
      :quantity="field.quantity"
      :label="label"
      :optional="field.optional"
      @update:model-value="set"
    />
    <MeasureInput
      v-else-if="field.form === 'number'"
      :model-value="typeof value === 'number' ? value : undefined"
      :quantity="field.quantity"
      :label="label"
      :optional="field.optional"
      @update:model-value="set"
    />
    <PickList
      v-else-if="field.form === 'choice'"
      :model-value="text"
      :options="options"
      none="not said"
      :label="label"
      :filterable="field.options.length > 8"
      @update:model-value="setText"
    />
    <el-checkbox
      v-else-if="field.form === 'flag'"
      :id="id"
      :model-value="value === true"
      :aria-label="label"
      @update:model-value="(on: unknown) => set(on === true ? true : undefined)"
      >yes</el-checkbox
    >
    <TextInput
      v-else
      :id="id"
      :model-value="text"
      :long="long"
      :label="label"
      @update:model-value="setText"
    />
  </div>
</template>

<style scoped>
.field {
  min-width: 0;
}
.wide {
  grid-column: 1 / -1;
}
.name {
  display: block;
  font-size: var(--t-s);
  color: var(--ink-2);
}
</style>
