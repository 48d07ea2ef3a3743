<script setup lang="ts">
/** A job in the firm's morning: what cannot wait, what can be done, what closes, what waits for whom, and the sky. */
import { computed } from 'vue';
import type { JobHead } from '@lentum/core/job';
import { format, type Quantity } from '@lentum/core/units';
import { dayWords, sayTime } from '../app/time.ts';
import VerdictMark from '../shared/VerdictMark.vue';
import type { MorningTold } from './mornings.ts';

const props = defineProps<{ jobId: string; head: JobHead; told: MorningTold }>();
const MOST = 3;
const time = (iso: string): string =>
  sayTime(Date.parse(iso), props.told.timeZone, Date.parse(props.told.at));
const say = (value: number, quantity: Quantity): string => format(value, quantity, props.head.units);
const to = (bayId: string) => ({
  name: 'site',
  params: { jobId: props.jobId },
  query: { part: 'today', bay: bayId },
});
const urgent = computed(() => props.told.urgent.slice(0, MOST));
const now = computed(() => props.told.now.slice(0, MOST));
const waits = computed(() => props.told.waits.slice(0, MOST));
const moreOf = (all: readonly unknown[], shown: readonly unknown[]): string =>
  all.length > shown.length ? `and ${all.length - shown.length} more` : '';
const sky = computed(() => {
  const w = props.told.weather;
  if (!w) return undefined;
  const rain =
    w.rainFrom === undefined
      ? w.rainMm === undefined
        ? []
        : ['no rain within a day']
      : [
          `rain from ${time(w.rainFrom)}${w.rainMm === undefined ? '' : `, ${say(w.rainMm, 'rain')} in a day`}`,
        ];
  return [
    ...(w.airC === undefined ? [] : [say(w.airC, 'temperature')]),
    ...rain,
    ...(w.mostWindMPerS === undefined ? [] : [`wind up to ${say(w.mostWindMPerS, 'speed')}`]),
  ].join(', ');
});
</script>

<template>
  <div class="morning">
    <ul class="do" :aria-label="`What can be done on ${head.name}`">
      <li v-for="l in urgent" :key="l.says">
        <VerdictMark outcome="stop" />
        <RouterLink :to="to(l.bayId)">{{ l.says }}</RouterLink>
      </li>
      <li v-for="l in now" :key="l.says">
        <VerdictMark outcome="go" />
        <span
          ><RouterLink :to="to(l.bayId)">{{ l.says }}</RouterLink
          ><template v-if="l.by">, start by {{ time(l.by) }}</template></span
        >
      </li>
      <li v-if="moreOf([...told.urgent, ...told.now], [...urgent, ...now])" class="quiet more">
        {{ moreOf([...told.urgent, ...told.now], [...urgent, ...now]) }}
      </li>
      <li v-if="urgent.length + now.length === 0" class="quiet more">
        {{
          told.bays.all === 0
            ? 'No bays yet.'
            : told.bays.done === told.bays.all
              ? 'Every bay is accepted.'
              : 'Nothing can be done now.'
        }}
      </li>
    </ul>
    <dl>
      <template v-if="told.closes">
        <dt>Next to close</dt>
        <dd>
          <strong>{{ time(told.closes.at) }}</strong>&nbsp;
          <RouterLink :to="to(told.closes.bayId)">{{ told.closes.says }}</RouterLink>
        </dd>
      </template>
      <template v-if="told.opens && now.length === 0">
        <dt>Next to open</dt>
        <dd>
          <strong>{{ time(told.opens.at) }}</strong>&nbsp;
          <RouterLink :to="to(told.opens.bayId)">{{ told.opens.says }}</RouterLink>
        </dd>
      </template>
      <template v-if="waits.length > 0">
        <dt>Waits for</dt>
        <dd>
          <template v-for="(l, i) in waits" :key="l.says"
            ><template v-if="i > 0">; </template
            ><RouterLink :to="to(l.bayId)">{{ l.says }}</RouterLink></template
          >
          {{ moreOf(told.waits, waits) }}
        </dd>
      </template>
    </dl>
    <dl>
      <template v-if="sky">
        <dt>Weather</dt>
        <dd>{{ sky }}</dd>
      </template>
      <template v-if="told.delivery">
        <dt>Delivery</dt>
        <dd>{{ dayWords(told.delivery.on) }}, {{ told.delivery.name }}</dd>
      </template>
      <template v-if="told.last">
        <dt>Last entry</dt>
        <dd>{{ time(told.last.at) }}, {{ told.last.who }}: {{ told.last.says }}</dd>
      </template>
    </dl>
  </div>
</template>

<style scoped>
.morning {
  grid-column: 1 / -1;
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: var(--s2) var(--s6);
}
.do {
  list-style: none;
  margin: 0;
  padding: 0;
}
.do li {
  display: grid;
  grid-template-columns: 18px minmax(0, 1fr);
  gap: var(--s2);
  padding: 2px 0;
}
.do .more {
  padding-left: calc(18px + var(--s2));
  display: block;
}
dl {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: var(--s1) var(--s3);
  align-content: start;
  margin: 0;
}
dt {
  color: var(--ink-2);
  white-space: nowrap;
}
a {
  text-decoration-color: var(--line-2);
}
dd {
  margin: 0;
  overflow-wrap: anywhere;
}
@media (max-width: 900px) {
  .morning {
    flex: 1 0 100%;
  }
}
@media (max-width: 1000px) {
  .morning {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
