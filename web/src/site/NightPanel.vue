<script setup lang="ts">
/** Where each layer of a zone stops tonight, what closes the line, and how it is opened again. */
import { computed, ref } from 'vue';
import { isWorkLayer, type BuildUp } from '@lentum/core/buildup';
import { closeForTheNight } from '@lentum/core/details';
import type { BayStatus } from '@lentum/core/record';
import { stopLine } from '@lentum/core/site';
import type { Zone } from '@lentum/core/survey';
import { worded } from '../app/wording.ts';
import BayPicker from '../shared/BayPicker.vue';
import FigureText from '../shared/FigureText.vue';
import SayParts from '../shared/SayParts.vue';

const props = defineProps<{ zone: Zone; buildUp: BuildUp; bays: readonly BayStatus[] }>();
/** Bays whose next layer goes on before tonight. */
const today = ref<string[]>([]);
const unfinished = computed(() => props.bays.filter((s) => s.next).map((s) => s.bay));

const has = (s: BayStatus, layerId: string): boolean =>
  s.laid.some((l) => l.coat.id === layerId) ||
  s.others.some((l) => l.layer.id === layerId) ||
  (s.next?.id === layerId && today.value.includes(s.bay.id));
const lines = computed(() =>
  props.buildUp.layers.filter(isWorkLayer).flatMap((layer) => {
    const covered = new Set(props.bays.filter((s) => has(s, layer.id)).map((s) => s.bay.id));
    const line = stopLine(
      props.bays.map((s) => s.bay),
      covered,
      layer.name,
    );
    const closed = line && closeForTheNight(layer, props.buildUp, props.zone, line.length);
    return closed ? [{ layer, line, closed }] : [];
  }),
);
</script>

<template>
  <details v-if="unfinished.length > 0" class="night">
    <summary>
      {{ worded('Stop line for the night') }}
      <span class="quiet">{{ lines.length === 0 ? 'none yet' : `${lines.length} of its layers` }}</span>
    </summary>
    <BayPicker
      v-model="today"
      optional
      :bays="unfinished"
      ask="Get their next layer before tonight"
      none="none: as it lies now"
    />
    <section
      v-for="{ layer, line, closed } in lines"
      :key="layer.id"
      :aria-label="`Stop line, ${layer.name}`"
    >
      <h3>
        {{ layer.name }}: <FigureText :figure="line.length" />,
        <span class="quiet">{{ line.laid.join(', ') }} against {{ line.open.join(', ') }}</span>
      </h3>
      <ul>
        <li v-for="(says, i) in closed.tonight" :key="i"><SayParts :parts="says" /></li>
        <li v-for="m in closed.materials" :key="m.name">
          {{ worded(m.name) }}: <FigureText :figure="m.amount" fine />.
        </li>
        <li v-if="closed.strip">{{ worded('Strip of sheet') }}: <FigureText :figure="closed.strip" />.</li>
        <li v-for="(says, i) in closed.tomorrow" :key="`next-${i}`"><SayParts :parts="says" /></li>
      </ul>
    </section>
  </details>
</template>

<style scoped>
.night {
  margin-top: var(--s3);
}
summary {
  cursor: pointer;
  min-height: 48px;
  padding-block: var(--s3);
  font-weight: 600;
}
h3 {
  margin-top: var(--s3);
}
</style>
