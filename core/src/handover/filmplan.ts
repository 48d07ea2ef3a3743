/** Film maps on paper: bands square by square, spots, bays, thin patches, and what is known of it in words. */
import { boxOf, insideArea, labelPoint } from '../geometry/index.ts';
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
import { bandStrips, legendOf, outline, sheetOf } from './mapshapes.ts';

const BANDS = ['film0', 'film1', 'film2', 'film3', 'film4', 'film5'] as const satisfies readonly Ink[];

function filmPlan(q: ZoneQuantities, bays: readonly BayStatus[], map: FilmMap, t: Telling): Drawing {
  const sheet = sheetOf(q);
  const { at, path, letter, thin } = sheet;
  const shapes: Shape[] = [
    ...(map.grid ? bandStrips(map.grid, map.bands, BANDS, sheet) : []),
    ...bays.flatMap(({ bay }) => bay.parts.map((part) => path(part.outer, { stroke: 'quiet' }))),
    ...outline(q, sheet),
  ];
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
    shapes.push(path(round, { stroke: 'stop', width: thin * 2, dash: [letter / 3, letter / 4] }));
  }
  return {
    kind: 'drawing',
    label: t.w(`Film of ${map.name}, ${map.state}`),
    frame: sheet.frame,
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
  return legendOf(texts, BANDS, (i) => (i === 0 ? 0 : 3 + i * 10), t.w('Bands of film'));
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
