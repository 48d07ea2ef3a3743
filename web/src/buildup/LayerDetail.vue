<script setup lang="ts">
/** What one layer asks for: conditions, stages of cure, pot life, mixing, tools, and what to do when a limit is missed. */
import { computed } from 'vue';
import { papersOf, STAGES, whenMissed, type BuildUp, type Layer, type Missable } from '@lentum/core/buildup';
import { STAGE_WORDS, toolWords } from '@lentum/core/words';
import { worded } from '../app/wording.ts';
import SourceMark from '../shared/SourceMark.vue';
import { useUnits } from '../shared/units.ts';
import { sayHours, sayRangedHours } from './curetimes.ts';
import MixFacts from './MixFacts.vue';
import PaperLink from '../shared/PaperLink.vue';

const props = defineProps<{ layer: Layer; buildUp: BuildUp }>();
const { say, written } = useUnits();

const limits = computed(() => ('limits' in props.layer ? props.layer.limits : undefined));
const range = (a: number, b: number): string =>
  `${say(a, 'temperature', { digits: 0 })} to ${say(b, 'temperature', { digits: 0 })}`;
const conditions = computed(() => {
  const l = limits.value;
  if (!l) return [];
  const rows: { name: string; text: string; source: typeof l.airMinC.source }[] = [
    { name: 'Air', text: range(l.airMinC.value, l.airMaxC.value), source: l.airMinC.source },
    { name: 'Surface', text: range(l.surfaceMinC.value, l.surfaceMaxC.value), source: l.surfaceMinC.source },
    {
      name: 'Above the dew point',
      text: `${say(l.dewMarginK.value, 'temperatureDifference')} or more`,
      source: l.dewMarginK.source,
    },
    {
      name: 'Humidity',
      text: l.humidityMinPct
        ? `${l.humidityMinPct.value} to ${l.humidityMaxPct.value} %`
        : `${l.humidityMaxPct.value} % or less`,
      source: l.humidityMaxPct.source,
    },
  ];
  if (l.risingWithinK)
    rows.push({
      name: 'Only rising',
      text: `within ${say(l.risingWithinK.value, 'temperatureDifference')} of the least`,
      source: l.risingWithinK.source,
    });
  if (l.windHandMaxMPerS)
    rows.push({
      name: 'Wind, by hand',
      text: `${say(l.windHandMaxMPerS.value, 'speed')} or less`,
      source: l.windHandMaxMPerS.source,
    });
  if (l.windSprayMaxMPerS)
    rows.push({
      name: 'Wind, sprayed',
      text: `${say(l.windSprayMaxMPerS.value, 'speed')} or less`,
      source: l.windSprayMaxMPerS.source,
    });
  if (l.dryHours)
    rows.push({ name: 'Dry before', text: sayHours(l.dryHours.value), source: l.dryHours.source });
  if (l.moistureMaxPct)
    rows.push({
      name: 'Ground moisture',
      text: `${say(l.moistureMaxPct.value, 'moisture')} or less`,
      source: l.moistureMaxPct.source,
    });
  if (l.noBelow)
    rows.push({
      name: 'Not below',
      text: `${say(l.noBelow.tempC, 'temperature', { digits: 0 })} until ${STAGE_WORDS[l.noBelow.until]}`,
      source: l.noBelow.source,
    });
  return rows;
});
const coat = computed(() => (props.layer.kind === 'coat' ? props.layer : undefined));
const stages = computed(() =>
  STAGES.flatMap((s) => {
    const table = coat.value?.cure[s];
    return table ? [{ name: STAGE_WORDS[s], ...table }] : [];
  }),
);
const tools = computed(() =>
  'tools' in props.layer ? props.layer.tools.map((t) => toolWords(t, written.value)) : [],
);
const MISSED: readonly (readonly [Missable, string])[] = [
  ['overcoatUntil', 'the overcoat time passed'],
  ['rainSafe', 'it rained too early'],
  ['dewMargin', 'it was laid at the dew point'],
  ['surfaceMin', 'it was laid too cold'],
  ['leastRate', 'the rate fell below the least'],
  ['mostRate', 'it was laid too thick'],
];
const missed = computed(() =>
  limits.value
    ? MISSED.filter(([key]) => key !== 'leastRate' || coat.value?.rate.least).map(([key, name]) => ({
        name,
        ...whenMissed(props.layer, key),
      }))
    : [],
);
const papers = computed(() => papersOf(props.buildUp, props.layer));
const hazards = computed(() => props.layer.product?.hazards ?? []);
</script>

<template>
  <div class="detail">
    <h2>{{ layer.name }}</h2>
    <p v-if="layer.kind !== 'coat'" class="quiet">{{ layer.note }}</p>
    <p v-if="papers.length === 0" class="quiet">No data sheet in the binder for it.</p>
    <p v-for="p in papers" :key="p.id"><PaperLink :paper="p" /></p>
    <template v-if="limits">
      <h3>Laid when</h3>
      <dl>
        <template v-for="c in conditions" :key="c.name">
          <dt>{{ worded(c.name) }}</dt>
          <dd>{{ worded(c.text) }} <SourceMark :source="c.source" /></dd>
        </template>
      </dl>
      <p v-if="limits.fallingSlab" class="quiet">On a falling slab temperature: a warming slab may outgas.</p>
    </template>
    <template v-if="coat">
      <h3>Cure</h3>
      <div v-for="s in stages" :key="s.name" class="stage">
        <span>{{ s.name }} <SourceMark :source="s.source" /></span>
        <span class="quiet"
          ><template v-for="(p, i) in s.points" :key="p.atC"
            >{{ i > 0 ? ' · ' : '' }}{{ say(p.atC, 'temperature', { digits: 0 }) }}
            {{ sayRangedHours(p.hours, p.range) }}</template
          ></span
        >
        <span v-if="s.byHumidityPct || s.byWetFilmMm" class="quiet"
          >and on
          {{
            [s.byHumidityPct ? 'humidity' : '', s.byWetFilmMm ? 'film' : ''].filter(Boolean).join(' and ')
          }}</span
        >
      </div>
      <template v-if="coat.kettle">
        <h3>Kettle</h3>
        <dl>
          <dt>Laid from</dt>
          <dd>
            {{ say(coat.kettle.applyMinC.value, 'temperature', { digits: 0 }) }}
            <SourceMark :source="coat.kettle.applyMinC.source" />
          </dd>
          <dt>Never above</dt>
          <dd>
            {{ say(coat.kettle.safeMaxC.value, 'temperature', { digits: 0 }) }}
            <SourceMark :source="coat.kettle.safeMaxC.source" />
          </dd>
          <dt>Held hot at most</dt>
          <dd>
            {{ sayHours(coat.kettle.hoursAtHeat.value) }}
            <SourceMark :source="coat.kettle.hoursAtHeat.source" />
          </dd>
          <dt>A hot probe every</dt>
          <dd>
            {{ say(coat.kettle.probeEveryM2.value, 'area', { digits: 0 }) }}
            <SourceMark :source="coat.kettle.probeEveryM2.source" />
          </dd>
        </dl>
      </template>
      <div v-else class="stage">
        <span>pot life <SourceMark :source="coat.potLife.source" /></span>
        <span class="quiet"
          ><template v-for="(p, i) in coat.potLife.points" :key="p.atC"
            >{{ i > 0 ? ' · ' : '' }}{{ say(p.atC, 'temperature', { digits: 0 }) }}
            {{ sayRangedHours(p.minutes, p.range, 1 / 60) }}</template
          ></span
        >
      </div>
      <div v-if="coat.catalyst" class="stage">
        <span>catalyst, by mass <SourceMark :source="coat.catalyst.source" /></span>
        <span class="quiet"
          ><template v-for="(p, i) in coat.catalyst.points" :key="p.fromC"
            >{{ i > 0 ? ' · ' : '' }}{{ say(p.fromC, 'temperature', { digits: 0, unit: false }) }} to
            {{ say(p.toC, 'temperature', { digits: 0 }) }} {{ p.percent }} %</template
          ></span
        >
      </div>
      <div v-if="coat.mix" class="stage">
        <span>mixed by {{ coat.mix.by }} <SourceMark :source="coat.mix.source" /></span>
        <span class="quiet">{{
          coat.mix.parts.map((p) => `${p.parts} ${p.name.toLowerCase()}`).join(' : ')
        }}</span>
      </div>
      <MixFacts v-if="coat.mix" :coat="coat" />
      <dl class="last">
        <dt>Containers</dt>
        <dd>{{ coat.containers.map((c) => c.name).join(', ') }}</dd>
        <template v-if="coat.largestMixKg"
          ><dt>Largest mix</dt>
          <dd>{{ say(coat.largestMixKg.value, 'mass') }} <SourceMark :source="coat.largestMixKg.source" /></dd
        ></template>
        <template v-if="coat.product?.cleaner"
          ><dt>Tools cleaned</dt>
          <dd>{{ coat.product.cleaner }}</dd></template
        >
      </dl>
    </template>
    <ul v-if="tools.length > 0" class="tools">
      <li v-for="t in tools" :key="t">{{ t }}</li>
    </ul>
    <p v-if="hazards.length > 0"><strong>Hazards:</strong> {{ worded(hazards.join(', ')) }}.</p>
    <details v-if="missed.length > 0">
      <summary>If a limit is missed</summary>
      <dl class="missed">
        <template v-for="m in missed" :key="m.name">
          <dt>{{ worded(m.name) }}</dt>
          <dd>{{ worded(m.says) }}{{ m.own ? '' : ' (general practice)' }}</dd>
        </template>
      </dl>
    </details>
  </div>
</template>

<style scoped>
.detail {
  margin-top: var(--s4);
  border-top: var(--stroke) solid var(--line);
  padding-top: var(--s3);
}
h3 {
  margin: var(--s3) 0 var(--s1);
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px var(--s3);
  margin: 0;
}
dd {
  margin: 0;
  text-align: right;
}
.last {
  margin: var(--s3) 0 var(--s2);
}
.stage {
  padding: var(--s1) 0;
  border-bottom: var(--stroke) solid var(--line);
  display: flex;
  flex-direction: column;
}
.tools {
  margin: var(--s2) 0;
  padding-left: 1.2rem;
}
.missed {
  grid-template-columns: minmax(7rem, auto) 1fr;
  margin-top: var(--s2);
}
.missed dd {
  text-align: left;
}
</style>
