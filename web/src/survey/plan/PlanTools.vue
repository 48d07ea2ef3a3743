<script setup lang="ts">
/** What one does on the plan, and what it shows. */
import type { PlanMode } from './planhands.ts';
import { useHeld } from '../../shared/heldpage.ts';

/** Where the survey is only read there is nothing to draw. */
const held = useHeld();
defineProps<{ mode: PlanMode; movable: boolean; splittable: boolean }>();
const emit = defineEmits<{ mode: [mode: PlanMode] }>();
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
      <el-radio-button v-if="!held" value="move" :disabled="!movable">Move corners</el-radio-button>
      <el-radio-button v-if="!held" value="draw">Draw a zone</el-radio-button>
      <el-radio-button v-if="!held" value="split" :disabled="!splittable">Split</el-radio-button>
    </el-radio-group>
    <el-popover trigger="click" placement="bottom-start" width="auto">
      <template #reference><el-button>Show</el-button></template>
      <div class="shown">
        <el-checkbox v-model="near">this zone large</el-checkbox>
        <el-checkbox v-model="dimensions">lengths</el-checkbox>
        <el-checkbox v-model="fittings">fittings</el-checkbox>
        <el-checkbox v-model="levels">water</el-checkbox>
        <el-checkbox v-if="!held" v-model="snapping">snap to corners and sides</el-checkbox>
      </div>
    </el-popover>
    <span class="end"><slot /></span>
  </div>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s1) var(--s2);
  align-items: center;
}
.tools :deep(.el-radio-button__inner) {
  padding-inline: var(--s2);
}
.end {
  margin-left: auto;
}
.shown {
  display: grid;
}
</style>
