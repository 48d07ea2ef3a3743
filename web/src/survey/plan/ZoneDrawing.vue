<script setup lang="ts">
/** One zone on the plan: floor, edges by kind, openings, fittings, dimensions. */
import { computed } from 'vue';
import { Circle, Group, Line, Rect, Text } from 'vue-konva';
import { distance, type Point } from '@lentum/core/geometry';
import type { Edge } from '@lentum/core/survey';
import { isFree, turnedBox, type Box } from '../../shared/freeplace.ts';
import { useUnits } from '../../shared/units.ts';
import type { FeatureMark, ZoneMarks } from './drawing.ts';
import type { View } from './planview.ts';
import { PLAN_FONT, type TokenName } from './tokens.ts';

const props = defineProps<{
  marks: ZoneMarks;
  view: View;
  tokens: Record<TokenName, string>;
  chosen: boolean;
  dimensions: boolean;
  fittings: boolean;
  side?: number | undefined;
  corner?: number | undefined;
}>();
const { say } = useUnits();

const flat = (points: readonly Point[]): number[] => points.flatMap((p) => props.view.toScreen(p));

const floor = computed(() => ({
  points: flat(props.marks.ring),
  closed: true,
  fill: props.chosen ? props.tokens.sheet : props.tokens.well,
}));

/** Line by kind of edge: width, dash, and a gap in it that makes a wall of it. */
const STROKES: Record<Edge['kind'], { width: number; dash?: number[]; gap?: number }> = {
  upstand: { width: 6, gap: 3 },
  parapet: { width: 9, gap: 6 },
  threshold: { width: 6, dash: [10, 4], gap: 2 },
  gutter: { width: 4, dash: [2, 3] },
  drip: { width: 1.5 },
  joint: { width: 4, dash: [12, 3, 2, 3] },
  'tie-in': { width: 2, dash: [14, 6] },
  free: { width: 2, dash: [3, 5] },
  'wall-top': { width: 3, dash: [10, 2] },
  footing: { width: 5, gap: 2 },
  unsaid: { width: 1.5, dash: [1, 7] },
};
const edges = computed(() =>
  props.marks.sides.flatMap((s) => {
    const { width, dash, gap } = STROKES[s.edge.kind];
    const points = flat(s.points);
    const chosen = props.chosen && props.side === s.side;
    const stroke = chosen ? props.tokens.sea : props.chosen ? props.tokens.ink : props.tokens['ink-3'];
    const line = {
      points,
      stroke,
      strokeWidth: chosen ? width + 2 : width,
      dash: dash ?? [],
      lineCap: 'butt',
    };
    return gap === undefined
      ? [line]
      : [line, { points, stroke: props.tokens.paper, strokeWidth: gap, dash: [], lineCap: 'butt' }];
  }),
);
const openings = computed(() =>
  props.marks.openings.map((o) => {
    const corners = o.ring.map((p) => props.view.toScreen(p));
    const cross = corners.length === 4 ? [0, 2, 1, 3].map((k) => corners[k] ?? [0, 0]) : undefined;
    return { points: corners.flat(), cross };
  }),
);

const OFFSET = 18;
/** Of a letter of a length, and of its line, at their size. */
const [LETTER, LINE] = [7.2, 14];
/** Outside its side, else inside; the longest first. One that would cover another waits for a closer look. */
const dimensions = computed(() => {
  if (!props.dimensions) return [];
  const taken: Box[] = [];
  return [...props.marks.sides]
    .sort((a, b) => b.lengthM - a.lengthM)
    .flatMap((s) => {
      const [a, b] = [s.points[0], s.points[s.points.length - 1]].map((p) =>
        props.view.toScreen(p ?? [0, 0]),
      );
      if (!a || !b || distance(a, b) < 40) return [];
      const [x, y] = props.view.toScreen(s.middle);
      let angle = (Math.atan2(b[1] - a[1], b[0] - a[0]) * 180) / Math.PI;
      if (angle > 90 || angle <= -90) angle += 180;
      const text = `${say(s.lengthM, 'length')}${s.points.length > 2 ? ' chord' : ''}`;
      const size = { width: text.length * LETTER, height: LINE };
      const place = [1, -1]
        .map((way): Point => [x + way * s.outward[0] * OFFSET, y - way * s.outward[1] * OFFSET])
        .find((at) => isFree(turnedBox(at, size, angle), taken));
      if (!place) return [];
      taken.push(turnedBox(place, size, angle));
      return [
        {
          ...{ x: place[0], y: place[1], rotation: angle, text },
          ...{ width: 110, offsetX: 55, offsetY: 7, align: 'center' },
          ...{ fontSize: 13, fontFamily: PLAN_FONT, fill: props.tokens['ink-2'] },
        },
      ];
    });
});
const corners = computed(() =>
  !props.chosen
    ? []
    : props.marks.corners.map((p, k) => {
        const [x, y] = props.view.toScreen(p);
        return { k, x, y, chosen: props.corner === k };
      }),
);
const label = computed(() => {
  const [x, y] = props.view.toScreen(props.marks.label);
  return { x, y };
});

function symbol(mark: FeatureMark): { x: number; y: number; stroke: string; fill: string } {
  const [x, y] = props.view.toScreen(mark.at);
  const { sky, paper, ink, amber } = props.tokens;
  if (mark.look === 'water') return { x, y, stroke: sky, fill: sky };
  if (mark.look === 'defect') return { x, y, stroke: amber, fill: paper };
  return { x, y, stroke: ink, fill: paper };
}
const spots = computed(() =>
  props.fittings ? props.marks.features.filter((f) => !f.to).map((f) => ({ ...f, ...symbol(f) })) : [],
);
const lines = computed(() =>
  props.fittings
    ? props.marks.features.flatMap((f) => {
        if (!f.to) return [];
        const crack = f.look === 'crack';
        return [
          {
            id: f.feature.id,
            points: flat([f.at, f.to]),
            stroke: crack ? props.tokens.amber : props.tokens['ink-3'],
            strokeWidth: crack ? 2.5 : 1.5,
            dash: crack ? [7, 3] : [],
          },
        ];
      })
    : [],
);
</script>

<template>
  <Line :config="floor" />
  <!-- What is added later is drawn last: the groups keep the order. -->
  <Group>
    <template v-for="(o, i) in openings" :key="`o${i}`">
      <Line
        :config="{ points: o.points, closed: true, fill: tokens.paper, stroke: tokens.ink, strokeWidth: 1.5 }"
      />
      <template v-if="o.cross">
        <Line
          :config="{ points: [...o.cross[0]!, ...o.cross[1]!], stroke: tokens['ink-3'], strokeWidth: 1 }"
        />
        <Line
          :config="{ points: [...o.cross[2]!, ...o.cross[3]!], stroke: tokens['ink-3'], strokeWidth: 1 }"
        />
      </template>
    </template>
  </Group>
  <Group>
    <Line v-for="l in lines" :key="l.id" :config="l" />
    <Line v-for="(e, i) in edges" :key="`e${i}`" :config="e" />
    <Line
      v-if="marks.open.length > 0"
      :config="{ points: flat(marks.open), stroke: tokens.amber, strokeWidth: 2, dash: [6, 4] }"
    />
  </Group>
  <Group>
    <template v-for="s in spots" :key="s.feature.id">
      <Circle
        v-if="s.look === 'water'"
        :config="{ x: s.x, y: s.y, radius: 7, stroke: s.stroke, strokeWidth: 2, fill: tokens.paper }"
      />
      <Circle
        v-if="s.look === 'water' || s.look === 'pipe'"
        :config="{
          x: s.x,
          y: s.y,
          radius: s.look === 'water' ? 3 : 5,
          stroke: s.stroke,
          strokeWidth: 1.5,
          fill: s.fill,
        }"
      />
      <Rect
        v-else
        :config="{
          x: s.x,
          y: s.y,
          offsetX: 5,
          offsetY: 5,
          width: 10,
          height: 10,
          rotation: s.look === 'defect' ? 45 : 0,
          stroke: s.stroke,
          strokeWidth: 2,
          dash: s.look === 'fixings' ? [2, 2] : [],
          fill: s.fill,
        }"
      />
    </template>
  </Group>
  <Group><Text v-for="(d, i) in dimensions" :key="`d${i}`" :config="d" /></Group>
  <Group>
    <template v-for="c in corners" :key="`c${c.k}`">
      <Circle
        :config="{
          x: c.x,
          y: c.y,
          radius: 9,
          fill: c.chosen ? tokens.sea : tokens.paper,
          stroke: c.chosen ? tokens.sea : tokens['ink-2'],
          strokeWidth: 1,
        }"
      />
      <Text
        :config="{
          x: c.x,
          y: c.y,
          text: String(c.k + 1),
          width: 20,
          offsetX: 10,
          offsetY: 5.5,
          align: 'center',
          fontSize: 11,
          fontStyle: '700',
          fontFamily: PLAN_FONT,
          fill: c.chosen ? tokens.paper : tokens.ink,
        }"
      />
    </template>
  </Group>
  <Text
    v-if="!chosen"
    :config="{
      ...label,
      text: marks.zone.code,
      width: 60,
      offsetX: 30,
      offsetY: 9,
      align: 'center',
      fontSize: 16,
      fontStyle: '700',
      fontFamily: PLAN_FONT,
      fill: tokens['ink-2'],
    }"
  />
</template>
