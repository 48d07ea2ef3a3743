/** From survey, build-ups and details to an order: net, allowances, gross, stock first, containers, weight, price. */
import { cited, sumOf, type BuildUp, type BuildUpDoc, type Layer } from '../buildup/index.ts';
import { detailSchedule, type DetailSchedule } from '../details/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
import type { Problem } from '../problems/index.ts';
import type { Zones } from '../survey/index.ts';
import { DAYS_PER_MONTH, MS_PER_DAY, type Quantity } from '../units/index.ts';
import { chooseBoth, type Choice } from './containers.ts';
import type { Item, Pack } from './items.ts';
import { needs, type Missing, type Part } from './needs.ts';
import type { Delivery, OrderDoc, StockItem } from './schema.ts';
import { Store, type Drawn } from './stock.ts';
import { carriage, type Carriage } from './transport.ts';

export interface OrderLine {
  readonly key: string;
  readonly item: Item;
  /** Layers that are made of it, in one or several build-ups. */
  readonly layers: readonly { readonly buildUp: BuildUp; readonly layer: Layer }[];
  readonly zoneNames: readonly string[];
  readonly quantity: Quantity;
  readonly net: Figure;
  readonly gross: Figure;
  readonly drawn: readonly Drawn[];
  /** What is still to be bought. */
  readonly need: Figure;
  readonly buy: Choice<Pack>;
  readonly runnerUp: Choice<Pack> | undefined;
  /** Undefined where a pack has no price. */
  readonly price: Figure | undefined;
  readonly mass: Figure | undefined;
  readonly carriage: Carriage | undefined;
  readonly problems: readonly Problem[];
}

export interface OrderGroup {
  readonly id: string;
  readonly name: string;
  readonly delivery: Delivery | undefined;
  readonly lines: readonly OrderLine[];
  readonly price: Figure;
  readonly unpriced: readonly string[];
  readonly mass: Figure;
  readonly pallets: Figure;
}

export interface Takeoff {
  readonly groups: readonly OrderGroup[];
  /** Lines of all groups. */
  readonly lines: readonly OrderLine[];
  readonly missing: readonly Missing[];
  /** Zones that no delivery brings anything to. */
  readonly undelivered: readonly string[];
  /** Stock that no line takes. */
  readonly idle: readonly StockItem[];
}

const sum = (label: string, parts: readonly Part[], quantity: Quantity): Figure =>
  sumOf(
    label,
    quantity,
    parts.map((p) => p.amount),
    'sum over zones and details',
  );

/** Net with overspray and waste on what is laid; what the cut list counted has its offcuts already. */
function grossOf(item: Item, parts: readonly Part[], order: OrderDoc): { net: Figure; gross: Figure } {
  const net = sum(`${item.name}, net`, parts, item.quantity);
  const waste = item.waste
    ? cited(`waste, ${item.waste}`, order.wastePct[item.waste], 'percent')
    : given('waste', 0, 'percent', 'definition', 'counted piece by piece');
  const cut = parts.filter((p) => p.of === 'cutting' && item.quantity === 'area');
  const sprayed = parts.filter((p) => p.sprayed);
  const rest = parts.filter((p) => !cut.includes(p) && !p.sprayed);
  const inputs: Record<string, Figure | Given> = { waste };
  const terms: string[] = [];
  let value = 0;
  const factor = 1 + waste.value / 100;
  if (rest.length > 0 || (cut.length === 0 && sprayed.length === 0)) {
    const laid = sum(`${item.name}, laid`, rest, item.quantity);
    inputs['laid'] = laid;
    terms.push('{laid} × (1 + {waste} / 100)');
    value += laid.value * factor;
  }
  if (sprayed.length > 0) {
    const spray = sum(`${item.name}, sprayed`, sprayed, item.quantity);
    const over = cited('overspray', order.oversprayPct, 'percent');
    inputs['sprayed'] = spray;
    inputs['over'] = over;
    terms.push('{sprayed} × (1 + {over} / 100) × (1 + {waste} / 100)');
    value += spray.value * (1 + over.value / 100) * factor;
  }
  if (cut.length > 0) {
    const pieces = sum(`${item.name}, cut for details`, cut, item.quantity);
    inputs['pieces'] = pieces;
    terms.push('{pieces}');
    value += pieces.value;
  }
  return {
    net,
    gross: {
      label: `${item.name}, gross`,
      value,
      quantity: item.quantity,
      formula: terms.join(' + '),
      inputs,
      from: 'allowances on top of what is laid; pieces are cut with their offcuts counted',
    },
  };
}

function needOf(item: Item, gross: Figure, drawn: readonly Drawn[]): Figure {
  const taken = drawn.reduce((total, d) => total + d.amount, 0);
  const inputs: Record<string, Figure | Given> = { gross };
  drawn.forEach((d, i) => {
    inputs[`stock${i + 1}`] = given(`${d.stock.name} in stock`, d.amount, item.quantity, 'measured');
  });
  return {
    label: `${item.name}, to buy`,
    value: Math.max(0, gross.value - taken),
    quantity: item.quantity,
    formula:
      drawn.length === 0
        ? '{gross}'
        : `max(0, {gross} − ${drawn.map((_, i) => `{stock${i + 1}}`).join(' − ')})`,
    inputs,
    from: drawn.length === 0 ? 'nothing of it is in stock' : 'gross less what is in stock',
  };
}

function counted(
  line: { readonly item: Item; readonly buy: Choice<Pack> },
  what: 'price' | 'massKg',
): Figure | undefined {
  const picks = line.buy.picks;
  const valueOf = (p: Pack): number | undefined => (what === 'price' ? p.price?.value : p.massKg);
  if (picks.some((p) => valueOf(p.container) === undefined)) return undefined;
  const quantity: Quantity = what === 'price' ? 'price' : 'mass';
  const inputs: Record<string, Given> = {};
  picks.forEach(({ container, count }, i) => {
    inputs[`count${i + 1}`] = given(container.name, count, 'count', 'chosen');
    inputs[`each${i + 1}`] = given(
      `${container.name}, ${what === 'price' ? 'price' : 'weight'}`,
      valueOf(container) ?? 0,
      quantity,
      what === 'price' ? (container.price?.source ?? 'typical') : 'data sheet',
    );
  });
  return {
    label: `${line.item.name}, ${what === 'price' ? 'price' : 'weight'}`,
    value: picks.reduce((total, p) => total + p.count * (valueOf(p.container) ?? 0), 0),
    quantity,
    formula: picks.map((_, i) => `{count${i + 1}} × {each${i + 1}}`).join(' + ') || '0',
    inputs,
    from: what === 'price' ? 'containers times their prices' : 'containers times their contents',
  };
}

/** What is bought keeps at least until it is used. */
function keeps(item: Item, delivery: Delivery | undefined): Problem[] {
  if (!delivery || !item.shelfLifeMonths) return [];
  const days = (Date.parse(delivery.usedBy) - Date.parse(delivery.on)) / MS_PER_DAY;
  const keepsDays = item.shelfLifeMonths.value * DAYS_PER_MONTH;
  if (days <= keepsDays) return [];
  return [
    {
      kind: 'order',
      field: 'deliveries',
      label: `${delivery.name}, ${item.name}`,
      actual: `it keeps ${item.shelfLifeMonths.value} months and lies ${Math.round(days)} days`,
      expected: 'a later delivery, or an earlier use',
    },
  ];
}

function lineOf(
  item: Item,
  parts: readonly Part[],
  order: OrderDoc,
  store: Store,
  delivery: Delivery | undefined,
  group: string,
): OrderLine {
  const { net, gross } = grossOf(item, parts, order);
  const drawn = store.draw(item, gross.value, delivery?.usedBy);
  const need = needOf(item, gross, drawn.taken);
  const { best, runnerUp } = chooseBoth(
    need.value,
    item.packs,
    // Of small things nobody mixes sizes to save a spoonful.
    item.kind === 'sundry' ? 'least cost' : order.aim,
  );
  const layers = new Map<string, { buildUp: BuildUp; layer: Layer }>();
  for (const { buildUp, layer } of parts)
    if (layer) layers.set(`${buildUp.id}/${buildUp.revision}/${layer.id}`, { buildUp, layer });
  const noPack: Problem[] =
    item.packs.length === 0 && need.value > 0
      ? [
          {
            kind: 'missing',
            field: item.key,
            label: `${item.name}, packs on sale`,
            actual: '',
            expected: 'at least one pack that can cover the need: name and content, in the build-up',
          },
        ]
      : [];
  const line = { item, buy: best };
  return {
    key: group === '' ? item.key : `${group}:${item.key}`,
    item,
    layers: [...layers.values()],
    zoneNames: [...new Set(parts.map((p) => p.zoneName))],
    quantity: item.quantity,
    net,
    gross,
    drawn: drawn.taken,
    need,
    buy: best,
    runnerUp,
    price: counted(line, 'price'),
    mass: counted(line, 'massKg'),
    carriage: carriage(item.hazards),
    problems: [...noPack, ...keeps(item, delivery), ...drawn.problems],
  };
}

function groupOf(
  id: string,
  name: string,
  parts: readonly Part[],
  order: OrderDoc,
  store: Store,
  delivery: Delivery | undefined,
): OrderGroup {
  const byItem = new Map<string, Part[]>();
  for (const part of parts) {
    const list = byItem.get(part.item.key);
    if (list) list.push(part);
    else byItem.set(part.item.key, [part]);
  }
  const lines = [...byItem.values()].flatMap((list): OrderLine[] =>
    list[0] ? [lineOf(list[0].item, list, order, store, delivery, id)] : [],
  );
  const masses = lines.flatMap((l) => (l.mass ? [l.mass] : []));
  const mass = sumOf('Weight, all of it', 'mass', masses, 'sum of the lines');
  const pallet = cited('one pallet carries', order.palletKg, 'mass');
  return {
    id,
    name,
    delivery,
    lines,
    price: sumOf(
      'Price, all of it',
      'price',
      lines.flatMap((l) => (l.price ? [l.price] : [])),
      'sum of the lines that have prices',
    ),
    unpriced: lines.filter((l) => !l.price).map((l) => l.item.name),
    mass,
    pallets: {
      label: 'Pallets, by weight',
      value: Math.ceil(mass.value / pallet.value),
      quantity: 'count',
      formula: 'ceil({mass} / {pallet})',
      inputs: { mass, pallet },
      from: 'whole pallets by weight; bulky goods may take more',
    },
  };
}

export interface TakeoffTerms {
  /** The schedule of the same survey and build-ups, where it is there already. */
  readonly details?: DetailSchedule | undefined;
  /** More or less field than surveyed, per cent: to ask what would be. */
  readonly areaPct?: number | undefined;
}

/** The order of a job. */
export function takeoff(survey: Zones, doc: BuildUpDoc, order: OrderDoc, terms: TakeoffTerms = {}): Takeoff {
  const details = terms.details ?? detailSchedule(survey, doc);
  const { parts, missing } = needs(survey, doc, details, order, terms.areaPct ?? 0);
  const store = new Store(order.stock);
  const groups: OrderGroup[] = [];
  const add = (id: string, name: string, mine: readonly Part[], delivery?: Delivery): void => {
    if (mine.length > 0) groups.push(groupOf(id, name, mine, order, store, delivery));
  };
  let undelivered: string[] = [];
  if (order.groupBy === 'zone') {
    for (const zone of survey.zones)
      add(
        zone.id,
        zone.name,
        parts.filter((p) => p.zoneId === zone.id),
      );
  } else if (order.groupBy === 'delivery') {
    // Stock goes to what is delivered first; a zone belongs to the first delivery that names it.
    const left = new Set(parts.map((p) => p.zoneId));
    for (const d of [...order.deliveries].sort((a, b) => a.on.localeCompare(b.on))) {
      const mine = d.zoneIds.filter((id) => left.delete(id));
      add(
        d.id,
        d.name,
        parts.filter((p) => mine.includes(p.zoneId)),
        d,
      );
    }
    add(
      'rest',
      'Not in a delivery yet',
      parts.filter((p) => left.has(p.zoneId)),
    );
    undelivered = survey.zones.filter((z) => left.has(z.id)).map((z) => z.name);
  } else {
    add('', 'The whole job', parts);
  }
  return { groups, lines: groups.flatMap((g) => g.lines), missing, undelivered, idle: store.idle() };
}
