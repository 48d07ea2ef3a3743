/** What is particular to each kind of detail: what comes first of all, before the pieces go in, and after. */
import { cited, type DetailRules, type DetailKind } from '../buildup/index.ts';
import { given, words, type Given, type Part } from '../figures/index.ts';
import { COMMON } from '../practice/index.ts';
import { finished, isSheetWay, type Way } from './bonding.ts';
import type { Detail } from './find.ts';
import { isNarrow } from './joints.ts';
import type { Piece } from './pieces.ts';

export interface Step {
  readonly says: readonly Part[];
  /** Nothing goes on until somebody has looked and agreed. */
  readonly hold?: string;
  /** Waited for before the next step. */
  readonly waitMin?: Given;
}

export interface Terms {
  readonly detail: Detail;
  readonly rules: DetailRules;
  readonly pieces: readonly Piece[];
  readonly way: Way;
  /** How the field is laid, where the detail has a product of its own. */
  readonly field: Way;
}

export const say = (parts: readonly Part[], more: Partial<Omit<Step, 'says'>> = {}): Step => ({
  says: parts,
  ...more,
});

export const lap = (t: Pick<Terms, 'rules'>): Given => cited('lap', t.rules.lapMm, 'lap');
const foot = (t: Terms): Given => cited('foot', t.rules.footMm, 'lap');
const measured = (t: Terms, key: string, label: string): Given =>
  given(label, t.detail.sizes[key] ?? 0, 'lap', 'measured');

/** How the end of a day's work is closed for the night, and opened again. */
export function nightSeal(t: Pick<Terms, 'rules' | 'way'>): { before: Step[]; after: Step[] } {
  if (isSheetWay(t.way))
    return {
      before: [
        say(
          words`The edge of the course runs straight, clear of outlets and low places; its end is bonded down.`,
        ),
        say(words`Close it for the night with a strip or a fillet of sealant that sheds water.`, {
          hold: 'tight for the night',
        }),
      ],
      after: [
        say(
          words`Next day: take the strip or sealant off, clean and dry ${lap(t)}, and lap the next course on to it.`,
        ),
      ],
    };
  if (t.way === 'melt')
    return {
      before: [
        say(
          words`Feather the melt out along a straight line clear of outlets and low places; leave the fabric’s edge free.`,
        ),
      ],
      after: [say(words`Next day: clean, dry and warm ${lap(t)} of it, then pour on to it.`)],
    };
  return {
    before: [say(words`Mask a straight line clear of outlets and low places; pull the tape wet.`)],
    after: [
      say(
        words`Next day: abrade and clean ${lap(t)} of the cured film, prime if its time has passed, lap on to it.`,
      ),
    ],
  };
}

/** A static crack that is too fine to be cut out. */
const hairline = (way: Way): readonly Part[] =>
  isSheetWay(way)
    ? words`Brush out, blow out; below ${COMMON.crackCutOut} a strip laid loose over it is enough under a sheet.`
    : words`Brush out, blow out; below ${COMMON.crackCutOut} a stripe of ${way === 'melt' ? 'melt' : 'resin'} is enough.`;

interface Own {
  /** Before anything else: what could hurt, and what has to be so. */
  readonly first?: Step[];
  /** On the clean ground, with the pieces cut and at hand. */
  readonly before?: Step[];
  readonly after?: Step[];
}

export const PARTICULAR: Readonly<Partial<Record<DetailKind, (t: Terms) => Own>>> = {
  upstand: (t) => ({
    first: [
      say(
        words`The wall is sound and dry to ${measured(t, 'heightMm', 'height')}; the membrane ends at least ${COMMON.upstandHeight} over the finished surface.`,
      ),
    ],
  }),
  parapet: () => ({
    first: [say(words`Fall protection first. Old coping off, the top level and sound.`)],
    after: [say(words`The coping goes on over the whole width and drips outside.`)],
  }),
  kerb: () => ({
    first: [say(words`Nobody steps on a roof light: guard it. The frame stays dry inside.`)],
  }),
  threshold: (t) => ({
    first: [
      say(
        words`The door opens without touching the build-up; its sill is ${measured(t, 'heightMm', 'height')} up.`,
      ),
    ],
    after: [
      say(words`Under the sill nothing is left open; the door is closed only on the ${finished(t.way)}.`),
    ],
  }),
  drip: (t) => ({
    before: [say(words`The metal is fixed, its joints are taped, its flange lies flat.`)],
    after: isSheetWay(t.way)
      ? [say(words`The sheet ends straight, a finger’s breadth back from the nose of the drip.`)]
      : t.way === 'melt'
        ? []
        : [say(words`Mask the nose of the drip; pull the tape while the coat is wet.`)],
  }),
  gutter: () => ({
    first: [say(words`Rust off, joints sealed, the fall to the outlet checked with water.`)],
  }),
  'movement-joint': (t) => ({
    before: [
      ...(isNarrow(t.detail.sizes['widthMm'] ?? 0)
        ? [
            say(
              words`${measured(t, 'widthMm', 'width')} is narrow for a joint that moves: its sealant would be deeper than wide. Whoever designs it decides whether it is cut wider, to ${COMMON.leastJointDepth} or more.`,
            ),
          ]
        : []),
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
        : [say(hairline(t.way))],
  }),
  'moving-crack': () => ({
    before: [
      say(words`Cut out, blow out, fill with a low-modulus sealant, flush.`, { hold: 'filled and cured' }),
      say(words`Bond breaker over the filled groove.`),
    ],
  }),
  'tie-in': (t) => ({
    before: [
      say(words`Test the bond to the old roof with a patch, and keep the patch.`, {
        hold: 'bond to the old roof',
      }),
      say(words`Cut a groove or mask a line ${foot(t)} on to the old roof; nothing ends ragged.`),
    ],
  }),
  'day-joint': nightSeal,
  'wall-end': (t) => ({
    first: [
      say(
        words`Mark the level of the finished ground: the membrane ends ${COMMON.upstandHeight} or more above it, or goes on into what seals the wall there.`,
      ),
    ],
    before: [say(words`Wall above the end clean and sound, ${foot(t)} up.`)],
    after: [
      say(
        words`The end is closed against water that runs down the wall: bead or sealant, tooled to shed it.`,
        {
          hold: 'end tight',
        },
      ),
    ],
  }),
  'wall-foot': (t) => ({
    first: [
      say(
        words`Nobody goes into an excavation before a competent person has said, that day, that its sides are shored or sloped and the way out is clear.`,
      ),
    ],
    before: [
      say(
        words`Footing free of earth and water, ${measured(t, 'widthMm', 'width')} out; the joint between footing and wall raked out and filled.`,
        { hold: 'footing clean' },
      ),
    ],
    after: [say(words`Nothing is filled against it before it has cured, was looked at and is protected.`)],
  }),
  ridge: (t) => ({
    before: [
      say(words`Sharp ridges are rounded; the courses of both sides end below the strip.`),
      ...(t.pieces.length === 0
        ? [say(words`The strip over it, or the fold, is cut and laid with the courses.`)]
        : []),
    ],
  }),
  outlet: (t) => ({
    before: [
      say(words`The rim lies below the surface, the strainer is out, the pipe is plugged against drips.`),
      say(words`Sleeve first, ${cited('down', t.rules.outletDownMm, 'lap')} down into the throat.`),
    ],
    after: [
      say(words`Take the plug out; clamp ring or strainer back on the ${finished(t.way)}; water-test it.`, {
        hold: 'water runs off',
      }),
    ],
  }),
  scupper: () => ({
    after: [say(words`The outside edge drips free; water-test it.`, { hold: 'water runs off' })],
  }),
  pipe: (t) => ({
    before: [
      say(
        words`The field’s ${isSheetWay(t.field) ? 'sheet' : 'fabric'} stays ${cited('clear', t.rules.clearMm, 'lap')} off the pipe; a bead of sealant round its foot.`,
      ),
    ],
    after: [say(words`A clamp or a bead at the top of the wrap.`)],
  }),
  post: () => ({ before: [say(words`Plate and bolts sealed; the post stands firm.`)] }),
  support: () => ({
    first: [
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
  patch: (t) => ({
    first: [
      say(
        words`Cut the old membrane back to where it is dry and holds; what is below is dry before it is closed.`,
        { hold: 'dry underneath' },
      ),
    ],
    before: [
      say(
        words`The edge, ${foot(t)} out on every side: cut a groove into the old membrane for the new one to end in, or mask a straight line and pull the tape wet. Nothing ends feathered to nothing.`,
      ),
      say(words`Wash, abrade and test the bond to the old membrane with a strip.`, {
        hold: 'bond to the old membrane',
      }),
    ],
  }),
  'flanged-vent': () => ({
    before: [
      say(words`The flange is set in sealant, flat and fixed, its edges without a step.`),
      say(
        words`The strip on the lower side first, then both flanks over its ends, the upper side last: water never meets an open lap.`,
      ),
    ],
  }),
  stairs: (t) => ({
    first: [
      say(words`Bar the flight at its top and foot until it may be walked on; another way out stays open.`),
    ],
    before: [
      say(
        words`Noses are whole, rounded or cut to a small chamfer; every riser and tread is filled level, so that no water stands on a step.`,
      ),
      say(
        words`From the top down. At each step the piece goes from the tread below, up ${measured(t, 'riserMm', 'riser')} and over the nose on to the tread above.`,
      ),
    ],
    after: [
      say(
        words`Treads get the wear coat and its aggregate, with the noses; slip on a wet stair is tested before it is opened.`,
      ),
    ],
  }),
  split: () => ({ before: [say(words`Open, dry, bond the edges down; find out why it moved.`)] }),
};
