/** The figures of an order line: net, gross, what is still to be bought, price and weight. */
import { cited, sumOf } from '../buildup/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
import type { Quantity } from '../units/index.ts';
import type { Choice } from './containers.ts';
import type { Item, Pack } from './items.ts';
import type { Part } from './parts.ts';
import type { OrderDoc } from './schema.ts';
import type { Drawn } from './stock.ts';

const sum = (label: string, parts: readonly Part[], quantity: Quantity): Figure =>
  sumOf(
    label,
    quantity,
    parts.map((p) => p.amount),
    'sum over zones and details',
  );

/** Net with overspray and waste on what is laid; what the cut list counted has its offcuts already. */
export function grossOf(item: Item, parts: readonly Part[], order: OrderDoc): { net: Figure; gross: Figure } {
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
    const pieces = sum(`${item.name}, cut from rolls`, cut, item.quantity);
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

export function needOf(item: Item, gross: Figure, drawn: readonly Drawn[]): Figure {
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

export function counted(
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
