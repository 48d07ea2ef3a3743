/** Random containers, and the best choice of them by a table over every sum. */
import type { Aim } from '@lentum/core/order';
import { seeded } from './random.ts';

export interface Case {
  readonly need: number;
  readonly sizes: { net: number; price: { value: number } }[];
}

/** Two to six sizes from 0.3 to 1,000, half of the cases mostly small, needs from 0.1 to 5,000, prices that differ. */
export function randomContainers(count: number, options: { stepsInOne: number; seed: number }): Case[] {
  const { stepsInOne, seed } = options;
  const random = seeded(seed);
  const between = (low: number, high: number, small: boolean): number =>
    small ? low * Math.exp(random() * Math.log(high / low)) : low + random() * (high - low);
  const whole = (x: number): number => Math.max(1, Math.round(x * stepsInOne)) / stepsInOne;
  return Array.from({ length: count }, (_, i) => {
    const small = i % 2 === 0;
    const nets = Array.from({ length: 2 + Math.floor(random() * 5) }, () => whole(between(0.3, 1000, small)));
    return {
      need: between(0.1, 5000, small),
      sizes: [...new Set(nets)].map((net) => ({
        net,
        price: { value: Math.max(0.01, Math.round(net * (5 + 3 * random()) * 100) / 100) },
      })),
    };
  });
}

/**
 * The least total (or cost), then the least cost (or total), then the fewest containers, over every sum up to the need
 * and one container more. Sizes are whole steps; memory goes with the need.
 */
export function byTable(
  need: number,
  sizes: Case['sizes'],
  stepsInOne: number,
  aim: Aim,
): { total: number; cost: number; count: number } {
  const units = sizes.map((s) => Math.round(s.net * stepsInOne));
  const cents = sizes.map((s) => Math.round(s.price.value * 100));
  const target = Math.ceil(need * stepsInOne - 1e-6);
  const most = target + Math.max(...units);
  const cost = new Float64Array(most + 1).fill(Infinity);
  const count = new Int32Array(most + 1);
  cost[0] = 0;
  for (let t = 1; t <= most; t += 1)
    for (let i = 0; i < units.length; i += 1) {
      const from = t - units[i]!;
      if (from < 0 || cost[from] === Infinity) continue;
      const [c, n] = [cost[from]! + cents[i]!, count[from]! + 1];
      if (c < cost[t]! || (c === cost[t]! && n < count[t]!)) [cost[t], count[t]] = [c, n];
    }
  let best = -1;
  for (let t = target; t <= most; t += 1) {
    if (cost[t] === Infinity) continue;
    if (best < 0 || (aim === 'least cost' && cost[t]! < cost[best]!)) best = t;
    if (aim === 'least left over' && best >= 0) break;
  }
  return { total: best / stepsInOne, cost: cost[best]! / 100, count: count[best]! };
}
