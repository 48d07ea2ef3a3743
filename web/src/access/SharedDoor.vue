<script setup lang="ts">
/** The address of a link, opened by somebody who is in already. Who is not, meets the door, which opens it. */
import { isLockedOut } from '../app/session.ts';
import SharedPage from './SharedPage.vue';
</script>

<template>
  <main class="page"><SharedPage v-if="!isLockedOut" /></main>
</template>
