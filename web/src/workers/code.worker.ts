/** Reads the codes on a picture, off the main thread. */
import { expose } from 'comlink';
import { prepareZXingModule, readBarcodes } from 'zxing-wasm/reader';
import readerUrl from 'zxing-wasm/reader/zxing_reader.wasm?url';

// Its own way is to fetch the reader from elsewhere: here it comes with the application.
prepareZXingModule({
  overrides: {
    locateFile: (path: string, prefix: string) => (path.endsWith('.wasm') ? readerUrl : prefix + path),
  },
});

/** Longer than this a picture tells no more, and takes longer. */
const MOST_PX = 2000;
const MOST_CODES = 8;

export interface CodeRead {
  readonly text: string;
  readonly isGs1: boolean;
}

const codeWork = {
  read: async (picture: Blob): Promise<CodeRead[]> => {
    const bitmap = await createImageBitmap(picture);
    const scale = Math.min(1, MOST_PX / Math.max(bitmap.width, bitmap.height));
    const [width, height] = [Math.round(bitmap.width * scale), Math.round(bitmap.height * scale)];
    const context = new OffscreenCanvas(width, height).getContext('2d');
    if (!context) throw new Error('This browser cannot look into pictures.');
    context.drawImage(bitmap, 0, 0, width, height);
    bitmap.close();
    const found = await readBarcodes(context.getImageData(0, 0, width, height), {
      textMode: 'Plain',
      tryHarder: true,
      maxNumberOfSymbols: MOST_CODES,
    });
    return found.map((r) => ({ text: r.text, isGs1: r.contentType === 'GS1' }));
  },
};
export type CodeWork = typeof codeWork;
expose(codeWork);
