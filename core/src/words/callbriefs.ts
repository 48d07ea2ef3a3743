/**
 * A call in a few words, for a list that is read on a phone: the outcome and the subject of its verdict, the one reason
 * or the one time that decides. Nothing is said here that the verdict does not say; what is left out stands there.
 */
import type { Call } from '../call/index.ts';
import type { Part, Verdict } from '../figures/index.ts';
import { words } from '../figures/index.ts';
import { brokenIn, unknownIn, type Gate } from '../gates/index.ts';
import type { Failing } from '../programme/index.ts';
import { missWords } from './misswords.ts';
import { CONDITION_NAMES } from './names.ts';

/** What keeps an hour shut: its name, and what was found where that is a number of its own. */
function shut(f: Failing): Part[] {
  const { actual } = f;
  if (!actual) return [CONDITION_NAMES[f.condition]];
  switch (f.condition) {
    case 'dewMargin':
      return words`surface ${actual} above the dew point`;
    case 'wet':
    case 'rain':
    case 'rainSafe':
    case 'dewSkin':
      return words`${CONDITION_NAMES[f.condition]} ${{ atMs: f.atMs }}`;
    default:
      return words`${CONDITION_NAMES[f.condition]}: ${actual}`;
  }
}

/** What a gate looks at, with what was found beside its limit. */
function gateBrief({ name, actual, limit, answer }: Gate): Part[] {
  const what = name.toLowerCase();
  if (answer === 'unknown') return [`${what} not known`];
  return actual && limit ? words`${what}: ${actual}, limit ${limit}` : [what];
}

/** The gate that decides, and how many more stand beside it. */
function decides(call: Call): Part[] {
  if (!call.gate) return call.failing[0] ? shut(call.failing[0]) : ['a gate is closed'];
  const more = brokenIn(call.gates).filter(
    (g) => g.key !== call.gate?.key && g.group !== 'weather' && g.group !== 'overcoat',
  ).length;
  return [...gateBrief(call.gate), ...(more > 0 ? [`, and ${more} more`] : [])];
}

function remedied({ remedy }: Call): Part[] {
  const first = remedy?.takes[0];
  return first ? words`; else ${first.amount} of ${first.name.toLowerCase()}` : [];
}

/** A thin film: how much it lacks, and until when that can be rolled in. */
function filmBrief({ status, kind }: Call, nowMs: number): Part[] | undefined {
  const last = status.laid.at(-1);
  if (!last || last.judgement.outcome !== 'thin' || !(last.judgement.missing.value > 0)) return undefined;
  const until = status.workableUntilMs;
  if (kind === 'accept' || (until !== undefined && until <= nowMs))
    return words`thin: ${last.judgement.missing} short; it has cured`;
  return until === undefined
    ? words`thin: roll ${last.judgement.missing} more`
    : words`thin: roll ${last.judgement.missing} more by ${{ atMs: until }}`;
}

function says(call: Call, nowMs: number): Part[] | undefined {
  const { kind, failing } = call;
  switch (kind) {
    case 'wet':
      return filmBrief(call, nowMs);
    case 'open':
      return call.toMs === undefined
        ? undefined
        : [
            ...words`start by ${{ atMs: call.toMs }}`,
            ...(call.ends ? ['; ', ...shut(call.ends)] : []),
            ...remedied(call),
          ];
    case 'closing':
      return call.deadlineMs === undefined
        ? undefined
        : [
            ...words`start by ${{ atMs: call.toMs ?? call.deadlineMs }}; window closes ${{ atMs: call.deadlineMs }}`,
            ...unknownIn(call.gates)
              .slice(0, 1)
              .map((g) => `; first settle ${g.name.toLowerCase()}`),
            ...remedied(call),
          ];
    case 'lost':
      return call.deadlineMs === undefined
        ? undefined
        : [...words`window closes ${{ atMs: call.deadlineMs }}, no opening before`, ...remedied(call)];
    case 'missed':
      return call.miss ? [...missWords(call.miss), '; see what to do'] : undefined;
    case 'opens':
      return [
        ...words`opens about ${{ atMs: call.fromMs ?? nowMs }}`,
        ...(failing[0]
          ? [': ', ...shut(failing[0])]
          : call.gate?.answer === 'broken'
            ? [': ', ...gateBrief(call.gate)]
            : []),
        ...(call.lastChance ? ['; last chance'] : []),
      ];
    case 'check':
      return call.gate ? ['check ', ...gateBrief(call.gate)] : undefined;
    case 'steps': {
      const left = brokenIn(call.gates).filter((g) => g.group === 'preparation');
      return left.length < 2
        ? left.map((g) => g.name.toLowerCase())
        : [`${left.length} steps first: ${left[0]?.name.toLowerCase() ?? ''}, …`];
    }
    case 'blocked':
      return decides(call);
    case 'shut':
      return [...decides(call), '; no opening in sight'];
    case 'curing':
      return call.fromMs === undefined ? undefined : words`open from ${{ atMs: call.fromMs }}`;
    case 'accept':
      return call.status.doubt ? filmBrief(call, nowMs) : ['look at films and laps, and accept it'];
    default:
      return undefined;
  }
}

/** It begins with a capital letter where it begins with a word. */
const asSentence = ([first, ...rest]: readonly Part[]): Part[] => [
  ...(first === undefined
    ? []
    : [typeof first === 'string' ? first.slice(0, 1).toUpperCase() + first.slice(1) : first]),
  ...rest,
];

/**
 * @param verdict the whole one, by {@link callVerdict}
 * @returns the verdict as it stands where it has no shorter form
 */
export function briefVerdict(call: Call, verdict: Verdict, nowMs: number): Verdict {
  const short = says(call, nowMs);
  const { outcome, subject } = verdict;
  return { outcome, subject, says: short && short.length > 0 ? asSentence(short) : verdict.says };
}
