/** Changing a build-up in a job: a revision that the record refers to is left as it is, and the next one is made. */
import type { BuildUp, BuildUpDoc, Terms } from '@lentum/core/buildup';
import { sameContent } from '@lentum/core/library';
import { copy } from '../app/copy.ts';

const newestOf = (doc: BuildUpDoc, id: string): number =>
  Math.max(0, ...doc.buildUps.filter((b) => b.id === id).map((b) => b.revision));

/** Drops what no zone has and no record entry refers to. */
function sweep(doc: BuildUpDoc, used: ReadonlySet<string>): void {
  doc.buildUps = doc.buildUps.filter(
    (b) =>
      used.has(`${b.id}/${b.revision}`) ||
      doc.zones.some((z) => z.buildUpId === b.id && z.revision === b.revision),
  );
}

/**
 * Freezes a revision of the library in the job and gives it to a zone. Where the job has that content already it is
 * used again; otherwise it comes in as the job's next revision.
 * @param used revisions that the record refers to, as `id/revision`
 */
export function choose(
  doc: BuildUpDoc,
  zoneId: string,
  buildUp: BuildUp,
  terms: Partial<Terms>,
  used: ReadonlySet<string> = new Set(),
): void {
  const own = doc.buildUps.find((b) => b.id === buildUp.id && sameContent(b, buildUp));
  const revision = own?.revision ?? newestOf(doc, buildUp.id) + 1;
  if (!own) doc.buildUps.push({ ...copy(buildUp), revision, taken: { revision: buildUp.revision } });
  const zone = {
    zoneId,
    buildUpId: buildUp.id,
    revision,
    conditions: terms.conditions ?? [],
    choices: terms.choices ?? {},
  };
  const at = doc.zones.findIndex((z) => z.zoneId === zoneId);
  if (at >= 0) doc.zones[at] = zone;
  else doc.zones.push(zone);
  sweep(doc, used);
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
  const next = copy(old);
  next.revision = newestOf(doc, id) + 1;
  change(next);
  doc.buildUps.push(next);
  for (const z of doc.zones) if (z.buildUpId === id && z.revision === revision) z.revision = next.revision;
}
