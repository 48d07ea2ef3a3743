/** What stands against an hour, in a few words. */
import type { Condition } from '../programme/index.ts';

export const CONDITION_SHORT: Readonly<Record<Condition, string>> = {
  unknown: 'the weather is not known',
  rain: 'rain',
  wet: 'wet ground',
  dryHours: 'too soon after rain',
  dewMargin: 'too near the dew point',
  surfaceMin: 'the surface too cold',
  rising: 'the surface not rising',
  surfaceMax: 'the surface too hot',
  falling: 'the slab warming',
  airMin: 'the air too cold',
  airMax: 'the air too warm',
  humidityMin: 'air too dry',
  humidityMax: 'air too humid',
  wind: 'wind',
  rainSafe: 'rain before it is rain-safe',
  dewSkin: 'dew before it is rain-safe',
  noBelow: 'frost or cold before its time',
  unknownAfter: 'the hours after it are not known',
};
