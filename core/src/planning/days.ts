/** The days of a plan: their weather, and how much of their hours is used. */
import { MS_PER_MINUTE } from '../units/index.ts';
import type { Plan } from './model.ts';
import type { JobPlanned } from './jobplanned.ts';
import { daysOf, minuteAt } from './shifts.ts';

export interface DayShown {
  readonly date: string;
  readonly fromMs: number;
  readonly toMs: number;
  /** Nobody works. */
  readonly off: string | undefined;
  /** The weather goes by a forecast; else days like those known stand for it. */
  readonly isForecast: boolean;
  /** Of each hour of it: air °C and rain mm; NaN is not sent. */
  readonly airC: readonly (number | null)[];
  readonly rainMm: readonly (number | null)[];
  /** Minutes that crews work on it, and how many there are. */
  readonly usedMin: number;
  readonly thereMin: number;
}

export function daysShown(planned: JobPlanned, plan: Plan): DayShown[] {
  const { frame, startMs, doc, air } = planned;
  const at = (m: number): number => startMs + m * MS_PER_MINUTE;
  return daysOf(frame).flatMap(({ date, midnight }): DayShown[] => {
    const from = minuteAt(frame, midnight, doc.hours.from);
    const to = minuteAt(frame, midnight, doc.hours.to);
    if (to <= 0 || from >= frame.endMin) return [];
    const crews = planned.crews.filter((c) => !c.inspects);
    const shifts = crews.flatMap((c) => c.shifts.filter((s) => s.date === date));
    const off = doc.off.find((o) => o.on === date)?.says ?? (shifts.length === 0 ? '' : undefined);
    const hours = Array.from(
      { length: Math.max(0, Math.ceil((to - from) / 60)) },
      (_, k) => Math.floor(from / 60) + k,
    );
    const of = (column: Float64Array): (number | null)[] =>
      hours.map((h) => {
        const v = column[h] ?? NaN;
        return Number.isNaN(v) ? null : v;
      });
    const used = plan.placed.reduce((n, p) => {
      if (!p || planned.crews[p.crew]?.inspects) return n;
      const own = shifts.length > 0 ? Math.max(0, Math.min(p.end, to) - Math.max(p.start, from)) : 0;
      return n + own;
    }, 0);
    return [
      {
        ...{ date, fromMs: at(from), toMs: at(to), off },
        isForecast: from < planned.knownMin,
        ...{ airC: of(air.airC), rainMm: of(air.rainMm) },
        usedMin: used,
        thereMin: shifts.reduce((n, s) => n + s.parts.reduce((m, p) => m + p.to - p.from, 0), 0),
      },
    ];
  });
}
