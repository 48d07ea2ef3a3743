/**
 * Whether "eight in ten" are eight in ten: made-up jobs planned and played in fifty weathers, then in one more that is drawn
 * alike, and in one that is wetter than those. One truth a job, three fixed seeds.
 */
import { outlook, planCase } from '../../core/test/planning/cases.ts';
import { chancesOfPlan } from '../../core/src/planning/chances.ts';
import type { Outlook, Plan, Planned } from '../../core/src/planning/model.ts';
import { Player } from '../../core/src/planning/replay.ts';
import { firstPlan } from '../../core/src/planning/search.ts';
import type { Row } from './table.ts';

const JOBS_EACH = 334;
const SEEDS = [1, 2, 3];
const WAYS = 50;
const RAIN = 0.012;

function endOf(planned: Planned, plan: Plan, sky: Outlook): number {
  const { placed } = new Player(planned).play(plan, sky);
  if (placed.some((h, i) => !h && plan.placed[i])) return Infinity;
  return Math.max(...placed.map((h) => h?.end ?? 0));
}

export function benchChances(): Row[] {
  const rows: Row[] = [];
  let all = 0;
  let allHeld = 0;
  for (const seed of SEEDS) {
    let held = 0;
    let wet = 0;
    let jobs = 0;
    for (let job = 1; job <= JOBS_EACH; job += 1) {
      const own = 10_000 * seed + job;
      const planned = planCase({
        ...{ seed: own, bays: 3 + (job % 6), layers: 2 + (job % 3), zones: 1 + (job % 2) },
        ...{ crews: 1 + (job % 3), days: 24, closing: 0.3 },
      });
      const { plan } = firstPlan(planned);
      const sky = (n: number, rain = RAIN): Outlook =>
        outlook(planned.facts, planned.days, 1000 * own + n, rain);
      const ways = Array.from({ length: WAYS }, (_, n) => sky(n + 1));
      const { finish } = chancesOfPlan(planned, plan, ways);
      jobs += 1;
      if (endOf(planned, plan, sky(500)) <= finish.eight) held += 1;
      if (endOf(planned, plan, sky(600, 2 * RAIN)) <= finish.eight) wet += 1;
    }
    all += jobs;
    allHeld += held;
    rows.push({
      what: `  seed ${seed}, ${jobs} jobs`,
      measured: `${((100 * held) / jobs).toFixed(1)} %`,
      aim: `where it rains twice as often as forecast: ${((100 * wet) / jobs).toFixed(1)} %`,
    });
  }
  const share = (100 * allHeld) / all;
  return [
    {
      what: `ends that are no later than "eight in ten" said, ${all} jobs`,
      measured: `${share.toFixed(1)} %`,
      aim: '77 to 83 %',
      held: share >= 77 && share <= 83,
    },
    ...rows,
  ];
}
