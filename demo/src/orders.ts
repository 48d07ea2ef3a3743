/** What the fictional firm has in its store, when it has things delivered, and a calculation that it kept. */
import { DEFAULT_ORDER, takeoff, type OrderDoc } from '@lentum/core/order';
import type { Survey } from '@lentum/core/survey';
import { buildUps } from './roofs.ts';

const DAY_MS = 86_400_000;

export function orderAt(survey: Survey, anchor: Date): OrderDoc {
  const day = (days: number): string => new Date(anchor.getTime() + days * DAY_MS).toISOString().slice(0, 10);
  const { lines } = takeoff(survey, buildUps, DEFAULT_ORDER, { courses: 'by area' });
  const stock = (id: string, product: string, amount: number, opened: boolean, keepsDays: number) => {
    const line = lines.find((l) => l.item.name === product);
    if (!line) throw new Error(`the demo order has no ${product}`);
    return { id, item: line.item.key, name: product, amount, opened, bestBefore: day(keepsDays) };
  };
  return {
    ...DEFAULT_ORDER,
    stock: [
      stock('resin-open', 'Polyurethane resin', 14, true, 20),
      stock('resin-full', 'Polyurethane resin', 75, false, 200),
      // A roll begun on another roof: cut for courses before a new one is.
      stock('cap-left', 'Cap sheet', 6.4, true, 300),
      stock('bitumen', 'Rubberised bitumen in blocks', 126, false, 400),
    ],
    deliveries: [
      {
        id: 'first',
        name: 'First lorry',
        on: day(-4),
        usedBy: day(6),
        zoneIds: ['hall', 'terrace', 'canopy'],
      },
      {
        id: 'second',
        name: 'Deck and sheets',
        on: day(3),
        usedBy: day(30),
        zoneIds: ['deck', 'workshop', 'balcony'],
      },
    ],
    sheets: [
      {
        id: 'flood',
        calculator: 'evaporation',
        name: 'Flood test, garden podium',
        values: { water: 16, air: 17, hours: 48, area: 60 },
      },
    ],
  };
}
