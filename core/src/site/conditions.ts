/** Judging a reading of the moment against a layer's limits, by the rows that the hours of a forecast are judged by. */
import type { Limits } from '../buildup/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
import { COMMON, type Practice } from '../practice/index.ts';
import { ok, type Result } from '../problems/index.ts';
import {
  judgeRow,
  limitGiven,
  ROWS,
  windOf,
  type Answer,
  type Ask,
  type LayingCondition,
  type Moment,
  type Row,
} from '../programme/index.ts';
import { dewMarginFigure, dewPointFigure } from '../weather/index.ts';

export interface AirAndSurface {
  readonly airC: number;
  readonly humidityPct: number;
  readonly surfaceC: number;
  readonly windMPerS?: number | undefined;
}

export interface ConditionCheck {
  readonly kind: LayingCondition;
  /** Undefined where the reading says nothing of it. */
  readonly actual: Given | Figure | undefined;
  readonly limit: Given | undefined;
  readonly answer: Answer;
}

export interface ConditionJudgement {
  readonly dewPoint: Figure;
  readonly margin: Figure;
  /** Every condition of laying that the layer sets a limit for. */
  readonly checks: readonly ConditionCheck[];
  /** The checks that fail, in the order in which they are said. */
  readonly failing: readonly ConditionCheck[];
  /** What the reading says nothing of. */
  readonly unknown: readonly ConditionCheck[];
  /** The surface temperature from which the dew-point margin would be enough. */
  readonly surfaceNeeded: Figure;
}

const read = (label: string, value: number, quantity: Given['quantity']): Given =>
  given(label, value, quantity, 'measured');

/** Dew point and margin of a reading, whatever is to be laid. */
export function dewOf(reading: AirAndSurface): Result<{ dewPoint: Figure; margin: Figure }> {
  const dew = dewPointFigure(
    read('Air temperature', reading.airC, 'temperature'),
    read('Humidity', reading.humidityPct, 'percent'),
  );
  if (!dew.ok) return dew;
  const surface = read('Surface temperature', reading.surfaceC, 'temperature');
  return ok({ dewPoint: dew.value, margin: dewMarginFigure(surface, dew.value) });
}

function actualOf(row: Row, moment: Moment, margin: Figure): Given | Figure {
  if (row.condition === 'dewMargin') return margin;
  const { label } = row;
  return read(label.slice(0, 1).toUpperCase() + label.slice(1), row.value(moment), row.quantity);
}

/**
 * Every condition of laying that a layer sets a limit for, against one reading. What a reading cannot tell (whether the
 * surface rises, whether it rained) is listed as not known.
 * @returns a problem when the reading is outside the range of the humid-air formula
 */
export function judgeConditions(
  limits: Limits,
  reading: AirAndSurface,
  {
    method = 'by hand',
    breathes = true,
    practice = COMMON,
  }: Partial<Pick<Ask, 'method' | 'breathes'>> & { practice?: Practice | undefined } = {},
): Result<ConditionJudgement> {
  const dew = dewOf(reading);
  if (!dew.ok) return dew;
  const { dewPoint, margin } = dew.value;
  const moment: Moment = {
    airC: reading.airC,
    humidityPct: reading.humidityPct,
    surfaceC: reading.surfaceC,
    dewC: dewPoint.value,
    beforeC: NaN,
    rainMm: NaN,
    windMPerS: reading.windMPerS ?? NaN,
  };
  const ask: Ask = {
    ...{ limits, method, breathes, layingHours: 0, windMax: windOf(limits, method, practice) },
    ...{ rainSafe: undefined, noBelow: undefined, wetFilmMm: undefined },
  };
  const checks = ROWS.flatMap((row): ConditionCheck[] => {
    const answer = judgeRow(row, ask, moment);
    if (answer === 'unlooked') return [];
    const actual = answer === 'unknown' ? undefined : actualOf(row, moment, margin);
    return [{ kind: row.condition, actual, limit: limitGiven(row, ask), answer }];
  });
  const needed = given(
    'minimum margin above the dew point',
    limits.dewMarginK.value,
    'temperatureDifference',
    limits.dewMarginK.source,
  );
  return ok({
    dewPoint,
    margin,
    checks,
    failing: checks.filter((c) => c.answer === 'broken'),
    unknown: checks.filter((c) => c.answer === 'unknown'),
    surfaceNeeded: {
      label: 'Surface temperature needed',
      value: dewPoint.value + needed.value,
      quantity: 'temperature',
      formula: '{dew} + {needed}',
      inputs: { dew: dewPoint, needed },
      from: 'dew point plus the layer’s margin',
    },
  });
}
