<script setup lang="ts">
/** Everything countable in the zone and over all zones; each figure opens to its working. */
import { computed } from 'vue';
import type { Figure } from '@lentum/core/figures';
import { EDGE_NAMES, featureFacts, surveyTotals, type ZoneQuantities, type Zone } from '@lentum/core/survey';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import FigureText from '../shared/FigureText.vue';

const props = defineProps<{
  zone: Zone;
  quantities: ZoneQuantities | undefined;
  /** Areas on the slope from the levels, by zone. */
  slopeAreas: ReadonlyMap<string, Figure>;
}>();
const job = useJob();
const totals = computed(() => surveyTotals(job.documents.survey.content, props.slopeAreas));

interface Row {
  readonly name: string;
  readonly one: Figure | undefined;
  readonly all: Figure | undefined;
}
const rows = computed<Row[]>(() => {
  const q = props.quantities;
  const t = totals.value;
  return [
    { name: 'Plan area', one: q?.area, all: t.area },
    { name: 'Area on the slope', one: props.slopeAreas.get(props.zone.id) ?? q?.slopeArea, all: t.slopeArea },
    { name: 'Perimeter', one: q?.perimeter, all: undefined },
    { name: 'Upstands, length', one: q?.upstandGirth, all: t.upstandGirth },
    { name: 'Upstands, area', one: q?.upstandArea, all: t.upstandArea },
    ...t.edges.map(({ kind, length }) => ({
      name: `${EDGE_NAMES[kind]}, length`,
      one: q?.edges.find((e) => e.kind === kind)?.length,
      all: length,
    })),
    { name: 'Internal corners', one: q?.internalCorners, all: t.internalCorners },
    { name: 'External corners', one: q?.externalCorners, all: t.externalCorners },
    ...t.features.flatMap(({ kind, count, length }) => {
      const one = q?.features.find((f) => f.kind === kind);
      const { name } = featureFacts(kind);
      return length
        ? [{ name: `${name}, length`, one: one?.length, all: length }]
        : [{ name, one: one?.count, all: count }];
    }),
  ];
});
</script>

<template>
  <div class="head"><h2>Quantities</h2></div>
  <div class="scroll-x">
    <table class="dense">
      <thead>
        <tr>
          <th scope="col">What</th>
          <th scope="col" class="num zone">{{ zone.name }}</th>
          <th scope="col" class="num">All zones</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in rows" :key="r.name">
          <th scope="row">{{ worded(r.name) }}</th>
          <td class="num"><FigureText v-if="r.one" :figure="r.one" /><template v-else>–</template></td>
          <td class="num"><FigureText v-if="r.all" :figure="r.all" /><template v-else>–</template></td>
        </tr>
      </tbody>
    </table>
  </div>
  <p v-if="totals.unfinished.length > 0" class="quiet">
    Not in the sums, as the outline is not finished: {{ totals.unfinished.map((z) => z.name).join(', ') }}.
  </p>
</template>

<style scoped>
.zone {
  min-width: 6rem;
  max-width: 12rem;
  overflow-wrap: anywhere;
}
th[scope='row'] {
  font-weight: 400;
}
</style>
