/** The courses of a job: every rolled layer of every zone laid, every material cut from its rolls. */
import { buildUpOfZone, type BuildUp, type BuildUpDoc } from '../buildup/index.ts';
import { Kept } from '../keeping/index.ts';
import { boardsOf, type BoardLayout } from './boards.ts';
import type { Zone, Zones } from '../survey/index.ts';
import type { ProgrammeSolver } from './columns.ts';
import type { Runner, Stick } from './fill.ts';
import { toZone } from './frame.ts';
import { layoutsOf, type LayerLayout } from './layout.ts';
import type { Rollable } from './layers.ts';
import { piecesOfAnswer, settle, type CutPiece, type Material, type Seat, type Settled } from './material.ts';
import { sideLapLines, type LapLine } from './obstacles.ts';
import type { CoursePiece, CoursesPlan, MaterialPlan } from './planned.ts';
import { reviewed } from './review.ts';
import type { CoursesDoc } from './schema.ts';
import { cutOut, cutRuns, QUICK, type Effort } from './solve.ts';
import type { CutAnswer, CutProblem } from './targets.ts';

/** What is in the store of a layer's material, as lengths. */
export type StockOf = (layer: Rollable, layout: LayerLayout) => readonly Stick[];

function keyOf({ rolled, buildUp }: LayerLayout): string {
  const { layer, widthM, sideLapM, endLapM, staggerM, sale } = rolled;
  const name = layer.product?.name;
  if (name === undefined) return `${buildUp.id}/${buildUp.revision}/${layer.id}`;
  return `${name.toLowerCase()}/${[widthM, sideLapM, endLapM, staggerM, ...sale.map((s) => s.lengthM)].join('/')}`;
}

function materialsOf(layouts: readonly LayerLayout[]): Material[] {
  const byKey = new Map<string, LayerLayout[]>();
  // What lies below is cut first, so that what lies over it keeps off its joints.
  for (const l of [...layouts].sort((a, b) => a.rolled.code.localeCompare(b.rolled.code))) {
    const key = keyOf(l);
    byKey.set(key, [...(byKey.get(key) ?? []), l]);
  }
  return [...byKey].flatMap(([key, list]): Material[] => {
    const [first] = list;
    if (!first) return [];
    const { layer, widthM, endLapM, staggerM, sale } = first.rolled;
    const name = layer.product?.name ?? layer.name;
    return [{ key, name, layer, buildUp: first.buildUp, widthM, endLapM, staggerM, sale, layouts: list }];
  });
}

/** Laps of the layer that lies below a layout: its side laps, and its end joints where they are cut already. */
function lapsBelow(
  layout: LayerLayout,
  all: readonly LayerLayout[],
  cut: readonly MaterialPlan[],
): LapLine[] {
  const below = all.find((l) => l.zone.id === layout.zone.id && l.rolled.layer.id === layout.rolled.over);
  if (!below) return [];
  const ends = cut.flatMap((m) =>
    m.pieces
      .filter((p) => p.zoneId === layout.zone.id && p.layerId === below.rolled.layer.id && p.lapLeft)
      .flatMap((p): LapLine[] => {
        const frame = below.planes.find((q) => q.index === p.plane)?.frame;
        if (!frame) return [];
        const u = p.fromM + below.rolled.endLapM / 2;
        return [
          {
            from: toZone(frame, [u, p.lowM]),
            to: toZone(frame, [u, p.lowM + p.widthM]),
            kind: 'end',
            lapM: below.rolled.endLapM,
            plane: p.plane,
          },
        ];
      }),
  );
  return [...below.planes.flatMap(sideLapLines), ...ends];
}

const laidOrder = (a: Seat, b: Seat, layouts: readonly LayerLayout[]): number =>
  layouts.indexOf(a.layout) - layouts.indexOf(b.layout) ||
  Number(a.cap?.under === false) - Number(b.cap?.under === false) ||
  a.plane - b.plane ||
  a.course - b.course;

function labelOf(seat: Seat, part: number, parts: number): string {
  const { zone, rolled, planes } = seat.layout;
  const head = `${zone.code}-${rolled.code}`;
  const plane = planes.length > 1 && seat.plane >= 0 ? `${seat.plane + 1}/` : '';
  if (seat.course < 0) return `${head}R${part + 1}`;
  return `${head}${plane}${seat.course + 1}${parts > 1 ? `.${part + 1}` : ''}`;
}

/** Pieces and rolls of an answer, in the order in which they are laid and cut. */
function assemble(
  material: Material,
  settled: Settled,
  answer: CutAnswer,
): Pick<MaterialPlan, 'pieces' | 'rolls'> {
  const cut = piecesOfAnswer(settled, answer).sort(
    (a, b) => laidOrder(a.seat, b.seat, material.layouts) || a.fromM - b.fromM,
  );
  // Rolls are numbered as they are first needed.
  const rollOf = new Map<number, number>();
  for (const p of cut) if (!rollOf.has(p.stick)) rollOf.set(p.stick, rollOf.size);
  const courseKey = (p: CutPiece): string =>
    `${material.layouts.indexOf(p.seat.layout)}/${p.seat.plane}/${p.seat.course}`;
  const inCourse = new Map<string, CutPiece[]>();
  for (const p of cut) inCourse.set(courseKey(p), [...(inCourse.get(courseKey(p)) ?? []), p]);
  const rolls = [...rollOf].map(([stick]) => ({
    stick,
    cuts: new Map<number, { atM: number; lengthM: number; labels: string[]; slit: boolean }>(),
    at: 0,
  }));
  const pieces = cut.map((p): CoursePiece => {
    const mates = inCourse.get(courseKey(p)) ?? [];
    const label = labelOf(p.seat, mates.indexOf(p), mates.length);
    const roll = rollOf.get(p.stick) ?? 0;
    const used = rolls[roll];
    const source = answer.pieces[p.cut];
    const lengthM = source ? source.toM - source.fromM : p.toM - p.fromM;
    let mine = used?.cuts.get(p.cut);
    if (used && !mine) {
      mine = { atM: used.at, lengthM, labels: [], slit: p.lane !== undefined };
      used.cuts.set(p.cut, mine);
      used.at += lengthM;
    }
    mine?.labels.push(label);
    const { run, cap } = p.seat;
    const touching = (at: number): boolean =>
      mates.some((m) => m !== p && m.fromM < at - 1e-9 && m.toM > at + 1e-9);
    return {
      label,
      zoneId: p.seat.layout.zone.id,
      layerId: p.seat.layout.rolled.layer.id,
      plane: p.seat.plane,
      course: p.seat.course,
      fromM: p.fromM,
      toM: p.toM,
      lowM: run?.lowM ?? 0,
      widthM: run?.widthM ?? cap?.widthM ?? material.widthM,
      half: p.seat.half,
      cap: cap !== undefined,
      roll,
      atM: (mine?.atM ?? 0) + p.inCutM,
      fixedBy: p.seat.fixedBy,
      bare: p.bare && material.layer.kind === 'sheet' && material.layer.edges === 'one bare',
      lapLeft: touching(p.fromM),
      lapRight: touching(p.toM),
    };
  });
  return {
    pieces,
    rolls: rolls.map(({ stick, cuts, at }) => ({
      lengthM: answer.sticks[stick]?.lengthM ?? 0,
      stockId: answer.sticks[stick]?.stockId,
      cuts: [...cuts.values()],
      leftM: (answer.sticks[stick]?.lengthM ?? 0) - at,
    })),
  };
}

const ANSWERS_KEPT = 200;
const answers = new Kept<{ answer: CutAnswer | undefined }>(ANSWERS_KEPT);

interface Terms {
  readonly doc: CoursesDoc;
  readonly effort: Effort;
  readonly stock: StockOf;
  readonly exact: ProgrammeSolver | undefined;
}

function* planMaterial(
  material: Material,
  all: readonly LayerLayout[],
  done: readonly MaterialPlan[],
  { doc, effort, stock, exact }: Terms,
): Generator<{ plan: MaterialPlan; share: number }, MaterialPlan> {
  const { rules } = doc;
  const sticks = [
    ...new Map(
      material.layouts.flatMap((l) => stock(material.layer, l)).map((s) => [`${s.stockId}/${s.lengthM}`, s]),
    ).values(),
  ];
  const below = (l: LayerLayout): LapLine[] => lapsBelow(l, all, done);
  const problems = material.layouts.flatMap((l) => l.problems);
  const longest = Math.max(...material.sale.map((s) => s.lengthM));
  const anyStart = material.layouts
    .flatMap((l) => [
      ...l.planes.map((p) => p.leastRollM),
      ...l.caps.map((c) => c.lengthM * (c.half ? 0.5 : 1)),
    ])
    .reduce((a, b) => a + b, 0);
  const stockM = sticks.reduce((sum, s) => sum + s.lengthM, 0);
  const planOf = (settled: Settled, answer: CutAnswer | undefined): MaterialPlan => {
    const made = answer ? assemble(material, settled, answer) : { pieces: [], rolls: [] };
    const plan: MaterialPlan = {
      key: material.key,
      name: material.name,
      material,
      ...made,
      bought: material.sale.map((s, i) => ({ ...s, count: answer?.bought[i] ?? 0 })),
      answer,
      runM: settled.seats.reduce((sum, s) => sum + (s.toM - s.fromM) * (s.half ? 0.5 : 1), 0),
      stockM,
      leastAnyStart: Math.max(0, Math.ceil((anyStart - stockM) / longest - 1e-7)),
      problems,
    };
    return { ...plan, problems: [...problems, ...reviewed(plan, rules, below)] };
  };
  let settled = settle(material, rules, below, sticks);
  const run = function* (): Generator<{ plan: MaterialPlan; share: number }, CutAnswer | undefined> {
    const asked = JSON.stringify([settled.problem, effort, exact !== undefined]);
    const kept = answers.peek(asked);
    if (kept) return kept.answer;
    const steps = cutRuns(settled.problem, effort, 1, exact);
    for (;;) {
      const step = steps.next();
      if (step.done) {
        // Kept once it is whole: a search that is given up half-way leaves nothing behind.
        return answers.put(asked, { answer: step.value }).answer;
      }
      yield { plan: planOf(settled, step.value.answer), share: step.value.share };
    }
  };
  if (settled.seats.length === 0) return planOf(settled, undefined);
  let answer = yield* run();
  if (!answer) {
    // A run that cannot keep off the joints below by itself comes as near to them as it must; the review says which.
    const eased = easedRuns(material, settled, (map) =>
      settle(material, rules, below, sticks, material.staggerM, map),
    );
    if (eased) {
      settled = eased;
      answer = yield* run();
    }
  }
  // Joints cannot be kept apart as asked: they are laid as far apart as goes, and the review says where.
  for (const nearM of easing(material)) {
    if (answer) break;
    settled = settle(material, rules, below, sticks, nearM);
    answer = yield* run();
  }
  if (!answer) {
    const stuck = uncuttable(settled.problem);
    const which =
      stuck === undefined
        ? 'its runs together'
        : `a ${stuck.whole ? 'half width' : 'run'} of ${(stuck.toM - stuck.fromM).toFixed(2)} m`;
    problems.push({
      kind: 'order',
      field: 'courses',
      label: `${material.name}, cutting`,
      actual: `${which} cannot be cut from rolls of ${longest} m with the joints where they may lie`,
      expected: 'fewer places kept free of joints, or longer rolls: nothing of it is counted here',
    });
  }
  return planOf(settled, answer);
}

/** Whether no rolls give a run even by itself. */
function stuckAlone(problem: CutProblem, runner: Runner): boolean {
  const { weight: _, ...rest } = problem;
  return cutOut({ ...rest, stock: [], runners: [{ ...runner, near: [] }] }, QUICK) === undefined;
}

/** A run that no rolls give even by itself; undefined where only all of them together do not go. */
const uncuttable = (problem: CutProblem): Runner | undefined =>
  problem.runners.find((r) => stuckAlone(problem, r));

/** Staggers that are tried in turn where the one that is asked for does not go, down to the end lap. */
const EASED = [0.75, 0.5, 0.25] as const;
const easing = ({ staggerM, endLapM }: Material): number[] => [
  ...EASED.map((share) => share * staggerM).filter((m) => m > endLapM),
  ...(staggerM > endLapM ? [endLapM] : []),
];

/**
 * The same with just those runs eased that cannot be cut by themselves, each no more than it must.
 * @returns undefined where there is no such run, or easing does not help one
 */
function easedRuns(
  material: Material,
  strict: Settled,
  settled: (eased: ReadonlyMap<number, number>) => Settled,
): Settled | undefined {
  const eased = new Map<number, number>();
  let now = strict;
  for (const nearM of easing(material)) {
    const stuck = now.runnerSeats.filter((_, i) => {
      const runner = now.problem.runners[i];
      return runner !== undefined && stuckAlone(now.problem, runner);
    });
    if (stuck.length === 0) break;
    for (const seat of stuck) eased.set(seat, nearM);
    now = settled(eased);
  }
  return eased.size > 0 ? now : undefined;
}

interface ZoneLaid {
  readonly rolled: readonly LayerLayout[];
  readonly boards: readonly BoardLayout[];
}
const ZONES_KEPT = 200;
const zonesLaid = new Kept<ZoneLaid>(ZONES_KEPT);

/** Rolled layers and boards of every zone, laid but not cut; zones that have not changed stay as they were laid. */
function zonesOfJob(survey: Zones, doc: BuildUpDoc, courses: CoursesDoc): ZoneLaid[] {
  return survey.zones.flatMap((zone) => {
    const buildUp = buildUpOfZone(doc, zone.id);
    if (!buildUp) return [];
    const mine = { ...courses, plans: courses.plans.filter((p) => p.zoneId === zone.id) };
    const asked = JSON.stringify([zone, buildUp, mine]);
    return [
      zonesLaid.get(asked, () => {
        const [z, b, c] = JSON.parse(asked) as [Zone, BuildUp, CoursesDoc];
        return { rolled: layoutsOf(z, b, c), boards: boardsOf(z, b, c) };
      }),
    ];
  });
}

/**
 * Lays and cuts everything, better and better.
 * @returns plans as they get better; the last one holds the best that the effort finds
 */
export function* planCourses(
  survey: Zones,
  buildUps: BuildUpDoc,
  doc: CoursesDoc,
  effort: Effort,
  stock: StockOf = () => [],
  exact?: ProgrammeSolver,
): Generator<CoursesPlan, CoursesPlan> {
  const zones = zonesOfJob(survey, buildUps, doc);
  const all = zones.flatMap((z) => z.rolled);
  const boards = zones.flatMap((z) => z.boards);
  const materials = materialsOf(all);
  const done: MaterialPlan[] = [];
  for (const [i, material] of materials.entries()) {
    const steps = planMaterial(material, all, done, { doc, effort, stock, exact });
    for (;;) {
      const step = steps.next();
      if (step.done) {
        done.push(step.value);
        break;
      }
      const share = (i + step.value.share) / materials.length;
      yield { materials: [...done, step.value.plan], boards, share };
    }
  }
  return { materials: done, boards, share: 1 };
}

/** The last plan of a search. */
export function coursesOf(...terms: Parameters<typeof planCourses>): CoursesPlan {
  const steps = planCourses(...terms);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
