/** When and where an entry says that something was: what has come, ends after its start, and lies on bays of one zone. */
import type { Problem } from '../problems/index.ts';
import { TOLERANCE } from '../units/index.ts';
import { clockShiftMs } from './deviceclock.ts';
import type { Kind } from './entry.ts';
import type { BookEntry } from './reading.ts';
import { kindName, missing, order, unknown, type RecordContext, type Say } from './rulebase.ts';

/** What a kind has to name: bays, at least its zone, or nothing. */
const PLACES: Readonly<Record<Kind, 'bays' | 'zone' | 'free'>> = {
  conditions: 'zone',
  preparation: 'zone',
  test: 'zone',
  trial: 'zone',
  coat: 'bays',
  ply: 'bays',
  broadcast: 'bays',
  mix: 'zone',
  melt: 'zone',
  permit: 'free',
  watch: 'zone',
  'dry film': 'zone',
  gauge: 'free',
  flood: 'zone',
  'leak test': 'zone',
  snag: 'zone',
  upkeep: 'zone',
  event: 'zone',
  opening: 'zone',
  decision: 'zone',
  detail: 'zone',
  remedy: 'bays',
  stock: 'free',
  withdrawal: 'free',
};

/** Fields that tell when something began and when it ended. */
function spanOf(entry: BookEntry): [string, string | undefined, string, string | undefined] | undefined {
  switch (entry.kind) {
    case 'coat':
    case 'ply':
      return ['startedAt', entry.body.startedAt, 'finishedAt', entry.body.finishedAt];
    case 'preparation':
      return ['startedAt', entry.body.startedAt, 'at', entry.body.at];
    case 'melt':
      return ['litAt', entry.body.litAt, 'offAt', entry.body.offAt];
    case 'mix':
      return ['at', entry.body.at, 'placedAt', entry.body.placedAt];
    case 'trial':
      return ['at', entry.body.at, 'judgedAt', entry.body.judgedAt];
    default:
      return undefined;
  }
}

export function spanProblems(entry: BookEntry, say: Say): Problem[] {
  const span = spanOf(entry);
  if (!span) return [];
  const [, from, field, to] = span;
  if (from === undefined || to === undefined || Date.parse(to) > Date.parse(from)) return [];
  return [
    order(
      field,
      `${kindName(entry.kind)}, finish`,
      `${say.time(to)} is not after the start ${say.time(from)}`,
      'a finish later than the start',
    ),
  ];
}

/** Instants of an entry that must have come, each with its field. */
function instantsOf(entry: BookEntry): [string, string][] {
  const { body } = entry;
  const found = ['at', 'startedAt', 'finishedAt', 'litAt', 'offAt', 'placedAt', 'judgedAt', 'dryingFrom']
    .map((field): [string, unknown] => [field, (body as Record<string, unknown>)[field]])
    .filter((pair): pair is [string, string] => typeof pair[1] === 'string');
  const read =
    entry.kind === 'melt'
      ? entry.body.temperatures.map((t, i): [string, string] => [`temperatures/${i}/at`, t.at])
      : [];
  return [...found, ...read];
}

/** By the server's clock where the device has compared its own, else with the slack of clocks that run apart. */
export function futureProblems(entry: BookEntry, nowMs: number, say: Say): Problem[] {
  const slack = entry.offsetMs === undefined ? TOLERANCE.clockMs : TOLERANCE.clockMeasuredMs;
  // Times of a clock that is far off are put right already; those of one that is near are not.
  const stillOffMs = (entry.offsetMs ?? 0) - clockShiftMs(entry.offsetMs);
  const latest = nowMs - stillOffMs + slack;
  return instantsOf(entry).flatMap(([field, instant]) =>
    Date.parse(instant) > latest
      ? [
          order(
            field,
            `${kindName(entry.kind)}, time`,
            `${say.time(instant)} is in the future`,
            'a time that has come',
          ),
        ]
      : [],
  );
}

export function placeProblems(entry: BookEntry, { site, survey }: RecordContext): Problem[] {
  const problems: Problem[] = [];
  const label = kindName(entry.kind);
  const zones = new Set<string>();
  const named = new Set<string>();
  entry.bays.forEach(({ bayId }, i) => {
    const bay = site.bays.find((b) => b.id === bayId);
    if (bay) zones.add(bay.zoneId);
    else problems.push(unknown(`bays/${i}/bayId`, 'Entry, bay', bayId, 'a bay of this job'));
    if (named.has(bayId))
      problems.push({
        ...{ kind: 'duplicate', field: `bays/${i}/bayId`, label: `${label}, bay` },
        ...{ actual: bay?.label ?? bayId, expected: 'each bay once' },
      });
    named.add(bayId);
  });
  if (entry.zoneId !== undefined) {
    zones.add(entry.zoneId);
    if (!survey.zones.some((z) => z.id === entry.zoneId))
      problems.push(unknown('zoneId', `${label}, zone`, entry.zoneId, 'a zone of this job'));
  }
  if (zones.size > 1)
    problems.push(
      order(
        'bays',
        `${label}, bays`,
        `they lie on ${zones.size} zones`,
        'bays of one zone: what is used on one cannot be split with another',
      ),
    );
  const wants = PLACES[entry.kind];
  if (wants === 'bays' && entry.bays.length === 0)
    problems.push(missing('bays', `${label}, bays`, 'at least one bay'));
  if (wants === 'zone' && entry.bays.length === 0 && entry.zoneId === undefined)
    problems.push(missing('zoneId', `${label}, zone`, 'a zone, or bays of it'));
  return problems;
}
