/** The wording of the call: what can be done on a bay, until when, or from when, and what stands in the way. */
import type { Call, Overcoated } from '../call/index.ts';
import { given, words, type Figure, type Outcome, type Part, type Verdict } from '../figures/index.ts';
import { whenMissed, type Coat, type Missable } from '../buildup/index.ts';
import type { Failing, Mishap, Mishappening, Start, Trouble, Unsaid } from '../programme/index.ts';
import { MS_PER_DAY, MS_PER_HOUR, MS_PER_MINUTE } from '../units/index.ts';
import { brokenIn, unknownIn, type Gate } from '../gates/index.ts';
import { doneWords, missWords } from './misswords.ts';
import { beyond, CONDITION_NAMES } from './names.ts';
import { bayVerdict } from './verdicts.ts';

const source = (f: Failing): string => (f.limit ? ` (layer limit, ${f.limit.source})` : '');

/** Why an hour is shut, from its first failing condition. */
export function failingWords(f: Failing): Part[] {
  const at = { atMs: f.atMs };
  const { actual, limit } = f;
  if (f.condition === 'unknown') return words`the weather of ${at} is not known`;
  if (f.condition === 'unknownAfter')
    return words`the weather is not known after ${at}: whether it stays dry long enough cannot be told`;
  if (!actual) return [CONDITION_NAMES[f.condition]];
  switch (f.condition) {
    case 'rain':
      return words`${actual} of rain (${at})`;
    case 'wet':
      return words`still wet: ${actual} of ${actual.label} on the surface, as calculated`;
    case 'dryHours':
      return limit ? words`dry for ${actual}; ${limit} required${source(f)}` : words`dry for ${actual}`;
    case 'dewMargin':
      return limit
        ? words`surface ${actual} above the dew point (${at}); ${limit} required${source(f)}`
        : words`surface ${actual} above the dew point (${at})`;
    case 'rainSafe':
      return words`${actual} of rain (${at}), before it is rain-safe`;
    case 'dewSkin':
      return words`dew (${at}) on a film that is not rain-safe: surface ${actual} above the dew point`;
    case 'noBelow':
      return limit
        ? words`surface ${actual} (${at}), before its time; not below ${limit}${source(f)}`
        : words`surface ${actual} (${at})`;
    case 'rising':
      return limit
        ? words`surface ${actual} (${at}) and falling; within ${limit} of the least it must rise${source(f)}`
        : words`surface falls (${at})`;
    case 'falling':
      return words`surface ${actual} (${at}) and rising: slab warming, it may outgas; coat it once it is cooling`;
    default: {
      const [side, end] = beyond(f.condition);
      return limit
        ? words`${actual.label} ${actual} (${at}), ${side} ${limit} ${end}${source(f)}`
        : words`${actual.label} ${actual} (${at})`;
    }
  }
}

/** What the weather says nothing of, and is therefore not looked at. */
export const unsaidWords = (unsaid: readonly Unsaid[]): string =>
  unsaid.length === 0 ? '' : `Not looked at, the weather says nothing of it: ${unsaid.join(', ')}.`;

/** The chance that a start holds, and what goes wrong most where it does not. */
export interface Odds {
  readonly holds: Figure;
  readonly trouble?: Trouble | undefined;
}

/** What lay open for days is washed again. */
function lainWords({ lainH, practice }: Call): Part[] {
  const days = lainH === undefined ? 0 : Math.floor((lainH * MS_PER_HOUR) / MS_PER_DAY);
  if (days < practice.washAfterDays.value) return [];
  const growth =
    days >= practice.growthAfterDays.value ? ' Look for growth: it may need a biocide wash.' : '';
  return [`What lies there has lain ${days} days: wash it off and let it dry first.${growth} `];
}

/** No forecast makes a thing certain: at the ends of the scale only the side is said. */
const ENDS_PCT = { high: 95, low: 5 };
function chancePart(odds: Odds | undefined): Part[] {
  if (!odds) return [];
  const { holds } = odds;
  const { high, low } = ENDS_PCT;
  const end = holds.value > high ? high : holds.value < low ? low : undefined;
  if (end === undefined) return words` Chance of staying within limits: ${holds}.`;
  const said: Figure = {
    ...holds,
    value: end,
    formula: end === high ? `min(${high}, ${holds.formula})` : `max(${low}, ${holds.formula})`,
    from: `${holds.from}. A forecast makes nothing certain: at the ends of the scale only the side is said`,
  };
  return words` Chance of staying within limits: ${end === high ? 'over' : 'under'} ${said}.`;
}
/** Less likely than this it is said what goes wrong. */
const SURE_PCT = 95;
const troublePart = (odds: Odds | undefined): Part[] =>
  odds?.trouble && odds.holds.value < SURE_PCT
    ? words`Where it does not hold, most often: ${CONDITION_NAMES[odds.trouble.condition]}. `
    : [];

function remedyWords({ remedy }: Call): Part[] {
  if (!remedy) return [];
  const lower = remedy.says.slice(0, 1).toLowerCase() + remedy.says.slice(1);
  const listed = remedy.takes.flatMap((t, i) => [
    ...(i > 0 ? [', '] : []),
    ...words`${t.amount} of ${t.name.toLowerCase()}`,
  ]);
  return listed.length === 0 ? [lower] : [lower, ' It takes about ', ...listed, '; the data sheet decides.'];
}

/** A gate in one line: what it looks at, and what was found. */
const gateWords = (gate: Gate): Part[] => [`${gate.name.toLowerCase()}: `, ...gate.says];

/** How many more gates stand against it, or are to be settled. */
function moreGates(gates: readonly Gate[], said: Gate | undefined): Part[] {
  const others = gates.filter((g) => g.key !== said?.key);
  const names = [...new Set(others.map((g) => g.name.toLowerCase()))];
  return names.length === 0 ? [] : [` Also: ${names.join(', ')}.`];
}

/** What somebody answers for, by name. */
const wordOf = ({ gates }: Call): Part[] =>
  gates.flatMap((g) =>
    g.taken && g.answer !== 'holds'
      ? [` On ${g.taken.who}’s word: ${g.name.toLowerCase()}${g.taken.reason ? ` (${g.taken.reason})` : ''}.`]
      : [],
  );

/** What is to be settled before a closing window is used. */
const settleFirst = (call: Call): Part[] =>
  unknownIn(call.gates).flatMap((g) => ['First: ', ...gateWords(g), ' ']);

/** What keeps it shut: the reading of now first, then the forecast. */
const shutBy = ({ failing, gate }: Call): Part[] =>
  failing[0]
    ? failingWords(failing[0])
    : gate?.answer === 'broken'
      ? withoutStop(gateWords(gate))
      : ['shut now'];
const withoutStop = (parts: readonly Part[]): Part[] =>
  parts.map((p, i) => (i === parts.length - 1 && typeof p === 'string' ? p.replace(/\.$/, '') : p));

/** Another way to lay it where the wind stops the spray. */
const insteadWords = ({ gates }: Call): Part[] =>
  gates.flatMap((g) => (g.settle?.by === 'method' ? [...g.opens, ' '] : []));

/** Less than an hour is said in minutes. */
function inMinutes(hours: Figure): Figure {
  const perHour = given('minutes in an hour', MS_PER_HOUR / MS_PER_MINUTE, 'count', 'definition');
  return {
    label: hours.label,
    value: hours.value * perHour.value,
    quantity: 'minutes',
    formula: '{hours} × {perHour}',
    inputs: { hours, perHour },
    from: hours.from,
  };
}
function takes({ laying }: Call): Part[] {
  if (!laying) return [];
  const minutes = inMinutes(laying);
  if (minutes.value < 1) return [' Laying takes less than a minute.'];
  return words` Laying takes ${laying.value < 1 ? minutes : laying}.`;
}

/**
 * One line for a bay.
 * @param odds of laying that begins now, or when it opens
 */
export function callVerdict(call: Call, nowMs: number, odds?: Odds): Verdict {
  const { status, layer, kind } = call;
  const subject = layer ? `${status.bay.label} · ${layer.name.toLowerCase()}.` : `${status.bay.label}.`;
  const line = (outcome: Outcome, says: Part[], quiet: Part[] = []): Verdict =>
    quiet.length > 0 ? { outcome, subject, says, quiet } : { outcome, subject, says };
  const unsaid = [...(call.unsaid.length > 0 ? [' ', unsaidWords(call.unsaid)] : []), ...wordOf(call)];
  const ends = call.ends ? [': ', ...failingWords(call.ends)] : [];
  const until =
    call.toMs === undefined
      ? ['Go.']
      : [...words`Go: start by ${{ atMs: call.toMs }} at the latest`, ...ends, '.'];
  const late: Part[] =
    call.deadlineMs === undefined
      ? []
      : [...words`Overcoat until ${{ atMs: call.deadlineMs }}. If missed: `, ...remedyWords(call)];
  switch (kind) {
    case 'open':
      return line(
        'go',
        [...until, ...takes(call), ...chancePart(odds)],
        [...lainWords(call), ...troublePart(odds), ...late, ...unsaid],
      );
    case 'closing':
      return line(
        unknownIn(call.gates).length > 0 ? 'check' : 'go',
        call.deadlineMs !== undefined && call.toMs === call.deadlineMs
          ? [
              ...words`Go now: the overcoat window closes ${{ atMs: call.deadlineMs }}.`,
              ...takes(call),
              ...chancePart(odds),
            ]
          : [
              'Last weather window before its overcoat window closes. ',
              ...until,
              ...takes(call),
              ...chancePart(odds),
            ],
        [...settleFirst(call), ...lainWords(call), ...troublePart(odds), ...late, ...unsaid],
      );
    case 'lost':
      return line(
        'stop',
        [
          ...words`No opening before its overcoat window closes ${{ atMs: call.deadlineMs ?? nowMs }}`,
          ...(call.failing[0] ? [': ', ...failingWords(call.failing[0])] : []),
          '.',
        ],
        ['Then: ', ...remedyWords(call), ...unsaid],
      );
    case 'missed':
      return call.miss
        ? line('stop', [...missWords(call.miss), ': ', ...remedyWords(call)], doneWords(call.miss))
        : bayVerdict(status, nowMs);
    case 'opens':
      return line(
        'hold',
        [
          'Hold: ',
          ...shutBy(call),
          ...words`. Opens about ${{ atMs: call.fromMs ?? nowMs }}, until ${{ atMs: call.toMs ?? nowMs }}`,
          call.lastChance ? ', the last weather window before its overcoat window closes.' : '.',
          ...takes(call),
          ...chancePart(odds),
        ],
        [
          ...insteadWords(call),
          ...moreWords(call.failing),
          ...lainWords(call),
          ...troublePart(odds),
          ...late,
          ...unsaid,
        ],
      );
    case 'check':
      return line(
        'check',
        ['Check: ', ...(call.gate ? gateWords(call.gate) : ['something is not known.'])],
        [
          ...(call.gate?.opens ?? []),
          ...moreGates(unknownIn(call.gates), call.gate),
          ...(call.toMs === undefined ? [] : words` Else it can be laid until ${{ atMs: call.toMs }}.`),
          ...lainWords(call),
          ...late.map((p, i) => (i === 0 && typeof p === 'string' ? ` ${p}` : p)),
          ...unsaid,
        ],
      );
    case 'steps': {
      const left = brokenIn(call.gates).filter((g) => g.group === 'preparation');
      return line(
        'hold',
        [`To be prepared first: ${left.map((g) => g.name.toLowerCase()).join('; ')}.`],
        ['Log each as it is done, or all of it as prepared.', ...unsaid],
      );
    }
    case 'blocked':
      return line(
        call.gate?.fixed || call.gate?.key === 'ground/fit' ? 'stop' : 'hold',
        ['Hold: ', ...(call.gate ? gateWords(call.gate) : ['a gate is closed.'])],
        [
          ...(call.gate?.opens ?? []),
          ...moreGates(
            brokenIn(call.gates).filter((g) => g.group !== 'weather' && g.group !== 'overcoat'),
            call.gate,
          ),
          ...unsaid,
        ],
      );
    case 'shut':
      if (call.failing.length === 0 && call.gate)
        return line('hold', ['Hold: ', ...gateWords(call.gate)], [...call.gate.opens, ...unsaid]);
      return line(
        'hold',
        [
          'Hold: ',
          ...(call.failing[0] ? failingWords(call.failing[0]) : ['shut']),
          '. No opening in the hours that are known.',
        ],
        [...insteadWords(call), ...moreWords(call.failing), ...unsaid],
      );
    default: {
      const plain = bayVerdict(status, nowMs);
      if (kind !== 'curing' || call.fromMs === undefined || !layer) return plain;
      const then = words` Then ${layer.name.toLowerCase()}: open ${{ atMs: call.fromMs }} to ${{ atMs: call.toMs ?? call.fromMs }}.`;
      return { ...plain, says: [...plain.says, ...then, ...chancePart(odds)] };
    }
  }
}

/** Each failing condition with its number and limit. */
export const eachWords = (failing: readonly Failing[], before = ''): Part[] =>
  failing.length === 0
    ? []
    : [before, ...failing.flatMap((f, i) => [...(i > 0 ? ['; '] : []), ...failingWords(f)]), '.'];

const quietly = (quiet: Part[]): { quiet?: Part[] } => (quiet.length > 0 ? { quiet } : {});

const moreWords = (failing: readonly Failing[]): Part[] =>
  failing.length < 2
    ? []
    : [
        `Also: ${failing
          .slice(1)
          .map((f) => CONDITION_NAMES[f.condition])
          .join(', ')}. `,
      ];

const MISSED_BY: Readonly<Record<Mishap, Missable>> = {
  rainSafe: 'rainSafe',
  dewSkin: 'dewMargin',
  noBelow: 'noBelow',
  cold: 'surfaceMin',
};

/** What happened, or will happen, to a film on its way, and what the layer says to do then. */
export function mishapVerdict(coat: Coat, m: Mishappening): Verdict {
  const at = { atMs: m.atMs };
  const source = m.ahead ? 'assumed' : 'measured';
  const rain = given('rain', m.value, 'rain', source);
  const surface = given('surface temperature', m.value, 'temperature', source, 'as calculated');
  const below = given('below the dew point', -m.value, 'temperatureDifference', source, 'as calculated');
  const says: Record<Mishap, Part[]> = {
    rainSafe: words`${rain} of rain ${at}, before it is rain-safe.`,
    dewSkin: words`Dew ${at}, before it is rain-safe: the surface ${below} below the dew point.`,
    noBelow: words`Surface ${surface} ${at}, before its time.`,
    cold: words`Surface ${surface} ${at}: below the coldest row of its table, cure stands still.`,
  };
  const todo = whenMissed(coat, MISSED_BY[m.kind]).says;
  // Cold that stops the cure only costs time.
  const harms = m.kind !== 'cold';
  return {
    outcome: m.ahead ? 'hold' : harms ? 'stop' : 'hold',
    subject: m.ahead ? 'Ahead.' : 'Happened.',
    says: says[m.kind],
    ...(harms ? { quiet: [m.ahead ? `Then: ${todo}` : todo] } : {}),
  };
}

/** A coat that was laid over before or after its time, and what it says to do then. */
export function overcoatedVerdict({ kind, coat, over, atMs, by }: Overcoated): Verdict {
  const at = { atMs };
  const name = coat.name.toLowerCase();
  const on = over.toLowerCase();
  const gone = given('way to overcoating', 100 * by, 'percent', 'assumed', 'by the surface, as calculated');
  const past = given('past its overcoat time', by, 'hours', 'assumed', 'by the surface, as calculated');
  return {
    outcome: 'stop',
    subject: 'Happened.',
    says:
      kind === 'early'
        ? words`The ${name} was laid over ${at} (${on}), ${gone} of the way to its overcoat time: solvent or gas may be shut in.`
        : words`The ${name} was laid over ${at} (${on}), ${past} past its overcoat time.`,
    quiet: [whenMissed(coat, kind === 'early' ? 'overcoatFrom' : 'overcoatUntil').says],
  };
}

/** What follows from a start, in one line. */
export function startVerdict(name: string, start: Start, odds?: Odds): Verdict {
  const subject = `${name}.`;
  const first = start.failing[0];
  if (!first)
    return {
      outcome: 'go',
      subject,
      says: [...words`Start ${{ atMs: start.startMs }}: every condition holds.`, ...chancePart(odds)],
      ...quietly(troublePart(odds)),
    };
  return {
    outcome: 'hold',
    subject,
    says: [...words`Start ${{ atMs: start.startMs }}: `, ...failingWords(first), '.', ...chancePart(odds)],
    ...quietly(eachWords(start.failing.slice(1), 'Also: ')),
  };
}
