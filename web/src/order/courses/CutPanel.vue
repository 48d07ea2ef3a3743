<script setup lang="ts">
/** Roll by roll in cutting order: what is cut where, and what is left. */
import { computed } from 'vue';
import {
  cutBlocks,
  CUT_COLUMNS,
  cutRows,
  layBlocks,
  layoutDxf,
  layoutSvg,
  planBlocks,
} from '@lentum/core/courses';
import type { Printout } from '@lentum/core/printout';
import { saveCsvFile } from '../../shared/csv.ts';
import PrintButton from '../../shared/printout/PrintButton.vue';
import { usePrinted } from '../../shared/printout/telling.ts';
import { saveFile } from '../../shared/savefile.ts';
import { useUnits } from '../../shared/units.ts';
import type { Laid } from './chosen.ts';

const props = defineProps<{ laid: Laid; piece: string | undefined }>();
const emit = defineEmits<{ choose: [label: string] }>();
const { say } = useUnits();
const plan = computed(() => props.laid.plan);
const longest = computed(() => Math.max(1, ...plan.value.rolls.map((r) => r.lengthM)));
const name = computed(() => `${props.laid.layout.zone.code}-${props.laid.code}`.toLowerCase());
const csv = (): void => saveCsvFile([CUT_COLUMNS, ...cutRows(plan.value)], `cut-list-${name.value}.csv`);
const { printed } = usePrinted();
const printout = (): Printout =>
  printed(`Courses: ${props.laid.layout.zone.name}`, (t) => [
    ...planBlocks(plan.value, props.laid.layout, t),
    ...cutBlocks(plan.value, t),
    ...layBlocks(plan.value, props.laid.layout, t),
  ]);
const mine = (labels: readonly string[]): boolean =>
  labels.some((l) => plan.value.pieces.some((p) => p.label === l && p.zoneId === props.laid.layout.zone.id));
</script>

<template>
  <section aria-label="Cut list" class="cuts">
    <div class="head">
      <h2>Cut list: {{ plan.name }}</h2>
      <span class="quiet">{{ say(plan.material.widthM, 'length') }} wide; in cutting order</span>
      <el-button class="end no-print" @click="csv">Cut list, CSV</el-button>
      <el-button
        class="no-print"
        @click="saveFile(layoutSvg(plan, laid.layout), `courses-${name}.svg`, 'image/svg+xml')"
        >Plan, SVG</el-button
      >
      <el-button
        class="no-print"
        @click="saveFile(layoutDxf(plan, laid.layout), `courses-${name}.dxf`, 'application/dxf')"
        >Plan, DXF</el-button
      >
      <PrintButton :printout="printout" />
    </div>
    <ol class="rolls">
      <li v-for="(r, i) in plan.rolls" :key="i">
        <span class="no">{{ i + 1 }}</span>
        <div class="track" :style="{ width: `${(100 * r.lengthM) / longest}%` }">
          <button
            v-for="(c, k) in r.cuts"
            :key="k"
            type="button"
            class="cut"
            :class="{
              slit: c.slit,
              chosen: piece !== undefined && c.labels.includes(piece),
              other: !mine(c.labels),
            }"
            :style="{ width: `${(100 * c.lengthM) / r.lengthM}%` }"
            :title="`${c.labels.join(' + ')} ${say(c.lengthM, 'length')}`"
            @click="emit('choose', c.labels[0] ?? '')"
          >
            <span class="what">{{ c.labels.join(' + ') }}</span>
            <span class="long">{{ say(c.lengthM, 'length') }}</span>
            <span class="visually-hidden">roll {{ i + 1 }}, cut {{ k + 1 }}</span>
          </button>
          <span
            v-if="r.leftM > 0.005"
            class="left"
            :style="{ width: `${(100 * r.leftM) / r.lengthM}%` }"
            :title="`left: ${say(r.leftM, 'length')}`"
            >{{ say(r.leftM, 'length') }}</span
          >
        </div>
        <span v-if="r.stockId !== undefined" class="quiet from">from the store</span>
      </li>
    </ol>
    <p class="quiet">
      Hatched: left over. “+”: two half widths from one length, slit lengthwise. Lengths are to the ends of
      the field; trim on the roof.
    </p>
  </section>
</template>

<style scoped>
.cuts {
  margin-top: var(--s5);
}
.rolls {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 4px;
}
li {
  display: flex;
  align-items: center;
  gap: var(--s2);
}
.no {
  flex: 0 0 2rem;
  text-align: right;
  font-weight: 600;
  font-variant-numeric: tabular-nums;
}
.track {
  display: flex;
  min-width: 0;
}
.cut,
.left {
  min-width: 0;
  height: 40px;
  overflow: hidden;
  white-space: nowrap;
  font: inherit;
  font-size: var(--t-s);
  text-align: left;
  padding: 2px 6px;
  color: var(--ink);
  border: max(1px, var(--stroke)) solid var(--ink-2);
  background: var(--sheet);
}
.cut {
  display: grid;
  align-content: center;
  line-height: 1.2;
  cursor: pointer;
  border-right-width: 2px;
}
.cut.slit {
  background: linear-gradient(var(--sheet) 49%, var(--ink-2) 49% 51%, var(--sheet) 51%);
}
.cut.slit .what,
.cut.slit .long {
  background: var(--sheet);
  width: fit-content;
}
.cut.other {
  color: var(--ink-2);
  border-style: dashed;
}
.cut.chosen {
  background: var(--sea-soft);
  box-shadow: inset 0 0 0 2px var(--sea);
}
.what {
  font-weight: 600;
}
.left {
  border-style: dotted;
  border-left: 0;
  color: var(--ink-2);
  line-height: 34px;
  background: repeating-linear-gradient(-45deg, transparent 0 5px, var(--line) 5px 6px);
}
.from {
  white-space: nowrap;
}
</style>
