<script setup lang="ts">
/** What a person decides: direction, start line, pieces that stay, places without a joint. The rest follows. */
import { computed } from 'vue';
import { setOutOf, WAYS, type Way } from '@lentum/core/courses';
import MeasureInput from '../../shared/MeasureInput.vue';
import PickList from '../../shared/PickList.vue';
import { useUnits } from '../../shared/units.ts';
import type { Laid } from './chosen.ts';
import { useHand } from './hand.ts';

const props = defineProps<{ laid: Laid; piece: string | undefined }>();
const emit = defineEmits<{ choose: [label: string | undefined] }>();
const { say } = useUnits();
const hand = useHand(() => props.laid);
const plan = computed(() => hand.plan.value);
const first = computed(() => props.laid.layout.planes[0]?.courses.firstM);
const sides = computed(() =>
  props.laid.layout.shape.sides.map((_, i) => ({ value: String(i), label: `side ${i + 1}` })),
);
const piece = computed(() => props.laid.plan.pieces.find((p) => p.label === props.piece));
const at = computed(() => piece.value && setOutOf(props.laid.layout, piece.value));
const any = computed(() => plan.value !== undefined);
function letGo(): void {
  const id = piece.value?.fixedBy;
  hand.change((p) => {
    p.fixed = p.fixed.filter((f) => f.id !== id);
  });
}
const setEnd = (id: string, key: 'fromM' | 'toM', value: number | undefined): void => {
  if (value === undefined) return;
  hand.change((p) => {
    const f = p.fixed.find((x) => x.id === id);
    if (f) f[key] = value;
  });
};
const KEYS = [
  ['alongM', 'along side 1'],
  ['acrossM', 'into the zone'],
  ['lengthM', 'long'],
  ['widthM', 'wide'],
] as const;
const setPlace = (id: string, key: (typeof KEYS)[number][0], value: number | undefined): void => {
  if (value === undefined) return;
  hand.change((p) => {
    const k = p.keepOff.find((x) => x.id === id);
    if (k) k[key] = value;
  });
};
</script>

<template>
  <section aria-label="By hand" class="hand">
    <div class="head"><h2>By hand</h2></div>
    <div class="bar ask">
      <div>
        <label>Courses run</label>
        <PickList
          label="Courses run"
          :options="WAYS.map((value) => ({ value, label: value }))"
          :model-value="plan?.way ?? 'by the fall'"
          @update:model-value="(v) => hand.setWay(v as Way)"
        />
      </div>
      <div v-if="plan?.way === 'along a side'">
        <label>Side</label>
        <PickList
          label="Side that courses follow"
          :options="sides"
          :model-value="String(plan.side ?? 0)"
          @update:model-value="(v) => hand.setSide(Number(v))"
        />
      </div>
      <div>
        <label>First course, wide</label>
        <MeasureInput
          quantity="length"
          label="Width of the first course"
          :above="0"
          :max="6"
          optional
          :model-value="plan?.firstM ?? first"
          @update:model-value="hand.setFirst"
        />
      </div>
      <el-button v-if="any" @click="hand.clear()">All as it was found</el-button>
    </div>
    <p class="quiet">
      The thick line on the plan is the upper edge of the first course: drag it, or move it with the arrow
      keys. Touch a piece to keep it where it is.
    </p>
    <div v-if="piece" class="piece" role="status">
      <p>
        <strong>{{ piece.label }}</strong>: {{ say(piece.toM - piece.fromM, 'length') }} by
        {{ say(piece.widthM, 'length') }}, from roll {{ piece.roll + 1 }} at {{ say(piece.atM, 'length')
        }}<template v-if="at"
          >; its lower left corner {{ say(at.alongM, 'length') }} along side 1 and
          {{ say(at.acrossM, 'length') }} in</template
        >.
      </p>
      <div class="bar">
        <el-button v-if="piece.fixedBy === undefined && !piece.cap && !piece.half" @click="hand.fix(piece)"
          >Keep this piece here</el-button
        >
        <el-button v-else-if="piece.fixedBy !== undefined" @click="letGo">Let it move again</el-button>
        <el-button v-if="piece.lapLeft" @click="hand.keepOffJoint(piece)">No joint where it begins</el-button>
        <el-button text @click="emit('choose', undefined)">Done</el-button>
      </div>
    </div>
    <table v-if="plan && plan.fixed.length > 0" class="dense">
      <thead>
        <tr>
          <th scope="col">Piece that stays, course</th>
          <th scope="col">From</th>
          <th scope="col">To</th>
          <th scope="col"><span class="visually-hidden">Take out</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="f in plan.fixed" :key="f.id">
          <th scope="row">{{ f.course + 1 }}</th>
          <td v-for="key in ['fromM', 'toM'] as const" :key="key">
            <MeasureInput
              quantity="length"
              :label="`Piece in course ${f.course + 1}, ${key === 'fromM' ? 'from' : 'to'}`"
              :min="-10"
              :max="2000"
              :model-value="f[key]"
              @update:model-value="(v) => setEnd(f.id, key, v)"
            />
          </td>
          <td>
            <el-button text @click="hand.change((p) => (p.fixed = p.fixed.filter((x) => x.id !== f.id)))"
              >Take out</el-button
            >
          </td>
        </tr>
      </tbody>
    </table>
    <div v-if="plan && plan.keepOff.length > 0" class="scroll-x">
      <table class="dense">
        <thead>
          <tr>
            <th scope="col">No end joint here</th>
            <th v-for="[key, name] in KEYS" :key="key" scope="col">{{ name }}</th>
            <th scope="col"><span class="visually-hidden">Take out</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="k in plan.keepOff" :key="k.id">
            <th scope="row">{{ k.name }}</th>
            <td v-for="[key, name] in KEYS" :key="key">
              <MeasureInput
                quantity="length"
                hide-unit
                :label="`${k.name}, ${name}`"
                :min="key === 'lengthM' || key === 'widthM' ? 0.01 : -2000"
                :max="2000"
                :model-value="k[key]"
                @update:model-value="(v) => setPlace(k.id, key, v)"
              />
            </td>
            <td>
              <el-button
                text
                @click="hand.change((p) => (p.keepOff = p.keepOff.filter((x) => x.id !== k.id)))"
                >Take out</el-button
              >
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.hand {
  margin-top: var(--s4);
}
.ask {
  gap: var(--s3);
  align-items: end;
  flex-wrap: wrap;
}
.ask > div {
  width: 11rem;
}
label {
  font-size: var(--t-s);
  font-weight: 600;
  color: var(--ink-2);
}
.piece {
  border: var(--stroke) solid var(--line-2);
  padding: var(--s3);
  margin-block: var(--s3);
}
th {
  text-align: left;
}
</style>
