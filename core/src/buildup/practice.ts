/** What to do when a limit was missed and the layer says nothing of its own. General practice, no source. */
import type { Missable } from './conditions.ts';
import type { Layer } from './layers.ts';
import { stepsText, type RemedyStep } from './remedies.ts';

const s = (does: RemedyStep['does'], says: string): RemedyStep => ({ does, says });

const PRACTICE: Readonly<Record<Missable, readonly RemedyStep[]>> = {
  overcoatUntil: [
    s('abrade', 'Abrade until it is matt all over.'),
    s('wipe', 'Clean off the dust.'),
    s('prime', 'Prime again with the primer that the data sheet names.'),
  ],
  overcoatFrom: [
    s('look', 'Watch for bubbles and soft places until it has cured.'),
    s('cut out', 'Where it lifts or stays soft: cut out, let cure, build up again.'),
  ],
  rainSafe: [
    s('dry', 'Let it dry.'),
    s('look', 'Look for wash-out and milky places.'),
    s('patch', 'Prime or coat again where it is marked.'),
  ],
  dewMargin: [
    s('test', 'Test adhesion once it is dry.'),
    s('cut out', 'Take off what lifts, and lay it again.'),
  ],
  surfaceMin: [
    s('wait', 'Keep people off and wait for warmth.'),
    s('test', 'Test that it has cured before it is overcoated.'),
  ],
  surfaceMax: [s('look', 'Look for pinholes and bubbles; close them before the next coat.')],
  humidity: [
    s('wait', 'Wait longer than the table says.'),
    s('look', 'Look for bubbles, or a skin that stays soft.'),
  ],
  wind: [s('look', 'Look for drift on what is near, and for thin and dry film.')],
  moisture: [
    s('test', 'Pull adhesion at several places.'),
    s('cut out', 'Where it fails: take off, dry, prime.'),
  ],
  noBelow: [s('look', 'Look for cracks and powder.'), s('cut out', 'Take off what has not formed a film.')],
  potLife: [s('throw away', 'Do not use it, nor thin it back; dispose of it as the safety sheet says.')],
  leastRate: [
    s('patch', 'Make it up while it is wet.'),
    s('cut out', 'Else scrape off what stays soft, and lay it again.'),
  ],
  mostRate: [
    s('wait', 'Let it cure for as long as its film takes before anything goes on it.'),
    s('look', 'Look and press for bubbles, cracks, sagging and soft places.'),
    s('cut out', 'Where it is not sound: cut out, let cure, build up again.'),
  ],
  foot: [
    s('look', 'Look for footprints.'),
    s('abrade', 'Abrade them.'),
    s('patch', 'Make good with a further coat.'),
  ],
  wheels: [s('look', 'Look for marks and tears.'), s('patch', 'Make good, and open it later.')],
};

export interface WhenMissed {
  readonly says: string;
  readonly steps: readonly RemedyStep[];
  /** Whether the layer itself says so, or general practice does. */
  readonly own: boolean;
}

/**
 * What to do on a layer when a limit was missed: its own steps, else its own words as the one step, else what is usual.
 */
export function whenMissed(layer: Layer, what: Missable): WhenMissed {
  const steps = 'remedies' in layer ? layer.remedies?.[what] : undefined;
  if (steps) return { says: stepsText(steps), steps, own: true };
  const own =
    'missed' in layer && layer.missed[what] !== undefined
      ? layer.missed[what]
      : what === 'overcoatUntil' && 'ifMissed' in layer
        ? layer.ifMissed
        : undefined;
  if (own) return { says: own, steps: [s('look', own)], own: true };
  return { says: stepsText(PRACTICE[what]), steps: PRACTICE[what], own: false };
}
