<script setup lang="ts">
/** Where a number comes from, and choosing it: measured, a paper of the binder, typical, assumed. */
import { computed } from 'vue';
import type { Source } from '@lentum/core/figures';
import { worded } from '../app/wording.ts';
import SourceMark from '../shared/SourceMark.vue';
import { useEditing, type Provenance } from './editing.ts';

const props = defineProps<{ from: Provenance; label: string }>();
const emit = defineEmits<{ change: [from: Provenance] }>();
const editing = useEditing();
const SOURCES: readonly Source[] = ['measured', 'typical', 'assumed'];
const paper = computed(() => editing.papers().find((p) => p.id === props.from.cites));
const says = computed(() => (paper.value ? `${paper.value.title}, ${paper.value.date}` : props.from.source));

function take(command: string): void {
  if (command.startsWith('paper:')) emit('change', { source: 'data sheet', cites: command.slice(6) });
  else emit('change', { source: command as Source });
}
</script>

<template>
  <el-dropdown trigger="click" @command="take">
    <button type="button" class="source" :aria-label="`${worded(label)}, source: ${says}. Change it`">
      <SourceMark :source="from.source" />
    </button>
    <template #dropdown>
      <el-dropdown-menu>
        <el-dropdown-item v-for="p in editing.papers()" :key="p.id" :command="`paper:${p.id}`">{{
          `${p.title}, ${p.date}`
        }}</el-dropdown-item>
        <el-dropdown-item command="data sheet">a data sheet, not in the binder</el-dropdown-item>
        <el-dropdown-item v-for="s in SOURCES" :key="s" :command="s">{{ s }}</el-dropdown-item>
      </el-dropdown-menu>
    </template>
  </el-dropdown>
</template>

<style scoped>
.source {
  border: 0;
  background: none;
  padding: var(--s1);
  min-width: 28px;
  min-height: 28px;
  cursor: pointer;
  color: inherit;
}
</style>
