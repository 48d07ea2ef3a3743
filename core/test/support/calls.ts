/** A job's calls at an instant, with the hours that its made-up weather service would have sent by then. */
import { inOrderOfCost, jobWeather, type Call, type JobWeather } from '@lentum/core/call';
import type { JobContent } from '@lentum/core/jobfile';
import { EMPTY_BOOK, foldRecord, namesOf, type SiteBook } from '@lentum/core/record';
import { jobState, type JobInputs } from '@lentum/core/state';
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

/** What the state of a job is asked with, under its made-up weather. */
export function inputsOf(
  job: JobContent,
  nowMs: number,
  known: SiteBook = bookOf(job),
  crew = job.weather.crew,
): JobInputs {
  const climate = climateOf(job.weather);
  if (!climate) throw new Error('the job asks no service');
  return {
    ...{ survey: job.survey, buildUps: job.buildUp, site: job.site, book: known, nowMs },
    weather: { ...job.weather, crew },
    series: seriesAt(new SimulatedWeather(climate), nowMs, 12),
  };
}

/** By the label of the bay, in the order of what missing them costs. */
export function callsOf(
  job: JobContent,
  nowMs: number,
  known: SiteBook = bookOf(job),
  crew = job.weather.crew,
): Map<string, Call> {
  const { calls } = jobState(inputsOf(job, nowMs, known, crew));
  return new Map(inOrderOfCost(calls).map((c) => [c.status.bay.label, c]));
}
