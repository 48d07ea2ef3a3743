/** Lists for the van on paper: tools, substances, cautions. */
import type { BuildUp } from '../buildup/index.ts';
import { FAMILIES } from '../family/index.ts';
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
import type { OldRoof } from '../readiness/index.ts';
import { KIT_GROUP_NAMES, KIT_GROUPS, type KitLine } from './kit.ts';
import { protectionOf, sprayProtection } from './protection.ts';
import type { Substance } from './substances.ts';

/** What goes along, with a box to tick. */
export function kitBlocks(lines: readonly KitLine[], zones: readonly string[], t: Telling): Block[] {
  return [
    line(`${t.w('For')} ${zones.join(', ')}.`, 'quiet'),
    ...KIT_GROUPS.flatMap((g): Block[] => {
      const found = lines.filter((l) => l.group === g);
      if (found.length === 0) return [];
      return [
        heading(1, t.w(KIT_GROUP_NAMES[g])),
        table(
          columns('Taken', 'What|50', 'For|25', 'Zones|25'),
          found.map((l) => row(['[   ]', t.w(l.what), t.w(l.layers.join(', ')), l.zones.join(', ')])),
        ),
      ];
    }),
    line(
      t.w(
        'From the layers’ tools and hazards. The data sheets, the safety sheets and the site’s own rules decide.',
      ),
      'quiet',
    ),
  ];
}

export function substanceBlocks(substances: readonly Substance[], t: Telling): Block[] {
  return [
    ...substances.map((s) =>
      group(
        heading(1, t.w(s.name)),
        line(`${t.figure(s.amount)} · ${s.zoneNames.join(', ')} · ${t.w(s.hazards.join(', '))}`, 'quiet'),
        heading(2, t.w('Protect yourself')),
        list(s.protect.map(t.w)),
        heading(2, t.w('Carry, clean, dispose')),
        list([
          ...(s.carriage ? [t.w(`Transport, ${s.carriage.what}: ${s.carriage.says}.`)] : []),
          ...(s.cleaner
            ? [
                t.w(
                  s.cleaner === 'wiped dry' ? 'Tools are wiped dry.' : `Tools are cleaned with ${s.cleaner}.`,
                ),
              ]
            : []),
          ...s.waste.map(t.w),
        ]),
      ),
    ),
  ];
}

const HARMFUL = { asbestos: 'Asbestos', tar: 'Coal tar' } as const;
const ANSWERS = {
  'none found': 'none, the survey says',
  'may hold it': 'it may hold it: nothing is moved until a licensed person has tested it',
  'not tested': 'nobody has answered in the survey: nothing is moved until it is answered',
} as const;
/** How what may be harmful in an old roof is answered. */
export const harmfulWords = (h: OldRoof['harmful'][number]): string =>
  `${HARMFUL[h.what]}: ${ANSWERS[h.answer]}.`;

/** What comes off an old roof. */
export function oldRoofBlocks(name: string, old: OldRoof, t: Telling): Block {
  return group(
    heading(2, name),
    list([
      ...old.removed.map(
        (r) =>
          `${t.w(r.what)}: ${r.amount ? t.figure(r.amount) : t.w('how much, cannot tell: weigh or measure it in the survey, under Readiness')}.`,
      ),
      ...old.harmful.map((h) => t.w(harmfulWords(h))),
    ]),
  );
}

const WHEN = {
  none: 'Before opening or mixing anything',
  flame: 'Before lighting a flame',
  kettle: 'Before lighting the kettle',
} as const;
/** When the cautions of a build-up are read. */
export const cautionsWhen = (buildUp: BuildUp): string => WHEN[FAMILIES[buildUp.family].heat];

export interface MindedProduct {
  readonly id: string;
  readonly name: string;
  readonly hazards: readonly string[];
  readonly cautions: readonly string[];
  readonly cleaner: string | undefined;
}

/** Products of a build-up that ask for care, and each thing to be minded once with the products that it is about. */
export function mindedIn(buildUp: BuildUp): {
  readonly products: readonly MindedProduct[];
  readonly minded: readonly { readonly says: string; readonly names: string }[];
} {
  const products = buildUp.layers.flatMap((l) => {
    const { hazards = [], cautions = [], cleaner } = l.product ?? {};
    return hazards.length + cautions.length > 0 || cleaner
      ? [{ id: l.id, name: l.name, hazards, cautions, cleaner, layer: l }]
      : [];
  });
  const of = new Map<string, string[]>();
  for (const p of products)
    for (const says of [...protectionOf(p.layer), ...sprayProtection(p.layer)])
      of.set(says, [...(of.get(says) ?? []), p.name]);
  return {
    products,
    minded: [...of].map(([says, names]) => ({ says, names: [...new Set(names)].join(', ') })),
  };
}

export const CAUTION_TAIL =
  'A reminder, not an instruction. The safety sheet and data sheet of each product, local rules and the people licensed for flame, structure, electrics and gas decide.';

/** The cautions of a build-up: what people wrote is left as they wrote it. */
export function cautionBlocks(buildUp: BuildUp, t: Telling): Block[] {
  const { products, minded } = mindedIn(buildUp);
  return [
    facts([[t.w('Build-up'), buildUp.name]]),
    list(buildUp.cautions),
    ...(minded.length > 0
      ? [heading(1, t.w('What its products can do')), list(minded.map((m) => `${t.w(m.says)} (${m.names})`))]
      : []),
    ...(products.length > 0
      ? [
          table(
            columns('Product|25', 'Hazards|20', 'Mind|40', 'Tools cleaned'),
            products.map((p) =>
              row([p.name, t.w(p.hazards.join(', ')) || '–', p.cautions.join(' ') || '–', p.cleaner ?? '–']),
            ),
          ),
        ]
      : []),
    line(t.w(CAUTION_TAIL), 'quiet'),
  ];
}
