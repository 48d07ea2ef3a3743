/** Where readings of a coat were taken: each place lies on the bay that it was read on. */
import { insideArea } from '../geometry/index.ts';
import type { Problem } from '../problems/index.ts';
import { setOut, zoneQuantities } from '../survey/index.ts';
import type { BookEntryOf } from './reading.ts';
import { order, type RecordContext, type Say } from './rulebase.ts';

export function readingPlaceProblems(
  entry: BookEntryOf<'coat'>,
  { site, survey }: RecordContext,
  say: Say,
): Problem[] {
  return entry.body.readings.flatMap((r, n): Problem[] => {
    const bay = site.bays.find((b) => b.id === r.bayId);
    const zone = survey.zones.find((z) => z.id === bay?.zoneId);
    if (!bay || !zone || r.places === undefined) return [];
    const q = zoneQuantities(zone);
    if (!q.ok) return [];
    const { toPoint } = setOut(q.value.shape.corners);
    return r.places.flatMap((place, i): Problem[] =>
      place === null || insideArea(toPoint(place), bay.parts)
        ? []
        : [
            order(
              `readings/${n}/places/${i}`,
              `Coat, place of reading ${i + 1}`,
              `${say.value(place.alongM, 'length')} along and ${say.value(place.acrossM, 'length')} in lies outside ${bay.label}`,
              'a place on the bay that was read',
            ),
          ],
    );
  });
}
