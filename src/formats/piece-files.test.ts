import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { asciiName } from '@/core/note/spelled';
import { anyPiece } from '@/core/piece/any-piece.test-data';
import type { Piece } from '@/core/piece/piece';
import { scopedTones } from '@/core/piece/scoped';
import { SHIPPED_PIECES, shippedPiece } from '@/core/piece/shipped';
import { soundingPiece } from '@/core/piece/sounding';
import { readAbcPiece } from './abc/read-piece';
import { writeAbcPiece } from './abc/write-piece';
import type { PieceReading } from './format';
import { readMidiPiece } from './midi/read-piece';
import { writeMidiPiece } from './midi/write-piece';
import { readPiece } from './musicxml/read-piece';
import { writeMusicXmlPiece } from './musicxml/write-piece';

function pieceIn(reading: PieceReading): Piece {
  if (!reading.ok) throw new Error(JSON.stringify(reading.problem));
  return reading.piece;
}

/** Each note that sounds, when and how long, by its name; parts together, since formats part them otherwise. */
const heard = (piece: Piece) =>
  soundingPiece(piece)
    .notes.map(({ note, midi, from, until }) => `${from}-${until} ${midi} ${asciiName(note)}`)
    .toSorted();

/** The same without names, as a file of keys has it: of a key that is struck twice at once, one. */
const struck = (piece: Piece) =>
  [...new Set(soundingPiece(piece).notes.map(({ midi, from }) => `${from} ${midi}`))].toSorted();

const drawn = (piece: Piece) =>
  piece.parts.map((part) =>
    scopedTones(part).map(
      ({ pitch, bar, sign }) =>
        `${bar} ${asciiName(pitch.note)}${pitch.octave} ${sign?.sign}${sign?.courtesy}`,
    ),
  );

const lines = ({ parts }: Piece) =>
  parts.map(({ bars }) => bars.map(({ number, fifths, length, end }) => [number, fifths, length, end]));

describe('a piece that goes out and comes in again', () => {
  it('as MusicXML is what it was, sign for sign', () => {
    fc.assert(
      fc.property(anyPiece, (piece) => {
        const again = pieceIn(readPiece(writeMusicXmlPiece(piece)));
        expect([again.title, again.parts.length]).toEqual([piece.title, piece.parts.length]);
        expect(heard(again)).toEqual(heard(piece));
        expect(drawn(again)).toEqual(drawn(piece));
        expect(lines(again)).toEqual(lines(piece));
        expect(again.parts.map((part) => part.bars.map(({ clefs, meter }) => [clefs, meter]))).toEqual(
          piece.parts.map((part) => part.bars.map(({ clefs, meter }) => [clefs, meter])),
        );
      }),
      { numRuns: 60 },
    );
  });

  it('as ABC sounds as it did, by name and length', () => {
    fc.assert(
      fc.property(anyPiece, (piece) => {
        const text = writeAbcPiece(piece);
        expect(heard(pieceIn(readAbcPiece(text))), text).toEqual(heard(piece));
      }),
      { numRuns: 60 },
    );
  });

  it('as MIDI strikes the same keys at the same times', () => {
    fc.assert(
      fc.property(anyPiece, (piece) => {
        expect(struck(pieceIn(readMidiPiece(writeMidiPiece(piece, 90))))).toEqual(struck(piece));
      }),
      { numRuns: 60 },
    );
  });

  it('if it ships, keeps its spelling even as MIDI', () => {
    for (const id of SHIPPED_PIECES) {
      const piece = shippedPiece(id);
      expect(heard(pieceIn(readMidiPiece(writeMidiPiece(piece, 90)))), id).toEqual(heard(piece));
      expect(heard(pieceIn(readAbcPiece(writeAbcPiece(piece)))), id).toEqual(heard(piece));
      expect(drawn(pieceIn(readPiece(writeMusicXmlPiece(piece)))), id).toEqual(drawn(piece));
    }
  });
});
