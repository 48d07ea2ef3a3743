/** A year's usable hours: in how many working hours of each month every coat of a build-up could be begun. */
import { isFieldCoat, type BuildUp } from '../buildup/index.ts';
import type { RoofClimate } from '../weather/index.ts';
import { askOf } from './ask.ts';
import { windowsOf, unsaidIn, type Unsaid } from './windows.ts';

export interface SeasonHours {
  readonly buildUpId: string;
  /** January first. */
  readonly byMonth: readonly number[];
  readonly total: number;
  readonly unsaid: readonly Unsaid[];
}

export interface WorkingDay {
  /** Month of an hour of the line by local clocks, 0 to 11; undefined outside working hours. */
  readonly monthOf: (hour: number) => number | undefined;
}

/** A coat takes two hours to lay: a bay as bays are cut. */
const LAYING_H = 2;

/** Hours in which each of its coats could be begun: the most demanding one decides. */
export function seasonHours(
  buildUp: Pick<BuildUp, 'id' | 'layers'>,
  climate: RoofClimate,
  { monthOf }: WorkingDay,
): SeasonHours {
  const masks = buildUp.layers.filter(isFieldCoat).flatMap((coat) => {
    const ask = askOf(coat, { layingHours: LAYING_H });
    return ask ? [windowsOf(ask, climate).mask] : [];
  });
  const byMonth = Array.from({ length: 12 }, () => 0);
  for (let h = 0; h < climate.line.hours; h += 1) {
    const month = monthOf(h);
    if (month === undefined || masks.length === 0 || masks.some((m) => m[h] !== 0)) continue;
    byMonth[month] = (byMonth[month] ?? 0) + 1;
  }
  return {
    buildUpId: buildUp.id,
    byMonth,
    total: byMonth.reduce((a, b) => a + b, 0),
    unsaid: unsaidIn(climate),
  };
}
