/**
 * What a code printed on a container says of its batch: a string of GS1 elements, a GS1 link, or the batch alone.
 * Source: GS1 General Specifications, application identifiers (10) batch or lot, (15) best before, (17) expiry, and the
 * list of identifiers of predefined length; GS1 Digital Link for the web address.
 */
export interface BatchCode {
  readonly batch: string;
  /** The last day on which it may be used, where the code says one: yyyy-mm-dd. */
  readonly until?: string;
}

/** What stands between two elements whose length is not set. */
const SEPARATOR = '\u001d';
/** Length of an element with its identifier, by the first two digits of the identifier. */
const SET_LENGTHS: Readonly<Record<string, number>> = {
  ...{ '00': 20, '01': 16, '02': 16, '03': 16, '04': 18, '20': 4, '41': 16 },
  ...Object.fromEntries(['11', '12', '13', '14', '15', '16', '17', '18', '19'].map((ai) => [ai, 8])),
  ...Object.fromEntries(['31', '32', '33', '34', '35', '36'].map((ai) => [ai, 10])),
};
const BATCH = '10';
/** Expiry before best before: the first that is said counts. */
const ENDS = ['17', '15'] as const;
const MOST_BATCH = 60;
const MOST_GS1_BATCH = 20;

/** YYMMDD; day 00 is the last of the month. The century is the one that lies nearest to the year of now. */
function dayOf(text: string, year: number): string | undefined {
  if (!/^\d{6}$/.test(text)) return undefined;
  const [yy, mm, dd] = [text.slice(0, 2), text.slice(2, 4), text.slice(4, 6)].map(Number);
  const century = year - (year % 100);
  // From 49 years before to 50 after: GS1 General Specifications, determination of century.
  const off = (yy ?? 0) - (year % 100);
  const full = century + (yy ?? 0) + (off > 50 ? -100 : off < -49 ? 100 : 0);
  const [month, day] = [mm ?? 0, dd ?? 0];
  // Day 0 of the month after is the last of this one.
  const last = new Date(Date.UTC(full, month, 0)).getUTCDate();
  if (month < 1 || month > 12 || day > last) return undefined;
  return new Date(Date.UTC(full, month - 1, day === 0 ? last : day))
    .toISOString()
    .slice(0, 'yyyy-mm-dd'.length);
}

/** The elements of a string, identifier and value; undefined where it is none. */
function elementsOf(text: string): Map<string, string> | undefined {
  const found = new Map<string, string>();
  let rest = text.startsWith(SEPARATOR) ? text.slice(1) : text;
  while (rest !== '') {
    const ai = rest.slice(0, 2);
    if (!/^\d\d$/.test(ai)) return undefined;
    const set = SET_LENGTHS[ai];
    const ends = rest.indexOf(SEPARATOR);
    const end = set ?? (ends < 0 ? rest.length : ends);
    const element = rest.slice(0, end);
    if (set !== undefined && (element.length < set || !/^\d+$/.test(element))) return undefined;
    if (!found.has(ai)) found.set(ai, element.slice(2));
    rest = rest.slice(end);
    if (rest.startsWith(SEPARATOR)) rest = rest.slice(1);
  }
  return found;
}

const decoded = (step: string): string => {
  try {
    return decodeURIComponent(step);
  } catch {
    return step;
  }
};

/** The elements of a web address: pairs of identifier and value in its path, and those after the question mark. */
function linkedOf(text: string): Map<string, string> | undefined {
  if (!/^https?:\/\//i.test(text) || !URL.canParse(text)) return undefined;
  const url = new URL(text);
  const found = new Map(url.searchParams);
  const steps = url.pathname.split('/').slice(1);
  const first = steps.findIndex((s) => s === '01' || s === '8006');
  if (first < 0) return undefined;
  for (let i = first; i + 1 < steps.length; i += 2) found.set(steps[i] ?? '', decoded(steps[i + 1] ?? ''));
  return found;
}

/**
 * @param text what the code says, with the separators of its elements
 * @param isGs1 whether the code marks itself as one of GS1 elements
 * @param year of now, for dates of two figures
 * @returns undefined where it says no batch
 */
export function batchOfCode(text: string, isGs1: boolean, year: number): BatchCode | undefined {
  const elements = isGs1 ? elementsOf(text) : linkedOf(text);
  if (elements) {
    const batch = elements.get(BATCH)?.trim();
    if (batch === undefined || batch === '' || batch.length > MOST_GS1_BATCH) return undefined;
    const until = ENDS.map((ai) => dayOf(elements.get(ai) ?? '', year)).find((d) => d !== undefined);
    return until === undefined ? { batch } : { batch, until };
  }
  const plain = text.trim();
  const isName = plain !== '' && plain.length <= MOST_BATCH && !/[\p{C}]/u.test(plain);
  return !isGs1 && isName && !/^https?:\/\//i.test(plain) ? { batch: plain } : undefined;
}
