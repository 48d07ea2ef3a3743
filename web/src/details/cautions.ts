/** Cautions that a detail card shows: those of its kind first, then those of the build-up. */
import type { BuildUp } from '@lentum/core/buildup';
import type { DetailKind } from '@lentum/core/details';

const OF_KIND: Readonly<Partial<Record<DetailKind, readonly string[]>>> = {
  parapet: ['At the edge: fall protection first.'],
  drip: ['At the edge: fall protection first.'],
  gutter: ['At the edge: fall protection first.'],
  kerb: ['A roof light does not carry a person: guard it, or cover it with boards.'],
  support: [
    'A unit is isolated and lifted by licensed people only; loads on the deck are checked by a structural engineer.',
  ],
  'pipe-cluster': [
    'Pipes may be hot, live or under pressure: their owner confirms first that they may be touched.',
  ],
  pipe: ['Pipes may be hot, live or under pressure: their owner confirms first that they may be touched.'],
  stairs: [
    'Bar the flight at its top and foot while it is wet; another way out stays open, agreed with whoever uses it.',
  ],
  threshold: ['A way out stays open: agree with whoever uses the door before it is blocked.'],
  'movement-joint': ['Fluid resin runs through an open joint on to whatever is below: close it first.'],
};

export const cautionsOf = (buildUp: BuildUp, kind: DetailKind): string[] => [
  ...(OF_KIND[kind] ?? []),
  ...buildUp.cautions,
];
