/** Outlines that somebody brings as a file: read off the main thread, the unit and the layers asked where the file does not say. */
import { computed, ref, shallowRef, watch } from 'vue';
import type { DrawingUnit, FoundOutlines } from '@lentum/core/drawings';
import {
  guessCoordinates,
  toMetres,
  type CoordinateKind,
  type GeoJsonRead,
  type ImportedOutline,
} from '@lentum/core/outlinefiles';
import { sentence, type Problem, type Result } from '@lentum/core/problems';
import { sentenceOf } from '../app/api.ts';
import { useReading } from '../shared/reading.ts';
import { toldBack } from '../workers/openwork.ts';
import { openOutlines, type OpenOutlines } from '../workers/outlinework.ts';
import type { DrawingFacts, SeenOutlines } from '../workers/outlinetasks.ts';

/** More lines than this are not worked through unasked: somebody chooses the layers first. */
const MANY_PATHS = 5000;

export interface Imported {
  readonly outlines: readonly ImportedOutline[];
  readonly origin: SeenOutlines['kind'];
  /** Longitude and latitude of the first corner, where the file told them. */
  readonly onGlobe?: readonly [number, number];
}

/** Of a GeoJSON file the first corner lies on the globe where its numbers are degrees. */
function placedBy(geo: GeoJsonRead, kind: CoordinateKind): Pick<Imported, 'onGlobe'> {
  const first = geo.outlines[0]?.outer[0];
  return kind === 'degrees' && first && guessCoordinates([first]) === 'degrees' ? { onGlobe: first } : {};
}

export function useOutlineFile() {
  const reading = useReading();
  const name = ref('');
  const kind = ref<SeenOutlines['kind']>();
  const problems = shallowRef<readonly string[]>([]);
  /** Of a drawing. */
  const facts = shallowRef<DrawingFacts>();
  const layers = ref<string[]>([]);
  const found = shallowRef<FoundOutlines>();
  /** Units of a drawing are confirmed by hand, as a wrong one is a thousandfold. */
  const confirmed = ref(false);
  /** Of a drawing or a table. */
  const unit = ref<DrawingUnit>('m');
  /** Of GeoJSON. */
  const geo = shallowRef<GeoJsonRead>();
  const coordinates = ref<CoordinateKind>('metres');
  /** Of a table of corners. */
  const corners = shallowRef<ImportedOutline>();
  let file: OpenOutlines | undefined;
  let asked = 0;

  /** Gives up what is read, or what was. */
  function close(): void {
    asked += 1;
    reading.stop();
    file = undefined;
    kind.value = undefined;
    problems.value = [];
    facts.value = undefined;
    layers.value = [];
    found.value = undefined;
    confirmed.value = false;
    unit.value = 'm';
    geo.value = undefined;
    corners.value = undefined;
  }

  /** @returns the value, or undefined where what is wrong is told */
  function told<T>(result: Result<T>): T | undefined {
    problems.value = result.ok ? [] : result.problems.slice(0, 4).map((p: Problem) => sentence(p));
    return result.ok ? result.value : undefined;
  }

  async function look(): Promise<void> {
    const mine = (asked += 1);
    if (!file) return;
    try {
      if (kind.value === 'CSV') {
        const read = await file.ask.byCorners(unit.value);
        if (mine === asked) corners.value = told(read);
      } else if (kind.value === 'DXF' && facts.value) {
        const on =
          layers.value.length > 0 ? await file.ask.onLayers([...layers.value], unit.value) : undefined;
        if (mine === asked) found.value = on;
      }
    } catch (error) {
      if (mine === asked) problems.value = [sentenceOf(error)];
    }
  }
  watch([unit, layers], look);

  function seen(answer: SeenOutlines): void {
    kind.value = answer.kind;
    if (answer.kind === 'GeoJSON') {
      geo.value = told(answer.read);
      if (geo.value) coordinates.value = geo.value.frame === undefined ? geo.value.guess : 'degrees';
    } else if (answer.kind === 'DXF') {
      const drawing = told(answer.read);
      facts.value = drawing;
      if (!drawing) return;
      confirmed.value = drawing.unit !== undefined;
      unit.value = drawing.guess;
      const few = drawing.layers.filter((l) => l.paths <= MANY_PATHS && l.hidden === undefined);
      layers.value = (drawing.layers.length === 1 ? few : few.slice(0, 1)).map((l) => l.name);
    }
  }

  async function pick(event: Event): Promise<void> {
    const chosen = (event.target as HTMLInputElement).files?.[0];
    if (!chosen) return;
    close();
    name.value = chosen.name;
    const fresh = openOutlines();
    file = fresh;
    try {
      const answer = await reading.read(
        (progress) => fresh.ask.open(chosen, chosen.name, toldBack(progress)),
        fresh.end,
      );
      if (!answer) return;
      seen(answer);
      await look();
    } catch (error) {
      problems.value = [sentenceOf(error)];
    }
  }

  const outlines = computed<readonly ImportedOutline[]>(() => {
    if (kind.value === 'GeoJSON') return geo.value ? toMetres(geo.value.outlines, coordinates.value) : [];
    if (kind.value === 'CSV') return corners.value ? [corners.value] : [];
    return found.value?.outlines ?? [];
  });
  /** What can be added now; undefined while there is nothing, or its unit is not confirmed. */
  const imported = computed<Imported | undefined>(() =>
    kind.value === undefined || outlines.value.length === 0 || (kind.value === 'DXF' && !confirmed.value)
      ? undefined
      : {
          outlines: outlines.value,
          origin: kind.value,
          ...(geo.value ? placedBy(geo.value, coordinates.value) : {}),
        },
  );

  return {
    ...{ name, kind, problems, facts, layers, found, confirmed, unit, geo, coordinates },
    ...{ outlines, imported, share: reading.share, pick, close },
  };
}
