/** The pooler in front of the database that takes writes: Debian's pgbouncer on loopback, pointed elsewhere while it runs. */
import { spawn, type ChildProcess } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { freePort, serverUser } from '../lib/debianpg.mjs';
import { giveAway } from '../lib/pgnode.ts';

const PGBOUNCER = '/usr/sbin/pgbouncer';

/** Role and password. */
export type Logins = Readonly<Record<string, string>>;

/**
 * What the serving role's connections share, transaction by transaction, and what the owner's have to themselves: changing
 * the schema holds a lock from one transaction to the next.
 */
export const settings = (folder: string, port: number, database: string, primaryPort: number): string => `\
[databases]
${database} = host=127.0.0.1 port=${primaryPort} dbname=${database} pool_mode=transaction
${database}_owner = host=127.0.0.1 port=${primaryPort} dbname=${database} pool_mode=session

[pgbouncer]
listen_addr = 127.0.0.1
listen_port = ${port}
unix_socket_dir =
auth_type = scram-sha-256
auth_file = ${path.join(folder, 'pooler.users')}
max_client_conn = 500
default_pool_size = 20
; The application asks for these with each connection; here the role has them.
ignore_startup_parameters = extra_float_digits, lock_timeout, statement_timeout, idle_in_transaction_session_timeout
; A database that is away is asked again soon, and nobody waits for it without an end.
server_login_retry = 1
server_connect_timeout = 2
query_wait_timeout = 5
tcp_keepalive = 1
log_connections = 0
log_disconnections = 0
`;

export class Pooler {
  private constructor(
    private readonly folder: string,
    readonly port: number,
    private readonly database: string,
    private readonly child: ChildProcess,
  ) {}

  private static write(folder: string, name: string, text: string): string {
    const file = path.join(folder, name);
    writeFileSync(file, text, { mode: 0o600 });
    giveAway(file);
    return file;
  }

  static async begin(folder: string, database: string, primaryPort: number, logins: Logins): Promise<Pooler> {
    const port = await freePort();
    const users = Object.entries(logins).map(([role, password]) => `"${role}" "${password}"\n`);
    Pooler.write(folder, 'pooler.users', users.join(''));
    const file = Pooler.write(folder, 'pooler.ini', settings(folder, port, database, primaryPort));
    const child = spawn(PGBOUNCER, ['-q', file], { stdio: 'ignore', cwd: '/', ...serverUser() });
    return new Pooler(folder, port, database, child);
  }

  /** From now on connections go there. */
  point(primaryPort: number): void {
    Pooler.write(this.folder, 'pooler.ini', settings(this.folder, this.port, this.database, primaryPort));
    this.child.kill('SIGHUP');
  }

  end(): void {
    this.child.kill('SIGKILL');
  }
}
