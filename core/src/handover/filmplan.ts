/** Film maps on paper: bands square by square, spots, bays, thin patches, and what is known of it in words. */
import { boxOf, insideArea, labelPoint, type Ring } from '../geometry/index.ts';
import {
  columns,
  group,
  heading,
  line,
  row,
  table,
  type Block,
  type Drawing,
  type Ink,
  type Shape,
  type Telling,
} from '../printout/index.ts';
import { coatsRead, filmMap, totalFilmMap, type FilmMap } from '../proving/index.ts';
import type { BuildUp } from '../buildup/index.ts';
import type { Practice } from '../practice/index.ts';
import type { BayStatus } from '../record/index.ts';
import type { ZoneQuantities } from '../survey/index.ts';

const BANDS = ['film0', 'film1', 'film2', 'film3', 'film4', 'film5'] as const satisfies readonly Ink[];
const LETTER = 1 / 40;
const LINE = 1 / 600;

/** Which band a film lies in: how many begin at or below it. */
const bandOf = (mm: number, bands: readonly number[]): number => bands.filter((b) => mm >= b).length;

/** The grid as long strips of one band each, row by row. */
function strips({ grid, bands }: FilmMap): { col: number; row: number; count: number; band: number }[] {
  if (!grid) return [];
  const found: { col: number; row: number; count: number; band: number }[] = [];
  for (let r = 0; r < grid.rows; r += 1) {
    let open: { col: number; row: number; count: number; band: number } | undefined;
    for (let c = 0; c < grid.cols; c += 1) {
      const i = r * grid.cols + c;
      const mm = grid.values[i] ?? NaN;
      const band = grid.laid[i] === 1 && !Number.isNaN(mm) ? bandOf(mm, bands) : -1;
      if (open?.band === band) open.count += 1;
      else {
        open = band < 0 ? undefined : { col: c, row: r, count: 1, band };
        if (open) found.push(open);
      }
    }
  }
  return found;
}

export function filmPlan(q: ZoneQuantities, bays: readonly BayStatus[], map: FilmMap, t: Telling): Drawing {
  const { minX: west, maxX: east, minY: south, maxY: north } = boxOf([q.ring]);
  const size = Math.max(east - west, north - south);
  const margin = size * 0.06;
  const [letter, thin] = [size * LETTER, size * LINE];
  // Paper has y down.
  const at = ([x, y]: readonly [number, number]): [number, number] => [x - west + margin, north - y + margin];
  const ring = (r: Ring): [number, number][] => r.map(at);
  const path = (points: [number, number][], more: Partial<Shape & { kind: 'path' }>): Shape => ({
    ...{ kind: 'path', points, closed: true, width: thin },
    ...more,
  });
  const shapes: Shape[] = [];
  const grid = map.grid;
  for (const s of strips(map)) {
    if (!grid) break;
    const [x, y] = [grid.origin[0] + s.col * grid.stepM, grid.origin[1] + s.row * grid.stepM];
    const [w, h] = [s.count * grid.stepM, grid.stepM];
    shapes.push(
      path(
        ring([
          [x, y],
          [x + w, y],
          [x + w, y + h],
          [x, y + h],
        ]),
        { fill: BANDS[s.band] ?? 'paper' },
      ),
    );
  }
  for (const { bay } of bays)
    for (const part of bay.parts) shapes.push(path(ring(part.outer), { stroke: 'quiet' }));
  shapes.push(path(ring(q.ring), { stroke: 'ink', width: thin * 3 }));
  for (const hole of q.polygon.holes)
    shapes.push(path(ring(hole), { stroke: 'ink', fill: 'paper', width: thin * 2 }));
  for (const p of map.points)
    shapes.push({
      kind: 'dot',
      at: at(p.at),
      radius: letter / 5,
      fill: p.mm < map.least.value ? 'stop' : 'ink',
    });
  for (const { bay } of bays) {
    const box = boxOf(bay.parts.map((p) => p.outer));
    const corner: [number, number] = [box.minX + letter * 0.4, box.maxY - letter * 1.1];
    const isOn = insideArea(corner, bay.parts);
    shapes.push({
      ...{ kind: 'text', at: at(isOn ? corner : labelPoint(bay.parts)), text: bay.label, size: letter },
      ...{ align: isOn ? 'start' : 'middle', bold: true, fill: 'ink' },
    });
  }
  for (const p of map.patches) {
    const r = Math.max(letter, Math.sqrt(p.area.value / Math.PI) * 1.15);
    const round = Array.from({ length: 40 }, (_, i): [number, number] => [
      p.middle[0] + r * Math.cos((i * Math.PI) / 20),
      p.middle[1] + r * Math.sin((i * Math.PI) / 20),
    ]);
    shapes.push(path(ring(round), { stroke: 'stop', width: thin * 2, dash: [letter / 3, letter / 4] }));
  }
  return {
    kind: 'drawing',
    label: t.w(`Film of ${map.name}, ${map.state}`),
    frame: [0, 0, east - west + 2 * margin, north - south + 2 * margin],
    mostHeightMm: 95,
    shapes,
  };
}

/** The colours, each with the film from which it stands. */
function legend(map: FilmMap, t: Telling): Drawing {
  const film = (mm: number): string => t.value(mm, 'film');
  const texts = [
    t.w(`under ${film(map.bands[0] ?? 0)}`),
    ...map.bands.map((b, i) => (i === map.bands.length - 1 ? t.w(`${film(b)} and over`) : film(b))),
  ];
  // The first one says more.
  const left = (i: number): number => (i === 0 ? 0 : 3 + i * 10);
  const shapes: Shape[] = texts.flatMap((text, i): Shape[] => [
    {
      ...{ kind: 'path', closed: true, width: 0.05, stroke: 'quiet', fill: BANDS[i] ?? 'paper' },
      points: [
        [left(i), 0],
        [left(i) + 1.6, 0],
        [left(i) + 1.6, 1.2],
        [left(i), 1.2],
      ],
    },
    {
      ...{ kind: 'text', at: [left(i) + 2, 1.05], text, size: 1.1 },
      ...{ align: 'start', bold: false, fill: 'ink' },
    },
  ]);
  return { kind: 'drawing', label: t.w('Bands of film'), frame: [0, -0.3, 66, 1.9], mostHeightMm: 6, shapes };
}

function oneMap(q: ZoneQuantities, bays: readonly BayStatus[], map: FilmMap, t: Telling): Block[] {
  const film = (mm: number): string => t.value(mm, 'film');
  const state = t.w(map.state);
  const known = map.leftOut
    ? t.w(
        `Left out in turn, a reading is found again within ${film(map.leftOut.surface)}; by the nearest within ${film(map.leftOut.nearest)}, by the mean within ${film(map.leftOut.mean)}.`,
      )
    : t.w('Too few spots lie near each other to say anything between them.');
  return [
    group(
      heading(2, `${map.of === 'all' ? t.w('All coats together') : map.name}, ${state}`),
      filmPlan(q, bays, map, t),
      ...(map.grid ? [legend(map, t)] : []),
      line(
        `${t.w(`${map.points.length} spots; mean`)} ${t.figure(map.mean)}, ${t.w('lowest')} ${t.figure(map.lowest)}, ${t.w('wanted')} ${t.figure(map.design)}, ${t.w('no spot under')} ${t.figure(map.least)}. ${known}`,
      ),
    ),
    ...(map.patches.length > 0
      ? [
          table(
            columns('Thin by the map|40', '>Area', '>Lowest', '>Missing, wet'),
            map.patches.map((p) =>
              row([
                `${p.bays.join(', ')}${p.isSure ? '' : `, ${t.w('perhaps')}`}`,
                ...[t.figure(p.area), film(p.lowestMm), t.figure(p.missing)],
              ]),
            ),
          ),
        ]
      : []),
  ];
}

/** A map of each coat that was read, and of all of them dry. */
export function filmSection(
  q: ZoneQuantities,
  bays: readonly BayStatus[],
  buildUp: BuildUp,
  practice: Practice,
  t: Telling,
): Block[] {
  const total = totalFilmMap(bays, buildUp, q, practice);
  const maps = [...coatsRead(bays).map((c) => filmMap(bays, buildUp, c, q, practice)), total].filter(
    (m) => m !== undefined,
  );
  return maps.length === 0
    ? []
    : [
        heading(1, t.w('Film as laid')),
        line(
          t.w(
            `Between readings by distance weights; no colour farther than ${t.value(practice.filmMapReach.value, 'length')} from one.`,
          ),
          'quiet',
        ),
        ...maps.flatMap((m) => oneMap(q, bays, m, t)),
      ];
}
