<script setup lang="ts">
/** A zone by its area alone: asked for once, then the zone stands with what such a roof usually has. */
import { ref } from 'vue';
import { worded } from '../app/wording.ts';
import MeasureInput from '../shared/MeasureInput.vue';
import { keepNoOddTexts } from '../shared/oddtext.ts';

const open = defineModel<boolean>({ required: true });
keepNoOddTexts();
const emit = defineEmits<{ done: [areaM2: number] }>();
const areaM2 = ref<number>();
const trouble = ref(false);
function done(): void {
  trouble.value = areaM2.value === undefined;
  if (areaM2.value === undefined) return;
  emit('done', areaM2.value);
  open.value = false;
}
</script>

<template>
  <el-dialog v-model="open" title="Estimate by area" width="min(420px, 100vw)">
    <p>
      {{
        worded('Its edge, height and fittings are taken as is usual, and marked so, until they are measured.')
      }}
    </p>
    <form id="estimate" @submit.prevent="done">
      <MeasureInput
        v-model="areaM2"
        optional
        size="large"
        quantity="area"
        label="Area"
        :min="0.5"
        :max="1000000"
      />
      <p v-if="trouble && areaM2 === undefined" class="problem" role="alert">
        Area: it is missing; expected a figure such as 24.5 m² or 264 ft².
      </p>
    </form>
    <template #footer>
      <el-button @click="open = false">Cancel</el-button>
      <el-button type="primary" native-type="submit" form="estimate">Estimate</el-button>
    </template>
  </el-dialog>
</template>

<style scoped>
p {
  margin-bottom: var(--s3);
}
</style>
