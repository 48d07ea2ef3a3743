<script setup lang="ts">
/** How it was put down: method, tip and pressure, thinning, shade, passes. Folded away until it is wanted. */
import type { Coat } from '@lentum/core/buildup';
import MeasureInput from '../shared/MeasureInput.vue';
import PickList from '../shared/PickList.vue';
import type { CoatDraft } from './coatdraft.ts';
import { METHODS } from '@lentum/core/record';
import { choices } from './log/fields.ts';

defineProps<{ coat: Coat }>();
/** The form's own draft, worked on in place. */
const d = defineModel<CoatDraft>({ required: true });
</script>

<template>
  <details :open="d.method !== ''" class="how">
    <summary>How it was laid</summary>
    <div class="grid">
      <label class="name"
        >Method<PickList
          v-model="d.method"
          size="large"
          label="Method"
          none="not said"
          :options="choices(METHODS)"
      /></label>
      <template v-if="d.method === 'sprayed'">
        <label class="name"
          >Tip<el-input v-model="d.tip" size="large" maxlength="40" aria-label="Tip"
        /></label>
        <label class="name"
          >Pressure<MeasureInput
            v-model="d.pressureBar"
            size="large"
            quantity="pressure"
            label="Pressure"
            :above="0"
            optional
        /></label>
      </template>
      <label v-if="coat.thinning" class="name"
        >Thinned by<MeasureInput
          v-model="d.dilutionPct"
          size="large"
          quantity="percent"
          label="Thinned by"
          :min="0"
          :max="100"
          optional
      /></label>
      <label class="name"
        >Shade<el-input v-model="d.shade" size="large" maxlength="60" aria-label="Shade"
      /></label>
      <label class="name"
        >Passes<MeasureInput
          v-model="d.passes"
          size="large"
          quantity="count"
          label="Passes"
          hide-unit
          :min="1"
          :max="20"
          optional
      /></label>
    </div>
  </details>
</template>

<style scoped>
.how {
  margin-top: var(--s3);
}
summary {
  cursor: pointer;
  min-height: 32px;
  font-weight: 600;
}
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: var(--s2) var(--s3);
}
.name {
  font-weight: 600;
}
</style>
