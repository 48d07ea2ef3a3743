<script setup lang="ts">
/** The library ranked for a zone, each build-up with its reasons; any of them can be compared, or taken. */
import { computed, onMounted, reactive, ref, watch } from 'vue';
import type { BuildUp } from '@lentum/core/buildup';
import {
  conditionsOf,
  rank,
  RANK_RULES,
  readinessByFamily,
  type Ranked,
  type Situation,
} from '@lentum/core/choosing';
import type { FallsReport } from '@lentum/core/falls';
import { FAMILIES } from '@lentum/core/family';
import type { Verdict } from '@lentum/core/words';
import type { Zone } from '@lentum/core/survey';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import { useLibrary } from '../library/library.ts';
import FigureText from '../shared/FigureText.vue';
import MeasureInput from '../shared/MeasureInput.vue';
import PickList from '../shared/PickList.vue';
import VerdictLine from '../shared/VerdictLine.vue';
import ComparePanel from './ComparePanel.vue';
import type { Asked } from './situation.ts';

const props = defineProps<{
  zone: Zone;
  falls: FallsReport | undefined;
  asked: Asked;
  current: BuildUp | undefined;
}>();
const emit = defineEmits<{ take: [buildUp: BuildUp]; close: [] }>();
const job = useJob();
const library = useLibrary();
onMounted(library.load);
const asked = reactive({ ...props.asked });
watch(
  () => props.asked,
  (next) => Object.assign(asked, next),
);
const readiness = computed(() =>
  readinessByFamily(props.zone, props.falls, job.documents.survey.draft.primerSchool, job.nowMs),
);
const situation = computed<Situation>(() => ({
  ...asked,
  substrate: props.zone.substrate?.kind,
  readiness: readiness.value,
  zoneConditions: conditionsOf(props.zone, props.falls, asked.traffic === 'wheels').map((c) => c.condition),
}));
/** Only what was released is offered. */
const offered = computed(() =>
  (library.rows ?? []).filter((r) => !r.putAway && r.revision > 0).map((r) => r.buildUp),
);
const ranked = computed(() => rank(offered.value, situation.value));
const WORDS = { suitable: 'Suitable', conditional: 'On conditions', unsuitable: 'Unsuitable' } as const;
const OUTCOMES = { suitable: 'go', conditional: 'steps', unsuitable: 'stop' } as const;
const groups = computed(() =>
  (['suitable', 'conditional', 'unsuitable'] as const).map((suits) => ({
    suits,
    name: WORDS[suits],
    rows: ranked.value.filter((r) => r.suits === suits),
  })),
);
const headline = (r: Ranked): Verdict => {
  const first = r.reasons[0];
  const more = r.reasons.filter((x) => x.suits === r.suits).length - 1;
  return {
    outcome: OUTCOMES[r.suits],
    subject: `${r.buildUp.name}.`,
    says: first ? first.says : ['No objection found.'],
    ...(r.suits !== 'suitable' && more > 0 ? { quiet: [`And ${more} more.`] } : {}),
  };
};
const opened = ref('');
const asksOf = (rule: string): string => RANK_RULES.find((r) => r.id === rule)?.asks ?? '';
const marked = ref<string[]>([]);
const compared = computed(() => ranked.value.filter((r) => marked.value.includes(r.buildUp.id)));
const MOST = 4;
const toggle = (id: string, on: boolean): void => {
  marked.value = on ? [...marked.value, id].slice(-MOST) : marked.value.filter((m) => m !== id);
};
const traffics = [
  { value: 'no', label: 'upkeep only' },
  { value: 'feet', label: 'foot traffic' },
  { value: 'wheels', label: 'wheels' },
];
</script>

<template>
  <section class="choose" :aria-label="`Choose for ${zone.name}`">
    <div class="head">
      <h2>Choose for {{ zone.name }}</h2>
      <span class="quiet">what the survey says is taken as read; the rest is asked here</span>
      <el-button class="end" @click="emit('close')">Close</el-button>
    </div>
    <div class="asks">
      <label
        ><span>Traffic</span><PickList v-model="asked.traffic" label="Traffic" :options="traffics"
      /></label>
      <label
        ><span>It stays</span
        ><PickList
          v-model="asked.exposure"
          label="Exposure"
          :options="[
            { value: 'exposed', label: 'open to the sun' },
            { value: 'covered', label: 'covered' },
          ]"
      /></label>
      <label
        ><span>Slope</span><MeasureInput v-model="asked.slopePct" quantity="fall" label="Slope" :min="0"
      /></label>
      <label
        ><span>Coldest working day, surface</span
        ><MeasureInput v-model="asked.coldestC" quantity="temperature" label="Coldest working day"
      /></label>
      <label
        ><span>Warmest, surface</span
        ><MeasureInput v-model="asked.warmestC" quantity="temperature" label="Warmest working day"
      /></label>
      <label
        ><span>Dry hours to count on</span
        ><MeasureInput v-model="asked.dryHours" quantity="hours" label="Dry hours" :min="0"
      /></label>
      <label
        ><span>Open to traffic within, days</span
        ><MeasureInput v-model="asked.daysAllowed" quantity="count" label="Days allowed" optional :above="0"
      /></label>
      <label
        ><span>Crews of two</span
        ><MeasureInput v-model="asked.pace.crews" quantity="count" label="Crews of two" :min="1" :max="20"
      /></label>
      <label
        ><span>Usual surface while laying</span
        ><MeasureInput v-model="asked.pace.tempC" quantity="temperature" label="Usual surface temperature"
      /></label>
      <el-checkbox v-model="asked.ponds">Water stays on it</el-checkbox>
    </div>
    <p v-if="library.trouble" class="problem" role="alert">{{ library.trouble }}</p>
    <p v-else-if="!library.rows" role="status">Opening the library …</p>
    <ComparePanel v-if="compared.length > 1" :ranked="compared" />
    <p v-else class="quiet">Mark two or more to compare them side by side.</p>
    <template v-for="g in groups" :key="g.suits">
      <h3 v-if="g.rows.length > 0">{{ worded(g.name) }} ({{ g.rows.length }})</h3>
      <div v-for="r in g.rows" :key="r.buildUp.id" class="row">
        <el-checkbox
          :model-value="marked.includes(r.buildUp.id)"
          :aria-label="`Compare ${r.buildUp.name}`"
          @update:model-value="(on: unknown) => toggle(r.buildUp.id, on === true)"
        />
        <div class="says">
          <VerdictLine :verdict="headline(r)" />
          <p class="quiet facts">
            {{ FAMILIES[r.buildUp.family].name }} · <FigureText :figure="r.measures.membrane" /> dry ·
            <FigureText v-if="job.seesPrices" :figure="r.measures.costPerM2" /><template
              v-if="r.measures.schedule?.toFeet"
            >
              · foot traffic after <FigureText :figure="r.measures.schedule.toFeet" /> days</template
            >
          </p>
          <ul v-if="opened === r.buildUp.id" class="reasons">
            <li v-for="(x, i) in r.reasons" :key="i">
              <span class="quiet">{{ asksOf(x.rule) }}</span>
              <VerdictLine :verdict="{ outcome: OUTCOMES[x.suits], subject: '', says: x.says }" />
            </li>
          </ul>
        </div>
        <div class="acts">
          <el-button
            text
            :aria-expanded="opened === r.buildUp.id"
            @click="opened = opened === r.buildUp.id ? '' : r.buildUp.id"
            >{{ opened === r.buildUp.id ? 'Fewer words' : 'All reasons' }}</el-button
          >
          <el-button
            :type="r.suits === 'suitable' ? 'primary' : 'default'"
            :disabled="current?.id === r.buildUp.id && current?.taken?.revision === r.buildUp.revision"
            @click="emit('take', r.buildUp)"
            >{{ current?.id === r.buildUp.id ? 'Chosen' : 'Take it' }}</el-button
          >
        </div>
      </div>
    </template>
  </section>
</template>

<style scoped>
.choose {
  border: var(--stroke) solid var(--line-2);
  border-radius: var(--r);
  background: var(--sheet);
  padding: var(--s4);
  margin: var(--s3) 0;
}
.asks {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: var(--s2) var(--s4);
  padding: var(--s3) 0;
  align-items: end;
}
.asks label > span:first-child {
  display: block;
  font-size: var(--t-s);
  color: var(--ink-2);
}
h3 {
  margin-top: var(--s4);
}
.row {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: var(--s3);
  align-items: start;
  border-bottom: var(--stroke) solid var(--line);
  padding: var(--s1) 0;
}
.facts {
  padding-left: 30px;
}
.reasons {
  list-style: none;
  padding: 0 0 var(--s2) 30px;
  margin: 0;
}
.acts {
  display: flex;
  gap: var(--s2);
  padding-top: var(--s2);
}
@media (max-width: 720px) {
  .row {
    grid-template-columns: auto minmax(0, 1fr);
  }
  .acts {
    grid-column: 2;
  }
}
</style>
