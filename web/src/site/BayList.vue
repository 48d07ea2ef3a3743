<script setup lang="ts">
/** The bays by what can be done with them; bays that wait for the same thing share one verdict line. */
import { computed } from 'vue';
import { verdictText, type Verdict } from '@lentum/core/words';
import VerdictLine from '../shared/VerdictLine.vue';
import type { Group, Row } from './groups.ts';

interface Cluster {
  readonly key: string;
  readonly rows: Row[];
  verdict: Verdict;
}
const props = defineProps<{ groups: readonly Group[]; chosen: string | undefined }>();
/** What can be logged for all bays of a line at once. */
export type LineAct = 'prepared' | 'coat' | 'ply';
const emit = defineEmits<{ choose: [bayId: string]; act: [act: LineAct, bayIds: string[]] }>();

const HALF_HOUR_MS = 1_800_000;

/** What a verdict says apart from the bay's own label. */
function sense({ status, verdict }: Row): string {
  // Times within the same half hour are the same to those who plan with them.
  const text = verdictText([...verdict.says, ...(verdict.quiet ?? [])], 'metric', (ms) =>
    String(Math.round(ms / HALF_HOUR_MS)),
  );
  return `${verdict.subject.replace(status.bay.label, '')}|${text}`;
}

function clustered(rows: readonly Row[]): Cluster[] {
  const clusters = new Map<string, Cluster>();
  for (const row of rows) {
    const key = sense(row);
    const cluster = clusters.get(key);
    if (cluster) cluster.rows.push(row);
    else clusters.set(key, { key, rows: [row], verdict: row.verdict });
  }
  return [...clusters.values()].map((c) => {
    const labels = c.rows.map((r) => r.status.bay.label).join(', ');
    const own = c.rows[0]?.status.bay.label ?? '';
    return { ...c, verdict: { ...c.verdict, subject: c.verdict.subject.replace(own, labels) } };
  });
}

/** A line whose bays all wait for the same hand gets its button. */
function actOf(rows: readonly Row[]): { act: LineAct; name: string } | undefined {
  const [first] = rows;
  if (!first || rows.some((r) => r.status.hold)) return undefined;
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
    clusters: clustered(g.rows).map((c) => ({ ...c, does: actOf(c.rows) })),
  })),
);
const isOn = (c: Cluster): boolean => c.rows.some((r) => r.status.bay.id === props.chosen);
</script>

<template>
  <div v-for="g in shown" :key="g.name" class="group">
    <div class="head">
      <h2 class="minor">{{ g.name }}</h2>
      <span class="quiet end">{{ g.count }} {{ g.count === 1 ? 'bay' : 'bays' }}</span>
    </div>
    <!-- The whole line chooses its first bay; each bay has a button of its own. -->
    <div
      v-for="c in g.clusters"
      :key="c.key"
      class="row"
      :class="{ on: isOn(c), stop: c.verdict.outcome === 'stop' }"
      @click="c.rows[0] && emit('choose', c.rows[0].status.bay.id)"
    >
      <VerdictLine :verdict="c.verdict" />
      <div class="bays">
        <button
          v-for="r in c.rows"
          :key="r.status.bay.id"
          type="button"
          :aria-pressed="r.status.bay.id === chosen"
          :aria-label="`Choose bay ${r.status.bay.label}`"
          @click.stop="emit('choose', r.status.bay.id)"
        >
          {{ r.status.bay.label }}
        </button>
        <el-button
          v-if="c.does"
          class="tap does"
          :aria-label="`${c.does.name}, ${c.rows.length > 1 ? `${c.rows.length} bays` : c.rows[0]?.status.bay.label}`"
          @click.stop="
            emit(
              'act',
              c.does.act,
              c.rows.map((r) => r.status.bay.id),
            )
          "
          >{{ c.does.name }}{{ c.rows.length > 1 ? `, ${c.rows.length} bays` : '' }}</el-button
        >
        <el-button
          v-else
          class="tap does look"
          :aria-label="`Look at ${c.rows[0]?.status.bay.label}`"
          @click.stop="c.rows[0] && emit('choose', c.rows[0].status.bay.id)"
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
.look {
  display: none;
}
/* On a phone a line is what to do and its one action; the line that is chosen shows each of its bays. */
@media (max-width: 720px) {
  .row:not(.on) {
    display: flex;
    align-items: center;
    gap: var(--s2);
    padding: var(--s1) 0;
  }
  .row:not(.on) > :first-child {
    flex: 1;
    min-width: 0;
  }
  .row:not(.on) .bays {
    flex: none;
    padding: 0;
  }
  .row:not(.on) .bays > button:not(.does) {
    display: none;
  }
  .row:not(.on) .look {
    display: inline-flex;
  }
  /* What must be done now is said whole. */
  .row:not(.on, .stop) :deep(.verdict .quiet) {
    display: none;
  }
}
@media (max-width: 820px) {
  .bays > button:not(.does) {
    min-width: var(--tap);
    min-height: var(--tap);
  }
}
</style>
