<script setup lang="ts">
/** A zone that is walked for the first time: side after side is typed, and nothing stands before it was measured. */
import { computed, nextTick, ref } from 'vue';
import { traverse, type Leg } from '@lentum/core/geometry';
import { keepNoOddTexts } from '../shared/oddtext.ts';
import { useUnits } from '../shared/units.ts';
import { worded } from '../app/wording.ts';
import WalkRow from './WalkRow.vue';

type Open = Omit<Leg, 'lengthM'> & { readonly lengthM?: number | undefined };

const open = defineModel<boolean>({ required: true });
keepNoOddTexts();
const emit = defineEmits<{ done: [legs: Leg[]] }>();
const { say, unit } = useUnits();
const EMPTY: Open = { turn: 'left', turnDeg: 90 };
const rows = ref<Open[]>([{ ...EMPTY }]);
const body = ref<HTMLElement>();
const LEAST = 3;

function change(i: number, part: Partial<Leg>): void {
  const old = rows.value[i];
  if (!old) return;
  rows.value[i] = { ...old, ...part };
  if (rows.value.at(-1)?.lengthM !== undefined) rows.value.push({ ...EMPTY });
}
/** Enter in a length: on to the next side. */
async function on(i: number): Promise<void> {
  (document.activeElement as HTMLElement | null)?.blur();
  await nextTick();
  body.value?.querySelectorAll<HTMLInputElement>('tr input.el-input__inner')[(i + 1) * 2]?.focus();
}
const legs = computed(() =>
  rows.value.flatMap((r): Leg[] => (r.lengthM === undefined ? [] : [{ ...r, lengthM: r.lengthM }])),
);
const gap = computed(() => (legs.value.length >= LEAST ? traverse(legs.value) : undefined));
function done(): void {
  emit('done', legs.value);
  open.value = false;
}
</script>

<template>
  <el-dialog v-model="open" title="Walk round the edge" width="min(520px, 100vw)">
    <p class="quiet">
      Start at a corner. For each side: its length, then the turn at its end. The arrow keys turn left or
      right.
    </p>
    <table class="dense typed">
      <thead>
        <tr>
          <th scope="col">Side</th>
          <th scope="col" class="num">Length, {{ unit('length') }}</th>
          <th scope="col">Turn at its end</th>
        </tr>
      </thead>
      <tbody ref="body">
        <WalkRow
          v-for="(leg, i) in rows"
          :key="i"
          :side="i + 1"
          :leg="leg"
          @change="(part) => change(i, part)"
          @enter="on(i)"
        />
      </tbody>
    </table>
    <p role="status">
      <template v-if="!gap">{{
        worded(`${legs.length} ${legs.length === 1 ? 'side' : 'sides'} so far; a zone has at least ${LEAST}.`)
      }}</template>
      <template v-else-if="gap.closed">{{ legs.length }} sides; the walk closes.</template>
      <template v-else
        >{{ legs.length }} sides; it ends {{ say(gap.gapM, 'length') }} from its start.</template
      >
    </p>
    <template #footer>
      <el-button @click="open = false">Cancel</el-button>
      <el-button type="primary" :disabled="legs.length < LEAST" @click="done">Make the zone</el-button>
    </template>
  </el-dialog>
</template>

<style scoped>
table {
  margin: var(--s2) 0 var(--s3);
}
</style>
