/** The stages that are built, with the numbers that they have among the eight. */
export interface Stage {
  readonly number: number;
  readonly key: 'survey' | 'build-up' | 'details' | 'order' | 'programme' | 'site' | 'record' | 'handover';
  readonly name: string;
}

export const STAGES: readonly Stage[] = [
  { number: 1, key: 'survey', name: 'Survey' },
  { number: 2, key: 'build-up', name: 'Build-up' },
  { number: 3, key: 'details', name: 'Details' },
  { number: 4, key: 'order', name: 'Order' },
  { number: 5, key: 'programme', name: 'Programme' },
  { number: 6, key: 'site', name: 'Site' },
  { number: 7, key: 'record', name: 'Record' },
  { number: 8, key: 'handover', name: 'Handover' },
];
