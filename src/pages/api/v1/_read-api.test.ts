import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyPiece } from '@/core/piece/any-piece.test-data';
import { SHIPPED_PIECES, shippedPiece } from '@/core/piece/shipped';
import { writeAbcPiece } from '@/formats/abc/write-piece';
import { writeMidiPiece } from '@/formats/midi/write-piece';
import { writeMusicXmlPiece } from '@/formats/musicxml/write-piece';
import { FILE_BYTES, READ_EXAMPLE, readAnswer } from './_read-answer';
import { problemAnswer } from './_schemas';
import { POST } from './read';

const XML = 'application/vnd.recordare.musicxml+xml';

async function post(body: string | Uint8Array<ArrayBuffer>, type: string): Promise<Response> {
  const request = new Request('http://moon.example/api/v1/read', {
    ...{ method: 'POST', body, headers: { 'Content-Type': type } },
  });
  return (await POST({ request } as never)) as Response;
}

async function read(body: string | Uint8Array<ArrayBuffer>, type: string) {
  const response = await post(body, type);
  expect(response.status).toBe(200);
  return readAnswer.parse(await response.json());
}

describe('POST /read', () => {
  it('tells what the signature does and which key it is, from the example of its description', async () => {
    const answer = await read(READ_EXAMPLE, 'text/vnd.abc');
    expect(answer).toMatchObject({
      title: 'Ferry Song',
      bars: 9,
      signatures: [{ bar: 0, fifths: 2 }],
      altered: [
        { note: 'F#', count: 2 },
        { note: 'C#', count: 4 },
      ],
      absent: [],
      accidentals: [{ bar: 4, note: 'A#', count: 1 }],
      passages: [],
    });
    expect(answer.keys[0]).toMatchObject({ tonic: 'B', mode: 'minor' });
    const owners = answer.keys.map(({ tonic, mode }) => `${tonic} ${mode}`);
    for (const owner of [
      'D major',
      'B minor',
      'E dorian',
      'F# phrygian',
      'G lydian',
      'A mixolydian',
      'C# locrian',
    ])
      expect(owners).toContain(owner);
    expect(answer.keys[0]?.evidence).toContainEqual(
      expect.objectContaining({ text: 'The last note is B, the tonic.', bars: [7] }),
    );
  });

  it('says the same of a piece in every format that has its spelling', async () => {
    for (const id of SHIPPED_PIECES) {
      const piece = shippedPiece(id);
      const [first, ...others] = await Promise.all([
        read(writeMusicXmlPiece(piece), XML),
        read(writeMusicXmlPiece(piece), 'application/xml'),
        read(writeAbcPiece(piece), 'text/vnd.abc'),
        read(new Uint8Array(writeMidiPiece(piece, 90)), 'audio/midi'),
      ]);
      for (const other of others)
        expect([other.altered, other.absent, other.keys[0]?.tonic, other.keys[0]?.mode]).toEqual([
          first?.altered,
          first?.absent,
          first?.keys[0]?.tonic,
          first?.keys[0]?.mode,
        ]);
    }
  });

  it.each([
    ['', XML, 400],
    ['<score-partwise', XML, 422],
    ['<html/>', XML, 422],
    ['<!DOCTYPE a [<!ENTITY b "c">]><score-partwise/>', XML, 422],
    ['no tune', 'text/vnd.abc', 422],
    ['PK\u0003\u0004', 'application/vnd.recordare.musicxml', 422],
    ['MThd', 'audio/midi', 422],
    ['{}', 'application/json', 415],
    ['x'.repeat(FILE_BYTES + 1), XML, 413],
  ])('refuses %.20s as %s with %i', async (body, type, status) => {
    const response = await post(body, type);
    expect(response.status).toBe(status);
    expect(problemAnswer.parse(await response.json()).status).toBe(status);
  });

  it('never fails, whatever bytes are sent', async () => {
    const types = [XML, 'application/vnd.recordare.musicxml', 'text/vnd.abc', 'audio/midi'];
    const near = anyPiece.chain((piece) => {
      const whole = [
        new TextEncoder().encode(writeMusicXmlPiece(piece)),
        new TextEncoder().encode(writeAbcPiece(piece)),
        writeMidiPiece(piece, 90),
      ];
      return fc.record({
        bytes: fc.constantFrom(...whole),
        at: fc.nat(),
        byte: fc.nat({ max: 255 }),
        cut: fc.boolean(),
      });
    });
    await fc.assert(
      fc.asyncProperty(near, fc.constantFrom(...types), async ({ bytes, at, byte, cut }, type) => {
        const spoiled = Uint8Array.from(bytes);
        const place = at % spoiled.length;
        spoiled[place] = byte;
        const response = await post(cut ? spoiled.slice(0, place) : spoiled, type);
        expect([200, 400, 422]).toContain(response.status);
      }),
      { numRuns: 150 },
    );
  });
});
