/** Codes that an owner hands out, and where they are typed. */

/** Where somebody goes with a code. The code stands behind the #: it is not sent before the form is. */
export const joinAddress = (origin: string, code: string): string => `${origin}/join#${code}`;

/** The code of an address, or what was typed. */
export const codeOfHash = (hash: string): string => decodeURIComponent(hash.replace(/^#/, ''));
