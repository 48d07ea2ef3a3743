<script setup lang="ts">
/** An outline from tape measures alone: sides, turns, right angles, diagonals; each measure with its residual. */
import { Delete, Plus } from '@element-plus/icons-vue';
import { computed, nextTick, ref } from 'vue';
import type { MeasureResult } from '@lentum/core/geometry';
import { measureName, tapedSolution, type TapedOutline } from '@lentum/core/survey';
import { worded } from '../app/wording.ts';
import MeasureInput from '../shared/MeasureInput.vue';
import PickList from '../shared/PickList.vue';
import { useUnits } from '../shared/units.ts';
import VerdictMark from '../shared/VerdictMark.vue';
import TurnButton from './TurnButton.vue';
import { offWhere } from '../shared/heldpage.ts';

const outline = defineModel<TapedOutline>({ required: true });
const emit = defineEmits<{ inserted: [after: number]; removed: [side: number] }>();
const { say, unit } = useUnits();
const body = ref<HTMLElement>();

const solved = computed(() => {
  const answer = tapedSolution(outline.value, 'outline', 'Zone');
  return answer.ok ? answer.value : undefined;
});
const n = computed(() => outline.value.corners.length);

const resultOf = (is: (m: MeasureResult) => boolean): MeasureResult | undefined =>
  solved.value?.measures.find(is);
const sideResult = (i: number) => resultOf((m) => m.measure.kind === 'side' && m.measure.side === i);
const squareResult = (k: number) => resultOf((m) => m.measure.kind === 'square' && m.measure.corner === k);
const diagonalResult = (i: number) => resultOf((m) => m.measure.kind === 'diagonal' && m.measure.index === i);

/** How far a measure is from what the others say; nothing while no other measure checks it. */
function off(r: MeasureResult | undefined): string {
  if (!r) return '';
  if (r.redundancy === 0) return 'unchecked';
  const square = r.measure.kind === 'square';
  // What rounds to nothing has no sign.
  const sign = Math.abs(r.residual) < (square ? 0.05 : 0.0005) ? '' : r.residual < 0 ? '−' : '+';
  return square
    ? `${sign}${say(Math.abs(r.residual), 'angle')}°`
    : `${sign}${say(Math.abs(r.residual) * 1000, 'lap')}`;
}
const isSuspect = (r: MeasureResult | undefined): boolean =>
  r !== undefined && (solved.value?.suspects.some((s) => s.result === r) ?? false);

function change(part: Partial<TapedOutline>): void {
  outline.value = { ...outline.value, adjustmentAccepted: false, ...part };
}
function setSide(i: number, lengthM: number | undefined): void {
  change({ sidesM: outline.value.sidesM.map((s, k) => (k === i ? (lengthM ?? null) : s)) });
}
function setCorner(k: number, part: Partial<TapedOutline['corners'][number]>): void {
  change({ corners: outline.value.corners.map((c, i) => (i === k ? { ...c, ...part } : c)) });
}
async function insert(i: number): Promise<void> {
  const corners = [...outline.value.corners];
  const sidesM = [...outline.value.sidesM];
  // The side before keeps the corner at its end, up to which it was taped; the new side ends at a new corner.
  corners.splice(i + 2, 0, { turn: 'left', square: false });
  sidesM.splice(i + 1, 0, null);
  const shift = (k: number): number => (k > i + 1 ? k + 1 : k);
  change({
    corners,
    sidesM,
    diagonals: outline.value.diagonals.map((d) => ({ ...d, from: shift(d.from), to: shift(d.to) })),
  });
  emit('inserted', i);
  await nextTick();
  focusRow(i + 1);
}
function remove(k: number): void {
  emit('removed', k);
  const shift = (i: number): number => (i > k ? i - 1 : i);
  change({
    corners: outline.value.corners.filter((_, i) => i !== k),
    sidesM: outline.value.sidesM.filter((_, i) => i !== k),
    diagonals: outline.value.diagonals
      .filter((d) => d.from !== k && d.to !== k)
      .map((d) => ({ ...d, from: shift(d.from), to: shift(d.to) })),
  });
}
function focusRow(i: number): void {
  const input = body.value?.querySelectorAll<HTMLInputElement>('input.el-input__inner')[i];
  input?.focus();
  input?.select();
}

const cornerOptions = computed(() =>
  Array.from({ length: n.value }, (_, i) => ({ value: String(i), label: `corner ${i + 1}` })),
);
const isNeighbour = (a: number, b: number): boolean =>
  a === b || (a + 1) % n.value === b || (b + 1) % n.value === a;

/** The diagonal that helps most, else the first one that is not there. */
function addDiagonal(): void {
  const wanted = solved.value?.wanted.find((m) => m.kind === 'diagonal') ?? solved.value?.checking;
  if (wanted?.kind === 'diagonal') {
    pushDiagonal(wanted.from, wanted.to);
    return;
  }
  for (let a = 0; a < n.value; a += 1) {
    for (let b = a + 2; b < n.value; b += 1) {
      if (isNeighbour(a, b)) continue;
      if (outline.value.diagonals.some((d) => (d.from === a && d.to === b) || (d.from === b && d.to === a)))
        continue;
      pushDiagonal(a, b);
      return;
    }
  }
}
function pushDiagonal(from: number, to: number): void {
  const [a, b] = [solved.value?.points[from], solved.value?.points[to]];
  const lengthM = a && b ? Number(Math.hypot(b[0] - a[0], b[1] - a[1]).toFixed(2)) || 1 : 1;
  change({ diagonals: [...outline.value.diagonals, { from, to, lengthM }] });
}
function setDiagonal(i: number, part: Partial<TapedOutline['diagonals'][number]>): void {
  change({ diagonals: outline.value.diagonals.map((d, k) => (k === i ? { ...d, ...part } : d)) });
}

const advice = computed(() => {
  const s = solved.value;
  if (!s)
    return {
      outcome: 'hold' as const,
      text: 'A diagonal joins two neighbours: choose two corners that are not.',
    };
  if (s.missing > 0) {
    const next = s.wanted.map(measureName);
    return {
      outcome: 'hold' as const,
      text: `Not fixed yet: ${s.missing} more ${s.missing === 1 ? 'measure is' : 'measures are'} needed. Tape the ${next.join(', then the ') || 'missing sides'}; or mark corners that are square.`,
    };
  }
  if (s.suspects.length > 0) {
    const [first] = s.suspects;
    const names = s.suspects.map(
      (x) => `${measureName(x.result.measure)} (${say(x.fits, 'length')} would fit)`,
    );
    return {
      outcome: 'hold' as const,
      text: `The measures disagree. Most likely wrong: ${names.join(' or ')}, given as ${say(first?.result.given ?? 0, 'length')}.`,
    };
  }
  if (s.turnedOver.length > 0)
    return {
      outcome: 'hold' as const,
      text: `With these lengths corner ${s.turnedOver.map((k) => k + 1).join(', ')} turns the other way: check the turn and the lengths.`,
    };
  const spare =
    s.spare === 0
      ? 'No measure checks another: one more diagonal would.'
      : `${s.spare} ${s.spare === 1 ? 'measure' : 'measures'} to spare, and all agree.`;
  return {
    outcome: s.spare === 0 ? ('go' as const) : ('done' as const),
    text: `The shape is fixed. ${spare}`,
  };
});
const disagree = computed(() => solved.value?.missing === 0 && solved.value.suspects.length > 0);
</script>

<template>
  <div class="head">
    <h2>Tape measures</h2>
    <span class="quiet">{{ n }} sides, no angles</span>
  </div>
  <p class="quiet">
    Walk round once: each side, and whether the roof turns left or right at its end. Mark corners that are
    square. Then tape diagonals until the shape is fixed; one more checks the rest.
  </p>
  <div class="advice" role="status">
    <VerdictMark :outcome="advice.outcome" />
    <p>{{ worded(advice.text) }}</p>
  </div>
  <el-button v-if="disagree && !outline.adjustmentAccepted" @click="change({ adjustmentAccepted: true })"
    >Accept the best fit</el-button
  >
  <p v-else-if="disagree" class="quiet">
    Best fit accepted.
    <el-button text @click="change({ adjustmentAccepted: false })">Take it back</el-button>
  </p>
  <div class="scroll-x">
    <table class="dense typed taped">
      <thead>
        <tr>
          <th scope="col">Side</th>
          <th scope="col" class="num">Length, {{ unit('length') }}</th>
          <th scope="col" class="num">Off by</th>
          <th scope="col">Corner at its end</th>
          <th scope="col"><span class="visually-hidden">Add or remove</span></th>
        </tr>
      </thead>
      <tbody ref="body">
        <tr v-for="(s, i) in outline.sidesM" :key="i">
          <th scope="row">{{ i + 1 }}</th>
          <td @keydown.enter.prevent="focusRow(Math.min(i + 1, n - 1))">
            <MeasureInput
              hide-unit
              optional
              quantity="length"
              :label="`Side ${i + 1}, length`"
              :above="0"
              :max="2000"
              :model-value="s ?? undefined"
              @update:model-value="(v) => setSide(i, v)"
            />
          </td>
          <td class="num off" :class="{ wrong: isSuspect(sideResult(i)) }">{{ off(sideResult(i)) }}</td>
          <td>
            <div class="turn">
              <TurnButton
                :side="i + 1"
                :model-value="outline.corners[(i + 1) % n]?.turn ?? 'left'"
                @update:model-value="(turn) => setCorner((i + 1) % n, { turn })"
              />
              <el-checkbox
                :model-value="outline.corners[(i + 1) % n]?.square ?? false"
                :aria-label="`Corner ${((i + 1) % n) + 1} is square`"
                @update:model-value="(v) => setCorner((i + 1) % n, { square: v === true })"
                >square</el-checkbox
              >
              <span class="quiet" :class="{ wrong: isSuspect(squareResult((i + 1) % n)) }">{{
                off(squareResult((i + 1) % n))
              }}</span>
            </div>
          </td>
          <td class="acts">
            <el-button
              text
              :icon="Plus"
              :aria-label="`Insert a side after side ${i + 1}`"
              @click="insert(i)"
            />
            <el-button
              text
              :icon="Delete"
              v-bind="offWhere(n <= 3)"
              :aria-label="`Remove side ${i + 1}`"
              @click="remove(i)"
            />
          </td>
        </tr>
      </tbody>
    </table>
  </div>
  <div class="head diagonals">
    <h2>Diagonals</h2>
    <span class="quiet">{{ outline.diagonals.length }}</span>
    <el-button text class="end" v-bind="offWhere(n < 4)" @click="addDiagonal">Add a diagonal</el-button>
  </div>
  <div v-for="(d, i) in outline.diagonals" :key="i" class="diagonal">
    <PickList
      :label="`Diagonal ${i + 1}, from`"
      :options="cornerOptions"
      :model-value="String(d.from)"
      @update:model-value="(v) => setDiagonal(i, { from: Number(v) })"
    />
    <PickList
      :label="`Diagonal ${i + 1}, to`"
      :options="cornerOptions"
      :model-value="String(d.to)"
      @update:model-value="(v) => setDiagonal(i, { to: Number(v) })"
    />
    <MeasureInput
      hide-unit
      quantity="length"
      :label="`Diagonal ${i + 1}, length`"
      :above="0"
      :max="2000"
      :model-value="d.lengthM"
      @update:model-value="(v) => v !== undefined && setDiagonal(i, { lengthM: v })"
    />
    <span class="num off" :class="{ wrong: isSuspect(diagonalResult(i)) }">{{ off(diagonalResult(i)) }}</span>
    <el-button
      text
      :icon="Delete"
      :aria-label="`Remove diagonal ${i + 1}`"
      @click="change({ diagonals: outline.diagonals.filter((_, k) => k !== i) })"
    />
  </div>
</template>

<style scoped>
.advice {
  display: grid;
  grid-template-columns: 18px minmax(0, 1fr);
  gap: var(--s3);
  padding: var(--s3) 0;
}
.turn {
  display: flex;
  align-items: center;
  gap: var(--s2);
}
body .turn .el-checkbox {
  margin: 0;
}
td:nth-child(2) {
  width: 6rem;
}
.off {
  color: var(--ink-2);
  font-size: var(--t-s);
  white-space: nowrap;
}
.wrong {
  color: var(--red);
  font-weight: 700;
}
.diagonals {
  margin-top: var(--s4);
}
.diagonal {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) 6rem 4.2rem auto;
  gap: var(--s2);
  align-items: center;
  padding: var(--s1) 0;
}
@media (max-width: 480px) {
  .turn {
    flex-wrap: wrap;
  }
  td:nth-child(2) {
    width: 5rem;
  }
}
</style>
