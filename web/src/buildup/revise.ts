/** Changing a build-up in a job: a revision that the record refers to is left as it is, and the next one is made. */
import type { BuildUp, BuildUpDoc } from '@lentum/core/buildup';

const copy = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

/** Adds a catalogue build-up to the job if it is not there, and gives it to a zone. */
export function choose(doc: BuildUpDoc, zoneId: string, buildUp: BuildUp): void {
  const own = doc.buildUps.filter((b) => b.id === buildUp.id).sort((a, b) => b.revision - a.revision)[0];
  if (!own) doc.buildUps.push(copy(buildUp));
  const revision = own?.revision ?? buildUp.revision;
  const at = doc.zones.find((z) => z.zoneId === zoneId);
  if (at) Object.assign(at, { buildUpId: buildUp.id, revision });
  else doc.zones.push({ zoneId, buildUpId: buildUp.id, revision });
}

/**
 * Changes a build-up of the job. Where coats were laid by it, the change becomes the next revision, and the zones
 * that had it move on; otherwise it is changed in place.
 * @param frozen whether the record refers to this revision
 */
export function revise(
  doc: BuildUpDoc,
  id: string,
  revision: number,
  frozen: boolean,
  change: (b: BuildUp) => void,
): void {
  const old = doc.buildUps.find((b) => b.id === id && b.revision === revision);
  if (!old) return;
  if (!frozen) {
    change(old);
    return;
  }
  const newest = Math.max(...doc.buildUps.filter((b) => b.id === id).map((b) => b.revision));
  const next = copy(old);
  next.revision = newest + 1;
  change(next);
  doc.buildUps.push(next);
  for (const z of doc.zones) if (z.buildUpId === id && z.revision === revision) z.revision = next.revision;
}
