<script setup lang="ts">
/** Every detail of a zone with its card, and everything that is cut, roll by roll. */
import { useMediaQuery } from '@vueuse/core';
import { computed, nextTick, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { countsByKind, cutLists, detailFacts, piecesDxf, piecesSvg } from '@lentum/core/details';
import { leftOversOf } from '@lentum/core/order';
import { sentence } from '@lentum/core/problems';
import { useChosenZone } from '../app/chosenzone.ts';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import { saveFile } from '../shared/savefile.ts';
import { useUnits } from '../shared/units.ts';
import PartSwitch from '../shared/PartSwitch.vue';
import CutListPanel from './CutListPanel.vue';
import DetailCard from './DetailCard.vue';
import DetailTable from './DetailTable.vue';

const job = useJob();
const { say } = useUnits();
const route = useRoute();
const router = useRouter();
const { chosenId, chosen } = useChosenZone();
const zone = computed(() => job.details.zones.find((z) => z.zone.id === chosenId.value));
const missing = computed(() => job.details.missing.find((m) => m.zone.id === chosenId.value));
const part = computed(() => (route.query['part'] === 'cutting' ? 'cutting' : 'details'));
const work = computed(
  () => zone.value?.work.find((w) => w.detail.id === route.query['detail']) ?? zone.value?.work[0],
);
const go = (query: Record<string, string | undefined>): void =>
  void router.replace({ query: { ...route.query, ...query } });
/** On a narrow screen the card lies below the list: what was tapped is drawn into sight. */
const narrow = useMediaQuery('(max-width: 1000px)');
const card = ref<HTMLElement>();
async function open(detailId: string): Promise<void> {
  await router.replace({ query: { ...route.query, detail: detailId } });
  await nextTick();
  if (narrow.value) card.value?.scrollIntoView({ block: 'start' });
}
/** Over every zone of the job. */
const totals = computed(() =>
  countsByKind(job.details.zones).map((c) => ({ ...c, facts: detailFacts(c.kind) })),
);
/** Ends of the rolls of the field are used first, as in the order: where its courses are known. */
watch(part, (shown) => shown === 'cutting' && job.courses.want(), { immediate: true });
const lists = computed(() =>
  cutLists(job.details, leftOversOf(job.courses.plan)).filter((l) =>
    l.zones.some((z) => z.zone.id === chosenId.value),
  ),
);
const PARTS = [
  ['details', 'Details'],
  ['cutting', 'Cutting'],
] as const;
</script>

<template>
  <main class="page">
    <div class="bar top">
      <PartSwitch :parts="PARTS" :chosen="part" @choose="(key) => go({ part: key })" />
    </div>
    <p v-if="!chosen">
      Measure a zone first: its details are found from its edges, corners and fittings.
      <RouterLink :to="{ name: 'survey' }">Go to the survey</RouterLink>.
    </p>
    <p v-else-if="missing">{{ missing.problems.map(sentence).join(' ') }}</p>
    <template v-else-if="part === 'cutting'">
      <p v-if="lists.length === 0">No pieces to cut for this zone.</p>
      <CutListPanel v-for="l in lists" :key="l.layerId ?? ''" :list="l" />
    </template>
    <p v-else-if="zone && zone.work.length === 0">
      No detail on this zone: its sides, openings and fittings are said in the
      <RouterLink :to="{ name: 'survey', query: { zone: zone.zone.id, part: 'edges' } }">survey</RouterLink>.
    </p>
    <div v-else-if="zone && work" class="columns">
      <section aria-label="Schedule of details">
        <div class="head">
          <h1>{{ zone.zone.name }}</h1>
          <el-button
            class="end"
            :disabled="zone.groups.length === 0"
            @click="saveFile(piecesSvg(zone.groups), `pieces-${zone.zone.code}.svg`, 'image/svg+xml')"
            >Pieces, SVG</el-button
          >
          <el-button
            :disabled="zone.groups.length === 0"
            @click="saveFile(piecesDxf(zone.groups), `pieces-${zone.zone.code}.dxf`, 'application/dxf')"
            >Pieces, DXF</el-button
          >
        </div>
        <DetailTable :zone="zone" :chosen="work.detail.id" @choose="open" />
        <details class="totals">
          <summary><strong>All zones together</strong></summary>
          <table class="dense">
            <tbody>
              <tr v-for="t in totals" :key="t.kind">
                <th scope="row">{{ worded(t.facts.name) }}</th>
                <td class="num">{{ t.facts.form === 'spot' ? t.count : say(t.lengthM, 'length') }}</td>
              </tr>
            </tbody>
          </table>
        </details>
      </section>
      <div ref="card"><DetailCard :key="work.detail.id" :zone="zone" :work="work" /></div>
    </div>
  </main>
</template>

<style scoped>
.totals {
  margin-top: var(--s4);
}
.totals summary {
  cursor: pointer;
  min-height: 32px;
}
.totals th {
  text-align: left;
}
.columns > * {
  min-width: 0;
}
.top {
  margin-bottom: var(--s3);
  justify-content: space-between;
}
.columns {
  grid-template-columns: minmax(0, 4fr) minmax(0, 5fr);
}
@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
