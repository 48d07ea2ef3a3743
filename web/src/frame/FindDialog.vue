<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRouter, type RouteLocationRaw } from 'vue-router';
import { batchesOf } from '@lentum/core/record';
import { useJob } from '../app/job.ts';
import { hasWords } from '../shared/findwords.ts';
import { STAGES } from './stagelist.ts';

const open = defineModel<boolean>({ required: true });
const job = useJob();
const router = useRouter();
const text = ref('');
const chosen = ref(0);
const field = ref<{ focus: () => void }>();

interface Item {
  readonly key: string;
  readonly kind: string;
  readonly name: string;
  readonly to: RouteLocationRaw;
}

const items = computed<Item[]>(() => {
  const params = { jobId: job.id };
  return [
    ...STAGES.map((s) => ({
      key: s.key,
      kind: 'stage',
      name: `${s.number} ${s.name}`,
      to: { name: s.key, params },
    })),
    ...job.zones.map(({ zone }) => ({
      key: `z${zone.id}`,
      kind: 'zone',
      name: zone.name,
      to: { name: 'survey', params, query: { zone: zone.id } },
    })),
    ...job.zones.flatMap(({ zone, buildUp }) =>
      (buildUp?.layers ?? []).map((l) => ({
        key: `l${zone.id}${l.id}`,
        kind: 'layer',
        name: `${l.name}, ${zone.name}`,
        to: { name: 'build-up', params, query: { zone: zone.id } },
      })),
    ),
    ...job.statuses.map(({ bay }) => ({
      key: `b${bay.id}`,
      kind: 'bay',
      name: `Bay ${bay.label}`,
      to: { name: 'site', params, query: { zone: bay.zoneId, bay: bay.id } },
    })),
    ...[...job.book.seen.values()].flatMap((entry) =>
      batchesOf(entry).map((batch, i) => ({
        key: `e${entry.id}${i}`,
        kind: 'batch',
        name: `Batch ${batch}, entry ${entry.seq}`,
        to: { name: 'record', params, query: { entry: entry.id } },
      })),
    ),
  ];
});

const MOST = 12;
const found = computed(() => {
  const isSought = hasWords(text.value);
  return items.value.filter((i) => isSought(`${i.kind} ${i.name}`)).slice(0, MOST);
});

function go(item: Item | undefined): void {
  if (!item) return;
  open.value = false;
  void router.push(item.to);
}

function move(by: number): void {
  chosen.value = Math.min(Math.max(0, chosen.value + by), found.value.length - 1);
}
</script>

<template>
  <el-dialog v-model="open" title="Find in this job" @open-auto-focus="field?.focus()">
    <el-input
      ref="field"
      v-model="text"
      placeholder="zone, layer, bay, batch …"
      aria-label="What to find"
      aria-controls="found"
      @input="chosen = 0"
      @keydown.down.prevent="move(1)"
      @keydown.up.prevent="move(-1)"
      @keydown.enter.prevent="go(found[chosen])"
    />
    <ul id="found" class="found">
      <li v-for="(item, i) in found" :key="item.key">
        <button type="button" :class="{ on: i === chosen }" @click="go(item)">
          <span>{{ item.name }}</span><span class="quiet">{{ item.kind }}</span>
        </button>
      </li>
      <li v-if="found.length === 0" class="quiet">Nothing in this job has that in its name.</li>
    </ul>
  </el-dialog>
</template>

<style scoped>
.found {
  list-style: none;
  margin: var(--s3) 0 0;
  padding: 0;
  min-height: 12rem;
}
.found button {
  display: flex;
  justify-content: space-between;
  width: 100%;
  padding: var(--s2);
  border: 0;
  background: none;
  font: inherit;
  color: inherit;
  text-align: left;
  cursor: pointer;
}
.found button.on {
  background: var(--sea-soft);
  box-shadow: inset 3px 0 var(--sea);
}
</style>
