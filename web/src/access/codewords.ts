/** Codes that an owner hands out, and where they are typed. */

/** Where somebody goes with a code. The code stands behind the #: it is not sent before the form is. */
export const joinAddress = (origin: string, code: string): string => `${origin}/join#${code}`;

/** Where somebody goes with a link. What opens it stands behind the #, as a code does. */
export const sharedAddress = (origin: string, secret: string): string => `${origin}/shared#${secret}`;

/** Another device does not reach this machine by the name that a machine has for itself. */
export const onlyHere = (): boolean => /^(localhost|127\.|\[::1\])/.test(location.hostname);

/** Puts an address on the clipboard. @returns what is said of it */
export async function copyAddress(address: string): Promise<{ message: string; type: 'info' | 'warning' }> {
  try {
    await navigator.clipboard.writeText(address);
    return { message: 'It is copied.', type: 'info' };
  } catch {
    return {
      message: 'This browser does not let it be copied; mark it and copy it by hand.',
      type: 'warning',
    };
  }
}

/** The code of an address, or what was typed. */
export const codeOfHash = (hash: string): string => decodeURIComponent(hash.replace(/^#/, ''));
