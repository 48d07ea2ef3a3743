/** The demo opened as a page opens it: the store of the application, and a server that answers with the demo. */
import { mount } from '@vue/test-utils';
import ElementPlus from 'element-plus';
import { createPinia, setActivePinia } from 'pinia';
import { vi } from 'vitest';
import { h, type Component } from 'vue';
import { createMemoryHistory, createRouter } from 'vue-router';
import type { JobContent } from '@lentum/core/jobfile';
import type { Entry } from '@lentum/core/record';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import { useJob } from '../src/app/job.ts';
import { emptyDevice, settle, TIMERS } from './device.ts';
import { STAGES } from '../src/frame/stagelist.ts';

export const demo: JobContent = velmora(new Date(DEMO_ANCHOR));

export interface DemoServer {
  /** Documents that were saved, by the last part of their address. */
  readonly saved: Record<string, unknown>;
  readonly entered: Entry[];
  /** Names that were sent, by the person's id. */
  readonly named: Record<string, string>;
  /** A sentence with which the next entry is refused. */
  refusal: string;
  /** There is no signal. */
  cut: boolean;
  /** Entries are answered when this comes about. */
  slow?: Promise<void> | undefined;
}

function serve(server: DemoServer, id: string) {
  const documents: Record<string, unknown> = {
    [`/jobs/${id}`]: { id, version: 1, job: demo.job },
    [`/jobs/${id}/survey`]: demo.survey,
    [`/jobs/${id}/build-up`]: demo.buildUp,
    [`/jobs/${id}/order`]: demo.order,
    [`/jobs/${id}/programme`]: demo.programme,
    [`/jobs/${id}/proving`]: demo.proving,
    [`/jobs/${id}/site`]: demo.site,
    [`/jobs/${id}/weather`]: demo.weather,
    [`/jobs/${id}/weather/series`]: { series: [] },
    '/instruments': [],
    '/firm/practice': {
      version: 1,
      settings: [{ key: 'pullOff', value: 1.2, says: 'our rule' }],
    },
    [`/jobs/${id}/record`]: { entries: demo.record, people: demo.people },
  };
  const json = (status: number, body: unknown, type = 'application/json'): Response =>
    new Response(JSON.stringify(body), { status, headers: { ETag: '"1"', 'Content-Type': type } });
  return async (address: string, init: RequestInit): Promise<Response> => {
    await Promise.resolve();
    if (server.cut) throw new TypeError('Failed to fetch');
    const path = address.replace('/api/v1', '').replace(/\?.*/, '');
    if (init.method === 'GET') return json(200, documents[path]);
    const body = JSON.parse(String(init.body)) as Entry;
    if (path === '/firm/practice') return json(200, { version: 2, settings: body });
    if (path.startsWith('/people/')) {
      const { name } = JSON.parse(String(init.body)) as { name: string };
      server.named[path.split('/').at(-1) ?? ''] = name;
      return json(200, { name });
    }
    if (!path.includes('/record/')) {
      server.saved[path.split('/').at(-1) ?? ''] = body;
      return json(200, { version: 2 });
    }
    await server.slow;
    if (server.refusal !== '')
      return json(422, { status: 422, detail: server.refusal }, 'application/problem+json');
    server.entered.push(body);
    return json(201, {
      seq: demo.record.length + server.entered.length,
      entry: body,
      receivedAt: body.madeAt,
    });
  };
}

/** Opens the demo at its own instant, with clocks that stand until they are moved. */
export async function openDemo(path = '/jobs/demo/site') {
  await emptyDevice(true);
  vi.useFakeTimers({ ...TIMERS, now: Date.parse(DEMO_ANCHOR) });
  localStorage.setItem('lentum.who', 'Ines');
  const server: DemoServer = { saved: {}, entered: [], named: {}, refusal: '', cut: false };
  vi.stubGlobal('fetch', serve(server, 'demo'));
  const pinia = createPinia();
  setActivePinia(pinia);
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [...STAGES.map((s) => s.key), 'upkeep'].map((name) => ({
      path: `/jobs/:jobId/${name}`,
      name,
      component: { render: () => '' },
    })),
  });
  await router.push(path);
  const job = useJob();
  const opened = job.open('demo');
  const wait = async (ms: number): Promise<void> => {
    await settle();
    await vi.advanceTimersByTimeAsync(ms);
    await settle();
    await vi.advanceTimersByTimeAsync(0);
  };
  await wait(1);
  await opened;
  const plugins = [pinia, router, ElementPlus];
  return {
    job,
    server,
    router,
    wait,
    /** A component on the page, with everything that the application gives it. */
    show: (component: Component, props: Record<string, unknown> = {}) =>
      mount(component, { props, global: { plugins, stubs: { teleport: true, transition: true } } } as never),
    /** What a function of the application gives inside a page. */
    within: <T>(use: () => T): T => {
      const given: { value?: T } = {};
      mount({ setup: () => ((given.value = use()), () => h('i')) }, { global: { plugins } } as never);
      return given.value as T;
    },
  };
}
export type OpenDemo = Awaited<ReturnType<typeof openDemo>>;
