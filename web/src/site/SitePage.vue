<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { bayMismatches } from '@lentum/core/site';
import { useActKeys } from '../app/actkeys.ts';
import { useChosenZone } from '../app/chosenzone.ts';
import { useJob } from '../app/job.ts';
import RoofPlan from '../shared/RoofPlan.vue';
import BayCard from './BayCard.vue';
import BayList from './BayList.vue';
import { groupsByState } from './groups.ts';
import ConditionsPanel from './ConditionsPanel.vue';
import LogForms from './LogForms.vue';
import LayingDrawer from './LayingDrawer.vue';
import NightPanel from './NightPanel.vue';
import RoutePanel from './RoutePanel.vue';
import RouteOverlay from './RouteOverlay.vue';
import { useBayRoute } from './bayroute.ts';
import SplitDialog from './SplitDialog.vue';
import { useCalls } from './today/calls.ts';

const job = useJob();
const route = useRoute();
const router = useRouter();
const { chosenId, chosen } = useChosenZone();
const splitting = ref(false);
const mixing = ref(false);
const forms = ref<InstanceType<typeof LogForms>>();

const bays = computed(() => job.statuses.filter((s) => s.bay.zoneId === chosenId.value));
const calls = useCalls();
const withVerdicts = computed(() => {
  const { work } = job.weather;
  return work
    ? calls.value
        .filter((c) => c.status.bay.zoneId === chosenId.value)
        .map((call) => {
          const verdict = work.callVerdict(call, job.nowMs);
          return { call, status: call.status, verdict, brief: work.briefVerdict(call, verdict, job.nowMs) };
        })
    : [];
});
const groups = computed(() => groupsByState(withVerdicts.value));
const bayId = computed(
  () =>
    bays.value.find((b) => b.bay.id === route.query['bay'])?.bay.id ??
    bays.value.find((b) => b.state !== 'accepted')?.bay.id ??
    bays.value[0]?.bay.id,
);
const bay = computed(() => bays.value.find((b) => b.bay.id === bayId.value));
const row = computed(() => withVerdicts.value.find((r) => r.status.bay.id === bayId.value));
const conditions = ref<InstanceType<typeof ConditionsPanel>>();
const shape = computed(() => (chosen.value?.quantities.ok ? chosen.value.quantities.value : undefined));
const cut = computed(() => job.documents.site.draft.cuts.find((c) => c.zoneId === chosenId.value));
const mismatch = computed(() =>
  bayMismatches(job.documents.site.draft, job.documents.survey.draft).find(
    (m) => m.zone.id === chosenId.value,
  ),
);
const locked = computed(() => bays.value.some((b) => job.usedBays.has(b.bay.id)));

const walk = useBayRoute(
  () => chosen.value?.zone,
  () => bays.value.map((b) => b.bay),
);
const log = (): void => {
  if (chosen.value) forms.value?.log(chosen.value.zone.id, []);
};
defineExpose({ log });
useActKeys([
  { key: 'r', what: 'take a reading on this zone', run: () => conditions.value?.begin() },
  {
    key: 'c',
    what: 'log what comes next on the chosen bay',
    run: () =>
      bay.value?.next &&
      void forms.value?.act(bay.value.next.kind === 'coat' ? 'coat' : 'ply', [bay.value.bay.id]),
  },
  {
    key: 'l',
    what: 'log anything else',
    run: log,
  },
]);
const chooseBay = (id: string): void =>
  void router.replace({ query: { ...route.query, zone: chosenId.value, bay: id } });
</script>

<template>
  <div>
    <p v-if="!chosen">
      Measure a zone first. <RouterLink :to="{ name: 'survey' }">Go to the survey</RouterLink>.
    </p>
    <p v-else-if="!chosen.buildUp">
      Choose a build-up for {{ chosen.zone.name }} first.
      <RouterLink :to="{ name: 'build-up', query: { zone: chosenId } }">Go to the build-up</RouterLink>.
    </p>
    <p v-else-if="!shape">
      {{ chosen.zone.name }} is not closed yet: it has no area to cut into bays.
      <RouterLink :to="{ name: 'survey', query: { zone: chosenId } }">Go to the survey</RouterLink>.
    </p>
    <div v-else-if="bays.length === 0" class="empty">
      <h2>No bays on {{ chosen.zone.name }} yet</h2>
      <p>
        Mark out bays that one container, or one mix, must cover: the coverage then proves itself while the
        floor is wet.
      </p>
      <el-button type="primary" class="tap" @click="splitting = true">Cut it into bays</el-button>
    </div>
    <div v-else class="columns site">
      <section class="list" aria-label="Bays by what they wait for">
        <ConditionsPanel
          :key="chosen.zone.id"
          ref="conditions"
          :zone-id="chosen.zone.id"
          :build-up="chosen.buildUp"
        />
        <BayList
          :groups="groups"
          :chosen="bayId"
          @choose="chooseBay"
          @act="(act, ids) => forms?.act(act, ids)"
        />
      </section>
      <section class="drawing" aria-label="Bay plan">
        <RoofPlan
          :zone="chosen.zone"
          :ring="shape.ring"
          :polygon="shape.polygon"
          :bays="bays"
          :chosen="bayId"
          :most-height="520"
          @choose="chooseBay"
        >
          <template #default="{ view }"><RouteOverlay :walk="walk" :view="view" /></template>
        </RoofPlan>
        <p class="quiet">
          {{ bays.length }} bays<template v-if="cut"
            >, each for one {{ cut.by }}, which covers {{ job.say(cut.coversM2, 'area') }}</template
          >.
          <el-button v-if="!locked" text @click="splitting = true">Cut again</el-button>
          <template v-else> Bays with entries stay as they are.</template>
        </p>
        <RoutePanel :walk="walk" :zone="chosen.zone" />
        <NightPanel :key="chosen.zone.id" :zone="chosen.zone" :build-up="chosen.buildUp" :bays="bays" />
        <p v-if="mismatch" class="warn" role="alert">
          The survey was changed after the bays were cut: they add up to
          {{ job.say(mismatch.bayM2, 'area') }}, the zone has {{ job.say(mismatch.zoneM2, 'area') }}.
          {{ locked ? 'Their films are judged by the area they were cut with.' : 'Cut them again.' }}
        </p>
      </section>
      <section v-if="bay && row" class="card" aria-label="Chosen bay">
        <BayCard
          :key="bay.bay.id"
          :status="bay"
          :verdict="row.verdict"
          :call="row.call"
          @coat="forms?.act('coat', [bay.bay.id])"
          @ply="forms?.act('ply', [bay.bay.id])"
          @mix="mixing = true"
          @add="forms?.correct(bay.laid.at(-1)?.entry.id)"
          @log="(kind, known) => forms?.log(bay!.bay.zoneId, [bay!.bay.id], kind, known)"
          @fix="forms?.fix(bay)"
          @reading="conditions?.begin()"
        />
      </section>
    </div>
    <SplitDialog
      v-if="splitting && chosen?.buildUp"
      v-model="splitting"
      :zone="chosen.zone"
      :build-up="chosen.buildUp"
    />
    <LayingDrawer
      v-if="mixing && bay"
      v-model="mixing"
      :status="bay"
      :zone="chosen!.zone"
      @log="(kind, known) => bay && forms?.log(bay.bay.zoneId, [bay.bay.id], kind, known)"
    />
    <LogForms ref="forms" />
  </div>
</template>

<style scoped>
.top {
  margin-bottom: var(--s3);
}
/* The foot of the phone leads to the log. */
@media (max-width: 720px) {
  .top.desk {
    display: none;
  }
}
.empty {
  max-width: 40rem;
  display: grid;
  gap: var(--s3);
  justify-items: start;
}
.site {
  grid-template-columns: minmax(300px, 380px) minmax(320px, 1fr) minmax(270px, 330px);
}
.card {
  position: sticky;
  top: var(--s4);
}
.warn {
  color: var(--amber);
}
@media (max-width: 1200px) {
  .site {
    grid-template-columns: minmax(300px, 380px) minmax(300px, 1fr);
  }
  .card {
    grid-column: 2;
    grid-row: 1;
    position: static;
  }
  .drawing {
    grid-column: 2;
  }
  .list {
    grid-row: span 2;
  }
}
@media (max-width: 820px) {
  .site {
    grid-template-columns: minmax(0, 1fr);
  }
  .card,
  .drawing,
  .list {
    grid-column: 1;
    grid-row: auto;
  }
  .card {
    order: 1;
  }
  .drawing {
    order: 2;
  }
  .list {
    order: 3;
  }
}
</style>
