<script setup lang="ts">
/** A phone that is let in under an account: for which jobs, then the code that it takes up. */
import { computed, onMounted, ref } from 'vue';
import { call } from '../app/api.ts';
import PickList from '../shared/PickList.vue';
import CodeDialog from './CodeDialog.vue';
import { useAttempt } from '../shared/attempt.ts';
import { readJobNames, type JobName } from './accounts.ts';

/** Where the code is made, below /api/v1; and whose phone it is. */
const props = defineProps<{ path: string; name: string; onlyJob?: string | undefined }>();
const emit = defineEmits<{ close: [] }>();
const ALL = 'all';
const job = ref(props.onlyJob ?? ALL);
const jobs = ref<readonly JobName[]>([]);
const options = computed(() => [
  ...(props.onlyJob === undefined ? [{ value: ALL, label: `every job that ${props.name} sees` }] : []),
  ...jobs.value.map(({ id, name }) => ({ value: id, label: name })),
]);
const made = ref<{ readonly code: string; readonly until: string }>();
const { trouble, busy, attempt } = useAttempt();
onMounted(() =>
  attempt(async () => {
    jobs.value = await readJobNames();
  }),
);
const make = (): Promise<void> =>
  attempt(async () => {
    const asked = job.value === ALL ? {} : { onlyJob: job.value };
    made.value = (await call<{ code: string; until: string }>('POST', props.path, { body: asked })).body;
  });
</script>

<template>
  <CodeDialog v-if="made" :name="name" v-bind="made" adds-device @close="emit('close')" />
  <el-dialog v-else :model-value="true" :title="`A phone for ${name}`" width="440px" @close="emit('close')">
    <p>
      It comes in with a code that this page shows. What is entered on it is signed by a key of its own, and
      it can be signed out by itself.
    </p>
    <label class="field">
      <span>It sees</span>
      <PickList v-model="job" label="It sees" :options="options" own filterable />
    </label>
    <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
    <template #footer>
      <el-button @click="emit('close')">Cancel</el-button>
      <el-button type="primary" :loading="busy" @click="make">Show the code</el-button>
    </template>
  </el-dialog>
</template>

<style scoped>
.field {
  display: grid;
  gap: var(--s1);
}
</style>
