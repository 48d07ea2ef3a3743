export interface Archive {
  readonly folder: string;
  readonly log: string;
  readonly copies: string;
}
export function archiveOf(folder: string): Archive;
export function archivingSettings(folder: string): Readonly<Record<string, string>>;
