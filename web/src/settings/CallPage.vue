<script setup lang="ts">
/** A call of the API, tried here and copied as a command: for whoever connects another program. */
import { ElMessage } from 'element-plus';
import { computed, onMounted, reactive, ref, shallowRef, watch } from 'vue';
import { copyAddress } from '../access/codewords.ts';
import { get } from '../app/api.ts';
import { sure } from '../app/asking.ts';
import { signsIn } from '../app/session.ts';
import { useAttempt } from '../shared/attempt.ts';
import PickList from '../shared/PickList.vue';
import { saveFile } from '../shared/savefile.ts';
import { callOf, commandOf, operationsOf, type ApiDocument, type Call } from './apicalls.ts';

const operations = shallowRef<ReturnType<typeof operationsOf>>([]);
const { trouble, busy, attempt } = useAttempt();
onMounted(() =>
  attempt(async () => {
    operations.value = operationsOf((await get<ApiDocument>('/openapi.json')).body);
  }),
);
const options = computed(() =>
  operations.value.map((o) => ({ value: o.id, label: `${o.method} ${o.path}` })),
);
const chosenId = ref('getJobs');
const op = computed(() => operations.value.find((o) => o.id === chosenId.value));
/** What was entered stays from one call to the next: most ask for the same job. */
const values = reactive<Record<string, string>>({});
const body = ref('{}');
const call = computed(() => (op.value ? callOf(op.value, values, body.value) : ''));
const command = computed(() =>
  typeof call.value === 'string' || op.value?.body === 'file' ? '' : commandOf(call.value, location.origin),
);
interface Answered {
  readonly line: string;
  readonly text: string;
  readonly save: (() => void) | undefined;
}
const answered = ref<Answered>();
/** A body begins as an example; what somebody entered for a call is there when they come back to it. */
const entered = new Map<string, string>();
watch(op, (now, before) => {
  answered.value = undefined;
  if (before) entered.set(before.id, body.value);
  body.value = (now && (entered.get(now.id) ?? now.example)) ?? '{}';
});

/** Longer texts are shown so far, and saved whole. */
const MOST_SHOWN = 20_000;
const TEXT = /json|text|xml|csv|calendar/;
async function told(response: Response, tookMs: number): Promise<Answered> {
  const type = response.headers.get('Content-Type') ?? '';
  const tag = response.headers.get('ETag');
  const blob = await response.blob();
  const words = [`${response.status} ${response.statusText}`, type, ...(tag ? [`ETag ${tag}`] : [])];
  const line = `${words.join(', ')}; ${blob.size} bytes in ${Math.round(tookMs)} ms`;
  const save = (): void => saveFile(blob, op.value?.path.split('/').at(-1) ?? 'answer', type);
  if (!TEXT.test(type)) return { line, text: '', save: blob.size > 0 ? save : undefined };
  const text = await blob.text();
  const whole = type.includes('json') ? JSON.stringify(JSON.parse(text), null, 2) : text;
  return whole.length > MOST_SHOWN
    ? { line, text: `${whole.slice(0, MOST_SHOWN)}\n… the rest is in the file`, save }
    : { line, text: whole, save };
}
/** A computation is asked as a page is: it changes nothing. */
const changes = computed(() => op.value?.method !== 'GET' && op.value?.tag !== 'Compute');
const send = ({ method, address, headers, body: sent }: Call): Promise<void> =>
  attempt(async () => {
    const what = 'It is done to what is kept on this server, as if you had entered it.';
    if (changes.value && !(await sure(`Send ${method} ${address}?`, what, 'Send it'))) return;
    const sentMs = performance.now();
    const response = await fetch(address, { method, headers, ...(sent === undefined ? {} : { body: sent }) });
    answered.value = await told(response, performance.now() - sentMs);
  });
const ask = (): void => {
  if (typeof call.value !== 'string') void send(call.value);
};
const copy = async (): Promise<void> => void ElMessage(await copyAddress(command.value));
</script>

<template>
  <main class="page">
    <div class="head">
      <h1>Try a call</h1>
      <span class="quiet"
        >of the <a href="/api/v1/docs">API</a>; what each takes and answers is described there</span
      >
    </div>
    <p v-if="trouble" class="problem" role="alert">{{ trouble }}</p>
    <form v-if="op" @submit.prevent="ask">
      <label
        >Call
        <PickList v-model="chosenId" own filterable label="Call" :options="options" />
      </label>
      <p class="quiet">{{ op.tag }}: {{ op.summary }}</p>
      <div class="fields">
        <label v-for="f in op.fields" :key="`${f.in}/${f.name}`"
          >{{ f.name }}
          <span class="quiet">in the {{ f.in }}{{ f.required ? ', needed' : '' }}</span>
          <PickList
            v-if="f.options.length > 0"
            own
            :label="f.name"
            none="not sent"
            :options="f.options.map((o) => ({ value: o, label: o }))"
            :model-value="values[f.name] ?? ''"
            @update:model-value="(v) => (values[f.name] = v)"
          />
          <el-input
            v-else
            :model-value="values[f.name] ?? ''"
            :aria-label="f.name"
            @update:model-value="(v: string) => (values[f.name] = v)"
          />
          <span v-if="f.says" class="quiet">{{ f.says }}</span>
        </label>
      </div>
      <label v-if="op.body === 'json'"
        >Body, JSON
        <el-input
          v-model="body"
          type="textarea"
          :rows="8"
          spellcheck="false"
          class="code"
          aria-label="Body, JSON"
        />
        <span class="quiet">It begins as an example: put your own in its place.</span>
      </label>
      <p v-if="op.body === 'file'">Its body is a file: that is sent by a program of yours.</p>
      <p v-else-if="op.streams">Its answer has no end: listen to it by the command below.</p>
      <p v-if="typeof call === 'string' && call" class="quiet" role="status">{{ call }}</p>
      <el-button
        v-if="op.body !== 'file' && !op.streams"
        type="primary"
        native-type="submit"
        :loading="busy"
        :disabled="typeof call === 'string'"
        >{{ changes ? 'Send …' : 'Ask' }}</el-button
      >
    </form>
    <section v-if="command" aria-label="As a command">
      <div class="bar">
        <h2>As a command</h2>
        <el-button @click="copy">Copy</el-button>
      </div>
      <pre tabindex="0"><code>{{ command }}</code></pre>
      <p v-if="signsIn" class="quiet">
        A program signs in first: POST /session with login and password, and keeps the cookie that it is
        given.
      </p>
    </section>
    <section v-if="answered" aria-label="Answer">
      <div class="bar">
        <h2>Answer</h2>
        <el-button v-if="answered.save" @click="answered.save">Save it</el-button>
      </div>
      <p role="status">{{ answered.line }}</p>
      <pre v-if="answered.text" tabindex="0"><code>{{ answered.text }}</code></pre>
    </section>
  </main>
</template>

<style scoped>
form {
  display: grid;
  gap: var(--s3);
  justify-items: stretch;
  margin-top: var(--s3);
}
form > .el-button {
  justify-self: start;
}
form p {
  margin: 0;
}
form > label,
.fields > label {
  display: grid;
  gap: var(--s1);
  align-content: start;
  font-weight: 600;
}
.quiet {
  font-weight: 400;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(16rem, 100%), 1fr));
  gap: var(--s3);
}
section {
  margin-top: var(--s5);
}
pre {
  background: var(--sheet);
  border: max(1px, var(--stroke)) solid var(--line);
  padding: var(--s3);
  max-height: 26rem;
  overflow: auto;
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}
section[aria-label='As a command'] pre {
  max-height: 12rem;
}
pre,
.code :deep(textarea) {
  font-family: ui-monospace, monospace;
  font-size: var(--t-s);
}
</style>
