import { catalogue, type BuildUpDoc } from '@lentum/core/buildup';
import { cutLists, detailSchedule, fitCurb, nest, type Cut } from '@lentum/core/details';
import { chooseBoth, DEFAULT_ORDER, takeoff } from '@lentum/core/order';
import { blankOpening, blankZone, edgeOf, typicalSizes, type Zone } from '@lentum/core/survey';
import { timed, type Row } from './table.ts';

const RECOMPUTE_AIM_MS = 200;
const CURB_AIM_MS = 5;
const ZONES = 100;

/** A hundred roofs with upstands, a roof light, pipes and an outlet: over two thousand details. */
function roofs(): Zone[] {
  return Array.from({ length: ZONES }, (_, i): Zone => {
    const [w, h] = [10 + (i % 7), 6 + (i % 5)];
    const spot = (id: string, kind: 'pipe' | 'outlet', alongM: number) => ({
      id,
      kind,
      count: 1,
      at: { alongM, acrossM: 1 },
      sizes: typicalSizes(kind),
      note: '',
    });
    return {
      ...blankZone({
        id: `z${i}`,
        code: 'Z',
        name: `Roof ${i}`,
        outline: {
          kind: 'points',
          origin: 'typed',
          points: [
            [0, 0],
            [w, 0],
            [w, h],
            [0, h],
          ],
        },
      }),
      sides: [0, 1, 2, 3].map(() => ({ edge: edgeOf('upstand'), riseM: 0 })),
      openings: [
        blankOpening({
          id: 'light',
          name: 'Light',
          shape: { kind: 'rectangle', alongM: 4, acrossM: 3, lengthM: 1.2, widthM: 1 },
        }),
      ],
      features: [spot('p1', 'pipe', 1), spot('p2', 'pipe', 2), spot('p3', 'pipe', 3), spot('o', 'outlet', 8)],
    };
  });
}

/** First fit by falling length in shelves as wide as the roll: what is usually done by hand. */
function shelves(cuts: readonly Cut[], widthMm: number): number {
  let [total, shelf, left] = [0, 0, 0];
  const all = cuts
    .flatMap((c) => Array.from({ length: c.count }, () => [c.widthMm, c.heightMm].sort((a, b) => a - b)))
    .sort((a, b) => (b[1] ?? 0) - (a[1] ?? 0));
  for (const [short = 0, long = 0] of all) {
    if (short > left) {
      total += shelf;
      shelf = long;
      left = widthMm;
    }
    left -= short;
  }
  return total + shelf;
}

/** Clusters up to some metres, round which straights of four lengths close. */
function slowestCurb(): number {
  const parts = catalogue()
    .flatMap((b) => b.layers)
    .find((l) => l.kind === 'pieces');
  if (!parts) return Infinity;
  const straight = parts.pieces.find((p) => p.shape === 'straight');
  const more = [65, 95, 210].flatMap((mm): (typeof parts.pieces)[number][] =>
    straight ? [{ ...straight, sizeMm: { ...straight.sizeMm, value: mm } }] : [],
  );
  const curb = { ...parts, pieces: [...parts.pieces, ...more] };
  const times = Array.from({ length: 40 }, (_, i) => {
    const cluster = { lengthMm: 100 + i * 60, widthMm: 80 + ((i * 37) % 20) * 50, pipes: 4, pipeMm: 40 };
    return timed(() => fitCurb(cluster, curb, 'Cluster'), 3);
  });
  return Math.max(...times);
}

export function benchDetails(): Row[] {
  const zones = roofs();
  const pages = catalogue()
    .filter((b) => b.family !== 'POCKET')
    .slice(0, 10);
  const doc: BuildUpDoc = {
    buildUps: [...catalogue()],
    zones: zones.map((z, i) => ({
      zoneId: z.id,
      buildUpId: pages[i % pages.length]?.id ?? '',
      revision: 1,
      conditions: [],
      choices: {},
    })),
  };
  const all = (): void => {
    const details = detailSchedule({ zones }, doc);
    // Courses come from a worker; until then, and here, by area.
    takeoff({ zones }, doc, DEFAULT_ORDER, { details, courses: 'by area' });
  };
  const firstTime = timed(all, 1);
  let n = 0;
  const again = timed(() => {
    const zone = zones[n % ZONES];
    n += 1;
    if (zone) zone.name = `Roof renamed ${n}`;
    all();
  });
  const schedule = detailSchedule({ zones }, doc);
  const details = schedule.zones.reduce((sum, z) => sum + z.work.length, 0);
  const [list] = cutLists(schedule);
  const cuts: Cut[] = Array.from({ length: 60 }, (_, i) => ({
    key: `c${i}`,
    label: `${i}`,
    widthMm: 200 + ((i * 137) % 700),
    heightMm: 200 + ((i * 271) % 2400),
    count: 1 + (i % 3),
  }));
  const nested = timed(() => nest(cuts, 1050, 50_000, true), 3);
  const result = nest(cuts, 1050, 50_000, true);
  const metres = (mm: number): string => `${(mm / 1000).toFixed(1)} m`;
  const sizes = [25, 10, 5, 2.5, 1].map((net) => ({ net, price: { value: net * 9 + 4 } }));
  const choose = timed(() => chooseBoth(1503.25, sizes, 'least cost'));
  const curb = slowestCurb();
  const ms = (v: number): string => `${v.toFixed(1)} ms`;
  return [
    {
      what: `details and order of ${details} details, after a change in one zone`,
      measured: ms(again),
      aim: '< 200 ms',
      held: again < RECOMPUTE_AIM_MS,
    },
    { what: '  reference: all of it the first time', measured: ms(firstTime), aim: '' },
    { what: 'cutting 119 pieces of 60 sizes', measured: ms(nested), aim: '' },
    { what: '  roll used', measured: metres(result.totalMm), aim: '' },
    { what: '  no cutting takes less than', measured: metres(result.leastMm), aim: '' },
    { what: '  reference: shelves, longest first', measured: metres(shelves(cuts, 1050)), aim: '' },
    {
      what: `  pieces of one build-up of these roofs, ${list?.nest.placed.length ?? 0}`,
      measured: metres(list?.nest.totalMm ?? 0),
      aim: '',
    },
    { what: 'containers of five sizes, best and next best', measured: ms(choose), aim: '' },
    {
      what: 'a curb of four lengths of straights, the slowest of forty clusters',
      measured: ms(curb),
      aim: '< 5 ms',
      held: curb < CURB_AIM_MS,
    },
  ];
}
