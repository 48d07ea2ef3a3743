/** Sources on screen: hosts that may be asked, what a job asks, and a station whose last reading is not of now. */
import { flushPromises, mount } from '@vue/test-utils';
import ElementPlus from 'element-plus';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import ConditionsPanel from '../src/site/ConditionsPanel.vue';
import HostList from '../src/settings/sources/HostList.vue';
import { openDemo, type OpenDemo } from './openjob.ts';
import { leaveStandIns, plain } from './support.ts';

describe('hosts that may be asked', () => {
  const allowed: string[] = [];
  const shown = (hosts: readonly string[] = []) => {
    allowed.length = 0;
    const allow = (host: string): Promise<void> => Promise.resolve(void allowed.push(host));
    return mount(HostList, { props: { hosts, allow }, global: { plugins: [ElementPlus] } });
  };
  it.each([
    ['weather.example', 'weather.example'],
    [' Weather.Example ', 'weather.example'],
    ['https://weather.example:443/hours?lat=1', 'weather.example'],
    ['https://weather.example:8443', 'weather.example:8443'],
  ])('“%s” allows %s', async (typed, host) => {
    const at = shown();
    await at.find('input').setValue(typed);
    await at.find('form').trigger('submit');
    await flushPromises();
    expect(allowed).toEqual([host]);
    expect(at.find('[role=alert]').exists()).toBe(false);
  });
  it.each(['10.0.0.1', 'localhost', 'http://weather.example', '*.example'])('“%s” is none', async (typed) => {
    const at = shown();
    await at.find('input').setValue(typed);
    await at.find('form').trigger('submit');
    await flushPromises();
    expect(allowed).toEqual([]);
    expect(at.get('[role=alert]').text()).toBe(
      `Host: “${typed}” was entered; expected the name of a host in small letters, such as weather.example.`,
    );
  });
  it('one is no longer allowed by its button', async () => {
    const at = shown(['a.example', 'b.example']);
    await at.get('button[aria-label="No longer allow b.example"]').trigger('click');
    expect(at.emitted('disallow')).toEqual([['b.example']]);
  });
});

describe('a reading of the instruments on site', () => {
  let at: OpenDemo;
  let stream: EventTarget & { onmessage?: (e: { data: string }) => void; onopen?: () => void };
  beforeEach(async () => {
    at = await openDemo('/jobs/demo/site?part=bays&zone=hall');
    vi.stubGlobal(
      'EventSource',
      class extends EventTarget {
        constructor() {
          super();
          // eslint-disable-next-line @typescript-eslint/no-this-alias
          stream = this;
        }
        close(): void {
          /* nothing runs */
        }
      },
    );
  });
  afterEach(leaveStandIns);
  async function taking(reading: object) {
    const buildUp = at.job.zones.find((z) => z.zone.id === 'hall')?.buildUp;
    if (!buildUp) throw new Error('the hall has a build-up');
    const w = at.show(ConditionsPanel, { zoneId: 'hall', buildUp });
    await w.get('button').trigger('click');
    await nextTick();
    stream.onopen?.();
    stream.onmessage?.({ data: JSON.stringify({ instrument: 'Mast', simulated: false, ...reading }) });
    await nextTick();
    const from = w.findAll('button').find((b) => b.text() === 'From the instruments');
    return { w, from };
  }
  const ago = (minutes: number): string => new Date(Date.now() - minutes * 60_000).toISOString();

  it('is taken as it is, and what it does not read stays to be read', async () => {
    const { w, from } = await taking({ at: ago(1), airC: 12.5, windMPerS: 3 });
    expect(plain(w.text())).toContain('Mast now: air 12.5 °C, wind 11 km/h.');
    expect(from?.attributes('disabled')).toBeUndefined();
    await from?.trigger('click');
    const values = w.findAll('input').map((i) => (i.element as HTMLInputElement).value);
    expect(values.slice(0, 3)).toEqual(['12.5', '', '']);
  });
  it('of a quarter of an hour ago is shown with its time, and is not taken for one of now', async () => {
    const { w, from } = await taking({ at: ago(15), airC: 12.5, problem: 'The mast is out of reach.' });
    expect(plain(w.text())).toContain('too long ago to stand for now: air 12.5 °C.');
    expect(plain(w.text())).toContain('The mast is out of reach.');
    expect(from?.attributes('disabled')).toBeDefined();
  });
});
