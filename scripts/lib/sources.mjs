/** Whether sources changed since something was made of them. */
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { ROOT } from './paths.mjs';

/** Every file of a folder, in the order of names; what is built, installed or tests it is left out. */
export function* files(folder) {
  for (const entry of readdirSync(folder, { withFileTypes: true }).sort((a, b) =>
    a.name < b.name ? -1 : 1,
  )) {
    if (entry.name === 'dist' || entry.name === 'node_modules' || entry.name === 'test') continue;
    const full = path.join(folder, entry.name);
    if (entry.isDirectory()) yield* files(full);
    else yield full;
  }
}

/**
 * @param folders of the project; what is built in them and their tests do not count
 * @returns a hash of every file in them, and of the versions of all packages
 */
export function hashOf(folders) {
  const hash = createHash('sha256');
  const sources = folders.flatMap((f) => [...files(path.join(ROOT, f))]);
  for (const file of [...sources, path.join(ROOT, 'package-lock.json')]) {
    hash.update(path.relative(ROOT, file)).update('\0').update(readFileSync(file)).update('\0');
  }
  return hash.digest('hex');
}
