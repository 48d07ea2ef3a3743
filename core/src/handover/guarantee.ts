/** What a guarantee hangs on, each with whether it is kept: what is shown of the roof, visits, and the day it is sent in. */
import { words, type Part } from '../figures/index.ts';
import type { Guarantee, ProofSubject } from '../proving/index.ts';
import { monthOfDay, type UpkeepDate, type Visit } from '../upkeep/index.ts';
import { MS_PER_DAY } from '../units/index.ts';
import { dateOf } from '../words/index.ts';
import { PROOF_NAMES, proofCount } from './proofwords.ts';
import { isGood, type ProofLine } from './proof.ts';

/** `to come`: its time has not come yet. */
export type GuaranteeAnswer = 'kept' | 'missing' | 'broken' | 'to come';

export interface GuaranteeLine {
  readonly what: string;
  readonly answer: GuaranteeAnswer;
  readonly says: readonly Part[];
}

export interface GuaranteeStand {
  readonly guarantee: Guarantee;
  /** Days; undefined while the roof is not handed over and no day is said. */
  readonly startsOn: string | undefined;
  readonly endsOn: string | undefined;
  readonly lines: readonly GuaranteeLine[];
}

export interface GuaranteeTerms {
  readonly proof: readonly ProofLine[];
  /** As on record, also where the build-up says nothing of its upkeep. */
  readonly visits: readonly Visit[];
  readonly handedOverMs: number | undefined;
  readonly timeZone: string;
  readonly nowMs: number;
}

const ANSWERS = {
  proven: 'kept',
  'answered for': 'kept',
  'not shown': 'missing',
  failed: 'broken',
} as const satisfies Record<ProofLine['answer'], GuaranteeAnswer>;

/** Of these there may be nothing, and then nothing is left to show. */
const MAY_BE_NONE: readonly ProofSubject[] = ['missed', 'snags', 'hot'];

function shownLine(subject: ProofSubject, proof: readonly ProofLine[]): GuaranteeLine {
  const what = PROOF_NAMES[subject];
  const line = proof.find((l) => l.subject === subject);
  if (line)
    return {
      ...{ what, answer: ANSWERS[line.answer] },
      says: [
        isGood(line.answer)
          ? `${proofCount(line)}.`
          : `${proofCount(line)}; the list of what is proven says what is missing.`,
      ],
    };
  // Where nothing is proven at all, nothing is laid either.
  return MAY_BE_NONE.includes(subject) && proof.length > 0
    ? { what, answer: 'kept', says: ['there was none on this roof.'] }
    : { what, answer: 'missing', says: ['nothing of it is asked for or on record.'] };
}

const years = (day: string, n: number): string =>
  `${String(Number(day.slice(0, 4)) + n).padStart(4, '0')}${day.slice(4)}`;
/** The day before the same day so many years later: 29 February ends on the last of February. */
const endOf = (day: string, n: number): string => {
  const ms = Date.parse(`${years(day, n)}T00:00:00Z`);
  const last = Number.isNaN(ms)
    ? Date.parse(`${years(day, n).slice(0, 8)}01T00:00:00Z`) + 28 * MS_PER_DAY
    : ms;
  return new Date(last - MS_PER_DAY).toISOString().slice(0, 10);
};

/** Visits of each year of the guarantee that has begun. */
function visitLines(
  { visitsPerYear, visitsBy, years: span }: Guarantee,
  startsOn: string,
  { visits, timeZone, nowMs }: GuaranteeTerms,
): GuaranteeLine[] {
  if (visitsPerYear === undefined) return [];
  const today = dateOf(nowMs, timeZone);
  const looked = visits
    .filter((v) => v.body.done.includes('looked at'))
    .map((v) => ({ day: dateOf(v.atMs, timeZone), who: v.entry.who }));
  const found: GuaranteeLine[] = [];
  for (let n = 0; n < span; n += 1) {
    const [from, to] = [n === 0 ? startsOn : years(startsOn, n), endOf(startsOn, n + 1)];
    if (from > today) break;
    const made = looked.filter(({ day }) => day >= from && day <= to);
    const enough = made.length >= visitsPerYear;
    const who = [...new Set(made.map((m) => m.who))].join(', ');
    found.push({
      what: `Visits of year ${n + 1}`,
      answer: enough ? 'kept' : today > to ? 'broken' : 'to come',
      says: [
        ...words`${String(made.length)} of ${String(visitsPerYear)} until ${{ day: to }}${who ? `, made by ${who}` : ''}.`,
        ...(visitsBy ? [` To be made by ${visitsBy}.`] : []),
      ],
    });
  }
  return found;
}

function sentLine(
  { sentWithinDays, sentOn }: Guarantee,
  { handedOverMs, timeZone, nowMs }: GuaranteeTerms,
): GuaranteeLine[] {
  if (sentWithinDays === undefined) return [];
  const what = 'Sent in';
  if (handedOverMs === undefined)
    return [{ what, answer: 'to come', says: [`within ${sentWithinDays} days of handing over.`] }];
  const by = dateOf(handedOverMs + sentWithinDays * MS_PER_DAY, timeZone);
  const late = (sentOn ?? dateOf(nowMs, timeZone)) > by;
  return [
    {
      what,
      answer: late ? 'broken' : sentOn ? 'kept' : 'to come',
      says: [
        ...(sentOn
          ? words`sent ${{ day: sentOn }}, asked for by ${{ day: by }}.`
          : words`not sent yet; asked for by ${{ day: by }}.`),
      ],
    },
  ];
}

export function guaranteeOf(guarantee: Guarantee, terms: GuaranteeTerms): GuaranteeStand {
  const { handedOverMs, timeZone } = terms;
  const startsOn =
    guarantee.startsOn ?? (handedOverMs === undefined ? undefined : dateOf(handedOverMs, timeZone));
  return {
    guarantee,
    startsOn,
    endsOn: startsOn && endOf(startsOn, guarantee.years),
    lines: [
      ...guarantee.demands.map((d) => shownLine(d, terms.proof)),
      ...sentLine(guarantee, terms),
      ...(startsOn ? visitLines(guarantee, startsOn, terms) : []),
    ],
  };
}

/** When it ends, among the dates of the upkeep; undefined while it has not begun. */
export function guaranteeDate(
  { endsOn }: GuaranteeStand,
  nowMs: number,
  timeZone: string,
): UpkeepDate | undefined {
  if (endsOn === undefined) return undefined;
  const month = monthOfDay(endsOn);
  return {
    ...{ key: 'guarantee', from: month, to: month, entryId: undefined },
    state: dateOf(nowMs, timeZone) > endsOn ? 'done' : 'to come',
  };
}
