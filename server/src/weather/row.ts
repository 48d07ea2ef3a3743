/** A series as a row of the database. */
import { MS_PER_HOUR } from '@lentum/core/units';
import type { WeatherSeries } from '@lentum/core/weather';

export const seriesRow = (jobId: string, s: WeatherSeries): unknown[] => [
  jobId,
  s.id,
  s.kind,
  s.source,
  s.issuedAt,
  s.startAt,
  new Date(Date.parse(s.startAt) + s.hours * MS_PER_HOUR).toISOString(),
  JSON.stringify(s),
];
