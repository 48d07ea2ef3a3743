/**
 * Named cases of what a layer's numbers decide: verdicts, orders, times. Each gives a text of answers, amounts and instants
 * without the limits themselves, so that a number that only is printed changes none of them. `on the card` is apart: what
 * a tool is set to, which somebody reads and nothing computes with.
 */
import {
  batchOf,
  buildUpFindings,
  buildUpProblems,
  catalogue,
  costs,
  filmRangeOf,
  isCoat,
  leastOf,
  litresOf,
  mostOf,
  notchFilm,
  notchOf,
  safeEnd,
  STAGES,
  thicknessOf,
  totals,
  wetFilm,
  dryFilm,
  whenMissed,
  MISSABLE,
  type BuildUp,
  type Layer,
} from '@lentum/core/buildup';
import { remedyFor, type Call } from '@lentum/core/call';
import { measure, schedule } from '@lentum/core/choosing';
import { boardsOf, DEFAULT_COURSES, layoutsOf, QUICK, coursesOf, relaxOf } from '@lentum/core/courses';
import { courseSteps, detailSchedule } from '@lentum/core/details';
import { given, verdictText, type Figure } from '@lentum/core/figures';
import { areaOf } from '@lentum/core/geometry';
import { DEFAULT_ORDER, takeoff } from '@lentum/core/order';
import { stageTimes } from '@lentum/core/programme';
import { entryFlags } from '@lentum/core/record';
import { bayLines, kettleCard, mixCard, rolledInstead } from '@lentum/core/site';
import { SAID_EDGE_KINDS, edgeOf, type Zone } from '@lentum/core/survey';
import { showRanged } from '@lentum/core/units';
import { toolWords } from '@lentum/core/words';
import {
  at,
  callFor,
  coated,
  coatsOf,
  detailsMade,
  hours,
  HOUR,
  inputsFor,
  moisture,
  NOW,
  prepared,
  pulled,
  reading,
  stateFor,
  told,
  type GateJob,
  type Told,
} from '../support/gatejob.ts';
import { docFor, roof } from '../support/roofs.ts';
import { feature } from '../support/roof.ts';
import { corners, pointsZone, rect } from '../support/zones.ts';

export interface World {
  readonly buildUp: BuildUp;
  readonly layer: Layer;
}
export interface LimitCase {
  readonly name: string;
  /** Undefined where it says nothing of such a layer. */
  readonly of: (world: World) => string | undefined;
}

/** Pipes through a roof. */
const PIPES: Zone = pointsZone(corners(6, 5), { features: [feature('pipe-cluster', 2)] });

/** A roof with a side of every kind, and an opening. */
const SIDED: Zone = {
  ...roof(
    'z',
    [
      [0, 0],
      [10, 0],
      [10, 4],
      [8, 4],
      [8, 7],
      [3, 7],
      [3, 5],
      [2, 5],
      [2, 4],
      [0, 4],
    ],
    [rect('r', 4, 2, 1, 0.8)],
  ),
  sides: SAID_EDGE_KINDS.map((kind) => ({ edge: edgeOf(kind), riseM: 0 })),
};
const sum = (all: readonly number[]): number => all.reduce((a, b) => a + b, 0);

const area: Figure = {
  ...{ label: 'area', value: 10, quantity: 'area', formula: '{a}', from: 'a test' },
  inputs: { a: given('a', 10, 'area', 'measured') },
};
const n = (v: number | undefined): string => (v === undefined ? '–' : String(Number(v.toPrecision(9))));
const answers = ({ kind, status, gates, laying, fromMs, toMs, remedy, deadlineMs }: Call): string =>
  [
    ...[kind, status.state, status.next?.id ?? '', n(status.opensMs), n(status.closesMs)],
    ...[
      n(status.workableUntilMs),
      n(status.cured),
      n(status.soonestMs),
      n(laying?.value),
      n(fromMs),
      n(toMs),
      n(deadlineMs),
    ],
    ...gates.map((g) => `${g.key}:${g.answer}:${n(g.opensAtMs)}`),
    ...(remedy?.takes.map((t) => n(t.amount.value)) ?? []),
  ].join(' ');

const ground = (hoursAgo: number): Told[] => [
  moisture(4, hoursAgo + 1),
  pulled(hoursAgo + 1),
  prepared(hoursAgo),
];
/** What lies below a coat, laid a day apart, and a reading of now. */
function below({ buildUp, layer }: World, more: Told[] = []): Told[] {
  const coats = coatsOf(buildUp);
  const i = coats.findIndex((c) => c.id === layer.id);
  const before = i < 0 ? coats : coats.slice(0, i);
  return [
    ...(before.length === 0 ? [moisture(4, 2), pulled(), prepared(3)] : ground(before.length * 24 + 20)),
    detailsMade(before.length * 24 + 1),
    ...before.map((c, k) => coated(buildUp, c.id, (before.length - k) * 24)),
    prepared(1, { steps: ['fibres', 'rewash'], complete: false }),
    reading(),
    ...more,
  ];
}
const upTo = (world: World, hoursAgo: number, times = 1.02, more: Told[] = []): Told[] => {
  const coats = coatsOf(world.buildUp);
  const i = coats.findIndex((c) => c.id === world.layer.id);
  return [
    ...ground(i * 24 + hoursAgo + 30),
    detailsMade(i * 24 + hoursAgo + 1),
    ...coats.slice(0, i).map((c, k) => coated(world.buildUp, c.id, (i - k) * 24 + hoursAgo)),
    coated(world.buildUp, world.layer.id, hoursAgo, times),
    reading(),
    ...more,
  ];
};
const job = (world: World, entries: Told[], more: Partial<GateJob> = {}): string =>
  answers(callFor({ buildUp: world.buildUp, entries, ...more }));
const onlyCoat =
  (of: (world: World) => string): LimitCase['of'] =>
  (w) =>
    isCoat(w.layer) ? of(w) : undefined;

const zone = roof('z', corners(16, 9), [], [0, 0.02]);
const small = roof('z', corners(5, 3), [], [0, 0.02]);
const docOf = (buildUp: BuildUp, conditions: ('rough' | 'slope')[] = []) => ({
  buildUps: [buildUp],
  zones: [{ zoneId: 'z', buildUpId: buildUp.id, revision: buildUp.revision, conditions, choices: {} }],
});
const PACE = { areaM2: 100, tempC: 20, humidityPct: 50, crews: 1, hoursPerDay: 8 };

export const LAYER_CASES: readonly LimitCase[] = [
  {
    name: 'films, weights and costs',
    of: ({ buildUp, layer }) => {
      const { membraneDry, dry, thickness, weight } = totals(buildUp);
      return [
        ...[membraneDry, dry, thickness, weight, costs(buildUp).perM2, thicknessOf(layer)].map((f) =>
          n(f?.value),
        ),
        ...(isCoat(layer)
          ? [
              ...[wetFilm(layer), dryFilm(layer), mostOf(layer).film, leastOf(layer)].map((f) => n(f?.value)),
              ...[filmRangeOf(layer)?.from, filmRangeOf(layer)?.to, rolledInstead(layer)?.passes].map((f) =>
                n(f?.value),
              ),
              ...layer.containers.map((c) => n(litresOf(layer, c.basis, c.net))),
              n(batchOf(layer, given('batch', 10, 'mass', 'chosen'))?.volume.value),
            ]
          : []),
      ].join(' ');
    },
  },
  {
    name: 'findings of the build-up',
    of: ({ buildUp }) =>
      [
        ...buildUpFindings(buildUp).map((f) => `${f.outcome} ${f.rule} ${f.subject}`),
        ...buildUpProblems(buildUp).map((p) => p.field),
      ].join(';'),
  },
  {
    name: 'notch of the trowel',
    of: onlyCoat(({ layer }) => {
      const tool = isCoat(layer) ? notchOf(layer) : undefined;
      return n(tool && notchFilm(tool).value);
    }),
  },
  {
    name: 'the order',
    of: ({ buildUp }) => {
      const told = (conditions: ('rough' | 'slope')[]): string =>
        takeoff({ zones: [zone] }, docOf(buildUp, conditions), {
          ...DEFAULT_ORDER,
        })
          .lines.map(
            (l) =>
              `${l.item.key} ${n(l.need.value)} ${JSON.stringify(l.buy.picks.map((p) => [p.count, p.container.name])) + n(l.price?.value) + n(l.mass?.value) + l.problems.map((q) => q.field).join()}`,
          )
          .join(';');
      return `${told([])}|${told(['rough'])}`;
    },
  },
  {
    name: 'courses, boards and rolls',
    of: ({ buildUp, layer }) => {
      if (layer.kind !== 'fabric' && layer.kind !== 'sheet' && layer.kind !== 'protection') return undefined;
      return [zone, small]
        .map((z) => {
          const doc = docOf(buildUp);
          const plan = coursesOf({ zones: [z] }, doc, DEFAULT_COURSES, QUICK);
          const dear = { ...DEFAULT_ORDER, aim: 'least cost' as const };
          return JSON.stringify([
            plan.materials.map((m) => [
              ...[m.key, m.bought.map((b) => b.count), n(m.runM)],
              m.pieces.map((p) => [p.label, n(p.fromM), n(p.toM)]),
              m.material.layouts.map((l) => relaxOf(l)?.value),
            ]),
            takeoff({ zones: [z] }, doc, dear, { courses: plan }).lines.map((l) => [
              ...[l.item.key, n(l.need.value), n(l.price?.value)],
              l.buy.picks.map((p) => [p.count, p.container.name]),
            ]),
          ]);
        })
        .join('|');
    },
  },
  {
    name: 'how far courses and boards reach over every kind of side, and off an opening',
    of: ({ buildUp }) =>
      [
        ...layoutsOf(SIDED, buildUp, DEFAULT_COURSES).map((l) => n(sum(l.planes.map((p) => areaOf(p.area))))),
        ...boardsOf(SIDED, buildUp, DEFAULT_COURSES).map((b) => n(sum(b.planes.map((p) => areaOf(p.area))))),
      ].join(' '),
  },
  {
    name: 'nails at the heads of courses up a slope',
    of: ({ buildUp }) => {
      const steep = { ...roof('z', corners(10, 6), [], [0, 0.4]), sides: SIDED.sides.slice(0, 4) };
      const found = takeoff({ zones: [steep] }, docFor([steep], buildUp), DEFAULT_ORDER).lines.find(
        (l) => l.item.name === 'Nails for heads of courses',
      );
      return n(found?.net.value);
    },
  },
  {
    name: 'how the courses of a sheet are laid',
    of: ({ layer }) =>
      layer.kind === 'sheet'
        ? courseSteps(layer)
            .map((line) => verdictText(line, 'metric', String))
            .join(' ')
        : undefined,
  },
  {
    name: 'details and their material',
    of: ({ buildUp }) => {
      const { zones } = detailSchedule({ zones: [zone] }, docOf(buildUp));
      return JSON.stringify(
        zones.flatMap((z) => z.work.map((d) => [d.pieces.length, d.materials.map((m) => n(m.amount.value))])),
      );
    },
  },
  {
    name: 'pockets, by how the roof falls',
    of: ({ buildUp }) => {
      if (!buildUp.layers.some((l) => l.kind === 'pieces')) return undefined;
      const field = catalogue()[0]!;
      return JSON.stringify(
        Array.from({ length: 80 }, (_, i) => {
          const job: Parameters<typeof detailSchedule> = [
            { zones: [{ ...PIPES, fallPct: i / 4 }] },
            {
              buildUps: [field, buildUp],
              zones: [
                {
                  zoneId: PIPES.id,
                  buildUpId: field.id,
                  revision: field.revision,
                  conditions: [],
                  choices: {},
                },
              ],
            },
          ];
          const filled = detailSchedule(...job)
            .zones.flatMap((z) => z.work.filter((w) => w.detail.kind === 'pipe-cluster'))
            .map((w) => w.materials.map((m) => [m.name, n(m.amount.value)]));
          if (i > 0) return filled;
          const { lines } = takeoff(...job, DEFAULT_ORDER);
          return [filled, lines.map((l) => [l.item.key, n(l.price?.value), n(l.mass?.value)])];
        }),
      );
    },
  },
  {
    name: 'the mix for now',
    of: onlyCoat(({ layer }) => {
      if (!isCoat(layer)) return '';
      return [
        [8, 0],
        [12, 25],
        [18, 10],
        [24, 0],
      ]
        .map(([tempC = 0, slopePct = 0]) => {
          const card = mixCard(layer, { ...readAt(tempC), slopePct, areaLeftM2: 200, people: 2 });
          if (!card.ok) return 'no';
          const { batch, parts, catalyst, thickener, thinner, volume, covers, potLife, kit, limits } =
            card.value;
          return [
            ...[batch, volume, covers, potLife].map((f) => n(f.value)),
            ...parts.flatMap((p) => [n(p.mass.value), n(p.volume.value)]),
            ...[catalyst?.mass, thickener?.mass, thinner?.volume, kit?.share].map((f) => n(f?.value)),
            ...limits.map((l) => n(l.mass.value)),
            ...card.value.steps.map((s) => n(s.minutes?.value)),
          ].join(' ');
        })
        .join('|');
    }),
  },
  {
    name: 'the charge of the kettle',
    of: onlyCoat(({ layer }) => {
      const card = isCoat(layer) ? kettleCard(layer, 200) : undefined;
      return card?.ok
        ? JSON.stringify(card.value, (k, v: unknown) => (k === 'inputs' || k === 'formula' ? undefined : v))
        : 'no';
    }),
  },
  {
    name: 'what goes with it on a bay',
    of: onlyCoat(({ buildUp, layer }) =>
      isCoat(layer)
        ? [0, 8, 30]
            .flatMap((slopePct) =>
              bayLines(layer, buildUp, area, { slopePct, surfaceC: 18, crackMm: 1 }).map((l) =>
                n(l.figure.value),
              ),
            )
            .join(' ')
        : '',
    ),
  },
  { name: 'the next layer in mild weather', of: (w) => job(w, below(w)) },
  {
    name: 'the next layer on a falling surface after rain',
    of: (w) =>
      job(w, below(w), {
        series: [hours((h) => (h === -8 ? { rainMm: 2 } : h >= -3 ? { surfaceC: 7 - 0.2 * h } : {}))],
        substrate: 'metal',
      }),
  },
  {
    name: 'the next layer before a cold night',
    of: (w) => job(w, below(w), { series: [hours((h) => (h > 0 ? { surfaceC: 8, airC: 8 } : {}))] }),
  },
  ...(['by hand', 'sprayed'] as const).map((method): LimitCase => ({
    name: `the next layer in wind, ${method}`,
    of: (w) =>
      job(
        w,
        below(w).map((e) => (e.kind === 'conditions' ? reading(0.1, { windMPerS: 6 }) : e)),
        {
          crew: { method },
          series: [hours(() => ({ windMPerS: 6 }))],
        },
      ),
  })),
  {
    name: 'hot, and the probe of its film',
    of: onlyCoat((w) =>
      isCoat(w.layer) && w.layer.kettle
        ? [165, 180, 200, 230]
            .map((kettleC) =>
              job(
                w,
                below(w, [
                  told(
                    'permit',
                    -1,
                    { step: 'opened', at: at(-1), number: '1', issuedBy: 'M', work: 'x', until: at(9) },
                    { zoneOnly: true },
                  ),
                  told(
                    'watch',
                    -1,
                    { step: 'opened', at: at(-1), watcher: 'I', until: at(9), extinguisher: true },
                    { zoneOnly: true },
                  ),
                  told(
                    'melt',
                    -0.1,
                    {
                      ...{
                        buildUpId: w.buildUp.id,
                        revision: 1,
                        layerId: w.layer.id,
                        charge: 1,
                        litAt: at(-6),
                      },
                      temperatures: [{ at: at(-0.1), kettleC, layingC: kettleC - 5 }],
                      ...{ blocks: 16, chargedKg: 288, drawnKg: 0, leftKg: 288, batch: 'K' },
                    } as never,
                    { zoneOnly: true },
                  ),
                ]),
              ),
            )
            .join('|')
        : '',
    ),
  },
  ...[0.3, 4, 9, 30, 60].map((h): LimitCase => ({
    name: `laid ${h} hours ago`,
    of: onlyCoat((w) => job(w, upTo(w, h))),
  })),
  {
    name: 'laid in dry and in humid air, warm and cool',
    of: onlyCoat((w) =>
      [35, 50, 65, 90]
        .flatMap((humidityPct) =>
          [8, 12, 15, 26].map((surfaceC) => ({ humidityPct, surfaceC, airC: surfaceC })),
        )
        .map((of) => job(w, upTo(w, 9), { series: [hours(() => of)] }))
        .join('|'),
    ),
  },
  ...[0.5, 0.75, 0.9, 1.2, 1.5, 2.2].map((times): LimitCase => ({
    name: `laid at ${times} times its design`,
    of: onlyCoat((w) => job(w, upTo(w, 20, times))),
  })),
  {
    name: 'a little short by what was used',
    of: onlyCoat((w) =>
      [0.93, 0.97]
        .map((times) =>
          job(
            w,
            upTo(w, 30, times).map((e) => e),
          ),
        )
        .join('|'),
    ),
  },
  {
    name: 'every stage of cure',
    of: onlyCoat((w) => {
      const { layer } = w;
      if (!isCoat(layer)) return '';
      return [10, 20, 28]
        .flatMap((surfaceC) => [40, 55].map((humidityPct) => ({ surfaceC, humidityPct })))
        .map((of) => {
          const state = stateFor({
            buildUp: w.buildUp,
            entries: below(w),
            series: [hours(() => ({ ...of, airC: of.surfaceC - 2 }))],
          });
          const climate = state.weather?.climate('hall', 'dark' as never, true);
          if (!climate) return 'no';
          return [0.8, 1.5]
            .flatMap((film) => stageTimes(layer, NOW - 200 * HOUR, film, climate, NOW))
            .map((t) => n(t.atMs))
            .join(' ');
        })
        .join('|');
    }),
  },
  {
    name: 'remedies of what was missed',
    of: ({ buildUp, layer }) => {
      if (!isCoat(layer) && layer.kind !== 'sheet') return undefined;
      const { site } = inputsFor({ buildUp });
      return MISSABLE.map((limit) =>
        JSON.stringify([
          isCoat(layer)
            ? remedyFor(buildUp, layer, site.bays[0]!, limit)?.takes.map((t) => n(t.amount.value))
            : '',
          whenMissed(layer, limit).steps.map((s) => [
            s.dwellMin?.value,
            s.dryH?.value,
            s.part?.value,
            s.rate?.value,
          ]),
        ]),
      ).join('|');
    },
  },
  {
    name: 'the pace of the job and its upkeep',
    of: ({ buildUp }) => {
      const plan = schedule(buildUp, PACE);
      const { buildUp: _same, ...rest } = measure(buildUp, PACE);
      return JSON.stringify(
        [plan, Object.values(rest).map((m) => (m && typeof m === 'object' && 'value' in m ? m.value : ''))],
        (k, v: unknown) =>
          k === 'inputs' || k === 'formula' || k === 'layer' || k === 'buildUp' ? undefined : v,
      );
    },
  },
  {
    name: 'a container that was opened long ago',
    of: (w) => {
      const { layer } = w;
      const entries = [
        told(
          'stock',
          -24 * 7,
          {
            step: 'opened',
            at: at(-24 * 7),
            item: 'x',
            name: 'X',
            count: 1,
            amount: 1,
            unit: 'kg',
            batch: 'A-1',
            paper: '',
          } as never,
          { zoneOnly: true },
        ),
        ...(isCoat(layer) ? upTo(w, 3) : laidFlat(w)),
      ];
      const inputs = inputsFor({ buildUp: w.buildUp, entries });
      return [...inputs.book.seen.values()]
        .flatMap((e) =>
          entryFlags(e, {
            buildUps: inputs.buildUps,
            site: inputs.site,
            book: inputs.book,
            say: { time: String, value: String },
          } as never),
        )
        .map((f) => f.rule)
        .join();
    },
  },
  {
    name: 'material that keeps for so long',
    of: ({ buildUp }) => {
      const doc = docOf(buildUp);
      const order = {
        ...DEFAULT_ORDER,
        deliveries: [{ id: 'd', date: '2026-01-10', name: 'd', zoneIds: ['z'] }],
      };
      return JSON.stringify(
        takeoff({ zones: [zone] }, doc, order as never).lines.map((l) => l.item.shelfLifeMonths?.value),
      );
    },
  },
];

/** A fabric, a sheet or aggregate as the record has it. */
function laidFlat(w: World): Told[] {
  const of = { buildUpId: w.buildUp.id, revision: w.buildUp.revision, layerId: w.layer.id };
  if (w.layer.kind === 'broadcast')
    return [
      told('broadcast', -3, {
        step: 'thrown',
        ...of,
        at: at(-3),
        method: 'to refusal',
        bags: 1,
        thrownKg: 25,
        batch: 'A-1',
      }),
    ];
  return [
    told('ply', -3, { ...of, startedAt: at(-3), finishedAt: at(-2), used: 1, batch: 'A-1', looked: true }),
  ];
}

/** Ranges as the sheet prints them: of a time, one end counts and the other is read. */
const rangesOf = (layer: Layer): string[] =>
  isCoat(layer)
    ? [
        ...STAGES.flatMap((s) =>
          (layer.cure[s]?.points ?? []).map((p) =>
            showRanged(
              { value: p.hours, ...(p.range ? { range: p.range } : {}) },
              'hours',
              safeEnd(s),
              'metric',
              3,
            ),
          ),
        ),
        ...layer.potLife.points.map((p) =>
          showRanged(
            { value: p.minutes, ...(p.range ? { range: p.range } : {}) },
            'minutes',
            'from',
            'metric',
            3,
          ),
        ),
      ]
    : [];

/** Surface and resin alike, read just now. */
const readAt = (tempC: number) => {
  const reading = { tempC, atMs: 0 };
  return { surface: reading, resin: reading, nowMs: 0 };
};

/** What a mix card says of stirring. */
function stirringOf(layer: Layer) {
  if (!isCoat(layer)) return [];
  const card = mixCard(layer, { ...readAt(18), slopePct: 0, areaLeftM2: 200, people: 2 });
  return card.ok ? card.value.steps.map((s) => s.says) : [];
}

/** What somebody reads off a card and nothing computes with. */
export const CARD_CASES: readonly LimitCase[] = [
  {
    name: 'on the card',
    of: ({ layer }) =>
      isCoat(layer) || layer.kind === 'sheet'
        ? [
            ...layer.tools.map((t) => toolWords(t, 'metric')),
            ...rangesOf(layer),
            ...stirringOf(layer).map((parts) => verdictText(parts, 'metric', String)),
          ].join(';')
        : undefined,
  },
];
