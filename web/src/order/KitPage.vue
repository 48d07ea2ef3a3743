<script setup lang="ts">
/** What goes into the van besides what is ordered, for the zones of a day. */
import { computed, ref } from 'vue';
import type { Printout } from '@lentum/core/printout';
import { KIT_GROUP_NAMES, KIT_GROUPS, kitBlocks, kitOf } from '@lentum/core/words';
import { useAllRoofs } from '../app/chosenzone.ts';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import PrintButton from '../shared/printout/PrintButton.vue';
import { usePrinted } from '../shared/printout/telling.ts';
import { useUnits } from '../shared/units.ts';

const job = useJob();
useAllRoofs();
const { written } = useUnits();
const planned = computed(() =>
  job.zones.flatMap(({ zone, buildUp }) => (buildUp ? [{ zone, buildUp }] : [])),
);
/** Zones of the day; none chosen stands for all. */
const chosen = ref<string[]>([]);
const ofDay = computed(() =>
  chosen.value.length === 0 ? planned.value : planned.value.filter((p) => chosen.value.includes(p.zone.id)),
);
const lines = computed(() => kitOf(ofDay.value, written.value));
const groups = computed(() => {
  return KIT_GROUPS.map((group) => ({ group, lines: lines.value.filter((l) => l.group === group) })).filter(
    (g) => g.lines.length > 0,
  );
});
const { printed } = usePrinted();
const printout = (): Printout =>
  printed('Tools for the van', (t) =>
    kitBlocks(
      lines.value,
      ofDay.value.map((p) => p.zone.name),
      t,
    ),
  );
/** Many are said by how many they are. */
const MOST = 3;
const few = (names: readonly string[], word: string): string =>
  names.length > MOST ? `${names.length} ${word}` : names.join(', ');
</script>

<template>
  <section aria-label="Tools for the van">
    <div class="head">
      <h1>Tools for the van</h1>
      <span class="quiet">besides what is ordered</span>
      <PrintButton v-if="planned.length > 0" class="end" :printout="printout" />
    </div>
    <p v-if="planned.length === 0" class="quiet">No zone has a build-up yet: tools follow from its layers.</p>
    <template v-else>
      <el-checkbox-group v-model="chosen" class="zones no-print" aria-label="Zones of the day">
        <el-checkbox v-for="p in planned" :key="p.zone.id" :value="p.zone.id">{{ p.zone.name }}</el-checkbox>
      </el-checkbox-group>
      <p class="quiet">
        {{
          chosen.length === 0
            ? 'For every zone; choose those of the day.'
            : `For ${ofDay.map((p) => p.zone.name).join(', ')}.`
        }}
      </p>
      <table v-for="{ group, lines: found } in groups" :key="group" class="dense">
        <thead>
          <tr>
            <th scope="col">{{ KIT_GROUP_NAMES[group] }}</th>
            <th scope="col">For</th>
            <th scope="col">Zones</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="l in found" :key="l.what">
            <th scope="row"><span class="box" aria-hidden="true"></span>{{ worded(l.what) }}</th>
            <td class="quiet">{{ worded(few(l.layers, 'layers')) }}</td>
            <td class="quiet">{{ few(l.zones, 'zones') }}</td>
          </tr>
        </tbody>
      </table>
      <p class="quiet">
        From the layers’ tools and hazards. The data sheets, the safety sheets and the site’s own rules
        decide.
      </p>
    </template>
  </section>
</template>

<style scoped>
.zones {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--s3);
}
table {
  table-layout: fixed;
  overflow-wrap: anywhere;
  margin: var(--s4) 0;
}
th[scope='row'] {
  font-weight: 400;
  text-align: left;
}
thead th:first-child {
  width: 50%;
}
.box {
  display: inline-block;
  width: 0.8em;
  height: 0.8em;
  margin-right: var(--s2);
  border: max(1px, var(--stroke)) solid var(--line-2);
}
</style>
