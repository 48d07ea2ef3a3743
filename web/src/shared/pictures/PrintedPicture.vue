<script setup lang="ts">
/** A picture on paper, with what is drawn on it and its line. */
import { ref, watch } from 'vue';
import { PICTURE_UNITS, type PicturesBlock } from '@lentum/core/printout';
import ShapeList from '../ShapeList.vue';
import { pictureUrl } from './pictures.ts';

const props = defineProps<{ jobId: string; picture: PicturesBlock['items'][number] }>();
const url = ref('');
const ratio = ref(0);
const away = ref(false);
watch(
  () => props.picture.sha256,
  async (id) => (url.value = await pictureUrl(props.jobId, id, 'small')),
  { immediate: true },
);
function came(e: Event): void {
  const img = e.target as HTMLImageElement;
  ratio.value = img.naturalWidth > 0 ? img.naturalHeight / img.naturalWidth : 0;
}
</script>

<template>
  <figure>
    <span v-if="away">This picture had not arrived.</span>
    <span v-else-if="url" class="picture">
      <img :src="url" alt="" @load="came" @error="away = true" />
      <svg v-if="ratio > 0" :viewBox="`0 0 ${PICTURE_UNITS} ${PICTURE_UNITS * ratio}`" aria-hidden="true">
        <ShapeList :shapes="picture.shapes" />
      </svg>
    </span>
    <figcaption class="note">{{ picture.caption }}</figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
  break-inside: avoid;
}
.picture {
  position: relative;
  display: inline-block;
}
img {
  display: block;
  max-width: 100%;
  max-height: 52mm;
}
.picture svg {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  margin: 0;
}
</style>
