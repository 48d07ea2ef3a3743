/** The preparation of a zone in working order, with quantities from the survey. */
import { levellingOf } from '../falls/index.ts';
import { fitOf } from '../family/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
import {
  featureNumber,
  runFigure,
  sumFigure,
  zoneUse,
  type Feature,
  type FeatureKind,
  type Finding,
  type Zone,
  type ZoneQuantities,
} from '../survey/index.ts';
import { inspectionFor } from './inspection.ts';
import {
  STEP_KEYS,
  type Case,
  type InspectionItem,
  type PrepStep,
  type Primer,
  type Reason,
  type StepKey,
} from './types.ts';

const step = (key: StepKey, what: string, quantity: Figure | undefined, how: string): PrepStep => ({
  key,
  what,
  quantity,
  how,
});

const features = (c: Case, ...kinds: FeatureKind[]): Feature[] =>
  c.zone.features.filter((f) => kinds.includes(f.kind));

const lengthOf = (c: Case, label: string, of: readonly Feature[]): Figure =>
  sumFigure(
    `${c.zone.name}, ${label}`,
    'length',
    of.map((f, i) => runFigure(f, `run ${i + 1}`)),
    'sum of the runs',
  );

/** Litres for a groove of so many mm by so many mm over a length. */
const groove = (label: string, length: Figure, width: Given, depth: Given): Figure => ({
  label,
  value: (length.value * width.value * depth.value) / 1000,
  quantity: 'volume',
  formula: '{length} × {width} × {depth} / 1000',
  inputs: { length, width, depth },
  from: 'length by width by depth',
});

/** One step for all lines of a kind, over their length; nothing where there are none. */
function lineStep(
  c: Case,
  kind: FeatureKind,
  key: StepKey,
  label: string,
  what: string,
  how: string,
): PrepStep[] {
  const mine = features(c, kind);
  return mine.length === 0 ? [] : [step(key, what, lengthOf(c, label, mine), how)];
}

function cracks(c: Case): PrepStep[] {
  const cut = features(c, 'moving-crack').concat(
    features(c, 'static-crack').filter((f) => (f.sizes['widthMm'] ?? 0) >= c.practice.crackCutOut.value),
  );
  const hair = features(c, 'static-crack').filter(
    (f) => (f.sizes['widthMm'] ?? 0) < c.practice.crackCutOut.value,
  );
  const steps: PrepStep[] = [];
  if (cut.length > 0) {
    const length = lengthOf(c, 'cracks to cut out', cut);
    const { crackGrooveWidth: width, crackGrooveDepth: depth } = c.practice;
    steps.push(
      step(
        'cut-cracks',
        `Cut out cracks, ${width.value} × ${depth.value} mm`,
        length,
        `moving at any width, static from ${c.practice.crackCutOut.value} mm; dust out`,
      ),
      step(
        'fill-cracks',
        'Fill cut-out cracks',
        groove(`${c.zone.name}, crack filler`, length, width, depth),
        'flexible filler, flush',
      ),
    );
  }
  if (hair.length + cut.length > 0)
    steps.push(
      step(
        'stripe-cracks',
        'Stripe over cracks, 150 mm wide',
        lengthOf(c, 'cracks to stripe', [...cut, ...hair]),
        'static hairlines with a stripe coat; cut-out ones with a low-modulus stripe',
      ),
    );
  return steps;
}

function defects(c: Case): PrepStep[] {
  const count = (label: string, of: readonly Feature[]): Figure =>
    sumFigure(
      `${c.zone.name}, ${label}`,
      'count',
      of.map((f, i) => given(`${label} ${i + 1}`, f.count, 'count', 'measured')),
      'counted',
    );
  const steps: PrepStep[] = [];
  const blisters = features(c, 'blister');
  if (blisters.length > 0)
    steps.push(
      step(
        'blisters',
        'Cut blisters, dry, re-bond, cover in three courses',
        count('blisters', blisters),
        'X-cut; sealer, fabric, sealer',
      ),
    );
  steps.push(
    ...lineStep(
      c,
      'split',
      'splits',
      'splits',
      'Repair splits in three courses',
      'sealer, fabric, sealer, 150 mm past each end',
    ),
  );
  const spalls = features(c, 'spall');
  if (spalls.length > 0) {
    const parts = spalls.map((f, i): Figure => {
      const mm = (key: string, label: string): Given => given(label, f.sizes[key] ?? 0, 'lap', 'measured');
      const inputs = {
        length: mm('lengthMm', 'length'),
        width: mm('widthMm', 'width'),
        depth: mm('depthMm', 'depth'),
        count: given('alike', f.count, 'count', 'measured'),
      };
      return {
        label: `spall ${i + 1}`,
        value: (inputs.length.value * inputs.width.value * inputs.depth.value * f.count) / 1e6,
        quantity: 'volume',
        formula: '{length} × {width} × {depth} × {count} / 1000000',
        inputs,
        from: 'length by width by depth',
      };
    });
    steps.push(
      step(
        'spalls',
        'Fill spalls',
        sumFigure(`${c.zone.name}, spalls`, 'volume', parts, 'sum of the spalls'),
        'square edges, primed; mortar sanded while wet',
      ),
    );
  }
  return steps;
}

/** The fillet of the build-up, else what is usual by what it is formed of. */
const filletHow = ({ fillet, practice }: Case): string =>
  fillet
    ? `45°, legs of ${fillet.legMm} mm, ${fillet.of}`
    : `45°, legs of about ${practice.filletMortar.value} mm in mortar, ${practice.filletSealant.value} mm in sealant`;

function runs(c: Case): PrepStep[] {
  const steps: PrepStep[] = [
    ...lineStep(
      c,
      'board-joint',
      'boards',
      'board joints',
      'Reinforce board joints',
      'filled flush, strip of fabric over each',
    ),
    ...lineStep(
      c,
      'sheet-lap',
      'laps',
      'sheet laps',
      'Seal sheet laps with fleece',
      'cleaned, primed, fleece bedded over the step',
    ),
  ];
  const fasteners = features(c, 'fasteners');
  if (fasteners.length > 0) {
    const each = fasteners.map((f, i) => given(`field ${i + 1}`, featureNumber(f), 'count', 'measured'));
    steps.push(
      step(
        'fasteners',
        'Spot-coat every fastener',
        sumFigure(`${c.zone.name}, fasteners`, 'count', each, 'counted'),
        'tightened or renewed first',
      ),
    );
  }
  const joint = c.quantities.edges.find((e) => e.kind === 'joint');
  if (joint)
    steps.push(
      step(
        'joints',
        'Build movement joints with their own profile',
        joint.length,
        'before the coat; never coated straight over',
      ),
    );
  const { upstandGirth } = c.quantities;
  const footing = c.quantities.edges.find((e) => e.kind === 'footing')?.length;
  const feet = footing
    ? sumFigure('Feet of upstands and walls', 'length', [upstandGirth, footing], 'edges of the survey')
    : upstandGirth;
  if (feet.value > 0 && c.fillet?.of !== 'none')
    steps.push(
      step(
        'fillets',
        footing ? 'Form fillets at the foot of walls' : 'Form fillets at the foot of upstands',
        feet,
        filletHow(c),
      ),
    );
  return steps;
}

/** What the inspection found of something: as it was measured, or what was weighed on a square metre over all of it. */
export function amountFound(
  zone: Pick<Zone, 'name'>,
  quantities: Pick<ZoneQuantities, 'area'>,
  { amount, bad }: InspectionItem,
  finding: Finding,
): Figure | undefined {
  if (!amount || finding.amount === undefined) return undefined;
  const label = `${zone.name}, ${(bad.step?.what ?? amount.label).toLowerCase()}`;
  const each = given(`${amount.label} found`, finding.amount, amount.quantity, 'measured');
  return amount.quantity === 'rateMass'
    ? {
        label,
        value: each.value * quantities.area.value,
        quantity: 'mass',
        formula: '{each} × {area}',
        inputs: { each, area: quantities.area },
        from: 'weighed in the inspection, over the plan area',
      }
    : sumFigure(label, amount.quantity, [each], 'from the inspection');
}

function found(c: Case): PrepStep[] {
  return inspectionFor(c.substrate, c.family, zoneUse(c.zone)).flatMap((item): PrepStep[] => {
    const finding = c.zone.findings.find((f) => f.item === item.key);
    const wanted = item.bad.step;
    if (!wanted || !finding || finding.answer === 'not looked at' || finding.answer === item.good) return [];
    return [step(wanted.key, wanted.what, amountFound(c.zone, c.quantities, item, finding), wanted.how)];
  });
}

/** New boards, screeds and concrete are broomed; what is old, or carries dirt or oil, is washed. */
const NEW_GROUND: readonly string[] = ['boards', 'screed', 'concrete-new'];
const needsWash = (c: Case, reasons: readonly Reason[]): boolean =>
  !NEW_GROUND.includes(c.substrate.key) || reasons.some((r) => r.rule === 'growth' || r.rule === 'oil');

function whole(c: Case, reasons: readonly Reason[], primer: Primer): PrepStep[] {
  const steps: PrepStep[] = [];
  const wash = sumFigure(
    `${c.zone.name}, to wash`,
    'area',
    [c.quantities.area, c.quantities.upstandArea],
    'floor and upstands',
  );
  const washed = needsWash(c, reasons);
  steps.push(
    washed
      ? step(
          'wash',
          'Wash',
          wash,
          'a wash diluted by parts is brushed in, left some minutes, rinsed; one with chlorine never meets acid or ammonia: poison gas; who owns the drains says where the water may go',
        )
      : step('broom', 'Broom and vacuum', wash, 'a new surface is not washed: water is what it has to lose'),
  );
  const has = (rule: string): boolean => reasons.some((r) => r.rule === rule && r.weight === 'steps');
  if (has('profile'))
    steps.push(
      step(
        'profile',
        'Grind or shot-blast to profile',
        c.quantities.area,
        'with extraction; compare with the chips',
      ),
    );
  const level = c.falls && has('fall') ? levellingOf(c.zone, c.falls)?.volume : undefined;
  if (level && level.value > 0) {
    const what = `Level to a fall of ${c.zone.levels.designFallPct} %`;
    steps.push(
      step('level', what, level, 'screed to laths from the outlets; mind its weight on the structure'),
    );
  } else if (has('ponding') && c.falls) {
    const ponds = c.falls.ponds.map((p) => p.volume);
    const fill = sumFigure(`${c.zone.name}, to fill the ponds`, 'volume', ponds, 'ponds up to their sills');
    steps.push(
      step('level', 'Fill the ponds up to their sills', fill, 'in layers, feathered out to the shore'),
    );
  }
  if (has('proud-outlet'))
    steps.push(
      step(
        'outlets',
        'Set outlets below the surface',
        sumFigure(
          `${c.zone.name}, outlets to lower`,
          'count',
          (c.falls?.outlets ?? [])
            .filter((o) => (o.proudM ?? 0) > 0)
            .map((o) => given(o.name, 1, 'count', 'measured')),
          'outlets whose rim stands over the surface',
        ),
        'by people licensed for the drains',
      ),
    );
  const days = c.substrate.family === 'mineral' ? c.practice.dryDaysMineral : c.practice.dryDaysOther;
  if (washed)
    steps.push(
      step(
        'dry',
        'Let it dry after washing',
        {
          label: `${c.zone.name}, drying`,
          value: days.value * 24,
          quantity: 'hours',
          formula: '{days} × 24',
          inputs: { days },
          from: 'one to three days after washing, then measured',
        },
        'then measured, not guessed',
      ),
    );
  const blocker = fitOf(c.family.key, c.substrate.key).kind === 'blocker';
  if (primer === 'needed' || blocker)
    steps.push(
      step(
        'prime',
        blocker ? 'Prime with the bleed-blocking primer' : 'Prime',
        wash,
        'rate of the build-up; no puddles, within its overcoating time',
      ),
    );
  return steps;
}

/** What is filled or formed with mortar or filler sets and dries before it is tested and primed. */
const SETS: readonly StepKey[] = ['spalls', 'voids', 'fill-cracks', 'level', 'fillets'];

function afterFilling(c: Case, steps: readonly PrepStep[]): PrepStep[] {
  const filled = steps.filter((s) => SETS.includes(s.key));
  const again = filled.length
    ? [
        step(
          'dry-again',
          'Let filler and mortar set and dry',
          undefined,
          'as their data sheets say; then measured again',
        ),
      ]
    : [];
  const tested =
    c.substrate.porous && c.family.bonded && !c.family.dampGround
      ? [
          step(
            'test',
            'Measure moisture, and pull adhesion where the job asks for it',
            undefined,
            'over the zone, the low places and the edges first',
          ),
        ]
      : [];
  return [...again, ...tested];
}

/** All steps, in the order in which they are done; nothing for a family that is refused. */
export function preparation(c: Case, reasons: readonly Reason[], primer: Primer): PrepStep[] {
  const steps = [...whole(c, reasons, primer), ...found(c), ...defects(c), ...cracks(c), ...runs(c)];
  const all = [...steps, ...afterFilling(c, steps)];
  return all.sort((a, b) => STEP_KEYS.indexOf(a.key) - STEP_KEYS.indexOf(b.key));
}
