<script setup lang="ts">
/** Build-ups side by side for the zone: a row a figure, a column a build-up; the best of a row is marked in words. */
import { computed } from 'vue';
import type { Measures, Ranked, Value } from '@lentum/core/choosing';
import { UPKEEP_YEARS } from '@lentum/core/choosing';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import FigureText from '../shared/FigureText.vue';

const job = useJob();
const props = defineProps<{ ranked: readonly Ranked[] }>();
interface Row {
  readonly name: string;
  readonly of: (m: Measures) => Value | undefined;
  /** Which way is better; undefined where it depends. */
  readonly better?: 'less' | 'more';
}
const ROWS: readonly Row[] = [
  { name: 'Membrane, dry', of: (m) => m.membrane },
  { name: 'Thickness, dry', of: (m) => m.thickness },
  { name: 'Material on the zone', of: (m) => m.material, better: 'less' },
  { name: 'Weight laid', of: (m) => m.weightPerM2, better: 'less' },
  { name: 'Cost of material', of: (m) => m.costPerM2, better: 'less' },
  { name: 'Cost on the zone', of: (m) => m.cost, better: 'less' },
  { name: 'Work, crew hours', of: (m) => m.schedule?.workHours, better: 'less' },
  { name: 'Days until it is laid', of: (m) => m.schedule?.days, better: 'less' },
  { name: 'Days until foot traffic', of: (m) => m.schedule?.toFeet, better: 'less' },
  { name: 'Days until wheels', of: (m) => m.schedule?.toWheels, better: 'less' },
  { name: 'Minimum surface temperature', of: (m) => m.leastC, better: 'less' },
  { name: 'Maximum surface temperature', of: (m) => m.mostC, better: 'more' },
  { name: 'Above the dew point', of: (m) => m.dewMarginK, better: 'less' },
  { name: 'Maximum humidity', of: (m) => m.humidityMaxPct, better: 'more' },
  { name: 'Longest without rain', of: (m) => m.rainSafeH, better: 'less' },
  { name: `Recoats in ${UPKEEP_YEARS} years`, of: (m) => m.upkeep?.recoats, better: 'less' },
  { name: `Renewals in ${UPKEEP_YEARS} years`, of: (m) => m.upkeep?.renewals, better: 'less' },
  { name: `Upkeep material, ${UPKEEP_YEARS} years`, of: (m) => m.upkeep?.costPerM2, better: 'less' },
];
const MONEY = /^(Cost|Upkeep material)/;
const rows = computed(() =>
  ROWS.filter((row) => job.seesPrices || !MONEY.test(row.name))
    .map((row) => {
      const values = props.ranked.map((r) => row.of(r.measures));
      const numbers = values.flatMap((v) => (v ? [v.value] : []));
      const best =
        row.better && new Set(numbers).size > 1
          ? Math[row.better === 'less' ? 'min' : 'max'](...numbers)
          : undefined;
      return {
        name: row.name,
        cells: values.map((v) => ({ value: v, best: v !== undefined && v.value === best })),
      };
    })
    .filter((row) => row.cells.some((c) => c.value)),
);
const WORDS = { suitable: 'suitable', conditional: 'on conditions', unsuitable: 'unsuitable' } as const;
const named = (which: 'unpriced' | 'places'): string =>
  props.ranked
    .filter((r) => r.measures[which].length > 0)
    .map((r) => `${r.buildUp.name}: ${r.measures[which].join(', ').toLowerCase()}`)
    .join('; ');
const unpriced = computed(() => named('unpriced'));
const places = computed(() => named('places'));
</script>

<template>
  <div class="compare">
    <h3>Side by side</h3>
    <div class="scroll-x">
      <table class="dense">
        <thead>
          <tr>
            <th scope="col"><span class="visually-hidden">Figure</span></th>
            <th v-for="r in ranked" :key="r.buildUp.id" scope="col" class="num">{{ r.buildUp.name }}</th>
          </tr>
        </thead>
        <tbody>
          <tr>
            <th scope="row">For this zone</th>
            <td v-for="r in ranked" :key="r.buildUp.id" class="num">{{ WORDS[r.suits] }}</td>
          </tr>
          <tr v-for="row in rows" :key="row.name">
            <th scope="row">{{ worded(row.name) }}</th>
            <td v-for="(c, i) in row.cells" :key="i" class="num" :class="{ best: c.best }">
              <FigureText v-if="c.value" :figure="c.value" /><template v-else>–</template
              ><span v-if="c.best" class="mark"> best</span>
            </td>
          </tr>
          <tr>
            <th scope="row">Reasons against, or conditions</th>
            <td v-for="r in ranked" :key="r.buildUp.id" class="num">
              {{ r.reasons.filter((x) => x.suits !== 'suitable').length }}
            </td>
          </tr>
          <tr>
            <th scope="row">Cautions</th>
            <td v-for="r in ranked" :key="r.buildUp.id" class="words">
              <details>
                <summary>{{ r.buildUp.cautions.length }}</summary>
                <ul>
                  <li v-for="c in r.buildUp.cautions" :key="c">{{ c }}</li>
                </ul>
              </details>
            </td>
          </tr>
          <tr>
            <th scope="row">Upkeep</th>
            <td v-for="r in ranked" :key="r.buildUp.id" class="words">{{ r.buildUp.upkeep?.note ?? '–' }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <p class="quiet">
      Material only, at the prices of the containers; no labour. Days are those of one crew after another
      while the weather holds.<template v-if="job.seesPrices && unpriced !== ''">
        Without a price: {{ unpriced }}.</template
      ><template v-if="places !== ''">
        Not in weight and cost, as they keep to edges, fasteners or rust: {{ places }}.</template
      >
    </p>
  </div>
</template>

<style scoped>
.compare {
  padding: var(--s2) 0 var(--s4);
}
.best {
  font-weight: 700;
}
.mark {
  color: var(--sea);
  font-weight: 400;
}
.words {
  white-space: normal;
  min-width: 12rem;
}
ul {
  padding-left: 1.1rem;
  margin: var(--s1) 0;
}
</style>
