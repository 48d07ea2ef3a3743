/** The sheet of a day: for each crew what is done when, on which bays in their dry order, with how much of what. */
import { given, words, type Figure, type Part } from '../figures/index.ts';
import {
  blocksOf,
  type Block as WorkBlock,
  type Contact,
  type PlanAnswer,
  type TaskShown,
} from '../planning/index.ts';
import {
  columns,
  heading,
  line,
  list,
  PAGE_BREAK,
  row,
  table,
  type Block,
  type Telling,
} from '../printout/index.ts';
import { TOLERANCE } from '../units/index.ts';
import { bayRuns } from './entrylines.ts';
import { sumOfAmounts } from './planwords.ts';

export interface DayLine {
  readonly key: string;
  readonly fromMs: number;
  readonly toMs: number;
  readonly zone: string;
  /** In the order in which they are laid. */
  readonly bays: string;
  readonly name: string;
  readonly amount: Figure | undefined;
  readonly minds: readonly Part[][];
  readonly tasks: readonly TaskShown[];
}

export interface CrewDay {
  readonly crew: {
    readonly id: string;
    readonly name: string;
    readonly people: number;
    readonly names: readonly string[];
    readonly inspects: boolean;
  };
  readonly lines: readonly DayLine[];
  /** Hot work ends then, so that the watch is over when the crew goes. */
  readonly lastFlameMs: number | undefined;
}

export interface DaySheet {
  readonly date: string;
  readonly fromMs: number;
  readonly crews: readonly CrewDay[];
  /** What goes into the van: coats of the day by their names. */
  readonly bring: readonly { readonly name: string; readonly amount: Figure }[];
  /** Overcoat times that end on the day or in the night after it, with what has to be begun before. */
  readonly closing: readonly { readonly bays: string; readonly name: string; readonly atMs: number }[];
}

const NIGHT_MS = 12 * 3_600_000;

/** How long a mix lasts, and in how many mixes a block is laid, at the air planned for. */
function mixMinds({ tasks }: WorkBlock): Part[][] {
  const [first] = tasks;
  if (first?.potLifeMin === undefined) return [];
  const life = given('pot life', first.potLifeMin, 'minutes', 'data sheet', 'at the air planned for');
  const cannot = tasks.find((t) => t.mix?.cannot)?.mix?.cannot;
  if (cannot !== undefined) return [[`No mix can be placed at the air planned for: ${cannot}`]];
  const mixes = tasks.flatMap((t) => t.mix ?? []);
  const most = mixes.reduce<Figure | undefined>(
    (least, m) => (m.most && (!least || m.most.value < least.value) ? m.most : least),
    undefined,
  );
  if (!most || most.value <= 0) return [words`Can be worked for ${life}.`];
  const need = given(
    'what the bays take',
    mixes.reduce((n, m) => n + m.needKg, 0),
    'mass',
    'assumed',
    'rate times area',
  );
  const count: Figure = {
    label: 'Mixes',
    value: Math.ceil(need.value / most.value - TOLERANCE.fullContainer),
    quantity: 'count',
    formula: 'ceil({need} / {most})',
    inputs: { need, most },
    from: 'so that each is placed in its pot life; the mix card goes by what is read on the day',
  };
  return [
    words`Can be worked for ${life}: ${count} ${count.value === 1 ? 'mix' : 'mixes'} of at most ${most}.`,
  ];
}

function mindsOf(block: WorkBlock, isHot: boolean): Part[][] {
  const minds: Part[][] = [];
  const [first] = block.tasks;
  if (!first) return minds;
  if (isHot)
    minds.push([
      'Only with a permit for hot works that a licensed person has opened, extinguishers at hand, and the watch after it.',
    ]);
  const opening = block.tasks.map((t) => t.opening);
  if (opening.includes('opens'))
    minds.push([
      'Opens the old roof: only what is closed today. Look at the sky first; covers ready, nobody leaves it open.',
    ]);
  if (opening.includes('closes')) minds.push(['Closes what was opened: rain-safe before night.']);
  if (block.tasks.some((t) => t.late))
    minds.push(['What lies below has closed: abrade, clean and prime again first, as the layer says.']);
  const rinsed = block.tasks.filter((t) => t.rinsed);
  if (rinsed.length > 0)
    minds.push([
      ...(rinsed.length < block.tasks.length ? [`${bayRuns(rinsed.map((t) => t.bay))}: `] : []),
      'What lies below has lain open for days: rinse it off first and let it dry. Both are in the time.',
    ]);
  minds.push(...mixMinds(block));
  const closes = block.tasks.flatMap((t) => t.closesMs ?? []);
  const opens = block.tasks.flatMap((t) => t.opensMs ?? []);
  if (opens.length > 0)
    minds.push(
      closes.length > 0
        ? words`Overcoat from ${{ atMs: Math.max(...opens) }}, until ${{ atMs: Math.min(...closes) }}.`
        : words`Overcoat from ${{ atMs: Math.max(...opens) }}.`,
    );
  const steps = [...new Set(block.tasks.flatMap((t) => t.steps))];
  if (block.kind === 'layer' && steps.length > 0)
    minds.unshift([`First: ${steps.map((s) => s.toLowerCase()).join(', ')}.`]);
  else if (block.kind !== 'details' && steps.length > 0) minds.push([steps.join(' · ')]);
  return minds;
}

/** @param date a day of the plan */
export function daySheet(answer: PlanAnswer, date: string): DaySheet | undefined {
  const day = answer.days.find((d) => d.date === date);
  if (!day) return undefined;
  const blocks = blocksOf(answer).filter((b) => b.date === date);
  const crews = answer.crews.flatMap((crew, i): CrewDay[] => {
    const own = blocks.filter((b) => b.crew === i);
    if (own.length === 0) return [];
    const flames = own.filter((b) => b.tasks.some((t) => t.hot));
    return [
      {
        crew,
        lines: own.map((b) => ({
          ...{ key: b.key, fromMs: b.fromMs, toMs: b.toMs, zone: answer.zones[b.zone]?.name ?? '' },
          ...{
            bays: bayRuns(b.tasks.map((t) => t.bay)),
            name: b.name,
            amount: sumOfAmounts(b),
            minds: mindsOf(b, flames.includes(b)),
            tasks: b.tasks,
          },
        })),
        lastFlameMs: flames.length > 0 ? Math.max(...flames.map((b) => b.toMs)) : undefined,
      },
    ];
  });
  const amounts = new Map<string, Figure[]>();
  for (const b of blocks)
    for (const t of b.tasks)
      if (t.amount && t.startMs >= day.fromMs)
        amounts.set(`${t.name}/${t.amount.quantity}`, [
          ...(amounts.get(`${t.name}/${t.amount.quantity}`) ?? []),
          t.amount,
        ]);
  const bring = [...amounts].map(([key, list]) => {
    const name = key.slice(0, key.lastIndexOf('/'));
    return { name, amount: totalOf(name, list) };
  });
  return {
    date,
    fromMs: day.fromMs,
    crews,
    bring,
    closing: closingOn(answer, day.fromMs, day.toMs + NIGHT_MS),
  };
}

const totalOf = (label: string, list: readonly Figure[]): Figure => ({
  label,
  value: list.reduce((n, a) => n + a.value, 0),
  quantity: list[0]?.quantity ?? 'mass',
  formula: list.map((_, i) => `{bay${i + 1}}`).join(' + '),
  inputs: Object.fromEntries(list.map((a, i) => [`bay${i + 1}`, a])),
  from: 'amounts of the bays of the day',
});

function closingOn(answer: PlanAnswer, fromMs: number, toMs: number): DaySheet['closing'] {
  const groups = new Map<string, { bays: string[]; name: string; atMs: number }>();
  for (const t of answer.tasks) {
    const { closesMs } = t;
    if (closesMs === undefined || closesMs < fromMs || closesMs > toMs) continue;
    // What is gone on with in good time closes for nobody.
    if (t.nextMs !== undefined && t.nextMs < fromMs) continue;
    const key = `${t.zone}/${t.layerId ?? ''}/${closesMs}`;
    const group = groups.get(key) ?? { bays: [], name: t.name, atMs: closesMs };
    group.bays.push(t.bay);
    groups.set(key, group);
  }
  return [...groups.values()].sort((a, b) => a.atMs - b.atMs).map((g) => ({ ...g, bays: bayRuns(g.bays) }));
}

export interface AlongWith {
  /** What else goes along. */
  readonly kit: readonly string[];
  readonly contacts: readonly Contact[];
}

/** A day on paper, each crew on a page of its own. */
export function daySheetBlocks(sheet: DaySheet, { kit, contacts }: AlongWith, t: Telling): Block[] {
  const clock = (ms: number): string => t.timeMs(ms).slice(-5);
  const day = (ms: number): string => t.timeMs(ms).slice(0, -7);
  return sheet.crews.flatMap(({ crew, lines, lastFlameMs }, i): Block[] => [
    ...(i > 0 ? [PAGE_BREAK] : []),
    heading(
      1,
      crew.inspects
        ? t.w(crew.name)
        : `${crew.name}, ${t.w(crew.people === 1 ? '1 person' : `${crew.people} people`)}`,
    ),
    ...(crew.names.length > 0 ? [line(crew.names.join(', '))] : []),
    line(day(sheet.fromMs), 'quiet'),
    table(
      columns('From', 'To', 'Roof|22', 'Bays in this order|20', 'Work|28', '>Amount|14'),
      lines.map((l) =>
        row(
          [clock(l.fromMs), clock(l.toMs), l.zone, l.bays, t.w(l.name), l.amount ? t.figure(l.amount) : ''],
          {
            notes: l.minds.map((m) => t.parts(m)),
          },
        ),
      ),
    ),
    ...(lastFlameMs === undefined
      ? []
      : [
          line(
            `${t.w('Last flame')} ${clock(lastFlameMs)}; ${t.w('then the watch, as the permit says.')}`,
            'mind',
          ),
        ]),
    ...(sheet.closing.length > 0 && !crew.inspects
      ? [
          heading(2, t.w('Closing until tomorrow morning')),
          list(sheet.closing.map((c) => `${c.bays}, ${t.w(c.name)}: ${t.timeMs(c.atMs)}`)),
        ]
      : []),
    ...(sheet.bring.length > 0 && !crew.inspects
      ? [
          heading(2, t.w('Bring, for all crews together')),
          list(sheet.bring.map((b) => `${t.w(b.name)}: ${t.figure(b.amount)}`)),
        ]
      : []),
    ...(kit.length > 0 && !crew.inspects ? [heading(2, t.w('Tools')), list(kit.map((k) => t.w(k)))] : []),
    ...(contacts.length > 0
      ? [
          heading(2, t.w('Who to call')),
          list(contacts.map((c) => [c.about, c.name, c.phone].filter((x) => x !== '').join(', '))),
        ]
      : []),
    line(t.w('A plan is no Go: before each coat the gates of the bay decide, on the day.'), 'mind'),
  ]);
}
