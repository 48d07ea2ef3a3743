/** What has to be minded with a product, by the class of its hazards. Common practice; the safety sheet decides. */
import { POLYURETHANES, type Coat, type Hazard, type Layer } from '../buildup/index.ts';

const SAYS: Readonly<Record<Hazard, string>> = {
  flammable: 'Flammable: no flame, no spark, no smoking. Ventilate; keep containers closed.',
  sensitising:
    'May cause allergy: gloves and long sleeves, none on the skin. Stop and see a doctor if skin or breath reacts.',
  irritant: 'Irritates eyes, skin and airways: goggles, gloves, ventilation.',
  'eye damage':
    'May damage eyes for good: tight goggles. Rinse at once with plenty of water, at least 15 minutes, and see a doctor.',
  corrosive:
    'Burns skin and eyes: tight goggles or a face shield, chemical gloves. Rinse at once with plenty of water, at least 15 minutes, and see a doctor.',
  toxic: 'Toxic: breathing protection as the safety sheet says; nobody works alone.',
  oxidising: 'Oxidising: apart from fuels, rags, metal salts and heat.',
  'harms water': 'Harms water life: none into drains, gutters or soil; wash water is collected.',
  dust: 'Dust: a dust respirator and goggles; no dry sweeping, never stirred dry.',
  hot: 'Hot: causes deep burns. Heat-resistant gloves, long sleeves, face shield, closed boots. Cool burns with water, do not peel anything off, get help.',
  'open flame': 'Open flame: permit, extinguisher at hand, watch afterwards as the permit says.',
  heavy: 'Heavy: lift with two people or a lifting aid.',
};

const PEROXIDE =
  'Peroxide catalyst: goggles and gloves. Stored cool, by itself, in its own container, away from accelerators, metal salts, rags and heat; never mixed with an accelerator directly. What was taken out does not go back.';

/** Restriction of diisocyanates under REACH, annex XVII, entry 74 (from memory): trained users only since August 2023. */
const TRAINED =
  'Diisocyanates: where the law asks for it, as in the European Union, only for people who have been trained for them. Who has reacted to them once stays away.';

/** Hazards as sentences, of things that belong to no layer. */
export const hazardWords = (hazards: readonly Hazard[]): string[] => [
  ...hazards.map((h) => SAYS[h]),
  ...(hazards.includes('oxidising') ? [PEROXIDE] : []),
];

/** Hazards of a layer's product, each as a sentence; of the catalyst that is stirred in, and who may use it. */
export function protectionOf(layer: Layer): string[] {
  const hazards = layer.product?.hazards ?? [];
  const { catalyst, chemistry } = layer as Partial<Coat>;
  return [
    ...hazards.map((h) => SAYS[h]),
    ...(catalyst ? [PEROXIDE] : []),
    ...(chemistry && POLYURETHANES.includes(chemistry) ? [TRAINED] : []),
  ];
}

/** What a layer names as its tool for spraying. */
const isSprayed = (layer: Layer): layer is Coat =>
  layer.kind === 'coat' && layer.tools.some((t) => t.kind === 'airless spray');

/** What is minded while a coat is sprayed; nothing for what is not. */
export function sprayProtection(layer: Layer): string[] {
  if (!isSprayed(layer)) return [];
  const { chemistry } = layer;
  const breathed =
    chemistry && (POLYURETHANES.includes(chemistry) || chemistry === 'methacrylate')
      ? 'Its mist harms the lungs: sprayed only where the safety sheet allows it, with air supplied from outside, skin and eyes covered; nobody else near.'
      : 'Respirator for mist as the safety sheet says, goggles and suit; nobody downwind without them.';
  return [
    'An airless gun injects through skin and glove: never near a hand or a face. An injection is an emergency for a surgeon even if it looks small: hospital at once, with the safety sheet.',
    'Trigger locked and pressure let off before the tip is turned, cleaned or changed; never a finger over it.',
    breathed,
    'Drift: cars, windows and air intakes downwind covered or closed; not above the wind limit, gusts count.',
  ];
}
