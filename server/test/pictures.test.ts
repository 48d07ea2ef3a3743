/** Pictures made smaller, as they are on screen and on paper; the one that was taken stays. */
import { createHash } from 'node:crypto';
import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { OPS, getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { picturesShown, printoutSchema } from '@lentum/core/printout';
import { api, importDemo, pool, startJob, V1 } from './support/api.ts';
import { bytesOf } from './support/bytes.ts';

const shaOf = (bytes: Uint8Array): string => createHash('sha256').update(bytes).digest('hex');
const fetched = async (address: string) =>
  (await api.get(address).buffer(true).parse(bytesOf).expect(200)).body as Buffer;
/** Left half red, right half blue. */
const halves = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: '#c00000' } }).composite([
    {
      input: { create: { width: width / 2, height, channels: 3, background: '#0000c0' } },
      left: width / 2,
      top: 0,
    },
  ]);
async function sent(content: Buffer): Promise<string> {
  const address = `${V1}/jobs/${await startJob()}/pictures/${shaOf(content)}`;
  await api.put(address).type('image/jpeg').send(content).expect(201);
  return address;
}

describe('a picture made smaller', () => {
  it.each([
    ['small', 640, 480],
    ['screen', 1600, 1200],
  ])('%s: no side longer than it may be, its shape kept', async (size, width, height) => {
    const taken = await halves(4000, 3000).jpeg().toBuffer();
    const address = await sent(taken);
    const smaller = await fetched(`${address}?size=${size}`);
    expect(await sharp(smaller).metadata()).toMatchObject({ format: 'jpeg', width, height });
    expect(smaller.length).toBeLessThan(taken.length);
    // Made once: the second answer is the first one.
    expect(shaOf(await fetched(`${address}?size=${size}`))).toBe(shaOf(smaller));
    expect(shaOf(await fetched(address))).toBe(shaOf(taken));
  });
  it('is turned as the camera was held, and not made larger', async () => {
    const taken = await halves(300, 200).jpeg().withMetadata({ orientation: 6 }).toBuffer();
    const smaller = await fetched(`${await sent(taken)}?size=small`);
    expect(await sharp(smaller).metadata()).toMatchObject({ width: 200, height: 300 });
    // What was on the left is above.
    const { data } = await sharp(smaller).raw().toBuffer({ resolveWithObject: true });
    expect((data[0] ?? 0) > 150 && (data[2] ?? 255) < 60).toBe(true);
  });
  it('that cannot be read is kept, and answered as it came', async () => {
    const broken = Buffer.concat([
      (await halves(40, 40).png().toBuffer()).subarray(0, 60),
      Buffer.from('cut off'),
    ]);
    const address = `${V1}/jobs/${await startJob()}/pictures/${shaOf(broken)}`;
    await api.put(address).type('image/png').send(broken).expect(201);
    expect(shaOf(await fetched(`${address}?size=small`))).toBe(shaOf(broken));
  });
  it('of another size is refused', async () => {
    const address = await sent(await halves(20, 20).jpeg().toBuffer());
    await api.get(`${address}?size=huge`).expect(400);
  });
});

describe('pictures on paper', () => {
  it('are in the PDF of a roof, each once and scaled; one on its way is said', async () => {
    const job = await importDemo();
    const told = printoutSchema.parse((await api.get(`${V1}/jobs/${job}/handover?zone=terrace`)).body);
    const [shown] = picturesShown(told.blocks);
    expect(shown).toBeDefined();
    const pdf = await fetched(`${V1}/jobs/${job}/handover.pdf?zone=terrace`);
    const doc = await getDocument({ data: new Uint8Array(pdf), verbosity: 0 }).promise;
    let drawn = 0;
    for (let n = 1; n <= doc.numPages; n++)
      drawn += (await (await doc.getPage(n)).getOperatorList()).fnArray.filter(
        (f) => f === OPS.paintImageXObject,
      ).length;
    expect(drawn).toBe(picturesShown(told.blocks).length);
    const { rows } = await pool.query<{ n: string }>(
      'SELECT count(*) AS n FROM picture_scaled WHERE job_id = $1 AND sha256 = $2 AND longest_px = 640',
      [job, shown],
    );
    expect(rows[0]?.n).toBe('1');
  });
});
