export const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** A date without a time, 2026-05-24: 24 May 2026, or May 24, 2026 where the month comes first. */
export function calendarDay(date: string, monthFirst = false): string {
  const [year, month, day] = [
    date.slice(0, 4),
    MONTHS[Number(date.slice(5, 7)) - 1] ?? '',
    date.slice(8, 10),
  ];
  return monthFirst ? `${month} ${Number(day)}, ${year}` : `${Number(day)} ${month} ${year}`;
}
