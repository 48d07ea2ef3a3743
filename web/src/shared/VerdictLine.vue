<script setup lang="ts">
import type { Verdict } from '@lentum/core/words';
import { worded } from '../app/wording.ts';
import SayParts from './SayParts.vue';
import VerdictMark from './VerdictMark.vue';

defineProps<{ verdict: Verdict }>();
</script>

<template>
  <div class="verdict">
    <VerdictMark :outcome="verdict.outcome" />
    <div>
      <p>
        <strong>{{ worded(verdict.subject) }}</strong>&nbsp;<SayParts :parts="verdict.says" />
      </p>
      <p v-if="verdict.quiet" class="quiet"><SayParts :parts="verdict.quiet" /></p>
    </div>
  </div>
</template>

<style scoped>
.verdict {
  display: grid;
  grid-template-columns: 18px minmax(0, 1fr);
  gap: var(--s3);
  padding: var(--s2) 0;
}
</style>
