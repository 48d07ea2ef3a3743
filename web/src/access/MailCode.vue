<script setup lang="ts">
/** Sends a code by mail, where the server has a mail server. */
import { onMounted, reactive, ref } from 'vue';
import { bodyOf } from '@lentum/client';
import { api } from '../app/api.ts';
import { useAttempt } from '../shared/attempt.ts';
import { addressRule } from './loginrules.ts';
import { useSendForm } from './sendform.ts';

const props = defineProps<{ accountId: string; code: string }>();
const from = ref<string | null>(null);
const { trouble: fault, attempt } = useAttempt();
onMounted(() => attempt(async () => void (from.value = bodyOf(await api.GET('/firm/mail')).from)));
const form = reactive({ to: '' });
const rules = { to: [addressRule] };
const sent = ref('');
const { busy, trouble, send } = useSendForm();
const submit = (): Promise<void> =>
  send(async () => {
    const to = form.to.trim();
    const path = { accountId: props.accountId };
    await api.POST('/accounts/{accountId}/code/mail', { params: { path }, body: { code: props.code, to } });
    sent.value = to;
  });
</script>

<template>
  <p v-if="fault" class="problem" role="alert">{{ fault }}</p>
  <el-form
    v-if="from !== null"
    ref="formRef"
    class="mail"
    :model="form"
    :rules="rules"
    label-position="top"
    @submit.prevent="submit"
  >
    <el-form-item label="Or send it by mail to" prop="to">
      <div class="row">
        <el-input v-model="form.to" inputmode="email" autocomplete="off" />
        <el-button native-type="submit" :loading="busy">Send it</el-button>
      </div>
    </el-form-item>
    <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
    <p v-if="sent" role="status">Sent to {{ sent }}, from {{ from }}. The address is not kept.</p>
  </el-form>
</template>

<style scoped>
.mail {
  margin-top: var(--s3);
}
.row {
  display: flex;
  gap: var(--s2);
  width: 100%;
}
</style>
