<script setup lang="ts">
/** The bays by what can be done with them; bays that wait for the same thing share one verdict line. */
import { computed } from 'vue';
import type { Verdict } from '@lentum/core/words';
import { useJob } from '../app/job.ts';
import { mayEnterSome } from '../app/session.ts';
import { useNarrow } from '../shared/narrow.ts';
import { provideOneStop } from '../shared/onestop.ts';
import VerdictLine from '../shared/VerdictLine.vue';
import { clustered, type Cluster } from './clusters.ts';
import type { Group, Row } from './groups.ts';

const job = useJob();
provideOneStop();
const props = defineProps<{ groups: readonly Group[]; chosen: string | undefined }>();
/** What can be logged for all bays of a line at once. */
export type LineAct = 'prepared' | 'coat' | 'ply';
const emit = defineEmits<{
  /** A bay, and those that share its line. */
  choose: [bayId: string, line: string[]];
  act: [act: LineAct, bayIds: string[]];
}>();
/** On a phone a line is what to do in a few words and its one action; the rest stands on the sheet of the bay. */
const narrow = useNarrow();
const shownOf = (row: Row): Verdict => (narrow.value && row.brief) || row.verdict;
const idsOf = (c: Cluster<Row>): string[] => c.rows.map((r) => r.status.bay.id);

/** A line whose bays all wait for the same hand gets its button. */
function actOf(rows: readonly Row[]): { act: LineAct; name: string } | undefined {
  const [first] = rows;
  if (!first || rows.some((r) => r.status.hold) || !mayEnterSome('coat', job.id)) return undefined;
  if (rows.every((r) => r.status.state === 'bare' && r.status.buildUp && r.verdict.outcome !== 'stop'))
    return { act: 'prepared', name: 'Prepared' };
  const { next } = first.status;
  const ready = rows.every(
    (r) =>
      r.status.next?.id === next?.id &&
      r.status.bay.zoneId === first.status.bay.zoneId &&
      r.verdict.outcome === 'go' &&
      r.status.state !== 'wet',
  );
  if (!next || !ready) return undefined;
  return next.kind === 'coat' ? { act: 'coat', name: 'Log coat' } : { act: 'ply', name: 'Log it' };
}

const shown = computed(() =>
  props.groups.map((g) => ({
    name: g.name,
    count: g.rows.length,
    clusters: clustered(
      g.rows,
      (r) => ({ label: r.status.bay.label, verdict: shownOf(r) }),
      narrow.value,
    ).map((c) => ({ ...c, does: actOf(c.rows) })),
  })),
);
const isOn = (c: Cluster<Row>): boolean => c.rows.some((r) => r.status.bay.id === props.chosen);
</script>

<template>
  <div v-for="g in shown" :key="g.name" class="group" :class="{ narrow }">
    <div class="head">
      <h2 class="minor">{{ g.name }}</h2>
      <span class="quiet end">{{ g.count }} {{ g.count === 1 ? 'bay' : 'bays' }}</span>
    </div>
    <!-- The whole line chooses its first bay; each bay has a button of its own. -->
    <div
      v-for="c in g.clusters"
      :key="c.key"
      class="row"
      :class="{ on: isOn(c) && !narrow }"
      @click="c.rows[0] && emit('choose', c.rows[0].status.bay.id, idsOf(c))"
    >
      <VerdictLine :verdict="c.verdict" />
      <div class="bays">
        <template v-if="!narrow">
          <button
            v-for="r in c.rows"
            :key="r.status.bay.id"
            type="button"
            :aria-pressed="r.status.bay.id === chosen"
            :aria-label="`Choose bay ${r.status.bay.label}`"
            @click.stop="emit('choose', r.status.bay.id, idsOf(c))"
          >
            {{ r.status.bay.label }}
          </button>
        </template>
        <el-button
          v-if="c.does"
          class="tap does"
          :aria-label="`${c.does.name}, ${c.rows.length > 1 ? `${c.rows.length} bays` : c.rows[0]?.status.bay.label}`"
          @click.stop="emit('act', c.does.act, idsOf(c))"
          >{{ c.does.name }}{{ c.rows.length > 1 && !narrow ? `, ${c.rows.length} bays` : '' }}</el-button
        >
        <el-button
          v-else-if="narrow"
          class="tap does"
          :aria-label="`Look at ${c.rows[0]?.status.bay.label}`"
          @click.stop="c.rows[0] && emit('choose', c.rows[0].status.bay.id, idsOf(c))"
          >Look</el-button
        >
      </div>
    </div>
  </div>
</template>

<style scoped>
.group {
  margin-top: var(--s4);
}
.row {
  border-bottom: var(--stroke) solid var(--line);
  padding: 0 var(--s2) var(--s2);
  cursor: pointer;
}
.row.on {
  background: var(--sea-soft);
  box-shadow: inset 4px 0 var(--sea);
}
.does {
  margin-left: auto;
}
.bays {
  align-items: center;
  display: flex;
  flex-wrap: wrap;
  gap: var(--s1);
  padding-left: 30px;
}
.bays > button:not(.does) {
  border: max(1px, var(--stroke)) solid var(--line-2);
  border-radius: var(--r);
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  font-size: var(--t-s);
  min-width: 38px;
  min-height: 26px;
  cursor: pointer;
}
.bays button[aria-pressed='true'] {
  border-color: var(--sea);
  box-shadow: inset 0 0 0 1px var(--sea);
  font-weight: 700;
}
.narrow {
  margin-top: var(--s3);
}
.narrow .row {
  display: flex;
  align-items: center;
  gap: var(--s2);
  padding: 3px 0;
}
.narrow .row > :first-child {
  flex: 1;
  min-width: 0;
  padding: 0;
}
.narrow .bays {
  flex: none;
  padding: 0;
}
.narrow .does {
  min-width: 76px;
  padding-inline: var(--s2);
}
</style>
