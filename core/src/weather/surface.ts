/**
 * How warm a roof's surface is, and whether it is wet. Hourly: the inputs of an hour hold through it, and its surface
 * temperature is the mean over it.
 *
 * One layer of heat under the open sky: sun taken in, air that blows over it, long waves to the sky, and the room below:
 *   C dT/dt = a G + hc (Tair − T) + hr (Tsky − T) + U (Tbelow − T)
 * For inputs that hold it has an exact answer: T goes to the sol-air temperature (ASHRAE Fundamentals, here with its
 * long-wave part written out) as exp(−t / tau), tau = C / (hc + hr + U). It is taken hour by hour, so that no step is
 * too long. Formulas from memory.
 */
import { SECONDS_PER_HOUR, ZERO_CELSIUS_K } from '../units/index.ts';
import { dewPointOf, saturationHPa } from './humidair.ts';

/** What a surface is to the weather. */
export interface SurfaceKind {
  /** Share of the sun that is taken in. */
  readonly absorptance: number;
  /** Share of the sun that reaches it. */
  readonly sunShare: number;
  /** Of long waves. */
  readonly emissivity: number;
  /** Heat that the part which follows the day holds, kJ/(m² K). */
  readonly heatKJPerM2K: number;
  /** From the surface to the room below, W/(m² K). */
  readonly belowWPerM2K: number;
  /** The room below, °C; undefined: outside air below it. */
  readonly belowC: number | undefined;
  /** Most water that clings to it, mm (kg/m²): in pores and as a film; more runs off. */
  readonly holdsMm: number;
}

export interface SkyHour {
  readonly airC: number;
  readonly humidityPct: number;
  readonly windMPerS: number;
  /** 0 to 1. */
  readonly cloud: number;
  /** On a level surface. */
  readonly sunWPerM2: number;
  readonly rainMm: number;
}

/** Stefan and Boltzmann, W/(m² K⁴), exact by the SI of 2019 to these digits. */
export const STEFAN_BOLTZMANN = 5.670374419e-8;

/** Wind over a plate, W/(m² K) (Jürges 1924, in McAdams' form). */
export const convection = (windMPerS: number): number => 5.7 + 3.8 * windMPerS;

/** Long waves of the sky as a share of a black body's at the air's temperature (Berdahl and Martin 1984). */
export function skyEmissivity(dewC: number, cloud: number): number {
  const d = dewC / 100;
  const clear = Math.min(1, 0.711 + 0.56 * d + 0.73 * d * d);
  return clear + (1 - clear) * 0.8 * cloud;
}

export interface Balance {
  /** Where the surface would settle, °C. */
  readonly settlesC: number;
  /** Heat exchanged for each kelvin, W/(m² K). */
  readonly exchange: number;
  readonly convection: number;
  readonly radiation: number;
  readonly skyC: number;
}

/** The steady balance of an hour. */
export function balance(kind: SurfaceKind, sky: SkyHour, nearC: number): Balance {
  const hc = convection(sky.windMPerS);
  const airK = sky.airC + ZERO_CELSIUS_K;
  const skyK = airK * skyEmissivity(dewPointOf(sky.airC, sky.humidityPct), sky.cloud) ** 0.25;
  const meanK = (skyK + nearC + ZERO_CELSIUS_K) / 2;
  const hr = 4 * kind.emissivity * STEFAN_BOLTZMANN * meanK ** 3;
  const exchange = hc + hr + kind.belowWPerM2K;
  const skyC = skyK - ZERO_CELSIUS_K;
  const taken = kind.absorptance * kind.sunShare * sky.sunWPerM2;
  const settlesC =
    (taken + hc * sky.airC + hr * skyC + kind.belowWPerM2K * (kind.belowC ?? sky.airC)) / exchange;
  return { settlesC, exchange, convection: hc, radiation: hr, skyC };
}

/** Hours in which a surface goes all but 1/e of the way to where it settles. */
export const lagHours = (kind: SurfaceKind, exchange: number): number =>
  (kind.heatKJPerM2K * 1000) / exchange / SECONDS_PER_HOUR;

/** Below this a film of water is gone, mm. */
export const DRY_MM = 0.005;
/** Specific heat of air, J/(kg K), and pressure at sea level, hPa. */
const AIR_HEAT = 1005;
const PRESSURE_HPA = 1013.25;
/** Mass of water for mass of air at equal pressures. */
const WATER_SHARE = 0.622;

/**
 * Water that leaves a wet surface in an hour, mm (kg/m²); negative when dew settles. Lewis' rule: as heat goes so goes
 * vapour.
 */
export function dryingMmPerH(
  surfaceC: number,
  sky: Pick<SkyHour, 'airC' | 'humidityPct' | 'windMPerS'>,
): number {
  const air = (saturationHPa(sky.airC) * sky.humidityPct) / 100;
  const difference = saturationHPa(surfaceC) - air;
  return (
    ((convection(sky.windMPerS) * WATER_SHARE) / (AIR_HEAT * PRESSURE_HPA)) * difference * SECONDS_PER_HOUR
  );
}

export interface SurfaceState {
  /** At the end of the hour. */
  tempC: number;
  wetMm: number;
}

export interface SurfaceHour {
  /** Mean over the hour. */
  readonly tempC: number;
  /** At its end. */
  readonly wetMm: number;
}

/** One hour on. The state is changed in place. */
export function nextHour(kind: SurfaceKind, state: SurfaceState, sky: SkyHour): SurfaceHour {
  const b = balance(kind, sky, state.tempC);
  const hours = lagHours(kind, b.exchange);
  const left = Math.exp(-1 / hours);
  const gap = state.tempC - b.settlesC;
  const mean = b.settlesC + gap * hours * (1 - left);
  state.tempC = b.settlesC + gap * left;
  const wet = state.wetMm + sky.rainMm - dryingMmPerH(mean, sky);
  state.wetMm = wet < DRY_MM ? 0 : Math.min(kind.holdsMm, wet);
  return { tempC: mean, wetMm: state.wetMm };
}
