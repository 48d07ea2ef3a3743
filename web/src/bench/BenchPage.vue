<script setup lang="ts">
/** Quick calculators without a job; any of them can be sent into one. */
import { ElMessage } from 'element-plus';
import { computed, onMounted, reactive, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { CALCULATOR_GROUPS, CALCULATORS, type Values } from '@lentum/core/bench';
import type { JobHead } from '@lentum/core/job';
import type { OrderDoc } from '@lentum/core/order';
import { call, get, sentenceOf } from '../app/api.ts';
import { lastJobId } from '../app/openjob.ts';
import { worded } from '../app/wording.ts';
import PickList from '../shared/PickList.vue';
import CalculatorForm from './CalculatorForm.vue';

const route = useRoute();
const router = useRouter();
const FIRST = 'coverage';
const find = (key: unknown) => CALCULATORS.find((c) => c.key === key);
const chosen = computed(() => find(route.query['sum']) ?? find(FIRST));
const groups = CALCULATOR_GROUPS.map((name) => ({ name, list: CALCULATORS.filter((c) => c.group === name) }));
const typed = reactive<Record<string, Values>>({});
const values = computed<Values>({
  get: () => typed[chosen.value?.key ?? FIRST] ?? {},
  set: (v) => (typed[chosen.value?.key ?? FIRST] = v),
});

interface Listed {
  readonly id: string;
  readonly job: JobHead;
}
/** The jobs in use; the one last gone to first, though it be put away or far down the list. */
const jobs = ref<readonly Listed[]>([]);
const into = ref('');
const name = ref('');
const trouble = ref('');
onMounted(async () => {
  try {
    const last = lastJobId.value;
    const [listed, own] = await Promise.all([
      get<{ jobs: Listed[] }>('/jobs'),
      last === '' ? undefined : get<Listed>(`/jobs/${last}`).catch(() => undefined), // gone, or never there
    ]);
    jobs.value = [...(own ? [own.body] : []), ...listed.body.jobs.filter((j) => j.id !== last)];
    into.value = jobs.value[0]?.id ?? '';
  } catch (error) {
    trouble.value = sentenceOf(error);
  }
});
const options = computed(() => jobs.value.map((j) => ({ value: j.id, label: j.job.name })));

async function send(): Promise<void> {
  if (!chosen.value) return;
  trouble.value = '';
  try {
    const { body, version } = await get<OrderDoc>(`/jobs/${into.value}/order`);
    const sheet = {
      id: crypto.randomUUID(),
      calculator: chosen.value.key,
      name: name.value.trim() || chosen.value.name,
      values: { ...values.value },
    };
    await call('PUT', `/jobs/${into.value}/order`, {
      body: { ...body, sheets: [...body.sheets, sheet] },
      ifMatch: version ?? 0,
    });
    name.value = '';
    const job = jobs.value.find((j) => j.id === into.value)?.job.name ?? 'the job';
    ElMessage({ message: `It is kept with ${job}, below its order.`, type: 'success' });
  } catch (error) {
    trouble.value = sentenceOf(error);
  }
}
</script>

<template>
  <main class="page bench">
    <nav aria-label="Calculators">
      <template v-for="g in groups" :key="g.name">
        <h2 class="minor">{{ g.name }}</h2>
        <button
          v-for="c in g.list"
          :key="c.key"
          type="button"
          :aria-current="c.key === chosen?.key ? 'true' : undefined"
          @click="router.replace({ query: { sum: c.key } })"
        >
          {{ worded(c.name) }}
        </button>
      </template>
    </nav>
    <div v-if="chosen">
      <CalculatorForm :key="chosen.key" v-model="values" :calculator="chosen" />
      <form v-if="jobs.length > 0" class="send bar" @submit.prevent="send">
        <el-input v-model="name" maxlength="120" :placeholder="chosen.name" aria-label="What it is for" />
        <PickList v-model="into" own label="Job" filterable :options="options" />
        <el-button native-type="submit" :disabled="into === ''">Send into this job</el-button>
      </form>
      <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
    </div>
  </main>
</template>

<style scoped>
.bench {
  display: grid;
  grid-template-columns: 230px minmax(0, 860px);
  gap: var(--s8);
}
nav {
  display: flex;
  flex-direction: column;
}
nav h2 {
  margin: var(--s3) 0 var(--s1);
}
nav button {
  border: 0;
  border-left: 3px solid transparent;
  background: none;
  font: inherit;
  color: var(--ink);
  text-align: left;
  padding: var(--s1) var(--s3);
  min-height: 36px;
  cursor: pointer;
}
nav button[aria-current='true'] {
  border-left-color: var(--sea);
  background: var(--sea-soft);
  font-weight: 700;
}
.send {
  margin-top: var(--s6);
  padding-top: var(--s3);
  border-top: var(--stroke) solid var(--line);
}
.send > * {
  width: auto;
  flex: 0 1 260px;
}
@media (max-width: 820px) {
  .bench {
    grid-template-columns: minmax(0, 1fr);
    gap: var(--s4);
  }
  nav {
    flex-direction: row;
    overflow-x: auto;
    gap: var(--s1);
    padding-bottom: var(--s1);
  }
  nav h2 {
    display: none;
  }
  nav button {
    min-height: var(--tap);
    white-space: nowrap;
    border: max(1px, var(--stroke)) solid var(--line-2);
    border-radius: var(--r);
  }
}
</style>
