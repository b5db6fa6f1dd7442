import { type Letter, letterAfter } from '../note/letter';
import { fifthsOf, noteAtFifths, type SpelledNote, temptingSpelling, twelveAway } from '../note/spelled';
import { type Chord, type ChordQuality, chordOn, SEMITONES, TRIAD_OF } from './chord';

/** One step of spelling a chord, as data. `at` are the notes of the chord it is about, from 0. */
export type ChordStep = { readonly fact: ChordFact; readonly at: readonly number[] };

export type ChordFact =
  | {
      readonly code: 'chord-root';
      readonly root: SpelledNote;
      readonly quality: ChordQuality;
      readonly letters: readonly Letter[];
    }
  /** Four half steps are two whole steps; three a whole and a half. */
  | {
      readonly code: 'chord-third';
      readonly root: SpelledNote;
      readonly to: SpelledNote;
      readonly semitones: number;
      readonly refused: SpelledNote | null;
    }
  /** The perfect fifth is one place clockwise; a diminished or augmented one a half step from it on its letter. */
  | {
      readonly code: 'chord-fifth';
      readonly root: SpelledNote;
      readonly perfect: SpelledNote | null;
      readonly to: SpelledNote;
      readonly moved: -1 | 0 | 1;
    }
  /** Half steps below the octave: one for a major seventh, two for a minor, three for a diminished one. */
  | {
      readonly code: 'chord-seventh';
      readonly root: SpelledNote;
      readonly to: SpelledNote;
      readonly below: number;
      readonly refused: SpelledNote | null;
    }
  | { readonly code: 'chord-spelled'; readonly chord: Chord };

/** Why a chord cannot be spelled, and the root that sounds the same and can. */
export type ChordProblem = {
  readonly code: 'chord-third-sign';
  readonly root: SpelledNote;
  readonly quality: ChordQuality;
  readonly instead: SpelledNote | null;
};

export type SpelledChord =
  | { readonly ok: true; readonly chord: Chord; readonly steps: readonly ChordStep[] }
  | { readonly ok: false; readonly problem: ChordProblem };

/**
 * Spells a chord note by note, with the reason of each: letters in thirds, the major third by two whole steps, the
 * perfect fifth one place clockwise, the major seventh a half step below the octave (docs/theory.md, Chords, nearness,
 * routes).
 */
export function spellChord(root: SpelledNote, quality: ChordQuality): SpelledChord {
  const chord = chordOn(root, quality);
  if (!chord)
    return { ok: false, problem: { code: 'chord-third-sign', root, quality, instead: twin(root, quality) } };
  const [, third, fifth, seventh] = chord.notes;
  const sizes = SEMITONES[quality];
  const letters = chord.notes.map((_, at) => letterAfter(root.letter, 2 * at));
  const steps: ChordStep[] = [{ fact: { code: 'chord-root', root, quality, letters }, at: [0] }];
  if (third) {
    const refused = temptingSpelling(third);
    steps.push({
      fact: { code: 'chord-third', root, to: third, semitones: sizes[0] ?? 0, refused },
      at: [0, 1],
    });
  }
  if (fifth) {
    const triad = TRIAD_OF[quality];
    const moved = triad === 'diminished' ? -1 : triad === 'augmented' ? 1 : 0;
    const perfect = noteAtFifths(fifthsOf(root) + 1);
    steps.push({ fact: { code: 'chord-fifth', root, perfect, to: fifth, moved }, at: [0, 2] });
  }
  if (seventh) {
    const refused = temptingSpelling(seventh);
    const below = 12 - (sizes[2] ?? 0);
    steps.push({ fact: { code: 'chord-seventh', root, to: seventh, below, refused }, at: [0, 3] });
  }
  steps.push({ fact: { code: 'chord-spelled', chord }, at: chord.notes.map((_, at) => at) });
  return { ok: true, chord, steps };
}

/** The root twelve places along the line of fifths, towards fewer signs, if the chord can be spelled on it. */
function twin(root: SpelledNote, quality: ChordQuality): SpelledNote | null {
  const other = twelveAway(root);
  return other && chordOn(other, quality) ? other : null;
}
