export function ensureDatabase(name: string, options?: { fresh?: boolean }): Promise<string>;
export function releaseServer(databaseUrl: string): Promise<void>;
export function watchDatabase(name: string, databaseUrl: string, started: () => void): () => void;
