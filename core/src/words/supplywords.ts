/** What the plan says of deliveries and of what is in the store: used in time, or not. */
import { given, words, type Verdict } from '../figures/index.ts';
import type { OrderLine } from '../order/index.ts';
import type { PlanAnswer, TaskShown } from '../planning/index.ts';
import { MS_PER_DAY, TOLERANCE } from '../units/index.ts';
import { zoneAhead } from '../weather/index.ts';

/** The date of an instant by the clocks of a place. */
export const dateOf = (ms: number, timeZone: string): string =>
  new Date(ms + zoneAhead(ms, timeZone)).toISOString().slice(0, 10);

/** Deliveries of which some is laid after the day by which it was to be used. */
export const deliveryVerdicts = (answer: PlanAnswer, timeZone: string): Verdict[] =>
  answer.deliveries.flatMap((d): Verdict[] =>
    d.lastMs !== undefined && dateOf(d.lastMs, timeZone) > d.usedBy
      ? [
          {
            outcome: 'hold',
            subject: `${d.name}:`,
            says: words`was to be used by ${{ day: d.usedBy }}; the last of it is laid ${{ atMs: d.lastMs }}.`,
            quiet: ['Look at its shelf life, or let a part of it come later.'],
          },
        ]
      : [],
  );

/** Works that lay of a line of the order, in their order. */
function laidOf({ tasks, zones }: PlanAnswer, { layers, zoneNames }: OrderLine): TaskShown[] {
  const ids = new Set(layers.map((x) => x.layer.id));
  return tasks
    .filter(
      (t) => t.layerId !== undefined && ids.has(t.layerId) && zoneNames.includes(zones[t.zone]?.name ?? ''),
    )
    .sort((a, b) => a.startMs - b.startMs);
}

/**
 * What stands open longer than it keeps once opened: works of one product lie farther apart than that, and what is used up to
 * the first of them is no number of full containers.
 */
export const openedVerdicts = (answer: PlanAnswer, lines: readonly OrderLine[]): Verdict[] =>
  lines.flatMap((l): Verdict[] => {
    const keeps = l.item.openedDays;
    const [size, ...others] = [...new Set(l.item.packs.map((p) => p.net))];
    if (!keeps || size === undefined) return [];
    const works = laidOf(answer, l);
    let used = 0;
    return works.flatMap((t, i): Verdict[] => {
      used += t.amount?.quantity === l.quantity ? t.amount.value : 0;
      const next = works[i + 1];
      if (!next || next.startMs - t.startMs <= keeps.value * MS_PER_DAY) return [];
      const left =
        others.length === 0 ? Math.ceil(used / size - TOLERANCE.fullContainer) * size - used : undefined;
      if (left !== undefined && left <= TOLERANCE.fullContainer * size) return [];
      const apart = (next.startMs - t.startMs) / MS_PER_DAY;
      const days = given('between both', apart, 'days', 'assumed', 'from one start to the next, as planned');
      const most = given('keeps opened', keeps.value, 'count', keeps.source, 'days');
      return [
        {
          outcome: 'check',
          subject: `${l.item.name}, opened ${t.bay}:`,
          says: words`${{ atMs: t.startMs }}, next laid ${{ atMs: next.startMs }}, ${days} days later; opened it keeps ${most} days.`,
          quiet:
            left === undefined
              ? ['Lay it in one go, or open no more than is laid: what is left in a container is lost.']
              : words`About ${given('left in an opened container', left, l.quantity, 'assumed', 'what is laid up to then, by its containers')} would be left in a container and lost: lay it in one go, or use it up first.`,
        },
      ];
    });
  });
/** What is in the store and past its date before the plan lays it. */
export const stockVerdicts = (answer: PlanAnswer, lines: readonly OrderLine[], timeZone: string): Verdict[] =>
  lines.flatMap((l): Verdict[] => {
    const starts = laidOf(answer, l).map((t) => t.startMs);
    const first = Math.min(...starts);
    return l.drawn.flatMap(({ stock }): Verdict[] =>
      stock.bestBefore !== undefined && starts.length > 0 && dateOf(first, timeZone) > stock.bestBefore
        ? [
            {
              outcome: 'hold',
              subject: `${stock.name}, in the store:`,
              says: words`is best before ${{ day: stock.bestBefore }}; the plan lays it first ${{ atMs: first }}.`,
              quiet: [
                'Ask its maker, or buy it fresh: what is past its date is used on nobody’s word alone.',
              ],
            },
          ]
        : [],
    );
  });
