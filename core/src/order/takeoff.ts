/** From survey, build-ups and details to an order: net, allowances, gross, stock first, containers, weight, price. */
import { cited, sumOf, type BuildUp, type BuildUpDoc, type Layer } from '../buildup/index.ts';
import type { CoursesPlan } from '../courses/index.ts';
import { detailSchedule, type DetailSchedule } from '../details/index.ts';
import type { Figure } from '../figures/index.ts';
import type { Problem } from '../problems/index.ts';
import type { Zones } from '../survey/index.ts';
import { DAYS_PER_MONTH, MS_PER_DAY, type Quantity, type System } from '../units/index.ts';
import { chooseBoth, type Aim, type Choice } from './containers.ts';
import { quickCourses } from './coursesneeds.ts';
import type { Item, Pack } from './items.ts';
import { counted, grossOf, needOf } from './linefigures.ts';
import { needs, type Missing } from './needs.ts';
import { packsOffered } from './offers/prices.ts';
import type { Part } from './parts.ts';
import { sectionOf, SECTIONS, type Section } from './sections.ts';
import type { Delivery, OrderDoc, StockItem } from './schema.ts';
import { Store, type Drawn } from './stock.ts';
import { inUsSizes } from './supplies/kinds.ts';
import { carriage, type Carriage } from './transport.ts';

export interface OrderLine {
  readonly key: string;
  readonly section: Section;
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
  /** By what the containers were chosen, and whether nothing better is left. */
  readonly chosenBy: Aim;
  readonly proven: boolean;
  /** The supplier whose prices count, where the order counts with one's and it prices this. */
  readonly pricedBy: string | undefined;
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
  /** Zones in the order with sides that nobody has described. */
  readonly unsaid: readonly Missing[];
  /** Zones that no delivery brings anything to. */
  readonly undelivered: readonly string[];
  /** Stock that no line takes. */
  readonly idle: readonly StockItem[];
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

/** Packs at the prices of the supplier that the order counts with; at those of the build-up where it prices none. */
function pricedPacks(item: Item, order: OrderDoc): { packs: readonly Pack[]; offered: string | undefined } {
  const offer = order.offers.find((o) => o.id === order.pricesFrom);
  const packs = offer ? packsOffered(offer, item) : [];
  return packs.length > 0 ? { packs, offered: offer?.supplier } : { packs: item.packs, offered: undefined };
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
  const { packs, offered } = pricedPacks(item, order);
  const { best, runnerUp, aim, proven } = chooseBoth(
    need.value,
    packs,
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
    section: sectionOf(parts),
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
    chosenBy: aim,
    pricedBy: offered,
    proven,
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
  const lines = [...byItem.values()]
    .flatMap((list): OrderLine[] => (list[0] ? [lineOf(list[0].item, list, order, store, delivery, id)] : []))
    .sort((a, b) => SECTIONS.indexOf(a.section) - SECTIONS.indexOf(b.section));
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
  /** Courses of the same, where they are laid already; `by area` while they are being laid out. */
  readonly courses?: CoursesPlan | 'by area' | undefined;
  /** More or less field than surveyed, per cent: to ask what would be. */
  readonly areaPct?: number | undefined;
  /** Where the job is: supplies outside a build-up come in the packs that are sold there. Metric where it is not said. */
  readonly system?: System | undefined;
}

/** The order of a job. */
export function takeoff(survey: Zones, doc: BuildUpDoc, order: OrderDoc, terms: TakeoffTerms = {}): Takeoff {
  const details = terms.details ?? detailSchedule(survey, doc);
  const courses = terms.courses ?? quickCourses(survey, doc, order);
  const laid = courses === 'by area' ? undefined : courses;
  const needed = needs(survey, doc, details, order, terms.areaPct ?? 0, laid);
  const { missing, unsaid } = needed;
  const parts =
    terms.system === 'us' ? needed.parts.map((p) => ({ ...p, item: inUsSizes(p.item) })) : needed.parts;
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
  return { groups, lines: groups.flatMap((g) => g.lines), missing, unsaid, undelivered, idle: store.idle() };
}
