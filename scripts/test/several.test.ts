/** What docs/several.md says is what the script does. */
import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { limitsOf } from '../failover/limits.ts';
import { settings } from '../failover/pooler.ts';
import { archivingSettings } from '../lib/archiving.mjs';

const page = readFileSync(new URL('../../docs/several.md', import.meta.url), 'utf8');

it('the role that serves is given the limits that the page gives', () => {
  for (const statement of limitsOf('lentum_app')) expect(page).toContain(statement);
});

it('the pooler takes no notice of what the role has, and asks a database again within a second', () => {
  const said = settings('/folder', 1, 'lentum', 2);
  for (const statement of limitsOf('lentum_app'))
    expect(said).toMatch(new RegExp(`ignore_startup_parameters = .*${/SET (\w+)/.exec(statement)?.[1]}`));
  expect(page).toContain(/server_login_retry = \d+/.exec(said)?.[0]);
  expect(said).toContain('lentum = host=127.0.0.1 port=2 dbname=lentum pool_mode=transaction');
  expect(said).toContain('lentum_owner = host=127.0.0.1 port=2 dbname=lentum pool_mode=session');
});

it('a folder of an archive becomes part of a command only where it can be nothing else', () => {
  expect(archivingSettings('/a b/c').archive_command).toContain('"/a b/c/log/%f"');
  for (const odd of ['/a"b', "/a'b", '/a$b', '/a%b', '/a;b', '/a\nb'])
    expect(() => archivingSettings(odd)).toThrow(/expected a folder/);
});
