<script setup lang="ts">
/** An address that another device takes up with its camera; where no other device reaches it, why there is none. */
import { toString as qrSvg } from 'qrcode';
import { onMounted, ref } from 'vue';
import { onlyHere } from './codewords.ts';

const props = defineProps<{ address: string; alt: string }>();
const picture = ref('');
onMounted(async () => {
  if (onlyHere()) return;
  const svg = await qrSvg(props.address, { type: 'svg', errorCorrectionLevel: 'M', margin: 2 });
  picture.value = `data:image/svg+xml;base64,${btoa(svg)}`;
});
</script>

<template>
  <img v-if="picture" :src="picture" :alt="alt" />
  <p v-else-if="onlyHere()" class="quiet">
    Only this machine answers under this name; for other devices the server needs an address of its own (see
    docs/operating.md).
  </p>
</template>

<style scoped>
img {
  display: block;
  width: 220px;
  height: 220px;
  margin: var(--s3) auto;
}
</style>
