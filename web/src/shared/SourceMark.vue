<script setup lang="ts">
/** Where a number came from: ring typical, half assumed, full data sheet, square measured, tick chosen. */
import { computed } from 'vue';
import type { Source } from '@lentum/core/figures';

const props = defineProps<{ source: Source }>();
const tip = computed(
  () =>
    ({
      typical: 'typical, replace with your data sheet',
      'data sheet': 'from a data sheet',
      assumed: 'assumed',
      measured: 'measured',
      definition: 'by definition',
      chosen: 'chosen here',
    })[props.source],
);
</script>

<template>
  <el-tooltip :content="tip" placement="top">
    <svg width="11" height="11" viewBox="0 0 11 11" role="img" :aria-label="tip">
      <circle v-if="source === 'data sheet'" cx="5.5" cy="5.5" r="4.5" fill="var(--ink-2)" />
      <rect v-else-if="source === 'measured'" x="1.5" y="1.5" width="8" height="8" fill="var(--ink-2)" />
      <template v-else>
        <circle cx="5.5" cy="5.5" r="4" fill="none" stroke="var(--ink-2)" stroke-width="1.5" />
        <path v-if="source !== 'typical'" d="M5.5 1.5a4 4 0 0 1 0 8z" fill="var(--ink-2)" />
      </template>
    </svg>
  </el-tooltip>
</template>
