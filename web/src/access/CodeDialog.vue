<script setup lang="ts">
/** A code to hand to somebody: to be read out, copied as an address, or taken up by the camera of their phone. */
import { toString as qrSvg } from 'qrcode';
import { ElMessage } from 'element-plus';
import { computed, onMounted, ref } from 'vue';
import { when } from './accounts.ts';
import { joinAddress } from './codewords.ts';

/** `addsDevice`: no password is chosen with it, a phone comes in. */
const props = defineProps<{ name: string; code: string; until: string; addsDevice?: boolean }>();
const emit = defineEmits<{ close: [] }>();
const address = computed(() => joinAddress(location.origin, props.code));
/** Another device does not reach this machine by the name that a machine has for itself. */
const onlyHere = /^(localhost|127\.|\[::1\])/.test(location.hostname);
const picture = ref('');
onMounted(async () => {
  const svg = await qrSvg(address.value, { type: 'svg', errorCorrectionLevel: 'M', margin: 2 });
  picture.value = `data:image/svg+xml;base64,${btoa(svg)}`;
});
async function copy(): Promise<void> {
  try {
    await navigator.clipboard.writeText(address.value);
    ElMessage({ message: 'The address with the code is copied.' });
  } catch {
    ElMessage({ message: 'This browser does not let it be copied; read the code out.', type: 'warning' });
  }
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
    <p>
      Good once, until {{ when(until) }}.
      {{
        addsDevice
          ? onlyHere
            ? 'It is typed on the phone.'
            : 'Hold the phone’s camera at the picture.'
          : 'It is shown only now: hand it over yourself.'
      }}
      Whoever has it comes in as {{ name }}.
    </p>
    <img
      v-if="picture && !onlyHere"
      :src="picture"
      :alt="`Address with the code for ${name}, for a camera`"
    />
    <p class="quiet">
      On {{ addsDevice ? 'the phone' : 'their device' }}: {{ address.replace(/#.*/, '') }}, then the code.
      <template v-if="onlyHere">
        Only this machine answers under this name; for phones the server needs an address of its own (see
        docs/operating.md).
      </template>
    </p>
    <template #footer>
      <el-button @click="copy">Copy the address</el-button>
      <el-button type="primary" @click="emit('close')">Done</el-button>
    </template>
  </el-dialog>
</template>

<style scoped>
.code {
  font-size: 26px;
  letter-spacing: 0.06em;
  font-weight: 700;
  text-align: center;
  margin: 0 0 var(--s3);
}
img {
  display: block;
  width: 220px;
  height: 220px;
  margin: var(--s3) auto;
}
</style>
