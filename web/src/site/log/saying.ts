/** What is wrong with an entry, in the words of the form that it was typed into. */
import { sentence, type Problem } from '@lentum/core/problems';

/** Names of the body's parts as the form shows them; times are marked, because they are typed as a clock. */
export interface FormWords {
  readonly names: Readonly<Record<string, string>>;
  readonly times: readonly string[];
}

/** The body's own names for what a form asks under another one. */
const ALIASES: Readonly<Record<string, string>> = {
  value: 'number',
  readingsUm: 'readings',
  zeroUm: 'zeroMm',
  teethMm: 'teeth',
};

export function inForm(problems: readonly Problem[], kind: string, words: FormWords): string[] {
  return problems.map((p) => {
    const [first, key = '', row] = p.field.split('/');
    if (first !== 'body' || key === '') return sentence(p);
    const name = words.names[key] ?? words.names[ALIASES[key] ?? ''] ?? words.names['answer'];
    if (name === undefined) return sentence(p);
    const which = row !== undefined && /^\d+$/.test(row) ? ` ${Number(row) + 1}` : '';
    const isTime = words.times.includes(key);
    const isEmpty = p.kind === 'missing' || p.actual === '';
    const wanted = p.expected === 'a few words' || p.kind !== 'missing' ? 'a few words' : 'a figure';
    // A clock that is no time and a clock that is empty are both none.
    return sentence({
      ...p,
      kind: isTime || isEmpty ? 'missing' : p.kind,
      label: `${kind}, ${name.toLowerCase()}${which}`,
      expected: isTime ? 'a time' : isEmpty ? wanted : p.expected,
    });
  });
}
