import { nearest } from '@/core/identify/note-entry';
import { scaleNamed } from '@/core/scale/scale';
import { isPrintable } from '@/core/scale/signature';
import type { ClassWords } from '@/core/words/class-words';
import { modeKey } from '@/core/words/say-signature';
import { questionWords } from '@/core/words/screen/questions';
import type { Scene } from '@/engrave/scene';
import type { Question } from '@/rooms/address/derive/question';
import { readQuestion } from '@/rooms/address/derive/read-question';
import type { PaperItem } from '@/ui/paper/Paper';
import { answerOf } from './answer';
import { questionText } from './question-words';

const WIDTH = 700;

/** The staff of a question: its notes, its signature, or the signs that were drawn. The engraver is loaded for it. */
export async function staffOf(w: ClassWords, question: Question): Promise<Scene> {
  const { engraveNotes, engraveSignature, engraveSigns } = await import('@/engrave/staff');
  if (question.kind === 'name') return engraveNotes(nearest(question.notes), 'treble', WIDTH);
  if (question.kind === 'key' && question.drawn) return engraveSigns('treble', question.drawn, WIDTH);
  const { clefs, count } = answerOf(w, question);
  if (question.kind === 'signature' && !isPrintable(count)) {
    // The signs stand at the notes, and so the notes are drawn.
    const spelled = scaleNamed(question.tonic, question.scale);
    return engraveNotes(spelled.ok ? nearest(spelled.scale.ascending) : [], 'treble', WIDTH);
  }
  return engraveSignature(clefs[0] ?? 'treble', count, WIDTH);
}

/** A question as a sheet or a part of a handout: its notes or its signature on a staff, its working and its answer. */
export async function questionItem(w: ClassWords, search: string, title: string): Promise<PaperItem> {
  const reading = readQuestion(search);
  if (!reading) throw new RangeError('an address of a question');
  const { question } = reading;
  const { lines, owners, names } = answerOf(w, question);
  const say = questionWords(w);
  const found =
    question.kind === 'key'
      ? { title: say.answer, text: owners.map(({ tonic, mode }) => modeKey(w, tonic, mode)).join(', ') }
      : { title: say.names, text: names.map(({ tonic, scale }) => w.scale(tonic, scale)).join(', ') };
  return {
    title,
    task: questionText(w, question),
    scenes: [await staffOf(w, question)],
    method: say.titles[question.kind],
    lines: lines.map(({ text, reason }) => (reason ? `${text} ${reason}` : text)),
    closing: question.kind === 'signature' || found.text === '' ? null : `${found.title}: ${found.text}.`,
  };
}
