import type { ImportedOutline, Zone } from '@lentum/core/survey';

const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ';

/** The first code that no zone has: A … Z, then AA … */
export function freeCode(zones: readonly Zone[]): string {
  const taken = new Set(zones.map((z) => z.code));
  for (let n = 0; ; n += 1) {
    const head = n < LETTERS.length ? '' : (LETTERS[Math.floor(n / LETTERS.length) - 1] ?? '');
    const code = head + (LETTERS[n % LETTERS.length] ?? '');
    if (!taken.has(code)) return code;
  }
}

/** A square to begin with: its lengths are typed over. */
export function newZone(zones: readonly Zone[]): Zone {
  const leg = { lengthM: 5, turnDeg: 90, turn: 'left' as const };
  return {
    id: crypto.randomUUID(),
    code: freeCode(zones),
    name: `Zone ${zones.length + 1}`,
    outline: {
      kind: 'walk',
      adjustmentAccepted: false,
      legs: [{ ...leg }, { ...leg }, { ...leg }, { ...leg }],
    },
    openings: [],
    note: '',
  };
}

export function zoneFromOutline(
  outline: ImportedOutline,
  origin: 'GeoJSON' | 'CSV',
  zones: readonly Zone[],
): Zone {
  return {
    id: crypto.randomUUID(),
    code: freeCode(zones),
    name: outline.name,
    outline: { kind: 'points', origin, points: outline.outer.map(([x, y]) => [x, y]) },
    openings: outline.holes.map((hole, i) => ({
      id: crypto.randomUUID(),
      name: `Opening ${i + 1}`,
      shape: { kind: 'points', points: hole.map(([x, y]): [number, number] => [x, y]) },
    })),
    note: '',
  };
}
