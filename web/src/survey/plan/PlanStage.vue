<script setup lang="ts">
/** The plan of all zones, to scale: looked at, moved in, drawn on. What it edits is given back; it keeps nothing. */
import { useElementSize } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import { Circle, Image as Picture, Layer, Line, Rect, Stage, Text } from 'vue-konva';
import type { FallsReport } from '@lentum/core/falls';
import {
  corner as cornerOf,
  distance,
  snap,
  type Point,
  type Ring,
  type Snapped,
} from '@lentum/core/geometry';
import {
  moveCorner,
  nearestSide,
  placing,
  planCorners,
  zoneAt,
  type Underlay,
  type Zone,
} from '@lentum/core/survey';
import { parse } from '@lentum/core/units';
import { scaleBarM } from '../../shared/planview.ts';
import { useUnits } from '../../shared/units.ts';
import { zoneMarks } from './drawing.ts';
import type { Draft } from './drawingdraft.ts';
import FallsDrawing from './FallsDrawing.vue';
import { usePlanView } from './planview.ts';
import { usePointers } from './pointers.ts';
import { PLAN_FONT, useTokens } from './tokens.ts';
import ZoneDrawing from './ZoneDrawing.vue';

export type PlanMode = 'look' | 'move' | 'draw' | 'split' | 'place' | 'scale';

const props = defineProps<{
  zones: readonly Zone[];
  chosenId: string | undefined;
  mode: PlanMode;
  draft: Draft;
  falls?: FallsReport | undefined;
  levels: boolean;
  fittings: boolean;
  dimensions: boolean;
  snapping: boolean;
  /** Shows the chosen zone as large as it goes, rather than all of them. */
  near: boolean;
  side: number | undefined;
  corner: number | undefined;
  /** Spots that were clicked and are waiting for more. */
  marks: readonly Point[];
  underlay?: { readonly facts: Underlay; readonly image: HTMLImageElement } | undefined;
}>();
const emit = defineEmits<{
  chooseZone: [id: string];
  chooseSide: [side: number | undefined];
  chooseCorner: [k: number | undefined];
  moveCorner: [k: number, to: Point];
  cut: [from: Point, to: Point];
  place: [at: Point];
  closeDraft: [];
}>();

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
const { view, zoomAt, zoomMiddle, pan, fit, hold } = usePlanView({ width, height }, content);

const dragged = ref<{ k: number; to: Point }>();
const shownZones = computed(() => {
  const d = dragged.value;
  if (!d || props.chosenId === undefined) return props.zones;
  const changed = moveCorner(props.zones, props.chosenId, d.k, d.to);
  return props.zones.map((z) => changed.find((c) => c.id === z.id) ?? z);
});
const zonesDrawn = computed(() => shownZones.value.map(zoneMarks));
/** The chosen zone is drawn last, over its neighbours. */
const inOrder = computed(() =>
  [...zonesDrawn.value].sort(
    (a, b) => Number(a.zone.id === props.chosenId) - Number(b.zone.id === props.chosenId),
  ),
);
const chosen = computed(() => props.zones.find((z) => z.id === props.chosenId));

const REACH_POINTS = 12;
const hovered = ref<Snapped>();
const cutFrom = ref<Point>();

function snapped(
  screen: Point,
  from: Point | undefined,
  heading: number | undefined,
  without?: number,
): Snapped {
  const p = view.value.toPlan(screen);
  if (!props.snapping) return { point: p, kind: 'free' };
  const rings = zonesDrawn.value.map((m) =>
    m.zone.id === props.chosenId && without !== undefined
      ? m.corners.filter((_, k) => k !== without)
      : m.corners,
  );
  const edges = zonesDrawn.value.flatMap((m) =>
    m.sides
      .filter(
        (s) =>
          m.zone.id !== props.chosenId ||
          without === undefined ||
          (s.side !== without && (s.side + 1) % m.sides.length !== without),
      )
      .map((s) => [s.points[0] ?? [0, 0], s.points[s.points.length - 1] ?? [0, 0]] as const),
  );
  return snap(p, {
    corners: [...rings.flat(), ...props.draft.points.value],
    edges,
    from,
    heading,
    reachM: REACH_POINTS / view.value.pointsPerM,
  });
}

function aim(screen: Point): Snapped {
  if (props.mode === 'draw') return snapped(screen, props.draft.last.value, props.draft.before.value);
  if (props.mode === 'split') return snapped(screen, cutFrom.value, undefined);
  return { point: view.value.toPlan(screen), kind: 'free' };
}

function cornerUnder(screen: Point): number | undefined {
  if (!chosen.value) return undefined;
  const near = planCorners(chosen.value)
    .map((p, k) => ({ k, d: distance(view.value.toScreen(p), screen) }))
    .sort((a, b) => a.d - b.d)[0];
  return near && near.d <= REACH_POINTS + 4 ? near.k : undefined;
}

function tap(screen: Point): void {
  frame.value?.focus({ preventScroll: true });
  const p = view.value.toPlan(screen);
  if (props.mode === 'draw') {
    const to = aim(screen).point;
    const first = props.draft.points.value[0];
    hold();
    if (first && props.draft.points.value.length > 2 && distance(first, to) < 0.001) emit('closeDraft');
    else props.draft.add(to);
    return;
  }
  if (props.mode === 'split') {
    const to = aim(screen).point;
    if (!cutFrom.value) cutFrom.value = to;
    else {
      emit('cut', cutFrom.value, to);
      cutFrom.value = undefined;
    }
    return;
  }
  if (props.mode === 'place' || props.mode === 'scale') {
    emit('place', p);
    return;
  }
  const k = cornerUnder(screen);
  emit('chooseCorner', k);
  if (k !== undefined) return;
  const near = chosen.value && nearestSide(chosen.value, p);
  if (near && near.offM * view.value.pointsPerM <= REACH_POINTS) {
    emit('chooseSide', near.side);
    return;
  }
  emit('chooseSide', undefined);
  const under = zoneAt({ zones: props.zones }, p);
  if (under && under.id !== props.chosenId) emit('chooseZone', under.id);
}

const pointers = usePointers(frame, {
  press: (at) => {
    if (props.mode !== 'move') return false;
    const k = cornerUnder(at);
    if (k === undefined || chosen.value?.outline.kind !== 'points') return false;
    hold();
    dragged.value = { k, to: view.value.toPlan(at) };
    emit('chooseCorner', k);
    return true;
  },
  drag: (at) => {
    const d = dragged.value;
    if (!d || !chosen.value) return;
    const before = cornerOf(planCorners(chosen.value), d.k - 1);
    hovered.value = snapped(at, before, undefined, d.k);
    dragged.value = { k: d.k, to: hovered.value.point };
  },
  drop: () => {
    const d = dragged.value;
    if (d) emit('moveCorner', d.k, d.to);
    dragged.value = undefined;
    hovered.value = undefined;
  },
  hover: (at) => {
    hovered.value = props.mode === 'draw' || props.mode === 'split' ? aim(at) : undefined;
  },
  leave: () => {
    if (!dragged.value) hovered.value = undefined;
  },
  tap,
  pan,
  zoom: zoomAt,
});
watch(
  () => [props.chosenId, props.near],
  () => fit(),
);
watch(
  () => props.mode,
  () => {
    cutFrom.value = undefined;
    hovered.value = undefined;
    dragged.value = undefined;
  },
);

const PAN_POINTS = 40;
const NUDGE_M = 0.01;
const BIG_NUDGE_M = 0.1;
const ARROWS: Record<string, Point> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

/** Arrows move the chosen corner in the move mode, the window otherwise; + and − zoom, 0 shows everything. */
function key(e: KeyboardEvent): void {
  const arrow = ARROWS[e.key];
  if (arrow) {
    e.preventDefault();
    if (props.mode === 'move' && chosen.value?.outline.kind === 'points' && props.corner !== undefined) {
      const by = e.shiftKey ? BIG_NUDGE_M : NUDGE_M;
      const p = cornerOf(planCorners(chosen.value), props.corner);
      emit('moveCorner', props.corner, [p[0] + arrow[0] * by, p[1] + arrow[1] * by]);
    } else {
      pan(-arrow[0] * PAN_POINTS, arrow[1] * PAN_POINTS);
    }
  } else if (e.key === '+' || e.key === '=') zoomMiddle(1.25);
  else if (e.key === '-') zoomMiddle(0.8);
  else if (e.key === '0') fit();
  else if (e.key === 'Escape') cutFrom.value = undefined;
}

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
