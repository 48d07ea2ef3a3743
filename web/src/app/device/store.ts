/**
 * What this device keeps: entries that wait to be sent, those that were not accepted, drafts of documents, and a copy of each
 * job that was opened. One row an item, each bound to its job; the tabs of a browser share it.
 */
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { EntryForm, StoredEntry } from '@lentum/core/record';

export interface Waiting {
  readonly jobId: string;
  readonly entry: EntryForm;
}
/** An entry that waited here and was then not accepted: it stays until somebody decides about it. */
export interface SetAside extends Waiting {
  readonly why: string;
}
/** A document as it stands on screen and not yet on the server. */
export interface DraftRow {
  /** The address of the document. */
  readonly path: string;
  readonly text: string;
  /** The version that it was made from. */
  readonly version: number;
  /** What that version held; not kept by an earlier version of this application. */
  readonly base?: string | undefined;
  /** Hashes of what was sent of it lately: any of it may have arrived without an answer. */
  readonly sent?: readonly string[] | undefined;
  readonly atMs: number;
}
/** An answer of the server as it was last seen. */
export interface CopyRow {
  readonly path: string;
  readonly body: unknown;
  readonly version: number | undefined;
  readonly atMs: number;
}
interface RecordRow {
  readonly jobId: string;
  readonly seq: number;
  readonly stored: StoredEntry;
}

/** A picture or a paper, under the address at which the server has it; its bytes lie apart under the same address. */
export interface FileRow {
  readonly path: string;
  readonly type: string;
  /** The server has it: it is here to be looked at without a signal. */
  readonly sent: boolean;
  /** Why the server did not accept it. */
  readonly why?: string;
  readonly atMs: number;
}

/** With what this device signs for an account. */
export interface DeviceKey {
  readonly accountId: string;
  /** The public key, as it is told. */
  readonly key: string;
  readonly secret: CryptoKey;
}

export interface DeviceSchema extends DBSchema {
  /** In the order in which they were made. */
  waiting: { key: number; value: Waiting & { readonly n?: number }; indexes: { entry: string } };
  aside: { key: string; value: SetAside };
  drafts: { key: string; value: DraftRow };
  copies: { key: string; value: CopyRow };
  record: { key: [string, number]; value: RecordRow };
  files: { key: string; value: FileRow };
  bytes: { key: string; value: ArrayBuffer };
  keys: { key: string; value: DeviceKey };
}
export type Device = IDBPDatabase<DeviceSchema>;

const NAME = 'lentum';
const VERSION = 3;

let opening: Promise<Device> | undefined;

/** @throws where the browser does not let anything be kept */
export function device(): Promise<Device> {
  opening ??= openDB<DeviceSchema>(NAME, VERSION, {
    upgrade(db, before) {
      if (before < 3) db.createObjectStore('keys', { keyPath: 'accountId' });
      if (before < 2) {
        db.createObjectStore('files', { keyPath: 'path' });
        db.createObjectStore('bytes');
      }
      if (before > 0) return;
      const waiting = db.createObjectStore('waiting', { keyPath: 'n', autoIncrement: true });
      waiting.createIndex('entry', 'entry.id', { unique: true });
      db.createObjectStore('aside', { keyPath: 'entry.id' });
      db.createObjectStore('drafts', { keyPath: 'path' });
      db.createObjectStore('copies', { keyPath: 'path' });
      db.createObjectStore('record', { keyPath: ['jobId', 'seq'] });
    },
    blocking(_current, _blocked, event) {
      // A newer version of the application wants to change it: this tab lets go.
      (event.target as IDBDatabase).close();
      opening = undefined;
    },
    terminated() {
      opening = undefined;
    },
  }).catch((error: unknown) => {
    opening = undefined;
    throw error;
  });
  return opening;
}

/** Every row is written through before it counts as kept. */
export const THROUGH = { durability: 'strict' } as const;
