<script setup lang="ts">
/** What a source tells. */
import { SOURCE_KINDS, type SourceKind } from '@lentum/core/sources';
import { KIND_WORDS } from '../../shared/sourcewords.ts';

const kind = defineModel<SourceKind>({ required: true });
</script>

<template>
  <el-radio-group v-model="kind" aria-label="What it tells">
    <el-radio v-for="k in SOURCE_KINDS" :key="k" :value="k"
      >{{ KIND_WORDS[k].name }} <span class="quiet">{{ KIND_WORDS[k].says }}</span></el-radio
    >
  </el-radio-group>
</template>

<style scoped>
.el-radio-group {
  flex-direction: column;
  align-items: flex-start;
}
.el-radio {
  height: auto;
  min-height: 36px;
  margin-right: 0;
}
.el-radio :deep(.el-radio__label) {
  white-space: normal;
}
</style>
