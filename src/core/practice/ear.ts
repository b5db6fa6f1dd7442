import type { Picks } from '../exercise/kinds/making';
import { CONCERT } from '../instrument/transposing';
import { midiOf, type Pitch } from '../note/pitch';
import type { SpelledNote } from '../note/spelled';
import { risingPitches } from '../play/heard';
import { playerOf } from '../play/player';
import { readTones } from '../play/tune';
import { tonesIn } from '../play/tune-part';
import { hasSevenSteps, type Scale } from '../scale/scale';

/** Questions that are heard and not read. */
export const EAR_KINDS = ['finished', 'which', 'home'] as const;

export type EarKind = (typeof EAR_KINDS)[number];

/** What can be answered: that it came home or did not, the first or the second row, a note. */
export type EarChoice =
  | { readonly is: 'finished' | 'unfinished' }
  | { readonly is: 'row'; readonly nth: 1 | 2 }
  | { readonly is: 'note'; readonly note: SpelledNote };

/** Why the right answer is right: the degree it ended on, the note that was altered, or home. */
export type EarReason =
  | { readonly is: 'ends-on'; readonly note: SpelledNote; readonly degree: number }
  | { readonly is: 'altered'; readonly degree: number; readonly note: SpelledNote; readonly by: 1 | -1 }
  | { readonly is: 'home'; readonly note: SpelledNote };

export type EarQuestion = {
  readonly kind: EarKind;
  /** What is heard, as MIDI numbers: one row, or two. */
  readonly rows: readonly (readonly number[])[];
  /** The note the first row begins on, which is told. */
  readonly begins: SpelledNote;
  readonly choices: readonly EarChoice[];
  /** The place of the right one. */
  readonly right: number;
  readonly reason: EarReason;
};

/** Lines that come home, and lines that stop on their way, in degrees; each has its scale in it. */
const FINISHED = ['1 3 5 4 2 7, 1', '5 4 3 2 1', "1 2 3 5 6 7 1'", '3 4 5 4 3 2 1', "5 6 7 1'"] as const;
const UNFINISHED = ['1 3 5 4 2 7,', '5 4 3 2', '1 2 3 5 6 7', '3 4 5 4 3 2', '1 3 5 6 5 4'] as const;
const HOMING = ['5 4 3 2 7, 1', "3 5 6 7 1' 5", '2 7, 1 3 5 1', '5 3 4 2 7, 1 5'] as const;

function pitchesOf(line: string, scale: Scale): readonly Pitch[] {
  const set = tonesIn(readTones(line) ?? [], scale, playerOf(CONCERT));
  if (!set.ok) throw new RangeError(`${line} cannot be set in this scale`);
  return set.notes.map(({ pitch }) => pitch);
}

const degreeOfTone = (line: string) => readTones(line)?.at(-1)?.degree ?? 1;

function finished(picks: Picks, scale: Scale): EarQuestion {
  const isFinished = picks([true, false]);
  const line: string = picks(isFinished ? FINISHED : UNFINISHED);
  const pitches = pitchesOf(line, scale);
  return {
    kind: 'finished',
    rows: [pitches.map(midiOf)],
    begins: pitches[0]?.note ?? scale.tonic,
    choices: [{ is: 'finished' }, { is: 'unfinished' }],
    right: isFinished ? 0 : 1,
    reason: {
      is: 'ends-on',
      note: pitches.at(-1)?.note ?? scale.tonic,
      degree: degreeOfTone(line),
    },
  };
}

/** The ways in which one note of a row can be a half step off without meeting its neighbours. */
function alterations(row: readonly number[]): readonly { readonly at: number; readonly by: 1 | -1 }[] {
  return row.flatMap((midi, at) => {
    if (at === 0 || at === row.length - 1) return [];
    return ([1, -1] as const)
      .filter((by) => midi + by > (row[at - 1] as number) && midi + by < (row[at + 1] as number))
      .map((by) => ({ at, by }));
  });
}

function which(picks: Picks, scale: Scale): EarQuestion {
  const pitches = risingPitches(scale.ascending);
  const row = pitches.map(midiOf);
  const altered = picks(alterations(row));
  const other = row.map((midi, at) => (at === altered.at ? midi + altered.by : midi));
  const right = picks([0, 1]);
  return {
    kind: 'which',
    rows: right === 0 ? [row, other] : [other, row],
    begins: scale.tonic,
    choices: [
      { is: 'row', nth: 1 },
      { is: 'row', nth: 2 },
    ],
    right,
    reason: {
      is: 'altered',
      degree: altered.at + 1,
      note: pitches[altered.at]?.note ?? scale.tonic,
      by: altered.by,
    },
  };
}

function home(picks: Picks, scale: Scale): EarQuestion {
  const pitches = pitchesOf(picks(HOMING), scale);
  const others = [3, 5].map((degree) => scale.ascending[degree - 1] as SpelledNote);
  const right = picks([0, 1, 2]);
  const notes = [...others.slice(0, right), scale.tonic, ...others.slice(right)];
  return {
    kind: 'home',
    rows: [pitches.map(midiOf)],
    begins: pitches[0]?.note ?? scale.tonic,
    choices: notes.map((note) => ({ is: 'note', note })),
    right,
    reason: { is: 'home', note: scale.tonic },
  };
}

const MAKERS: Readonly<Record<EarKind, (picks: Picks, scale: Scale) => EarQuestion>> = {
  finished,
  which,
  home,
};

/** Whether a scale can be asked by ear: it has seven notes to a home. */
export function heardIn(scale: Scale): boolean {
  return hasSevenSteps(scale);
}

/** A question by ear in a scale of seven notes, by picks that may be repeated. Throws for another scale. */
export function earQuestion(kind: EarKind, picks: Picks, scale: Scale): EarQuestion {
  if (!heardIn(scale)) throw new RangeError('asked only of scales of seven notes');
  return MAKERS[kind](picks, scale);
}
