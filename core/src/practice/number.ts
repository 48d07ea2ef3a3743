/** One number of the trade that no data sheet gave. */
import type { Quantity } from '../units/index.ts';

export interface PracticeNumber {
  readonly label: string;
  /** In the core's own unit of the quantity. */
  readonly value: number;
  readonly quantity: Quantity;
  /** What it is for, and where the number comes from. */
  readonly note: string;
  /** What a firm or a job may set instead. */
  readonly least: number;
  readonly most: number;
}

const PRACTICE_NOTE = 'common practice';

/**
 * @param range what may be set instead
 * @param note where it comes from, where that is more than common practice
 */
export const number = (
  label: string,
  value: number,
  quantity: Quantity,
  [least, most]: readonly [number, number],
  note: string = PRACTICE_NOTE,
): PracticeNumber => ({ label, value, quantity, note, least, most });
