<script setup lang="ts">
import { computed } from 'vue';
import { isFigure } from '@lentum/core/figures';
import { openWorking } from '../app/working.ts';
import { worded } from '../app/wording.ts';
import { useUnits } from './units.ts';
import CitedPaper from './CitedPaper.vue';
import WorkingTree from './WorkingTree.vue';

const { say, system } = useUnits();
const shown = computed({
  get: () => openWorking.value !== undefined,
  set: (value) => {
    if (!value) openWorking.value = undefined;
  },
});
</script>

<template>
  <el-drawer v-model="shown" title="Working" size="min(520px, 100vw)">
    <template v-if="openWorking">
      <p class="label">{{ worded(openWorking.label) }}</p>
      <p class="large">{{ say(openWorking.value, openWorking.quantity) }}</p>
      <p v-if="system === 'us'" class="quiet">
        The working is in metric units, in which the figures are kept; results are turned into US units.
      </p>
      <WorkingTree v-if="isFigure(openWorking)" :figure="openWorking" />
      <p v-else class="quiet">
        {{ openWorking.source }}{{ openWorking.note ? `, ${openWorking.note}` : '' }}
        <CitedPaper v-if="openWorking.cites" :cites="openWorking.cites" />
      </p>
    </template>
  </el-drawer>
</template>

<style scoped>
.label {
  font-weight: 700;
}
.large {
  font-size: var(--t-xxl);
  font-weight: 700;
  line-height: 1.2;
  margin-bottom: var(--s3);
}
</style>
