/** What to do when a limit was missed and the layer says nothing of its own. General practice, no source. */
import type { Missable } from './conditions.ts';
import type { Layer } from './layers.ts';

const PRACTICE: Readonly<Record<Missable, string>> = {
  overcoatUntil: 'Abrade, clean and prime again before the next coat.',
  overcoatFrom: 'Watch for bubbles; where it lifts or stays soft, cut out, let cure, and build up again.',
  rainSafe: 'Let dry, look for wash-out and milky places; prime or coat again where it is marked.',
  dewMargin: 'Test adhesion once it is dry; take off what lifts.',
  surfaceMin: 'Keep people off and wait for warmth; test before it is overcoated.',
  surfaceMax: 'Look for pinholes and bubbles; close them before the next coat.',
  humidity: 'Wait longer; look for bubbles or a skin that stays soft.',
  wind: 'Look for drift on what is near, and for thin and dry film.',
  moisture: 'Pull adhesion at several places; where it fails, take off, dry, prime.',
  noBelow: 'Look for cracks and powder; take off what has not formed a film.',
  potLife: 'Do not use it, nor thin it back; let it harden and throw it away as the safety sheet says.',
  leastRate: 'Make it up while wet; else scrape off what stays soft, and lay it again.',
  foot: 'Look for footprints; abrade and make good with a further coat.',
  wheels: 'Look for marks and tears; close it, make good, open later.',
};

export interface WhenMissed {
  readonly says: string;
  /** Whether the layer itself says so, or general practice does. */
  readonly own: boolean;
}

/** What to do on a layer when a limit was missed. */
export function whenMissed(layer: Layer, what: Missable): WhenMissed {
  const own =
    'missed' in layer && layer.missed[what] !== undefined
      ? layer.missed[what]
      : what === 'overcoatUntil' && 'ifMissed' in layer
        ? layer.ifMissed
        : undefined;
  return own ? { says: own, own: true } : { says: PRACTICE[what], own: false };
}
