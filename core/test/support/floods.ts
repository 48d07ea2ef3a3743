/** A flood test on the hall, made short, and hours of weather for it. */
import { COMMON } from '@lentum/core/practice';
import { given } from '@lentum/core/figures';
import { floodTests, floodVerdict, type FloodVerdict } from '@lentum/core/proving';
import { EMPTY_BOOK, foldRecord, type Body } from '@lentum/core/record';
import type { WeatherSeries } from '@lentum/core/weather';

export const FILLED_MS = Date.parse('2027-05-03T06:00:00.000Z');
const atHour = (h: number): string => new Date(FILLED_MS + h * 3_600_000).toISOString();

export interface FloodReading {
  readonly h: number;
  readonly levelMm: number;
  readonly panMm?: number;
  readonly rainMm?: number;
  readonly toppedUpToMm?: number;
}
export interface FloodSaid {
  readonly levelMm?: number;
  readonly panMm?: number;
  readonly hours?: number;
  readonly readings: readonly FloodReading[];
  /** Let out at the hour of the last reading; absent: it stands. */
  readonly out?: { readonly below?: 'dry' | 'wet' | 'not looked at'; readonly unplugged?: number };
  readonly nowH?: number;
  readonly series?: readonly WeatherSeries[];
}

const stored = (seq: number, id: string, body: Body<'flood'>) =>
  ({
    ...{ seq, receivedAt: body.at, previousHash: '', hash: '' },
    entry: {
      ...{ form: 2, id, kind: 'flood', version: 1, personId: 'p', deviceId: 'd', madeAt: body.at },
      ...{ zoneId: 'hall', bays: [], attachments: [], body },
    },
  }) as never;

/** Air that stays as it is for ten days. */
export const steady = (airC: number, humidityPct: number, windMPerS: number, rainMm = 0): WeatherSeries[] => [
  {
    ...{ id: 's', kind: 'observed', source: 'station', simulated: false, issuedAt: atHour(240) },
    startAt: atHour(0),
    place: { latitudeDeg: 50, longitudeDeg: 0 },
    hours: 240,
    columns: {
      airC: Array.from({ length: 240 }, () => airC),
      humidityPct: Array.from({ length: 240 }, () => humidityPct),
      windMPerS: Array.from({ length: 240 }, () => windMPerS),
      rainMm: Array.from({ length: 240 }, () => rainMm),
    },
  } as unknown as WeatherSeries,
];

export function floodSaid(said: FloodSaid): FloodVerdict {
  const { levelMm = 50, panMm, hours = 48, readings, out } = said;
  const bodies: Body<'flood'>[] = [
    {
      ...{ step: 'filled', at: atHour(0), deepestMm: 60, levelMm, plugged: 2, hours },
      ...(panMm === undefined ? {} : { panMm }),
    },
    ...readings.map(({ h, toppedUpToMm, ...r }, i): Body<'flood'> =>
      out && i === readings.length - 1
        ? {
            ...{ step: 'emptied', at: atHour(h), floodId: 'f0', ...r },
            ...{ unplugged: out.unplugged ?? 2, below: out.below ?? 'dry' },
          }
        : {
            ...{ step: 'read', at: atHour(h), floodId: 'f0', ...r },
            ...(toppedUpToMm === undefined ? {} : { toppedUpToMm }),
          },
    ),
  ];
  const book = foldRecord(
    EMPTY_BOOK,
    bodies.map((b, i) => stored(i + 1, `f${i}`, b)),
  );
  const nowMs = FILLED_MS + (said.nowH ?? readings.at(-1)?.h ?? 0) * 3_600_000;
  const [test] = floodTests(book, said.series ?? steady(15, 70, 2), nowMs);
  if (!test) throw new Error('no flood test');
  return floodVerdict(test, given('area', 100, 'area', 'measured'), COMMON, nowMs);
}
