<script setup lang="ts">
/** How far a task is, with a way to take it back and one to begin it again. */
import { computed } from 'vue';
import type { TaskTold } from './task.ts';

const props = defineProps<{ told: TaskTold | undefined; busy: boolean; trouble: string; what: string }>();
defineEmits<{ cancel: []; again: [] }>();
const percent = computed(() => Math.round((props.told?.share ?? 0) * 100));
const says = computed(() => {
  if (!props.told) return 'It is asked for.';
  return props.told.state === 'waiting' ? 'It waits for its turn.' : props.told.doing;
});
</script>

<template>
  <div v-if="busy" class="task">
    <el-progress :percentage="percent" :aria-label="what" :stroke-width="8" />
    <div class="bar">
      <span class="quiet" role="status">{{ says }}</span>
      <el-button v-if="told" class="end" @click="$emit('cancel')">Cancel</el-button>
    </div>
  </div>
  <div v-else-if="trouble || told?.state === 'cancelled'" class="bar task">
    <span :class="trouble ? 'trouble' : 'quiet'" :role="trouble ? 'alert' : 'status'">{{
      trouble || 'It was taken back.'
    }}</span>
    <el-button v-if="told" class="end" @click="$emit('again')">Try again</el-button>
  </div>
</template>

<style scoped>
.task {
  margin-bottom: var(--s3);
}
.trouble {
  color: var(--red);
}
</style>
