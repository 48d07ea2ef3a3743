/** What a bay's next coat takes besides the coat itself, in amounts for this bay: figures for the card in the hand. */
import {
  amountFor,
  catalystAt,
  bridgedCrack,
  cited,
  detailRulesOf,
  massRate,
  thickenerAt,
  wetFilm,
  type Broadcast,
  type BuildUp,
  type Coat,
  type Fabric,
} from '../buildup/index.ts';
import { given, type Figure } from '../figures/index.ts';
import { UPRIGHT_PCT, type Zone } from '../survey/index.ts';
import { COMMON, type Practice } from '../practice/index.ts';

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

/** Mass of the coat on the bay: what doses by mass are based on, whatever the form of its rate. */
function massOn(coat: Coat, area: Figure): Figure {
  const rate = massRate(coat);
  return {
    label: `${coat.name}, mass`,
    value: rate.value * area.value,
    quantity: 'mass',
    formula: '{rate} × {area}',
    inputs: { rate, area },
    from: 'mass laid times area',
  };
}

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
      note: 'until saturated: no white fibre, no pinholes',
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

/** What a thickener does to a mix: powder fills its own solid volume, and the film is laid from the larger one. */
function thickenedLines(coat: Coat, amount: Figure, area: Figure, thickener: Figure): BayLine[] {
  const density = coat.thickener?.densityKgPerL;
  if (!density) return [];
  const own = cited('density of the thickener', density, 'density');
  const film = wetFilm(coat);
  const before: Figure = {
    label: 'Volume of the coat',
    value: film.value * area.value,
    quantity: 'volume',
    formula: '{film} × {area}',
    inputs: { film, area },
    from: '1 mm over 1 m² is 1 L, by definition of the litre',
  };
  const volume: Figure = {
    label: 'Volume with thickener',
    value: before.value + thickener.value / own.value,
    quantity: 'volume',
    formula: '{before} + {thickener} / {own}',
    inputs: { before, thickener, own },
    from: 'volumes add up; powder fills its own solid volume (common practice)',
  };
  const covers: Figure = {
    label: 'Covers with thickener',
    value: volume.value / film.value,
    quantity: 'area',
    formula: '{volume} / {film}',
    inputs: { volume, film },
    from: 'volume over the film of the design',
  };
  return [
    { name: 'Volume with it', figure: volume, note: `for ${amount.label.toLowerCase()}` },
    { name: 'It then covers', figure: covers, note: 'at the same film; with less resin in it' },
  ];
}

/** What the film bridges where a crack moves: the width that is not bonded, by what the film is trusted to stretch. */
function crackLines(
  coat: Coat,
  buildUp: BuildUp,
  crackMm: number | undefined,
  practice: Practice,
): BayLine[] {
  const bridges = crackMm === undefined ? undefined : bridgedCrack(coat, buildUp, practice);
  if (!bridges || crackMm === undefined) return [];
  return [
    {
      name: 'A crack may open by',
      figure: bridges,
      note:
        crackMm > bridges.value
          ? `the moving crack here is ${crackMm} mm wide: make it a joint with a profile of its own`
          : `the moving crack here is ${crackMm} mm wide`,
    },
  ];
}

/** The widest crack of a zone that still moves, mm; undefined where none was found. */
export function widestCrackMm({ features }: Pick<Zone, 'features'>): number | undefined {
  const widths = features.flatMap((f) => (f.kind === 'moving-crack' ? [f.sizes['widthMm'] ?? 0] : []));
  return widths.length > 0 ? Math.max(...widths) : undefined;
}

export interface BayTerms {
  /** Of the zone. */
  readonly slopePct: number;
  /** As read for this mix; absent where no fresh reading is there: then no catalyst is dosed. */
  readonly surfaceC: number | undefined;
  /** The widest moving crack of the zone, mm. */
  readonly crackMm?: number | undefined;
  readonly practice?: Practice | undefined;
}

/** @param area of the bay */
export function bayLines(
  coat: Coat,
  buildUp: BuildUp,
  area: Figure,
  { slopePct, surfaceC, crackMm, practice = COMMON }: BayTerms,
): BayLine[] {
  const amount = amountFor(coat, area);
  const lines = [...fabricLines(coat, buildUp, amount), ...aggregateLines(coat, buildUp, area)];
  lines.push(...crackLines(coat, buildUp, crackMm, practice));
  const thickener = thickenerAt(coat, slopePct);
  if (thickener && coat.thickener) {
    const figure = perCent(
      'Thickener',
      massOn(coat, area),
      thickener,
      'per cent by mass of the coat; a trial patch decides',
    );
    lines.push({
      name: coat.thickener.name,
      figure,
      note:
        slopePct >= UPRIGHT_PCT
          ? 'for what stands upright'
          : `for a slope of ${Number(slopePct.toFixed(1))} %`,
    });
    lines.push(...thickenedLines(coat, amount, area, figure));
  }
  const percent = coat.catalyst && surfaceC !== undefined ? catalystAt(coat, surfaceC) : undefined;
  if (percent?.ok) {
    const at = given('surface as read', surfaceC ?? 0, 'temperature', 'measured');
    const dose = perCent(
      'Catalyst',
      massOn(coat, area),
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
