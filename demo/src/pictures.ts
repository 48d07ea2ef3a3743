/** Made-up pictures of the demo, drawn and no photographs, and what is drawn on them. */
import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import type { JobContent } from '@lentum/core/jobfile';
import type { PictureMark } from '@lentum/core/record';

const FOLDER = path.join(path.dirname(fileURLToPath(import.meta.url)), '../pictures');
const picture = (name: string): JobContent['pictures'][number] => {
  const bytes = readFileSync(path.join(FOLDER, `${name}.jpg`));
  return { id: createHash('sha256').update(bytes).digest('hex'), base64: bytes.toString('base64') };
};
export const OUTLET = picture('outlet');
export const BLISTER = picture('blister');

/** The rule in each picture is read by its ends. */
export const OUTLET_MARKS: PictureMark[] = [
  { picture: OUTLET.id, shape: 'length', from: [0.19, 0.69], to: [0.79, 0.69], knownMm: 300 },
  { picture: OUTLET.id, shape: 'length', from: [0.21, 0.12], to: [0.79, 0.12], says: 'fleece' },
];
export const BLISTER_MARKS: PictureMark[] = [
  { picture: BLISTER.id, shape: 'length', from: [0.25, 0.52], to: [0.75, 0.503], knownMm: 250 },
  { picture: BLISTER.id, shape: 'length', from: [0.346, 0.338], to: [0.646, 0.338] },
  { picture: BLISTER.id, shape: 'circle', from: [0.496, 0.34], to: [0.68, 0.34], says: 'soft when pressed' },
];
