/** Pictures that go with an entry: those taken for it, and what is drawn on them. */
import { shallowRef } from 'vue';
import type { BookEntry, PictureMark } from '@lentum/core/record';
import { picturePath } from '../../app/api.ts';
import { fileUrl } from '../../app/files.ts';
import type { Photo } from '../../app/photos.ts';

/** As a list shows it, as a screen does, or as it was taken. */
export type PictureSize = 'small' | 'screen' | 'taken';

/** Where the browser finds a picture: on this device as it was taken, else on the server in the size that is wanted. */
export const pictureUrl = (jobId: string, id: string, size: PictureSize): Promise<string> =>
  fileUrl(picturePath(jobId, id), size === 'taken' ? '' : `?size=${size}`);

/** A picture that an entry has already. */
const known = (id: string, n: number): Photo => ({
  ...{ id, name: `Picture ${n + 1}`, isReduced: false },
  ...{ takenMs: undefined, place: undefined },
});

/** @param old the entry that is put right: its pictures stay unless they are left out */
export function usePictures(old?: Pick<BookEntry, 'attachments' | 'marks'>) {
  const photos = shallowRef<readonly Photo[]>((old?.attachments ?? []).map(known));
  const marks = shallowRef<readonly PictureMark[]>(old?.marks ?? []);
  return {
    photos,
    marks,
    /** As an entry takes them. */
    attached: (): { attachments: string[]; marks: readonly PictureMark[] } => {
      const attachments = photos.value.map((p) => p.id);
      return { attachments, marks: marks.value.filter((m) => attachments.includes(m.picture)) };
    },
  };
}
