/** Details made with a product of their own: the rules that hold for them, and what they take of it. */
import {
  amountFor,
  cited,
  cutsPieces,
  ownWayOf,
  pastOf,
  stripeOf,
  timesLaid,
  type BuildUp,
  type DetailKind,
  type DetailRules,
  type OwnWay,
} from '../buildup/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
import { stripeArea } from './areas.ts';
import type { Detail } from './find.ts';

/** How one kind of detail is made under a build-up. */
export interface Made {
  /** The build-up's rules, as they hold for this kind. */
  readonly rules: DetailRules;
  readonly own: OwnWay | undefined;
}

/** A product of its own is laid with fabric, whatever the rest is made with; sheets go in plies, resin does not. */
export function madeFor(kind: DetailKind, buildUp: BuildUp, rules: DetailRules): Made {
  const own = ownWayOf(buildUp, kind);
  if (!own) return { rules, own };
  const { cutFrom, granulesKgPerM2: _, ...rest } = rules;
  const from = own.cutFrom ?? (rules.made === 'fabric' ? cutFrom : undefined);
  const granules = own.granulesKgPerM2;
  return {
    own,
    rules: {
      ...rest,
      made: 'fabric',
      plies: rules.made === 'sheet' ? 1 : rules.plies,
      ...(from === undefined ? {} : { cutFrom: from }),
      ...(granules === undefined ? {} : { granulesKgPerM2: granules }),
    },
  };
}

/** Whether pieces are cut for a detail that is made so. */
export const isCut = ({ own }: Made): boolean => own === undefined || cutsPieces(own.form);

const count = (detail: Detail): Given => given('details alike', detail.count, 'count', 'measured');

/** Of heads of fasteners; every other damage is measured. */
const HEAD_MM = 20;

/** Damage with a band past it on every side: a run has its own width, a spot its length and width or its diameter. */
function patchArea(detail: Detail, own: OwnWay): Figure {
  const past = cited('past the damage', pastOf(own), 'lap');
  const head = {
    label: 'Patch',
    quantity: 'area',
    from: 'the damage, and a band past it on every side',
  } as const;
  const { widthMm = 0, lengthMm, diameterMm } = detail.sizes;
  if (detail.length) {
    const width = given('width of the damage', widthMm, 'gap', 'measured');
    return {
      ...head,
      value: (detail.length.value + (2 * past.value) / 1000) * ((width.value + 2 * past.value) / 1000),
      formula: '({length} + 2 × {past} / 1000) × ({width} + 2 × {past}) / 1000',
      inputs: { length: detail.length, width, past },
    };
  }
  const round = diameterMm ?? (detail.kind === 'fasteners' ? HEAD_MM : undefined);
  const long = given('length of the damage', round ?? lengthMm ?? 0, 'lap', 'measured');
  const wide = given('width of the damage', round ?? widthMm, 'lap', 'measured');
  return {
    ...head,
    value: (((long.value + 2 * past.value) * (wide.value + 2 * past.value)) / 1e6) * detail.count,
    formula: '({long} + 2 × {past}) × ({wide} + 2 × {past}) / 1000000 × {count}',
    inputs: { long, wide, past, count: count(detail) },
  };
}

/** The area that one coat or course of the product covers. `pieces`: area of the pieces, cut or not. */
function coveredArea(detail: Detail, own: OwnWay, pieces: Figure): Figure {
  switch (own.form) {
    case 'stripe':
      return stripeArea(detail, cited('width of the stripe', stripeOf(own), 'lap'));
    case 'thick patch':
      return patchArea(detail, own);
    default:
      // Hairline cracks get no piece: a stripe of the product does.
      return pieces.value > 0 || !detail.length
        ? pieces
        : stripeArea(detail, cited('width of the stripe', stripeOf(own), 'lap'));
  }
}

/** What one use of the product is, in the words of the order. */
const USES: Readonly<Record<OwnWay['form'], string>> = {
  'bedded pieces': 'under and over the pieces',
  'coats alone': 'coats by brush',
  stripe: 'stripe',
  'three courses': 'under and over the fabric',
  'thick patch': 'patch',
  'liquid flashing': 'flashing',
};

/** What a detail takes of its own product: the rate of one coat or course, as often as it goes on. */
export function ownAmount(detail: Detail, own: OwnWay, pieces: Figure): { use: string; amount: Figure } {
  const area = coveredArea(detail, own, pieces);
  const times = given('coats or courses', timesLaid(own), 'count', 'chosen');
  const once = amountFor(own.coat, area);
  const use = `${USES[own.form]}, ${detail.where}`;
  return {
    use,
    amount: {
      label: `${own.coat.name}, ${use}`,
      value: once.value * times.value,
      quantity: once.quantity,
      formula: '{once} × {times}',
      inputs: { once: { ...once, label: `${own.coat.name}, once over` }, times },
      from: 'what one coat or course takes, as often as it goes on',
    },
  };
}
