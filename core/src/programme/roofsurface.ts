/** What a roof is to sun, wind and sky, by what it is made of and what lies on it. Typical values of our own. */
import { SUBSTRATES, type Substrate, type SubstrateKey } from '../family/index.ts';
import type { SurfaceKind } from '../weather/index.ts';

const kind = (
  absorptance: number,
  heatKJPerM2K: number,
  belowWPerM2K: number,
  belowC: number | undefined,
  holdsMm: number,
): SurfaceKind => ({
  absorptance,
  sunShare: 1,
  emissivity: 0.9,
  heatKJPerM2K,
  belowWPerM2K,
  belowC,
  holdsMm,
});

/** Indoors, °C. */
const ROOM_C = 19;
const KINDS: Readonly<Record<Substrate['family'], SurfaceKind>> = {
  mineral: kind(0.65, 180, 1.5, ROOM_C, 0.6),
  timber: kind(0.6, 30, 2.5, undefined, 0.5),
  metal: kind(0.5, 4, 5, undefined, 0.15),
  bitumen: kind(0.9, 25, 0.4, ROOM_C, 0.3),
  sheet: kind(0.5, 15, 0.3, ROOM_C, 0.2),
  plastic: kind(0.6, 12, 0.3, ROOM_C, 0.2),
  coating: kind(0.6, 60, 1, ROOM_C, 0.2),
};

/** By the shade of a coat or sheet on top. */
const SHADES = { light: 0.35, middling: 0.65, dark: 0.9 } as const;
/** A coat closes the pores: only a film of water stays. */
const ON_A_COAT_MM = 0.2;

/** What a survey says of the ground of a zone. */
export interface Ground {
  readonly kind?: SubstrateKey | undefined;
  readonly colour?: 'light' | 'middling' | 'dark' | undefined;
  readonly sunShare?: number | undefined;
}

/**
 * @param ground undefined: old concrete in the open
 * @param shade of the last layer laid; clear coats leave what is under them
 */
export function roofSurface(
  ground: Ground | undefined,
  shade?: 'light' | 'dark' | 'clear',
  coated = shade !== undefined,
): SurfaceKind {
  const base = KINDS[ground?.kind === undefined ? 'mineral' : SUBSTRATES[ground.kind].family];
  const colour = shade === 'light' || shade === 'dark' ? shade : ground?.colour;
  return {
    ...base,
    absorptance: colour ? SHADES[colour] : base.absorptance,
    sunShare: ground?.sunShare ?? base.sunShare,
    holdsMm: coated ? Math.min(base.holdsMm, ON_A_COAT_MM) : base.holdsMm,
  };
}
