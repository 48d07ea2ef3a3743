/**
 * What is planned, as plain numbers: tasks, crews, bays, and the hours that they depend on. Minutes are counted from the
 * start of the frame; hours are those of the weather, the first of which begins with the frame.
 */
import type { Wash } from './rinsing.ts';
import type { Shift, Span } from './shifts.ts';

/** No answer within the hours that are known. */
export const BEYOND = -1;

/** When a work may begin: 1 in hours in which everything holds until it is safe. */
export interface Sky {
  readonly open: Uint8Array;
  /** For each hour the next one in which it is open; the number of hours where there is none. */
  readonly next: Int32Array;
  /** The bits of what fails, as the windows tell them. */
  readonly mask: Uint32Array;
}

/** What follows from a film that begins to cure in an hour: minutes at which each stage is reached, or BEYOND. */
export interface Cure {
  readonly from: Int32Array;
  /** Absent: it may be laid over for ever. */
  readonly until: Int32Array | undefined;
  /** When it may be walked on. */
  readonly walk: Int32Array;
  readonly foot: Int32Array;
  readonly wheels: Int32Array;
  readonly rainSafe: Int32Array;
  /** When water may stand on it; absent: as wheels. */
  readonly flood?: Int32Array | undefined;
}

/** `tend`: what is done to a film that has cured before it is gone on with, such as sweeping; `flood`: a test with water. */
export type TaskKind = 'prepare' | 'details' | 'layer' | 'tend' | 'accept' | 'flood';

export interface Link {
  readonly task: number;
  /** At least so many minutes after the end of the other. */
  readonly lagMin: number;
  /** What the other leaves behind cures first, and may close again. */
  readonly cures: boolean;
  /** It waits until water may stand on it, not until it may be laid over, and closes for nobody. */
  readonly flood?: true | undefined;
}

export interface Task {
  readonly index: number;
  /** The same as long as its bay and its layer are there. */
  readonly id: string;
  readonly kind: TaskKind;
  readonly name: string;
  readonly layerId: string | undefined;
  readonly zone: number;
  readonly bay: number;
  /** For each crew; 0 where it does not do such work. */
  readonly minutes: readonly number[];
  /** It may go on after a break and a night. */
  readonly parted: boolean;
  readonly after: readonly Link[];
  /** Not begun before. */
  readonly earliestMin: number;
  /** What lies below closes then. */
  readonly latestMin: number;
  /** After the start of a day, and before its end. */
  readonly headMin: number;
  readonly tailMin: number;
  readonly machine: number;
  /** The most minutes from the first work of a crew's day with its kettle to the end of the last; absent: as long as it takes. */
  readonly heldMin?: number | undefined;
  /** What lies below is rinsed first where it has lain open for days. */
  readonly wash?: Wash | undefined;
  /** Index of the spans in which it is not gone on with; absent: none. */
  readonly closure?: number | undefined;
  /** The work of its bay that opens an old roof: this one belongs to what closes it again on the same day. */
  readonly opened?: number | undefined;
  /** With it what was opened is closed: it is rain-safe before night. */
  readonly closer?: boolean | undefined;
  /** Its place in the dry order of the bays of its zone. */
  readonly order: number;
  /** What it costs to put right what was closed or spoiled, minutes and the unit of the plan's cost. */
  readonly remedyMin: number;
  /** On which crew, and from when, by hand. */
  readonly crew: number | undefined;
  readonly startMin: number | undefined;
}

/** The weather of all tasks, in one way that it may go. */
export interface Outlook {
  /** Hours that a start asks for, at least one; undefined: no weather harms it. */
  readonly sky: (task: number, hours: number) => Sky | undefined;
  readonly cure: (task: number) => Cure | undefined;
  /** 1 in hours with rain; absent where no roof is opened. */
  readonly rain?: Uint8Array | undefined;
}

export interface PlanCrew {
  readonly id: string;
  readonly name: string;
  readonly people: number;
  readonly shifts: readonly Shift[];
  /** Whoever comes to accept is no crew that is paid. */
  readonly inspects: boolean;
}

export interface PlanZone {
  readonly id: string;
  readonly name: string;
  readonly bays: readonly number[];
  /** The bay that people step on first; undefined: nobody said where. */
  readonly door: number | undefined;
  /** Some of it is laid and more is to come: it is shut already. */
  readonly begun?: boolean | undefined;
}

/** A bay, with those that one may step on to from it. */
export interface PlanBay {
  readonly id: string;
  readonly label: string;
  readonly zone: number;
  readonly beside: readonly number[];
  /** What lies there is wet until then. */
  readonly wetUntilMin: number;
}

export interface PlanDeadline {
  readonly id: string;
  readonly zone: number;
  readonly what: 'tight' | 'feet' | 'wheels' | 'done';
  readonly byMin: number;
  readonly costPerDay: number;
}

/** What counts how much, in minutes of a crew. */
export interface Weights {
  /** A task that does not fit in the hours that are known, by the minute. */
  readonly unplaced: number;
  /** A day late where nobody said what it costs; else what it costs, by the unit. */
  readonly lateDay: number;
  /** What is put right, by the minute, over the time that it takes. */
  readonly remedy: number;
  /** A minute of one person. */
  readonly person: number;
  /** The last work done, by the minute. */
  readonly finish: number;
  /** The last work on each bay, on average over the bays, by the minute: what is done early leaves room for what goes wrong. */
  readonly mean: number;
}

export interface Planned {
  /** Absent: the usual ones. */
  readonly weights?: Weights | undefined;
  readonly startMs: number;
  /** Up to when the weather is known. */
  readonly endMin: number;
  readonly tasks: readonly Task[];
  readonly crews: readonly PlanCrew[];
  readonly zones: readonly PlanZone[];
  readonly bays: readonly PlanBay[];
  readonly deadlines: readonly PlanDeadline[];
  /** How many of each machine there are. */
  readonly machines: readonly number[];
  /** Spans, in order, in which some works are not gone on with: other trades, hours without noise. */
  readonly closures?: readonly (readonly Span[])[] | undefined;
  /** Roofs of a group are not shut together: one is open for feet again before work begins on another. */
  readonly apart?: readonly (readonly number[])[] | undefined;
  /** Nights in minutes, for each day of work by its date: what was opened is rain-safe by then. */
  readonly nightMin?: ReadonlyMap<string, number> | undefined;
  readonly moveMin: number;
  readonly changeMin: number;
  readonly outlook: Outlook;
}

export interface Placed {
  readonly task: number;
  readonly crew: number;
  readonly start: number;
  readonly end: number;
  /** It is begun after what lies below has closed: that is put right first. */
  readonly late: boolean;
  /** What lies below has lain open too long and is rinsed first. */
  readonly rinsed?: true | undefined;
}

export interface Plan {
  /** By task; undefined: there is no room for it in the hours that are known. */
  readonly placed: readonly (Placed | undefined)[];
  readonly score: number;
}

/** Minutes of a task with the crew that is fastest at it; Infinity where none does it. */
export const fastest = (task: Task): number => Math.min(...task.minutes.filter((m) => m > 0));

/** Starts are planned on five minutes. */
export const STEP_MIN = 5;
export const onStep = (minute: number): number => Math.ceil(minute / STEP_MIN) * STEP_MIN;
/** The hour in which a film begins to cure that is laid by a minute. */
export const cureHour = (end: number): number => Math.ceil(end / 60);
/** The minute from which a link lets go on after a film that begins to cure in an hour; BEYOND where that is not known. */
export const opensAfter = (link: Link, cure: Cure, hour: number): number =>
  (link.flood ? (cure.flood ?? cure.wheels) : cure.from)[hour] ?? BEYOND;
/** The minute at which it closes again; BEYOND where it does not. */
export const closesAfter = (link: Link, cure: Cure, hour: number): number =>
  link.flood ? BEYOND : (cure.until?.[hour] ?? BEYOND);
export const hoursOf = (start: number, end: number): number =>
  Math.max(1, Math.ceil(end / 60) - Math.floor(start / 60));
