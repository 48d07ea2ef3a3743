import { cureHours, type CureTable } from '@lentum/core/cure';
import { plainNumber, type Ranged } from '@lentum/core/units';
import { HERE } from '../app/locale.ts';

const tenths = (value: number): string => plainNumber(Number(value.toFixed(1)), HERE.numbers);

/** Hours in words: minutes below two hours, days from three days on. */
export function sayHours(hours: number): string {
  if (hours < 2) return `${Math.round(hours * 60)} min`;
  if (hours >= 72) return `${tenths(hours / 24)} d`;
  return `${tenths(hours)} h`;
}

/** What counts, and the range that it was chosen from. */
export const sayRangedHours = (hours: number, range: Ranged['range'], times = 1): string =>
  range
    ? `${sayHours(hours * times)} of ${sayHours(range.from * times)} to ${sayHours(range.to * times)}`
    : sayHours(hours * times);

/** Time that a stage takes at a steady temperature, in words. */
export function hoursAt(table: { readonly points: CureTable }, tempC: number): string {
  const h = cureHours(table.points, tempC);
  return h.kind === 'stopped' ? 'too cold' : sayHours(h.hours);
}
