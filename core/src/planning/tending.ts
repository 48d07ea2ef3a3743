/** What is done to a coat that has cured before it is gone on with: loose aggregate is swept off, fibres are rubbed down. */
import { isCoat, type Broadcast, type BuildUp, type Fabric, type WorkLayer } from '../buildup/index.ts';
import { FIBRES_MIN_PER_M2, SWEEP_MIN_PER_M2, THROW_MIN_PER_M2 } from './worktimes.ts';

export interface Tending {
  readonly name: string;
  /** Minutes of one person for a square metre. */
  readonly minPerM2: number;
  readonly steps: readonly string[];
}

const thrownInto = (buildUp: BuildUp, layer: WorkLayer): Broadcast[] =>
  buildUp.layers.filter((l): l is Broadcast => l.kind === 'broadcast' && l.into === layer.id);

/** Minutes of one person for throwing into a square metre of a coat. */
export const throwMinPerM2 = (buildUp: BuildUp, layer: WorkLayer): number =>
  thrownInto(buildUp, layer).reduce((n, b) => n + THROW_MIN_PER_M2[b.method], 0);

/** What is loose on a coat is swept off once it has cured; undefined where nothing is thrown into it. */
export function sweepingOf(buildUp: BuildUp, layer: WorkLayer): Tending | undefined {
  const sand = thrownInto(buildUp, layer).find((b) => b.method !== 'light');
  if (!sand) return undefined;
  const name = `Sweep off loose ${sand.name.toLowerCase()}`;
  return { name, minPerM2: SWEEP_MIN_PER_M2, steps: [name] };
}

/** All that is done before the next layer; undefined where nothing is asked for. */
export function tendingOf(buildUp: BuildUp, layer: WorkLayer): Tending | undefined {
  if (!isCoat(layer)) return undefined;
  const fabric = buildUp.layers.find(
    (l): l is Fabric => l.kind === 'fabric' && l.embeddedIn === layer.id && l.where !== 'details',
  );
  const sweeping = sweepingOf(buildUp, layer);
  if (!fabric) return sweeping;
  const name = 'Rub down fibres';
  return {
    name: sweeping?.name ?? name,
    minPerM2: FIBRES_MIN_PER_M2 + (sweeping?.minPerM2 ?? 0),
    steps: [...(sweeping?.steps ?? []), name],
  };
}
