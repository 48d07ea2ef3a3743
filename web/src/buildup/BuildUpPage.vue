<script setup lang="ts">
import { computed, ref } from 'vue';
import { CATALOGUE, isCoat, sourceCounts, totals, weightOn } from '@lentum/core/buildup';
import { given } from '@lentum/core/figures';
import { achievedFilms } from '@lentum/core/record';
import { acceptanceRuleWords, type Verdict } from '@lentum/core/words';
import { useChosenZone } from '../app/chosenzone.ts';
import { useJob } from '../app/job.ts';
import FigureText from '../shared/FigureText.vue';
import LayerColumn from '../shared/LayerColumn.vue';
import UndoBar from '../shared/UndoBar.vue';
import VerdictLine from '../shared/VerdictLine.vue';
import ZoneTabs from '../shared/ZoneTabs.vue';
import LayerDetail from './LayerDetail.vue';
import LayerTable from './LayerTable.vue';
import { choose as chooseBuildUp, revise } from './revise.ts';

const job = useJob();
const { chosenId, chosen, choose } = useChosenZone();
const layerId = ref('');

const buildUp = computed(() => chosen.value?.buildUp);
const frozen = computed(
  () => buildUp.value !== undefined && job.usedRevisions.has(`${buildUp.value.id}/${buildUp.value.revision}`),
);
const counts = computed(() => buildUp.value && sourceCounts(buildUp.value));
const sums = computed(() => buildUp.value && totals(buildUp.value));
const achieved = computed(() =>
  achievedFilms(
    job.statuses
      .filter((s) => s.bay.zoneId === chosenId.value)
      .map((s) => ({ ...s, laid: s.laid.filter((l) => l.buildUp.id === buildUp.value?.id) })),
  ),
);
const layer = computed(
  () => buildUp.value?.layers.find((l) => l.id === layerId.value) ?? buildUp.value?.layers[0],
);

const verdicts = computed<Verdict[]>(() => {
  if (!buildUp.value || !sums.value) return [];
  const least = given(
    'least membrane of the family',
    buildUp.value.leastDryFilmMm.value,
    'film',
    buildUp.value.leastDryFilmMm.source,
  );
  const membrane = sums.value.membraneDry;
  const thin = membrane.value < least.value;
  return [
    {
      outcome: thin ? 'stop' : 'go',
      subject: 'Membrane.',
      says: [
        { figure: membrane },
        thin ? ' dry is less than the family’s least of ' : ' dry; the family’s least is ',
        { figure: least },
        thin ? ': raise a rate.' : '.',
      ],
    },
    ...(chosen.value?.quantities.ok
      ? [
          {
            outcome: 'go' as const,
            subject: 'On the deck.',
            says: [
              { figure: sums.value.weight },
              ' laid, ',
              { figure: weightOn(sums.value.weight, chosen.value.quantities.value.area) },
              ' on this zone, wet.',
            ],
          },
        ]
      : []),
  ];
});

function give(id: string): void {
  const found = CATALOGUE.find((b) => b.id === id);
  if (found && chosenId.value) chooseBuildUp(job.documents.buildUps.draft, chosenId.value, found);
}

function setRate(id: string, rate: { basis: 'mass' | 'volume'; value: number }): void {
  const now = buildUp.value;
  if (!now) return;
  revise(job.documents.buildUps.draft, now.id, now.revision, frozen.value, (b) => {
    const coat = b.layers.find((l) => l.id === id);
    if (coat && isCoat(coat)) coat.rate = { ...rate, source: 'chosen' };
  });
}
</script>

<template>
  <main class="page">
    <div class="bar top">
      <ZoneTabs :chosen="chosenId" @choose="choose" />
      <UndoBar :document="job.documents.buildUps" />
    </div>
    <p v-if="!chosen">
      Measure a zone first: a build-up is chosen for a zone.
      <RouterLink :to="{ name: 'survey' }">Go to the survey</RouterLink>.
    </p>
    <template v-else>
      <fieldset class="catalogue">
        <legend>Build-up for {{ chosen.zone.name }}</legend>
        <button
          v-for="b in CATALOGUE"
          :key="b.id"
          type="button"
          :aria-pressed="buildUp?.id === b.id"
          @click="give(b.id)"
        >
          <strong>{{ b.name }}</strong><span class="quiet">{{ b.summary }}</span>
        </button>
      </fieldset>
      <p v-if="!buildUp" class="quiet">
        Choose what this zone is to be sealed with; its layers, rates and limits follow.
      </p>
      <div v-else class="columns build">
        <section aria-label="Layers">
          <div class="head">
            <h1>{{ buildUp.name }}</h1>
            <span class="tag"
              >revision {{ buildUp.revision }}{{ frozen ? ', frozen by the record' : '' }}</span
            >
            <span v-if="counts" class="tag">{{ counts.typical }} of {{ counts.total }} numbers typical</span>
          </div>
          <p v-if="frozen" class="quiet">
            Coats were laid by this revision. A change makes revision {{ buildUp.revision + 1 }}; what was
            laid is still judged by the one it was laid by.
          </p>
          <LayerTable
            :build-up="buildUp"
            :chosen="layer?.id"
            @choose="(id) => (layerId = id)"
            @rate="setRate"
          />
          <h2 class="follows">What follows from it</h2>
          <VerdictLine v-for="(v, i) in verdicts" :key="i" :verdict="v" />
          <p class="quiet rule">Films are accepted when: {{ acceptanceRuleWords[buildUp.acceptance] }}.</p>
          <h2 class="follows">Cautions</h2>
          <ul class="cautions">
            <li v-for="c in buildUp.cautions" :key="c">{{ c }}</li>
          </ul>
        </section>
        <section aria-label="Section and layer">
          <LayerColumn :build-up="buildUp" :achieved="achieved" />
          <LayerDetail v-if="layer" :layer="layer" />
          <p v-if="sums" class="quiet">All coats together <FigureText :figure="sums.dry" /> dry.</p>
        </section>
      </div>
    </template>
  </main>
</template>

<style scoped>
.top {
  margin-bottom: var(--s3);
}
.catalogue {
  border: 0;
  padding: 0;
  margin: 0 0 var(--s4);
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(240px, 1fr));
  gap: var(--s2);
}
.catalogue legend {
  font-weight: 700;
  padding-bottom: var(--s2);
}
.catalogue button {
  display: flex;
  flex-direction: column;
  gap: 2px;
  text-align: left;
  padding: var(--s2) var(--s3);
  border: max(1px, var(--stroke)) solid var(--line-2);
  border-radius: var(--r);
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}
.catalogue button[aria-pressed='true'] {
  border-color: var(--sea);
  box-shadow: inset 4px 0 var(--sea);
}
.build {
  grid-template-columns: minmax(0, 1fr) minmax(300px, 360px);
}
@media (max-width: 1050px) {
  .build {
    grid-template-columns: minmax(0, 1fr);
  }
}
.tag {
  border: max(1px, var(--stroke)) solid var(--line-2);
  border-radius: 999px;
  padding: 1px var(--s3);
  font-size: var(--t-s);
  color: var(--ink-2);
}
.follows {
  margin-top: var(--s4);
  color: var(--ink-2);
}
.rule {
  padding-left: 30px;
}
.cautions {
  margin: var(--s2) 0;
  padding-left: 1.2rem;
}
</style>
