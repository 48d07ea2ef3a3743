<script setup lang="ts">
/** The card of what is laid next on a bay: the mix, the kettle charge, or the courses of a sheet, with its cautions. */
import { computed, ref } from 'vue';
import { isCoat, isSheet } from '@lentum/core/buildup';
import { permitFor, type BayStatus } from '@lentum/core/record';
import { flammableIn } from '@lentum/core/site';
import type { Zone } from '@lentum/core/survey';
import { facts, type Printout } from '@lentum/core/printout';
import { openingBlocks, protectionOf, sprayProtection } from '@lentum/core/words';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import KettlePanel from './KettlePanel.vue';
import type { LayingCard } from './layingcard.ts';
import type { Values } from './log/fields.ts';
import type { LoggedKind } from './log/form.ts';
import MixPanel from './MixPanel.vue';
import PrintButton from '../shared/printout/PrintButton.vue';
import { usePrinted } from '../shared/printout/telling.ts';
import SheetPanel from './SheetPanel.vue';

const props = defineProps<{ status: BayStatus; zone: Zone }>();
const open = defineModel<boolean>({ required: true });
const emit = defineEmits<{ log: [kind: LoggedKind, known: Values] }>();
const job = useJob();
const layer = computed(() => props.status.next);
const coat = computed(() => (layer.value && isCoat(layer.value) ? layer.value : undefined));
const sheet = computed(() => (layer.value && isSheet(layer.value) ? layer.value : undefined));
const hot = computed(() => {
  const { buildUp } = props.status;
  const permit = permitFor(job.book, job.nowMs, props.zone.id);
  return {
    practice: job.state?.practice,
    flammable: buildUp ? flammableIn(buildUp) : [],
    permitUntilMs: permit && Date.parse(permit.until),
  };
});
const protection = computed(() => (layer.value ? protectionOf(layer.value) : []));
const spraying = computed(() => (layer.value && sprayed.value ? sprayProtection(layer.value) : []));
/** What the card says; nothing while it gives no answer. */
const card = ref<LayingCard>();
function logIt(): void {
  const known = card.value?.known;
  if (!known) return;
  open.value = false;
  emit('log', coat.value?.kettle ? 'melt' : 'mix', known);
}
const title = computed(() => {
  const what = coat.value?.kettle ? 'Kettle' : coat.value ? 'Mix' : 'Courses';
  return `${what} for bay ${props.status.bay.label}: ${layer.value?.name ?? ''}`;
});
const sprayed = computed(() => job.weather.doc.draft.crew.method === 'sprayed');
const { printed } = usePrinted();
const printout = (): Printout =>
  printed(title.value, (t) => [
    facts([
      [t.w('Roof'), props.zone.name],
      [t.w('Bay'), props.status.bay.label],
      [t.w('Build-up'), props.status.buildUp?.name],
      [t.w('Layer'), layer.value?.name],
    ]),
    ...(layer.value ? openingBlocks(layer.value, sprayed.value, t) : []),
    ...(card.value?.blocks(t) ?? []),
  ]);
</script>

<template>
  <el-drawer v-model="open" :title="title" size="min(560px, 100%)">
    <section
      v-if="protection.length + (layer?.product?.cautions ?? []).length > 0"
      class="mind"
      aria-label="Before opening anything"
    >
      <h3>Before opening anything</h3>
      <ul>
        <li v-for="p in protection" :key="p">{{ worded(p) }}</li>
        <li v-for="c in layer?.product?.cautions ?? []" :key="c">{{ c }}</li>
      </ul>
      <p class="quiet">The safety sheet and the data sheet decide.</p>
    </section>
    <section v-if="spraying.length > 0" class="mind" aria-label="Before spraying">
      <h3>Before spraying</h3>
      <ul>
        <li v-for="p in spraying" :key="p">{{ worded(p) }}</li>
      </ul>
    </section>
    <KettlePanel v-if="coat?.kettle" :status="status" :coat="coat" :terms="hot" @ready="card = $event" />
    <MixPanel v-else-if="coat" :status="status" :zone="zone" :coat="coat" @ready="card = $event" />
    <SheetPanel
      v-else-if="sheet"
      :sheet="sheet"
      :layers="status.buildUp?.layers ?? []"
      :terms="hot"
      @ready="card = $event"
    />
    <!-- Always there: a foot that comes and goes would draw the body anew, and what was typed would be lost. -->
    <template #footer>
      <div class="bar feet">
        <PrintButton :printout="printout" label="Print this card" :disabled="!card" class="tap" />
        <el-button v-if="card?.known" class="tap" @click="logIt">{{
          coat?.kettle ? 'Log the charge' : 'Log this mix'
        }}</el-button>
      </div>
    </template>
  </el-drawer>
</template>

<style scoped>
.feet {
  justify-content: flex-end;
  gap: var(--s3);
}
.mind {
  border-left: 4px solid var(--amber);
  padding-left: var(--s3);
  margin-bottom: var(--s3);
}
.mind h3 {
  margin: 0;
}
ul {
  padding-left: 1.4rem;
  margin: var(--s1) 0;
}
li {
  margin-bottom: var(--s2);
}
</style>
