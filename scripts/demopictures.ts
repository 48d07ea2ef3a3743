/** Made-up pictures of the demo, from drawings: `node --import tsx scripts/demopictures.ts`, after one was changed. */
import { readdirSync, writeFileSync } from 'node:fs';
import sharp from 'sharp';

const FOLDER = new URL('../demo/pictures/', import.meta.url);
for (const name of readdirSync(FOLDER).filter((f) => f.endsWith('.svg'))) {
  const jpeg = await sharp(new URL(name, FOLDER).pathname).jpeg({ quality: 72 }).toBuffer();
  writeFileSync(new URL(name.replace(/svg$/, 'jpg'), FOLDER), jpeg);
}
