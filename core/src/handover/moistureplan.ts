/** Where the ground was damp before it was coated, on paper: readings of the meter, and what lies between them. */
import {
  group,
  heading,
  line,
  list,
  type Block,
  type Drawing,
  type Ink,
  type Telling,
} from '../printout/index.ts';
import { moistureBands, moistureMap, type MoistureMap } from '../proving/index.ts';
import type { Practice } from '../practice/index.ts';
import { testsOf, type SiteBook } from '../record/index.ts';
import type { ZoneQuantities } from '../survey/index.ts';
import { leftAsideWords, moistureKnown, moistureLegend, patchWords } from '../words/index.ts';
import { bandStrips, legendOf, outline, sheetOf } from './mapshapes.ts';

const INKS = ['damp0', 'damp1', 'damp2'] as const satisfies readonly Ink[];

function moisturePlan(q: ZoneQuantities, map: MoistureMap, t: Telling): Drawing {
  const sheet = sheetOf(q);
  const { at, letter } = sheet;
  return {
    kind: 'drawing',
    label: t.w('Moisture of the ground'),
    frame: sheet.frame,
    mostHeightMm: 90,
    shapes: [
      ...(map.grid ? bandStrips(map.grid, moistureBands(map), INKS, sheet) : []),
      ...outline(q, sheet),
      ...map.points.flatMap((p): Drawing['shapes'] => {
        const [x, y] = at(p.at);
        const over = p.pct > map.most.value;
        return [
          { kind: 'dot', at: [x, y], radius: letter / 5, fill: over ? 'stop' : 'ink' },
          {
            ...{ kind: 'text', at: [x + letter * 0.4, y + letter * 0.35], text: t.value(p.pct, 'moisture') },
            ...{ size: letter * 0.85, align: 'start', bold: over, fill: 'ink' },
          },
        ];
      }),
    ],
  };
}

/** Nothing where no reading of the meter has a place. */
export function moistureSection(
  zoneId: string,
  q: ZoneQuantities,
  book: SiteBook,
  practice: Practice,
  t: Telling,
): Block[] {
  const map = moistureMap(q, testsOf(book, zoneId), practice);
  if (!map) return [];
  const pct = (value: number): string => t.value(value, 'moisture');
  const aside = leftAsideWords(map);
  const legend = legendOf(moistureLegend(map, pct).map(t.w), INKS, (i) => i * 22, t.w('Bands of moisture'));
  return [
    group(
      heading(1, t.w('Where the ground was damp')),
      moisturePlan(q, map, t),
      ...(map.grid ? [legend] : []),
      line(
        `${t.w(`${map.points.length} ${map.points.length === 1 ? 'reading' : 'readings'} of the meter, highest`)} ${t.figure(map.highest)}${aside ? `; ${t.w(aside)}` : ''}. ${t.w(moistureKnown(map, pct))}`,
      ),
    ),
    ...(map.patches.length > 0
      ? [
          list(
            map.patches.map(
              (p) => `${t.w(patchWords(p))}: ${t.figure(p.area)}, ${t.w('up to')} ${pct(p.highestPct)}.`,
            ),
          ),
        ]
      : []),
  ];
}
