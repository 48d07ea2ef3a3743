/** What the instruments on site read, as it comes: a stream while somebody takes a reading. */
import { useEventSource } from '@vueuse/core';
import { computed } from 'vue';
import { useJob } from '../app/job.ts';

interface SiteReading {
  readonly instrument: string;
  readonly simulated: boolean;
  /** When it was read. */
  readonly at: string;
  readonly airC?: number;
  readonly humidityPct?: number;
  readonly windMPerS?: number;
  readonly surfaceC?: number;
  /** Why it could not be read again since. */
  readonly problem?: string;
}

/** @param zoneId of the surface that the thermometer points at */
export function useInstruments(zoneId: () => string) {
  const job = useJob();
  const { data, status, open, close } = useEventSource(
    () => `/api/v1/jobs/${job.id}/weather/readings?zone=${encodeURIComponent(zoneId())}`,
    [],
    { immediate: false, autoConnect: false, autoReconnect: true },
  );
  return {
    /** Whoever tells the job's weather has instruments on its site. */
    there: computed(() => job.weather.doc.draft.service !== 'none'),
    reading: computed(() =>
      status.value === 'OPEN' && data.value !== null ? (JSON.parse(data.value) as SiteReading) : undefined,
    ),
    open,
    close,
  };
}
