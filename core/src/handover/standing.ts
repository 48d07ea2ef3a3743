/**
 * A job after its roofs were handed over: it sleeps until the next date of its upkeep, and wakes when one is due, when
 * one was missed, or while something is still to be put right.
 */
import { snagsOf, type ProvingDoc } from '../proving/index.ts';
import type { JobState } from '../state/index.ts';
import { keptOf, type UpkeepDate } from '../upkeep/index.ts';
import { keptAfter } from './keptafter.ts';

export interface RoofDate {
  readonly zoneId: string;
  readonly zoneName: string;
  readonly date: UpkeepDate;
}
export interface JobStanding {
  /** Roofs that are handed over, of those that are cut into bays. */
  readonly handedOver: number;
  readonly of: number;
  /** Of those handed over: what is late or due, the first one first. */
  readonly due: readonly RoofDate[];
  /** What comes next, where nothing is due. */
  readonly next: RoofDate | undefined;
  readonly openSnags: number;
  /** Every roof is handed over, and nothing is due or open. */
  readonly sleeps: boolean;
}

export function jobStanding(state: JobState, timeZone: string, asked?: ProvingDoc): JobStanding {
  const { survey, site, book } = state.kept.inputs;
  const cut = survey.zones.filter((z) => site.bays.some((b) => b.zoneId === z.id));
  const over = cut.filter((z) => keptOf(book, z.id).handedOver);
  const dates = over
    .flatMap((z): RoofDate[] =>
      keptAfter(state, z.id, timeZone, asked).dates.map((date) => ({
        ...{ zoneId: z.id, zoneName: z.name, date },
      })),
    )
    .sort((a, b) => a.date.from - b.date.from);
  const due = dates.filter((d) => d.date.state === 'late' || d.date.state === 'due');
  const openSnags = over.flatMap((z) => snagsOf(book, z.id)).filter((s) => s.state !== 'accepted').length;
  return {
    ...{ handedOver: over.length, of: cut.length, due, openSnags },
    next: due.length > 0 ? undefined : dates.find((d) => d.date.state === 'to come'),
    sleeps: over.length > 0 && over.length === cut.length && due.length === 0 && openSnags === 0,
  };
}
