<script setup lang="ts">
/** What was entered just now, and the way to take it back: a mis-tap needs no visit to another page. */
import { ElMessage } from 'element-plus';
import { sentenceOf } from '../app/api.ts';
import { useJob } from '../app/job.ts';

const job = useJob();
async function back(): Promise<void> {
  try {
    await job.takeBack();
  } catch (error) {
    ElMessage({ message: sentenceOf(error), type: 'error', duration: 8000, showClose: true });
  }
}
</script>

<template>
  <div class="just no-print" role="status" aria-live="polite">
    <p v-if="job.just" class="line">
      <span class="says"
        >{{ job.just.says
        }}<template v-if="job.just.ids.some((id) => job.keptHere.has(id))">, kept here</template></span
      >
      <el-button class="tap" @click="back">Take it back</el-button>
    </p>
  </div>
</template>

<style scoped>
.just {
  position: fixed;
  left: 50%;
  bottom: var(--s6);
  transform: translateX(-50%);
  /* Below what is opened over the page: its buttons stay free. */
  z-index: 1000;
  max-width: calc(100vw - 2 * var(--s4));
}
.line {
  display: flex;
  align-items: center;
  gap: var(--s3);
  background: var(--rail);
  color: var(--on-rail);
  border-radius: var(--r);
  padding: var(--s2) var(--s2) var(--s2) var(--s4);
  font-weight: 600;
}
.says {
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 3;
  line-clamp: 3;
  overflow: hidden;
}
.line .tap {
  flex: none;
  background: none;
  color: inherit;
  border-color: currentcolor;
}
@media (max-width: 720px) {
  .just {
    bottom: 68px;
    width: calc(100vw - 2 * var(--s4));
  }
  .line {
    justify-content: space-between;
  }
}
</style>
