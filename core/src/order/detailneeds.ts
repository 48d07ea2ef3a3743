/** What the details need of each item: their materials as they are ordered, sizes of one thing apart. */
import {
  isCoat,
  type BuildUp,
  type DetailRules,
  type Layer,
  type Pieces,
  type SundryKey,
} from '../buildup/index.ts';
import type { DetailSchedule, MaterialUse, ZoneDetails } from '../details/index.ts';
import { inQuantity } from './amounts.ts';
import { itemOfLayer, itemOfPart, itemOfSundry, type Item } from './items.ts';
import type { Part } from './parts.ts';

/** Items of one run, each made once. */
export class Items {
  private readonly ofLayers = new Map<Layer, Item>();
  private readonly ofSundries = new Map<DetailRules, Map<SundryKey, Item>>();

  layer(buildUp: BuildUp, layer: Exclude<Layer, Pieces>): Item {
    let item = this.ofLayers.get(layer);
    if (!item) {
      item = itemOfLayer(buildUp, layer);
      this.ofLayers.set(layer, item);
    }
    return item;
  }

  sundry(key: SundryKey, rules: DetailRules, currency: string): Item {
    let mine = this.ofSundries.get(rules);
    if (!mine) this.ofSundries.set(rules, (mine = new Map()));
    let item = mine.get(key);
    if (!item) mine.set(key, (item = itemOfSundry(key, rules, currency)));
    return item;
  }
}

function itemOfUse(
  items: Items,
  use: MaterialUse,
  zone: ZoneDetails,
  pocket: BuildUp,
): { item: Item; layer: Layer | undefined; buildUp: BuildUp } | undefined {
  const { material } = use;
  if (material.kind === 'sundry') {
    const item = items.sundry(material.key, zone.rules, zone.buildUp.currency);
    return { item, layer: undefined, buildUp: zone.buildUp };
  }
  const buildUp = material.kind === 'layer' ? zone.buildUp : pocket;
  if (material.kind === 'curb') {
    const pieces = pocket.layers.find((l): l is Pieces => l.kind === 'pieces');
    const item = pieces && itemOfPart(pieces, material.partId, pocket);
    return item && { item, layer: pieces, buildUp };
  }
  const layer = buildUp.layers.find((l) => l.id === material.layerId);
  if (!layer || layer.kind === 'pieces') return undefined;
  return { item: items.layer(buildUp, layer), layer, buildUp };
}

/** Sizes of one thing (rods of several diameters) are items of their own: they never stand in for each other. */
function sized(item: Item, { material }: MaterialUse): Item {
  if (material.kind !== 'sundry' || material.sizeMm === undefined) return item;
  const size = `${material.sizeMm} mm`;
  return { ...item, key: `${item.key}/${size}`, name: `${item.name} ${size}` };
}

export function detailParts(items: Items, zone: ZoneDetails, pocket: BuildUp): Part[] {
  return zone.work.flatMap((w) =>
    w.materials.flatMap((use): Part[] => {
      const found = itemOfUse(items, use, zone, pocket);
      if (!found) return [];
      const { layer, buildUp } = found;
      const item = sized(found.item, use);
      const amount = layer && isCoat(layer) ? inQuantity(use.amount, layer, item.quantity) : use.amount;
      return [
        {
          item,
          layer,
          buildUp,
          zoneId: zone.zone.id,
          zoneName: zone.zone.name,
          of: 'details',
          sprayed: false,
          amount: { ...amount, label: `${zone.zone.name}, ${use.use}` },
        },
      ];
    }),
  );
}

/** Products of their own that the details of a zone take. */
export const productsOf = (details: DetailSchedule, zoneId: string): Set<string> =>
  new Set(
    details.zones
      .filter((z) => z.zone.id === zoneId)
      .flatMap((z) => z.work.flatMap((w) => (w.made.own ? [w.made.own.coatId] : []))),
  );
