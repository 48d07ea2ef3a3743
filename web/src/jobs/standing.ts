/** How a job stands after its roofs were handed over, as the server tells it and as a list says it. */
import { DateTime } from 'luxon';
import { DATE_NAMES } from '@lentum/core/handover';

interface RoofDateTold {
  readonly what: keyof typeof DATE_NAMES;
  /** First days of the first and of the last month. */
  readonly from: string;
  readonly to: string;
  readonly state: 'done' | 'late' | 'due' | 'to come';
  readonly zoneId: string;
  readonly zoneName: string;
}
export interface StandingTold {
  readonly handedOver: number;
  readonly of: number;
  readonly due: readonly RoofDateTold[];
  readonly next?: RoofDateTold;
  readonly openSnags: number;
  readonly sleeps: boolean;
}

const monthText = (day: string): string => DateTime.fromISO(day, { locale: 'en-GB' }).toFormat('LLL yyyy');
const whatWords = (d: RoofDateTold): string => `${DATE_NAMES[d.what].toLowerCase()}, ${d.zoneName}`;

/** One line for a list of jobs. */
export function standingWords({ handedOver, of, due, next, openSnags, sleeps }: StandingTold): string {
  const [first] = due;
  const more = due.length > 1 ? ` and ${due.length - 1} more` : '';
  const said = [
    ...(first
      ? [`${first.state === 'late' ? 'Missed' : 'Due'}: ${whatWords(first)}, ${monthText(first.to)}${more}`]
      : []),
    ...(openSnags > 0 ? [`${openSnags} to be put right`] : []),
  ];
  if (said.length > 0) return `${said.join('; ')}.`;
  if (sleeps)
    return next ? `Sleeps until ${monthText(next.from)}: ${whatWords(next)}.` : 'Sleeps: no date is to come.';
  const part = `${handedOver} of ${of} roofs handed over`;
  return next ? `${part}; next ${whatWords(next)}, ${monthText(next.from)}.` : `${part}.`;
}
