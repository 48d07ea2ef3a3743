/** What a card of what is laid next gives to whatever shows it. */
import type { Block, Telling } from '@lentum/core/printout';
import type { Values } from './log/fields.ts';

export interface LayingCard {
  /** What it would enter in the log; nothing where there is nothing to enter before it is laid. */
  readonly known: Values | undefined;
  /** What of it is printed. */
  readonly blocks: (t: Telling) => Block[];
}
