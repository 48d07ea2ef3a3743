<script setup lang="ts">
/** Who may come in, and as what. For owners. */
import { computed, defineAsyncComponent, onMounted, ref } from 'vue';
import { bodyOf } from '@lentum/client';
import { api } from '../app/api.ts';
import { sure } from '../app/asking.ts';
import { account as me, may, signsIn } from '../app/session.ts';
import AccountDialog from './AccountDialog.vue';
import { readJobNames, rolesLine, standing, type Account, type JobName, type Other } from './accounts.ts';
import CodeDialog from './CodeDialog.vue';
import DevicesDialog from './DevicesDialog.vue';
import KeptLink from './KeptLink.vue';
import OtherPeople from './OtherPeople.vue';
import SignedOnly from './SignedOnly.vue';
import { useAttempt } from '../shared/attempt.ts';

const SecurityLog = defineAsyncComponent(() => import('./SecurityLog.vue'));

const accounts = ref<readonly Account[]>();
const others = ref<readonly Other[]>([]);
const jobs = ref<readonly JobName[]>([]);
const sought = ref('');
const shown = computed(() => {
  const words = sought.value.trim().toLowerCase();
  return (accounts.value ?? []).filter((a) =>
    [a.name, a.login ?? '', rolesLine(a, jobs.value)].some((t) => t.toLowerCase().includes(words)),
  );
});
const editing = ref<Account | 'new'>();
const code = ref<{
  readonly accountId: string;
  readonly name: string;
  readonly code: string;
  readonly until: string;
}>();
const devicesOf = ref<Account>();
const logging = ref(false);

const { trouble, attempt } = useAttempt();
const load = (): Promise<void> =>
  attempt(async () => {
    const [answer, names] = await Promise.all([api.GET('/accounts'), readJobNames()]);
    const body = bodyOf(answer);
    accounts.value = body.accounts;
    others.value = body.others;
    jobs.value = names;
  });
onMounted(() => {
  if (signsIn.value && may('admit people')) void load();
});

const of = ({ id: accountId }: Account) => ({ params: { path: { accountId } } });
const makeCode = (a: Account): Promise<void> =>
  attempt(async () => {
    if (
      a.login !== null &&
      !(await sure(
        `A new code for ${a.name}?`,
        'With it they choose a new password, and are signed out on every device.',
        'Make the code',
      ))
    )
      return;
    const made = bodyOf(await api.POST('/accounts/{accountId}/code', { ...of(a), body: {} }));
    code.value = { accountId: a.id, name: a.name, ...made };
    await load();
  });
async function devicesDone(): Promise<void> {
  devicesOf.value = undefined;
  await load();
}
const signOut = (a: Account): Promise<void> =>
  attempt(async () => {
    const what = 'Every device of theirs has to sign in again. What waits on them is kept and sent then.';
    if (!(await sure(`Sign ${a.name} out everywhere?`, what, 'Sign out everywhere'))) return;
    await api.POST('/accounts/{accountId}/sign-out', { ...of(a), body: {} });
    await load();
  });
const close = (a: Account, closed: boolean): Promise<void> =>
  attempt(async () => {
    const what = 'They are signed out at once and cannot come in. What they entered stays under their name.';
    if (closed && !(await sure(`Close the account of ${a.name}?`, what, 'Close it'))) return;
    await api.POST('/accounts/{accountId}/closed', { ...of(a), body: { closed } });
    await load();
  });
const forget = (a: Other): Promise<void> =>
  attempt(async () => {
    const what =
      'Everywhere it stands as a number from now on, for good. What they entered stays, and so do papers that were handed over, backups, and names that somebody wrote into a note.';
    if (!(await sure(`Replace the name of ${a.name}?`, what, 'Replace it for good'))) return;
    await api.POST('/people/{personId}/forget', { params: { path: { personId: a.personId } }, body: {} });
    await load();
  });
async function saved(made: Account | undefined): Promise<void> {
  editing.value = undefined;
  await load();
  if (made) await makeCode(made);
}
</script>

<template>
  <main class="page">
    <div class="head">
      <h1>People</h1>
      <span v-if="accounts" class="quiet"
        >{{ accounts.filter((a) => a.closedAt === null).length }} may come in</span
      >
      <div v-if="accounts" class="bar end">
        <el-button type="primary" @click="editing = 'new'">Let somebody in</el-button>
      </div>
    </div>
    <p v-if="!signsIn">
      Nobody signs in here. <RouterLink to="/settings">Settings</RouterLink> has where that is changed.
    </p>
    <p v-else-if="!may('admit people')">Only an owner sees who may come in.</p>
    <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
    <template v-if="accounts">
      <el-input
        v-if="accounts.length > 8"
        v-model="sought"
        class="seek"
        clearable
        placeholder="Find by name, role or job"
        aria-label="Find somebody by name, role or job"
      />
      <el-table :data="shown" row-key="id">
        <el-table-column label="Name" min-width="130" sortable prop="name">
          <template #default="{ row }">
            <strong>{{ (row as Account).name }}</strong>
            <span v-if="(row as Account).id === me?.id" class="quiet"> · you</span>
            <div class="quiet">{{ (row as Account).login ?? 'not signed in yet' }}</div>
          </template>
        </el-table-column>
        <el-table-column label="May do what" min-width="220">
          <template #default="{ row }">{{ rolesLine(row as Account, jobs) }}</template>
        </el-table-column>
        <el-table-column label="How it stands" min-width="170">
          <template #default="{ row }">{{ standing(row as Account) }}</template>
        </el-table-column>
        <el-table-column label="What to do" min-width="250">
          <template #default="{ row }">
            <template v-if="(row as Account).closedAt === null">
              <el-button size="small" text @click="editing = row as Account">Change</el-button>
              <el-button size="small" text @click="makeCode(row as Account)">Make a code</el-button>
              <el-button size="small" text @click="devicesOf = row as Account">Devices</el-button>
              <el-button v-if="(row as Account).seenAt" size="small" text @click="signOut(row as Account)"
                >Sign out</el-button
              >
              <el-button size="small" text @click="close(row as Account, true)">Close</el-button>
            </template>
            <template v-else>
              <el-button size="small" text @click="close(row as Account, false)">Open again</el-button>
              <el-button
                v-if="(row as Account).forgottenAt === null"
                size="small"
                text
                @click="forget(row as Account)"
                >Replace the name</el-button
              >
            </template>
            <KeptLink :person-id="(row as Account).personId" :name="(row as Account).name" />
          </template>
        </el-table-column>
      </el-table>
      <OtherPeople v-if="others.length > 0" :others="others" @forget="forget" />
      <SignedOnly />
      <section>
        <h2>Who came in, and what was changed</h2>
        <el-button v-if="!logging" @click="logging = true">Show the log</el-button>
        <SecurityLog v-else />
      </section>
    </template>
    <AccountDialog
      v-if="editing"
      :account="editing === 'new' ? undefined : editing"
      :accounts="accounts ?? []"
      :jobs="jobs"
      @saved="saved"
      @close="editing = undefined"
    />
    <DevicesDialog v-if="devicesOf" :account="devicesOf" @close="devicesDone" />
    <CodeDialog v-if="code" v-bind="code" @close="code = undefined" />
  </main>
</template>

<style scoped>
.seek {
  max-width: 28rem;
  margin: var(--s3) 0;
}
section {
  margin-top: var(--s6);
}
h2 {
  margin-bottom: var(--s2);
}
.el-button + .el-button {
  margin-left: 0;
}
</style>
