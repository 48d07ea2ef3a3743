export function files(folder: string): Generator<string>;
export function hashOf(folders: readonly string[]): string;
