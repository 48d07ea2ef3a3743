<script setup lang="ts">
/** One's own account: who one is here, where one is signed in, the password. */
import { ElMessage } from 'element-plus';
import { computed, reactive, ref, useTemplateRef } from 'vue';
import { ROLE_WORDS } from '@lentum/core/access';
import { api } from '../app/api.ts';
import { account, may, session, signOut } from '../app/session.ts';
import AddDevice from './AddDevice.vue';
import DeviceList from './DeviceList.vue';
import { givenRule, newPasswordRule } from './loginrules.ts';
import NewPassword from './NewPassword.vue';
import PasskeyList from './PasskeyList.vue';
import { useSendForm } from './sendform.ts';
import { keptOf } from './accounts.ts';
import { useAttempt } from '../shared/attempt.ts';

const role = computed(() => {
  const firmRole = account.value?.firmRole;
  return firmRole ? ROLE_WORDS[firmRole] : { name: 'In some jobs', says: 'what each of them lets you do' };
});
const devices = useTemplateRef<InstanceType<typeof DeviceList>>('devices');
const adding = ref(false);
async function added(): Promise<void> {
  adding.value = false;
  await devices.value?.load();
}

const changing = ref(false);
const form = reactive({ old: '', password: '' });
const rules = { old: [givenRule('Old password')], password: [newPasswordRule] };
const { busy, trouble, send } = useSendForm();
const change = (): Promise<void> =>
  send(async () => {
    await api.PUT('/session/password', { body: { ...form } });
    Object.assign(form, { old: '', password: '' });
    changing.value = false;
    ElMessage({ message: 'The password is changed; you are signed out on every other device.' });
    await devices.value?.load();
  });
const { trouble: notOut, attempt } = useAttempt();
const leave = (): Promise<void> => attempt(signOut);
</script>

<template>
  <section v-if="account" aria-labelledby="you">
    <h2 id="you">You at {{ session.firm }}</h2>
    <p>
      {{ account.name
      }}{{ account.login === null ? ', in with a code for this device' : `, signed in as ${account.login}` }}.
      <strong>{{ role.name }}</strong>: {{ role.says }}.
      <template v-if="account.onlyJob !== undefined">This device was let in for one job.</template>
    </p>
    <div class="bar">
      <el-button @click="leave">Sign out</el-button>
      <el-button v-if="!changing && account.login !== null" @click="changing = true"
        >Change the password</el-button
      >
      <RouterLink v-if="may('admit people')" to="/people">People and what they may do</RouterLink>
    </div>
    <el-form
      v-if="changing"
      ref="formRef"
      :model="form"
      :rules="rules"
      label-position="top"
      hide-required-asterisk
      @submit.prevent="change"
    >
      <input
        class="visually-hidden"
        type="text"
        autocomplete="username"
        :value="account.login ?? ''"
        tabindex="-1"
        aria-hidden="true"
      />
      <el-form-item label="Old password" prop="old">
        <el-input
          v-model="form.old"
          type="password"
          show-password
          autocomplete="current-password"
          maxlength="500"
        />
      </el-form-item>
      <NewPassword v-model="form.password" label="New password" />
      <div class="bar">
        <el-button type="primary" native-type="submit" :loading="busy">Change it</el-button>
        <el-button @click="changing = false">Cancel</el-button>
      </div>
    </el-form>
    <p v-if="trouble || notOut" class="problem" role="alert">{{ trouble || notOut }}</p>
    <p class="quiet">
      <a :href="keptOf(account.personId)" download>What is kept of you</a>: your account, your devices, what
      the log has, and every entry that you made.
    </p>
    <template v-if="account.login !== null && account.onlyJob === undefined">
      <h3>Passkeys</h3>
      <PasskeyList />
    </template>
    <h3>Where you are signed in</h3>
    <DeviceList ref="devices" path="/session/devices" />
    <el-button class="add" @click="adding = true">Let a phone in</el-button>
    <AddDevice
      v-if="adding"
      path="/session/device-code"
      :name="account.name"
      :only-job="account.onlyJob"
      @close="added"
    />
  </section>
</template>

<style scoped>
h3 {
  margin: var(--s4) 0 var(--s2);
}
.el-form {
  max-width: 480px;
  margin-top: var(--s3);
}
.add {
  margin-top: var(--s3);
}
</style>
