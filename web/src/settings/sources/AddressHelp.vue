<script setup lang="ts">
/** What helps to write the address of a source: stand-ins to practise with, and what may stand in braces. */
import { FILLINGS, type SourceKind } from '@lentum/core/sources';
import { STAND_INS, type StandIn } from './sourcework.ts';

defineProps<{ kind: SourceKind }>();
const emit = defineEmits<{ take: [standIn: StandIn] }>();
const braced = (name: string | number): string => `{${name}}`;
</script>

<template>
  <p class="quiet tip bar">
    <span>For practice:</span>
    <el-button v-for="s in STAND_INS[kind]" :key="s.address" size="small" @click="emit('take', s)">{{
      s.name
    }}</el-button>
  </p>
  <details v-if="kind !== 'meter'" class="tip">
    <summary>What may stand in braces</summary>
    <dl>
      <template v-for="(f, name) in FILLINGS" :key="name">
        <dt>{{ braced(name) }}</dt>
        <dd>{{ f.says }}</dd>
      </template>
    </dl>
  </details>
</template>

<style scoped>
.bar {
  flex-wrap: wrap;
  gap: var(--s1) var(--s2);
}
.bar .el-button {
  margin: 0;
}
.tip {
  width: 100%;
  margin: var(--s1) 0 0;
  line-height: 1.5;
}
dl {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 0 var(--s3);
  margin: var(--s1) 0;
}
dt {
  font-family: var(--mono, monospace);
}
dd {
  margin: 0;
}
</style>
