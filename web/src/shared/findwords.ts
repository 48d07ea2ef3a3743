/** Spaces of all kinds are one: figures keep theirs together with another one than a keyboard types. */
const plain = (text: string): string => text.toLowerCase().replace(/\s/g, ' ');

/** Whether a text has every word that was typed, in any order; every text has none. */
export function hasWords(typed: string): (text: string) => boolean {
  const words = plain(typed).split(' ').filter(Boolean);
  return (text) => {
    const among = plain(text);
    return words.every((w) => among.includes(w));
  };
}
