<script setup lang="ts">
/** Somebody else saved the same document first: nothing is overwritten until the person chooses. */
import type { OpenDocument } from '../app/document.ts';

const props = defineProps<{ document: OpenDocument }>();
</script>

<template>
  <el-dialog
    :model-value="props.document.state === 'conflict'"
    title="Somebody else saved first"
    :show-close="false"
    :close-on-click-modal="false"
    :close-on-press-escape="false"
  >
    <p>
      You worked from version {{ props.document.version }}; version {{ props.document.newest?.version }} has
      been saved meanwhile. Both are kept: choose which one is to be the newest. Taking theirs leaves yours
      one undo away.
    </p>
    <template #footer>
      <el-button @click="props.document.takeTheirs()">Take theirs</el-button>
      <el-button type="primary" @click="props.document.keepOurs()">Save mine as the newest</el-button>
    </template>
  </el-dialog>
</template>
