/** The hours of a crew, looked up: where work of a length fits, and when work that goes on over breaks and nights is done. */
import { onStep, STEP_MIN, type Planned, type Task } from './model.ts';
import { withoutSpans, type Shift } from './shifts.ts';

/** No room. */
export const NONE = -1;

export class CrewTime {
  /** For each step the first shift that ends after it. */
  private readonly shiftAt: Int16Array;
  private readonly longest: readonly number[];
  private readonly shifts: readonly Shift[];

  constructor(shifts: readonly Shift[], endMin: number) {
    this.shifts = shifts;
    this.longest = shifts.map((s) => Math.max(...s.parts.map((p) => p.to - p.from)));
    const slots = Math.ceil(endMin / STEP_MIN) + 1;
    this.shiftAt = new Int16Array(slots).fill(shifts.length);
    let s = 0;
    for (let q = 0; q < slots; q += 1) {
      while (s < shifts.length && (shifts[s]?.to ?? 0) <= q * STEP_MIN) s += 1;
      this.shiftAt[q] = s;
    }
  }

  /**
   * The first start from a minute on at which so many minutes fit. What is longer than half a day is gone on with over the
   * break, in turns.
   * @param head after the start of a day, @param tail before its end
   */
  fits(from: number, minutes: number, head: number, tail: number): number {
    const { shifts } = this;
    for (let s = this.shiftAt[Math.floor(from / STEP_MIN)] ?? shifts.length; s < shifts.length; s += 1) {
      const shift = shifts[s];
      if (!shift) continue;
      const open = Math.max(from, shift.from + head);
      const shut = shift.to - tail;
      if (minutes > (this.longest[s] ?? 0)) {
        const start = onStep(open);
        if (start + minutes <= shut) return start;
        continue;
      }
      for (const p of shift.parts) {
        const start = onStep(Math.max(p.from, open));
        if (start + minutes <= Math.min(p.to, shut)) return start;
      }
    }
    return NONE;
  }

  /** The first minute of work on a step from a minute on. */
  begins(from: number): number {
    const { shifts } = this;
    for (let s = this.shiftAt[Math.floor(from / STEP_MIN)] ?? shifts.length; s < shifts.length; s += 1)
      for (const p of shifts[s]?.parts ?? []) {
        const start = onStep(Math.max(p.from, from));
        if (start < p.to) return start;
      }
    return NONE;
  }

  /** When so many minutes of work are done that go on over breaks and nights. */
  doneAt(start: number, minutes: number): number {
    const { shifts } = this;
    let left = minutes;
    for (let s = this.shiftAt[Math.floor(start / STEP_MIN)] ?? shifts.length; s < shifts.length; s += 1)
      for (const p of shifts[s]?.parts ?? []) {
        const from = Math.max(p.from, start);
        if (from >= p.to) continue;
        if (left <= p.to - from) return from + left;
        left -= p.to - from;
      }
    return NONE;
  }
}

/** The hours of all crews of a plan, less the spans in which a work is not gone on with. */
export class CrewTimes {
  private readonly plain: readonly CrewTime[];
  private readonly cut: readonly (readonly CrewTime[])[];

  constructor({ crews, endMin, closures }: Pick<Planned, 'crews' | 'endMin' | 'closures'>) {
    this.plain = crews.map((c) => new CrewTime(c.shifts, endMin));
    this.cut = (closures ?? []).map((spans) =>
      crews.map((c) => new CrewTime(withoutSpans(c.shifts, spans), endMin)),
    );
  }

  of(crew: number, { closure }: Pick<Task, 'closure'>): CrewTime | undefined {
    return (closure === undefined ? this.plain : this.cut[closure])?.[crew];
  }
}
