/** What those who live and work around a roof are told: when nobody may come on it, when it is loud, when it smells. */
import type { PlanAnswer, TaskShown } from '../planning/index.ts';
import { columns, heading, line, row, table, type Block, type Telling } from '../printout/index.ts';
import { dateOf } from './supplywords.ts';

export interface Notice {
  readonly zone: string;
  /** From the first work to the instant at which feet may come on again, as planned. */
  readonly fromMs: number;
  readonly untilMs: number;
  /** Days by the clocks of the job. */
  readonly loud: readonly string[];
  readonly smells: readonly string[];
  readonly hot: readonly string[];
}

const MS_PER_DAY = 86_400_000;

/** Days on which some of a roof's works are under way. */
function daysWith(
  tasks: readonly TaskShown[],
  days: PlanAnswer['days'],
  is: (t: TaskShown) => boolean,
): string[] {
  const own = tasks.filter(is);
  return days
    .filter((d) => d.off === undefined && own.some((t) => t.startMs < d.toMs && t.endMs > d.fromMs))
    .map((d) => d.date);
}

/** Roofs in the order in which they are begun. */
export const noticesOf = (answer: PlanAnswer): Notice[] =>
  answer.zones
    .flatMap(({ name }, zone): Notice[] => {
      const tasks = answer.tasks.filter((t) => t.zone === zone && t.kind !== 'accept');
      if (tasks.length === 0) return [];
      return [
        {
          zone: name,
          fromMs: Math.min(...tasks.map((t) => t.startMs)),
          untilMs: Math.max(...tasks.map((t) => t.feetMs ?? t.endMs)),
          loud: daysWith(tasks, answer.days, (t) => t.loud),
          smells: daysWith(tasks, answer.days, (t) => t.smells),
          hot: daysWith(tasks, answer.days, (t) => t.hot),
        },
      ];
    })
    .sort((a, b) => a.fromMs - b.fromMs);

/** Days that follow one another as one run: 3 Dec 2026 to 5 Dec 2026. */
export function dayRuns(dates: readonly string[], day: (date: string) => string): string {
  const runs: [string, string][] = [];
  for (const date of dates) {
    const last = runs.at(-1);
    if (last && Date.parse(date) - Date.parse(last[1]) <= MS_PER_DAY) last[1] = date;
    else runs.push([date, date]);
  }
  return runs.map(([a, b]) => (a === b ? day(a) : `${day(a)} to ${day(b)}`)).join(', ');
}

/** A notice to hang up or to send, as planned today. */
export function noticeBlocks(answer: PlanAnswer, timeZone: string, t: Telling): Block[] {
  const notices = noticesOf(answer);
  const none = t.w('none planned');
  return [
    heading(1, t.w('Work on the roofs')),
    line(t.w('Please keep off the roofs, terraces and decks named here between these days.')),
    table(
      columns('Roof|24', 'Nobody comes on it|24', 'Loud|18', 'Smells|18', 'Flame or kettle|16'),
      notices.map((n) =>
        row([
          n.zone,
          `${t.day(dateOf(n.fromMs, timeZone))} ${t.w('until')} ${t.timeMs(n.untilMs)}`,
          dayRuns(n.loud, t.day) || none,
          dayRuns(n.smells, t.day) || none,
          dayRuns(n.hot, t.day) || none,
        ]),
      ),
    ),
    line(
      t.w(
        'The days go by the weather: they may change, and are told anew when they do. Close windows and air intakes near the work on days on which it smells.',
      ),
      'mind',
    ),
  ];
}
