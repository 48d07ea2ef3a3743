export function ensureDebian(names: readonly string[], found: () => boolean, what: string): Promise<void>;
