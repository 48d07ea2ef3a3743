/** What others change comes at once: over one stream for all tabs, and never over what is being typed. */
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import type { Survey } from '@lentum/core/survey';
import { followJob, type Heard } from '../src/app/live.ts';
import { settle, TIMERS } from './device.ts';
import { demo, openDemo, type OpenDemo } from './openjob.ts';
import { leaveStandIns } from './support.ts';

/** What stands for the browser's own. */
class Source {
  static readonly CLOSED = 2;
  static made: Source[] = [];
  readyState = 1;
  onmessage: ((e: { data: string }) => void) | undefined;
  onerror: (() => void) | undefined;
  looks: (() => void)[] = [];
  constructor(readonly address: string) {
    Source.made.push(this);
  }
  addEventListener(_event: string, hear: () => void): void {
    this.looks.push(hear);
  }
  close(): void {
    this.readyState = Source.CLOSED;
  }
  refuse(): void {
    this.readyState = Source.CLOSED;
    this.onerror?.();
  }
}
const CHANGE = { jobId: 'roof', what: 'record', version: 4 } as const;
beforeEach(() => {
  Source.made = [];
  vi.stubGlobal('EventSource', Source);
});
afterEach(leaveStandIns);

describe('the stream of a job', () => {
  const stops: (() => void)[] = [];
  const tab = () => {
    const heard: Heard[] = [];
    const stop = followJob('roof', (h) => heard.push(h));
    stops.push(stop);
    return { heard, stop };
  };
  afterEach(() => stops.splice(0).forEach((stop) => stop()));

  it('is one for all tabs; when the tab that holds it closes, the next one takes it', async () => {
    const [first, second] = [tab(), tab()];
    await settle();
    expect(Source.made.map((s) => s.address)).toEqual(['/api/v1/jobs/roof/live']);
    Source.made[0]!.onmessage!({ data: JSON.stringify(CHANGE) });
    Source.made[0]!.looks.forEach((look) => look());
    await settle();
    expect(first.heard).toEqual([CHANGE, 'look']);
    expect(second.heard).toEqual([CHANGE, 'look']);
    first.stop();
    await settle();
    expect(Source.made).toHaveLength(2);
    Source.made[1]!.onmessage!({ data: JSON.stringify(CHANGE) });
    await settle();
    expect(first.heard).toHaveLength(2);
    expect(second.heard).toHaveLength(3);
  });

  it('that was refused is asked for again after a while', async () => {
    vi.useFakeTimers(TIMERS);
    tab();
    await settle();
    Source.made[0]!.refuse();
    await settle();
    expect(Source.made).toHaveLength(1);
    await vi.advanceTimersByTimeAsync(30_000);
    await settle();
    expect(Source.made).toHaveLength(2);
  });
});

describe('what others saved', () => {
  let at: OpenDemo;
  /** The survey as the server has it from now on. */
  function saveElsewhere(version: number, name: string): void {
    const line = fetch;
    const body: Survey = {
      ...demo.survey,
      zones: demo.survey.zones.map((z, i) => (i === 0 ? { ...z, name } : z)),
    };
    vi.stubGlobal('fetch', (address: string, init: RequestInit) =>
      init.method === 'GET' && address.endsWith('/survey')
        ? Promise.resolve(
            new Response(JSON.stringify(body), {
              headers: { ETag: `"${version}"`, 'Content-Type': 'application/json' },
            }),
          )
        : line(address, init),
    );
  }
  const told = async (version: number): Promise<void> => {
    const heard = at.job.hear({ jobId: 'demo', what: 'survey', version });
    await at.wait(10);
    await heard;
  };
  const name = (): string => at.job.documents.survey.draft.zones[0]!.name;
  beforeEach(async () => {
    at = await openDemo();
  });

  it('is on screen, and is not saved again from here', async () => {
    saveElsewhere(2, 'Another hall');
    await told(2);
    expect(name()).toBe('Another hall');
    expect(at.job.documents.survey.version).toBe(2);
    await at.wait(2000);
    expect(at.server.saved).toEqual({});
  });

  it('leaves alone what was changed here meanwhile', async () => {
    saveElsewhere(2, 'Another hall');
    at.job.documents.survey.draft.zones[0]!.name = 'My hall';
    await nextTick();
    await told(2);
    expect(name()).toBe('My hall');
  });

  it('of this very device, or of another job, is no news', async () => {
    saveElsewhere(1, 'Another hall');
    await told(1);
    await at.job.hear({ jobId: 'elsewhere', what: 'survey', version: 9 });
    expect(name()).toBe(demo.survey.zones[0]!.name);
  });

  it('waits until the field is left that somebody types in', async () => {
    saveElsewhere(2, 'Another hall');
    const field = document.body.appendChild(document.createElement('input'));
    field.focus();
    const heard = at.job.hear({ jobId: 'demo', what: 'survey', version: 2 });
    await at.wait(10);
    expect(name()).toBe(demo.survey.zones[0]!.name);
    field.blur();
    await at.wait(10);
    await heard;
    expect(name()).toBe('Another hall');
    field.remove();
  });
});
