<script setup lang="ts">
/** Whether everything is saved; what was refused is said here, in one place, with the last good version kept. */
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { seenMs } from '../app/device/copies.ts';
import { MS_PER_MINUTE } from '@lentum/core/units';
import { clockOffsetMs } from '../app/clock.ts';
import { draftsNotKept } from '../app/device/drafts.ts';
import { useWaitingFiles } from '../app/files.ts';
import { useOddFields, type OddField } from '../app/oddfields.ts';
import { useJob } from '../app/job.ts';

const job = useJob();
const all = computed(() => Object.values(job.documents));
const refused = computed(() => all.value.filter((d) => d.state === 'refused'));
const busy = computed(() => all.value.some((d) => d.state === 'waiting' || d.state === 'saving'));
const offline = computed(
  () => seenMs.value !== undefined || all.value.some((d) => d.state === 'offline') || waiting.value > 0,
);
/** A clock that is off by more than this is said: entries carry its times. */
const OFF_MS = 2 * MS_PER_MINUTE;
const clockSays = computed(() => {
  const off = clockOffsetMs.value ?? 0;
  if (Math.abs(off) <= OFF_MS) return '';
  const minutes = Math.round(Math.abs(off) / MS_PER_MINUTE);
  return `The clock of this device is ${minutes} min ${off > 0 ? 'slow' : 'fast'}. Entries say so; set it right before times are entered.`;
});
const notKept = computed(() =>
  all.value.some((d) => d.state !== 'saved') ? draftsNotKept.value : undefined,
);
const files = useWaitingFiles();
const waiting = computed(() => job.outbox.waiting.length + files.waiting.value.length);

const odd = useOddFields();
const router = useRouter();
const TRIES = 20;
const TRY_MS = 100;
const missing = ref(false);
/** To the page of the field, and into it. */
async function goTo(field: OddField): Promise<void> {
  missing.value = false;
  await router.push(field.page);
  for (let i = 0; i < TRIES; i += 1) {
    const found = [...document.querySelectorAll<HTMLElement>('input, textarea')].find(
      (el) => el.getAttribute('aria-label') === field.label,
    );
    if (found) {
      found.focus();
      found.scrollIntoView({ block: 'center' });
      return;
    }
    await new Promise((go) => setTimeout(go, TRY_MS));
  }
  missing.value = true;
}
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
  <p v-if="clockSays" class="clock" role="status">{{ clockSays }}</p>
  <p v-if="notKept" class="refused" role="alert">
    <strong>Not kept on this device.</strong> {{ notKept }}. What is changed here is lost when the page closes
    before it is saved.
  </p>
  <div v-if="odd.fields.value[0]" class="refused" role="status">
    <strong>{{
      odd.fields.value.length === 1
        ? '1 field cannot be read:'
        : `${odd.fields.value.length} fields cannot be read, first:`
    }}</strong>
    {{ odd.fields.value[0].label }}. What was typed is kept in it; the figure before it counts.
    <el-button text size="small" @click="goTo(odd.fields.value[0])">Go to the field</el-button>
    <el-button v-if="missing" text size="small" @click="odd.drop(odd.fields.value[0])"
      >The field is not there any more: let it go</el-button
    >
  </div>
  <p v-for="(d, i) in refused" :key="i" class="refused" role="alert">
    <strong>Not saved.</strong> {{ d.refusal }} The rest is saved; this is kept here as it was typed.
  </p>
</template>

<style scoped>
.state {
  font-size: var(--t-s);
  color: var(--ink-2);
}
.refused,
.clock {
  flex-basis: 100%;
}
.refused {
  color: var(--red);
}
.clock {
  color: var(--amber);
}
</style>
