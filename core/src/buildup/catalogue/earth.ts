/** What stands between a sealed wall and the earth. Typical values of our own choosing. */
import type { BuildUpInput } from '../schema.ts';
import { typical } from './typical.ts';

/** @param choice of the build-up, whose option "earth" takes it */
export const earthMat = (choice: string): BuildUpInput['layers'][number] => ({
  id: 'mat',
  name: 'Drainage mat',
  kind: 'protection',
  note: 'cups to the wall, fleece to the earth; hung from the top, down to the foot, laps closed',
  only: { choice, option: 'earth' },
  material: 'drainage mat',
  laid: 'loose',
  thicknessMm: typical(8),
  weightKgPerM2: typical(0.8),
  pieceWidthM: typical(2),
  pieceLengthM: typical(20),
  lapMm: typical(100),
  pricePerPiece: typical(140),
  outputM2PerH: typical(40),
});
