<script setup lang="ts">
/** For one person on one machine nothing is asked. Here it is switched on that people sign in: once, and for good. */
import { computed, onMounted, reactive, ref } from 'vue';
import type { Person } from '@lentum/core/record';
import { call, get } from '../app/api.ts';
import { usePreferences } from '../app/preferences.ts';
import { takeSession, type Session } from '../app/session.ts';
import PickList from '../shared/PickList.vue';
import { filledRule, loginRule, newPasswordRule } from './loginrules.ts';
import NewPassword from './NewPassword.vue';
import { useSendForm } from './sendform.ts';
import SignInName from './SignInName.vue';

const preferences = usePreferences();
/** Nobody of those who made entries here. */
const NEW = 'new';
const asking = ref(false);
const people = ref<readonly Person[]>([]);
const form = reactive({ firm: '', name: preferences.who, login: '', password: '', was: NEW });
const rules = {
  firm: [filledRule('Firm')],
  name: [filledRule('Your name')],
  login: [loginRule],
  password: [newPasswordRule],
};
const wasOptions = computed(() => [
  { value: NEW, label: 'nobody yet: I made no entries here' },
  ...people.value.map((p) => ({ value: p.id, label: p.name })),
]);
onMounted(async () => {
  try {
    people.value = (await get<{ people: Person[] }>('/people')).body.people;
    form.was = people.value.find((p) => p.name === preferences.who)?.id ?? NEW;
  } catch {
    // The list only helps; whoever switches it on without a signal is told so there.
  }
});

const { busy, trouble, send } = useSendForm();
const switchOn = (): Promise<void> =>
  send(async () => {
    const { firm, name, login, password, was } = form;
    const { body } = await call<Session>('POST', '/firm/accounts', {
      body: { firm, name, login, password, ...(was === NEW ? {} : { personId: was }) },
    });
    await takeSession(body);
  });
</script>

<template>
  <section aria-labelledby="several">
    <h2 id="several">Several people</h2>
    <p class="quiet">
      Nobody signs in here: whoever sits at this machine does everything. Let people sign in when foremen,
      applicators, inspectors or clients are to work with it, each with what they may see and do. Nothing is
      lost by it, and it cannot be switched off again.
    </p>
    <el-button v-if="!asking" @click="asking = true">Let people sign in …</el-button>
    <el-form
      v-else
      ref="formRef"
      :model="form"
      :rules="rules"
      label-position="top"
      hide-required-asterisk
      @submit.prevent="switchOn"
    >
      <el-form-item label="Firm" prop="firm">
        <el-input v-model="form.firm" maxlength="120" autocomplete="organization" />
      </el-form-item>
      <el-form-item label="Your name, as entries carry it" prop="name">
        <el-input v-model="form.name" maxlength="80" autocomplete="name" />
      </el-form-item>
      <el-form-item v-if="people.length > 0" label="Your entries so far are those of">
        <PickList
          v-model="form.was"
          label="Your entries so far are those of"
          :options="wasOptions"
          own
          filterable
        />
      </el-form-item>
      <SignInName v-model="form.login" />
      <NewPassword v-model="form.password" label="Password" />
      <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
      <div class="bar">
        <el-button type="primary" native-type="submit" :loading="busy"
          >From now on people sign in, I am the owner</el-button
        >
        <el-button @click="asking = false">Cancel</el-button>
      </div>
    </el-form>
  </section>
</template>

<style scoped>
.el-form {
  max-width: 480px;
  margin-top: var(--s3);
}
</style>
