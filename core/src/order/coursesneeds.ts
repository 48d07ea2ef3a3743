/** What the courses take off the rolls, for the order; and what the store has for them. */
import {
  coursesOf,
  QUICK,
  sheetFasteners,
  type BoardLayout,
  type CoursesPlan,
  type MaterialPlan,
  type Stick,
  type StockOf,
} from '../courses/index.ts';
import { isSheet, type BuildUp, type BuildUpDoc } from '../buildup/index.ts';
import { given, type Figure } from '../figures/index.ts';
import type { Zone, Zones } from '../survey/index.ts';
import { itemOfLayer } from './items.ts';
import type { Part } from './parts.ts';
import { sundryPart } from './sundrypart.ts';
import type { OrderDoc } from './schema.ts';

/** Shorter left-overs in the store are not cut for courses, m. */
const LEAST_STICK_M = 0.5;

/** What is in the store of a layer's material, as whole rolls and left-overs. */
export const stockLengths =
  (order: OrderDoc): StockOf =>
  (layer, layout) => {
    const { key } = itemOfLayer(layout.buildUp, layer);
    const { widthM, sale } = layout.rolled;
    const roll = Math.max(...sale.map((s) => s.lengthM));
    return order.stock
      .filter((s) => s.item === key)
      .flatMap((s): Stick[] => {
        const metres = s.amount / widthM;
        const whole = Math.floor(metres / roll + 1e-9);
        const rest = metres - whole * roll;
        return [...Array.from({ length: whole }, () => roll), ...(rest >= LEAST_STICK_M ? [rest] : [])].map(
          (lengthM, i) => ({ lengthM, stockId: `${s.id}/${i + 1}` }),
        );
      });
  };

/** The courses of a job as far as a moment allows: proven where it is easy, and always enough. */
export const quickCourses = (survey: Zones, doc: BuildUpDoc, order: OrderDoc): CoursesPlan =>
  coursesOf(survey, doc, order.courses, QUICK, stockLengths(order));

/** Metres of roll that are used up: every roll that is opened, but for the longest left-over. */
function usedUp(plan: MaterialPlan): Figure {
  const opened = plan.rolls.reduce((sum, r) => sum + r.lengthM, 0);
  const left = plan.answer?.longestLeftM ?? 0;
  return {
    label: `${plan.name}, used up`,
    value: opened - left,
    quantity: 'length',
    formula: '{opened} − {left}',
    inputs: {
      opened: given('rolls that are opened', opened, 'length', 'definition', 'by the cut list'),
      left: given('longest left-over', left, 'length', 'definition', 'by the cut list'),
    },
    from: 'what the cut list takes off the rolls, offcuts with it',
  };
}

/** Parts of the order from one material, shared out to zones by the area of their pieces. */
export function coursesParts(plan: MaterialPlan, areaPct: number): Part[] {
  if (!plan.answer) return [];
  const areaOf = (zoneId: string, layerId: string): number =>
    plan.pieces
      .filter((p) => p.zoneId === zoneId && p.layerId === layerId)
      .reduce((sum, p) => sum + (p.toM - p.fromM) * p.widthM, 0);
  const { layouts, widthM } = plan.material;
  const all = layouts.reduce((sum, l) => sum + areaOf(l.zone.id, l.rolled.layer.id), 0);
  if (all === 0) return [];
  const used = usedUp(plan);
  const width = given('width of the roll', widthM, 'length', 'data sheet');
  return layouts.map((l): Part => {
    const { layer } = l.rolled;
    const share = given(
      'share of the pieces',
      areaOf(l.zone.id, layer.id) / all,
      'share',
      'definition',
      'by the area of its pieces',
    );
    const more = areaPct === 0 ? undefined : given('more or less area', areaPct, 'percent', 'assumed');
    return {
      item: itemOfLayer(l.buildUp, layer),
      layer,
      buildUp: l.buildUp,
      zoneId: l.zone.id,
      zoneName: l.zone.name,
      of: 'cutting',
      sprayed: false,
      amount: {
        label: `${l.zone.name}, ${layer.name} in courses`,
        value: used.value * width.value * share.value * (1 + areaPct / 100),
        quantity: 'area',
        formula: `{used} × {width} × {share}${more ? ' × (1 + {more} / 100)' : ''}`,
        inputs: { used, width, share, ...(more ? { more } : {}) },
        from: 'what the courses take off the rolls, laps and offcuts with it',
      },
    };
  });
}

/** Boards of one zone, as they are counted: whole boards, by their area. */
export function boardPart(layout: BoardLayout, areaPct: number): Part {
  const { layer, zone, buildUp } = layout;
  const boards = given('boards', layout.boards, 'count', 'definition', 'by the rows, offcuts used again');
  const each = given(
    'area of a board',
    layer.pieceWidthM.value * layer.pieceLengthM.value,
    'area',
    'data sheet',
    'length by width',
  );
  const more = given('more or less area', areaPct, 'percent', 'assumed');
  return {
    item: itemOfLayer(buildUp, layer),
    layer,
    buildUp,
    zoneId: zone.id,
    zoneName: zone.name,
    of: 'cutting',
    sprayed: false,
    amount: {
      label: `${zone.name}, ${layer.name} in rows`,
      value: boards.value * each.value * (1 + areaPct / 100),
      quantity: 'area',
      formula: areaPct === 0 ? '{boards} × {each}' : '{boards} × {each} × (1 + {more} / 100)',
      inputs: areaPct === 0 ? { boards, each } : { boards, each, more },
      from: 'whole boards, what is cut off them used where it fits',
    },
  };
}

/** Fasteners that are counted: the last figure is their sum; nothing where nothing is fixed. */
function fastened(
  key: 'board fastener' | 'plate fastener',
  zone: Zone,
  buildUp: BuildUp,
  counted: readonly Figure[],
): Part[] {
  const amount = counted.at(-1);
  return amount ? [sundryPart(key, zone, buildUp, amount)] : [];
}

/** Fasteners of boards that are fixed. */
export const fastenerParts = ({ zone, buildUp, fasteners }: BoardLayout): Part[] =>
  fastened('board fastener', zone, buildUp, fasteners);

/** Fasteners of sheets that are fixed through their laps. */
export const fixingParts = (zone: Zone, buildUp: BuildUp): Part[] =>
  buildUp.layers
    .filter(isSheet)
    .flatMap((layer) => fastened('plate fastener', zone, buildUp, sheetFasteners(zone, layer)));
