/** What the columns of a file say: chosen by a person, guessed at first from the headings. */
import type { DayOrder } from './tableclock.ts';

/** What a column of a file may say, and the units that it may say it in; the first is ours. */
export const TABLE_UNITS = {
  airC: ['°C', '°F', 'K'],
  dewC: ['°C', '°F', 'K'],
  humidityPct: ['%', ''],
  rainMm: ['mm', 'in', 'cm'],
  windMPerS: ['m/s', 'km/h', 'mph', 'kn'],
  gustMPerS: ['m/s', 'km/h', 'mph', 'kn'],
  cloudPct: ['%', '', 'tenths', 'oktas'],
  sunWPerM2: ['W/m²'],
  surfaceC: ['°C', '°F', 'K'],
  rainChancePct: ['%', ''],
} as const;
export type TableColumn = keyof typeof TABLE_UNITS;

export interface TableMap {
  /** Column of the time, and of the clock where date and clock stand apart. */
  readonly time: number;
  readonly clock?: number | undefined;
  readonly order: DayOrder;
  /** An IANA name; not looked at where the times themselves say their zone. */
  readonly zone: string;
  /** Which hour the rain of a line fell in: the one that begins at its time, or the one that ends with it. */
  readonly rainOf?: 'hour after' | 'hour before' | undefined;
  readonly columns: readonly { readonly index: number; readonly as: TableColumn; readonly unit: string }[];
}

const GUESSES: readonly [TableColumn, RegExp][] = [
  ['dewC', /dew/],
  ['surfaceC', /surface|slab|deck|roof/],
  ['humidityPct', /hum|\brh\b/],
  ['rainChancePct', /(chance|prob).*(rain|precip)|(rain|precip).*(chance|prob)/],
  ['rainMm', /rain|precip|prcp/],
  ['gustMPerS', /gust/],
  ['windMPerS', /wind(?!.*(dir|deg))|wspd/],
  ['cloudPct', /cloud|cover/],
  ['sunWPerM2', /sun|solar|ghi|radiation|global/],
  ['airC', /air|temp|dry.?bulb|\bt2m\b/],
];
const UNIT_HINTS: readonly [RegExp, string][] = [
  [/°f|\bf\b|fahr|_f$|\(f\)/, '°F'],
  [/\bkn\b|\bkt\b|knot/, 'kn'],
  [/mph/, 'mph'],
  [/km\/?h/, 'km/h'],
  [/inch|\bin\b/, 'in'],
  [/okta/, 'oktas'],
  [/tenth/, 'tenths'],
];

/** A first guess from the headings, for a person to put right. */
export function guessMap(names: readonly string[], zone: string): TableMap {
  const units: Readonly<Record<TableColumn, readonly string[]>> = TABLE_UNITS;
  const plain = names.map((n) => n.trim().toLowerCase());
  const time = Math.max(
    0,
    plain.findIndex((n) => /date|time|stamp|hour/.test(n)),
  );
  const clock = plain.findIndex((n, i) => i !== time && /^(time|clock|hour)/.test(n));
  const used = new Set<TableColumn>();
  const columns = plain.flatMap((name, index) => {
    if (index === time || index === clock) return [];
    const as = GUESSES.find(([key, re]) => !used.has(key) && re.test(name))?.[0];
    if (!as) return [];
    used.add(as);
    const hinted = UNIT_HINTS.find(([re]) => re.test(name))?.[1];
    const unit = hinted !== undefined && units[as].includes(hinted) ? hinted : (units[as][0] ?? '');
    return [{ index, as, unit }];
  });
  return {
    time,
    ...(clock >= 0 && /date/.test(plain[time] ?? '') && !/time/.test(plain[time] ?? '') ? { clock } : {}),
    order: 'day first',
    zone,
    columns,
  };
}
