import { letterAfter, letterIndex, SEMITONES_ABOVE_C } from '../note/letter';
import { type Fifths, type SpelledNote, spelledOrNull, twelveAway } from '../note/spelled';
import type { Settings } from '../school/settings';
import { spellChromatic } from './chromatic';
import { PATTERNS, type ScaleId, scaleIdOfSteps, WHOLE_OF } from './pattern';
import { enharmonicKeyTonic, isPrintable, signatureOf } from './signature';
import { spellUneven } from './uneven';

/** A spelled scale: as a rule of seven steps, else a part of one, the chromatic scale, or a typed pattern. */
export type Scale = {
  readonly tonic: SpelledNote;
  /** The named scale, or null for typed steps that have no name here. */
  readonly id: ScaleId | null;
  /** Steps in semitones as they are walked: `rising` from the tonic, `falling` from the top down. */
  readonly rising: readonly number[];
  readonly falling: readonly number[];
  /** Notes from the tonic up and from the top down, one more than there are steps; the octave at both ends. */
  readonly ascending: readonly SpelledNote[];
  readonly descending: readonly SpelledNote[];
  /** Fifths of the signature it is written with; counted on past seven; null for typed steps that have none. */
  readonly signature: Fifths | null;
  /** Degrees raised above that signature, rising. */
  readonly raised: readonly number[];
  /** Whether the signature would pass seven signs. */
  readonly theoretical: boolean;
};

/** A degree that cannot be spelled with one or two signs, and the tonic that sounds the same and can. */
export type SpellingProblem = {
  readonly code: 'needs-third-sign';
  readonly tonic: SpelledNote;
  readonly degree: number;
  readonly letter: SpelledNote['letter'];
  readonly alteration: number;
  readonly instead: SpelledNote | null;
};

export type ScaleReading =
  | { readonly ok: true; readonly scale: Scale }
  | { readonly ok: false; readonly problem: SpellingProblem };

type Unspellable = { readonly degree: number; readonly alteration: number };

/**
 * Spells steps from a tonic with one letter a note. Notes rise from the tonic.
 * Returns the degree (2 to 7) that would need a third sign where there is one.
 */
function spellUp(tonic: SpelledNote, steps: readonly number[]): readonly SpelledNote[] | Unspellable {
  const notes: SpelledNote[] = [tonic];
  const start = SEMITONES_ABOVE_C[tonic.letter] + tonic.alteration;
  let above = 0;
  for (const [index, step] of steps.entries()) {
    above += step;
    const letter = letterAfter(tonic.letter, index + 1);
    const octave = Math.floor((letterIndex(tonic.letter) + index + 1) / 7);
    const alteration = start + above - (SEMITONES_ABOVE_C[letter] + 12 * octave);
    const note = spelledOrNull(letter, alteration);
    if (!note) return { degree: index + 2, alteration };
    notes.push(note);
  }
  return notes;
}

/** Spells any pattern: one letter a note where it has seven steps or is the beginning of such, else as it can be. */
function spell(
  tonic: SpelledNote,
  steps: readonly number[],
  falling: boolean,
): readonly SpelledNote[] | Unspellable {
  const octave = steps.reduce((sum, step) => sum + step, 0) === 12;
  if (steps.length === 7 || !octave) return spellUp(tonic, steps);
  if (steps.length === 12) {
    const key = spellUp(tonic, PATTERNS.major.rising);
    if (!isSpelled(key)) return key;
    const reading = spellChromatic(key, falling);
    return reading.ok ? reading.notes : reading;
  }
  // Five letters are enough for every sound, so only a tonic with two signs may find no way.
  return spellUneven(tonic, steps) ?? { degree: 2, alteration: Math.sign(tonic.alteration) * 3 };
}

/** A scale of typed steps (semitones, as they were read), or the degree that cannot be spelled. */
export function scaleOfSteps(tonic: SpelledNote, steps: readonly number[]): ScaleReading {
  const known = scaleIdOfSteps(steps);
  if (known) return scaleNamed(tonic, known);
  return assemble(tonic, null, steps, steps);
}

/** Named scales as they were spelled before, by tonic: there are no more of them than tonics and patterns. */
const SPELLED = new Map<SpelledNote, Map<string, ScaleReading>>();

/**
 * A named scale on a tonic. All 21 tonics can be spelled; a tonic with two signs may need a third.
 * Where a class teaches melodic minor in its rising form only, it comes down as it rose.
 *
 * @example scaleNamed(noteNamed('G#'), 'harmonic-minor').scale.ascending.map(noteName).join(' ') // 'G♯ A♯ B C♯ D♯ E F𝄪 G♯'
 */
export function scaleNamed(
  tonic: SpelledNote,
  id: ScaleId,
  melodicDown: Settings['melodicDown'] = 'natural',
): ScaleReading {
  const known = SPELLED.get(tonic) ?? new Map<string, ScaleReading>();
  SPELLED.set(tonic, known);
  const key = `${id} ${melodicDown}`;
  const before = known.get(key);
  if (before) return before;
  const { rising, falling } = PATTERNS[id];
  const reading = assemble(tonic, id, rising, melodicDown === 'natural' ? falling : rising);
  known.set(key, reading);
  return reading;
}

/** The same scale on another tonic, with the descent it has. */
export function scaleMoved({ id, rising, falling }: Scale, tonic: SpelledNote): ScaleReading {
  return assemble(tonic, id, rising, [...falling].reverse());
}

function assemble(
  tonic: SpelledNote,
  id: ScaleId | null,
  rising: readonly number[],
  falling: readonly number[],
): ScaleReading {
  const up = spell(tonic, rising, false);
  const down = spell(tonic, falling, true);
  if (!isSpelled(up)) return thirdSign(tonic, up, rising, falling);
  if (!isSpelled(down)) return thirdSign(tonic, down, rising, falling);
  const signature = id ? signatureOf(tonic, PATTERNS[id].mode) : null;
  return {
    ok: true,
    scale: {
      tonic,
      id,
      rising,
      falling: [...falling].reverse(),
      ascending: up,
      descending: [...down].reverse(),
      signature,
      raised: id ? PATTERNS[id].raised : [],
      theoretical: signature !== null && !isPrintable(signature),
    },
  };
}

function isSpelled(spelling: readonly SpelledNote[] | Unspellable): spelling is readonly SpelledNote[] {
  return !('degree' in spelling);
}

function thirdSign(
  tonic: SpelledNote,
  { degree, alteration }: Unspellable,
  rising: readonly number[],
  falling: readonly number[],
): ScaleReading {
  const letter = letterAfter(tonic.letter, degree - 1);
  const instead = spellableTwin(tonic, rising, falling);
  return { ok: false, problem: { code: 'needs-third-sign', tonic, degree, letter, alteration, instead } };
}

/** The tonic twelve places along the line of fifths, towards fewer signs, if the steps can be spelled from it. */
function spellableTwin(
  tonic: SpelledNote,
  rising: readonly number[],
  falling: readonly number[],
): SpelledNote | null {
  const twin = twelveAway(tonic);
  if (!twin) return null;
  const spellable = isSpelled(spell(twin, rising, false)) && isSpelled(spell(twin, falling, true));
  return spellable ? twin : null;
}

/**
 * The tonic of the enharmonic equivalent that is written in practice: for a theoretical key the practical one, for
 * the three doubled pairs the other; null where no other spelling has a signature of seven signs or fewer.
 */
export function enharmonicTonic(scale: Scale): SpelledNote | null {
  const { signature } = scale;
  return signature === null ? null : enharmonicKeyTonic(scale.tonic, signature);
}

/** Whether a scale has other notes on the way down than on the way up, as melodic minor has. */
export function comesDownOtherwise(scale: Scale): boolean {
  const top = scale.ascending.length - 1;
  return scale.ascending.some((note, index) => note !== scale.descending[top - index]);
}

/** Whether a scale has seven steps, and so one letter a note from tonic to tonic. */
export function hasSevenSteps({ rising }: Pick<Scale, 'rising'>): boolean {
  return rising.length === 7;
}

/** Whether a scale is a part of one that stops before its octave: a tetrachord or a pentachord. */
export function isFragment({ id }: Pick<Scale, 'id'>): boolean {
  return id !== null && Object.hasOwn(WHOLE_OF, id);
}
