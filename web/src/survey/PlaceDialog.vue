<script setup lang="ts">
/** Where the plan lies on the globe: asked once, before it leaves in degrees. */
import { computed, ref } from 'vue';
import { readNumber } from '@lentum/core/units';
import { useJob } from '../app/job.ts';
import NamedField from '../shared/NamedField.vue';

const emit = defineEmits<{ close: []; placed: [] }>();
const job = useJob();
const survey = computed(() => job.documents.survey.draft);
const said = survey.value.origin;
/** The weather knows about where the job is. */
const about = job.documents.weather.content.place;
const lon = ref(String(said?.lonDeg ?? about?.longitudeDeg ?? ''));
const lat = ref(String(said?.latDeg ?? about?.latitudeDeg ?? ''));
const bearing = ref(String(said?.bearingDeg ?? 0));
const trouble = ref('');

const FIELDS = [
  { name: 'Longitude', of: lon, least: -180, most: 180 },
  { name: 'Latitude', of: lat, least: -85, most: 85 },
  { name: 'Bearing', of: bearing, least: -360, most: 360 },
] as const;
function keep(): void {
  const values: number[] = [];
  for (const { name, of, least, most } of FIELDS) {
    const read = readNumber(of.value);
    if (!read.ok || read.value < least || read.value > most) {
      trouble.value = `${name}: “${of.value}” was entered; expected degrees from ${least} to ${most}.`;
      return;
    }
    values.push(read.value);
  }
  const [lonDeg = 0, latDeg = 0, bearingDeg = 0] = values;
  survey.value.origin = { lonDeg, latDeg, ...(bearingDeg === 0 ? {} : { bearingDeg }) };
  emit('placed');
  emit('close');
}
</script>

<template>
  <el-dialog model-value title="Where the plan lies" @close="emit('close')">
    <p class="quiet">
      Of the plan’s zero point, in degrees of WGS 84, and where the plan’s upward edge points: 0 to the north,
      90 to the east.<template v-if="!said && about">
        The place of the weather is filled in; put it right.</template
      >
    </p>
    <div class="bar fields">
      <NamedField v-for="f in FIELDS" :key="f.name" :name="`${f.name}, degrees`">
        <el-input v-model="f.of.value" inputmode="decimal" :aria-label="`${f.name}, degrees`" />
      </NamedField>
    </div>
    <p v-if="trouble" role="alert" class="problem">{{ trouble }}</p>
    <template #footer>
      <el-button @click="emit('close')">Cancel</el-button>
      <el-button type="primary" @click="keep">Keep it</el-button>
    </template>
  </el-dialog>
</template>
