<script setup lang="ts">
/** Hosts that may be asked; an owner says which. */
import { computed, ref } from 'vue';
import { hostOf, hostProblem } from '@lentum/core/sources';
import { may } from '../../app/session.ts';
import { useAttempt } from '../../shared/attempt.ts';

const props = defineProps<{ hosts: readonly string[]; allow: (host: string) => Promise<void> }>();
const emit = defineEmits<{ disallow: [host: string] }>();
const typed = ref('');
const { trouble, busy, attempt } = useAttempt();
const changes = computed(() => may('allow hosts'));

async function add(): Promise<void> {
  const text = typed.value.trim().toLowerCase();
  // Whoever pastes a whole address means its host.
  const host = hostOf(text) ?? text;
  await attempt(async () => {
    const odd = hostProblem(host);
    if (odd !== undefined) throw new Error(`Host: “${typed.value}” was entered; expected ${odd}.`);
    await props.allow(host);
    typed.value = '';
  });
}
</script>

<template>
  <h3 id="hosts">Hosts that may be asked</h3>
  <ul v-if="hosts.length > 0" class="things" aria-labelledby="hosts">
    <li v-for="h in hosts" :key="h">
      <span>{{ h }}</span>
      <el-button v-if="changes" text :aria-label="`No longer allow ${h}`" @click="emit('disallow', h)"
        >No longer allow</el-button
      >
    </li>
  </ul>
  <p v-else class="quiet">None: only the stand-ins on this server are asked.</p>
  <form v-if="changes" class="bar" @submit.prevent="add">
    <el-input
      v-model="typed"
      class="host"
      placeholder="weather.example"
      aria-label="Host to allow"
      maxlength="300"
    />
    <el-button native-type="submit" :loading="busy" :disabled="typed.trim() === ''">Allow it</el-button>
  </form>
  <p v-else class="quiet">An owner says which.</p>
  <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
</template>

<style scoped>
.host {
  width: min(22rem, 60vw);
}
</style>
