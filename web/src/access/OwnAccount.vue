<script setup lang="ts">
/** One's own account: who one is here, where one is signed in, the password. */
import type { FormInstance } from 'element-plus';
import { ElMessage } from 'element-plus';
import { computed, onMounted, reactive, ref, useTemplateRef } from 'vue';
import { ROLE_WORDS } from '@lentum/core/access';
import { call, get, sentenceOf } from '../app/api.ts';
import { account, may, session, signOut } from '../app/session.ts';
import { when } from './accounts.ts';
import { deviceWords } from './devicewords.ts';
import { givenRule, newPasswordRule, PASSWORD_TIP } from './loginrules.ts';

interface Device {
  readonly id: string;
  readonly device: string;
  readonly madeAt: string;
  readonly seenAt: string;
  readonly here: boolean;
}
const devices = ref<readonly Device[]>([]);
const trouble = ref('');
const role = computed(() => {
  const firmRole = account.value?.firmRole;
  return firmRole ? ROLE_WORDS[firmRole] : { name: 'In some jobs', says: 'what each of them lets you do' };
});

async function attempt(work: () => Promise<unknown>): Promise<void> {
  trouble.value = '';
  try {
    await work();
  } catch (error) {
    trouble.value = sentenceOf(error);
  }
}
const load = (): Promise<void> =>
  attempt(async () => {
    devices.value = (await get<{ devices: Device[] }>('/session/devices')).body.devices;
  });
onMounted(load);
const end = (d: Device): Promise<void> =>
  attempt(async () => {
    await call('POST', `/session/devices/${d.id}/end`, { body: {} });
    await load();
  });

const changing = ref(false);
const form = reactive({ old: '', password: '' });
const rules = { old: [givenRule('Old password')], password: [newPasswordRule] };
const formRef = useTemplateRef<FormInstance>('formRef');
const change = (): Promise<void> =>
  attempt(async () => {
    if (!(await formRef.value?.validate().catch(() => false))) return;
    await call('PUT', '/session/password', { body: { ...form } });
    Object.assign(form, { old: '', password: '' });
    changing.value = false;
    ElMessage({ message: 'The password is changed; you are signed out on every other device.' });
    await load();
  });
</script>

<template>
  <section v-if="account" aria-labelledby="you">
    <h2 id="you">You at {{ session.firm }}</h2>
    <p>
      {{ account.name }}, signed in as {{ account.login }}. <strong>{{ role.name }}</strong>: {{ role.says }}.
    </p>
    <div class="bar">
      <el-button @click="attempt(signOut)">Sign out</el-button>
      <el-button v-if="!changing" @click="changing = true">Change the password</el-button>
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
        :value="account.login"
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
      <el-form-item label="New password" prop="password">
        <el-input
          v-model="form.password"
          type="password"
          show-password
          autocomplete="new-password"
          maxlength="500"
        />
        <p class="quiet tip">{{ PASSWORD_TIP }}</p>
      </el-form-item>
      <div class="bar">
        <el-button type="primary" native-type="submit">Change it</el-button>
        <el-button @click="changing = false">Cancel</el-button>
      </div>
    </el-form>
    <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
    <h3>Where you are signed in</h3>
    <ul class="devices">
      <li v-for="d in devices" :key="d.id">
        <span :title="d.device">{{ deviceWords(d.device) }}</span>
        <span class="quiet">since {{ when(d.madeAt) }}, last used {{ when(d.seenAt) }}</span>
        <strong v-if="d.here">this one</strong>
        <el-button v-else size="small" @click="end(d)">Sign out there</el-button>
      </li>
    </ul>
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
.tip {
  line-height: 1.4;
  margin: var(--s1) 0 0;
}
.devices {
  list-style: none;
  margin: 0;
  padding: 0;
}
.devices li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--s1) var(--s4);
  min-height: 40px;
  border-bottom: var(--stroke) solid var(--line);
}
.devices li > :last-child {
  margin-left: auto;
}
</style>
