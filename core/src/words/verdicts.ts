/** The wording of verdicts, in one place: one sentence with its number, its limit and what would change it. */
import { leastOf, wetFilm, whenMissed, type WorkLayer } from '../buildup/index.ts';
import { ageOf, given } from '../figures/index.ts';
import type { AcceptanceReason } from '../film/index.ts';
import type { BayState, BayStatus, CoatJudgement, LaidCoat } from '../record/index.ts';
import { bestFilm, openMiss } from '../record/index.ts';
import { doneWords, missWords } from './misswords.ts';
import { beyond, CONDITION_NAMES } from './names.ts';
import type { LayingCondition } from '../programme/index.ts';
import { judgeConditions, type ConditionCheck, type ConditionJudgement } from '../site/index.ts';
import { sentence } from '../problems/index.ts';
import { COMMON, type Practice } from '../practice/index.ts';
import { MS_PER_MINUTE } from '../units/index.ts';
import { words, type Part, type Verdict } from '../figures/index.ts';

export const STATE_WORDS: Readonly<Record<BayState, string>> = {
  bare: 'bare',
  prepared: 'prepared',
  primed: 'primed',
  detailed: 'detailed',
  wet: 'wet',
  curing: 'curing',
  ready: 'ready for next',
  closing: 'window closing',
  missed: 'window missed',
  held: 'held',
  accepted: 'accepted',
};

/** The state of a bay in words: when all coats are laid, what is next is that somebody accepts it. */
export const stateWords = (status: BayStatus): string =>
  status.state === 'ready' && !status.next
    ? status.doubt
      ? 'laid, film in doubt'
      : 'to be accepted'
    : STATE_WORDS[status.state];

function failing({ kind, actual, limit }: ConditionCheck, j: ConditionJudgement): Part[] {
  if (!actual || !limit) return [CONDITION_NAMES[kind], '.'];
  const source = `(layer limit, ${limit.source})`;
  if (kind === 'dewMargin')
    return words`surface ${surfaceOf(j)} is ${actual} above the dew point ${j.dewPoint}; ${limit} required ${source}. Opens when the surface reaches ${j.surfaceNeeded}.`;
  const name = { s: 'surface', a: 'air', h: 'humidity', w: 'wind' }[kind.slice(0, 1)] ?? kind;
  const [side, end] = beyond(kind);
  return words`${name} ${actual} is ${side} ${limit} ${end} ${source}${TAIL[kind] ?? '.'}`;
}
const TAIL: Readonly<Partial<Record<LayingCondition, string>>> = {
  surfaceMin: '. Opens when it warms up.',
  surfaceMax: '. Opens when it cools down.',
  humidityMin: '; the resin would not cure.',
};

const surfaceOf = (j: ConditionJudgement) => j.margin.inputs['surface'] ?? j.margin;

const listed = (checks: readonly ConditionCheck[]): string =>
  checks.map((c) => CONDITION_NAMES[c.kind]).join(', ');

/** What one reading tells of one layer. The call of a bay looks at more: what is below, and the hours to come. */
export function conditionsVerdict(
  subject: string,
  layer: WorkLayer,
  reading: { airC: number; humidityPct: number; surfaceC: number; atMs: number },
  nowMs: number,
  practice: Practice = COMMON,
): Verdict {
  const ageMs = nowMs - reading.atMs;
  if (layer.kind === 'protection')
    return { outcome: 'go', subject, says: ['Go: no limits of weather are set for this course.'] };
  const judged = judgeConditions(layer.limits, reading);
  if (!judged.ok) {
    return { outcome: 'hold', subject, says: [`Hold: ${judged.problems.map(sentence).join(' ')}`] };
  }
  if (ageMs > practice.airReadingMin.value * MS_PER_MINUTE) {
    const age = ageOf('age of the reading', ageMs);
    const limit = practice.airReadingMin;
    return {
      outcome: 'hold',
      subject,
      says: words`Hold: the last reading is ${age} old and is valid for ${limit}. Take air, humidity and surface again.`,
    };
  }
  const first = judged.value.failing[0];
  if (!first) {
    const { margin, dewPoint, unknown } = judged.value;
    return {
      outcome: unknown.length > 0 ? 'check' : 'go',
      subject,
      says: words`The limits that a reading tells hold: surface ${surfaceOf(judged.value)} is ${margin} above the dew point ${dewPoint}.`,
      ...(unknown.length > 0 ? { quiet: [`A reading does not tell: ${listed(unknown)}.`] } : {}),
    };
  }
  const others = judged.value.failing.length - 1;
  return {
    outcome: 'hold',
    subject,
    says: ['Hold: ', ...failing(first, judged.value)],
    ...(others > 0
      ? {
          quiet: [
            `${others} more ${others === 1 ? 'limit fails' : 'limits fail'}: ${listed(judged.value.failing.slice(1))}.`,
          ],
        }
      : {}),
  };
}

function reasonWords(reason: AcceptanceReason): Part[] {
  if (reason.kind === 'share') {
    const least = given('least of a reading, of the design', reason.leastShare * 100, 'percent', 'typical');
    const share = given('share of the readings', reason.actual * 100, 'percent', 'measured');
    const most = given('most allowed', reason.limit * 100, 'percent', 'typical');
    return words`${share} of the readings lie between ${least} and 100 % of the design; ${most} are allowed`;
  }
  const actual = given('film', reason.actualMm, 'film', 'measured');
  const limit = given('limit', reason.limitMm, 'film', 'typical');
  const what = {
    mean: 'the mean',
    spot: `spot ${reason.kind === 'spot' ? reason.index + 1 : ''}`,
    reading: `reading ${reason.kind === 'reading' ? reason.index + 1 : ''}`,
  }[reason.kind];
  return words`${what} is under ${actual}; ${limit} required`;
}

function remedy(j: CoatJudgement, wetUntilMs: number | undefined, nowMs: number): Part[] | undefined {
  if (!(j.missing.value > 0)) return undefined;
  return wetUntilMs === undefined || nowMs < wetUntilMs
    ? words`Roll ${j.missing} more over the thin places while it is still wet${wetUntilMs === undefined ? '.' : ', until '}${wetUntilMs === undefined ? '' : { atMs: wetUntilMs }}${wetUntilMs === undefined ? '' : '.'}`
    : words`${j.missing} short. The film has cured: abrade, clean, recoat; no topping up over a skin.`;
}

/** The design, and what the sheet asks for at least where it prints a range. */
const designOf = (j: CoatJudgement): Part[] =>
  j.owed.value < j.design.value
    ? words`design ${j.design}, ${j.owed} at least by the range of the sheet`
    : words`design ${j.design}`;

/**
 * Was it enough: one sentence for a coat that was laid.
 * @param wetUntilMs when the film stops being workable; undefined while the coat is being laid
 */
export function coatVerdict(
  subject: string,
  laid: LaidCoat,
  wetUntilMs: number | undefined,
  nowMs: number,
): Verdict {
  const j = laid.judgement;
  const least = leastOf(laid.coat);
  const film = bestFilm(j);
  // A further coat of the same layer is judged by what was missing, not by the least of a whole one.
  const whole = j.design.value === wetFilm(laid.coat).value;
  if (least && film && whole && laid.entry.finishedAt !== undefined && film.value < least.value) {
    return {
      outcome: 'stop',
      subject,
      says: words`Below the least: ${film} of ${least}: ${laid.coat.rate.least?.why ?? ''}.`,
      quiet: [whenMissed(laid.coat, 'leastRate').says],
    };
  }
  const quiet = remedy(j, wetUntilMs, nowMs);
  const withQuiet = quiet ? { quiet } : {};
  const found = j.fromReadings
    ? words`readings ${j.fromReadings.figure}, consumption ${j.fromConsumption}, `
    : words`consumption ${j.fromConsumption}, `;
  const both = [...found, ...designOf(j)];
  if (j.outcome === 'enough') {
    return { outcome: 'done', subject, says: ['Enough: ', ...both, '.'] };
  }
  if (j.outcome === 'thin') {
    const first = j.acceptance.reasons[0];
    return {
      outcome: 'stop',
      subject,
      says: first ? ['Thin: ', ...reasonWords(first), ' (', ...both, ').'] : ['Thin: ', ...both, '.'],
      ...withQuiet,
    };
  }
  if (j.outcome === 'thick') {
    return {
      outcome: 'stop',
      subject,
      says: ['Too thick: ', ...both, ...words`; at most ${j.most.film}: ${j.most.why}.`],
      quiet: [whenMissed(laid.coat, 'mostRate').says],
    };
  }
  if (j.outcome === 'unproven') {
    return {
      outcome: 'hold',
      subject,
      says: j.bySpots
        ? words`It keeps to edges, laps or rust: look at every place, and accept it; design ${j.design}.`
        : words`No film is known yet: take readings on the gauge, design ${j.design}.`,
    };
  }
  if (j.agrees === false && j.gap) {
    return {
      outcome: 'hold',
      subject,
      says: [
        'Check: ',
        ...both,
        ...words`: they differ by ${j.gap}, more than ${j.mostGap}. An area, a container count or the readings are wrong.`,
      ],
      ...withQuiet,
    };
  }
  if (j.fromReadings && j.fromReadings.figure.value > j.most.film.value) {
    return {
      outcome: 'hold',
      subject,
      says: [
        'Too close to the most for this gauge: ',
        ...both,
        ...words`; at most ${j.most.film}. A finer gauge or more readings would tell.`,
      ],
    };
  }
  if (!j.fromReadings) {
    return { outcome: 'hold', subject, says: ['Check: ', ...both, '; no readings were taken.'] };
  }
  if (j.agrees === undefined) {
    return { outcome: 'hold', subject, says: ['Check: ', ...both, '; no containers were entered.'] };
  }
  return {
    outcome: 'hold',
    subject,
    says: ['Too close for this gauge: ', ...both, '. A finer gauge or more readings would tell.'],
    ...withQuiet,
  };
}

const lower = (says: string): string => says.slice(0, 1).toLowerCase() + says.slice(1);

/** What a bay waits for, now. */
export function bayVerdict(status: BayStatus, nowMs: number): Verdict {
  const { bay, next, state, conditions } = status;
  const last = status.laid.at(-1);
  const subject = next ? `${bay.label} · ${next.name.toLowerCase()}.` : `${bay.label}.`;
  if (!status.buildUp) {
    return { outcome: 'hold', subject, says: ['No build-up is chosen for this zone yet.'] };
  }
  if (status.hold) {
    return {
      outcome: 'stop',
      subject,
      says: [
        `${status.hold.step === 'refused' ? 'Refused' : 'Held'} by ${status.hold.who}: ${status.hold.note || 'no reason given'}.`,
      ],
    };
  }
  if (state === 'accepted' && status.accepted) {
    return {
      outcome: 'done',
      subject,
      says: words`Accepted ${{ atMs: Date.parse(status.accepted.at) }} by ${status.accepted.who}.`,
    };
  }
  if (state === 'wet' && last)
    return coatVerdict(
      `${bay.label} · ${last.coat.name.toLowerCase()}.`,
      last,
      status.workableUntilMs,
      nowMs,
    );
  if (state === 'curing' && last) {
    const curing = `${bay.label} · ${last.coat.name.toLowerCase()} curing.`;
    if (status.unknown === 'no temperature') {
      return {
        outcome: 'curing',
        subject: curing,
        says: ['No surface temperature is on record, so no times can be told. Take a reading.'],
      };
    }
    if (status.opensMs === undefined) {
      return {
        outcome: 'curing',
        subject: curing,
        says: [
          status.unknown === 'beyond the forecast'
            ? 'Not known: it is not reached within the hours that are forecast.'
            : 'Cure stands still: the surface is below the coldest row of the layer’s table.',
        ],
      };
    }
    const share = given(
      'cured',
      (status.cured ?? 0) * 100,
      'percent',
      'measured',
      'from surface readings and the layer’s table',
    );
    return {
      outcome: 'curing',
      subject: curing,
      says: words`${share} of the way; ${next ? 'overcoat' : 'foot traffic'} from ${{ atMs: status.opensMs }} ${status.forecast ? 'by the weather and its forecast' : 'if the surface stays as last read'}.`,
    };
  }
  const miss = state === 'missed' ? openMiss(status) : undefined;
  if (miss) {
    return {
      outcome: 'stop',
      subject,
      says: [...missWords(miss), '. ', whenMissed(miss.coat, miss.limit).says],
      ...(miss.done.size > 0 ? { quiet: doneWords(miss) } : {}),
    };
  }
  if (state === 'bare') {
    return {
      outcome: 'hold',
      subject,
      says: ['Not prepared: repair, clean and dry the substrate, then log it.'],
    };
  }
  if (!next && last && status.doubt) {
    return coatVerdict(
      `${bay.label} · ${last.coat.name.toLowerCase()}.`,
      last,
      status.workableUntilMs,
      nowMs,
    );
  }
  if (!next) {
    return {
      outcome: 'go',
      subject,
      says: ['All layers are laid and can be walked on: look at films and laps and accept the bay.'],
    };
  }
  const closing =
    state === 'closing' && status.closesMs !== undefined
      ? words`Overcoat window closes ${{ atMs: status.closesMs }}. ${last ? `If missed: ${lower(whenMissed(last.coat, 'overcoatUntil').says)}` : ''}`
      : undefined;
  if (!conditions) {
    return {
      outcome: 'hold',
      subject,
      says: ['Hold: no reading of air, humidity and surface yet. Take one.'],
      ...(closing ? { quiet: closing } : {}),
    };
  }
  const verdict = conditionsVerdict(subject, next, { ...conditions, atMs: Date.parse(conditions.at) }, nowMs);
  return closing
    ? { ...verdict, quiet: [...closing, ...(verdict.quiet ? [' ', ...verdict.quiet] : [])] }
    : verdict;
}
