<script setup lang="ts">
/** Course by course from the low edge up: which pieces, how long, where they begin. */
import { computed } from 'vue';
import { LAY_COLUMNS, layLines, layRows, relaxOf } from '@lentum/core/courses';
import { worded } from '../../app/wording.ts';
import { saveCsvFile } from '../../shared/csv.ts';
import { useUnits } from '../../shared/units.ts';
import type { Laid } from './chosen.ts';

const props = defineProps<{ laid: Laid; piece: string | undefined }>();
const emit = defineEmits<{ choose: [label: string] }>();
const { say } = useUnits();
const lines = computed(() => layLines(props.laid.plan, props.laid.layout));
const several = computed(() => props.laid.layout.planes.length > 1);
const relax = computed(() => relaxOf(props.laid.layout));
const csv = (): void =>
  saveCsvFile(
    [LAY_COLUMNS, ...layRows(props.laid.plan, props.laid.layout)],
    `lay-list-${props.laid.layout.zone.code}-${props.laid.code}.csv`.toLowerCase(),
  );
</script>

<template>
  <section aria-label="Lay list" class="lay">
    <div class="head">
      <h2>Lay list: {{ laid.layout.zone.name }}, {{ laid.name.toLowerCase() }}</h2>
      <el-button class="end no-print" @click="csv">Lay list, CSV</el-button>
    </div>
    <p v-if="relax" class="quiet">
      Cut, then let the pieces lie unrolled for {{ say(relax.value, 'minutes') }}.
    </p>
    <div class="scroll-x">
      <table class="dense">
        <thead>
          <tr>
            <th v-if="several" scope="col" class="num">Plane</th>
            <th scope="col" class="num">Course</th>
            <th scope="col" class="num">Low edge at</th>
            <th scope="col">Pieces, from the left</th>
            <th scope="col">Mind</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="l in lines" :key="`${l.plane}/${l.course}`">
            <td v-if="several" class="num">{{ l.plane + 1 }}</td>
            <th scope="row" class="num">{{ l.course + 1 }}</th>
            <td class="num">{{ say(l.lowM, 'length') }}</td>
            <td>
              <button
                v-for="p in l.pieces"
                :key="p.label"
                type="button"
                class="one"
                :aria-pressed="p.label === piece"
                @click="emit('choose', p.label)"
              >
                <strong>{{ p.label }}</strong> {{ say(p.toM - p.fromM, 'length') }}
                <span class="quiet">roll {{ p.roll + 1 }}</span>
              </button>
            </td>
            <td class="quiet">{{ worded(l.note) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.lay {
  margin-top: var(--s5);
}
.one {
  border: 0;
  background: none;
  font: inherit;
  color: inherit;
  padding: 2px var(--s2);
  margin-right: var(--s2);
  cursor: pointer;
  min-height: 28px;
}
.one[aria-pressed='true'] {
  background: var(--sea-soft);
  box-shadow: inset 0 0 0 1px var(--sea);
}
</style>
