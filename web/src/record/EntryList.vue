<script setup lang="ts">
/**
 * Every entry of a zone, and those of the job as a whole, newest first; what was superseded stays, struck through, with what
 * took its place. What was done against a rule is said below it.
 */
import { refDebounced } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import { entriesOf, kindName, laterEntries, type BookEntry, type Kind } from '@lentum/core/record';
import { useJob } from '../app/job.ts';
import { mayReplace } from '../app/session.ts';
import { worded } from '../app/wording.ts';
import { hasWords } from '../shared/findwords.ts';
import PickList from '../shared/PickList.vue';
import EntryPictures from '../shared/pictures/EntryPictures.vue';
import { useEntryWords } from './entrywords.ts';

const props = defineProps<{ zoneId: string; highlighted: string }>();
const emit = defineEmits<{ withdraw: [entryId: string] }>();
const job = useJob();
const words = useEntryWords();
const PAGE = 40;
const most = ref(PAGE);
const kind = ref<'all' | Kind>('all');
const asked = ref('');
/** A long record is gone through once somebody stops typing. */
const sought = refDebounced(asked, 200);
watch([() => props.zoneId, kind, sought], () => (most.value = PAGE));

const laterOf = computed(() => laterEntries(job.book));
const here = computed(() => entriesOf(props.zoneId, job.documents.site.content, job.book));
const kinds = computed(() => [
  { value: 'all', label: `Every kind, ${here.value.length}` },
  ...[...new Set(here.value.map((e) => e.kind))].sort().map((k) => ({
    value: k as string,
    label: `${kindName(k)}, ${here.value.filter((e) => e.kind === k).length}`,
  })),
]);
const ofKind = computed(() => here.value.filter((e) => kind.value === 'all' || e.kind === kind.value));
/** Those in which every word stands that was typed: number, who, kind, or what it says. */
const found = computed(() => {
  if (sought.value.trim() === '') return ofKind.value;
  const isSought = hasWords(sought.value);
  return ofKind.value.filter((e) => isSought(`${numberOf(e)} ${e.who} ${kindName(e.kind)} ${words.line(e)}`));
});
const rows = computed(() =>
  found.value.slice(0, most.value).map((entry) => ({
    entry,
    says: words.line(entry),
    flags: laterOf.value.has(entry.id) ? [] : words.flags(entry),
    later: laterOf.value.get(entry.id),
  })),
);
/** What waits on this device has no number yet. */
const numberOf = (entry: BookEntry): string => (job.keptHere.has(entry.id) ? 'kept here' : String(entry.seq));
const fate = (later: BookEntry): string =>
  later.kind !== 'withdrawal'
    ? `corrected by ${numberOf(later)}`
    : later.body.undone
      ? `taken back by ${numberOf(later)}`
      : `withdrawn by ${numberOf(later)}`;
</script>

<template>
  <div class="head">
    <h2>Every entry</h2>
    <span class="quiet"
      >{{ found.length }} on this zone and of the job, newest first; none can be changed or removed</span
    >
    <el-input
      v-model="asked"
      class="end find"
      type="search"
      clearable
      maxlength="80"
      placeholder="Find in entries"
      aria-label="Find in entries"
    />
    <PickList v-model="kind" class="kinds" label="Kind of entry" :options="kinds" />
  </div>
  <p v-if="found.length === 0 && sought !== ''" class="quiet" role="status">
    No entry of this zone has “{{ sought }}” in it.
  </p>
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
        <tr v-for="r in rows" :key="r.entry.id" :class="{ gone: r.later, lit: r.entry.id === highlighted }">
          <td class="num">
            <span :class="{ here: job.keptHere.has(r.entry.id) }">{{ numberOf(r.entry) }}</span>
          </td>
          <td class="when">{{ job.time(Date.parse(r.entry.madeAt)) }}</td>
          <td class="who">{{ r.entry.who }}</td>
          <td class="says">
            <span class="what">{{ r.says }}</span>
            <EntryPictures
              v-if="r.entry.attachments.length > 0"
              :job-id="job.id"
              :ids="r.entry.attachments"
              :marks="r.entry.marks"
              :what="r.says"
            />
            <p v-for="f in r.flags" :key="f.says" class="flag">{{ worded(f.says) }}</p>
          </td>
          <td class="act">
            <span v-if="r.later" class="quiet">{{ fate(r.later) }}</span>
            <el-button
              v-else-if="r.entry.kind !== 'withdrawal' && mayReplace(r.entry.personId, job.id)"
              text
              :aria-label="`Withdraw entry ${numberOf(r.entry)}`"
              @click="emit('withdraw', r.entry.id)"
              >Withdraw</el-button
            >
          </td>
        </tr>
      </tbody>
    </table>
  </div>
  <el-button v-if="found.length > most" @click="most += PAGE * 5">Show more</el-button>
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
.flag,
.here {
  color: var(--amber);
}
.here {
  white-space: nowrap;
}
.find,
.kinds {
  width: 220px;
}
@media (max-width: 720px) {
  .find,
  .kinds {
    width: 100%;
  }
  /* Two lines an entry: who and when above what. */
  thead {
    display: none;
  }
  tbody tr {
    display: grid;
    grid-template:
      'no when who act' auto
      'says says says says' auto / auto auto 1fr auto;
    align-items: center;
    border-bottom: var(--stroke) solid var(--line);
    padding: var(--s1) 0 var(--s2);
  }
  tbody td {
    border: 0;
    height: auto;
    padding: 0 var(--s2) 0 0;
  }
  .says {
    grid-area: says;
  }
  .act {
    grid-area: act;
    padding: 0;
  }
}
</style>
