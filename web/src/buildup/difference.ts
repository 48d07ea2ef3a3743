/** A difference between two states of a build-up, in words. */
import type { Difference } from '@lentum/core/library';
import type { Quantity } from '@lentum/core/units';

type Say = (value: number, quantity: Quantity) => string;

export const sayValue = (value: Difference['before'], quantity: Difference['quantity'], say: Say): string => {
  if (value === undefined) return 'nothing';
  if (typeof value === 'object') {
    const { range } = value;
    const whole = range ? ` (${say(range.from, value.quantity)} to ${say(range.to, value.quantity)})` : '';
    return `${say(value.value, value.quantity)}${value.film === '' ? '' : ` ${value.film}`}${whole}`;
  }
  return typeof value === 'number' && quantity ? say(value, quantity) : String(value);
};

export function sayDifference(d: Difference, say: Say): string {
  const of = d.layer === undefined ? '' : `${d.layer}, `;
  const name = `${d.what.slice(0, 1).toLowerCase()}${d.what.slice(1)}`;
  if (d.what === 'Layer') return `${d.layer ?? ''} ${sayValue(d.after, d.quantity, say)}`;
  return `${of}${name}: ${sayValue(d.before, d.quantity, say)} → ${sayValue(d.after, d.quantity, say)}`;
}
