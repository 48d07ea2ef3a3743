<script setup lang="ts">
/** One's own passkeys: what each is good for, and a new one. */
import { onMounted, ref } from 'vue';
import { call, get } from '../app/api.ts';
import { sure } from '../app/asking.ts';
import { when } from '../app/time.ts';
import { useAttempt } from '../shared/attempt.ts';
import { makePasskey, whyNoPasskey } from './passkeys.ts';

interface Passkey {
  readonly id: string;
  readonly name: string;
  readonly host: string;
  readonly madeAt: string;
  readonly usedAt: string | null;
}
const passkeys = ref<readonly Passkey[]>();
const { trouble, busy, attempt } = useAttempt();
const read = async (): Promise<void> => {
  passkeys.value = (await get<{ passkeys: Passkey[] }>('/session/passkeys')).body.passkeys;
};
onMounted(() => attempt(read));
const why = whyNoPasskey();

const make = (): Promise<void> =>
  attempt(async () => {
    await makePasskey();
    await read();
  });
const end = ({ id, name, host }: Passkey): Promise<void> =>
  attempt(async () => {
    const what = `Nobody comes in to ${host} with it any more. The device may still offer it; take it away there as well.`;
    if (!(await sure(`Take back the passkey of ${name}?`, what, 'Take it back'))) return;
    await call('POST', `/session/passkeys/${id}/end`, { body: {} });
    await read();
  });
</script>

<template>
  <p v-if="passkeys?.length === 0" class="quiet">
    None. With one you sign in by the finger, face or number with which you open the device.
  </p>
  <ul v-else-if="passkeys" class="things">
    <li v-for="k in passkeys" :key="k.id">
      <span>{{ k.name }}</span>
      <span class="quiet">
        for {{ k.host }}, since {{ when(k.madeAt)
        }}{{ k.usedAt === null ? ', not used yet' : `, last used ${when(k.usedAt)}` }}
      </span>
      <el-button size="small" :aria-label="`Take it back: passkey of ${k.name}`" @click="end(k)"
        >Take it back</el-button
      >
    </li>
  </ul>
  <p v-if="why" class="quiet">{{ why }}</p>
  <el-button v-else :loading="busy" @click="make">Make a passkey on this device</el-button>
  <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
</template>

<style scoped>
.things {
  margin-bottom: var(--s3);
}
p {
  margin-bottom: var(--s2);
}
</style>
