<script setup lang="ts">
/** A year’s usable hours by family and month: how much of each month every coat could be begun in. */
import { wrap } from 'comlink';
import { computed, defineAsyncComponent, onScopeDispose, ref, shallowRef, watch } from 'vue';
import { distanceKm, type WeatherSeries } from '@lentum/core/weather';
import { MONTHS } from '@lentum/core/wording';
import { useJob } from '../../app/job.ts';
import type { FamilySeason, WeatherWork } from '../../workers/weather.worker.ts';

const SeasonChart = defineAsyncComponent(() => import('./SeasonChart.vue'));

const props = defineProps<{ series: WeatherSeries }>();
const job = useJob();
const from = ref(7);
const to = ref(18);
const found = shallowRef<readonly FamilySeason[]>([]);
const worker = new Worker(new URL('../../workers/weather.worker.ts', import.meta.url), { type: 'module' });
const remote = wrap<WeatherWork>(worker);
onScopeDispose(() => worker.terminate());
const place = computed(() => job.weather.doc.draft.place);

watch(
  [() => props.series, place, from, to],
  async () => {
    if (!place.value) return;
    const asked = { ...place.value };
    found.value = await remote.season(props.series, asked, job.timeZone, { from: from.value, to: to.value });
  },
  { immediate: true, deep: true },
);
/** A station that is nearer stands for the place. */
const NEAR_KM = 5;
const awayKm = computed(() =>
  place.value && props.series.place ? Math.round(distanceKm(place.value, props.series.place)) : 0,
);
const most = computed(() => Math.max(1, ...found.value.flatMap((f) => f.byMonth)));
const rows = computed(() => [...found.value].sort((a, b) => b.total - a.total));
/** Looked at in the chart: at first the most, the middle and the least usable. */
const MOST_LINES = 4;
const looked = ref<string[]>();
const shown = computed(() => {
  const all = rows.value.map((f) => f.buildUpId);
  return (
    looked.value ?? [all[0], all[Math.floor(all.length / 2)], all.at(-1)].filter((id) => id !== undefined)
  );
});
const charted = computed(() => rows.value.filter((f) => shown.value.includes(f.buildUpId)));
function look(id: string, on: boolean): void {
  looked.value = on ? [...shown.value, id].slice(-MOST_LINES) : shown.value.filter((x) => x !== id);
}
const unsaid = computed(() => found.value[0]?.unsaid ?? []);
</script>

<template>
  <section aria-label="The season">
    <div class="head">
      <h2 class="minor">The season: usable hours</h2>
      <span class="quiet end"
        >{{ series.source }}<template v-if="awayKm > NEAR_KM">, {{ awayKm }} km from here</template></span
      >
    </div>
    <p v-if="!place" class="quiet">Say first where the job lies.</p>
    <template v-else>
      <p class="quiet">
        Hours from
        <el-input-number
          v-model="from"
          :min="0"
          :max="23"
          size="small"
          controls-position="right"
          aria-label="Work begins, hour"
        />
        to
        <el-input-number
          v-model="to"
          :min="1"
          :max="24"
          size="small"
          controls-position="right"
          aria-label="Work ends, hour"
        />
        in which each coat of the family’s first build-up could be begun on old concrete, a bay of two hours.
      </p>
      <p v-if="unsaid.length > 0" class="warn">
        The file says nothing of {{ unsaid.join(' and ') }}: what depends on it is not looked at, and the
        hours are more than they would be.
      </p>
      <SeasonChart v-if="charted.length > 0" :months="MONTHS" :families="charted" />
      <div class="scroll-x">
        <table v-if="rows.length > 0">
          <thead>
            <tr>
              <th scope="col">Family, in the chart or not</th>
              <th v-for="m in MONTHS" :key="m" scope="col" class="num">{{ m }}</th>
              <th scope="col" class="num">Year</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="f in rows" :key="f.buildUpId">
              <th scope="row">
                <el-checkbox
                  :model-value="shown.includes(f.buildUpId)"
                  @change="(on) => look(f.buildUpId, on === true)"
                  >{{ f.name }}</el-checkbox
                >
              </th>
              <td v-for="(h, m) in f.byMonth" :key="m" class="num cell">
                <i :style="{ height: `${(100 * h) / most}%` }" aria-hidden="true"></i><span>{{ h }}</span>
              </td>
              <td class="num">
                <strong>{{ f.total }}</strong>
              </td>
            </tr>
          </tbody>
        </table>
        <p v-else class="quiet">Calculating …</p>
      </div>
    </template>
  </section>
</template>

<style scoped>
.cell {
  position: relative;
  min-width: 46px;
}
.cell i {
  position: absolute;
  inset: auto 2px 1px;
  background: var(--sea-soft);
}
.cell span {
  position: relative;
}
.warn {
  color: var(--amber);
}
th:not(.num) {
  text-align: left;
}
th[scope='row'] {
  font-weight: 400;
}
</style>
