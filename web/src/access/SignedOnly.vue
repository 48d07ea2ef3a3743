<script setup lang="ts">
/** Whether the firm takes only entries that a device has signed. For owners. */
import { onMounted, ref } from 'vue';
import { bodyOf } from '@lentum/client';
import { api } from '../app/api.ts';
import { sure } from '../app/asking.ts';
import { when } from '../app/time.ts';
import { useAttempt } from '../shared/attempt.ts';

const told = ref<{ readonly since: string | null }>();
const { trouble, attempt } = useAttempt();
onMounted(() => attempt(async () => void (told.value = bodyOf(await api.GET('/firm/signatures')))));

const WHAT =
  'Browsers sign where the address begins with https, or on the machine of the server itself. What somebody enters elsewhere is kept on their device and not taken.';
const change = (demanded: boolean): Promise<void> =>
  attempt(async () => {
    if (demanded && !(await sure('Take signed entries only?', WHAT, 'Signed entries only'))) return;
    told.value = bodyOf(await api.PUT('/firm/signatures', { body: { demanded } }));
  });
</script>

<template>
  <section v-if="told || trouble">
    <h2>Signed entries</h2>
    <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
    <template v-if="told">
      <p v-if="told.since">Since {{ when(told.since) }} only entries are taken that a device has signed.</p>
      <p v-else>
        Each device that can signs what is entered on it. Entries of browsers that cannot are taken as well.
      </p>
      <el-button v-if="told.since" @click="change(false)">Take others as well</el-button>
      <el-button v-else @click="change(true)">Take signed entries only</el-button>
    </template>
  </section>
</template>

<style scoped>
section {
  margin-top: var(--s6);
}
h2,
p {
  margin-bottom: var(--s2);
}
</style>
