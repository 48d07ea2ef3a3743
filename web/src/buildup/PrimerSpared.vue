<script setup lang="ts">
/** Where the job's school lets a test spare the primer: what the tests say, and whether it is left out on this zone. */
import { computed } from 'vue';
import { firstPrimer, resolve, type BuildUp, type Terms } from '@lentum/core/buildup';
import type { FallsReport } from '@lentum/core/falls';
import { verdictText } from '@lentum/core/figures';
import { groundTerms } from '@lentum/core/gates';
import { readiness } from '@lentum/core/readiness';
import type { Zone } from '@lentum/core/survey';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import { useUnits } from '../shared/units.ts';

const props = defineProps<{ buildUp: BuildUp; terms: Terms; zone: Zone; falls: FallsReport | undefined }>();
const emit = defineEmits<{ set: [withoutPrimer: boolean] }>();
const job = useJob();
const { written } = useUnits();

const leftOut = computed(() => props.terms.withoutPrimer === true);
const primer = computed(() => firstPrimer(props.buildUp, props.terms));
const school = computed(() => job.documents.survey.draft.primerSchool);
const judged = computed(() => {
  const bare = resolve(props.buildUp, { ...props.terms, withoutPrimer: true });
  const found = readiness({
    zone: props.zone,
    family: bare.family,
    falls: props.falls,
    school: school.value,
    nowMs: job.nowMs,
    practice: job.state?.practice,
    ...groundTerms(bare),
  });
  return found.ok ? found.value.primer : undefined;
});
const shown = computed(() => primer.value && (leftOut.value || school.value === 'test may spare'));
const says = computed(() => (judged.value ? verdictText(judged.value.says, written.value, job.time) : ''));
const against = computed(() => leftOut.value && judged.value?.answer !== 'spared');
</script>

<template>
  <p v-if="shown" class="spared">
    <el-checkbox :model-value="leftOut" @update:model-value="(on: unknown) => emit('set', on === true)"
      >Without {{ primer?.name.toLowerCase() }} here</el-checkbox
    >
    <span class="quiet" :class="{ against }"
      >{{ worded(says || 'The ground cannot be judged yet.') }}
      {{ against ? 'It is left out all the same: every layer here will wait for an answer.' : '' }}</span
    >
  </p>
</template>

<style scoped>
.spared {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 var(--s3);
  margin: 0 0 var(--s2);
}
.against {
  color: var(--red);
}
</style>
