<script setup lang="ts">
/** Prints what the page offers, or makes a PDF of it, on a sheet that is chosen and seen before. */
import { defineAsyncComponent, ref } from 'vue';
import type { Printout } from '@lentum/core/printout';
import { offerPrintout } from './printlayer.ts';
import { useSheet } from './sheetchoice.ts';

// Classes are the button’s; the dialog beside it stands by itself.
defineOptions({ inheritAttrs: false });
const props = defineProps<{
  /** Made when it is asked for. */
  printout: () => Printout;
  label?: string;
  disabled?: boolean;
}>();
const PrintDialog = defineAsyncComponent(() => import('./PrintDialog.vue'));
const sheet = useSheet();
const open = ref(false);
offerPrintout(
  () => (props.disabled ? undefined : props.printout()),
  () => sheet.value,
);
</script>

<template>
  <el-button v-bind="$attrs" class="no-print" :disabled="disabled" @click="open = true">{{
    label ?? 'Print'
  }}</el-button>
  <PrintDialog v-if="open" :printout="printout()" @close="open = false" />
</template>
