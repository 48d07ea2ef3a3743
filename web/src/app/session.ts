/**
 * Who is signed in on this device and what they may do. As it was last known while there is no signal; what the server says
 * decides, for it looks by itself at every address.
 */
import { useStorage } from '@vueuse/core';
import { computed, readonly, ref } from 'vue';
import {
  ALONE,
  guestIn,
  holds,
  mayEnter,
  mayEnterAny,
  NOBODY_IN,
  onlyWho,
  partsIn,
  whoMay,
  whoMayEnter,
  type Holder,
  type Right,
} from '@lentum/core/access';
import type { Entry, Person } from '@lentum/core/record';
import { call, onSignedOut } from './api.ts';
import { forgetCopies } from './device/copies.ts';

export interface SignedIn extends Holder {
  readonly id: string;
  readonly personId: string;
  readonly name: string;
  /** Null for who came in with a code for this device only. */
  readonly login: string | null;
}
export interface Session {
  /** 'single': nobody signs in, and whoever sits at this machine is the owner. */
  readonly mode: 'single' | 'firm';
  readonly firm?: string | undefined;
  readonly account?: SignedIn | undefined;
  /** Somebody who came in by a link, and reads one job. */
  readonly guest?: Guest | undefined;
}
export interface Guest {
  readonly jobId: string;
  readonly opens: 'job' | 'handover';
  readonly until: string;
}

const last = useStorage<Session>('lentum.session', { mode: 'single' });
/** Who was here last: what the device keeps of jobs is theirs. */
const lastAccount = useStorage('lentum.account', '');

export const session = readonly(last);
export const signsIn = computed(() => last.value.mode === 'firm');
export const account = computed(() => last.value.account);
export const guest = computed(() => last.value.guest);
/** People sign in here, and nobody has. */
export const isLockedOut = computed(() => signsIn.value && !account.value && !guest.value);
/** Somebody else is here than the one whose pages are open: they are to be read anew. */
export const changedHands = ref(false);

const holder = computed<Holder>(() => {
  if (!signsIn.value) return ALONE;
  return account.value ?? (guest.value ? guestIn(guest.value.jobId) : NOBODY_IN);
});

/** Whether whoever holds this device may do it. @param jobId of the job that it is about */
export const may = (right: Right, jobId?: string): boolean => holds(holder.value, right, jobId);

/** Why whoever holds this device may not, as a sentence; undefined where they may. */
export const whyNot = (right: Right, jobId?: string): string | undefined =>
  may(right, jobId) ? undefined : `${onlyWho(right)}.`;

/** Why whoever holds this device may not make an entry; undefined where they may. */
export function whyNotEnter(entry: Pick<Entry, 'kind' | 'body'>, jobId: string): string | undefined {
  return mayEnter(partsIn(holder.value, jobId), entry)
    ? undefined
    : `Only ${whoMay(whoMayEnter(entry))} may enter this.`;
}

/** Whether whoever holds this device may make any entry of a kind. */
export const mayEnterSome = (kind: Entry['kind'], jobId: string): boolean =>
  mayEnterAny(partsIn(holder.value, jobId), kind);

/** Whether whoever holds this device may correct or withdraw an entry. @param personId of whoever made it */
export const mayReplace = (personId: string | undefined, jobId: string): boolean =>
  !signsIn.value ||
  may('correct others', jobId) ||
  (personId !== undefined && personId === account.value?.personId);

/** The person of whoever is signed in; undefined where nobody signs in. */
export const signedPerson = (): Person | undefined =>
  account.value && { id: account.value.personId, name: account.value.name };

/** Takes what the server says. What the device keeps of jobs goes when somebody else comes. */
export async function takeSession(now: Session): Promise<void> {
  const coming = now.account?.id ?? (now.guest && `guest of ${now.guest.jobId}`);
  if (coming !== undefined && lastAccount.value !== '' && lastAccount.value !== coming) {
    await forgetCopies();
    changedHands.value = true;
  }
  if (coming !== undefined) lastAccount.value = coming;
  last.value = now;
}

/** Asks the server. Without a signal it stays as it was last known. */
export async function readSession(): Promise<void> {
  try {
    await takeSession((await call<Session>('GET', '/session')).body);
  } catch {
    // Whatever needs the server says so itself.
  }
}

export async function signIn(login: string, password: string): Promise<void> {
  await takeSession((await call<Session>('POST', '/session', { body: { login, password } })).body);
}

/** The same with what a device has signed with a passkey. */
export async function signInWith(response: unknown): Promise<void> {
  await takeSession((await call<Session>('POST', '/passkeys/sign-in', { body: { response } })).body);
}

/** Signs out here: what the device keeps of jobs goes, what waits to be sent stays. */
export async function signOut(): Promise<void> {
  await call('POST', '/session/end', { body: {} });
  await forgetCopies();
  await readSession();
}

onSignedOut(() => void readSession());
