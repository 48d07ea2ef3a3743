/**
 * What has to be minded with a kettle or a flame: before it is lit, when it catches fire, when somebody is burnt, and at
 * the end. Common practice, no source; the safety sheet, the permit and local rules go before it.
 */
import type { BuildUp, WorkLayer } from '../buildup/index.ts';
import { isCoat, isSheet } from '../buildup/index.ts';
import { words, type Part } from '../figures/index.ts';
import { COMMON, type Practice } from '../practice/index.ts';
import { MS_PER_MINUTE } from '../units/index.ts';

export interface HotTerms {
  readonly practice?: Practice | undefined;
  /** Names of what is laid near it and gives off vapour that burns. */
  readonly flammable?: readonly string[];
  /** When the permit that is open ends, ms. */
  readonly permitUntilMs?: number | undefined;
}

type Lines = readonly (readonly Part[])[];
export interface HotCare {
  readonly before: Lines;
  readonly fire: Lines;
  readonly burns: Lines;
  /** The last flame, with when it is where a permit says so. */
  readonly end: Lines;
}

/** Laid with a flame or from a kettle. */
export const isHot = (layer: WorkLayer): boolean =>
  (isCoat(layer) && layer.kettle !== undefined) ||
  (isSheet(layer) && (layer.bonding === 'torched' || layer.bonding === 'hot bonded'));

/** Names of a build-up's products whose vapour burns. */
export const flammableIn = ({ layers }: Pick<BuildUp, 'layers'>): string[] =>
  layers.filter((l) => l.product?.hazards.includes('flammable')).map((l) => l.name);

/** The last moment with a flame: what the permit covers, less the watch; undefined without a permit. */
export const lastFlameMs = ({ permitUntilMs, practice = COMMON }: HotTerms): number | undefined =>
  permitUntilMs === undefined ? undefined : permitUntilMs - practice.fireWatchMin.value * MS_PER_MINUTE;

const BURNS: Lines = [
  ['Cool at once with plenty of cool running water, 20 minutes at least. Keep the rest of the body warm.'],
  ['Bitumen that sticks stays where it is: do not peel it off; no solvent, no grease.'],
  [
    'Where it closes round a finger, an arm or a leg, say so: it tightens as it cools. Eyes: rinse, touch nothing.',
  ],
  ['Call for medical help. Cover loosely with a clean wet cloth.'],
];

function vapours({ flammable = [] }: HotTerms): Lines {
  return flammable.length === 0
    ? []
    : [
        [
          `${flammable.join(' and ')}: flammable. Dry, the smell gone, the tins closed and carried off before anything is lit. The vapour is heavier than air and runs down to a flame.`,
        ],
      ];
}

function end(terms: HotTerms, off: string): Lines {
  const { practice = COMMON, permitUntilMs } = terms;
  const lastMs = lastFlameMs(terms);
  return [
    lastMs === undefined || permitUntilMs === undefined
      ? words`Last flame: the end of the shift less the watch of ${practice.fireWatchMin}.`
      : words`Last flame ${{ atMs: lastMs }}: the permit ends ${{ atMs: permitUntilMs }}, less the watch of ${practice.fireWatchMin}.`,
    [off],
    [
      'The watch looks at both sides of the deck, voids, eaves and the rooms below, with an extinguisher, as long as the permit, the insurer and local rules say.',
    ],
  ];
}

const bottles = (practice: Practice): readonly Part[] =>
  words`Gas bottles upright and chained, ${practice.bottleDistance} or more from kettle and flame, out of the heat; hoses and joints checked with soapy water; shut at the bottle when nobody works.`;

function kettleCare(terms: HotTerms): HotCare {
  const { practice = COMMON } = terms;
  return {
    before: [
      ['A permit is open. A dry-powder extinguisher within reach, not beside the burner; never water.'],
      ['Somebody trained stays at the kettle from lighting it until it is off and shut. It is never left.'],
      [
        'Heat-resistant gauntlets, face shield, long sleeves and trousers of cotton or leather over closed boots; nothing synthetic.',
      ],
      [
        'Fumes: stand upwind, close windows and air intakes nearby, keep the melt at the low end of its band; breathing protection as the safety sheet says.',
      ],
      [
        'The kettle stands level on ground that does not burn, away from exits and openings, with a barrier round it; its thermometer and thermostat work.',
      ],
      bottles(practice),
      ...vapours(terms),
    ],
    fire: [
      ['Lid down, burner off, gas shut at the bottle. Stand upwind.'],
      [
        'Never water, never foam: the melt erupts. Dry powder from a distance, only while it is small and the way out is behind you.',
      ],
      [
        'Yellow smoke, or a melt that grows hotter with the burner off: it is near its flash point. Lid shut, everybody away.',
      ],
      ['Call the fire service, and say: hot bitumen, gas bottles, and where.'],
    ],
    burns: BURNS,
    end: end(
      terms,
      'Burner off, gas shut at the bottle, lid closed. Somebody stays until the melt has stopped getting hotter.',
    ),
  };
}

function flameCare(terms: HotTerms): HotCare {
  const { practice = COMMON } = terms;
  return {
    before: [
      [
        'A permit is open. Two extinguishers within reach of where the flame works, one on the roof at least.',
      ],
      [
        'What burns is cleared away; the far side of the deck, voids, eaves and cladding have been looked at, as the survey says. No flame where something behind may burn: self-adhered or cold-bonded pieces there.',
      ],
      ['Gloves, closed boots, long sleeves and trousers of cotton or leather; nothing synthetic.'],
      ['The torch is never laid down or left burning; it hangs on its stand, pointing away from everything.'],
      bottles(practice),
      ...vapours(terms),
    ],
    fire: [
      ['Shut the gas at the bottle first.'],
      ['Small and in the open: extinguisher, then cool what glows. Keep the way out behind you.'],
      ['In a void or behind cladding: everybody off the roof, call the fire service, open nothing up.'],
    ],
    burns: BURNS,
    end: end(terms, 'Gas shut at the bottle, the hose burnt empty, the torch cool before it is put away.'),
  };
}

/** What is minded with a layer that is laid hot; undefined for any other. */
export const hotCare = (layer: WorkLayer, terms: HotTerms = {}): HotCare | undefined =>
  !isHot(layer)
    ? undefined
    : isCoat(layer) || (isSheet(layer) && layer.bonding === 'hot bonded')
      ? kettleCare(terms)
      : flameCare(terms);
