/**
 * What a flood test loses besides what the air takes and the rain brings, with how far off that may be, and what follows
 * of it. It is never said to be tight by its level alone: somebody has to have looked below.
 */
import { given, words, type Figure, type Given, type Part } from '../figures/index.ts';
import type { Practice } from '../practice/index.ts';
import { MS_PER_DAY, MS_PER_HOUR } from '../units/index.ts';
import type { FloodSpan, FloodTest } from './floodread.ts';

export interface FloodLoss {
  /** mm in a day: the middle, and how far off it may be either way. */
  readonly perDay: Figure;
  readonly off: Figure;
  /** Litres in a day over the area of the test. */
  readonly litresPerDay: Figure;
  /** Its fall is not even: it changes with the level or with time. */
  readonly uneven: FloodSpan | undefined;
  readonly byPan: boolean;
}

export type FloodAnswer = 'tight' | 'loses' | 'runs' | 'cannot tell';

export interface FloodVerdict {
  readonly answer: FloodAnswer;
  readonly loss: FloodLoss | undefined;
  readonly says: readonly Part[];
  /** What would tell, or what is to be done. */
  readonly opens: readonly string[];
  readonly endsMs: number;
  /** Plugs that were not taken out again. */
  readonly plugsLeft: number;
}

const HOURS_PER_DAY = MS_PER_DAY / MS_PER_HOUR;
const sum = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0);
const fellOf = (s: FloodSpan): number => s.fromLevelMm - s.toLevelMm;
/** What the air took and the rain brought, mm; undefined where it is not known. */
const takenOf = (s: FloodSpan, byPan: boolean): number | undefined =>
  byPan
    ? s.panFellMm
    : s.evaporatedMm === undefined || s.rainMm === undefined
      ? undefined
      : s.evaporatedMm - s.rainMm;

/** The reading that lies farther off the straight fall of its stretch than readings can be off; undefined: none does. */
function unevenAt(spans: readonly FloodSpan[], byPan: boolean, readMm: number, offShare: number) {
  const stretches = [...new Set(spans.map((s) => s.stretch))];
  for (const stretch of stretches) {
    const own = spans.filter((s) => s.stretch === stretch);
    if (own.length < 2) continue;
    const lost = own.map((s) => fellOf(s) - (takenOf(s, byPan) ?? 0));
    const hours = own.map((s) => (s.toMs - s.fromMs) / MS_PER_HOUR);
    const [allLost, allHours] = [sum(lost), sum(hours)];
    let [gone, gonehours] = [0, 0];
    for (const [i, s] of own.entries()) {
      if (i === own.length - 1) break;
      gone += lost[i] ?? 0;
      gonehours += hours[i] ?? 0;
      const f = gonehours / allHours;
      const ends = Math.sqrt(1 + f * f + (1 - f) * (1 - f));
      const air = sum(own.slice(0, i + 1).map((x) => Math.abs(takenOf(x, byPan) ?? 0))) * offShare;
      if (Math.abs(gone - allLost * f) > readMm * ends * (byPan ? Math.SQRT2 : 1) + air) return s;
    }
  }
  return undefined;
}

/** @returns undefined where nothing was read since it was filled, or where the air or the rain is not known */
export function floodLoss(test: FloodTest, area: Figure | Given, practice: Practice): FloodLoss | undefined {
  const { spans } = test;
  const byPan = spans.length > 0 && spans.every((s) => s.panFellMm !== undefined);
  const taken = spans.map((s) => takenOf(s, byPan));
  if (spans.length === 0 || taken.some((t) => t === undefined)) return undefined;
  const hours = given(
    'hours between readings',
    sum(spans.map((s) => (s.toMs - s.fromMs) / MS_PER_HOUR)),
    'hours',
    'measured',
  );
  const fell = given('level fell', sum(spans.map(fellOf)), 'gap', 'measured', 'topping up left out');
  const day = given('hours in a day', HOURS_PER_DAY, 'hours', 'definition');
  const stretches = given(
    'stretches without topping up',
    new Set(spans.map((s) => s.stretch)).size,
    'count',
    'measured',
  );
  const read = practice.floodReading;
  const rain = given(
    'rain on it',
    byPan ? 0 : sum(spans.map((s) => s.rainMm ?? 0)),
    'gap',
    'measured',
    'as entered, else by the hours of the weather',
  );
  const gone = byPan
    ? given('the pan fell', sum(spans.map((s) => s.panFellMm ?? 0)), 'gap', 'measured', 'rain is in it')
    : given(
        'evaporated',
        sum(spans.map((s) => s.evaporatedMm ?? 0)),
        'gap',
        'assumed',
        'aerodynamic term of Penman 1948 by the hours of the weather, the water as warm as was read, else as the air',
      );
  const inputs = { fell, gone, hours, day };
  const perDay: Figure = {
    label: 'Loss in a day',
    value: ((fell.value - gone.value + rain.value) / hours.value) * day.value,
    quantity: 'gap',
    formula: byPan ? '({fell} − {gone}) / {hours} × {day}' : '({fell} − {gone} + {rain}) / {hours} × {day}',
    inputs: byPan ? inputs : { ...inputs, rain },
    from: byPan
      ? 'an open pan loses by the air and gains by the rain alone'
      : 'what fell, less what the air took, and what the rain brought',
  };
  // Each stretch has a reading at either end; with a pan two more.
  const ends = given('readings at the ends of a stretch', byPan ? 4 : 2, 'count', 'definition');
  const share = byPan ? practice.panOff : practice.evaporationOff;
  const air = byPan
    ? Math.abs(gone.value)
    : sum(spans.map((s) => Math.abs(s.evaporatedMm ?? 0))) + rain.value;
  const moved = given(
    byPan ? 'the pan moved' : 'evaporated and rained',
    air,
    'gap',
    byPan ? 'measured' : 'assumed',
  );
  const off: Figure = {
    label: 'It may be off by',
    value:
      (Math.sqrt(
        read.value * read.value * ends.value * stretches.value + ((share.value / 100) * moved.value) ** 2,
      ) /
        hours.value) *
      day.value,
    quantity: 'gap',
    formula:
      'sqrt({read} × {read} × {ends} × {stretches} + {share} / 100 × {moved} × {share} / 100 × {moved}) / {hours} × {day}',
    inputs: { read, ends, stretches, share, moved, hours, day },
    from: 'errors that have nothing to do with each other add by their squares',
  };
  return {
    perDay,
    off,
    byPan,
    litresPerDay: {
      label: 'Litres in a day',
      value: perDay.value * area.value,
      quantity: 'volume',
      formula: '{perDay} × {area}',
      inputs: { perDay, area },
      from: '1 mm over 1 m² is 1 L, by definition of the litre',
    },
    uneven: unevenAt(spans, byPan, read.value, share.value / 100),
  };
}

const MORE_HOURS = 'Let it stand longer and read again at the same mark.';
const PAN = 'Stand an open pan of water in it, and read both: the pan loses by the air alone.';
const LOOK = 'Look below the whole of it, and enter it when the water is let out.';

/** What follows of a test at an instant. */
export function floodVerdict(
  test: FloodTest,
  area: Figure | Given,
  practice: Practice,
  nowMs: number,
): FloodVerdict {
  const endsMs = test.filledMs + test.hours * MS_PER_HOUR;
  const plugsLeft = test.emptied ? Math.max(0, test.plugged - test.emptied.unplugged) : 0;
  const loss = floodLoss(test, area, practice);
  const none = practice.floodLoss;
  const stoodMs = test.lastMs - test.filledMs;
  const stood = given('it stood', stoodMs / MS_PER_HOUR, 'hours', 'measured');
  const wanted = given('to stand', test.hours, 'hours', 'chosen');
  const lost = loss
    ? words`it loses ${loss.perDay} a day besides air and rain, give or take ${loss.off}`
    : [];
  const answer = (a: FloodAnswer, says: readonly Part[], ...opens: string[]): FloodVerdict => ({
    ...{ answer: a, loss, says, opens, endsMs, plugsLeft },
  });
  const below = test.emptied?.below;
  if (below === 'wet')
    return answer('loses', ['water was found below.'], 'Find where: details uphill of the spot first.');
  if (loss && loss.perDay.value - loss.off.value > none.value)
    return answer(
      'loses',
      [
        ...lost,
        loss.uneven
          ? '; not evenly: it changes with the level or with time.'
          : '; more than readings and air can be off by.',
      ],
      'Plugs first, then details in the height of the water; halve the field and fill again.',
    );
  const isShort = stoodMs < test.hours * MS_PER_HOUR - 1;
  if (!test.emptied && nowMs < endsMs)
    return answer(
      'runs',
      [...(loss ? [...lost, '; '] : []), ...words`it is to stand until ${{ atMs: endsMs }}.`],
      ...(loss ? [] : ['Read the level at the same mark.']),
    );
  if (isShort && test.emptied)
    return answer('cannot tell', words`let out after ${stood} of ${wanted}.`, 'Fill it again.');
  if (isShort)
    return answer('cannot tell', ['it has not been read since its end.'], 'Read it, and let it out.');
  if (!loss)
    return answer(
      'cannot tell',
      [
        test.spans.length === 0
          ? 'no level was read after it was filled.'
          : 'what the air took or the rain brought is not known for all of its hours.',
      ],
      test.spans.length === 0 ? 'Fill it again, and read it at both ends.' : PAN,
    );
  if (loss.perDay.value + loss.off.value > none.value)
    return answer(
      'cannot tell',
      [...lost, ...words`; up to ${none} counts as none.`],
      MORE_HOURS,
      ...(loss.byPan ? [] : [PAN]),
    );
  if (loss.uneven)
    return answer(
      'cannot tell',
      [...lost, '; but not evenly, which air and rain do not explain.'],
      MORE_HOURS,
    );
  if (below !== 'dry')
    return answer(
      'cannot tell',
      [...lost, below === undefined ? '; it is not let out yet.' : '; nobody has looked below.'],
      LOOK,
    );
  return answer('tight', [...lost, ...words`; up to ${none} counts as none. Below it is dry.`]);
}
