<script setup lang="ts">
/** Can this zone be coated? Substrate, inspection, tests; one verdict, every reason, and the preparation. */
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import {
  FAMILIES,
  FAMILY_KEYS,
  SUBSTRATES,
  SUBSTRATE_KEYS,
  type FamilyKey,
  type SubstrateKey,
} from '@lentum/core/family';
import type { Verdict } from '@lentum/core/words';
import { buildUpOfZone } from '@lentum/core/buildup';
import type { FallsReport } from '@lentum/core/falls';
import { groundTerms } from '@lentum/core/gates';
import { practiceOf } from '@lentum/core/practice';
import {
  familiesFor,
  familiesVerdicts,
  FIXED_ITEMS,
  inspectionFor,
  readiness,
  readinessVerdict,
  type Reason,
} from '@lentum/core/readiness';
import { sentence } from '@lentum/core/problems';
import { testsOf } from '@lentum/core/record';
import { COLOURS, type Colour, type Survey, type Zone } from '@lentum/core/survey';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import FigureText from '../shared/FigureText.vue';
import MeasureInput from '../shared/MeasureInput.vue';
import PickList from '../shared/PickList.vue';
import { useUnits } from '../shared/units.ts';
import VerdictLine from '../shared/VerdictLine.vue';
import TextInput from '../shared/TextInput.vue';
import InspectionList from './InspectionList.vue';
import LoadsPanel from './LoadsPanel.vue';
import TestTable from './TestTable.vue';
import { mayEnterSome } from '../app/session.ts';
import HeldFields from '../shared/HeldFields.vue';
import { useHeld } from '../shared/heldpage.ts';

const held = useHeld();

const MoistureMap = defineAsyncComponent(() => import('./MoistureMap.vue'));

const props = defineProps<{
  falls: FallsReport | undefined;
  school: Survey['primerSchool'];
  buildUpFamily: FamilyKey | undefined;
}>();
const zone = defineModel<Zone>({ required: true });
const emit = defineEmits<{ school: [school: Survey['primerSchool']] }>();
const job = useJob();
const { unit } = useUnits();

const substrates = SUBSTRATE_KEYS.map((value) => ({ value, label: SUBSTRATES[value].name }));
const families = FAMILY_KEYS.map((value) => ({ value, label: FAMILIES[value].name }));
const substrate = computed(() => (zone.value.substrate ? SUBSTRATES[zone.value.substrate.kind] : undefined));
/** A chosen build-up decides; before there is one, the family that is thought of. */
const family = computed(() => props.buildUpFamily ?? zone.value.family);
const items = computed(() =>
  substrate.value
    ? inspectionFor(substrate.value, family.value && FAMILIES[family.value], zone.value.use)
    : [],
);
/** What could hurt somebody comes first, by itself; open while anything of it is not known or not safe. */
const dangers = computed(() => items.value.filter((i) => FIXED_ITEMS.has(i.key)));
const looked = computed(() => items.value.filter((i) => !FIXED_ITEMS.has(i.key)));
const unsafe = computed(
  () =>
    dangers.value.filter((d) => zone.value.findings.find((f) => f.item === d.key)?.answer !== d.good).length,
);
/** They stay open while somebody answers them: the last answer takes nothing away. */
const areAsked = ref(false);
watch(
  () => [zone.value.id, unsafe.value > 0] as const,
  ([id, open], before) => {
    if (open || before?.[0] !== id) areAsked.value = open;
  },
  { immediate: true },
);

const input = computed(() => ({
  // Tests are those of the record: nobody changes them here.
  zone: { ...zone.value, tests: testsOf(job.book, zone.value.id) },
  falls: props.falls,
  school: props.school,
  nowMs: job.nowMs,
  practice: practiceOf(job.jobRules.practice),
}));
/** The limits of the layer that goes on the ground first, where the zone's build-up is chosen. */
const terms = computed(() => {
  const buildUp = buildUpOfZone(job.documents.buildUps.content, zone.value.id);
  return buildUp && buildUp.family === family.value ? groundTerms(buildUp) : {};
});
const judged = computed(() =>
  family.value ? readiness({ ...input.value, ...terms.value, family: family.value }) : undefined,
);
const verdict = computed(() =>
  judged.value?.ok && family.value ? readinessVerdict(judged.value.value, family.value) : undefined,
);
const others = computed(() => (zone.value.substrate ? familiesVerdicts(familiesFor(input.value)) : []));

const OUTCOMES = { refused: 'stop', hold: 'hold', steps: 'steps', fine: 'done', note: 'done' } as const;
const asVerdict = (r: Reason): Verdict => ({
  outcome: OUTCOMES[r.weight],
  subject: r.subject,
  says: r.says,
  ...(r.change.length > 0 ? { quiet: r.change } : {}),
});
const against = computed(() =>
  judged.value?.ok
    ? judged.value.value.reasons.filter((r) => r.weight !== 'fine' && r.weight !== 'note')
    : [],
);
const inFavour = computed(() =>
  judged.value?.ok
    ? judged.value.value.reasons.filter((r) => r.weight === 'fine' || r.weight === 'note')
    : [],
);

const change = (part: Partial<Zone>): void => {
  zone.value = { ...zone.value, ...part };
};
function setSubstrate(kind: string): void {
  change({ substrate: { ...zone.value.substrate, kind: kind as SubstrateKey } });
}
function setLaidOn(day: string): void {
  if (!zone.value.substrate) return;
  const { laidOn: _old, ...rest } = zone.value.substrate;
  change({ substrate: /^\d{4}-\d{2}-\d{2}$/.test(day) ? { ...rest, laidOn: day } : rest });
}
/** How warm it gets goes by these. */
const USUAL = 'usual';
const COLOURED = [USUAL, ...COLOURS].map((value) => ({
  value,
  label: value === USUAL ? 'usual for its kind' : value,
}));
const SUNLIT = [
  { value: '1', label: 'all: in the open' },
  { value: '0.6', label: 'shaded part of the day' },
  { value: '0.25', label: 'little: in shade' },
];
function setColour(colour: string): void {
  if (!zone.value.substrate) return;
  const { colour: _old, ...rest } = zone.value.substrate;
  change({ substrate: colour === USUAL ? rest : { ...rest, colour: colour as Colour } });
}
function setSun(share: string): void {
  if (!zone.value.substrate) return;
  const { sunShare: _old, ...rest } = zone.value.substrate;
  change({ substrate: share === '1' ? rest : { ...rest, sunShare: Number(share) } });
}
/** Only a structural engineer says what the deck carries. */
function setLoad(part: { kgPerM2?: number | undefined; says?: string }): void {
  const { deckLoad, ...rest } = zone.value;
  const { kgPerM2, says } = { kgPerM2: undefined, says: '', ...deckLoad, ...part };
  zone.value = kgPerM2 === undefined ? rest : { ...rest, deckLoad: { kgPerM2, says } };
}
</script>

<template>
  <div class="head"><h2>Can it be coated?</h2></div>
  <VerdictLine v-if="verdict" :verdict="verdict" class="headline" />
  <p v-else-if="!zone.substrate" class="quiet">
    Say what there is to coat, then look and test: the answer follows.
  </p>
  <p v-else-if="!family" class="quiet">Choose a build-up in stage 2, or a family to look at.</p>
  <p v-for="(p, i) in judged && !judged.ok ? judged.problems : []" :key="i" class="quiet">
    {{ worded(sentence(p)) }}
  </p>

  <div class="choices">
    <label
      >substrate
      <PickList
        label="Substrate"
        filterable
        :options="substrates"
        :model-value="zone.substrate?.kind ?? ''"
        @update:model-value="setSubstrate"
    /></label>
    <label v-if="zone.substrate"
      >{{ worded('its colour') }}
      <PickList
        label="Colour of the surface"
        :options="COLOURED"
        :model-value="zone.substrate.colour ?? USUAL"
        @update:model-value="setColour" /></label
    ><label v-if="zone.substrate"
      >sun that reaches it
      <PickList
        label="Sun that reaches it"
        :options="SUNLIT"
        :model-value="String(zone.substrate.sunShare ?? 1)"
        @update:model-value="setSun"
    /></label>
    <label v-if="buildUpFamily === undefined"
      >family that may be laid
      <PickList
        label="Family that may be laid"
        filterable
        :options="families"
        :model-value="zone.family ?? ''"
        @update:model-value="(v) => change({ family: v as FamilyKey })"
    /></label>
    <p v-else class="quiet">Family of its build-up: {{ worded(FAMILIES[buildUpFamily].name) }}</p>
    <label v-if="zone.substrate?.kind === 'concrete-new' || zone.substrate?.kind === 'screed'" for="laid-on"
      >laid on
      <input
        id="laid-on"
        type="date"
        class="plain"
        :disabled="held"
        :value="zone.substrate.laidOn ?? ''"
        @change="(e) => setLaidOn((e.target as HTMLInputElement).value)"
    /></label>
    <label
      >the deck may still carry<template v-if="unit('load')">, {{ unit('load') }}</template>
      <MeasureInput
        optional
        hide-unit
        quantity="load"
        label="What the deck may still carry"
        :above="0"
        :max="5000"
        :model-value="zone.deckLoad?.kgPerM2"
        @update:model-value="(v) => setLoad({ kgPerM2: v })"
    /></label>
    <label v-if="zone.deckLoad"
      >as the structural engineer says
      <TextInput
        :model-value="zone.deckLoad.says"
        label="Who says what the deck may carry, and when"
        @update:model-value="(says) => setLoad({ says })"
    /></label>
    <label
      >primer, the job’s school
      <PickList
        label="Primer, the job’s school"
        :options="[
          { value: 'test may spare', label: 'adhesion test may spare it' },
          { value: 'always', label: 'always primed' },
        ]"
        :model-value="school"
        @update:model-value="(v) => emit('school', v as Survey['primerSchool'])"
    /></label>
  </div>

  <details v-if="dangers.length > 0" :open="areAsked" class="dangers">
    <summary>
      Before anybody works on it:
      {{
        unsafe === 0 ? `all ${dangers.length} asked and safe` : `${unsafe} of ${dangers.length} to be settled`
      }}
    </summary>
    <InspectionList
      :items="dangers"
      :model-value="zone.findings"
      @update:model-value="(findings) => change({ findings })"
    />
  </details>

  <template v-if="judged?.ok">
    <VerdictLine v-for="(r, i) in against" :key="i" :verdict="asVerdict(r)" />
    <VerdictLine
      :verdict="{
        outcome: judged.value.primer.answer === 'stop' ? 'stop' : 'done',
        subject: `Primer ${judged.value.primer.answer === 'stop' ? 'question does not arise' : judged.value.primer.answer}:`,
        says: judged.value.primer.says,
      }"
    />
    <details v-if="inFavour.length > 0">
      <summary>{{ inFavour.length === 1 ? '1 check' : `${inFavour.length} checks` }} passed</summary>
      <VerdictLine v-for="(r, i) in inFavour" :key="i" :verdict="asVerdict(r)" />
    </details>
    <template v-if="judged.value.steps.length > 0">
      <div class="head prep">
        <h2>Preparation, in working order</h2>
        <span class="quiet">{{ judged.value.steps.length }} steps</span>
      </div>
      <table class="dense">
        <tbody>
          <tr v-for="(s, i) in judged.value.steps" :key="i">
            <th scope="row">{{ i + 1 }}</th>
            <td>
              {{ worded(s.what) }}
              <p class="quiet">{{ worded(s.how) }}</p>
            </td>
            <td class="num"><FigureText v-if="s.quantity" :figure="s.quantity" /></td>
          </tr>
        </tbody>
      </table>
    </template>
  </template>

  <template v-if="looked.length > 0">
    <div class="head prep">
      <h2>Inspection sheet</h2>
      <span class="quiet">{{ worded(substrate?.name ?? '') }}</span>
    </div>
    <InspectionList
      :items="looked"
      :model-value="zone.findings"
      @update:model-value="(findings) => change({ findings })"
    />
  </template>

  <HeldFields :held="!mayEnterSome('test', job.id)"><TestTable :zone="zone" /></HeldFields>
  <MoistureMap :zone="zone" />
  <LoadsPanel :zone="zone" :falls="falls" />

  <template v-if="others.length > 0">
    <div class="head prep">
      <h2>{{ worded('What each family says to this zone') }}</h2>
    </div>
    <VerdictLine v-for="(v, i) in others" :key="i" :verdict="v" />
  </template>

  <p class="quiet caution">
    Limits are common practice; the product’s data sheet, local rules and licensed people go before them.
    Structure, loads, gas and electrics: qualified people. Washes with chlorine are never mixed with acids.
  </p>
</template>

<style scoped>
.headline {
  font-size: var(--t-l);
}
.choices {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: var(--s2) var(--s3);
  padding: var(--s2) 0 var(--s3);
}
.choices label {
  font-size: var(--t-s);
  color: var(--ink-2);
}
.prep {
  margin-top: var(--s6);
}
.dangers {
  border-left: 4px solid var(--amber);
  padding-left: var(--s3);
}
summary {
  cursor: pointer;
  font-weight: 600;
  padding: var(--s2) 0;
}
th[scope='row'] {
  font-weight: 400;
  width: 2rem;
}
.caution {
  margin-top: var(--s6);
}
@media (max-width: 480px) {
  .choices {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
