<script setup lang="ts">
/** The card of what is laid next on a bay: the mix, the kettle charge, or the courses of a sheet, with its cautions. */
import { computed, ref } from 'vue';
import { isCoat, isSheet } from '@lentum/core/buildup';
import { permitFor, type BayStatus } from '@lentum/core/record';
import { flammableIn } from '@lentum/core/site';
import type { Zone } from '@lentum/core/survey';
import { protectionOf, sprayProtection } from '@lentum/core/words';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';
import KettlePanel from './KettlePanel.vue';
import type { Values } from './log/fields.ts';
import type { LoggedKind } from './log/form.ts';
import MixPanel from './MixPanel.vue';
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
const spraying = computed(() =>
  layer.value && job.weather.doc.draft.crew.method === 'sprayed' ? sprayProtection(layer.value) : [],
);
/** What the card would enter; nothing while it gives no answer. */
const known = ref<Values>();
function logIt(): void {
  if (!known.value) return;
  open.value = false;
  emit('log', coat.value?.kettle ? 'melt' : 'mix', known.value);
}
const title = computed(() => {
  const what = coat.value?.kettle ? 'Kettle' : coat.value ? 'Mix' : 'Courses';
  return `${what} for bay ${props.status.bay.label}: ${layer.value?.name ?? ''}`;
});
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
    <KettlePanel v-if="coat?.kettle" :status="status" :coat="coat" :terms="hot" @ready="known = $event" />
    <MixPanel v-else-if="coat" :status="status" :zone="zone" :coat="coat" @ready="known = $event" />
    <SheetPanel v-else-if="sheet" :sheet="sheet" :layers="status.buildUp?.layers ?? []" :terms="hot" />
    <!-- Always there: a foot that comes and goes would draw the body anew, and what was typed would be lost. -->
    <template #footer>
      <el-button v-if="coat && known" class="tap" @click="logIt">{{
        coat.kettle ? 'Log the charge' : 'Log this mix'
      }}</el-button>
    </template>
  </el-drawer>
</template>

<style scoped>
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
