import type { Picks } from '../exercise/kinds/making';
import { TRANSPOSING, transposedPitch, transposingInstrument } from '../instrument/transposing';
import { type Quality, qualityOf } from '../note/interval';
import { type Pitch, pitch } from '../note/pitch';
import { type SpelledNote, spelledOrNull } from '../note/spelled';
import { degreeOf } from '../scale/degree';
import type { Scale } from '../scale/scale';
import {
  EAR_KINDS,
  type EarChoice,
  type EarKind,
  type EarQuestion,
  type EarReason,
  earQuestion,
} from './ear';

/** Questions of which one answer is chosen and none is written. */
export const READ_QUIZZES = ['degree-number', 'degree-name', 'degree-note', 'inverted', 'sounding'] as const;

export const QUIZZES = [...READ_QUIZZES, ...EAR_KINDS] as const;

export type QuizId = (typeof QUIZZES)[number];

/** An interval by how many letters it spans, the first one counted, and its quality. */
export type IntervalName = { readonly size: number; readonly quality: Quality };

/** A degree, 1 to 7, and how far it is altered against major, by which its name goes. */
export type DegreeName = { readonly degree: number; readonly alteration: number };

export type QuizChoice =
  | EarChoice
  | { readonly is: 'degree'; readonly degree: number }
  | ({ readonly is: 'degree-name' } & DegreeName)
  | ({ readonly is: 'interval' } & IntervalName);

/** Why the right answer is right. */
export type QuizReason =
  | EarReason
  | ({ readonly is: 'counted'; readonly note: SpelledNote } & DegreeName)
  | {
      readonly is: 'turned-over';
      readonly size: number;
      readonly quality: Quality;
      readonly turned: IntervalName;
    }
  | { readonly is: 'sounds'; readonly written: Pitch; readonly sounds: Pitch; readonly instrument: string };

/** A question that is read, as data: what stands in it. */
export type QuizAsked =
  | { readonly quiz: 'degree-number'; readonly note: SpelledNote }
  | { readonly quiz: 'degree-name'; readonly degree: number }
  | ({ readonly quiz: 'degree-note' } & DegreeName)
  | ({ readonly quiz: 'inverted'; readonly low: SpelledNote; readonly high: SpelledNote } & IntervalName)
  | { readonly quiz: 'sounding'; readonly written: Pitch; readonly instrument: string };

export type Quiz = {
  /** What is asked in words; null where it is heard. */
  readonly asked: QuizAsked | null;
  /** What is heard, with the words that belong to it; null where it is read. */
  readonly heard: EarQuestion | null;
  readonly choices: readonly QuizChoice[];
  /** The place of the right one. */
  readonly right: number;
  readonly reason: QuizReason;
};

/** At most so many choices, the right one among them. */
const MOST_CHOICES = 4;

const isSame = (one: QuizChoice, other: QuizChoice) => JSON.stringify(one) === JSON.stringify(other);

/** The right choice among others, each once, at a place of the picks. */
function among(right: QuizChoice, others: readonly QuizChoice[], picks: Picks) {
  const left = others.filter(
    (each, at) => !isSame(each, right) && others.findIndex((other) => isSame(other, each)) === at,
  );
  const taken: QuizChoice[] = [];
  while (taken.length < MOST_CHOICES - 1 && left.length > 0) {
    const next = picks(left);
    left.splice(left.indexOf(next), 1);
    taken.push(next);
  }
  const at = picks(Array.from({ length: taken.length + 1 }, (_, place) => place));
  return { choices: [...taken.slice(0, at), right, ...taken.slice(at)], right: at };
}

const DEGREES = [1, 2, 3, 4, 5, 6, 7] as const;

const noteAt = ({ ascending }: Scale, degree: number) => ascending[degree - 1] as SpelledNote;

/** A degree of a scale with what its name goes by: only the 7th has two. */
function named(scale: Scale, degree: number): DegreeName {
  const { alteration } = degreeOf(noteAt(scale, degree), scale.tonic);
  return { degree, alteration: degree === 7 ? alteration : 0 };
}

/** All names of degrees that there are. */
const NAMES: readonly DegreeName[] = [
  ...DEGREES.map((degree) => ({ degree, alteration: 0 })),
  { degree: 7, alteration: -1 },
];

function degreeNumber(picks: Picks, scale: Scale): Quiz {
  const degree = picks(DEGREES.slice(1));
  const note = noteAt(scale, degree);
  const others = DEGREES.map((each): QuizChoice => ({ is: 'degree', degree: each }));
  return {
    ...{ asked: { quiz: 'degree-number', note }, heard: null },
    ...among({ is: 'degree', degree }, others, picks),
    reason: { is: 'counted', note, ...named(scale, degree) },
  };
}

function degreeName(picks: Picks, scale: Scale): Quiz {
  const degree = picks(DEGREES);
  const others = NAMES.map((each): QuizChoice => ({ is: 'degree-name', ...each }));
  return {
    ...{ asked: { quiz: 'degree-name', degree }, heard: null },
    ...among({ is: 'degree-name', ...named(scale, degree) }, others, picks),
    reason: { is: 'counted', note: noteAt(scale, degree), ...named(scale, degree) },
  };
}

function degreeNote(picks: Picks, scale: Scale): Quiz {
  const degree = picks(DEGREES.slice(1));
  const note = noteAt(scale, degree);
  const others = DEGREES.map((each): QuizChoice => ({ is: 'note', note: noteAt(scale, each) }));
  return {
    ...{ asked: { quiz: 'degree-note', ...named(scale, degree) }, heard: null },
    ...among({ is: 'note', note }, others, picks),
    reason: { is: 'counted', note, ...named(scale, degree) },
  };
}

const TURNED: Readonly<Record<Quality, Quality>> = {
  perfect: 'perfect',
  major: 'minor',
  minor: 'major',
  augmented: 'diminished',
  diminished: 'augmented',
  'doubly-augmented': 'doubly-diminished',
  'doubly-diminished': 'doubly-augmented',
};

/** Unison, fourth, fifth and octave are perfect where the others are major or minor. */
const ARE_PERFECT: readonly number[] = [1, 4, 5, 8];

/** An interval with its lower note laid an octave higher: the sizes make nine, perfect stays perfect, major and minor change. */
export function turnedOver({ size, quality }: IntervalName): IntervalName {
  return { size: 9 - size, quality: TURNED[quality] };
}

/** Intervals that there are at some size. */
function intervalsOf(size: number): readonly IntervalName[] {
  if (size < 1 || size > 8) return [];
  const plain: readonly Quality[] = ARE_PERFECT.includes(size) ? ['perfect'] : ['major', 'minor'];
  return [...plain, 'augmented' as const, 'diminished' as const]
    .filter((quality) => !(size === 1 && quality === 'diminished'))
    .map((quality) => ({ size, quality }));
}

function inverted(picks: Picks, scale: Scale): Quiz {
  // Perfect ones as often as all others together, since they are what stays.
  const all = DEGREES.map((degree) => ({ degree, high: noteAt(scale, degree) }));
  const perfect = picks([true, false]);
  const fitting = all.filter(({ high }) => (qualityOf(scale.tonic, high) === 'perfect') === perfect);
  const { degree, high } = picks(fitting.length > 0 ? fitting : all);
  const interval = { size: degree, quality: qualityOf(scale.tonic, high) };
  const turned = turnedOver(interval);
  const others = [...intervalsOf(turned.size), ...intervalsOf(turned.size - 1), interval];
  return {
    ...{ asked: { quiz: 'inverted', low: scale.tonic, high, ...interval }, heard: null },
    ...among(
      { is: 'interval', ...turned },
      others.map((each): QuizChoice => ({ is: 'interval', ...each })),
      picks,
    ),
    reason: { is: 'turned-over', ...interval, turned },
  };
}

const OCTAVES = [4, 5];

function sounding(picks: Picks, scale: Scale): Quiz {
  const all = Object.keys(TRANSPOSING).flatMap((instrument) => {
    const { letters, semitones } = transposingInstrument(instrument) ?? { letters: 0, semitones: 0 };
    // Those that are an octave off keep their names, which leaves nothing to choose from.
    if (letters % 7 === 0) return [];
    return scale.ascending.slice(0, 7).flatMap((note) =>
      OCTAVES.flatMap((octave) => {
        const written = pitch(note, octave);
        const sounds = transposedPitch(written, { letters: -letters, semitones: -semitones });
        const away = transposedPitch(written, { letters, semitones });
        return sounds && away ? [{ instrument, written, sounds, away }] : [];
      }),
    );
  });
  const { instrument, written, sounds, away } = picks(all);
  const { letter, alteration } = sounds.note;
  const beside = [alteration - 1, alteration + 1].flatMap((each) => spelledOrNull(letter, each) ?? []);
  const others = [away.note, written.note, ...beside];
  return {
    ...{ asked: { quiz: 'sounding', written, instrument }, heard: null },
    ...among(
      { is: 'note', note: sounds.note },
      others.map((note): QuizChoice => ({ is: 'note', note })),
      picks,
    ),
    reason: { is: 'sounds', written, sounds, instrument },
  };
}

const byEar =
  (kind: EarKind) =>
  (picks: Picks, scale: Scale): Quiz => {
    const heard = earQuestion(kind, picks, scale);
    return { asked: null, heard, choices: heard.choices, right: heard.right, reason: heard.reason };
  };

const MAKERS: Readonly<Record<QuizId, (picks: Picks, scale: Scale) => Quiz>> = {
  'degree-number': degreeNumber,
  'degree-name': degreeName,
  'degree-note': degreeNote,
  inverted,
  sounding,
  finished: byEar('finished'),
  which: byEar('which'),
  home: byEar('home'),
};

/** A quiz in a scale of seven notes; the same picks make the same again. */
export function quizOf(id: QuizId, picks: Picks, scale: Scale): Quiz {
  return MAKERS[id](picks, scale);
}
