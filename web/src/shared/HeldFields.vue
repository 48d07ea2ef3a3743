<script setup lang="ts">
/**
 * Fields and the buttons beside them that change what a page holds: off where it is only read. What only shows something
 * has `:disabled="false"` of its own.
 */
import { formContextKey } from 'element-plus';
import { computed, provide, reactive } from 'vue';
import { provideHeld, useHeld } from './heldpage.ts';

/** `held`: by another rule than that of the page around. */
const props = withDefaults(defineProps<{ held?: boolean | undefined }>(), { held: undefined });
const around = useHeld();
const held = computed(() => props.held ?? around.value);
provideHeld(held);
// As a form that is off tells its fields; there is none here.
provide(
  formContextKey,
  reactive({ disabled: held, addField: () => undefined, removeField: () => undefined }) as never,
);
</script>

<template><slot /></template>
