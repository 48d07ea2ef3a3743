/** What a bay's next coat takes besides the coat itself, in amounts for this bay: figures for the card in the hand. */
import {
  amountFor,
  catalystAt,
  cited,
  detailRulesOf,
  thickenerAt,
  type Broadcast,
  type BuildUp,
  type Coat,
  type Fabric,
} from '../buildup/index.ts';
import { given, type Figure } from '../figures/index.ts';

export interface BayLine {
  readonly name: string;
  readonly figure: Figure;
  readonly note: string;
}

const times = (label: string, a: Figure, share: Figure['inputs'][string], from: string): Figure => ({
  label,
  value: a.value * share.value,
  quantity: a.quantity,
  formula: '{amount} × {share}',
  inputs: { amount: a, share },
  from,
});
const perCent = (label: string, of: Figure, percent: Figure['inputs'][string], from: string): Figure => ({
  label,
  value: (of.value * percent.value) / 100,
  quantity: of.quantity,
  formula: '{of} × {percent} / 100',
  inputs: { of, percent },
  from,
});

function fabricLines(coat: Coat, buildUp: BuildUp, amount: Figure): BayLine[] {
  const fabric = buildUp.layers.find(
    (l): l is Fabric => l.kind === 'fabric' && l.embeddedIn === coat.id && l.where !== 'details',
  );
  if (!fabric) return [];
  const under = cited('share under the fabric', detailRulesOf(buildUp).underShare, 'share');
  const over: Figure = {
    label: 'share over the fabric',
    value: 1 - under.value,
    quantity: 'share',
    formula: '1 − {under}',
    inputs: { under },
    from: 'what does not go under it',
  };
  return [
    {
      name: `Under the ${fabric.name.toLowerCase()}`,
      figure: times('Under the fabric', amount, under, 'the amount by its share'),
      note: fabric.faceDown && fabric.faceDown !== 'either' ? `${fabric.faceDown} face down` : '',
    },
    {
      name: 'Over it, wet on wet',
      figure: times('Over the fabric', amount, over, 'the amount by its share'),
      note: 'until it is saturated and no pinhole shows',
    },
  ];
}

function aggregateLines(coat: Coat, buildUp: BuildUp, area: Figure): BayLine[] {
  return buildUp.layers
    .filter((l): l is Broadcast => l.kind === 'broadcast' && l.into === coat.id)
    .map((l) => {
      const rate = cited('thrown on a square metre', l.thrownKgPerM2, 'rateMass');
      return {
        name: l.name,
        figure: {
          label: `${l.name}, thrown`,
          value: rate.value * area.value,
          quantity: 'mass' as const,
          formula: '{rate} × {area}',
          inputs: { rate, area },
          from: 'what is thrown, not what stays',
        },
        note: l.method === 'to refusal' ? 'to refusal, while it is wet' : `${l.method}, while it is wet`,
      };
    });
}

/**
 * @param area of the bay
 * @param slopePct of the zone; @param surfaceC as read for this mix, absent where no fresh reading is there: then no
 * catalyst is dosed
 */
export function bayLines(
  coat: Coat,
  buildUp: BuildUp,
  area: Figure,
  { slopePct, surfaceC }: { readonly slopePct: number; readonly surfaceC: number | undefined },
): BayLine[] {
  const amount = amountFor(coat, area);
  const lines = [...fabricLines(coat, buildUp, amount), ...aggregateLines(coat, buildUp, area)];
  const thickener = thickenerAt(coat, slopePct);
  if (thickener && coat.thickener)
    lines.push({
      name: coat.thickener.name,
      figure: perCent('Thickener', amount, thickener, 'per cent by mass of the coat; a trial patch decides'),
      note: `for a slope of ${slopePct} %`,
    });
  const percent = coat.catalyst && surfaceC !== undefined ? catalystAt(coat, surfaceC) : undefined;
  if (percent?.ok) {
    const at = given('surface as read', surfaceC ?? 0, 'temperature', 'measured');
    const dose = perCent(
      'Catalyst',
      amount,
      percent.value,
      'per cent by mass of the coat at this temperature',
    );
    lines.push({
      name: 'Catalyst',
      figure: { ...dose, inputs: { ...dose.inputs, at } },
      note: 'for the whole bay; each mix by its own card',
    });
  }
  return lines;
}
