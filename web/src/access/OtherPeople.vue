<script setup lang="ts">
/** Whoever stands in records without an account: what is kept of them, and their names replaced. For owners. */
import { computed, ref } from 'vue';
import { when } from '../app/time.ts';
import type { Other } from './accounts.ts';
import KeptLink from './KeptLink.vue';

const props = defineProps<{ others: readonly Other[] }>();
const emit = defineEmits<{ forget: [other: Other] }>();
const sought = ref('');
const shown = computed(() =>
  props.others.filter((p) => p.name.toLowerCase().includes(sought.value.trim().toLowerCase())),
);
</script>

<template>
  <section aria-labelledby="others">
    <h2 id="others">In records without an account</h2>
    <p class="quiet">
      They entered something before people signed in here, or came with a job file. Whoever of them needs an
      account gets it by “Let somebody in”.
    </p>
    <el-input
      v-if="others.length > 8"
      v-model="sought"
      class="seek"
      clearable
      placeholder="Find by name"
      aria-label="Find somebody without an account by name"
    />
    <el-table :data="shown" row-key="personId" max-height="420">
      <el-table-column label="Name" min-width="110" sortable prop="name">
        <template #default="{ row }">
          {{ (row as Other).name }}
          <span v-if="(row as Other).forgottenAt" class="quiet">
            · replaced {{ when((row as Other).forgottenAt ?? '') }}</span
          >
        </template>
      </el-table-column>
      <el-table-column label="What to do" min-width="200">
        <template #default="{ row }">
          <el-button
            v-if="(row as Other).forgottenAt === null"
            size="small"
            text
            @click="emit('forget', row as Other)"
            >Replace the name<span class="visually-hidden"> of {{ (row as Other).name }}</span></el-button
          >
          <KeptLink :person-id="(row as Other).personId" :name="(row as Other).name" />
        </template>
      </el-table-column>
    </el-table>
  </section>
</template>

<style scoped>
section {
  margin-top: var(--s6);
}
h2 {
  margin-bottom: var(--s2);
}
.seek {
  max-width: 28rem;
  margin: var(--s3) 0;
}
</style>
