<script setup lang="ts">
/** A leak that shows below: where it is on the plan, and the details that lie uphill of it, the most suspect first. */
import { computed, ref, watch } from 'vue';
import { candidateDetails, type Candidate, type DetailRecord } from '@lentum/core/diagnosis';
import { detailTitle } from '@lentum/core/details';
import { roofLevelsOf } from '@lentum/core/falls';
import { labelPoint } from '@lentum/core/geometry';
import { latestDetails } from '@lentum/core/record';
import { setOut, type Place } from '@lentum/core/survey';
import type { Outcome } from '@lentum/core/words';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import PlacePad from '../shared/PlacePad.vue';
import { useUnits } from '../shared/units.ts';
import VerdictMark from '../shared/VerdictMark.vue';

const props = defineProps<{ zoneId: string; bayId: string }>();
const job = useJob();
const { say } = useUnits();
/** As it was tapped; the middle of the bay until then. */
const place = ref<Place | null>(null);
watch(
  () => props.bayId,
  () => (place.value = null),
);
const zone = computed(() => job.zones.find((z) => z.zone.id === props.zoneId));
const shape = computed(() => (zone.value?.quantities.ok ? zone.value.quantities.value : undefined));
const frame = computed(() => shape.value && setOut(shape.value.shape.corners));
const bay = computed(() => job.documents.site.content.bays.find((b) => b.id === props.bayId));
const levels = computed(() => zone.value && roofLevelsOf(zone.value.zone));
const RECORDS: Readonly<Record<string, DetailRecord>> = {
  made: 'made, not accepted',
  accepted: 'accepted',
  refused: 'refused',
};
const found = computed((): Candidate[] => {
  if (!frame.value || !bay.value) return [];
  const spot = place.value ? frame.value.toPoint(place.value) : labelPoint(bay.value.parts);
  const latest = latestDetails(job.book, props.zoneId);
  const details = job.details.zones.find((z) => z.zone.id === props.zoneId)?.work.map((w) => w.detail) ?? [];
  return candidateDetails(
    details,
    spot,
    levels.value,
    (id) => RECORDS[latest.get(id)?.step ?? ''] ?? 'not on record',
  );
});
const OUTCOMES = {
  refused: 'stop',
  'not on record': 'hold',
  'made, not accepted': 'check',
  accepted: 'done',
} as const satisfies Record<DetailRecord, Outcome>;
const UPHILL = {
  'runs by': 'its water runs by the spot',
  higher: 'lies higher',
  'not known': 'higher or lower is not known',
} as const satisfies Record<Candidate['uphill'], string>;
const MOST = 8;
const all = ref(false);
const shown = computed(() => (all.value ? found.value : found.value.slice(0, MOST)));
</script>

<template>
  <section v-if="frame && shape && bay" aria-label="Where it may come in">
    <h3 class="minor">Where it may come in</h3>
    <PlacePad
      v-model="place"
      :parts="[shape.polygon]"
      :frame="frame"
      label="Place of the leak, on the plan"
      title="Where it drips below"
      :none="`at the middle of ${bay.label}`"
      :most-height="240"
    />
    <p v-if="!levels" class="quiet">
      Nobody levelled this roof: what lies uphill is not known, and all details are listed.
    </p>
    <p v-if="found.length === 0" class="quiet">No detail lies uphill of it.</p>
    <ol>
      <li v-for="c in shown" :key="c.detail.id">
        <VerdictMark :outcome="OUTCOMES[c.record]" />
        <span
          ><strong>{{ worded(detailTitle(c.detail)) }}</strong
          >: {{ worded(c.record) }};
          <span class="quiet">{{ UPHILL[c.uphill] }}, {{ say(c.distanceM, 'length') }} away</span></span
        >
      </li>
    </ol>
    <el-button v-if="found.length > shown.length" text @click="all = true">All {{ found.length }}</el-button>
    <p class="quiet">
      Water also runs below a membrane and along the deck: a list to look through, not an answer.
    </p>
  </section>
</template>

<style scoped>
ol {
  list-style: none;
  margin: var(--s2) 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 20px minmax(0, 1fr);
  gap: var(--s2);
  padding: var(--s1) 0;
}
section {
  margin-bottom: var(--s4);
}
</style>
