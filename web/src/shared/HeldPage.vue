<script setup lang="ts">
/** What is inside may be changed, or only read. */
import { toRef } from 'vue';
import { provideHeld } from './heldpage.ts';

const props = defineProps<{ held: boolean }>();
provideHeld(toRef(props, 'held'));
</script>

<template><slot /></template>
