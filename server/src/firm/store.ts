/** The firm's own numbers of practice: new jobs begin with them, and keep them as they were then. */
import type { JobRules } from '@lentum/core/job';
import { practiceSettingsSchema, type PracticeSettings } from '@lentum/core/practice';
import { sqlState, UNIQUE_VIOLATION, type Db } from '../db/pool.ts';
import { HttpProblem } from '../http/errors.ts';
import { FIRM_SQL } from './sql.ts';

export interface FirmPractice {
  /** 0: the firm has said nothing yet. */
  readonly version: number;
  readonly settings: PracticeSettings;
}

export async function readPractice(db: Db): Promise<FirmPractice> {
  const { rows } = await db.query<{ version: number; body: unknown }>(FIRM_SQL.practice);
  const [row] = rows;
  if (!row) return { version: 0, settings: [] };
  // A number that is no longer settable is left out, not the others with it.
  const list = Array.isArray(row.body) ? row.body : [];
  const settings = list.flatMap((one) => {
    const read = practiceSettingsSchema.safeParse([one]);
    return read.success ? read.data : [];
  });
  return { version: row.version, settings };
}

/** @returns the new version; 412 where somebody else wrote since */
export async function writePractice(db: Db, from: number, settings: PracticeSettings): Promise<number> {
  const refused = (): never => {
    throw new HttpProblem(412, 'Somebody else changed the firm’s numbers meanwhile; look at theirs first');
  };
  try {
    const { rowCount } = await db.query(FIRM_SQL.writePractice, [from, JSON.stringify(settings)]);
    return rowCount === 1 ? from + 1 : refused();
  } catch (error) {
    if (sqlState(error) === UNIQUE_VIOLATION) return refused();
    throw error;
  }
}

/** What a new job begins with; undefined where the firm says nothing. */
export async function rulesOfFirm(db: Db): Promise<JobRules | undefined> {
  const { settings } = await readPractice(db);
  return settings.length === 0
    ? undefined
    : {
        practice: settings.map((s) => ({ ...s, says: `firm: ${s.says}`.slice(0, 200) })),
        holdPoints: [],
      };
}
