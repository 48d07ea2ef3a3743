/** Why works have moved since a plan was kept, and why others were not done, in lines. */
import {
  CONDITION_SHORT,
  MOVE_KINDS,
  SLIP_KINDS,
  type MoveWhy,
  type PlanChanges,
  type Slip,
  type SlipKind,
} from '../planning/index.ts';
import { bayRunsInOrder } from './entrylines.ts';

const MOVE_WORDS: Readonly<Record<MoveWhy['kind'], string>> = {
  'by hand': 'fixed by hand',
  'not done': 'not done when it was planned',
  'ground or cure': 'the bay is fit, or open, later',
  delivery: 'its delivery comes later',
  below: 'what it follows is done at another time',
  'crew away': 'its crew is not at work then',
  weather: 'the weather of that hour',
  order: 'nothing bars that hour: others come first, or it is done sooner',
};

export const moveWords = ({ kind, condition }: MoveWhy): string =>
  condition ? `${MOVE_WORDS[kind]}: ${CONDITION_SHORT[condition]}` : MOVE_WORDS[kind];

export interface WhyLine {
  readonly says: string;
  readonly bays: string;
  readonly count: number;
}

/** What has moved by why, the commonest first within the order of the causes. */
export function whyLines({ moved }: PlanChanges): WhyLine[] {
  const groups = new Map<string, { rank: number; bays: string[] }>();
  for (const { task, why } of moved) {
    if (!why) continue;
    const says = moveWords(why);
    const group = groups.get(says) ?? { rank: MOVE_KINDS.indexOf(why.kind), bays: [] };
    group.bays.push(task.bay);
    groups.set(says, group);
  }
  return [...groups]
    .sort(([, a], [, b]) => a.rank - b.rank || b.bays.length - a.bays.length)
    .map(([says, { bays }]) => ({
      says,
      bays: bayRunsInOrder(bays),
      count: bays.length,
    }));
}

export const SLIP_WORDS: Readonly<Record<SlipKind, string>> = {
  weather: 'weather',
  film: 'film',
  below: 'what lies below',
  details: 'details',
  preparation: 'preparation',
  ground: 'ground',
  material: 'material',
  held: 'held',
  'not told': 'not told',
};

/** How many bays slipped for what comes first: "weather 3, details 1". */
export const slipCounts = (slips: readonly Slip[]): string =>
  SLIP_KINDS.flatMap((kind) => {
    const n = slips.filter((s) => s.causes[0]?.kind === kind).length;
    return n > 0 ? [`${SLIP_WORDS[kind]} ${n}`] : [];
  }).join(', ');
