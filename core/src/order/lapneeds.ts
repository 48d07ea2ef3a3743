/** What laps, heads and ridges take besides the rolls: primer on granules, nails, resin that a lap of fabric drinks. */
import { cited, detailRulesOf, fabricFills, isCoat, sumOf } from '../buildup/index.ts';
import { coursesFigures, type LayerLayout, type MaterialPlan } from '../courses/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
import { inQuantity } from './amounts.ts';
import { itemOfLayer, itemOfSundry } from './items.ts';
import type { Part } from './parts.ts';
import { sundryPart } from './sundrypart.ts';
import type { OrderDoc } from './schema.ts';

/** How many of a material's pieces lie in one layer of one zone. */
function shareOfPieces(plan: MaterialPlan, { zone, rolled }: LayerLayout): Given {
  const all = plan.pieces.length;
  const mine = plan.pieces.filter((p) => p.zoneId === zone.id && p.layerId === rolled.layer.id).length;
  return given('share of the pieces', all > 0 ? mine / all : 0, 'share', 'definition', 'by their number');
}

/** What strips over ridges lie on; those in valleys lie below the courses. */
const ridgeStrips = ({ caps }: LayerLayout, where: string): Given =>
  given(
    'strips over ridges',
    caps.filter((c) => !c.under).reduce((sum, c) => sum + c.lengthM * c.widthM, 0),
    'area',
    'definition',
    `length by width, ${where}`,
  );

/** Nails along the heads of courses that run up a slope: at the layer's spacing, first and last at the edges. */
export function headNailParts(plan: MaterialPlan): Part[] {
  const { layer, layouts } = plan.material;
  if (layer.kind !== 'sheet' || layer.headNailsMm === undefined) return [];
  const spacing = cited('nailed every', layer.headNailsMm, 'lap');
  return layouts.flatMap((l): Part[] => {
    const up = new Set(l.planes.filter((p) => p.laying.runs === 'up the fall').map((p) => p.index));
    const heads = plan.pieces.filter(
      (p) => p.zoneId === l.zone.id && p.layerId === l.rolled.layer.id && up.has(p.plane),
    );
    if (heads.length === 0) return [];
    const counted = [...new Set(heads.map((p) => Math.round(p.widthM * 1000)))].map((widthMm): Figure => {
      const pieces = heads.filter((p) => Math.round(p.widthM * 1000) === widthMm).length;
      const width = given('width of a head', widthMm, 'lap', 'definition', 'by the courses');
      const count = given('heads', pieces, 'count', 'definition', 'by the courses');
      return {
        label: `Heads ${widthMm} mm wide`,
        value: count.value * (Math.ceil(width.value / spacing.value) + 1),
        quantity: 'count',
        formula: '{count} × (ceil({width} / {spacing}) + 1)',
        inputs: { count, width, spacing },
        from: 'each head at its spacing, first and last at its edges',
      };
    });
    return [
      sundryPart(
        'head nail',
        l.zone,
        l.buildUp,
        sumOf(
          `${l.zone.name}, nails for heads of ${layer.name.toLowerCase()}`,
          'count',
          counted,
          'every head of the courses that run up the slope',
        ),
      ),
    ];
  });
}

/** Nails that hold lengths of a sheet while its film is drawn; none is used twice. */
export function temporaryNailParts(plan: MaterialPlan): Part[] {
  const { layer, layouts } = plan.material;
  if (layer.kind !== 'sheet' || layer.temporaryNails === undefined) return [];
  const each = cited('nails a length', layer.temporaryNails, 'count');
  return layouts.flatMap((l): Part[] => {
    const pieces = plan.pieces.filter((p) => p.zoneId === l.zone.id && p.layerId === l.rolled.layer.id);
    if (pieces.length === 0) return [];
    const lengths = given('lengths', pieces.length, 'count', 'definition', 'by the courses');
    const amount: Figure = {
      label: `${l.zone.name}, temporary nails for ${layer.name.toLowerCase()}`,
      value: lengths.value * each.value,
      quantity: 'count',
      formula: '{lengths} × {each}',
      inputs: { lengths, each },
      from: 'each length held while its film is drawn; what was pulled is not used again',
    };
    return [sundryPart('temporary nail', l.zone, l.buildUp, amount)];
  });
}

/** Resin that laps of a fabric drink beyond the rate of its coat: a second thickness of it is filled there. */
export function lapResinParts(plan: MaterialPlan, areaPct: number): Part[] {
  const { layer, layouts } = plan.material;
  const fills = layer.kind === 'fabric' ? fabricFills(layer) : undefined;
  if (layer.kind !== 'fabric' || !fills) return [];
  const figures = coursesFigures(plan);
  if (!figures) return [];
  const more = areaPct === 0 ? undefined : given('more or less area', areaPct, 'percent', 'assumed');
  return layouts.flatMap((l): Part[] => {
    const coat = l.buildUp.layers.find((k) => isCoat(k) && k.id === layer.embeddedIn);
    if (!coat || !isCoat(coat)) return [];
    const share = shareOfPieces(plan, l);
    const strips = ridgeStrips(l, 'over the courses of both sides');
    const doubled = figures.lapArea.value * share.value + strips.value;
    if (doubled <= 0) return [];
    const ridged = strips.value > 0;
    const item = itemOfLayer(l.buildUp, coat);
    const litres: Figure = {
      label: `${l.zone.name}, ${coat.name} in laps of the ${layer.name.toLowerCase()}`,
      value: doubled * fills.value * (1 + areaPct / 100),
      quantity: 'volume',
      formula: `${ridged ? '({laps} × {share} + {strips})' : '{laps} × {share}'} × {fills}${more ? ' × (1 + {more} / 100)' : ''}`,
      inputs: {
        ...{ laps: figures.lapArea, fills, share },
        ...(ridged ? { strips } : {}),
        ...(more ? { more } : {}),
      },
      from: 'a second thickness of fabric is filled where it laps; a litre on a square metre is a millimetre',
    };
    return [
      {
        item,
        layer: coat,
        buildUp: l.buildUp,
        zoneId: l.zone.id,
        zoneName: l.zone.name,
        of: 'cutting',
        sprayed: false,
        amount: inQuantity(litres, coat, item.quantity),
      },
    ];
  });
}

/** Primer on laps over granules: end laps where a bare selvedge keeps them off the side laps, else all laps. */
export function lapPrimerParts(plan: MaterialPlan, order: OrderDoc): Part[] {
  const { layer, layouts } = plan.material;
  if (layer.kind !== 'sheet' || layer.surfacing !== 'granules' || layer.granuleLaps === '') return [];
  // Laps that are sunk with heat take none.
  if (layer.bonding === 'torched') return [];
  const figures = coursesFigures(plan);
  if (!figures) return [];
  const rate = cited('primer on laps', order.courses.rules.lapPrimerKgPerM2, 'rateMass');
  const endLap = given('end lap', plan.material.endLapM * 1000, 'lap', 'data sheet');
  const bare = layer.edges === 'one bare';
  return layouts.map((l): Part => {
    const share = shareOfPieces(plan, l);
    const laps = bare ? (figures.endLaps.value * endLap.value) / 1000 : figures.lapArea.value;
    const strips = ridgeStrips(l, 'on the granules of both sides');
    const ridged = strips.value > 0;
    const sides = bare ? '{end} × {endLap} / 1000 × {share}' : '{laps} × {share}';
    return {
      item: itemOfSundry('lap primer', detailRulesOf(l.buildUp), l.buildUp.currency),
      layer: undefined,
      buildUp: l.buildUp,
      zoneId: l.zone.id,
      zoneName: l.zone.name,
      of: 'details',
      sprayed: false,
      amount: {
        label: `${l.zone.name}, primer on laps of ${layer.name.toLowerCase()}`,
        value: (laps * share.value + strips.value) * rate.value,
        quantity: 'mass',
        formula: ridged ? `(${sides} + {strips}) × {rate}` : `${sides} × {rate}`,
        inputs: {
          ...(bare ? { end: figures.endLaps, endLap, share } : { laps: figures.lapArea, share }),
          ...(ridged ? { strips } : {}),
          rate,
        },
        from: `${bare ? 'end laps' : 'laps'} over granules${ridged ? ', and what ridge strips lie on' : ''}`,
      },
    };
  });
}
