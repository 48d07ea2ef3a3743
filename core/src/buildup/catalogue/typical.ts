/** Short hands for catalogue pages: every value in them is typical, chosen by us, and says so. */
import type { Coat } from '../schema.ts';

export const typical = (value: number) => ({ value, source: 'typical' as const });

export const table = (...rows: readonly (readonly [atC: number, hours: number])[]) => ({
  source: 'typical' as const,
  points: rows.map(([atC, hours]) => ({ atC, hours })),
});

export const potLife = (...rows: readonly (readonly [atC: number, minutes: number])[]) => ({
  source: 'typical' as const,
  points: rows.map(([atC, minutes]) => ({ atC, minutes })),
});

export const massTin = (id: string, name: string, net: number): Coat['containers'][number] => ({
  id,
  name,
  basis: 'mass',
  net,
});

export const volumeTin = (id: string, name: string, net: number): Coat['containers'][number] => ({
  id,
  name,
  basis: 'volume',
  net,
});

export const limits = (
  air: readonly [number, number],
  surface: readonly [number, number],
  humidityMax: number,
  dewMargin: number,
): Coat['limits'] => ({
  airMinC: typical(air[0]),
  airMaxC: typical(air[1]),
  surfaceMinC: typical(surface[0]),
  surfaceMaxC: typical(surface[1]),
  humidityMaxPct: typical(humidityMax),
  dewMarginK: typical(dewMargin),
});
