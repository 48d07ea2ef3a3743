<script setup lang="ts">
/** The stage in its parts: what is bought and from whom, how what comes on rolls is laid and cut, what can harm, and the tools. */
import { computed, defineAsyncComponent, onMounted } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useJob } from '../app/job.ts';
import PartSwitch from '../shared/PartSwitch.vue';
import OrderPage from './OrderPage.vue';

const CoursesPage = defineAsyncComponent(() => import('./courses/CoursesPage.vue'));
const KitPage = defineAsyncComponent(() => import('./KitPage.vue'));
const SuppliersPage = defineAsyncComponent(() => import('./SuppliersPage.vue'));
const SubstancesPage = defineAsyncComponent(() => import('./SubstancesPage.vue'));
const job = useJob();
const route = useRoute();
const router = useRouter();
const PARTS = [
  ['order', 'What to buy'],
  ['courses', 'Courses and cutting'],
  ['suppliers', 'Suppliers'],
  ['substances', 'Substances'],
  ['kit', 'Tools'],
] as const;
const parts = computed(() => PARTS.filter(([key]) => key !== 'suppliers' || job.seesPrices));
const part = computed(() => parts.value.find(([key]) => key === route.query['part'])?.[0] ?? 'order');
onMounted(() => job.courses.want());
</script>

<template>
  <main class="page">
    <PartSwitch
      class="parts no-print"
      :parts="parts"
      :chosen="part"
      @choose="(key) => router.replace({ query: { ...route.query, part: key } })"
    />
    <CoursesPage v-if="part === 'courses'" />
    <SuppliersPage v-else-if="part === 'suppliers'" />
    <SubstancesPage v-else-if="part === 'substances'" />
    <KitPage v-else-if="part === 'kit'" />
    <OrderPage v-else />
  </main>
</template>

<style scoped>
.parts {
  margin-bottom: var(--s3);
}
</style>
