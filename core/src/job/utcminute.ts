/** An instant to the minute, where no zone of anybody's is known, such as “2026-05-12 09:30 UTC”. */
export const utcMinute = (ms: number): string =>
  `${new Date(ms).toISOString().slice(0, 16).replace('T', ' ')} UTC`;
