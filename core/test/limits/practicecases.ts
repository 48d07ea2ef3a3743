/** Named cases of what the numbers of practice decide: on the ground, in the mix, in the record. */
import {
  buildUpOfZone,
  catalogue,
  CHEMISTRIES,
  isCoat,
  isWorkLayer,
  mostOf,
  type BuildUp,
  type Coat,
} from '@lentum/core/buildup';
import { conditionsOf } from '@lentum/core/choosing';
import { detailSchedule, sealantJoint } from '@lentum/core/details';
import { given, verdictText, type Figure } from '@lentum/core/figures';
import { isFreshForMix } from '@lentum/core/gates';
import { DEFAULT_PROGRAMME, firstPlan, plannedOf } from '@lentum/core/planning';
import { COMMON, practiceOf } from '@lentum/core/practice';
import { filmMap, placesToRead } from '@lentum/core/proving';
import { readiness } from '@lentum/core/readiness';
import { EMPTY_BOOK, entryFlags, type BayStatus } from '@lentum/core/record';
import { jobState } from '@lentum/core/state';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import {
  blankOpening,
  edgeOf,
  typicalSizes,
  zoneQuantities,
  type Feature,
  type Test,
  type TestKind,
  type Zone,
} from '@lentum/core/survey';
import { spikesIn, roofLevelsOf } from '@lentum/core/falls';
import { bayRoute, hotCare, isHot, rolledInstead, splitZone } from '@lentum/core/site';
import { MS_PER_DAY } from '@lentum/core/units';
import { recoatOf, repairOrder, upkeepOf } from '@lentum/core/upkeep';
import { type WeatherSeries } from '@lentum/core/weather';
import { weatherWarnings } from '@lentum/core/words';
import {
  at,
  callFor,
  coated,
  coatsOf,
  detailsMade,
  inputsFor,
  moisture,
  NOW,
  polyurethane,
  prepared,
  pulled,
  reading,
  stateFor,
  told,
  type GateJob,
  type Told,
} from '../support/gatejob.ts';
import { inputsOf } from '../support/calls.ts';
import { floodSaid } from '../support/floods.ts';
import { built, docFor, falling } from '../support/roofs.ts';
import { corners, pointsZone } from '../support/zones.ts';

const HOT = catalogue().flatMap((b) => b.layers.filter(isWorkLayer).filter(isHot));
const answers = (job: GateJob): string => {
  const { kind, gates, laying, toMs } = callFor(job);
  return [kind, laying?.value, toMs, ...gates.map((g) => `${g.key}:${g.answer}`)].join(' ');
};
const test = (
  kind: TestKind,
  value: number | string,
  takenH = -5,
  alongM = 1,
  more: Partial<Test> = {},
): Test => ({
  ...{ id: `${kind}-${value}-${takenH}-${alongM}`, kind, value, takenAt: at(takenH), instrument: 'x' },
  ...{ unprimed: false, note: '', at: { alongM, acrossM: 1 } },
  ...more,
});

/** Readiness of a zone with tests and features, as weights of its rules and the steps that they ask for. */
function judged(tests: readonly Test[], more: Partial<Zone> = {}, family: 'PU1' | 'TRAFFIC' = 'PU1'): string {
  const zone: Zone = { ...pointsZone(corners(10, 6), { fallPct: 3, ...more }), tests: [...tests] };
  return ['always' as const, 'test may spare' as const]
    .map((school) => {
      const found = readiness({
        ...{ zone, family, school, nowMs: NOW, practice: practiceOf() },
        falls: roofLevelsOf(zone),
      });
      return found.ok
        ? [
            found.value.primer.answer,
            ...found.value.reasons.map((r) => `${r.rule}:${r.weight}`),
            ...found.value.steps.map((s) => s.key),
          ].join(' ')
        : 'no';
    })
    .join('|');
}
const grid = <T>(values: readonly T[], of: (value: T) => string): string => values.map(of).join('|');
const old = { substrate: { kind: 'concrete-old' as const } };
const timber = { substrate: { kind: 'boards' as const } };
const feature = (kind: Feature['kind'], more: Partial<Feature> = {}): Feature => ({
  ...{ id: `${kind}-${JSON.stringify(more)}`, kind, count: 1, at: { alongM: 1, acrossM: 1 } },
  ...{ sizes: typicalSizes(kind), note: '' },
  ...more,
});
const flagsOf = (entries: readonly Told[]): string => {
  const { book, buildUps, site } = inputsFor({ entries });
  return [...book.seen.values()]
    .flatMap((e) => entryFlags(e, { book, buildUps, site, say: { time: String, value: String } } as never))
    .map((f) => f.rule)
    .join();
};
const laid = (hoursAgo: number, ...more: Told[]): Told[] => [
  moisture(3.5, hoursAgo + 30),
  pulled(hoursAgo + 30),
  prepared(hoursAgo + 25),
  coated(polyurethane, 'primer', hoursAgo + 20),
  detailsMade(hoursAgo + 10),
  coated(polyurethane, 'first', hoursAgo),
  prepared(1, { steps: ['fibres'], complete: false }),
  reading(),
  ...more,
];
const bare = polyurethane.layers.map((l) => {
  const { outputM2PerH: _none, ...rest } = l;
  return rest as typeof l;
});

/** A ring with one corner that bends by so many degrees. */
function bentRing(deg: number): [number, number][] {
  const rise = 6 * Math.tan((deg * Math.PI) / 180);
  return [
    [0, 0],
    [6, 0],
    [12, rise],
    [12, 8],
    [0, 8],
  ];
}
const cluster = (lengthMm: number): Zone => ({
  ...pointsZone(corners(10, 6)),
  id: 'z',
  features: [feature('pipe-cluster', { sizes: { lengthMm, widthMm: 150 } })],
});
let asked = 0;
/** Another name each time: answers are kept by what they were asked. */
const unnamed = (text: string): string => text.replace(/Zone \d+/g, 'Zone');
const asNew = (zone: Zone): Zone => ({ ...zone, name: `Zone ${(asked += 1)}` });
const worked = (old: Zone): string => {
  const zone = asNew(old);
  const { zones } = detailSchedule({ zones: [zone] }, docFor([zone], built('reinforced-polyurethane')));
  return JSON.stringify(
    zones.flatMap((z) =>
      z.work.map((w) => [
        ...[w.pieces.map((x) => x.pattern.cuts.length), w.materials.map((m) => m.amount.value)],
        w.steps.map((x) => x.waitMin?.value),
      ]),
    ),
  );
};

export interface PracticeCase {
  readonly name: string;
  readonly of: () => string;
}

export const PRACTICE_CASES: readonly PracticeCase[] = [
  {
    name: 'a spray without a limit of wind, and the weight of a flood test',
    of: () => {
      const sprays = coatsOf(polyurethane)
        .map((c) => ({ ...c, chemistry: 'acrylic' as const, tools: [], limits: { ...c.limits } }))
        .map((c) => ({ ...polyurethane, layers: [c] }));
      const windy = [3, 4.8, 5.2, 7, 10].flatMap((windMPerS) =>
        sprays.map((buildUp) =>
          answers({
            buildUp,
            entries: [moisture(3.5), prepared(3), reading(0.1, { windMPerS })],
            crew: { method: 'sprayed' },
          }),
        ),
      );
      const all = coatsOf(polyurethane).map((c, i) => coated(polyurethane, c.id, 400 - i * 50));
      const wet = [30, 50, 80].map((kgPerM2) =>
        answers({
          entries: [moisture(3.5, 500), prepared(480), detailsMade(390), reading(), ...all],
          zone: { deckLoad: { kgPerM2, says: 'the engineer' } },
        }),
      );
      return [...windy, ...wet].join(' ');
    },
  },
  {
    name: 'the card of hot works',
    of: () =>
      HOT.map((l) => {
        const { before, end } = hotCare(l, { permitUntilMs: NOW }) ?? { before: [], end: [] };
        return [...before, ...end].map((line) => verdictText(line, 'metric', String)).join(' ');
      }).join(' '),
  },
  {
    name: 'moisture of concrete and of timber',
    of: () =>
      grid(
        [2, 4, 5, 7, 9, 16, 20],
        (v) => judged([test('moisture', v)], old) + judged([test('moisture', v)], timber),
      ) +
      grid([1, 3, 3.8, 4.2, 4.8, 5.2, 9], (v) =>
        (['carbide test, % by mass', 'oven-dried, % by mass'] as const)
          .map((scale) => judged([test('moisture', v, -5, 1, { scale })], old))
          .join(''),
      ),
  },
  {
    name: 'humidity in the slab, strength, pull-off',
    of: () =>
      grid([70, 84, 87, 95], (v) => judged([test('humidity', v)], old)) +
      grid([10, 24, 27, 40], (v) => judged([test('strength', v)], old, 'TRAFFIC')) +
      grid(
        [0.5, 0.9, 1.4, 1.7, 3],
        (v) => judged([test('pull-off', v)], old) + judged([test('pull-off', v)], old, 'TRAFFIC'),
      ),
  },
  {
    name: 'a pull-off without primer',
    of: () =>
      grid([0.5, 0.9, 1.4, 1.7], (v) => judged([test('pull-off', v, -5, 1, { unprimed: true })], old)),
  },
  {
    name: 'age of new concrete',
    of: () =>
      grid([10, 26, 30, 60], (days) =>
        judged([], {
          substrate: { kind: 'concrete-new', laidOn: at(-24 * days).slice(0, 10) },
        }),
      ),
  },
  {
    name: 'a second visit, and a reading at the same spot',
    of: () =>
      grid([-8, -11, -14, -30, -80], (h) =>
        grid([1.2, 2.5, 4, 8], (along) =>
          judged([test('moisture', 8, h, 1), test('moisture', 3, -2, along)], old),
        ),
      ),
  },
  {
    name: 'ponds, outlets and upstands',
    of: () => {
      const bowl = (mm: number): Partial<Zone> => {
        const zone = falling(pointsZone(corners(10, 6)), 0, 0.02);
        const middle = { id: 'm', at: { alongM: 5, acrossM: 3 }, valueM: 10.04 - mm / 1000 };
        return {
          ...old,
          sides: [0, 1, 2, 3].map(() => ({ edge: edgeOf('drip'), riseM: 0 })),
          levels: { ...zone.levels, points: [...zone.levels.points, middle] },
        };
      };
      const edge = (heightMm: number): Partial<Zone> => ({
        ...old,
        sides: [0, 1, 2, 3].map(() => ({ edge: { ...edgeOf('upstand'), heightMm } as never, riseM: 0 })),
      });
      const outlet = (rimM: number): Partial<Zone> => ({
        ...bowl(0),
        features: [feature('outlet', { at: { alongM: 5, acrossM: 0.5 }, rimM })],
      });
      return (
        grid([20, 43, 46, 60, 90], (mm) => judged([], bowl(mm))) +
        grid([60, 140, 155, 300], (mm) => judged([], edge(mm))) +
        grid([9.99, 10.002, 10.02, 10.04], (rim) => judged([], outlet(rim)))
      );
    },
  },
  {
    name: 'washed ground that dries',
    of: () =>
      grid(['concrete-old', 'metal'] as const, (substrate) =>
        grid([10, 20, 30, 45, 60, 100], (h) =>
          answers({
            substrate,
            entries: [
              moisture(3.5),
              pulled(),
              reading(),
              prepared(h, { steps: ['wash'], complete: false, dryingFrom: at(-h) }),
            ],
          }),
        ),
      ),
  },
  {
    name: 'cracks, grooves and fillets',
    of: () => {
      const buildUp = built('reinforced-polyurethane');
      const cracked: Zone = asNew({
        ...pointsZone(corners(10, 6)),
        id: 'z',
        sides: [0, 1, 2, 3].map(() => ({ edge: edgeOf('upstand'), riseM: 0 })),
        features: [0.8, 1.4, 1.6, 3].map((widthMm, i) =>
          feature('static-crack', {
            ...{ id: `c${i}`, at: { alongM: 1, acrossM: 1 + i }, to: { alongM: 4, acrossM: 1 + i } },
            sizes: { widthMm },
          }),
        ),
      });
      const { zones } = detailSchedule({ zones: [cracked] }, docFor([cracked], buildUp));
      return unnamed(
        JSON.stringify([
          zones.flatMap((z) => z.work.map((w) => [w.pieces.length, w.materials.map((m) => m.amount.value)])),
          judged([], { ...old, ...cracked }),
          readiness({
            ...{
              zone: { ...cracked, substrate: { kind: 'concrete-old' as const } },
              family: 'PU1',
              falls: undefined,
            },
            ...{ school: 'always', nowMs: NOW },
          }),
        ]),
      );
    },
  },
  {
    name: 'how long readings speak',
    of: () =>
      grid([0.2, 0.7, 0.9, 1.1, 1.5, 3], (h) =>
        answers({ entries: [moisture(3.5), pulled(), prepared(3), reading(h)] }),
      ) +
      grid([10, 20, 26, 40, 100], (h) =>
        answers({ entries: [moisture(3.5, h), pulled(), prepared(3), reading()] }),
      ),
  },
  {
    name: 'a reading for a mix',
    of: () =>
      grid([5, 20, 28, 33, 50, 100], (min) =>
        String(isFreshForMix({ at: at(-min / 60) } as never, NOW, practiceOf())),
      ),
  },
  {
    name: 'kettle and watch',
    of: () => {
      const hot = built('hot-rubberised');
      const [primer, first] = coatsOf(hot) as [Coat, Coat];
      return grid([0.2, 0.4, 0.6, 1.2], (readH) =>
        grid([0.5, 0.9, 1.3, 2, 4], (untilH) =>
          answers({
            buildUp: hot,
            entries: [
              ...[moisture(3.5, 90), prepared(80), coated(hot, primer.id, 20), detailsMade(15)],
              reading(0.1, { surfaceC: 25 }),
              told('permit', -2, {
                step: 'opened',
                at: at(-2),
                number: '7',
                issuedBy: 'M',
                work: 'k',
                until: at(8),
              }),
              told('watch', -2, {
                step: 'opened',
                at: at(-2),
                watcher: 'I',
                until: at(untilH),
                extinguisher: true,
              }),
              told('melt', -2, {
                ...{ buildUpId: hot.id, revision: hot.revision, layerId: first.id, charge: 1, litAt: at(-2) },
                temperatures: [{ at: at(-readH), kettleC: 190, layingC: 185 }],
                ...{ blocks: 10, chargedKg: 180, drawnKg: 0, leftKg: 180, batch: 'K' },
              }),
            ],
          }),
        ),
      );
    },
  },
  {
    name: 'a film that lies open, planned',
    of: () => {
      const [, base] = coatsOf(polyurethane);
      const made = plannedOf({
        state: stateFor({ entries: [coated(polyurethane, base?.id ?? '', 100)] }),
        ...{ doc: DEFAULT_PROGRAMME, order: { deliveries: [] }, timeZone: 'UTC', nowMs: NOW },
      });
      if ('cannot' in made) return 'cannot';
      return firstPlan(made)
        .plan.placed.map((p) => `${p?.start}-${p?.end}-${p?.rinsed}`)
        .join(' ');
    },
  },
  {
    name: 'lying open, and near its end',
    of: () =>
      grid([20, 40, 55, 60, 66, 70, 80, 100, 400, 550, 800], (h) => answers({ entries: laid(h) })) +
      grid([20, 55, 66, 70, 80, 400, 550, 800], (h) =>
        answers({
          buildUp: {
            ...polyurethane,
            layers: polyurethane.layers.map((l) => (isCoat(l) ? openEnded(l) : l)),
          },
          entries: laid(h),
        }),
      ) +
      grid(
        [0, 1, 2, 3, 4, 6, 8, 20],
        (h) => callFor({ entries: laid(20), nowMs: NOW + h * 3_600_000 }).status.state,
      ),
  },
  {
    name: 'films by readings',
    of: () =>
      grid([0.6, 0.75, 0.85, 0.95, 1.02, 1.3], (times) =>
        grid(['average-and-spots', 'mean-and-share', 'minimum'] as const, (acceptance) =>
          grid([0, 1, 2], (low) =>
            answers({
              buildUp: { ...polyurethane, acceptance },
              entries: laid(20).map((e) =>
                e.kind === 'coat' && (e.body as { layerId: string }).layerId === 'first'
                  ? coated(polyurethane, 'first', 20, 1.1, {
                      readings: [
                        {
                          bayId: 'own',
                          lastWetMm: [
                            1.55,
                            1.55,
                            1.55,
                            1.55,
                            ...Array.from({ length: low }, () => Number((1.4 * times).toFixed(2))),
                          ],
                        },
                      ],
                      teethMm: Array.from({ length: 200 }, (_, i) => Number(((i + 1) * 0.01).toFixed(2))),
                    })
                  : e,
              ),
            }),
          ),
        ),
      ),
  },
  {
    name: 'films from consumption against readings',
    of: () =>
      grid([1, 1.1, 1.14, 1.17, 1.3, 1.6], (times) =>
        answers({
          entries: laid(20).map((e) => {
            if (e.kind !== 'coat' || (e.body as { layerId: string }).layerId !== 'first') return e;
            const { readings } = coated(polyurethane, 'first', 20, 1.05).body as { readings: unknown };
            return coated(polyurethane, 'first', 20, 1.05 * times, { readings } as never);
          }),
        }),
      ),
  },
  {
    name: 'rolled passes where the wind stops the spray',
    of: () =>
      polyurethane.layers
        .filter(isCoat)
        .map((c) => rolledInstead({ ...c, tools: [] }, practiceOf())?.passes.value)
        .join(),
  },
  {
    name: 'too thick, by what it is made of',
    of: () => {
      const [coat] = polyurethane.layers.filter(isCoat).filter((c) => c.role === 'membrane') as [Coat];
      return grid([...CHEMISTRIES, undefined], (chemistry) =>
        grid(['primer', 'membrane'] as const, (role) => {
          const { chemistry: _own, ...rest } = coat;
          const made = { ...rest, role, ...(chemistry ? { chemistry } : {}) } as Coat;
          const ranged = { ...made, rate: { ...made.rate, range: { from: 1, to: made.rate.value } } };
          return `${mostOf(made, practiceOf()).film.value} ${mostOf(ranged, practiceOf()).film.value}`;
        }),
      );
    },
  },
  {
    name: 'what was used covers too little, and a shim that reads off',
    of: () =>
      grid([0.2, 0.45, 0.55, 0.9], (times) =>
        flagsOf([...laid(20).slice(0, 3), coated(polyurethane, 'primer', 1, times)]),
      ) +
      grid([250, 258, 266, 300], (readUm) =>
        flagsOf([
          told(
            'dry film',
            -1,
            {
              ...{
                at: at(-1),
                gauge: 'magnetic',
                instrument: 'g',
                ground: 'steel',
                when: 'after',
                zeroUm: 0,
              },
              ...{ shims: [{ nominalUm: 250, readUm }], readingsUm: [400] },
            },
            { zoneOnly: true },
          ),
        ]),
      ),
  },
  {
    name: 'how fast a crew lays',
    of: () =>
      grid([1, 2, 4, 6], (people) =>
        answers({ buildUp: { ...polyurethane, layers: bare }, entries: laid(20), crew: { people } }),
      ),
  },
  {
    name: 'bends, and pieces along them',
    of: () => grid([5, 12, 17, 25, 50], (deg) => worked(edged(bentRing(deg)))),
  },
  {
    name: 'an upstand round a bend, and a bar',
    of: () =>
      worked({
        ...edged([
          [0, 0],
          [12, 0],
          [12, 8],
          [0, 8],
        ]),
        openings: [
          {
            ...blankOpening({
              ...{ id: 'o', name: 'O' },
              shape: { kind: 'circle', alongM: 6, acrossM: 4, diameterM: 2 },
            }),
            kind: 'plinth',
            edge: { kind: 'upstand', heightMm: 200, termination: 'bar' },
          },
        ],
      }),
  },
  {
    name: 'slopes, ramps and rough ground',
    of: () =>
      grid([2, 4, 5.5, 7, 12], (fallPct) =>
        grid([2, 4, 6, 9], (csp) =>
          conditionsOf(
            { ...pointsZone(corners(10, 6), { fallPct }), tests: [test('profile', csp)] },
            undefined,
            true,
          )
            .map((c) => c.condition)
            .join(),
        ),
      ),
  },
  {
    name: 'sealant joints',
    of: () =>
      grid([4, 8, 11, 13, 18, 30], (mm) => {
        const joint = sealantJoint(
          given('width', mm, 'gap', 'measured'),
          given('length', 10, 'length', 'measured'),
        );
        return `${joint.depth.value} ${joint.rodMm.value}`;
      }),
  },
  {
    name: 'pockets small and large',
    of: () => grid([80, 150, 200, 230, 260, 320, 500], (mm) => worked(cluster(mm))),
  },
  {
    name: 'day joints off the outlets',
    of: () =>
      grid([2, 3, 3.4, 3.9, 4.5], (along) => {
        const zone = {
          ...pointsZone(corners(12, 8)),
          features: [feature('outlet', { at: { alongM: along, acrossM: 4 } })],
        };
        const coat = coatsOf(polyurethane)[1]!;
        const split = splitZone(
          zone,
          coat,
          { kind: 'container', containerId: coat.containers[0]!.id },
          () => 'b',
        );
        return split.ok ? JSON.stringify(split.value.bays.map((b) => b.parts)) : 'no';
      }),
  },
  {
    name: 'ways from bay to bay',
    of: () =>
      grid([0.3, 0.45, 0.6, 1.2], (touch) => {
        const box = (id: string, x: number, y: number): never =>
          ({
            id,
            zoneId: 'z',
            label: id,
            parts: [{ outer: corners(4, 4).map(([a, b]) => [a + x, b + y]), holes: [] }],
          }) as never;
        return String(bayRoute([box('a', 0, 0), box('b', 4, 4 - touch)], [0.2, 0.2], 'Z').ok);
      }),
  },
  {
    name: 'levels that stand out',
    of: () =>
      grid([0.01, 0.025, 0.035, 0.08, 0.3], (off) =>
        grid([0, 0.1, 0.2, 0.4, 1], (away) =>
          grid([0.001, 0.004, 0.01], (rough) => {
            const spots = Array.from({ length: 36 }, (_, i) => {
              const point: [number, number] = [i % 6, Math.floor(i / 6)];
              return { p: point, z: (i === 14 ? -off : 0) + rough * Math.sin(i * 7) };
            });
            const at: [number, number] = [2 + away, 2];
            return spikesIn(spots, [at])
              .map((x) => x.index)
              .join();
          }),
        ),
      ),
  },
  {
    name: 'film maps of a roof',
    of: () => {
      const { bays, buildUp, coat, q } = hallOfDemo();
      const map = filmMap(bays, buildUp, coat, q, COMMON);
      return `${map?.covered} ${map && placesToRead(q, bays.slice(6), map, COMMON).length}`;
    },
  },
  {
    name: 'flood tests that lose a little',
    of: () =>
      grid([-1, 0, 0.4, 0.8, 1.2, 1.7, 2, 2.5, 4], (fell) =>
        grid(
          [undefined, 30],
          (panMm) =>
            floodSaid({
              ...(panMm === undefined ? {} : { panMm }),
              readings: [
                panMm === undefined
                  ? { h: 48, levelMm: 48 - fell }
                  : { h: 48, levelMm: 44 - fell, panMm: panMm - 6 },
              ],
              out: {},
            }).answer,
        ),
      ),
  },
  {
    name: 'weather that is old, of elsewhere, or under another sun',
    of: () =>
      grid([10, 20, 28, 60], (oldH) =>
        grid([0.2, 0.5, 2], (awayDeg) =>
          grid(['Etc/GMT', 'Etc/GMT-3', 'Etc/GMT-4', 'Etc/GMT-5'], (timeZone) =>
            String(
              weatherWarnings({
                doc: { place: { latitudeDeg: 0, longitudeDeg: 0 } },
                series: [
                  {
                    ...{ kind: 'forecast', source: 'x', issuedAt: at(-oldH) },
                    place: { latitudeDeg: awayDeg, longitudeDeg: 0 },
                  },
                ],
                timeZone,
                nowMs: NOW,
              } as never).length,
            ),
          ),
        ),
      ),
  },
  {
    name: 'what a repair takes',
    of: () => {
      const acrylic = catalogue().find((b) => b.family === 'ACRYLIC');
      if (!acrylic) throw new Error('no acrylic');
      const layerIds = new Set(acrylic.layers.map((l) => l.id));
      const order = repairOrder(acrylic, { areaM2: 1, places: 1, layerIds }, practiceOf());
      return order.lines.map((l) => l.amount.value.toFixed(6)).join(' ');
    },
  },
  {
    name: 'years of finished roofs',
    of: () => {
      const practice = practiceOf();
      const acrylic = catalogue().find((b) => b.family === 'ACRYLIC');
      if (!acrylic) throw new Error('no acrylic');
      return ['light', 'dark']
        .flatMap((shade) => {
          const layers = acrylic.layers.map((l) => (isCoat(l) ? { ...l, shade } : l)) as BuildUp['layers'];
          const plan = upkeepOf({
            ...{
              zoneId: 'z',
              buildUp: { ...acrylic, layers },
              statuses: [],
              book: EMPTY_BOOK,
              practice,
              nowMs: NOW,
            },
            ...{ areaM2: area, surface: { pondArea: area } as never, latitudeDeg: 40, timeZone: 'Etc/GMT' },
            series: [sunnyYear],
          });
          const worn = recoatOf({
            ...{ buildUp: acrylic, practice, sinceMs: NOW, series: [], again: false, surface: undefined },
            film: plan?.film && { ...plan.film, lowest: plan.film.design, mean: plan.film.design },
            later: { atMs: NOW + 3 * 365 * MS_PER_DAY, readUm: [(plan?.film?.design.value ?? 0) * 900] },
          });
          return [
            ...(plan?.dates ?? []).map((d) => `${d.key} ${d.from} ${d.to}`),
            ...[plan?.recoat, worn].map(
              (r) => `${r?.soonest.value.toFixed(3)} ${r?.latest.value.toFixed(3)}`,
            ),
          ];
        })
        .join('\n');
    },
  },
];

const area: Figure = {
  ...{ label: 'area', value: 50, quantity: 'area', formula: '{a}', from: 'a case' },
  inputs: { a: given('area', 50, 'area', 'measured') },
};
const sunnyYear: WeatherSeries = {
  ...{
    id: 'year',
    kind: 'climate',
    source: 'x',
    simulated: true,
    issuedAt: at(-10),
    startAt: at(-10),
    hours: 8760,
  },
  columns: {
    airC: Array.from({ length: 8760 }, () => 15),
    sunWPerM2: Array.from({ length: 8760 }, () => 150),
  },
};

/** Its second coat: read on two bays, far apart. */
function hallOfDemo() {
  const job = velmora(new Date(DEMO_ANCHOR));
  const zone = job.survey.zones.find((z) => z.id === 'hall');
  const q = zone && zoneQuantities(zone);
  const buildUp = buildUpOfZone(job.buildUp, 'hall');
  const coat = buildUp?.layers.filter(isCoat).find((c) => c.id === 'second');
  if (!q?.ok || !buildUp || !coat) throw new Error('the hall of the demo');
  const state = jobState(inputsOf(job, Date.parse(DEMO_ANCHOR)));
  const laid = state.calls.map((c) => c.status).filter((s) => s.bay.zoneId === 'hall');
  const bays = laid.map((b) => ({ ...b, laid: ['H1', 'H3'].includes(b.bay.label) ? b.laid : [] }));
  // As if the coat of H1 lay on the bay beside it too.
  return {
    ...{ buildUp, coat, q: q.value },
    bays: bays.map((b) => (b.bay.label === 'H2' ? { ...b, laid: noReadings(bays[0]?.laid ?? []) } : b)),
  };
}
const noReadings = (laid: BayStatus['laid']): BayStatus['laid'] =>
  laid.map((l) => ({ ...l, entry: { ...l.entry, lastWetMm: [], places: [] } }));

const edged = (ring: [number, number][]): Zone => ({
  ...pointsZone(ring),
  id: 'z',
  sides: ring.map(() => ({ edge: { ...edgeOf('upstand'), termination: 'bar' } as never, riseM: 0 })),
});
const openEnded = (coat: Coat): Coat => {
  const { overcoatUntil: _none, ...cure } = coat.cure;
  return { ...coat, cure, overcoatOpen: true };
};
