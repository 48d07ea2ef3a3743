<script setup lang="ts">
/** Of somebody who came in by a link: what they see and until when, and the way out. */
import { guest, session, signOut } from '../app/session.ts';
import { when } from '../app/time.ts';
import { useAttempt } from '../shared/attempt.ts';

const { trouble, attempt } = useAttempt();
const leave = (): Promise<void> => attempt(signOut);
</script>

<template>
  <section v-if="guest" aria-labelledby="guest">
    <h2 id="guest">You read a job of {{ session.firm }}</h2>
    <p>By a link, until {{ when(guest.until) }}: without prices, and nothing is changed by you.</p>
    <el-button @click="leave">Leave</el-button>
    <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
  </section>
</template>
