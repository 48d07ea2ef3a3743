<script setup lang="ts">
import { computed, nextTick, onMounted, ref } from 'vue';
import {
  termsOfZone,
  totals,
  weightOn,
  type BuildUp,
  type Terms,
  type ZoneCondition,
} from '@lentum/core/buildup';
import { conditionsOf, pondsOn } from '@lentum/core/choosing';
import { given } from '@lentum/core/figures';
import { achievedFilms } from '@lentum/core/record';
import { acceptanceRuleWords, type Verdict } from '@lentum/core/words';
import { useChosenZone } from '../app/chosenzone.ts';
import { keepOddTexts } from '../shared/oddtext.ts';
import { useJob } from '../app/job.ts';
import { useLibrary } from '../library/library.ts';
import VerdictLine from '../shared/VerdictLine.vue';
import { useFalls } from '../survey/falls.ts';
import BinderPanel from './BinderPanel.vue';
import BuildUpEditor from './BuildUpEditor.vue';
import CautionCard from './CautionCard.vue';
import ChoosePanel from './ChoosePanel.vue';
import PrimerSpared from './PrimerSpared.vue';
import RevisionNotice from './RevisionNotice.vue';
import { choose as chooseBuildUp, revise } from './revise.ts';
import { askedOf } from './situation.ts';
import SourceBar from './SourceBar.vue';
import ZoneRates from './ZoneRates.vue';
import HeldFields from '../shared/HeldFields.vue';
import { useHeld } from '../shared/heldpage.ts';

const readOnly = useHeld();

const job = useJob();
const library = useLibrary();
onMounted(library.load);
const { chosenId, chosen } = useChosenZone();
keepOddTexts(() => chosenId.value);
const doc = computed(() => job.documents.buildUps.draft);
const zones = computed(() => (chosen.value ? [chosen.value.zone] : []));
/** The zone with the tests that the record has of it. */
const tested = computed(() => job.tested.zones.find((z) => z.id === chosenId.value));
const { byZone } = useFalls(
  () => zones.value,
  () => chosenId.value,
);
const falls = computed(() => byZone.value.get(chosenId.value ?? '')?.report);

const terms = computed(() => termsOfZone(doc.value, chosenId.value ?? ''));
/** As the job holds it, with all its options; `chosen.buildUp` is as it stands on the zone. */
const held = computed(() =>
  doc.value.buildUps.find((b) => b.id === terms.value?.buildUpId && b.revision === terms.value?.revision),
);
const frozen = computed(
  () => held.value !== undefined && job.usedRevisions.has(`${held.value.id}/${held.value.revision}`),
);
const area = computed(() => (chosen.value?.quantities.ok ? chosen.value.quantities.value.area : undefined));
const asked = computed(
  () => chosen.value && askedOf(chosen.value.zone, area.value?.value ?? 100, falls.value, held.value),
);
const ground = computed(() => ({
  substrate: chosen.value?.zone.substrate?.kind,
  ponds: pondsOn(falls.value) ?? false,
}));
const found = computed(() =>
  tested.value ? conditionsOf(tested.value, falls.value, held.value?.traffic === 'wheels') : [],
);
const achieved = computed(() =>
  achievedFilms(
    job.statuses
      .filter((s) => s.bay.zoneId === chosenId.value)
      .map((s) => ({ ...s, laid: s.laid.filter((l) => l.buildUp.id === held.value?.id) })),
  ),
);
const tag = computed(() => {
  if (!held.value) return '';
  const { taken, revision } = held.value;
  const own = revision > 1 || !taken ? `the job’s revision ${revision}` : '';
  const from = taken ? `library revision ${taken.revision}` : '';
  return [from, own, frozen.value ? 'frozen by the record' : ''].filter(Boolean).join(', ');
});
const choosing = ref(false);

const verdicts = computed<Verdict[]>(() => {
  const laid = chosen.value?.buildUp;
  if (!laid) return [];
  const { membraneDry, weight } = totals(laid);
  const least = given('least of the build-up', laid.leastDryFilmMm.value, 'film', laid.leastDryFilmMm.source);
  const membrane: Verdict[] =
    membraneDry.value < least.value
      ? []
      : [
          {
            outcome: 'go',
            subject: 'Membrane.',
            says: [{ figure: membraneDry }, ' dry; the least is ', { figure: least }, '.'],
          },
        ];
  return area.value
    ? [
        ...membrane,
        {
          outcome: 'go',
          subject: 'On the deck.',
          says: [
            { figure: weight },
            ' laid, ',
            { figure: weightOn(weight, area.value) },
            ' on this zone, wet.',
          ],
        },
      ]
    : membrane;
});

function take(buildUp: BuildUp): void {
  if (!chosenId.value) return;
  chooseBuildUp(
    doc.value,
    chosenId.value,
    buildUp,
    { conditions: found.value.map((f) => f.condition) },
    job.usedRevisions,
  );
  choosing.value = false;
  // What was taken stands at the top.
  void nextTick(() => window.scrollTo({ top: 0 }));
}
const edit = (change: (b: BuildUp) => void): void => {
  if (held.value) revise(doc.value, held.value.id, held.value.revision, frozen.value, change);
};
function setTerms(next: Partial<Terms>): void {
  const own = doc.value.zones.find((z) => z.zoneId === chosenId.value);
  if (own) Object.assign(own, next);
}
const setOption = (choiceId: string, optionId: string): void =>
  setTerms({ choices: { ...terms.value?.choices, [choiceId]: optionId } });
function setWithoutPrimer(on: boolean): void {
  const own = doc.value.zones.find((z) => z.zoneId === chosenId.value);
  if (!own) return;
  if (on) own.withoutPrimer = true;
  else delete own.withoutPrimer;
}
const setConditions = (conditions: ZoneCondition[]): void => setTerms({ conditions });

/** Every zone of the job with this revision moves; options that the newer one does not know fall back to its own. */
function moveTo(newer: BuildUp): void {
  const from = held.value;
  if (!from) return;
  const moving = doc.value.zones.filter((z) => z.buildUpId === from.id && z.revision === from.revision);
  for (const z of moving) {
    const choices = Object.fromEntries(
      Object.entries(z.choices).filter(([c, o]) =>
        newer.choices.some((k) => k.id === c && k.options.some((x) => x.id === o)),
      ),
    );
    chooseBuildUp(doc.value, z.zoneId, newer, { conditions: z.conditions, choices }, job.usedRevisions);
  }
}
</script>

<template>
  <main class="page">
    <p v-if="!chosen">
      Measure a zone first: a build-up is chosen for a zone.
      <RouterLink :to="{ name: 'survey' }">Go to the survey</RouterLink>.
    </p>
    <template v-else>
      <div v-if="held" class="head">
        <h1>{{ held.name }}</h1>
        <span class="tag">{{ tag }}</span>
        <el-button v-if="!readOnly" class="end" @click="choosing = !choosing">{{
          choosing ? 'Keep this one' : 'Choose another'
        }}</el-button>
      </div>
      <template v-else-if="!choosing">
        <h1>No build-up for {{ chosen.zone.name }} yet</h1>
        <p class="quiet">Its layers, rates, times and limits follow from what it is sealed with.</p>
        <el-button v-if="!readOnly" type="primary" @click="choosing = true">Choose for me</el-button>
      </template>
      <ChoosePanel
        v-if="choosing && asked"
        :key="chosen.zone.id"
        :zone="tested ?? chosen.zone"
        :falls="falls"
        :asked="asked"
        :current="held"
        @take="take"
        @close="choosing = false"
      />
      <HeldFields v-if="held && terms && asked">
        <p class="glance"><SourceBar :of="held" /></p>
        <RevisionNotice :build-up="held" :terms="terms" :pace="asked.pace" @move="moveTo" />
        <p v-if="frozen" class="quiet">
          Layers were laid by this revision. A change makes the job’s next one; what was laid is still judged
          by the one it was laid by.
        </p>
        <ZoneRates :build-up="held" :set="terms.conditions" :found="found" @set="setConditions" />
        <PrimerSpared
          :build-up="held"
          :terms="terms"
          :zone="tested ?? chosen.zone"
          :falls="falls"
          @set="setWithoutPrimer"
        />
        <BuildUpEditor
          :key="chosen.zone.id"
          :build-up="held"
          :terms="terms"
          :ground="ground"
          :pace="asked.pace"
          :edit="edit"
          source="chosen"
          :achieved="achieved"
          :open="false"
          @option="setOption"
        >
          <template #verdicts>
            <VerdictLine v-for="(v, i) in verdicts" :key="i" :verdict="v" />
          </template>
          <p class="quiet rule">Films are accepted when: {{ acceptanceRuleWords[held.acceptance] }}.</p>
          <BinderPanel :build-up="held" :edit="edit" />
          <CautionCard :build-up="held" />
        </BuildUpEditor>
      </HeldFields>
    </template>
  </main>
</template>

<style scoped>
.top {
  margin-bottom: var(--s3);
}
.tag {
  border: max(1px, var(--stroke)) solid var(--line-2);
  border-radius: 999px;
  padding: 1px var(--s3);
  font-size: var(--t-s);
  color: var(--ink-2);
}
.glance {
  padding: var(--s2) 0;
}
.rule {
  padding-left: 30px;
}
</style>
