<script setup lang="ts">
/** What stands against the layer, and why it was laid all the same: asked, never demanded. */
import { computed, useId } from 'vue';
import type { Flag } from '@lentum/core/record';

const props = defineProps<{ flags: readonly Flag[] }>();
const reason = defineModel<string>({ required: true });
const against = computed(() => props.flags.filter((f) => f.rule === 'laid against'));
const id = useId();
</script>

<template>
  <div v-if="against.length > 0 || reason !== ''" class="against">
    <label class="name" :for="id">A gate is closed. Why was it laid all the same?</label>
    <el-input :id="id" v-model="reason" maxlength="400" type="textarea" :autosize="{ minRows: 1 }" />
  </div>
</template>

<style scoped>
.against {
  margin-top: var(--s3);
}
.name {
  display: block;
  font-weight: 600;
  margin-bottom: 2px;
  color: var(--amber);
}
</style>
