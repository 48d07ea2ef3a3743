<script setup lang="ts">
/** A source asked once as it stands in the form: what it answered, matched, and what would be read of it. */
import { useLocalStorage } from '@vueuse/core';
import { computed, ref, shallowRef, watch } from 'vue';
import { bodyOf } from '@lentum/client';
import { sentence } from '@lentum/core/problems';
import type { AnswerMap, AnswerTable, SourceKind } from '@lentum/core/sources';
import { api } from '../../app/api.ts';
import { rightNowMs } from '../../app/righttime.ts';
import { useAttempt } from '../../shared/attempt.ts';
import { useUnits } from '../../shared/units.ts';
import AnswerMatch from './AnswerMatch.vue';
import { beginMatch, seenOf, tablesIn } from './sourcework.ts';

const props = defineProps<{
  asked: { readonly kind: SourceKind; readonly address: string; readonly keyHeader?: string };
  /** As it was typed; empty for the one that is kept. */
  secret: string;
  sourceId: string | undefined;
}>();
const map = defineModel<AnswerMap | undefined>('map', { required: true });
/** Whether what is matched may be kept. */
const ready = defineModel<boolean>('ready', { required: true });

const { say } = useUnits();
const answer = shallowRef<{ text: string; bytes: number; goodForMinutes: number }>();
const tables = shallowRef<readonly AnswerTable[]>([]);
const oddAnswer = ref<readonly string[]>([]);
/** Where it is tried: a source of the firm has no place of its own. */
const place = useLocalStorage('lentum.tried-place', { latitudeDeg: 47, longitudeDeg: 8 });
const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;

function match(text: string, before: AnswerMap | undefined): void {
  const found = tablesIn(text);
  tables.value = found.ok ? found.value : [];
  oddAnswer.value = found.ok ? [] : found.problems.map(sentence);
  map.value = beginMatch(tables.value, text, props.asked.kind, before);
}
const { trouble, busy, attempt } = useAttempt();
const tryIt = (): Promise<void> =>
  attempt(async () => {
    const { sourceId, secret, asked } = props;
    const told = await api.POST('/firm/weather-sources/try', {
      body: {
        ...{ source: asked, place: place.value },
        ...(secret === '' ? {} : { key: secret }),
        ...(sourceId === undefined ? {} : { sourceId }),
      },
    });
    answer.value = bodyOf(told);
    match(answer.value.text, map.value);
  });
// Another address answers something else, and another kind is matched otherwise.
watch(
  () => props.asked.address,
  () => (answer.value = undefined),
);
watch(
  () => props.asked.kind,
  () => {
    if (answer.value) match(answer.value.text, undefined);
    else map.value = undefined;
  },
);

const said = (ms: number): string =>
  new Date(ms).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short', timeZone: zone });
const seen = computed(() =>
  answer.value && map.value && tables.value.length > 0
    ? seenOf(tables.value, map.value, props.asked.kind, zone, rightNowMs(), { say, time: said })
    : undefined,
);
/** What was matched before may be kept without a further try; else the answer has to be read. */
watch(
  [seen, answer, map],
  () => (ready.value = seen.value ? seen.value.ok : !answer.value && map.value !== undefined),
  { immediate: true },
);
const size = (bytes: number): string => (bytes < 1000 ? `${bytes} bytes` : `${Math.round(bytes / 1000)} kB`);
const told = computed(() => {
  if (!answer.value) return '';
  const { bytes, goodForMinutes } = answer.value;
  return `It answered with ${size(bytes)}${goodForMinutes > 0 ? `, good for ${goodForMinutes} min` : ''}.`;
});
</script>

<template>
  <section aria-label="Try it">
    <div v-if="asked.kind !== 'meter'" class="bar try">
      <span>Tried for a place at</span>
      <el-input-number
        v-model="place.latitudeDeg"
        :min="-90"
        :max="90"
        :precision="3"
        :controls="false"
        aria-label="Latitude, degrees north"
      />
      <span>north,</span>
      <el-input-number
        v-model="place.longitudeDeg"
        :min="-180"
        :max="180"
        :precision="3"
        :controls="false"
        aria-label="Longitude, degrees east"
      />
      <span>east</span>
    </div>
    <el-button :loading="busy" :disabled="asked.address === ''" @click="tryIt">Try it now</el-button>
    <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
    <template v-else-if="answer">
      <p class="quiet">{{ told }}</p>
      <p v-for="p in oddAnswer" :key="p" class="problem" role="alert">{{ p }}</p>
      <AnswerMatch
        v-if="map && tables.length > 0"
        v-model="map"
        :text="answer.text"
        :tables="tables"
        :kind="asked.kind"
        :seen="seen?.ok ? seen.seen : undefined"
        :problems="seen?.ok === false ? seen.problems : []"
      />
    </template>
    <p v-else-if="map" class="quiet">
      It stays matched as it was: {{ map.columns.map((c) => c.name).join(', ') }}.
    </p>
  </section>
</template>

<style scoped>
.try {
  flex-wrap: wrap;
  gap: var(--s2);
  margin-bottom: var(--s2);
}
.try .el-input-number {
  width: 7rem;
}
</style>
