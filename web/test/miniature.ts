/** A server in miniature: one document with its versions, entries by their ids, a line that can be cut. */
import type { EntryForm } from '@lentum/core/record';

export interface Roof {
  name: string;
  zones: { id: string; areaM2: number }[];
}
export const EMPTY: Roof = { name: '', zones: [] };

export class Server {
  version = 1;
  body: Roof = { name: 'Quay', zones: [{ id: 'a', areaM2: 10 }] };
  entries: EntryForm[] = [];
  cut = false;
  refuse: (id: string) => boolean = () => false;
  /** With what it answers instead, where it fails. */
  fails: (id: string | undefined) => number | undefined = () => undefined;
  puts = 0;
  /** The line is cut on the way back: what was sent has arrived. */
  loses = false;
  /** What an answer waits for. */
  hold: Promise<unknown> = Promise.resolve();
  /** What happens while a write is on its way. */
  onTheWay: () => void = () => undefined;

  /** Keys of devices that were shown, and those that were withdrawn. */
  keys: string[] = [];
  withdrawn: string[] = [];

  private shows({ key }: { key: string }): Response {
    if (this.withdrawn.includes(key)) return this.problem(409, { detail: 'The key was withdrawn.' });
    this.keys.push(key);
    return new Response(null, { status: 204 });
  }

  answer = async (path: string, init: RequestInit): Promise<Response> => {
    await Promise.resolve();
    await this.hold;
    if (this.cut) throw new TypeError('Failed to fetch');
    if (path.endsWith('/session/key')) return this.shows(JSON.parse(String(init.body)) as { key: string });
    const id = /\/record\/(.+)$/.exec(path)?.[1];
    if (init.method === 'GET') return this.json(200, this.body);
    this.puts += 1;
    this.onTheWay();
    const failing = this.fails(id);
    if (failing !== undefined) return this.problem(failing, { detail: `It fails with ${failing}.` });
    const body = JSON.parse(String(init.body)) as unknown;
    if (id !== undefined) {
      if (this.refuse(id)) return this.problem(422, { detail: `${id} is refused.` });
      if (!this.entries.some((e) => e.id === id)) this.entries.push(body as EntryForm);
      return this.json(201, { seq: this.entries.length, entry: body });
    }
    const match = new Headers(init.headers).get('If-Match');
    if (match !== `"${this.version}"`)
      return this.problem(412, {
        detail: 'Somebody saved first.',
        newest: { version: this.version, body: this.body },
      });
    this.version += 1;
    this.body = body as Roof;
    if (this.loses) throw new TypeError('Failed to fetch');
    return this.json(200, { version: this.version });
  };

  private json = (status: number, body: unknown): Response =>
    new Response(JSON.stringify(body), { status, headers: { ETag: `"${this.version}"` } });
  private problem = (status: number, body: object): Response =>
    new Response(JSON.stringify({ status, ...body }), {
      status,
      headers: { 'Content-Type': 'application/problem+json' },
    });
}
