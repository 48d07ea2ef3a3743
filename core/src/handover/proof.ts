/**
 * What must be proven of a roof, live from its record. Each layer is judged once more as it stood when it was begun, by the
 * same gates as on the day; beside them film, acceptance, details, and what was missed. Nothing is proven by the lack of an
 * entry: what nobody read or entered is not shown.
 */
import type { ZoneDetails } from '../details/index.ts';
import { words, type Part } from '../figures/index.ts';
import type { Gate, GateGroup } from '../gates/index.ts';
import {
  DEFAULT_PROVING,
  floodTests,
  leakPoints,
  PROOF_SUBJECTS,
  snagsOf,
  type Demand,
  type LeakTerms,
  type ProofSubject,
  type ProvingDoc,
} from '../proving/index.ts';
import { latestDetails, type BayStatus, type LaidCoat, type Miss } from '../record/index.ts';
import { aggregatePoints, openingPoints, slipPoint } from './surfaceproof.ts';
import { bondPoint, dryFilmPoint, picturePoint, snagPoint } from './finished.ts';
import { asPast, layersWhenLaid, type JobState } from '../state/index.ts';

/** From best to worst. `answered for`: it did not hold, or nobody knew, and somebody took it over by name. */
export const PROOF_ANSWERS = ['proven', 'answered for', 'not shown', 'failed'] as const;
export type ProofAnswer = (typeof PROOF_ANSWERS)[number];

/** One thing of one bay that was looked at. */
interface ProofPoint {
  readonly answer: ProofAnswer;
  /** A bay, or where a detail is. */
  readonly where: string;
  /** Of a bay: where its entries are looked at. */
  readonly bayId: string | undefined;
  readonly layer: string | undefined;
  /** What was looked at; the same for all bays. */
  readonly what: string;
  readonly says: readonly Part[];
}

/** What is not proven in the same way on several bays; its words and its id are those of the first. */
export interface ProofGroup extends Omit<ProofPoint, 'where'> {
  readonly where: readonly string[];
}

export interface ProofLine {
  readonly subject: ProofSubject;
  /** The worst of its points. */
  readonly answer: ProofAnswer;
  /** Bays or details that were looked at, and those of which all is proven or answered for. */
  readonly of: number;
  readonly good: number;
  /** All that is not proven, the worst first. */
  readonly groups: readonly ProofGroup[];
}

const SUBJECT_OF: Readonly<Record<GateGroup, ProofSubject | undefined>> = {
  ground: 'ground',
  preparation: 'preparation',
  details: 'details',
  below: 'below',
  overcoat: 'times',
  lying: 'times',
  hot: 'hot',
  weather: 'weather',
  opening: undefined,
};
/** The limit that is missed where the hours after a coat brought what it could not stand. */
const MISSED_BY: Readonly<Record<string, Miss['limit']>> = {
  'weather/rainSafe': 'rainSafe',
  'weather/dewSkin': 'dewMargin',
  'weather/noBelow': 'noBelow',
};

/** Nothing is left to show. */
export const isGood = (answer: ProofAnswer): boolean => answer === 'proven' || answer === 'answered for';
const rank = (answer: ProofAnswer): number => PROOF_ANSWERS.indexOf(answer);
const worst = (answers: readonly ProofAnswer[]): ProofAnswer =>
  answers.reduce<ProofAnswer>((w, a) => (rank(a) > rank(w) ? a : w), 'proven');

function answerOf(gate: Gate): ProofAnswer {
  if (gate.answer === 'holds') return 'proven';
  if (gate.taken) return 'answered for';
  return gate.answer === 'broken' ? 'failed' : 'not shown';
}

const takenWords = ({ says, taken }: Gate): readonly Part[] =>
  taken
    ? [...asPast(says), ...words` ${taken.who} answers for it, ${{ atMs: taken.atMs }}: ${taken.reason}`]
    : asPast(says);

/** What the hours after a coat brought, and was put right on it afterwards, each step on record. */
const isMended = (status: BayStatus, entryId: string, gate: Gate): boolean =>
  status.misses.some(
    (m) => m.entryId === entryId && m.limit === MISSED_BY[gate.key] && m.clearedMs !== undefined,
  );

type Points = Map<ProofSubject, ProofPoint[]>;

function put(points: Points, subject: ProofSubject, point: ProofPoint): void {
  const own = points.get(subject);
  if (own) own.push(point);
  else points.set(subject, [point]);
}

/** Gates of every layer of a bay, as they stood when it was begun. */
function layersOf(state: JobState, status: BayStatus, points: Points): void {
  for (const { entryId, bay, layer, gates } of layersWhenLaid(state, status)) {
    for (const gate of gates) {
      const subject = SUBJECT_OF[gate.group];
      if (!subject) continue;
      put(points, subject, {
        ...{ where: bay.label, bayId: bay.id, layer: layer.name, what: gate.name },
        answer: isMended(status, entryId, gate) ? 'proven' : answerOf(gate),
        says: takenWords(gate),
      });
    }
  }
}

const FILM_ANSWERS = {
  enough: 'proven',
  thin: 'failed',
  thick: 'failed',
  check: 'not shown',
  unproven: 'not shown',
} as const satisfies Record<LaidCoat['judgement']['outcome'], ProofAnswer>;
const FILM_WORDS = {
  enough: 'is enough',
  thin: 'is thin',
  thick: 'is thicker than may lie there',
  check: 'does not add up: readings and what was used lie too far apart',
  unproven: 'is not known: no readings, or too few to tell',
} as const;

function filmOf({ bay, laid, misses }: BayStatus, points: Points): void {
  for (const { coat, entry, judgement } of laid) {
    const mended = misses.some(
      (m) =>
        m.entryId === entry.id &&
        (m.limit === 'leastRate' || m.limit === 'mostRate') &&
        m.clearedMs !== undefined,
    );
    put(points, 'film', {
      ...{ where: bay.label, bayId: bay.id, layer: coat.name, what: 'Film' },
      answer: mended ? 'proven' : FILM_ANSWERS[judgement.outcome],
      says: words`${FILM_WORDS[judgement.outcome]}; design ${judgement.design}.`,
    });
  }
}

function missesOf({ bay, misses }: BayStatus, points: Points): void {
  for (const m of misses)
    put(points, 'missed', {
      ...{ where: bay.label, bayId: bay.id, layer: m.coat.name, what: 'Missed limit' },
      answer: m.clearedMs !== undefined ? 'proven' : m.judged ? 'answered for' : 'failed',
      says:
        m.clearedMs === undefined
          ? words`missed ${{ atMs: m.atMs }}, and not every step of its remedy is on record.`
          : words`missed ${{ atMs: m.atMs }}, put right ${{ atMs: m.clearedMs }}.`,
    });
}

function standOf(status: BayStatus, points: Points): void {
  const { bay, buildUp, next, accepted, hold } = status;
  const isWhole = buildUp !== undefined && next === undefined;
  put(points, 'layers', {
    ...{ where: bay.label, bayId: bay.id, layer: undefined, what: 'Layers' },
    answer: isWhole ? 'proven' : 'not shown',
    says: [
      isWhole
        ? 'all are on record.'
        : next
          ? `from ${next.name.toLowerCase()} on nothing is on record.`
          : 'no build-up is chosen.',
    ],
  });
  put(points, 'accepted', {
    ...{ where: bay.label, bayId: bay.id, layer: undefined, what: 'Acceptance' },
    answer: hold ? 'failed' : accepted ? 'proven' : 'not shown',
    says: hold
      ? [`${hold.step === 'refused' ? 'refused' : 'held'} by ${hold.who}.`]
      : [accepted ? `accepted by ${accepted.who}.` : 'nobody has accepted it.'],
  });
}

/** Leak tests of a bay, by what the job asks of its roof. */
function leaksOf(status: BayStatus, leak: LeakTerms, asked: Demand | undefined, points: Points): void {
  const { bay } = status;
  for (const { what, answer, says } of leakPoints(bay, asked?.leak, leak))
    put(points, 'leak', { ...{ where: bay.label, bayId: bay.id, layer: undefined }, what, answer, says });
}

/** What is asked of the finished bay by its bond and its dry film. */
function finishedOf(status: BayStatus, state: JobState, asked: Demand, points: Points): void {
  const { book } = state.kept.inputs;
  const at = { where: status.bay.label, bayId: status.bay.id, layer: undefined };
  if (asked.bondMPa) put(points, 'bond', { ...at, ...bondPoint(status, book, asked.bondMPa) });
  if (asked.slip) put(points, 'slip', { ...at, ...slipPoint(status, book, asked.slip) });
  if (asked.dryFilm) put(points, 'dryFilm', { ...at, ...dryFilmPoint(status, book, state.practice) });
}

/** Pictures of details where they are asked for, and everything that was to be put right. */
function shownOf(
  state: JobState,
  zoneId: string,
  details: ZoneDetails | undefined,
  asked: Demand | undefined,
  points: Points,
): void {
  const { book, site } = state.kept.inputs;
  const entries = book.zones.get(zoneId)?.entries ?? [];
  const none = { bayId: undefined, layer: undefined };
  if (asked?.pictures)
    for (const work of details?.work ?? [])
      put(points, 'pictures', { ...none, where: work.detail.where, ...picturePoint(work, entries) });
  for (const snag of snagsOf(book, zoneId)) {
    const bay = site.bays.find((b) => b.id === snag.found.bays[0]?.bayId);
    put(points, 'snags', { ...none, where: bay?.label ?? snag.what, bayId: bay?.id, ...snagPoint(snag) });
  }
}

function detailsOf(state: JobState, details: ZoneDetails, points: Points): void {
  const latest = latestDetails(state.kept.inputs.book, details.zone.id);
  for (const { detail } of details.work) {
    const step = latest.get(detail.id)?.step;
    put(points, 'seen', {
      ...{ where: detail.where, bayId: undefined, layer: undefined, what: 'Details accepted' },
      answer: step === 'accepted' ? 'proven' : step === 'refused' ? 'failed' : 'not shown',
      says: [step === undefined ? 'nothing is on record of it.' : `the last word on it: ${step}.`],
    });
  }
}

function lineOf(subject: ProofSubject, points: readonly ProofPoint[]): ProofLine {
  const byPlace = new Map<string, ProofAnswer[]>();
  const groups = new Map<
    string,
    { -readonly [K in keyof ProofGroup]: ProofGroup[K] } & { where: string[] }
  >();
  for (const { where, ...p } of points) {
    byPlace.set(where, [...(byPlace.get(where) ?? []), p.answer]);
    if (p.answer === 'proven') continue;
    const key = [p.answer, p.layer, p.what].join('/');
    const group = groups.get(key);
    if (!group) groups.set(key, { ...p, where: [where] });
    else if (!group.where.includes(where)) group.where.push(where);
  }
  const places = [...byPlace.values()].map(worst);
  return {
    ...{ subject, answer: worst(places), of: places.length },
    good: places.filter(isGood).length,
    groups: [...groups.values()].sort((a, b) => rank(b.answer) - rank(a.answer)),
  };
}

/**
 * In the order of the work; subjects of which nothing was to be looked at are left out.
 * @param asked what the job asks to be proven
 */
export function proofOf(
  state: JobState,
  zoneId: string,
  details: ZoneDetails | undefined,
  asked: ProvingDoc = DEFAULT_PROVING,
): ProofLine[] {
  const points: Points = new Map();
  const { book, site, series } = state.kept.inputs;
  const leak: LeakTerms = {
    ...{ book, bays: site.bays, practice: state.practice, nowMs: state.atMs },
    floods: floodTests(book, series, state.atMs),
  };
  const demand = asked.demands.find((d) => d.zoneId === zoneId);
  for (const { status } of state.calls) {
    if (status.bay.zoneId !== zoneId) continue;
    layersOf(state, status, points);
    filmOf(status, points);
    missesOf(status, points);
    standOf(status, points);
    const at = { where: status.bay.label, bayId: status.bay.id, layer: undefined };
    for (const point of aggregatePoints(status, book)) put(points, 'aggregate', { ...at, ...point });
    for (const point of openingPoints(state, status)) put(points, 'openings', { ...at, ...point });
    leaksOf(status, leak, demand, points);
    if (demand) finishedOf(status, state, demand, points);
  }
  shownOf(state, zoneId, details, demand, points);
  if (details) detailsOf(state, details, points);
  return PROOF_SUBJECTS.flatMap((subject) => {
    const own = points.get(subject);
    return own ? [lineOf(subject, own)] : [];
  });
}

/** Whether everything that is looked at is proven, or answered for by name. */
export const isProven = (lines: readonly ProofLine[]): boolean =>
  lines.length > 0 && lines.every((l) => isGood(l.answer));
