import type { Chord, ChordQuality } from '../harmony/chord';
import type { ChordFact, ChordProblem } from '../harmony/chord-spelling';
import type { KeyChord, TwoFiveOne } from '../harmony/family';
import { fifthsOf } from '../note/spelled';
import type { ClassWords } from './class-words';
import { keyName, roundWord } from './say-key';
import type { SaidStep } from './say-method';
import { numberWord } from './vocabulary';

/** The word of a chord's quality. */
export const QUALITY_WORDS: Readonly<Record<ChordQuality, string>> = {
  major: 'major',
  minor: 'minor',
  diminished: 'diminished',
  augmented: 'augmented',
  'major-seventh': 'major seventh',
  'dominant-seventh': 'dominant seventh',
  'minor-seventh': 'minor seventh',
  'half-diminished': 'half-diminished seventh',
  'diminished-seventh': 'diminished seventh',
  'minor-major-seventh': 'minor with a major seventh',
  'augmented-major-seventh': 'augmented with a major seventh',
};

const SYMBOLS: Readonly<Record<ChordQuality, string>> = {
  major: '',
  minor: 'm',
  diminished: '°',
  augmented: '+',
  'major-seventh': 'maj7',
  'dominant-seventh': '7',
  'minor-seventh': 'm7',
  'half-diminished': 'ø7',
  'diminished-seventh': '°7',
  'minor-major-seventh': 'm(maj7)',
  'augmented-major-seventh': '+maj7',
};

/** A chord in words: `G♭ major seventh`. */
export function chordName(w: ClassWords, { root, quality }: Pick<Chord, 'root' | 'quality'>): string {
  if (w.settings.keyNames !== 'german') return `${w.note(root)} ${QUALITY_WORDS[quality]}`;
  // Where minor is called Moll, 'minor' in the name of a chord would mix two languages.
  return quality === 'major' || quality === 'minor'
    ? w.key(root, quality)
    : chordSymbol(w, { root, quality });
}

/** A chord as it stands over a line: `G♭maj7`, `F♯m`; diminished as the class has it. */
export function chordSymbol(w: ClassWords, { root, quality }: Pick<Chord, 'root' | 'quality'>): string {
  const sign = SYMBOLS[quality];
  return w.note(root) + (w.settings.diminished === 'dim' ? sign.replace('°', 'dim') : sign);
}

type Of<Code extends ChordFact['code']> = Extract<ChordFact, { readonly code: Code }>;

/** One step of spelling a chord. */
export function sayChordStep(w: ClassWords, fact: ChordFact): SaidStep {
  switch (fact.code) {
    case 'chord-root': {
      const letters = fact.letters.map(w.letter).join(' ');
      return {
        text: `The root is ${w.note(fact.root)}. ${w.letterWords.slice(0, 1).toUpperCase()}${w.letterWords.slice(1)} in thirds: ${letters}.`,
        reason: `Each note of a chord skips one ${w.letterWord}, whatever its sign.`,
      };
    }
    case 'chord-third':
      return thirdLine(w, fact);
    case 'chord-fifth':
      return fifthLine(w, fact);
    case 'chord-seventh':
      return seventhLine(w, fact);
    case 'chord-spelled':
      return { text: `${chordName(w, fact.chord)}: ${w.noteList(fact.chord.notes)}.`, reason: null };
  }
}

function notThe(w: ClassWords, refused: Of<'chord-third'>['refused']): string {
  return refused ? ` Not ${w.note(refused)}: that is another ${w.letterWord}.` : '';
}

function thirdLine(w: ClassWords, { root, to, semitones, refused }: Of<'chord-third'>): SaidStep {
  const major = semitones === 4;
  const way = major ? `two ${w.wholes}` : `${w.aStep(2)} and ${w.aStep(1)}`;
  return {
    text: `The third is ${major ? 'major' : 'minor'}: ${way} above ${w.note(root)} stands ${w.note(to)}.`,
    reason: `${numberWord(semitones).replace(/^./u, (first) => first.toUpperCase())} ${w.halves}.${notThe(w, refused)}`,
  };
}

function fifthLine(w: ClassWords, { root, perfect, to, moved }: Of<'chord-fifth'>): SaidStep {
  const clockwise = roundWord(w, 1);
  if (moved === 0 || !perfect) {
    return {
      text: `The fifth is ${moved === 0 ? 'perfect' : moved < 0 ? 'diminished' : 'augmented'}: ${w.note(to)}.`,
      reason:
        moved === 0
          ? `One place ${clockwise} of ${w.note(root)} on the circle; seven ${w.halves}.`
          : `A ${w.half} from the perfect fifth, on the same ${w.letterWord}.`,
    };
  }
  const [kind, way] = moved < 0 ? ['diminished', 'lower'] : ['augmented', 'higher'];
  return {
    text: `The fifth is ${kind}: ${w.note(perfect)}, one place ${clockwise}, a ${w.half} ${way} is ${w.note(to)}.`,
    reason: `The ${w.letterWord} stays, the sign moves: ${moved < 0 ? 'six' : 'eight'} ${w.halves} above ${w.note(root)}.`,
  };
}

function seventhLine(w: ClassWords, { root, to, below, refused }: Of<'chord-seventh'>): SaidStep {
  const kind = below === 1 ? 'major' : below === 2 ? 'minor' : 'diminished';
  const way = below === 3 ? `three ${w.halves}` : w.aStep(below);
  return {
    text: `The seventh is ${kind}: ${way} below the octave ${w.note(root)} stands ${w.note(to)}.`,
    reason: notThe(w, refused).trim() || null,
  };
}

/**
 * How the three chief chords of a key lie on the circle: the fourth degree's one place back, the fifth's one place on.
 * Null where they do not, as in lydian and locrian.
 */
export function sayFamily(w: ClassWords, chords: readonly KeyChord[]): string | null {
  const [one, , , four, five] = chords;
  if (!one || !four || !five) throw new RangeError('a key has seven chords');
  const at = (each: KeyChord) => fifthsOf(each.chord.root) - fifthsOf(one.chord.root);
  if (at(four) !== -1 || at(five) !== 1) return null;
  const row = [four, one].map(({ chord }) => chordSymbol(w, chord)).join(', ');
  const sides = `${four.numeral} one place ${roundWord(w, -1)}, ${five.numeral} one place ${roundWord(w, 1)}`;
  return `${row} and ${chordSymbol(w, five.chord)} lie side by side: ${sides}.`;
}

/** Two, five, one of a key or of a mode's parent, and over each the mode with its notes. */
export function sayTwoFiveOne(w: ClassWords, { of, moves }: TwoFiveOne): string {
  const said = moves.map(({ chord, over }) => chordSymbol(w, chord) + (over ? ` (${keyName(w, over)})` : ''));
  return `${keyName(w, of)}: ${said.join(', ')}`;
}

/** Why a chord cannot be spelled, and what to take instead. */
export function sayChordProblem(w: ClassWords, { root, quality, instead }: ChordProblem): string {
  const twin = instead ? ` ${chordName(w, { root: instead, quality })} sounds the same.` : '';
  return `${chordName(w, { root, quality })} would need a note with three signs.${twin}`;
}
