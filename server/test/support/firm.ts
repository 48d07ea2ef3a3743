/** A firm whose people sign in, on a database of its own: firm mode is of the whole database. */
import { randomUUID } from 'node:crypto';
import request from 'supertest';
import type { Role } from '@lentum/core/access';
import { ensureDatabase } from '../../../scripts/lib/postgres.mjs';
import { createPool, type Pool } from '../../src/db/pool.ts';
import { prepare } from '../../src/db/prepare.ts';
import { createApp, type AppOptions } from '../../src/http/app.ts';
import { HEAD, NOW, V1 } from './api.ts';

export const PASSWORD = 'blue ladder tin 44';
export type Agent = ReturnType<typeof request.agent>;

export interface FirmHouse {
  readonly pool: Pool;
  /** A browser of its own, not signed in. */
  readonly browser: () => Agent;
  readonly owner: Agent;
  /** Somebody new, signed in. @param jobs roles in jobs, by job */
  readonly join: (login: string, role: Role | null, jobs?: Readonly<Record<string, Role>>) => Promise<Joined>;
  readonly startJob: () => Promise<string>;
  readonly end: () => Promise<void>;
}
export interface Joined {
  readonly id: string;
  readonly personId: string;
  readonly agent: Agent;
}

export async function openFirm(name: string, options: Partial<AppOptions> = {}): Promise<FirmHouse> {
  const database = await ensureDatabase(name, { fresh: true });
  await prepare(database);
  const pool = createPool(database.url);
  const app = createApp({ pool, now: () => NOW, ...options });
  const browser = (): Agent => request.agent(app);
  const owner = browser();
  await owner
    .post(`${V1}/firm/accounts`)
    .send({ firm: 'Harbour Coatings', name: 'Oda', login: 'oda', password: PASSWORD })
    .expect(201);
  return {
    ...{ pool, browser, owner },
    join: async (login, firmRole, jobRoles = {}) => {
      const id = randomUUID();
      await owner.put(`${V1}/accounts/${id}`).send({ name: login, firmRole, jobRoles }).expect(201);
      const { body } = await owner.post(`${V1}/accounts/${id}/code`).send({}).expect(200);
      const agent = browser();
      const { code } = body as { code: string };
      await agent.post(`${V1}/codes/use`).send({ code, login, password: PASSWORD }).expect(200);
      return { id, personId: id, agent };
    },
    startJob: async () => {
      const id = randomUUID();
      await owner.put(`${V1}/jobs/${id}`).send(HEAD).expect(201);
      return id;
    },
    end: () => pool.end(),
  };
}
