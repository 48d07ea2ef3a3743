/** What is counted beside the page: the order, and the few facts of survey, details and order that its head tells. */
import type { BuildUpDoc } from '@lentum/core/buildup';
import type { CoursesPlan } from '@lentum/core/courses';
import { detailSchedule } from '@lentum/core/details';
import { takeoff, type OrderDoc, type Takeoff } from '@lentum/core/order';
import { zoneQuantities, type Survey } from '@lentum/core/survey';
import type { System } from '@lentum/core/units';

export interface OrderAsked {
  readonly survey: Survey;
  readonly buildUps: BuildUpDoc;
  readonly order: OrderDoc;
  /** Field fabric and sheets go by area until their courses are laid out. */
  readonly courses: CoursesPlan | undefined;
  readonly system: System;
}

export interface WorkFacts {
  readonly survey: {
    /** Names of zones whose outline does not close. */
    readonly open: readonly string[];
    /** Sides of which nobody said what they are. */
    readonly unsaid: number;
  };
  readonly details: {
    readonly zones: number;
    readonly count: number;
    /** Details that cannot be cut as measured. */
    readonly refused: number;
    readonly missingZones: number;
  };
  readonly order: { readonly lines: number; readonly missingZones: number };
}

export interface Counted {
  readonly facts: WorkFacts;
  /** The order itself, where somebody asked for it: it is much to hand over. */
  readonly takenOff: Takeoff | undefined;
}

function counted({ survey, buildUps, order, courses, system }: OrderAsked): {
  facts: WorkFacts;
  takenOff: Takeoff;
} {
  const details = detailSchedule(survey, buildUps);
  const takenOff = takeoff(survey, buildUps, order, { details, courses: courses ?? 'by area', system });
  const shapes = survey.zones.map((z) => ({ name: z.name, quantities: zoneQuantities(z) }));
  const work = details.zones.flatMap((z) => z.work);
  return {
    facts: {
      survey: {
        open: shapes.filter((s) => !s.quantities.ok).map((s) => s.name),
        unsaid: shapes
          .flatMap((s) => (s.quantities.ok ? s.quantities.value.shape.sides : []))
          .filter((s) => s.edge.kind === 'unsaid').length,
      },
      details: {
        zones: details.zones.length,
        count: work.reduce((sum, w) => sum + w.detail.count, 0),
        refused: work.filter((w) => w.problems.length > 0).length,
        missingZones: details.missing.length,
      },
      order: { lines: takenOff.lines.length, missingZones: takenOff.missing.length },
    },
    takenOff,
  };
}

/** Counts, and keeps what was counted last for whoever asks for all of it. */
export class WorkCounter {
  private last: Takeoff | undefined;

  count(asked: OrderAsked, isWhole: boolean): Counted {
    const { facts, takenOff } = counted(asked);
    this.last = takenOff;
    return { facts, takenOff: isWhole ? takenOff : undefined };
  }
  /** The order that was counted last. */
  whole(): Takeoff | undefined {
    return this.last;
  }
}
