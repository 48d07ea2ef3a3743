<script setup lang="ts">
/** Who somebody is, and what they may do: in the firm, and in single jobs. */
import { computed, onMounted, reactive, ref } from 'vue';
import type { Role } from '@lentum/core/access';
import type { Person } from '@lentum/core/record';
import { call, get } from '../app/api.ts';
import PickList from '../shared/PickList.vue';
import { firmRoleOptions, jobRoleOptions, ONLY_JOBS, type Account, type JobName } from './accounts.ts';
import { filledRule } from './loginrules.ts';
import { useSendForm } from './sendform.ts';

const props = defineProps<{
  account: Account | undefined;
  accounts: readonly Account[];
  jobs: readonly JobName[];
}>();
const emit = defineEmits<{ saved: [made: Account | undefined]; close: [] }>();

/** Nobody of those who made entries here. */
const NEW = 'new';
const form = reactive({
  name: props.account?.name ?? '',
  firmRole: (props.account ? (props.account.firmRole ?? ONLY_JOBS) : 'applicator') as string,
  roles: Object.entries(props.account?.jobRoles ?? {}).map(([jobId, role]) => ({
    jobId,
    role: role as string,
  })),
  was: NEW,
});
const rules = { name: [filledRule('Name')] };

const people = ref<readonly Person[]>([]);
onMounted(async () => {
  if (props.account) return;
  try {
    const taken = new Set(props.accounts.map((a) => a.personId));
    people.value = (await get<{ people: Person[] }>('/people')).body.people.filter((p) => !taken.has(p.id));
  } catch {
    // Without the list somebody new is made.
  }
});
const wasOptions = computed(() => [
  { value: NEW, label: 'made no entries yet' },
  ...people.value.map((p) => ({ value: p.id, label: `is ${p.name}, who did` })),
]);
function choose(was: string): void {
  form.was = was;
  const known = people.value.find((p) => p.id === was);
  if (known && form.name.trim() === '') form.name = known.name;
}

/** Jobs that have no line yet. */
const jobOptions = (jobId: string) =>
  [
    ...props.jobs.filter((j) => j.id === jobId || !form.roles.some((r) => r.jobId === j.id)),
    ...(jobId !== '' && !props.jobs.some((j) => j.id === jobId)
      ? [{ id: jobId, name: 'a job that is put away' }]
      : []),
  ].map((j) => ({ value: j.id, label: j.name }));
const free = computed(() => props.jobs.filter((j) => !form.roles.some((r) => r.jobId === j.id)));
function addRole(): void {
  const job = free.value[0];
  if (job) form.roles.push({ jobId: job.id, role: 'client' });
}

const { busy, trouble, send } = useSendForm();
const save = (): Promise<void> =>
  send(async () => {
    const id = props.account?.id ?? crypto.randomUUID();
    const firmRole = form.firmRole === ONLY_JOBS ? null : (form.firmRole as Role);
    const jobRoles = Object.fromEntries(form.roles.map((r) => [r.jobId, r.role as Role]));
    const personId = form.was === NEW ? undefined : form.was;
    const body = { name: form.name, firmRole, jobRoles };
    await call('PUT', `/accounts/${id}`, {
      body: { ...body, ...(personId === undefined ? {} : { personId }) },
    });
    const made = {
      ...body,
      id,
      personId: personId ?? id,
      login: null,
      madeAt: '',
      closedAt: null,
      codeUntil: null,
      seenAt: null,
      forgottenAt: null,
    };
    emit('saved', props.account ? undefined : made);
  });
</script>

<template>
  <el-dialog
    :model-value="true"
    :title="account ? `Change ${account.name}` : 'Let somebody in'"
    @close="emit('close')"
  >
    <el-form
      id="account-form"
      ref="formRef"
      :model="form"
      :rules="rules"
      label-position="top"
      hide-required-asterisk
      @submit.prevent="save"
    >
      <el-form-item label="Name, as entries carry it" prop="name">
        <el-input v-model="form.name" maxlength="80" autocomplete="off" />
      </el-form-item>
      <el-form-item v-if="people.length > 0" label="On record so far this person">
        <PickList
          :model-value="form.was"
          label="On record so far this person"
          :options="wasOptions"
          own
          filterable
          @update:model-value="choose"
        />
      </el-form-item>
      <el-form-item label="In all jobs of the firm">
        <PickList v-model="form.firmRole" label="In all jobs of the firm" :options="firmRoleOptions" />
      </el-form-item>
      <fieldset>
        <legend>In single jobs, beside that</legend>
        <div v-for="(r, i) in form.roles" :key="r.jobId" class="line">
          <PickList v-model="r.jobId" label="Job" :options="jobOptions(r.jobId)" own filterable />
          <PickList v-model="r.role" label="Role in this job" :options="jobRoleOptions" />
          <el-button text @click="form.roles.splice(i, 1)">Take out</el-button>
        </div>
        <el-button v-if="free.length > 0" @click="addRole">Add a job</el-button>
        <p v-else-if="jobs.length === 0" class="quiet">There is no job yet.</p>
      </fieldset>
      <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
    </el-form>
    <template #footer>
      <el-button @click="emit('close')">Cancel</el-button>
      <el-button type="primary" native-type="submit" form="account-form" :loading="busy">{{
        account ? 'Save' : 'Make the account and a code'
      }}</el-button>
    </template>
  </el-dialog>
</template>

<style scoped>
fieldset {
  border: 0;
  margin: 0;
  padding: 0;
}
legend {
  color: var(--ink-2);
  margin-bottom: var(--s2);
}
.line {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 1fr) auto;
  gap: var(--s2);
  margin-bottom: var(--s2);
}
@media (max-width: 520px) {
  .line {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .line > :first-child {
    grid-column: 1 / -1;
  }
}
</style>
