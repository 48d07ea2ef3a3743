<script setup lang="ts">
/** The stage in its parts: what to do today on all roofs, the bays of one, and the weather that both go by. */
import { computed, defineAsyncComponent, onMounted, ref, useTemplateRef } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { sentenceOf } from '../app/api.ts';
import { useJob } from '../app/job.ts';
import PartSwitch from '../shared/PartSwitch.vue';
import SitePage from './SitePage.vue';

const TodayPage = defineAsyncComponent(() => import('./today/TodayPage.vue'));
const WeatherPage = defineAsyncComponent(() => import('./weather/WeatherPage.vue'));
const PARTS = [
  ['today', 'Today'],
  ['bays', 'Bays'],
  ['weather', 'Weather'],
] as const;
const job = useJob();
const route = useRoute();
const router = useRouter();
const trouble = ref('');
const bays = useTemplateRef<InstanceType<typeof SitePage>>('bays');

/** Where the weather is known and bays are cut the day comes first; else the bays. It stays as it was on arrival. */
const first = job.weather.doc.draft.place && job.documents.site.content.bays.length > 0 ? 'today' : 'bays';
/** A link to a zone or a bay means its plan. */
const part = computed(() => {
  const asked = route.query['part'];
  if (asked === 'bays' || asked === 'weather' || asked === 'today') return asked;
  return route.query['zone'] || route.query['bay'] ? 'bays' : first;
});
onMounted(async () => {
  try {
    await job.weather.keepFresh();
  } catch (error) {
    trouble.value = sentenceOf(error);
  }
});
</script>

<template>
  <main class="page">
    <PartSwitch
      class="parts no-print"
      :parts="PARTS"
      :chosen="part"
      @choose="(key) => router.replace({ query: { ...route.query, part: key } })"
      ><el-button v-if="part === 'bays'" @click="bays?.log()">Log</el-button></PartSwitch
    >
    <p v-if="trouble" class="trouble" role="alert">The weather could not be fetched: {{ trouble }}</p>
    <TodayPage v-if="part === 'today'" />
    <WeatherPage v-else-if="part === 'weather'" />
    <SitePage v-else ref="bays" />
  </main>
</template>

<style scoped>
.parts {
  margin-bottom: var(--s3);
}
/* On the phone the foot and its last place lead there. */
@media (max-width: 720px) {
  .parts {
    display: none;
  }
}
.trouble {
  color: var(--red);
}
</style>
