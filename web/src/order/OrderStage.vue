<script setup lang="ts">
/** The stage in its two parts: what is bought, and how what comes on rolls is laid and cut. */
import { computed, defineAsyncComponent, onMounted } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useJob } from '../app/job.ts';
import PartSwitch from '../shared/PartSwitch.vue';
import OrderPage from './OrderPage.vue';

const CoursesPage = defineAsyncComponent(() => import('./courses/CoursesPage.vue'));
const job = useJob();
const route = useRoute();
const router = useRouter();
const PARTS = [
  ['order', 'What to buy'],
  ['courses', 'Courses and cutting'],
] as const;
const part = computed(() => (route.query['part'] === 'courses' ? 'courses' : 'order'));
onMounted(() => job.courses.want());
</script>

<template>
  <main class="page">
    <PartSwitch
      class="parts no-print"
      :parts="PARTS"
      :chosen="part"
      @choose="(key) => router.replace({ query: { ...route.query, part: key } })"
    />
    <CoursesPage v-if="part === 'courses'" />
    <OrderPage v-else />
  </main>
</template>

<style scoped>
.parts {
  margin-bottom: var(--s3);
}
</style>
