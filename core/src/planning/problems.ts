/** What keeps a programme from being saved. */
import type { Problem } from '../problems/index.ts';
import type { ProgrammeDoc } from './schema.ts';

const twice = (field: string, label: string, actual: string): Problem => ({
  kind: 'duplicate',
  field,
  label,
  actual,
  expected: 'another one for each',
});

function hoursProblem(field: string, label: string, { from, to }: { from: string; to: string }): Problem[] {
  return from < to
    ? []
    : [
        {
          kind: 'order',
          field: `${field}/to`,
          label: `${label}, end`,
          actual: to,
          expected: `a time after ${from}`,
        },
      ];
}

/** Times at which a roof is taken begin before they end. */
const takenProblems = (taken: ProgrammeDoc['taken']): Problem[] =>
  taken.flatMap((t, i) =>
    Date.parse(t.from) < Date.parse(t.to)
      ? []
      : [
          {
            kind: 'order' as const,
            field: `taken/${i}/to`,
            label: 'Roof is taken, end',
            actual: t.to,
            expected: `a time after ${t.from}`,
          },
        ],
  );

export function programmeProblems({
  crews,
  hours,
  inspector,
  deadlines,
  loud,
  taken,
}: ProgrammeDoc): Problem[] {
  const problems: Problem[] = [
    ...hoursProblem('hours', 'Working hours', hours),
    ...(inspector ? hoursProblem('inspector', 'Hours of the inspector', inspector) : []),
    ...(loud ? hoursProblem('loud', 'Hours in which work may be loud', loud) : []),
    ...takenProblems(taken),
  ];
  const seen = new Set<string>();
  crews.forEach((crew, i) => {
    const name = crew.name.toLowerCase();
    if (seen.has(name) || seen.has(`id ${crew.id}`))
      problems.push(twice(`crews/${i}/name`, 'Crew', crew.name));
    seen.add(name).add(`id ${crew.id}`);
  });
  const ids = new Set<string>();
  deadlines.forEach((d, i) => {
    if (ids.has(d.id)) problems.push(twice(`deadlines/${i}/id`, 'Date, id', d.id));
    ids.add(d.id);
  });
  return problems;
}
