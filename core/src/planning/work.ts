/** What is to be done on a bay, before it is planned. */
import type { BuildUp, WorkLayer } from '../buildup/index.ts';
import type { Part } from '../figures/index.ts';
import type { Bay } from '../site/index.ts';
import type { JobState } from '../state/index.ts';
import type { TaskKind } from './model.ts';
import type { Exposed } from './outlook.ts';
import type { ProgrammeDoc, Skill } from './schema.ts';

/** One work on a bay, before it is set among the others. */
export interface Work {
  readonly id: string;
  readonly kind: TaskKind;
  readonly name: string;
  readonly bay: Bay;
  readonly buildUp: BuildUp;
  readonly layer: WorkLayer | undefined;
  /** Minutes with so many people; for steps and details by hand all share the work. */
  readonly minutes: (people: number) => number;
  readonly skills: readonly Skill[];
  readonly parted: boolean;
  /** Of its bay: places in the list of its works. */
  readonly after: readonly { readonly at: number; readonly lagMin: number; readonly cures: boolean }[];
  readonly exposed: Exposed | undefined;
  /** The cure of what lies there says from and until when. */
  readonly earliestMs: number | undefined;
  readonly latestMs: number | undefined;
  readonly remedyMin: number;
  readonly machine: 'sprayers' | 'kettles' | undefined;
  /** So long its kettle holds what it melted. */
  readonly heldMin?: number | undefined;
  /** What lies below, of its bay or there already, is rinsed first once it has lain open too long. */
  readonly rinse?:
    { readonly at: number | undefined; readonly sinceMs: number; readonly areaM2: number } | undefined;
  readonly headMin: number;
  readonly tailMin: number;
  /** What is done, for the day sheet. */
  readonly steps: readonly string[];
  /** It is heard far. */
  readonly loud?: boolean | undefined;
  /** It opens an old roof; belongs to what closes it again; closes it. */
  readonly opening?: 'opens' | 'open' | 'closes' | undefined;
}

/** A bay that is not planned, and why. */
export interface LeftOut {
  readonly bay: Bay;
  readonly why: readonly Part[];
}

export interface BayWorks {
  readonly bay: Bay;
  readonly works: readonly Work[];
  /** What lies there may be walked on then; undefined: it is dry, or nobody knows. */
  readonly wetUntilMs: number | undefined;
}

export interface WorkTerms {
  readonly state: JobState;
  readonly doc: ProgrammeDoc;
  readonly nowMs: number;
}
