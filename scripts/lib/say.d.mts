export function say(text: string): void;
export class GaveUp extends Error {}
export function script(work: () => Promise<void>, undo?: () => unknown): Promise<void>;
