<script setup lang="ts">
/** Where a link brings somebody without an account: it is opened, and its job stands. */
import { onMounted, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { call, sentenceOf } from '../app/api.ts';
import { account, signsIn, takeSession, type Session } from '../app/session.ts';
import { codeOfHash } from './codewords.ts';

const route = useRoute();
const router = useRouter();
const trouble = ref('');
async function open(): Promise<void> {
  trouble.value = '';
  try {
    const { body } = await call<Session>('POST', '/shared/open', {
      body: { secret: codeOfHash(route.hash) },
    });
    const { jobId, opens } = body.guest ?? {};
    // First the page, then who is in: what stood in the address is not left behind.
    await router.replace(
      jobId === undefined ? '/jobs' : `/jobs/${jobId}/${opens === 'job' ? 'site' : opens}`,
    );
    await takeSession(body);
  } catch (error) {
    trouble.value = sentenceOf(error);
  }
}
onMounted(() => {
  if (!account.value && signsIn.value) void open();
});
</script>

<template>
  <h1>{{ trouble ? 'This link does not open' : 'A job is shared with you' }}</h1>
  <p v-if="account">
    You are signed in as {{ account.name }}; a link is for somebody without an account.
    <RouterLink to="/jobs">Go to the jobs</RouterLink>, or sign out under
    <RouterLink to="/settings">Settings</RouterLink> and open it again.
  </p>
  <p v-else-if="!signsIn">
    Nobody signs in on this server. <RouterLink to="/jobs">Go to the jobs</RouterLink>.
  </p>
  <template v-else-if="trouble">
    <p class="problem" role="alert">{{ trouble }}</p>
    <el-button @click="open">Try again</el-button>
  </template>
  <p v-else role="status">Opening it …</p>
</template>
