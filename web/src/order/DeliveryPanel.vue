<script setup lang="ts">
/** Deliveries: what day, for which zones, until when it is used. */
import type { Delivery } from '@lentum/core/order';
import type { Zone } from '@lentum/core/survey';
import { dateOf } from '@lentum/core/words';
import { useJob } from '../app/job.ts';
import { useKeptWorks } from '../app/keptworks.ts';
import { dayWords } from '../app/time.ts';
import TextInput from '../shared/TextInput.vue';

const props = defineProps<{ zones: readonly Zone[]; today: string }>();
const deliveries = defineModel<Delivery[]>({ required: true });
const taken = (d: Delivery): Set<string> =>
  new Set(deliveries.value.filter((x) => x.id !== d.id).flatMap((x) => x.zoneIds));

const job = useJob();
const works = useKeptWorks();
/** The day on which the kept plan lays the first of it. */
const firstLaid = (d: Delivery): string | undefined => {
  const first = works.value.find((w) => w.layerId !== undefined && d.zoneIds.includes(w.zoneId));
  return first && dateOf(first.startMs, job.timeZone);
};
function add(): void {
  const there = new Set(deliveries.value.flatMap((d) => d.zoneIds));
  deliveries.value = [
    ...deliveries.value,
    {
      id: crypto.randomUUID(),
      name: `Delivery ${deliveries.value.length + 1}`,
      on: props.today,
      usedBy: props.today,
      zoneIds: props.zones.map((z) => z.id).filter((id) => !there.has(id)),
    },
  ];
}
function change(id: string, next: Partial<Delivery>): void {
  deliveries.value = deliveries.value.map((d) => (d.id === id ? { ...d, ...next } : d));
}
function onDay(d: Delivery, key: 'on' | 'usedBy', event: Event): void {
  const day = (event.target as HTMLInputElement).value;
  if (day === '') return;
  // Nothing is used up before it is there.
  const next = key === 'on' ? { on: day, usedBy: d.usedBy < day ? day : d.usedBy } : { usedBy: day };
  change(d.id, next);
}
</script>

<template>
  <section aria-label="Deliveries">
    <div v-for="d in deliveries" :key="d.id" class="bar row">
      <TextInput
        class="name"
        :model-value="d.name"
        :label="`Name of ${d.name}`"
        :most="120"
        @update:model-value="(v: string) => v.trim() && change(d.id, { name: v })"
      />
      <label class="quiet"
        >On
        <input
          class="plain"
          type="date"
          :value="d.on"
          :aria-label="`${d.name}, on`"
          @change="(e) => onDay(d, 'on', e)"
        />
      </label>
      <label class="quiet"
        >Used by
        <input
          class="plain"
          type="date"
          :value="d.usedBy"
          :min="d.on"
          :aria-label="`${d.name}, used by`"
          @change="(e) => onDay(d, 'usedBy', e)"
        />
      </label>
      <el-checkbox-group
        :model-value="d.zoneIds"
        :aria-label="`Zones of ${d.name}`"
        @update:model-value="(v) => change(d.id, { zoneIds: v as string[] })"
      >
        <el-checkbox
          v-for="z in zones"
          :key="z.id"
          :value="z.id"
          :label="z.code"
          :aria-label="`${z.name} in ${d.name}`"
          :disabled="taken(d).has(z.id)"
        />
      </el-checkbox-group>
      <p v-if="firstLaid(d)" class="quiet" :class="{ late: (firstLaid(d) ?? '') < d.on }">
        The kept plan lays the first of it {{ dayWords(firstLaid(d) ?? '')
        }}{{ (firstLaid(d) ?? '') < d.on ? ', before it is there' : '' }}.
      </p>
      <el-button text @click="deliveries = deliveries.filter((x) => x.id !== d.id)">Take out</el-button>
    </div>
    <el-button @click="add">Add a delivery</el-button>
  </section>
</template>

<style scoped>
.row {
  gap: var(--s3);
  align-items: end;
  padding: var(--s2) 0;
  border-bottom: var(--stroke) solid var(--line);
  margin-bottom: var(--s2);
}
.name {
  width: 11rem;
}
label {
  width: 9.5rem;
}
.late {
  color: var(--red);
}
</style>
