/**
 * What was typed into a field of a document and cannot be read as its figure: it is kept as it was typed, on this device, until
 * somebody puts it right. The document keeps the figure that it had.
 */
import { computed, shallowRef } from 'vue';
import { keepDraft, dropDraft, keptTexts } from './device/drafts.ts';

export interface OddField {
  /** The name of the field, as on screen. */
  readonly label: string;
  /** The page that it is on, with what was chosen there. */
  readonly page: string;
  readonly text: string;
  /** What is wrong with it, in a sentence. */
  readonly says: string;
}

/** Those of the open job, in the order in which they were typed. */
const fields = shallowRef<readonly OddField[]>([]);
let owner = '';
/** Each has a row of its own: two tabs keep theirs beside one another. */
const placeOf = (jobId: string, { page, label }: Where): string => `fields/${jobId}/${page} ${label}`;

const isField = (f: unknown): f is OddField => {
  const { label, page, text, says } = (f ?? {}) as Partial<Record<keyof OddField, unknown>>;
  return [label, page, text, says].every((v) => typeof v === 'string');
};

function keep(field: OddField): void {
  fields.value = [...fields.value.filter((f) => !isSame(f, field)), field];
  if (owner !== '')
    void keepDraft(placeOf(owner, field), { text: JSON.stringify(field), version: 0, base: undefined });
}
function drop(where: Where): void {
  if (!fields.value.some((f) => isSame(f, where))) return;
  fields.value = fields.value.filter((f) => !isSame(f, where));
  if (owner !== '') void dropDraft(placeOf(owner, where));
}

/** Takes up what is kept of a job; what was typed before it was there stays. */
export async function openOddFields(jobId: string): Promise<void> {
  if (owner !== jobId) {
    owner = jobId;
    fields.value = [];
  }
  const kept = await keptTexts(`fields/${jobId}/`);
  if (owner !== jobId) return;
  const earlier = [...kept.values()].map((text): unknown => JSON.parse(text)).filter(isField);
  fields.value = [...earlier.filter((f) => !fields.value.some((n) => isSame(n, f))), ...fields.value];
}

type Where = Pick<OddField, 'label' | 'page'>;
const isSame = (a: Where, b: Where): boolean => a.label === b.label && a.page === b.page;

export function useOddFields() {
  return {
    fields: computed(() => fields.value),
    of: (where: Where): OddField | undefined => fields.value.find((f) => isSame(f, where)),
    set: keep,
    drop,
  };
}
