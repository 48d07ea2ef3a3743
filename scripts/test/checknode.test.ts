/** An old Node.js is told in a sentence, by a file that it can read. */
import { execFileSync, spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';

const FILE = fileURLToPath(new URL('../checknode.cjs', import.meta.url));
const under = (version: string) =>
  spawnSync(
    process.execPath,
    ['-e', `Object.defineProperty(process.versions, 'node', { value: '${version}' }); require('${FILE}')`],
    { encoding: 'utf8' },
  );

describe('the version of Node.js', () => {
  it.each(['10.24.1', '18.20.4', '20.18.9'])('%s is too old, and is told so', (version) => {
    const { status, stderr } = under(version);
    expect(status).toBe(1);
    expect(stderr).toMatch(
      /^This needs Node\.js 20\.19 or newer; here is .*\. Install a newer one and start again\.\n$/,
    );
  });
  it.each(['20.19.0', '22.1.0'])('%s is enough', (version) => {
    expect(under(version)).toMatchObject({ status: 0, stderr: '' });
  });
  it('of this machine is enough', () => {
    expect(execFileSync(process.execPath, [FILE], { encoding: 'utf8' })).toBe('');
  });
});
