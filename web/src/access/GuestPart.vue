<script setup lang="ts">
/** Of somebody who came in by a link: what they see and until when, and the way out. */
import { ref } from 'vue';
import { sentenceOf } from '../app/api.ts';
import { guest, session, signOut } from '../app/session.ts';
import { when } from '../app/time.ts';

const trouble = ref('');
async function leave(): Promise<void> {
  trouble.value = '';
  try {
    await signOut();
  } catch (error) {
    trouble.value = sentenceOf(error);
  }
}
</script>

<template>
  <section v-if="guest" aria-labelledby="guest">
    <h2 id="guest">You read a job of {{ session.firm }}</h2>
    <p>By a link, until {{ when(guest.until) }}: without prices, and nothing is changed by you.</p>
    <el-button @click="leave">Leave</el-button>
    <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
  </section>
</template>
