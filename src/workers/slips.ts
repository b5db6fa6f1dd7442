import { setQuestions } from '@/core/exercise/set/question';
import { slipFor } from '@/core/exercise/set/slip';
import { setSchool } from '@/core/exercise/set/verdict';
import { wordsOf } from '@/core/words/class-words';
import { slipPages } from '@/engrave/page/slip-pages';
import type { FontBytes } from '@/formats/pdf/fonts';
import { type PdfPage, type PdfWritten, writePdf } from '@/formats/pdf/write';
import type { SlipOf, SlipsQuestion } from './slips-answer';

/** The slips of everybody of whom something is counted, in the order of the class. */
export function slipsFor(question: SlipsQuestion): readonly SlipOf[] {
  const { people, papers, verdicts, decisions, settings, look, head } = question;
  const w = wordsOf(settings);
  const work = { questions: setQuestions(question.questions, settings), papers, verdicts, decisions };
  const school = setSchool(settings, []);
  return people.flatMap(({ id, name }): readonly SlipOf[] => {
    const paper = papers.find(({ person }) => person === id);
    const slip = paper && slipFor(work, paper, school);
    return slip ? [{ person: id, name, pages: slipPages(w, look, { ...head, student: name }, slip) }] : [];
  });
}

export type SlipsPdfQuestion = SlipsQuestion & {
  readonly title: string;
  readonly fonts: FontBytes;
  readonly now: number;
};

/** Slips as one document, each student with a bookmark. */
export async function slipsPdf(
  question: SlipsPdfQuestion,
  onProgress: (done: number, of: number) => void,
): Promise<PdfWritten> {
  const pages = slipsFor(question).flatMap(({ name, pages: own }): readonly PdfPage[] =>
    own.map((scene, at) => ({ scene, bookmark: at === 0 ? name : null })),
  );
  const { title, look, fonts, now } = question;
  return writePdf({ title, language: 'en', pages, grey: look.grey, fonts, now, onPage: onProgress });
}
