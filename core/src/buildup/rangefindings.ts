/** Times that were chosen inside the range of a sheet, but not at its safe end: said, never refused. */
import { given, words, type Part } from '../figures/index.ts';
import { safeEnd, STAGES } from './conditions.ts';
import { STAGE_NAMES } from './fields.ts';
import type { Coat } from './layers.ts';

interface Time {
  readonly name: string;
  readonly atC: number;
  readonly value: number;
  readonly safe: number;
  readonly quantity: 'hours' | 'minutes';
  readonly later: boolean;
}

const timesOf = (coat: Coat): Time[] => [
  ...STAGES.flatMap((stage) =>
    (coat.cure[stage]?.points ?? []).flatMap((p): Time[] =>
      p.range
        ? [
            {
              name: STAGE_NAMES[stage],
              ...{ atC: p.atC, value: p.hours, safe: p.range[safeEnd(stage)], quantity: 'hours' },
              later: stage !== 'overcoatUntil',
            },
          ]
        : [],
    ),
  ),
  ...coat.potLife.points.flatMap((p): Time[] =>
    p.range
      ? [
          {
            ...{ name: 'pot life', atC: p.atC, value: p.minutes, safe: p.range.from, quantity: 'minutes' },
            later: false,
          },
        ]
      : [],
  ),
];

/** One sentence for each time that counts on the unsafe side of what the sheet prints. */
export const rangeWords = (coat: Coat): Part[][] =>
  timesOf(coat)
    .filter((t) => t.value !== t.safe)
    .map((t) => {
      const at = given('surface', t.atC, 'temperature', 'data sheet');
      const chosen = given(t.name, t.value, t.quantity, 'chosen');
      const safe = given(`${t.name}, safe end`, t.safe, t.quantity, 'data sheet');
      return words`${t.name} at ${at} counts ${chosen}, but the range of the sheet ${t.later ? 'ends' : 'begins'} at ${safe}: in between it may be ${t.later ? 'too early' : 'too late'}.`;
    });
