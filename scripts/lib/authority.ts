/** A certificate authority of the tests' own: a certificate for a name, and a browser that trusts it. Nothing is left out. */
import { execFileSync } from 'node:child_process';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';

const KEY = ['-newkey', 'ec', '-pkeyopt', 'ec_paramgen_curve:P-256', '-nodes'];
const DAYS = ['-days', '2'];

export interface Authority {
  /** Its certificate. */
  readonly file: string;
  /** @returns the certificate of a name with its key, in one file as a proxy reads it */
  readonly certify: (name: string) => string;
  /** @returns a home in which a browser trusts it */
  readonly home: (name: string) => string;
}

/** @param folder where everything of it is written */
export function authority(folder: string): Authority {
  const at = (name: string): string => path.join(folder, name);
  const openssl = (...args: string[]): void =>
    void execFileSync('openssl', args, { stdio: ['ignore', 'ignore', 'pipe'] });
  const [file, key] = [at('authority.pem'), at('authority.key')];
  openssl(
    ...['req', '-x509', ...KEY, '-keyout', key, '-out', file, ...DAYS, '-subj', '/CN=Authority of the tests'],
    ...['-addext', 'keyUsage=critical,keyCertSign'],
  );
  return {
    file,
    certify: (name) => {
      const [own, asked, given] = [at(`${name}.key`), at(`${name}.csr`), at(`${name}.crt`)];
      openssl('req', ...KEY, '-keyout', own, '-out', asked, '-subj', `/CN=${name}`);
      writeFileSync(at('of'), `subjectAltName=DNS:${name}\nextendedKeyUsage=serverAuth\n`);
      openssl(
        ...['x509', '-req', '-in', asked, '-out', given, '-extfile', at('of'), ...DAYS],
        ...['-CA', file, '-CAkey', key, '-CAcreateserial'],
      );
      const both = at(`${name}.pem`);
      writeFileSync(both, readFileSync(given, 'utf8') + readFileSync(own, 'utf8'), { mode: 0o600 });
      return both;
    },
    home: (name) => {
      const home = at(name);
      const known = path.join(home, '.pki/nssdb');
      mkdirSync(known, { recursive: true });
      const certutil = (...args: string[]): void =>
        void execFileSync('certutil', ['-d', `sql:${known}`, ...args], { stdio: 'pipe' });
      certutil('-N', '--empty-password');
      certutil('-A', '-n', 'Authority of the tests', '-t', 'C,,', '-i', file);
      return home;
    },
  };
}
