/** A job's calls at an instant, with the hours that its made-up weather service would have sent by then. */
import { callOf, inOrderOfCost, jobWeather, topOf, type Call, type JobWeather } from '@lentum/core/call';
import type { JobContent } from '@lentum/core/jobfile';
import { bayStatus, EMPTY_BOOK, foldRecord, namesOf, type SiteBook } from '@lentum/core/record';
import { climateOf, hourFloor, SimulatedWeather, type WeatherSeries } from '@lentum/core/weather';

const HOUR = 3_600_000;

export const bookOf = (job: JobContent): SiteBook => foldRecord(EMPTY_BOOK, job.record, namesOf(job.people));

function seriesAt(sky: SimulatedWeather, nowMs: number, members: number): WeatherSeries[] {
  const start = hourFloor(nowMs) - 14 * 24 * HOUR;
  const hours = (hourFloor(nowMs) - start) / HOUR + 1;
  const head = { source: 'made up', simulated: true } as const;
  const issuedAt = new Date(hourFloor(nowMs)).toISOString();
  const { columns, members: ways } = sky.forecast(nowMs, hourFloor(nowMs), 240, members);
  return [
    {
      id: 'seen',
      kind: 'observed',
      ...head,
      issuedAt: new Date(nowMs).toISOString(),
      startAt: new Date(start).toISOString(),
      hours,
      columns: sky.columns(start, hours),
    },
    {
      id: 'ahead',
      kind: 'forecast',
      ...head,
      issuedAt,
      startAt: issuedAt,
      hours: 240,
      columns,
      members: ways,
    },
  ];
}

/** @param member which way the forecast goes, of so many */
export function weatherOf(
  job: JobContent,
  nowMs: number,
  known: SiteBook,
  members = 12,
  member?: number,
): JobWeather {
  const climate = climateOf(job.weather);
  if (!climate) throw new Error('the job asks no service');
  const series = seriesAt(new SimulatedWeather(climate), nowMs, members);
  const facts = { doc: job.weather, series, survey: job.survey, book: known, nowMs };
  const view = jobWeather(member === undefined ? facts : { ...facts, member });
  if (!view) throw new Error('the job has no weather');
  return view;
}

/** By the label of the bay, in the order of what missing them costs. */
export function callsOf(
  job: JobContent,
  nowMs: number,
  known: SiteBook = bookOf(job),
  crew = job.weather.crew,
): Map<string, Call> {
  const view = weatherOf(job, nowMs, known);
  const calls = job.site.bays.map((bay) => {
    const plain = bayStatus(bay, job.buildUp, known, nowMs);
    const { shade, coated } = topOf(plain);
    const climate = view.climate(bay.zoneId, shade, coated);
    const status = bayStatus(bay, job.buildUp, known, nowMs, view.bayWeather(climate));
    return callOf(status, climate, crew, nowMs);
  });
  return new Map(inOrderOfCost(calls).map((c) => [c.status.bay.label, c]));
}
