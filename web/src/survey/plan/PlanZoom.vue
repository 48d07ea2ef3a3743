<script setup lang="ts">
/** Nearer, farther, and everything: on the corner of the plan. */
import { FullScreen, ZoomIn, ZoomOut } from '@element-plus/icons-vue';

const emit = defineEmits<{ fit: []; zoom: [factor: number] }>();
</script>

<template>
  <span class="zoom">
    <el-button text :icon="ZoomOut" aria-label="Zoom out" @click="emit('zoom', 0.8)" />
    <el-button text :icon="ZoomIn" aria-label="Zoom in" @click="emit('zoom', 1.25)" />
    <el-button text :icon="FullScreen" aria-label="Show everything" @click="emit('fit')" />
  </span>
</template>

<style scoped>
.zoom {
  position: absolute;
  top: 0;
  right: 0;
  display: flex;
}
body .zoom .el-button {
  padding: 0;
  min-width: 32px;
  margin: 0;
  background: var(--sheet);
}
</style>
