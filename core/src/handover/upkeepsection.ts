/** Upkeep and guarantee on paper. */
import {
  columns,
  facts,
  heading,
  line,
  list,
  row,
  table,
  type SimpleBlock,
  type Telling,
} from '../printout/index.ts';
import { PLAN_YEARS, type UpkeepDate, type UpkeepPlan } from '../upkeep/index.ts';
import type { GuaranteeStand } from './guarantee.ts';
import { guaranteeWords, openWords, startWords, UPKEEP_CAUTIONS, yearLines } from './upkeepwords.ts';

export function upkeepSection(plan: UpkeepPlan, t: Telling): SimpleBlock[] {
  const { recoat, film, kept } = plan;
  return [
    heading(1, t.w('Upkeep')),
    line(t.parts(startWords(plan))),
    ...(kept.handedOver ? [line(t.w(openWords(kept.handedOver.body.unproven)))] : []),
    facts([
      ...(film
        ? ([
            [t.w('Top film of the design, dry'), t.figure(film.design)],
            [
              t.w('Least of it, as laid'),
              film.lowest ? `${t.figure(film.lowest)}, ${film.lowestAt ?? ''}` : t.w('not known'),
            ],
          ] as const)
        : []),
      ...(recoat
        ? ([
            [
              t.w('Coated again after'),
              `${t.figure(recoat.soonest)} ${t.w('to')} ${t.figure(recoat.latest)}`,
            ],
          ] as const)
        : []),
      [
        t.w('Renewed after'),
        `${t.figure(plan.renewal.soonest)} ${t.w('to')} ${t.figure(plan.renewal.latest)}`,
      ],
      ...plan.again.map((a) => [`${t.w('One recoat takes')}, ${a.coat.name}`, t.figure(a.amount)] as const),
      ...(plan.recoatCost ? ([[t.w('At today’s prices'), t.figure(plan.recoatCost)]] as const) : []),
    ]),
    ...plan.bridges.map(({ coat, figure }) =>
      line(
        `${coat.name}: ${t.w('a moving crack below it may open by')} ${t.figure(figure)} ${t.w('where a strip of it is not bonded; wider ones are joints')}.`,
      ),
    ),
    ...plan.says.map((s) => line(t.parts(s))),
    ...(plan.note === '' ? [] : [line(plan.note)]),
    table(
      columns('Year|12', 'Look at it, wash, clear outlets|32', 'Clear outlets|20', 'Once|36'),
      yearLines(plan.dates, t.w).map((l) => row([String(l.year), l.visits, l.outlets, l.once])),
    ),
    line(
      t.w(
        `For ${PLAN_YEARS} years. Years of recoat and renewal are rough: by a rule of our own from what the build-up says and from the film as it lies. What the roof shows goes before them.`,
      ),
      'quiet',
    ),
    list(UPKEEP_CAUTIONS.map(t.w)),
  ];
}

export function guaranteeSection(stand: GuaranteeStand, t: Telling): SimpleBlock[] {
  return [
    heading(1, t.w('Guarantee')),
    line(guaranteeWords(stand, t.w, t.day)),
    ...(stand.lines.length === 0
      ? [line(t.w('It is not entered on what it hangs.'), 'quiet')]
      : [
          table(
            columns('It hangs on|34', 'Answer|18', 'As it stands|48'),
            stand.lines.map((l) => row([t.w(l.what), t.w(l.answer), t.parts(l.says)])),
          ),
        ]),
  ];
}

/** What is due in a year of the calendar and not done. */
export const dueIn = (dates: readonly UpkeepDate[], year: number): UpkeepDate[] =>
  dates.filter((d) => d.state !== 'done' && d.from <= year * 12 + 11 && d.to >= year * 12);
