<script setup lang="ts">
/** A line of the set-up that says something of one roof; it can be taken out. */
import PickList from '../../shared/PickList.vue';

defineProps<{ label: string; zones: readonly { value: string; label: string }[] }>();
const zoneId = defineModel<string>({ required: true });
const emit = defineEmits<{ remove: [] }>();
</script>

<template>
  <div class="bar row">
    <PickList v-model="zoneId" class="zone" own :label="label" :options="zones" />
    <slot />
    <el-button text size="small" @click="emit('remove')">Remove</el-button>
    <slot name="below" />
  </div>
</template>

<style scoped>
.row {
  padding: var(--s2) 0;
  border-bottom: var(--stroke) solid var(--line);
}
.zone {
  width: 210px;
}
.row :deep(.trouble) {
  color: var(--red);
  width: 100%;
}
</style>
