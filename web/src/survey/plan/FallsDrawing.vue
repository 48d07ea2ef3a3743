<script setup lang="ts">
/** Levels, contour lines, fall arrows and standing water over the plan. */
import { computed } from 'vue';
import { Arrow, Circle, Line, Text } from 'vue-konva';
import type { FallsReport } from '@lentum/core/falls';
import type { Point } from '@lentum/core/geometry';
import { placing, setOut, sketchOf, type Zone } from '@lentum/core/survey';
import { isFree, type Box } from '../../shared/freeplace.ts';
import { useUnits } from '../../shared/units.ts';
import type { View } from './planview.ts';
import { PLAN_FONT, type TokenName } from './tokens.ts';

const props = defineProps<{
  zone: Zone;
  falls: FallsReport | undefined;
  view: View;
  /** Width of the picture: labels stay in it. */
  width: number;
  tokens: Record<TokenName, string>;
}>();
const { say } = useUnits();

const toPlan = computed(() => placing(props.zone.plot).toPlan);
const at = (p: Point): Point => props.view.toScreen(toPlan.value(p));
const flat = (points: readonly Point[]): number[] => points.flatMap(at);

const wet = computed(() => props.falls?.ponds.flatMap((pond) => pond.wet.map(flat)) ?? []);
const lines = computed(() => props.falls?.contours.flatMap((c) => c.pieces.map((p) => flat(p))) ?? []);

/** An arrow for a triangle that has room for one; the longer, the steeper. */
const arrows = computed(() =>
  (props.falls?.facets ?? []).flatMap((f) => {
    const room = Math.sqrt(f.areaM2) * props.view.pointsPerM;
    const steep = Math.hypot(...f.gradient);
    if (room < 26 || steep < 0.0005) return [];
    const length = Math.min(room * 0.6, 14 + f.fallPct * 8);
    const [x, y] = at(f.middle);
    const turn = (props.zone.plot.turnDeg * Math.PI) / 180;
    const [gx, gy] = [-f.gradient[0] / steep, -f.gradient[1] / steep];
    const [dx, dy] = [gx * Math.cos(turn) - gy * Math.sin(turn), gx * Math.sin(turn) + gy * Math.cos(turn)];
    const half: Point = [(dx * length) / 2, (-dy * length) / 2];
    return [
      {
        points: [x - half[0], y - half[1], x + half[0], y + half[1]],
        flat: f.fallPct < props.zone.levels.leastFallPct,
      },
    ];
  }),
);

const POND = { width: 160, height: 16 };
const deepest = computed(() =>
  (props.falls?.ponds ?? []).map((pond) => {
    const [x, y] = at(pond.deepestAt);
    return {
      x: Math.min(Math.max(x, 85), props.width - 85),
      y,
      text: `${pond.name}, ${say(pond.deepestM * 1000, 'gap')} deep`,
    };
  }),
);

/** Level figures only while there is room to read them. */
const MOST_FIGURES = 60;
/** Of a letter of a level, and of its line, at their size. */
const [LETTER, LINE] = [6.2, 13];
/** Beside its point, where it covers no other; one that has no room waits for a closer look. */
const levels = computed(() => {
  const corners = sketchOf(props.zone.outline);
  if (corners.length < 3) return [];
  const { toPoint } = setOut(corners);
  const { points } = props.zone.levels;
  const shown = points.length <= MOST_FIGURES;
  const places = points.map((l) => at(toPoint(l.at)));
  const taken: Box[] = [
    ...deepest.value.map((d) => ({ x: d.x - POND.width / 2, y: d.y + 6, ...POND })),
    ...places.map(([x, y]) => ({ x: x - 2, y: y - 2, width: 4, height: 4 })),
  ];
  return points.map((l, i) => {
    const [x, y] = places[i] ?? [0, 0];
    const odd = props.falls?.spikes.some((s) => s.index === i) ?? false;
    const text = l.valueM !== undefined && (shown || odd) ? say(l.valueM, 'level', { unit: false }) : '';
    const size = { width: text.length * LETTER, height: LINE };
    const place = [
      { x: x + 5, y: y - LINE, ...size },
      { x: x + 5, y: y + 2, ...size },
      { x: x - 5 - size.width, y: y - LINE, ...size },
      { x: x - 5 - size.width, y: y + 2, ...size },
    ].find((box) => isFree(box, taken));
    if (text !== '' && place) taken.push(place);
    // What does not fit in with the others is said in any case.
    const label = place ?? (odd ? { x: x + 5, y: y - LINE } : undefined);
    return { id: l.id, x, y, odd, text: label ? text : '', at: label ?? { x, y } };
  });
});
</script>

<template>
  <Line
    v-for="(w, i) in wet"
    :key="`w${i}`"
    :config="{ points: w, closed: true, fill: tokens.sky, opacity: 0.35 }"
  />
  <Line
    v-for="(l, i) in lines"
    :key="`l${i}`"
    :config="{ points: l, stroke: tokens['ink-3'], strokeWidth: 0.8, opacity: 0.8 }"
  />
  <Arrow
    v-for="(a, i) in arrows"
    :key="`a${i}`"
    :config="{
      points: a.points,
      stroke: a.flat ? tokens.amber : tokens.sky,
      fill: a.flat ? tokens.amber : tokens.sky,
      strokeWidth: 1.6,
      dash: a.flat ? [3, 3] : [],
      pointerLength: 6,
      pointerWidth: 6,
    }"
  />
  <template v-for="l in levels" :key="l.id">
    <Circle :config="{ x: l.x, y: l.y, radius: l.odd ? 5 : 2, fill: l.odd ? tokens.red : tokens.ink }" />
    <Text
      v-if="l.text"
      :config="{
        x: l.at.x,
        y: l.at.y,
        text: l.text,
        fontSize: 11,
        fontFamily: PLAN_FONT,
        fill: tokens['ink-2'],
      }"
    />
  </template>
  <Text
    v-for="d in deepest"
    :key="d.text"
    :config="{
      x: d.x,
      y: d.y + 6,
      text: d.text,
      width: POND.width,
      offsetX: POND.width / 2,
      align: 'center',
      fontSize: 13,
      fontStyle: '700',
      fontFamily: PLAN_FONT,
      fill: tokens.sky,
    }"
  />
</template>
