/** Whether a bay was shown not to leak: by a flood test, by a pass with a detector, or by nothing. */
import { given, words, type Part } from '../figures/index.ts';
import type { Practice } from '../practice/index.ts';
import { onBayOf, type BookEntryOf, type SiteBook } from '../record/index.ts';
import { bayAreaM2, type Bay } from '../site/index.ts';
import { floodVerdict, type FloodVerdict } from './floodloss.ts';
import type { FloodTest } from './floodread.ts';
import type { LeakDemand } from './doc.ts';

export interface LeakTerms {
  readonly book: SiteBook;
  readonly floods: readonly FloodTest[];
  readonly bays: readonly Bay[];
  readonly practice: Practice;
  readonly nowMs: number;
}

const names = (entry: FloodTest['filled'], bay: Bay): boolean =>
  entry.bays.length > 0 ? entry.bays.some((b) => b.bayId === bay.id) : entry.zoneId === bay.zoneId;

/** The area under the water of a test: its bays, or all of its zone. */
export const floodedArea = ({ filled }: FloodTest, bays: readonly Bay[]) =>
  given(
    'area under water',
    bays.filter((b) => names(filled, b)).reduce((sum, b) => sum + bayAreaM2(b), 0),
    'area',
    'measured',
    'bays of the test',
  );

export interface LeakPoint {
  readonly what: 'Flood test' | 'Leak test';
  readonly answer: 'proven' | 'not shown' | 'failed';
  readonly atMs: number;
  readonly says: readonly Part[];
}

const FLOOD_ANSWERS = {
  tight: 'proven',
  loses: 'failed',
  runs: 'not shown',
  'cannot tell': 'not shown',
} as const satisfies Record<FloodVerdict['answer'], LeakPoint['answer']>;

/** The newest flood test over a bay. */
export const floodOver = (bay: Bay, floods: readonly FloodTest[]): FloodTest | undefined =>
  floods.findLast((f) => names(f.filled, bay));

function floodPoint(bay: Bay, { floods, bays, practice, nowMs }: LeakTerms): LeakPoint | undefined {
  const test = floodOver(bay, floods);
  if (!test) return undefined;
  const verdict = floodVerdict(test, floodedArea(test, bays), practice, nowMs);
  const left = verdict.plugsLeft;
  const plugs = left === 0 ? [] : [` ${left} ${left === 1 ? 'plug is' : 'plugs are'} still in an outlet.`];
  return {
    what: 'Flood test',
    answer: left > 0 ? 'failed' : FLOOD_ANSWERS[verdict.answer],
    atMs: test.filledMs,
    says: [...words`filled ${{ atMs: test.filledMs }}: `, ...verdict.says, ...plugs],
  };
}

/** The newest pass over a bay: what it found is put right when a later pass finds nothing. */
function passPoint(bay: Bay, { book, nowMs }: LeakTerms): LeakPoint | undefined {
  const pass = onBayOf(book, bay, 'leak test')
    .map((e) => ({ e, atMs: Date.parse(e.body.at) }))
    .filter(({ atMs }) => atMs <= nowMs)
    .reduce<{ e: BookEntryOf<'leak test'>; atMs: number } | undefined>(
      (last, x) => (last && last.atMs > x.atMs ? last : x),
      undefined,
    );
  if (!pass) return undefined;
  const { finds, method } = pass.e.body;
  return {
    what: 'Leak test',
    answer: finds.length === 0 ? 'proven' : 'failed',
    atMs: pass.atMs,
    says:
      finds.length === 0
        ? words`${method}, ${{ atMs: pass.atMs }}: nothing found.`
        : words`${method}, ${{ atMs: pass.atMs }}: ${finds.join('; ')}. It is not tested again since.`,
  };
}

/**
 * What the tests say of a bay, by what is asked for. What was tested counts, asked for or not.
 * @param demand undefined: nobody has said
 */
export function leakPoints(bay: Bay, demand: LeakDemand | undefined, terms: LeakTerms): LeakPoint[] {
  const found = [floodPoint(bay, terms), passPoint(bay, terms)].filter((p) => p !== undefined);
  const missing = (what: LeakPoint['what'], says: string): LeakPoint[] => [
    { what, answer: 'not shown', atMs: terms.nowMs, says: [says] },
  ];
  const has = (what: LeakPoint['what']): boolean => found.some((p) => p.what === what);
  if (demand === undefined)
    return found.length > 0
      ? found
      : missing('Flood test', 'nobody has said whether a leak test is asked for, and none is on record.');
  if (demand === 'flood' && !has('Flood test'))
    return [...found, ...missing('Flood test', 'asked for, and none is on record.')];
  if (demand === 'detector' && !has('Leak test'))
    return [...found, ...missing('Leak test', 'a pass with a detector is asked for, and none is on record.')];
  if (demand === 'either' && found.length === 0)
    return missing('Flood test', 'a flood test or a detector is asked for, and neither is on record.');
  return found;
}
