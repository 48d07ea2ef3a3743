/** The part of the core that reckons with the weather: fetched after the job stands, so that the first page is light. */
export { callOf, inOrderOfCost, jobWeather, remedyFor, topOf } from '@lentum/core/call';
export { failsIn, startAt, windowsOf } from '@lentum/core/programme';
export { callVerdict, startVerdict, weatherWarnings } from '@lentum/core/words';
