/** What a line is for: the order is read in the order of the work. */
import type { Part } from './parts.ts';

export const SECTIONS = ['ground', 'membrane', 'details', 'making'] as const;
export type Section = (typeof SECTIONS)[number];

export const SECTION_NAMES: Readonly<Record<Section, string>> = {
  ground: 'To prepare the ground',
  membrane: 'Field of the membrane',
  details: 'Details, joints and fixings',
  making: 'Tools, masking and gas',
};

/** A thing that several parts take is listed with the largest of them. */
export function sectionOf(parts: readonly Part[]): Section {
  const some = (...of: Part['of'][]): boolean => parts.some((p) => of.includes(p.of));
  if (some('field', 'cutting')) return 'membrane';
  if (some('details')) return 'details';
  return some('preparation') ? 'ground' : 'making';
}
