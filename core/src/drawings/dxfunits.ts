/** What a drawing's header may call its unit. */
import type { DrawingUnit } from './types.ts';

const DRAWN: Readonly<Record<number, DrawingUnit>> = {
  ...{ 1: 'in', 2: 'ft', 4: 'mm', 5: 'cm', 6: 'm', 7: 'km', 10: 'yd', 14: 'dm', 21: 'US survey ft' },
};

/** Units of the format that nobody draws a roof in. */
const ODD: Readonly<Record<number, string>> = {
  ...{ 3: 'miles', 8: 'microinches', 9: 'mils', 11: 'ångströms', 12: 'nanometres', 13: 'micrometres' },
  ...{ 15: 'decametres', 16: 'hectometres', 17: 'gigametres', 18: 'astronomical units' },
  ...{ 19: 'light years', 20: 'parsecs', 22: 'US survey inches', 23: 'US survey yards' },
  24: 'US survey miles',
};

/** The unit of a code of $INSUNITS; or the name of one that is not used for roofs; neither where it says nothing. */
export const unitOfCode = (code: number): { unit: DrawingUnit | undefined; oddUnit: string | undefined } => ({
  unit: DRAWN[code],
  oddUnit: ODD[code],
});
