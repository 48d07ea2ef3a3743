<script setup lang="ts">
/** What went wrong, in three taps; then its causes by this record, the look that would tell most, and who else is at risk. */
import { computed, ref } from 'vue';
import { isCoat, laidRate } from '@lentum/core/buildup';
import {
  atRisk,
  diagnose,
  factName,
  factsOf,
  isLook,
  isOfNeighbours,
  neighbourFacts,
  LOOK_FACTS,
  shareFigure,
  SYMPTOMS,
  type Fact,
  type FactKey,
  type LookFact,
  type Symptom,
} from '@lentum/core/diagnosis';
import { floodedArea, floodOver, floodTests, floodVerdict } from '@lentum/core/proving';
import { bayRunsInOrder } from '@lentum/core/words';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import FigureText from '../shared/FigureText.vue';
import LeakBelow from './LeakBelow.vue';
import SayParts from '../shared/SayParts.vue';
import { useUnits } from '../shared/units.ts';

const props = defineProps<{ zoneId: string }>();
const emit = defineEmits<{ snag: [bayId: string, what: string] }>();
const open = defineModel<boolean>({ required: true });
const job = useJob();
const { say } = useUnits();
const symptom = ref<Symptom>();
const bayId = ref<string>();
const looks = ref<Partial<Record<LookFact, boolean>>>({});

const bays = computed(() =>
  job.statuses.filter((s) => s.bay.zoneId === props.zoneId && s.laid.length + s.others.length > 0),
);
const status = computed(() => bays.value.find((s) => s.bay.id === bayId.value));
function choose(id: string): void {
  bayId.value = id;
  looks.value = {};
  also.value = [];
  others.value = false;
}
/** Whether the newest flood over the bay held; undefined: none tells. */
const floodTight = computed(() => {
  const { state } = job;
  const bay = status.value?.bay;
  if (!state || !bay) return undefined;
  const { book, series, site } = state.kept.inputs;
  const test = floodOver(bay, floodTests(book, series, state.atMs));
  if (!test) return undefined;
  const { answer } = floodVerdict(test, floodedArea(test, site.bays), state.practice, state.atMs);
  return answer === 'tight' ? true : answer === 'loses' ? false : undefined;
});
/** Bays that show the same; and whether the rest was looked at. */
const also = ref<string[]>([]);
const others = ref(false);
function turn(id: string): void {
  also.value = also.value.includes(id) ? also.value.filter((x) => x !== id) : [...also.value, id];
}
const recorded = computed(() =>
  job.state && status.value
    ? [
        ...factsOf(job.state, status.value, floodTight.value),
        ...neighbourFacts(
          status.value,
          { also: new Set(also.value), others: others.value },
          bays.value,
          job.state.kept.inputs.book,
        ),
      ]
    : [],
);
const looked = computed(() =>
  Object.entries(looks.value).map(([key, is]): Fact => ({
    key: key as LookFact,
    is,
    says: [is ? 'yes, by looking.' : 'no, by looking.'],
  })),
);
/** Where the others were looked at and still nothing follows from them, they are too few. */
const triedInVain = (key: FactKey): boolean => others.value && isOfNeighbours(key);
const answer = computed(() =>
  symptom.value && status.value
    ? diagnose(symptom.value, [...recorded.value, ...looked.value], triedInVain)
    : undefined,
);
const shown = computed(() => (answer.value?.ranked ?? []).filter((r, i) => i < 3 || r.likelihood > 0.1));
const first = computed(() => answer.value?.ranked[0]);
const next = computed(() => answer.value?.next);
const risk = computed(() =>
  status.value && job.state ? atRisk(status.value, job.statuses, job.state.kept.inputs.book) : [],
);
/** What an area of it takes again, coat by coat. */
const again = computed(() =>
  (status.value?.buildUp?.layers ?? [])
    .filter(isCoat)
    .filter((c) => status.value?.laid.some((l) => l.coat.id === c.id))
    .map((c) => ({ name: c.product ? `${c.name}, ${c.product.name}` : c.name, figure: laidRate(c).rate })),
);
const look = (key: LookFact, is: boolean): void => void (looks.value = { ...looks.value, [key]: is });
</script>

<template>
  <el-drawer v-model="open" title="What went wrong" size="min(680px, 100vw)">
    <section aria-label="What is seen">
      <h3 class="minor">What is seen</h3>
      <div class="tiles">
        <button
          v-for="s in SYMPTOMS"
          :key="s"
          type="button"
          class="tile"
          :aria-pressed="s === symptom"
          @click="symptom = s"
        >
          {{ worded(s) }}
        </button>
      </div>
    </section>
    <section v-if="symptom" aria-label="Where">
      <h3 class="minor">Where</h3>
      <p v-if="bays.length === 0" class="quiet">Nothing is laid on this roof.</p>
      <div class="tiles">
        <button
          v-for="s in bays"
          :key="s.bay.id"
          type="button"
          class="tile"
          :aria-pressed="s.bay.id === bayId"
          @click="choose(s.bay.id)"
        >
          {{ s.bay.label }}
        </button>
      </div>
    </section>
    <section v-if="symptom && status && bays.length > 1" aria-label="Seen also on">
      <h3 class="minor">Seen also on</h3>
      <div class="tiles">
        <button
          v-for="b in bays.filter((x) => x !== status)"
          :key="b.bay.id"
          type="button"
          class="tile"
          :aria-pressed="also.includes(b.bay.id)"
          @click="turn(b.bay.id)"
        >
          {{ b.bay.label }}
        </button>
      </div>
      <el-checkbox v-model="others" size="large">The others were looked at, and do not show it</el-checkbox>
    </section>
    <template v-if="answer && status && first">
      <section aria-label="Causes" aria-live="polite">
        <p class="verdict">
          <template v-if="answer.canTell"
            ><strong>{{ worded(first.cause.name) }}</strong
            >, by what is on record.</template
          >
          <template v-else
            ><strong>Cannot tell yet.</strong> No cause is likelier than all others together with something on
            record that speaks for it.</template
          >
        </p>
        <div v-if="next" class="next">
          <template v-if="isLook(next.fact)">
            <p><strong>One look that tells most:</strong> {{ worded(LOOK_FACTS[next.fact]) }}</p>
            <el-button class="tap" @click="look(next.fact as LookFact, true)">Yes</el-button>
            <el-button class="tap" @click="look(next.fact as LookFact, false)">No</el-button>
          </template>
          <p v-else-if="isOfNeighbours(next.fact)">
            <strong>What would tell most:</strong> look at the other bays, and mark above which show the same.
          </p>
          <p v-else>
            <strong>What would tell most is not on record:</strong> whether it was
            {{ worded(factName(next.fact)) }}.
          </p>
        </div>
        <ol class="causes">
          <li v-for="r in shown" :key="r.cause.id">
            <details :open="r === first">
              <summary>
                <span>{{ worded(r.cause.name) }}</span><span class="end share">{{
                  say(r.likelihood, 'share')
                }}</span>
              </summary>
              <p class="quiet share-of">
                How its share comes about: <FigureText :figure="shareFigure(answer, r)" />
              </p>
              <ul>
                <li v-for="f in r.speaksFor" :key="f.key" class="for">
                  Speaks for it: {{ worded(factName(f.key)) }}.
                  <span class="quiet"><SayParts :parts="f.says" /></span>
                </li>
                <li v-for="f in r.speaksAgainst" :key="f.key">
                  Speaks against it: {{ f.is ? '' : 'not ' }}{{ worded(factName(f.key)) }}.
                  <span class="quiet"><SayParts :parts="f.says" /></span>
                </li>
                <li v-for="m in r.missing" :key="m" class="quiet">Not known: {{ worded(factName(m)) }}</li>
              </ul>
              <h4>Repair</h4>
              <ol class="steps">
                <li v-for="s in r.cause.repair" :key="s">{{ worded(s) }}</li>
              </ol>
            </details>
          </li>
          <li class="else">
            <span>Something else</span
            ><FigureText class="end share" :figure="shareFigure(answer, undefined)" />
          </li>
        </ol>
        <p class="quiet">
          Shares rank the causes by our own estimates of how often each sign comes with each cause; they are
          no measurement. The data sheet and its maker go before them.
        </p>
      </section>
      <LeakBelow v-if="symptom === 'leak below'" :zone-id="zoneId" :bay-id="status.bay.id" />
      <section v-if="again.length > 0" aria-label="Amounts">
        <h3 class="minor">Laid again, it takes</h3>
        <ul>
          <li v-for="a in again" :key="a.name">{{ a.name }}: <FigureText :figure="a.figure" fine /></li>
        </ul>
      </section>
      <section v-if="risk.length > 0" aria-label="Also at risk">
        <h3 class="minor">Also at risk</h3>
        <ul>
          <li v-for="r in risk" :key="r.why + r.what">
            {{ worded(r.why) }} ({{ r.what }}): {{ bayRunsInOrder(r.bays) }}
          </li>
        </ul>
      </section>
    </template>
    <template v-if="answer && status && symptom" #footer>
      <el-button
        class="tap wide"
        type="primary"
        @click="
          emit(
            'snag',
            status.bay.id,
            answer.canTell && first ? `${symptom}: ${first.cause.name.toLowerCase()}` : symptom,
          )
        "
        >Keep it as a snag on {{ status.bay.label }}</el-button
      >
    </template>
  </el-drawer>
</template>

<style scoped>
section {
  margin-bottom: var(--s4);
}
.tiles {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s2);
  margin-top: var(--s1);
}
.tile {
  min-height: var(--tap);
  padding: 0 var(--s3);
  border: max(1px, var(--stroke)) solid var(--line-2);
  border-radius: var(--r);
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}
.tile[aria-pressed='true'] {
  background: var(--sea-soft);
  border-color: var(--sea);
  font-weight: 700;
}
.verdict {
  font-size: var(--t-l);
  margin-bottom: var(--s3);
}
.next {
  background: var(--well);
  padding: var(--s3);
  margin-bottom: var(--s3);
}
.causes {
  list-style: none;
  margin: 0 0 var(--s3);
  padding: 0;
}
.causes > li {
  border-bottom: var(--stroke) solid var(--line);
}
summary,
.else {
  display: flex;
  gap: var(--s2);
  min-height: 40px;
  align-items: center;
  cursor: pointer;
}
.else {
  cursor: default;
}
.share-of {
  margin-bottom: var(--s2);
}
.share {
  font-weight: 700;
}
.for {
  font-weight: 600;
}
.for .quiet {
  font-weight: 400;
}
h4 {
  margin: var(--s2) 0 0;
}
.steps {
  margin: 0 0 var(--s3);
  padding-left: var(--s4);
}
.wide {
  width: 100%;
}
</style>
