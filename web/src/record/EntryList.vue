<script setup lang="ts">
/** Every entry of a zone, newest first; what was superseded stays, struck through, with what took its place. */
import { computed, ref } from 'vue';
import type { Entry, StoredEntry } from '@lentum/core/record';
import { useJob } from '../app/job.ts';
import { useEntryWords } from './entrywords.ts';

const props = defineProps<{ zoneId: string; highlighted: string }>();
const emit = defineEmits<{ withdraw: [entryId: string] }>();
const job = useJob();
const words = useEntryWords();
const PAGE = 40;
const most = ref(PAGE);

const bays = computed(() => new Map(job.documents.site.draft.bays.map((b) => [b.id, b])));
const byId = computed(() => new Map(job.entries.map((s) => [s.entry.id, s])));
const laterOf = computed(
  () =>
    new Map(
      job.entries.flatMap((s) =>
        s.entry.supersedes === undefined ? [] : [[s.entry.supersedes, s] as const],
      ),
    ),
);

function zoneOf(entry: Entry): string | undefined {
  if (entry.kind === 'conditions' || entry.kind === 'detail') return entry.zoneId;
  if (entry.kind === 'withdrawal') {
    const target = byId.value.get(entry.supersedes)?.entry;
    return target && target.kind !== 'withdrawal' ? zoneOf(target) : undefined;
  }
  return bays.value.get(entry.bayId)?.zoneId;
}

const rows = computed(() =>
  [...job.entries]
    .reverse()
    .filter((s) => zoneOf(s.entry) === props.zoneId)
    .map((s) => ({ stored: s, words: words(s.entry), later: laterOf.value.get(s.entry.id) })),
);
const fate = (later: StoredEntry): string =>
  later.entry.kind === 'withdrawal' ? `withdrawn by ${later.seq}` : `corrected by ${later.seq}`;
</script>

<template>
  <div class="head">
    <h2>Every entry</h2>
    <span class="quiet">{{ rows.length }} on this zone, newest first; none can be changed or removed</span>
  </div>
  <div class="scroll-x">
    <table class="dense">
      <thead>
        <tr>
          <th scope="col" class="num">No.</th>
          <th scope="col">When</th>
          <th scope="col">Who</th>
          <th scope="col">What</th>
          <th scope="col"><span class="visually-hidden">What became of it</span></th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="r in rows.slice(0, most)"
          :key="r.stored.seq"
          :class="{ gone: r.later, lit: r.stored.entry.id === highlighted }"
        >
          <td class="num">{{ r.stored.seq }}</td>
          <td class="when">{{ job.time(Date.parse(r.stored.entry.madeAt)) }}</td>
          <td>{{ r.stored.entry.who }}</td>
          <td class="what">{{ r.words }}</td>
          <td>
            <span v-if="r.later" class="quiet">{{ fate(r.later) }}</span>
            <el-button
              v-else-if="['conditions', 'step', 'detail'].includes(r.stored.entry.kind)"
              text
              @click="emit('withdraw', r.stored.entry.id)"
              >Withdraw</el-button
            >
          </td>
        </tr>
      </tbody>
    </table>
  </div>
  <el-button v-if="rows.length > most" @click="most += PAGE * 5">Show more</el-button>
</template>

<style scoped>
.gone .what {
  text-decoration: line-through;
  color: var(--ink-2);
}
.lit td {
  background: var(--sea-soft);
}
.when {
  white-space: nowrap;
}
</style>
