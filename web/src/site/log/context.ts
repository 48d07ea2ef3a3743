/** What the forms of the log look at: the zone's build-up and preparation, open permits and watches, what is ordered. */
import { computed } from 'vue';
import { buildUpOfZone } from '@lentum/core/buildup';
import { detailTitle } from '@lentum/core/details';
import { roofLevelsOf } from '@lentum/core/falls';
import { isGood, PROOF_NAMES, proofOf } from '@lentum/core/handover';
import { groundTerms } from '@lentum/core/gates';
import { practiceOf } from '@lentum/core/practice';
import { readiness } from '@lentum/core/readiness';
import { snagsOf } from '@lentum/core/proving';
import { allOf } from '@lentum/core/record';
import { MS_PER_HOUR } from '@lentum/core/units';
import { inspectionRoute } from '@lentum/core/upkeep';
import { stepDone } from '@lentum/core/words';
import { rightNowMs } from '../../app/righttime.ts';
import { useJob } from '../../app/job.ts';
import { usePreferences } from '../../app/preferences.ts';
import { account } from '../../app/session.ts';
import { fromField, toField } from '../../app/time.ts';
import type { LogContext } from './form.ts';

export function useLogContext(zoneId: () => string) {
  const job = useJob();
  const preferences = usePreferences();
  const buildUp = computed(() => buildUpOfZone(job.documents.buildUps.content, zoneId()));
  /** Steps of the zone's own list; every step there is while the ground is not judged. */
  const steps = computed(() => {
    const zone = job.tested.zones.find((z) => z.id === zoneId());
    const family = buildUp.value?.family ?? zone?.family;
    if (!zone || !family) return [];
    const judged = readiness({
      zone,
      family,
      falls: roofLevelsOf(zone),
      school: job.documents.survey.content.primerSchool,
      nowMs: job.nowMs,
      practice: practiceOf(job.jobRules.practice),
      ...(buildUp.value ? groundTerms(buildUp.value) : {}),
    });
    return judged.ok
      ? judged.value.steps
          .filter((s) => s.key !== 'prime')
          .map((s) => ({ key: s.key, what: stepDone(s.key) }))
      : [];
  });
  const open = <K extends 'permit' | 'watch'>(kind: K) => {
    const all = allOf(job.book, kind);
    const closed = new Set(
      all.flatMap((e) =>
        e.body.step === 'closed' ? ['permitId' in e.body ? e.body.permitId : e.body.watchId] : [],
      ),
    );
    return all.filter((e) => e.body.step === 'opened' && !closed.has(e.id));
  };
  const details = computed(() => job.details.zones.find((z) => z.zone.id === zoneId()));
  /** In the order in which they are passed: found once, not at each tick of the clock. */
  const onTheWay = computed(() =>
    inspectionRoute(details.value?.work.map((w) => w.detail) ?? []).stops.map(({ detail }) => ({
      id: detail.id,
      name: detailTitle(detail),
    })),
  );
  const unproven = computed(() =>
    job.state
      ? proofOf(job.state, zoneId(), details.value, job.documents.proving.draft)
          .filter((l) => !isGood(l.answer))
          .map((l) => PROOF_NAMES[l.subject])
      : [],
  );
  const today = computed(() => toField(job.nowMs, job.timeZone).slice(0, 10));
  const context = computed<LogContext>(() => ({
    buildUp: buildUp.value,
    steps: steps.value,
    permits: open('permit'),
    watches: open('watch'),
    floods: allOf(job.book, 'flood').filter(
      (f) =>
        f.body.step === 'filled' &&
        f.zoneId === zoneId() &&
        !allOf(job.book, 'flood').some((e) => e.body.step === 'emptied' && e.body.floodId === f.id),
    ),
    snags: snagsOf(job.book, zoneId()).filter((s) => s.state !== 'accepted'),
    details: onTheWay.value,
    judged: job.state !== undefined,
    unproven: () => unproven.value,
    counted: job.isCounted,
    items: job.takenOff.lines.map((l) => ({ key: l.item.key, name: l.item.name })),
    instant: (field) =>
      typeof field === 'string' && field !== '' ? fromField(field, job.timeZone) : undefined,
    field: (hours) => toField(rightNowMs() + hours * MS_PER_HOUR, job.timeZone),
    time: (instant) => job.time(Date.parse(instant)),
    who: account.value?.name ?? preferences.who,
    charge:
      1 +
      allOf(job.book, 'melt').filter(
        (m) =>
          m.zoneId === zoneId() && toField(Date.parse(m.body.litAt), job.timeZone).startsWith(today.value),
      ).length,
  }));
  return { context, buildUp };
}
