/**
 * Passwords: what is taken for one, and how it is kept. Argon2id with 19 MiB, 2 passes, 1 lane: the least that OWASP's cheat
 * sheet on the storage of passwords recommends (from memory). Long rather than odd: no rules about letters and signs, but
 * none of those that are guessed first.
 */
import { hash, verify } from '@node-rs/argon2';
import { ZxcvbnFactory } from '@zxcvbn-ts/core';
import { adjacencyGraphs, dictionary } from '@zxcvbn-ts/language-common';
import type { Problem } from '@lentum/core/problems';

const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;

const LEAST_LETTERS = 12;
export const MOST_LETTERS = 128;
/** Ten to this many guesses: what holds against somebody who may try some thousands a day for years, with room. */
const LEAST_GUESSES_LOG10 = 9;

let guesser: ZxcvbnFactory | undefined;

/** The same letters are the same password, however a device composes them. */
const composed = (password: string): string => password.normalize('NFKC');

/** What is wrong with a password; undefined for nothing. @param about names that are guessed first */
export function passwordProblem(password: string, about: readonly string[]): Problem | undefined {
  const problem = (actual: string, expected: string): Problem => ({
    kind: 'wrong',
    field: 'password',
    label: 'Password',
    actual,
    expected,
  });
  const letters = [...composed(password)].length;
  if (letters < LEAST_LETTERS || letters > MOST_LETTERS)
    return problem(`one of ${letters} letters`, `${LEAST_LETTERS} to ${MOST_LETTERS} letters`);
  guesser ??= new ZxcvbnFactory({ dictionary, graphs: adjacencyGraphs });
  const words = about.flatMap((name) => [name, ...name.split(/[^\p{L}\p{N}]+/u)]).filter((w) => w.length > 2);
  const { guessesLog10 } = guesser.check(composed(password), [...words, 'lentum', 'roof', 'membrane']);
  return guessesLog10 < LEAST_GUESSES_LOG10
    ? problem('one that is guessed soon', 'some words that do not belong together, or more of them')
    : undefined;
}

export const hashPassword = (password: string): Promise<string> => hash(composed(password), COST);

/** Of nobody: a name that is not known takes as long to refuse as a wrong password. */
let nobodys: Promise<string> | undefined;

/** @param stored absent where there is no such account */
export async function isPassword(password: string, stored: string | null | undefined): Promise<boolean> {
  nobodys ??= hashPassword(crypto.randomUUID());
  const against = stored ?? (await nobodys);
  // Longer ones cost time to hash and are nobody's.
  if (password.length > 4 * MOST_LETTERS) return false;
  return (await verify(against, composed(password))) && stored !== null && stored !== undefined;
}
