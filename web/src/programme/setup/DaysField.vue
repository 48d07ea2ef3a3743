<script setup lang="ts">
/** Any number of days. */
defineProps<{ name: string; label?: string }>();
const model = defineModel<readonly string[]>({ required: true });
</script>

<template>
  <label class="quiet"
    >{{ name }}
    <el-date-picker
      type="dates"
      value-format="YYYY-MM-DD"
      format="D MMM"
      class="dates"
      :model-value="[...model]"
      :aria-label="label ?? name"
      @update:model-value="(v: string[] | null) => (model = [...(v ?? [])].sort())"
    />
  </label>
</template>

<style scoped>
.dates {
  width: 220px;
}
</style>
