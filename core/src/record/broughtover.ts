/**
 * Tests were once kept in the survey, where they could be changed. They are brought over into the record once: each reading
 * makes one entry whose id follows from the reading, so that doing it again, or on another device, adds nothing.
 */
import { MOISTURE_SCALES, testFacts, type Survey, type Test, type Zone } from '../survey/index.ts';
import { cleanText } from './bodies/common.ts';
import { hashText } from './hash.ts';
import type { Entry, Person } from './entry.ts';
import type { SiteBook } from './fold.ts';
import type { BookEntryOf } from './reading.ts';
import { canonicalJson } from '../job/index.ts';

/** Whoever read them is not known. */
export const NOBODY: Person = { id: 'brought-over', name: 'brought over from the survey' };

const toMs = (instant: string): string => new Date(Date.parse(instant)).toISOString();

/** The entry that a reading of the survey becomes. */
export function testEntry(zoneId: string, test: Test): Entry {
  const note = cleanText(test.note);
  return {
    form: 2,
    kind: 'test',
    version: 1,
    id: `test-${hashText(canonicalJson({ zoneId, test })).slice(0, 32)}`,
    personId: NOBODY.id,
    deviceId: NOBODY.id,
    madeAt: toMs(test.takenAt),
    zoneId,
    bays: [],
    ...(test.at ? { place: test.at } : {}),
    attachments: [],
    body: {
      at: toMs(test.takenAt),
      test: test.kind,
      instrument: cleanText(test.instrument) || testFacts(test.kind).instrument,
      value: test.value,
      ...(test.kind === 'moisture' ? { scale: test.scale ?? ('scale of the meter' as const) } : {}),
      unprimed: test.unprimed,
      broughtOverFrom: test.id,
      ...(note === '' ? {} : { note }),
    },
  };
}

/** Entries for the readings of a survey that a record does not have yet, in the order in which they were taken. */
export function broughtOver(survey: Pick<Survey, 'zones'>, has: (id: string) => boolean): Entry[] {
  return survey.zones
    .flatMap((zone) => zone.tests.map((test) => testEntry(zone.id, test)))
    .filter((e) => !has(e.id))
    .sort((a, b) => Date.parse(a.madeAt) - Date.parse(b.madeAt));
}

/** A pull that parted in the glue says only that the bond is at least so strong: it is no reading of it. */
export const partedInGlue = ({ body }: Pick<BookEntryOf<'test'>, 'body'>): boolean =>
  body.brokeAt === 'in the glue';

/** Tests of a zone as the book has them, in the form in which the readiness looks at them. */
export const testsOf = (book: SiteBook, zoneId: string): Test[] =>
  (book.zones.get(zoneId)?.tests ?? [])
    .filter((e) => !partedInGlue(e))
    .map(({ id, place, body }: BookEntryOf<'test'>) => ({
      id,
      kind: body.test,
      ...(place ? { at: place } : {}),
      takenAt: body.at,
      instrument: body.instrument,
      value: body.value,
      unprimed: body.unprimed,
      ...(body.scale && body.scale !== MOISTURE_SCALES[0] ? { scale: body.scale } : {}),
      note: body.note ?? '',
    }));

/** The survey with the tests of the book in place of its own. */
export const zonesAsTested = <S extends { readonly zones: readonly Zone[] }>(
  survey: S,
  book: SiteBook,
): S => ({
  ...survey,
  zones: survey.zones.map((zone) => ({ ...zone, tests: testsOf(book, zone.id) })),
});
