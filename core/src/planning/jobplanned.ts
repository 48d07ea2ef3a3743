/** What the planner is asked with, and a job as it takes it. */
import type { WeatherFacts } from '../call/index.ts';
import type { Part } from '../figures/index.ts';
import type { OrderDoc } from '../order/index.ts';
import type { Practice } from '../practice/index.ts';
import type { JobState } from '../state/index.ts';
import type { Zone } from '../survey/index.ts';
import type { Planned } from './model.ts';
import type { Exposed } from './outlook.ts';
import type { Crew, ProgrammeDoc, Skill } from './schema.ts';
import type { Frame } from './shifts.ts';
import type { LeftOut, Work } from './work.ts';

export interface PlanTerms {
  readonly state: JobState;
  readonly doc: ProgrammeDoc;
  readonly order: Pick<OrderDoc, 'deliveries'>;
  readonly timeZone: string;
  readonly nowMs: number;
}

/** What is planned, with what stands behind its numbers. */
export interface JobPlanned extends Planned {
  readonly works: readonly Work[];
  readonly exposed: readonly (Exposed | undefined)[];
  readonly leftOut: readonly LeftOut[];
  readonly frame: Frame;
  /** Up to when the forecast goes; after it days like those that are known are counted on. */
  readonly knownMin: number;
  /** The climate year that days after it are taken from; undefined: they are like those known. */
  readonly season: string | undefined;
  readonly practice: Practice;
  readonly doc: ProgrammeDoc;
  readonly zoneOf: (zoneId: string) => Zone | undefined;
  /** Of each hour of the frame. */
  readonly air: { readonly airC: Float64Array; readonly rainMm: Float64Array };
  /** In the order of the plan's crews; one that stands for the job's own where none is named. */
  readonly crewsOf: readonly Crew[];
  /** Zones in which nobody said where people come on: no way out is planned there. */
  readonly noAccess: readonly string[];
  readonly deliveries: OrderDoc['deliveries'];
  /** Flood tests that are asked for and not planned, by their zones. */
  readonly untested: readonly { readonly zone: string; readonly why: readonly Part[] }[];
}

const ALL_SKILLS: readonly Skill[] = ['torch', 'kettle', 'spray', 'catalysed'];

/** The crews that are named; else the one that the job's pace is planned with, which can do everything. */
export function crewsOf(doc: ProgrammeDoc, people: number): Crew[] {
  return doc.crews.length > 0
    ? doc.crews
    : [{ id: 'crew', name: 'Crew', people, names: [], skills: [...ALL_SKILLS], off: [], only: [] }];
}

/** The id of whoever comes to accept, among the crews. */
export const INSPECTOR = 'inspector';

/** Days planned beyond the forecast, and days before now that still dry and cure. */
export const BEYOND_DAYS = 11;
export const BACK_DAYS = 14;

export const factsOf = ({ state, nowMs }: PlanTerms): WeatherFacts => {
  const { survey, weather, series, book } = state.kept.inputs;
  return { doc: weather, series, survey, book, nowMs, practice: state.practice };
};
