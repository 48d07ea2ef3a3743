/** The wording of missed limits and of what was done about them. */
import { MISSED_NAMES, type Missable } from '../buildup/index.ts';
import { words, type Part } from '../figures/index.ts';
import type { Miss } from '../record/index.ts';

/** How a missed limit is called inside a sentence. */
export const missName = (limit: Missable): string => {
  const name = MISSED_NAMES[limit];
  return name.slice(0, 1).toLowerCase() + name.slice(1);
};

/** What was missed, and when; without a full stop. */
export function missWords(m: Miss): Part[] {
  const at = { atMs: m.atMs };
  const coat = m.coat.name.toLowerCase();
  switch (m.limit) {
    case 'overcoatUntil':
      return words`Overcoat window of the ${coat} closed ${at}`;
    case 'rainSafe':
      return words`Rain on the ${coat} ${at}, before it was rain-safe`;
    case 'foot':
      return words`Walked on the ${coat} ${at}, before it could take foot traffic`;
    case 'wheels':
      return words`Wheels on the ${coat} ${at}, before it could take them`;
    default:
      return words`The ${coat} was ${missName(m.limit)} ${at}`;
  }
}

/** How far the remedy has come; nothing before the first step. */
export function doneWords(m: Miss): Part[] {
  if (m.done.size === 0) return [];
  const left = m.steps.filter((_, i) => !m.done.has(i));
  return left.length === 0
    ? ['Every step is on record.']
    : [`Done: ${m.done.size} of ${m.steps.length} steps. Still to do: ${left.map((s) => s.says).join(' ')}`];
}

/** One line for the book: the miss, the remedy and who judged it. */
export function missLine(m: Miss): Part[] {
  const by = [...m.done.values()].at(-1)?.who;
  const judged = m.judged
    ? ` ${m.judged.body.what === 'accepted' ? 'Accepted' : 'Refused'} by ${m.judged.who}${m.judged.body.reason ? `: ${m.judged.body.reason.replace(/\.$/, '')}` : ''}.`
    : '';
  return m.clearedMs === undefined
    ? [...missWords(m), '. ', ...doneWords(m)]
    : [...missWords(m), ...words`. Mended ${{ atMs: m.clearedMs }} by ${by ?? '?'}.${judged}`];
}
