<script setup lang="ts">
/** A field for words: what is typed is taken when the field is left, and follows the model while nobody types. */
import { useHeld } from './heldpage.ts';
import { nextTick, ref, watch } from 'vue';

const props = withDefaults(
  defineProps<{ label: string; most?: number; long?: boolean; id?: string | undefined }>(),
  { most: 400 },
);
const model = defineModel<string>({ required: true });
const text = ref(model.value);
watch(model, (value) => (text.value = value));
async function take(): Promise<void> {
  if (text.value !== model.value) model.value = text.value;
  // Taken in another form, or not at all: what stands is shown.
  await nextTick();
  text.value = model.value;
}
const held = useHeld();
</script>

<template>
  <el-input
    v-bind="props.id === undefined ? {} : { id: props.id }"
    v-model="text"
    :type="long ? 'textarea' : 'text'"
    :autosize="{ minRows: 1 }"
    :maxlength="most"
    :readonly="held"
    :aria-label="label"
    @change="take"
  />
</template>
