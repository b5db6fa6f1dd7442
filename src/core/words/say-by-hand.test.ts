import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Hand, type HandMove, moving, taking, UNTOUCHED } from '../derive/by-hand/hand';
import { type HandView, viewByHand } from '../derive/by-hand/view';
import { noteNamed } from '../note/parse';
import { asciiName, type SpelledNote } from '../note/spelled';
import { SCALE_IDS, type ScaleId } from '../scale/pattern';
import { type Scale, scaleNamed } from '../scale/scale';
import { SCALE_TABLE } from '../scale/scale-table';
import { USUAL_SETTINGS } from '../school/settings';
import { ENGLISH, wordsOf } from './class-words';
import { sayHand, sayMove } from './say-by-hand';

function scale(tonic: string, id: ScaleId): Scale {
  const reading = scaleNamed(noteNamed(tonic), id);
  if (!reading.ok) throw new Error(tonic);
  return reading.scale;
}

function view(of: Scale, hand: Hand): HandView {
  const found = viewByHand(of, 'up', hand);
  if (!found) throw new Error('a move that needs a third sign');
  return found;
}

/** A hand that tries one move after others that were taken. */
const trying = (moves: readonly HandMove[]): Hand => {
  const taken = moves.slice(0, -1).reduce((hand, move) => taking(moving(hand, move)), UNTOUCHED);
  const last = moves.at(-1);
  return last ? moving(taken, last) : taken;
};

/** Semitones of the piano keys, by hand, to count steps without the core. */
const KEYS: Readonly<Record<string, number>> = { C: 0, D: 2, E: 4, F: 5, G: 7, A: 9, B: 11 };

function key(note: SpelledNote): number {
  const [letter = '', ...signs] = asciiName(note);
  return signs.reduce((sum, sign) => sum + (sign === '#' ? 1 : -1), KEYS[letter] ?? 0);
}

/** Half steps from a note up to its neighbour, from −5 to 6. */
const stepUp = (from: SpelledNote, to: SpelledNote) => ((key(to) - key(from) + 17) % 12) - 5;

const E_MAJOR = scale('E', 'major');

describe('what is said of a move by hand', () => {
  it('fits, fails with what its tetrachord comes to, or waits for a step before it', () => {
    const said = (moves: readonly HandMove[]) => {
      const last = view(E_MAJOR, trying(moves)).moves.at(-1);
      if (!last) throw new Error('no move');
      const { text, reason } = sayMove(ENGLISH, last);
      return `${text} ${reason}`;
    };
    const [f, g, b] = [2, 3, 5].map((degree): HandMove => ({ degree, way: 1 }));
    if (!f || !g || !b) throw new Error('three moves');
    expect(said([f])).toBe(
      'Raise F to F♯: E to F♯ is a whole step. It fits: the lower tetrachord wants a whole step.',
    );
    expect(said([g])).toBe(
      'Raise G to G♯: F to G♯ is a step and a half. It does not fit: E F G♯ A is H W+H H, not W W H.',
    );
    expect(said([f, g])).toBe(
      'Raise G to G♯: F♯ to G♯ is a whole step. It fits: the lower tetrachord wants a whole step.',
    );
    expect(said([{ degree: 4, way: -1 }])).toContain('E F G A♭ is H W H, not W W H.');
    expect(said([f, g, b])).toBe(
      'Raise B to B♯: A to B♯ is a step and a half. It does not fit: the join wants a whole step.',
    );
  });

  it('is said in the words of the class', () => {
    const german = wordsOf({ ...USUAL_SETTINGS, noteNames: 'german', stepWords: 'german' });
    const last = view(E_MAJOR, trying([{ degree: 2, way: 1 }])).moves[0];
    expect(last && sayMove(german, last).text).toBe('Raise F to Fis: E to Fis is a Ganzton.');
    expect(sayHand(german, view(E_MAJOR, UNTOUCHED)).text).toBe(
      'Now: Ht Gt Gt Gt Ht Gt Gt. Wanted: Gt Gt Ht Gt Gt Gt Ht.',
    );
    const tones = wordsOf({ ...USUAL_SETTINGS, stepWords: 'tone-semitone' });
    expect(last && sayMove(tones, last).reason).toBe('It fits: the lower tetrachord wants a tone.');
  });

  it('holds of every move of every scale: the step is counted right, and fits only where it is the one wanted', () => {
    const move = fc.record({ degree: fc.integer({ min: 2, max: 7 }), way: fc.constantFrom<1 | -1>(1, -1) });
    fc.assert(
      fc.property(
        fc.constantFrom(...SCALE_TABLE),
        fc.constantFrom(...SCALE_IDS),
        fc.array(move, { minLength: 1, maxLength: 6 }),
        (row, id, moves) => {
          const of = scale(row.tonic, id);
          const found = viewByHand(of, 'up', { taken: moves, tried: [] });
          for (const [at, fact] of (found?.moves ?? []).entries()) {
            const { before, move: made, is, wanted, verdict } = fact;
            const degree = moves[at]?.degree ?? 0;
            expect(is).toBe(stepUp(before, made.to));
            expect(wanted).toBe(of.rising[degree - 2]);
            expect(key(made.to) - key(made.from)).toBe(moves[at]?.way);
            const { reason } = sayMove(ENGLISH, fact);
            expect(reason?.startsWith('It fits')).toBe(verdict === 'fits');
            if (verdict === 'fits') expect(is).toBe(wanted);
            if (reason?.includes('has to be mended first')) expect(made.sizes).toEqual(made.wanted);
            if (reason?.startsWith('Nearer')) expect(is).not.toBe(wanted);
          }
        },
      ),
    );
  });

  it('names the first step that is wrong, and none where all is mended', () => {
    const found = view(E_MAJOR, UNTOUCHED);
    expect(sayHand(ENGLISH, found)).toEqual({
      text: 'Now: H W W W H W W. Wanted: W W H W W W H.',
      reason: 'The first step that does not fit leads to the 2nd note.',
    });
    const mended = view(E_MAJOR, {
      taken: [2, 3, 6, 7].map((degree): HandMove => ({ degree, way: 1 })),
      tried: [],
    });
    expect(sayHand(ENGLISH, mended).reason).toBe('Every step is as it should be.');
    expect(mended.now.line.map(({ note }) => asciiName(note)).join(' ')).toBe('E F# G# A B C# D# E');
  });
});
