import { createHash } from 'node:crypto';
import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '../..');
/** Everything the scripts make: database, marks of what is done. Ignored by git. */
export const STATE = path.join(ROOT, '.lentum');
/** Where backups go, unless LENTUM_BACKUPS names another folder. */
export const BACKUPS = path.join(STATE, 'backups');
export const WEB_DIST = path.join(ROOT, 'web', 'dist');
export const PROJECT_HASH = createHash('sha256').update(ROOT).digest('hex').slice(0, 12);

export function makeState() {
  mkdirSync(STATE, { recursive: true, mode: 0o755 });
  return STATE;
}
