/** Components mounted as the application mounts them, with the demo's job in the store and no server. */
import { mount } from '@vue/test-utils';
import { ElButton, ElInput, ElSelect } from 'element-plus';
import { createPinia, setActivePinia } from 'pinia';
import type { Component } from 'vue';
import { CATALOGUE, isCoat, type BuildUpDoc } from '@lentum/core/buildup';
import {
  bayStatus,
  EMPTY_BOOK,
  foldRecord,
  link,
  type BayStatus,
  type Entry,
  type StoredEntry,
} from '@lentum/core/record';

export const NOW = Date.parse('2026-05-12T09:30:00Z');
export const polyurethane = CATALOGUE[0]!;
export const coats = polyurethane.layers.filter(isCoat);
export const doc: BuildUpDoc = {
  buildUps: [polyurethane],
  zones: [{ zoneId: 'hall', buildUpId: polyurethane.id, revision: 1 }],
};

export function prepareStore(): void {
  localStorage.clear();
  setActivePinia(createPinia());
}

export const show = (component: Component, options: { props?: Record<string, unknown> } = {}) =>
  mount(component, {
    ...options,
    global: { components: { ElInput, ElButton, ElSelect }, stubs: { ElTooltip: { template: '<slot />' } } },
  } as never);

const at = (hours: number): string => new Date(NOW + hours * 3_600_000).toISOString();

/** The state of a bay of 10 m² with a record of its own. */
export function statusOf(...entries: Partial<Entry>[]): BayStatus {
  const bay = {
    id: 'b',
    zoneId: 'hall',
    label: 'H1',
    parts: [
      {
        outer: [
          [0, 0],
          [5, 0],
          [5, 2],
          [0, 2],
        ] as [number, number][],
        holes: [],
      },
    ],
  };
  const record: StoredEntry[] = [];
  entries.forEach((e, i) =>
    record.push(link(record.at(-1), { id: `e${i}`, madeAt: at(0), who: 'Ines', ...e } as Entry, at(0))),
  );
  return bayStatus(bay, doc, foldRecord(EMPTY_BOOK, record), NOW);
}
export const reading = (hours: number, surfaceC = 20): Partial<Entry> => ({
  kind: 'conditions',
  zoneId: 'hall',
  at: at(hours),
  airC: 18,
  humidityPct: 50,
  surfaceC,
});
export const coat = (finished: number, lastWetMm: number[]): Partial<Entry> =>
  ({
    kind: 'coat',
    bayId: 'b',
    buildUpId: polyurethane.id,
    revision: 1,
    layerId: 'first',
    startedAt: at(finished - 1),
    finishedAt: at(finished),
    containers: [{ containerId: 'pail-25', opened: 1, batch: 'F-1' }],
    leftOver: { basis: 'mass', value: 6 },
    gauge: 'deep',
    lastWetMm,
    note: '',
  }) as Partial<Entry>;
export const step = (kind: string, hours: number): Partial<Entry> =>
  ({ kind: 'step', bayId: 'b', step: kind, at: at(hours), note: '' }) as Partial<Entry>;
