/** What a form of the log is: what it may look at, what it asks for, and the body that it makes. */
import type { BuildUp } from '@lentum/core/buildup';
import type { BookEntryOf, Kind } from '@lentum/core/record';
import type { Field, Values } from './fields.ts';

/** Everything that forms may look at. */
export interface LogContext {
  readonly buildUp: BuildUp | undefined;
  /** Steps of the zone's preparation, in working order. */
  readonly steps: readonly { readonly key: string; readonly what: string }[];
  readonly permits: readonly BookEntryOf<'permit'>[];
  readonly watches: readonly BookEntryOf<'watch'>[];
  /** Flood tests that stand: filled, and not let out. */
  readonly floods: readonly BookEntryOf<'flood'>[];
  /** Snags of the zone that are not accepted yet. */
  readonly snags: readonly { readonly id: string; readonly what: string }[];
  /** Details of the zone, where each is. */
  readonly details: readonly { readonly id: string; readonly name: string }[];
  /** The job is judged, so that it can be told what is proven. */
  readonly judged: boolean;
  /** What is not proven of the zone now, by its names. */
  readonly unproven: () => readonly string[];
  /** Whether the order is counted. */
  readonly counted: boolean;
  /** Lines of the order, to name what came. */
  readonly items: readonly { readonly key: string; readonly name: string }[];
  /** Value of a field to an instant; undefined when it is no time. */
  readonly instant: (field: unknown) => string | undefined;
  /** An instant as a field shows it, so many hours from now. */
  readonly field: (hours: number) => string;
  readonly time: (instant: string) => string;
  readonly who: string;
  readonly charge: number;
}

export type LoggedKind = Exclude<Kind, 'conditions' | 'coat' | 'ply' | 'detail' | 'remedy' | 'withdrawal'>;

export interface KindForm {
  readonly kind: LoggedKind;
  readonly name: string;
  /** In one line: when it is entered. */
  readonly says: string;
  readonly group: 'The ground' | 'Laying' | 'Proof' | 'Hot works' | 'What happened' | 'Store';
  readonly takes: 'bays' | 'zone' | 'job';
  /** It has one place on the plan, if somebody says where. */
  readonly pinned?: true;
  /** Why it cannot be entered here; absent: it can. */
  readonly unless?: (c: LogContext) => string | undefined;
  readonly fields: (c: LogContext, values: Values) => readonly Field[];
  readonly start: (c: LogContext) => Values;
  readonly body: (values: Values, c: LogContext) => unknown;
}
