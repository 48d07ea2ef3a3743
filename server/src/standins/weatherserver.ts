/**
 * Servers of weather and instruments, made up: they answer over HTTP like real ones, in shapes that differ from each other,
 * so that what asks them is tried with more than one. They listen on this machine only.
 */
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import express, { type Request } from 'express';
import { convert, MS_PER_DAY, MS_PER_HOUR, MS_PER_MINUTE } from '@lentum/core/units';
import { hourFloor, MILD_COAST, SimulatedWeather, type Columns } from '@lentum/core/weather';

const MOST_HOURS = 400;
const MEMBERS = 20;
/** An answer is good for so long, s. */
const GOOD_FOR_S = 600;

interface Wanted {
  readonly weather: SimulatedWeather;
  readonly fromMs: number;
  readonly hours: number;
}

/** Place and hours out of an address; where it says none, a place at sea and the hour that runs. */
function wantedOf({ query }: Request, nowMs: number): Wanted {
  const number = (name: string, usual: number): number => {
    const said = Number(query[name]);
    return query[name] !== undefined && Number.isFinite(said) ? said : usual;
  };
  const from = typeof query['from'] === 'string' ? Date.parse(query['from']) : NaN;
  return {
    weather: new SimulatedWeather({
      ...MILD_COAST,
      seed: 7,
      place: { latitudeDeg: number('lat', 54), longitudeDeg: number('lon', 8) },
    }),
    fromMs: hourFloor(Number.isNaN(from) ? nowMs : from),
    hours: Math.min(MOST_HOURS, Math.max(1, Math.round(number('hours', 1)))),
  };
}

const fahrenheit = (c: number): number => Number(convert(c, '°C', '°F').toFixed(1));
const milesPerHour = (mPerS: number): number => Number(convert(mPerS, 'm/s', 'mph').toFixed(1));
const kmPerHour = (mPerS: number): number => Number(convert(mPerS, 'm/s', 'km/h').toFixed(1));
const inches = (mm: number): number => Number(convert(mm, 'mm', 'in').toFixed(3));
const list = (of: Columns, key: keyof Columns): readonly (number | null)[] => of[key] ?? [];
const each = (values: readonly (number | null)[], of: (v: number) => number): (number | null)[] =>
  values.map((v) => (v === null ? null : of(v)));

/** Lists side by side, in °F, mph and inches, times in seconds, a list for each way that it may go. */
function inColumns({ weather, fromMs, hours }: Wanted, nowMs: number): object {
  const { columns, members } = weather.forecast(hourFloor(nowMs), fromMs, hours, MEMBERS);
  const ways = members.flatMap((m, i) => [
    [`airWay${i + 1}`, each(list(m, 'airC'), fahrenheit)],
    [`rainWay${i + 1}`, each(list(m, 'rainMm'), inches)],
  ]);
  return {
    about: 'made up by the application itself',
    in: { clock: 's', air: 'F', humidity: '%', rain: 'inch', wind: 'mph', cloud: '%' },
    series: {
      clock: Array.from({ length: hours }, (_, h) => (fromMs + h * MS_PER_HOUR) / 1000),
      air: each(list(columns, 'airC'), fahrenheit),
      humidity: list(columns, 'humidityPct'),
      rain: each(list(columns, 'rainMm'), inches),
      wind: each(list(columns, 'windMPerS'), milesPerHour),
      cloud: list(columns, 'cloudPct'),
      ...(Object.fromEntries(ways) as object),
    },
  };
}

/** A thing for each hour, in metric units, no ways; cloud as a share. */
function inRows({ weather, fromMs, hours }: Wanted, nowMs: number): object {
  const { columns } = weather.forecast(hourFloor(nowMs), fromMs, hours, 1);
  const value = (key: keyof Columns, h: number): number => columns[key]?.[h] ?? 0;
  return {
    about: 'made up by the application itself',
    outlook: Array.from({ length: hours }, (_, h) => ({
      hourFrom: new Date(fromMs + h * MS_PER_HOUR).toISOString(),
      air: { degC: value('airC', h), humidityPct: value('humidityPct', h) },
      sky: { cloudShare: Number((value('cloudPct', h) / 100).toFixed(2)) },
      windKmh: kmPerHour(value('windMPerS', h)),
      rain: { mm: value('rainMm', h) },
    })),
  };
}

/** Hours that have been, as text with semicolons. */
function asTable({ weather, fromMs, hours }: Wanted): string {
  const columns = weather.columns(fromMs, hours);
  const keys = ['airC', 'humidityPct', 'rainMm', 'windMPerS'] as const;
  const lines = Array.from({ length: hours }, (_, h) =>
    [new Date(fromMs + h * MS_PER_HOUR).toISOString(), ...keys.map((k) => columns[k]?.[h] ?? '')].join(';'),
  );
  return ['time;air °C;humidity %;rain mm;wind m/s', ...lines, ''].join('\n');
}

/** What a station reads in this minute. */
function asStation({ weather }: Wanted, nowMs: number): object {
  const columns = weather.columns(hourFloor(nowMs), 1);
  return {
    station: 'made up by the application itself',
    taken: new Date(Math.floor(nowMs / MS_PER_MINUTE) * MS_PER_MINUTE).toISOString(),
    sensors: {
      airTempC: columns.airC?.[0] ?? null,
      humidityPct: columns.humidityPct?.[0] ?? null,
      windMPerS: columns.windMPerS?.[0] ?? null,
    },
  };
}

/** A meter that dries by the day, %. */
const asMeter = (nowMs: number): object => ({
  meter: 'made up by the application itself',
  moisture: Number((3.4 + Math.sin(Math.floor(nowMs / MS_PER_DAY)) * 0.6).toFixed(1)),
});

function standInApp(now: () => Date): express.Express {
  const app = express();
  app.disable('x-powered-by');
  app.use((_req, res, next) => {
    res.setHeader('Cache-Control', `max-age=${GOOD_FOR_S}`);
    next();
  });
  app.get(
    '/columns',
    (req, res) => void res.json(inColumns(wantedOf(req, now().getTime()), now().getTime())),
  );
  app.get('/rows', (req, res) => void res.json(inRows(wantedOf(req, now().getTime()), now().getTime())));
  app.get('/table', (req, res) => void res.type('text/csv').send(asTable(wantedOf(req, now().getTime()))));
  app.get('/station', (req, res) => {
    res.setHeader('Cache-Control', 'no-store');
    res.json(asStation(wantedOf(req, now().getTime()), now().getTime()));
  });
  app.get('/meter', (_req, res) => {
    res.setHeader('Cache-Control', 'no-store');
    res.json(asMeter(now().getTime()));
  });
  return app;
}

/** @returns where the stand-ins are reached; they begin to listen when that is asked first, and end with the process */
export function standInsAt(now: () => Date): () => Promise<string> {
  let begun: Promise<string> | undefined;
  const begin = (): Promise<string> =>
    new Promise((done, failed) => {
      const server: Server = standInApp(now).listen(0, '127.0.0.1', () => {
        server.unref();
        done(`http://127.0.0.1:${(server.address() as AddressInfo).port}`);
      });
      server.once('error', failed);
    });
  return () => (begun ??= begin());
}
