/** Judging the conditions of the moment against a layer's limits. */
import type { Limits } from '../buildup/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
import { ok, type Result } from '../problems/index.ts';
import { dewMarginFigure, dewPointFigure } from '../weather/index.ts';

export interface AirAndSurface {
  readonly airC: number;
  readonly humidityPct: number;
  readonly surfaceC: number;
}

export type ConditionKind =
  'dewMargin' | 'surfaceMin' | 'surfaceMax' | 'airMin' | 'airMax' | 'humidityMin' | 'humidityMax';

export interface ConditionCheck {
  readonly kind: ConditionKind;
  readonly actual: Given | Figure;
  readonly limit: Given;
  readonly holds: boolean;
}

export interface ConditionJudgement {
  readonly dewPoint: Figure;
  readonly margin: Figure;
  readonly checks: readonly ConditionCheck[];
  /** The checks that fail, in the order in which they are said. */
  readonly failing: readonly ConditionCheck[];
  /** The surface temperature from which the dew-point margin would be enough. */
  readonly surfaceNeeded: Figure;
}

/** Dew point and margin of a reading, whatever is to be laid. */
export function dewOf(reading: AirAndSurface): Result<{ dewPoint: Figure; margin: Figure }> {
  const air = given('Air temperature', reading.airC, 'temperature', 'measured');
  const humidity = given('Humidity', reading.humidityPct, 'percent', 'measured');
  const surface = given('Surface temperature', reading.surfaceC, 'temperature', 'measured');
  const dew = dewPointFigure(air, humidity);
  if (!dew.ok) return dew;
  return ok({ dewPoint: dew.value, margin: dewMarginFigure(surface, dew.value) });
}

type Limit = Limits['dewMarginK'] | undefined;

/**
 * Every condition of a layer against one reading.
 * @returns a problem when the reading is outside the range of the humid-air formula
 */
export function judgeConditions(limits: Limits, reading: AirAndSurface): Result<ConditionJudgement> {
  const dew = dewOf(reading);
  if (!dew.ok) return dew;
  const { dewPoint, margin } = dew.value;
  const surface = given('Surface temperature', reading.surfaceC, 'temperature', 'measured');
  const air = given('Air temperature', reading.airC, 'temperature', 'measured');
  const humidity = given('Humidity', reading.humidityPct, 'percent', 'measured');
  const checks: ConditionCheck[] = [];
  const least = (kind: ConditionKind, actual: Given | Figure, limit: Limit, label: string): void => {
    if (!limit) return;
    const side = given(label, limit.value, actual.quantity, limit.source);
    checks.push({ kind, actual, limit: side, holds: actual.value >= limit.value });
  };
  const most = (kind: ConditionKind, actual: Given, limit: Limit, label: string): void => {
    if (!limit) return;
    const side = given(label, limit.value, actual.quantity, limit.source);
    checks.push({ kind, actual, limit: side, holds: actual.value <= limit.value });
  };
  least('dewMargin', margin, limits.dewMarginK, 'least margin above the dew point');
  least('surfaceMin', surface, limits.surfaceMinC, 'least surface temperature');
  most('surfaceMax', surface, limits.surfaceMaxC, 'greatest surface temperature');
  least('airMin', air, limits.airMinC, 'least air temperature');
  most('airMax', air, limits.airMaxC, 'greatest air temperature');
  least('humidityMin', humidity, limits.humidityMinPct, 'least humidity');
  most('humidityMax', humidity, limits.humidityMaxPct, 'greatest humidity');
  const needed = given(
    'least margin above the dew point',
    limits.dewMarginK.value,
    'temperatureDifference',
    limits.dewMarginK.source,
  );
  return ok({
    dewPoint,
    margin,
    checks,
    failing: checks.filter((c) => !c.holds),
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
