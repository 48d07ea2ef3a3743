/** What goes on on the plan: the mode, what is chosen, what waits for its place, the picture that is traced. */
import { computed, ref, watch } from 'vue';
import type { Point } from '@lentum/core/geometry';
import {
  freePlot,
  placing,
  planCorners,
  setOut,
  sketchOf,
  type Place,
  type Underlay,
} from '@lentum/core/survey';
import { NEW_PLACE } from './openplace.ts';
import { useDraft } from './plan/drawingdraft.ts';
import type { PlanMode } from './plan/planhands.ts';
import { useUnderlayImage } from './underlay.ts';
import type { ZoneWork } from './zonework.ts';

/** A place pointed at is as good as a centimetre. */
const toCentimetre = (v: number): number => Math.round(v * 100) / 100;

/** @param part of the page that is shown */
export function usePlanWork(
  { job, survey, chosenId, zone, choose, cut, addDrawn, trouble }: ZoneWork,
  part: () => string,
) {
  const mode = ref<PlanMode>('look');
  const draft = useDraft();
  const side = ref<number>();
  const corner = ref<number>();
  const placingId = ref<string>();
  /** Tapped for something that is not there before it has its place. */
  const tapped = ref<Place>();
  const scalePoints = ref<Point[]>([]);
  const near = ref(true);

  function setMode(next: PlanMode): void {
    if (next !== 'draw') draft.clear();
    mode.value = next;
    scalePoints.value = [];
    trouble.value = [];
  }

  /** The level or fitting that waits for its place gets it. A line moves as a whole. */
  function placeAt(at: Point): void {
    const z = zone.value;
    if (!z || placingId.value === undefined) return;
    const exact = setOut(sketchOf(z.outline)).toPlace(placing(z.plot).fromPlan(at));
    const to: Place = { alongM: toCentimetre(exact.alongM), acrossM: toCentimetre(exact.acrossM) };
    if (placingId.value === NEW_PLACE) {
      tapped.value = to;
      return;
    }
    const feature = z.features.find((f) => f.id === placingId.value);
    const level = z.levels.points.find((l) => l.id === placingId.value);
    if (feature?.to) {
      feature.to = {
        alongM: to.alongM + feature.to.alongM - feature.at.alongM,
        acrossM: to.acrossM + feature.to.acrossM - feature.at.acrossM,
      };
    }
    if (feature) feature.at = to;
    if (level) level.at = to;
    placingId.value = undefined;
  }

  // Another zone, or another part of its page: nothing waits for a place there.
  watch([chosenId, part], ([id], [before]) => {
    placingId.value = undefined;
    if (id === before) return;
    side.value = undefined;
    corner.value = undefined;
  });

  const { image, problem: pictureProblem } = useUnderlayImage(
    computed(() => job.id),
    () => survey.value.underlay,
  );

  return {
    mode,
    /** What a click means while something waits for its place. */
    stageMode: computed<PlanMode>(() => (placingId.value === undefined ? mode.value : 'place')),
    setMode,
    draft,
    side,
    corner,
    placingId,
    tapped,
    scalePoints,
    near,
    pictureProblem,
    underlay: computed(() => {
      const facts = survey.value.underlay;
      return facts && image.value ? { facts, image: image.value } : undefined;
    }),
    pictureAt: computed<Point>(() => {
      const { xM, yM } = freePlot(survey.value);
      return [xM, yM];
    }),
    setUnderlay: (next: Underlay | undefined): void => {
      if (next) survey.value.underlay = next;
      else delete survey.value.underlay;
      near.value = false;
    },
    clickPlace: (at: Point): void => {
      if (mode.value !== 'scale') placeAt(at);
      else scalePoints.value = scalePoints.value.length >= 2 ? [at] : [...scalePoints.value, at];
    },
    closeDraft: (): void => {
      if (!draft.closable.value) return;
      const points = draft.points.value;
      setMode('look');
      void addDrawn(points);
    },
    cutAlong: (from: Point, to: Point): void => {
      if (cut(from, to)) setMode('look');
    },
    cutCorners: (from: number, to: number): void => {
      const corners = zone.value ? planCorners(zone.value) : [];
      const [a, b] = [corners[from], corners[to]];
      if (a && b && cut(a, b)) setMode('look');
    },
    chooseZone: choose,
  };
}
