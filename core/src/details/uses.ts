/** What a detail takes of something, and the small things that are particular to its kind: sealant, bars, tapes, primers. */
import { cited, SUNDRIES, type DetailRules, type SundryKey } from '../buildup/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
import { COMMON } from '../practice/index.ts';
import { isSheetWay, type Way } from './bonding.ts';
import type { Detail } from './find.ts';
import { filletVolume, sealantJoint } from './joints.ts';

export interface MaterialUse {
  readonly material:
    | { readonly kind: 'layer'; readonly layerId: string }
    /** Things of several sizes never stand in for each other. */
    | { readonly kind: 'sundry'; readonly key: SundryKey; readonly sizeMm?: number }
    | { readonly kind: 'pocket'; readonly layerId: string }
    | { readonly kind: 'curb'; readonly partId: string };
  readonly name: string;
  /** Where it goes. */
  readonly use: string;
  readonly amount: Figure;
}

/** An amount of a small thing. */
export const sundry = (key: SundryKey, use: string, amount: Figure, sizeMm?: number): MaterialUse => ({
  material: { kind: 'sundry', key, ...(sizeMm === undefined ? {} : { sizeMm }) },
  name: SUNDRIES[key].name,
  use,
  amount: { ...amount, label: `${SUNDRIES[key].name}, ${use}` },
});

const lengthOf = (detail: Detail, label: string): Figure => ({
  label,
  value: detail.length?.value ?? 0,
  quantity: 'length',
  formula: '{length}',
  inputs: { length: detail.length ?? given('length', 0, 'length', 'measured') },
  from: 'the length of the run',
});

/** A band of primer along a run, or under so many caps. */
export function metalPrimer(detail: Detail, rules: DetailRules, pieces: Figure): MaterialUse[] {
  if (!detail.metal || pieces.value <= 0) return [];
  const rate = cited('primer on metal', rules.metalPrimerKgPerM2, 'rateMass');
  return [
    sundry('metal primer', detail.where, {
      label: '',
      value: rate.value * pieces.value,
      quantity: 'mass',
      formula: '{rate} × {area}',
      inputs: { rate, area: pieces },
      from: 'metal is primed wherever a piece goes on it',
    }),
  ];
}

/** The filled groove of a crack that was cut out: its own width where it gapes wider than the groove. */
function grooveFill(detail: Detail, length: Figure | Given): MaterialUse {
  const { crackGrooveWidth, crackGrooveDepth: depth } = COMMON;
  const gapes = given('width of the crack', detail.sizes['widthMm'] ?? 0, 'gap', 'measured');
  const width = crackGrooveWidth.value >= gapes.value ? crackGrooveWidth : gapes;
  return sundry('joint filler', detail.where, {
    label: '',
    value: (width.value * depth.value * length.value) / 1000,
    quantity: 'volume',
    formula: '{width} × {depth} × {length} / 1000',
    inputs: { width, depth, length },
    from: 'the groove that is cut out and filled; 1 mm by 1 mm by 1 m is a millilitre',
  });
}

function jointUses(detail: Detail, widthMm: number, rod: boolean): MaterialUse[] {
  if (!detail.length || widthMm <= 0) return [];
  const joint = sealantJoint(given('width of the joint', widthMm, 'gap', 'measured'), detail.length);
  const uses = [sundry('joint filler', detail.where, joint.volume)];
  if (rod) {
    uses.push(
      joint.rodOnSaleMm === undefined
        ? sundry('bond breaker', detail.where, lengthOf(detail, ''))
        : sundry(
            'backer rod',
            `${joint.rodOnSaleMm} mm, ${detail.where}`,
            lengthOf(detail, ''),
            joint.rodOnSaleMm,
          ),
    );
  }
  return uses;
}

/** A bead of sealant round a rim. */
function bead(detail: Detail, legMm: number): MaterialUse[] {
  const diameter = given('diameter', detail.sizes['diameterMm'] ?? 0, 'lap', 'measured');
  const count = given('details alike', detail.count, 'count', 'measured');
  const girth: Figure = {
    label: 'Round it',
    value: (Math.PI * diameter.value * detail.count) / 1000,
    quantity: 'length',
    formula: '4 × atan(1) × {diameter} × {count} / 1000',
    inputs: { diameter, count },
    from: 'girth of a circle; 4 atan(1) is π',
  };
  return [
    sundry(
      'sealant',
      `bead, ${detail.where}`,
      filletVolume(given('leg of the bead', legMm, 'gap', 'typical'), girth),
    ),
  ];
}

function fillet(detail: Detail, rules: DetailRules): MaterialUse[] {
  if (!detail.length) return [];
  const volume = filletVolume(cited('leg of the fillet', rules.filletLegMm, 'gap'), detail.length);
  if (rules.fillet === 'sealant') return [sundry('sealant', `fillet, ${detail.where}`, volume)];
  const density = cited('density of the mortar', rules.mortarKgPerL, 'density');
  return [
    sundry('mortar', `fillet, ${detail.where}`, {
      label: '',
      value: volume.value * density.value,
      quantity: 'mass',
      formula: '{volume} × {density}',
      inputs: { volume, density },
      from: 'volume times density',
    }),
  ];
}

function bars(detail: Detail, rules: DetailRules): MaterialUse[] {
  if (!detail.length) return [];
  const spacing = cited('fixed every', rules.barSpacingMm, 'lap');
  const bar = cited('length of a bar', rules.barLengthM, 'length');
  const count = Math.ceil(detail.length.value / bar.value);
  return [
    sundry('bar', detail.where, lengthOf(detail, '')),
    sundry('fastener', detail.where, {
      label: '',
      value: count * (Math.ceil(((detail.length.value / count) * 1000) / spacing.value) + 1),
      quantity: 'count',
      formula: 'ceil({length} / {bar}) × (ceil({length} / ceil({length} / {bar}) × 1000 / {spacing}) + 1)',
      inputs: { length: detail.length, bar, spacing },
      from: 'bars of one length, each fixed at its spacing and at both ends',
    }),
    sundry('sealant', `over the bar, ${detail.where}`, filletVolume(COMMON.barBead, detail.length)),
  ];
}

/** The end of a day's work: a fillet of sealant on a sheet, tape along a coat; melt is feathered out by itself. */
export function sealedForTheNight(detail: Detail, way: Way): MaterialUse[] {
  if (!detail.length || way === 'melt') return [];
  return isSheetWay(way)
    ? [sundry('sealant', `night seal, ${detail.where}`, filletVolume(COMMON.filletSealant, detail.length))]
    : [sundry('tape', detail.where, lengthOf(detail, ''))];
}

/** What is particular to a kind, besides pieces and coats. */
export function particular(detail: Detail, rules: DetailRules, way: Way): MaterialUse[] {
  switch (detail.kind) {
    case 'fillet':
      return fillet(detail, rules);
    case 'bar':
      return bars(detail, rules);
    case 'movement-joint':
      return jointUses(detail, detail.sizes['widthMm'] ?? 0, true);
    case 'board-joint':
      return jointUses(detail, detail.sizes['widthMm'] ?? 0, false);
    case 'moving-crack':
      return detail.length
        ? [grooveFill(detail, detail.length), sundry('bond breaker', detail.where, lengthOf(detail, ''))]
        : [];
    case 'static-crack':
      return detail.length && (detail.sizes['widthMm'] ?? 0) >= COMMON.crackCutOut.value
        ? [grooveFill(detail, detail.length)]
        : [];
    case 'day-joint':
      return sealedForTheNight(detail, way);
    case 'tie-in':
      return [sundry('tape', detail.where, lengthOf(detail, ''))];
    case 'pipe':
      return bead(detail, 10);
    case 'outlet':
      return bead(detail, 8);
    default:
      return [];
  }
}

/** The strip in hot melt: along a run, or up a corner and out on to the roof. */
export function elastomer(detail: Detail, rules: DetailRules): MaterialUse {
  if (detail.length) return sundry('elastomer strip', detail.where, lengthOf(detail, ''));
  const up = given('up the corner', detail.sizes['heightMm'] ?? rules.upMm.value, 'lap', 'chosen');
  const foot = cited('foot', rules.footMm, 'lap');
  const count = given('corners alike', detail.count, 'count', 'measured');
  return sundry('elastomer strip', detail.where, {
    label: '',
    value: ((up.value + foot.value) / 1000) * count.value,
    quantity: 'length',
    formula: '({up} + {foot}) / 1000 × {count}',
    inputs: { up, foot, count },
    from: 'up the corner and out on to the roof',
  });
}
