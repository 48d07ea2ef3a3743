/** The ways that the weather may go, as the planner looks at them. */
import { jobWeather } from '../call/index.ts';
import { seeded } from '../keeping/index.ts';
import { BACK_DAYS, BEYOND_DAYS, factsOf, type JobPlanned, type PlanTerms } from './jobplanned.ts';
import type { Outlook } from './model.ts';
import { outlookOf } from './outlook.ts';

/** The weather in each way that the newest forecast may go, with days drawn beyond it; none where it has no ways. */
export function* waysOf(terms: PlanTerms, planned: JobPlanned): Generator<Outlook> {
  const facts = factsOf(terms);
  const forecast = facts.series
    .filter((s) => s.kind === 'forecast' && s.members && s.members.length > 0)
    .sort((a, b) => Date.parse(b.issuedAt) - Date.parse(a.issuedAt))[0];
  const { exposed, startMs, practice } = planned;
  for (let member = 0; member < (forecast?.members?.length ?? 0); member += 1) {
    const weather = jobWeather(
      { ...facts, member, beyond: { days: BEYOND_DAYS, chance: seeded(member + 1) } },
      BACK_DAYS,
    );
    if (weather) yield outlookOf({ exposed, weather, startMs, hours: planned.endMin / 60, practice });
  }
}
