<script setup lang="ts">
/** What a job sets for itself: what is accepted before it is covered, and its own numbers of practice, each with its source. */
import { computed, reactive, ref } from 'vue';
import { HOLD_POINTS, jobRulesSchema, type HoldPoint, type JobRules } from '@lentum/core/job';
import { REGISTER, SETTABLE_KEYS, type PracticeKey } from '@lentum/core/practice';
import { check, sentence } from '@lentum/core/problems';
import { useJob } from '../app/job.ts';
import MeasureInput from '../shared/MeasureInput.vue';

const props = defineProps<{ rules: JobRules; trouble?: string }>();
const emit = defineEmits<{ done: [rules: JobRules] }>();
const open = defineModel<boolean>({ required: true });
const job = useJob();

const POINTS: Readonly<Record<HoldPoint, string>> = {
  primer: 'The primer, before it is covered',
  details: 'Details, before the field',
  coats: 'Each coat, before the next',
};
const holdPoints = ref<HoldPoint[]>([...props.rules.holdPoints]);
interface Row {
  readonly key: PracticeKey;
  value: number | undefined;
  says: string;
}
const rows = reactive<Row[]>(
  SETTABLE_KEYS.map((key) => {
    const own = props.rules.practice.find((p) => p.key === key);
    return { key, value: own?.value, says: own?.says ?? '' };
  }),
);
const sought = ref('');
const shown = computed(() =>
  rows.filter((r) => REGISTER[r.key].label.toLowerCase().includes(sought.value.trim().toLowerCase())),
);

const tried = ref(false);
const next = computed<JobRules>(() => ({
  holdPoints: HOLD_POINTS.filter((p) => holdPoints.value.includes(p)),
  practice: rows.flatMap((r) =>
    r.value === undefined ? [] : [{ key: r.key, value: r.value, says: r.says.trim() }],
  ),
}));
const unsourced = computed(() =>
  rows
    .filter((r) => r.value !== undefined && r.says.trim() === '')
    .map((r) => `${REGISTER[r.key].label}: say who asks for it.`),
);
const checked = computed(() => check(jobRulesSchema, next.value, 'The rules'));
const problems = computed(() =>
  unsourced.value.length > 0 ? unsourced.value : checked.value.ok ? [] : checked.value.problems.map(sentence),
);
function done(): void {
  tried.value = true;
  if (problems.value.length === 0) emit('done', next.value);
}
</script>

<template>
  <el-dialog v-model="open" title="Rules of this job" width="min(860px, 96vw)">
    <p class="quiet">
      A layer’s data sheet goes before these, and these go before common practice. What is set here is named
      with its source wherever it decides.
    </p>
    <h3 class="minor">Accepted by somebody</h3>
    <el-checkbox-group v-model="holdPoints">
      <el-checkbox v-for="p in HOLD_POINTS" :key="p" :value="p" :label="POINTS[p]" size="large" />
    </el-checkbox-group>
    <h3 class="minor">Numbers of practice</h3>
    <el-input
      v-model="sought"
      class="seek"
      placeholder="Find a number"
      aria-label="Find a number"
      clearable
    />
    <el-table :data="shown" row-key="key" max-height="42vh" size="small">
      <el-table-column label="Number" min-width="200">
        <template #default="{ row }">
          {{ REGISTER[row.key as PracticeKey].label }}
          <div class="quiet">{{ REGISTER[row.key as PracticeKey].note }}</div>
        </template>
      </el-table-column>
      <el-table-column label="Usual" width="110" align="right">
        <template #default="{ row }">{{
          job.say(REGISTER[row.key as PracticeKey].value, REGISTER[row.key as PracticeKey].quantity)
        }}</template>
      </el-table-column>
      <el-table-column label="This job" width="150">
        <template #default="{ row }">
          <MeasureInput
            v-model="row.value"
            :quantity="REGISTER[row.key as PracticeKey].quantity"
            :label="`This job: ${REGISTER[row.key as PracticeKey].label}`"
            :min="REGISTER[row.key as PracticeKey].least"
            :max="REGISTER[row.key as PracticeKey].most"
            optional
          />
        </template>
      </el-table-column>
      <el-table-column label="Who says so" min-width="180">
        <template #default="{ row }">
          <el-input
            v-model="row.says"
            maxlength="200"
            :disabled="row.value === undefined"
            :aria-label="`Who says so: ${REGISTER[row.key as PracticeKey].label}`"
            placeholder="such as the engineer, letter of 12 May"
          />
        </template>
      </el-table-column>
    </el-table>
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
.seek {
  max-width: 20rem;
  margin: var(--s2) 0;
}
.wrong {
  color: var(--red);
  margin-top: var(--s2);
}
</style>
