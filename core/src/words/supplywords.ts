/** What the plan says of deliveries and of what is in the store: used in time, or not. */
import { words, type Verdict } from '../figures/index.ts';
import type { OrderLine } from '../order/index.ts';
import type { PlanAnswer } from '../planning/index.ts';
import { zoneAhead } from '../weather/index.ts';

/** The date of an instant by the clocks of a place. */
export const dateOf = (ms: number, timeZone: string): string =>
  new Date(ms + zoneAhead(ms, timeZone)).toISOString().slice(0, 10);
const MONTHS = 'Jan Feb Mar Apr May Jun Jul Aug Sep Oct Nov Dec'.split(' ');
/** 2026-05-24 as 24 May 2026. */
export const dayText = (date: string): string =>
  `${Number(date.slice(8, 10))} ${MONTHS[Number(date.slice(5, 7)) - 1] ?? ''} ${date.slice(0, 4)}`;

/** Deliveries of which some is laid after the day by which it was to be used. */
export const deliveryVerdicts = (answer: PlanAnswer, timeZone: string): Verdict[] =>
  answer.deliveries.flatMap((d): Verdict[] =>
    d.lastMs !== undefined && dateOf(d.lastMs, timeZone) > d.usedBy
      ? [
          {
            outcome: 'hold',
            subject: `${d.name}:`,
            says: words`was to be used by ${dayText(d.usedBy)}; the last of it is laid ${{ atMs: d.lastMs }}.`,
            quiet: ['Look at its shelf life, or let a part of it come later.'],
          },
        ]
      : [],
  );

/** What is in the store and past its date before the plan lays it. */
export const stockVerdicts = (answer: PlanAnswer, lines: readonly OrderLine[], timeZone: string): Verdict[] =>
  lines.flatMap((l): Verdict[] => {
    const ids = new Set(l.layers.map((x) => x.layer.id));
    const starts = answer.tasks.flatMap((t) =>
      t.layerId !== undefined && ids.has(t.layerId) && l.zoneNames.includes(answer.zones[t.zone]?.name ?? '')
        ? [t.startMs]
        : [],
    );
    const first = Math.min(...starts);
    return l.drawn.flatMap(({ stock }): Verdict[] =>
      stock.bestBefore !== undefined && starts.length > 0 && dateOf(first, timeZone) > stock.bestBefore
        ? [
            {
              outcome: 'hold',
              subject: `${stock.name}, in the store:`,
              says: words`is best before ${dayText(stock.bestBefore)}; the plan lays it first ${{ atMs: first }}.`,
              quiet: [
                'Ask its maker, or buy it fresh: what is past its date is used on nobody’s word alone.',
              ],
            },
          ]
        : [],
    );
  });
