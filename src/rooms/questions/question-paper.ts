import { nearest } from '@/core/identify/note-entry';
import { accidentalsOf } from '@/core/scale/signature';
import type { ClassWords } from '@/core/words/class-words';
import { questionWords } from '@/core/words/screen/questions';
import type { PaperItem } from '@/ui/paper/Paper';
import { readQuestion } from '../derive/read-question';
import { answerOf } from './answer';
import { questionText } from './question-words';

const WIDTH = 700;

/** A kept question as a part of a handout: its notes or its signature on a staff, and its working. */
export async function questionItem(w: ClassWords, address: string, title: string): Promise<PaperItem> {
  const reading = readQuestion(address);
  if (!reading) throw new RangeError('an address of a question');
  const { question } = reading;
  const answer = answerOf(w, question);
  const { engraveNotes, engraveSignature } = await import('@/engrave/staff');
  const clef = answer.clefs[0] ?? 'treble';
  const staff =
    question.kind === 'name'
      ? engraveNotes(nearest(question.notes), 'treble', WIDTH)
      : engraveSignature(clef, answer.count, WIDTH);
  return {
    title,
    task: questionText(w, question),
    staff,
    stride: staff,
    method:
      `${questionWords(w).titles[question.kind]}: ${accidentalsOf(answer.count).map(w.note).join(' ')}`.replace(
        /: $/u,
        '',
      ),
    lines: answer.lines.map(({ text, reason }) => (reason ? `${text} ${reason}` : text)),
    proof: [],
  };
}
