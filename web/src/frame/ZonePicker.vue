<script setup lang="ts">
/** Which zone the page is about: picked from the list, found by typing, or one further, one back. */
import { ArrowLeft, ArrowRight } from '@element-plus/icons-vue';
import { useEventListener } from '@vueuse/core';
import { computed } from 'vue';
import { isOfAllRoofs } from '../app/chosenzone.ts';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import { Option, Select } from '../shared/select.ts';
import { isCovered, isField } from './keys.ts';
import StateMark from './StateMark.vue';
import { useZonePick } from './zonepick.ts';
import { zoneMark } from './zonemarks.ts';

const job = useJob();
const { chosenId, at, pick, step } = useZonePick();
// Some keyboards have the brackets on a second level, with modifiers held.
useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  if ((event.key !== '[' && event.key !== ']') || isField(event.target) || isCovered()) return;
  event.preventDefault();
  step(event.key === ']' ? 1 : -1);
});
const zones = computed(() =>
  job.zones.map(({ zone }) => ({
    id: zone.id,
    code: zone.code,
    name: zone.name,
    label: [zone.code, zone.name].filter((x) => x !== '').join(' '),
  })),
);
/** Read by the open list only. */
const marks = computed(
  () => new Map(zones.value.map((z) => [z.id, zoneMark(job.statuses.filter((s) => s.bay.zoneId === z.id))])),
);
const mark = (id: string) => marks.value.get(id) ?? zoneMark([]);
</script>

<template>
  <div v-if="zones.length > 0" class="picker no-print" role="group" aria-label="Zone">
    <span v-if="isOfAllRoofs" class="all">{{ worded('All roofs') }}</span>
    <template v-else>
      <component
        :is="Select"
        class="zone"
        :model-value="chosenId ?? ''"
        filterable
        :persistent="false"
        placement="bottom-start"
        aria-label="Zone"
        no-match-text="No zone of that name"
        @update:model-value="pick"
      >
        <component :is="Option" v-for="z in zones" :key="z.id" :value="z.id" :label="z.label">
          <span class="option">
            <StateMark :mark="mark(z.id).mark" :says="mark(z.id).says" />
            <strong>{{ z.code }}</strong> <span class="name">{{ z.name }}</span>
            <span class="quiet">{{ mark(z.id).says }}</span>
          </span>
        </component>
      </component>
      <template v-if="zones.length > 1">
        <el-button text :icon="ArrowLeft" aria-label="Zone before" title="Zone before, [" @click="step(-1)" />
        <span class="quiet count">{{ at + 1 }} of {{ zones.length }}</span>
        <el-button text :icon="ArrowRight" aria-label="Next zone" title="Next zone, ]" @click="step(1)" />
      </template>
    </template>
  </div>
</template>

<style scoped>
.picker {
  display: flex;
  align-items: center;
  min-width: 0;
}
.zone {
  width: 250px;
}
.all {
  font-weight: 600;
}
.picker :deep(.el-button) {
  margin: 0;
  padding: 0 var(--s1);
  height: 32px;
  min-width: 32px;
}
.count {
  white-space: nowrap;
}
.option {
  display: flex;
  align-items: center;
  gap: var(--s2);
  max-width: min(560px, 88vw);
}
.option .name {
  overflow: hidden;
  text-overflow: ellipsis;
}
.option .quiet {
  margin-left: auto;
  padding-left: var(--s4);
}
@media (max-width: 720px) {
  .picker {
    flex: 1 1 65%;
    padding-bottom: var(--s1);
  }
  .picker:has(.all) {
    display: none;
  }
  .zone {
    width: auto;
    flex: 1;
  }
  .picker :deep(.el-button) {
    height: var(--tap);
    min-width: var(--tap);
  }
  .count {
    display: none;
  }
}
</style>
