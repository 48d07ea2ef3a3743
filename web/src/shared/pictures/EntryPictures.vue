<script setup lang="ts">
/** Pictures of an entry: small with what is drawn on them, and large when one is tapped. */
import { computed, ref } from 'vue';
import type { PictureMark } from '@lentum/core/record';
import { picturePath } from '../../app/api.ts';
import MarkedPicture from './MarkedPicture.vue';

const props = defineProps<{
  jobId: string;
  ids: readonly string[];
  marks: readonly PictureMark[];
  /** What they show. */
  what: string;
}>();
/** Which of them is looked at; none: -1. */
const looked = ref(-1);
const id = computed(() => props.ids[looked.value]);
const name = (i: number): string => `${props.what}, picture ${i + 1}`;
function turn(by: number): void {
  looked.value = (looked.value + by + props.ids.length) % props.ids.length;
}
</script>

<template>
  <span class="pictures">
    <button
      v-for="(p, i) in ids"
      :key="p"
      type="button"
      :aria-label="`Look at ${name(i)}`"
      @click="looked = i"
    >
      <MarkedPicture :id="p" :job-id="jobId" :marks="marks" alt="" size="small" />
    </button>
    <el-dialog
      v-if="id !== undefined"
      model-value
      :title="what"
      width="min(1100px, 96vw)"
      top="3vh"
      append-to-body
      @close="looked = -1"
      @keydown.left="turn(-1)"
      @keydown.right="turn(1)"
    >
      <div class="large">
        <MarkedPicture :id="id" :job-id="jobId" :marks="marks" :alt="name(looked)" size="screen" />
      </div>
      <div class="bar">
        <template v-if="ids.length > 1">
          <el-button @click="turn(-1)">Previous</el-button>
          <span class="quiet">{{ looked + 1 }} of {{ ids.length }}</span>
          <el-button @click="turn(1)">Next</el-button>
        </template>
        <a class="end" :href="`/api/v1${picturePath(jobId, id)}`" target="_blank">As it was taken</a>
      </div>
    </el-dialog>
  </span>
</template>

<style scoped>
.pictures {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s2);
  margin-top: var(--s1);
}
button {
  width: 92px;
  height: 68px;
  padding: 0;
  border: var(--stroke) solid var(--line-2);
  background: var(--sheet);
  overflow: hidden;
  cursor: zoom-in;
}
button > span {
  width: 100%;
}
.large {
  text-align: center;
}
.large > span {
  width: min(100%, 100vh);
}
.bar {
  margin-top: var(--s3);
}
</style>
