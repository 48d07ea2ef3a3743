<script setup lang="ts">
/** Film of a coat bay by bay: by its readings beside what was used, and whether the two agree. */
import { computed } from 'vue';
import type { BayStatus } from '@lentum/core/record';
import FigureText from '../shared/FigureText.vue';

const props = defineProps<{ bays: readonly BayStatus[]; layerId: string }>();
const rows = computed(() =>
  props.bays.flatMap(({ bay, laid }) =>
    laid
      .filter((l) => l.coat.id === props.layerId)
      .map((l) => ({ key: `${bay.id}/${l.entry.id}`, label: bay.label, j: l.judgement })),
  ),
);
const AGREES = { true: 'yes', false: 'no', undefined: 'cannot tell' } as const;
</script>

<template>
  <div class="scroll-x">
    <table class="dense">
      <caption class="visually-hidden">
        Film bay by bay, by readings and by what was used
      </caption>
      <thead>
        <tr>
          <th scope="col">Bay</th>
          <th scope="col" class="num">By readings</th>
          <th scope="col" class="num">By what was used</th>
          <th scope="col" class="num">Apart</th>
          <th scope="col">Agree</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in rows" :key="r.key">
          <th scope="row">{{ r.label }}</th>
          <td class="num">
            <FigureText v-if="r.j.fromReadings" :figure="r.j.fromReadings.figure" /><span v-else>none</span>
          </td>
          <td class="num">
            <FigureText v-if="!r.j.bySpots" :figure="r.j.fromConsumption" /><span v-else>spots only</span>
          </td>
          <td class="num"><FigureText v-if="r.j.gap" :figure="r.j.gap" /></td>
          <td>{{ AGREES[`${r.j.agrees}`] }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
