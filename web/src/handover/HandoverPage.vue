<script setup lang="ts">
/** What is handed over of a roof: what the record shows, what it does not show yet, and the paper with its seal. */
import { computed, defineAsyncComponent, ref } from 'vue';
import { useRouter } from 'vue-router';
import { buildUpOfZone } from '@lentum/core/buildup';
import { isGood, isProven, proofOf } from '@lentum/core/handover';
import { useChosenZone } from '../app/chosenzone.ts';
import { useJob } from '../app/job.ts';
import RoofPlan from '../shared/RoofPlan.vue';
import FilmMapPanel from './FilmMapPanel.vue';
import LogForms from '../site/LogForms.vue';
import AskedPart from './AskedPart.vue';
import HandoverPapers from './HandoverPapers.vue';
import ProofList from './ProofList.vue';
import SnagList from './SnagList.vue';
import UpkeepSummary from './UpkeepSummary.vue';
import { may } from '../app/session.ts';
import HeldFields from '../shared/HeldFields.vue';

const WrongSheet = defineAsyncComponent(() => import('./WrongSheet.vue'));

const job = useJob();
const { chosenId, chosen } = useChosenZone();
const zoneId = computed(() => chosenId.value ?? '');
const bays = computed(() => job.statuses.filter((s) => s.bay.zoneId === zoneId.value));
const shape = computed(() => (chosen.value?.quantities.ok ? chosen.value.quantities.value : undefined));
const proof = computed(() =>
  job.state && zoneId.value
    ? proofOf(
        job.state,
        zoneId.value,
        job.details.zones.find((z) => z.zone.id === zoneId.value),
        job.documents.proving.draft,
      )
    : undefined,
);
const isWhole = computed(() => proof.value !== undefined && isProven(proof.value));
const good = computed(() => proof.value?.filter((l) => isGood(l.answer)).length ?? 0);
const buildUp = computed(() => buildUpOfZone(job.documents.buildUps.content, zoneId.value));
/** What waits on this device has no place in the chain yet. */
const last = computed(() => job.entries.findLast((s) => s.hash !== ''));
const forms = ref<InstanceType<typeof LogForms>>();
const wrong = ref(false);
function asSnag(bayId: string, what: string): void {
  wrong.value = false;
  forms.value?.log(zoneId.value, [bayId], 'snag', { what });
}
const router = useRouter();
const onRecord = (bay: string): void =>
  void router.push({ name: 'record', query: { zone: chosenId.value, bay } });
</script>

<template>
  <main class="page">
    <div class="bar top">
      <el-button v-if="chosen && may('enter', job.id)" class="end" @click="wrong = true"
        >Something went wrong</el-button
      >
    </div>
    <p v-if="!chosen">
      Nothing to hand over yet: it takes a zone. <RouterLink :to="{ name: 'survey' }">Survey</RouterLink>
    </p>
    <div v-else class="columns handover">
      <section aria-label="What is proven">
        <h1>{{ chosen.zone.name }}</h1>
        <div class="head">
          <h2>What is proven</h2>
          <span v-if="proof" class="quiet end">{{ good }} of {{ proof.length }}</span>
        </div>
        <p v-if="!proof" class="quiet" role="status">The record is being looked through…</p>
        <p v-else-if="proof.length === 0">Nothing is laid: the roof is not cut into bays.</p>
        <ProofList v-else :lines="proof" :zone="zoneId" />
        <p class="quiet note">
          Each layer is judged as it stood when it was begun, by the gates of the day. What nobody read or
          entered is not shown, and proves nothing.
        </p>
      </section>
      <FilmMapPanel
        v-if="shape && buildUp && bays.some((b) => b.laid.some((l) => l.entry.lastWetMm.length > 0))"
        :zone="chosen.zone"
        :quantities="shape"
        :bays="bays"
        :build-up="buildUp"
        @choose="onRecord"
      />
      <section v-else aria-label="Bays">
        <RoofPlan
          v-if="shape && bays.length > 0"
          :zone="chosen.zone"
          :ring="shape.ring"
          :polygon="shape.polygon"
          :bays="bays"
          :chosen="undefined"
          :dimensions="false"
          :most-height="460"
          @choose="onRecord"
        />
        <p v-else class="quiet">It is not cut into bays yet.</p>
      </section>
      <aside class="paper" aria-label="Paper">
        <HandoverPapers :zone-id="zoneId" :is-whole="isWhole" />
        <UpkeepSummary
          :zone-id="zoneId"
          :unproven="(proof?.length ?? 0) - good"
          @hand-over="forms?.log(zoneId, [], 'upkeep', { step: 'handed over' })"
        />
        <HeldFields><AskedPart :zone-id="zoneId" /></HeldFields>
        <SnagList :zone-id="zoneId" @add="forms?.log(zoneId, [], 'snag')" />
        <h2>Seal of the record</h2>
        <p v-if="last">
          {{ last.seq }} entries, head <code>{{ last.hash.slice(0, 16) }}</code>. It stands on each page.
          Whoever keeps one can tell whether the entries up to it were changed since.
        </p>
        <p v-else>Nothing is on record yet.</p>
        <p v-if="job.keptHere.size > 0" class="quiet">
          {{ job.keptHere.size }} {{ job.keptHere.size === 1 ? 'entry waits' : 'entries wait' }} on this
          device and {{ job.keptHere.size === 1 ? 'is' : 'are' }} not in it yet.
        </p>
      </aside>
    </div>
    <WrongSheet v-if="wrong && chosen" v-model="wrong" :zone-id="zoneId" @snag="asSnag" />
    <LogForms ref="forms" />
  </main>
</template>

<style scoped>
.top {
  margin-bottom: var(--s3);
}
.handover {
  grid-template-columns: minmax(260px, 1fr) minmax(0, 1.4fr) minmax(240px, 0.9fr);
}
h1 {
  font-size: var(--t-l);
  margin-bottom: var(--s3);
}
.note {
  margin-top: var(--s3);
}
.paper h2 {
  font-size: var(--t-m);
  margin-top: var(--s4);
}
.paper p {
  margin-bottom: var(--s3);
}
@media (max-width: 1000px) {
  .handover {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
