import { MOST_DRAWN, readDrawnOn } from '@/core/identify/drawn-signature';
import { KEY_ASKED, rulesFor } from '@/core/identify/key-of-signature';
import { FEWEST_NOTES, MOST_NOTES } from '@/core/identify/scale-name';
import { readEnglishNote } from '@/core/note/parse';
import { type Pitch, pitch } from '@/core/note/pitch';
import { fifths } from '@/core/note/spelled';
import { NAMED_SCALE_IDS, scaleIdFrom } from '@/core/scale/pattern';
import { isPrintable } from '@/core/scale/signature';
import type { AddressProblem } from '@/core/words/say-address';
import { LONGEST_QUERY, QueryReader } from '../query-reader';
import {
  CLEF_SETS,
  type NameTask,
  type Question,
  questionKind,
  type WhichKey,
  type WriteTask,
} from './question';
import { FIRST_QUESTIONS } from './write-question';

export type QuestionReading = { readonly question: Question; readonly problems: readonly AddressProblem[] };

/** What an address of each kind of question may hold. */
const PARAMETERS = {
  key: ['question', 'fifths', 'drawn', 'asked', 'rule', 'step'],
  signature: ['question', 'tonic', 'scale', 'clefs', 'step'],
  name: ['question', 'notes', 'step'],
} as const;

/**
 * Reads the query of a question. What is left out is taken from its first example; what cannot be read is named, and
 * the rest still holds.
 */
export function readQuestion(search: string): QuestionReading | null {
  const kind = questionKind(search);
  if (!kind) return null;
  if (search.length > LONGEST_QUERY) {
    const problem = { code: 'address-too-long', length: search.length, limit: LONGEST_QUERY } as const;
    return { question: FIRST_QUESTIONS[kind], problems: [problem] };
  }
  const reader = new QueryReader(search, PARAMETERS[kind]);
  const question =
    kind === 'key' ? readKey(reader) : kind === 'signature' ? readWrite(reader) : readName(reader);
  return { question, problems: reader.problems };
}

function readKey(reader: QueryReader): WhichKey {
  const usual = FIRST_QUESTIONS.key.fifths;
  const read = reader.get('fifths');
  const count = fifths(Number(read ?? usual) || 0);
  const fits = (read === null || /^[+-]?\d{1,2}$/u.test(read)) && isPrintable(count);
  const allowed = Array.from({ length: 15 }, (_, at) => String(at - 7));
  if (!fits) reader.notAllowed('fifths', allowed, String(usual));
  const shown = fits ? count : usual;
  const [first, ...others] = rulesFor(shown);
  const wanted = reader.get('rule') !== null && first;
  return {
    kind: 'key',
    fifths: shown,
    drawn: readDrawnSigns(reader),
    asked: reader.choice('asked', KEY_ASKED, 'every'),
    rule: wanted ? reader.choice('rule', [first, ...others], first) : null,
    step: reader.step(),
  };
}

/** Signs drawn on the staff that are no signature: notes with their octaves. Null where there are none. */
function readDrawnSigns(reader: QueryReader): readonly Pitch[] | null {
  const read = reader.get('drawn');
  if (read === null) return null;
  const signs: Pitch[] = [];
  const words = read.split(/[\s,]+/u).filter(Boolean);
  for (const word of reader.first('drawn', words, MOST_DRAWN, 'signs')) {
    const reading = readEnglishNote(word.slice(0, -1));
    const octave = Number(/\d$/u.exec(word)?.[0] ?? Number.NaN);
    if (reading.ok && octave >= 3 && octave <= 6) signs.push(pitch(reading.note, octave));
    else
      reader.wrong(
        'drawn',
        reading.ok
          ? { code: 'choice-unknown', what: 'octave', read: word.slice(0, 20), allowed: ['F#5'] }
          : reading.problem,
        'the others',
      );
  }
  return signs.length === 0 || readDrawnOn(signs, 'treble').ok ? null : signs;
}

function readWrite(reader: QueryReader): WriteTask {
  const { tonic, scale, clefs } = FIRST_QUESTIONS.signature;
  return {
    kind: 'signature',
    tonic: reader.note('tonic', tonic),
    scale: reader.choice('scale', NAMED_SCALE_IDS, scale, (read) => scaleIdFrom(read) ?? read),
    clefs: reader.choice('clefs', CLEF_SETS, clefs),
    step: reader.step(),
  };
}

function readName(reader: QueryReader): NameTask {
  const read = reader.get('notes');
  if (read === null) return { ...FIRST_QUESTIONS.name, step: reader.step() };
  const names = read.split(/[\s,]+/u).filter(Boolean);
  const notes = reader.first('notes', names, MOST_NOTES, 'notes').flatMap((name) => {
    const reading = readEnglishNote(name);
    if (!reading.ok) reader.wrong('notes', reading.problem, 'the others');
    return reading.ok ? [reading.note] : [];
  });
  return { kind: 'name', notes, step: reader.step() };
}

/** Whether there are notes enough to be named. */
export function canBeNamed({ notes }: NameTask): boolean {
  return notes.length >= FEWEST_NOTES;
}
