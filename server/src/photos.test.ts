import { photoLimits } from '@oddment/contracts';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { sql } from 'drizzle-orm';
import { madeJob, now, stage, uuid, type Person, type Stage } from '../test/api.ts';
import { exifWithPosition, ofSize, pixel, segment, withSegments } from '../test/pictures.ts';
import { withoutMetadata } from './services/jpeg.ts';

let world: Stage;
let owner: Person;
let defectId: string;
beforeAll(async () => {
  world = await stage();
  owner = await world.owner('photos');
  defectId = (await madeJob(owner)).defect.id;
});
afterAll(async () => {
  await world.close();
});

const photo = (jpeg: Buffer, more: object = {}) => ({ id: uuid(), change: uuid(), jpeg: jpeg.toString('base64'), ...more });
const add = (body: object, person = owner, to = defectId) => person.post(`/api/defects/${to}/photos`, body);
const pictureOf = async (id: string, person = owner) => {
  const response = await fetch(`${world.base}/api/photos/${id}`, { headers: { cookie: person.cookie } });
  return { status: response.status, type: response.headers.get('content-type'), bytes: Buffer.from(await response.arrayBuffer()) };
};

describe('what a JPEG says beside the picture', () => {
  it('is thrown away: position, XMP, comments, and what is hidden behind its end', () => {
    const full = Buffer.concat([
      withSegments(exifWithPosition(), segment(0xe1, Buffer.from('http://ns.adobe.com/xap/1.0/\0<gps/>')), segment(0xfe, Buffer.from('taken at home'))),
      Buffer.from('after the end'),
    ]);
    expect(withoutMetadata(full)).toEqual(pixel);
    expect(withoutMetadata(pixel)).toEqual(pixel);
  });

  it('is thrown away with every segment that nothing draws by, and thumbnails in those that something does', () => {
    const odd = [0xe3, 0xef, 0xf0, 0xfd, 0x02, 0xbf].map((marker) => segment(marker, Buffer.from('hidden away')));
    const thumb = segment(0xe0, Buffer.concat([Buffer.from('JFIF\0\x01\x01\0\0\x01\0\x01\x01\x01', 'latin1'), Buffer.from('rgb')]));
    const other = [
      segment(0xe0, Buffer.from('JFXX\0\x10picture')),
      segment(0xe2, Buffer.from('MPF\0more pictures')),
      segment(0xee, Buffer.from('Adobe and a letter')),
    ];
    const kept = withoutMetadata(withSegments(thumb, ...odd, ...other));
    expect(kept?.toString('latin1')).not.toMatch(/hidden|rgb|picture|letter/);
    expect(kept).toEqual(withSegments(segment(0xe0, Buffer.from('JFIF\0\x01\x01\0\0\x01\0\x01\0\0', 'latin1'))));
  });

  it('leaves what belongs to the picture', () => {
    const profile = withSegments(
      segment(0xe0, Buffer.from('JFIF\0\x01\x01\0\0\x01\0\x01\0\0', 'latin1')),
      segment(0xe2, Buffer.from('ICC_PROFILE\0\x01\x01colors', 'latin1')),
    );
    expect(withoutMetadata(profile)).toEqual(profile);
  });

  it('is found in every scan of a picture that is sent in several', () => {
    const scan = pixel.subarray(pixel.indexOf(Buffer.from([0xff, 0xda])), pixel.length - 2);
    const twice = Buffer.concat([pixel.subarray(0, -2), segment(0xfe, Buffer.from([0xff, 0xd9, 1])), scan, pixel.subarray(-2)]);
    expect(withoutMetadata(twice)).toEqual(Buffer.concat([pixel.subarray(0, -2), scan, pixel.subarray(-2)]));
  });

  it.each([
    ['cut off', pixel.subarray(0, 40)],
    ['without an end', pixel.subarray(0, -2)],
    ['without a picture', Buffer.concat([pixel.subarray(0, 2), pixel.subarray(-2)])],
    ['empty', Buffer.alloc(0)],
    ['a lie about a length', Buffer.from([0xff, 0xd8, 0xff, 0xe1, 0xff, 0xff, 0])],
  ])('cannot be told where it is %s', (_what, bytes) => {
    expect(withoutMetadata(bytes)).toBeUndefined();
  });
});

describe('photos', () => {
  it('are kept in the database, listed without their picture, and shown without their position', async () => {
    const body = photo(withSegments(exifWithPosition()), { caption: 'Dark edge', takenAt: '2026-06-01T09:00:00Z' });
    const made = await add(body);
    expect([made.status, made.body]).toEqual([
      201,
      expect.objectContaining({ id: body.id, bytes: pixel.length, widthPx: 1, heightPx: 1, caption: 'Dark edge', by: 'Owner of photos' }),
    ]);
    expect(made.body['position']).toBeUndefined();
    const listed = (await owner.get(`/api/defects/${defectId}/photos`)).body as unknown as { id: string }[];
    expect(listed.find((p) => p.id === body.id)).not.toHaveProperty('jpeg');
    expect(await pictureOf(body.id)).toMatchObject({ status: 200, type: 'image/jpeg', bytes: pixel });
    expect((await add(body)).status).toBe(200);
  });

  it('keep the position where that is asked for, beside the picture and not in it', async () => {
    const body = photo(withSegments(exifWithPosition()), { position: { latitudeDeg: 48.85, longitudeDeg: 2.35 } });
    expect((await add(body)).body['position']).toEqual({ latitudeDeg: 48.85, longitudeDeg: 2.35 });
    expect((await pictureOf(body.id)).bytes).toEqual(pixel);
    const wrong = await add(photo(pixel, { position: { latitudeDeg: 95, longitudeDeg: 2 } }));
    expect(wrong.body['problems']).toEqual([{ path: 'position/latitudeDeg', message: 'The latitude must lie between -90 and 90.' }]);
  });

  it.each([
    ['no picture', Buffer.from('%PDF-1.7 not a picture at all'), /not a picture that can be read/],
    ['a GIF', Buffer.from('R0lGODlhAQABAIAAAAAAAP///yH5BAEAAAAALAAAAAABAAEAAAIBRAA7', 'base64'), /a GIF. Send a JPEG/],
    ['a bomb by its own word', ofSize(60_000, 60_000), /60000 by 60000 pixels. It can have 2048 a side/],
    ['cut off', pixel.subarray(0, pixel.length - 6), /cut off or damaged/],
  ])('are refused in words: %s', async (_what, bytes, words) => {
    const answer = await add(photo(bytes));
    expect(answer.status).toBe(422);
    expect((answer.body['problems'] as { path: string; message: string }[])[0]).toEqual({ path: 'jpeg', message: expect.stringMatching(words) as string });
  });

  it('are refused where the file is too large, before it is read', async () => {
    const large = await add(photo(Buffer.concat([pixel, Buffer.alloc(photoLimits.keptBytes)])));
    expect([large.status, large.body['detail']]).toEqual([422, 'The picture is larger than 1.5 MB.']);
    expect((await add(photo(Buffer.alloc(4_000_000)))).status).toBe(413);
  });

  it('are no more on a defect than there is room for', async () => {
    const { defect } = await madeJob(owner);
    for (let i = 0; i < photoLimits.perDefect; i++) expect((await add(photo(pixel), owner, defect.id)).status).toBe(201);
    expect((await add(photo(pixel), owner, defect.id)).body['detail']).toMatch(/has 12 photos, as many as it can/);
  });

  it('are no more within a day than one person may add, and go on for another, and the day after', async () => {
    const person = await world.member(owner, 'photo-much', 'finisher');
    const { defect } = await madeJob(owner);
    const first = photo(pixel);
    expect((await add(first, person, defect.id)).status).toBe(201);
    // as if it had been many
    const counted = (bytes: number, at: string) =>
      world.owned.execute(sql`update photos set bytes = ${bytes}, created_at = ${at}::timestamptz where id = ${first.id}::uuid`);
    await counted(photoLimits.perDayBytes, now);
    const over = await add(photo(pixel), person, defect.id);
    expect([over.status, over.body['detail']]).toEqual([429, expect.stringMatching(/^You added 1000 MB of photos within a day/)]);
    expect((await add(photo(pixel), owner, defect.id)).status).toBe(201);
    await counted(photoLimits.perDayBytes, new Date(Date.parse(now) - 90_000_000).toISOString());
    expect((await add(photo(pixel), person, defect.id)).status).toBe(201);
  });

  it('are renamed, deleted and brought back', async () => {
    const body = photo(pixel);
    await add(body);
    expect((await owner.put(`/api/photos/${body.id}`, { change: uuid(), version: 1, caption: 'From the door' })).body).toMatchObject({
      caption: 'From the door',
      version: 2,
    });
    expect((await owner.put(`/api/photos/${body.id}`, { change: uuid(), version: 1, caption: 'Late' })).status).toBe(409);
    const ids = async () => ((await owner.get(`/api/defects/${defectId}/photos`)).body as unknown as { id: string }[]).map((p) => p.id);
    await owner.delete(`/api/photos/${body.id}`, { change: uuid(), version: 2 });
    expect(await ids()).not.toContain(body.id);
    await owner.post(`/api/photos/${body.id}/restore`, { change: uuid(), version: 3 });
    expect(await ids()).toContain(body.id);
  });

  it('are added by who works on the site, and seen by nobody of another firm', async () => {
    const finisher = await world.member(owner, 'photo-teo', 'finisher');
    const body = photo(pixel);
    expect((await add(body, finisher)).body).toMatchObject({ by: 'photo-teo' });
    const other = await world.owner('photos-other');
    expect((await pictureOf(body.id, other)).status).toBe(404);
    expect((await other.get(`/api/defects/${defectId}/photos`)).status).toBe(404);
    expect((await add(photo(pixel), other)).status).toBe(404);
  });
});
