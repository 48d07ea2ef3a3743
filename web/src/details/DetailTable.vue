<script setup lang="ts">
/** The schedule of one zone: its details by kind, how many or how long, their pieces and time. */
import { computed } from 'vue';
import { DETAIL_KINDS, detailFacts, type DetailWork, type ZoneDetails } from '@lentum/core/details';
import { worded } from '../app/wording.ts';
import FigureText from '../shared/FigureText.vue';
import { useUnits } from '../shared/units.ts';
import { useSigning } from './signing.ts';

const props = defineProps<{ zone: ZoneDetails; chosen: string | undefined }>();
const emit = defineEmits<{ choose: [detailId: string] }>();
const { say } = useUnits();
const { stateOf } = useSigning();
const kinds = computed(() =>
  DETAIL_KINDS.flatMap((kind) => {
    const rows = props.zone.work.filter((w) => w.detail.kind === kind);
    if (rows.length === 0) return [];
    const count = rows.reduce((sum, w) => sum + w.detail.count, 0);
    const lengthM = rows.reduce((sum, w) => sum + (w.detail.length?.value ?? 0), 0);
    return [{ kind, facts: detailFacts(kind), rows, count, lengthM }];
  }),
);
const piecesOf = (w: DetailWork): number => w.pieces.reduce((sum, p) => sum + p.count, 0) * w.detail.count;
</script>

<template>
  <div class="scroll-x">
    <table class="dense">
      <thead>
        <tr>
          <th scope="col">Detail</th>
          <th scope="col" class="num">How many</th>
          <th scope="col" class="num">Length</th>
          <th scope="col" class="num">Pieces</th>
          <th scope="col" class="num">Time</th>
          <th scope="col">Record</th>
        </tr>
      </thead>
      <tbody v-for="k in kinds" :key="k.kind">
        <tr class="kind">
          <th scope="rowgroup">{{ worded(k.facts.name) }}</th>
          <td class="num">{{ k.facts.form === 'spot' ? k.count : '' }}</td>
          <td class="num">{{ k.facts.form === 'run' ? say(k.lengthM, 'length') : '' }}</td>
          <td />
          <td />
          <td />
        </tr>
        <tr
          v-for="w in k.rows"
          :key="w.detail.id"
          class="row"
          :class="{ chosen: w.detail.id === chosen, bad: w.problems.length > 0 }"
        >
          <td>
            <button
              type="button"
              class="pick"
              :aria-pressed="w.detail.id === chosen"
              @click="emit('choose', w.detail.id)"
            >
              {{ worded(w.detail.where) }}
            </button>
            <span v-if="w.problems.length > 0" class="problem"> cannot be cut so</span>
          </td>
          <td class="num">{{ k.facts.form === 'spot' ? w.detail.count : '' }}</td>
          <td class="num"><FigureText v-if="w.detail.length" :figure="w.detail.length" /></td>
          <td class="num">{{ piecesOf(w) || '–' }}</td>
          <td class="num"><FigureText :figure="w.minutes" /></td>
          <td>{{ stateOf(w.detail)?.step ?? '' }}</td>
        </tr>
      </tbody>
      <tfoot>
        <tr>
          <th scope="row" colspan="4">All details of this zone</th>
          <td class="num"><FigureText :figure="zone.minutes" /></td>
          <td />
        </tr>
      </tfoot>
    </table>
  </div>
</template>

<style scoped>
.kind th,
.kind td {
  font-weight: 700;
  padding-top: var(--s3);
}
.row td:first-child {
  padding-left: var(--s4);
}
button.pick {
  border: 0;
  background: none;
  font: inherit;
  color: var(--sea);
  cursor: pointer;
  text-align: left;
  padding: 2px 0;
  text-decoration: underline;
  text-underline-offset: 3px;
}
.chosen td {
  background: var(--sea-soft);
}
tfoot th,
tfoot td {
  font-weight: 700;
}
@media (max-width: 720px) {
  button.pick {
    min-height: var(--tap);
    min-width: var(--tap);
  }
}
</style>
