<script setup lang="ts">
/** A field for words: what is typed is taken when the field is left, and follows the model while nobody types. */
import { ref, watch } from 'vue';

const props = withDefaults(
  defineProps<{ label: string; most?: number; long?: boolean; id?: string | undefined }>(),
  { most: 400 },
);
const model = defineModel<string>({ required: true });
const text = ref(model.value);
watch(model, (value) => (text.value = value));
function take(): void {
  if (text.value !== model.value) model.value = text.value;
}
</script>

<template>
  <el-input
    v-bind="props.id === undefined ? {} : { id: props.id }"
    v-model="text"
    :type="long ? 'textarea' : 'text'"
    :autosize="{ minRows: 1 }"
    :maxlength="most"
    :aria-label="label"
    @change="take"
  />
</template>
