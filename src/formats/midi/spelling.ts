import { LETTERS, SEMITONES_ABOVE_C } from '@/core/note/letter';
import { type Pitch, pitch } from '@/core/note/pitch';
import { type Fifths, fifths, fifthsOf, spelled } from '@/core/note/spelled';

/** A sound that was struck, in ticks of a piece. */
export type Struck = { readonly midi: number; readonly at: number; readonly off: number };

/** Places on the line of fifths by the sound they are, 0 to 11. */
const PLACES: readonly (readonly number[])[] = Array.from({ length: 12 }, (_, sound) =>
  Array.from({ length: 35 }, (_each, at) => at - 15).filter(
    (place) => (((place * 7) % 12) + 12) % 12 === sound,
  ),
);

/** How much nearer a spelling counts that goes on by a half step as its sign leads. */
const LEADS = 1.5;

/** The signature under which most of what sounds is plain; of equals the one of fewest signs. */
export function likelySignature(struck: readonly Struck[]): Fifths {
  const lasts = Array.from({ length: 12 }, () => 0);
  for (const { midi, at, off } of struck) lasts[midi % 12] = (lasts[midi % 12] ?? 0) + (off - at);
  const plain = (count: number) =>
    Array.from({ length: 7 }, (_, nth) => lasts[((((count - 1 + nth) * 7) % 12) + 12) % 12] ?? 0).reduce(
      (sum, each) => sum + each,
      0,
    );
  const counts = Array.from({ length: 13 }, (_, at) => at - 6);
  return fifths(counts.toSorted((a, b) => plain(b) - plain(a) || Math.abs(a) - Math.abs(b))[0] ?? 0);
}

/** The pitch of a place on the line of fifths that sounds as a key of the keyboard. */
function pitchAt(place: number, midi: number): Pitch {
  const letter = LETTERS.find((each) => (fifthsOf(spelled(each, 0)) - place) % 7 === 0) ?? 'C';
  const alteration = (place - fifthsOf(spelled(letter, 0))) / 7;
  const octave = Math.round((midi - SEMITONES_ABOVE_C[letter] - alteration) / 12) - 1;
  return pitch(spelled(letter, alteration as -2 | -1 | 0 | 1 | 2), octave);
}

/**
 * Sounds as notes under a signature: each by the spelling nearest to its key on the line of fifths, and of two that are near,
 * the one whose sign leads to what follows: up from a sharp, down from a flat.
 *
 * @param line what follows each other in one part
 */
export function spelledLine(line: readonly Struck[], count: Fifths): readonly Pitch[] {
  const middle = count + 2;
  return line.map(({ midi, off }, at) => {
    const next = line.slice(at + 1, at + 6).find((each) => each.at >= off - 1);
    const step = next ? next.midi - midi : 0;
    const cost = (place: number) => {
      const far = Math.abs(place - middle);
      const leads = far > 3 && ((step === 1 && place > middle) || (step === -1 && place < middle));
      return far - (leads ? LEADS : 0);
    };
    const places = PLACES[midi % 12] ?? [];
    const best = places.reduce((near, place) => (cost(place) < cost(near) ? place : near), places[0] ?? 0);
    return pitchAt(best, midi);
  });
}
