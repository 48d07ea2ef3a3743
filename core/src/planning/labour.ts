/** Hours of persons that a plan takes, and what they cost. */
import { given, type Figure } from '../figures/index.ts';
import type { Plan } from './model.ts';
import type { JobPlanned } from './plan.ts';
import { workedMin } from './score.ts';

const HOURS_PER_MIN = 1 / 60;

export function personHoursOf(planned: JobPlanned, plan: Plan): Figure {
  const crewHours = planned.crewsOf.map((_, i) => crewMinOf(planned, plan, i) * HOURS_PER_MIN);
  return {
    label: 'Hours of persons',
    value: planned.crewsOf.reduce((n, c, i) => n + c.people * (crewHours[i] ?? 0), 0),
    quantity: 'hours',
    formula: planned.crewsOf.map((_, i) => `{hours${i + 1}} × {people${i + 1}}`).join(' + '),
    inputs: Object.fromEntries(
      planned.crewsOf.flatMap((c, i) => [
        [
          `hours${i + 1}`,
          given(
            c.name,
            crewHours[i] ?? 0,
            'hours',
            'assumed',
            'of each day from its first work to its last, breaks left out',
          ),
        ],
        [`people${i + 1}`, given(`${c.name}, people`, c.people, 'count', 'chosen')],
      ]),
    ),
    from: 'hours of each crew by its people',
  };
}

function crewMinOf(planned: JobPlanned, plan: Plan, crew: number): number {
  const own = plan.placed.flatMap((p) => (p?.crew === crew ? [p] : []));
  const at = planned.crews[crew];
  return at ? workedMin(at, own) : 0;
}

/** What the crews cost by their hours, people and rates; undefined where a crew that works has no rate. */
export function labourOf(planned: JobPlanned, plan: Plan): Figure | undefined {
  const lines = planned.crewsOf.map((crew, i) => ({
    crew,
    hours: crewMinOf(planned, plan, i) * HOURS_PER_MIN,
  }));
  const paid = lines.filter((l) => l.hours > 0);
  if (paid.length === 0 || paid.some((l) => !l.crew.ratePerH)) return undefined;
  return {
    label: 'What the crews cost',
    value: paid.reduce((n, l) => n + l.hours * l.crew.people * (l.crew.ratePerH?.value ?? 0), 0),
    quantity: 'number',
    formula: paid.map((_, i) => `{hours${i + 1}} × {people${i + 1}} × {rate${i + 1}}`).join(' + '),
    inputs: Object.fromEntries(
      paid.flatMap(({ crew, hours }, i) => [
        [`hours${i + 1}`, given(`${crew.name}, hours`, hours, 'hours', 'assumed')],
        [`people${i + 1}`, given(`${crew.name}, people`, crew.people, 'count', 'chosen')],
        [
          `rate${i + 1}`,
          given(
            `${crew.name}, rate`,
            crew.ratePerH?.value ?? 0,
            'number',
            crew.ratePerH?.source ?? 'assumed',
          ),
        ],
      ]),
    ),
    from: 'hours by people by what an hour costs',
  };
}
