/** What the survey and the tests say of the ground of a bay, judged for the layer that goes on it first. */
import { isWorkLayer, type BuildUp } from '../buildup/index.ts';
import { knownRoofLevelsOf } from '../falls/index.ts';
import { groundTerms } from '../gates/index.ts';
import type { Practice } from '../practice/index.ts';
import { sentence } from '../problems/index.ts';
import { readiness, type Readiness } from '../readiness/index.ts';
import { testsOf, type SiteBook } from '../record/index.ts';
import type { Survey, Test, Zone } from '../survey/index.ts';
import { MS_PER_DAY } from '../units/index.ts';

export interface Ground {
  readonly readiness: Readiness | undefined;
  /** Why it cannot be judged. */
  readonly cannot: string | undefined;
}

/** Judged once for each zone, build-up, set of tests and day. */
export class Grounds {
  private readonly judged = new WeakMap<Zone, Map<string, Ground>>();
  private readonly tests = new WeakMap<object, { readonly ms: number; readonly test: Test }[]>();

  /** Tests of a zone that were taken by an instant. */
  private testsBy(book: SiteBook, zoneId: string, atMs: number): Test[] {
    const listed = book.zones.get(zoneId)?.tests;
    if (!listed) return [];
    let known = this.tests.get(listed);
    if (!known) {
      known = testsOf(book, zoneId).map((test) => ({ ms: Date.parse(test.takenAt), test }));
      this.tests.set(listed, known);
    }
    return known.filter((t) => t.ms <= atMs).map((t) => t.test);
  }

  /** @param atMs tests taken later are not looked at */
  of(
    zone: Zone,
    buildUp: BuildUp,
    book: SiteBook,
    school: Survey['primerSchool'],
    practice: Practice,
    /** Says the practice as a text: the same text, the same numbers. */
    practiceText: string,
    atMs: number,
  ): Ground {
    const first = buildUp.layers.find(isWorkLayer);
    const tests = this.testsBy(book, zone.id, atMs);
    const laidOn = zone.substrate?.laidOn;
    const days = laidOn ? Math.floor((atMs - Date.parse(laidOn)) / MS_PER_DAY) : 0;
    const key = [
      buildUp.id,
      buildUp.revision,
      first?.id,
      school,
      days,
      practiceText,
      ...tests.map((t) => t.id),
    ].join('|');
    const own = this.judged.get(zone) ?? new Map<string, Ground>();
    this.judged.set(zone, own);
    let known = own.get(key);
    if (!known) {
      const judged = readiness({
        zone: { ...zone, tests },
        family: buildUp.family,
        falls: knownRoofLevelsOf(zone),
        school,
        nowMs: atMs,
        practice,
        ...groundTerms(buildUp),
      });
      known = judged.ok
        ? { readiness: judged.value, cannot: undefined }
        : { readiness: undefined, cannot: judged.problems.map(sentence).join(' ') };
      own.set(key, known);
    }
    return known;
  }
}
