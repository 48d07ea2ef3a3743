/**
 * Rain, feet, wheels and standing water: what a finished coat can take, by its cure, and what somebody opened it to. The
 * cure allows, a person opens.
 */
import { STAGE_NAMES, type Stage } from '../buildup/index.ts';
import { reachedAtMs } from '../cure/index.ts';
import { given, words } from '../figures/index.ts';
import {
  filmMmOf,
  onBayOf,
  type BayStatus,
  type BookEntryOf,
  type LaidCoat,
  type OPENED_TO,
  type SiteBook,
} from '../record/index.ts';
import type { Gate } from './gate.ts';

export type OpenedTo = (typeof OPENED_TO)[number];

interface Use {
  readonly to: OpenedTo;
  readonly stage: Stage;
  readonly name: string;
}
const USES: readonly Use[] = [
  { to: 'rain', stage: 'rainSafe', name: 'Rain' },
  { to: 'feet', stage: 'foot', name: 'Feet' },
  { to: 'wheels', stage: 'wheels', name: 'Wheels' },
  { to: 'water', stage: 'flood', name: 'Standing water' },
];
/** Only what is finished is driven on or flooded. */
const WHEN_FINISHED: readonly OpenedTo[] = ['wheels', 'water'];

/** The last word on a use of a bay, up to an instant. */
function lastSaid(
  book: SiteBook,
  { bay }: BayStatus,
  to: OpenedTo,
  sinceMs: number,
  nowMs: number,
): BookEntryOf<'opening'> | undefined {
  return onBayOf(book, bay, 'opening')
    .filter((o) => o.body.to === to)
    .map((o) => ({ o, ms: Date.parse(o.body.at) }))
    .filter(({ ms }) => ms >= sinceMs && ms <= nowMs)
    .sort((a, b) => a.ms - b.ms)
    .at(-1)?.o;
}

function useGate(
  { to, stage, name }: Use,
  top: LaidCoat,
  finishedMs: number,
  status: BayStatus,
  book: SiteBook,
  nowMs: number,
): Gate {
  const head = { key: `opening/${to}`, group: 'opening', name, readAtMs: finishedMs } as const;
  const table = top.coat.cure[stage];
  const { temperatures, temperaturesUntilMs } = status;
  const said = lastSaid(book, status, to, finishedMs, nowMs);
  const opened = said?.body.step === 'opened' ? said : undefined;
  const stageName = STAGE_NAMES[stage];
  const limit =
    table && given(`to be open to ${to}`, 100, 'percent', table.source, `${stageName}, of its table`);
  const entry = (step: 'opened' | 'closed') =>
    ({ by: 'entry', kind: 'opening', known: { to, step } }) as const;
  const byWhom = opened ? words`opened ${{ atMs: Date.parse(opened.body.at) }} by ${opened.who}` : [];
  if (!table || temperatures.length === 0) {
    return {
      ...head,
      limit,
      answer: opened ? 'holds' : 'unknown',
      says: opened
        ? [
            ...byWhom,
            `; the cure does not tell: ${table ? 'no temperature is known' : 'its layer has no such time'}.`,
          ]
        : [table ? 'no temperature of the surface is known.' : `the layer says no time for ${stageName}.`],
      opens: table ? ['Take a reading of the surface.'] : ['Ask the data sheet, then open it.'],
      settle: table && !opened ? { by: 'entry', kind: 'conditions', known: {} } : entry('opened'),
    };
  }
  const reached = reachedAtMs(table, finishedMs, temperatures, filmMmOf(top.judgement));
  const readyMs = reached !== undefined && reached <= temperaturesUntilMs ? reached : undefined;
  if (readyMs === undefined || nowMs < readyMs) {
    const from =
      readyMs === undefined ? ['not within the hours that are known'] : words`from ${{ atMs: readyMs }}`;
    return {
      ...head,
      limit,
      answer: 'broken',
      says: opened ? [...byWhom, ', too early: ', ...from, '.'] : [...from, '.'],
      opens: opened ? ['Close it again, and look at what it did.'] : ['It waits for its cure.'],
      ...(readyMs === undefined ? {} : { opensAtMs: readyMs }),
      ...(opened ? { settle: entry('closed') } : {}),
    };
  }
  // Nobody opens a roof to the rain.
  if (to === 'rain')
    return { ...head, limit, answer: 'holds', says: words`since ${{ atMs: readyMs }}.`, opens: [] };
  return {
    ...head,
    limit,
    answer: opened ? 'holds' : 'unknown',
    says: opened
      ? [...byWhom, '.']
      : said
        ? words`closed ${{ atMs: Date.parse(said.body.at) }} by ${said.who}; its cure allows it since ${{ atMs: readyMs }}.`
        : words`its cure allows it since ${{ atMs: readyMs }}; nobody has opened it.`,
    opens: ['Look at it, then open it.'],
    settle: entry('opened'),
  };
}

/** What the coat on top can take; empty where nothing cures there. */
export function openingGates(status: BayStatus, book: SiteBook, nowMs: number): Gate[] {
  const top = status.laid.at(-1);
  const other = status.others.at(-1);
  const finishedAt = top?.entry.finishedAt;
  if (!top || finishedAt === undefined) return [];
  if (other && Date.parse(other.entry.startedAt) >= Date.parse(top.entry.startedAt)) return [];
  const finishedMs = Date.parse(finishedAt);
  return USES.filter(({ to, stage }) => {
    const asked = to === 'wheels' ? top.buildUp.traffic === 'wheels' : top.coat.cure[stage] !== undefined;
    return asked && (status.next === undefined || !WHEN_FINISHED.includes(to));
  }).map((use) => useGate(use, top, finishedMs, status, book, nowMs));
}
