/** Hours of persons that a plan takes. */
import { given, type Figure } from '../figures/index.ts';
import { MINUTES_PER_HOUR } from '../units/index.ts';
import type { Plan } from './model.ts';
import type { JobPlanned } from './jobplanned.ts';
import { workedMin } from './score.ts';

export function personHoursOf(planned: JobPlanned, plan: Plan): Figure {
  const crewHours = planned.crewsOf.map((_, i) => crewMinOf(planned, plan, i) / MINUTES_PER_HOUR);
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
