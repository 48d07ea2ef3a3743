/**
 * Who holds this device, and which device it is. An entry names both by ids; the name is sent apart, so that it can be
 * replaced later without touching what was entered.
 */
import { plainText } from '@lentum/core/job';
import { useStorage } from '@vueuse/core';
import type { Person } from '@lentum/core/record';
import { signedPerson } from './session.ts';

const people = useStorage<Person[]>('lentum.people', []);
const device = useStorage('lentum.device', '');

/** Whoever signs an entry: who is signed in; else the person of a name on this device, made when it is new here. */
export function personNamed(name: string): Person {
  const signed = signedPerson();
  if (signed) return signed;
  const wanted = plainText(name).trim();
  const there = people.value.find((p) => p.name === wanted);
  if (there) return there;
  const fresh: Person = { id: crypto.randomUUID(), name: wanted };
  people.value = [...people.value, fresh];
  return fresh;
}

/** Everybody who signed on this device. */
export function peopleHere(): readonly Person[] {
  const signed = signedPerson();
  return signed ? [...people.value.filter((p) => p.id !== signed.id), signed] : people.value;
}

export function deviceId(): string {
  if (device.value === '') device.value = crypto.randomUUID();
  return device.value;
}
