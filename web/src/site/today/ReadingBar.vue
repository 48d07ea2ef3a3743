<script setup lang="ts">
/** The last reading of air and surface, always on top of the day, with one tap to the next one. */
import { computed, defineAsyncComponent, nextTick, ref, watch } from 'vue';
import { latestConditions } from '@lentum/core/record';
import { practiceOf } from '@lentum/core/practice';
import { dewOf } from '@lentum/core/site';
import { MS_PER_MINUTE } from '@lentum/core/units';
import { useJob } from '../../app/job.ts';
import { worded } from '../../app/wording.ts';
import FigureText from '../../shared/FigureText.vue';

const ConditionsPanel = defineAsyncComponent(() => import('../ConditionsPanel.vue'));

const props = defineProps<{ zoneId: string }>();
const job = useJob();
const zone = computed(() => job.zones.find((z) => z.zone.id === props.zoneId));
const last = computed(() => latestConditions(job.book, props.zoneId, job.nowMs));
const dew = computed(() => {
  const read = last.value && dewOf(last.value);
  return read?.ok ? read.value : undefined;
});
const practice = computed(() => job.state?.practice ?? practiceOf());
/** The gates of the weather do not go by it any more. */
const isOld = computed(
  () =>
    !last.value || job.nowMs - Date.parse(last.value.at) > practice.value.airReadingMin.value * MS_PER_MINUTE,
);
const isReading = ref(false);
const read = (): void => void (isReading.value = true);
defineExpose({ read });
const panel = ref<{ begin: () => void; isTaking: boolean }>();
watch(panel, (there) => there && void nextTick(() => there.begin()));
/** Kept, or left: the sheet has done its work. */
watch(
  () => panel.value?.isTaking,
  (now, before) => {
    if (before && !now) isReading.value = false;
  },
);
</script>

<template>
  <section class="reading" :aria-label="worded('Last reading')">
    <dl v-if="last">
      <div>
        <dt>air</dt>
        <dd>{{ job.say(last.airC, 'temperature') }}</dd>
      </div>
      <div>
        <dt>humidity</dt>
        <dd>{{ job.say(last.humidityPct, 'percent') }}</dd>
      </div>
      <div>
        <dt>surface</dt>
        <dd>{{ job.say(last.surfaceC, 'temperature') }}</dd>
      </div>
      <div v-if="dew">
        <dt>over dew point</dt>
        <dd><FigureText :figure="dew.margin" /></dd>
      </div>
    </dl>
    <p v-else>{{ worded('Nothing is read yet.') }}</p>
    <p class="quiet when" :class="{ old: isOld }">
      {{ zone?.zone.code }}<template v-if="last">, {{ job.time(Date.parse(last.at)) }}</template
      ><template v-if="isOld && last">: too old for the gates</template>
    </p>
    <el-button
      v-if="zone?.buildUp"
      class="tap"
      :type="isOld ? 'primary' : 'default'"
      :aria-label="`Read air and surface on ${zone.zone.name}`"
      @click="read"
      >Read</el-button
    >
    <el-drawer
      v-if="isReading && zone?.buildUp"
      v-model="isReading"
      :title="`Reading, ${zone.zone.name}`"
      size="min(480px, 100vw)"
    >
      <ConditionsPanel ref="panel" :zone-id="zoneId" :build-up="zone.buildUp" />
    </el-drawer>
  </section>
</template>

<style scoped>
.reading {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--s1) var(--s4);
  padding: var(--s2) 0;
  border-bottom: var(--stroke) solid var(--line);
}
dl {
  display: flex;
  gap: var(--s4);
  margin: 0;
}
dt {
  font-size: var(--t-s);
  color: var(--ink-2);
}
dd {
  margin: 0;
  font-weight: 700;
  font-size: var(--t-l);
}
.when.old {
  color: var(--amber);
}
.tap {
  margin-left: auto;
}
@media (max-width: 720px) {
  dl {
    flex: 1 1 60%;
    gap: var(--s3);
    justify-content: space-between;
  }
  dd {
    font-size: var(--t-m);
  }
  .when {
    order: 3;
    flex-basis: 100%;
  }
}
</style>
