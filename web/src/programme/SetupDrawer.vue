<script setup lang="ts">
/** What a plan goes by, in its parts. */
import { computed } from 'vue';
import { useJob } from '../app/job.ts';
import UndoBar from '../shared/UndoBar.vue';
import CostsPart from './setup/CostsPart.vue';
import ContactsPart from './setup/ContactsPart.vue';
import CrewsPart from './setup/CrewsPart.vue';
import DatesPart from './setup/DatesPart.vue';
import HoursPart from './setup/HoursPart.vue';
import RoofsPart from './setup/RoofsPart.vue';
import WaysPart from './setup/WaysPart.vue';

const open = defineModel<boolean>({ required: true });
const job = useJob();
const document = computed(() => job.documents.programme);
</script>

<template>
  <el-drawer v-model="open" title="What the plan goes by" size="min(720px, 100vw)" append-to-body>
    <div class="bar">
      <UndoBar :document="document" />
    </div>
    <div class="parts">
      <CrewsPart />
      <HoursPart />
      <DatesPart />
      <RoofsPart />
      <WaysPart />
      <CostsPart v-if="job.seesPrices" />
      <ContactsPart />
    </div>
  </el-drawer>
</template>

<style scoped>
.parts :deep(section) {
  padding: var(--s3) 0;
  display: grid;
  gap: var(--s2);
}
</style>
