<script setup lang="ts">
/** Pictures of an entry: small, and large when one is tapped. */
import { shallowRef, watch } from 'vue';
import { picturePath } from '../app/api.ts';
import { fileUrl } from '../app/files.ts';

const props = defineProps<{ jobId: string; ids: readonly string[]; what: string }>();
const urls = shallowRef<string[]>([]);
watch(
  () => props.ids,
  async (ids) => (urls.value = await Promise.all(ids.map((id) => fileUrl(picturePath(props.jobId, id))))),
  { immediate: true },
);
</script>

<template>
  <span class="pictures">
    <el-image
      v-for="(url, i) in urls"
      :key="url"
      :src="url"
      :alt="`${what}, picture ${i + 1}`"
      :preview-src-list="urls"
      :initial-index="i"
      fit="cover"
      lazy
      preview-teleported
      ><template #error><span class="quiet none">not here yet</span></template></el-image
    >
  </span>
</template>

<style scoped>
.pictures {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s2);
  margin-top: var(--s1);
}
.pictures :deep(.el-image) {
  width: 84px;
  height: 64px;
  border: var(--stroke) solid var(--line-2);
}
.none {
  font-size: var(--t-s);
}
</style>
