<script setup lang="ts">
/** What one does on the plan, and what it shows. */
import { FullScreen, ZoomIn, ZoomOut } from '@element-plus/icons-vue';
import type { PlanMode } from './planhands.ts';

defineProps<{ mode: PlanMode; movable: boolean; splittable: boolean; tracing: boolean }>();
const emit = defineEmits<{ mode: [mode: PlanMode]; fit: []; zoom: [factor: number]; trace: [] }>();
const snapping = defineModel<boolean>('snapping', { required: true });
const levels = defineModel<boolean>('levels', { required: true });
const fittings = defineModel<boolean>('fittings', { required: true });
const dimensions = defineModel<boolean>('dimensions', { required: true });
const near = defineModel<boolean>('near', { required: true });
</script>

<template>
  <div class="tools">
    <el-radio-group
      :model-value="mode"
      aria-label="On the plan"
      @update:model-value="(v) => emit('mode', v as PlanMode)"
    >
      <el-radio-button value="look">Look</el-radio-button>
      <el-radio-button value="move" :disabled="!movable">Move corners</el-radio-button>
      <el-radio-button value="draw">Draw a zone</el-radio-button>
      <el-radio-button value="split" :disabled="!splittable">Split</el-radio-button>
    </el-radio-group>
    <el-button text :aria-expanded="tracing" @click="emit('trace')">Trace a picture</el-button>
    <div class="bar">
      <el-checkbox v-model="near">this zone large</el-checkbox>
      <el-checkbox v-model="snapping">snap</el-checkbox>
      <el-checkbox v-model="dimensions">lengths</el-checkbox>
      <el-checkbox v-model="fittings">fittings</el-checkbox>
      <el-checkbox v-model="levels">water</el-checkbox>
      <el-button text :icon="ZoomOut" aria-label="Zoom out" @click="emit('zoom', 0.8)" />
      <el-button text :icon="ZoomIn" aria-label="Zoom in" @click="emit('zoom', 1.25)" />
      <el-button text :icon="FullScreen" aria-label="Show everything" @click="emit('fit')" />
    </div>
  </div>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s1) var(--s4);
  align-items: center;
  justify-content: space-between;
}
.bar {
  gap: var(--s1) var(--s3);
}
body .bar .el-button {
  padding: 0;
  min-width: 32px;
  margin: 0;
}
body .bar .el-checkbox {
  margin-right: 0;
}
</style>
