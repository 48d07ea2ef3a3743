<script setup lang="ts">
/** How far something is that takes a while, and the way to stop it. */
withDefaults(
  defineProps<{
    /** What goes on. */
    says: string;
    /** 0 to 1. */
    share: number;
    /** Of the button. */
    stops?: string;
  }>(),
  { stops: 'Stop reading' },
);
const emit = defineEmits<{ stop: [] }>();
</script>

<template>
  <div class="share" role="status">
    <p>{{ says }} …</p>
    <el-progress :percentage="Math.round(share * 100)" :aria-label="says" />
    <el-button class="tap" @click="emit('stop')">{{ stops }}</el-button>
  </div>
</template>

<style scoped>
.share {
  display: grid;
  gap: var(--s2);
  justify-items: start;
}
.share .el-progress {
  width: 100%;
}
</style>
