<script setup lang="ts">
import { RefreshLeft, RefreshRight } from '@element-plus/icons-vue';

import type { OpenDocument } from '../app/opendocument.ts';

const props = defineProps<{ document: Pick<OpenDocument, 'undo' | 'redo' | 'canUndo' | 'canRedo'> }>();
</script>

<template>
  <span class="bar">
    <el-button text :icon="RefreshLeft" :disabled="!props.document.canUndo" @click="props.document.undo()"
      >Undo</el-button
    >
    <el-button text :icon="RefreshRight" :disabled="!props.document.canRedo" @click="props.document.redo()"
      >Redo</el-button
    >
  </span>
</template>
