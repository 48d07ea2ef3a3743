<script setup lang="ts">
/** What a plan goes by: crews, hours and days off, dates to keep, ground that is counted on, machines and ways between works. */
import { DateTime } from 'luxon';
import { computed } from 'vue';
import { DEADLINES, SKILLS, type Crew, type Deadline, type ProgrammeDoc } from '@lentum/core/planning';
import { DEADLINE_WORDS } from '@lentum/core/words';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import PickList from '../shared/PickList.vue';
import TextInput from '../shared/TextInput.vue';
import UndoBar from '../shared/UndoBar.vue';

const open = defineModel<boolean>({ required: true });
const job = useJob();
const document = computed(() => job.documents.programme);
const draft = computed(() => job.documents.programme.draft);
function change(next: Partial<ProgrammeDoc>): void {
  job.documents.programme.draft = { ...draft.value, ...next };
}
const zones = computed(() => job.zones.map((z) => ({ value: z.zone.id, label: z.zone.name })));
const SKILL_NAMES = {
  torch: 'Torch',
  kettle: 'Kettle',
  spray: 'Spray',
  catalysed: 'Catalysed resin',
} as const;
const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;
const today = computed(() => DateTime.fromMillis(job.nowMs, { zone: job.timeZone }).toISODate() ?? '');

function freeName(): string {
  const taken = new Set(draft.value.crews.map((c) => c.name));
  return (
    ['A', 'B', 'C', 'D', 'E', 'F', 'G', 'H', 'I', 'J', 'K', 'L']
      .map((l) => `Crew ${l}`)
      .find((n) => !taken.has(n)) ?? `Crew ${crypto.randomUUID().slice(0, 4)}`
  );
}
const MOST_CREWS = 12;
function addCrew(): void {
  const crew: Crew = { id: crypto.randomUUID(), name: freeName(), people: 2, skills: [], off: [], only: [] };
  change({ crews: [...draft.value.crews, crew] });
}
const setCrew = (id: string, next: Partial<Crew>): void =>
  change({ crews: draft.value.crews.map((c) => (c.id === id ? { ...c, ...next } : c)) });
function setRate(crew: Crew, value: number | null | undefined): void {
  const { ratePerH: _old, ...rest } = crew;
  const next: Crew =
    value === undefined || value === null ? rest : { ...rest, ratePerH: { value, source: 'chosen' } };
  change({ crews: draft.value.crews.map((c) => (c.id === crew.id ? next : c)) });
}

const localAt = (instant: string): string =>
  DateTime.fromISO(instant, { zone: job.timeZone }).toFormat("yyyy-LL-dd'T'HH:mm");
const instantOf = (local: string): string | undefined =>
  DateTime.fromISO(local, { zone: job.timeZone }).toUTC().toISO({ suppressMilliseconds: false }) ?? undefined;
function addDate(): void {
  const zoneId = zones.value[0]?.value;
  const by = instantOf(`${today.value}T17:00`);
  if (zoneId === undefined || by === undefined) return;
  const inWeek = new Date(Date.parse(by) + 7 * 86_400_000).toISOString();
  const deadline: Deadline = { id: crypto.randomUUID(), zoneId, what: 'done', by: inWeek, costPerDay: 0 };
  change({ deadlines: [...draft.value.deadlines, deadline] });
}
const setDate = (id: string, next: Partial<Deadline>): void =>
  change({ deadlines: draft.value.deadlines.map((d) => (d.id === id ? { ...d, ...next } : d)) });
const what = DEADLINES.map((d) => ({ value: d, label: DEADLINE_WORDS[d] }));
const isPast = (instant: string): boolean => Date.parse(instant) < job.nowMs;

function addExpected(): void {
  const there = new Set(draft.value.expects.map((e) => e.zoneId));
  const zoneId = zones.value.find((z) => !there.has(z.value))?.value;
  const fitAt = instantOf(`${today.value}T07:00`);
  if (zoneId !== undefined && fitAt !== undefined)
    change({ expects: [...draft.value.expects, { zoneId, fitAt, says: '' }] });
}
const setHours = (next: Partial<ProgrammeDoc['hours']>): void =>
  change({ hours: { ...draft.value.hours, ...next } });
const valueOf = (event: Event): string => (event.target as HTMLInputElement).value;
</script>

<template>
  <el-drawer
    v-model="open"
    class="setup"
    title="What the plan goes by"
    size="min(720px, 100vw)"
    append-to-body
  >
    <div class="bar">
      <UndoBar :document="document" />
    </div>
    <section aria-label="Crews">
      <div class="head">
        <h2>Crews</h2>
        <el-button class="end" size="small" :disabled="draft.crews.length >= MOST_CREWS" @click="addCrew"
          >Add a crew</el-button
        >
      </div>
      <p v-if="draft.crews.length === 0" class="quiet">
        None named: the plan takes one crew as it is set for the day on Site, which can do everything.
      </p>
      <div v-for="c in draft.crews" :key="c.id" class="crew">
        <div class="bar">
          <TextInput
            class="name"
            :model-value="c.name"
            :label="`Name of ${c.name}`"
            :most="120"
            @update:model-value="(v: string) => v.trim() && setCrew(c.id, { name: v.trim() })"
          />
          <label class="quiet"
            >people
            <el-input-number
              size="small"
              :model-value="c.people"
              :min="1"
              :max="12"
              :aria-label="`${c.name}, people`"
              @update:model-value="(v) => v !== undefined && setCrew(c.id, { people: v })"
          /></label>
          <label class="quiet"
            >an hour of one costs
            <el-input-number
              size="small"
              :model-value="c.ratePerH?.value ?? null"
              :min="0"
              :max="1000"
              :precision="2"
              :controls="false"
              class="rate"
              :aria-label="`${c.name}, rate an hour`"
              @update:model-value="(v) => setRate(c, v)"
          /></label>
          <el-button
            text
            size="small"
            class="end"
            @click="change({ crews: draft.crews.filter((x) => x.id !== c.id) })"
            >Remove</el-button
          >
        </div>
        <div class="bar">
          <el-checkbox-group
            :model-value="c.skills"
            :aria-label="`${c.name}, what they can do`"
            @update:model-value="
              (v) => setCrew(c.id, { skills: SKILLS.filter((s) => (v as string[]).includes(s)) })
            "
          >
            <el-checkbox v-for="s in SKILLS" :key="s" :value="s">{{ worded(SKILL_NAMES[s]) }}</el-checkbox>
          </el-checkbox-group>
          <label class="quiet"
            >not here on
            <el-date-picker
              type="dates"
              value-format="YYYY-MM-DD"
              format="D MMM"
              class="dates"
              :model-value="c.off"
              :aria-label="`${c.name}, not here on`"
              @update:model-value="(v: string[] | null) => setCrew(c.id, { off: [...(v ?? [])].sort() })"
            />
          </label>
        </div>
      </div>
    </section>
    <section aria-label="Hours">
      <h2>Hours</h2>
      <div class="bar">
        <label class="quiet"
          >from
          <input
            class="plain"
            type="time"
            :value="draft.hours.from"
            @change="(e) => valueOf(e) && setHours({ from: valueOf(e) })"
        /></label>
        <label class="quiet"
          >to
          <input
            class="plain"
            type="time"
            :value="draft.hours.to"
            @change="(e) => valueOf(e) && setHours({ to: valueOf(e) })"
        /></label>
        <label class="quiet"
          >break at
          <input
            class="plain"
            type="time"
            :value="draft.hours.breakFrom"
            @change="(e) => valueOf(e) && setHours({ breakFrom: valueOf(e) })"
        /></label>
        <label class="quiet"
          >for
          <el-input-number
            size="small"
            :model-value="draft.hours.breakMin"
            :min="0"
            :max="180"
            :step="15"
            aria-label="Break, minutes"
            @update:model-value="(v) => v !== undefined && setHours({ breakMin: v })"
          />
          min</label
        >
      </div>
      <el-checkbox-group
        :model-value="draft.hours.days"
        aria-label="Days of work"
        @update:model-value="(v) => setHours({ days: (v as number[]).slice().sort((a, b) => a - b) })"
      >
        <el-checkbox v-for="(d, i) in DAYS" :key="d" :value="i + 1">{{ d }}</el-checkbox>
      </el-checkbox-group>
      <label class="quiet"
        >nobody works on
        <el-date-picker
          type="dates"
          value-format="YYYY-MM-DD"
          format="D MMM"
          class="dates"
          :model-value="draft.off.map((o) => o.on)"
          aria-label="Nobody works on"
          @update:model-value="
            (v: string[] | null) =>
              change({
                off: [...(v ?? [])]
                  .sort()
                  .map((on) => draft.off.find((o) => o.on === on) ?? { on, says: '' }),
              })
          "
        />
      </label>
    </section>
    <section aria-label="Dates to keep">
      <div class="head">
        <h2>Dates to keep</h2>
        <el-button class="end" size="small" :disabled="zones.length === 0" @click="addDate"
          >Add a date</el-button
        >
      </div>
      <div v-for="d in draft.deadlines" :key="d.id" class="bar row">
        <PickList
          class="zone"
          own
          label="Roof"
          :options="zones"
          :model-value="d.zoneId"
          @update:model-value="(v: string) => setDate(d.id, { zoneId: v })"
        />
        <PickList
          class="what"
          label="What it asks for"
          :options="what"
          :model-value="d.what"
          @update:model-value="(v: string) => setDate(d.id, { what: v as Deadline['what'] })"
        />
        <label class="quiet"
          >by
          <input
            class="plain"
            type="datetime-local"
            :value="localAt(d.by)"
            aria-label="By"
            @change="
              (e) => {
                const by = instantOf(valueOf(e));
                if (by) setDate(d.id, { by });
              }
            "
        /></label>
        <label class="quiet"
          >a day late costs
          <el-input-number
            size="small"
            :model-value="d.costPerDay"
            :min="0"
            :max="1000000"
            :controls="false"
            class="rate"
            aria-label="Cost of a day late"
            @update:model-value="(v) => setDate(d.id, { costPerDay: v ?? 0 })"
        /></label>
        <el-button
          text
          size="small"
          @click="change({ deadlines: draft.deadlines.filter((x) => x.id !== d.id) })"
          >Remove</el-button
        >
        <p v-if="isPast(d.by)" class="trouble">This date is past: no plan can keep it.</p>
      </div>
    </section>
    <section aria-label="Ground that is counted on">
      <div class="head">
        <h2>Ground that is counted on</h2>
        <el-button
          class="end"
          size="small"
          :disabled="draft.expects.length >= zones.length"
          @click="addExpected"
          >Add a roof</el-button
        >
      </div>
      <p class="quiet">
        A roof whose ground is not fit yet is planned as if it were from then on. On the day the readings
        decide.
      </p>
      <div v-for="e in draft.expects" :key="e.zoneId" class="bar row">
        <PickList
          class="zone"
          own
          label="Roof that is counted on"
          :options="zones"
          :model-value="e.zoneId"
          @update:model-value="
            (v: string) => change({ expects: draft.expects.map((x) => (x === e ? { ...e, zoneId: v } : x)) })
          "
        />
        <label class="quiet"
          >fit from
          <input
            class="plain"
            type="datetime-local"
            :value="localAt(e.fitAt)"
            aria-label="Fit from"
            @change="
              (ev) => {
                const fitAt = instantOf(valueOf(ev));
                if (fitAt) change({ expects: draft.expects.map((x) => (x === e ? { ...e, fitAt } : x)) });
              }
            "
        /></label>
        <TextInput
          class="says"
          :model-value="e.says"
          label="Why"
          :most="200"
          @update:model-value="
            (v: string) => change({ expects: draft.expects.map((x) => (x === e ? { ...e, says: v } : x)) })
          "
        />
        <el-button text size="small" @click="change({ expects: draft.expects.filter((x) => x !== e) })"
          >Remove</el-button
        >
      </div>
    </section>
    <section aria-label="Machines, and ways between works">
      <h2>Machines, and ways between works</h2>
      <div class="bar">
        <label class="quiet"
          >sprayers
          <el-input-number
            size="small"
            :model-value="draft.machines.sprayers"
            :min="0"
            :max="20"
            aria-label="Sprayers"
            @update:model-value="(v) => change({ machines: { ...draft.machines, sprayers: v ?? 0 } })"
        /></label>
        <label class="quiet"
          >kettles
          <el-input-number
            size="small"
            :model-value="draft.machines.kettles"
            :min="0"
            :max="20"
            aria-label="Kettles"
            @update:model-value="(v) => change({ machines: { ...draft.machines, kettles: v ?? 0 } })"
        /></label>
      </div>
      <div class="bar">
        <label
          v-for="[key, says, most] in [
            ['setUpMin', 'setting up', 180],
            ['clearMin', 'clearing away', 180],
            ['moveMin', 'to another roof', 180],
            ['changeMin', 'to another work', 120],
          ] as const"
          :key="key"
          class="quiet"
          >{{ says }}
          <el-input-number
            size="small"
            :model-value="draft.times[key].value"
            :min="0"
            :max="most"
            :step="5"
            :aria-label="`${says}, minutes`"
            @update:model-value="
              (v) => change({ times: { ...draft.times, [key]: { value: v ?? 0, source: 'chosen' } } })
            "
          />
          min</label
        >
      </div>
      <div class="bar">
        <el-checkbox
          :model-value="draft.inspector !== undefined"
          @update:model-value="
            (v) =>
              change({ inspector: v ? { from: '11:00', to: '12:00', days: [1, 2, 3, 4, 5] } : undefined })
          "
          >An inspector comes at fixed hours</el-checkbox
        >
        <template v-if="draft.inspector">
          <label class="quiet"
            >from
            <input
              class="plain"
              type="time"
              :value="draft.inspector.from"
              aria-label="Inspector from"
              @change="
                (e) =>
                  valueOf(e) &&
                  draft.inspector &&
                  change({ inspector: { ...draft.inspector, from: valueOf(e) } })
              "
          /></label>
          <label class="quiet"
            >to
            <input
              class="plain"
              type="time"
              :value="draft.inspector.to"
              aria-label="Inspector to"
              @change="
                (e) =>
                  valueOf(e) &&
                  draft.inspector &&
                  change({ inspector: { ...draft.inspector, to: valueOf(e) } })
              "
          /></label>
          <span v-if="job.jobRules.holdPoints.length === 0" class="quiet"
            >The job’s rules name nothing that has to be accepted: the plan asks for no visit.</span
          >
        </template>
      </div>
    </section>
  </el-drawer>
</template>

<style scoped>
section {
  padding: var(--s3) 0;
  display: grid;
  gap: var(--s2);
}
.crew,
.row {
  padding: var(--s2) 0;
  border-bottom: var(--stroke) solid var(--line);
}
.name {
  width: 160px;
}
.rate {
  width: 84px;
}
.zone {
  width: 210px;
}
.what {
  width: 150px;
}
.says {
  flex: 1 1 160px;
}
.dates {
  width: 220px;
}
.trouble {
  color: var(--red);
  width: 100%;
}
</style>
