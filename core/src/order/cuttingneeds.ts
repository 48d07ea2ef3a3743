/** What the cut lists of the details take off the rolls. */
import type { CutList, ZoneDetails } from '../details/index.ts';
import { given, type Given } from '../figures/index.ts';
import { itemOfLayer, itemOfSundry } from './items.ts';
import type { Part } from './parts.ts';

/** Rolls that pieces are cut from: what is cut off them, shared out to the zones by the area of their pieces. */
export function cuttingParts(list: CutList): Part[] {
  const areaOf = (z: ZoneDetails): number => {
    const labels = new Set(z.groups.map((g) => g.label));
    return list.nest.placed
      .filter((p) => labels.has(p.label))
      .reduce((sum, p) => sum + p.longMm * p.wideMm, 0);
  };
  const all = list.zones.reduce((sum, z) => sum + areaOf(z), 0);
  const [first] = list.zones;
  if (!first || all === 0) return [];
  const layer = list.buildUp.layers.find((l) => l.id === list.layerId);
  const item =
    layer && layer.kind !== 'pieces'
      ? itemOfLayer(list.buildUp, layer)
      : itemOfSundry('fabric', first.rules, list.buildUp.currency);
  const used = given(
    'cut off the rolls',
    list.nest.totalMm / 1000,
    'length',
    'definition',
    'by the cut list',
  );
  const width = given('width of the roll', list.roll.widthMm / 1000, 'length', 'data sheet');
  return list.zones.map((z): Part => {
    const share = given(
      'share of the pieces',
      areaOf(z) / all,
      'share',
      'definition',
      'by the area of its pieces',
    );
    const byArea = item.quantity === 'area';
    const inputs: Record<string, Given> = byArea ? { used, width, share } : { used, share };
    return {
      item,
      layer,
      buildUp: z.buildUp,
      zoneId: z.zone.id,
      zoneName: z.zone.name,
      of: 'cutting',
      sprayed: false,
      amount: {
        label: `${z.zone.name}, pieces for details`,
        value: used.value * (byArea ? width.value : 1) * share.value,
        quantity: item.quantity,
        formula: byArea ? '{used} × {width} × {share}' : '{used} × {share}',
        inputs,
        from: 'what the cut list takes off the rolls, offcuts with it',
      },
    };
  });
}
