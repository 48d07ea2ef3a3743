/** How each detail is made: the steps in order, where somebody has to look before it goes on, how long it takes. */
import { cited, type DetailRules } from '../buildup/index.ts';
import { given, words, type Figure, type Given, type Part } from '../figures/index.ts';
import { COMMON } from '../practice/index.ts';
import type { Detail } from './find.ts';
import type { DetailKind } from './kinds.ts';
import type { Piece } from './pieces.ts';

export interface Step {
  readonly says: readonly Part[];
  /** Nothing goes on until somebody has looked and agreed. */
  readonly hold?: string;
  /** Waited for before the next step. */
  readonly waitMin?: Given;
}

/** Work of two people at one detail, or for a metre of it, in one ply. Typical, our own. */
const MINUTES: Readonly<Record<DetailKind, { each?: number; perM?: number }>> = {
  upstand: { perM: 9 },
  fillet: { perM: 3 },
  'internal-corner': { each: 12 },
  'external-corner': { each: 14 },
  parapet: { perM: 12 },
  bar: { perM: 4 },
  kerb: { each: 30, perM: 9 },
  threshold: { perM: 20 },
  drip: { perM: 6 },
  gutter: { perM: 12 },
  'movement-joint': { perM: 18 },
  'tie-in': { perM: 12 },
  'day-joint': { perM: 2 },
  ridge: { perM: 6 },
  outlet: { each: 35 },
  scupper: { each: 45 },
  pipe: { each: 25 },
  'pipe-cluster': { each: 60 },
  post: { each: 40 },
  support: { each: 30 },
  'board-joint': { perM: 5 },
  'static-crack': { perM: 4 },
  'moving-crack': { perM: 15 },
  'sheet-lap': { perM: 4 },
  fasteners: { each: 1 },
  blister: { each: 25 },
  split: { perM: 12 },
};

/** Each further ply takes this share of the first one's time. */
const FURTHER_PLY = 0.6;

export function minutesFor(detail: Detail, pieces: readonly Piece[]): Figure {
  const { each = 0, perM = 0 } = MINUTES[detail.kind];
  const plies = new Set(pieces.map((p) => p.ply)).size || 1;
  const one = given('for each', each, 'minutes', 'typical');
  const metre = given('for a metre', perM, 'minutes', 'typical');
  const count = given('details alike', detail.count, 'count', 'measured');
  const length = detail.length ?? given('length', 0, 'length', 'measured');
  const further = given('share for a further ply', FURTHER_PLY, 'fraction', 'typical');
  const layers = given('plies', plies, 'count', 'chosen');
  return {
    label: 'Time for two people',
    value: (one.value * detail.count + metre.value * length.value) * (1 + further.value * (plies - 1)),
    quantity: 'minutes',
    formula: '({each} × {count} + {metre} × {length}) × (1 + {further} × ({plies} − 1))',
    inputs: { each: one, count, metre, length, further, plies: layers },
    from: 'typical times, preparation apart; without waiting',
  };
}

const say = (parts: readonly Part[], more: Partial<Omit<Step, 'says'>> = {}): Step => ({
  says: parts,
  ...more,
});

interface Terms {
  readonly detail: Detail;
  readonly rules: DetailRules;
  readonly pieces: readonly Piece[];
}

const lap = (t: Terms): Given => cited('lap', t.rules.lapMm, 'lap');
const foot = (t: Terms): Given => cited('foot', t.rules.footMm, 'lap');
const past = (t: Terms): Given => cited('past the piece', t.rules.pastSeamMm, 'lap');
const measured = (t: Terms, key: string, label: string): Given =>
  given(label, t.detail.sizes[key] ?? 0, 'lap', 'measured');

/** What comes first everywhere. */
function ground(t: Terms): Step[] {
  return [
    say(words`Clean, dry and sound; sharp edges and fibres rubbed down.`, { hold: 'ground accepted' }),
    ...(t.detail.metal ? [say(words`Metal wiped or abraded to bright and primed.`)] : []),
  ];
}

/** Bedding pieces in resin. */
function bed(t: Terms): Step[] {
  const under = cited('under', t.rules.underShare, 'share');
  return [
    say(words`Cut the pieces dry and try them where they go.`),
    say(words`Apply ${under} of the resin to the substrate.`),
    say(
      words`Lay the pieces in, ply by ply, laps of ${lap(t)}; press them out from the middle, no folds, no air.`,
    ),
    say(
      words`The rest of the resin on top, wet on wet, until no white and no pinhole shows; ${past(t)} past every edge.`,
      { hold: 'saturated, no pinhole' },
    ),
  ];
}

function bond(t: Terms): Step[] {
  return [
    say(words`Cut the pieces and let them lie flat.`),
    say(words`Bond the first ply, laps of ${lap(t)}, no folds, no air; roll it from the middle outward.`),
    ...(t.rules.plies > 1
      ? [say(words`The next ply over it, its edges further out than those below; seal granule laps.`)]
      : []),
    say(words`Run a finger and a probe along every edge.`, { hold: 'every edge tight' }),
  ];
}

const make = (t: Terms): Step[] => {
  if (t.rules.made === 'sheet') return bond(t);
  if (t.pieces.length > 0) return bed(t);
  return [
    say(words`Work the bedding coat in by brush from all sides, ${past(t)} past the place.`, {
      hold: 'no miss',
    }),
  ];
};

const PARTICULAR: Readonly<Partial<Record<DetailKind, (t: Terms) => { before?: Step[]; after?: Step[] }>>> = {
  upstand: (t) => ({
    before: [
      say(
        words`The wall is sound and dry to ${measured(t, 'heightMm', 'height')}; the membrane ends at least 150 mm over the finished surface.`,
      ),
    ],
  }),
  parapet: () => ({
    before: [say(words`Fall protection first. Old coping off, the top level and sound.`)],
    after: [say(words`The coping goes on over the whole width and drips outside.`)],
  }),
  kerb: () => ({
    before: [say(words`Nobody steps on a roof light: guard it. The frame stays dry inside.`)],
  }),
  threshold: (t) => ({
    before: [
      say(
        words`The door opens without touching the build-up; its sill is ${measured(t, 'heightMm', 'height')} up.`,
      ),
    ],
    after: [say(words`Under the sill nothing is left open; the door is closed only on a cured film.`)],
  }),
  drip: () => ({
    before: [say(words`The metal is fixed, its joints are taped, its flange lies flat.`)],
    after: [say(words`Mask the nose of the drip; pull the tape while the coat is wet.`)],
  }),
  gutter: () => ({
    before: [say(words`Rust off, joints sealed, the fall to the outlet checked with water.`)],
  }),
  'movement-joint': (t) => ({
    before: [
      say(
        words`The joint’s own profile or sealant goes in first; the deck below is closed, nothing runs through.`,
      ),
      say(
        words`Clean both flanks, ${foot(t)} on each side of ${measured(t, 'widthMm', 'width')}; backer rod in, sealant pressed and tooled.`,
        { hold: 'joint sealed' },
      ),
      say(words`Lay the loop loose into the joint: it is never bonded over the gap.`),
    ],
  }),
  'board-joint': () => ({ before: [say(words`Fill flush and let it cure; sand what stands up.`)] }),
  'static-crack': (t) => ({
    before:
      (t.detail.sizes['widthMm'] ?? 0) >= COMMON.crackCutOut.value
        ? [
            say(
              words`Cut out to ${COMMON.crackGrooveWidth} × ${COMMON.crackGrooveDepth}, blow out, fill flush with a low-modulus sealant.`,
              { hold: 'filled and cured' },
            ),
          ]
        : [say(words`Brush out, blow out; below ${COMMON.crackCutOut} a stripe of resin is enough.`)],
  }),
  'moving-crack': () => ({
    before: [
      say(words`Cut out, blow out, fill with a low-modulus sealant, flush.`, { hold: 'filled and cured' }),
      say(words`Bond breaker over the filled groove.`),
    ],
  }),
  'tie-in': (t) => ({
    before: [
      say(words`Try whether anything bonds to the old roof, and keep the patch.`, {
        hold: 'bond to the old roof',
      }),
      say(words`Cut a groove or mask a line ${foot(t)} on to the old roof; nothing ends ragged.`),
    ],
  }),
  'day-joint': (t) => ({
    before: [say(words`Mask a straight line clear of outlets and low places; pull the tape wet.`)],
    after: [
      say(
        words`Next day: abrade and clean ${lap(t)} of the cured film, prime if its time has passed, lap on to it.`,
      ),
    ],
  }),
  ridge: () => ({
    before: [say(words`Sharp ridges are rounded; the courses of both sides end below the strip.`)],
  }),
  outlet: (t) => ({
    before: [
      say(words`The rim lies below the surface, the strainer is out, the pipe is plugged against drips.`),
      say(words`Sleeve first, ${cited('down', t.rules.outletDownMm, 'lap')} down into the throat.`),
    ],
    after: [
      say(words`Clamp ring or strainer back on the cured film; water-test it.`, { hold: 'water runs off' }),
    ],
  }),
  scupper: () => ({
    after: [say(words`The outside edge drips free; water-test it.`, { hold: 'water runs off' })],
  }),
  pipe: (t) => ({
    before: [
      say(
        words`The field’s fabric stays ${cited('clear', t.rules.clearMm, 'lap')} off the pipe; a bead of sealant round its foot.`,
      ),
    ],
    after: [say(words`A clamp or a bead at the top of the wrap.`)],
  }),
  post: () => ({ before: [say(words`Plate and bolts sealed; the post stands firm.`)] }),
  support: () => ({
    before: [
      say(
        words`Isolated, lifted or moved by licensed people only; a structural engineer says what the deck carries.`,
      ),
    ],
  }),
  'sheet-lap': () => ({ before: [say(words`Loose laps are fixed; the step is filled with sealant.`)] }),
  fasteners: () => ({ before: [say(words`Every head tight; stripped ones replaced, rust off.`)] }),
  blister: () => ({
    before: [say(words`Cut crosswise, fold back, dry; bond again or cut out.`, { hold: 'dry underneath' })],
  }),
  split: () => ({ before: [say(words`Open, dry, bond the edges down; find out why it moved.`)] }),
};

/** Runs that are made without pieces and have steps of their own. */
function ownSteps(t: Terms): Step[] | undefined {
  if (t.detail.kind === 'fillet') {
    const leg = cited('leg', t.rules.filletLegMm, 'gap');
    return [
      ...ground(t),
      say(words`Press the fillet in at 45°, ${leg} a leg, without a gap behind it; smooth it.`),
      say(words`Let it set before it is coated.`, { hold: 'fillets firm' }),
    ];
  }
  if (t.detail.kind === 'bar') {
    const spacing = cited('spacing', t.rules.barSpacingMm, 'lap');
    return [
      say(
        words`The membrane is up and cured; the bar on its top edge, a gap of a few millimetres at each end.`,
      ),
      say(words`Fixed every ${spacing}, first and last near its ends, tight and not buckled.`),
      say(words`Sealant along the top, tooled so that it sheds water.`, { hold: 'bar tight and sealed' }),
    ];
  }
  return undefined;
}

/** Steps of one detail, in order. */
export function stepsFor(detail: Detail, rules: DetailRules, pieces: readonly Piece[]): Step[] {
  const t = { detail, rules, pieces };
  const own = ownSteps(t);
  if (own) return own;
  const { before = [], after = [] } = PARTICULAR[detail.kind]?.(t) ?? {};
  const piecework = detail.kind === 'day-joint' ? [] : make(t);
  return [
    ...ground(t),
    ...before,
    ...piecework,
    ...after,
    say(words`Look at it once cured.`, { hold: 'detail accepted' }),
  ];
}
