/** What there is to coat. The class tells which inspection and which tests go with it. */
import { z } from 'zod';

export const SUBSTRATE_KEYS = [
  'concrete-new',
  'concrete-old',
  'screed',
  'boards',
  'metal',
  'asphalt',
  'bitumen-smooth',
  'bitumen-granules',
  'gravelled-felt',
  'pvc-sheet',
  'tpo-sheet',
  'rubber-sheet',
  'fibreglass',
  'foam',
  'tiles',
  'acrylic-coating',
  'polyurethane-coating',
  'bitumen-coating',
  'silicone',
] as const;
export type SubstrateKey = (typeof SUBSTRATE_KEYS)[number];
export const substrateKindSchema = z.enum(SUBSTRATE_KEYS);

export interface Substrate {
  readonly key: SubstrateKey;
  readonly name: string;
  readonly family: 'mineral' | 'timber' | 'metal' | 'bitumen' | 'sheet' | 'plastic' | 'coating';
  /** Oils travel out of it into light coats. */
  readonly bleeds: boolean;
  /** Holds water in its pores, which meters and plastic sheets find. */
  readonly porous: boolean;
  /** A covering laid over something: may be loose, and may hide water. */
  readonly covering: boolean;
}

const substrate = (
  key: SubstrateKey,
  name: string,
  family: Substrate['family'],
  traits: Partial<Pick<Substrate, 'bleeds' | 'porous' | 'covering'>> = {},
): Substrate => ({
  key,
  name,
  family,
  bleeds: false,
  porous: false,
  covering: false,
  ...traits,
});

const BITUMEN = { bleeds: true, covering: true };
const SHEET = { covering: true };

export const SUBSTRATES: Readonly<Record<SubstrateKey, Substrate>> = {
  'concrete-new': substrate('concrete-new', 'New concrete', 'mineral', { porous: true }),
  'concrete-old': substrate('concrete-old', 'Old concrete', 'mineral', { porous: true }),
  screed: substrate('screed', 'Cement screed', 'mineral', { porous: true }),
  boards: substrate('boards', 'Plywood or boards', 'timber', { porous: true }),
  metal: substrate('metal', 'Metal sheet', 'metal'),
  asphalt: substrate('asphalt', 'Mastic asphalt', 'bitumen', { bleeds: true, covering: true }),
  'bitumen-smooth': substrate('bitumen-smooth', 'Bitumen sheet without granules', 'bitumen', BITUMEN),
  'bitumen-granules': substrate('bitumen-granules', 'Bitumen sheet with granules', 'bitumen', BITUMEN),
  'gravelled-felt': substrate('gravelled-felt', 'Gravelled felt', 'bitumen', BITUMEN),
  'pvc-sheet': substrate('pvc-sheet', 'PVC sheet', 'sheet', SHEET),
  'tpo-sheet': substrate('tpo-sheet', 'Polyolefin sheet', 'sheet', SHEET),
  'rubber-sheet': substrate('rubber-sheet', 'Rubber sheet', 'sheet', { ...SHEET, bleeds: true }),
  fibreglass: substrate('fibreglass', 'Fibreglass laminate', 'plastic'),
  foam: substrate('foam', 'Sprayed foam', 'plastic', { porous: true }),
  tiles: substrate('tiles', 'Tiles', 'mineral', { porous: true, covering: true }),
  'acrylic-coating': substrate('acrylic-coating', 'Old acrylic coating', 'coating', { covering: true }),
  'polyurethane-coating': substrate('polyurethane-coating', 'Old polyurethane coating', 'coating', {
    covering: true,
  }),
  'bitumen-coating': substrate('bitumen-coating', 'Old bitumen coating', 'coating', {
    bleeds: true,
    covering: true,
  }),
  silicone: substrate('silicone', 'Silicone, or remains of it', 'coating', { covering: true }),
};
