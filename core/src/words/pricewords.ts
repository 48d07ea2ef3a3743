/** What the work costs, in sentences, on paper and as rows. */
import { given, words, type Part } from '../figures/index.ts';
import type { Price, PriceLine } from '../planning/index.ts';
import { columns, heading, line, list, row, table, type Block, type Telling } from '../printout/index.ts';
import { shareFigure } from './planwords.ts';

/** How far the price goes apart over the ways that the weather may go. */
export function spreadWords({ spread, ways }: Price): Part[] {
  if (!spread) return ['No forecast with its ways is known: how far it may go apart cannot be told.'];
  const money = (label: string, value: number) =>
    given(label, value, 'price', 'assumed', 'the plan played, with what is waited for and put right');
  const n = given('ways that the weather may go', ways, 'count', 'assumed');
  const { early, late } = spread;
  if (early === undefined)
    return words`In none or few of ${n} ways does the work end within the days looked at.`;
  return late === undefined
    ? words`Eight in ten of ${n} ways cost from ${money('one in ten costs less', early)} to more than can be told: they do not end within the days looked at.`
    : words`Eight in ten of ${n} ways cost from ${money('one in ten costs less', early)} to ${money('one in ten costs more', late)}.`;
}

/** Days that weather takes, with their chance. */
export function lostWords({ lost, ways }: Price): Part[] {
  const said = lost.filter((l) => l.days === 0 || l.share > 0);
  if (said.length === 0) return [];
  const [any, ...more] = said;
  return [
    ...words`The end is later than planned in ${shareFigure('later than planned', any?.share ?? 0, ways)} of the ways`,
    ...more.flatMap(
      (l): Part[] =>
        words`, by more than ${given('days', l.days, 'count', 'assumed')} ${l.days === 1 ? 'day' : 'days'} in ${shareFigure('later by more', l.share, ways)}`,
    ),
    '.',
  ];
}

/** What days after the dates to keep cost; it is not in the price. */
export const lateWords = ({ expectedLate }: Price): Part[] =>
  expectedLate === undefined || expectedLate === 0
    ? []
    : words`Days after the dates to keep cost ${given('days late, on average over the ways', expectedLate, 'price', 'assumed')} on average over the ways; that is not in the price.`;

const nameOf = (l: PriceLine, t: Telling): string => (l.own ? l.name : t.w(l.name));

/** The price on paper, each line with how it comes about. */
export function priceBlocks(price: Price, t: Telling): Block[] {
  const says = [spreadWords(price), lostWords(price), lateWords(price)].filter((p) => p.length > 0);
  return [
    heading(1, t.w('What the work costs')),
    table(
      columns('What|40', 'How it comes about|40', '>Amount'),
      price.lines.map((l) => row([nameOf(l, t), howOf(l, t), t.figure(l.amount)])),
      [t.w(price.total.label), '', t.figure(price.total)],
    ),
    ...says.map((p) => line(t.parts(p))),
    ...(price.missing.length > 0
      ? [heading(2, t.w('Not in the price')), list(price.missing.map((m) => t.w(m)))]
      : []),
    line(
      t.w(
        'Work as it is planned from now on, material of the whole order. Prices and rates are those that were entered; without tax unless they hold it.',
      ),
      'mind',
    ),
  ];
}

/** Inputs of a line in a row: 38.5 h × 3 × 38.00. */
function howOf({ amount, kind }: PriceLine, t: Telling): string {
  if (kind === 'material' || kind === 'put right') return t.w(amount.from);
  return Object.values(amount.inputs)
    .map((i) => t.figure(i))
    .join(kind === 'added' ? ', ' : ' × ');
}

export const PRICE_COLUMNS = ['What', 'How it comes about', 'Amount'] as const;

/** The same as rows of a spreadsheet, amounts as numbers. */
export const priceRows = (price: Price, t: Telling): (string | number)[][] => [
  ...price.lines.map((l) => [nameOf(l, t), howOf(l, t), Math.round(l.amount.value * 100) / 100]),
  [t.w(price.total.label), '', Math.round(price.total.value * 100) / 100],
  ...(
    [
      ['One in ten ways costs less than', price.spread?.early],
      ['Half of the ways cost less than', price.spread?.middle],
      ['One in ten ways costs more than', price.spread?.late],
    ] as const
  ).flatMap(([name, value]) => (value === undefined ? [] : [[t.w(name), '', Math.round(value * 100) / 100]])),
];
