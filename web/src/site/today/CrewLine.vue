<script setup lang="ts">
/** How many lay a bay, and how: it changes how long a bay takes, and with it every window. */
import { useJob } from '../../app/job.ts';

const job = useJob();
const crew = (): { people: number; method: 'by hand' | 'sprayed'; toolShare: number } =>
  job.weather.doc.draft.crew;
/** What the tools and the shape of the work make of the usual output. Common practice, no source. */
const PACES = [
  { share: 0.7, name: 'cut up' },
  { share: 1, name: 'usual' },
  { share: 1.4, name: 'open field' },
] as const;
</script>

<template>
  <div class="bar crew">
    <span class="quiet">People</span>
    <el-button-group>
      <el-button
        v-for="n in 6"
        :key="n"
        :type="crew().people === n ? 'primary' : 'default'"
        plain
        :aria-pressed="crew().people === n"
        :aria-label="`${n} ${n === 1 ? 'person' : 'people'}`"
        @click="crew().people = n"
        >{{ n }}</el-button
      >
    </el-button-group>
    <el-button-group>
      <el-button
        v-for="m in ['by hand', 'sprayed'] as const"
        :key="m"
        :type="crew().method === m ? 'primary' : 'default'"
        plain
        :aria-pressed="crew().method === m"
        @click="crew().method = m"
        >{{ m }}</el-button
      >
    </el-button-group>
    <el-button-group>
      <el-button
        v-for="p in PACES"
        :key="p.share"
        :type="crew().toolShare === p.share ? 'primary' : 'default'"
        plain
        :aria-pressed="crew().toolShare === p.share"
        :aria-label="`Pace: ${p.name}`"
        @click="crew().toolShare = p.share"
        >{{ p.name }}</el-button
      >
    </el-button-group>
  </div>
</template>

<style scoped>
.crew {
  flex-wrap: wrap;
  gap: var(--s2);
}
@media (max-width: 820px) {
  .crew :deep(.el-button) {
    min-height: var(--tap);
  }
}
</style>
