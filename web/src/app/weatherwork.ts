/** The part of the core that judges the job and its weather: fetched after the job stands, so that the first page is light. */
export { inOrderOfCost, remedyFor, topOf } from '@lentum/core/call';
export { startAt, windowsOf } from '@lentum/core/programme';
export { againstWords, jobBasis, jobState, laidAgainst } from '@lentum/core/state';
export { briefVerdict, callVerdict, startVerdict, weatherWarnings } from '@lentum/core/words';
