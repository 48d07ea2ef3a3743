/** From survey and build-ups to quantities: net, gross, what to buy; each line opens to the sides it came from. */
import {
  buildUpOfZone,
  amountFor,
  type Broadcast,
  type BuildUp,
  type BuildUpDoc,
  type Coat,
  type Fabric,
  type Layer,
} from '../buildup/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
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
  const inUnit = (amount: number, basis: 'mass' | 'volume'): number => {
    if (basis === coat.rate.basis) return amount;
    return basis === 'mass' ? amount / coat.densityKgPerL.value : amount * coat.densityKgPerL.value;
  };
  return {
    net: amountFor(coat, area),
    packs: coat.containers.map((c) => ({ id: c.id, name: c.name, net: inUnit(c.net, c.basis) })),
  };
}

function fabricQuantities(fabric: Fabric, area: Figure): { net: Figure; packs: Pack[] } {
  const width = given('roll width', fabric.rollWidthM.value, 'length', fabric.rollWidthM.source);
  const length = given('roll length', fabric.rollLengthM.value, 'length', fabric.rollLengthM.source);
  const side = given('side lap', fabric.sideLapMm.value, 'lap', fabric.sideLapMm.source);
  const end = given('end lap', fabric.endLapMm.value, 'lap', fabric.endLapMm.source);
  const usable = (width.value - side.value / 1000) * (length.value - end.value / 1000);
  const roll = width.value * length.value;
  return {
    net: {
      label: `${fabric.name} with laps, net`,
      value: (area.value * roll) / usable,
      quantity: 'area',
      formula: '{area} × ({width} × {length}) / (({width} − {side} / 1000) × ({length} − {end} / 1000))',
      inputs: { area, width, length, side, end },
      from: 'each roll covers its area less one side lap and one end lap',
    },
    packs: [{ id: 'roll', name: `roll ${width.value} × ${length.value} m`, net: roll }],
  };
}

function broadcastQuantities(layer: Broadcast, area: Figure): { net: Figure; packs: Pack[] } {
  const thrown = given(
    `${layer.name}, thrown`,
    layer.thrownKgPerM2.value,
    'rateMass',
    layer.thrownKgPerM2.source,
  );
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

function line(group: Group, layer: Layer, order: OrderDoc): OrderLine {
  const area = sumOfAreas(group.zones);
  const { net, packs } =
    layer.kind === 'coat'
      ? coatQuantities(layer, area)
      : layer.kind === 'fabric'
        ? fabricQuantities(layer, area)
        : broadcastQuantities(layer, area);
  const kind = layer.kind === 'coat' ? 'liquid' : layer.kind === 'fabric' ? 'fabric' : 'aggregate';
  const allowance = order.wastePct[kind];
  const gross = withWaste(
    net,
    given(`waste, ${kind}`, allowance.value, 'percent', allowance.source),
    `${layer.name}, gross`,
  );
  return {
    key: `${group.buildUp.id}-${group.buildUp.revision}-${layer.id}`,
    buildUp: group.buildUp,
    layer,
    zoneNames: group.zones.map((z) => z.name),
    quantity: gross.quantity,
    area,
    net,
    gross,
    buy: chooseContainers(gross.value, packs),
  };
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
    } else if (!quantities.ok) {
      missing.push({ zoneId: zone.id, zoneName: zone.name, why: quantities.problems });
    } else {
      const key = `${buildUp.id}/${buildUp.revision}`;
      const group = groups.get(key) ?? { buildUp, zones: [] };
      group.zones.push({ name: zone.name, area: quantities.value.area });
      groups.set(key, group);
    }
  });
  return {
    lines: [...groups.values()].flatMap((g) => g.buildUp.layers.map((layer) => line(g, layer, order))),
    missing,
  };
}
