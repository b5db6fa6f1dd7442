import type { ChordQuality } from '../harmony/chord';
import type { SpelledNote } from '../note/spelled';
import type { ClassWords } from './class-words';

/** Words for a chord after its root, in small letters but where a capital M is meant. */
const QUALITIES: ReadonlyMap<string, ChordQuality> = new Map([
  ['major chord', 'major'],
  ['major triad', 'major'],
  ['minor chord', 'minor'],
  ['minor triad', 'minor'],
  ['dim', 'diminished'],
  ['diminished', 'diminished'],
  ['°', 'diminished'],
  ['aug', 'augmented'],
  ['augmented', 'augmented'],
  ['+', 'augmented'],
  ['maj7', 'major-seventh'],
  ['maj 7', 'major-seventh'],
  ['major 7', 'major-seventh'],
  ['major 7th', 'major-seventh'],
  ['major seventh', 'major-seventh'],
  ['M7', 'major-seventh'],
  ['Δ7', 'major-seventh'],
  ['7', 'dominant-seventh'],
  ['7th', 'dominant-seventh'],
  ['seventh', 'dominant-seventh'],
  ['dom7', 'dominant-seventh'],
  ['dom 7', 'dominant-seventh'],
  ['dominant 7', 'dominant-seventh'],
  ['dominant 7th', 'dominant-seventh'],
  ['dominant seventh', 'dominant-seventh'],
  ['m7', 'minor-seventh'],
  ['min7', 'minor-seventh'],
  ['m 7', 'minor-seventh'],
  ['min 7', 'minor-seventh'],
  ['minor 7', 'minor-seventh'],
  ['minor 7th', 'minor-seventh'],
  ['minor seventh', 'minor-seventh'],
  ['m7b5', 'half-diminished'],
  ['m7♭5', 'half-diminished'],
  ['min7b5', 'half-diminished'],
  ['ø', 'half-diminished'],
  ['ø7', 'half-diminished'],
  ['half diminished', 'half-diminished'],
  ['half-diminished', 'half-diminished'],
  ['half diminished seventh', 'half-diminished'],
  ['dim7', 'diminished-seventh'],
  ['dim 7', 'diminished-seventh'],
  ['°7', 'diminished-seventh'],
  ['diminished 7', 'diminished-seventh'],
  ['diminished 7th', 'diminished-seventh'],
  ['diminished seventh', 'diminished-seventh'],
  ['mmaj7', 'minor-major-seventh'],
  ['m maj7', 'minor-major-seventh'],
  ['m(maj7)', 'minor-major-seventh'],
  ['minmaj7', 'minor-major-seventh'],
  ['mM7', 'minor-major-seventh'],
  ['minor major seventh', 'minor-major-seventh'],
  ['augmaj7', 'augmented-major-seventh'],
  ['aug maj7', 'augmented-major-seventh'],
  ['+maj7', 'augmented-major-seventh'],
  ['augmented major seventh', 'augmented-major-seventh'],
]);

/** Words that say no more than a bare root does where a chord is asked for. */
const TRIADS: ReadonlyMap<string, ChordQuality> = new Map([
  ['', 'major'],
  ['major', 'major'],
  ['maj', 'major'],
  ['M', 'major'],
  ['minor', 'minor'],
  ['min', 'minor'],
  ['m', 'minor'],
]);

/** The quality that words after a root say, or null. `triads`: whether plain `major` and `minor` are chords here. */
export function readQuality(text: string, triads = false): ChordQuality | null {
  const said = text.trim().replace(/\s+/gu, ' ');
  const plain = said.replace(/ (?:chord|triad)$/iu, '');
  for (const each of [said, plain, said.toLowerCase(), plain.toLowerCase()]) {
    const known = QUALITIES.get(each) ?? (triads ? TRIADS.get(each) : undefined);
    if (known) return known;
  }
  return null;
}

/** A root with its quality written to it, `Dm7`, `Fis7`, `Sol7`, in the names of a class; null where it is none. */
export function readGluedChord(
  w: ClassWords,
  word: string,
): { readonly root: SpelledNote; readonly quality: ChordQuality } | null {
  // The longest root first, so that `B♭7` is no B.
  for (let cut = word.length - 1; cut > 0; cut -= 1) {
    const root = w.read(word.slice(0, cut));
    const quality = root.ok ? readQuality(word.slice(cut)) : null;
    if (root.ok && quality) return { root: root.note, quality };
  }
  return null;
}
