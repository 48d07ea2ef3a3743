/** Hands on the plan: taps by the mode, a corner dragged, two fingers, keys. */
import fc from 'fast-check';
import { beforeEach, describe, expect, it } from 'vitest';
import { computed, effectScope, ref, shallowReactive } from 'vue';
import { distance, type Point } from '@lentum/core/geometry';
import { planCorners, type Zone } from '@lentum/core/survey';
import { newDrawn } from '../src/survey/newzone.ts';
import { useDraft } from '../src/survey/plan/drawingdraft.ts';
import { usePlanHands, type PlanMode, type PlanProps } from '../src/survey/plan/planhands.ts';
import { usePlanView } from '../src/survey/plan/planview.ts';

const SIZE = { width: 800, height: 600 };
/** Picture points for a metre between which the plan can be zoomed. */
const allowed = (pointsPerM: number): boolean => pointsPerM > 0.5 && pointsPerM < 2000;
const rectangle = (x: number, y: number, w: number, h: number, others: Zone[] = []): Zone => ({
  ...newDrawn(others, [
    [0, 0],
    [w, 0],
    [w, h],
    [0, h],
  ]),
  plot: { xM: x, yM: y, turnDeg: 0 },
});

function open(mode: PlanMode, snapping = true) {
  const first = rectangle(0, 0, 10, 6);
  const second = rectangle(12, 0, 5, 6, [first]);
  const draft = useDraft();
  const props = shallowReactive({
    zones: [first, second],
    chosenId: first.id,
    mode,
    draft,
    levels: false,
    fittings: true,
    dimensions: true,
    snapping,
    near: false,
    side: undefined,
    corner: undefined,
    marks: [],
  }) as unknown as { -readonly [K in keyof PlanProps]: PlanProps[K] };
  const said: unknown[][] = [];
  const frame = document.createElement('div');
  frame.setPointerCapture = () => undefined;
  const scope = effectScope();
  const made = scope.run(() => {
    const plan = usePlanView(
      { width: ref(SIZE.width), height: ref(SIZE.height) },
      computed(() => [...props.zones].map(planCorners)),
    );
    const hands = usePlanHands(props, (...what: unknown[]) => said.push(what), ref(frame), plan);
    return { plan, hands };
  })!;
  const { plan, hands } = made;
  const event = (at: Point, id: number): PointerEvent =>
    ({ button: 0, pointerId: id, clientX: at[0], clientY: at[1] }) as PointerEvent;
  const screen = (p: Point): Point => plan.view.value.toScreen(p);
  const press = (at: Point, id = 1): void => hands.pointers.pointerdown(event(at, id));
  const move = (at: Point, id = 1): void => hands.pointers.pointermove(event(at, id));
  const lift = (at: Point, id = 1): void => hands.pointers.pointerup(event(at, id));
  return {
    first,
    second,
    props,
    draft,
    said,
    plan,
    hands,
    screen,
    press,
    move,
    lift,
    cancel: (at: Point): void => hands.pointers.pointercancel(event(at, 1)),
    tap: (p: Point): void => {
      press(screen(p));
      lift(screen(p));
    },
    key: (name: string, shiftKey = false): void =>
      hands.key({ key: name, shiftKey, preventDefault: () => undefined } as KeyboardEvent),
  };
}
let at: ReturnType<typeof open>;

describe('looking', () => {
  beforeEach(() => (at = open('look')));
  it.each([
    ['a corner of the chosen zone', [10.05, 6.02], ['chooseCorner', 2]],
    ['a side of it', [5, 0.04], ['chooseSide', 0]],
    ['another zone', [14, 3], ['chooseZone']],
    ['the middle of it', [5, 3], ['chooseSide', undefined]],
    ['nothing', [11, 20], ['chooseSide', undefined]],
  ] as const)('a tap on %s', (_, p, last) => {
    at.tap(p as Point);
    const said = at.said.at(-1)!;
    expect(said.slice(0, last.length)).toEqual([...last]);
    if (last[0] === 'chooseZone') expect(said[1]).toBe(at.second.id);
  });
  it('a press that moves pans the plan with the finger, and chooses nothing', () => {
    const under = at.plan.view.value.toPlan([200, 300]);
    at.press([200, 300]);
    at.move([260, 250]);
    at.lift([260, 250]);
    expect(distance(at.plan.view.value.toPlan([260, 250]), under)).toBeLessThan(1e-9);
    expect(at.said).toEqual([]);
  });
  it('two fingers pinch: what is between them stays between them, larger as they part', () => {
    const finger = fc.tuple(fc.integer({ min: 50, max: 750 }), fc.integer({ min: 50, max: 550 }));
    fc.assert(
      fc.property(finger, finger, finger, finger, (a, b, c, d) => {
        fc.pre(distance(a, b) > 40 && distance(c, d) > 40);
        at = open('look');
        const middle = (p: Point, q: Point): Point => [(p[0] + q[0]) / 2, (p[1] + q[1]) / 2];
        const between = at.plan.view.value.toPlan(middle(a, b));
        const scale = at.plan.view.value.pointsPerM;
        // Fingers move one after the other; half way, too, the plan is no smaller or larger than it may be.
        for (const gap of [distance(c, b), distance(c, d)]) fc.pre(allowed((scale * gap) / distance(a, b)));
        at.press(a, 1);
        at.press(b, 2);
        at.move(c, 1);
        at.move(d, 2);
        at.lift(c, 1);
        at.lift(d, 2);
        const after = at.plan.view.value;
        expect(after.pointsPerM / scale).toBeCloseTo(distance(c, d) / distance(a, b), 6);
        expect(distance(after.toPlan(middle(c, d)), between)).toBeLessThan(1e-6);
        expect(at.said).toEqual([]);
      }),
      { numRuns: 300 },
    );
  });
  it('keys move the window, zoom, and show everything again', () => {
    const whole = at.plan.view.value.pointsPerM;
    const left = at.screen([0, 0])[0];
    at.key('ArrowRight');
    expect(at.screen([0, 0])[0]).toBe(left - 40);
    at.key('+');
    expect(at.plan.view.value.pointsPerM).toBeCloseTo(whole * 1.25, 9);
    at.key('-');
    expect(at.plan.view.value.pointsPerM).toBeCloseTo(whole, 9);
    at.key('0');
    expect(at.screen([0, 0])[0]).toBe(left);
  });
});

describe('moving a corner', () => {
  beforeEach(() => (at = open('move')));
  it('lets go at the corner of a neighbour that is near', () => {
    at.press(at.screen([10, 6]));
    at.move(at.screen([11, 6.4]));
    at.move(at.screen([12.03, 6.02]));
    at.lift(at.screen([12.03, 6.02]));
    const [what, k, to] = at.said.at(-1) as [string, number, Point];
    expect([what, k]).toEqual(['moveCorner', 2]);
    expect(distance(to, [12, 6])).toBeLessThan(1e-9);
  });
  it('goes where the finger is when nothing is to snap to', () => {
    at = open('move', false);
    at.press(at.screen([10, 6]));
    at.move(at.screen([10.7, 6.9]));
    at.lift(at.screen([10.7, 6.9]));
    const to = (at.said.at(-1) as [string, number, Point])[2];
    expect(distance(to, [10.7, 6.9])).toBeLessThan(1e-9);
  });
  it.each([
    ['a second finger', () => at.press([20, 20], 2)],
    ['the system', () => at.cancel(at.screen([11, 7]))],
    ['another mode', () => (at.props.mode = 'look')],
  ])('%s puts it back where it was', async (_, interrupt) => {
    at.press(at.screen([10, 6]));
    at.move(at.screen([11, 7]));
    interrupt();
    await Promise.resolve();
    expect(at.hands.zonesDrawn.value[0]!.corners).toEqual(planCorners(at.first));
    at.lift(at.screen([11, 7]));
    expect(at.said.filter(([what]) => what === 'moveCorner')).toEqual([]);
  });
  it('by arrows a centimetre, with shift a decimetre', () => {
    at.props.corner = 2;
    at.key('ArrowUp');
    at.key('ArrowLeft', true);
    const places = at.said.map((s) => s[2] as Point);
    expect(distance(places[0]!, [10, 6.01])).toBeLessThan(1e-9);
    expect(distance(places[1]!, [9.9, 6])).toBeLessThan(1e-9);
  });
});

describe('drawing and cutting', () => {
  it('taps make corners, snapped square to the side before; a tap on the first one closes', () => {
    at = open('draw');
    for (const p of [
      [0, 10],
      [5, 10.02],
      [5.03, 13],
    ] as Point[])
      at.tap(p);
    const [a, b, c] = at.draft.points.value;
    expect(distance(a!, [0, 10])).toBeLessThan(1e-9);
    const turn = (b![0] - a![0]) * (c![0] - b![0]) + (b![1] - a![1]) * (c![1] - b![1]);
    expect(turn).toBeCloseTo(0, 6);
    expect(at.said).toEqual([]);
    at.tap([0, 10]);
    expect(at.said.at(-1)).toEqual(['closeDraft']);
  });
  it('two taps are a cut, from a side to a side; Escape forgets the first', () => {
    at = open('split');
    at.tap([4, 0]);
    at.key('Escape');
    at.tap([4, 0.02]);
    expect(at.said).toEqual([]);
    at.tap([4, 6]);
    const [what, from, to] = at.said.at(-1) as [string, Point, Point];
    expect(what).toBe('cut');
    expect(from[1]).toBeCloseTo(0, 9);
    expect(to[1]).toBeCloseTo(6, 9);
  });
  it('a spot that is asked for is given as it was tapped', () => {
    at = open('place');
    at.tap([3.21, 2.34]);
    const [what, p] = at.said.at(-1) as [string, Point];
    expect(what).toBe('place');
    expect(distance(p, [3.21, 2.34])).toBeLessThan(1e-9);
  });
});
