/** What standing water loses to the air. */
import { saturationHPa, vapourHPa } from '../weather/index.ts';
import { MS_PER_DAY, MS_PER_HOUR } from '../units/index.ts';

export interface AirOverWater {
  /** Of the surface of the water, °C. */
  readonly waterC: number;
  readonly airC: number;
  readonly humidityPct: number;
  readonly windMPerS: number;
}

/** Penman 1948 in hPa and m/s at 2 m, from memory: 0.26 (1 + 0.54 u) mm a day for each hPa. */
const STILL_MM_PER_DAY_HPA = 0.26;
const WIND_PER_M_PER_S = 0.54;

/**
 * Water that evaporates from an open surface, mm an hour; below nothing where dew falls on it.
 * Aerodynamic term of Penman 1948: wind function times the lack of vapour over the surface.
 */
export function evaporationMmPerH({ waterC, airC, humidityPct, windMPerS }: AirOverWater): number {
  const lackHPa = saturationHPa(waterC) - vapourHPa(airC, humidityPct);
  return (STILL_MM_PER_DAY_HPA * (1 + WIND_PER_M_PER_S * windMPerS) * lackHPa) / (MS_PER_DAY / MS_PER_HOUR);
}
