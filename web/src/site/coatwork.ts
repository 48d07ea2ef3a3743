/** A coat as it is being entered: what it is about, what is wrong with it, its verdict on each bay, and keeping it. */
import { computed, ref, shallowRef, watch } from 'vue';
import { isCoat, isFieldCoat } from '@lentum/core/buildup';
import { check, sentence } from '@lentum/core/problems';
import {
  allOf,
  coatOn,
  earlierFilms,
  entryProblems,
  judgeCoat,
  mixedFor,
  readEntry,
  secondFormSchema,
  type BayStatus,
  type Body,
  type BookEntryOf,
} from '@lentum/core/record';
import { bayAreaFigure, coatNeed, containersFor } from '@lentum/core/site';
import { setOut, type Place } from '@lentum/core/survey';
import { bayRuns, coatVerdict } from '@lentum/core/words';
import { rightNowMs } from '../app/righttime.ts';
import { makeEntry, NOBODY_YET } from '../app/entering.ts';
import { useJob } from '../app/job.ts';
import { noSuchTime, toField, zoneName } from '../app/time.ts';
import { usePictures } from '../shared/pictures/pictures.ts';
import { useEntryWords } from '../record/entrywords.ts';
import {
  bodyOf,
  draftOf,
  freshContainers,
  gaugeFor,
  gaugesIn,
  newDraft,
  sharesOf,
  type Taken,
} from './coatdraft.ts';
import { clustered } from './clusters.ts';
import { inForm } from './log/saying.ts';
import { useSending } from './sending.ts';

/**
 * @param given bays to begin with, of one zone; and the coat that is put right, where there is one
 * @param kept called once it is stored, or kept for later
 */
export function useCoatWork(
  given: { readonly bays: readonly BayStatus[]; readonly correcting?: string | undefined },
  kept: () => void,
) {
  const job = useJob();
  const words = useEntryWords();
  const IN_FORM = {
    names: { startedAt: 'Started', finishedAt: 'Finished', leftOver: 'Left over', gauge: 'Gauge' },
    times: ['startedAt', 'finishedAt'],
  };
  const { saving, trouble, send } = useSending(undefined, kept);

  const first = given.bays[0];
  if (!first) throw new Error('a coat is logged on at least one bay');
  /** A coat that was begun and not finished is gone on with: the new entry takes its place. */
  const begun = computed(() => first.laid.find((l) => l.entry.finishedAt === undefined)?.entry.id);
  const oldId = given.correcting ?? begun.value;
  const found = oldId === undefined ? undefined : job.book.seen.get(oldId);
  const old = found?.kind === 'coat' ? (found as BookEntryOf<'coat'>) : undefined;

  const pictures = usePictures(old);

  const zoneBays = computed(() =>
    job.documents.site.content.bays.filter((b) => b.zoneId === first.bay.zoneId),
  );
  const statuses = computed(() => new Map(job.statuses.map((s) => [s.bay.id, s])));
  /** As it stands on the zone: options taken, rates as the zone asks for them. */
  const buildUp = computed(() =>
    old ? first.laid.find((l) => l.entry.id === old.id)?.buildUp : first.buildUp,
  );
  const coats = computed(() => buildUp.value?.layers.filter(isFieldCoat) ?? []);
  /** When all coats are laid, the last one is what a further coat makes up for. */
  const { next } = first;
  const firstCoat = (next && isCoat(next) ? next : undefined) ?? first.laid.at(-1)?.coat ?? coats.value[0];
  if (!firstCoat) throw new Error('a coat is logged on a bay whose zone has a build-up');
  /** The batch that was opened last for a layer. */
  const lastBatch = (layerId: string): string =>
    allOf(job.book, 'coat')
      .filter((e) => e.body.layerId === layerId && e.zoneId === first.bay.zoneId)
      .at(-1)
      ?.body.containers.at(-1)?.batch ?? '';
  const draft = old
    ? draftOf(old, zoneBays.value, job.timeZone)
    : newDraft(
        firstCoat,
        given.bays.map((s) => s.bay.id),
        job.timeZone,
        job.nowMs,
        lastBatch(firstCoat.id),
        job.system,
      );
  const coat = computed(() => coats.value.find((c) => c.id === draft.layerId) ?? firstCoat);
  const waiting = computed(() => ({
    name: 'That wait for it',
    ids: [...statuses.value.values()]
      .filter((s) => s.bay.zoneId === first.bay.zoneId && s.next?.id === draft.layerId && !s.hold)
      .map((s) => s.bay.id),
  }));
  watch(
    () => draft.layerId,
    () => {
      draft.gauge = gaugeFor(coat.value, job.system);
      draft.containers = freshContainers(coat.value, lastBatch(draft.layerId));
      draft.counted = false;
    },
  );
  watch(
    () => draft.gauge,
    () => (draft.readings = {}),
  );

  const ownGauges = computed(() => allOf(job.book, 'gauge'));
  const ownTeeth = computed(
    () =>
      ownGauges.value.find((g) => g.id === draft.gauge)?.body.teethMm ??
      (old?.body.gauge === draft.gauge ? old.body.teethMm : undefined),
  );
  const gauges = computed(() => [
    ...gaugesIn(job.system).map((g) => ({ value: g.id as string, label: g.name })),
    ...ownGauges.value.map((g) => ({ value: g.id, label: `${g.body.name} (own, ${g.body.marked})` })),
  ]);
  /** The bay whose readings are being taken. */
  const readingOn = ref(draft.bayIds[0] ?? '');
  watch(
    () => draft.bayIds,
    (ids) => {
      if (!ids.includes(readingOn.value)) readingOn.value = ids[0] ?? '';
    },
  );
  const chosen = computed(() => zoneBays.value.filter((b) => draft.bayIds.includes(b.id)));
  const zone = computed(() => job.documents.survey.content.zones.find((z) => z.id === first.bay.zoneId));
  /** What the coat takes on the chosen bays, and what was mixed for them. */
  const need = computed(() =>
    chosen.value.length === 0
      ? undefined
      : coatNeed(coat.value, chosen.value, { zone: zone.value, buildUp: buildUp.value }),
  );
  const mixed = computed(() => (old ? undefined : mixedFor(job.book, coat.value, chosen.value)));
  /** As many are proposed as the coat takes, until somebody counts them. */
  watch(
    [need, () => draft.containers[0]?.containerId, () => draft.counted],
    () => {
      const [row] = draft.containers;
      const size = coat.value.containers.find((c) => c.id === row?.containerId);
      if (row && size && need.value && !draft.counted)
        row.opened = containersFor(coat.value, size, need.value);
    },
    { immediate: true },
  );
  const readBay = computed(() => zoneBays.value.find((b) => b.id === readingOn.value));
  /** From the plan to places along and across the zone. */
  const readFrame = computed(() => {
    const q = job.zones.find((z) => z.zone.id === first.bay.zoneId)?.quantities;
    return q?.ok ? setOut(q.value.shape.corners) : undefined;
  });
  /** Where the next reading is taken; it stays until another place is tapped. */
  const readPlace = shallowRef<Place | null>(null);
  watch(readingOn, () => (readPlace.value = null));
  const taken = computed({
    get: () => draft.readings[readingOn.value] ?? [],
    set: (list: Taken[]) => (draft.readings[readingOn.value] = list),
  });

  const body = computed(
    () => buildUp.value && bodyOf(draft, buildUp.value, job.timeZone, ownTeeth.value, old?.body),
  );
  const where = computed(() => ({
    zoneId: first.bay.zoneId,
    bays: sharesOf(draft, zoneBays.value),
    supersedes: old?.id,
  }));
  const checked = computed(() =>
    check(
      secondFormSchema,
      makeEntry(NOBODY_YET, 'coat', where.value, body.value as Body<'coat'>),
      'The coat',
    ),
  );
  const target = computed(() => (old ? job.entries.find((s) => s.entry.id === old.id)?.entry : undefined));
  /** What was used is known only when somebody says what was left. */
  const isLeftSaid = computed(
    () => draft.leftOver !== undefined || draft.containers.every((c) => (c.opened ?? 0) === 0),
  );
  const problems = computed(() => {
    const missing = [
      noSuchTime('Started', draft.started, job.timeZone),
      noSuchTime('Finished', draft.finished, job.timeZone),
    ].filter((says) => says !== undefined);
    if (missing.length > 0) return missing;
    if (draft.split === 'by hand' && where.value.bays.some((b) => b.share <= 0))
      return ['Split by hand: each bay needs its part, in the unit of the rate.'];
    if (!checked.value.ok) return inForm(checked.value.problems, 'Coat', IN_FORM);
    const found = entryProblems(checked.value.value, {
      ...job.rules(),
      target: target.value && { entry: target.value, alreadySuperseded: false },
    }).map(sentence);
    return found.length === 0 && draft.finished !== '' && !isLeftSaid.value
      ? ['Left over: say what was left in what was opened, 0 where it is empty.']
      : found;
  });
  const read = computed(() =>
    checked.value.ok && problems.value.length === 0 ? readEntry(checked.value.value, job.names) : undefined,
  );
  const verdicts = computed(() => {
    const made = read.value;
    if (made?.kind !== 'coat' || !buildUp.value || !isLeftSaid.value) return [];
    const each = chosen.value.flatMap((bay) => {
      const status = statuses.value.get(bay.id);
      if (!status || !buildUp.value) return [];
      const entry = coatOn(made as BookEntryOf<'coat'>, bay.id);
      const judgement = judgeCoat(
        buildUp.value,
        coat.value,
        entry,
        bayAreaFigure(bay),
        earlierFilms(status.laid, entry),
        job.state?.practice,
      );
      const wetUntil =
        entry.finishedAt === undefined || old === undefined ? undefined : (status.workableUntilMs ?? 0);
      const verdict = coatVerdict(
        `${bay.label} · ${coat.value.name.toLowerCase()}.`,
        { entry, buildUp: buildUp.value, coat: coat.value, judgement },
        wetUntil,
        job.nowMs,
      );
      return [{ label: bay.label, verdict }];
    });
    return clustered(each, (e) => e, true).map((c) => c.verdict);
  });
  const flags = computed(() => (read.value ? words.flags(read.value) : []));

  async function keep(finish: boolean): Promise<void> {
    if (finish && draft.finished === '') {
      const nowMs = rightNowMs();
      draft.tapped = { ...draft.tapped, finished: new Date(nowMs).toISOString() };
      draft.finished = toField(nowMs, job.timeZone);
    }
    trouble.value = [...problems.value];
    const laid = body.value as Body<'coat'> | undefined;
    if (trouble.value.length > 0 || !laid) return;
    const says = `${bayRuns(chosen.value.map((b) => b.label))}: ${coat.value.name.toLowerCase()}`;
    await send(() => job.tap(says, 'coat', { ...where.value, ...pictures.attached() }, laid));
  }
  const zoneWord = computed(() => zoneName(job.timeZone, job.nowMs));
  const labels = computed(() => bayRuns(chosen.value.map((b) => b.label)));
  const title = computed(() => {
    const what = given.correcting ? 'Correct' : old ? 'Go on with' : 'Log';
    return `${what} a coat on ${labels.value === '' ? '…' : labels.value}`;
  });

  return {
    pictures,
    draft,
    coat,
    coats,
    old,
    zoneBays,
    waiting,
    gauges,
    ownTeeth,
    readingOn,
    taken,
    readBay,
    readFrame,
    readPlace,
    chosen,
    read,
    verdicts,
    flags,
    need,
    mixed,
    isLeftSaid,
    lastBatch,
    problems,
    trouble,
    saving,
    keep,
    zoneWord,
    labels,
    title,
  };
}
