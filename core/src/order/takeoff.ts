/** From survey and build-ups to quantities: net, gross, what to buy; each line opens to the sides it came from. */
import {
  buildUpOfZone,
  amountFor,
  cited,
  laidRate,
  rolledSize,
  termsOfZone,
  type Broadcast,
  type BuildUp,
  type BuildUpDoc,
  type Coat,
  type Fabric,
  type Layer,
  type Protection,
  type Sheet,
} from '../buildup/index.ts';
import type { Figure, Given } from '../figures/index.ts';
import type { Problem } from '../problems/index.ts';
import { zoneQuantities, type Zones } from '../survey/index.ts';
import type { Quantity } from '../units/index.ts';
import { chooseContainers, type Choice } from './containers.ts';
import type { OrderDoc } from './schema.ts';

export interface Pack {
  readonly id: string;
  readonly name: string;
  /** In the quantity of the line. */
  readonly net: number;
}

export interface OrderLine {
  readonly key: string;
  readonly buildUp: BuildUp;
  readonly layer: Layer;
  readonly zoneNames: readonly string[];
  readonly quantity: Quantity;
  readonly area: Figure;
  readonly net: Figure;
  readonly gross: Figure;
  readonly buy: Choice<Pack>;
}

export interface Takeoff {
  readonly lines: readonly OrderLine[];
  /** Zones that are not in the order, and why. */
  readonly missing: readonly {
    readonly zoneId: string;
    readonly zoneName: string;
    readonly why: readonly Problem[];
  }[];
}

interface Group {
  readonly key: string;
  readonly buildUp: BuildUp;
  readonly zones: { name: string; area: Figure }[];
}

const sumOfAreas = (zones: Group['zones']): Figure => ({
  label: 'Area',
  value: zones.reduce((sum, z) => sum + z.area.value, 0),
  quantity: 'area',
  formula: zones.map((_, i) => `{zone${i + 1}}`).join(' + '),
  inputs: Object.fromEntries(zones.map((z, i) => [`zone${i + 1}`, z.area])),
  from: 'sum of the zones with this build-up',
});

const withWaste = (net: Figure, wastePct: Given, label: string): Figure => ({
  label,
  value: net.value * (1 + wastePct.value / 100),
  quantity: net.quantity,
  formula: '{net} × (1 + {waste} / 100)',
  inputs: { net, waste: wastePct },
  from: 'allowance on top of the net quantity',
});

function coatQuantities(coat: Coat, area: Figure): { net: Figure; packs: Pack[] } {
  const laid = laidRate(coat);
  const inUnit = (amount: number, basis: 'mass' | 'volume'): number => {
    if (basis === laid.basis) return amount;
    return basis === 'mass' ? amount / coat.densityKgPerL.value : amount * coat.densityKgPerL.value;
  };
  return {
    net: amountFor(coat, area),
    packs: coat.containers.map((c) => ({ id: c.id, name: c.name, net: inUnit(c.net, c.basis) })),
  };
}

/** Rolls and boards: each covers its area less one side lap and one end lap. */
function rolledQuantities(layer: Fabric | Sheet | Protection, area: Figure): { net: Figure; packs: Pack[] } {
  const { width, length, side, end } = rolledSize(layer);
  const pack = layer.kind === 'protection' ? 'piece' : 'roll';
  const usable = (width.value - side.value / 1000) * (length.value - end.value / 1000);
  const roll = width.value * length.value;
  return {
    net: {
      label: `${layer.name} with laps, net`,
      value: (area.value * roll) / usable,
      quantity: 'area',
      formula: '{area} × ({width} × {length}) / (({width} − {side} / 1000) × ({length} − {end} / 1000))',
      inputs: { area, width, length, side, end },
      from: 'each roll covers its area less one side lap and one end lap',
    },
    packs: [{ id: 'roll', name: `${pack} ${width.value} × ${length.value} m`, net: roll }],
  };
}

function broadcastQuantities(layer: Broadcast, area: Figure): { net: Figure; packs: Pack[] } {
  const thrown = cited(`${layer.name}, thrown`, layer.thrownKgPerM2, 'rateMass');
  return {
    net: {
      label: `${layer.name}, thrown`,
      value: thrown.value * area.value,
      quantity: 'mass',
      formula: '{thrown} × {area}',
      inputs: { thrown, area },
      from: 'what is thrown is ordered; what stays is counted',
    },
    packs: [{ id: 'bag', name: `${layer.bagKg.value} kg bag`, net: layer.bagKg.value }],
  };
}

const WASTE = {
  coat: 'liquid',
  fabric: 'fabric',
  broadcast: 'aggregate',
  sheet: 'sheet',
  protection: 'sheet',
} as const;

function quantitiesOf(
  layer: Exclude<Layer, { kind: 'pieces' }>,
  area: Figure,
): { net: Figure; packs: Pack[] } {
  switch (layer.kind) {
    case 'coat':
      return coatQuantities(layer, area);
    case 'broadcast':
      return broadcastQuantities(layer, area);
    default:
      return rolledQuantities(layer, area);
  }
}

/** Curb pieces are counted by penetration, not by area: they have no line here. */
function line(group: Group, layer: Layer, order: OrderDoc): OrderLine[] {
  if (layer.kind === 'pieces') return [];
  const area = sumOfAreas(group.zones);
  const { net, packs } = quantitiesOf(layer, area);
  const kind = WASTE[layer.kind];
  const gross = withWaste(
    net,
    cited(`waste, ${kind}`, order.wastePct[kind], 'percent'),
    `${layer.name}, gross`,
  );
  return [
    {
      key: `${group.key}-${layer.id}`,
      buildUp: group.buildUp,
      layer,
      zoneNames: group.zones.map((z) => z.name),
      quantity: gross.quantity,
      area,
      net,
      gross,
      buy: chooseContainers(gross.value, packs),
    },
  ];
}

/** One line for each layer of each build-up, over all zones that have it. */
export function takeoff(survey: Zones, doc: BuildUpDoc, order: OrderDoc): Takeoff {
  const groups = new Map<string, Group>();
  const missing: Takeoff['missing'][number][] = [];
  survey.zones.forEach((zone) => {
    const buildUp = buildUpOfZone(doc, zone.id);
    const quantities = zoneQuantities(zone);
    if (!buildUp) {
      missing.push({
        zoneId: zone.id,
        zoneName: zone.name,
        why: [
          {
            kind: 'missing',
            field: 'build-up',
            label: `${zone.name}, build-up`,
            actual: '',
            expected: 'one of the job’s build-ups',
          },
        ],
      });
    } else if (buildUp.family === 'POCKET') {
      missing.push({
        zoneId: zone.id,
        zoneName: zone.name,
        why: [
          {
            kind: 'wrong',
            field: 'build-up',
            label: `${zone.name}, build-up`,
            actual: buildUp.name,
            expected: 'a membrane for the field: pockets are made around penetrations, one by one',
          },
        ],
      });
    } else if (!quantities.ok) {
      missing.push({ zoneId: zone.id, zoneName: zone.name, why: quantities.problems });
    } else {
      // Zones are ordered together where the same layers go on at the same rates.
      const terms = termsOfZone(doc, zone.id);
      const key = [
        buildUp.id,
        buildUp.revision,
        ...[...(terms?.conditions ?? [])].sort(),
        ...Object.entries(terms?.choices ?? {})
          .sort()
          .flat(),
      ].join('-');
      const group = groups.get(key) ?? { key, buildUp, zones: [] };
      group.zones.push({ name: zone.name, area: quantities.value.area });
      groups.set(key, group);
    }
  });
  return {
    lines: [...groups.values()].flatMap((g) => g.buildUp.layers.flatMap((layer) => line(g, layer, order))),
    missing,
  };
}
