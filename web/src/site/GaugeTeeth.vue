<script setup lang="ts">
/** A row of gauge teeth as they look on a gauge: tap the last wet one. */
import { computed } from 'vue';
import { readingFromTooth } from '@lentum/core/film';
import type { Place } from '@lentum/core/survey';
import type { Taken } from './coatdraft.ts';
import { vButtonRow } from '../shared/buttonrow.ts';
import { useUnits } from '../shared/units.ts';

const props = defineProps<{
  teeth: readonly number[];
  probe: boolean;
  designMm: number;
  /** Where the next reading is taken; none: somewhere on the bay. */
  place: Place | null;
}>();
const readings = defineModel<Taken[]>({ required: true });
const take = (mm: number): void => void (readings.value = [...readings.value, { mm, place: props.place }]);
const { say, bare, unit } = useUnits();
const mark = computed(() => (props.probe ? 'mark' : 'tooth'));
const latest = computed(() => readings.value.at(-1)?.mm);
/** Deep teeth reach less far down: the picture of a comb, not to scale. */
const depth = (i: number): number => 34 - (i / Math.max(1, props.teeth.length - 1)) * 28;

const between = computed(() => {
  const tooth = latest.value;
  if (tooth === undefined) return '';
  const r = readingFromTooth(props.teeth, tooth);
  if (!r.ok) return '';
  return r.value.highMm === undefined
    ? `at least ${say(r.value.lowMm, 'film')}`
    : `between ${bare(r.value.lowMm, 'film')} and ${say(r.value.highMm, 'film')}`;
});
const isLow = (tooth: number): boolean => {
  const r = readingFromTooth(props.teeth, tooth);
  return r.ok && r.value.highMm !== undefined && r.value.highMm <= props.designMm;
};
</script>

<template>
  <div>
    <div class="line">
      <strong>Last wet {{ mark }}, {{ unit('film') }}</strong
      ><span class="quiet">wanted {{ say(designMm, 'film') }}</span>
    </div>
    <div v-button-row class="teeth" role="group" aria-label="Gauge teeth">
      <button
        v-for="(t, i) in teeth"
        :key="t"
        type="button"
        :class="{ wet: latest !== undefined && t <= latest, last: t === latest }"
        :aria-label="`Last wet ${mark} ${say(t, 'film')}`"
        @click="take(t)"
      >
        <span class="tooth" :style="{ height: `${depth(i)}px` }" /><span class="mm">{{
          bare(t, 'film')
        }}</span>
      </button>
      <button
        type="button"
        :class="{ last: latest === 0 }"
        :aria-label="`None: no ${mark} was wet`"
        @click="take(0)"
      >
        <span class="mm none">none</span>
      </button>
    </div>
    <p class="quiet" role="status">
      {{ latest === undefined ? `Tap the last wet ${mark} of each reading.` : `Film lies ${between}.` }}
    </p>
    <ul class="taken">
      <li v-for="(r, i) in readings" :key="i">
        <button
          type="button"
          :class="{ low: isLow(r.mm) }"
          :aria-label="`Take back reading ${i + 1}, ${say(r.mm, 'film')}`"
          @click="readings = readings.filter((_, k) => k !== i)"
        >
          {{ bare(r.mm, 'film') }}<span aria-hidden="true"> ×</span>
        </button>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.line {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
}
.teeth {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(58px, 1fr));
  gap: 6px;
  margin: var(--s2) 0;
}
.teeth button {
  min-height: max(60px, var(--tap));
  border: max(1px, var(--stroke)) solid var(--line-2);
  border-radius: 4px;
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  font-weight: 700;
  padding: 0;
  display: flex;
  flex-direction: column;
  align-items: center;
  cursor: pointer;
}
.tooth {
  width: 18px;
  background: var(--line-2);
}
.wet {
  background: var(--violet-soft);
  border-color: var(--violet);
}
.wet .tooth {
  background: var(--violet);
}
.teeth button.last {
  box-shadow: 0 0 0 3px var(--violet);
}
.mm {
  margin-top: auto;
  padding-bottom: 4px;
}
.none {
  margin: auto;
}
.taken {
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  padding: 0;
  margin: var(--s2) 0 0;
}
.taken button {
  border: max(1px, var(--stroke)) solid var(--line-2);
  border-radius: 999px;
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  min-height: 40px;
  padding: 0 var(--s3);
  cursor: pointer;
}
.taken .low {
  border-color: var(--amber);
  color: var(--amber);
  font-weight: 700;
}
</style>
