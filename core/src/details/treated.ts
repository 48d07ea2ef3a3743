/** What a coat that does not go all over a zone covers of it: edges, laps and fasteners, or the places that rust. */
import { cited, detailRulesOf, type BuildUp, type Layer } from '../buildup/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
import { sumFigure, type EdgeKind, type Zone, type ZoneQuantities } from '../survey/index.ts';

/** Edges at which metal is cut, or water runs off. */
const CUT_EDGES: readonly EdgeKind[] = ['drip', 'gutter', 'free'];

/** Stripes along edges and laps, and a square round each fastener, as wide as the build-up's stripe. */
function stripes({ edges, features }: ZoneQuantities, zone: Zone, buildUp: BuildUp): Figure {
  const width = cited('width of a stripe', detailRulesOf(buildUp).stripeMm, 'lap');
  const runs = [
    ...edges.filter((e) => CUT_EDGES.includes(e.kind)).map((e) => e.length),
    ...features.filter((f) => f.kind === 'sheet-lap').flatMap((f) => (f.length ? [f.length] : [])),
  ];
  const length = sumFigure(
    `${zone.name}, edges and laps`,
    'length',
    runs,
    'cut edges and sheet laps of the survey',
  );
  const fasteners = sumFigure(
    `${zone.name}, fasteners`,
    'count',
    features.filter((f) => f.kind === 'fasteners').map((f) => f.count),
    'fasteners of the survey',
  );
  return {
    label: `${zone.name}, edges, laps and fasteners`,
    value: (length.value * width.value) / 1000 + fasteners.value * (width.value / 1000) ** 2,
    quantity: 'area',
    formula: '{length} × {width} / 1000 + {fasteners} × {width} / 1000 × {width} / 1000',
    inputs: { length, width, fasteners },
    from: 'a stripe along each edge and lap, and a square of its width over each fastener',
  };
}

/** Rust as the inspection measured it; where nobody measured it, the whole area is taken. */
function rusted(zone: Zone, area: Figure): Figure | Given {
  const found = zone.findings.find((f) => f.item === 'rust');
  if (found?.answer === 'no')
    return given(`${zone.name}, rust`, 0, 'area', 'measured', 'from the inspection');
  return found?.answer === 'yes' && found.amount !== undefined
    ? given(`${zone.name}, rust`, found.amount, 'area', 'measured', 'from the inspection')
    : { ...area, label: `${zone.name}, all of it: nobody has measured the rust` };
}

/**
 * The area that a layer covers of a zone.
 * @param area of the zone: more than all of it is never covered
 * @returns the area itself for what goes all over
 */
export function treatedArea(
  layer: Layer,
  zone: Zone,
  quantities: ZoneQuantities,
  buildUp: BuildUp,
  area: Figure = quantities.slopeArea,
): Figure {
  if (layer.kind !== 'coat' || layer.treats === undefined) return area;
  if (layer.treats === 'details')
    return {
      label: `${zone.name}, ${layer.name.toLowerCase()} in the field`,
      value: 0,
      quantity: 'area',
      formula: '0 × {area}',
      inputs: { area },
      from: 'it is counted at the details that are made with it',
    };
  const spots = layer.treats === 'rust' ? rusted(zone, area) : stripes(quantities, zone, buildUp);
  return {
    label: `${zone.name}, what the ${layer.name.toLowerCase()} covers`,
    value: Math.min(spots.value, area.value),
    quantity: 'area',
    formula: 'min({spots}, {area})',
    inputs: { spots, area },
    from: 'no more than all of it',
  };
}
