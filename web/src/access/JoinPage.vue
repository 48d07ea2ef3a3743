<script setup lang="ts">
/** The address of a code, opened by somebody who is in already: said, with the way on. Who is not, meets the door. */
import { account, signsIn } from '../app/session.ts';
</script>

<template>
  <main class="page">
    <h1>{{ account ? `You are in, ${account.name}` : 'Come in' }}</h1>
    <p v-if="account">
      A code is for somebody who is not signed in yet. Sign out under
      <RouterLink to="/settings">Settings</RouterLink> to use it, or
      <RouterLink to="/jobs">go to the jobs</RouterLink>.
    </p>
    <p v-else-if="!signsIn">
      Nobody signs in on this server. <RouterLink to="/jobs">Go to the jobs</RouterLink>.
    </p>
  </main>
</template>
