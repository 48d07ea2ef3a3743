/** What closes and opens as events of a calendar: one for each coat and bay, with one alarm for those that come together. */
import { MS_PER_MINUTE } from '../units/index.ts';
import { together, type Deadline } from './deadlines.ts';

export interface ClosingEvent {
  /** The same while it is the same coat on the same bay of the same job, whenever it is. */
  readonly uid: string;
  readonly startMs: number;
  readonly endMs: number;
  readonly title: string;
  readonly text: string;
  /** Rung once for all that come in the same minute: so long before, and what it says. */
  readonly alarm: { readonly beforeS: number; readonly says: string } | undefined;
}

const LASTS_MS = 15 * MS_PER_MINUTE;
const BEFORE_S = 3600;

export function closingEvents(jobId: string, deadlines: readonly Deadline[]): ClosingEvent[] {
  // The alarm of a group rings at the first of its bays.
  const alarms = new Map(together(deadlines).map((g) => [g.key.split('+')[0], g.title]));
  return deadlines.map((d) => {
    const says = alarms.get(d.key);
    return {
      uid: [jobId, d.bayId, d.kind, ...(d.layerId === undefined ? [] : [d.layerId])].join('-') + '@lentum',
      startMs: d.atMs,
      endMs: d.atMs + LASTS_MS,
      title: d.title,
      text: d.text,
      alarm: says === undefined ? undefined : { beforeS: BEFORE_S, says },
    };
  });
}
