/** A body for every address that takes JSON: each is taken as it stands, and computations answer it. */
import {
  AT,
  BAY,
  BUILD_UP,
  BUILD_UPS,
  ENTRY,
  HOT_BUILD_UP,
  LEVELLED_ZONE,
  LIMITS,
  ORDER,
  SURVEY,
  TAPED,
  ZONE,
} from './documents.ts';

const PLACE = { latitudeDeg: 41.9, longitudeDeg: 12.5 };
const RECEIPT = {
  ...{ format: 'lentum-receipt', version: 1, jobId: 'roof-1', entries: 12, at: AT },
  head: '0'.repeat(64),
  ...{ key: 'A'.repeat(43), signature: 'A'.repeat(86) },
};
const SOURCE = {
  name: 'Station on the roof',
  kind: 'station',
  address: 'https://station.example/hours?lat={latitude}&lon={longitude}',
  leastMinutes: 10,
  map: {
    ...{ format: 'json', shape: 'rows', time: 'time', zone: 'UTC' },
    columns: [{ name: 'temperature', as: 'airC', unit: '°C' }],
  },
};
const DEVICE = { key: `B${'A'.repeat(86)}`, deviceId: 'phone', name: 'Phone of the foreman' };
const SURVEYED = { zone: { ...ZONE, substrate: { kind: 'concrete-old' } }, primerSchool: 'always', now: AT };
const COAT = { buildUp: BUILD_UP, layerId: 'membrane' };

/** By method and address. Who sends nothing sends an empty object, and needs no example of it. */
export const BODIES: Readonly<Record<string, unknown>> = {
  'put /jobs/{jobId}': {
    name: 'Harbour deck',
    place: 'By the sea',
    timeZone: 'Europe/Lisbon',
    units: 'metric',
  },
  'put /jobs/{jobId}/archived': { archived: true },
  'put /jobs/{jobId}/survey': SURVEY,
  'put /jobs/{jobId}/build-up': BUILD_UPS,
  'put /jobs/{jobId}/order': ORDER,
  'put /jobs/{jobId}/programme': {
    crews: [{ id: 'a', name: 'Crew A', people: 3 }],
    hours: { from: '07:00', to: '16:00' },
  },
  'put /jobs/{jobId}/proving': { demands: [{ zoneId: 'deck', leak: 'flood' }] },
  'put /jobs/{jobId}/site': { bays: [BAY], cuts: [] },
  'put /jobs/{jobId}/weather': { place: PLACE, service: 'simulated' },
  'put /jobs/{jobId}/weather/series/{seriesId}': {
    ...{
      id: 'logger',
      kind: 'observed',
      source: 'Logger on the roof',
      issuedAt: AT,
      startAt: '2026-05-12T08:00:00.000Z',
      hours: 2,
    },
    columns: { airC: [14.5, 15.2], humidityPct: [70, 66] },
  },
  'post /firm/weather-hosts/allow': { host: 'station.example' },
  'post /firm/weather-hosts/disallow': { host: 'station.example' },
  'put /firm/weather-sources/{sourceId}': { source: SOURCE, key: 'secret' },
  'post /firm/weather-sources/try': {
    source: { kind: SOURCE.kind, address: SOURCE.address },
    place: PLACE,
    key: 'secret',
  },
  'put /jobs/{jobId}/record/{entryId}': ENTRY,
  'post /jobs/{jobId}/receipts/compare': { receipts: [RECEIPT] },
  'post /jobs/{jobId}/handover/tasks': { make: 'pdf', zone: 'deck' },
  'put /people/{personId}': { name: 'Anna' },
  'put /firm/practice': [{ key: 'airReadingMin', value: 45, says: 'as our insurer asks' }],
  'post /firm/accounts': {
    firm: 'Harbour Roofs',
    name: 'Anna',
    login: 'anna',
    password: 'a long sentence of words',
  },
  'post /session': { login: 'anna', password: 'a long sentence of words' },
  'put /session/password': { old: 'a long sentence of words', password: 'another long sentence' },
  'post /codes/look': { code: 'ABCD-EFGH-JKLM' },
  'post /codes/use': { code: 'ABCD-EFGH-JKLM', login: 'anna', password: 'a long sentence of words' },
  'put /accounts/{accountId}': { name: 'Anna', firmRole: 'foreman', jobRoles: { 'roof-1': 'foreman' } },
  'post /accounts/{accountId}/closed': { closed: true },
  'put /firm/signatures': { demanded: true },
  'post /accounts/{accountId}/code/mail': { code: 'ABCD-EFGH-JKLM', to: 'anna@firm.example' },
  'post /passkeys/sign-in': {
    response: {
      ...{ id: 'AAAA', rawId: 'AAAA', type: 'public-key', clientExtensionResults: {} },
      response: { clientDataJSON: 'AAAA', authenticatorData: 'AAAA', signature: 'AAAA' },
    },
  },
  'post /session/passkeys': {
    name: 'Phone',
    response: {
      ...{ id: 'AAAA', rawId: 'AAAA', type: 'public-key', clientExtensionResults: {} },
      response: { clientDataJSON: 'AAAA', attestationObject: 'AAAA' },
    },
  },
  'put /session/key': DEVICE,
  'post /codes/use-device': { code: 'ABCD-EFGH-JKLM', ...DEVICE },
  'post /jobs/{jobId}/links': { opens: 'handover', forWhom: 'The client', days: 30 },
  'post /shared/open': { secret: 'A'.repeat(43) },
  'put /library/{buildUpId}': BUILD_UP,
  'post /library/{buildUpId}/revisions': { who: 'Anna', note: 'Rates of the new data sheet' },
  'post /library/{buildUpId}/away': { away: true },
  'post /printouts/pdf': {
    ...{ title: 'Notes', job: 'Harbour deck', made: AT },
    blocks: [{ kind: 'text', text: 'Roof edges and openings: fall protection first.' }],
  },
  'post /instruments/{instrumentId}/readings': { target: 'deck', places: [{ alongM: 2, acrossM: 3 }] },
  'post /compute/takeoff': { survey: SURVEY, buildUp: BUILD_UPS, order: ORDER },
  'post /compute/details': { survey: SURVEY, buildUp: BUILD_UPS },
  'post /compute/courses': { survey: SURVEY, buildUp: BUILD_UPS, order: ORDER },
  'post /compute/joint': { widthMm: 20, lengthM: 10 },
  'post /compute/mix': {
    ...COAT,
    ...{ resin: { tempC: 18, at: AT }, at: AT, slopePct: 2, areaLeftM2: 30, people: 2 },
  },
  'post /compute/kettle': { ...COAT, buildUp: HOT_BUILD_UP, areaLeftM2: 20, holdsKg: 200 },
  'post /compute/bench': { calculator: 'slope', values: { plan: 100, slope: 75 } },
  'post /compute/bays': { zone: ZONE, ...COAT, basis: { kind: 'container', containerId: 'pail' } },
  'post /compute/bay-route': { bays: [BAY], accessM: [0, 0], zoneName: 'Deck' },
  'post /compute/dew-point': { airC: 20, humidityPct: 50, surfaceC: 14 },
  'post /compute/conditions': { limits: LIMITS, reading: { airC: 4, humidityPct: 70, surfaceC: 6 } },
  'post /compute/rate': { text: '1.85 kg/m2', densityKgPerL: 1.3 },
  'post /compute/walk': {
    legs: [10, 5, 9.9, 5].map((lengthM) => ({ lengthM, turnDeg: 90, turn: 'left' })),
  },
  'post /compute/zone': ZONE,
  'post /compute/taped': TAPED,
  'post /compute/falls': LEVELLED_ZONE,
  'post /compute/readiness': { ...SURVEYED, family: 'PU1' },
  'post /compute/build-up': BUILD_UP,
  'post /compute/choose': {
    ...SURVEYED,
    ...{ buildUps: [BUILD_UP], traffic: 'feet', exposure: 'exposed' },
    ...{ coldestC: 8, warmestC: 28, dryHours: 8 },
    pace: { tempC: 18, humidityPct: 60, crews: 1, hoursPerDay: 8 },
  },
  'post /compute/acceptance': {
    ...{ rule: 'minimum', gauge: 'deep', lastWetMm: [1.5, 1.4], designWetFilmMm: 1.42 },
  },
};

/** What may be sent to an address, as an example. */
export const exampleOf = (method: string, path: string): unknown => BODIES[`${method} ${path}`] ?? {};
