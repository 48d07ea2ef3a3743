<script setup lang="ts">
/** A picture with what is drawn on it. */
import { computed, ref, watch } from 'vue';
import type { PictureMark } from '@lentum/core/record';
import { PICTURE_UNITS } from '@lentum/core/printout';
import { markShapes } from '@lentum/core/words';
import ShapeList from '../ShapeList.vue';
import { worded } from '../../app/wording.ts';
import { useUnits } from '../units.ts';
import { pictureUrl, type PictureSize } from './pictures.ts';

const props = defineProps<{
  jobId: string;
  id: string;
  marks: readonly PictureMark[];
  alt: string;
  size: PictureSize;
}>();
const emit = defineEmits<{ came: [ratio: number] }>();
const { say } = useUnits();
const url = ref('');
/** Height by width; 0 until it is here. */
const ratio = ref(0);
const away = ref(false);
watch(
  () => [props.id, props.size] as const,
  async ([id, size]) => {
    ratio.value = 0;
    away.value = false;
    url.value = await pictureUrl(props.jobId, id, size);
  },
  { immediate: true },
);
function came(e: Event): void {
  const img = e.target as HTMLImageElement;
  ratio.value = img.naturalWidth > 0 ? img.naturalHeight / img.naturalWidth : 0;
  emit('came', ratio.value);
}
const shapes = computed(() =>
  markShapes(props.id, props.marks, { mm: (mm) => say(mm, 'lap'), w: (text) => worded(text) }),
);
</script>

<template>
  <span class="picture">
    <span v-if="away" class="quiet none">not here yet</span>
    <img v-else-if="url" :src="url" :alt="alt" loading="lazy" @load="came" @error="away = true" />
    <svg
      v-if="ratio > 0 && shapes.length > 0"
      :viewBox="`0 0 ${PICTURE_UNITS} ${PICTURE_UNITS * ratio}`"
      aria-hidden="true"
    >
      <ShapeList :shapes="shapes" />
    </svg>
    <slot />
  </span>
</template>

<style scoped>
.picture {
  position: relative;
  display: inline-block;
  line-height: 0;
}
img {
  display: block;
  width: 100%;
}
svg {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  pointer-events: none;
}
.none {
  line-height: 1.3;
  font-size: var(--t-s);
}
</style>
