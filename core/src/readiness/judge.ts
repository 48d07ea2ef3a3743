/** One verdict for a zone and a family, with every reason behind it. */
import type { RoofLevels } from '../falls/index.ts';
import { FAMILIES, FAMILY_KEYS, fitOf, SUBSTRATES, type FamilyKey } from '../family/index.ts';
import { words, type Part, type Verdict } from '../figures/index.ts';
import { COMMON, type Practice } from '../practice/index.ts';
import { fail, ok, type Result } from '../problems/index.ts';
import { zoneQuantities, type Survey, type Zone } from '../survey/index.ts';
import { RULES } from './rules.ts';
import { preparation } from './steps.ts';
import { worst, worstWord } from './tests.ts';
import type { Case, Fillet, NextLayer, Primer, Readiness, Reason, Weight } from './types.ts';

const WORST_FIRST: readonly Weight[] = ['refused', 'hold', 'steps', 'fine', 'note'];

const primerAnswer = (answer: Primer, says: readonly Part[]): Readiness['primer'] => ({ answer, says });

/**
 * The primer question, by the school of the job: a passed adhesion test may spare the primer, or it is always primed.
 * Families with a primer of their own are outside the question.
 */
function primerOf(c: Case, reasons: readonly Reason[]): Readiness['primer'] {
  const terms = fitOf(c.family.key, c.substrate.key);
  if (terms.kind === 'no') return primerAnswer('stop', ['This family does not go on this substrate.']);
  if (terms.kind === 'blocker')
    return primerAnswer('needed', ['The bleed-blocking primer is required on this substrate.']);
  if (terms.kind === 'primer' || c.family.primer === 'always')
    return primerAnswer('needed', words`${c.family.name} is always primed on this substrate.`);
  if (c.family.primer === 'own') return primerAnswer('spared', ['Its first coat is its own primer.']);
  const wettest = c.substrate.porous ? worst(c, 'moisture', 'high') : undefined;
  if (reasons.some((r) => r.rule === 'moisture' && r.weight === 'steps') && wettest)
    return primerAnswer(
      'needed',
      words`Moisture of ${wettest.reading} asks for it, from ${c.practice.moistureUnprimed} up.`,
    );
  if (c.school === 'always') return primerAnswer('needed', ['The job’s school: always primed.']);
  const unprimed = worst(c, 'pull-off', 'low', (t) => t.unprimed);
  const limit = c.family.trafficked === 'no' ? c.practice.pullOff : c.practice.pullOffTraffic;
  if (unprimed) {
    return unprimed.number >= limit.value
      ? primerAnswer(
          'spared',
          words`An unprimed pull-off of ${unprimed.reading} passes ${limit}: the job’s school spares the primer.`,
        )
      : primerAnswer('needed', words`An unprimed pull-off of ${unprimed.reading} is below ${limit}.`);
  }
  const strip = worstWord(c, 'strip-pull', (t) => t.unprimed);
  if (strip === 'tears itself')
    return primerAnswer('spared', [
      'An unprimed trial patch tore itself: the job’s school spares the primer.',
    ]);
  return primerAnswer('needed', ['No adhesion test without primer has passed, so it is primed.']);
}

export interface ReadinessInput {
  readonly zone: Zone;
  readonly family: FamilyKey;
  readonly falls: RoofLevels | undefined;
  readonly school: Survey['primerSchool'];
  readonly nowMs: number;
  /** Numbers of practice as the job sets them; absent: the register as it stands. */
  readonly practice?: Practice | undefined;
  /** How the build-up forms its fillets; absent: both ways are said. */
  readonly fillet?: Fillet | undefined;
  /** The layer that would be laid on the ground: its own limits go before practice. */
  readonly layer?: NextLayer | undefined;
}

type Ground = Omit<Case, 'family'>;

/** What is the same for every family, or what is missing before anything can be judged. */
function groundOf({
  zone,
  falls,
  school,
  nowMs,
  practice = COMMON,
  fillet,
  layer,
}: Omit<ReadinessInput, 'family'>): Result<Ground> {
  const quantities = zoneQuantities(zone);
  if (!quantities.ok) return quantities;
  if (!zone.substrate) {
    return fail({
      kind: 'missing',
      field: 'substrate',
      label: `${zone.name}, substrate`,
      actual: '',
      expected: 'what there is to coat',
    });
  }
  const substrate = SUBSTRATES[zone.substrate.kind];
  return ok({ zone, quantities: quantities.value, substrate, falls, school, nowMs, practice, fillet, layer });
}

function judge(ground: Ground, family: FamilyKey): Readiness {
  const c: Case = { ...ground, family: FAMILIES[family] };
  const reasons = RULES.flatMap((rule) => rule(c) ?? []).sort(
    (a, b) => WORST_FIRST.indexOf(a.weight) - WORST_FIRST.indexOf(b.weight),
  );
  const primer = primerOf(c, reasons);
  const first = reasons[0]?.weight ?? 'fine';
  const weight = first === 'note' ? 'fine' : first;
  return {
    zoneId: c.zone.id,
    weight,
    reasons,
    primer,
    steps: weight === 'refused' ? [] : preparation(c, reasons, primer.answer),
  };
}

/** Judges a zone for a family, or says what is missing before anything can be judged. */
export function readiness({ family, ...input }: ReadinessInput): Result<Readiness> {
  const ground = groundOf(input);
  return ground.ok ? ok(judge(ground.value, family)) : ground;
}

/** The verdict of every family on a zone: which could go there at all. */
export function familiesFor(
  input: Omit<ReadinessInput, 'family'>,
): readonly { family: FamilyKey; readiness: Readiness }[] {
  const ground = groundOf(input);
  return ground.ok ? FAMILY_KEYS.map((family) => ({ family, readiness: judge(ground.value, family) })) : [];
}

const OUTCOMES = { refused: 'stop', hold: 'hold', steps: 'steps', fine: 'go' } as const;

/** The headline: one sentence with its number, its limit and what would change it. */
export function readinessVerdict(judged: Readiness, family: FamilyKey): Verdict {
  const { name } = FAMILIES[family];
  const first = judged.reasons[0];
  const same = judged.reasons.filter((r) => r.weight === judged.weight).length - 1;
  const more: Part[] =
    same > 0 ? [` And ${same} more ${same === 1 ? 'reason' : 'reasons'} of this weight.`] : [];
  const outcome = OUTCOMES[judged.weight];
  if (judged.weight === 'fine')
    return { outcome, subject: 'Can be coated', says: [`with ${name}: no objection found.`] };
  if (judged.weight === 'steps') {
    const count = judged.steps.length;
    return {
      outcome,
      subject: 'Can be coated',
      says: [`with ${name} after ${count} ${count === 1 ? 'step' : 'steps'}.`],
    };
  }
  const says: Part[] = [`${first?.subject.toLowerCase() ?? ''} `, ...(first?.says ?? []), ...more];
  const subject = judged.weight === 'hold' ? 'Hold:' : `Not with ${name}:`;
  return first && first.change.length > 0
    ? { outcome, subject, says, quiet: first.change }
    : { outcome, subject, says };
}
