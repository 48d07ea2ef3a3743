<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { coatVerdict, missLine } from '@lentum/core/words';
import { bodyOf } from '@lentum/client';
import { api, call, get, sentenceOf } from '../app/api.ts';
import { recordSection, sealBlock, sealLine } from '@lentum/core/handover';
import { COMMON } from '@lentum/core/practice';
import type { Printout } from '@lentum/core/printout';
import { useChosenZone } from '../app/chosenzone.ts';
import { may } from '../app/session.ts';
import { useJob } from '../app/job.ts';
import LogForms from '../site/LogForms.vue';
import PrintButton from '../shared/printout/PrintButton.vue';
import { usePrinted } from '../shared/printout/telling.ts';
import RoofPlan from '../shared/RoofPlan.vue';
import VerdictLine from '../shared/VerdictLine.vue';
import CoatCard from './CoatCard.vue';
import EntryList from './EntryList.vue';
import SamplingTable from './SamplingTable.vue';
import { saveFile } from '../shared/savefile.ts';
import WithdrawDialog from './WithdrawDialog.vue';

const job = useJob();
const route = useRoute();
const router = useRouter();
const { chosenId, chosen } = useChosenZone();
const forms = ref<InstanceType<typeof LogForms>>();
const withdrawing = ref<string>();
const chainWords = ref('');
const checking = ref(false);

const bays = computed(() => job.statuses.filter((s) => s.bay.zoneId === chosenId.value));
const shape = computed(() => (chosen.value?.quantities.ok ? chosen.value.quantities.value : undefined));
const bayId = computed(() => bays.value.find((b) => b.bay.id === route.query['bay'])?.bay.id);
const shown = computed(() =>
  bays.value.filter((b) => (bayId.value === undefined ? b.laid.length > 0 : b.bay.id === bayId.value)),
);
const doubtful = computed(() =>
  bays.value.flatMap((s) =>
    s.laid
      .filter((l) => l.judgement.outcome === 'thin' || l.judgement.outcome === 'check')
      .map((l) =>
        coatVerdict(
          `${s.bay.label} · ${l.coat.name.toLowerCase()}.`,
          l,
          l === s.laid.at(-1) ? s.workableUntilMs : 0,
          job.nowMs,
        ),
      ),
  ),
);
const chooseBay = (id: string): void =>
  void router.replace({
    query: { ...route.query, zone: chosenId.value, bay: bayId.value === id ? undefined : id },
  });
/** What was missed on the zone, mended or not, once for each coat of a shift. */
const missed = computed(() =>
  bays.value.flatMap((s) =>
    s.misses.map((m) => ({ key: `${s.bay.id}${m.entryId}${m.limit}${m.atMs}`, label: s.bay.label, m })),
  ),
);

const { printed } = usePrinted();
/** Entries that have arrived, with the seal of the newest. */
function printout(): Printout {
  const { survey, buildUps, site } = job.documents;
  const last = job.entries.at(-1);
  const zoneId = chosenId.value ?? '';
  const name = survey.content.zones.find((z) => z.id === zoneId)?.name ?? '';
  const paper = printed(`Record, ${name}`, (t) => [
    ...recordSection(
      zoneId,
      {
        buildUps: buildUps.content,
        site: site.content,
        book: job.book,
        say: t.say,
        practice: job.state?.practice ?? COMMON,
      },
      t,
      job.keptHere,
    ),
    sealBlock(last, t),
  ]);
  return { ...paper, seal: sealLine(last) };
}

const receiptsWords = (n: number): string =>
  n === 0
    ? ' This server has signed nothing of it yet: a receipt would show later if its tail is missing.'
    : ` It begins with what this server has signed, ${n === 1 ? 'once' : `${n} times`}.`;
async function attempt(work: () => Promise<void>): Promise<void> {
  try {
    await work();
  } catch (error) {
    chainWords.value = sentenceOf(error);
  }
}
/** Signed by the server, for whoever wants to prove later what was there. */
const takeReceipt = (): Promise<void> =>
  attempt(async () => {
    const path = { jobId: job.id };
    const body = bodyOf(await api.POST('/jobs/{jobId}/receipts', { params: { path }, body: {} }));
    saveFile(JSON.stringify(body, null, 2), `receipt-${body.at.slice(0, 10)}.json`, 'application/json');
    chainWords.value = `The receipt names ${body.entries} entries, as they were ${job.time(Date.parse(body.at))}. Keep it away from this server.`;
  });
const receiptPicker = ref<HTMLInputElement>();
const compareReceipt = (event: Event): Promise<void> =>
  attempt(async () => {
    const input = event.target as HTMLInputElement;
    const file = input.files?.[0];
    input.value = '';
    if (!file) return;
    let receipt: unknown;
    try {
      receipt = JSON.parse(await file.text());
    } catch {
      throw new Error(`${file.name} is no receipt; expected the JSON file that was handed out.`);
    }
    const { body } = await call<{ compared: { says: string }[] }>(
      'POST',
      `/jobs/${job.id}/receipts/compare`,
      {
        body: { receipts: [receipt] },
      },
    );
    chainWords.value = body.compared.map((c) => c.says).join(' ');
  });
async function checkChain(): Promise<void> {
  checking.value = true;
  try {
    const { body } = await get<{ whole: boolean; entries: number; problem?: string; receipts?: number }>(
      `/jobs/${job.id}/record-check`,
    );
    chainWords.value = body.whole
      ? `The chain is whole: ${body.entries} entries, each follows the one before it.${receiptsWords(body.receipts ?? 0)}`
      : (body.problem ?? '');
  } catch (error) {
    chainWords.value = sentenceOf(error);
  } finally {
    checking.value = false;
  }
}
</script>

<template>
  <main class="page">
    <div class="bar top">
      <a class="export" :href="`/api/v1/jobs/${job.id}/record.csv`" download>Record as CSV</a>
      <a v-if="may('take job out', job.id)" class="export" :href="`/api/v1/jobs/${job.id}/file`" download
        >Whole job as JSON</a
      >
      <PrintButton :printout="printout" :disabled="job.entries.length === 0" />
      <el-button :loading="checking" @click="checkChain">Check the chain</el-button>
      <el-button @click="takeReceipt">Receipt</el-button>
      <el-button @click="receiptPicker?.click()">Compare a receipt</el-button>
      <input
        ref="receiptPicker"
        class="visually-hidden"
        type="file"
        accept=".json,application/json"
        aria-label="Receipt to compare"
        tabindex="-1"
        @change="compareReceipt"
      />
      <el-button v-if="chosen && may('enter', job.id)" @click="forms?.log(chosen.zone.id, [])">Log</el-button>
    </div>
    <p v-if="chainWords" role="status" class="chain">{{ chainWords }}</p>
    <p v-if="job.entries.length === 0">
      Nothing is on record yet. Readings, steps and coats are entered under
      <RouterLink :to="{ name: 'site' }">Site</RouterLink>.
    </p>
    <div v-else-if="shape && chosen" class="columns record">
      <section class="side" aria-label="Bays by state">
        <RoofPlan
          v-if="bays.length > 0"
          :zone="chosen.zone"
          :ring="shape.ring"
          :polygon="shape.polygon"
          :bays="bays"
          :chosen="bayId"
          :dimensions="false"
          :most-height="420"
          @choose="chooseBay"
        />
        <p class="quiet">
          {{
            bayId
              ? 'One bay is shown; choose it again for all.'
              : 'All bays with a coat are shown; choose one for its own.'
          }}
        </p>
        <SamplingTable :bays="bays" />
        <template v-if="doubtful.length > 0">
          <div class="head">
            <h2>Thin, or does not add up</h2>
            <span class="quiet end">{{ doubtful.length }}</span>
          </div>
          <VerdictLine v-for="(v, i) in doubtful" :key="i" :verdict="v" />
        </template>
        <template v-if="missed.length > 0">
          <div class="head">
            <h2>Missed, and what was done</h2>
            <span class="quiet end">{{ missed.length }}</span>
          </div>
          <VerdictLine
            v-for="x in missed"
            :key="x.key"
            :verdict="{
              outcome: x.m.clearedMs === undefined ? 'stop' : 'done',
              subject: `${x.label}.`,
              says: missLine(x.m),
            }"
          />
        </template>
      </section>
      <section aria-label="Coats">
        <template v-for="s in shown" :key="s.bay.id">
          <CoatCard
            v-for="l in [...s.laid].reverse()"
            :key="l.entry.id"
            :status="s"
            :laid="l"
            @correct="forms?.correct(l.entry.id)"
            @withdraw="withdrawing = l.entry.id"
          />
        </template>
        <p v-if="shown.every((s) => s.laid.length === 0)">No coat is laid here yet.</p>
      </section>
      <section class="all" aria-label="All entries">
        <EntryList
          :zone-id="chosen.zone.id"
          :highlighted="String(route.query['entry'] ?? '')"
          @withdraw="(id) => (withdrawing = id)"
        />
      </section>
    </div>
    <LogForms ref="forms" />
    <WithdrawDialog v-if="withdrawing" :entry-id="withdrawing" @close="withdrawing = undefined" />
  </main>
</template>

<style scoped>
.top {
  margin-bottom: var(--s3);
}
.export {
  padding: var(--s1) var(--s2);
  font-weight: 600;
}
.chain {
  margin-bottom: var(--s3);
}
.record {
  grid-template-columns: minmax(300px, 420px) minmax(0, 1fr);
}
.all {
  grid-column: 1 / -1;
}
@media (max-width: 900px) {
  .record {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
