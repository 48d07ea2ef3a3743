/** What sources tell, in words. */
import type { SourceKind } from '@lentum/core/sources';

export const KIND_WORDS: Readonly<Record<SourceKind, { readonly name: string; readonly says: string }>> = {
  forecast: { name: 'Forecast', says: 'hours to come, with or without the ways that it may go' },
  observed: { name: 'Past hours', says: 'hours that have been, as a station or a service saw them' },
  station: { name: 'Station', says: 'what instruments on site read now' },
  meter: { name: 'Moisture meter', says: 'one value, read when somebody taps' },
};
