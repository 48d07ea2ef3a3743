/**
 * What may lie on what. The rules are data: whom they are about, what is wrong, and why. Common practice, no source;
 * a trial patch and the data sheet come first.
 */
import { POLYURETHANES, type Chemistry } from './chemistry.ts';
import { inField, type Layer } from './layers.ts';
import type { BuildUp } from './schema.ts';
import { faceOf, type Face } from './surface.ts';

/** Every entry that is given must hold. */
export interface Match {
  readonly chemistry?: readonly Chemistry[];
  readonly not?: readonly Chemistry[];
  readonly shade?: 'light' | 'dark' | 'clear';
  readonly bleeds?: boolean;
  readonly waterBased?: boolean;
  readonly uvStable?: boolean;
  readonly primer?: boolean;
  readonly seals?: boolean;
  readonly sanded?: boolean;
  readonly cleaner?: readonly string[];
}

export interface CompatRule {
  readonly id: string;
  /** `over`: a layer on the one below; `top`: the last layer of an exposed build-up; `pond`: any layer but a primer,
   * where water stands; `self`: a layer by itself. */
  readonly where: 'over' | 'top' | 'pond' | 'self';
  readonly layer: Match;
  readonly below?: Match;
  readonly outcome: 'stop' | 'hold';
  readonly why: string;
  readonly instead: string;
}

const BITUMENS: readonly Chemistry[] = [
  'bitumen emulsion',
  'bitumen, hot',
  'bitumen sheet',
  'aluminium bitumen',
  'bitumen adhesive',
];

export const COMPAT_RULES: readonly CompatRule[] = [
  {
    id: 'silicone-only',
    where: 'over',
    layer: { not: ['silicone'] },
    below: { chemistry: ['silicone'] },
    outcome: 'stop',
    why: 'nothing but silicone bonds to silicone, nor to what is left of it',
    instead: 'use silicone, or take the old film off down to what it lies on',
  },
  {
    id: 'bleed',
    where: 'over',
    layer: { shade: 'light', not: ['aluminium bitumen'] },
    below: { bleeds: true },
    outcome: 'stop',
    why: 'oils travel out of bitumen and some rubbers and stain light coats',
    instead: 'put a bleed-blocking primer between them',
  },
  {
    id: 'sunlight',
    where: 'top',
    layer: { chemistry: ['polyurethane, aromatic', 'epoxy'] },
    outcome: 'stop',
    why: 'it turns, chalks and degrades in the sun',
    instead: 'cover it with a UV-stable (aliphatic) top coat',
  },
  {
    id: 'bare-bitumen',
    where: 'top',
    layer: { chemistry: ['bitumen emulsion', 'bitumen, hot', 'bitumen sheet'], uvStable: false },
    outcome: 'hold',
    why: 'bitumen left open to sun and heat goes brittle',
    instead: 'cover it, or give it a reflective coat',
  },
  {
    id: 'water-based-pond',
    where: 'pond',
    layer: { chemistry: ['acrylic'], seals: true },
    outcome: 'stop',
    why: 'water-based coats take up water where it stands, soften and let go',
    instead: 'put the falls right first, or choose a family that stands ponding',
  },
  {
    id: 'water-based-short-pond',
    where: 'pond',
    layer: { waterBased: true, not: ['acrylic'] },
    outcome: 'hold',
    why: 'it dries by giving off water and stands it for a day or two, not for good',
    instead: 'level the ponds, or bring the outlets down',
  },
  {
    id: 'white-coat-pond',
    where: 'pond',
    layer: { chemistry: ['acrylic'], seals: false },
    outcome: 'hold',
    why: 'white water-based coats stain and peel where water stands',
    instead: 'level the ponds, or leave it off there until they are',
  },
  {
    id: 'methacrylate-solvent',
    where: 'self',
    layer: { chemistry: ['methacrylate'], cleaner: ['solvent'] },
    outcome: 'stop',
    why: 'solvent on tools spoils the cure of methacrylates: what it touches stays soft',
    instead: 'clean with the resin cleaner of the data sheet',
  },
  {
    id: 'mineral-on-bitumen',
    where: 'over',
    layer: { chemistry: ['cement, flexible'] },
    below: { chemistry: BITUMENS },
    outcome: 'stop',
    why: 'bitumen creeps in the warmth and a mineral coat cracks over it',
    instead: 'lay it on mortar or concrete only',
  },
  {
    id: 'solvent-on-bitumen',
    where: 'over',
    layer: { chemistry: POLYURETHANES },
    below: { chemistry: ['bitumen emulsion', 'aluminium bitumen', 'bitumen, hot'] },
    outcome: 'hold',
    why: 'solvent in the resin softens bitumen and the bond slides',
    instead: 'put a primer between them and pull a trial patch first',
  },
  {
    id: 'methacrylate-on-bitumen-emulsion',
    where: 'over',
    layer: { chemistry: ['methacrylate'] },
    below: { chemistry: ['bitumen emulsion', 'bitumen, hot', 'aluminium bitumen'] },
    outcome: 'hold',
    why: 'the monomer dissolves soft bitumen before it cures',
    instead: 'put its primer between them and pull a trial patch first',
  },
  {
    id: 'epoxy-unsanded',
    where: 'over',
    layer: { chemistry: [...POLYURETHANES, 'methacrylate'] },
    below: { chemistry: ['epoxy'], sanded: false },
    outcome: 'hold',
    why: 'a cured, glassy epoxy gives the next coat no key',
    instead: 'throw a light sand into it while wet, or coat within its window and abrade what is past it',
  },
  {
    id: 'plastic-on-bitumen',
    where: 'over',
    layer: { chemistry: ['thermoplastic sheet'] },
    below: { bleeds: true },
    outcome: 'stop',
    why: 'plasticiser and bitumen travel into each other: the sheet shrinks and goes brittle',
    instead: 'put a separation layer or a board between them',
  },
  {
    id: 'bitumen-on-light',
    where: 'over',
    layer: { chemistry: BITUMENS },
    below: { chemistry: ['acrylic', 'methacrylate', ...POLYURETHANES] },
    outcome: 'hold',
    why: 'bitumen softens synthetic films and slides on them in the warmth',
    instead: 'take the film off, or choose a coat of the same kind',
  },
];

const has = <T>(list: readonly T[] | undefined, value: T | undefined): boolean =>
  list === undefined || (value !== undefined && list.includes(value));

const same = <T>(wanted: T | undefined, value: T): boolean => wanted === undefined || wanted === value;

/** Whether a face is one that the match is about. What is not known matches nothing. */
export const matches = (face: Face, m: Match): boolean =>
  has(m.chemistry, face.chemistry) &&
  (m.not === undefined || (face.chemistry !== undefined && !m.not.includes(face.chemistry))) &&
  same(m.shade, face.shade ?? ('none' as never)) &&
  same(m.bleeds, face.bleeds) &&
  same(m.waterBased, face.waterBased) &&
  same(m.uvStable, face.uvStable) &&
  same(m.primer, face.primer) &&
  same(m.seals, face.seals) &&
  same(m.sanded, face.sanded) &&
  has(m.cleaner, face.cleaner);

export interface Clash {
  readonly rule: CompatRule;
  readonly face: Face;
  readonly below: Face | undefined;
}

/**
 * Every rule that a build-up breaks.
 * @param buildUp resolved: only the layers that are laid
 * @param ground what it is laid on; undefined when it is not known
 * @param ponds whether water stands on the finished work
 */
export function clashes(buildUp: BuildUp, ground: Face | undefined, ponds: boolean): Clash[] {
  const faced = buildUp.layers.filter(inField).map((layer) => ({ layer, face: faceOf(layer, buildUp) }));
  const faces = faced.flatMap(({ face }) => (face ? [face] : []));
  const covered = (id: string | undefined): boolean => {
    const at = faced.findIndex(({ layer }) => layer.id === id);
    return faced.slice(at + 1).some(({ layer }) => coversSun(layer, id));
  };
  const top = faces.at(-1);
  return COMPAT_RULES.flatMap((rule): Clash[] => {
    const hit = (face: Face, below?: Face): Clash[] =>
      matches(face, rule.layer) ? [{ rule, face, below }] : [];
    switch (rule.where) {
      case 'self':
        return faces.flatMap((f) => hit(f));
      case 'pond':
        return ponds ? faces.filter((f) => !f.primer).flatMap((f) => hit(f)) : [];
      case 'top':
        return top && buildUp.exposure === 'exposed' && !covered(top.layerId) ? hit(top) : [];
      case 'over':
        return faces.flatMap((f, i) => {
          const below = i === 0 ? ground : faces[i - 1];
          return below && rule.below && matches(below, rule.below) ? hit(f, below) : [];
        });
    }
  });
}

/** Aggregate to refusal and protection keep the sun off what is below. */
const coversSun = (layer: Layer, id: string | undefined): boolean =>
  layer.kind === 'protection' ||
  (layer.kind === 'broadcast' && layer.method === 'to refusal' && layer.into === id);
