<script setup lang="ts">
/** Coming in: with a name and a password, or with a code for the first time. */
import { computed, reactive, ref } from 'vue';
import { useRoute } from 'vue-router';
import { session, signIn, signInWith } from '../app/session.ts';
import { useAttempt } from '../shared/attempt.ts';
import CodeForm from './CodeForm.vue';
import { codeOfHash } from './codewords.ts';
import { givenRule, loginRule } from './loginrules.ts';
import { showPasskey, whyNoPasskey } from './passkeys.ts';
import { useSendForm } from './sendform.ts';
import SharedPage from './SharedPage.vue';
import SignInName from './SignInName.vue';

const route = useRoute();
const joining = computed(() => route.name === 'join');
/** Chosen here; else as the address says, once it is known. */
const chosen = ref<'code' | 'password'>();
const withCode = computed(() => (chosen.value ? chosen.value === 'code' : joining.value));
const form = reactive({ login: '', password: '' });
const rules = { login: [loginRule], password: [givenRule('Password')] };
const { busy, trouble, send } = useSendForm();
const enter = (): Promise<void> =>
  send(async () => {
    await signIn(form.login, form.password);
    form.password = '';
  });
const { trouble: notShown, busy: showing, attempt } = useAttempt();
const enterByKey = (): Promise<void> => attempt(async () => signInWith(await showPasskey()));
</script>

<template>
  <main class="page">
    <div class="door">
      <p class="firm quiet">{{ session.firm ?? 'Lentum' }}</p>
      <SharedPage v-if="route.name === 'shared'" />
      <template v-else-if="withCode">
        <CodeForm :code="joining ? codeOfHash(route.hash) : ''" />
        <p><el-button link type="primary" @click="chosen = 'password'">I have a password</el-button></p>
      </template>
      <template v-else>
        <h1>Sign in</h1>
        <p class="quiet">What you entered on this device is kept here and goes out once you are in.</p>
        <el-form
          ref="formRef"
          :model="form"
          :rules="rules"
          label-position="top"
          size="large"
          hide-required-asterisk
          @submit.prevent="enter"
        >
          <SignInName v-model="form.login" />
          <el-form-item label="Password" prop="password">
            <el-input
              v-model="form.password"
              type="password"
              show-password
              autocomplete="current-password"
              maxlength="500"
            />
          </el-form-item>
          <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
          <el-button type="primary" native-type="submit" :loading="busy">Sign in</el-button>
          <el-button v-if="whyNoPasskey() === undefined" :loading="showing" @click="enterByKey"
            >Sign in with a passkey</el-button
          >
          <p v-if="notShown" class="problem" role="alert">{{ notShown }}</p>
        </el-form>
        <p>
          <el-button link type="primary" @click="chosen = 'code'">I have a code</el-button>
          <span class="quiet">
            · Password forgotten? An owner makes you a code; an owner gets one at the machine of the server
            (npm run owner-code).</span
          >
        </p>
      </template>
    </div>
  </main>
</template>

<style scoped>
.door {
  max-width: 420px;
  margin: 8vh auto 0;
}
.firm {
  margin: 0 0 var(--s2);
}
h1 {
  margin-bottom: var(--s2);
}
.el-form {
  margin: var(--s4) 0;
}
.el-form .el-button + .el-button {
  margin-left: var(--s2);
}
</style>
