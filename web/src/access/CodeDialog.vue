<script setup lang="ts">
/** A code to hand to somebody: to be read out, copied as an address, or taken up by the camera of their phone. */
import { ElMessage } from 'element-plus';
import { computed } from 'vue';
import { when } from '../app/time.ts';
import AddressPicture from './AddressPicture.vue';
import MailCode from './MailCode.vue';
import { copyAddress, joinAddress, onlyHere } from './codewords.ts';

/** `addsDevice`: no password is chosen with it, a phone comes in. `accountId`: it may be sent by mail. */
const props = defineProps<{
  name: string;
  code: string;
  until: string;
  addsDevice?: boolean;
  accountId?: string;
}>();
const emit = defineEmits<{ close: [] }>();
const address = computed(() => joinAddress(location.origin, props.code));
const how = computed(() => {
  if (!props.addsDevice) return 'It is shown only now.';
  return onlyHere() ? 'It is typed on the phone.' : 'Hold the phone’s camera at the picture.';
});
async function copy(): Promise<void> {
  ElMessage(await copyAddress(address.value));
}
</script>

<template>
  <el-dialog
    :model-value="true"
    :title="addsDevice ? `A phone for ${name}` : `Code for ${name}`"
    width="440px"
    @close="emit('close')"
  >
    <p class="code num">{{ code }}</p>
    <p>Good once, until {{ when(until) }}. {{ how }} Whoever has it comes in as {{ name }}.</p>
    <p class="quiet">
      On {{ addsDevice ? 'the phone' : 'their device' }}: {{ address.replace(/#.*/, '') }}, then the code.
    </p>
    <AddressPicture :address="address" :alt="`Address with the code for ${name}, for a camera`" />
    <MailCode v-if="accountId" :account-id="accountId" :code="code" />
    <template #footer>
      <el-button @click="copy">Copy the address</el-button>
      <el-button type="primary" @click="emit('close')">Done</el-button>
    </template>
  </el-dialog>
</template>

<style scoped>
.code {
  font-size: min(26px, 6.2vw);
  letter-spacing: 0.06em;
  font-weight: 700;
  text-align: center;
  margin: 0 0 var(--s3);
}
</style>
