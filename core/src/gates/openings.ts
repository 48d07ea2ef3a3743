/**
 * Rain, feet, wheels and standing water: what a finished coat can take, by its cure, and what somebody opened it to. The
 * cure allows, a person opens.
 */
import { STAGE_NAMES, type Stage } from '../buildup/index.ts';
import { reachedAtMs } from '../cure/index.ts';
import { given, words, type Figure, type Given } from '../figures/index.ts';
import type { Practice } from '../practice/index.ts';
import {
  filmMmOf,
  onBayOf,
  type BayStatus,
  type BookEntryOf,
  type LaidCoat,
  type OPENED_TO,
  type SiteBook,
} from '../record/index.ts';
import { zoneUse, type Zone } from '../survey/index.ts';
import type { Gate } from './gate.ts';

export type OpenedTo = (typeof OPENED_TO)[number];

interface Use {
  readonly to: OpenedTo;
  readonly stage: Stage;
  readonly name: string;
}
const BACKFILL: Use = { to: 'backfill', stage: 'load', name: 'Backfill' };
const USES: readonly Use[] = [
  { to: 'rain', stage: 'rainSafe', name: 'Rain' },
  { to: 'feet', stage: 'foot', name: 'Foot traffic' },
  { to: 'wheels', stage: 'wheels', name: 'Wheels' },
  { to: 'water', stage: 'flood', name: 'Standing water' },
  BACKFILL,
  { to: 'tiles', stage: 'load', name: 'Tiles or slabs' },
];
/** Only what is finished is driven on, flooded or covered. */
const WHEN_FINISHED: readonly OpenedTo[] = ['wheels', 'water', 'backfill', 'tiles'];

const OPEN_SO: Readonly<Partial<Record<OpenedTo, string>>> = {
  water:
    'Outlets plugged so that the plug can be pulled at once, the overflow free; somebody stays while it fills and looks after it. Then open it.',
  backfill:
    'Looked at all over, boards or a drainage sheet against it down to its foot; filled in layers without stones, nothing tipped or driven against it. Then open it.',
  tiles: 'Looked at all over, and tested with water where the job asks for it. Then open it.',
};
const LOOK_FIRST = 'Look at it, then open it.';

/** Whether somebody may want a use of a zone with this coat on top. */
function isAsked({ to, stage }: Use, { coat, buildUp }: LaidCoat, zone: Zone | undefined): boolean {
  const use = zone ? zoneUse(zone) : 'roof';
  if (to === 'backfill') return use === 'wall';
  if (to === 'tiles') return use !== 'wall' && coat.cure.load !== undefined;
  // Nobody drives on a wall, walks on it, or floods it.
  if (use === 'wall') return to === 'rain';
  return to === 'wheels' ? buildUp.traffic === 'wheels' : coat.cure[stage] !== undefined;
}

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
  // What does not say when it carries a load carries it when it has cured.
  const table = top.coat.cure[stage] ?? (stage === 'load' ? top.coat.cure.full : undefined);
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
    opens: [OPEN_SO[to] ?? LOOK_FIRST],
    settle: entry('opened'),
  };
}

/** One millimetre of water on a square metre is one litre, and weighs one kilogram. */
const KG_PER_M2_MM = 1;

/**
 * Whether the deck carries the water of a flood test. Only a structural engineer says what it carries.
 * @param depth of the water at its deepest, mm
 */
export function floodLoad(zone: Zone | undefined, depth: Given): Gate {
  const head = {
    key: 'opening/load',
    group: 'opening',
    name: 'Weight of the water',
    fixed: 'never',
    settle: { by: 'survey' },
  } as const;
  const water: Figure = {
    label: 'Water at its deepest',
    value: depth.value * KG_PER_M2_MM,
    quantity: 'load',
    formula: '{depth} × {litre}',
    inputs: {
      depth,
      litre: given('1 mm of water', KG_PER_M2_MM, 'load', 'definition', '1 L on 1 m², 1 kg'),
    },
    from: 'depth of the test by the weight of water',
  };
  const allowed = zone?.deckLoad;
  const named = allowed?.says.trim() ?? '';
  if (!allowed || named === '')
    return {
      ...head,
      answer: 'unknown',
      says: words`${depth} of water weigh ${water}; ${allowed ? 'nobody is named for what the deck may carry' : 'what the deck may carry is not known'}.`,
      opens: ['A structural engineer says what it may carry; enter it in the survey.'],
      actual: water,
    };
  const limit = given('the deck may carry', allowed.kgPerM2, 'load', 'chosen', named);
  const carries = water.value <= limit.value;
  return {
    ...head,
    answer: carries ? 'holds' : 'broken',
    says: words`${depth} of water weigh ${water}; the deck may carry ${limit} (${named}).`,
    opens: carries
      ? []
      : ['Less water, in smaller fields, or a test without water; the structural engineer decides.'],
    actual: water,
    limit,
  };
}

export interface OpeningTerms {
  readonly zone: Zone | undefined;
  readonly practice: Practice;
}

/** Backfill against a sheet, which has nothing to cure. */
function sheetAgainstEarth(status: BayStatus, book: SiteBook, finishedMs: number, nowMs: number): Gate {
  const said = lastSaid(book, status, 'backfill', finishedMs, nowMs);
  const opened = said?.body.step === 'opened';
  return {
    key: 'opening/backfill',
    group: 'opening',
    name: 'Backfill',
    readAtMs: finishedMs,
    answer: opened ? 'holds' : 'unknown',
    says: said
      ? words`${said.body.step} ${{ atMs: Date.parse(said.body.at) }} by ${said.who}.`
      : ['nothing has to cure; nobody has opened it.'],
    opens: [OPEN_SO.backfill ?? LOOK_FIRST],
    settle: { by: 'entry', kind: 'opening', known: { to: 'backfill', step: 'opened' } },
  };
}

/** What the coat on top can take; empty where nothing cures there. */
export function openingGates(
  status: BayStatus,
  book: SiteBook,
  nowMs: number,
  { zone, practice }: OpeningTerms,
): Gate[] {
  const top = status.laid.at(-1);
  const other = status.others.at(-1);
  const isOnTop = other && (!top || Date.parse(other.entry.startedAt) >= Date.parse(top.entry.startedAt));
  const isWall = zone !== undefined && zoneUse(zone) === 'wall';
  if (isOnTop && isWall && status.next === undefined && other.layer.kind === 'sheet')
    return other.entry.finishedAt === undefined
      ? []
      : [sheetAgainstEarth(status, book, Date.parse(other.entry.finishedAt), nowMs)];
  const finishedAt = top?.entry.finishedAt;
  if (!top || finishedAt === undefined) return [];
  const finishedMs = Date.parse(finishedAt);
  // What protects a wall from the earth says nothing of the coat below it, which has to cure all the same.
  if (isOnTop)
    return isWall && status.next === undefined
      ? [useGate(BACKFILL, top, finishedMs, status, book, nowMs)]
      : [];
  const uses = USES.filter(
    (use) => isAsked(use, top, zone) && (status.next === undefined || !WHEN_FINISHED.includes(use.to)),
  );
  return [
    ...uses.map((use) => useGate(use, top, finishedMs, status, book, nowMs)),
    ...(uses.some((use) => use.to === 'water') ? [floodLoad(zone, practice.floodDepth)] : []),
  ];
}
