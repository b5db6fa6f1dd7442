import { readEnglishNote } from '@/core/note/parse';
import { asciiName, fifths, type SpelledNote } from '@/core/note/spelled';
import { scaleAsked } from '@/core/scale/asked';
import { isPrintable } from '@/core/scale/signature';
import { writeAddress } from './derive-address';
import { type DeriveSentence, FIRST_SENTENCE, fitting } from './derive-sentence';
import type { Question } from './question';

/** What stands where an address leaves something open. */
export const FIRST_QUESTIONS: {
  readonly [Kind in Question['kind']]: Extract<Question, { readonly kind: Kind }>;
} = {
  key: { kind: 'key', fifths: fifths(-4), drawn: null, asked: 'every', rule: null, step: null },
  signature: {
    kind: 'signature',
    tonic: noteOf('Cb'),
    scale: 'major',
    clefs: 'treble',
    step: null,
  },
  name: { kind: 'name', notes: 'F G Ab Bb C Db E F'.split(' ').map(noteOf), step: null },
};

function noteOf(name: string): SpelledNote {
  const reading = readEnglishNote(name);
  if (!reading.ok) throw new RangeError(name);
  return reading.note;
}

/** The query that asks a question, in English ASCII. */
export function writeQuestion(question: Question): string {
  const query = new URLSearchParams({ question: question.kind });
  if (question.kind === 'key') {
    query.set('fifths', String(question.fifths));
    if (question.drawn)
      query.set('drawn', question.drawn.map(({ note, octave }) => `${asciiName(note)}${octave}`).join(' '));
    if (question.asked !== 'every') query.set('asked', question.asked);
    if (question.rule) query.set('rule', question.rule);
  } else if (question.kind === 'signature') {
    query.set('tonic', asciiName(question.tonic));
    query.set('scale', question.scale);
    query.set('clefs', question.clefs);
  } else {
    query.set('notes', question.notes.map(asciiName).join(' '));
  }
  if (question.step !== null) query.set('step', String(question.step));
  return `?${query}`;
}

/** The query of another kind of sentence about the same scale, or null where it is none. */
export function searchOfKind(kind: string, about: DeriveSentence): string | null {
  const reading = scaleAsked(about.tonic, about.scale);
  if (kind === 'build') return writeAddress(fitting(about));
  if (!reading.ok) return null;
  const { id, signature, ascending } = reading.scale;
  switch (kind) {
    case 'key': {
      const count = signature !== null && isPrintable(signature) ? signature : FIRST_QUESTIONS.key.fifths;
      return writeQuestion({ ...FIRST_QUESTIONS.key, fifths: count });
    }
    case 'signature':
      return writeQuestion(
        id ? { ...FIRST_QUESTIONS.signature, tonic: about.tonic, scale: id } : FIRST_QUESTIONS.signature,
      );
    case 'name':
      return writeQuestion({ ...FIRST_QUESTIONS.name, notes: ascending });
    default:
      return null;
  }
}

/** The scale a question is about, as far as it is about one. */
export function aboutOf(question: Question): DeriveSentence {
  if (question.kind !== 'signature') return FIRST_SENTENCE;
  return { ...FIRST_SENTENCE, tonic: question.tonic, scale: question.scale, step: null };
}
