<script setup lang="ts">
/** What the work costs beside people and material: the way there, access, hire, waste; and what is put on top. */
import { COST_PER, type ProgrammeDoc } from '@lentum/core/planning';
import PickList from '../../shared/PickList.vue';
import TextInput from '../../shared/TextInput.vue';
import CountField from './CountField.vue';
import { useProgrammeDoc } from './programmedoc.ts';

const { draft, change } = useProgrammeDoc();
type Item = ProgrammeDoc['costs']['items'][number];
const per = COST_PER.map((value) => ({ value, label: `for each ${value}`.replace('for each once', 'once') }));
/** What most jobs have; names can be changed. */
const USUAL = ['Travel', 'Access and edge protection', 'Hire', 'Waste'];

const setCosts = (next: Partial<ProgrammeDoc['costs']>): void =>
  change({ costs: { ...draft.value.costs, ...next } });
function add(): void {
  const { items } = draft.value.costs;
  const name = USUAL.find((u) => !items.some((i) => i.name === u)) ?? 'Another cost';
  const item: Item = {
    ...{ id: crypto.randomUUID(), name, per: name === 'Travel' ? 'day of a crew' : 'once' },
    price: { value: 0, source: 'chosen' },
  };
  setCosts({ items: [...items, item] });
}
const set = (id: string, next: Partial<Item>): void =>
  setCosts({ items: draft.value.costs.items.map((i) => (i.id === id ? { ...i, ...next } : i)) });
function setAdd(value: number | null): void {
  const { addPct: _old, ...rest } = draft.value.costs;
  change({ costs: value === null ? rest : { ...rest, addPct: { value, source: 'chosen' } } });
}
</script>

<template>
  <section aria-label="Costs">
    <div class="head">
      <h2>Costs</h2>
      <el-button class="end" size="small" :disabled="draft.costs.items.length >= 60" @click="add"
        >Add a cost</el-button
      >
    </div>
    <div v-for="i in draft.costs.items" :key="i.id" class="bar row">
      <TextInput
        class="name"
        :model-value="i.name"
        :label="`Name of the cost ${i.name}`"
        :most="120"
        @update:model-value="(v: string) => v.trim() && set(i.id, { name: v.trim() })"
      />
      <CountField
        name="costs"
        :label="`${i.name}, price`"
        plain
        :most="1000000"
        :digits="2"
        :model-value="i.price.value"
        @update:model-value="(v) => set(i.id, { price: { value: v ?? 0, source: 'chosen' } })"
      />
      <PickList
        class="per"
        :label="`${i.name}, how often`"
        :options="per"
        :model-value="i.per"
        @update:model-value="(v: string) => set(i.id, { per: v as Item['per'] })"
      />
      <el-button
        text
        size="small"
        @click="setCosts({ items: draft.costs.items.filter((x) => x.id !== i.id) })"
        >Remove</el-button
      >
    </div>
    <CountField
      name="overheads and profit"
      unit="%"
      plain
      :most="200"
      :digits="1"
      :model-value="draft.costs.addPct?.value ?? null"
      @update:model-value="setAdd"
    />
  </section>
</template>

<style scoped>
.row {
  padding: var(--s2) 0;
  border-bottom: var(--stroke) solid var(--line);
}
.name {
  flex: 1 1 180px;
}
.per {
  width: 190px;
}
</style>
