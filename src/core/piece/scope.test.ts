import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LETTERS } from '../note/letter';
import { ALTERATIONS, fifths, spelledOrNull } from '../note/spelled';
import { anyBarWords, anyPiece } from './any-piece.test-data';
import type { Piece } from './piece';
import { type ScopedTone, scopedTones } from './scoped';
import { naturalsBetween } from './signature-change';
import type { BarWord, NoteWord } from './write/bar-word';
import { EMPTY_HEAD, pieceOfWords } from './write/piece-of-words';

/** The order of sharps, read backwards that of flats: what a signature alters, without the line of fifths. */
const ORDER = 'FCGDAEB';
const signed = (count: number, letter: string) => {
  const order = count < 0 ? [...ORDER].reverse().join('') : ORDER;
  return order.indexOf(letter) < Math.abs(count) ? Math.sign(count) : 0;
};

const note = (
  letter: NoteWord['letter'],
  sign: NoteWord['sign'] = null,
  octave = 4,
  tied = false,
): NoteWord => ({
  ...{ is: 'note', letter, octave, sign, tied, triplet: false },
  length: { value: 'quarter', dots: 0 },
});
const BAR: BarWord = { is: 'bar', double: false };

const tonesOf = ({ parts }: Piece): readonly ScopedTone[] => parts.flatMap(scopedTones);
const written = (count: number, words: readonly BarWord[]) =>
  tonesOf(pieceOfWords({ ...EMPTY_HEAD, fifths: fifths(count) }, words).piece);
const sounds = (tones: readonly ScopedTone[]) => tones.map(({ pitch }) => pitch.note.alteration);

describe('signs', () => {
  it('reach as far as the table says: every signature, letter and sign', () => {
    for (let count = -7; count <= 7; count += 1)
      for (const letter of LETTERS)
        for (const sign of ALTERATIONS) {
          const plain = signed(count, letter);
          const other = sign === 1 ? -1 : 1;
          const words = [
            // Before the sign, at it, behind it, in another octave, behind another sign; then over the bar line.
            ...[
              note(letter),
              note(letter, sign),
              note(letter),
              note(letter, null, 5),
              note(letter, other as 1 | -1),
              note(letter),
            ],
            ...[BAR, note(letter), note(letter, null, 5)],
          ];
          expect(sounds(written(count, words)), `${count} ${letter} ${sign}`).toEqual([
            ...[plain, sign, sign, plain, other, other],
            ...[plain, plain],
          ]);
          // Tied over a bar line it sounds on; the next note on the same line is as the signature has it.
          const tied = written(count, [note(letter, sign, 4, true), BAR, note(letter), note(letter)]);
          expect(sounds(tied), `tied ${count} ${letter} ${sign}`).toEqual([sign, sign, plain]);
          expect(tied[1]?.reason).toEqual({ by: 'tie', tone: 0 });
          expect(tied[1]?.sign).toBeNull();
        }
  });

  it('of another signature begin with it, with naturals for what is no longer altered', () => {
    for (let before = -7; before <= 7; before += 1)
      for (let after = -7; after <= 7; after += 1) {
        const words: BarWord[] = [
          ...LETTERS.map((each) => note(each)),
          { is: 'signature', fifths: fifths(after) },
          ...LETTERS.map((each) => note(each)),
        ];
        expect(sounds(written(before, words))).toEqual([
          ...LETTERS.map((letter) => signed(before, letter)),
          ...LETTERS.map((letter) => signed(after, letter)),
        ]);
        const order = before < 0 ? [...ORDER].reverse() : [...ORDER];
        const ended = order.filter(
          (letter) => signed(before, letter) !== 0 && signed(after, letter) !== signed(before, letter),
        );
        expect(naturalsBetween(fifths(before), fifths(after)).map(({ letter }) => letter)).toEqual(ended);
      }
  });
});

/** What a note sounds as, looked for backwards from it: another way than the one that is tested. */
function lookedBack(count: number, words: readonly BarWord[], at: number): number | null {
  const own = words[at];
  if (own?.is !== 'note') return null;
  if (own.sign !== null) return own.sign;
  const before = words[at - 1];
  let last = at - 1;
  while (last >= 0 && words[last]?.is === 'bar') last -= 1;
  const neighbour = words[last];
  const isTied =
    neighbour?.is === 'note' &&
    neighbour.tied &&
    neighbour.letter === own.letter &&
    neighbour.octave === own.octave;
  if (isTied && before) return lookedBack(count, words, last);
  for (let nth = at - 1; nth >= 0; nth -= 1) {
    const word = words[nth];
    if (word?.is === 'bar') break;
    if (word?.is === 'signature') return signed(word.fifths, own.letter);
    if (word?.is === 'note' && word.sign !== null && word.letter === own.letter && word.octave === own.octave)
      return word.sign;
  }
  const change = words.slice(0, at).findLast((word) => word.is === 'signature');
  return signed(change?.is === 'signature' ? change.fifths : count, own.letter);
}

/** Bars long enough that only lines and signatures part them. */
const LONG = { ...EMPTY_HEAD, meter: { beats: 64, unit: 1 } };

describe('any bars', () => {
  it('sound as they do when each note looks back for its sign', () => {
    fc.assert(
      fc.property(anyBarWords, fc.integer({ min: -7, max: 7 }), (words, count) => {
        const { piece } = pieceOfWords({ ...LONG, fifths: fifths(count) }, words);
        const expected = words.flatMap((word, at) => {
          const sound = lookedBack(count, words, at);
          return word.is === 'note' && sound !== null && spelledOrNull(word.letter, sound) ? [sound] : [];
        });
        expect(sounds(tonesOf(piece))).toEqual(expected);
      }),
      { numRuns: 400 },
    );
  });

  it('have no sign too many or too few: read again from their signs alone they sound the same', () => {
    fc.assert(
      fc.property(anyPiece, (piece) => {
        for (const part of piece.parts) {
          const tones = scopedTones(part);
          let bar = -1;
          let count = 0;
          const inBar = new Map<string, number>();
          for (const each of tones) {
            for (; bar < each.bar; bar += 1) {
              count = part.bars[bar + 1]?.fifths ?? count;
              inBar.clear();
            }
            const { letter, alteration } = each.pitch.note;
            const place = `${each.staff} ${letter}${each.pitch.octave}`;
            const force = inBar.get(place) ?? signed(count, letter);
            if (each.sign) inBar.set(place, each.sign.sign);
            const read =
              each.sign?.sign ??
              (each.reason.by === 'tie' ? (tones[each.reason.tone]?.pitch.note.alteration ?? 9) : force);
            expect(read).toBe(alteration);
            if (each.sign && !each.sign.courtesy) expect(force).not.toBe(alteration);
          }
        }
      }),
      { numRuns: 100 },
    );
  });

  it('give only reasons that are true of the note', () => {
    fc.assert(
      fc.property(anyPiece, (piece) => {
        for (const part of piece.parts) {
          const tones = scopedTones(part);
          let count = 0;
          const counts = part.bars.map(({ fifths: own }) => {
            count = own ?? count;
            return count;
          });
          for (const each of tones) {
            const { reason, pitch: own, unreached, cancels } = each;
            const plain = signed(counts[each.bar] ?? 0, own.note.letter);
            const at = (tone: number) => tones[tone] as ScopedTone;
            const sameLine = (other: ScopedTone) =>
              other.pitch.note.letter === own.note.letter &&
              other.pitch.octave === own.octave &&
              other.staff === each.staff;
            if (reason.by === 'nothing') expect([own.note.alteration, plain]).toEqual([0, 0]);
            if (reason.by === 'signature') expect([own.note.alteration, plain !== 0]).toEqual([plain, true]);
            if (reason.by === 'accidental') {
              const put = at(reason.tone);
              expect([put.bar, sameLine(put), put.sign?.sign]).toEqual([each.bar, true, own.note.alteration]);
            }
            if (reason.by === 'tie')
              expect([at(reason.tone).pitch.note, at(reason.tone).pitch.octave]).toEqual([
                own.note,
                own.octave,
              ]);
            if (cancels?.by === 'signature') expect(cancels.alteration).toBe(plain);
            if (cancels?.by === 'accidental')
              expect(at(cancels.tone).pitch.note.alteration).toBe(cancels.alteration);
            if (unreached) {
              const put = at(unreached.tone);
              expect(put.pitch.note.letter).toBe(own.note.letter);
              expect(put.pitch.note).not.toBe(own.note);
              expect(put.bar).toBe(unreached.why === 'octave' ? each.bar : each.bar - 1);
              expect(put.pitch.octave !== own.octave).toBe(unreached.why === 'octave');
            }
          }
        }
      }),
      { numRuns: 100 },
    );
  });
});
