/** A drawing or photo below the plan: sent once, scaled by two points and a known length, traced over. */
import { ref, shallowRef, watch, type Ref } from 'vue';
import { distance, type Point } from '@lentum/core/geometry';
import type { Underlay } from '@lentum/core/survey';
import { picturePath } from '../app/api.ts';
import { hashOf } from '../app/contenthash.ts';
import { fileUrl, keepFile } from '../app/files.ts';

/** Until it is scaled a picture is shown this wide. */
const FIRST_WIDTH_M = 20;
const OPACITY = 0.6;

function load(url: string): Promise<HTMLImageElement> {
  return new Promise((resolve, reject) => {
    const image = new Image();
    image.onload = () => resolve(image);
    image.onerror = () => reject(new Error('The picture cannot be shown; expected a PNG or JPEG.'));
    image.src = url;
  });
}

/** Sends a picture and says where it lies until somebody scales it. Throws with a sentence when it is none. */
export async function takePicture(jobId: string, file: File, at: Point): Promise<Underlay> {
  const url = URL.createObjectURL(file);
  try {
    const image = await load(url);
    const id = await hashOf(file);
    await keepFile(picturePath(jobId, id), file);
    return {
      fileId: id,
      name: file.name.slice(0, 120),
      widthPx: image.naturalWidth,
      heightPx: image.naturalHeight,
      metresPerPx: FIRST_WIDTH_M / image.naturalWidth,
      xM: at[0],
      yM: at[1],
      opacity: OPACITY,
    };
  } finally {
    URL.revokeObjectURL(url);
  }
}

/** The underlay scaled so that two points of the plan lie a known length apart; the first one stays where it is. */
export function scaled(underlay: Underlay, a: Point, b: Point, lengthM: number): Underlay {
  const shown = distance(a, b);
  if (shown === 0 || lengthM <= 0) return underlay;
  const factor = lengthM / shown;
  return {
    ...underlay,
    metresPerPx: underlay.metresPerPx * factor,
    xM: a[0] - (a[0] - underlay.xM) * factor,
    yM: a[1] - (a[1] - underlay.yM) * factor,
  };
}

/** The picture of an underlay, once it is here. */
export function useUnderlayImage(jobId: Ref<string>, underlay: () => Underlay | undefined) {
  const image = shallowRef<HTMLImageElement>();
  const problem = ref('');
  watch(
    () => underlay()?.fileId,
    async (id) => {
      image.value = undefined;
      problem.value = '';
      if (id === undefined) return;
      try {
        const loaded = await load(await fileUrl(picturePath(jobId.value, id)));
        if (underlay()?.fileId === id) image.value = loaded;
      } catch (error) {
        problem.value = error instanceof Error ? error.message : String(error);
      }
    },
    { immediate: true },
  );
  return { image, problem };
}
