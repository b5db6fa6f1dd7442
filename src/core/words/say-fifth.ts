import type { CountedFifth } from '../harmony/circle';
import type { CarriedNote } from '../harmony/fifth-line';
import { enharmonics, semitonesAbove, spelled } from '../note/spelled';
import type { ClassWords } from './class-words';
import { numberWord } from './vocabulary';

/** How a fifth is counted: its five letters, and its half steps; where the bare letter falls short, that is said. */
export function sayFifth(w: ClassWords, { from, to, letters, bare }: CountedFifth): string {
  const row = letters.map(w.letter).join(' ');
  const counted = `${row}: five ${w.letterWords} counting both ends, seven ${w.halves} not counting the first.`;
  if (bare === 7 || to.alteration === 0) return counted;
  const short = from.alteration === 0;
  return short
    ? `${counted} ${w.letter(to.letter)} alone would be ${numberWord(bare)} ${w.halves}: it needs its sign.`
    : counted;
}

/** Five letters, seven half steps, the fifth degree: three ways to say a fifth, and where they part. */
export function sayThreeWays(w: ClassWords, { from, to, letters, bare }: CountedFifth): readonly string[] {
  const plain = spelled(to.letter, 0);
  const byLetters = `By ${w.letterWords}: the fifth ${w.letterWord} from ${w.letter(from.letter)} is ${w.letter(letters.at(-1) ?? to.letter)}${bare === 7 ? '.' : `; without a sign that is ${w.note(plain)}, ${numberWord(semitonesAbove(from, plain))} ${w.halves}, and no perfect fifth.`}`;
  const [twin] = enharmonics(to);
  const byHalves = `By ${w.halves}: seven above ${w.note(from)} sounds ${w.note(to)}${twin ? `, and just as well ${w.note(twin)}` : ''}; only the ${w.letterWord} decides.`;
  const byDegree = `By degree: the ${w.degree(to, from)} of ${w.key(from, 'major')}. Inside another key a fifth may be smaller: from its 7th degree it is six ${w.halves}.`;
  return [byLetters, byHalves, byDegree];
}

/** The fifth up is the fourth down: what stays and what changes. */
export function sayInverted(w: ClassWords, { from, to, way }: CountedFifth): string {
  const [one, other] = way > 0 ? ['up a fifth', 'down a fourth'] : ['down a fifth', 'up a fourth'];
  return `${w.note(from)} ${one} or ${other}: ${w.note(to)} either way. The ${w.letterWord} stays, the octave changes; seven ${w.halves} one way, five the other.`;
}

/** What happens at a note of a line that is carried a fifth higher. */
export function sayCarried(w: ClassWords, { note, perfect, own, semitones }: CarriedNote): string | null {
  if (!perfect) return `${w.note(note)} has no fifth that is written with two signs at most.`;
  if (!own) return `${w.note(note)} is not in the key.`;
  if (own === perfect) return null;
  return `Over ${w.note(note)} the key has ${w.noteWithSign(own)}, ${numberWord(semitones ?? 0)} ${w.halves}: no perfect fifth. A line that keeps to perfect fifths leaves the key here with ${w.note(perfect)}.`;
}
