/** Steps that mend a missed overcoat window, as the pages of the catalogue put them together. Times are typical. */
import type { RemedyStep } from '../remedies.ts';
import { typical } from './typical.ts';

export const ABRADE: RemedyStep = {
  does: 'abrade',
  says: 'Abrade until it is matt all over.',
  tool: 'pad or disc, with extraction',
};
export const VACUUM: RemedyStep = { does: 'sweep', says: 'Vacuum off the dust.' };
export const WIPE: RemedyStep = { does: 'wipe', says: 'Wipe clean.', tool: 'lint-free cloths' };
export const SOLVENT: RemedyStep = {
  does: 'wipe',
  says: 'Wipe with the solvent of the data sheet.',
  dryH: typical(0.5),
};
export const CLEANER: RemedyStep = {
  does: 'wipe',
  says: 'Wipe with the cleaner of the data sheet.',
  dryH: typical(0.5),
};
export const SWEEP: RemedyStep = { does: 'sweep', says: 'Sweep off dust and what lies loose.' };
export const WASH: RemedyStep = {
  does: 'wash',
  says: 'Wash off what has settled, and rinse.',
  tool: 'brush and clear water',
};
export const LET_DRY: RemedyStep = { does: 'dry', says: 'Let it dry.', dryH: typical(12) };
export const PATCH_TEST: RemedyStep = {
  does: 'test',
  says: 'Try the adhesion of the next coat on a patch, and go on only where it holds.',
};
/** A primer of the build-up is laid again, all over or over a part. */
export const prime = (layerId: string, says = 'Prime again.', part?: number): RemedyStep => ({
  does: 'prime',
  says,
  layerId,
  ...(part === undefined ? {} : { part: typical(part) }),
});
/** A coat of the build-up is laid again. */
export const again = (layerId: string, says: string): RemedyStep => ({ does: 'coat', says, layerId });
