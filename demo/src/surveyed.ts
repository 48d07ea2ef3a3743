/** Short ways to write down what was measured on the demo roofs. */
import { inspectionFor } from '@lentum/core/readiness';
import { SUBSTRATES, type SubstrateKey } from '@lentum/core/family';
import {
  blankOpening,
  edgeOf,
  NO_LEVELS,
  testFacts,
  typicalSizes,
  type Edge,
  type EdgeKind,
  type Feature,
  type FeatureKind,
  type Finding,
  type Levels,
  type Opening,
  type Side,
  type Test,
  type TestKind,
} from '@lentum/core/survey';

const HOUR_MS = 3_600_000;

export const leg = (lengthM: number, turn: 'left' | 'right' = 'left', turnDeg = 90) => ({
  lengthM,
  turnDeg,
  turn,
});

export const side = (kind: EdgeKind, sizes: Partial<Edge> = {}, riseM = 0): Side => ({
  edge: { ...edgeOf(kind), ...sizes } as Edge,
  riseM,
});

export const box = (
  id: string,
  name: string,
  kind: Opening['kind'],
  [alongM, acrossM, lengthM, widthM]: readonly [number, number, number, number],
  heightMm = 150,
): Opening => ({
  ...blankOpening({ id, name, shape: { kind: 'rectangle', alongM, acrossM, lengthM, widthM } }),
  kind,
  edge: { kind: 'upstand', heightMm, termination: 'open' },
});

/** Features get ids from their zone and their number. */
export class Features {
  readonly list: Feature[] = [];
  private readonly zone: string;

  constructor(zone: string) {
    this.zone = zone;
  }

  spot(kind: FeatureKind, alongM: number, acrossM: number, more: Partial<Feature> = {}): this {
    const { sizes, ...rest } = more;
    this.list.push({
      id: `${this.zone}-f${this.list.length + 1}`,
      kind,
      count: 1,
      at: { alongM, acrossM },
      sizes: { ...typicalSizes(kind), ...sizes },
      note: '',
      ...rest,
    });
    return this;
  }

  line(
    kind: FeatureKind,
    from: readonly [number, number],
    to: readonly [number, number],
    more: Partial<Feature> = {},
  ): this {
    return this.spot(kind, ...from, { to: { alongM: to[0], acrossM: to[1] }, ...more });
  }
}

/** Levels on a grid from a height for each place, read to a millimetre. */
export function grid(
  zone: string,
  alongs: readonly number[],
  acrosses: readonly number[],
  heightM: (alongM: number, acrossM: number) => number,
  more: Partial<Levels> = {},
  on: (alongM: number, acrossM: number) => boolean = () => true,
): Levels {
  const points = acrosses.flatMap((acrossM, j) =>
    alongs.flatMap((alongM, i) =>
      !on(alongM, acrossM)
        ? []
        : [
            {
              id: `${zone}-l${j * alongs.length + i + 1}`,
              at: { alongM, acrossM },
              valueM: Number(heightM(alongM, acrossM).toFixed(3)),
            },
          ],
    ),
  );
  return { ...NO_LEVELS, points, breakLines: [], ...more };
}

/** Tests at hours before the demo's "now". */
export function tests(
  zone: string,
  anchor: Date,
  list: readonly (readonly [
    TestKind,
    value: number | string,
    hours: number,
    at?: readonly [number, number],
  ])[],
): Test[] {
  return list.map(([kind, value, hours, at], i) => ({
    id: `${zone}-t${i + 1}`,
    kind,
    ...(at ? { at: { alongM: at[0], acrossM: at[1] } } : {}),
    takenAt: new Date(anchor.getTime() + hours * HOUR_MS).toISOString(),
    instrument: testFacts(kind).instrument,
    value,
    unprimed: false,
    note: '',
  }));
}

/** The inspection sheet of a substrate with every answer good, but for those that are given. */
export const looked = (kind: SubstrateKey, but: readonly Partial<Finding>[] = []): Finding[] =>
  inspectionFor(SUBSTRATES[kind]).map((item) => {
    const other = but.find((b) => b.item === item.key);
    const bad = item.good === 'yes' ? ('no' as const) : ('yes' as const);
    return { item: item.key, answer: other ? bad : item.good, note: '', ...other };
  });
