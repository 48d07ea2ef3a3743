<script setup lang="ts">
/** A time of the day, or a date with one; what is cleared stays as it was. */
defineProps<{ name: string; label?: string; type?: 'time' | 'datetime-local' }>();
const model = defineModel<string>({ required: true });
function take(event: Event): void {
  const { value } = event.target as HTMLInputElement;
  if (value !== '') model.value = value;
}
</script>

<template>
  <label class="quiet"
    >{{ name }}
    <input class="plain" :type="type ?? 'time'" :value="model" :aria-label="label ?? name" @change="take"
  /></label>
</template>
