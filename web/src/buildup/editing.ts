/** How a build-up is edited on screen: changes go through the holder, typed numbers carry the source that is set. */
import { inject, provide, reactive, type InjectionKey } from 'vue';
import { isCoat, rateSet, type BuildUp, type FieldGroup, type Layer, type Paper } from '@lentum/core/buildup';
import type { Source } from '@lentum/core/figures';
import type { RateBasis, Ranged } from '@lentum/core/units';

/** Groups of fields that are open: the same for every layer, so that a data sheet is typed off layer by layer. */
export const openGroups = reactive(new Set<FieldGroup>(['what it is', 'how much']));

export interface Provenance {
  source: Source;
  cites?: string | undefined;
}

/** A number as a build-up keeps it. */
export interface SourcedNumber {
  value: number;
  source: Source;
  cites?: string | undefined;
}

export interface Editing {
  /** Makes a change to the build-up: its holder saves it, or makes a revision of it. */
  readonly edit: (change: (b: BuildUp) => void) => void;
  readonly papers: () => readonly Paper[];
  /** Where numbers come from that are typed now. */
  readonly typed: Provenance;
}

const KEY: InjectionKey<Editing> = Symbol('editing');

export function provideEditing(edit: Editing['edit'], papers: Editing['papers'], source: Source): Editing {
  const editing: Editing = { edit, papers, typed: reactive<Provenance>({ source }) };
  provide(KEY, editing);
  return editing;
}

export function useEditing(): Editing {
  const editing = inject(KEY);
  if (!editing) throw new Error('a build-up is edited inside its editor');
  return editing;
}

/** Changes one layer of the build-up. */
export const editLayer = (editing: Editing, id: string, change: (layer: Layer) => void): void =>
  editing.edit((b) => {
    const layer = b.layers.find((l) => l.id === id);
    if (layer) change(layer);
  });

/** A source as it is written down: without the paper where none is cited. */
export const written = (from: Provenance) => ({
  source: from.source,
  ...(from.cites === undefined ? {} : { cites: from.cites }),
});

/** A typed number with the source that is set. */
export const typedNumber = (editing: Editing, value: number) => ({ value, ...written(editing.typed) });

/** Sets a coat's rate in the form in which it was typed. */
export const setRate = (editing: Editing, id: string, rate: Ranged & { basis: RateBasis }): void =>
  editLayer(editing, id, (layer) => {
    if (!isCoat(layer)) return;
    layer.rate = rateSet(layer, {
      ...typedNumber(editing, rate.value),
      basis: rate.basis,
      ...(rate.range ? { range: { ...rate.range } } : {}),
    });
  });
