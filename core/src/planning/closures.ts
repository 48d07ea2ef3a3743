/** Spans in which works are not gone on with: hours that ask for quiet, and times at which a roof is not free. */
import { MS_PER_MINUTE } from '../units/index.ts';
import { isNight, type Place } from '../weather/index.ts';
import type { ProgrammeDoc } from './schema.ts';
import { daysOf, joinedSpans, minuteAt, type Frame, type Span } from './shifts.ts';

/** Before and after the loud hours of each day. */
function quietSpans(loud: NonNullable<ProgrammeDoc['loud']>, frame: Frame): Span[] {
  const days = daysOf(frame).map(({ midnight }) => ({
    from: minuteAt(frame, midnight, loud.from),
    to: minuteAt(frame, midnight, loud.to),
  }));
  const spans = days.map((d, i) => ({
    from: i === 0 ? Math.min(0, d.from) : (days[i - 1]?.to ?? 0),
    to: d.from,
  }));
  return [...spans, { from: days.at(-1)?.to ?? 0, to: frame.endMin }].filter((s) => s.to > s.from);
}

/** Gives each work its spans; works with the same ones share them. */
export class Closures {
  readonly spans: Span[][] = [];
  private readonly at = new Map<string, number | undefined>();
  private readonly doc: ProgrammeDoc;
  private readonly frame: Frame;

  constructor(doc: ProgrammeDoc, frame: Frame) {
    this.doc = doc;
    this.frame = frame;
  }

  /** @returns the index of its spans; undefined where nothing shuts it */
  of(zoneId: string, isLoud: boolean): number | undefined {
    const key = `${zoneId}/${isLoud}`;
    if (!this.at.has(key)) this.at.set(key, this.add(zoneId, isLoud));
    return this.at.get(key);
  }

  private add(zoneId: string, isLoud: boolean): number | undefined {
    const { doc, frame } = this;
    const minute = (at: string): number => Math.round((Date.parse(at) - frame.startMs) / MS_PER_MINUTE);
    const spans = joinedSpans([
      ...doc.taken.flatMap((t) => (t.zoneId === zoneId ? [{ from: minute(t.from), to: minute(t.to) }] : [])),
      ...(isLoud && doc.loud ? quietSpans(doc.loud, frame) : []),
    ]).filter((s) => s.to > 0 && s.from < frame.endMin);
    return spans.length > 0 ? this.spans.push(spans) - 1 : undefined;
  }
}

const QUARTER = 15;

/** For each day the minute at which night falls after noon, on quarters of an hour; none where the sun does not set. */
export function nightsOf(frame: Frame, place: Place): Map<string, number> {
  const nights = new Map<string, number>();
  for (const { date, midnight } of daysOf(frame)) {
    const noon = minuteAt(frame, midnight, '12:00');
    for (let m = noon; m < noon + 720; m += QUARTER)
      if (isNight(frame.startMs + m * MS_PER_MINUTE, place)) {
        nights.set(date, m);
        break;
      }
  }
  return nights;
}
