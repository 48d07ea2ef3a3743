<script setup lang="ts">
/** Everything that is cut for the zones of one build-up, set on rolls, with what no cutting could beat. */
import { computed } from 'vue';
import { cutLists, patternBox, type CutList } from '@lentum/core/details';
import { useJob } from '../app/job.ts';
import { saveFile } from '../shared/savefile.ts';
import { useUnits } from '../shared/units.ts';
import { cutListRows } from './cutlist.ts';
import RollDrawing from './RollDrawing.vue';

const props = defineProps<{ zoneId: string }>();
const job = useJob();
const { say } = useUnits();
const list = computed<CutList | undefined>(() =>
  cutLists(job.details).find((l) => l.zones.some((z) => z.zone.id === props.zoneId)),
);
const groups = computed(() => list.value?.zones.flatMap((z) => z.groups) ?? []);
const rolls = computed(() =>
  (list.value?.nest.usedMm ?? []).map((usedMm, i) => ({
    usedMm,
    placed: list.value?.nest.placed.filter((p) => p.roll === i) ?? [],
  })),
);
const over = computed(() => {
  const { totalMm = 0, leastMm = 0 } = list.value?.nest ?? {};
  return leastMm > 0 ? totalMm / leastMm - 1 : 0;
});
const csv = (): void => {
  if (list.value) saveFile(cutListRows(list.value), 'cut-list.csv', 'text/csv');
};
</script>

<template>
  <p v-if="!list">No pieces to cut for this zone.</p>
  <section v-else aria-label="Cutting">
    <div class="head">
      <h1>Cut from {{ list.roll.name }}</h1>
      <span class="quiet">
        {{ say(list.roll.widthMm, 'lap') }} wide; for {{ list.zones.map((z) => z.zone.name).join(', ') }}
      </span>
      <el-button class="end" @click="csv">Cut list as CSV</el-button>
    </div>
    <p>
      <strong>{{ say(list.nest.totalMm / 1000, 'length') }}</strong> of roll for
      {{ list.nest.placed.length }} pieces. No cutting takes less than
      {{ say(list.nest.leastMm / 1000, 'length') }}: this one is
      {{ over < 0.0005 ? 'proven least' : `${say(over, 'share')} over that` }};
      {{ say(list.nest.waste, 'share') }} of it is offcuts. Each piece is taken as the rectangle round it.
    </p>
    <div class="columns">
      <div>
        <template v-for="(r, i) in rolls" :key="i">
          <h2 class="minor">Roll {{ i + 1 }}, {{ say(r.usedMm / 1000, 'length') }} used</h2>
          <RollDrawing :placed="r.placed" :used-mm="r.usedMm" :width-mm="list.roll.widthMm" />
        </template>
      </div>
      <div class="scroll-x">
        <table class="dense">
          <thead>
            <tr>
              <th scope="col">Piece</th>
              <th scope="col">What</th>
              <th scope="col" class="num">Long</th>
              <th scope="col" class="num">Wide</th>
              <th scope="col" class="num">How many</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="g in groups" :key="g.label">
              <th scope="row">{{ g.label }}</th>
              <td>
                {{ g.piece.name }}<template v-if="g.piece.ply > 0">, ply {{ g.piece.ply + 1 }}</template>
              </td>
              <td class="num">{{ say(patternBox(g.piece.pattern).widthMm, 'lap') }}</td>
              <td class="num">{{ say(patternBox(g.piece.pattern).heightMm, 'lap') }}</td>
              <td class="num">{{ g.count }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </div>
  </section>
</template>

<style scoped>
.columns > * {
  min-width: 0;
}
.columns {
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  margin-top: var(--s3);
}
@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
