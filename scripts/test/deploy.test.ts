/** What docs/deploy gives as examples is read by the programs that it is for; the proxy's is started in the end-to-end tests. */
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { validate } from 'dockerfile-utils';
import { afterAll, describe, expect, it } from 'vitest';
import { SETTINGS } from '../../server/src/operations/settings.ts';

const example = (name: string): string =>
  readFileSync(new URL(`../../docs/deploy/${name}`, import.meta.url), 'utf8');
const ROOT = path.resolve(import.meta.dirname, '../..');
const folder = mkdtempSync(path.join(tmpdir(), 'lentum-deploy-'));
afterAll(() => rmSync(folder, { recursive: true }));

/** What systemd says of a unit, put where this machine has its Node.js. */
function systemdSays(text: string, ...args: string[]): { code: number; said: string } {
  const file = path.join(folder, 'lentum@4174.service');
  writeFileSync(file, text.replace('/usr/bin/node', process.execPath).replace('/opt/lentum', ROOT));
  const { status, stdout, stderr } = spawnSync('systemd-analyze', [...args, file], { encoding: 'utf8' });
  return { code: status ?? -1, said: `${stdout}${stderr}` };
}

describe('the unit', () => {
  const unit = example('lentum@.service');
  it('is one that systemd reads without a word', () => {
    expect(systemdSays(unit, 'verify')).toEqual({ code: 0, said: '' });
    expect(systemdSays(`${unit}\nWantedBye=x\n`, 'verify').said).toMatch(/Unknown key.* 'WantedBye'/);
  });
  it('leaves the server little that it does not need, by the count of systemd', () => {
    expect(systemdSays(unit, 'security', '--offline=true', '--threshold=20').code).toBe(0);
    expect(
      systemdSays(
        unit.replace(/^(Protect|Private|Restrict).*\n/gm, ''),
        'security',
        '--offline=true',
        '--threshold=20',
      ).code,
    ).not.toBe(0);
  });
});

describe('the container file', () => {
  const text = example('Containerfile');
  it('is one without a mistake', () => {
    expect(validate(text)).toEqual([]);
    expect(validate(text.replace('FROM node', 'FORM node'))).not.toEqual([]);
  });
  it('copies what each part of the project needs to be installed', () => {
    const { workspaces } = JSON.parse(readFileSync(path.join(ROOT, 'package.json'), 'utf8')) as {
      workspaces: string[];
    };
    for (const part of workspaces) expect(text).toContain(`COPY ${part}/package.json ${part}/`);
  });
});

it('no example sets what is no setting', () => {
  const set = ['Containerfile', 'lentum@.service', 'haproxy.cfg'].flatMap((name) =>
    [...example(name).matchAll(/\b(LENTUM_[A-Z_]+)=/g)].map((m) => m[1]),
  );
  expect(set.length).toBeGreaterThan(2);
  for (const name of set) expect(Object.keys(SETTINGS)).toContain(name);
});
