/** What a state is made from. */
import type { BuildUpDoc } from '../buildup/index.ts';
import type { JobRules } from '../job/index.ts';
import type { SiteBook } from '../record/index.ts';
import type { SiteDoc } from '../site/index.ts';
import type { Survey } from '../survey/index.ts';
import type { WeatherDoc, WeatherSeries } from '../weather/index.ts';

export interface JobInputs {
  readonly survey: Survey;
  readonly buildUps: BuildUpDoc;
  readonly site: SiteDoc;
  readonly weather: WeatherDoc;
  readonly series: readonly WeatherSeries[];
  readonly book: SiteBook;
  readonly rules?: JobRules | undefined;
  /** The instant asked about, ms. The state stands for its full minute, or for the newest entry since. */
  readonly nowMs: number;
}

/** But for the record and the instant. */
export const sameBut = (a: JobInputs, b: JobInputs): boolean =>
  a.survey === b.survey &&
  a.buildUps === b.buildUps &&
  a.site === b.site &&
  a.weather === b.weather &&
  a.series === b.series &&
  a.rules === b.rules;

export const sameInputs = (a: JobInputs, b: JobInputs): boolean =>
  a.nowMs === b.nowMs && a.book === b.book && sameBut(a, b);
