<script setup lang="ts">
/** What the hands do next on a bay: one large figure, then how and when. */
import { computed, ref } from 'vue';
import { amountFor, isCoat, laidRate, wetFilm } from '@lentum/core/buildup';
import type { Call } from '@lentum/core/call';
import { knownSlopeOf } from '@lentum/core/choosing';
import type { BayStatus } from '@lentum/core/record';
import { isFreshForMix } from '@lentum/core/gates';
import { bayLines, potLifeMinutes, widestCrackMm, workArea } from '@lentum/core/site';
import { coatVerdict, stateWords, type Verdict } from '@lentum/core/words';
import { useJob } from '../app/job.ts';
import { may, mayEnterSome } from '../app/session.ts';
import { worded } from '../app/wording.ts';
import FigureText from '../shared/FigureText.vue';
import { provideOneStop } from '../shared/onestop.ts';
import VerdictLine from '../shared/VerdictLine.vue';
import GatesPanel from './GatesPanel.vue';
import type { Values } from './log/fields.ts';
import type { LoggedKind } from './log/form.ts';
import RemedyPanel from './RemedyPanel.vue';
import { tapStep, type TappedStep } from './steps.ts';
import { useSending, useTapping } from './sending.ts';

provideOneStop();
const props = defineProps<{ status: BayStatus; verdict: Verdict; call?: Call | undefined }>();
const emit = defineEmits<{
  coat: [];
  ply: [];
  add: [];
  mix: [];
  log: [kind?: LoggedKind, known?: Values];
  fix: [];
  reading: [];
}>();
const job = useJob();
/** What whoever is signed in may enter here: the work, a judgement, a hold. */
const mayLay = computed(() => mayEnterSome('coat', job.id));
const mayJudge = computed(() => mayEnterSome('decision', job.id));
const mayHold = computed(() => mayEnterSome('opening', job.id));
const note = ref('');
const holding = ref(false);

/** Entries of this bay that wait on this device. */
const keptHere = computed(
  () => (job.book.bays.get(props.status.bay.id)?.entries ?? []).filter((e) => job.keptHere.has(e.id)).length,
);
const zone = computed(() => job.documents.survey.content.zones.find((z) => z.id === props.status.bay.zoneId));
const next = computed(() => props.status.next);
const area = computed(() =>
  workArea(props.status.bay, next.value, { zone: zone.value, buildUp: props.status.buildUp }),
);
/** The next layer where it is a coat: mixed, measured and gauged. */
const coat = computed(() => (next.value && isCoat(next.value) ? next.value : undefined));
const amount = computed(() => coat.value && amountFor(coat.value, area.value));
const potLife = computed(() => {
  const surface = props.status.conditions?.surfaceC;
  const minutes = coat.value && surface !== undefined ? potLifeMinutes(coat.value, surface) : undefined;
  return minutes === undefined ? undefined : Math.round(minutes);
});
/** What goes with it on this bay; a catalyst is dosed by a reading that is fresh enough for a mix. */
const lines = computed(() => {
  const { buildUp, conditions } = props.status;
  if (!coat.value || !buildUp) return [];
  const practice = job.state?.practice;
  const fresh = practice && conditions && isFreshForMix(conditions, job.nowMs, practice);
  return bayLines(coat.value, buildUp, area.value, {
    slopePct: (zone.value && knownSlopeOf(zone.value)) ?? 0,
    surfaceC: fresh ? conditions.surfaceC : undefined,
    crackMm: zone.value && widestCrackMm(zone.value),
    practice,
  });
});
/** The card that says how the next layer is put down. */
const card = computed(() => {
  if (coat.value) return coat.value.kettle ? 'Kettle card' : 'Mix card';
  return next.value?.kind === 'sheet' ? 'Course card' : undefined;
});
const last = computed(() => props.status.laid.at(-1));
const film = computed(
  () =>
    last.value &&
    coatVerdict(`${last.value.coat.name}.`, last.value, props.status.workableUntilMs, job.nowMs),
);
const canAccept = computed(() => !next.value && props.status.state === 'ready' && !props.status.doubt);

/** What is to be minded before the next layer: the product's own first, then those of the build-up. */
const cautions = computed(() => {
  const product = next.value?.product;
  const hazards =
    product && product.hazards.length > 0 ? [worded(`Hazards: ${product.hazards.join(', ')}.`)] : [];
  return next.value
    ? [...hazards, ...(product?.cautions ?? []), ...(props.status.buildUp?.cautions ?? [])]
    : [];
});
const before = computed(() =>
  coat.value?.kettle
    ? 'Before lighting the kettle'
    : next.value?.kind === 'sheet' && next.value.bonding === 'torched'
      ? 'Before lighting a flame'
      : coat.value
        ? 'Before mixing'
        : 'Before it is laid',
);
/** Details come before the first membrane coat, or after the layer that the build-up names. */
const detailsNext = computed(() => {
  const after = props.status.buildUp?.detailsAfter;
  return after === undefined
    ? coat.value?.role === 'membrane' || next.value?.kind === 'sheet'
    : props.status.laid.some((l) => l.coat.id === after);
});
/** A coat is what comes next only under a go; what was laid all the same can still be logged. */
const mayBegin = computed(() => props.verdict.outcome === 'go' || props.status.state === 'wet');
/** While the film is wet, more of it belongs to the same coat: the entry is corrected. */
const canAdd = computed(
  () => props.status.state === 'wet' && props.status.doubt && last.value?.entry.finishedAt !== undefined,
);

const tapping = useTapping();
const step = (kind: TappedStep): Promise<void> => tapping(() => tapStep(job, [props.status.bay], kind));
const { saving, trouble, send } = useSending(
  () => note.value,
  () => {
    holding.value = false;
    note.value = '';
  },
);
const hold = (): Promise<void> => send(() => tapStep(job, [props.status.bay], 'held', note.value));
const has = (kind: string): boolean =>
  [
    ...(job.book.bays.get(props.status.bay.id)?.steps ?? []),
    ...(job.book.zones.get(props.status.bay.zoneId)?.steps ?? []),
  ].some((s) => s.step === kind);
</script>

<template>
  <h2 class="title">Bay {{ status.bay.label }}</h2>
  <p class="quiet">
    {{ next ? next.name : 'all layers laid' }} · <FigureText :figure="area" /> · {{ stateWords(status) }}
  </p>
  <p v-if="keptHere > 0" class="here" role="status">
    {{ keptHere === 1 ? '1 entry of it is' : `${keptHere} entries of it are` }} kept here and not yet sent.
  </p>
  <p v-if="next && !coat" class="quiet">{{ next.note }}</p>
  <template v-if="amount && coat">
    <p class="large"><FigureText :figure="amount" /></p>
    <dl>
      <dt>Rate</dt>
      <dd><FigureText :figure="laidRate(coat).rate" /></dd>
      <dt>Wet film</dt>
      <dd><FigureText :figure="wetFilm(coat)" /></dd>
      <template v-for="l in lines" :key="l.name">
        <dt>{{ worded(l.name) }}</dt>
        <dd>
          <FigureText fine :figure="l.figure" />
          <div v-if="l.note" class="quiet">{{ worded(l.note) }}</div>
        </dd>
      </template>
      <dt>How</dt>
      <dd class="words">{{ coat.note }}</dd>
      <template v-if="potLife !== undefined">
        <dt>Pot life</dt>
        <dd>{{ potLife }} min at {{ job.say(status.conditions!.surfaceC, 'temperature') }}</dd>
      </template>
    </dl>
  </template>
  <details v-if="cautions.length > 0" class="cautions">
    <summary>{{ before }}: {{ cautions.length }} cautions</summary>
    <ul>
      <li v-for="c in cautions" :key="c">{{ c }}</li>
    </ul>
  </details>
  <VerdictLine :verdict="verdict" />
  <VerdictLine v-if="film && status.state !== 'wet' && (next || !status.doubt)" :verdict="film" />
  <GatesPanel
    v-if="call"
    :call="call"
    @log="(kind, known) => emit('log', kind, known)"
    @coat="emit('fix')"
    @reading="emit('reading')"
  />
  <RemedyPanel
    v-for="m in status.misses"
    :key="`${m.entryId}${m.limit}${m.atMs}`"
    :status="status"
    :miss="m"
  />
  <div class="acts">
    <el-button
      v-if="mayLay && next && !coat && !status.hold"
      :type="mayBegin ? 'primary' : 'default'"
      class="tap"
      @click="emit('ply')"
      >Log the {{ next.name.toLowerCase() }}</el-button
    >
    <el-button
      v-else-if="mayLay && next && !status.hold"
      :type="mayBegin ? 'primary' : 'default'"
      class="tap"
      @click="emit('coat')"
      >{{
        status.state === 'wet' && last?.entry.finishedAt === undefined ? 'Go on with the coat' : 'Log a coat'
      }}</el-button
    >
    <el-button v-if="mayLay && canAdd" type="primary" class="tap" @click="emit('add')"
      >Rolled more: add to the coat</el-button
    >
    <el-button
      v-else-if="mayLay && !next && status.doubt && !status.hold"
      type="primary"
      class="tap"
      @click="emit('coat')"
      >Log a further coat</el-button
    >
    <el-button v-if="mayJudge && canAccept" type="primary" class="tap" @click="step('accepted')"
      >Accept the bay</el-button
    >
    <el-button v-if="card && !status.hold" class="tap" @click="emit('mix')">{{ card }}</el-button>
    <el-button v-if="mayLay && !has('prepared')" class="tap" @click="step('prepared')">Prepared</el-button>
    <el-button
      v-else-if="mayLay && status.laid.length > 0 && detailsNext && !has('detailed')"
      class="tap"
      @click="step('detailed')"
      >Details done</el-button
    >
    <el-button v-if="mayHold && status.hold" class="tap" @click="step('released')"
      >Release the hold</el-button
    >
    <el-button v-else-if="mayHold && !holding" class="tap" @click="holding = true">Hold</el-button>
    <el-button v-if="may('enter', job.id)" class="tap" @click="emit('log')">Log something else</el-button>
  </div>
  <form v-if="holding" class="hold" @submit.prevent="hold">
    <label for="hold-note">Why is it held?</label>
    <el-input id="hold-note" v-model="note" size="large" maxlength="400" />
    <div class="acts">
      <el-button
        class="tap"
        type="primary"
        native-type="submit"
        :loading="saving"
        :disabled="note.trim() === ''"
        >Hold bay {{ status.bay.label }}</el-button
      >
      <el-button class="tap" @click="holding = false">Cancel</el-button>
    </div>
    <p v-for="t in trouble" :key="t" class="problem" role="alert">{{ t }}</p>
  </form>
</template>

<style scoped>
.here {
  color: var(--amber);
}
.title {
  font-size: var(--t-l);
}
.large {
  font-size: var(--t-xxl);
  font-weight: 700;
  line-height: 1.25;
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: var(--s1) var(--s4);
  margin: var(--s2) 0;
}
dt {
  color: var(--ink-2);
}
dd {
  margin: 0;
  text-align: right;
}
dd.words {
  text-align: left;
}
.cautions {
  margin: var(--s2) 0;
}
.cautions summary {
  cursor: pointer;
  min-height: 32px;
  font-weight: 600;
}
.cautions ul {
  margin: var(--s1) 0;
  padding-left: 1.2rem;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: var(--s2);
  margin-top: var(--s3);
}
.hold {
  margin-top: var(--s3);
}
</style>
