/** What laying takes besides what stays on the roof: cleaner for tools, masking, gas, what closes seams. */
import {
  cited,
  detailRulesOf,
  isDetailCoat,
  isFieldCoat,
  isSheet,
  type BuildUp,
  type Coat,
  type Sheet,
} from '../../buildup/index.ts';
import { given, type Figure } from '../../figures/index.ts';
import { sumFigure, type EdgeKind, type Zone, type ZoneQuantities } from '../../survey/index.ts';
import { itemOfSundry, type Item } from '../items.ts';
import type { Part } from '../parts.ts';
import { itemOfSupply, type SupplyKey } from './kinds.ts';
import type { SupplyRates } from './rates.ts';

const CLEANER_SUPPLY: Readonly<Partial<Record<string, SupplyKey>>> = {
  solvent: 'solvent',
  'resin cleaner': 'resin cleaner',
  'oil cleaner': 'oil cleaner',
};
/** Hours of laying in a day, and m² an hour where the coat says none. Common practice, no source. */
const HOURS = 8;
const USUAL_M2_PER_H = 30;

/** Days on which a coat is laid, whole, and its tools washed at the end of each. */
function cleaner(coat: Coat, q: ZoneQuantities, rates: SupplyRates): Figure | undefined {
  if (CLEANER_SUPPLY[coat.product?.cleaner ?? ''] === undefined || coat.kettle) return undefined;
  const area = q.slopeArea;
  const output = coat.outputM2PerH
    ? cited('laid in an hour', coat.outputM2PerH, 'output')
    : given('laid in an hour', USUAL_M2_PER_H, 'output', 'typical');
  const hours = given('hours a day', HOURS, 'hours', 'typical');
  const tools = given('tools', Math.max(1, coat.tools.length), 'count', 'data sheet');
  const each = cited('cleaner for a tool and day', rates.cleanerLPerToolDay, 'volume');
  return {
    label: `${coat.name}, tools`,
    value: Math.ceil(area.value / (output.value * hours.value)) * tools.value * each.value,
    quantity: 'volume',
    formula: 'ceil({area} / ({output} × {hours})) × {tools} × {each}',
    inputs: { area, output, hours, tools, each },
    from: 'days of laying, each tool washed at the end of each',
  };
}

/** Brushes of a product that only details are made with: washed once, at the end of their day. */
function detailCleaner(coat: Coat, rates: SupplyRates): Figure | undefined {
  if (CLEANER_SUPPLY[coat.product?.cleaner ?? ''] === undefined) return undefined;
  const tools = given('tools', Math.max(1, coat.tools.length), 'count', 'data sheet');
  const each = cited('cleaner for a tool and day', rates.cleanerLPerToolDay, 'volume');
  return {
    label: `${coat.name}, tools`,
    value: tools.value * each.value,
    quantity: 'volume',
    formula: '{tools} × {each}',
    inputs: { tools, each },
    from: 'details of a zone are made in a day, each tool washed at its end',
  };
}

/** Edges along which a coat ends where it shows. */
const MASKED: readonly EdgeKind[] = ['upstand', 'parapet', 'threshold', 'drip', 'gutter'];

function masking(zone: Zone, q: ZoneQuantities, rates: SupplyRates): Figure | undefined {
  const edges = q.edges.filter((e) => MASKED.includes(e.kind)).map((e) => e.length);
  if (edges.length === 0) return undefined;
  const length = sumFigure(`${zone.name}, edges that are masked`, 'length', edges, 'edges of the survey');
  const maskings = cited('each masked, times', rates.maskings, 'count');
  return {
    label: 'masked edges',
    value: length.value * maskings.value,
    quantity: 'length',
    formula: '{length} × {maskings}',
    inputs: { length, maskings },
    from: 'edges along which a coat ends, as often as they are masked',
  };
}

const byArea = (label: string, q: ZoneQuantities, rate: ReturnType<typeof cited>, from: string): Figure => ({
  label,
  value: q.slopeArea.value * rate.value,
  quantity: 'mass',
  formula: '{area} × {rate}',
  inputs: { area: q.slopeArea, rate },
  from,
});

/** Laps of a sheet whose courses are not laid out: one side lap for each course, one end lap for each roll. */
function seamLength(sheet: Sheet, q: ZoneQuantities): Figure {
  const width = cited('roll width', sheet.rollWidthM, 'length');
  const side = cited('side lap', sheet.sideLapMm, 'lap');
  const length = cited('roll length', sheet.rollLengthM, 'length');
  const area = q.slopeArea;
  return {
    label: `${sheet.name}, seams`,
    value: area.value / (width.value - side.value / 1000) + area.value / length.value,
    quantity: 'length',
    formula: '{area} / ({width} − {side} / 1000) + {area} / {length}',
    inputs: { area, width, side, length },
    from: 'a side lap along each course and an end lap for each roll',
  };
}

function seams(sheet: Sheet, q: ZoneQuantities, rates: SupplyRates): [SupplyKey, Figure][] {
  const { seam } = sheet;
  if (!seam || seam.kind === 'hot-air weld') return [];
  const length = seamLength(sheet, q);
  if (seam.kind === 'tape') return [['seam tape', length]];
  const width = cited('width of the seam', seam.widthMm, 'lap');
  const rate = cited('adhesive on seams', rates.seamAdhesiveKgPerM2, 'rateMass');
  return [
    [
      'seam adhesive',
      {
        label: length.label,
        value: (length.value * width.value * rate.value) / 1000,
        quantity: 'mass',
        formula: '{length} × {width} / 1000 × {rate}',
        inputs: { length, width, rate },
        from: 'length of the seams by their width',
      },
    ],
  ];
}

/**
 * Everything that laying takes in one zone.
 * @param laid parts of its layers: what is melted is counted by them
 * @param atDetails products that its details take
 */
export function makingParts(
  zone: Zone,
  buildUp: BuildUp,
  q: ZoneQuantities,
  rates: SupplyRates,
  laid: readonly Part[],
  atDetails: ReadonlySet<string>,
): Part[] {
  const part = (item: Item, amount: Figure): Part => ({
    item,
    layer: undefined,
    buildUp,
    zoneId: zone.id,
    zoneName: zone.name,
    of: 'making',
    sprayed: false,
    amount: { ...amount, label: `${zone.name}, ${amount.label}` },
  });
  const supply = (key: SupplyKey, amount: Figure): Part => part(itemOfSupply(key, buildUp.currency), amount);
  const coats = buildUp.layers.filter(isFieldCoat);
  const products = buildUp.layers.filter(isDetailCoat).filter((c) => atDetails.has(c.id));
  const cleaned = [...coats, ...products].flatMap((coat): Part[] => {
    const amount = isDetailCoat(coat) ? detailCleaner(coat, rates) : cleaner(coat, q, rates);
    const key = CLEANER_SUPPLY[coat.product?.cleaner ?? ''];
    return amount && key && amount.value > 0 ? [supply(key, amount)] : [];
  });
  const mask = coats.some((c) => c.role !== 'primer' && c.role !== 'preparation' && !c.kettle)
    ? masking(zone, q, rates)
    : undefined;
  const torched = buildUp.layers.filter(isSheet).filter((l) => l.bonding === 'torched');
  const torchGas = cited('gas for a torched ply', rates.torchGasKgPerM2, 'rateMass');
  const kettleGas = given('gas for a kg of melt, kg', rates.kettleGasKgPerKg.value, 'number', 'typical');
  const melted = laid.filter(
    (p) => p.layer && isFieldCoat(p.layer) && p.layer.kettle && p.amount.quantity === 'mass',
  );
  return [
    ...cleaned,
    ...(mask && mask.value > 0
      ? [part(itemOfSundry('tape', detailRulesOf(buildUp), buildUp.currency), mask)]
      : []),
    ...torched.map((l) =>
      supply('gas', byArea(`${l.name}, gas`, q, torchGas, 'area of each torched ply by what a m² takes')),
    ),
    ...melted.map((p) =>
      supply('gas', {
        label: 'kettle, gas',
        value: p.amount.value * kettleGas.value,
        quantity: 'mass',
        formula: '{melt} × {gas}',
        inputs: { melt: p.amount, gas: kettleGas },
        from: 'what is melted by what a kg takes',
      }),
    ),
    ...buildUp.layers.filter(isSheet).flatMap((l) => seams(l, q, rates).map(([key, a]) => supply(key, a))),
  ];
}
