/** Fingers, pen and mouse on the plan: one presses and drags, two pinch. Places are picture points. */
import { onScopeDispose, ref, type Ref } from 'vue';
import type { Point } from '@lentum/core/geometry';

export interface PointerWork {
  /** Pressed; true when what was pressed is to be dragged rather than the plan. */
  readonly press: (at: Point) => boolean;
  readonly drag: (at: Point) => void;
  readonly hover: (at: Point) => void;
  readonly leave: () => void;
  /** Let go after a drag of something. */
  readonly drop: (at: Point) => void;
  /** What was dragged goes back: a second finger came, or the system took the pointer. */
  readonly abandon: () => void;
  /** Pressed and let go at one spot. */
  readonly tap: (at: Point) => void;
  readonly pan: (dx: number, dy: number) => void;
  readonly zoom: (at: Point, factor: number) => void;
}

/** A press that moves less is a tap. */
const TAP_POINTS = 5;

export function usePointers(frame: Ref<HTMLElement | undefined>, work: PointerWork) {
  const down = new Map<number, Point>();
  const dragging = ref(false);
  let start: Point | undefined;
  let moved = false;

  const place = (e: PointerEvent | WheelEvent): Point => {
    const box = frame.value?.getBoundingClientRect();
    return [e.clientX - (box?.left ?? 0), e.clientY - (box?.top ?? 0)];
  };
  const spread = (): { middle: Point; gap: number } | undefined => {
    const [a, b] = [...down.values()];
    if (!a || !b) return undefined;
    return { middle: [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2], gap: Math.hypot(a[0] - b[0], a[1] - b[1]) };
  };

  function putBack(): void {
    if (dragging.value) work.abandon();
    dragging.value = false;
  }

  function pointerdown(e: PointerEvent): void {
    if (e.button !== 0) return;
    const at = place(e);
    down.set(e.pointerId, at);
    frame.value?.setPointerCapture(e.pointerId);
    if (down.size > 1) {
      putBack();
      moved = true;
      return;
    }
    start = at;
    moved = false;
    dragging.value = work.press(at);
  }

  function pointermove(e: PointerEvent): void {
    const at = place(e);
    const before = down.get(e.pointerId);
    if (!before) {
      work.hover(at);
      return;
    }
    const pinch = spread();
    down.set(e.pointerId, at);
    if (pinch && down.size === 2) {
      const now = spread();
      if (now && pinch.gap > 0) {
        work.pan(now.middle[0] - pinch.middle[0], now.middle[1] - pinch.middle[1]);
        work.zoom(now.middle, now.gap / pinch.gap);
      }
      return;
    }
    if (start && Math.hypot(at[0] - start[0], at[1] - start[1]) > TAP_POINTS) moved = true;
    if (!moved) return;
    if (dragging.value) work.drag(at);
    else work.pan(at[0] - before[0], at[1] - before[1]);
  }

  function pointerup(e: PointerEvent): void {
    if (!down.delete(e.pointerId)) return;
    const at = place(e);
    if (down.size > 0) return;
    if (!moved) work.tap(at);
    else if (dragging.value) work.drop(at);
    dragging.value = false;
    start = undefined;
  }

  function pointercancel(e: PointerEvent): void {
    down.delete(e.pointerId);
    putBack();
  }

  /** The wheel scrolls the page until the plan is in use. */
  function wheel(e: WheelEvent): void {
    if (!e.ctrlKey && !frame.value?.contains(document.activeElement)) return;
    e.preventDefault();
    work.zoom(place(e), Math.exp(-e.deltaY / 400));
  }

  onScopeDispose(() => down.clear());
  return { pointerdown, pointermove, pointerup, pointercancel, wheel, pointerleave: work.leave };
}
