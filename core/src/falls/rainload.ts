/**
 * What rain brings to each outlet and what the outlet takes, as an aid only: who designs the drainage decides.
 * The lesser of a weir round the rim (Poleni's formula, Q = 2/3 μ b √(2g) h^1.5) and of an orifice
 * (Torricelli's, Q = μ A √(2g h)).
 */
import { given, type Figure } from '../figures/index.ts';
import type { Feature, RainCheck } from '../survey/index.ts';

/** Coefficients: rough inlet of a weir, sharp-edged opening, half of both behind a strainer. Common practice. */
const WEIR = 0.45;
const ORIFICE = 0.6;
const BEHIND_STRAINER = 0.5;
const GRAVITY = 9.81;

export interface RainLoad {
  readonly featureId: string;
  /** Litres a second that the rain brings. */
  readonly brings: Figure;
  /** Litres a second that runs off with so much water over the rim; undefined where the outlet was not measured. */
  readonly takes: Figure | undefined;
}

/** A rim round an outlet, or the sill of a scupper, and the opening behind it. */
function opening({ kind, sizes }: Feature): { lengthM: number; areaM2: number; highM: number } | undefined {
  if (kind === 'outlet') {
    const d = (sizes.diameterMm ?? 0) / 1000;
    return d > 0 ? { lengthM: Math.PI * d, areaM2: (Math.PI * d * d) / 4, highM: Infinity } : undefined;
  }
  const [w, h] = [(sizes.widthMm ?? 0) / 1000, (sizes.heightMm ?? 0) / 1000];
  return w > 0 && h > 0 ? { lengthM: w, areaM2: w * h, highM: h } : undefined;
}

function takesOf(feature: Feature, name: string, headM: number): Figure | undefined {
  const measured = opening(feature);
  if (!measured) return undefined;
  const { lengthM, areaM2, highM } = measured;
  const strainer = feature.kind === 'outlet' ? BEHIND_STRAINER : 1;
  const head = Math.min(headM, highM);
  const weir = (2 / 3) * WEIR * lengthM * Math.sqrt(2 * GRAVITY) * head * Math.sqrt(head);
  const orifice = ORIFICE * areaM2 * Math.sqrt(2 * GRAVITY * head);
  return {
    label: `${name}, takes`,
    value: 1000 * strainer * Math.min(weir, orifice),
    quantity: 'flow',
    formula:
      '1000 × {strainer} × min(2 / 3 × {weir} × {rim} × sqrt(2 × {g}) × {head} × sqrt({head}), {orifice} × {area} × sqrt(2 × {g} × {head}))',
    inputs: {
      strainer: given('share left behind a strainer', strainer, 'fraction', 'typical'),
      weir: given('coefficient of a weir', WEIR, 'fraction', 'typical'),
      rim: given(
        feature.kind === 'outlet' ? 'length of its rim' : 'width of its sill',
        lengthM,
        'level',
        'measured',
      ),
      g: given('gravity, m/s²', GRAVITY, 'number', 'typical'),
      head: given('water over the rim', head, 'level', 'chosen'),
      orifice: given('coefficient of an opening', ORIFICE, 'fraction', 'typical'),
      area: given('its opening, m²', areaM2, 'number', 'measured'),
    },
    from: 'the lesser of a weir round the rim (Poleni) and an opening under water (Torricelli)',
  };
}

/** Rain on the area of an outlet beside what it takes. */
export function rainLoad(feature: Feature, name: string, areaM2: number, rain: RainCheck): RainLoad {
  return {
    featureId: feature.id,
    brings: {
      label: `${name}, rain`,
      value: (areaM2 * rain.mmPerH) / 3600,
      quantity: 'flow',
      formula: '{area} × {rain} / 3600',
      inputs: {
        area: given('area that drains to it', areaM2, 'area', 'measured', 'down the gradient of the levels'),
        rain: given('rain', rain.mmPerH, 'rainRate', 'chosen'),
      },
      from: 'a millimetre of rain on a square metre is a litre',
    },
    takes: takesOf(feature, name, rain.headMm / 1000),
  };
}
