<script setup lang="ts">
import { computed } from 'vue';
import { dryFilm, wetFilm, type BuildUp, type Coat } from '@lentum/core/buildup';
import FigureText from '../shared/FigureText.vue';
import SourceMark from '../shared/SourceMark.vue';
import { useUnits } from '../shared/units.ts';
import { hoursAt } from './curetimes.ts';
import RateInput from './RateInput.vue';

defineProps<{ buildUp: BuildUp; chosen: string | undefined }>();
const emit = defineEmits<{
  choose: [layerId: string];
  rate: [layerId: string, rate: { basis: 'mass' | 'volume'; value: number }];
}>();
const { say, unit } = useUnits();
const AT_C = 20;
const at = computed(() => say(AT_C, 'temperature', { digits: 0 }));
const rateUnit = (c: Coat): string => unit(c.rate.basis === 'mass' ? 'rateMass' : 'rateVolume');
const span = (c: Coat): string =>
  `${say(c.limits.surfaceMinC.value, 'temperature', { digits: 0, unit: false })} … ${say(c.limits.surfaceMaxC.value, 'temperature', { digits: 0, unit: false })}`;
</script>

<template>
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
      <tbody>
        <tr v-for="(layer, i) in buildUp.layers" :key="layer.id" :class="{ on: layer.id === chosen }">
          <td>{{ i + 1 }}</td>
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
          </td>
          <template v-if="layer.kind === 'coat'">
            <td class="num">
              <div class="rate">
                <RateInput :coat="layer" @change="(r) => emit('rate', layer.id, r)" />
                <span class="quiet">{{ rateUnit(layer) }} <SourceMark :source="layer.rate.source" /></span>
              </div>
            </td>
            <td class="num"><FigureText :figure="wetFilm(layer)" bare /></td>
            <td class="num"><FigureText :figure="dryFilm(layer)" bare /></td>
            <td class="num">{{ span(layer) }}</td>
            <td class="num">{{ hoursAt(layer.cure.rainSafe, AT_C) }}</td>
            <td class="num">
              {{ hoursAt(layer.cure.overcoatFrom, AT_C) }} /
              {{ layer.cure.overcoatUntil ? hoursAt(layer.cure.overcoatUntil, AT_C) : 'open' }}
            </td>
          </template>
          <template v-else-if="layer.kind === 'fabric'">
            <td class="num">
              {{ say(layer.weightGPerM2.value, 'weightPerArea') }}
              <SourceMark :source="layer.weightGPerM2.source" />
            </td>
            <td colspan="5" class="quiet">
              laid into the {{ buildUp.layers.find((l) => l.id === layer.embeddedIn)?.name.toLowerCase() }};
              roll {{ say(layer.rollWidthM.value, 'length') }} ×
              {{ say(layer.rollLengthM.value, 'length', { digits: 0 }) }}, laps
              {{ say(layer.sideLapMm.value, 'lap') }} side, {{ say(layer.endLapMm.value, 'lap') }} end
            </td>
          </template>
          <template v-else>
            <td class="num">
              {{ say(layer.thrownKgPerM2.value, 'rateMass') }}
              <SourceMark :source="layer.thrownKgPerM2.source" />
            </td>
            <td colspan="5" class="quiet">
              thrown {{ layer.method }} into the
              {{ buildUp.layers.find((l) => l.id === layer.into)?.name.toLowerCase() }}, {{ layer.grading }};
              {{ say(layer.retainedKgPerM2.value, 'rateMass') }} stay
            </td>
          </template>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.layers td {
  padding-block: var(--s2);
}
tr.on td {
  background: var(--sea-soft);
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
</style>
