<script setup lang="ts">
/** Where somebody is signed in, last used first; each device can be signed out from here. */
import { onMounted, ref } from 'vue';
import { call, get } from '../app/api.ts';
import { sure } from '../app/asking.ts';
import { deviceWords } from '../app/devicewords.ts';
import { when } from '../app/time.ts';
import { useAttempt } from '../shared/attempt.ts';

interface Device {
  readonly id: string;
  /** What the browser says of itself. */
  readonly device: string;
  readonly name: string | null;
  readonly job: string | null;
  readonly madeAt: string;
  readonly seenAt: string;
  readonly here?: boolean;
}
/** Where they are listed, below /api/v1. */
const props = defineProps<{ path: string }>();
const devices = ref<readonly Device[]>();

const { trouble, attempt } = useAttempt();
const load = (): Promise<void> =>
  attempt(async () => {
    devices.value = (await get<{ devices: Device[] }>(props.path)).body.devices;
  });
onMounted(load);
defineExpose({ load });

const nameOf = (d: Device): string => d.name ?? deviceWords(d.device);
const end = (d: Device): Promise<void> =>
  attempt(async () => {
    const what =
      'What still waits on it to be sent is not taken any more under its key; once somebody signs in there again, it goes out under a new one.';
    if (!(await sure(`Sign out on ${nameOf(d)}?`, what, 'Sign out there'))) return;
    await call('POST', `${props.path}/${d.id}/end`, { body: {} });
    await load();
  });
</script>

<template>
  <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
  <p v-if="devices?.length === 0" class="quiet">Nowhere.</p>
  <ul v-else-if="devices" class="things">
    <li v-for="d in devices" :key="d.id">
      <span :title="d.device">{{ nameOf(d) }}</span>
      <span class="quiet">
        since {{ when(d.madeAt) }}, last used {{ when(d.seenAt)
        }}<template v-if="d.job !== null">; for one job: {{ d.job }}</template>
      </span>
      <strong v-if="d.here">this one</strong>
      <el-button v-else size="small" :aria-label="`Sign out there: ${nameOf(d)}`" @click="end(d)"
        >Sign out there</el-button
      >
    </li>
  </ul>
</template>
