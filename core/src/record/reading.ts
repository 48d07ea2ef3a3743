/**
 * Reading entries of either form as one. What reads the record sees only `BookEntry`: the envelope of the second form with
 * a name in place of the person's id, the body of its kind, and the times of a clock that was off put right. An entry of the
 * first form is read as the kind that does its work now: `laid` as a ply, `step` as a preparation, a decision or all
 * details of a bay.
 */
import { ALL_DETAILS } from './bodies/saying.ts';
import { bodyPutRight, putRight } from './deviceclock.ts';
import {
  isSecondForm,
  type Body,
  type EntryForm,
  type Kind,
  type Person,
  type Share,
  type StoredEntry,
} from './entry.ts';
import type { FirstForm } from './firstform.ts';
import type { PictureMark } from './bodies/marks.ts';
import type { Place } from '../survey/index.ts';

interface Read<K extends Kind> {
  readonly id: string;
  readonly seq: number;
  readonly kind: K;
  readonly form: 1 | 2;
  /** The person's name. */
  readonly who: string;
  readonly personId: string | undefined;
  readonly deviceId: string | undefined;
  /** Like every instant of the body: put right where the device's clock was off. */
  readonly madeAt: string;
  /** What the server's clock was ahead of the device's. */
  readonly offsetMs: number | undefined;
  readonly receivedAt: string;
  readonly zoneId: string | undefined;
  readonly bays: readonly Share[];
  readonly place: Place | undefined;
  readonly attachments: readonly string[];
  /** What is drawn on them. */
  readonly marks: readonly PictureMark[];
  readonly supersedes: string | undefined;
  readonly body: Body<K>;
}
export type BookEntryOf<K extends Kind> = Read<K>;
export type BookEntry = { [K in Kind]: Read<K> }[Kind];

/** Names by the person's id. */
export type Names = ReadonlyMap<string, string>;
export const namesOf = (people: readonly Person[]): Names => new Map(people.map((p) => [p.id, p.name]));

/** How a person is called whose name is not here. */
const nameless = (personId: string): string => `person ${personId.slice(0, 8)}`;

const withNote = (note: string): { note?: string } => (note === '' ? {} : { note });

/** Kind, place and body of an entry of the first form, in the terms of the second. */
function meaning(entry: FirstForm): Pick<BookEntry, 'kind' | 'zoneId' | 'bays' | 'body'> {
  const on = (bayId: string | undefined): readonly Share[] =>
    bayId === undefined ? [] : [{ bayId, share: 1 }];
  switch (entry.kind) {
    case 'conditions': {
      const { zoneId, bayId, at, airC, humidityPct, surfaceC } = entry;
      return { kind: 'conditions', zoneId, bays: on(bayId), body: { at, airC, humidityPct, surfaceC } };
    }
    case 'coat': {
      const { bayId, buildUpId, revision, layerId, startedAt, finishedAt, containers, leftOver } = entry;
      return {
        kind: 'coat',
        zoneId: undefined,
        bays: on(bayId),
        body: {
          ...{ buildUpId, revision, layerId, startedAt, containers, leftOver },
          ...(finishedAt === undefined ? {} : { finishedAt }),
          gauge: entry.gauge,
          readings: [{ bayId, lastWetMm: entry.lastWetMm }],
          ...withNote(entry.note),
        },
      };
    }
    case 'laid': {
      const { bayId, buildUpId, revision, layerId, startedAt, finishedAt, used, batch, looked } = entry;
      return {
        kind: 'ply',
        zoneId: undefined,
        bays: on(bayId),
        body: {
          ...{ buildUpId, revision, layerId, startedAt, finishedAt, used, batch, looked },
          ...withNote(entry.note),
        },
      };
    }
    case 'detail': {
      const { zoneId, detailId, name, step, at } = entry;
      return {
        kind: 'detail',
        zoneId,
        bays: [],
        body: { detailId, name, step, at, ...withNote(entry.note) },
      };
    }
    case 'withdrawal':
      return { kind: 'withdrawal', zoneId: undefined, bays: [], body: { reason: entry.reason } };
    case 'step': {
      const { at, step } = entry;
      const there = { zoneId: undefined, bays: on(entry.bayId) };
      if (step === 'prepared')
        return {
          kind: 'preparation',
          ...there,
          body: { at, steps: [], complete: true, ...withNote(entry.note) },
        };
      if (step === 'detailed')
        return {
          kind: 'detail',
          ...there,
          body: {
            ...{ at, detailId: ALL_DETAILS, name: 'All details', step: 'made' },
            ...withNote(entry.note),
          },
        };
      return { kind: 'decision', ...there, body: { at, what: step, reason: entry.note } };
    }
  }
}

/** An entry of either form as the book reads it. */
export function readEntry(
  entry: EntryForm,
  names: Names,
  stored: Pick<StoredEntry, 'seq' | 'receivedAt'> = { seq: 0, receivedAt: entry.madeAt },
): BookEntry {
  const { seq, receivedAt } = stored;
  if (!isSecondForm(entry))
    return {
      ...{ id: entry.id, seq, receivedAt, form: 1, who: entry.who, madeAt: entry.madeAt },
      ...{ personId: undefined, deviceId: undefined, offsetMs: undefined, place: undefined },
      attachments: [],
      marks: [],
      supersedes: entry.supersedes,
      ...meaning(entry),
    } as BookEntry;
  const { id, kind, personId, deviceId, madeAt, offsetMs, zoneId, bays, place, attachments } = entry;
  // Written out field by field: it is done for every entry of a record, and spreading takes several times as long.
  return {
    id,
    seq,
    receivedAt,
    kind,
    form: 2,
    personId,
    deviceId,
    offsetMs,
    zoneId,
    bays,
    place,
    madeAt: putRight(madeAt, offsetMs),
    who: names.get(personId) ?? nameless(personId),
    attachments,
    marks: entry.marks ?? [],
    supersedes: entry.supersedes,
    body: bodyPutRight(entry.body, offsetMs),
  } as BookEntry;
}

/** The share of a bay as a part of one; 0 where the entry does not name it. */
export function partOf(bays: readonly Share[], bayId: string): number {
  const sum = bays.reduce((total, b) => total + b.share, 0);
  const mine = bays.find((b) => b.bayId === bayId);
  return mine && sum > 0 ? mine.share / sum : 0;
}
