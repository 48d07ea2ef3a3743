/** What is looked at: the zone, one of its rolled layers or all of them, a piece. */
import { computed } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { BoardLayout, LayerLayout, MaterialPlan } from '@lentum/core/courses';
import { useChosenZone } from '../../app/chosenzone.ts';
import { useJob } from '../../app/job.ts';

export interface Laid {
  readonly kind: 'rolled';
  readonly layerId: string;
  readonly name: string;
  readonly code: string;
  readonly layout: LayerLayout;
  readonly plan: MaterialPlan;
}
export interface Boarded {
  readonly kind: 'boards';
  readonly layerId: string;
  readonly name: string;
  readonly code: string;
  readonly boards: BoardLayout;
}

export function useChosenLayer() {
  const job = useJob();
  const route = useRoute();
  const router = useRouter();
  const { chosenId } = useChosenZone();
  const layers = computed((): (Laid | Boarded)[] => {
    const plan = job.courses.plan;
    if (!plan) return [];
    const rolled = plan.materials.flatMap((m) =>
      m.material.layouts
        .filter((l) => l.zone.id === chosenId.value)
        .map((layout): Laid => {
          const { layer, code } = layout.rolled;
          return { kind: 'rolled', layerId: layer.id, name: layer.name, code, layout, plan: m };
        }),
    );
    const boards = plan.boards
      .filter((b) => b.zone.id === chosenId.value)
      .map((b): Boarded => ({
        kind: 'boards',
        layerId: b.layer.id,
        name: b.layer.name,
        code: b.code,
        boards: b,
      }));
    return [...rolled, ...boards].sort((a, b) => a.code.localeCompare(b.code));
  });
  const go = (query: Record<string, string | undefined>): void =>
    void router.replace({ query: { ...route.query, ...query } });
  const all = computed(() => route.query['layer'] === 'all' && layers.value.length > 1);
  const chosen = computed(
    () => layers.value.find((l) => l.layerId === route.query['layer']) ?? layers.value[0],
  );
  const pieceLabel = computed(() => {
    const asked = route.query['piece'];
    return typeof asked === 'string' ? asked : undefined;
  });
  return {
    chosenId,
    layers,
    all,
    chosen,
    pieceLabel,
    chooseLayer: (layer: string): void => go({ layer, piece: undefined }),
    choosePiece: (piece: string | undefined): void => go({ piece }),
  };
}
