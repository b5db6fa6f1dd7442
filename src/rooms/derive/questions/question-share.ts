import { isPrintable } from '@/core/scale/signature';
import type { ClassWords } from '@/core/words/class-words';
import { modeKey, sayNoSignature } from '@/core/words/say-signature';
import { signCount } from '@/core/words/vocabulary';
import { DERIVE_PATH } from '@/rooms/address/derive/derive-address';
import type { Question } from '@/rooms/address/derive/question';
import { writeQuestion } from '@/rooms/address/derive/write-question';
import { type Shared, SVG_TYPE, shareFile, sharePicture, shareText } from '@/rooms/shell/share-as';
import { answerOf } from './answer';
import { staffOf } from './question-paper';
import type { QuestionWay } from './question-share-list';
import { questionText } from './question-words';

const FILE_NAMES: Readonly<Record<Question['kind'], string>> = {
  key: 'which-key',
  signature: 'signature',
  name: 'what-is-it',
};

async function drawing(w: ClassWords, question: Question): Promise<string> {
  const [{ writeSvg }, staff] = await Promise.all([import('@/formats/svg/write'), staffOf(w, question)]);
  return writeSvg(staff, questionText(w, question), answerText(w, question));
}

/** The question and its answer as plain text for a slide. */
function answerText(w: ClassWords, question: Question): string {
  const { owners, names, count } = answerOf(w, question);
  const found =
    question.kind === 'key'
      ? owners.map(({ tonic, mode }) => modeKey(w, tonic, mode))
      : question.kind === 'name'
        ? names.map(({ tonic, scale }) => w.scale(tonic, scale))
        : [signCount(count), ...(isPrintable(count) ? [] : [sayNoSignature(count)])];
  return [questionText(w, question), found.join(', ')].filter(Boolean).join('\n');
}

/** The working as plain text, one numbered line a step. */
function workingText(w: ClassWords, question: Question): string {
  const lines = answerOf(w, question).lines.map(
    ({ text, reason }, at) => `${at + 1}. ${[text, reason].filter(Boolean).join(' ')}`,
  );
  return [questionText(w, question), ...lines].join('\n');
}

/** Copies or saves a question and its answer. */
export async function shareQuestion(w: ClassWords, id: QuestionWay, question: Question): Promise<Shared> {
  const name = FILE_NAMES[question.kind];
  switch (id) {
    case 'staffPicture':
      return sharePicture(drawing(w, question), name);
    case 'staffSvg':
      return shareFile(`${name}.svg`, SVG_TYPE, await drawing(w, question));
    case 'link':
      return shareText(new URL(DERIVE_PATH + writeQuestion(question), window.location.origin).href, name);
    case 'text':
      return shareText(answerText(w, question), name);
    case 'workingText':
      return shareText(workingText(w, question), name);
  }
}
