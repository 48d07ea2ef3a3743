/** What layers are made of, as far as it decides what may lie on what. Common practice, no source. */

export const CHEMISTRIES = [
  'polyurethane, aromatic',
  'polyurethane, aliphatic',
  'methacrylate',
  'epoxy',
  'acrylic',
  'silicone',
  'bitumen emulsion',
  'bitumen, hot',
  'bitumen sheet',
  'aluminium bitumen',
  'cement, flexible',
  'hybrid polymer',
  'solvent primer',
  'water-based primer',
  'sealer, pourable',
  'polyester resin',
  'bitumen adhesive',
  'contact adhesive',
  'rubber sheet',
  'thermoplastic sheet',
] as const;
export type Chemistry = (typeof CHEMISTRIES)[number];

/** What is made of isocyanates. */
export const POLYURETHANES: readonly Chemistry[] = ['polyurethane, aromatic', 'polyurethane, aliphatic'];

export interface ChemistryTraits {
  /** Stands sunlight without a coat over it. */
  readonly uvStable: boolean;
  /** Dries by giving off water: softens again where water stands on it. */
  readonly waterBased: boolean;
  /** Oils travel out of it into light coats. */
  readonly bleeds: boolean;
  readonly cures: 'reaction' | 'humidity' | 'evaporation' | 'cooling' | 'made';
}

const t = (cures: ChemistryTraits['cures'], traits: Partial<ChemistryTraits> = {}): ChemistryTraits => ({
  uvStable: false,
  waterBased: false,
  bleeds: false,
  ...traits,
  cures,
});

export const CHEMISTRY_TRAITS: Readonly<Record<Chemistry, ChemistryTraits>> = {
  'polyurethane, aromatic': t('humidity'),
  'polyurethane, aliphatic': t('humidity', { uvStable: true }),
  methacrylate: t('reaction', { uvStable: true }),
  epoxy: t('reaction'),
  acrylic: t('evaporation', { uvStable: true, waterBased: true }),
  silicone: t('humidity', { uvStable: true }),
  'bitumen emulsion': t('evaporation', { waterBased: true, bleeds: true }),
  'bitumen, hot': t('cooling', { bleeds: true }),
  'bitumen sheet': t('made', { bleeds: true }),
  'aluminium bitumen': t('evaporation', { uvStable: true, bleeds: true }),
  'cement, flexible': t('reaction', { uvStable: true }),
  'hybrid polymer': t('humidity', { uvStable: true }),
  'solvent primer': t('evaporation'),
  'water-based primer': t('evaporation'),
  'sealer, pourable': t('reaction', { uvStable: true }),
  'polyester resin': t('reaction', { uvStable: true }),
  'bitumen adhesive': t('evaporation', { bleeds: true }),
  'contact adhesive': t('evaporation'),
  'rubber sheet': t('made', { uvStable: true }),
  'thermoplastic sheet': t('made', { uvStable: true }),
};
