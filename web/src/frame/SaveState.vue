<script setup lang="ts">
/** Whether everything is saved; what was refused is said here, in one place, with the last good version kept. */
import { computed } from 'vue';
import { seenMs } from '../app/device/copies.ts';
import { draftsNotKept } from '../app/device/drafts.ts';
import { useJob } from '../app/job.ts';

const job = useJob();
const all = computed(() => Object.values(job.documents));
const refused = computed(() => all.value.filter((d) => d.state === 'refused'));
const busy = computed(() => all.value.some((d) => d.state === 'waiting' || d.state === 'saving'));
const offline = computed(
  () =>
    seenMs.value !== undefined ||
    all.value.some((d) => d.state === 'offline') ||
    job.outbox.waiting.length > 0,
);
const notKept = computed(() =>
  all.value.some((d) => d.state !== 'saved') ? draftsNotKept.value : undefined,
);
const waiting = computed(() => job.outbox.waiting.length);
</script>

<template>
  <span class="state" role="status">
    <template v-if="offline"
      >no signal{{ seenMs === undefined ? '' : ` · as of ${job.time(seenMs)}`
      }}{{ waiting > 0 ? ` · ${waiting} kept here` : '' }}</template
    >
    <template v-else-if="busy">saving …</template>
    <template v-else-if="refused.length === 0">saved</template>
  </span>
  <p v-if="notKept" class="refused" role="alert">
    <strong>Not kept on this device.</strong> {{ notKept }}. What is changed here is lost when the page closes
    before it is saved.
  </p>
  <p v-for="(d, i) in refused" :key="i" class="refused" role="alert">
    <strong>Not saved.</strong> {{ d.refusal }} The rest is saved; this is kept here as it was typed.
  </p>
</template>

<style scoped>
.state {
  font-size: var(--t-s);
  color: var(--ink-2);
}
.refused {
  flex-basis: 100%;
  color: var(--red);
}
</style>
