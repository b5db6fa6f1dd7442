import { answersOf } from '../../mark/explain/made';
import { mistakesIn } from '../../mark/mistakes/all';
import { LETTERS } from '../../note/letter';
import { midiOf, type Pitch, pitch } from '../../note/pitch';
import { fifthsOf, noteAtFifths, pitchClass, type SpelledNote, spelledOrNull } from '../../note/spelled';
import { PATTERNS } from '../../scale/pattern';
import { signatureOf } from '../../scale/signature';
import type { Answer } from '../answer';
import { answerCode } from '../code';
import { MOST_WRITTEN, pitchesWritten, type WrittenNote } from '../entry/scale-entry';
import { handIn } from '../hand-in';
import { formOf, keyOf, type MarkQuestion, rightAnswer, taskOf } from '../kinds/all';
import type { MarkSchool } from '../kinds/kind';

/** The answers that can be played: notes in a row, notes at once, one note. */
const PLAYED = ['scale', 'notes', 'pitch'];

/** Whether an answer to a question can be played. */
export function isPlayable(asked: MarkQuestion): boolean {
  return PLAYED.includes(formOf(asked)) && asked.kind !== 'order';
}

/** The spelled notes of an answer that can be played. */
function notesIn(answer: Answer): readonly SpelledNote[] {
  if (answer.is === 'scale') return answer.notes.map(({ note }) => note);
  if (answer.is === 'notes') return answer.notes;
  return answer.is === 'pitch' ? [answer.pitch.note] : [];
}

/** An answer as it would be played, in MIDI numbers (60 is middle C), each note as near to the one before as it can be. */
export function midiOfAnswer(answer: Answer): readonly number[] {
  if (answer.is === 'pitch') return [midiOf(answer.pitch)];
  const written: readonly WrittenNote[] =
    answer.is === 'scale'
      ? answer.notes
      : notesIn(answer).map((note) => ({ note, octave: null, printed: undefined }));
  return pitchesWritten(written).map(midiOf);
}

const sounds = (notes: readonly SpelledNote[], midi: readonly number[]) =>
  notes.length === midi.length && notes.every((note, at) => pitchClass(note) === (midi[at] ?? -1) % 12);

/** The octave in which a spelled note sounds a MIDI number; the note must be of its pitch class. */
function pitchAt(note: SpelledNote, midi: number): Pitch {
  return pitch(note, Math.round((midi - midiOf(pitch(note, 0))) / 12));
}

function answerFrom(
  asked: MarkQuestion,
  notes: readonly SpelledNote[],
  midi: readonly number[],
): Answer | null {
  const pitches = notes.map((note, at) => pitchAt(note, midi[at] ?? 0));
  switch (formOf(asked)) {
    case 'scale':
      return {
        is: 'scale',
        notes: pitches.map(({ note, octave }) => ({ note, octave, printed: undefined })),
      };
    case 'notes':
      return { is: 'notes', notes };
    case 'pitch':
      return pitches[0] ? { is: 'pitch', pitch: pitches[0] } : null;
    default:
      return null;
  }
}

const SEVEN = 7;

/** A row from letter to letter, up or down from the first note, as a scale is meant; null where a sign would be too many. */
function byLetters(first: SpelledNote, midi: readonly number[]): readonly SpelledNote[] | null {
  const start = LETTERS.indexOf(first.letter);
  let place = start;
  const notes: SpelledNote[] = [];
  for (const [at, number] of midi.entries()) {
    if (at > 0) place += Math.sign(number - (midi[at - 1] ?? number));
    const letter = LETTERS[((place % SEVEN) + SEVEN) % SEVEN];
    if (!letter) return null;
    const plain = pitchClass({ ...first, letter, alteration: 0 });
    const away = ((number - plain + 18) % 12) - 6;
    const note = spelledOrNull(letter, away);
    if (!note) return null;
    notes.push(note);
  }
  return notes;
}

/** Each note by the name that lies nearest to a place on the line of fifths. */
function nearOnLine(centre: number, midi: readonly number[]): readonly SpelledNote[] {
  return midi.flatMap((number) => {
    const names = Array.from({ length: 13 }, (_, at) => noteAtFifths(centre + at - 6)).filter(
      (note): note is SpelledNote => note !== null && pitchClass(note) === number % 12,
    );
    const near = names.toSorted((a, b) => Math.abs(fifthsOf(a) - centre) - Math.abs(fifthsOf(b) - centre))[0];
    return near ? [near] : [];
  });
}

/**
 * What was played, judged by its sound: the spellings it may be meant in, the likeliest first. What sounds right is spelled
 * right; what sounds as a habit makes it, as that habit spells it; anything else from letter to letter, and as near to the
 * key as it lies. None where nothing was played.
 *
 * @param midi MIDI numbers in the order in which they were played; at most 32 are taken
 */
export function playedAnswers(
  asked: MarkQuestion,
  midi: readonly number[],
  school: MarkSchool,
): readonly Answer[] {
  const played = midi.slice(0, MOST_WRITTEN);
  if (played.length === 0 || !isPlayable(asked)) return [];
  const right = rightAnswer(asked, school);
  const task = taskOf(asked, school);
  const made = mistakesIn(task.scope).flatMap((mistake) =>
    answersOf(mistake, task).map(({ written }) => notesIn(handIn(asked, written))),
  );
  const key = keyOf(asked);
  const centre = key?.scale ? signatureOf(key.tonic, PATTERNS[key.scale].mode) + 2 : 2;
  const first = notesIn(right)[0];
  const begins = first && pitchClass(first) === (played[0] ?? 0) % 12 ? first : nearOnLine(centre, played)[0];
  const meant = [
    notesIn(right),
    ...made,
    ...(formOf(asked) === 'scale' && begins ? [byLetters(begins, played) ?? []] : []),
    nearOnLine(centre, played),
  ];
  const seen = new Set<string>();
  return meant
    .filter((notes) => sounds(notes, played))
    .flatMap((notes) => answerFrom(asked, notes, played) ?? [])
    .filter((answer) => {
      const code = answerCode(answer);
      if (seen.has(code)) return false;
      seen.add(code);
      return true;
    });
}
