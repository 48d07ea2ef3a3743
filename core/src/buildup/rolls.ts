/** What comes on rolls or in pieces: its size and its laps. */
import type { Given } from '../figures/index.ts';
import type { Fabric, Protection, Sheet } from './layers.ts';
import { cited } from './rates.ts';

export interface Rolled {
  readonly width: Given;
  readonly length: Given;
  readonly side: Given;
  readonly end: Given;
}

/** Each roll or piece covers its area less one side lap and one end lap. */
export function rolledSize(layer: Fabric | Sheet | Protection): Rolled {
  if (layer.kind === 'protection') {
    const lap = cited('lap', layer.lapMm, 'lap');
    return {
      width: cited('width of a piece', layer.pieceWidthM, 'length'),
      length: cited('length of a piece', layer.pieceLengthM, 'length'),
      side: lap,
      end: lap,
    };
  }
  return {
    width: cited('roll width', layer.rollWidthM, 'length'),
    length: cited('roll length', layer.rollLengthM, 'length'),
    side: cited('side lap', layer.sideLapMm, 'lap'),
    end: cited('end lap', layer.endLapMm, 'lap'),
  };
}
