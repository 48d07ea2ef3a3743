<script setup lang="ts">
/** Containers opened for a coat, by size and batch, counted by taps. */
import { Delete, Minus, Plus } from '@element-plus/icons-vue';
import type { Coat } from '@lentum/core/buildup';
import PickList from '../shared/PickList.vue';

type Opened = { containerId: string; opened: number | undefined; batch: string };
const props = defineProps<{ coat: Coat }>();
const rows = defineModel<Opened[]>({ required: true });
const add = (): void =>
  void rows.value.push({ containerId: props.coat.containers[0]?.id ?? '', opened: 1, batch: '' });
const change = (row: Opened, by: number): void => {
  row.opened = Math.max(0, (row.opened ?? 0) + by);
};
</script>

<template>
  <fieldset>
    <legend>Containers opened</legend>
    <div v-for="(row, i) in rows" :key="i" class="row">
      <PickList
        v-model="row.containerId"
        size="large"
        :label="`Container ${i + 1}`"
        own
        :options="coat.containers.map((c) => ({ value: c.id, label: c.name }))"
      />
      <div class="count">
        <el-button
          class="tap"
          :icon="Minus"
          :aria-label="`One less of container ${i + 1}`"
          @click="change(row, -1)"
        />
        <output>{{ row.opened ?? 0 }}</output>
        <el-button
          class="tap"
          :icon="Plus"
          :aria-label="`One more of container ${i + 1}`"
          @click="change(row, 1)"
        />
      </div>
      <el-input
        v-model="row.batch"
        size="large"
        placeholder="batch"
        :aria-label="`Batch of container ${i + 1}`"
        maxlength="60"
      />
      <el-button
        v-if="rows.length > 1"
        text
        :icon="Delete"
        :aria-label="`Remove container ${i + 1}`"
        @click="rows.splice(i, 1)"
      />
    </div>
    <el-button text @click="add">Another size or batch</el-button>
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
  margin: 0 0 var(--s3);
}
legend {
  font-weight: 600;
  padding: 0;
}
.row {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) auto minmax(0, 1fr) auto;
  gap: var(--s2);
  align-items: center;
  margin-top: var(--s1);
}
.count {
  display: flex;
  align-items: center;
  gap: var(--s1);
}
.count .el-button {
  padding: 0;
  width: var(--tap);
}
output {
  min-width: 1.6rem;
  text-align: center;
  font-weight: 700;
  font-size: var(--t-l);
}
@media (max-width: 480px) {
  .row {
    grid-template-columns: minmax(0, 1fr) auto;
  }
}
</style>
