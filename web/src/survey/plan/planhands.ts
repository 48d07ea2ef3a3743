/** What a hand does on the plan: aims and snaps, drags a corner, taps by the mode, moves by keys. */
import { computed, ref, watch, type Ref } from 'vue';
import type { FallsReport } from '@lentum/core/falls';
import { corner as cornerOf, distance, snap, type Point, type Snapped } from '@lentum/core/geometry';
import { moveCorner, nearestSide, planCorners, zoneAt, type Underlay, type Zone } from '@lentum/core/survey';
import { zoneMarks } from './drawing.ts';
import type { Draft } from './drawingdraft.ts';
import type { PlanViewState } from './planview.ts';
import { usePointers } from './pointers.ts';

export type PlanMode = 'look' | 'move' | 'draw' | 'split' | 'place' | 'scale';

/** What the plan is given. */
export interface PlanProps {
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
}
/** What it gives back. */
export interface PlanEmits {
  chooseZone: [id: string];
  chooseSide: [side: number | undefined];
  chooseCorner: [k: number | undefined];
  moveCorner: [k: number, to: Point];
  cut: [from: Point, to: Point];
  place: [at: Point];
  closeDraft: [];
}

const REACH_POINTS = 12;
const PAN_POINTS = 40;
const NUDGE_M = 0.01;
const BIG_NUDGE_M = 0.1;
const ARROWS: Record<string, Point> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

type Emit = <K extends keyof PlanEmits>(what: K, ...values: PlanEmits[K]) => void;

export function usePlanHands(
  props: PlanProps,
  emit: Emit,
  frame: Ref<HTMLElement | undefined>,
  { view, zoomAt, zoomMiddle, pan, fit, hold }: PlanViewState,
) {
  const dragged = ref<{ k: number; to: Point }>();
  const shownZones = computed(() => {
    const d = dragged.value;
    if (!d || props.chosenId === undefined) return props.zones;
    const changed = moveCorner(props.zones, props.chosenId, d.k, d.to);
    return props.zones.map((z) => changed.find((c) => c.id === z.id) ?? z);
  });
  const zonesDrawn = computed(() => shownZones.value.map(zoneMarks));
  const chosen = computed(() => props.zones.find((z) => z.id === props.chosenId));

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

  function letGo(): void {
    dragged.value = undefined;
    hovered.value = undefined;
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
      letGo();
    },
    abandon: letGo,
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
      letGo();
    },
  );

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

  return { zonesDrawn, chosen, dragged, hovered, cutFrom, pointers, key };
}
