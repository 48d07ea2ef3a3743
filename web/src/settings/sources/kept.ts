/** Sources and hosts of the firm, as the server tells them. */
import { shallowRef } from 'vue';
import { bodyOf } from '@lentum/client';
import type { WeatherSource } from '@lentum/core/sources';
import { api } from '../../app/api.ts';
import { useAttempt } from '../../shared/attempt.ts';

export interface KeptSource {
  readonly id: string;
  readonly version: number;
  readonly source: WeatherSource;
  readonly hasKey: boolean;
  readonly simulated: boolean;
}

export function useKeptSources() {
  const sources = shallowRef<readonly KeptSource[]>();
  const hosts = shallowRef<readonly string[]>([]);
  const { trouble, busy, attempt } = useAttempt();
  const namesOf = (list: { readonly hosts: readonly { readonly host: string }[] }): string[] =>
    list.hosts.map((h) => h.host);

  const load = (): Promise<void> =>
    attempt(async () => {
      const [kept, allowed] = await Promise.all([
        api.GET('/firm/weather-sources', {}),
        api.GET('/firm/weather-hosts', {}),
      ]);
      sources.value = bodyOf(kept).sources;
      hosts.value = namesOf(bodyOf(allowed));
    });
  const allow = async (host: string): Promise<void> => {
    hosts.value = namesOf(bodyOf(await api.POST('/firm/weather-hosts/allow', { body: { host } })));
  };
  const disallow = (host: string): Promise<void> =>
    attempt(async () => {
      hosts.value = namesOf(bodyOf(await api.POST('/firm/weather-hosts/disallow', { body: { host } })));
    });
  const putAway = (sourceId: string): Promise<void> =>
    attempt(async () => {
      await api.POST('/firm/weather-sources/{sourceId}/put-away', {
        params: { path: { sourceId } },
        body: {},
      });
      await load();
    });
  return { sources, hosts, trouble, busy, load, allow, disallow, putAway };
}
