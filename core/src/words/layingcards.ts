/** What is laid next on paper, one card for the van or the wall: a mix, a kettle charge, the courses of a sheet. */
import type { Coat, WorkLayer } from '../buildup/index.ts';
import type { Part } from '../figures/index.ts';
import {
  columns,
  facts,
  group,
  heading,
  line,
  list,
  row,
  table,
  type Block,
  type Telling,
} from '../printout/index.ts';
import type { HotCare, KettleCard, KettleDay, MixCard } from '../site/index.ts';
import { protectionOf, sprayProtection } from './protection.ts';

/** What is worn and kept in mind before anything is opened. @param sprayed how the crew lays it */
export function openingBlocks(layer: WorkLayer, sprayed: boolean, t: Telling): Block[] {
  const before = [...protectionOf(layer).map(t.w), ...(layer.product?.cautions ?? [])];
  const spraying = sprayed ? sprayProtection(layer).map(t.w) : [];
  return [
    ...(before.length > 0
      ? [
          group(
            heading(1, t.w('Before opening anything')),
            list(before),
            line(t.w('The safety sheet and the data sheet decide.'), 'quiet'),
          ),
        ]
      : []),
    ...(spraying.length > 0 ? [group(heading(1, t.w('Before spraying')), list(spraying))] : []),
  ];
}

const numbered = (name: string, steps: readonly string[], t: Telling): Block[] => [
  heading(1, t.w(name)),
  table(
    columns('>No.', 'Step|90'),
    steps.map((says, i) => row([String(i + 1), says])),
  ),
];

/** Under which temperatures a card stands. */
export interface ReadAt {
  readonly surfaceC: number | undefined;
  readonly resinC: number | undefined;
}

/** The mix of one bay at the temperatures that were read: it holds for them alone, and says so. */
export function mixBlocks(coat: Coat, mix: MixCard, read: ReadAt, t: Telling): Block[] {
  const temperature = (v: number | undefined): string | undefined =>
    v === undefined ? undefined : t.value(v, 'temperature');
  return [
    line(
      t.w(
        'Holds for the temperatures below, when it was printed. Read them again before each mix: warmer resin is shorter to work.',
      ),
      'mind',
    ),
    facts([
      [t.w('Surface, read'), temperature(read.surfaceC)],
      [t.w('Resin in its container, read'), temperature(read.resinC)],
      [t.w('In one go, no more than'), t.figure(mix.batch)],
      [t.w('Covers'), t.figure(mix.covers)],
      [t.w('Wet film'), t.figure(mix.film)],
      [t.w('Pot life'), t.figure(mix.potLife)],
      [mix.kit ? `${t.w('Of a')} ${mix.kit.name}` : '', mix.kit ? t.figure(mix.kit.share) : undefined],
    ]),
    heading(1, t.w('What goes in')),
    table(
      columns('What|50', '>By mass', '>By volume'),
      [
        // What comes in one container has no parts.
        ...(mix.parts.length === 0 ? [row([coat.name, t.figure(mix.batch), ''])] : []),
        ...mix.parts.map((p) => row([p.name, t.figure(p.mass), t.figure(p.volume)])),
        ...(mix.thickener && coat.thickener
          ? [
              row([
                `${coat.thickener.name}, ${t.w('up to')}`,
                t.figure(mix.thickener.mass),
                t.figure(mix.thickener.percent),
              ]),
            ]
          : []),
        ...(mix.catalyst
          ? [row([t.w('Catalyst, last'), t.figure(mix.catalyst.mass), t.figure(mix.catalyst.percent)])]
          : []),
      ],
      [t.w('Volume'), '', t.figure(mix.volume)],
    ),
    ...(mix.thinner
      ? [
          line(
            `${t.w('Thinned with')} ${mix.thinner.name} ${t.w('at most')} ${t.figure(mix.thinner.volume)}: ${coat.thinning?.note ?? ''}`,
            'quiet',
          ),
        ]
      : []),
    group(
      heading(2, t.w('No more than')),
      list(mix.limits.map((l) => `${t.figure(l.mass)} ${t.w(`by the ${l.name}`)}`)),
    ),
    ...numbered(
      'Steps',
      mix.steps.map((s) => `${t.parts(s.says)}${s.minutes ? ` (${t.figure(s.minutes)})` : ''}`),
      t,
    ),
  ];
}

const CARE = {
  before: [['before', 'Before it is lit']],
  after: [
    ['end', 'At the end'],
    ['fire', 'If it catches fire'],
    ['burns', 'If somebody is burnt'],
  ],
} as const;
const careBlocks = (care: HotCare, part: keyof typeof CARE, t: Telling): Block[] =>
  CARE[part].map(([key, name]) => group(heading(1, t.w(name)), list(care[key].map(t.parts))));

/** Why no further charge of a kettle is begun on a day; nothing where all is laid. */
export const CHARGES_END: Readonly<Record<KettleDay['ends'], string>> = {
  'all is laid': '',
  'the last flame': 'A further charge would be laid after the last flame.',
  'too long at heat':
    'A charge would be longer at heat than its sheet allows: smaller charges, or more people.',
  'no more are counted': 'No more charges are counted for one day.',
};

function chargesBlocks(day: KettleDay, people: number, t: Telling): Block[] {
  return [
    heading(
      1,
      t.w(
        `Charges, if the kettle is lit when this was printed and ${people} ${people === 1 ? 'person lays' : 'people lay'}`,
      ),
    ),
    ...(day.charges.length > 0
      ? [
          table(
            columns('>Charge', '>In', '>Ready|40', '>Laid by|40', '>Covers'),
            day.charges.map((c) =>
              row([
                String(c.n),
                t.figure(c.mass),
                t.timeMs(c.readyMs),
                t.timeMs(c.laidMs),
                t.figure(c.covers),
              ]),
            ),
          ),
        ]
      : []),
    ...(day.ends === 'all is laid'
      ? []
      : [
          line(`${t.w(CHARGES_END[day.ends])} ${t.figure(day.left)} ${t.w('stay for another day.')}`, 'mind'),
        ]),
  ];
}

/** A charge of a kettle, and those of its day where they are known. */
export function kettleBlocks(
  card: KettleCard,
  day: KettleDay | undefined,
  people: number,
  t: Telling,
): Block[] {
  return [
    ...careBlocks(card.care, 'before', t),
    heading(1, t.w('The charge')),
    facts([
      [t.w('In'), t.figure(card.charge)],
      [card.blocks?.name ?? '', card.blocks ? t.figure(card.blocks.count) : undefined],
      [t.w('Melting takes'), t.figure(card.melts)],
      [t.w('Laid from'), t.figure(card.from)],
      [t.w('Never above'), t.figure(card.most)],
      [t.w('At heat no longer than'), t.figure(card.keeps)],
      [t.w('One charge covers'), t.figure(card.covers)],
      [t.w('Film'), t.figure(card.film)],
      [t.w('Hot probes'), t.figure(card.probes)],
    ]),
    ...(day ? chargesBlocks(day, people, t) : []),
    ...numbered(
      'Steps',
      card.steps.map((s) => t.parts(s.says)),
      t,
    ),
    ...careBlocks(card.care, 'after', t),
  ];
}

/** How the courses of a sheet are put down. @param care where it is laid hot */
export function sheetBlocks(
  steps: readonly (readonly Part[])[],
  care: HotCare | undefined,
  t: Telling,
): Block[] {
  return [
    ...(care ? careBlocks(care, 'before', t) : []),
    ...numbered('Steps', steps.map(t.parts), t),
    ...(care ? careBlocks(care, 'after', t) : []),
  ];
}
