import type { BookRecord, Photo } from '@idle-kettle/contract';
import { HEAT_SOURCES } from '@idle-kettle/core';
import { randomUUID } from 'node:crypto';
import sharp from 'sharp';
import { idOf, KEPT_KITCHEN, keptBook } from './keptBook.ts';
import { body, expectProblem, servedApi } from './servedApi.ts';

const { api } = servedApi();

const FIRST = idOf('cook 4');
const record = async (id: string): Promise<BookRecord> =>
  body<BookRecord>(await api().get(`/api/book/${id}`).expect(200));
const exported = async (): Promise<string> =>
  (await api().get('/api/book/export').expect(200).buffer(true)).text;
const taken = (text: string) =>
  api().post('/api/book/import').set('content-type', 'application/octet-stream').send(text);

beforeAll(async () => {
  await api().put('/api/kitchen').send(KEPT_KITCHEN).expect(200);
  const powerW = HEAT_SOURCES['medium-burner'].powerW;
  await taken(JSON.stringify(keptBook({ powerW, offsetK: 0, loss: 0.03 }, [4]))).expect(200);
});

describe('photos', () => {
  const send = (photo: Buffer, type = 'image/jpeg', id: string = randomUUID()) =>
    api().post(`/api/book/${FIRST}/photos/${id}`).set('content-type', type).send(photo);
  const picture = (width: number, height: number) =>
    sharp({ create: { width, height, channels: 3, background: '#a03050' } });

  test('are made small, upright, and lose where they were taken', async () => {
    const sent = await picture(2400, 1200)
      .withExif({ IFD0: { Make: 'Camera' }, IFD3: { GPSLatitude: '52/1 30/1 0/1' } })
      .withMetadata({ orientation: 6 })
      .jpeg()
      .toBuffer();
    const photo = body<Photo>(await send(sent).expect(201));
    expect([photo.width, photo.height]).toEqual([800, 1600]);
    expect(photo.bytes).toBeLessThan(400_000);
    const back = await api().get(`/api/photos/${photo.id}`).expect(200).buffer(true);
    expect(back.headers['content-type']).toBe('image/jpeg');
    const kept = await sharp(back.body as Buffer).metadata();
    expect([kept.exif, kept.xmp, kept.iptc, kept.orientation]).toEqual(Array(4).fill(undefined));
    const small = await api().get(`/api/photos/${photo.id}?small`).expect(200).buffer(true);
    expect((await sharp(small.body as Buffer).metadata()).height).toBe(320);
    expect((await record(FIRST)).photos.map(({ id }) => id)).toEqual([photo.id]);
  });

  test('sent twice are one, and are taken out', async () => {
    const [id, sent] = [randomUUID(), await picture(40, 30).png().toBuffer()];
    const before = (await record(FIRST)).photos.length;
    for (let time = 0; time < 2; time += 1) await send(sent, 'image/png', id).expect(201);
    expect((await record(FIRST)).photos).toHaveLength(before + 1);
    await api().delete(`/api/photos/${id}`).expect(204);
    expectProblem(await api().get(`/api/photos/${id}`), 404);
    expectProblem(await api().delete(`/api/photos/${id}`), 404);
  });

  test('that are none, are broken or claim to be huge are refused', async () => {
    const whole = await picture(300, 200).jpeg().toBuffer();
    // A few kilobytes that unfold to a hundred megapixels.
    const bomb = await picture(10_000, 10_000).png({ compressionLevel: 9 }).toBuffer();
    expect(bomb.length).toBeLessThan(1_000_000);
    const script = Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>');
    for (const [sent, type] of [
      [bomb, 'image/png'],
      [script, 'image/jpeg'],
      [Buffer.from('#!/bin/sh\nrm -rf /'), 'image/png'],
      [whole.subarray(0, whole.length / 2), 'image/jpeg'],
      [Buffer.alloc(0), 'image/jpeg'],
    ] as const)
      expect(expectProblem(await send(sent, type), 400).faults[0]?.field).toBe('photo');
    expectProblem(await send(Buffer.alloc(5 * 1024 * 1024), 'image/jpeg'), 413);
    expectProblem(await send(script, 'image/svg+xml'), 400);
  });

  test('go out with the Book and come back as they were; a foreign one is made small', async () => {
    const book = JSON.parse(await exported()) as { photos: { id: string; jpeg: string }[] };
    expect(book.photos.length).toBeGreaterThan(0);
    const strange = await picture(3000, 100)
      .withExif({ IFD0: { Make: 'Camera' } })
      .jpeg()
      .toBuffer();
    const other = {
      ...book,
      photos: [{ ...book.photos[0], id: randomUUID(), jpeg: strange.toString('base64') }],
    };
    await taken(JSON.stringify(other)).expect(200);
    const kept = await api().get(`/api/photos/${other.photos[0]?.id}`).expect(200).buffer(true);
    const told = await sharp(kept.body as Buffer).metadata();
    expect([told.width, told.exif]).toEqual([1600, undefined]);
    const broken = { ...book, photos: [{ ...book.photos[0], id: randomUUID(), jpeg: 'AAAA' }] };
    expect(expectProblem(await taken(JSON.stringify(broken)), 400).faults[0]?.field).toBe(
      'photos[0].jpeg',
    );
  });
});
