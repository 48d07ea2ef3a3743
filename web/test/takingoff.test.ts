/** The order counted away from the page: only the last of what was asked, and never that of another job. */
import { describe, expect, it } from 'vitest';
import { effectScope, nextTick, ref, shallowRef } from 'vue';
import { takeoff, type Takeoff } from '@lentum/core/order';
import { useInTurn } from '../src/shared/inturn.ts';
import { useTakingOff, type Counter } from '../src/app/takingoff.ts';
import { WorkCounter, type Counted, type OrderAsked } from '../src/workers/orderwork.ts';
import { demo } from './openjob.ts';

const base: OrderAsked = {
  ...{ survey: demo.survey, buildUps: demo.buildUp, order: demo.order },
  courses: undefined,
  system: 'metric',
};
/** The order with a name that tells it from others. */
const asked = (aim: OrderAsked['order']['aim'], zones = 1): OrderAsked => ({
  ...base,
  survey: { ...demo.survey, zones: demo.survey.zones.slice(0, zones) },
  order: { ...demo.order, aim },
});
const want = (a: OrderAsked): Takeoff => takeoff(a.survey, a.buildUps, a.order, { courses: 'by area' });

/** Answers when it is told to; what was asked is written down. */
class Slow {
  readonly asked: OrderAsked[] = [];
  readonly whole: boolean[] = [];
  fetched = 0;
  opened = 0;
  private readonly waiting: { go: () => void; fail: () => void }[] = [];

  open = (): Counter => {
    this.opened += 1;
    let alive = true;
    const work = new WorkCounter();
    return {
      count: (one, isWhole) =>
        new Promise<Counted>((resolve, reject) => {
          this.asked.push(one);
          this.whole.push(isWhole);
          this.waiting.push({
            go: () => alive && resolve(structuredClone(work.count(one, isWhole))),
            fail: () => reject(new Error('the worker broke')),
          });
        }),
      whole: () => {
        this.fetched += 1;
        return Promise.resolve(structuredClone(work.whole()));
      },
      end: () => (alive = false),
    };
  };
  async answer(): Promise<void> {
    this.waiting.shift()?.go();
    await settled();
  }
  async breaks(): Promise<void> {
    this.waiting.shift()?.fail();
    await settled();
  }
}
async function settled(): Promise<void> {
  await nextTick();
  await new Promise((go) => setTimeout(go, 0));
}

/** @param isShown whether a page shows the order before it is asked for */
async function opened(far: Slow, first?: OrderAsked, isShown = true) {
  const question = shallowRef<OrderAsked | undefined>();
  const scope = effectScope();
  const order = scope.run(() => useTakingOff(() => question.value, far.open));
  if (!order) throw new Error('a scope that runs');
  if (isShown) expect(order.takenOff.value.lines).toEqual([]);
  question.value = first;
  await settled();
  return { question, order, scope };
}

describe('an order that is counted elsewhere', () => {
  it('is nothing and says so until the first answer, then is what it would be in place', async () => {
    const far = new Slow();
    const { order } = await opened(far, asked('least cost'));
    expect([order.takenOff.value.lines.length, order.isCounted.value]).toEqual([0, false]);
    await far.answer();
    expect(order.isCounted.value).toBe(true);
    expect(order.takenOff.value).toEqual(want(asked('least cost')));
  });

  it('of what was asked meanwhile only the last is counted; until then the old answer stands as old', async () => {
    const far = new Slow();
    const { question, order } = await opened(far, asked('least cost', 1));
    await far.answer();
    const [second, third, fourth] = [2, 3, 4].map((n) => asked('least cost', n));
    question.value = second;
    await settled();
    question.value = third;
    await settled();
    question.value = fourth;
    await settled();
    expect(order.isCounted.value).toBe(false);
    expect(order.takenOff.value).toEqual(want(asked('least cost', 1)));
    // The answer to the second is no answer to what stands now.
    await far.answer();
    expect(order.isCounted.value).toBe(false);
    await far.answer();
    expect(far.asked.map((a) => a.survey.zones.length)).toEqual([1, 2, 4]);
    expect(order.takenOff.value).toEqual(want(asked('least cost', 4)));
    expect(order.isCounted.value).toBe(true);
  });

  it('is counted in place when the worker breaks, and the next time by a new one', async () => {
    const far = new Slow();
    const { question, order } = await opened(far, asked('least cost', 1));
    await far.breaks();
    expect(order.takenOff.value).toEqual(want(asked('least cost', 1)));
    question.value = asked('least left over', 2);
    await settled();
    await far.answer();
    expect(far.opened).toBe(2);
    expect(order.takenOff.value).toEqual(want(asked('least left over', 2)));
  });

  it('comes whole once a page reads it; until then only what the head tells', async () => {
    const far = new Slow();
    const { question, order } = await opened(far, asked('least cost'), false);
    await far.answer();
    const { facts } = new WorkCounter().count(asked('least cost'), false);
    expect(order.facts.value).toEqual(facts);
    expect(facts.order.lines).toBe(want(asked('least cost')).lines.length);
    expect(order.isCounted.value).toBe(false);
    expect(order.facts.value).toEqual(facts);
    await settled();
    // It is not counted again for it.
    expect([far.whole, far.fetched]).toEqual([[false], 1]);
    expect([order.isCounted.value, order.takenOff.value]).toEqual([true, want(asked('least cost'))]);
    question.value = asked('least left over');
    await settled();
    expect([order.facts.value, order.isCounted.value]).toEqual([undefined, false]);
    await far.answer();
    expect(order.takenOff.value).toEqual(want(asked('least left over')));
  });

  it('of another job never shows what was under way', async () => {
    const far = new Slow();
    const { question, order } = await opened(far, asked('least cost', 3));
    order.clear();
    question.value = undefined;
    await settled();
    question.value = asked('least cost', 1);
    await settled();
    // The first worker is gone: what it still says is heard by nobody.
    await far.answer();
    expect(order.isCounted.value).toBe(false);
    await far.answer();
    expect(order.takenOff.value).toEqual(want(asked('least cost', 1)));
  });
});

it('parts of a page follow one after the other, and a newer answer takes the place of an older one', async () => {
  const source = ref(1);
  const scope = effectScope();
  const parts = scope.run(() => useInTurn(source, 3)) ?? [];
  const seen: string[] = [];
  const look = (): void => void seen.push(parts.map((p) => p.value).join(''));
  source.value = 2;
  await nextTick();
  look();
  source.value = 3;
  await nextTick();
  for (let i = 0; i < 4; i += 1) {
    await new Promise((go) => setTimeout(go, 2));
    look();
  }
  expect(seen[0]).toBe('111');
  expect(seen.at(-1)).toBe('333');
  // Each part in its turn, none back to what was before.
  expect(seen.every((s) => ['111', '311', '331', '333'].includes(s))).toBe(true);
  scope.stop();
});
