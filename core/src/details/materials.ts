/** What the details take: resin under and over the pieces, a product of their own, coats on what goes up. */
import {
  amountFor,
  cited,
  coatWhen,
  isFieldCoat,
  laidRate,
  variantOf,
  type BuildUp,
  type Coat,
  type DetailRules,
} from '../buildup/index.ts';
import type { Figure } from '../figures/index.ts';
import { piecesArea, risingArea, stripeArea } from './areas.ts';
import { isSheetWay, STRIPPED, type Way } from './bonding.ts';
import type { Detail } from './find.ts';
import { ownAmount, type Made } from './own.ts';
import type { Piece } from './pieces.ts';
import { elastomer, metalPrimer, particular, sundry, type MaterialUse } from './uses.ts';

/** The coat that pieces are bedded in: that of their fabric, else the first membrane coat; none for sheets. */
function beddingCoat(buildUp: BuildUp, rules: DetailRules): Coat | undefined {
  const coats = buildUp.layers.filter(isFieldCoat);
  const fabric = buildUp.layers.find((l) => l.id === rules.cutFrom);
  const own = fabric?.kind === 'fabric' ? coats.find((c) => c.id === fabric.embeddedIn) : undefined;
  return own ?? coats.find((c) => c.role === 'membrane') ?? coats.find((c) => c.role === 'levelling');
}

/** The bedding coat at a detail: at its own rate for details, or so many times the field's. */
function detailCoat(coat: Coat, rules: DetailRules): Coat {
  if (variantOf(coat, 'detail')) return coatWhen(coat, 'detail');
  const { value, source } = rules.timesField;
  return {
    ...coat,
    rate: { ...coat.rate, value: coat.rate.value * value, source },
    because: `${value} times the field’s rate, at details`,
  };
}

const layerUse = (coat: Coat, use: string, amount: Figure): MaterialUse => ({
  material: { kind: 'layer', layerId: coat.id },
  name: coat.name,
  use,
  amount: { ...amount, label: `${coat.name}, ${use}` },
});

function bedding(coat: Coat, detail: Detail, rules: DetailRules, area: Figure): MaterialUse[] {
  const all = amountFor(detailCoat(coat, rules), area);
  const under = cited('share under the piece', rules.underShare, 'fraction');
  const share = (formula: string, value: number): Figure => ({
    label: coat.name,
    value,
    quantity: all.quantity,
    formula,
    inputs: { all: { ...all, label: `${coat.name}, under and over the pieces` }, under },
    from: 'the larger part under the piece, the rest on top of it, wet on wet',
  });
  const below = all.value * under.value;
  return [
    layerUse(coat, `under the pieces, ${detail.where}`, share('{all} × {under}', below)),
    layerUse(
      coat,
      `over the pieces, ${detail.where}`,
      share('{all} × (1 − {under})', all.value * (1 - under.value)),
    ),
  ];
}

/** What an exposed edge takes beyond the field's rate, over a band as wide as the foot. */
function edgeExtra(coat: Coat, detail: Detail, rules: DetailRules): MaterialUse[] {
  if (!detail.length || !variantOf(coat, 'exposed edge')) return [];
  const [edge, field] = [laidRate(coatWhen(coat, 'exposed edge')), laidRate(coat)];
  if (edge.basis !== field.basis || edge.rate.value <= field.rate.value) return [];
  const band = cited('band along the edge', rules.footMm, 'lap');
  return [
    layerUse(coat, `exposed edge, ${detail.where}`, {
      label: coat.name,
      value: (detail.length.value * band.value * (edge.rate.value - field.rate.value)) / 1000,
      quantity: edge.basis === 'mass' ? 'mass' : 'volume',
      formula: '{length} × {band} / 1000 × ({edge} − {field})',
      inputs: { length: detail.length, band, edge: edge.rate, field: field.rate },
      from: 'what the edge takes more than the field, over a band as wide as the foot',
    }),
  ];
}

/** Hairline cracks that do not move get a stripe of the bedding coat and no piece. */
function stripe(coat: Coat, detail: Detail, rules: DetailRules): MaterialUse[] {
  if (!detail.length) return [];
  const area = stripeArea(detail, cited('width of the stripe', rules.stripeMm, 'lap'));
  return [layerUse(coat, `stripe, ${detail.where}`, amountFor(detailCoat(coat, rules), area))];
}

/** Coats that stay on the level: nothing is filled, levelled or driven on up a wall. */
const LEVEL_ONLY: readonly Coat['role'][] = ['preparation', 'levelling', 'wear', 'decorative'];

/**
 * Everything that one detail takes, apart from the rolls its pieces are cut from.
 * @param made as it holds for this kind
 * @param pieces as they would be cut: where the product is laid without fabric, they tell its area
 */
export function materialsOf(
  detail: Detail,
  buildUp: BuildUp,
  { rules, own }: Made,
  pieces: readonly Piece[],
  way: Way,
): MaterialUse[] {
  const area = piecesArea(detail, pieces);
  const bed = own || rules.made === 'sheet' ? undefined : beddingCoat(buildUp, rules);
  // What stands in for the bedding coat does so all over the pieces, up what rises too.
  const spared = own && way !== 'melt' && !isSheetWay(way) ? beddingCoat(buildUp, rules)?.id : bed?.id;
  const uses: MaterialUse[] = [];
  if (own) {
    const { use, amount } = ownAmount(detail, own, area);
    uses.push(layerUse(own.coat, use, amount));
  } else if (bed && pieces.length > 0) uses.push(...bedding(bed, detail, rules, area));
  else if (bed && (detail.kind === 'static-crack' || detail.kind === 'moving-crack'))
    uses.push(...stripe(bed, detail, rules));
  const up = risingArea(detail, rules);
  // On sheets only the sheet's own primer is a coat: it does not go under a product that is no sheet.
  const coatsRise = up && up.value > 0 && !(own && isSheetWay(way));
  for (const coat of buildUp.layers.filter(isFieldCoat)) {
    const bedded = coat.id === spared && pieces.length > 0;
    if (coatsRise && !bedded && !LEVEL_ONLY.includes(coat.role))
      uses.push(layerUse(coat, `going up, ${detail.where}`, amountFor(coatWhen(coat, 'vertical'), up)));
    if (detail.kind === 'drip' || detail.kind === 'gutter') uses.push(...edgeExtra(coat, detail, rules));
  }
  uses.push(...metalPrimer(detail, rules, area));
  if (
    rules.granulesKgPerM2 &&
    (own || detail.kind === 'pipe' || detail.kind === 'outlet' || detail.kind === 'scupper')
  ) {
    const rate = cited('granules over laps', rules.granulesKgPerM2, 'rateMass');
    uses.push(
      sundry('granules', detail.where, {
        label: '',
        value: rate.value * area.value,
        quantity: 'mass',
        formula: '{rate} × {area}',
        inputs: { rate, area },
        from: 'sprinkled over the pieces where bitumen shows',
      }),
    );
  }
  if (way === 'melt' && !own && STRIPPED.has(detail.kind)) uses.push(elastomer(detail, rules));
  return [...uses, ...particular(detail, rules, way)].filter((u) => u.amount.value > 0);
}
