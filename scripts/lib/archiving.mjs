/** What PostgreSQL has to do so that nothing it wrote is lost: it lays each piece of its log into a folder. */
import path from 'node:path';
import { GaveUp } from './say.mjs';

/** After so long what was written is laid there though its piece is not full. */
const PIECE_S = 60;

/** The folders of an archive: the log, and copies of all the data from which it goes on. */
export const archiveOf = (folder) => {
  const at = path.resolve(folder);
  // It becomes part of a command.
  if (!/^[\w./ +-]+$/.test(at))
    throw new GaveUp(
      `LENTUM_ARCHIVE: “${folder}” does not fit; expected a folder of letters, digits, spaces, . _ + and -.`,
    );
  return { folder: at, log: path.join(at, 'log'), copies: path.join(at, 'copies') };
};

/** The settings of a database that archives: whole pieces only, and none that is there is written over. */
export function archivingSettings(folder) {
  const { log } = archiveOf(folder);
  const to = `"${log}/%f"`;
  const part = `"${log}/%f.part"`;
  const lay = `cp "%p" ${part} && sync ${part} && mv ${part} ${to}`;
  return {
    archive_mode: 'on',
    archive_timeout: String(PIECE_S),
    archive_command: `if test -f ${to}; then cmp -s "%p" ${to}; else ${lay}; fi`,
  };
}
