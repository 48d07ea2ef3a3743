<script setup lang="ts">
/** The paper that a number cites, opened from the number's working. */
import { computed } from 'vue';
import { useJob } from '../app/job.ts';
import { libraryPapers } from '../app/working.ts';
import PaperLink from './PaperLink.vue';

const props = defineProps<{ cites: string }>();
const job = useJob();
const paper = computed(() =>
  [...libraryPapers.value, ...job.documents.buildUps.draft.buildUps.flatMap((b) => b.papers)].find(
    (p) => p.id === props.cites,
  ),
);
</script>

<template>
  <PaperLink v-if="paper" :paper="paper" />
</template>
