<script setup lang="ts">
/** Coming in with a code: whose it is; then a name to sign in and a password of one's own, or what this phone is called. */
import { computed, onMounted, reactive, ref } from 'vue';
import { call } from '../app/api.ts';
import { keepKey, makeKey, ofThisDevice } from '../app/devicekey.ts';
import { takeSession, type Session } from '../app/session.ts';
import { filledRule, givenRule, loginRule, newPasswordRule } from './loginrules.ts';
import NewPassword from './NewPassword.vue';
import { useSendForm } from './sendform.ts';
import SignInName from './SignInName.vue';
import { deviceWords } from '../app/devicewords.ts';

const props = defineProps<{ code: string }>();

interface Whose {
  readonly firm: string;
  readonly name: string;
  readonly login: string | null;
  /** It lets this device in; no password is chosen. */
  readonly forDevice: boolean;
  /** The job that it is for, where that is one. */
  readonly job: string | null;
}
const whose = ref<Whose>();
const form = reactive({ code: props.code, login: '', password: '', device: '' });
const rules = {
  ...{ code: [givenRule('Code')], login: [loginRule], password: [newPasswordRule] },
  device: [filledRule('This device')],
};
const { busy, trouble, send } = useSendForm();
const says = computed(() => {
  const it = whose.value;
  if (!it)
    return 'It was made for you by an owner of the firm, or on a device where you are in. It is good once.';
  if (it.forDevice)
    return `This device comes in for you at ${it.firm}, ${it.job === null ? 'for every job that you see' : `for one job: ${it.job}`}. What is entered on it is signed by a key of its own.`;
  return it.login === null
    ? `At ${it.firm}. Choose what you sign in with from now on.`
    : `At ${it.firm}. Choose a new password; you are signed out everywhere else.`;
});
const look = (): Promise<void> =>
  send(async () => {
    const { body } = await call<Whose>('POST', '/codes/look', { body: { code: form.code } });
    whose.value = body;
    form.login = body.login ?? '';
    form.device = `${deviceWords(navigator.userAgent)} of ${body.name}`.slice(0, 60);
  });
const join = (): Promise<void> =>
  send(async () => {
    const made = await makeKey();
    const { body } = await call<Session>('POST', '/codes/use-device', {
      body: { code: form.code, key: made.key, ...ofThisDevice(form.device) },
    });
    if (body.account) await keepKey(body.account.id, made);
    await takeSession(body);
  });
const use = (): Promise<void> =>
  send(async () => {
    const { code, login, password } = form;
    const { body } = await call<Session>('POST', '/codes/use', { body: { code, login, password } });
    // From here on the door is open, and the page behind it stands.
    await takeSession(body);
  });
const goOn = (): Promise<void> => (!whose.value ? look() : whose.value.forDevice ? join() : use());
onMounted(() => {
  if (props.code !== '') void look();
});
</script>

<template>
  <h1>{{ whose ? `Welcome, ${whose.name}` : 'Come in with a code' }}</h1>
  <p class="quiet">{{ says }}</p>
  <el-form
    ref="formRef"
    :model="form"
    :rules="rules"
    label-position="top"
    size="large"
    hide-required-asterisk
    @submit.prevent="goOn"
  >
    <el-form-item v-if="!whose" label="Code" prop="code">
      <el-input
        v-model="form.code"
        autocomplete="one-time-code"
        autocapitalize="characters"
        spellcheck="false"
        maxlength="60"
        placeholder="XXXX-XXXX-XXXX-XXXX"
      />
    </el-form-item>
    <el-form-item v-else-if="whose.forDevice" label="What this device is called" prop="device">
      <el-input v-model="form.device" maxlength="60" />
    </el-form-item>
    <template v-else>
      <SignInName v-model="form.login" />
      <NewPassword v-model="form.password" label="New password" />
    </template>
    <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
    <el-button type="primary" native-type="submit" :loading="busy">{{
      whose ? 'Come in' : 'Go on'
    }}</el-button>
  </el-form>
</template>

<style scoped>
.el-form {
  margin: var(--s4) 0;
}
</style>
