/** The address of a source, with what is filled in when it is asked. */
import { MS_PER_HOUR } from '../units/index.ts';
import type { Place } from '../weather/index.ts';

/** What is asked for. */
export interface Asked {
  readonly place: Place;
  readonly fromMs: number;
  /** Hours from then on. */
  readonly hours: number;
  /** What the source wants to be told to answer, where it wants one. */
  readonly key?: string | undefined;
}

const instant = (ms: number): string => new Date(ms).toISOString().replace('.000Z', 'Z');
const toMs = ({ fromMs, hours }: Asked): number => fromMs + hours * MS_PER_HOUR;

/** What may stand in braces in an address, with what it says to people. */
export const FILLINGS: Readonly<
  Record<string, { readonly says: string; readonly of: (asked: Asked) => string }>
> = {
  latitude: { says: 'degrees north of the job', of: ({ place }) => String(place.latitudeDeg) },
  longitude: { says: 'degrees east of the job', of: ({ place }) => String(place.longitudeDeg) },
  from: { says: 'the first hour in UTC, such as 2026-05-12T09:00:00Z', of: ({ fromMs }) => instant(fromMs) },
  to: { says: 'the end of the last hour in UTC', of: (asked) => instant(toMs(asked)) },
  fromDate: { says: 'the day of the first hour in UTC', of: ({ fromMs }) => instant(fromMs).slice(0, 10) },
  toDate: {
    says: 'the day of the last hour in UTC',
    of: (asked) => instant(toMs(asked) - MS_PER_HOUR).slice(0, 10),
  },
  fromSeconds: { says: 'the first hour in seconds since 1970', of: ({ fromMs }) => String(fromMs / 1000) },
  toSeconds: {
    says: 'the end of the last hour in seconds since 1970',
    of: (asked) => String(toMs(asked) / 1000),
  },
  hours: { says: 'how many hours', of: ({ hours }) => String(hours) },
  key: { says: 'the key', of: ({ key }) => key ?? '' },
};

/** Stand-ins on the server itself, which make their weather up. */
export const STAND_IN_SCHEME = 'stand-in://';
export const isStandIn = (address: string): boolean => address.startsWith(STAND_IN_SCHEME);

const HOST = /^[a-z0-9](?:[a-z0-9-]*[a-z0-9])?(?:\.[a-z0-9](?:[a-z0-9-]*[a-z0-9])?)+(?::\d{1,5})?$/;
/** The last label of a name is no number: 10.0.0.1 is an address of a machine, not a name. */
const NUMERIC_END = /\.\d+(?::\d+)?$/;

/** The port of HTTPS itself is never said: one host has one name. */
const OWN_PORT = /:443$/;

/** @returns what is wrong with the name of a host, as the end of "expected …"; undefined where nothing is */
export function hostProblem(host: string): string | undefined {
  if (OWN_PORT.test(host)) return 'the name of a host without :443, which is said of itself';
  const plain = host.length <= 253 && HOST.test(host) && !NUMERIC_END.test(host);
  return plain ? undefined : 'the name of a host in small letters, such as weather.example';
}

/** The host of an address, with its port where it says one; undefined for a stand-in and for what is none. */
export const hostOf = (address: string): string | undefined =>
  /^https:\/\/([^/?#]+)/i.exec(address)?.[1]?.toLowerCase().replace(OWN_PORT, '');

/** @returns what is wrong with an address, as the end of "expected …"; undefined where nothing is */
export function addressProblem(address: string): string | undefined {
  if (isStandIn(address)) {
    if (!/^stand-in:\/\/[a-z]+(?:[/?]|$)/.test(address))
      return 'a stand-in by its name, such as stand-in://rows';
  } else {
    const host = hostOf(address);
    if (host === undefined) return 'an address that begins with https://';
    if (host.includes('@')) return 'an address without a name and a password: a key is kept apart';
    const odd = hostProblem(host);
    if (odd !== undefined) return odd;
  }
  if (/[\s"<>\\^`|#]/.test(address)) return 'an address without spaces, quotes and #';
  const braces = address.replace(/\{(\w+)\}/g, (all, name: string) =>
    Object.hasOwn(FILLINGS, name) ? '' : all,
  );
  const other = /\{[^}]*\}?|\}/.exec(braces)?.[0];
  return other === undefined
    ? undefined
    : `in braces one of ${Object.keys(FILLINGS).join(', ')}; not ${other}`;
}

/** The address as it is asked: what stands in braces filled in and written as addresses want it. */
export const filledAddress = (address: string, asked: Asked): string =>
  address.replace(/\{(\w+)\}/g, (all, name: string) => {
    const filling = Object.hasOwn(FILLINGS, name) ? FILLINGS[name] : undefined;
    return filling ? encodeURIComponent(filling.of(asked)) : all;
  });
