/**
 * The key of this device: with it everything that is entered here is signed, before it goes out. Each account has one of its
 * own on each device. It is made by the browser, which does not give its secret part to anybody.
 */
import { watch } from 'vue';
import { isSecondForm, signedText, textOfBytes, type EntryForm } from '@lentum/core/record';
import { deviceWords } from './devicewords.ts';
import { ApiProblem, call } from './api.ts';
import { device, THROUGH, type DeviceKey } from './device/store.ts';
import { inTurn } from './device/tabs.ts';
import { account } from './session.ts';
import { deviceId } from './signing.ts';

const ES256 = { name: 'ECDSA', namedCurve: 'P-256' } as const;
const HASH = { name: 'ECDSA', hash: 'SHA-256' } as const;

/** A new key; whoever it is for is not known yet where it comes in with a code. */
export async function makeKey(): Promise<Omit<DeviceKey, 'accountId'>> {
  const pair = await crypto.subtle.generateKey(ES256, false, ['sign', 'verify']);
  const point = await crypto.subtle.exportKey('raw', pair.publicKey);
  return { key: textOfBytes(new Uint8Array(point)), secret: pair.privateKey };
}

/** This device signs with the key from now on, for this account. */
export async function keepKey(accountId: string, made: Omit<DeviceKey, 'accountId'>): Promise<void> {
  const tx = (await device()).transaction('keys', 'readwrite', THROUGH);
  await tx.store.put({ accountId, ...made });
  await tx.done;
}

/** What a server is told of this device, beside its key. */
export const ofThisDevice = (name = deviceWords(navigator.userAgent)) => ({ deviceId: deviceId(), name });

const tellServer = (key: string): Promise<unknown> =>
  call('PUT', '/session/key', { body: { key, ...ofThisDevice() } });

/** The key of an account, shown to the server; made where there is none, or where it was withdrawn. */
async function shownKey(accountId: string): Promise<DeviceKey> {
  const found = await (await device()).get('keys', accountId);
  try {
    if (found) {
      await tellServer(found.key);
      return found;
    }
  } catch (error) {
    if (!(error instanceof ApiProblem) || error.status !== 409) throw error;
  }
  const fresh = await makeKey();
  // Kept first: from the moment that the server knows it, this device has to sign with it.
  await keepKey(accountId, fresh);
  await tellServer(fresh.key);
  return { accountId, ...fresh };
}

/** By account: shown once in the life of a page, and again where that failed or somebody signed in anew. */
const shown = new Map<string, Promise<DeviceKey>>();
watch(
  () => account.value?.id,
  () => shown.clear(),
  { flush: 'sync' },
);

/** Whether somebody is signed in, and this browser can keep a key for them. */
const signsHere = (): boolean => account.value !== undefined && typeof crypto.subtle !== 'undefined';

/**
 * Shows the key of whoever is signed in to the server.
 * @returns undefined where nobody signs in, or this browser keeps no keys
 * @throws as a call of the server does
 */
export async function showKey(): Promise<DeviceKey | undefined> {
  const id = account.value?.id;
  if (id === undefined || !signsHere()) return undefined;
  let showing = shown.get(id);
  if (!showing) {
    // Two tabs at once would make two keys.
    showing = inTurn('key', () => shownKey(id));
    shown.set(id, showing);
    showing.catch(() => shown.delete(id));
  }
  return showing;
}

/** The key that is here already: it needs no signal. */
async function keyHere(): Promise<DeviceKey | undefined> {
  const id = account.value?.id;
  return id !== undefined && signsHere() ? (await device()).get('keys', id) : undefined;
}

/**
 * An entry with the signature of this device. One that it has already is left: sent again it has to be the same.
 * @returns the entry as it is, where nobody signs in
 */
export async function signedHere(jobId: string, entry: EntryForm): Promise<EntryForm> {
  if (!isSecondForm(entry)) return entry;
  const held = (await keyHere()) ?? (await showKey());
  if (!held || entry.signature?.key === held.key) return entry;
  const { signature: _before, ...bare } = entry;
  const about = { algorithm: 'ES256', key: held.key, jobId } as const;
  const text = signedText({ ...bare, signature: { ...about, value: '' } } as typeof entry);
  const value = await crypto.subtle.sign(HASH, held.secret, new TextEncoder().encode(text));
  return { ...bare, signature: { ...about, value: textOfBytes(new Uint8Array(value)) } } as typeof entry;
}
