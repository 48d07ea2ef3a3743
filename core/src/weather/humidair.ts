/**
 * Humid air near the ground. Saturation is taken over liquid water at every temperature, as relative humidity is
 * by convention of the meteorological services (WMO guide no. 8), below 0 °C too.
 */
import { fail, ok, type Problem, type Result } from '../problems/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
import { TOLERANCE } from '../units/index.ts';

/** Magnus form with the constants of Alduchov & Eskridge 1996 (AERK), hPa and °C; valid −40 to 50 °C. */
export const MAGNUS = { hPa: 6.1094, slope: 17.625, zeroC: 243.04 } as const;

/** The range in which the app gives an answer. */
export const AIR_RANGE = { minC: -40, maxC: 60, minPct: 1, maxPct: 100 } as const;

/** Saturation vapour pressure over water in hPa. */
export const saturationHPa = (tempC: number): number =>
  MAGNUS.hPa * Math.exp((MAGNUS.slope * tempC) / (MAGNUS.zeroC + tempC));

/**
 * Dew point without the range checks, for pairs that were checked when they were taken in.
 * @param humidityPct above 0
 */
export function dewPointOf(airC: number, humidityPct: number): number {
  const g = Math.log(humidityPct / 100) + (MAGNUS.slope * airC) / (MAGNUS.zeroC + airC);
  return (MAGNUS.zeroC * g) / (MAGNUS.slope - g);
}

const problem = (field: string, label: string, actual: string, expected: string): Problem => ({
  kind: 'outOfRange',
  field,
  label,
  actual,
  expected,
});

/** Checks a pair of air temperature and relative humidity against the range of the formula. */
export function checkAir(airC: number, humidityPct: number): Result<true> {
  const problems: Problem[] = [];
  if (!(airC >= AIR_RANGE.minC && airC <= AIR_RANGE.maxC)) {
    problems.push(
      problem('airC', 'Air temperature', `${airC} °C`, `${AIR_RANGE.minC} to ${AIR_RANGE.maxC} °C`),
    );
  }
  if (!(humidityPct >= AIR_RANGE.minPct && humidityPct <= AIR_RANGE.maxPct)) {
    problems.push(
      problem('humidityPct', 'Humidity', `${humidityPct} %`, `${AIR_RANGE.minPct} to ${AIR_RANGE.maxPct} %`),
    );
  }
  return problems.length > 0 ? fail(...problems) : ok(true);
}

/**
 * Dew point in °C from air temperature and relative humidity, by the inverse Magnus formula.
 * @returns a problem outside −40…60 °C or 1…100 %
 */
export function dewPoint(airC: number, humidityPct: number): Result<number> {
  const checked = checkAir(airC, humidityPct);
  if (!checked.ok) return checked;
  return ok(dewPointOf(airC, humidityPct));
}

/** Vapour pressure of air, hPa. */
export const vapourHPa = (airC: number, humidityPct: number): number =>
  (saturationHPa(airC) * humidityPct) / 100;

/** Relative humidity in per cent of air with a dew point. @returns a problem where the dew point is above the air */
export function humidityFromDew(airC: number, dewC: number): Result<number> {
  if (!(dewC <= airC))
    return fail(
      problem(
        'dewC',
        'Dew point',
        `${dewC} °C`,
        `at most the air temperature of ${airC} °C: air holds no more`,
      ),
    );
  const humidityPct = (100 * saturationHPa(dewC)) / saturationHPa(airC);
  const checked = checkAir(airC, humidityPct);
  return checked.ok ? ok(humidityPct) : checked;
}

/** Pressure of the standard atmosphere at sea level, hPa. */
const SEA_LEVEL_HPA = 1013.25;
/** Psychrometer constant of a ventilated wet bulb over water, 1/K (WMO guide no. 8). */
const PSYCHROMETER = 6.53e-4;

/**
 * Wet-bulb temperature in °C: what a wet surface in moving air comes to. The psychrometer formula of WMO guide no. 8,
 * solved by halving; over water below 0 °C too, like everything here.
 * @returns a problem outside the range of humid air
 */
export function wetBulb(airC: number, humidityPct: number, pressureHPa = SEA_LEVEL_HPA): Result<number> {
  const checked = checkAir(airC, humidityPct);
  if (!checked.ok) return checked;
  const vapour = vapourHPa(airC, humidityPct);
  const excess = (t: number): number =>
    saturationHPa(t) - PSYCHROMETER * (1 + 0.000944 * t) * pressureHPa * (airC - t) - vapour;
  let [low, high] = [dewPointOf(airC, humidityPct), airC];
  while (high - low > TOLERANCE.wetBulbK) {
    const middle = (low + high) / 2;
    if (excess(middle) > 0) high = middle;
    else low = middle;
  }
  return ok((low + high) / 2);
}

const FROM = 'Magnus formula over water, constants of Alduchov & Eskridge 1996';

/** Dew point with its working. */
export function dewPointFigure(air: Given, humidity: Given): Result<Figure> {
  const value = dewPoint(air.value, humidity.value);
  if (!value.ok) return value;
  const constants = {
    a: given('Magnus slope', MAGNUS.slope, 'number', 'definition'),
    b: given('Magnus zero', MAGNUS.zeroC, 'temperature', 'definition'),
  };
  const gamma: Figure = {
    label: 'ln of vapour pressure share',
    value: Math.log(humidity.value / 100) + (MAGNUS.slope * air.value) / (MAGNUS.zeroC + air.value),
    quantity: 'number',
    formula: 'ln({humidity} / 100) + {a} × {air} / ({b} + {air})',
    inputs: { humidity, air, ...constants },
    from: FROM,
  };
  return ok({
    label: 'Dew point',
    value: value.value,
    quantity: 'temperature',
    formula: '{b} × {gamma} / ({a} − {gamma})',
    inputs: { gamma, ...constants },
    from: FROM,
  });
}

/** How far a surface is above the dew point, with its working. ISO 8502-4 asks for 3 K when steel is painted. */
export const dewMarginFigure = (surface: Given | Figure, dew: Figure): Figure => ({
  label: 'Margin above the dew point',
  value: surface.value - dew.value,
  quantity: 'temperatureDifference',
  formula: '{surface} − {dew}',
  inputs: { surface, dew },
  from: 'surface less dew point (ISO 8502-4)',
});
