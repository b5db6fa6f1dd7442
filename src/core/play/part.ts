import type { Clef } from '../instrument/staff';
import type { Transposition } from '../instrument/transposing';
import { midiOf, type Pitch, pitch } from '../note/pitch';
import type { Alteration, Fifths, SpelledNote } from '../note/spelled';
import { onceForTwo } from '../once';
import { signsAfterBar } from '../scale/across-bar';
import { type AskedScale, scaleAsked } from '../scale/asked';
import { scaleForInstrument } from '../scale/for-instrument';
import { printedSignature, type SignatureChoice } from '../scale/printed';
import type { Scale, SpellingProblem } from '../scale/scale';
import { signatureWritten } from '../scale/written';
import type { Settings } from '../school/settings';
import { type Articulation, type Stroke, strokesOf } from './articulation';
import { A_TUNE, type AskedPattern } from './pattern';
import { type PlacedWalk, type PlayRange, writtenWalk } from './placed';
import { type Player, playerOf } from './player';
import { type Beat, inBars, type Rhythm } from './rhythm';
import type { Meter, TuneProblem } from './tune';
import { type TuneSetProblem, tuneBars, tuneIn } from './tune-part';
import { type TuneCode, tuneOf } from './tunes';

/** Which key is named: the one that the player reads, or the one that sounds. */
export const KEY_NAMED = ['written', 'concert'] as const;

export type KeyNamed = (typeof KEY_NAMED)[number];

/** What is to be played. */
export type PlayAsked = {
  readonly tonic: SpelledNote;
  readonly scale: AskedScale;
  readonly pattern: AskedPattern;
  /** The tune, where one is asked for in place of a pattern. */
  readonly tune: TuneCode;
  /** The degree it begins and ends on, 1 to 7. */
  readonly degree: number;
  readonly range: PlayRange;
  readonly rhythm: Rhythm;
  readonly articulation: Articulation;
  /** The id of a player. */
  readonly player: string;
  readonly named: KeyNamed;
  readonly signature: SignatureChoice;
};

/** A sign printed before a note; in brackets where it is only a reminder. */
export type PartSign = { readonly sign: Alteration; readonly courtesy: boolean };

/** A note of a part: its place in the walk, its pitch as it is written, its sign, and how it is begun and left. */
export type PartNote = PlacedWalk & { readonly sign: PartSign | null; readonly stroke: Stroke };

/** A part as it stands on a stand: notes in bars of quarters, as the player reads them. */
export type Part = {
  readonly clef: Clef;
  /** Fifths at the clef; null where no signature is printed. */
  readonly atClef: Fifths | null;
  readonly notes: readonly PartNote[];
  /** Quarters to a bar. */
  readonly meter: Meter;
  /** Times run from the first bar line, so that an upbeat begins late in its bar. */
  readonly bars: readonly (readonly Beat[])[];
  /** The scale as it is written, and the one that sounds. */
  readonly written: Scale;
  readonly concert: Scale;
  readonly transposition: Transposition;
  /** The pitch class of the sounding tonic, 0 to 11. */
  readonly sounding: number;
  /** The player does not reach as far as was asked, and it goes as far as the range does. */
  readonly shortened: boolean;
  /** Syllables of a tune that has words, one to a note. */
  readonly words: readonly string[];
};

export type PlayProblem =
  | SpellingProblem
  | TuneProblem
  | TuneSetProblem
  /** The scale cannot be spelled as the player reads it. */
  | { readonly code: 'player-spelling'; readonly player: string }
  /** Not even an octave lies within the player's range. */
  | { readonly code: 'player-range'; readonly player: string };

export type PartReading =
  | { readonly ok: true; readonly part: Part }
  | { readonly ok: false; readonly problem: PlayProblem };

/** What a part takes from the class. */
type School = Pick<Settings, 'melodicDown' | 'cancelling' | 'modesWritten'>;

/** What is asked for, written out for its player; worked out once for what is asked and a class. */
export const partAsked: (asked: PlayAsked, settings: School) => PartReading = onceForTwo(partOf);

function partOf(asked: PlayAsked, settings: School): PartReading {
  const player = playerOf(asked.player);
  const reading = scaleAsked(asked.tonic, asked.scale, settings.melodicDown);
  if (!reading.ok) return { ok: false, problem: reading.problem };
  const both = bothScales(reading.scale, player, asked.named);
  if (!both) return { ok: false, problem: { code: 'player-spelling', player: player.id } };
  const line = lineAsked(asked, both.written, player);
  if ('code' in line) return { ok: false, problem: line };
  const { bars, notes } = line;
  const atClef = printedSignature(signatureWritten(both.written, settings.modesWritten), asked.signature);
  const signs = signsIn(notes, bars, atClef, settings.cancelling);
  const strokes = strokesOf(asked.articulation, notes.length);
  const { transposition, clef } = player;
  return {
    ok: true,
    part: {
      ...both,
      ...line,
      ...{ clef, atClef, transposition },
      notes: notes.map((note, at) => ({
        ...note,
        sign: signs[at] ?? null,
        stroke: strokes[at] ?? 'tongued',
      })),
      sounding: midiOf(pitch(both.concert.tonic, 4)) % 12,
    },
  };
}

/** The notes that are asked for, in their bars. */
type Line = Pick<Part, 'bars' | 'meter' | 'shortened' | 'words'> & { readonly notes: readonly PlacedWalk[] };

function lineAsked(asked: PlayAsked, written: Scale, player: Player): Line | PlayProblem {
  const { pattern, degree, range, rhythm } = asked;
  if (pattern !== A_TUNE) {
    const walk = writtenWalk(written, pattern, degree, range, player);
    if (!walk) return { code: 'player-range', player: player.id };
    return { ...walk, bars: inBars(walk.notes.length, rhythm), meter: 4, words: [] };
  }
  const reading = tuneOf(asked.tune);
  if (!reading.ok) return reading.problem;
  const { tune } = reading;
  const set = tuneIn(tune, written, player);
  if (!set.ok) return set.problem;
  const { meter, words } = tune;
  return { notes: set.notes, bars: tuneBars(tune), meter, words, shortened: false };
}

/** The scale as it is read and as it sounds; null where one of them cannot be spelled. */
function bothScales(
  named: Scale,
  { transposition }: Player,
  which: KeyNamed,
): Pick<Part, 'written' | 'concert'> | null {
  if (transposition.semitones === 0) return { written: named, concert: named };
  if (which === 'concert') {
    const found = scaleForInstrument(named, transposition);
    return found && { written: found.written, concert: named };
  }
  const down = { letters: -transposition.letters, semitones: -transposition.semitones };
  const found = scaleForInstrument(named, down);
  return found && { written: named, concert: found.written };
}

/** The sign of each note: a bar line ends what was in force, and a class may want a reminder after it. */
function signsIn(
  notes: readonly PlacedWalk[],
  bars: readonly (readonly Beat[])[],
  atClef: Fifths | null,
  cancelling: Settings['cancelling'],
): readonly (PartSign | null)[] {
  let before: readonly Pitch[] = [];
  return bars.flatMap((bar) => {
    const pitches = bar.flatMap(({ note }) => (note === null ? [] : [notes[note]?.pitch ?? []].flat()));
    const signs = signsAfterBar(before, pitches, atClef, cancelling);
    before = pitches;
    return signs;
  });
}
