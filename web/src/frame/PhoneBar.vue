<script setup lang="ts">
/** The foot of a job on the phone: the day, the roof, the log, the record, and everything else behind the last one. */
import { Calendar, Document, EditPen, Grid, MoreFilled } from '@element-plus/icons-vue';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';

defineProps<{ canLog: boolean }>();
const emit = defineEmits<{ log: []; more: [] }>();
const job = useJob();
const route = useRoute();
const PLACES = [
  { name: 'Today', icon: Calendar, stage: 'site', part: 'today' },
  { name: 'Roof', icon: Grid, stage: 'site', part: 'bays' },
] as const;
/** The site begins with the day, unless it is asked for a zone or a bay. */
const at = computed(() => {
  if (route.name !== 'site') return undefined;
  return route.query['part'] ?? (route.query['zone'] || route.query['bay'] ? 'bays' : 'today');
});
</script>

<template>
  <nav class="foot no-print" aria-label="Job on the phone">
    <RouterLink
      v-for="p in PLACES"
      :key="p.part"
      :to="{ name: p.stage, params: { jobId: job.id }, query: { part: p.part } }"
      class="place"
      :class="{ here: at === p.part }"
      :aria-current="at === p.part ? 'page' : undefined"
      ><el-icon :size="20"><component :is="p.icon" /></el-icon>{{ worded(p.name) }}</RouterLink
    >
    <button type="button" class="place" :disabled="!canLog" @click="emit('log')">
      <el-icon :size="20"><EditPen /></el-icon>{{ worded('Log') }}
    </button>
    <RouterLink
      :to="{ name: 'record', params: { jobId: job.id } }"
      class="place"
      :class="{ here: route.name === 'record' }"
      :aria-current="route.name === 'record' ? 'page' : undefined"
      ><el-icon :size="20"><Document /></el-icon>{{ worded('Record') }}</RouterLink
    >
    <button type="button" class="place" @click="emit('more')">
      <el-icon :size="20"><MoreFilled /></el-icon>{{ worded('More') }}
    </button>
  </nav>
</template>

<style scoped>
.foot {
  display: none;
}
@media (max-width: 720px) {
  .foot {
    position: fixed;
    inset: auto 0 0;
    z-index: 6;
    display: flex;
    background: var(--rail);
    color: var(--on-rail);
  }
}
.place {
  flex: 1;
  min-height: 56px;
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  gap: 2px;
  border: 0;
  border-top: 3px solid transparent;
  background: none;
  color: inherit;
  font: inherit;
  font-size: var(--t-s);
  text-decoration: none;
  cursor: pointer;
}
.place:disabled {
  opacity: 0.5;
}
.here {
  background: rgb(255 255 255 / 12%);
  border-top-color: #4cc3b0;
}
</style>
