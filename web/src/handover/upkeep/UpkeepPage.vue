<script setup lang="ts">
/** The years after: what is due on a roof, when it is coated again and by what, its visits and its guarantee. */
import { computed, ref } from 'vue';
import {
  DATE_NAMES,
  dateText,
  keptAfter,
  openWords,
  startWords,
  upkeepSheet,
  yearLines,
} from '@lentum/core/handover';
import type { Printout } from '@lentum/core/printout';
import { sentence } from '@lentum/core/problems';
import { monthOf, monthOfDay, monthsAfter, type UpkeepDate } from '@lentum/core/upkeep';
import type { Verdict } from '@lentum/core/words';
import { upkeepCalendar } from '../../app/api.ts';
import { useChosenZone } from '../../app/chosenzone.ts';
import { useJob } from '../../app/job.ts';
import { worded } from '../../app/wording.ts';
import FigureText from '../../shared/FigureText.vue';
import PrintButton from '../../shared/printout/PrintButton.vue';
import PickList from '../../shared/PickList.vue';
import SayParts from '../../shared/SayParts.vue';
import VerdictLine from '../../shared/VerdictLine.vue';
import LogForms from '../../site/LogForms.vue';
import EntryPictures from '../../shared/pictures/EntryPictures.vue';
import GuaranteePart from './GuaranteePart.vue';
import RepairPart from './RepairPart.vue';
import YearsDrawing from './YearsDrawing.vue';
import { may } from '../../app/session.ts';
import HeldFields from '../../shared/HeldFields.vue';

const job = useJob();
const { chosenId, chosen } = useChosenZone();
const zoneId = computed(() => chosenId.value ?? '');
const forms = ref<InstanceType<typeof LogForms>>();
const after = computed(() =>
  job.state && zoneId.value
    ? keptAfter(job.state, zoneId.value, job.timeZone, job.documents.proving.draft)
    : undefined,
);
const plan = computed(() => after.value?.plan);
const now = computed(() => monthOf(job.nowMs, job.timeZone));
const start = computed(() => monthOf(plan.value?.startMs ?? job.nowMs, job.timeZone));
const guaranteeSpan = computed((): readonly [number, number] | undefined => {
  const stand = after.value?.guarantee;
  if (!stand?.startsOn) return undefined;
  const from = monthOfDay(stand.startsOn);
  return [from, monthsAfter(from, stand.guarantee.years)];
});
const coming = computed(() => after.value?.dates.find((d) => d.state === 'to come'));
/** What is late, or due now. */
const next = computed((): Verdict[] => {
  if (!plan.value) return [];
  const line = (d: UpkeepDate): Verdict => ({
    outcome: d.state === 'late' ? 'stop' : 'steps',
    subject: `${DATE_NAMES[d.key]}:`,
    says: [
      d.state === 'late' ? `asked for ${dateText(d)}, and nothing is on record.` : `due now, ${dateText(d)}.`,
    ],
  });
  return plan.value.standing.map(line);
});
const recoat = computed(() => after.value?.dates.find((d) => d.key === 'recoat'));
const rows = computed(() => yearLines(after.value?.dates ?? [], worded));
const sheetYear = ref<number>();
/** This year where something is due in it, else the first in which something is. */
const year = computed(() => {
  const thisYear = Math.floor(now.value / 12);
  return sheetYear.value ?? rows.value.find((r) => r.year >= thisYear)?.year ?? thisYear;
});
const last = computed(() => job.entries.findLast((s) => Boolean(s.hash)));
/** Made when it is asked for: it takes the details of the roof and all of its proof. */
function sheet(): Printout {
  if (!job.state || !job.head) throw new Error('the job is not judged yet');
  const made = upkeepSheet({
    ...{ head: job.head, state: job.state, last: last.value, zoneId: zoneId.value, year: year.value },
    asked: job.documents.proving.draft,
  });
  if (!made.ok) throw new Error(made.problems.map(sentence).join(' '));
  return made.value;
}
const visits = computed(() => [...(plan.value?.kept.visits ?? [])].reverse());
</script>

<template>
  <main class="page">
    <div class="bar top">
      <RouterLink class="end" :to="{ name: 'handover', query: { zone: zoneId } }">Handover</RouterLink>
    </div>
    <p v-if="!chosen">
      Nothing to look after yet: it takes a zone. <RouterLink :to="{ name: 'survey' }">Survey</RouterLink>
    </p>
    <p v-else-if="!after" class="quiet" role="status">The record is being looked through…</p>
    <div v-else class="columns upkeep">
      <section aria-label="What comes next">
        <h1>{{ chosen.zone.name }}</h1>
        <template v-if="plan">
          <p class="quiet"><SayParts :parts="startWords(plan)" /></p>
          <p v-if="plan.kept.handedOver">{{ worded(openWords(plan.kept.handedOver.body.unproven)) }}</p>
          <VerdictLine v-for="v in next" :key="v.subject + v.outcome" :verdict="v" />
          <p v-if="coming">
            Next: {{ worded(DATE_NAMES[coming.key]).toLowerCase() }}, <strong>{{ dateText(coming) }}</strong>
          </p>
          <div v-if="may('enter', job.id)" class="bar acts">
            <el-button type="primary" @click="forms?.log(zoneId, [], 'upkeep', { step: 'visit' })"
              >Log a visit</el-button
            >
            <el-button
              v-if="!plan.kept.handedOver"
              @click="forms?.log(zoneId, [], 'upkeep', { step: 'handed over' })"
              >Hand over</el-button
            >
          </div>
          <template v-if="plan.recoat && recoat">
            <h2>Coat again</h2>
            <p class="large">{{ dateText(recoat) }}</p>
            <p>
              <FigureText :figure="plan.recoat.soonest" /> to <FigureText :figure="plan.recoat.latest" />,
              {{
                plan.recoat.by === 'read'
                  ? 'by the film as it was read'
                  : 'by what the build-up says and the film as it lies'
              }}.
            </p>
            <p v-if="plan.film?.lowest">
              Least top film <FigureText :figure="plan.film.lowest" /> on {{ plan.film.lowestAt }}, of the
              design <FigureText :figure="plan.film.design" />.
            </p>
            <p v-for="(s, i) in plan.recoat.says" :key="i" class="quiet"><SayParts :parts="s" /></p>
            <p v-for="a in plan.again" :key="a.coat.id">
              One recoat takes <FigureText :figure="a.amount" /> of {{ a.coat.name.toLowerCase() }}.
            </p>
            <p v-if="plan.recoatCost">
              Material at today’s prices: <FigureText :figure="plan.recoatCost" />{{ worded(', no labour.') }}
            </p>
          </template>
          <p v-else class="quiet">Its build-up is not coated again: it is renewed.</p>
          <p>
            Renewed as a whole after <FigureText :figure="plan.renewal.soonest" /> to
            <FigureText :figure="plan.renewal.latest" />.
          </p>
          <p v-for="b in plan.bridges" :key="b.coat.id">
            {{ worded(b.coat.name) }}: a moving crack below it may open by
            <FigureText :figure="b.figure" /> where a strip of it is not bonded; wider ones are joints.
          </p>
          <p v-if="plan.note" class="quiet">{{ plan.note }}</p>
        </template>
        <p v-else>
          Its build-up does not say how it is looked after.
          <RouterLink :to="{ name: 'build-up', query: { zone: zoneId } }">Build-up</RouterLink>
        </p>
      </section>
      <section aria-label="Twenty years">
        <template v-if="plan">
          <h2>Twenty years</h2>
          <YearsDrawing :dates="after.dates" :start="start" :now="now" :guarantee="guaranteeSpan" />
          <el-table :data="rows" row-key="year" size="small" max-height="420px" class="years">
            <el-table-column prop="year" label="Year" width="58" />
            <el-table-column prop="visits" :label="worded('Look, wash, outlets')" min-width="92" />
            <el-table-column prop="outlets" :label="worded('Outlets')" min-width="66" />
            <el-table-column prop="once" label="Once" min-width="120" />
          </el-table>
          <p class="quiet">
            Months of recoat and renewal are rough, by a rule of our own. What the roof shows goes before
            them.
          </p>
        </template>
      </section>
      <aside class="paper" aria-label="Visits and papers">
        <section aria-label="Visits">
          <h2>Visits</h2>
          <p v-if="visits.length === 0" class="quiet">None is on record.</p>
          <ul class="visits">
            <li v-for="v in visits" :key="v.entry.id">
              <strong>{{ job.time(v.atMs) }}</strong>, {{ v.entry.who }}: {{ worded(v.body.done.join(', '))
              }}<template v-if="v.body.note">. {{ v.body.note }}</template>
              <EntryPictures
                v-if="v.entry.attachments.length > 0"
                :job-id="job.id"
                :ids="v.entry.attachments"
                :marks="v.entry.marks"
                what="the visit"
              />
            </li>
          </ul>
        </section>
        <RepairPart :zone-id="zoneId" :zone-name="chosen.zone.name" />
        <section v-if="plan" aria-label="Papers">
          <h2>Papers</h2>
          <div class="bar">
            <PickList
              class="year"
              label="Year of the sheet"
              :model-value="String(year)"
              :options="rows.map((r) => ({ value: String(r.year), label: String(r.year) }))"
              @update:model-value="sheetYear = Number($event)"
            />
            <PrintButton v-if="job.head" :printout="sheet" label="Sheet of the year" />
          </div>
          <p>
            <a :href="upkeepCalendar(job.id, zoneId)" download>All dates as a calendar</a>
          </p>
        </section>
        <HeldFields><GuaranteePart :zone-id="zoneId" :stand="after.guarantee" /></HeldFields>
      </aside>
    </div>
    <LogForms ref="forms" />
  </main>
</template>

<style scoped>
.top {
  margin-bottom: var(--s3);
}
.upkeep {
  grid-template-columns: minmax(260px, 1fr) minmax(0, 1.4fr) minmax(240px, 0.9fr);
}
h1 {
  font-size: var(--t-l);
  margin-bottom: var(--s2);
}
h2 {
  font-size: var(--t-m);
  margin-top: var(--s4);
}
.upkeep > section > h2:first-child,
.upkeep > aside > section:first-child h2 {
  margin-top: 0;
}
p {
  margin-bottom: var(--s2);
}
.acts {
  margin: var(--s3) 0;
}
.visits {
  list-style: none;
  margin: 0;
  padding: 0;
}
.visits li {
  padding: var(--s2) 0;
  border-bottom: var(--stroke) solid var(--line);
}

.large {
  font-size: var(--t-xl, 1.6rem);
  font-weight: 700;
}
.year {
  width: 6.5rem;
}
.years {
  margin: var(--s3) 0;
}
@media (max-width: 1000px) {
  .upkeep {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
