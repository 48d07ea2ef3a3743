<script setup lang="ts">
/** What a job sets for itself: what is accepted before it is covered, and its own numbers of practice, each with its source. */
import { computed, onMounted, ref, shallowRef } from 'vue';
import { HOLD_POINTS, jobRulesSchema, type HoldPoint, type JobRules } from '@lentum/core/job';
import { REGISTER, type PracticeSettings } from '@lentum/core/practice';
import { check, sentence } from '@lentum/core/problems';
import { get } from '../app/api.ts';
import PracticeTable from '../shared/PracticeTable.vue';
import { practiceRows, settingsOf, unsourced, type PracticeRow } from '../shared/practicerows.ts';

const props = defineProps<{ rules: JobRules; trouble?: string }>();
const emit = defineEmits<{ done: [rules: JobRules] }>();
const open = defineModel<boolean>({ required: true });

const POINTS: Readonly<Record<HoldPoint, string>> = {
  primer: 'The primer, before it is covered',
  details: 'Details, before the field',
  coats: 'Each coat, before the next',
};
const holdPoints = ref<HoldPoint[]>([...props.rules.holdPoints]);
const otherAccepts = ref(props.rules.otherAccepts === true);
const rows = ref<PracticeRow[]>(practiceRows(props.rules.practice));

/** What the firm says now, where it differs from what the job holds. */
const firm = shallowRef<PracticeSettings>();
onMounted(async () => {
  try {
    const { settings } = (await get<{ settings: PracticeSettings }>('/firm/practice')).body;
    firm.value = settings.map((s) => ({ ...s, says: `firm: ${s.says}` }));
  } catch {
    // Without a signal the job's own numbers are set all the same.
    firm.value = undefined;
  }
});
const differs = computed(() =>
  (firm.value ?? []).filter(
    (f) => !settingsOf(rows.value).some((s) => s.key === f.key && s.value === f.value && s.says === f.says),
  ),
);
function takeFirm(): void {
  for (const { key, value, says } of differs.value) {
    const row = rows.value.find((r) => r.key === key);
    if (row) Object.assign(row, { value, says });
  }
}

const tried = ref(false);
const next = computed<JobRules>(() => ({
  holdPoints: HOLD_POINTS.filter((p) => holdPoints.value.includes(p)),
  practice: settingsOf(rows.value),
  ...(otherAccepts.value ? { otherAccepts: true } : {}),
}));
const missing = computed(() => unsourced(rows.value));
const checked = computed(() => check(jobRulesSchema, next.value, 'The rules'));
const problems = computed(() =>
  missing.value.length > 0 ? missing.value : checked.value.ok ? [] : checked.value.problems.map(sentence),
);
function done(): void {
  tried.value = true;
  if (problems.value.length === 0) emit('done', next.value);
}
</script>

<template>
  <el-dialog v-model="open" title="Rules of this job" width="min(860px, 96vw)">
    <p class="quiet">
      A layer’s data sheet takes precedence over these, and these over common practice. What is set here is
      named with its source wherever it decides.
    </p>
    <h3 class="minor">Accepted by somebody</h3>
    <el-checkbox-group v-model="holdPoints">
      <el-checkbox v-for="p in HOLD_POINTS" :key="p" :value="p" :label="POINTS[p]" size="large" />
    </el-checkbox-group>
    <el-checkbox v-model="otherAccepts" label="By somebody else than who made it" size="large" />
    <h3 class="minor">Numbers of practice</h3>
    <p v-if="differs.length > 0" class="firm">
      The firm says otherwise: {{ differs.map((d) => REGISTER[d.key].label).join(', ') }}.
      <el-button size="small" @click="takeFirm">Take the firm’s numbers</el-button>
    </p>
    <PracticeTable :rows="rows" whose="This job" max-height="42vh" />
    <template v-if="tried">
      <p v-for="p in problems" :key="p" class="wrong" role="alert">{{ p }}</p>
    </template>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <template #footer>
      <el-button @click="open = false">Cancel</el-button>
      <el-button type="primary" @click="done">Save</el-button>
    </template>
  </el-dialog>
</template>

<style scoped>
h3 {
  margin-top: var(--s3);
}
.firm {
  margin: var(--s2) 0;
}
.wrong {
  color: var(--red);
  margin-top: var(--s2);
}
</style>
