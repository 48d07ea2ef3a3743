/** Passkeys in the browser: the device asks for a finger, a face or its number, and signs. */
import { call } from '../app/api.ts';
import { deviceWords } from '../app/devicewords.ts';

/** Why no passkey can be made or shown here, as a sentence; undefined where it can. */
export function whyNoPasskey(): string | undefined {
  if (!('PublicKeyCredential' in window))
    return 'This browser has no passkeys here: they need an address that begins with https, or localhost.';
  if (/^[\d.]+$|^\[/.test(location.hostname))
    return 'A passkey needs a server with a name: open it as localhost, or under its own name.';
  return undefined;
}

/** What the device did not do, in a sentence. */
async function asked<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (error) {
    const name = error instanceof Error ? error.name : '';
    if (name === 'InvalidStateError')
      throw new Error('This device has a passkey for you already.', { cause: error });
    if (name === 'NotAllowedError' || name === 'AbortError')
      throw new Error('The device has shown no passkey: it was broken off, or took too long.', {
        cause: error,
      });
    throw error;
  }
}

/** Makes one on this device, and has the server keep it. */
export async function makePasskey(): Promise<void> {
  const { startRegistration } = await import('@simplewebauthn/browser');
  type Options = Parameters<typeof startRegistration>[0]['optionsJSON'];
  const { body } = await call<Options>('POST', '/session/passkeys/options', { body: {} });
  const response = await asked(() => startRegistration({ optionsJSON: body }));
  await call('POST', '/session/passkeys', { body: { name: deviceWords(navigator.userAgent), response } });
}

/** @returns what the device has signed, for the server */
export async function showPasskey(): Promise<unknown> {
  const { startAuthentication } = await import('@simplewebauthn/browser');
  type Options = Parameters<typeof startAuthentication>[0]['optionsJSON'];
  const { body } = await call<Options>('POST', '/passkeys/options', { body: {} });
  return asked(() => startAuthentication({ optionsJSON: body }));
}
