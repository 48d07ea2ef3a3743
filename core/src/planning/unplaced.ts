/** Why a work found no room in a plan, as far as it can be told of it. */
import { given, type Given, type Part } from '../figures/index.ts';
import { CONDITIONS, failsIn, type Condition } from '../programme/index.ts';
import { MINUTES_PER_HOUR } from '../units/index.ts';
import { CONDITION_SHORT } from './conditionwords.ts';
import { fastest, type Plan, type Task } from './model.ts';
import type { JobPlanned } from './jobplanned.ts';
import { withoutSpans } from './shifts.ts';

/** Why a task found no room, as far as it can be told of itself. */
export function whyUnplaced(planned: JobPlanned, task: Task, plan: Plan): Part[] {
  const work = planned.works[task.index];
  const can = planned.crews.filter((c, i) => !c.inspects && (task.minutes[i] ?? 0) > 0);
  if (task.kind !== 'accept' && can.length === 0)
    return work && work.skills.length > 0
      ? [`no crew can: it asks for ${work.skills.map((s) => SKILL_WORDS[s]).join(' and ')}.`]
      : ['no crew is there for it.'];
  const longest = Math.max(
    0,
    ...planned.crews.flatMap((c, i) =>
      (task.minutes[i] ?? 0) > 0 ? c.shifts.map((s) => s.to - s.from - task.headMin - task.tailMin) : [],
    ),
  );
  const minutes = fastest(task);
  const { closure } = task;
  const isShut =
    closure !== undefined &&
    planned.crews.every(
      (c, i) =>
        (task.minutes[i] ?? 0) <= 0 || withoutSpans(c.shifts, planned.closures?.[closure] ?? []).length === 0,
    );
  if (longest > 0 && isShut)
    return ['the roof is taken, or it may not be loud, in all working hours of the days looked at.'];
  const asked = (label: string, min: number): Given =>
    given(label, min / MINUTES_PER_HOUR, 'hours', 'assumed');
  if (longest === 0) return ['nobody works on any day that is looked at.'];
  if (!task.parted && minutes > longest)
    return [
      'it takes ',
      { figure: asked('laying', minutes) },
      '; the longest day leaves ',
      { figure: asked('day', longest) },
      '. Smaller bays, more people or longer hours.',
    ];
  const before = task.after.find((l) => !plan.placed[l.task]);
  if (before)
    return [`what it follows, ${planned.tasks[before.task]?.name.toLowerCase() ?? ''}, found no room.`];
  const opens = work?.opening === 'opens';
  if (opens)
    return [
      'it cannot be opened and closed again with film that is rain-safe before rain and before night, on any day looked at. Smaller bays or more people.',
    ];
  const other = (planned.apart ?? [])
    .filter((g) => g.includes(task.zone))
    .flat()
    .find(
      (z) =>
        z !== task.zone &&
        planned.tasks.some((t) => t.zone === z && plan.placed[t.index]) &&
        planned.tasks.some((t) => t.zone === z && !plan.placed[t.index]),
    );
  if (other !== undefined)
    return [
      `${planned.zones[other]?.name ?? ''} is begun and not finished in the days looked at; the two are not shut together.`,
    ];
  const sky = planned.outlook.sky(task.index, 1);
  if (sky && !sky.open.includes(1)) {
    const worst = worstOf(sky.mask);
    return [`no hour looked at will do${worst ? `: most often ${CONDITION_SHORT[worst]}` : ''}.`];
  }
  return ['no room in the hours looked at: crew, weather and what closes do not come together.'];
}

function worstOf(mask: Uint32Array): Condition | undefined {
  const counts = CONDITIONS.map((c) => mask.reduce((n, m) => n + (failsIn(m, c) ? 1 : 0), 0));
  const most = Math.max(...counts);
  return most > 0 ? CONDITIONS[counts.indexOf(most)] : undefined;
}

export const SKILL_WORDS = {
  torch: 'somebody who may torch',
  kettle: 'somebody for the kettle',
  spray: 'somebody who sprays',
  catalysed: 'somebody for catalysed resin',
} as const;
