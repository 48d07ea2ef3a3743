<script setup lang="ts">
/** Crews: who they are, what they can do, when they are not here, what an hour of one costs. */
import { SKILLS, type Crew } from '@lentum/core/planning';
import { useJob } from '../../app/job.ts';
import { worded } from '../../app/wording.ts';
import TextInput from '../../shared/TextInput.vue';
import CountField from './CountField.vue';
import DaysField from './DaysField.vue';
import { useProgrammeDoc } from './programmedoc.ts';

const job = useJob();
const { draft, change } = useProgrammeDoc();
const SKILL_NAMES = {
  torch: 'Torch',
  kettle: 'Kettle',
  spray: 'Spray',
  catalysed: 'Catalysed resin',
} as const;
const LETTERS = 'ABCDEFGHIJKL';
const MOST_CREWS = LETTERS.length;

function add(): void {
  const taken = new Set(draft.value.crews.map((c) => c.name));
  const name = [...LETTERS].map((l) => `Crew ${l}`).find((n) => !taken.has(n)) ?? 'Another crew';
  const crew: Crew = { id: crypto.randomUUID(), name, people: 2, names: [], skills: [], off: [], only: [] };
  change({ crews: [...draft.value.crews, crew] });
}
const set = (id: string, next: Partial<Crew>): void =>
  change({ crews: draft.value.crews.map((c) => (c.id === id ? { ...c, ...next } : c)) });
/** Long ones are cut, as everywhere. */
const NAME_MOST = 120;
const setNames = (id: string, names: readonly string[] | undefined): void =>
  set(id, {
    names: (names ?? []).map((n) => n.trim().slice(0, NAME_MOST)).filter((n) => n !== ''),
  });
function setRate(crew: Crew, value: number | null): void {
  const { ratePerH: _old, ...rest } = crew;
  const next: Crew = value === null ? rest : { ...rest, ratePerH: { value, source: 'chosen' } };
  change({ crews: draft.value.crews.map((c) => (c.id === crew.id ? next : c)) });
}
</script>

<template>
  <section aria-label="Crews">
    <div class="head">
      <h2>Crews</h2>
      <el-button class="end" size="small" :disabled="draft.crews.length >= MOST_CREWS" @click="add"
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
          @update:model-value="(v: string) => v.trim() && set(c.id, { name: v.trim() })"
        />
        <CountField
          name="people"
          :label="`${c.name}, people`"
          :least="1"
          :most="12"
          :model-value="c.people"
          @update:model-value="(v) => v && set(c.id, { people: v })"
        />
        <CountField
          v-if="job.seesPrices"
          name="an hour of one costs"
          :label="`${c.name}, rate an hour`"
          plain
          :most="1000"
          :digits="2"
          :model-value="c.ratePerH?.value ?? null"
          @update:model-value="(v) => setRate(c, v)"
        />
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
            (v) => set(c.id, { skills: SKILLS.filter((s) => (v as string[]).includes(s)) })
          "
        >
          <el-checkbox v-for="s in SKILLS" :key="s" :value="s">{{ worded(SKILL_NAMES[s]) }}</el-checkbox>
        </el-checkbox-group>
        <label class="quiet who"
          >who they are
          <el-input-tag
            class="names"
            :model-value="c.names"
            :max="12"
            :aria-label="`${c.name}, who they are`"
            @update:model-value="(v: string[] | undefined) => setNames(c.id, v)"
        /></label>
        <DaysField
          name="not here on"
          :label="`${c.name}, not here on`"
          :model-value="c.off"
          @update:model-value="(off) => set(c.id, { off: [...off] })"
        />
        <DaysField
          name="here only on"
          :label="`${c.name}, here only on`"
          :model-value="c.only"
          @update:model-value="(only) => set(c.id, { only: [...only] })"
        />
      </div>
    </div>
  </section>
</template>

<style scoped>
.crew {
  padding: var(--s2) 0;
  border-bottom: var(--stroke) solid var(--line);
}
.name {
  width: 160px;
}
.who {
  display: flex;
  align-items: center;
  gap: var(--s2);
}
.names {
  width: 240px;
}
</style>
