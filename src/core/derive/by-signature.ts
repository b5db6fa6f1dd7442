import { type Fifths, type SpelledNote, spelled, temptingSpelling } from '../note/spelled';
import { type Direction, lineOf, type PlacedNote } from '../scale/line';
import { PATTERNS, type ScaleId } from '../scale/pattern';
import { enharmonicTonic, type Scale } from '../scale/scale';
import { accidentalsOf, alteredLetters, signatureOf } from '../scale/signature';
import { relativeTonic } from '../scale/tonic';
import type { Settings } from '../school/settings';
import type { Derivation, DerivationStep, PlaceState, Saying } from './derivation';
import { givingBack } from './giving-back';
import { lettersSaying } from './letters-saying';
import { parentSaying } from './parent-saying';
import { lettersOnly, overwrite, settle } from './place-state';

/** A scale that is written with a signature. */
export type SignedScale = Scale & { readonly id: ScaleId; readonly signature: Fifths };

/** Whether the circle-and-signature method can serve a scale: typed steps have no signature of their own. */
export function hasSignature(scale: Scale): scale is SignedScale {
  return scale.id !== null && scale.signature !== null;
}

/** How a class comes to minor's signature (facts: schools). */
export type DeriveWays = Pick<Settings, 'minorSignature'>;

/** Counting to the signature: a major key from C; a minor one by its relative, its parallel or its own circle. */
function waySayings(scale: SignedScale, { minorSignature }: DeriveWays): readonly Saying[] {
  const { tonic, id, signature } = scale;
  const { mode } = PATTERNS[id];
  if (mode === 'major') return [{ code: 'count-places', tonic, mode, count: signature }];
  if (mode !== 'minor') {
    const first = parentSaying(scale);
    return [first, { code: 'count-places', tonic: first.parent, mode: 'major', count: signature }];
  }
  switch (minorSignature) {
    case 'relative': {
      const major = relativeTonic(tonic, 'minor');
      if (!major) throw new RangeError('a minor scale holds the tonic of its relative major');
      return [
        { code: 'relative-major', tonic, major },
        { code: 'count-places', tonic: major, mode: 'major', count: signature },
      ];
    }
    case 'parallel-less-three': {
      const major = signatureOf(tonic, 'major');
      return [
        { code: 'count-places', tonic, mode: 'major', count: major },
        { code: 'less-three', tonic, major, count: signature },
      ];
    }
    case 'own-circle':
      return [{ code: 'count-places', tonic, mode: 'minor', count: signature }];
  }
}

function countSayings(scale: SignedScale, ways: DeriveWays): readonly Saying[] {
  const { id, signature } = scale;
  const sayings: Saying[] = [...waySayings(scale, ways)];
  sayings.push({ code: 'take-signs', signs: accidentalsOf(signature), count: signature });
  if (scale.theoretical) {
    sayings.push({ code: 'theoretical', count: signature, scale: id, instead: enharmonicTonic(scale) });
  }
  return sayings;
}

/** Places of the line where a letter stands. */
function placesOf(line: readonly PlacedNote[], letter: SpelledNote['letter']): readonly number[] {
  return line.flatMap(({ pitch }, place) => (pitch.note.letter === letter ? [place] : []));
}

/** The notes the signature alone gives to a line, before any degree is raised. */
function unraised(line: readonly PlacedNote[], signature: Fifths): readonly SpelledNote[] {
  const altered = alteredLetters(signature);
  return line.map(({ pitch }) => altered.get(pitch.note.letter) ?? spelled(pitch.note.letter, 0));
}

/**
 * Method 3: places counted from C round the circle, that many signs from the order, put on the letters; then the
 * raised degrees as accidentals, never in the signature, and for melodic minor their return on the way down.
 */
export function deriveBySignature(scale: SignedScale, direction: Direction, ways: DeriveWays): Derivation {
  const line = lineOf(scale, direction, 4);
  const notes = line.map(({ pitch }) => pitch.note);
  const plain = unraised(line, scale.signature);
  const everywhere = line.map((_, place) => place);
  const signs = accidentalsOf(scale.signature);
  let state: readonly PlaceState[] = lettersOnly(line, null);
  let put = 0;
  const steps: DerivationStep[] = [];
  const add = (saying: Saying, at: readonly number[]) => {
    steps.push({ saying, at, line: state, signs: put, under: null });
  };

  for (const saying of countSayings(scale, ways)) add(saying, []);
  if (signs.length === 0) state = settle(state, everywhere, plain);
  add(lettersSaying(scale, notes, null), everywhere);
  for (const sign of signs) {
    put += 1;
    const at = placesOf(line, sign.letter);
    state = settle(state, put === signs.length ? everywhere : at, plain);
    add({ code: 'put-sign', sign, tonic: scale.tonic, here: at.length > 0 }, at);
  }

  for (const degree of scale.raised) {
    const at = line.flatMap((note, place) => (note.degree === degree && note.raised ? [place] : []));
    const [from, to] = [plain[at[0] ?? -1], notes[at[0] ?? -1]];
    if (!from || !to) continue;
    state = overwrite(state, at, to);
    add({ code: 'raise', tonic: scale.tonic, from, to, refused: temptingSpelling(to) }, at);
  }
  const back = givingBack(scale, direction, line);
  if (back) add(back.saying, back.at);
  return {
    question: { scale, direction },
    method: 'signature',
    steps,
    answer: state.map(({ note }) => note),
  };
}
