<script setup lang="ts">
/** Whether everything is saved; what was refused is said here, in one place, with the last good version kept. */
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { seenMs } from '../app/device/copies.ts';
import { sentence } from '@lentum/core/problems';
import { clockShiftMs } from '@lentum/core/record';
import { MS_PER_MINUTE } from '@lentum/core/units';
import { clockOffsetMs } from '../app/righttime.ts';
import { draftsNotKept } from '../app/device/drafts.ts';
import { useWaitingFiles } from '../app/files.ts';
import { useOddFields, type OddField } from '../app/oddfields.ts';
import { useJob } from '../app/job.ts';
import { placeOfProblem, type Place } from './problemplace.ts';

const job = useJob();
const all = computed(() => Object.values(job.documents));
const MOST_SAID = 3;
/** What cannot be saved, each with the way to where it is put right. */
const refused = computed(() =>
  Object.entries(job.documents).flatMap(([name, d]) => {
    if (d.state !== 'refused') return [];
    if (d.refused.length === 0) return [{ says: d.refusal, label: '', place: undefined }];
    return d.refused.map((p) => ({
      ...{ says: sentence(p), label: p.label },
      place: placeOfProblem(name, p.field, job.documents),
    }));
  }),
);
const busy = computed(() => all.value.some((d) => d.state === 'waiting' || d.state === 'saving'));
const offline = computed(
  () => seenMs.value !== undefined || all.value.some((d) => d.state === 'offline') || waiting.value > 0,
);
const clockSays = computed(() => {
  const off = clockShiftMs(clockOffsetMs.value);
  if (off === 0) return '';
  const minutes = Math.round(Math.abs(off) / MS_PER_MINUTE);
  return `The clock of this device is ${minutes} min ${off > 0 ? 'slow' : 'fast'}. Times are put right by that, and entries say so.`;
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
/** Into the field of that name, once its page is there. @returns whether there is one */
async function into(isIt: (name: string) => boolean): Promise<boolean> {
  for (let i = 0; i < TRIES; i += 1) {
    const found = [...document.querySelectorAll<HTMLElement>('input, textarea')].find((el) =>
      isIt(el.getAttribute('aria-label') ?? ''),
    );
    if (found) {
      found.focus();
      found.scrollIntoView({ block: 'center' });
      return true;
    }
    await new Promise((go) => setTimeout(go, TRY_MS));
  }
  return false;
}
/** To the page of the field, and into it. */
async function goTo(field: OddField): Promise<void> {
  missing.value = false;
  await router.push(field.page);
  missing.value = !(await into((name) => name === field.label));
}
/** To where it is put right, and into the field that is named like it where there is one. */
async function goToPlace({ label, place }: { readonly label: string; readonly place: Place }): Promise<void> {
  await router.push(place);
  const last = (label.split(', ').at(-1) ?? '').toLowerCase();
  await into((name) => last !== '' && name.toLowerCase().startsWith(last));
}
</script>

<template>
  <span class="state" role="status">
    <template v-if="offline"
      >no signal{{
        seenMs === undefined ? '' : ` · as of ${job.time(seenMs + clockShiftMs(clockOffsetMs ?? undefined))}`
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
  <div v-if="refused.length > 0" class="refused" role="alert">
    <p>
      <strong>Not saved.</strong>
      {{ refused.length === 1 ? '1 thing is' : `${refused.length} things are` }} kept here as typed; the rest
      is saved.
    </p>
    <p v-for="(r, i) in refused.slice(0, MOST_SAID)" :key="i">
      {{ r.says }}
      <el-button v-if="r.place" text size="small" @click="goToPlace({ label: r.label, place: r.place })"
        >Go there</el-button
      >
    </p>
    <p v-if="refused.length > MOST_SAID">And {{ refused.length - MOST_SAID }} more.</p>
  </div>
</template>

<style scoped>
.state {
  margin-left: auto;
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
