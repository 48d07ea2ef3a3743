<script setup lang="ts">
/**
 * The layers in the order in which they are laid. A row is dragged by its grip, or moved by the arrow keys on it; what
 * is laid into a coat goes with it.
 */
import Sortable from 'sortablejs';
import { computed, nextTick, onBeforeUnmount, onMounted, ref } from 'vue';
import {
  dryFilm,
  moveLayer,
  nudgeLayer,
  wetFilm,
  type BuildUp,
  type Coat,
  type Layer,
} from '@lentum/core/buildup';
import { rateQuantity } from '@lentum/core/units';
import { worded } from '../app/wording.ts';
import FigureText from '../shared/FigureText.vue';
import SourceMark from '../shared/SourceMark.vue';
import { useUnits } from '../shared/units.ts';
import { hoursAt } from './curetimes.ts';
import { setRate, useEditing } from './editing.ts';
import RateInput from './RateInput.vue';

const props = defineProps<{
  /** As laid: options taken, rates as the zone asks for them. */
  resolved: BuildUp;
  all: readonly Layer[];
  chosen: string | undefined;
}>();
const emit = defineEmits<{ choose: [layerId: string] }>();
const editing = useEditing();
const { say, unit } = useUnits();
const AT_C = 20;
const at = computed(() => say(AT_C, 'temperature', { digits: 0 }));
const rateUnit = (c: Coat): string =>
  `${unit(rateQuantity(c.rate.basis))}${c.rate.basis === 'dryFilm' ? ' dry' : c.rate.basis === 'wetFilm' ? ' wet' : ''}`;
const span = (l: Extract<Layer, { limits: unknown }>): string =>
  `${say(l.limits.surfaceMinC.value, 'temperature', { digits: 0, unit: false })} … ${say(l.limits.surfaceMaxC.value, 'temperature', { digits: 0, unit: false })}`;
const coatName = (id: string): string =>
  props.resolved.layers.find((l) => l.id === id)?.name.toLowerCase() ?? id;

/** A rate that the zone asked for is changed where the zone's conditions are. */
const asked = (c: Coat): boolean => c.because !== undefined;

const said = ref('');
const body = ref<HTMLElement>();
function arrange(layers: Layer[], id: string): void {
  editing.edit((b) => (b.layers = layers));
  void nextTick(() => {
    const row = props.resolved.layers.findIndex((l) => l.id === id);
    const name = props.resolved.layers[row]?.name ?? '';
    said.value = `${name} is now layer ${row + 1} of ${props.resolved.layers.length}.`;
    body.value?.querySelector<HTMLElement>(`[data-grip="${id}"]`)?.focus();
  });
}
const nudge = (id: string, by: -1 | 1): void =>
  arrange(nudgeLayer(props.all, props.resolved.layers, id, by), id);

let sortable: Sortable | undefined;
onMounted(() => {
  if (!body.value) return;
  sortable = Sortable.create(body.value, {
    handle: '.grip',
    animation: 120,
    onEnd: ({ item, oldIndex, newIndex, from }) => {
      if (oldIndex === undefined || newIndex === undefined || oldIndex === newIndex) return;
      // The row goes back to where it was: the data moves, and the page follows it.
      from.insertBefore(item, from.children[oldIndex + (oldIndex > newIndex ? 1 : 0)] ?? null);
      const shown = props.resolved.layers;
      const id = shown[oldIndex]?.id;
      const others = shown.filter((_, i) => i !== oldIndex);
      if (id !== undefined) arrange(moveLayer(props.all, id, others[newIndex]?.id), id);
    },
  });
});
onBeforeUnmount(() => sortable?.destroy());
</script>

<template>
  <p class="visually-hidden" role="status">{{ said }}</p>
  <div class="scroll-x">
    <table class="dense layers">
      <thead>
        <tr>
          <th scope="col">#</th>
          <th scope="col">Layer</th>
          <th scope="col" class="num">Rate</th>
          <th scope="col" class="num">Wet,<br />{{ unit('film') }}</th>
          <th scope="col" class="num">Dry,<br />{{ unit('film') }}</th>
          <th scope="col" class="num">Surface,<br />{{ unit('temperature') }}</th>
          <th scope="col" class="num">Rain-safe<br />at {{ at }}</th>
          <th scope="col" class="num">Overcoat from / until<br />at {{ at }}</th>
        </tr>
      </thead>
      <tbody ref="body">
        <tr v-for="(layer, i) in resolved.layers" :key="layer.id" :class="{ on: layer.id === chosen }">
          <td class="place">
            <button
              type="button"
              class="grip"
              :data-grip="layer.id"
              :aria-label="`${layer.name}, layer ${i + 1} of ${resolved.layers.length}: move with the arrow keys`"
              @keydown.up.prevent="nudge(layer.id, -1)"
              @keydown.down.prevent="nudge(layer.id, 1)"
            >
              <svg width="8" height="16" viewBox="0 0 8 16" aria-hidden="true">
                <path d="M2 2v12M6 2v12" class="lines" /></svg
              >{{ i + 1 }}
            </button>
          </td>
          <td>
            <button
              type="button"
              class="pick"
              :aria-pressed="layer.id === chosen"
              @click="emit('choose', layer.id)"
            >
              {{ layer.name }}
            </button>
            <div class="quiet">{{ layer.note }}</div>
            <div v-if="layer.kind === 'coat' && layer.treats" class="quiet keeps">
              {{ worded(`keeps to ${layer.treats}`) }}
            </div>
          </td>
          <template v-if="layer.kind === 'coat'">
            <td class="num">
              <div class="rate">
                <template v-if="asked(layer)"
                  ><strong>{{
                    say(layer.rate.value, rateQuantity(layer.rate.basis), { unit: false })
                  }}</strong
                  ><span class="quiet">{{ rateUnit(layer) }} <SourceMark :source="layer.rate.source" /></span
                  ><span class="quiet because">{{ layer.because }}</span></template
                >
                <template v-else
                  ><RateInput :coat="layer" @change="(r) => setRate(editing, layer.id, r)" />
                  <span class="quiet">{{ rateUnit(layer) }} <SourceMark :source="layer.rate.source" /></span
                ></template>
              </div>
            </td>
            <td class="num"><FigureText :figure="wetFilm(layer)" bare /></td>
            <td class="num"><FigureText :figure="dryFilm(layer)" bare /></td>
            <td class="num">{{ span(layer) }}</td>
            <td class="num">{{ hoursAt(layer.cure.rainSafe, AT_C) }}</td>
            <td class="num">
              {{ hoursAt(layer.cure.overcoatFrom, AT_C) }} /
              {{
                layer.cure.overcoatUntil
                  ? hoursAt(layer.cure.overcoatUntil, AT_C)
                  : layer.overcoatOpen
                    ? 'open'
                    : 'not said'
              }}
            </td>
          </template>
          <template v-else-if="layer.kind === 'fabric'">
            <td class="num">
              {{ say(layer.weightGPerM2.value, 'weightPerArea') }}
              <SourceMark :source="layer.weightGPerM2.source" />
            </td>
            <td colspan="5" class="quiet">
              laid into the {{ coatName(layer.embeddedIn) }}; roll
              {{ say(layer.rollWidthM.value, 'length') }} ×
              {{ say(layer.rollLengthM.value, 'length', { digits: 0 }) }}, laps
              {{ say(layer.sideLapMm.value, 'lap') }} side, {{ say(layer.endLapMm.value, 'lap') }} end{{
                layer.direction === 'across the layer below' ? ', across the layer below' : ''
              }}
            </td>
          </template>
          <template v-else-if="layer.kind === 'broadcast'">
            <td class="num">
              {{ say(layer.thrownKgPerM2.value, 'rateMass') }}
              <SourceMark :source="layer.thrownKgPerM2.source" />
            </td>
            <td colspan="5" class="quiet">
              thrown {{ layer.method }} into the {{ coatName(layer.into) }}, {{ layer.grading }};
              {{ say(layer.retainedKgPerM2.value, 'rateMass') }} stay
            </td>
          </template>
          <template v-else-if="layer.kind === 'sheet'">
            <td class="num">
              {{ say(layer.weightKgPerM2.value, 'rateMass') }}
              <SourceMark :source="layer.weightKgPerM2.source" />
            </td>
            <td class="num">–</td>
            <td class="num">{{ say(layer.thicknessMm.value, 'film', { unit: false }) }}</td>
            <td class="num">{{ span(layer) }}</td>
            <td colspan="2" class="quiet">
              {{ layer.bonding }}, {{ layer.surfacing }}; laps {{ say(layer.sideLapMm.value, 'lap') }} side,
              {{ say(layer.endLapMm.value, 'lap') }} end{{
                layer.offset === 'none' ? '' : worded(`; joints ${layer.offset}`)
              }}
            </td>
          </template>
          <template v-else-if="layer.kind === 'protection'">
            <td class="num">
              {{ say(layer.weightKgPerM2.value, 'rateMass') }}
              <SourceMark :source="layer.weightKgPerM2.source" />
            </td>
            <td class="num">–</td>
            <td class="num">{{ say(layer.thicknessMm.value, 'film', { unit: false }) }}</td>
            <td colspan="3" class="quiet">{{ layer.material }}, laid {{ layer.laid }}</td>
          </template>
          <template v-else>
            <td colspan="6" class="quiet">
              {{ layer.pieces.map((p) => p.name.toLowerCase()).join(', ') }};
              {{ say(layer.heightMm.value, 'lap') }} high, {{ say(layer.clearanceMm.value, 'lap') }} clear of
              each penetration
            </td>
          </template>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.keeps {
  font-weight: 600;
}
.layers td {
  padding-block: var(--s2);
}
tr.on td {
  background: var(--sea-soft);
}
.place {
  white-space: nowrap;
}
.grip {
  border: 0;
  background: none;
  padding: var(--s1);
  min-height: 32px;
  font: inherit;
  color: inherit;
  cursor: grab;
  display: inline-flex;
  gap: var(--s1);
  align-items: center;
  touch-action: none;
}
.grip:active {
  cursor: grabbing;
}
.lines {
  stroke: var(--ink-2);
  stroke-width: 1.5;
  stroke-dasharray: 2 3;
}
.sortable-ghost {
  opacity: 0.5;
}
.pick {
  border: 0;
  background: none;
  padding: 0;
  font: inherit;
  font-weight: 700;
  color: inherit;
  cursor: pointer;
  text-align: left;
}
.rate {
  display: flex;
  flex-direction: column;
  align-items: flex-end;
  gap: 2px;
}
.because {
  white-space: normal;
  max-width: 9rem;
}
</style>
