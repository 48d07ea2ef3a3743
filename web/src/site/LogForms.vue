<script setup lang="ts">
/** The forms of the log, opened from wherever something is to be entered: for one bay, for several, or for a zone. */
import { defineAsyncComponent, ref, shallowRef } from 'vue';
import type { BayStatus } from '@lentum/core/record';
import type { Bay } from '@lentum/core/site';
import { bayRuns } from '@lentum/core/words';
import { useJob } from '../app/job.ts';
import type { LineAct } from './BayList.vue';
import CoatForm from './CoatForm.vue';
import type { Values } from './log/fields.ts';
import type { LoggedKind } from './log/form.ts';
import PlyForm from './PlyForm.vue';
import { tapStep } from './steps.ts';
import { useTapping } from './sending.ts';

const LogSheet = defineAsyncComponent(() => import('./log/LogSheet.vue'));

const job = useJob();
const tapping = useTapping();
const coating = shallowRef<{ bays: BayStatus[]; correcting?: string }>();
const plying = shallowRef<BayStatus[]>();
const logging = shallowRef<{ zoneId: string; bays: string[]; kind?: LoggedKind; known?: Values }>();
const round = ref(0);

const statusesOf = (ids: readonly string[]): BayStatus[] =>
  job.statuses.filter((s) => ids.includes(s.bay.id));

/** An entry belongs to one zone: a tap on bays of several makes one for each, and all are taken back together. */
async function tapOnZones(bays: readonly Bay[], what: 'prepared'): Promise<void> {
  const ids: string[] = [];
  for (const zoneId of new Set(bays.map((b) => b.zoneId))) {
    const here = bays.filter((b) => b.zoneId === zoneId);
    ids.push((await tapStep(job, here, what)).id);
  }
  if (ids.length > 1) job.offer(ids, `${bayRuns(bays.map((b) => b.label))}: ${what}`);
}
async function act(what: LineAct, bayIds: readonly string[]): Promise<void> {
  const bays = statusesOf(bayIds);
  round.value += 1;
  if (what === 'coat') coating.value = { bays };
  else if (what === 'ply') plying.value = bays;
  else
    await tapping(() =>
      tapOnZones(
        bays.map((s) => s.bay),
        what,
      ),
    );
}
function correct(entryId: string | undefined): void {
  const entry = entryId === undefined ? undefined : job.book.seen.get(entryId);
  if (entry?.kind !== 'coat') return;
  round.value += 1;
  coating.value = { bays: statusesOf(entry.bays.map((b) => b.bayId)), correcting: entry.id };
}
/** A coat below that is thin, or whose film is not known: corrected where it can be, else laid again. */
function fix(status: BayStatus): void {
  const last = status.laid.at(-1);
  if (last?.judgement.outcome === 'thin') void act('coat', [status.bay.id]);
  else correct(last?.entry.id);
}
function log(zoneId: string, bays: readonly string[], kind?: LoggedKind, known?: Values): void {
  round.value += 1;
  logging.value = {
    zoneId,
    bays: [...bays],
    ...(kind === undefined ? {} : { kind }),
    ...(known === undefined ? {} : { known }),
  };
}
/** From the log on to the form of its own: for the bays that were chosen, else for those that wait for it. */
function onTo(what: 'coat' | 'ply', picked: readonly string[]): void {
  const zoneId = logging.value?.zoneId;
  const here = job.statuses.filter((s) => s.bay.zoneId === zoneId);
  const fits = (s: BayStatus): boolean =>
    s.next !== undefined && (what === 'coat') === (s.next.kind === 'coat');
  const first = here.find((s) => picked.includes(s.bay.id)) ?? here.find(fits) ?? here[0];
  logging.value = undefined;
  if (first) void act(what, picked.length > 0 ? picked : [first.bay.id]);
}
defineExpose({ act, correct, fix, log });
</script>

<template>
  <CoatForm
    v-if="coating"
    :key="`coat${round}`"
    :model-value="true"
    :bays="coating.bays"
    :correcting="coating.correcting"
    @update:model-value="coating = undefined"
  />
  <PlyForm
    v-if="plying"
    :key="`ply${round}`"
    :model-value="true"
    :bays="plying"
    @update:model-value="plying = undefined"
  />
  <LogSheet
    v-if="logging"
    :key="`log${round}`"
    :model-value="true"
    :zone-id="logging.zoneId"
    :bays="logging.bays"
    :kind="logging.kind"
    :known="logging.known"
    @coat="onTo('coat', $event)"
    @ply="onTo('ply', $event)"
    @update:model-value="logging = undefined"
  />
</template>
