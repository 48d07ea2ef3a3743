<script setup lang="ts">
/** Which of the firm's sources a job asks, and how that went last. */
import { computed, onMounted, shallowRef, watch } from 'vue';
import { bodyOf } from '@lentum/client';
import { api } from '../../app/api.ts';
import { useJob } from '../../app/job.ts';
import { may } from '../../app/session.ts';
import { useAttempt } from '../../shared/attempt.ts';
import { KIND_WORDS } from '../../shared/sourcewords.ts';

const emit = defineEmits<{ names: [names: readonly string[]] }>();
const job = useJob();
const doc = computed(() => job.weather.doc.draft);

type Told = Awaited<ReturnType<typeof ask>>[number];
const ask = async () =>
  bodyOf(await api.GET('/jobs/{jobId}/weather/sources', { params: { path: { jobId: job.id } } })).sources;
const sources = shallowRef<readonly Told[]>();
const { trouble, attempt } = useAttempt();
const load = (): Promise<void> =>
  attempt(async () => {
    sources.value = await ask();
    emit(
      'names',
      sources.value.filter((s) => s.chosen).map((s) => s.name),
    );
  });
onMounted(load);
// What was asked since went well or not.
watch(() => job.weather.series, load);
defineExpose({ load });

const chosen = computed({
  get: () => [...doc.value.sourceIds],
  set: (ids: string[]) => (doc.value.sourceIds = ids),
});
/** Chosen once, and gone since or never here: a job that came with a file names sources of another firm. */
const gone = computed(() =>
  sources.value ? doc.value.sourceIds.filter((id) => !sources.value?.some((s) => s.id === id)) : [],
);
function takeOut(ids: readonly string[]): void {
  doc.value.sourceIds = doc.value.sourceIds.filter((id) => !ids.includes(id));
}
const at = (iso: string | undefined): string => (iso === undefined ? '' : job.time(Date.parse(iso)));
function about(s: Told): string {
  const good = s.goodAt === undefined ? '' : `answered ${at(s.goodAt)}`;
  const next =
    s.nextAt === undefined || Date.parse(s.nextAt) <= job.nowMs ? '' : `asked again from ${at(s.nextAt)}`;
  return [KIND_WORDS[s.kind].name.toLowerCase(), ...(s.simulated ? ['made up'] : []), good, next]
    .filter(Boolean)
    .join(', ');
}
</script>

<template>
  <div class="sources">
    <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
    <p v-if="sources && sources.length === 0" class="quiet">
      The firm has no sources yet<template v-if="may('change sources')"
        >: they are added in the <RouterLink to="/settings#sources">settings</RouterLink></template
      >.
    </p>
    <el-checkbox-group v-else-if="sources" v-model="chosen" aria-label="Sources that this job asks">
      <div v-for="s in sources" :key="s.id" class="source">
        <el-checkbox :value="s.id">{{ s.name }}</el-checkbox>
        <span class="quiet">{{ about(s) }}</span>
        <p v-if="s.chosen && s.problem" class="problem">
          {{ s.problem }}
          <template v-if="s.goodAt && s.kind !== 'station'">What it told {{ at(s.goodAt) }} stands.</template>
        </p>
      </div>
    </el-checkbox-group>
    <p v-if="gone.length > 0" class="warn">
      {{ gone.length === 1 ? 'One source' : `${gone.length} sources` }} that this job names
      {{ gone.length === 1 ? 'is' : 'are' }} not here.
      <el-button size="small" @click="takeOut(gone)">Leave out</el-button>
    </p>
  </div>
</template>

<style scoped>
.source {
  padding-block: var(--s1);
}
.source .quiet {
  margin-left: var(--s2);
}
.source p {
  margin: 0 0 var(--s1) var(--s5);
}
.warn {
  color: var(--amber);
}
</style>
