<script setup lang="ts">
/** How many boards, how good that is, and what fixes them. */
import { computed } from 'vue';
import type { BoardLayout } from '@lentum/core/courses';
import { words, type Verdict } from '@lentum/core/figures';
import FigureText from '../../shared/FigureText.vue';
import SayParts from '../../shared/SayParts.vue';
import VerdictLine from '../../shared/VerdictLine.vue';
import { useUnits } from '../../shared/units.ts';

const props = defineProps<{ boards: BoardLayout }>();
const { say } = useUnits();
const verdict = computed((): Verdict => {
  const { boards, leastBoards, layer } = props.boards;
  const over = boards - leastBoards;
  const size = `${say(layer.pieceLengthM.value, 'length')} × ${say(layer.pieceWidthM.value, 'length')}`;
  return {
    outcome: over === 0 ? 'go' : 'steps',
    subject: layer.name,
    says:
      over === 0
        ? words`${String(boards)} boards of ${size}: proven least for these rows.`
        : words`${String(boards)} boards of ${size}: at most ${String(over)} more than any laying of these rows needs.`,
  };
});
const pieces = computed(() => props.boards.planes.flatMap((p) => p.pieces));
const cut = computed(() => pieces.value.filter((p) => p.cut).length);
const again = computed(() => pieces.value.filter((p) => p.offcut).length);
</script>

<template>
  <section :aria-label="boards.layer.name">
    <h1>{{ boards.zone.name }}, {{ boards.layer.name.toLowerCase() }}</h1>
    <VerdictLine :verdict="verdict" />
    <p v-for="(p, i) in boards.planes" :key="i">
      Rows <SayParts :parts="p.laying.says" />; joints of neighbouring rows are apart, offcuts begin or end
      later rows.
    </p>
    <table class="dense">
      <tbody>
        <tr>
          <th scope="row">Pieces</th>
          <td class="num">{{ pieces.length }}</td>
        </tr>
        <tr>
          <th scope="row">Cut to size (hatched)</th>
          <td class="num">{{ cut }}</td>
        </tr>
        <tr>
          <th scope="row">From offcuts</th>
          <td class="num">{{ again }}</td>
        </tr>
        <tr v-for="f in boards.fasteners" :key="f.label">
          <th scope="row">
            {{
              f.label
                .split(', ')
                .at(-1)
                ?.replace(/^./, (c) => c.toUpperCase())
            }}
          </th>
          <td class="num"><FigureText :figure="f" /></td>
        </tr>
      </tbody>
    </table>
    <p v-if="boards.fasteners.length > 0" class="quiet">
      Fixing rates are the layer’s; wind loads and pull-out are for a licensed designer.
    </p>
  </section>
</template>

<style scoped>
h1 {
  font-size: var(--t-l);
}
th {
  text-align: left;
}
</style>
