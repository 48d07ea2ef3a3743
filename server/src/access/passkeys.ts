/** Passkeys: keys of devices with which somebody signs in without a password (WebAuthn, by @simplewebauthn/server). */
import type { Request } from 'express';
import {
  generateAuthenticationOptions,
  generateRegistrationOptions,
  verifyAuthenticationResponse,
  verifyRegistrationResponse,
  type AuthenticationResponseJSON,
  type RegistrationResponseJSON,
} from '@simplewebauthn/server';
import { z } from 'zod';
import type { Db } from '../db/pool.ts';
import { HttpProblem } from '../http/errors.ts';
import { PASSKEY_SQL } from './passkeysql.ts';

const CHALLENGE_MS = 300_000;
/** More than this nobody has. */
const MOST_KEYS = 20;

const base64url = z
  .string()
  .regex(/^[A-Za-z0-9_-]+$/, 'base64url')
  .max(20_000);
/** What a browser answers. The library reads it; here it is only bounded. */
const answered = z.looseObject({
  id: base64url.max(1400),
  rawId: base64url.max(1400),
  type: z.literal('public-key'),
  response: z.looseObject({ clientDataJSON: base64url }),
  clientExtensionResults: z.record(z.string(), z.unknown()),
});
export const madeSchema = answered.transform((said) => said as unknown as RegistrationResponseJSON);
export const shownSchema = answered.transform((said) => said as unknown as AuthenticationResponseJSON);

/** Under which name the server is asked; a passkey is good for that one alone. */
export interface Place {
  readonly origin: string;
  readonly host: string;
}
/** @throws 409 for an address of numbers, for which no browser makes a key */
export function placeOf(req: Request): Place {
  const origin = `${req.protocol}://${req.headers.host ?? ''}`;
  const host = URL.canParse(origin) ? new URL(origin).hostname : '';
  if (host === '' || host.startsWith('[') || /^[\d.]+$/.test(host))
    throw new HttpProblem(
      409,
      'A passkey needs a server with a name; open it as localhost, or under its own',
    );
  return { origin, host };
}

const wrongKey = (): HttpProblem => new HttpProblem(401, 'This passkey is not good here');

async function keep(db: Db, challenge: string, accountId: string | null, now: Date): Promise<void> {
  await db.query(PASSKEY_SQL.dropOld, [now]);
  await db.query(PASSKEY_SQL.addChallenge, [challenge, accountId, new Date(now.getTime() + CHALLENGE_MS)]);
}
/** A challenge is good once, for whom it was made. */
const spends =
  (db: Db, accountId: string | null, now: Date) =>
  async (challenge: string): Promise<boolean> =>
    (await db.query(PASSKEY_SQL.spendChallenge, [challenge, accountId, now])).rowCount === 1;

export interface KeyOwner {
  readonly id: string;
  readonly name: string;
  readonly login: string;
}

/** What a browser needs to make a key for somebody who is signed in. */
export async function askForKey(db: Db, owner: KeyOwner, firm: string, { host }: Place, now: Date) {
  const { rows } = await db.query<{ id: string; transports: never[] }>(PASSKEY_SQL.ofAccount, [owner.id]);
  if (rows.length >= MOST_KEYS) throw new HttpProblem(409, `${MOST_KEYS} passkeys are there already`);
  const options = await generateRegistrationOptions({
    ...{ rpName: firm, rpID: host },
    ...{ userName: owner.login, userDisplayName: owner.name, userID: new TextEncoder().encode(owner.id) },
    attestationType: 'none',
    excludeCredentials: rows.map(({ id, transports }) => ({ id, transports })),
    authenticatorSelection: { residentKey: 'required', userVerification: 'required' },
  });
  await keep(db, options.challenge, owner.id, now);
  return options;
}

/** @throws 422 where the device did not sign what it was asked to */
export async function keepKeyOf(
  db: Db,
  accountId: string,
  { response, name }: { readonly response: RegistrationResponseJSON; readonly name: string },
  { origin, host }: Place,
  now: Date,
): Promise<void> {
  const verified = await verifyRegistrationResponse({
    response,
    expectedChallenge: spends(db, accountId, now),
    ...{ expectedOrigin: origin, expectedRPID: host },
    requireUserVerification: true,
  }).catch(() => undefined);
  if (!verified?.verified) throw new HttpProblem(422, 'The passkey is not what was asked for; try again');
  const { id, publicKey, counter, transports } = verified.registrationInfo.credential;
  const { rowCount } = await db.query(PASSKEY_SQL.add, [
    ...[id, accountId, Buffer.from(publicKey), counter, transports ?? [], host, name, now],
  ]);
  if (rowCount === 0) throw new HttpProblem(409, 'This passkey is there already');
}

/** What a browser needs to sign in with a key that it has. */
export async function askToShow(db: Db, { host }: Place, now: Date) {
  const options = await generateAuthenticationOptions({ rpID: host, userVerification: 'required' });
  await keep(db, options.challenge, null, now);
  return options;
}

interface Kept {
  readonly accountId: string;
  readonly publicKey: Buffer;
  readonly counter: string;
}
/** @returns whose key it is. @throws 401 where it is nobody's, was withdrawn, or did not sign what was asked */
export async function shown(
  db: Db,
  response: AuthenticationResponseJSON,
  { origin, host }: Place,
  now: Date,
): Promise<string> {
  const { rows } = await db.query<Kept>(PASSKEY_SQL.read, [response.id]);
  const kept = rows[0];
  if (!kept) throw wrongKey();
  const verified = await verifyAuthenticationResponse({
    response,
    expectedChallenge: spends(db, null, now),
    ...{ expectedOrigin: origin, expectedRPID: host },
    credential: {
      id: response.id,
      publicKey: new Uint8Array(kept.publicKey),
      counter: Number(kept.counter),
    },
    requireUserVerification: true,
  }).catch(() => undefined);
  if (!verified?.verified) throw wrongKey();
  await db.query(PASSKEY_SQL.used, [response.id, verified.authenticationInfo.newCounter, now]);
  return kept.accountId;
}
