<script setup lang="ts">
/** Everything that must hold before the next layer: what stands against it first, each with the tap that settles it. */
import { computed, ref, shallowRef } from 'vue';
import { RouterLink } from 'vue-router';
import type { Call } from '@lentum/core/call';
import { stands, type Gate } from '@lentum/core/gates';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import SayParts from '../shared/SayParts.vue';
import VerdictMark from '../shared/VerdictMark.vue';
import type { Values } from './log/fields.ts';
import type { LoggedKind } from './log/form.ts';
import { maySettle, mayTakeOver, settleByTap, settlingOf, takeOver } from './settling.ts';
import { useSending, useTapping } from './sending.ts';

const props = defineProps<{ call: Call }>();
const emit = defineEmits<{ log: [kind: LoggedKind, known: Values]; coat: []; reading: [] }>();
const job = useJob();
const bay = computed(() => props.call.status.bay);

const ORDER = { broken: 0, unknown: 1, holds: 2 } as const;
const against = computed(() =>
  props.call.gates
    .filter((g) => g.answer !== 'holds')
    .sort((a, b) => Number(!stands(a)) - Number(!stands(b)) || ORDER[a.answer] - ORDER[b.answer])
    .map((gate) => ({ gate, settling: maySettle(gate, job.id) ? settlingOf(gate) : undefined })),
);
const holding = computed(() => props.call.gates.filter((g) => g.answer === 'holds'));
const holds = computed(() => {
  const { length } = holding.value;
  if (!props.call.layer) return `Open: ${holding.value.map((g) => g.name.toLowerCase()).join(', ')}`;
  return `${length} ${length === 1 ? 'gate holds' : 'gates hold'}`;
});
const markOf = (g: Gate) => (g.taken ? 'done' : g.answer === 'broken' ? 'hold' : 'check');
const ANSWERS = { broken: 'broken', unknown: 'not known', holds: '' } as const;
const OPENINGS = { broken: 'not yet', unknown: 'not opened', holds: '' } as const;
const answerOf = (g: Gate): string =>
  g.taken ? 'taken over' : (g.group === 'opening' ? OPENINGS : ANSWERS)[g.answer];

/** The gate that somebody is about to answer for. */
const taking = shallowRef<Gate>();
const reason = ref('');
const licence = ref('');
const ready = computed(
  () => reason.value.trim() !== '' && (!taking.value?.fixed || licence.value.trim() !== ''),
);

const tapping = useTapping();
async function tap(gate: Gate): Promise<void> {
  if (gate.settle?.by === 'method') job.weather.doc.draft.crew.method = 'by hand';
  else await tapping(() => settleByTap(job, bay.value, gate));
}
function begin(gate: Gate): void {
  taking.value = gate;
  reason.value = '';
  licence.value = '';
}
const { saving, trouble, send } = useSending(
  () => [taking.value?.key, reason.value, licence.value],
  () => (taking.value = undefined),
);
const take = (): Promise<void> =>
  send(async () => {
    const { layer } = props.call;
    if (!taking.value || !layer) return;
    await takeOver(job, bay.value, taking.value, layer.id, reason.value, licence.value);
  });
</script>

<template>
  <section
    v-if="call.gates.length > 0"
    :aria-label="call.layer ? 'What must hold before the next layer' : 'What it is open to'"
    class="gates"
  >
    <h3 class="minor">{{ call.layer ? `Before ${call.layer.name.toLowerCase()}` : 'Open to' }}</h3>
    <ul v-if="against.length > 0">
      <li v-for="{ gate, settling } in against" :key="gate.key" :data-gate="gate.key">
        <VerdictMark :outcome="markOf(gate)" />
        <div class="says">
          <p>
            <strong>{{ worded(gate.name) }}</strong> <span class="quiet">{{ worded(answerOf(gate)) }}</span>
          </p>
          <p><SayParts :parts="gate.says" /></p>
          <p v-if="gate.taken" class="quiet">
            On {{ gate.taken.who }}’s word, {{ job.time(gate.taken.atMs) }}: {{ gate.taken.reason }}
          </p>
          <p v-else-if="gate.opens.length > 0" class="quiet"><SayParts :parts="gate.opens" /></p>
          <div v-if="!gate.taken" class="acts">
            <RouterLink
              v-if="settling?.does === 'page'"
              class="el-button tap"
              :to="
                settling.to === 'survey'
                  ? { name: 'survey', query: { zone: bay.zoneId } }
                  : { query: { part: 'weather' } }
              "
              >{{ worded(settling.name) }}</RouterLink
            >
            <el-button v-else-if="settling?.does === 'tap'" class="tap" @click="tap(gate)">{{
              settling.name
            }}</el-button>
            <el-button v-else-if="settling?.does === 'coat'" class="tap" @click="emit('coat')">{{
              settling.name
            }}</el-button>
            <el-button v-else-if="settling?.does === 'reading'" class="tap" @click="emit('reading')">{{
              settling.name
            }}</el-button>
            <el-button
              v-else-if="settling?.does === 'form'"
              class="tap"
              @click="emit('log', settling.kind, settling.known)"
              >{{ worded(settling.name) }}</el-button
            >
            <el-button
              v-if="
                call.layer && taking?.key !== gate.key && gate.fixed !== 'never' && mayTakeOver(gate, job.id)
              "
              text
              class="tap"
              @click="begin(gate)"
              >{{ gate.fixed ? 'Licensed person' : 'Answer for it' }}</el-button
            >
          </div>
          <form v-if="taking?.key === gate.key" class="take" @submit.prevent="take">
            <label :for="`why-${gate.key}`">Why may it go on all the same?</label>
            <el-input :id="`why-${gate.key}`" v-model="reason" size="large" maxlength="400" />
            <template v-if="gate.fixed">
              <label :for="`licence-${gate.key}`">{{ worded('Whose licence says so, and which?') }}</label>
              <el-input :id="`licence-${gate.key}`" v-model="licence" size="large" maxlength="120" />
            </template>
            <div class="acts">
              <el-button class="tap" type="primary" native-type="submit" :loading="saving" :disabled="!ready"
                >Answer for it by name</el-button
              >
              <el-button class="tap" @click="taking = undefined">Cancel</el-button>
            </div>
            <p v-for="t in trouble" :key="t" class="problem" role="alert">{{ t }}</p>
          </form>
        </div>
      </li>
    </ul>
    <details v-if="holding.length > 0">
      <summary>{{ holds }}</summary>
      <dl>
        <template v-for="g in holding" :key="g.key">
          <dt>{{ worded(g.name) }}</dt>
          <dd><SayParts :parts="g.says" /></dd>
        </template>
      </dl>
    </details>
  </section>
</template>

<style scoped>
.gates {
  margin: var(--s3) 0;
}
ul {
  list-style: none;
  margin: var(--s1) 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 20px minmax(0, 1fr);
  gap: var(--s2);
  padding: var(--s2) 0;
  border-bottom: var(--stroke) solid var(--line);
}
.says p {
  margin: 0;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s2);
  margin-top: var(--s1);
}
.acts :deep(.el-button) {
  margin: 0;
}
.take {
  display: grid;
  gap: var(--s1);
  margin-top: var(--s2);
}
details summary {
  cursor: pointer;
  min-height: 32px;
  font-weight: 600;
}
dl {
  display: grid;
  grid-template-columns: minmax(7rem, 12rem) minmax(0, 1fr);
  gap: var(--s1) var(--s3);
  margin: var(--s1) 0;
  font-size: var(--t-s);
}
dt {
  color: var(--ink-2);
}
dd {
  margin: 0;
}
</style>
