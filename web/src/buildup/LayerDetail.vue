<script setup lang="ts">
/** Everything that one layer says: conditions, cure stages over temperature, pot life, catalyst, with the sources. */
import { computed } from 'vue';
import { STAGES, type Layer } from '@lentum/core/buildup';
import { STAGE_WORDS } from '@lentum/core/words';
import SourceMark from '../shared/SourceMark.vue';
import { useUnits } from '../shared/units.ts';
import { sayHours } from './curetimes.ts';

const props = defineProps<{ layer: Layer }>();
const { say } = useUnits();

const conditions = computed(() => {
  if (props.layer.kind !== 'coat') return [];
  const l = props.layer.limits;
  const range = (a: number, b: number): string =>
    `${say(a, 'temperature', { digits: 0 })} to ${say(b, 'temperature', { digits: 0 })}`;
  return [
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
});
const stages = computed(() =>
  props.layer.kind === 'coat'
    ? STAGES.flatMap((s) => {
        const table = props.layer.kind === 'coat' ? props.layer.cure[s] : undefined;
        return table ? [{ name: STAGE_WORDS[s], ...table }] : [];
      })
    : [],
);
</script>

<template>
  <div class="detail">
    <h2>{{ layer.name }}</h2>
    <template v-if="layer.kind === 'coat'">
      <h3>Laid when</h3>
      <dl>
        <template v-for="c in conditions" :key="c.name">
          <dt>{{ c.name }}</dt>
          <dd>{{ c.text }} <SourceMark :source="c.source" /></dd>
        </template>
      </dl>
      <h3>Cure</h3>
      <div v-for="s in stages" :key="s.name" class="stage">
        <span>{{ s.name }} <SourceMark :source="s.source" /></span>
        <span class="quiet"
          ><template v-for="(p, i) in s.points" :key="p.atC"
            >{{ i > 0 ? ' · ' : '' }}{{ say(p.atC, 'temperature', { digits: 0 }) }}
            {{ sayHours(p.hours) }}</template
          ></span
        >
      </div>
      <div class="stage">
        <span>pot life <SourceMark :source="layer.potLife.source" /></span>
        <span class="quiet"
          ><template v-for="(p, i) in layer.potLife.points" :key="p.atC"
            >{{ i > 0 ? ' · ' : '' }}{{ say(p.atC, 'temperature', { digits: 0 }) }}
            {{ p.minutes }} min</template
          ></span
        >
      </div>
      <div v-if="layer.catalyst" class="stage">
        <span>catalyst, by mass <SourceMark :source="layer.catalyst.source" /></span>
        <span class="quiet"
          ><template v-for="(p, i) in layer.catalyst.points" :key="p.fromC"
            >{{ i > 0 ? ' · ' : '' }}{{ say(p.fromC, 'temperature', { digits: 0, unit: false }) }} to
            {{ say(p.toC, 'temperature', { digits: 0 }) }} {{ p.percent }} %</template
          ></span
        >
      </div>
      <dl class="last">
        <dt>Density</dt>
        <dd>
          {{ say(layer.densityKgPerL.value, 'density') }} <SourceMark :source="layer.densityKgPerL.source" />
        </dd>
        <dt>Volume solids</dt>
        <dd>
          {{ Math.round(layer.volumeSolids.value * 100) }} %
          <SourceMark :source="layer.volumeSolids.source" />
        </dd>
        <dt>Containers</dt>
        <dd>{{ layer.containers.map((c) => c.name).join(', ') }}</dd>
        <template v-if="layer.largestMixKg"
          ><dt>Largest mix</dt>
          <dd>
            {{ say(layer.largestMixKg.value, 'mass') }} <SourceMark :source="layer.largestMixKg.source" /></dd
        ></template>
      </dl>
      <p class="quiet">If the overcoating time is missed: {{ layer.ifMissed }}</p>
    </template>
    <p v-else class="quiet">{{ layer.note }}</p>
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
</style>
