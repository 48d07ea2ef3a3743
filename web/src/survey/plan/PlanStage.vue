<script setup lang="ts">
/** The plan of all zones, to scale: looked at, moved in, drawn on. What it edits is given back; it keeps nothing. */
import { useElementSize } from '@vueuse/core';
import { computed, ref } from 'vue';
import { Circle, Image as Picture, Layer, Line, Rect, Stage, Text } from 'vue-konva';
import { distance, type Ring } from '@lentum/core/geometry';
import { placing, planCorners } from '@lentum/core/survey';
import { parse } from '@lentum/core/units';
import { scaleBarM } from '../../shared/planview.ts';
import { useUnits } from '../../shared/units.ts';
import FallsDrawing from './FallsDrawing.vue';
import { usePlanHands, type PlanEmits, type PlanProps } from './planhands.ts';
import { usePlanView } from './planview.ts';
import { PLAN_FONT, useTokens } from './tokens.ts';
import ZoneDrawing from './ZoneDrawing.vue';

const props = defineProps<PlanProps>();
const emit = defineEmits<PlanEmits>();

const { say, system } = useUnits();
const frame = ref<HTMLElement>();
const { width, height } = useElementSize(frame, { width: 640, height: 520 });
const tokens = useTokens();

const content = computed<readonly Ring[]>(() => {
  const one = props.zones.filter(
    (z) => props.near && props.mode !== 'draw' && props.mode !== 'scale' && z.id === props.chosenId,
  );
  const rings = (one.length > 0 ? one : props.zones).map(planCorners).filter((r) => r.length > 0);
  const u = props.underlay?.facts;
  if (u && one.length === 0) {
    const [w, h] = [u.widthPx * u.metresPerPx, u.heightPx * u.metresPerPx];
    rings.push([
      [u.xM, u.yM],
      [u.xM + w, u.yM + h],
    ]);
  }
  if (props.draft.points.value.length > 1) rings.push(props.draft.points.value);
  return rings.length > 0
    ? rings
    : [
        [
          [0, 0],
          [12, 8],
        ],
      ];
});
const planView = usePlanView({ width, height }, content);
const { view, zoomMiddle, fit } = planView;

const { zonesDrawn, chosen, hovered, cutFrom, pointers, key } = usePlanHands(props, emit, frame, planView);
/** The chosen zone is drawn last, over its neighbours. */
const inOrder = computed(() =>
  [...zonesDrawn.value].sort(
    (a, b) => Number(a.zone.id === props.chosenId) - Number(b.zone.id === props.chosenId),
  ),
);

const draftLine = computed(() => props.draft.points.value.flatMap((p) => view.value.toScreen(p)));
const rubber = computed(() => {
  const from =
    props.mode === 'draw' ? props.draft.last.value : props.mode === 'split' ? cutFrom.value : undefined;
  const to = hovered.value?.point;
  if (!from || !to) return undefined;
  return {
    points: [...view.value.toScreen(from), ...view.value.toScreen(to)],
    text: say(distance(from, to), 'length'),
  };
});
const aimMark = computed(() => {
  const h = hovered.value;
  if (!h) return undefined;
  const [x, y] = view.value.toScreen(h.point);
  return { x, y, kind: h.kind, guide: h.guide?.flatMap((p) => view.value.toScreen(p)) };
});
const picture = computed(() => {
  const u = props.underlay;
  if (!u) return undefined;
  const [w, h] = [u.facts.widthPx * u.facts.metresPerPx, u.facts.heightPx * u.facts.metresPerPx];
  const [x, y] = view.value.toScreen([u.facts.xM, u.facts.yM + h]);
  return {
    image: u.image,
    x,
    y,
    width: w * view.value.pointsPerM,
    height: h * view.value.pointsPerM,
    opacity: u.facts.opacity,
  };
});
const bar = computed(() => {
  const one = parse('1', 'length', { system: system.value });
  const unit = one.ok ? one.value : 1;
  const step = scaleBarM({ width: width.value, pointsPerM: view.value.pointsPerM }, unit);
  const left = width.value - step * view.value.pointsPerM - 14;
  return {
    text: say(step, 'length', { digits: step / unit < 1 ? 1 : 0 }),
    points: [left, height.value - 16, width.value - 14, height.value - 16],
    x: left,
  };
});
const summary = computed(() => {
  const zone = chosen.value;
  return zone
    ? `Plan to scale, ${props.zones.length} zones. ${zone.name}: ${planCorners(zone).length} sides, ${zone.openings.length} openings, ${zone.features.length} fittings. Arrow keys move the view, plus and minus zoom, 0 shows everything.`
    : 'Plan to scale, no zone yet.';
});
const localPlace = computed(() => {
  if (!chosen.value || !hovered.value) return '';
  const p = placing(chosen.value.plot).fromPlan(hovered.value.point);
  return `${say(p[0], 'length')}, ${say(p[1], 'length')}`;
});
defineExpose({ fit, zoomMiddle });
</script>

<template>
  <!-- The table of sides beside the plan does by keyboard what the pointer does here. -->
  <div
    ref="frame"
    class="stage"
    :class="mode"
    tabindex="0"
    role="application"
    :aria-label="summary"
    data-plan
    :data-view="`${view.pointsPerM},${view.toScreen([0, 0]).join(',')}`"
    @pointerdown="pointers.pointerdown"
    @pointermove="pointers.pointermove"
    @pointerup="pointers.pointerup"
    @pointercancel="pointers.pointercancel"
    @pointerleave="pointers.pointerleave"
    @wheel="pointers.wheel"
    @keydown="key"
  >
    <Stage :config="{ width, height, listening: false }">
      <Layer :config="{ listening: false }">
        <Picture v-if="picture" :config="picture" />
        <ZoneDrawing
          v-for="m in inOrder"
          :key="m.zone.id"
          :marks="m"
          :view="view"
          :tokens="tokens"
          :chosen="m.zone.id === chosenId"
          :dimensions="dimensions && m.zone.id === chosenId"
          :fittings="fittings"
          :side="side"
          :corner="corner"
        />
        <FallsDrawing
          v-if="levels && chosen"
          :zone="chosen"
          :falls="falls"
          :view="view"
          :width="width"
          :tokens="tokens"
        />
      </Layer>
      <Layer :config="{ listening: false }">
        <Line
          v-if="draftLine.length > 0"
          :config="{ points: draftLine, stroke: tokens.sea, strokeWidth: 3 }"
        />
        <Circle
          v-for="(p, i) in draft.points.value"
          :key="i"
          :config="{ x: view.toScreen(p)[0], y: view.toScreen(p)[1], radius: 4, fill: tokens.sea }"
        />
        <Circle
          v-for="(p, i) in marks"
          :key="`m${i}`"
          :config="{
            x: view.toScreen(p)[0],
            y: view.toScreen(p)[1],
            radius: 6,
            stroke: tokens.red,
            strokeWidth: 2.5,
          }"
        />
        <template v-if="rubber">
          <Line
            :config="{
              points: rubber.points,
              stroke: mode === 'split' ? tokens.red : tokens.sea,
              strokeWidth: 2,
              dash: [6, 4],
            }"
          />
          <Text
            :config="{
              x: (rubber.points[0]! + rubber.points[2]!) / 2 + 8,
              y: (rubber.points[1]! + rubber.points[3]!) / 2 - 18,
              text: rubber.text,
              fontSize: 14,
              fontStyle: '700',
              fontFamily: PLAN_FONT,
              fill: tokens.ink,
            }"
          />
        </template>
        <template v-if="aimMark">
          <Line
            v-if="aimMark.guide"
            :config="{ points: aimMark.guide, stroke: tokens.violet, strokeWidth: 1, dash: [2, 4] }"
          />
          <Circle
            v-if="aimMark.kind === 'corner'"
            :config="{ x: aimMark.x, y: aimMark.y, radius: 8, stroke: tokens.sea, strokeWidth: 2.5 }"
          />
          <Rect
            v-else-if="aimMark.kind !== 'free'"
            :config="{
              x: aimMark.x - 5,
              y: aimMark.y - 5,
              width: 10,
              height: 10,
              stroke: tokens.sea,
              strokeWidth: 2,
            }"
          />
        </template>
        <Line :config="{ points: bar.points, stroke: tokens['ink-2'], strokeWidth: 2 }" />
        <Text
          :config="{
            x: bar.x,
            y: height - 34,
            text: bar.text,
            fontSize: 12,
            fontFamily: PLAN_FONT,
            fill: tokens['ink-2'],
          }"
        />
      </Layer>
    </Stage>
    <p v-if="aimMark && aimMark.kind !== 'free'" class="aim">{{ aimMark.kind }}</p>
    <p v-else-if="hovered && localPlace" class="aim">{{ localPlace }}</p>
  </div>
</template>

<style scoped>
.stage {
  position: relative;
  width: 100%;
  height: 100%;
  min-height: 320px;
  overflow: hidden;
  touch-action: none;
  cursor: grab;
  background: var(--paper);
}
.stage.draw,
.stage.split,
.stage.place,
.stage.scale {
  cursor: crosshair;
}
.aim {
  position: absolute;
  left: var(--s2);
  bottom: var(--s2);
  font-size: var(--t-s);
  color: var(--ink-2);
  pointer-events: none;
}
</style>
