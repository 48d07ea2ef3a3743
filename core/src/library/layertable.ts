/**
 * Layers from a plain table: one row a layer, headings in words. What a column does not say is assumed and marked so;
 * what it says is marked "data sheet".
 */
import { blankLayer, COAT_ROLES, safeEnd, type Coat, type CoatRole, type Layer } from '../buildup/index.ts';
import { ok, type Problem, type Result } from '../problems/index.ts';
import {
  parse,
  parseRanged,
  parseRateRanged,
  readNumber,
  type Ranged,
  type Quantity,
  type System,
} from '../units/index.ts';

const MOST_ROWS = 40;

/** Headings that are understood, and where their figure goes. */
const COLUMNS = {
  name: ['layer', 'name', 'coat', 'product'],
  role: ['purpose', 'role', 'kind'],
  rate: ['rate', 'coverage', 'consumption'],
  density: ['density'],
  solids: ['volume solids', 'solids', 'vs'],
  container: ['container', 'pack', 'size'],
  airMin: ['air min', 'air least', 'min air'],
  airMax: ['air max', 'air most', 'max air'],
  surfaceMin: ['surface min', 'surface least', 'min surface'],
  surfaceMax: ['surface max', 'surface most', 'max surface'],
  humidityMax: ['humidity max', 'humidity', 'max humidity'],
  rainSafe: ['rain-safe', 'rain safe', 'rainproof'],
  overcoatFrom: ['overcoat from', 'recoat from', 'overcoat'],
  overcoatUntil: ['overcoat until', 'recoat until'],
  foot: ['foot traffic', 'feet', 'foot'],
  note: ['note', 'how'],
} as const;
type Column = keyof typeof COLUMNS;

export const LAYER_TABLE_HEADINGS: readonly string[] = Object.values(COLUMNS).map((names) => names[0]);

const plainHeading = (cell: string): string =>
  cell
    .trim()
    .toLowerCase()
    .replace(/\s*[[(].*$/, '')
    .replace(/\s+/g, ' ');

function columnsOf(headings: readonly string[]): Map<Column, number> {
  const found = new Map<Column, number>();
  headings.forEach((cell, i) => {
    const plain = plainHeading(cell);
    for (const [column, names] of Object.entries(COLUMNS))
      if ((names as readonly string[]).includes(plain) && !found.has(column as Column))
        found.set(column as Column, i);
  });
  return found;
}

export interface TableRead {
  readonly layers: readonly Layer[];
  /** Headings that were not understood; their columns are left out. */
  readonly ignored: readonly string[];
}

const sheet = (value: number) => ({ value, source: 'data sheet' as const });

/** Of hours at one temperature, 20 °C as data sheets have it, a table with one row. */
const steady = ({ value, range }: Ranged) => ({
  source: 'data sheet' as const,
  points: [{ atC: 20, hours: value, ...(range ? { range } : {}) }],
});

/**
 * Reads rows of a table, the first of which are headings.
 * @param system what bare numbers are in
 * @returns layers, or one sentence for each cell that cannot be read
 */
export function layersFromTable(rows: readonly (readonly string[])[], system: System): Result<TableRead> {
  const filled = rows.filter((r) => r.some((c) => c.trim() !== ''));
  const [headings = [], ...body] = filled;
  const columns = columnsOf(headings);
  const problems: Problem[] = [];
  const file = (actual: string, expected: string): Problem => ({
    kind: 'malformed',
    field: 'file',
    label: 'The table',
    actual,
    expected,
  });
  if (!columns.has('name') || !columns.has('rate')) {
    return {
      ok: false,
      problems: [
        file(
          `headings ${headings.join(', ').slice(0, 80) || 'of nothing'}`,
          `at least “layer” and “rate”, then any of ${LAYER_TABLE_HEADINGS.slice(1).join(', ')}`,
        ),
      ],
    };
  }
  if (body.length === 0 || body.length > MOST_ROWS)
    return {
      ok: false,
      problems: [file(`${body.length} rows`, `1 to ${MOST_ROWS} rows under the headings`)],
    };

  const layers = body.map((row, i): Layer => {
    const cell = (column: Column): string => row[columns.get(column) ?? -1]?.trim() ?? '';
    const label = (column: Column): string => `Row ${i + 2}, ${COLUMNS[column][0]}`;
    const said = cell('role').toLowerCase();
    const role = COAT_ROLES.find((r) => r === said);
    if (said !== '' && !role)
      problems.push({
        kind: 'unknown',
        field: `${i}/role`,
        label: label('role'),
        actual: said,
        expected: `one of ${COAT_ROLES.join(', ')}`,
      });
    const guess: CoatRole = /prim/i.test(cell('name')) ? 'primer' : 'membrane';
    const coat = blankLayer('coat', `layer-${i + 1}`, role ?? guess) as Coat;
    coat.name = cell('name') || `Layer ${i + 1}`;
    if (cell('note')) coat.note = cell('note').slice(0, 400);
    const read = (
      column: Column,
      quantity: Quantity,
      take: (value: number) => void,
      bounds: { min?: number; max?: number; above?: number },
    ): void => {
      if (cell(column) === '') return;
      const value = parse(cell(column), quantity, {
        system,
        field: `${i}/${column}`,
        label: label(column),
        ...bounds,
      });
      if (value.ok) take(value.value);
      else problems.push(...value.problems);
    };
    const rate = parseRateRanged(cell('rate'), 'volume', {
      system,
      field: `${i}/rate`,
      label: label('rate'),
      above: 0,
      max: 200,
    });
    if (rate.ok) coat.rate = { ...rate.value, source: 'data sheet' };
    else problems.push(...rate.problems);
    read('density', 'density', (v) => (coat.densityKgPerL = sheet(v)), { min: 0.3, max: 4 });
    if (cell('solids') !== '') {
      const number = readNumber(cell('solids').replace('%', ''));
      const share = number.ok
        ? cell('solids').includes('%') || number.value > 1
          ? number.value / 100
          : number.value
        : Number.NaN;
      if (share > 0 && share <= 1) coat.volumeSolids = sheet(share);
      else
        problems.push({
          kind: number.ok ? 'outOfRange' : 'notANumber',
          field: `${i}/solids`,
          label: label('solids'),
          actual: cell('solids'),
          expected: 'more than 0 and at most 100 %',
        });
    }
    const temperatures = { min: -40, max: 90 };
    read('airMin', 'temperature', (v) => (coat.limits.airMinC = sheet(v)), temperatures);
    read('airMax', 'temperature', (v) => (coat.limits.airMaxC = sheet(v)), temperatures);
    read('surfaceMin', 'temperature', (v) => (coat.limits.surfaceMinC = sheet(v)), temperatures);
    read('surfaceMax', 'temperature', (v) => (coat.limits.surfaceMaxC = sheet(v)), temperatures);
    read('humidityMax', 'percent', (v) => (coat.limits.humidityMaxPct = sheet(v)), { min: 0, max: 100 });
    for (const stage of ['rainSafe', 'overcoatFrom', 'overcoatUntil', 'foot'] as const) {
      if (cell(stage) === '') continue;
      const hours = parseRanged(cell(stage), 'hours', safeEnd(stage), {
        ...{ system, field: `${i}/${stage}`, label: label(stage) },
        ...{ above: 0, max: 10_000 },
      });
      if (hours.ok) coat.cure[stage] = steady(hours.value);
      else problems.push(...hours.problems);
    }
    const container = cell('container');
    if (container !== '') {
      const mass = parse(container, 'mass', { system });
      const volume = parse(container, 'volume', {
        system,
        label: label('container'),
        field: `${i}/container`,
        above: 0,
        max: 2000,
      });
      const named = /[a-z]/i.test(container);
      if (mass.ok && named)
        coat.containers = [{ id: 'container', name: container, basis: 'mass', net: mass.value }];
      else if (volume.ok)
        coat.containers = [
          { id: 'container', name: named ? container : `${container} L`, basis: 'volume', net: volume.value },
        ];
      else
        problems.push({
          ...volume.problems[0],
          kind: 'wrongUnit',
          field: `${i}/container`,
          label: label('container'),
          actual: container,
          expected: 'a content such as 20 L or 25 kg',
        });
    }
    return coat;
  });
  if (problems.length > 0) return { ok: false, problems };
  const known = new Set([...columns.values()]);
  return ok({ layers, ignored: headings.filter((h, i) => h.trim() !== '' && !known.has(i)) });
}
