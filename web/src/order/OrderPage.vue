<script setup lang="ts">
import { computed, ref } from 'vue';
import { takeoff, type OrderDoc, type OrderLine } from '@lentum/core/order';
import { sentence } from '@lentum/core/problems';
import { useJob } from '../app/job.ts';
import FigureText from '../shared/FigureText.vue';
import MeasureInput from '../shared/MeasureInput.vue';
import UndoBar from '../shared/UndoBar.vue';
import { useUnits } from '../shared/units.ts';

const job = useJob();
const { say } = useUnits();
const order = computed(() => job.documents.order.draft);
const KINDS = [
  ['liquid', 'Liquids'],
  ['fabric', 'Fabric offcuts'],
  ['aggregate', 'Aggregate'],
  ['sheet', 'Sheets and boards'],
] as const;

function setWaste(kind: keyof OrderDoc['wastePct'], value: number | undefined): void {
  if (value !== undefined) order.value.wastePct[kind] = { value, source: 'chosen' };
}

/** What if: the same takeoff with another waste for liquids. */
const comparing = ref<number | undefined>(10);
const compared = computed(() => {
  if (comparing.value === undefined) return undefined;
  const other: OrderDoc = {
    wastePct: { ...order.value.wastePct, liquid: { value: comparing.value, source: 'chosen' } },
  };
  return new Map(
    takeoff(job.documents.survey.draft, job.documents.buildUps.draft, other).lines.map((l) => [l.key, l]),
  );
});

const buyWords = (line: OrderLine): string =>
  line.buy.picks.map((p) => `${p.count} × ${p.container.name}`).join(', ');
const groups = computed(() => {
  const byBuildUp = new Map<string, { name: string; zones: string; lines: OrderLine[] }>();
  for (const line of job.takenOff.lines) {
    const key = `${line.buildUp.id}/${line.buildUp.revision}`;
    const group = byBuildUp.get(key) ?? {
      name: `${line.buildUp.name}, revision ${line.buildUp.revision}`,
      zones: line.zoneNames.join(', '),
      lines: [],
    };
    group.lines.push(line);
    byBuildUp.set(key, group);
  }
  return [...byBuildUp.values()];
});
/** What another waste moves: more to buy, or the same tins with less left over. */
function difference(line: OrderLine): string {
  const other = compared.value?.get(line.key);
  if (!other || line.layer.kind !== 'coat') return '';
  const words = buyWords(other);
  if (words === buyWords(line)) return `same, ${say(other.buy.leftOver, line.quantity)} left`;
  const more = other.buy.total - line.buy.total;
  return `${words} (${more > 0 ? '+' : ''}${say(more, line.quantity)})`;
}
</script>

<template>
  <main class="page">
    <div class="bar top">
      <div v-for="[kind, name] in KINDS" :key="kind" class="waste">
        <label>{{ name }}, waste</label>
        <MeasureInput
          quantity="percent"
          :label="`Waste, ${name.toLowerCase()}`"
          :min="0"
          :max="100"
          :digits="1"
          :model-value="order.wastePct[kind].value"
          @update:model-value="(v) => setWaste(kind, v)"
        />
      </div>
      <div class="waste">
        <label>What if liquids waste</label>
        <MeasureInput
          v-model="comparing"
          quantity="percent"
          label="Waste to compare with"
          :min="0"
          :max="100"
          :digits="1"
        />
      </div>
      <UndoBar :document="job.documents.order" />
    </div>

    <p v-if="job.takenOff.lines.length === 0">
      Nothing to order yet: it takes a closed zone with a build-up.
      <RouterLink :to="{ name: 'survey' }">Survey</RouterLink>, then
      <RouterLink :to="{ name: 'build-up' }">Build-up</RouterLink>.
    </p>
    <section v-for="g in groups" :key="g.name" class="group">
      <div class="head">
        <h2>{{ g.name }}</h2>
        <span class="quiet">{{ g.zones }}</span>
      </div>
      <div class="scroll-x">
        <table class="dense">
          <thead>
            <tr>
              <th scope="col">Layer</th>
              <th scope="col" class="num">Area</th>
              <th scope="col" class="num">Net</th>
              <th scope="col" class="num">Gross</th>
              <th scope="col">To buy</th>
              <th scope="col" class="num">Left over</th>
              <th scope="col">With {{ comparing ?? '–' }} % waste</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="line in g.lines" :key="line.key">
              <th scope="row">{{ line.layer.name }}</th>
              <td class="num"><FigureText :figure="line.area" /></td>
              <td class="num"><FigureText :figure="line.net" /></td>
              <td class="num"><FigureText :figure="line.gross" /></td>
              <td>
                <strong>{{ buyWords(line) }}</strong>
              </td>
              <td class="num">{{ say(line.buy.leftOver, line.quantity) }}</td>
              <td class="quiet">{{ difference(line) }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </section>
    <p v-if="job.takenOff.lines.length > 0" class="quiet">
      Containers: the least that covers the gross quantity, and of those the fewest containers. Fabric is
      ordered with its laps; aggregate as it is thrown.
    </p>
    <section v-if="job.takenOff.missing.length > 0" class="group">
      <div class="head"><h2>Not in the order</h2></div>
      <p v-for="m in job.takenOff.missing" :key="m.zoneId">{{ m.why.map(sentence).join(' ') }}</p>
    </section>
  </main>
</template>

<style scoped>
.top {
  gap: var(--s4);
  align-items: end;
  margin-bottom: var(--s4);
}
.waste {
  width: 9.5rem;
}
.waste label {
  font-size: var(--t-s);
  font-weight: 600;
  color: var(--ink-2);
}
.group {
  margin-bottom: var(--s6);
}
.group table {
  min-width: 760px;
  table-layout: fixed;
}
.group th:first-child {
  width: 17%;
}
.group th:nth-child(5),
.group th:nth-child(7) {
  width: 21%;
}
</style>
