<script setup lang="ts">
/** A number with its name before it, and what it counts after it. */
withDefaults(
  defineProps<{
    name: string;
    /** What is read out, where the name beside it does not say it all. */
    label?: string;
    unit?: string;
    least?: number;
    most: number;
    step?: number;
    digits?: number;
    /** Typed, without buttons; an empty field is none. */
    plain?: boolean;
  }>(),
  { unit: '', least: 0, step: 1, digits: 0, plain: false },
);
const model = defineModel<number | null>({ required: true });
</script>

<template>
  <label class="quiet"
    >{{ name }}
    <el-input-number
      v-model="model"
      size="small"
      :class="{ plain }"
      :min="least"
      :max="most"
      :step="step"
      :precision="digits"
      :controls="!plain"
      :aria-label="label ?? name"
      :value-on-clear="plain ? null : least"
    />
    {{ unit }}</label
  >
</template>

<style scoped>
.plain {
  width: 84px;
}
</style>
