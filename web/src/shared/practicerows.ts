/** Numbers of practice as they are typed: a row for each that may be set. */
import { REGISTER, SETTABLE_KEYS, type PracticeKey, type PracticeSettings } from '@lentum/core/practice';

export interface PracticeRow {
  readonly key: PracticeKey;
  value: number | undefined;
  says: string;
}

export const practiceRows = (settings: PracticeSettings): PracticeRow[] =>
  SETTABLE_KEYS.map((key) => {
    const own = settings.find((p) => p.key === key);
    return { key, value: own?.value, says: own?.says ?? '' };
  });

export const settingsOf = (rows: readonly PracticeRow[]): PracticeSettings =>
  rows.flatMap((r) => (r.value === undefined ? [] : [{ key: r.key, value: r.value, says: r.says.trim() }]));

/** A number without somebody who says so is not taken: one sentence each. */
export const unsourced = (rows: readonly PracticeRow[]): string[] =>
  rows
    .filter((r) => r.value !== undefined && r.says.trim() === '')
    .map((r) => `${REGISTER[r.key].label}: say who asks for it.`);
