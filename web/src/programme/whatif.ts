/** Questions to a plan, each as the document that it would be made with. */
import type { OrderDoc } from '@lentum/core/order';
import type { Crew, PlanAnswer, ProgrammeDoc } from '@lentum/core/planning';

export interface WhatIf {
  readonly key: string;
  readonly says: string;
  readonly doc: ProgrammeDoc;
  /** Deliveries, where it is they that change. */
  readonly deliveries?: OrderDoc['deliveries'];
}

/** How long somebody who falls ill stays away. */
const ILL_DAYS = 3;
const EXTRA_DAYS = 2;
const LATE_DAYS = 2;
const MS_PER_DAY = 86_400_000;

/** @param date the day that is looked at */
export function whatIfs(
  doc: ProgrammeDoc,
  answer: Pick<PlanAnswer, 'days'>,
  date: string,
  name: (date: string) => string,
  deliveries: OrderDoc['deliveries'] = [],
): WhatIf[] {
  const days = answer.days.map((d) => d.date);
  const from = Math.max(0, days.indexOf(date));
  const next = (n: number): string[] =>
    answer.days
      .slice(from)
      .filter((d) => d.off === undefined)
      .slice(0, n)
      .map((d) => d.date);
  const lost = days[from];
  const idle = answer.days.slice(from).find((d) => d.off !== undefined);
  const asks: WhatIf[] = [];
  if (lost !== undefined)
    asks.push({
      key: 'lost',
      says: `${name(lost)} is lost`,
      doc: { ...doc, off: [...doc.off, { on: lost, says: 'lost' }] },
    });
  if (doc.crews.length > 1)
    for (const crew of doc.crews)
      asks.push({
        key: `ill-${crew.id}`,
        says: `${crew.name} is ill for ${ILL_DAYS} days`,
        doc: {
          ...doc,
          crews: doc.crews.map((c): Crew =>
            c.id === crew.id ? { ...c, off: [...c.off, ...next(ILL_DAYS)] } : c,
          ),
        },
      });
  const [first] = doc.crews;
  if (first)
    asks.push({
      key: 'extra',
      says: `a crew more for ${EXTRA_DAYS} days`,
      doc: {
        ...doc,
        crews: [...doc.crews, { ...first, id: 'extra', name: 'Extra crew', off: [], only: next(EXTRA_DAYS) }],
      },
    });
  if (idle) {
    const weekday = ((new Date(`${idle.date}T12:00:00Z`).getUTCDay() + 6) % 7) + 1;
    asks.push({
      key: 'worked',
      says: `${name(idle.date)} is worked`,
      doc: {
        ...doc,
        off: doc.off.filter((o) => o.on !== idle.date),
        hours: { ...doc.hours, days: [...new Set([...doc.hours.days, weekday])].sort((a, b) => a - b) },
      },
    });
  }
  for (const late of deliveries.filter((d) => d.on >= (days[0] ?? '')))
    asks.push({
      key: `late-${late.id}`,
      says: `${late.name} comes ${LATE_DAYS} days later`,
      doc,
      deliveries: deliveries.map((d) =>
        d === late
          ? {
              ...d,
              on: new Date(Date.parse(d.on) + LATE_DAYS * MS_PER_DAY).toISOString().slice(0, 10),
            }
          : d,
      ),
    });
  return asks;
}
