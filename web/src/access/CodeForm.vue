<script setup lang="ts">
/** Coming in with a code that an owner made: whose it is, then a name to sign in and a password of one's own. */
import type { FormInstance } from 'element-plus';
import { onMounted, reactive, ref, useTemplateRef } from 'vue';
import { call, sentenceOf } from '../app/api.ts';
import { takeSession, type Session } from '../app/session.ts';
import { givenRule, loginRule, newPasswordRule, PASSWORD_TIP } from './loginrules.ts';

const props = defineProps<{ code: string }>();

interface Whose {
  readonly firm: string;
  readonly name: string;
  readonly login: string | null;
}
const whose = ref<Whose>();
const form = reactive({ code: props.code, login: '', password: '' });
const rules = { code: [givenRule('Code')], login: [loginRule], password: [newPasswordRule] };
const formRef = useTemplateRef<FormInstance>('formRef');
const busy = ref(false);
const trouble = ref('');

async function attempt(work: () => Promise<void>): Promise<void> {
  trouble.value = '';
  if (busy.value || !(await formRef.value?.validate().catch(() => false))) return;
  busy.value = true;
  try {
    await work();
  } catch (error) {
    trouble.value = sentenceOf(error);
  } finally {
    busy.value = false;
  }
}
const look = (): Promise<void> =>
  attempt(async () => {
    const { body } = await call<Whose>('POST', '/codes/look', { body: { code: form.code } });
    whose.value = body;
    form.login = body.login ?? '';
  });
const use = (): Promise<void> =>
  attempt(async () => {
    const { code, login, password } = form;
    const { body } = await call<Session>('POST', '/codes/use', { body: { code, login, password } });
    // From here on the door is open, and the page behind it stands.
    await takeSession(body);
  });
onMounted(() => {
  if (props.code !== '') void look();
});
</script>

<template>
  <h1>{{ whose ? `Welcome, ${whose.name}` : 'Come in with a code' }}</h1>
  <p class="quiet">
    {{
      whose
        ? whose.login === null
          ? `At ${whose.firm}. Choose what you sign in with from now on.`
          : `At ${whose.firm}. Choose a new password; you are signed out everywhere else.`
        : 'An owner of the firm made it for you. It is good once, for a week.'
    }}
  </p>
  <el-form
    ref="formRef"
    :model="form"
    :rules="rules"
    label-position="top"
    size="large"
    hide-required-asterisk
    @submit.prevent="whose ? use() : look()"
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
    <template v-else>
      <el-form-item label="Name to sign in" prop="login">
        <el-input
          v-model="form.login"
          autocomplete="username"
          autocapitalize="none"
          spellcheck="false"
          maxlength="80"
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
.tip {
  line-height: 1.4;
  margin: var(--s1) 0 0;
}
</style>
