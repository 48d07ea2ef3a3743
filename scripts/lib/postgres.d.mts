/** The addresses of one database, by role. */
export interface Database {
  /** Of the role that serves. */
  readonly url: string;
  /** Of the role that owns the data. */
  readonly ownerUrl: string;
  /** The project's own cluster that it is in; absent for a database of somebody else. */
  readonly cluster?: string;
}
export function ensureDatabase(
  name: string,
  options?: { fresh?: boolean; cluster?: string },
): Promise<Database>;
export function releaseServer(database: Database): Promise<void>;
export function watchDatabase(name: string, database: Database, started: () => void): () => void;
