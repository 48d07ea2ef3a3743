<script setup lang="ts">
/** Ways to begin a zone, and ways to take all of them out to files. */
import { worded } from '../app/wording.ts';
import { EXPORTS, type ExportKind } from './exports.ts';
import { TAPED_FORMS, type TapedForm } from './newzone.ts';
import { useHeld } from '../shared/heldpage.ts';

const held = useHeld();
defineProps<{ canExport: boolean }>();
const emit = defineEmits<{
  walk: [];
  tape: [form: TapedForm];
  estimate: [];
  import: [];
  trace: [];
  export: [kind: ExportKind];
}>();
type Way = 'walk' | 'estimate' | 'import' | 'trace' | TapedForm;
const isForm = (way: Way): way is TapedForm => way in TAPED_FORMS;
function begin(way: Way): void {
  if (isForm(way)) emit('tape', way);
  else if (way === 'walk') emit('walk');
  else if (way === 'estimate') emit('estimate');
  else if (way === 'import') emit('import');
  else emit('trace');
}
</script>

<template>
  <span class="bar">
    <el-dropdown v-if="!held" trigger="click" @command="begin">
      <el-button>{{ worded('New zone') }}</el-button>
      <template #dropdown>
        <el-dropdown-menu>
          <el-dropdown-item command="walk">Walk round the edge</el-dropdown-item>
          <el-dropdown-item v-for="(form, key) in TAPED_FORMS" :key="key" :command="key"
            >Tape it: {{ form.name }}</el-dropdown-item
          >
          <el-dropdown-item command="estimate" divided>Estimate by area</el-dropdown-item>
          <el-dropdown-item command="import">Import an outline</el-dropdown-item>
          <el-dropdown-item command="trace">Trace a picture</el-dropdown-item>
        </el-dropdown-menu>
      </template>
    </el-dropdown>
    <el-dropdown v-if="canExport" trigger="click" @command="(kind: ExportKind) => emit('export', kind)">
      <el-button>Export</el-button>
      <template #dropdown>
        <el-dropdown-menu>
          <el-dropdown-item v-for="(words, kind) in EXPORTS" :key="kind" :command="kind">{{
            worded(words)
          }}</el-dropdown-item>
        </el-dropdown-menu>
      </template>
    </el-dropdown>
  </span>
</template>

<style scoped>
.bar {
  flex-wrap: nowrap;
}
</style>
