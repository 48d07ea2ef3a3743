/** Instruments that can be read: what there is, and readings from one. */
import { ref } from 'vue';
import type { Place, Test } from '@lentum/core/survey';
import { call, get, Offline } from '../app/api.ts';

export interface Instrument {
  readonly id: string;
  readonly name: string;
  readonly measures: Test['kind'];
  readonly simulated: boolean;
  /** It reads where it is set down, one place at a time. */
  readonly onePlace: boolean;
}

export function useInstruments() {
  const instruments = ref<readonly Instrument[]>([]);
  get<Instrument[]>('/instruments').then(
    ({ body }) => (instruments.value = body),
    (error: unknown) => {
      // Without a server there is no instrument to read; typing goes on.
      if (!(error instanceof Offline)) throw error;
    },
  );
  /** Reads an instrument; each reading becomes a test. */
  async function read(instrument: Instrument, target: string, places: readonly Place[]): Promise<Test[]> {
    const { body } = await call<{
      instrument: string;
      takenAt: string;
      readings: { at: Place; value: number }[];
    }>('POST', `/instruments/${instrument.id}/readings`, { body: { target, places } });
    return body.readings.map(({ at, value }) => ({
      id: crypto.randomUUID(),
      kind: instrument.measures,
      at,
      takenAt: body.takenAt,
      instrument: body.instrument,
      value,
      unprimed: false,
      note: '',
    }));
  }
  return { instruments, read };
}
