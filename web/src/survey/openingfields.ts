/** What is measured of an opening that is set out by tape, by its shape. */
import type { Opening } from '@lentum/core/survey';

export type OpeningKey = 'alongM' | 'acrossM' | 'lengthM' | 'widthM' | 'diameterM';

interface Field {
  readonly key: OpeningKey;
  readonly word: string;
  /** How long it is, not where. */
  readonly isSize: boolean;
}
const place = (key: OpeningKey, word: string): Field => ({ key, word, isSize: false });
const size = (key: OpeningKey, word: string): Field => ({ key, word, isSize: true });

export const OPENING_FIELDS: Readonly<Record<'rectangle' | 'circle', readonly Field[]>> = {
  rectangle: [
    place('alongM', 'along side 1'),
    place('acrossM', 'into the zone'),
    size('lengthM', 'length'),
    size('widthM', 'width'),
  ],
  circle: [
    place('alongM', 'middle along side 1'),
    place('acrossM', 'middle into the zone'),
    size('diameterM', 'diameter'),
  ],
};

/** Lower than this is no kerb that something could be turned up on. */
const LEAST_KERB_MM = 10;

export const edgeOfKerb = (heightMm: number | undefined): Opening['edge'] =>
  heightMm === undefined || heightMm < LEAST_KERB_MM
    ? { kind: 'free' }
    : { kind: 'upstand', heightMm, termination: 'open' };
