/** What each zone needs of each item: the field by its area, details by their own figures. */
import {
  amountFor,
  buildUpOfZone,
  cited,
  isCoat,
  isDetailCoat,
  isFieldCoat,
  rolledSize,
  termsOfZone,
  variantOf,
  type BuildUp,
  type BuildUpDoc,
  type Coat,
  type Fabric,
  type Layer,
  type Pieces,
  type Protection,
  type Sheet,
  type ZoneCondition,
} from '../buildup/index.ts';
import { knownSlopeOf } from '../choosing/index.ts';
import type { CoursesPlan } from '../courses/index.ts';
import { cutLists, treatedArea, type DetailSchedule } from '../details/index.ts';
import { given, type Figure } from '../figures/index.ts';
import type { Problem } from '../problems/index.ts';
import { undescribed, zoneQuantities, type Zone, type ZoneQuantities, type Zones } from '../survey/index.ts';
import { inQuantity } from './amounts.ts';
import { leftOversOf } from './fieldleft.ts';
import { boardPart, coursesParts, fastenerParts, fixingParts } from './coursesneeds.ts';
import { cuttingParts } from './cuttingneeds.ts';
import { detailParts, Items, productsOf } from './detailneeds.ts';
import { headNailParts, lapPrimerParts, lapResinParts, temporaryNailParts } from './lapneeds.ts';
import type { Part } from './parts.ts';
import type { OrderDoc } from './schema.ts';
import { stepsOf } from './supplies/ground.ts';
import { makingParts } from './supplies/making.ts';
import { withMixes } from './supplies/mixes.ts';
import { preparationParts } from './supplies/preparation.ts';

export interface Missing {
  readonly zoneId: string;
  readonly zoneName: string;
  readonly why: readonly Problem[];
}

const sidesUnsaid = (zone: Zone, open: readonly number[]): Problem => ({
  kind: 'missing',
  field: 'sides',
  label: `${zone.name}, ${open.length === 1 ? 'side' : 'sides'} ${open.map((i) => i + 1).join(', ')}`,
  actual: '',
  expected: 'what is there, in the survey: nothing is cut or ordered for it until then',
});

/** Rolls whose courses are not laid out: each covers its area less one side lap and one end lap. */
function withLaps(layer: Fabric | Sheet | Protection, area: Figure): Figure {
  const { width, length, side, end } = rolledSize(layer);
  const usable = (width.value - side.value / 1000) * (length.value - end.value / 1000);
  return {
    label: `${layer.name} with laps`,
    value: (area.value * width.value * length.value) / usable,
    quantity: 'area',
    formula: '{area} × ({width} × {length}) / (({width} − {side} / 1000) × ({length} − {end} / 1000))',
    inputs: { area, width, length, side, end },
    from: 'each roll covers its area less one side lap and one end lap',
  };
}

function fieldAmount(layer: Exclude<Layer, Pieces>, area: Figure): Figure {
  switch (layer.kind) {
    case 'coat':
      return amountFor(layer, area);
    case 'broadcast': {
      const thrown = cited(`${layer.name}, thrown`, layer.thrownKgPerM2, 'rateMass');
      return {
        label: `${layer.name}, thrown`,
        value: thrown.value * area.value,
        quantity: 'mass',
        formula: '{thrown} × {area}',
        inputs: { thrown, area },
        from: 'what is thrown is ordered; what stays is counted',
      };
    }
    default:
      return withLaps(layer, area);
  }
}

/** The coat that first lies on a rough ground and fills it: the first one that leaves a film. */
const fillsProfile = (buildUp: BuildUp, coat: Coat): boolean =>
  buildUp.layers.filter(isFieldCoat).find((c) => c.role !== 'primer' && c.role !== 'preparation')?.id ===
  coat.id;

/** What a rough surface swallows, where the coat has no rate of its own for it. */
function profileLoss(buildUp: BuildUp, coat: Coat, rough: boolean, area: Figure, order: OrderDoc): Figure[] {
  if (!rough || variantOf(coat, 'rough') || !fillsProfile(buildUp, coat) || order.profileLPerM2.value === 0)
    return [];
  const profile = cited('what a rough surface swallows', order.profileLPerM2, 'rateVolume');
  const litres: Figure = {
    label: `${coat.name}, into the profile`,
    value: profile.value * area.value,
    quantity: 'volume',
    formula: '{profile} × {area}',
    inputs: { profile, area },
    from: 'a volume for each square metre before film counts',
  };
  return [litres];
}

const sprayed = (layer: Layer): boolean => isCoat(layer) && layer.tools[0]?.kind === 'airless spray';

function fieldParts(
  items: Items,
  zone: Zone,
  buildUp: BuildUp,
  q: ZoneQuantities,
  areaPct: number,
  conditions: readonly ZoneCondition[],
  order: OrderDoc,
  laidOut: ReadonlySet<string>,
): Part[] {
  const whole = moreArea(q.slopeArea, areaPct);
  return buildUp.layers.flatMap((layer): Part[] => {
    // Products that only details are made with are counted there.
    if (layer.kind === 'pieces' || isDetailCoat(layer)) return [];
    // Fabric that is laid only at details is counted by its pieces.
    if (layer.kind === 'fabric' && layer.where === 'details') return [];
    // What lies in courses is counted by its cut list.
    if (laidOut.has(`${zone.id}/${layer.id}`)) return [];
    const item = items.layer(buildUp, layer);
    const head = {
      item,
      zoneId: zone.id,
      zoneName: zone.name,
      layer,
      buildUp,
      of: 'field' as const,
      sprayed: sprayed(layer),
    };
    const area = treatedArea(layer, zone, q, buildUp, whole);
    const amount = fieldAmount(layer, area);
    const named = (a: Figure): Figure => ({ ...a, label: `${zone.name}, ${a.label}` });
    if (!isCoat(layer)) return [{ ...head, amount: named(amount) }];
    return [amount, ...profileLoss(buildUp, layer, conditions.includes('rough'), area, order)].map((a) => ({
      ...head,
      amount: named(inQuantity(a, layer, item.quantity)),
    }));
  });
}

function whyNot(zone: Zone, buildUp: BuildUp | undefined): Problem[] {
  const field = 'build-up';
  const label = `${zone.name}, build-up`;
  return buildUp
    ? [
        {
          kind: 'wrong',
          field,
          label,
          actual: buildUp.name,
          expected: 'a membrane for the field: pockets are made around penetrations, one by one',
        },
      ]
    : [{ kind: 'missing', field, label, actual: '', expected: 'one of the job’s build-ups' }];
}

function moreArea(area: Figure, pct: number): Figure {
  if (pct === 0) return area;
  const more = given('more or less area', pct, 'percent', 'assumed');
  return {
    label: area.label,
    value: area.value * (1 + pct / 100),
    quantity: 'area',
    formula: '{area} × (1 + {more} / 100)',
    inputs: { area, more },
    from: 'as it would be with another area',
  };
}

/** Everything that the zones need, part by part. */
export function needs(
  survey: Zones,
  doc: BuildUpDoc,
  details: DetailSchedule,
  order: OrderDoc,
  areaPct = 0,
  courses?: CoursesPlan,
): { parts: Part[]; missing: Missing[]; unsaid: Missing[] } {
  const parts: Part[] = [];
  const missing: Missing[] = [];
  const unsaid: Missing[] = [];
  const items = new Items();
  const cut = (courses?.materials ?? []).filter((m) => m.answer);
  const boards = courses?.boards ?? [];
  const laidOut = new Set([
    ...cut.flatMap((m) => m.material.layouts.map((l) => `${l.zone.id}/${l.rolled.layer.id}`)),
    ...boards.map((b) => `${b.zone.id}/${b.layer.id}`),
  ]);
  for (const zone of survey.zones) {
    const buildUp = buildUpOfZone(doc, zone.id);
    if (!buildUp || buildUp.family === 'POCKET') {
      missing.push({ zoneId: zone.id, zoneName: zone.name, why: whyNot(zone, buildUp) });
      continue;
    }
    const q = zoneQuantities(zone);
    if (!q.ok) {
      missing.push({ zoneId: zone.id, zoneName: zone.name, why: q.problems });
      continue;
    }
    const open = undescribed(q.value.shape.sides);
    if (open.length > 0)
      unsaid.push({ zoneId: zone.id, zoneName: zone.name, why: [sidesUnsaid(zone, open)] });
    const conditions = termsOfZone(doc, zone.id)?.conditions ?? [];
    const laid = fieldParts(items, zone, buildUp, q.value, areaPct, conditions, order, laidOut);
    const prepared = preparationParts(zone, buildUp, stepsOf(zone, buildUp), order.supplies);
    if (prepared.unmeasured.length > 0)
      unsaid.push({ zoneId: zone.id, zoneName: zone.name, why: prepared.unmeasured });
    parts.push(
      ...laid,
      ...fixingParts(zone, buildUp),
      ...prepared.parts,
      ...makingParts(zone, buildUp, q.value, order.supplies, laid, productsOf(details, zone.id)),
    );
  }
  for (const zone of details.zones) parts.push(...detailParts(items, zone, details.pocket));
  for (const plan of cut)
    parts.push(
      ...coursesParts(plan, areaPct),
      ...lapPrimerParts(plan, order),
      ...headNailParts(plan),
      ...temporaryNailParts(plan),
      ...lapResinParts(plan, areaPct),
    );
  for (const b of boards) parts.push(boardPart(b, areaPct), ...fastenerParts(b));
  for (const list of cutLists(details, leftOversOf(courses))) parts.push(...cuttingParts(list));
  const mixed = withMixes(parts, new Map(survey.zones.map((z) => [z.id, z])), order.supplies, knownSlopeOf);
  for (const { zone, problem } of mixed.problems)
    unsaid.push({ zoneId: zone.id, zoneName: zone.name, why: [problem] });
  return { parts: mixed.parts, missing, unsaid };
}
