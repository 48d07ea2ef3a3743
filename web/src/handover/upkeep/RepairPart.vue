<script setup lang="ts">
/** The small order of a repair: how much was cut out, in how many places, and which layers are laid again. */
import { computed, ref, watch } from 'vue';
import { buildUpOfZone } from '@lentum/core/buildup';
import { columns, facts, jobLines, line, row, table, tellingOf, type Printout } from '@lentum/core/printout';
import { repairable, repairOrder } from '@lentum/core/upkeep';
import { useJob } from '../../app/job.ts';
import { worded } from '../../app/wording.ts';
import FigureText from '../../shared/FigureText.vue';
import MeasureInput from '../../shared/MeasureInput.vue';
import PrintButton from '../../shared/printout/PrintButton.vue';

const props = defineProps<{ zoneId: string; zoneName: string }>();
const job = useJob();
const buildUp = computed(() => buildUpOfZone(job.documents.buildUps.content, props.zoneId));
const layers = computed(() => (buildUp.value ? repairable(buildUp.value) : []));
const areaM2 = ref<number>();
const places = ref(1);
const chosen = ref<string[]>([]);
watch(layers, (all) => (chosen.value = all.map((l) => l.id)), { immediate: true });
const order = computed(() =>
  buildUp.value && job.state && areaM2.value !== undefined && areaM2.value > 0
    ? repairOrder(
        buildUp.value,
        { areaM2: areaM2.value, places: places.value, layerIds: new Set(chosen.value) },
        job.state.practice,
      )
    : undefined,
);
const bought = (list: readonly { readonly name: string; readonly count: number }[]): string =>
  list.map((b) => `${b.count} × ${worded(b.name)}`).join(' + ');

function paper(): Printout {
  const { head } = job;
  const made = order.value;
  if (!head || !made) throw new Error('say how much was cut out first');
  const t = tellingOf(head);
  return {
    title: t.w(`Repair, ${props.zoneName}`),
    ...jobLines(head, job.nowMs),
    blocks: [
      facts([
        [t.w('Roof'), props.zoneName],
        [t.w('Build-up'), buildUp.value?.name],
        [
          t.w('Cut out'),
          `${t.value(areaM2.value ?? 0, 'area')}, ${places.value} ${t.w(places.value === 1 ? 'place' : 'places')}`,
        ],
        [t.w('Laid again, with the overlap'), t.figure(made.area)],
      ]),
      table(
        columns('Layer|40', '>Takes', 'Bought|40'),
        made.lines.map((l) => row([l.layer.name, t.figure(l.amount), bought(l.bought)])),
      ),
      line(
        t.w('Nothing for waste. Abrade and clean the overlap first; the data sheet goes before.'),
        'quiet',
      ),
    ],
  };
}
</script>

<template>
  <section v-if="layers.length > 0" aria-label="A repair">
    <h2>A repair takes</h2>
    <div class="asked">
      <label
        ><span>Cut out, together</span
        ><MeasureInput
          v-model="areaM2"
          quantity="area"
          label="Cut out, together"
          :above="0"
          :max="10000"
          optional
      /></label>
      <label
        ><span>In so many places</span
        ><el-input-number v-model="places" :min="1" :max="500" :precision="0" aria-label="In so many places"
      /></label>
    </div>
    <el-checkbox-group v-model="chosen" aria-label="Layers that are laid again">
      <el-checkbox v-for="l in layers" :key="l.id" :value="l.id">{{ l.name }}</el-checkbox>
    </el-checkbox-group>
    <template v-if="order">
      <p>Laid again, with the overlap: <FigureText :figure="order.area" /></p>
      <ul>
        <li v-for="l in order.lines" :key="l.layer.id">
          {{ l.layer.name }}: <FigureText :figure="l.amount" fine />, {{ bought(l.bought) }}
        </li>
      </ul>
      <p v-if="order.byHand.length > 0" class="quiet">
        Not by area: {{ order.byHand.map((l) => l.name).join(', ') }}.
      </p>
      <PrintButton :printout="paper" label="Order of the repair" />
    </template>
  </section>
</template>

<style scoped>
h2 {
  font-size: var(--t-m);
  margin-top: var(--s4);
}
.asked {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--s3);
  margin: var(--s2) 0;
}
.asked span {
  display: block;
  font-weight: 600;
}
ul {
  margin: var(--s1) 0 var(--s3);
  padding-left: var(--s4);
}
</style>
