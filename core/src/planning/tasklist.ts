/** Works of bays and roofs as the planner's tasks, one after the other. */
import type { Practice } from '../practice/index.ts';
import { MS_PER_DAY, MS_PER_MINUTE } from '../units/index.ts';
import type { Closures } from './closures.ts';
import type { Flood } from './floods.ts';
import { STEP_MIN, type Task } from './model.ts';
import type { Exposed } from './outlook.ts';
import { pinOf } from './pinned.ts';
import type { Wash } from './rinsing.ts';
import type { Crew, Pin, ProgrammeDoc } from './schema.ts';
import { lastTasks } from './score.ts';
import type { Frame, Span } from './shifts.ts';
import type { Work } from './work.ts';
import { rinseMinPerM2 } from './worktimes.ts';

const MACHINES = ['sprayers', 'kettles'] as const;

export interface TaskTerms {
  readonly doc: ProgrammeDoc;
  readonly crews: readonly Crew[];
  readonly frame: Frame;
  readonly nowMin: number;
  readonly closures: Closures;
  readonly practice: Practice;
  /** Indexes by ids, and the place of a bay in the dry order of its zone. */
  readonly zoneAt: (zoneId: string) => number;
  readonly bayAt: (bayId: string) => number;
  readonly orderOf: (zoneId: string, bayId: string) => number;
}

export class TaskList {
  readonly tasks: Task[] = [];
  readonly works: Work[] = [];
  readonly exposed: (Exposed | undefined)[] = [];
  private readonly terms: TaskTerms;
  private readonly pins: ReadonlyMap<string, Pin>;

  constructor(terms: TaskTerms) {
    this.terms = terms;
    this.pins = new Map(terms.doc.pins.map((p) => [p.taskId, p]));
  }

  get closures(): readonly (readonly Span[])[] {
    return this.terms.closures.spans;
  }

  /** All works of a bay. @param comesMin when its material comes */
  addBay(works: readonly Work[], comesMin: number): void {
    const base = this.tasks.length;
    for (const work of works) {
      const after = work.after.map((a) => ({ task: base + a.at, lagMin: a.lagMin, cures: a.cures }));
      const isOpen = work.opening === 'closes' || work.opening === 'open';
      this.add(work, after, {
        notBefore: work.kind === 'layer' ? comesMin : 0,
        wash: work.rinse && this.washOf(work.rinse, base),
        ...(isOpen ? { opened: base, closer: work.opening === 'closes' } : {}),
      });
    }
  }

  /** A test of a whole roof, after the last works on all of its bays and what they leave. */
  addFlood(zone: number, { fill, read, lagMin }: Flood): void {
    const own = this.tasks.filter((t) => t.zone === zone);
    const top = new Map(own.filter((t) => t.kind === 'layer').map((t) => [t.bay, t]));
    const lasts = new Set([...top.values(), ...lastTasks({ tasks: own })]);
    const at = this.add(
      { ...fill, after: [] },
      [...lasts].map((t) => ({
        ...{ task: t.index, lagMin: 0, cures: t.kind === 'layer' },
        flood: true as const,
      })),
    );
    this.add({ ...read, after: [] }, [{ task: at, lagMin, cures: false }]);
  }

  private washOf({ at, sinceMs, areaM2 }: NonNullable<Work['rinse']>, base: number): Wash {
    const { doc, crews, frame, practice } = this.terms;
    const oneMin = rinseMinPerM2(doc.times.stepMin) * areaM2;
    return {
      task: at === undefined ? undefined : base + at,
      sinceMin: Math.floor((sinceMs - frame.startMs) / MS_PER_MINUTE),
      afterMin: practice.washAfterDays.value * (MS_PER_DAY / MS_PER_MINUTE),
      minutes: crews.map(
        (c) => Math.ceil((oneMin / c.people + practice.rinseDryMin.value) / STEP_MIN) * STEP_MIN,
      ),
    };
  }

  /** @returns the index of the task */
  private add(
    work: Work,
    after: Task['after'],
    { notBefore = 0, ...more }: { notBefore?: number } & Pick<Task, 'opened' | 'closer' | 'wash'> = {},
  ): number {
    const { doc, crews, frame, nowMin, closures, zoneAt, bayAt, orderOf } = this.terms;
    const { bay, kind } = work;
    const index = this.tasks.length;
    const from = (ms: number): number => Math.ceil((ms - frame.startMs) / MS_PER_MINUTE);
    const minutes = crews.map((c) =>
      kind === 'accept' || c.people <= 0 || !work.skills.every((s) => c.skills.includes(s))
        ? 0
        : Math.max(5, Math.ceil(work.minutes(c.people) / 5) * 5),
    );
    if (doc.inspector) minutes.push(kind === 'accept' ? work.minutes(1) : 0);
    this.tasks.push({
      ...{ index, id: work.id, kind, name: work.name, layerId: work.layer?.id },
      ...{ zone: zoneAt(bay.zoneId), bay: bayAt(bay.id), minutes, parted: work.parted, after },
      earliestMin: Math.max(nowMin, work.earliestMs === undefined ? 0 : from(work.earliestMs), notBefore),
      latestMin:
        work.latestMs === undefined ? Infinity : Math.floor((work.latestMs - frame.startMs) / MS_PER_MINUTE),
      ...{ headMin: work.headMin, tailMin: work.tailMin },
      machine: work.machine ? MACHINES.indexOf(work.machine) : -1,
      closure: closures.of(bay.zoneId, work.loud === true),
      order: orderOf(bay.zoneId, bay.id),
      remedyMin: Math.ceil(work.remedyMin / 5) * 5,
      heldMin: work.heldMin,
      ...more,
      ...pinOf(this.pins.get(work.id), crews, frame.startMs),
    });
    this.works.push(work);
    this.exposed.push(work.exposed);
    return index;
  }
}
